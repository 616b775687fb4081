package evencistern.plan;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What follows for a lot from its readings.
 *
 * @param salty what its last reading said, if that was of more salt than its band
 * @param noFeedUntil no feed before this day, if that was decided after a reading
 * @param share of its strength that it is fed at, above 0 and at most 1
 * @param shareUntil the day from which it is fed at full strength again
 */
public record AfterReading(
        Optional<Salty> salty, Optional<LocalDate> noFeedUntil, double share, Optional<LocalDate> shareUntil) {
    /**
     * More salt than the band.
     *
     * @param on the day of the reading
     * @param litres of plain water that bring a pot back, where that is known
     */
    public record Salty(LocalDate on, OptionalDouble litres) {}

    /** Nothing follows. */
    public static final AfterReading NOTHING =
            new AfterReading(Optional.empty(), Optional.empty(), 1, Optional.empty());

    public AfterReading {
        Faults.require("share", share * 100, 1, 100, "%");
    }

    /** The share of its strength on a day. */
    double shareOn(LocalDate day) {
        return shareUntil.filter(day::isBefore).isPresent() ? share : 1;
    }

    /** Whether it is not fed on a day. */
    boolean holdsOn(LocalDate day) {
        return noFeedUntil.filter(day::isBefore).isPresent();
    }
}
