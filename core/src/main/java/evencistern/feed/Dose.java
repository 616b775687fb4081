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
 * <p><b>Formula</b> ceiling = min(label's top, cap(EC), cap(N)); wanted = label's low + appetite·(top − low), a
 * share of the label's top, so much nitrogen, or the same food in another rhythm, c₂ = c₁·days₂/days₁; strength = min(wanted, ceiling); mg/L = g/L · % · 10
 * <p><b>Units</b> g/L or mL/L of product; mg/L of elements
 * <p><b>Valid for</b> rates per volume of water; a target above the label's top is refused
 * <p><b>Source</b> [COMMON] class caps; the label's own range; oxides by [IUPAC]
 * <p><b>Checked by</b> FeedTest
 *
 * @param perLitre product per litre in the label's measure (g or mL)
 * @param gramsPerLitre the same in grams, with the uncertainty of density and spoon
 * @param ceiling the lowest of the limits
 * @param ceilingPerLitre where it lies, in the label's measure
 * @param wantedPerLitre what was wanted, whatever the ceiling
 * @param heldBack whether the ceiling cut what was wanted
 */
public record Dose(
        double perLitre,
        Measure measure,
        Uncertain gramsPerLitre,
        Nutrients mgPerL,
        Ceiling ceiling,
        double ceilingPerLitre,
        double wantedPerLitre,
        boolean heldBack) {

    /**
     * Chooses the strength. A target above the label's top rate is refused; what a rhythm would need above the ceiling is
     * held back, and lost.
     *
     * @param waterMsCm of the water it is mixed into, 0–5
     */
    public static Dose choose(
            Feed feed, Rate.PerWater rate, StrengthCap cap, Target target, double waterMsCm, Working working) {
        Nutrients contents = feed.contentsPer(rate.measure());
        Wanted goal = wanted(target, rate, contents);
        double byEc = MeterForecast.strengthAdding(feed, rate.measure(), cap.ecMsCm(), waterMsCm);
        double byN = contents.n() > 0 ? cap.nMgPerL() / contents.n() : Double.MAX_VALUE;
        Ceiling ceiling = Ceiling.LABEL_TOP;
        double top = rate.max();
        if (byEc < top) {
            ceiling = Ceiling.CLASS_EC;
            top = byEc;
        }
        if (byN < top) {
            ceiling = Ceiling.CLASS_N;
            top = byN;
        }
        double wanted = goal.perLitre();
        double strength = Math.min(wanted, top);
        Unit per = rate.measure() == Measure.GRAMS ? Unit.GRAM_PER_LITRE : Unit.MILLILITRE_PER_LITRE;
        working.step(
                "feed.ceiling",
                "top = min(label, c at cap(EC), c at cap(N))",
                top,
                per,
                "COMMON",
                typed("label", rate.max(), per, "feed.label"),
                table("cap(EC)", cap.ecMsCm(), Unit.MILLISIEMENS_PER_CM, "species:cap_ec"),
                table("cap(N)", cap.nMgPerL(), Unit.MILLIGRAM_PER_LITRE, "species:cap_n"));
        List<Working.Input> inputs = new ArrayList<>(goal.inputs());
        inputs.add(earlier("top", top, per, "feed.ceiling"));
        working.step(
                "feed.strength", "c = min(" + goal.formula() + ", top)", Quantity.of(strength, per), "COMMON", inputs);
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
                ceiling,
                top,
                wanted,
                strength < wanted * (1 - 1e-9));
    }

    /** What the target asks for, before any ceiling, and how it came about. */
    private record Wanted(double perLitre, String formula, List<Working.Input> inputs) {}

    private static Wanted wanted(Target target, Rate.PerWater rate, Nutrients contents) {
        Unit per = rate.measure() == Measure.GRAMS ? Unit.GRAM_PER_LITRE : Unit.MILLILITRE_PER_LITRE;
        Working.Input label = typed("label", rate.max(), per, "feed.label");
        Working.Input low = typed("low", rate.min(), per, "feed.label");
        if (target instanceof Target.Weakened weak) {
            Wanted full = wanted(weak.target(), rate, contents);
            List<Working.Input> inputs = new ArrayList<>(full.inputs());
            Target.Why why = weak.why();
            inputs.add(table(why.symbol(), weak.share() * 100, Unit.PER_CENT, why.from()));
            return new Wanted(full.perLitre() * weak.share(), "(" + full.formula() + ")·" + why.symbol(), inputs);
        }
        if (target instanceof Target.ByAppetite a) {
            return new Wanted(
                    within(rate, a.place()), "low + appetite·(label − low)", List.of(appetite(a.place()), low, label));
        }
        if (target instanceof Target.OfLabel of) {
            positive("share", of.share() * 100, "%");
            if (!(of.share() <= 1)) {
                throw tooStrong("share", of.share() * 100, 100, "%");
            }
            return new Wanted(
                    of.share() * rate.max(),
                    "share·label",
                    List.of(typed("share", of.share() * 100, Unit.PER_CENT, "share"), label));
        }
        if (target instanceof Target.Nitrogen wish) {
            positive("nitrogen", wish.mgPerL(), "mg/L");
            if (!(contents.n() > 0)) {
                throw new FaultException(Fault.of(FaultCode.NO_NITROGEN, "nitrogen", ""));
            }
            double strength = wish.mgPerL() / contents.n();
            if (strength > rate.max() * (1 + 1e-9)) {
                throw tooStrong("nitrogen", wish.mgPerL(), rate.max() * contents.n(), "mg/L");
            }
            return new Wanted(
                    strength,
                    "N/(N of one)",
                    List.of(
                            typed("N", wish.mgPerL(), Unit.MILLIGRAM_PER_LITRE, "nitrogen"),
                            typed("N of one", contents.n(), Unit.MILLIGRAM, "feed.n")));
        }
        Target.SameFood food = (Target.SameFood) target;
        double once = within(rate, food.place());
        return new Wanted(
                once * food.days() / food.labelDays(),
                "(low + appetite·(label − low))·days/days(label)",
                List.of(
                        appetite(food.place()),
                        low,
                        label,
                        typed("days", food.days(), Unit.DAY, "days"),
                        typed("days(label)", food.labelDays(), Unit.DAY, "feed.label")));
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
        return heldBack ? 1 - perLitre / wantedPerLitre : 0;
    }
}
