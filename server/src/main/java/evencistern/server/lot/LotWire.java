package evencistern.server.lot;

import com.fasterxml.jackson.annotation.JsonUnwrapped;

/**
 * A lot with where it stands in its plan, as it goes over the wire.
 *
 * @param left of the water that may go before its next watering, the share that is still there; 0–1
 * @param phOff,saltsOff whether its last readings lie off the band of its roots
 */
public record LotWire(@JsonUnwrapped Lot lot, LotState state, double left, boolean phOff, boolean saltsOff) {}
