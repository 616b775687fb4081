package evencistern.plan;

import evencistern.feed.Feed;
import evencistern.food.FeedFitness;
import evencistern.food.Portion;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Appetite;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The waterings that lie before a lot, one after the other.
 *
 * <p><b>Answers</b> on which days is this lot watered from now on, what has a pot lost by then, and which of them carry feed or
 * are a flush?
 * <p><b>Formula</b> watering: the last day on which Σ use still is at most what may go, at least a day after the one before.
 * Feed: at the first watering, not before the label's shortest gap, at which Σ growth has come to that gap in days of full
 * growth, and the nitrogen needed since the last feed to half of what one feed gives; never while a hold lasts, nor at a watering
 * that must be plain. Where the label counts waterings, so many after the last feed; where it is given once, not again
 * before fresh mix; in months in which it feeds less often, no sooner than that. A day of the garden's calendar is taken instead where it differs by at most a quarter of the label's longest gap, the label's
 * shortest gap is kept and the pot is at least half dry
 * <p><b>Units</b> days; L missing in one pot; mg of nitrogen
 * <p><b>Valid for</b> days of known weather, and the average year after them; nothing done meanwhile but what is planned
 * <p><b>Source</b> [COMMON] the label's rhythm is the most often; feed follows growth and goes with water
 * <p><b>Checked by</b> DaysAheadTest
 */
final class DaysAhead {
    /** The share of what may go that must be gone for a watering to be brought forward. */
    static final double HALF_DRY = 0.5;
    /** By how much a calendar may move a feed, as a share of the time since the last. */
    static final double CALENDAR_LEEWAY = 0.25;

    /** Of what one feed gives, the share that must have been needed since the last; common practice, no source. */
    private static final double ENOUGH_OF_A_FEED = 0.5;

    /** Days by which a calendar may put off a feed that is ready, where the label's window is over. */
    static long leeway(Rhythm.EveryDays window) {
        return Math.round(CALENDAR_LEEWAY * window.max());
    }

    /** What a watering is. */
    enum Kind {
        PLAIN,
        FLUSH,
        FEED
    }

    /**
     * A watering to come.
     *
     * @param missingLitres from one pot by then
     * @param waits what kept feed out of it, or set its day if it carries feed; empty for a lot without feed
     */
    record Watering(LocalDate on, double missingLitres, Kind kind, Optional<LotPlan.Binding> waits) {}

    private final Situation s;
    private final LocalDate today;
    private final PotWater water;
    private final WaterNeed need;
    private boolean fed;
    private final boolean coated;
    private final Rhythm rhythm;
    private final double nitrogenMgPerL;
    private final double needMgPerL;
    private final List<LocalDate> calendar;
    private final boolean driedOut;

    private Optional<LocalDate> watered;
    private Optional<LocalDate> lastFed;
    private Optional<LocalDate> flushOn;
    private LotPlan.Binding waited = LotPlan.Binding.FIRST_FEED;
    private boolean first = true;
    /** Waterings since the last feed. */
    private long plain;

    /** The day up to which growth and need since the last feed are added up. */
    private LocalDate counted;

    private double growthDays;
    private double neededMg;

    /**
     * The days ahead of a lot as it stands.
     *
     * @param today what is late by then is done then
     * @param calendar days on which the garden's calendar has it fed; none for its own days
     */
    DaysAhead(Situation s, LocalDate today, PotWater water, WaterNeed need, List<LocalDate> calendar) {
        this.s = s;
        this.today = today;
        this.water = water;
        this.need = need;
        this.calendar = calendar;
        this.rhythm = s.feed().map(f -> Portion.rhythm(f, s)).orElse(new Rhythm.EveryWatering());
        this.fed = s.feed().isPresent()
                && !(rhythm instanceof Rhythm.Once && givenSincePotting(s))
                && s.species().appetite() != Appetite.NONE
                && FeedFitness.against(s.feed().get(), s).isEmpty();
        this.coated = s.feed().flatMap(Feed::coated).isPresent();
        this.driedOut = LotPlan.driedOut(s);
        this.watered = s.lastWatered();
        this.lastFed = s.lastFed();
        this.counted = s.lastFed().orElse(s.startedOn());
        WaterNeed.Dry dry = dryDown();
        this.plain = plainSince(s, dry.days());
        this.flushOn = LotPlan.flush(s, water, need, dry.on()).map(LotPlan.Flush::on);
        this.needMgPerL = s.species().appetite().nitrogenMgPerL();
        this.nitrogenMgPerL = s.feed()
                .filter(f -> fed && f.rate() instanceof Rate.PerWater)
                .map(f -> nitrogen(f, (Rate.PerWater) f.rate(), dry))
                .orElse(0.0);
    }

