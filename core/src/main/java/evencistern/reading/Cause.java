package evencistern.reading;

import evencistern.units.Unit;
import evencistern.water.WaterLimits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Why a reading may be off, with what speaks for it and against it.
 *
 * <p><b>Answers</b> what of what I did, or of what I have, may have done this?
 * <p><b>Formula</b> each fact at hand counts for or against the causes it bears on; those with more for than against come
 * first; none that nothing speaks for is named
 * <p><b>Units</b> those of each fact
 * <p><b>Valid for</b> facts of the garden's own record; what is not known counts for nothing
 * <p><b>Source</b> [COMMON] for which fact bears on what, and for its limits
 * <p><b>Checked by</b> CauseTest
 */
public record Cause(Kind kind, List<Fact> speaksFor, List<Fact> speaksAgainst) {
    private static final double STRONGER = 1.3;
    private static final double MUCH = 0.4;
    private static final double LITTLE = 0.15;
    private static final double OLD = 0.6;
    private static final int FRESH_DAYS = 42;
    private static final int FLUSHED_DAYS = 14;
    private static final double SALTY_WATER = 0.75;
    private static final double PURE_WATER = 0.2;
    private static final double SOFT = 30;

    /** What it may be. */
    public enum Kind {
        FEED_STRONG,
        LITTLE_DRAINS,
        WATER_SALTY,
        POT_DRY,
        JUST_FED,
        HUNGRY,
        UNSEEN_FEED,
        TOO_WET,
        JUST_FLUSHED,
        ALKALINE_WATER,
        NITRATE_FEED,
        ACID_FEED,
        MIX_DECAYED,
        SOFT_WATER,
        MIX_FRESH,
        PEN_OFF;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What is known. */
    public enum What {
        CAN_EC,
        OUT_OVER_IN,
        NOTHING_DRAINS,
        SINCE_FLUSHED,
        WATER_EC,
        SINCE_WATERED,
        SINCE_FED,
        NO_FEED,
        UNSEEN_SHARE,
        ACIDIFYING_SHARE,
        ALKALINITY,
        MIX_SPENT,
        MIX_DAYS,
        NEVER_CALIBRATED;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A fact with its figure, where it has one. */
    public record Fact(What id, OptionalDouble value, Unit unit) {}

    private int weight() {
        return speaksFor.size() - speaksAgainst.size();
    }

    /** A cause while its facts are gathered. */
    private static final class Gathered {
        private final Kind kind;
        private final List<Fact> pro = new ArrayList<>();
        private final List<Fact> contra = new ArrayList<>();

        Gathered(Kind kind) {
            this.kind = kind;
        }

        /** A fact that bears on it either way, or in the middle not at all. */
        Gathered fact(boolean pros, boolean cons, What id, double value, Unit unit) {
            if (pros) {
                pro.add(new Fact(id, OptionalDouble.of(value), unit));
            } else if (cons) {
                contra.add(new Fact(id, OptionalDouble.of(value), unit));
            }
            return this;
        }

        Gathered known(OptionalDouble value, double proFrom, double contraTo, What id, Unit unit) {
            value.ifPresent(v -> fact(v >= proFrom, v <= contraTo, id, v, unit));
            return this;
        }

        Gathered known(OptionalInt value, double proFrom, double contraTo, What id) {
            value.ifPresent(v -> fact(v >= proFrom, v <= contraTo, id, v, Unit.DAY));
            return this;
        }

        Gathered plain(boolean so, What id) {
            if (so) {
                pro.add(new Fact(id, OptionalDouble.empty(), Unit.ONE));
            }
            return this;
        }
    }

    /** Why there may be too much salt. */
    static List<Cause> ofHighEc(double msCm, Sample sample, Circumstances c) {
        OptionalDouble can = c.feed().map(Circumstances.Fed::canMsCm).orElse(OptionalDouble.empty());
        Circumstances.Days days = c.days();
        Band band = c.band(sample.method());
        List<Gathered> all = new ArrayList<>();
        all.add(new Gathered(Kind.FEED_STRONG)
                .known(can, band.ecHigh(), band.middle(), What.CAN_EC, Unit.MILLISIEMENS_PER_CM));
        Gathered drains = new Gathered(Kind.LITTLE_DRAINS).plain(!c.drains(), What.NOTHING_DRAINS);
        can.ifPresent(in -> drains.fact(msCm > STRONGER * in, msCm < in, What.OUT_OVER_IN, msCm / in, Unit.ONE));
        all.add(drains.known(days.sinceFlushed(), 2 * c.species().flushDays() + 1.0, FLUSHED_DAYS, What.SINCE_FLUSHED));
        all.add(new Gathered(Kind.WATER_SALTY)
                .fact(
                        c.water().ecMsCm() >= SALTY_WATER,
                        c.water().ecMsCm() <= PURE_WATER,
                        What.WATER_EC,
                        c.water().ecMsCm(),
                        Unit.MILLISIEMENS_PER_CM));
        if (days.waterEvery().isPresent()) {
            all.add(new Gathered(Kind.POT_DRY)
                    .known(
                            days.sinceWatered(),
                            1.5 * days.waterEvery().getAsInt(),
                            0.7 * days.waterEvery().getAsInt(),
                            What.SINCE_WATERED));
        }
        Gathered fed = new Gathered(Kind.JUST_FED);
        days.sinceFed().ifPresent(d -> fed.fact(d <= 1, d >= 7, What.SINCE_FED, d, Unit.DAY));
        all.add(fed);
        return named(all, !sample.ecCalibrated());
    }

