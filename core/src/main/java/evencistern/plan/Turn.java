package evencistern.plan;

import evencistern.food.FeedFitness;
import evencistern.food.Portion;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Appetite;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/** One course of a lot's programme, and how ready it is as the waterings before the lot come one by one. */
final class Turn {
    /** Of what one feed gives, the share that must have been needed since the last; common practice, no source. */
    private static final double ENOUGH_OF_A_FEED = 0.5;

    private final Course course;
    private final Situation s;
    private final Rhythm rhythm;
    private final boolean coated;
    private final double nitrogenMgPerL;
    private final boolean fits;
    private boolean open;
    private Optional<LocalDate> lastFed;
    /** Waterings since it was last given. */
    private long plain;
    /** The day from which growth and need are added up. */
    private LocalDate since;

    private LotPlan.Binding waited = LotPlan.Binding.FIRST_FEED;

    /**
     * A course as it stands.
     *
     * @param lot of whose programme it is
     * @param dry the watering that comes next
     */
    Turn(Course course, Situation lot, LocalDate today, WaterNeed.Dry dry) {
        this.course = course;
        this.s = lot.of(course);
        this.rhythm = Portion.rhythm(course.feed(), s);
        this.fits = !course.over(today)
                && !(rhythm instanceof Rhythm.Once && givenSincePotting())
                && s.species().appetite() != Appetite.NONE
                && FeedFitness.against(course.feed(), s, today).isEmpty();
        this.open = fits;
        this.coated = course.feed().coated().isPresent();
        this.lastFed = course.lastFed();
        this.since = lastFed.orElse(s.startedOn());
        this.plain = plainSince(dry.days());
        this.nitrogenMgPerL = open && course.feed().rate() instanceof Rate.PerWater rate
                ? Portion.dose(course.feed(), rate, s, dry.on(), dry.days())
                        .mgPerL()
                        .n()
                : 0;
    }

    private boolean givenSincePotting() {
        LocalDate potted = s.repottedOn().orElse(s.startedOn());
        return course.lastFed().filter(f -> !f.isBefore(potted)).isPresent();
    }

    /** Waterings since the last feed, by how far apart they lie now; at least one where any is known of. */
    private long plainSince(int days) {
        if (lastFed.isEmpty() || s.lastWatered().isEmpty()) {
            return 0;
        }
        long gap = s.lastWatered().get().toEpochDay() - lastFed.get().toEpochDay();
        return gap <= 0 ? 0 : Math.max(1, Math.round((double) gap / Math.max(1, days)));
    }

    Course course() {
        return course;
    }

    /** The lot, looked at for this course alone. */
    Situation situation() {
        return s;
    }

    Rhythm rhythm() {
        return rhythm;
    }

    /** Whether any watering to come will carry it. */
    boolean open() {
        return open;
    }

    /** Whether it is given in its rhythm, and nothing holds it back on a day. */
    boolean runs(LocalDate on) {
        return fits && Hold.on(on, s).isEmpty();
    }

    /** The day from which growth and need are added up for it. */
    LocalDate since() {
        return since;
    }

    boolean counts() {
        return !(rhythm instanceof Rhythm.EveryWatering);
    }

    /** Days between two of its feeds, where waterings lie so far apart. */
    double every(int days) {
        return FeedRhythm.days(rhythm, Math.max(1, days));
    }

    /** What keeps it out of a watering. */
    Optional<LotPlan.Binding> against(WaterNeed.Dry dry, Tally tally, WaterNeed need) {
        return tooSoon(dry.on()).or(() -> held(dry.on())).or(() -> unready(dry, tally, need, 1));
    }

    /** Whether a day of the garden's calendar that comes earlier suits it. */
    boolean suits(WaterNeed.Dry dry, Tally tally, WaterNeed need, double share) {
        return tooSoon(dry.on()).isEmpty()
                && unready(dry, tally, need, share).isEmpty()
                && Hold.on(dry.on(), s).isEmpty();
    }

