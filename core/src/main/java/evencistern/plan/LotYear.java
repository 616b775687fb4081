package evencistern.plan;

import evencistern.feed.CoatedRelease;
import evencistern.food.NitrogenBudget;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.plant.Trait;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The year that lies before a lot.
 *
 * <p><b>Answers</b> when does this plant grow, when may it be fed and when not, when is it flushed and repotted?
 * <p><b>Formula</b> growth day by day; a hold's days as they follow on each other; waterings, feeds and flushes: the days
 * ahead; repot: last time + the kind's years, then its season; coated feed: until four fifths of it are out
 * <p><b>Units</b> days; growth 0–1
 * <p><b>Valid for</b> an average year, as told of the lot today: conditions without an end last the whole year
 * <p><b>Source</b> [COMMON] as in the plan of a lot
 * <p><b>Checked by</b> LotYearTest
 *
 * @param growth of each day from {@code from} on
 * @param holds that keep feed back, each over its days
 * @param waterings days on which it is watered, with feed or without
 * @param fed of these, those with feed, and which
 * @param flushes days of plain water in plenty
 * @param repot from when on it is to be repotted, if that falls into the year
 */
public record LotYear(
        LocalDate from,
        List<Double> growth,
        List<Span> holds,
        List<LocalDate> waterings,
        List<Fed> fed,
        List<LocalDate> flushes,
        Optional<LocalDate> repot) {
    public static final int DAYS = 365;

    private static final double DAYS_A_YEAR = 365.25;
    private static final double GROWTH_STARTS = 0.25;
    /** The share that is out at the end of a rated life. */
    private static final double OUT = 0.8;

    private static final int LONGEST_DAYS = 1000;

    /**
     * A watering with feed.
     *
     * @param course the key of its course
     */
    public record Fed(LocalDate on, String course) {}

    /** The days of the year on which it is fed. */
    public List<LocalDate> feeds() {
        return fed.stream().map(Fed::on).toList();
    }

    /** Days of a hold, the last one not counted. */
    public record Span(Hold hold, LocalDate from, LocalDate to) {}

    /** The year from a day on. */
    public static LotYear of(Situation s, LocalDate from) {
        List<Double> growth = new ArrayList<>(DAYS);
        List<Span> spans = new ArrayList<>();
        Map<Hold, LocalDate> began = new EnumMap<>(Hold.class);
        for (int d = 0; d < DAYS; d++) {
            LocalDate day = from.plusDays(d);
            Growth grows = Growth.on(day, s.species(), s.place());
            growth.add(grows.factor());
            Set<Hold> holds = holding(day, s, grows);
            if (!holds.equals(began.keySet())) {
                holds.forEach(h -> began.putIfAbsent(h, day));
                for (Hold h : List.copyOf(began.keySet())) {
                    if (!holds.contains(h)) {
                        spans.add(new Span(h, Objects.requireNonNull(began.remove(h)), day));
                    }
                }
            }
        }
        began.forEach((hold, since) -> spans.add(new Span(hold, since, from.plusDays(DAYS))));
        List<LocalDate> waterings = new ArrayList<>();
        List<Fed> fed = new ArrayList<>();
        List<LocalDate> flushes = new ArrayList<>();
        DaysAhead ahead = DaysAhead.of(s, from);
        LocalDate end = from.plusDays(DAYS);
        for (DaysAhead.Watering next = ahead.next(); next.on().isBefore(end); next = ahead.next()) {
            if (next.kind() != DaysAhead.Kind.BESIDE) {
                waterings.add(next.on());
            }
            if (next.turn().isPresent()) {
                fed.add(new Fed(
                        next.on(),
                        ahead.turns().get(next.turn().getAsInt()).course().key()));
            }
            if (next.kind() == DaysAhead.Kind.FLUSH) {
                flushes.add(next.on());
            }
        }
        return new LotYear(from, growth, spans, waterings, fed, flushes, repot(s, from, growth));
    }

    /** What holds back every feed of the programme. */
    private static Set<Hold> holding(LocalDate day, Situation s, Growth grows) {
        if (s.courses().size() < 2) {
            return Hold.on(day, s, grows);
        }
        Set<Hold> all = EnumSet.allOf(Hold.class);
        s.courses().forEach(c -> all.retainAll(Hold.on(day, s.of(c), grows)));
        return all;
    }

    /** Days in which each watering brings feed, unless it is a flush; the first and the last of those with feed. */
    public record Stretch(LocalDate from, LocalDate to) {}

    /** The stretches in which no watering is without feed: a feed at every watering fills the year, or its seasons. */
    public List<Stretch> fedThroughout() {
        List<Stretch> stretches = new ArrayList<>();
        Set<LocalDate> with = Set.copyOf(feeds());
        Set<LocalDate> flushed = Set.copyOf(flushes);
        List<LocalDate> open = new ArrayList<>();
        for (LocalDate day : waterings) {
            if (with.contains(day)) {
                open.add(day);
            } else if (!flushed.contains(day)) {
                close(open, stretches);
            }
        }
        close(open, stretches);
        return stretches;
    }

    /**
     * The days on which coated feed in the mix still gives something: until four fifths of it are out, by the warmth of the mix.
     *
     * @param inTheMix what was stirred into it
     */
    public List<Stretch> coated(Situation s, List<Dressing> inTheMix) {
        List<Stretch> spans = new ArrayList<>();
        inTheMix.forEach(d -> d.release()
                .filter(r -> d.kind() == NitrogenBudget.Kind.COATED)
                .ifPresent(r -> spans.add(giving(r, d.on(), s))));
        s.courses()
                .forEach(c -> c.feed()
                        .coated()
                        .ifPresent(r -> Stream.concat(
                                        c.lastFed().stream(),
                                        fed.stream()
                                                .filter(f -> f.course().equals(c.key()))
                                                .map(Fed::on))
                                .forEach(on -> spans.add(giving(r, on, s)))));
        List<Stretch> joined = new ArrayList<>();
        spans.stream()
                .filter(span -> span.to().isAfter(from))
                .sorted(Comparator.comparing(Stretch::from))
                .forEach(span -> join(span, joined));
        return joined;
    }

    private static Stretch giving(CoatedRelease release, LocalDate on, Situation s) {
        return new Stretch(on, on.plusDays(release.daysTo(OUT, on, s::mixC, LONGEST_DAYS)));
    }

    private void join(Stretch span, List<Stretch> joined) {
        Stretch in = new Stretch(
                span.from().isBefore(from) ? from : span.from(),
                span.to().isAfter(from.plusDays(DAYS)) ? from.plusDays(DAYS) : span.to());
        Stretch last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
        if (last != null && !in.from().isAfter(last.to())) {
            joined.set(joined.size() - 1, new Stretch(last.from(), in.to().isAfter(last.to()) ? in.to() : last.to()));
        } else {
            joined.add(in);
        }
    }

    private static void close(List<LocalDate> open, List<Stretch> stretches) {
        if (!open.isEmpty()) {
            stretches.add(new Stretch(open.get(0), open.get(open.size() - 1)));
            open.clear();
        }
    }

    /** The days on which a lot is fed, as far ahead as so many days; as in its year. */
    public static List<LocalDate> feeds(Situation s, LocalDate from, int days) {
        LocalDate end = from.plusDays(days);
        List<LocalDate> feeds = new ArrayList<>();
        DaysAhead ahead = DaysAhead.of(s, from);
        for (DaysAhead.Watering next = ahead.next(); next.on().isBefore(end); next = ahead.next()) {
            if (next.turn().isPresent()) {
                feeds.add(next.on());
            }
        }
        return feeds;
    }

    private static Optional<LocalDate> repot(Situation s, LocalDate from, List<Double> growth) {
        LocalDate last = s.repottedOn().orElse(s.startedOn());
        LocalDate due = last.plusDays(Math.round(s.species().traits().number(Trait.REPOT_YEARS) * DAYS_A_YEAR));
        int day = (int) Math.max(0, due.toEpochDay() - from.toEpochDay());
        boolean atStart = s.species().traits().is(Trait.REPOT_SEASON, "as_growth_starts");
        boolean atRest = s.species().traits().is(Trait.REPOT_SEASON, "while_dormant");
        for (int d = day; d < DAYS; d++) {
            boolean grows = growth.get(d) >= GROWTH_STARTS;
            boolean begins = grows && (d == 0 || growth.get(d - 1) < GROWTH_STARTS || d == day);
            if ((atStart && begins) || (atRest && !grows) || (!atStart && !atRest)) {
                return Optional.of(from.plusDays(d));
            }
        }
        return Optional.empty();
    }
}
