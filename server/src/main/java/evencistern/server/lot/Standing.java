package evencistern.server.lot;

/** A lot and where it stands in its plan. */
public record Standing(Lot lot, LotState state) {}