    /** Why there may be too little. */
    static List<Cause> ofLowEc(Sample sample, Circumstances c) {
        Circumstances.Days days = c.days();
        List<Gathered> all = new ArrayList<>();
        Gathered hungry = new Gathered(Kind.HUNGRY).plain(c.feed().isEmpty(), What.NO_FEED);
        if (days.feedEvery().isPresent()) {
            hungry.known(
                    days.sinceFed(),
                    1.5 * days.feedEvery().getAsInt(),
                    0.5 * days.feedEvery().getAsInt(),
                    What.SINCE_FED);
        }
        all.add(hungry);
        all.add(new Gathered(Kind.UNSEEN_FEED)
                .known(
                        c.feed().map(Circumstances.Fed::unseen).orElse(OptionalDouble.empty()),
                        MUCH,
                        LITTLE,
                        What.UNSEEN_SHARE,
                        Unit.ONE));
        Gathered wet = new Gathered(Kind.TOO_WET);
        if (days.waterEvery().isPresent()) {
            days.sinceWatered()
                    .ifPresent(d -> wet.fact(
                            d < 0.4 * days.waterEvery().getAsInt(),
                            d >= days.waterEvery().getAsInt(),
                            What.SINCE_WATERED,
                            d,
                            Unit.DAY));
        }
        all.add(wet);
        Gathered flushed = new Gathered(Kind.JUST_FLUSHED);
        days.sinceFlushed()
                .ifPresent(d -> flushed.fact(d <= FLUSHED_DAYS, d > 2 * FLUSHED_DAYS, What.SINCE_FLUSHED, d, Unit.DAY));
        all.add(flushed);
        return named(all, !sample.ecCalibrated());
    }

    /** Why it may be too alkaline. */
    static List<Cause> ofHighPh(Sample sample, Circumstances c) {
        double limit =
                WaterLimits.alkalinityLimit(c.pot().mixLitres(), c.species().drinks());
        OptionalDouble acidifying = c.feed().map(Circumstances.Fed::acidifying).orElse(OptionalDouble.empty());
        Gathered nitrate = new Gathered(Kind.NITRATE_FEED);
        acidifying.ifPresent(a -> nitrate.fact(a <= LITTLE, a >= MUCH, What.ACIDIFYING_SHARE, a, Unit.ONE));
        return named(
                List.of(
                        new Gathered(Kind.ALKALINE_WATER)
                                .known(
                                        c.water().alkalinity(),
                                        limit,
                                        limit / 2,
                                        What.ALKALINITY,
                                        Unit.MILLIGRAM_CACO3_PER_LITRE),
                        nitrate),
                !sample.phCalibrated());
    }

    /** Why it may be too acid. */
    static List<Cause> ofLowPh(Sample sample, Circumstances c) {
        Gathered soft = new Gathered(Kind.SOFT_WATER);
        c.water()
                .alkalinity()
                .ifPresent(
                        a -> soft.fact(a <= SOFT, a >= 2 * SOFT, What.ALKALINITY, a, Unit.MILLIGRAM_CACO3_PER_LITRE));
        Gathered fresh = new Gathered(Kind.MIX_FRESH);
        if (c.mix().organicShare() > 0.5) {
            c.mixDays().ifPresent(d -> fresh.fact(d <= FRESH_DAYS, d > 2 * FRESH_DAYS, What.MIX_DAYS, d, Unit.DAY));
        }
        return named(
                List.of(
                        new Gathered(Kind.ACID_FEED)
                                .known(
                                        c.feed()
                                                .map(Circumstances.Fed::acidifying)
                                                .orElse(OptionalDouble.empty()),
                                        MUCH,
                                        LITTLE,
                                        What.ACIDIFYING_SHARE,
                                        Unit.ONE),
                        new Gathered(Kind.MIX_DECAYED).known(c.mixSpent(), OLD, OLD / 2, What.MIX_SPENT, Unit.ONE),
                        soft,
                        fresh),
                !sample.phCalibrated());
    }

    private static List<Cause> named(List<Gathered> gathered, boolean uncalibrated) {
        List<Gathered> all = new ArrayList<>(gathered);
        all.add(new Gathered(Kind.PEN_OFF).plain(uncalibrated, What.NEVER_CALIBRATED));
        return all.stream()
                .filter(g -> !g.pro.isEmpty())
                .map(g -> new Cause(g.kind, List.copyOf(g.pro), List.copyOf(g.contra)))
                .sorted(Comparator.comparingInt(Cause::weight).reversed())
                .toList();
    }
}
