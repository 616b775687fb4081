package evencistern.food;

import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.pot.Pot;
import evencistern.working.Working;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A label's rate in one's own can, or for one's own pot.
 *
 * <p><b>Answers</b> what does the label itself come to in this can, or for this pot, whatever plant stands in it?
 * <p><b>Formula</b> can: rate · litres; pot: rate · width/width(label), mix litres, plants, m², or metres of height, and no more than
 * its mix may get at a time for plants that stand much
 * <p><b>Units</b> g or mL of product, as spoons or a weighing
 * <p><b>Valid for</b> the label alone: what a plant takes of it is in the plan
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> LabelByHandTest
 *
 * @param low,high the ends of the label's range; the same where it has none
 * @param heldBack whether the label would give the pot more than its mix may get
 */
public record LabelByHand(Measured low, Measured high, boolean heldBack) {

    /** What it is measured with, and what of the product that needs. */
    public record Means(ProductForm form, double gramsPerMl, HandMeasure tool, Set<HandMeasure.Spoon> spoons) {
        Measured measure(double amount, double limit, Rate rate) {
            return tool.nearest(
                    amount, limit, rate.measure(), gramsPerMl, form == ProductForm.LIQUID, spoons, Working.off());
        }
    }

    /**
     * By can or by pot, as the rate goes; empty where it goes by what is not told.
     *
     * @param canLitres empty where there is no can
     * @param pot empty where no lot is looked at
     * @param feed what is in it, which says what a mix may get of it
     */
    public static Optional<LabelByHand> of(
            Rate rate,
            OptionalDouble canLitres,
            Optional<Pot> pot,
            OptionalDouble tallM,
            Optional<Feed> feed,
            Means means) {
        if (rate instanceof Rate.PerWater || rate instanceof Rate.PerSpray) {
            return canLitres.isEmpty()
                    ? Optional.empty()
                    : Optional.of(times(rate, canLitres.getAsDouble(), Double.MAX_VALUE, means));
        }
        boolean told = !(rate instanceof Rate.PerHeight) || tallM.isPresent();
        return pot.filter(p -> told)
                .map(p -> times(
                        rate,
                        Portion.scale(rate, p, tallM),
                        feed.map(f -> Portion.mostInMix(f, rate.measure(), p.mixLitres(), DoseLimit.Stands.HIGH))
                                .orElse(Double.MAX_VALUE),
                        means));
    }

    private static LabelByHand times(Rate rate, double count, double limit, Means means) {
        double most = Math.min(limit, rate.max() * count);
        return new LabelByHand(
                means.measure(Math.min(most, rate.min() * count), most, rate),
                means.measure(most, most, rate),
                limit < rate.max() * count);
    }
}
