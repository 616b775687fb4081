package evencistern.server.lot;

/** A lot and where it stands in its plan. */
public record LotWithState(Lot lot, LotState state) {}
