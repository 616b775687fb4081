package evencistern.plan;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.climate.Place;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.need.AfterReading;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.Flushing;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * When a lot is next watered and fed, and which rule says so.
 *
 * <p><b>Answers</b> when is the next watering, when the next feed, and why then?
 * <p><b>Formula</b> the first watering of the days ahead, and the first of them that carries feed. Flush: at once
 * after a reading above the band, a white crust that was told of (up to 10 L), or once the salt account passes it; by the
 * calendar only under a roof and up to 10 L: the
 * kind's weeks from the last flush or reading in order, and four waterings at least; where nothing drains at most 4 weeks, over a reservoir 4 to 8, on bare roots none; not while
 * the plant rests nor within 6 weeks of granules; twice the water the pot holds, which leaves 14 % of the salt if all mixes
 * <p><b>Units</b> days
 * <p><b>Valid for</b> any last dates; missed work stays due once, it is never doubled
 * <p><b>Source</b> [COMMON] feed on a watering day, not oftener than the label, as growth and need ask
 * <p><b>Checked by</b> CareTest
 *
 * @param waterMissing litres gone from one pot by the next watering, or by today where that is late
 * @param given the courses that nothing holds back now
 * @param flush empty for kinds that want none
 * @param nextFeed empty where the lot has no feed, or takes none at the roots
 */
