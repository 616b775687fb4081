package evencistern.feed;

import evencistern.label.Measure;
import evencistern.units.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Another way to measure what is too little for spoon or scale.
 *
 * <p><b>Answers</b> how do I measure a dose that nothing at hand can measure?
 * <p><b>Formula</b> stock: a level teaspoon in a bottle of V, of which amount/spoon · V goes into the can, V the smallest of
 * 0.1, 0.25, 0.5 and 1 L that makes that 5 mL or more; drops: amount/0.05 mL; syringe: to 0.1 mL
 * <p><b>Units</b> mL; errors in %, of the rounding
 * <p><b>Valid for</b> a feed that dissolves; a stock is used within a week, kept dark, named and away from children
 * <p><b>Source</b> [COMMON] 20 drops a mL, of a dropper ± 20 %
 * <p><b>Checked by</b> FeedTest
 *
 * @param bottleMl of water that the spoon goes into; 0 where none is made
 * @param take mL for the can, or drops
 * @param errorPercent what rounding leaves; negative is weaker
 */
public record SmallMeasure(Way way, double bottleMl, double take, double errorPercent) {
    /** How it is measured. */
    public enum Way {
        STOCK,
        SYRINGE,
        DROPS;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Beyond this a spoon or a scale is too coarse, %. */
    private static final double TOO_COARSE = 10;

    private static final double SPOON_ML = Unit.METRIC_TEASPOON.toCanonical(1000);
    private static final double[] BOTTLES_ML = {100, 250, 500, 1000};
    private static final double LEAST_OF_STOCK_ML = 5;
    private static final double SYRINGE_STEP_ML = 0.1;
    private static final double LARGE_STEP_ML = 1;
    private static final double LARGE_ML = 10;
    private static final double DROP_ML = 0.05;
    private static final int FEWEST_DROPS = 3;
    private static final int MOST_DROPS = 40;

    /**
     * The ways for an amount that was measured too coarsely; none where it was not.
     *
     * @param gramsPerMl of the product
     * @param byTool whether a syringe measured it already
     */
    static List<SmallMeasure> of(Measured hand, double gramsPerMl, boolean liquid, boolean byTool) {
        if (!(hand.exact() > 0) || (hand.practical() > 0 && Math.abs(hand.errorPercent()) <= TOO_COARSE)) {
            return List.of();
        }
        double ml = hand.measure() == Measure.GRAMS ? hand.exact() / gramsPerMl : hand.exact();
        List<SmallMeasure> ways = new ArrayList<>();
        if (liquid && !byTool && ml >= SYRINGE_STEP_ML) {
            ways.add(rounded(Way.SYRINGE, 0, ml, SYRINGE_STEP_ML));
        }
        if (liquid && ml / DROP_ML >= FEWEST_DROPS && ml / DROP_ML <= MOST_DROPS) {
            ways.add(rounded(Way.DROPS, 0, ml / DROP_ML, 1));
        }
        for (double bottle : BOTTLES_ML) {
            double take = ml / SPOON_ML * bottle;
            if (take >= LEAST_OF_STOCK_ML) {
                ways.add(rounded(Way.STOCK, bottle, take, take < LARGE_ML ? SYRINGE_STEP_ML : LARGE_STEP_ML));
                break;
            }
        }
        return ways;
    }

    /** Rounded down: what is small is not made larger. */
    private static SmallMeasure rounded(Way way, double bottle, double exact, double step) {
        double take = Math.floor(exact / step + 1e-9) * step;
        return new SmallMeasure(way, bottle, take, (take / exact - 1) * 100);
    }
}
