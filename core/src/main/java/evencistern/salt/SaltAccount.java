package evencistern.salt;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.food.Portion;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Learned;
import evencistern.need.Situation;
import evencistern.need.Whereabouts;
import evencistern.plan.LotPlan;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * The dissolved salt of a pot, kept as an account.
 *
 * <p><b>Answers</b> how much salt is in this pot now, where did it come from and go to, and when is it too much?
 * <p><b>Formula</b> salt = begun + Σ pour·(EC(water) + EC(feed)) − taken up − drained; taken up = ½ · growth of what the feed
 * brings; through = what was caught, else pour − missing, at least pour/20 of one that nearly fills the pot; what runs
 * through takes W·(c − c') with c' = in + (c − in)·e^(−through/W); EC = salt/Vw
 * <p><b>Units</b> mS/cm at container capacity; L; g at 0.64 g/L for 1 mS/cm
 * <p><b>Valid for</b> recorded waterings: what was not recorded is not in it, and
 * what will be strewn is not foreseen. Each doubt is tried alone and they are added as
 * squares: where it began; a plant that takes 0.3 or 0.7; one that drinks as little or as much as its waterings allow; water
 * that pushes the old out before it, or of which half runs past. The range is meant for four pots of five
 * <p><b>Source</b> [FAO29] leaching with complete mixing, and 640 mg/L for 1 dS/m; [JCGM100] 5.1.3 for the doubts; what a plant
 * takes and what runs past are typical [TYPICAL], from memory
 * <p><b>Checked by</b> SaltAccountTest
 *
 * @param since the day it begins with: fresh mix, or the last reading
 * @param grams what came and went since, for one pot, at its likeliest
 * @param msCm the EC that a watered and drained pot would have now
 * @param nowMsCm the same as dry as it is
 * @param checks what the account had said each time the roots were read
 * @param course on each day on which something happened, and the last
 * @param above the first watering at which it will likely be above the limit, within a year
 */
public record SaltAccount(
        LocalDate since,
        Grams grams,
        Estimate msCm,
        double nowMsCm,
        List<Check> checks,
        List<Point> course,
        Optional<LocalDate> above) {
    private static final double GRAMS_PER_LITRE = 0.64;
    private static final double LEAST_THROUGH = 0.05;
    private static final double NEARLY_FULL = 0.7;
    private static final double UPTAKE = 0.5;
    private static final double UPTAKE_SPREAD = 0.2;
    private static final double RUNS_PAST = 0.5;
    /** Four of five, in standard deviations either way. */
    private static final double Z80 = 1.2815515655446004;

    private static final int LOOK_AHEAD_DAYS = 365;

    /** A value and the range that holds it in four pots of five. */
    public record Estimate(double value, double low, double high) {}

    /** What came and went, g. */
    public record Grams(double began, double water, double feed, double plant, double drained, double now) {}

    /** What the account had said when the roots were read. */
    public record Check(LocalDate on, Estimate said, double readMsCm) {}

    public record Point(LocalDate on, Estimate msCm) {}

    /** Something that bears on the salt of a pot. */
    public sealed interface Event {
        LocalDate on();
    }

    /**
     * Water poured on one pot.
     *
     * @param waterMsCm of the water, {@code feedMsCm} what feed adds to it
     * @param throughLitres what ran through, where it was caught
     */
    public record Poured(LocalDate on, double litres, double waterMsCm, double feedMsCm, OptionalDouble throughLitres)
            implements Event {}

    /**
     * Feed strewn on one pot.
     *
     * @param msCmLitres what all of it adds, as the EC of one litre
     * @param coated how it gives itself away; what is not coated dissolves at once
     */
    public record Strewn(LocalDate on, double msCmLitres, Optional<CoatedRelease> coated) implements Event {}

    /** The roots were read: what a drained pot holds, with how far that is to be believed. */
    public record Read(LocalDate on, Uncertain msCm) implements Event {}

    /** Fresh mix in a share of the pot, 0–1. */
    public record Refreshed(LocalDate on, double share) implements Event {}

    /**
     * What happened to the pot since it was filled.
     *
     * @param freshMsCm of the mix as it was filled in
     * @param events in the order in which they happened
     * @param stays at least one; before the first it stood there too
     */
    public record Story(LocalDate since, Uncertain freshMsCm, List<Event> events, List<Whereabouts.Stay> stays) {}

    /**
     * What it is watered with from now on.
     *
     * @param waterMsCm of the water, {@code feedMsCm} what each course adds to it, 0 where that is not given in water
     */
    public record Given(double waterMsCm, List<Double> feedMsCm) {
        /** As it is planned, with such a water. */
        public static Given planned(Situation s, double waterMsCm) {
            if (s.courses().isEmpty()) {
                return new Given(waterMsCm, List.of());
            }
            LotPlan plan = LotPlan.of(s, Working.off());
            return new Given(
                    waterMsCm,
                    s.courses().stream()
                            .map(c -> c.feed().rate() instanceof Rate.PerWater rate
                                    ? added(c.feed(), rate, s.of(c), plan, waterMsCm)
                                    : 0.0)
                            .toList());
        }

        private static double added(Feed feed, Rate.PerWater rate, Situation s, LotPlan plan, double waterMsCm) {
            double perLitre = Portion.perLitre(
                    feed, rate, s, plan.nextWater(), plan.days().likely());
            return MeterForecast.added(feed, perLitre, rate.measure(), waterMsCm)
                    .value();
        }
    }

    /** The account on {@code today}, and when it passes {@code limitMsCm} if all goes on as planned. */
    public static SaltAccount of(
            Situation s, Story story, Given given, double limitMsCm, LocalDate today, Working working) {
        return new Ledger(s, story).run(given, limitMsCm, today, working);
    }

    /** How water that runs through meets what the pot holds. */
    private enum Meeting {
        PUSHES,
        MIXES,
        RUNS_PAST
    }

    /** One way it may have been. */
    private static final class Pot {
        private final double begunShift;
        private final double uptake;
        private final double use;
        private final Meeting meeting;
        private double salt;
        private double missing;

        Pot(double begunShift, double uptake, double use, Meeting meeting) {
            this.begunShift = begunShift;
            this.uptake = uptake;
            this.use = use;
            this.meeting = meeting;
        }

        private Pot(Pot p) {
            this(p.begunShift, p.uptake, p.use, p.meeting);
            salt = p.salt;
            missing = p.missing;
        }

        void begin(Uncertain msCm, double held) {
            salt = Math.max(0, msCm.value() + begunShift * msCm.sd()) * held;
        }

        /** Lets so much of such water run through; what it took along, mS/cm·L. */
        double leach(double through, double msCm, double held) {
            double pool = Math.max(held / 100, held - missing);
            double before = salt / pool;
            double after = msCm + (before - msCm) * left(through / pool);
            salt = after * pool;
            return msCm * through + (before - after) * pool;
        }

        private double left(double pools) {
            return switch (meeting) {
                case PUSHES -> 1 - Math.min(1, pools);
                case MIXES -> Math.exp(-pools);
                case RUNS_PAST -> Math.exp(-RUNS_PAST * pools);
            };
        }
    }

    /** Walks the days one by one. */
    private static final class Ledger {
        private enum Entry {
            BEGAN,
            WATER,
            FEED,
            PLANT,
            DRAINED
        }

        private static final class Inside {
            private final CoatedRelease coated;
            private double left;

            Inside(CoatedRelease coated, double left) {
                this.coated = coated;
                this.left = left;
            }

            /** What comes out on a day, mS/cm·L. */
            double give(double celsius) {
                double given = left * coated.releasedIn(celsius);
                left -= given;
                return given;
            }
        }

        private record Doubt(Pot low, Pot high) {}

        private final Situation situation;
        private final Story story;
        private final PotWater water;
        private final double held;
        private final Pot likely;
        private final List<Doubt> doubts;
        private final List<Pot> pots = new ArrayList<>();
        private final Map<Entry, Double> sums = new EnumMap<>(Entry.class);
        private final List<Inside> strewn = new ArrayList<>();
        private int happened;
        private final Whereabouts where;
        private LocalDate since;
        private LocalDate lastPoured;
        private LocalDate lastFed;

        Ledger(Situation s, Story story) {
            this.situation = s;
            this.story = story;
            this.water = new PotWater(s.mix(), s.pot());
            this.held = water.capacityLitres();
            this.since = story.since();
            this.lastPoured = story.since();
            this.lastFed = story.since();
            Learned l = s.particulars().learned();
            double thrifty = l.low() / l.factor();
            double thirsty = l.high() / l.factor();
            this.likely = new Pot(0, UPTAKE, 1, Meeting.MIXES);
            this.doubts = List.of(
                    new Doubt(new Pot(-Z80, UPTAKE, 1, Meeting.MIXES), new Pot(Z80, UPTAKE, 1, Meeting.MIXES)),
                    new Doubt(
                            new Pot(0, UPTAKE + UPTAKE_SPREAD, 1, Meeting.MIXES),
                            new Pot(0, UPTAKE - UPTAKE_SPREAD, 1, Meeting.MIXES)),
                    new Doubt(new Pot(0, UPTAKE, thrifty, Meeting.MIXES), new Pot(0, UPTAKE, thirsty, Meeting.MIXES)),
                    new Doubt(new Pot(0, UPTAKE, 1, Meeting.PUSHES), new Pot(0, UPTAKE, 1, Meeting.RUNS_PAST)));
            pots.add(likely);
            doubts.forEach(d -> pots.addAll(List.of(d.low(), d.high())));
            this.where = new Whereabouts(s, water, story.stays());
        }

        SaltAccount run(Given given, double limit, LocalDate today, Working working) {
            begin(story.freshMsCm());
            List<Check> checks = new ArrayList<>();
            List<Point> course = new ArrayList<>();
            LocalDate lastEvent = story.events().stream()
                    .map(Event::on)
                    .filter(on -> !on.isAfter(today))
                    .reduce((a, b) -> b)
                    .orElse(story.since());
            Pot then = likely;
            List<Inside> thenStrewn = strewn;
            for (LocalDate day = story.since(); !day.isAfter(today); day = day.plusDays(1)) {
                where.goTo(day);
                if (day.isAfter(story.since())) {
                    pass(day);
                }
                boolean something = happen(day, checks);
                if (something || day.equals(today)) {
                    course.add(new Point(day, estimate()));
                }
                if (day.equals(lastEvent)) {
                    then = new Pot(likely);
                    thenStrewn = strewn.stream()
                            .map(i -> new Inside(i.coated, i.left))
                            .toList();
                }
            }
            Grams grams = grams();
            double in = working.step(
                    "salt.in",
                    "in = begun + water + feed",
                    grams.began() + grams.water() + grams.feed(),
                    Unit.GRAM,
                    "FAO29",
                    table("begun", grams.began(), Unit.GRAM, "lot:journal"),
                    table("water", grams.water(), Unit.GRAM, "lot:journal"),
                    table("feed", grams.feed(), Unit.GRAM, "lot:journal"));
            double out = working.step(
                    "salt.out",
                    "out = taken up + drained",
                    grams.plant() + grams.drained(),
                    Unit.GRAM,
                    "FAO29",
                    table("taken up", grams.plant(), Unit.GRAM, "lot:journal"),
                    table("drained", grams.drained(), Unit.GRAM, "lot:journal"));
            working.step(
                    "salt.now",
                    "EC = (in − out)/(0.64·Vw)",
                    likely.salt / held,
                    Unit.MILLISIEMENS_PER_CM,
                    "FAO29",
                    earlier("in", in, Unit.GRAM, "salt.in"),
                    earlier("out", out, Unit.GRAM, "salt.out"),
                    table("Vw", held, Unit.LITRE, "pot:capacity"));
            return new SaltAccount(
                    since,
                    grams,
                    estimate(),
                    likely.salt / Math.max(held / 100, held - likely.missing),
                    checks,
                    course,
                    ahead(then, thenStrewn, lastEvent, given, limit));
        }

        private void begin(Uncertain msCm) {
            sums.clear();
            sums.put(Entry.BEGAN, msCm.value() * held);
            pots.forEach(p -> p.begin(msCm, held));
        }

        private void add(Entry entry, double salt) {
            sums.merge(entry, salt, Double::sum);
        }

        private double sum(Entry entry) {
            return sums.getOrDefault(entry, 0.0) * GRAMS_PER_LITRE;
        }

        private Grams grams() {
            return new Grams(
                    sum(Entry.BEGAN),
                    sum(Entry.WATER),
                    sum(Entry.FEED),
                    sum(Entry.PLANT),
                    sum(Entry.DRAINED),
                    likely.salt * GRAMS_PER_LITRE);
        }

        /** Each doubt alone, then all of them as the root of their squares. */
        private Estimate estimate() {
            double value = likely.salt / held;
            return new Estimate(
                    value,
                    Math.max(0, value - far(d -> value - Math.min(d.low().salt, d.high().salt) / held)),
                    value + far(d -> Math.max(d.low().salt, d.high().salt) / held - value));
        }

        private double far(ToDoubleFunction<Doubt> off) {
            return Math.sqrt(doubts.stream()
                    .mapToDouble(d -> Math.max(0, off.applyAsDouble(d)))
                    .map(d -> d * d)
                    .sum());
        }

        private double growth(LocalDate day) {
            return Growth.on(day, situation.species(), where.place()).factor();
        }

        /** A day of drinking, rain and coated feed. */
        private void pass(LocalDate day) {
            for (Pot p : pots) {
                double out = dry(p, day);
                if (p == likely) {
                    add(Entry.DRAINED, out);
                }
            }
            for (Inside i : strewn) {
                dissolve(i.give(where.need().mixC(day)), day);
            }
        }

        /** What rain carried off, mS/cm·L. */
        private double dry(Pot p, LocalDate day) {
            double missing =
                    p.missing + where.need().useOn(day) * p.use - where.need().rainOn(day);
            p.missing = Math.max(0, Math.min(missing, water.availableLitres()));
            return missing < 0 && where.need().drains() ? p.leach(-missing, 0, held) : 0;
        }

        private void dissolve(double salt, LocalDate day) {
            double growth = growth(day);
            pots.forEach(p -> p.salt += salt * (1 - p.uptake * growth));
            add(Entry.FEED, salt);
            add(Entry.PLANT, salt * likely.uptake * growth);
        }

        private boolean happen(LocalDate day, List<Check> checks) {
            int before = happened;
            while (happened < story.events().size()
                    && !story.events().get(happened).on().isAfter(day)) {
                Event event = story.events().get(happened);
                if (event instanceof Poured poured) {
                    pour(poured);
                } else if (event instanceof Strewn feed) {
                    strew(feed);
                } else if (event instanceof Read read) {
                    checks.add(new Check(read.on(), estimate(), read.msCm().value()));
                    since = day;
                    begin(read.msCm());
                } else if (event instanceof Refreshed fresh) {
                    refresh(fresh.share());
                }
                happened++;
            }
            return happened > before;
        }

        private void strew(Strewn feed) {
            lastFed = feed.on();
            if (feed.coated().isPresent()) {
                strewn.add(new Inside(feed.coated().get(), feed.msCmLitres()));
            } else {
                dissolve(feed.msCmLitres(), feed.on());
            }
        }

        private void refresh(double share) {
            Uncertain fresh = story.freshMsCm();
            double was = likely.salt;
            pots.forEach(p -> p.salt =
                    (1 - share) * p.salt + share * Math.max(0, fresh.value() + p.begunShift * fresh.sd()) * held);
            add(Entry.BEGAN, likely.salt - was);
        }

        private void pour(Poured w) {
            double growth = growth(w.on());
            for (Pot p : pots) {
                double out = pour(p, w, growth);
                if (p == likely) {
                    add(Entry.WATER, w.litres() * w.waterMsCm());
                    add(Entry.FEED, w.litres() * w.feedMsCm());
                    add(Entry.PLANT, w.litres() * w.feedMsCm() * p.uptake * growth);
                    add(Entry.DRAINED, out);
                }
            }
            lastPoured = w.on();
            if (w.feedMsCm() > 0) {
                lastFed = w.on();
            }
        }

        /** What ran through took along, mS/cm·L. */
        private double pour(Pot p, Poured w, double growth) {
            double msCm = w.waterMsCm() + w.feedMsCm() * (1 - p.uptake * growth);
            double through = through(p, w);
            p.salt += msCm * (w.litres() - through);
            p.missing = Math.max(0, p.missing - (w.litres() - through));
            return through > 0 ? p.leach(through, msCm, held) : 0;
        }

        private double through(Pot p, Poured w) {
            if (!where.need().drains()) {
                return 0;
            }
            if (w.throughLitres().isPresent()) {
                return Math.min(w.litres(), w.throughLitres().getAsDouble());
            }
            double least = w.litres() >= NEARLY_FULL * p.missing ? LEAST_THROUGH * w.litres() : 0;
            return Math.max(least, w.litres() - p.missing);
        }

        /** Goes on from the last that happened, watered and fed by the plan, where it stands last. */
        private Optional<LocalDate> ahead(Pot pot, List<Inside> strewn, LocalDate from, Given given, double limit) {
            if (pot.salt / held >= limit) {
                return Optional.of(from);
            }
            where.goTo(LocalDate.MAX);
            List<InWater> feeds = inWater(given);
            LocalDate next = lastPoured.plusDays(
                    where.need().daysAfter(lastPoured, Working.off()).likely());
            for (LocalDate day = from.plusDays(1);
                    day.isBefore(from.plusDays(LOOK_AHEAD_DAYS));
                    day = day.plusDays(1)) {
                dry(pot, day);
                double celsius = where.need().mixC(day);
                double came = strewn.stream().mapToDouble(i -> i.give(celsius)).sum();
                pot.salt += came > 0 ? came * (1 - pot.uptake * growth(day)) : 0;
                if (day.isBefore(next)) {
                    continue;
                }
                double feed = give(feeds, day);
                double litres = where.need().pour(pot.missing);
                pour(pot, new Poured(day, litres, given.waterMsCm(), feed, OptionalDouble.empty()), growth(day));
                if (pot.salt / held >= limit) {
                    return Optional.of(day);
                }
                next = day.plusDays(where.need().daysAfter(day, Working.off()).likely());
            }
            return Optional.empty();
        }

        /** A course that is given in water. */
        private static final class InWater {
            private final Situation s;
            private final Rhythm rhythm;
            private final double msCm;
            private LocalDate last;

            InWater(Situation s, Rhythm rhythm, double msCm, LocalDate last) {
                this.s = s;
                this.rhythm = rhythm;
                this.msCm = msCm;
                this.last = last;
            }
        }

        /** The courses that are given in water, those first that come most seldom. */
        private List<InWater> inWater(Given given) {
            List<InWater> feeds = new ArrayList<>();
            for (int i = 0;
                    i < given.feedMsCm().size() && i < situation.courses().size();
                    i++) {
                Course course = situation.courses().get(i);
                Situation its = situation.of(course);
                // of an only feed the story knows when it was given
                LocalDate last = situation.course().isPresent()
                        ? lastFed
                        : course.lastFed().orElse(story.since());
                if (given.feedMsCm().get(i) > 0) {
                    feeds.add(new InWater(
                            its,
                            Portion.rhythm(course.feed(), its),
                            given.feedMsCm().get(i),
                            last));
                }
            }
            int days = where.need().daysAfter(lastPoured, Working.off()).likely();
            feeds.sort(Comparator.comparingDouble(f -> -FeedRhythm.days(f.rhythm, Math.max(1, days))));
            return feeds;
        }

        /** What the feed of a day adds to its water, mS/cm; that is given then. */
        private double give(List<InWater> feeds, LocalDate day) {
            for (InWater feed : feeds) {
                if (due(feed, day)) {
                    feed.last = day;
                    return feed.msCm;
                }
            }
            return 0;
        }

        private boolean due(InWater feed, LocalDate day) {
            if (!Hold.on(day, feed.s).isEmpty()) {
                return false;
            }
            if (feed.rhythm instanceof Rhythm.EveryDays window) {
                long gap = window.max() - Math.round(growth(day) * (window.max() - window.min()));
                return !day.isBefore(feed.last.plusDays(gap));
            }
            if (feed.rhythm instanceof Rhythm.Once) {
                return false; // what it still gives is in the pot already
            }
            int days = where.need().daysAfter(day, Working.off()).likely();
            return !day.isBefore(feed.last.plusDays((((Rhythm.EveryWatering) feed.rhythm).each() - 1L) * days));
        }
    }
}
