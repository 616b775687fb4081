package evencistern.need;

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
 * @param inOrderOn the day of its last reading, if its salts were not above the band
 * @param shareUntil the day from which it is fed at full strength again
 */
public record AfterReading(
        Optional<Salty> salty,
        Optional<LocalDate> noFeedUntil,
        double share,
        Optional<LocalDate> shareUntil,
        Optional<LocalDate> inOrderOn) {
    /**
     * More salt than the band.
     *
     * @param on the day of the reading
     * @param litres of plain water that bring a pot back, where that is known
     */
    public record Salty(LocalDate on, OptionalDouble litres) {}

    /** Nothing follows. */
    public static final AfterReading NOTHING =
            new AfterReading(Optional.empty(), Optional.empty(), 1, Optional.empty(), Optional.empty());

    public AfterReading {
        Faults.require("share", share * 100, 1, 100, "%");
    }

    /** The share of its strength on a day. */
    public double shareOn(LocalDate day) {
        return shareUntil.filter(day::isBefore).isPresent() ? share : 1;
    }

    /**
     * Whether its feed is left out because its last reading was above the band, unless a day for it was decided on, or it was
     * repotted since.
     */
    boolean tooSaltyToFeed(LocalDate day, Optional<LocalDate> repotted) {
        return noFeedUntil.isEmpty()
                && salty.filter(read -> !day.isBefore(read.on())
                                && repotted.filter(r -> r.isAfter(read.on())).isEmpty())
                        .isPresent();
    }

    /** Whether it is not fed on a day. */
    boolean holdsOn(LocalDate day) {
        return noFeedUntil.filter(day::isBefore).isPresent();
    }
}
