package evencistern.lot;

import evencistern.chore.Chore;
import evencistern.need.AfterReading;
import evencistern.need.Learning;
import evencistern.need.Lifted;
import evencistern.need.Situation;
import evencistern.reading.Method;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the journal of a lot says that its plan rests on; all in the days of its garden.
 *
 * @param watered,fed,flushed when it last was, the feeds of a programme each
 * @param waterings the last of them since it was moved or repotted, oldest first
 * @param ph,ec what was last read of its roots
 * @param eased what of its feed was left out or weakened after readings
 * @param calendarDays on which the calendar of the garden has it fed
 * @param lifted what a person has decided in spite of the plan
 * @param tended when each kind of other care was last given
 */
public record LotRecord(
        Optional<LocalDate> watered,
        Situation.Fed fed,
        Optional<LocalDate> flushed,
        List<Learning.Watering> waterings,
        Optional<Read> ph,
        Optional<Read> ec,
        List<Eased> eased,
        List<LocalDate> calendarDays,
        Map<Chore, LocalDate> tended,
        Lifted lifted) {

    /**
     * A reading.
     *
     * @param value pH, or mS/cm
     * @param plusMinus of the meter: pH, or per cent of an EC
     */
    public record Read(LocalDate on, Method method, double value, double plusMinus) {}

    /**
     * Feed eased after a reading.
     *
     * @param share it is fed at until the day, 0–1; empty where it is left out
     */
    public record Eased(OptionalDouble share, LocalDate until) {}

    /** What follows for the feed: the longest it is left out, the weakest it is given, the last day of either. */
    AfterReading after(Optional<AfterReading.Salty> salty, Optional<LocalDate> inOrderOn) {
        return new AfterReading(
                salty,
                eased.stream()
                        .filter(e -> e.share().isEmpty())
                        .map(Eased::until)
                        .max(LocalDate::compareTo),
                eased.stream().flatMapToDouble(e -> e.share().stream()).min().orElse(1),
                eased.stream()
                        .filter(e -> e.share().isPresent())
                        .map(Eased::until)
                        .max(LocalDate::compareTo),
                inOrderOn);
    }
}
