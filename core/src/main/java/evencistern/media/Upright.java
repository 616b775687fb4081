package evencistern.media;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * The heights, as shares of a column from its floor up, that a mean over it is taken at.
 *
 * <p><b>Answers</b> what is the mean of something over the height of a pot that changes ever faster towards its floor?
 * <p><b>Formula</b> six-point Gauss–Legendre in each of ten layers, the lowest 1/512 of the height, each next as thick as
 * all below it
 * <p><b>Units</b> shares of the height, 0–1; weights sum to 1
 * <p><b>Valid for</b> retention curves of n from 1.05 to 10 that leave at least 0.1 % of water in the column
 * <p><b>Source</b> [COMMON] Gauss–Legendre rule in layers
 * <p><b>Checked by</b> MediaTest
 */
final class Upright {
    private static final int LAYERS = 10;
    private static final GaussIntegrator GAUSS = new GaussIntegratorFactory().legendre(6, 0, 1);
    private static final List<Point> POINTS = points();

    private Upright() {}

    /** A height and how much of the column it stands for. */
    record Point(double height, double weight) {}

    static List<Point> heights() {
        return POINTS;
    }

    /** The mean of a function of the height, 0 at the floor to 1 at the top. */
    static double mean(DoubleUnaryOperator of) {
        double sum = 0;
        for (Point point : POINTS) {
            sum += point.weight() * of.applyAsDouble(point.height());
        }
        return sum;
    }

    private static List<Point> points() {
        List<Point> points = new ArrayList<>();
        double from = 0;
        for (int layer = 1; layer <= LAYERS; layer++) {
            double to = Math.pow(2, layer - LAYERS);
            for (int i = 0; i < GAUSS.getNumberOfPoints(); i++) {
                points.add(new Point(from + GAUSS.getPoint(i) * (to - from), GAUSS.getWeight(i) * (to - from)));
            }
            from = to;
        }
        return List.copyOf(points);
    }
}
