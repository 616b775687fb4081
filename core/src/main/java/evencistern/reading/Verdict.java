package evencistern.reading;

import evencistern.plant.Appetite;
import evencistern.plant.Trait;
import evencistern.reading.Judgement.Finding;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.water.WaterLimits;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/**
 * What a reading says and what to do about it.
 *
 * <p><b>Answers</b> is my root zone in order, and if not, why, what now, and what would change this?
 * <p><b>Formula</b> each value against its band with the pen's ±; salts above: flush to the middle of the band and, where the
 * can is at fault, weaken to (middle − water)/(reading − water) by quarters; below: feed, or ask first what EC cannot
 * show; pH off: water to half of the alkalinity its pots stand, nitrogen form, age of the mix; unsure: measure again
 * <p><b>Units</b> pH; mS/cm at 25 °C; L; mg/L CaCO3; days
 * <p><b>Valid for</b> the methods, each by its own band; runoff at a normal watering shows a trend
 * <p><b>Source</b> [CAVINS2000] and [BMPGUIDE] for judging by mix and crop; salts out in proportion to salts in [FAO29];
 * [COMMON] for the order of remedies and the days until the next reading
 * <p><b>Checked by</b> VerdictTest
 */
public record Verdict(
        Band band,
        Optional<Judgement> ph,
        Optional<Judgement> ec,
        List<Cause> causes,
        List<Advice> advice,
        List<Change> changes,
        Optional<FlushVolume> flush) {

    /** What to do, most urgent first. */
    public enum Action {
        FLUSH,
        FLUSH_WITH_PURER_WATER,
        SKIP_NEXT_FEED,
        WEAKEN_FEED,
        FEED_AS_PLANNED,
        FEED_NOW,
        NO_FEED_PLANNED,
        CORRECT_WATER,
        RAIN_SHARE,
        MEASURE_ALKALINITY,
        MORE_AMMONIUM,
        LESS_AMMONIUM,
        REFRESH_PARTLY,
        REPOT,
        RAISE_PH,
        IRON_IF_YELLOW,
        IRON_SULFATE,
        PLAN_REPOT,
        RAISE_WATER_PH,
        RETEST,
        RETEST_CALIBRATED,
        CARRY_ON;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One thing to do, with how much and when.
     *
     * @param least,most of what {@code unit} says; both the same where it is one figure
     * @param inDays from the reading on
     */
    public record Advice(Action action, OptionalDouble least, OptionalDouble most, Unit unit, OptionalInt inDays) {
        static Advice of(Action action) {
            return new Advice(action, OptionalDouble.empty(), OptionalDouble.empty(), Unit.ONE, OptionalInt.empty());
        }

        static Advice in(int days, Action action) {
            return new Advice(action, OptionalDouble.empty(), OptionalDouble.empty(), Unit.ONE, OptionalInt.of(days));
        }

        static Advice in(int days, Action action, double least, double most, Unit unit) {
            return new Advice(action, OptionalDouble.of(least), OptionalDouble.of(most), unit, OptionalInt.of(days));
        }

        static Advice to(Action action, double least, double most, Unit unit) {
            return new Advice(action, OptionalDouble.of(least), OptionalDouble.of(most), unit, OptionalInt.empty());
        }
    }

    /** What to know or do better. */
    public enum Means {
        CALIBRATE,
        MORE_READINGS,
        POUR_THROUGH,
        ALKALINITY,
        NITROGEN_FORMS,
        CAN,
        MIX_AGE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What would change the verdict.
     *
     * @param figure of it, where it has one
     */
    public record Change(Means id, OptionalDouble figure) {
        static Change of(Means id) {
            return new Change(id, OptionalDouble.empty());
        }
    }

    /** What a mix that is spent asks for in another way. */
    private static final Set<Action> OF_SPENT =
            Set.of(Action.REPOT, Action.PLAN_REPOT, Action.REFRESH_PARTLY, Action.RAISE_PH, Action.RETEST);

    private static final double HALF = 0.5;
    private static final double QUARTER = 0.25;
    private static final double MOSTLY = 0.4;
    private static final double AMMONIUM_LOW = 0.15;
    private static final double SPENT = 0.9;
    private static final double OLD = 0.6;
    private static final double THIRD = 1.0 / 3;
    private static final int RETEST_SALTS_DAYS = 10;
    private static final int RETEST_PH_DAYS = 28;
    private static final int REPOT_DAYS = 28;
    private static final int PLAN_REPOT_DAYS = 90;
    /** After a drench that raises the pH. */
    private static final int RETEST_RAISED_DAYS = 7;
    /** Until it is used to water, bark and moss are acid by themselves. */
    private static final int FRESH_DAYS = 90;
    /** From this age on organic matter that reads sour in a soak is sour; common practice, no source. */
    private static final int SOUR_FROM_DAYS = 150;
    /** Potassium bicarbonate drench, g/L, rinsed off the leaves; greenhouse extension guides, from memory. */
    private static final double BICARBONATE_LOW = 1.2;

    private static final double BICARBONATE_HIGH = 2.4;
    /** One drench of chelated iron, mg/L Fe; greenhouse extension guides, from memory. */
    private static final double IRON_LOW = 20;

    private static final double IRON_HIGH = 38;
    /** One drench of iron sulfate to lower the pH of a lime hater's pot, g/L; greenhouse extension guides, from memory. */
    private static final double IRON_SULFATE_LOW = 1.2;

    private static final double IRON_SULFATE_HIGH = 2.4;
    private static final int MOST_READINGS = 9;

    /** Judges one reading; the can's own is held against no band. */
    public static Verdict of(Sample sample, Circumstances c, Working working) {
        Band band = c.band(sample.method());
        Optional<Judgement> byPh =
                sample.ph().map(ph -> standing(ph, sample, c)).flatMap(band::judgePh);
        Optional<Judgement> byEc = sample.ec().flatMap(band::judgeEc);
        byPh.ifPresent(j -> show("reading.ph_inside", j, Unit.PH_UNIT, working));
        byEc.ifPresent(j -> show("reading.ec_inside", j, Unit.MILLISIEMENS_PER_CM, working));
        List<Advice> advice = new ArrayList<>();
        List<Cause> causes = new ArrayList<>();
        Optional<FlushVolume> flush = Optional.empty();
        if (is(byEc, Finding::high)) {
            Judgement j = byEc.orElseThrow();
            double value = j.value().value();
            causes.addAll(Cause.ofHighEc(value, sample, c));
            c.pot().availableLitres(working); // so that the working shows where the water held comes from
            flush = FlushVolume.of(j, c.water().ecMsCm(), c.pot().capacityLitres(), working);
            advice.add(flush.map(f -> Advice.to(Action.FLUSH, f.leastLitres(), f.mostLitres(), Unit.LITRE))
                    .orElse(Advice.of(Action.FLUSH_WITH_PURER_WATER)));
            advice.add(Advice.of(Action.SKIP_NEXT_FEED));
            weaker(value, band, c, working).ifPresent(advice::add);
            advice.add(Advice.in(RETEST_SALTS_DAYS, Action.RETEST));
        } else if (is(byEc, Finding::low)) {
            causes.addAll(Cause.ofLowEc(sample, c));
            advice.add(Advice.of(hungry(causes, c)));
        }
        if (is(byPh, Finding::high)) {
            causes.addAll(Cause.ofHighPh(sample, c));
            advice.addAll(tooAlkaline(c));
        } else if (is(byPh, Finding::low)) {
            causes.addAll(Cause.ofLowPh(sample, c));
            advice.addAll(tooAcid(sample, byPh.orElseThrow(), c));
        } else if (sample.method() == Method.SOAK
                && byPh.filter(j -> !j.sure() && j.below() > j.above()).isPresent()) {
            advice.add(Advice.in(PLAN_REPOT_DAYS, Action.PLAN_REPOT));
        }
        if (is(byPh, f -> f.high() || f.low()) && advice.stream().noneMatch(a -> a.action() == Action.RETEST)) {
            boolean raised = advice.stream().anyMatch(a -> a.action() == Action.RAISE_PH);
            advice.add(Advice.in(raised ? RETEST_RAISED_DAYS : RETEST_PH_DAYS, Action.RETEST));
        }
        if (is(byPh, Finding.CANNOT_TELL::equals) || is(byEc, Finding.CANNOT_TELL::equals)) {
            advice.add(Advice.in(0, Action.RETEST_CALIBRATED));
        }
        if (advice.isEmpty()) {
            advice.add(Advice.of(Action.CARRY_ON));
        }
        return new Verdict(
                band, byPh, byEc, List.copyOf(causes), List.copyOf(advice), changes(sample, c, byPh, byEc), flush);
    }

    /** This verdict of a soak that has shown the mix to be spent: it is changed, or renewed in part until it can be. */
    public Verdict ofSpentMix() {
        List<Advice> spent = new ArrayList<>();
        spent.add(Advice.in(REPOT_DAYS, Action.REPOT));
        spent.add(Advice.to(Action.REFRESH_PARTLY, THIRD, THIRD, Unit.ONE));
        advice.stream().filter(a -> !OF_SPENT.contains(a.action())).forEach(spent::add);
        return new Verdict(band, ph, ec, causes, List.copyOf(spent), changes, flush);
    }

    /** The pH of the roots: a soak's water hides some of the acid. */
    private static Uncertain standing(Uncertain ph, Sample sample, Circumstances c) {
        return sample.method() == Method.SOAK
                ? Soak.standing(ph, c.mix(), c.water().alkalinity())
                : ph;
    }

    private static boolean is(Optional<Judgement> judgement, java.util.function.Predicate<Finding> what) {
        return judgement.map(Judgement::finding).filter(what).isPresent();
    }

    /** A weaker can, where the can alone would bring the pot above its band's middle. */
    private static Optional<Advice> weaker(double msCm, Band band, Circumstances c, Working working) {
        double water = c.water().ecMsCm();
        OptionalDouble can = c.feed().map(Circumstances.Fed::canMsCm).orElse(OptionalDouble.empty());
        if (can.isEmpty() || can.getAsDouble() <= water || band.middle() <= water) {
            return Optional.empty();
        }
        double share = working.step(
                "reading.weaken",
                "share = (goal − EC(water))/(EC − EC(water))",
                (band.middle() - water) / (msCm - water) * 100,
                Unit.PER_CENT,
                "FAO29",
                Working.Input.table("goal", band.middle(), Unit.MILLISIEMENS_PER_CM, "bands:middle"),
                Working.Input.typed("EC", msCm, Unit.MILLISIEMENS_PER_CM, "reading.ec"),
                Working.Input.typed("EC(water)", water, Unit.MILLISIEMENS_PER_CM, "water.ec"));
        double quarters = Math.max(QUARTER, Math.min(1 - QUARTER, Math.round(share / 25) * QUARTER));
        return Optional.of(Advice.to(Action.WEAKEN_FEED, quarters, quarters, Unit.ONE));
    }

    private static Action hungry(List<Cause> causes, Circumstances c) {
        if (c.species().appetite() == Appetite.NONE || c.coatedAlone()) {
            return Action.NO_FEED_PLANNED;
        }
        boolean overdue = c.days().sinceFed().isPresent()
                && c.days().feedEvery().isPresent()
                && c.days().sinceFed().getAsInt() > c.days().feedEvery().getAsInt();
        boolean unseen = causes.stream().anyMatch(k -> k.kind() == Cause.Kind.UNSEEN_FEED);
        return overdue && !unseen ? Action.FEED_NOW : Action.FEED_AS_PLANNED;
    }

    private static List<Advice> tooAlkaline(Circumstances c) {
        List<Advice> advice = new ArrayList<>();
        OptionalDouble alkalinity = c.water().alkalinity();
        double limit =
                WaterLimits.alkalinityLimit(c.pot().mixLitres(), c.species().drinks());
        if (alkalinity.isEmpty()) {
            advice.add(Advice.of(Action.MEASURE_ALKALINITY));
        } else if (alkalinity.getAsDouble() > limit * HALF) {
            advice.add(Advice.to(
                    Action.CORRECT_WATER, limit * HALF, alkalinity.getAsDouble(), Unit.MILLIGRAM_CACO3_PER_LITRE));
            double rain = 1 - limit * HALF / alkalinity.getAsDouble();
            advice.add(Advice.to(Action.RAIN_SHARE, rain, rain, Unit.ONE));
        }
        OptionalDouble acidifying = c.feed().map(Circumstances.Fed::acidifying).orElse(OptionalDouble.empty());
        if (acidifying.isPresent() && acidifying.getAsDouble() < AMMONIUM_LOW) {
            advice.add(Advice.to(Action.MORE_AMMONIUM, acidifying.getAsDouble(), MOSTLY, Unit.ONE));
        }
        if (c.species().appetite() != Appetite.NONE) {
            advice.add(
                    c.species().hates(Trait.LIME)
                            ? Advice.to(Action.IRON_SULFATE, IRON_SULFATE_LOW, IRON_SULFATE_HIGH, Unit.GRAM_PER_LITRE)
                            : Advice.to(Action.IRON_IF_YELLOW, IRON_LOW, IRON_HIGH, Unit.MILLIGRAM_PER_LITRE));
        }
        return advice;
    }

    /**
     * Below the band: less acid feed; a mix that is old or has gone sour is changed, meanwhile water of a higher pH helps for a
     * month; else bicarbonate. Never raised by the number alone: fresh bark and moss, which are acid by themselves, plants that
     * lime harms, carnivores.
     */
    private static List<Advice> tooAcid(Sample sample, Judgement ph, Circumstances c) {
        List<Advice> advice = new ArrayList<>();
        OptionalDouble acidifying = c.feed().map(Circumstances.Fed::acidifying).orElse(OptionalDouble.empty());
        if (acidifying.isPresent() && acidifying.getAsDouble() > AMMONIUM_LOW) {
            advice.add(Advice.to(Action.LESS_AMMONIUM, acidifying.getAsDouble(), AMMONIUM_LOW, Unit.ONE));
        }
        boolean standsAcid = c.species().hates(Trait.LIME);
        boolean fresh = c.mixDays().isPresent() && c.mixDays().getAsInt() <= FRESH_DAYS;
        boolean soaked = sample.method() == Method.SOAK
                && !fresh
                && c.mix().kind().organic()
                && c.species().appetite() != Appetite.NONE;
        boolean sour = soaked && (c.mixSpent().orElse(0) >= OLD || c.mixDays().orElse(0) >= SOUR_FROM_DAYS);
        if (sour || (c.mix().kind().organic() && c.mixSpent().orElse(0) >= SPENT)) {
            advice.add(Advice.in(REPOT_DAYS, Action.REPOT));
        } else if (c.mix().kind().organic() && c.mixSpent().orElse(0) >= OLD) {
            advice.add(Advice.to(Action.REFRESH_PARTLY, THIRD, THIRD, Unit.ONE));
        } else if (soaked) {
            advice.add(Advice.in(PLAN_REPOT_DAYS, Action.PLAN_REPOT));
        }
        if (sour) {
            advice.add(Advice.in(REPOT_DAYS, Action.RAISE_WATER_PH));
        }
        boolean acidByItself =
                fresh && c.mix().ph(Working.off()).value() < c.species().phLow();
        if (!standsAcid && !acidByItself && !soaked && ph.finding().low()) {
            advice.add(Advice.in(
                    RETEST_RAISED_DAYS, Action.RAISE_PH, BICARBONATE_LOW, BICARBONATE_HIGH, Unit.GRAM_PER_LITRE));
        }
        return advice;
    }

    private static List<Change> changes(
            Sample sample, Circumstances c, Optional<Judgement> byPh, Optional<Judgement> byEc) {
        List<Change> changes = new ArrayList<>();
        boolean phUnsure = byPh.filter(j -> !j.sure()).isPresent();
        boolean ecUnsure = byEc.filter(j -> !j.sure()).isPresent();
        if ((byPh.isPresent() && !sample.phCalibrated()) || (byEc.isPresent() && !sample.ecCalibrated())) {
            changes.add(Change.of(Means.CALIBRATE));
        }
        OptionalInt again = again(phUnsure ? byPh : Optional.empty(), ecUnsure ? byEc : Optional.empty());
        again.ifPresent(n -> changes.add(new Change(Means.MORE_READINGS, OptionalDouble.of(n))));
        boolean off = is(byPh, f -> f.high() || f.low()) || is(byEc, f -> f.high() || f.low());
        if (sample.method() == Method.RUNOFF && (off || phUnsure || ecUnsure)) {
            changes.add(Change.of(Means.POUR_THROUGH));
        }
        if (is(byPh, Finding::high) && c.water().alkalinity().isEmpty()) {
            changes.add(Change.of(Means.ALKALINITY));
        }
        if (off && c.feed().filter(f -> f.acidifying().isEmpty()).isPresent()) {
            changes.add(Change.of(Means.NITROGEN_FORMS));
        }
        if (is(byEc, Finding::high) && c.feed().isPresent()) {
            changes.add(Change.of(Means.CAN));
        }
        if (is(byPh, Finding::low) && c.mixSpent().isEmpty() && c.mix().kind().organic()) {
            changes.add(Change.of(Means.MIX_AGE));
        }
        return changes;
    }

    /** How many readings like this would make the unsure ones sure; empty where none is, or more than nine are needed. */
    private static OptionalInt again(Optional<Judgement> byPh, Optional<Judgement> byEc) {
        int n = Math.max(needed(byPh), needed(byEc));
        return n > 1 && n <= MOST_READINGS ? OptionalInt.of(n) : OptionalInt.empty();
    }

    private static int needed(Optional<Judgement> judgement) {
        return judgement
                .map(j -> {
                    int n = 2;
                    while (n <= MOST_READINGS && !j.ofReadings(n).sure()) {
                        n++;
                    }
                    return n;
                })
                .orElse(0);
    }

    private static void show(String step, Judgement judgement, Unit unit, Working working) {
        working.step(
                step,
                "P(inside) = Φ((high − x)/σ) − Φ((low − x)/σ)",
                judgement.inside() * 100,
                Unit.PER_CENT,
                "JCGM100",
                Working.Input.typed("x", judgement.value().value(), unit, "reading"),
                Working.Input.typed("± of the meter", judgement.value().halfWidth95(), unit, "meter"),
                Working.Input.table("low", judgement.low(), unit, "bands:low"),
                Working.Input.table("high", judgement.high(), unit, "bands:high"));
    }
}
