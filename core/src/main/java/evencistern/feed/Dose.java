package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.units.Quantity;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The strength of a feed to be watered on.
 *
 * <p><b>Answers</b> how strong may and should I mix this feed for this plant, and what does that give?
 * <p><b>Formula</b> ceiling = min(label's top, cap(EC), cap(N), cap(P), cap(B), cap(ammonium and urea)); wanted = label's low + appetite·(top − low),
 * the label's top, so much nitrogen, so much on the pen, or the same food in another rhythm, c₂ = min(c₁, ceiling)·days₂/days₁, or c₁·days₂/days₁ where the label's whole food is to be given back; strength = min(wanted,
 * ceiling)·Π shares, dry air and slow growth counting once; mg/L = g/L · % · 10
 * <p><b>Units</b> g/L or mL/L of product; mg/L of elements
 * <p><b>Valid for</b> rates per volume of water; a target above the label's top is refused; what is mixed already is only judged
 * <p><b>Source</b> [COMMON] class caps; the label's own range; oxides by [IUPAC]
 * <p><b>Checked by</b> FeedTest
 *
 * @param perLitre product per litre in the label's measure (g or mL)
 * @param gramsPerLitre the same in grams, with the uncertainty of density and spoon
 * @param ceiling the lowest of the limits
 * @param ceilingPerLitre where it lies, in the label's measure
 * @param wantedPerLitre what was wanted, whatever the ceiling, before it was weakened
 * @param heldBack whether the ceiling cut what was wanted
 * @param share of what it would be that it is given at, 0–1
 */
public record Dose(
        double perLitre,
        Measure measure,
        Uncertain gramsPerLitre,
        Nutrients mgPerL,
        Ceiling ceiling,
        double ceilingPerLitre,
        double wantedPerLitre,
        boolean heldBack,
        double share) {
    /** Between a wish and a limit: as near as hands measure. */
    private static final double AS_GOOD_AS = 1.02;
    /** Of the product in a litre, g or mL; the meter's forecast is told up to it. */
    private static final double STRONGEST = 200;

    /** No pen shows more of a millisiemens. */
    private static final double HUNDREDTHS = 100;

    /**
     * Chooses the strength. A target above the label's top rate is refused; what a rhythm would need above the ceiling is
     * held back, and lost.
     *
     * @param waterMsCm of the water it is mixed into, 0–5
     */
    public static Dose choose(
            Feed feed, Rate.PerWater rate, StrengthCap cap, Target target, double waterMsCm, Working working) {
        Nutrients contents = feed.contentsPer(rate.measure());
        Limit limit = limit(feed, rate, cap, contents, waterMsCm);
        double top = limit.perLitre();
        Wanted goal = Target.base(target) instanceof Target.OverWater reading
                ? wanted(reading, feed, rate, waterMsCm)
                : wanted(Target.base(target), rate, contents, top);
        double wanted = goal.perLitre();
        double share = Target.share(target);
        double strength = Math.min(wanted, top) * share;
        Unit per = rate.measure().perLitre();
        working.step(
                "feed.ceiling",
                "top = min(label, c at cap(EC), c at cap(N), c at cap(P), c at cap(B), c at cap(slow N))",
                top,
                per,
                "COMMON",
                typed("label", rate.max(), per, "feed.label"),
                table("cap(EC)", cap.ecMsCm(), Unit.MILLISIEMENS_PER_CM, "species:cap_ec"),
                table("cap(N)", cap.nMgPerL(), Unit.MILLIGRAM_PER_LITRE, "species:cap_n"),
                table("cap(P)", cap.pMgPerL(), Unit.MILLIGRAM_PER_LITRE, "species:phosphorus"),
                table("cap(B)", cap.bMgPerL(), Unit.MILLIGRAM_PER_LITRE, "limits:boron"),
                table("cap(slow N)", cap.slowMgPerL(), Unit.MILLIGRAM_PER_LITRE, "limits:cold_ammonium"));
        List<Working.Input> inputs = new ArrayList<>(goal.inputs());
        inputs.add(earlier("top", top, per, "feed.ceiling"));
        String shares = Target.shares(target, inputs);
        working.step(
                "feed.strength",
                "c = min(" + goal.formula() + ", top)" + shares,
                Quantity.of(strength, per),
                "COMMON",
                inputs);
        Nutrients mgPerL = contents.times(strength);
        Working.Input chosen = earlier("c", strength, per, "feed.strength");
        Working.Input percent = typed("%N", feed.analysis().n(), Unit.PER_CENT, "feed.n");
        if ((rate.measure() == Measure.GRAMS) == (feed.analysis().basis() == Analysis.Basis.BY_WEIGHT)) {
            working.step(
                    "feed.nitrogen", "N = c·%N·10", mgPerL.n(), Unit.MILLIGRAM_PER_LITRE, "IUPAC", chosen, percent);
        } else {
            working.step(
                    "feed.nitrogen",
                    "N = c·ρ·%N·10",
                    mgPerL.n(),
                    Unit.MILLIGRAM_PER_LITRE,
                    "IUPAC",
                    chosen,
                    feed.densityInput(),
                    percent);
        }
        return new Dose(
                strength,
                rate.measure(),
                feed.gramsPer(rate.measure()).times(strength),
                mgPerL,
                limit.ceiling(),
                top,
                wanted,
                top < wanted * (1 - 1e-9),
                share);
    }

    /** The lowest of the limits, and which it is. */
    private record Limit(Ceiling ceiling, double perLitre) {
        Limit or(Ceiling other, double perLitre) {
            return perLitre < this.perLitre ? new Limit(other, perLitre) : this;
        }
    }

    private static Limit limit(Feed feed, Rate.PerWater rate, StrengthCap cap, Nutrients contents, double waterMsCm) {
        Limit limit = new Limit(Ceiling.LABEL_TOP, rate.max())
                .or(Ceiling.CLASS_N, at(cap.nMgPerL(), contents.n()))
                .or(Ceiling.CLASS_P, at(cap.pMgPerL(), contents.p()))
                .or(Ceiling.BORON, at(cap.bMgPerL(), contents.of(Nutrient.B)))
                .or(Ceiling.SLOW_N, at(cap.slowMgPerL(), contents.n() * feed.slowShare()));
        // the one that has to be searched for, and seldom is the lowest
        return MeterForecast.staysWithin(cap.ecMsCm(), feed, limit.perLitre(), rate.measure(), waterMsCm)
                ? limit
                : limit.or(
                        Ceiling.CLASS_EC, MeterForecast.strengthAdding(feed, rate.measure(), cap.ecMsCm(), waterMsCm));
    }

    /** Product in a litre at which so much of something is in it; no limit where none is in the product. */
    private static double at(double mgPerL, double mgInOne) {
        return mgInOne > 0 ? mgPerL / mgInOne : Double.MAX_VALUE;
    }

    /** Whether it is so weak that plain water is given instead; a feed without nitrogen is not judged by that. */
    public boolean tooWeak() {
        double n = mgPerL.n();
        return perLitre <= 0 || (n > 0 && n < DoseLimit.LEAST_N.of(DoseLimit.Stands.LOW));
    }

    /** What the target asks for, before any ceiling, and how it came about. */
    private record Wanted(double perLitre, String formula, List<Working.Input> inputs) {}

    private static Wanted wanted(Target target, Rate.PerWater rate, Nutrients contents, double top) {
        Unit per = rate.measure().perLitre();
        Working.Input label = typed("label", rate.max(), per, "feed.label");
        Working.Input low = typed("low", rate.min(), per, "feed.label");
        if (target instanceof Target.ByAppetite a) {
            return new Wanted(
                    within(rate, a.place()), "low + appetite·(label − low)", List.of(appetite(a.place()), low, label));
        }
        if (target instanceof Target.OfLabel of) {
            positive("share", of.share() * 100, "%");
            if (!(of.share() <= 1)) {
                throw tooStrong("share", of.share() * 100, 100, "%");
            }
            return new Wanted(rate.max(), "label", List.of(label));
        }
        if (target instanceof Target.Nitrogen wish) {
            positive("nitrogen", wish.mgPerL(), "mg/L");
            if (!(contents.n() > 0)) {
                throw new FaultException(Fault.of(FaultCode.NO_NITROGEN, "nitrogen", ""));
            }
            double strength = wish.mgPerL() / contents.n();
            if (strength > rate.max() * AS_GOOD_AS) {
                throw tooStrong("nitrogen", wish.mgPerL(), rate.max() * contents.n(), "mg/L");
            }
            return new Wanted(
                    Math.min(strength, rate.max()),
                    "N/(N of one)",
                    List.of(
                            typed("N", wish.mgPerL(), Unit.MILLIGRAM_PER_LITRE, "nitrogen"),
                            typed("N of one", contents.n(), Unit.MILLIGRAM, "feed.n")));
        }
        Target.SameFood food = (Target.SameFood) target;
        double byLabel = within(rate, food.place());
        // what it would get in the label's own rhythm, or what the label has it get
        double once = food.whole() ? byLabel : Math.min(byLabel, top);
        return new Wanted(
                once * food.days() / food.labelDays(),
                food.whole()
                        ? "(low + appetite·(label − low))·days/days(label)"
                        : "min(low + appetite·(label − low), top)·days/days(label)",
                List.of(
                        appetite(food.place()),
                        low,
                        label,
                        typed("days", food.days(), Unit.DAY, "days"),
                        typed("days(label)", food.labelDays(), Unit.DAY, "feed.label")));
    }

    /** The strength at which a pen reads so much more than in the water. */
    private static Wanted wanted(Target.OverWater reading, Feed feed, Rate.PerWater rate, double waterMsCm) {
        positive("reading", reading.msCm(), "mS/cm");
        double strength = MeterForecast.strengthAdding(feed, rate.measure(), reading.msCm(), waterMsCm);
        if (strength == Double.MAX_VALUE) {
            throw new FaultException(Fault.of(FaultCode.NO_SALT, "reading", ""));
        }
        if (strength > rate.max() * AS_GOOD_AS) {
            double most = MeterForecast.adds(feed, rate.max(), rate.measure(), waterMsCm);
            throw tooStrong("reading", reading.msCm(), Math.floor(most * HUNDREDTHS) / HUNDREDTHS, "mS/cm");
        }
        Unit per = rate.measure().perLitre();
        return new Wanted(
                Math.min(strength, rate.max()),
                "EC/f",
                List.of(
                        typed("EC", reading.msCm(), Unit.MILLISIEMENS_PER_CM, "reading"),
                        table("f", reading.msCm() / strength, Unit.MILLISIEMENS_PER_CM, "feed:ec_factor"),
                        typed("label", rate.max(), per, "feed.label")));
    }

    /**
     * What somebody has mixed: so much of the product in so much water, whatever the label and the plant say to it. Its
     * {@code ceiling} is where the lowest of the limits lies.
     *
     * @param amount in the measure of the rate, above 0
     * @param litres of water, above 0
     * @param waterMsCm of that water
     */
    public static Dose mixed(
            Feed feed,
            Rate.PerWater rate,
            StrengthCap cap,
            double amount,
            double litres,
            double waterMsCm,
            Working working) {
        Measure measure = rate.measure();
        Unit unit = measure.unit();
        Unit per = measure.perLitre();
        double strength = amount / litres;
        Faults.require("strength", strength, 0, STRONGEST, per.symbol());
        Nutrients contents = feed.contentsPer(measure);
        Limit limit = limit(feed, rate, cap, contents, waterMsCm);
        working.step(
                "feed.mixed",
                "c = put in/in water",
                strength,
                per,
                "COMMON",
                typed("put in", amount, unit, "mixed.amount"),
                typed("in water", litres, Unit.LITRE, "mixed.litres"));
        Nutrients mgPerL = contents.times(strength);
        working.step(
                "feed.nitrogen",
                "N = c·(N of one)",
                mgPerL.n(),
                Unit.MILLIGRAM_PER_LITRE,
                "IUPAC",
                earlier("c", strength, per, "feed.mixed"),
                typed("N of one", contents.n(), Unit.MILLIGRAM, "feed.n"));
        return new Dose(
                strength,
                measure,
                feed.gramsPer(measure).times(strength),
                mgPerL,
                limit.ceiling(),
                limit.perLitre(),
                strength,
                false,
                1);
    }

    /** Water to add to so many litres, so that it is no stronger than the ceiling; 0 where it is not. */
    public double waterToAdd(double litres) {
        return Math.max(0, perLitre / ceilingPerLitre - 1) * litres;
    }

    private static double within(Rate rate, double place) {
        return rate.min() + place * (rate.max() - rate.min());
    }

    private static Working.Input appetite(double place) {
        return table("appetite", place * 100, Unit.PER_CENT, "species:appetite");
    }

    private static void positive(String field, double value, String unit) {
        if (!(value > 0)) {
            throw new FaultException(new Fault(FaultCode.TOO_SMALL, field, Faults.plain(value), "0", unit));
        }
    }

    private static FaultException tooStrong(String field, double value, double top, String unit) {
        return new FaultException(
                new Fault(FaultCode.ABOVE_LABEL_RATE, field, Faults.plain(value), Faults.plain(top), unit));
    }

    /** What the ceiling takes from the food that was wanted, 0–1. */
    public double lost() {
        return heldBack ? 1 - ceilingPerLitre / wantedPerLitre : 0;
    }
}
