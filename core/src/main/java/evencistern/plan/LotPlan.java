package evencistern.plan;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.plant.Appetite;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

/**
 * When a lot is next watered and fed, and which rule says so.
 *
 * <p><b>Answers</b> when is the next watering, when the next feed, and why then?
 * <p><b>Formula</b> water: last watering + days of the water need. Feed: of the watering days between last feed + the
 * label's shortest and longest gap, the one nearest to longest − growth · (longest − shortest); a hold moves it to the
 * first free day; a flush, or plain water after drying out, comes first. Flush: last one + the kind's weeks, where nothing drains at most 4, and
 * not while the plant rests, or once the salt account passes the band; at once after a reading above it; twice the water the
 * pot holds, which leaves 14 % of the salt if all mixes
 * <p><b>Units</b> days
 * <p><b>Valid for</b> any last dates; missed work stays due once, it is never doubled
 * <p><b>Source</b> [COMMON] feed on a watering day, inside the label's window, as growth asks
 * <p><b>Checked by</b> CareTest
 *
 * @param flush empty for kinds that want none
 * @param nextFeed empty where the lot has no feed, or takes none at the roots
 */
public record LotPlan(
        PotWater potWater,
        WaterNeed need,
        WaterNeed.Days days,
        LocalDate nextWater,
        Optional<FeedDate> nextFeed,
        Optional<Flush> flush) {
    private static final int FLUSH_UNDRAINED_DAYS = 28;
    private static final double FLUSH_WATERS = 2;

    private static final int LOOK_AHEAD_DAYS = 400;

    /** The rule that set a feed's date. */
    public enum Binding {
        EVERY_WATERING,
        FIRST_FEED,
        WATERING_IN_WINDOW,
        RHYTHM_LATEST,
        AFTER_FLUSH,
        AFTER_DRYING_OUT,
        CALENDAR_DAY,
        HOLD_COLD,
        HOLD_DARK,
        HOLD_DORMANT,
        HOLD_FROST_NEAR,
        HOLD_REPOTTED,
        HOLD_FLOWERING,
        HOLD_FRUIT_SET,
        HOLD_GRAFTED,
        HOLD_SICK,
        HOLD_READING;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static Binding of(Hold hold) {
            return valueOf("HOLD_" + hold.name());
        }
    }

    /**
     * A feed's date with its window.
     *
     * @param earliest,latest the label's window, before any hold
     * @param held what holds it back from the day it would have been, each until a day; the binding one lasts longest
     */
    public record FeedDate(LocalDate date, Binding binding, LocalDate earliest, LocalDate latest, List<Held> held) {
        FeedDate(LocalDate date, Binding binding, LocalDate earliest, LocalDate latest) {
            this(date, binding, earliest, latest, List.of());
        }

        /** On the day that the calendar chose, if it lies in the window and nothing holds the feed back then; else as it is. */
        public FeedDate onDay(LocalDate day, Situation s) {
            boolean fits = !day.isBefore(earliest)
                    && !day.isAfter(latest)
                    && Hold.on(day, s).isEmpty();
            return fits ? new FeedDate(day, Binding.CALENDAR_DAY, earliest, latest, held) : this;
        }
    }

    /** A hold, and the first day on which it no longer holds; empty where the person will say so. */
    public record Held(Hold hold, Optional<LocalDate> until) {}

    /**
     * Plain water in plenty, to carry off salt.
     *
     * @param on from this day on
     * @param litres for one pot
     * @param asker what asks for it
     */
    public record Flush(LocalDate on, double litres, Asker asker) {
        /** Who asks: the weeks of the kind, the last reading, or the salt account. */
        public enum Asker {
            RHYTHM,
            READING,
            ACCOUNT;

            public String id() {
                return name().toLowerCase(java.util.Locale.ROOT);
            }
        }
    }

    /** Works the plan out; the same situation always gives the same plan, whatever the day it is asked. */
    public static LotPlan of(Situation s, Working working) {
        PotWater potWater = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(potWater, s.pot(), s.species(), s.place(), s.particulars(), working);
        LocalDate from = s.lastWatered().orElse(s.startedOn());
        need.useOn(from.plusDays(1), working);
        WaterNeed.Days days = need.daysAfter(from, working);
        LocalDate nextWater = s.lastWatered().isPresent() ? from.plusDays(days.likely()) : s.startedOn();
        working.step(
                "plan.next_water",
                "next = last watering + days",
                s.lastWatered().isPresent() ? days.likely() : 0,
                Unit.DAY,
                "COMMON",
                earlier("days", days.likely(), Unit.DAY, "water.days"));
        Optional<Flush> flush = flush(s, potWater, nextWater);
        Optional<Binding> plainFirst = driedOut(s)
                ? Optional.of(Binding.AFTER_DRYING_OUT)
                : flush.filter(f -> !f.on().isAfter(nextWater)).map(f -> Binding.AFTER_FLUSH);
        Optional<FeedDate> nextFeed = s.feed()
                .filter(f -> s.species().appetite() != Appetite.NONE)
                .map(f -> feedDate(f, s, new Waterings(nextWater, days.likely(), plainFirst), working));
        return new LotPlan(potWater, need, days, nextWater, nextFeed, flush);
    }

    /** The waterings to come: the first, the days between, and why the first is of plain water, where it must be. */
    private record Waterings(LocalDate first, int gap, Optional<Binding> plainFirst) {
        LocalDate fed() {
            return plainFirst.isPresent() ? first.plusDays(gap) : first;
        }
    }

    /** Whether it was told that the pot dried right out and it has not been watered since. */
    private static boolean driedOut(Situation s) {
        LocalDate since = s.particulars().conditions().get(Condition.DRIED_OUT);
        return since != null && s.lastWatered().filter(w -> !w.isBefore(since)).isEmpty();
    }

    /** Days between flushes; empty for kinds that want none. */
    static Optional<Integer> flushEvery(Situation s) {
        int days = s.species().flushDays();
        return days == 0
                ? Optional.empty()
                : Optional.of(s.particulars().drains() ? days : Math.min(days, FLUSH_UNDRAINED_DAYS));
    }

    /** When salt was last carried off: by a flush, by fresh mix, or not since it was put up. */
    static LocalDate lastFlushed(Situation s) {
        return Stream.of(s.particulars().lastFlushed(), s.repottedOn(), Optional.of(s.startedOn()))
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The next flush, if one is planned; by the weeks of its kind it is not before a day. */
    static Optional<Flush> flush(Situation s, PotWater water, LocalDate earliest) {
        double litres = FLUSH_WATERS * water.capacity() * water.mixLitres();
        // a reading of too much salt is answered at once, unless plain water or fresh mix came since
        Optional<AfterReading.Salty> salty = s.particulars()
                .reading()
                .salty()
                .filter(read -> s.particulars()
                        .lastFlushed()
                        .filter(f -> !f.isBefore(read.on()))
                        .isEmpty())
                .filter(read -> s.repottedOn().filter(r -> r.isAfter(read.on())).isEmpty());
        // what the reading asks for is for a drained pot: by the next watering it has dried out by so much
        double dried = water.availableLitres() * s.species().depletion();
        Flushing by = s.particulars().flushing();
        if (salty.isPresent()) {
            return Optional.of(
                    new Flush(salty.get().on(), asked(salty.get().litres(), dried, litres), Flush.Asker.READING));
        }
        if (by.byAccount()) {
            return by.on().map(on -> new Flush(on, asked(by.litres(), dried, litres), Flush.Asker.ACCOUNT));
        }
        return flushEvery(s)
                .map(every -> lastFlushed(s).plusDays(every))
                .map(due -> {
                    LocalDate day = due.isBefore(earliest) ? earliest : due;
                    return restsOn(day, s) ? awake(day, s) : due;
                })
                .map(on -> new Flush(on, litres, Flush.Asker.RHYTHM));
    }

    /** What is asked for of a drained pot, for one that has dried out by so much; the usual where nothing is known. */
    private static double asked(OptionalDouble drained, double dried, double usual) {
        return drained.isPresent() ? drained.getAsDouble() + dried : usual;
    }

    private static boolean restsOn(LocalDate day, Situation s) {
        return Hold.on(day, s).stream().anyMatch(Hold::rests);
    }

    /** The first day from one on at which the plant does not rest: wet roots in the cold do more harm than a little salt. */
    static LocalDate awake(LocalDate from, Situation s) {
        for (int i = 0; i < LOOK_AHEAD_DAYS; i++) {
            LocalDate day = from.plusDays(i);
            if (!restsOn(day, s)) {
                return day;
            }
        }
        return from;
    }

    private static FeedDate feedDate(Feed feed, Situation s, Waterings waterings, Working working) {
        FeedDate free = byRhythm(feed, s, waterings, working);
        Set<Hold> holds = Hold.on(free.date(), s);
        if (holds.isEmpty()) {
            return free;
        }
        LocalDate date = free.date();
        LocalDate end = date.plusDays(LOOK_AHEAD_DAYS);
        Map<Hold, LocalDate> until = new EnumMap<>(Hold.class);
        Hold last = holds.iterator().next();
        while (!holds.isEmpty() && date.isBefore(end)) {
            last = holds.stream()
                    .filter(Hold::open)
                    .findFirst()
                    .orElse(holds.iterator().next());
            date = date.plusDays(1);
            Set<Hold> still = Hold.on(date, s);
            LocalDate day = date;
            holds.stream().filter(h -> !still.contains(h)).forEach(h -> until.put(h, day));
            still.forEach(until::remove);
            holds = still;
        }
        List<Held> held = Hold.on(free.date(), s).stream()
                .map(h -> new Held(h, Optional.ofNullable(until.get(h))))
                .toList();
        return new FeedDate(date, Binding.of(last), free.earliest(), free.latest(), held);
    }

    private static FeedDate byRhythm(Feed feed, Situation s, Waterings waterings, Working working) {
        Rhythm rhythm = rhythm(feed, s);
        if (rhythm instanceof Rhythm.EveryDays window && s.lastFed().isPresent()) {
            LocalDate fed = s.lastFed().get();
            LocalDate earliest = fed.plusDays(window.min());
            LocalDate latest = fed.plusDays(window.max());
            double growth = Growth.on(fed, s.species(), s.place()).factor();
            LocalDate target = latest.minusDays(Math.round(growth * (window.max() - window.min())));
            working.step(
                    "plan.feed_gap",
                    "gap = longest − growth·(longest − shortest)",
                    (double) (target.toEpochDay() - fed.toEpochDay()),
                    Unit.DAY,
                    "COMMON",
                    typed("shortest", window.min(), Unit.DAY, "feed.label"),
                    typed("longest", window.max(), Unit.DAY, "feed.label"),
                    table("growth", growth * 100, Unit.PER_CENT, "species:growth"));
            return inWindow(earliest, target, latest, waterings);
        }
        Binding binding = waterings
                .plainFirst()
                .orElse(rhythm instanceof Rhythm.EveryWatering ? Binding.EVERY_WATERING : Binding.FIRST_FEED);
        return new FeedDate(waterings.fed(), binding, waterings.fed(), waterings.fed());
    }

    /** The rhythm in which a lot is fed: its own where it has one and the feed is watered on. */
    static Rhythm rhythm(Feed feed, Situation s) {
        return strewn(feed) ? feed.rhythm() : s.particulars().rhythm().over(feed.rhythm());
    }

    private static FeedDate inWindow(LocalDate earliest, LocalDate target, LocalDate latest, Waterings waterings) {
        LocalDate best = null;
        for (LocalDate d = waterings.fed(); !d.isAfter(latest); d = d.plusDays(waterings.gap())) {
            boolean nearer = best == null || distance(d, target) < distance(best, target);
            if (!d.isBefore(earliest) && nearer) {
                best = d;
            }
        }
        if (best != null) {
            return new FeedDate(best, Binding.WATERING_IN_WINDOW, earliest, latest);
        }
        return waterings
                .plainFirst()
                .filter(why -> latest.isBefore(waterings.fed()))
                .map(why -> new FeedDate(waterings.fed(), why, earliest, latest))
                .orElse(new FeedDate(latest, Binding.RHYTHM_LATEST, earliest, latest));
    }

    private static long distance(LocalDate a, LocalDate b) {
        return Math.abs(a.toEpochDay() - b.toEpochDay());
    }

    /** Whether this feed is strewn on the mix rather than watered on. */
    public static boolean strewn(Feed feed) {
        return !(feed.rate() instanceof Rate.PerWater);
    }
}
