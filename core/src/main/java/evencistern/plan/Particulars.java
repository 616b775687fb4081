package evencistern.plan;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is known of one lot beyond its kind, pot, mix and place; {@link #NONE} and then {@code with…} what is known.
 *
 * @param tallM how tall the plant stands, m, for labels that go by it
 * @param learned what its pots drink against the plan
 * @param drains whether what runs through runs away; from a cachepot, tray or reservoir it does not
 * @param conditions what it is going through, each since a day
 * @param rhythm in which it is fed
 * @param lastFlushed when plain water last ran through in plenty
 * @param reading what follows from its readings
 * @param flushing by what a flush is planned
 * @param calendarDays on which the calendar of the garden has it fed, in order; none where each lot goes by its own days
 */
public record Particulars(
        OptionalDouble tallM,
        Learned learned,
        boolean drains,
        Map<Condition, LocalDate> conditions,
        FeedRhythm rhythm,
        Optional<LocalDate> lastFlushed,
        AfterReading reading,
        Flushing flushing,
        List<LocalDate> calendarDays) {
    /** A lot of which nothing more is known. */
    public static final Particulars NONE = new Particulars(
            OptionalDouble.empty(),
            Learned.NOTHING,
            true,
            Map.of(),
            FeedRhythm.LABEL,
            Optional.empty(),
            AfterReading.NOTHING,
            Flushing.BY_RHYTHM,
            List.of());

    /** From whose readings nothing follows, flushed as its kind asks, on no calendar. */
    public Particulars(
            OptionalDouble tallM,
            Learned learned,
            boolean drains,
            Map<Condition, LocalDate> conditions,
            FeedRhythm rhythm,
            Optional<LocalDate> lastFlushed) {
        this(
                tallM,
                learned,
                drains,
                conditions,
                rhythm,
                lastFlushed,
                AfterReading.NOTHING,
                Flushing.BY_RHYTHM,
                List.of());
    }

    public Particulars {
        tallM.ifPresent(t -> Faults.require("lot.tall", t, 0.01, 20, "m"));
        conditions = Map.copyOf(conditions);
        calendarDays = calendarDays.stream().sorted().toList();
    }

    public Particulars with(Learned what) {
        return new Particulars(tallM, what, drains, conditions, rhythm, lastFlushed, reading, flushing, calendarDays);
    }

    public Particulars with(AfterReading what) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, lastFlushed, what, flushing, calendarDays);
    }

    public Particulars with(Flushing what) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, lastFlushed, reading, what, calendarDays);
    }

    /** Last flushed on a day. */
    public Particulars flushed(Optional<LocalDate> on) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, on, reading, flushing, calendarDays);
    }

    /** Fed on these days, as far as each suits it. */
    public Particulars onCalendar(List<LocalDate> days) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, lastFlushed, reading, flushing, days);
    }

    /** These of a lot so tall. */
    public static Particulars tall(OptionalDouble metres) {
        return new Particulars(metres, Learned.NOTHING, true, Map.of(), FeedRhythm.LABEL, Optional.empty());
    }
}
