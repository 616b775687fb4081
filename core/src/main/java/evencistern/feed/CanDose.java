package evencistern.feed;

import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.units.Uncertain;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.List;
import java.util.Set;

/**
 * A dose in one vessel, as a hand mixes it.
 *
 * @param hand product for the vessel; rounded, and never above the ceiling
 * @param mgPerL what the feed brings after rounding; the water's own is not in it
 * @param otherwise other ways to measure what is too little for the tools
 * @param meter what the pen should read, mS/cm at 25 °C
 */
public record CanDose(double litres, Measured hand, Nutrients mgPerL, Uncertain meter, List<SmallMeasure> otherwise) {

    private static final double ROUNDED_UP = 1.02;

    /** The dose for so many litres with these tools. */
    public static CanDose of(
            Feed feed,
            Dose dose,
            double litres,
            HandMeasure tool,
            Set<HandMeasure.Spoon> spoons,
            SourceWater water,
            Working working) {
        Measure measure = dose.measure();
        Measured hand = tool.nearest(
                dose.perLitre() * litres,
                // what is weakened is measured down, or up by a hair
                (dose.share() < 1
                                ? Math.min(dose.ceilingPerLitre(), dose.perLitre() * ROUNDED_UP)
                                : dose.ceilingPerLitre())
                        * litres,
                measure,
                feed.gramsPer(Measure.MILLILITRES).value(),
                feed.form() == ProductForm.LIQUID,
                spoons,
                working);
        double rounded = dose.perLitre() > 0 ? hand.given() / hand.exact() : 1;
        return new CanDose(
                litres,
                hand,
                dose.mgPerL().times(rounded),
                MeterForecast.inCan(feed, dose.perLitre() * rounded, measure, water, working),
                SmallMeasure.of(
                        hand,
                        feed.gramsPer(Measure.MILLILITRES).value(),
                        feed.form() == ProductForm.LIQUID,
                        tool == HandMeasure.SCALE));
    }
}
