package evencistern.need;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * By what plain water in plenty is planned for a lot.
 *
 * @param byAccount once its salt account passes the band, and not after the kind's weeks
 * @param on the day on which it does, if that is within a year
 * @param litres that bring one drained pot back, where that is known
 */
public record Flushing(boolean byAccount, Optional<LocalDate> on, OptionalDouble litres) {
    /** After so many weeks, as the kind asks. */
    public static final Flushing BY_RHYTHM = new Flushing(false, Optional.empty(), OptionalDouble.empty());

    public Flushing {
        litres.ifPresent(l -> Faults.require("flush.litres", l, 0, 1500 * 10, "L"));
    }
}