public record LotPlan(
        PotWater potWater,
        WaterNeed need,
        WaterNeed.Days days,
        LocalDate nextWater,
        double waterMissing,
        Optional<FeedDate> nextFeed,
        List<Course> given,
        Optional<Flush> flush) {
    private static final int FLUSH_UNDRAINED_DAYS = 28;
    /** A reservoir and its pot are rinsed through after four to eight weeks, as their kind is. */
    private static final int RINSE_FROM_DAYS = 28;

    private static final int RINSE_TO_DAYS = 56;
    private static final double FLUSH_WATERS = 2;
    /** So many waterings lie between two flushes by the calendar: salt comes with water, not with weeks; common practice. */
    private static final int FLUSH_WATERINGS = 4;
    /** More than this nobody pours through one pot by the calendar; common practice, no source. */
    private static final double MOST_BY_CALENDAR_LITRES = 10;
    /** So long quick granules feed. */
    private static final int GRANULES_DAYS = 42;

    private static final int LOOK_AHEAD_DAYS = 400;
    /** So far ahead weather may be known of. */
    private static final int WEATHER_DAYS = 16;

    private static final int A_WEEK = 7;

    /** The rule that set a feed's date. */
    public enum Binding {
        EVERY_WATERING,
        COUNTED_WATERING,
        FIRST_FEED,
        WATERING_IN_WINDOW,
        NEXT_WATERING,
        SLOW_GROWTH,
        SMALL_NEED,
        AFTER_FLUSH,
        AFTER_DRYING_OUT,
        CALENDAR_DAY,
        OTHER_FEED,
        HOLD_COLD,
        HOLD_HEAT,
        HOLD_DARK,
        HOLD_DORMANT,
        HOLD_FROST_NEAR,
        HOLD_REPOTTED,
        HOLD_FLOWERING,
        HOLD_FRUIT_SET,
        HOLD_GRAFTED,
        HOLD_SICK,
        HOLD_READING,
        HOLD_SALTY,
        HOLD_OFF_SEASON,
        HOLD_OFF_PROGRAMME;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static Binding of(Hold hold) {
            return valueOf("HOLD_" + hold.name());
        }

        /** Whether something holds the feed back. */
        public boolean holds() {
            return name().startsWith("HOLD_");
        }
    }

    /**
     * A feed's date with its window.
     *
     * @param course which of the programme
     * @param earliest,latest the label's window, before any hold
     * @param held what holds it back from the day it would have been, each until a day; the binding one lasts longest
     * @param missingLitres gone from one pot by that watering
     */
    public record FeedDate(
            Course course,
            LocalDate date,
            Binding binding,
            LocalDate earliest,
            LocalDate latest,
            List<Held> held,
            double missingLitres) {}

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
        /** Who asks: the weeks of the kind, the last reading, a crust that was seen, or the salt account. */
        public enum Asker {
            RHYTHM,
            READING,
            CRUST,
            ACCOUNT;

            public String id() {
                return name().toLowerCase(java.util.Locale.ROOT);
            }
        }
    }

    /** The plan of a lot of which nothing is late. */
    public static LotPlan of(Situation s, Working working) {
        return of(s, s.startedOn(), working);
    }

    /**
     * Works the plan out. The next watering is the same whatever the day it is asked; what is late is taken to be done today,
     * and what follows counts from then.
     */
    public static LotPlan of(Situation s, LocalDate today, Working working) {
        PotWater potWater = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(potWater, s.pot(), s.species(), s.place(), s.particulars(), working);
        LocalDate from = s.lastWatered().orElse(s.startedOn());
        need.useOn(from.plusDays(1), working);
        WaterNeed.Days days = need.daysAfter(from, working);
        DaysAhead ahead =
                new DaysAhead(s, today, potWater, need, s.particulars().calendarDays());
        DaysAhead.Watering soonest = ahead.next();
        boolean beside = soonest.kind() == DaysAhead.Kind.BESIDE;
        DaysAhead.Watering next = beside ? ahead.next() : soonest;
        LocalDate own = s.lastWatered().map(w -> need.dryDown(w).on()).orElse(s.startedOn());
        LocalDate nextWater = own.isBefore(next.on()) ? own : next.on();
        working.step(
                "plan.next_water",
                "next = last watering + days",
                s.lastWatered().isPresent() ? (double) ChronoUnit.DAYS.between(from, nextWater) : 0,
                Unit.DAY,
                "COMMON",
                earlier("days", days.likely(), Unit.DAY, "water.days"));
        Optional<FeedDate> nextFeed = soonest.turn().isPresent() || ahead.fed()
                ? Optional.of(feedDate(s, ahead, soonest, working))
                : Optional.empty();
        return new LotPlan(
                potWater,
                need,
                days,
                nextWater,
                next.missingLitres(),
                nextFeed,
                given(ahead, next, nextFeed),
                flush(s, potWater, need, nextWater));
    }

    /** What comes next is held back or not as its date says, the others as on the day of the next watering. */
    private static List<Course> given(DaysAhead ahead, DaysAhead.Watering next, Optional<FeedDate> nextFeed) {
        return ahead.turns().stream()
                .filter(t -> nextFeed.filter(f -> f.course().equals(t.course())).isPresent()
                        ? !nextFeed.get().binding().holds()
                        : t.runs(next.on()))
                .map(Turn::course)
                .toList();
    }

    /** Whether it was told that the pot dried right out and it has not been watered since. */
    static boolean driedOut(Situation s) {
        LocalDate since = s.particulars().conditions().get(Condition.DRIED_OUT);
        return since != null && s.lastWatered().filter(w -> !w.isBefore(since)).isEmpty();
    }

    /**
     * When plain water in plenty is due by the calendar: after the weeks of the kind, and no sooner than a pot that seldom
     * drinks has had a few waterings; empty for kinds that want none, under the open sky, for coated feed alone, and for pots
     * that take too much water for it: there a reading or the account says.
     */
    static Optional<LocalDate> flushAfter(LocalDate flushed, Situation s, PotWater water, WaterNeed need) {
        int days = s.species().flushDays();
        boolean byCalendar = days > 0
                && s.place().kind() != Place.Kind.OUTDOORS
                && !coatedAlone(s)
                && !s.bare()
                && usualFlush(water) <= MOST_BY_CALENDAR_LITRES;
        if (!byCalendar) {
            return Optional.empty();
        }
        if (s.particulars().watering().way().stores()) {
            return Optional.of(flushed.plusDays(Math.max(RINSE_FROM_DAYS, Math.min(RINSE_TO_DAYS, days))));
        }
        if (!s.particulars().drains()) {
            return Optional.of(flushed.plusDays(Math.min(days, FLUSH_UNDRAINED_DAYS)));
        }
        LocalDate due = flushed.plusDays(days);
        double waterings = FLUSH_WATERINGS * need.usableLitres() / need.useOn(due);
        LocalDate drunk = flushed.plusDays((long) Math.min(LOOK_AHEAD_DAYS, waterings));
        return Optional.of(drunk.isAfter(due) ? drunk : due);
    }

    private static boolean coatedAlone(Situation s) {
        return !s.courses().isEmpty()
                && s.courses().stream().allMatch(c -> c.feed().coated().isPresent());
    }

    private static double usualFlush(PotWater water) {
        return FLUSH_WATERS * water.capacity() * water.mixLitres();
    }

    /** When salt was last known to be in order: by a flush, by fresh mix, by a reading, or not since it was put up. */
    static LocalDate lastFlushed(Situation s) {
        return Stream.concat(inOrder(s), Stream.of(s.startedOn()))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The days on which its salt came in order, or was found so. */
    private static Stream<LocalDate> inOrder(Situation s) {
        return Stream.of(
                        s.particulars().lastFlushed(), s.particulars().reading().inOrderOn(), s.repottedOn())
                .flatMap(Optional::stream);
    }

    /** Granules that were strewn are not washed out again by a flush of the calendar. */
    private static LocalDate afterGranules(LocalDate due, Situation s) {
        return s.courses().stream()
                .filter(c -> c.feed().strewn())
                .flatMap(c -> c.lastFed().stream())
                .max(Comparator.naturalOrder())
                .map(fed -> fed.plusDays(GRANULES_DAYS))
                .filter(due::isBefore)
                .orElse(due);
    }

    /** The next flush, if one is planned; by the weeks of its kind it is not before a day. */
    static Optional<Flush> flush(Situation s, PotWater water, WaterNeed need, LocalDate earliest) {
        double litres = usualFlush(water);
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
        Optional<LocalDate> crusted = crusted(s);
        if (crusted.isPresent() && litres <= MOST_BY_CALENDAR_LITRES) {
            return Optional.of(new Flush(awake(crusted.get(), s), litres, Flush.Asker.CRUST));
        }
        if (by.byAccount()) {
            return by.on().map(on -> new Flush(on, asked(by.litres(), dried, litres), Flush.Asker.ACCOUNT));
        }
        return flushAfter(lastFlushed(s), s, water, need)
                .map(due -> afterGranules(due, s))
                .map(due -> {
                    LocalDate day = due.isBefore(earliest) ? earliest : due;
                    return Hold.standsStill(day, s) ? awake(day, s) : due;
                })
                .map(on -> new Flush(on, litres, Flush.Asker.RHYTHM));
    }

    /** The day on which a crust was told of, unless a flush, fresh mix or a reading in order has answered it since. */
    private static Optional<LocalDate> crusted(Situation s) {
        return Optional.ofNullable(s.particulars().conditions().get(Condition.CRUST))
                .filter(since -> inOrder(s).noneMatch(day -> !day.isBefore(since)));
    }

    /** What is asked for of a drained pot, for one that has dried out by so much; the usual where nothing is known. */
    private static double asked(OptionalDouble drained, double dried, double usual) {
        return drained.isPresent() ? drained.getAsDouble() + dried : usual;
    }

    /**
     * The first day from one on at which the plant does not rest: wet roots in the cold do more harm than a little salt. Day by
     * day while weather is known, then week by week and back: an average year does not turn twice within a week.
     */
    static LocalDate awake(LocalDate from, Situation s) {
        LocalDate day = from;
        LocalDate rested = from;
        while (Hold.standsStill(day, s)) {
            long days = ChronoUnit.DAYS.between(from, day);
            if (days >= LOOK_AHEAD_DAYS) {
                return from;
            }
            rested = day;
            day = day.plusDays(days < WEATHER_DAYS ? 1 : A_WEEK);
        }
        while (rested.plusDays(1).isBefore(day)) {
            LocalDate before = day.minusDays(1);
            if (Hold.standsStill(before, s)) {
                return day;
            }
            day = before;
        }
        return day;
    }

    private static FeedDate feedDate(Situation s, DaysAhead ahead, DaysAhead.Watering first, Working working) {
        LocalDate end = first.on().plusDays(LOOK_AHEAD_DAYS);
        Map<Integer, LocalDate> heldFrom = new HashMap<>();
        DaysAhead.Watering next = first;
        while (next.turn().isEmpty() && next.on().isBefore(end)) {
            for (int i = 0; i < next.waits().size(); i++) {
                if (next.waits().get(i).filter(Binding::holds).isPresent()) {
                    heldFrom.putIfAbsent(i, next.on());
                }
            }
            next = ahead.next();
        }
        int index = next.turn().orElseGet(() -> firstOpen(ahead.turns()));
        Turn turn = ahead.turns().get(index);
        Course course = turn.course();
        Situation its = turn.situation();
        Optional<LocalDate> held = Optional.ofNullable(heldFrom.get(index));
        LocalDate earliest = next.on();
        LocalDate latest = next.on();
        if (turn.rhythm() instanceof Rhythm.EveryDays window && course.lastFed().isPresent()) {
            LocalDate fed = course.lastFed().get();
            earliest = fed.plusDays(window.min());
            latest = fed.plusDays(window.max());
            working.step(
                    "plan.feed_gap",
                    "gap = first watering with Σ growth ≥ shortest and Σ need ≥ 0.3·feed",
                    (double) (next.on().toEpochDay() - fed.toEpochDay()),
                    Unit.DAY,
                    "COMMON",
                    typed("shortest", window.min(), Unit.DAY, "feed.label"),
                    table(
                            "growth",
                            Growth.on(first.on(), s.species(), s.place()).factor() * 100,
                            Unit.PER_CENT,
                            "species:growth"));
        } else if (held.isPresent()) {
            earliest = held.get();
            latest = held.get();
        }
        Binding binding = next.waits().get(index).orElseThrow();
        if (held.isEmpty()) {
            return new FeedDate(course, next.on(), binding, earliest, latest, List.of(), next.missingLitres());
        }
        return heldUntil(its, course, held.get(), next, binding, earliest, latest);
    }

    private static int firstOpen(List<Turn> turns) {
        return IntStream.range(0, turns.size())
                .filter(i -> turns.get(i).open())
                .findFirst()
                .orElseThrow();
    }

    /** A feed that something held back on the day on which it would have been. */
    private static FeedDate heldUntil(
            Situation s,
            Course course,
            LocalDate free,
            DaysAhead.Watering next,
            Binding set,
            LocalDate earliest,
            LocalDate latest) {
        Set<Hold> holds = Hold.on(free, s);
        Map<Hold, LocalDate> until = new EnumMap<>(Hold.class);
        Hold last = longest(holds);
        for (LocalDate day = free; !holds.isEmpty() && day.isBefore(next.on()); ) {
            day = day.plusDays(1);
            Set<Hold> still = Hold.on(day, s);
            if (still.equals(holds)) {
                continue;
            }
            LocalDate ends = day;
            holds.stream().filter(h -> !still.contains(h)).forEach(h -> until.put(h, ends));
            still.forEach(until::remove);
            holds = still;
            if (!holds.isEmpty() && day.isBefore(next.on())) {
                last = longest(holds);
            }
        }
        List<Held> held = Hold.on(free, s).stream()
                .map(h -> new Held(h, Optional.ofNullable(until.get(h))))
                .toList();
        // what waits for growth after a hold has ended is told so
        Binding binding = set == Binding.SLOW_GROWTH || set == Binding.SMALL_NEED ? set : Binding.of(last);
        return new FeedDate(course, next.on(), binding, earliest, latest, held, next.missingLitres());
    }

    private static Hold longest(Set<Hold> holds) {
        return holds.stream()
                .filter(Hold::open)
                .findFirst()
                .orElse(holds.iterator().next());
    }

    /** Days between two waterings while a course is given; empty while it is held back, or where it is not given. */
    public OptionalInt givenAmid(Course course) {
        return given.contains(course) ? OptionalInt.of(days.likely()) : OptionalInt.empty();
    }
}
