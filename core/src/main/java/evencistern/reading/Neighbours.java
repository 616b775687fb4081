package evencistern.reading;

import java.util.List;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * A pot among those that stand and are read alike.
 *
 * <p><b>Answers</b> does this one differ from its neighbours more than they differ among themselves?
 * <p><b>Formula</b> z = (x − median)/(1.4826·MAD), the MAD not below what a pen can tell apart; it differs from |z| = 3.5 on
 * <p><b>Units</b> those of the readings
 * <p><b>Valid for</b> five neighbours and more
 * <p><b>Source</b> [IH1993] modified z-score and its limit
 * <p><b>Checked by</b> NeighboursTest
 *
 * @param median of the neighbours
 * @param z how far it is from it
 */
public record Neighbours(double median, double z, int n) {
    /** What pens tell apart, standard deviation: pH; mS/cm. Typical, from memory. */
    public static final double PH_SD = 0.05;

    public static final double EC_SD = 0.05;
    private static final int LEAST = 5;
    private static final double MAD_TO_SD = 1.4826;
    private static final double LIMIT = 3.5;

    /**
     * One against the others.
     *
     * @param resolution what a pen can tell apart, standard deviation
     */
    public static Neighbours of(double value, List<Double> others, double resolution) {
        if (others.size() < LEAST) {
            return new Neighbours(value, 0, others.size());
        }
        double[] values = others.stream().mapToDouble(Double::doubleValue).toArray();
        double median = new Median().evaluate(values);
        double mad = new Median()
                .evaluate(others.stream().mapToDouble(o -> Math.abs(o - median)).toArray());
        return new Neighbours(median, (value - median) / Math.max(resolution, MAD_TO_SD * mad), others.size());
    }

    /** Whether it differs. */
    public boolean differs() {
        return Math.abs(z) >= LIMIT;
    }
}
