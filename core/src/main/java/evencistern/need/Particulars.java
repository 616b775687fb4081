package evencistern.need;

import evencistern.fault.Faults;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.watering.Watering;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is known of one lot beyond its kind, pot, mix and place; {@link #NONE} and then {@code with…} what is known.
 *
 * @param size what is told of how big its plant is
 * @param mixC how warm its mix is, °C, −5 to 45, where that was measured; otherwise as the air
 * @param learned what its pots drink against the plan
 * @param watering how its pots get their water
 * @param conditions what it is going through, each since a day
 * @param lastFlushed when plain water last ran through in plenty
 * @param reading what follows from its readings
 * @param flushing by what a flush is planned
 * @param lifted what a person has decided in spite of the plan
 * @param calendarDays on which the calendar of the garden has it fed, in order; none where each lot goes by its own days
 */
public record Particulars(
        Size.Told size,
        OptionalDouble mixC,
        Learned learned,
        Watering watering,
        Map<Condition, LocalDate> conditions,
        Optional<LocalDate> lastFlushed,
        AfterReading reading,
        Flushing flushing,
        List<LocalDate> calendarDays,
        Lifted lifted) {
    private static final int DAYS_PER_WEEK = 7;
    public static final double COLDEST_C = -5;
    public static final double WARMEST_C = 45;
    /** A rest that was told of is that of its year. */
    private static final int ONE_REST_DAYS = 300;

    /** A lot of which nothing more is known. */
    public static final Particulars NONE = new Particulars(
            Size.Told.NOTHING,
            OptionalDouble.empty(),
            Learned.NOTHING,
            Watering.POURED,
            Map.of(),
            Optional.empty(),
            AfterReading.NOTHING,
            Flushing.BY_RHYTHM,
            List.of(),
            Lifted.NOTHING);

    /** Poured on from above, from whose readings nothing follows, flushed as its kind asks, on no calendar. */
    public Particulars(
            Size.Told size,
            Learned learned,
            boolean drains,
            Map<Condition, LocalDate> conditions,
            Optional<LocalDate> lastFlushed) {
        this(
                size,
                OptionalDouble.empty(),
                learned,
                Watering.poured(drains),
                conditions,
                lastFlushed,
                AfterReading.NOTHING,
                Flushing.BY_RHYTHM,
                List.of(),
                Lifted.NOTHING);
    }

    public Particulars {
        mixC.ifPresent(c -> Faults.require("lot.mix_warmth", c, COLDEST_C, WARMEST_C, "°C"));
        conditions = Map.copyOf(conditions);
        calendarDays = calendarDays.stream().sorted().toList();
    }

    public Particulars with(Learned what) {
        return new Particulars(
                size, mixC, what, watering, conditions, lastFlushed, reading, flushing, calendarDays, lifted);
    }

    public Particulars with(AfterReading what) {
        return new Particulars(
                size, mixC, learned, watering, conditions, lastFlushed, what, flushing, calendarDays, lifted);
    }

    public Particulars with(Flushing what) {
        return new Particulars(
                size, mixC, learned, watering, conditions, lastFlushed, reading, what, calendarDays, lifted);
    }

    /** In a mix of this warmth. */
    public Particulars inMixOf(OptionalDouble celsius) {
        return new Particulars(
                size, celsius, learned, watering, conditions, lastFlushed, reading, flushing, calendarDays, lifted);
    }

    /** Watered in another way. */
    public Particulars with(Watering what) {
        return new Particulars(
                size, mixC, learned, what, conditions, lastFlushed, reading, flushing, calendarDays, lifted);
    }

    /** Whether what runs through its pots runs away and takes salt along. */
    public boolean drains() {
        return watering.drains();
    }

    /** Last flushed on a day. */
    public Particulars flushed(Optional<LocalDate> on) {
        return new Particulars(size, mixC, learned, watering, conditions, on, reading, flushing, calendarDays, lifted);
    }

    /** Fed on these days, as far as each suits it. */
    public Particulars onCalendar(List<LocalDate> days) {
        return new Particulars(size, mixC, learned, watering, conditions, lastFlushed, reading, flushing, days, lifted);
    }

    /** With what a person has decided in spite of the plan. */
    public Particulars lifting(Lifted what) {
        return new Particulars(
                size, mixC, learned, watering, conditions, lastFlushed, reading, flushing, calendarDays, what);
    }

    /** Whether it is fed as if it grew: what keeps it at rest is lifted for a day. */
    public boolean fedAtRest(LocalDate day) {
        for (Hold hold : lifted.holds().keySet()) {
            if (hold.rests() && lifted.on(hold, day)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it was told to rest within the year before a day. */
    boolean restTold(LocalDate date) {
        LocalDate since = conditions.get(Condition.RESTING);
        return since != null && !date.isBefore(since) && date.isBefore(since.plusDays(ONE_REST_DAYS));
    }

    /** Whether it was told to rest, and its kind's weeks of rest are not over on a day. */
    boolean restsOn(LocalDate date, Species species) {
        LocalDate since = conditions.get(Condition.RESTING);
        return since != null
                && !date.isBefore(since)
                && date.isBefore(since.plusDays(Math.round(species.traits().number(Trait.REST_WEEKS) * DAYS_PER_WEEK)));
    }

    /** How tall the plant stands, m, for labels that go by it. */
    public OptionalDouble tallM() {
        return size.heightM();
    }

    /** These of a lot so big. */
    public static Particulars sized(Size.Told told) {
        return new Particulars(told, Learned.NOTHING, true, Map.of(), Optional.empty());
    }
}