    /** The days ahead of a lot as it stands, on its garden's calendar. */
    static DaysAhead of(Situation s, LocalDate today) {
        return of(s, today, s.particulars().calendarDays());
    }

    /** The same on such a calendar. */
    static DaysAhead of(Situation s, LocalDate today, List<LocalDate> calendar) {
        PotWater water = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(water, s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        return new DaysAhead(s, today, water, need, calendar);
    }

    private static boolean givenSincePotting(Situation s) {
        LocalDate potted = s.repottedOn().orElse(s.startedOn());
        return s.lastFed().filter(f -> !f.isBefore(potted)).isPresent();
    }

    /** Waterings since the last feed, by how far apart they lie now; at least one where any is known of. */
    private static long plainSince(Situation s, int days) {
        if (s.lastFed().isEmpty() || s.lastWatered().isEmpty()) {
            return 0;
        }
        long since = s.lastWatered().get().toEpochDay() - s.lastFed().get().toEpochDay();
        return since <= 0 ? 0 : Math.max(1, Math.round((double) since / Math.max(1, days)));
    }

    /** Whether any of them will carry feed. */
    boolean fed() {
        return fed;
    }

    private double nitrogen(Feed feed, Rate.PerWater rate, WaterNeed.Dry dry) {
        return Portion.dose(feed, rate, s, dry.on(), dry.days()).mgPerL().n();
    }

    /** The next watering; they never end. */
    Watering next() {
        WaterNeed.Dry dry = dryDown();
        Optional<WaterNeed.Dry> forward = chosen(dry);
        Watering next = forward.isPresent()
                ? new Watering(
                        forward.get().on(),
                        forward.get().missingLitres(),
                        Kind.FEED,
                        Optional.of(LotPlan.Binding.CALENDAR_DAY))
                : at(dry);
        watered = Optional.of(next.on());
        first = false;
        if (next.kind() == Kind.FLUSH) {
            flushOn = s.particulars().flushing().byAccount()
                    ? Optional.empty()
                    : LotPlan.flushAfter(next.on(), s, water, need).map(due -> LotPlan.awake(due, s));
        }
        plain = next.kind() == Kind.FEED ? 0 : plain + 1;
        if (next.kind() == Kind.FEED) {
            fed = !(rhythm instanceof Rhythm.Once);
            lastFed = Optional.of(next.on());
            counted = next.on();
            growthDays = 0;
            neededMg = 0;
            waited = LotPlan.Binding.WATERING_IN_WINDOW;
        }
        return next;
    }

    /** The next watering on its own day; one that is late is done now. */
    private WaterNeed.Dry dryDown() {
        WaterNeed.Dry dry = watered.map(need::dryDown).orElseGet(() -> need.unwatered(s.startedOn()));
        return dry.on().isBefore(today)
                ? new WaterNeed.Dry(
                        today,
                        dry.days(),
                        watered.map(w -> need.deficit(w, today)).orElse(need.usableLitres()))
                : dry;
    }

    /** The watering that falls on its own day. */
    private Watering at(WaterNeed.Dry dry) {
        Optional<LotPlan.Binding> plain = plainFirst(dry.on());
        if (!fed) {
            return new Watering(
                    dry.on(), dry.missingLitres(), flushes(dry.on()) ? Kind.FLUSH : Kind.PLAIN, Optional.empty());
        }
        count(dry.on());
        Optional<LotPlan.Binding> against =
                tooSoon(dry.on()).or(() -> held(dry.on())).or(() -> unready(dry, 1));
        if (plain.isPresent()) {
            // a feed that was not yet wanted is not kept waiting by plain water
            waited = against.orElse(plain.get());
            return new Watering(
                    dry.on(), dry.missingLitres(), flushes(dry.on()) ? Kind.FLUSH : Kind.PLAIN, Optional.of(waited));
        }
        if (against.isPresent()) {
            waited = against.get();
            return new Watering(dry.on(), dry.missingLitres(), Kind.PLAIN, Optional.of(waited));
        }
        if (waitsForCalendar(dry.on())) {
            waited = LotPlan.Binding.CALENDAR_DAY;
            return new Watering(dry.on(), dry.missingLitres(), Kind.PLAIN, Optional.of(waited));
        }
        return new Watering(dry.on(), dry.missingLitres(), Kind.FEED, Optional.of(setBy(dry.on())));
    }

    /** The rule that set the day of a feed: what it waited for, or the label. */
    private LotPlan.Binding setBy(LocalDate on) {
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

    private boolean flushes(LocalDate on) {
        return flushOn.filter(f -> !f.isAfter(on)).isPresent();
    }

    private Optional<LotPlan.Binding> plainFirst(LocalDate on) {
        if (first && driedOut) {
            return Optional.of(LotPlan.Binding.AFTER_DRYING_OUT);
        }
        return flushes(on) ? Optional.of(LotPlan.Binding.AFTER_FLUSH) : Optional.empty();
    }

    /** Adds up what grew and was needed since the last feed, up to a day. */
    private void count(LocalDate to) {
        if (rhythm instanceof Rhythm.EveryWatering) {
            return;
        }
        for (; counted.isBefore(to); counted = counted.plusDays(1)) {
            LocalDate day = counted.plusDays(1);
            double growth = s.particulars().fedAtRest(day)
                    ? 1
                    : Growth.on(day, s.species(), s.place()).factor();
            growthDays += growth;
            neededMg += needMgPerL * need.useOn(day) * growth;
        }
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

    /** Days since the last feed that the label asks for in the month of a day; 0 where it asks for none of its own. */
    static int labelDays(LocalDate day, Situation s) {
        return s.feed()
                .map(f -> f.terms().daysOn(day, s.place().latitude()).orElse(0))
                .orElse(0);
    }

    /**
     * What is not yet there for a feed: growth, or need; empty where both are.
     *
     * @param share of them that will do
     */
    private Optional<LotPlan.Binding> unready(WaterNeed.Dry dry, double share) {
        if (lastFed.isEmpty() || !(rhythm instanceof Rhythm.EveryDays window) || coated) {
            return Optional.empty(); // what releases by warmth has waited for growth already
        }
        if (growthDays < share * window.min()) {
            return Optional.of(LotPlan.Binding.SLOW_GROWTH);
        }
        double gives = nitrogenMgPerL * need.pour(dry.missingLitres());
        return neededMg < share * ENOUGH_OF_A_FEED * gives ? Optional.of(LotPlan.Binding.SMALL_NEED) : Optional.empty();
    }

    private Optional<LotPlan.Binding> held(LocalDate on) {
        return Hold.on(on, s).stream()
                .max(java.util.Comparator.comparing(Hold::open))
                .map(LotPlan.Binding::of);
    }

    /** Whether the calendar has a day for this feed that comes soon enough after the one on which it is ready. */
    private boolean waitsForCalendar(LocalDate ready) {
        if (!(rhythm instanceof Rhythm.EveryDays window) || lastFed.isEmpty()) {
            return false;
        }
        LocalDate label = lastFed.get().plusDays(window.max());
        // what is late already waits no longer
        LocalDate later = ready.isAfter(today) ? ready.plusDays(leeway(window)) : ready;
        LocalDate latest = ready.isAfter(label) ? later : label;
        return calendar.stream()
                .anyMatch(c ->
                        c.isAfter(ready) && !c.isAfter(latest) && Hold.on(c, s).isEmpty());
    }

    /** A day of the calendar that comes no later than the watering that lies before the lot, if it suits. */
    private Optional<WaterNeed.Dry> chosen(WaterNeed.Dry natural) {
        if (!fed
                || watered.isEmpty()
                || !(rhythm instanceof Rhythm.EveryDays)
                || plainFirst(natural.on()).isPresent()) {
            return Optional.empty();
        }
        LocalDate since = watered.get();
        for (LocalDate day : calendar) {
            if (day.isAfter(since) && !day.isAfter(natural.on())) {
                WaterNeed.Dry dry =
                        new WaterNeed.Dry(day, (int) (day.toEpochDay() - since.toEpochDay()), need.deficit(since, day));
                boolean dryEnough = day.equals(natural.on()) || dry.missingLitres() >= HALF_DRY * need.usableLitres();
                count(day);
                if (dryEnough
                        && tooSoon(day).isEmpty()
                        && unready(dry, 1 - CALENDAR_LEEWAY).isEmpty()
                        && Hold.on(day, s).isEmpty()) {
                    return Optional.of(dry);
                }
            }
        }
        return Optional.empty();
    }
}
