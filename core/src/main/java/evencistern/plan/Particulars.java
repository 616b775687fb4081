package evencistern.plan;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is known of one lot beyond its kind, pot, mix and place.
 *
 * @param tallM how tall the plant stands, m, for labels that go by it
 * @param learned what its pots drink against the plan
 * @param drains whether what runs through runs away; from a cachepot, tray or reservoir it does not
 * @param conditions what it is going through, each since a day
 * @param rhythm in which it is fed
 * @param lastFlushed when plain water last ran through in plenty
 * @param reading what follows from its readings
 * @param flushing by what a flush is planned
 */
public record Particulars(
        OptionalDouble tallM,
        Learned learned,
        boolean drains,
        Map<Condition, LocalDate> conditions,
        FeedRhythm rhythm,
        Optional<LocalDate> lastFlushed,
        AfterReading reading,
        Flushing flushing) {
    /** A lot of which nothing more is known. */
    public static final Particulars NONE = new Particulars(
            OptionalDouble.empty(),
            Learned.NOTHING,
            true,
            Map.of(),
            FeedRhythm.LABEL,
            Optional.empty(),
            AfterReading.NOTHING,
            Flushing.BY_RHYTHM);

    /** From whose readings nothing follows, flushed as its kind asks. */
    public Particulars(
            OptionalDouble tallM,
            Learned learned,
            boolean drains,
            Map<Condition, LocalDate> conditions,
            FeedRhythm rhythm,
            Optional<LocalDate> lastFlushed) {
        this(tallM, learned, drains, conditions, rhythm, lastFlushed, AfterReading.NOTHING, Flushing.BY_RHYTHM);
    }

    public Particulars {
        tallM.ifPresent(t -> Faults.require("lot.tall", t, 0.01, 20, "m"));
        conditions = Map.copyOf(conditions);
    }

    public Particulars with(Learned what) {
        return new Particulars(tallM, what, drains, conditions, rhythm, lastFlushed, reading, flushing);
    }

    public Particulars with(AfterReading what) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, lastFlushed, what, flushing);
    }

    public Particulars with(Flushing what) {
        return new Particulars(tallM, learned, drains, conditions, rhythm, lastFlushed, reading, what);
    }

    /** These of a lot so tall. */
    public static Particulars tall(OptionalDouble metres) {
        return new Particulars(metres, Learned.NOTHING, true, Map.of(), FeedRhythm.LABEL, Optional.empty());
    }
}
