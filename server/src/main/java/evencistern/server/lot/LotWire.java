package evencistern.server.lot;

import com.fasterxml.jackson.annotation.JsonUnwrapped;

/**
 * A lot with where it stands in its plan, as it goes over the wire.
 *
 * @param left of the days between its waterings, the share that is still to come; 0–1
 */
public record LotWire(@JsonUnwrapped Lot lot, LotState state, double left) {}
