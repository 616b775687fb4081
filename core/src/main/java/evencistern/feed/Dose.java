package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.OptionalDouble;

/**
 * The strength of a feed to be watered on.
 *
 * <p><b>Answers</b> how strong may and should I mix this feed for this plant, and what does that give?
 * <p><b>Formula</b> ceiling = min(label's top, cap(EC)/f, cap(N)/(10·%N)); wanted = label's low + appetite·(top − low), or
 * the share of the label's top that the person chose; strength = min(wanted, ceiling); mg/L = g/L · % · 10
 * <p><b>Units</b> g/L or mL/L of product; mg/L of elements
 * <p><b>Valid for</b> rates per volume of water; a share above 0 to 1; above the label's top it is refused
 * <p><b>Source</b> [COMMON] class caps; the label's own range; oxides by [IUPAC]
 * <p><b>Checked by</b> FeedTest
 *
 * @param perLitre product per litre in the label's measure (g or mL)
 * @param gramsPerLitre the same in grams, with the uncertainty of density and spoon
 * @param ceiling the lowest of the limits
 * @param ceilingPerLitre where it lies, in the label's measure
 * @param heldBack whether the ceiling cut what was wanted
 */
public record Dose(
        double perLitre,
        Measure measure,
        Uncertain gramsPerLitre,
        Nutrients mgPerL,
        Ceiling ceiling,
        double ceilingPerLitre,
        boolean heldBack) {

    /**
     * Chooses the strength.
     *
     * @param appetite where in the label's range this plant belongs, 0 lowest to 1 highest
     * @param share what the person chose, as a share of the label's top rate; empty to follow the appetite
     */
    public static Dose choose(
            Feed feed, Rate.PerWater rate, StrengthCap cap, double appetite, OptionalDouble share, Working working) {
        if (share.isPresent() && !(share.getAsDouble() > 0)) {
            throw new FaultException(
                    new Fault(FaultCode.TOO_SMALL, "share", Double.toString(share.getAsDouble() * 100), "1", "%"));
        }
        if (share.isPresent() && !(share.getAsDouble() <= 1)) {
            throw new FaultException(new Fault(
                    FaultCode.ABOVE_LABEL_RATE,
                    "share",
                    String.format(java.util.Locale.ROOT, "%.0f", share.getAsDouble() * 100),
                    "100",
                    "%"));
        }
        Uncertain grams = feed.gramsPer(rate.measure());
        double ecPer = MeterForecast.perGramPerLitre(feed) * grams.value();
        double nPer = 10 * feed.analysis().n() * grams.value();
        double byEc = ecPer > 0 ? cap.ecMsCm() / ecPer : Double.MAX_VALUE;
        double byN = nPer > 0 ? cap.nMgPerL() / nPer : Double.MAX_VALUE;
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
        double wanted = share.isPresent()
                ? share.getAsDouble() * rate.max()
                : rate.min() + appetite * (rate.max() - rate.min());
        double strength = Math.min(wanted, top);
        Unit per = rate.measure() == Measure.GRAMS ? Unit.GRAM_PER_LITRE : Unit.MILLILITRE_PER_LITRE;
        working.step(
                "feed.ceiling",
                "top = min(label, cap(EC)/f, cap(N)/(10·%N·ρ))",
                top,
                per,
                "COMMON",
                typed("label", rate.max(), per, "feed.label"),
                table("cap(EC)", cap.ecMsCm(), Unit.MILLISIEMENS_PER_CM, "species:cap_ec"),
                table("cap(N)", cap.nMgPerL(), Unit.MILLIGRAM_PER_LITRE, "species:cap_n"));
        working.step(
                "feed.strength",
                share.isPresent() ? "c = min(share·label, top)" : "c = min(low + appetite·(label − low), top)",
                strength,
                per,
                "COMMON",
                share.isPresent()
                        ? typed("share", share.getAsDouble() * 100, Unit.PER_CENT, "share")
                        : table("appetite", appetite * 100, Unit.PER_CENT, "species:appetite"),
                typed("low", rate.min(), per, "feed.label"),
                earlier("top", top, per, "feed.ceiling"));
        Nutrients mgPerL = Nutrients.of(feed.analysis(), strength * grams.value() * 10);
        Working.Input chosen = earlier("c", strength, per, "feed.strength");
        Working.Input percent = typed("%N", feed.analysis().n(), Unit.PER_CENT, "feed.n");
        if (rate.measure() == Measure.GRAMS) {
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
        return new Dose(strength, rate.measure(), grams.times(strength), mgPerL, ceiling, top, strength < wanted);
    }
}