    /** Whether the label's shortest gap since the last feed is not yet over. */
    private Optional<LotPlan.Binding> tooSoon(LocalDate on) {
        if (lastFed.isEmpty()) {
            return Optional.empty();
        }
        boolean waterings = rhythm instanceof Rhythm.EveryWatering with && plain + 1 < with.each();
        int days = Math.max(rhythm instanceof Rhythm.EveryDays window ? window.min() : 0, labelDays(on, s));
        return waterings || on.isBefore(lastFed.get().plusDays(days))
                ? Optional.of(LotPlan.Binding.WATERING_IN_WINDOW)
                : Optional.empty();
    }

    /** Days since the last feed that its label asks for in the month of a day; 0 where it asks for none of its own. */
    static int labelDays(LocalDate day, Situation s) {
        return s.feed()
                .map(f -> f.terms().daysOn(day, s.place().latitude()).orElse(0))
                .orElse(0);
    }

    private Optional<LotPlan.Binding> held(LocalDate on) {
        return Hold.on(on, s).stream().max(Comparator.comparing(Hold::open)).map(LotPlan.Binding::of);
    }

    /**
     * What is not yet there for a feed: growth, or need; empty where both are. A share of what a course would give alone
     * answers that share of the need.
     *
     * @param share of them that will do
     */
    private Optional<LotPlan.Binding> unready(WaterNeed.Dry dry, Tally tally, WaterNeed need, double share) {
        if (lastFed.isEmpty() || !(rhythm instanceof Rhythm.EveryDays window) || coated) {
            return Optional.empty(); // what releases by warmth has waited for growth already
        }
        if (tally.growthDays(since, dry.on()) < share * window.min()) {
            return Optional.of(LotPlan.Binding.SLOW_GROWTH);
        }
        double gives = nitrogenMgPerL * need.pour(dry.missingLitres());
        return course.share() * tally.neededMg(since, dry.on()) < share * ENOUGH_OF_A_FEED * gives
                ? Optional.of(LotPlan.Binding.SMALL_NEED)
                : Optional.empty();
    }

    /** The last day to which the calendar may put it off, where it is ready on a day and goes by days. */
    Optional<LocalDate> latest(LocalDate ready, LocalDate today) {
        if (!(rhythm instanceof Rhythm.EveryDays window) || lastFed.isEmpty()) {
            return Optional.empty();
        }
        LocalDate label = lastFed.get().plusDays(window.max());
        // what is late already waits no longer
        LocalDate later = ready.isAfter(today) ? ready.plusDays(DaysAhead.leeway(window)) : ready;
        return Optional.of(ready.isAfter(label) ? later : label);
    }

    /** The rule that set the day on which it is given: what it waited for, or the label. */
    LotPlan.Binding setBy(LocalDate on) {
        if (rhythm instanceof Rhythm.EveryWatering with) {
            return waited.holds() || waited == LotPlan.Binding.AFTER_DRYING_OUT || waited == LotPlan.Binding.AFTER_FLUSH
                    ? waited
                    : with.each() > 1 ? LotPlan.Binding.COUNTED_WATERING : LotPlan.Binding.EVERY_WATERING;
        }
        if (waited != LotPlan.Binding.FIRST_FEED && waited != LotPlan.Binding.WATERING_IN_WINDOW) {
            return waited;
        }
        if (lastFed.isEmpty()) {
            return LotPlan.Binding.FIRST_FEED;
        }
        return rhythm instanceof Rhythm.EveryDays window
                        && on.isAfter(lastFed.get().plusDays(window.max()))
                ? LotPlan.Binding.NEXT_WATERING
                : LotPlan.Binding.WATERING_IN_WINDOW;
    }

    /** Notes what kept it out of a watering. */
    Optional<LotPlan.Binding> waits(LotPlan.Binding why) {
        waited = why;
        return Optional.of(why);
    }

    /** Notes that a watering was without it. */
    void passed() {
        plain++;
    }

    /** Notes that it was given. */
    void given(LocalDate on) {
        plain = 0;
        open = !(rhythm instanceof Rhythm.Once);
        lastFed = Optional.of(on);
        since = on;
        waited = LotPlan.Binding.WATERING_IN_WINDOW;
    }
}
