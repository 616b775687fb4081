package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.reading.Trend.Point;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import org.hipparchus.stat.correlation.KendallsCorrelation;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TrendTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

    private static List<Point> weekly(int n, IntToDoubleFunction value) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(new Point(MAY.plusDays(7L * i), value.applyAsDouble(i)));
        }
        return points;
    }

    private static Trend trend(List<Point> points) {
        return Trend.of(points).orElseThrow();
    }

    private static double[] noisy(int n, double perWeek, long seed) {
        Random random = new Random(seed);
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            y[i] = 2 + perWeek * i + 0.2 * random.nextGaussian();
        }
        return y;
    }

    /** The defining property of Theil–Sen: what it leaves over has no rank correlation with time; Hipparchus' Kendall tau. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void whatTheSlopeLeavesOverHasNoRankCorrelationWithTime(long seed) {
        double[] y = noisy(12, 0.1, seed);
        double slope = trend(weekly(12, i -> y[i])).slope();
        double[] t = new double[12];
        double[] left = new double[12];
        for (int i = 0; i < 12; i++) {
            t[i] = 7 * i;
            left[i] = y[i] - slope * t[i];
        }
        // 66 pairs are even: the median lies between two of them, so that none is left over
        assertThat(new KendallsCorrelation().correlation(t, left)).isCloseTo(0, within(1e-9));
    }

    @Test
    void ofALineItIsTheLinesAsLeastSquaresHaveIt() {
        SimpleRegression line = new SimpleRegression();
        for (int i = 0; i < 9; i++) {
            line.addData(7 * i, 6.4 - 0.05 * i);
        }
        Trend t = trend(weekly(9, i -> 6.4 - 0.05 * i));
        assertThat(t.slope()).isCloseTo(line.getSlope(), within(1e-12));
        assertThat(t.at()).isCloseTo(line.predict(56), within(1e-9));
        assertThat(t.scatter()).isCloseTo(0, within(1e-9));
    }

    @Test
    void oneWildReadingDoesNotMoveIt() {
        Trend t = trend(weekly(9, i -> i == 4 ? 12 : 1 + 0.1 * i));
        assertThat(t.slope() * 7).isCloseTo(0.1, within(0.02));
    }

    /** Mann–Kendall by hand: eight rising values have S = 28, var S = 65.33, z = 27/8.083 = 3.34, p = 0.00084. */
    @Test
    void aSteadyRiseIsNotByChance() {
        Trend t = trend(weekly(8, i -> 1 + 0.1 * i));
        assertThat(t.p()).isCloseTo(0.00084, within(0.00002));
        assertThat(t.moves()).isTrue();
        double[] still = {1.2, 1.1, 1.3, 1.0, 1.2, 1.1, 1.25, 1.15};
        assertThat(trend(weekly(8, i -> still[i])).moves()).isFalse();
    }

    @Test
    void theIntervalHoldsTheTruthInNineOfTen() {
        int held = 0;
        for (long seed = 0; seed < 400; seed++) {
            double[] y = noisy(12, 0.1, seed);
            Trend t = trend(weekly(12, i -> y[i]));
            if (t.low() * 7 <= 0.1 && t.high() * 7 >= 0.1) {
                held++;
            }
        }
        assertThat(held / 400.0).isBetween(0.86, 0.96);
    }

    /** Arithmetic: 1.7 on the last day, 0.1 a week: 2.2 is passed after five weeks. */
    @Test
    void theDayTheBandIsLeftIsSaid() {
        Trend t = trend(weekly(8, i -> 1 + 0.1 * i));
        Trend.Leaves leaves = t.leaves(0.7, 2.2).orElseThrow();
        LocalDate last = MAY.plusDays(49);
        assertThat(leaves.above()).isTrue();
        assertThat(leaves.likely()).isBetween(last.plusDays(35), last.plusDays(36));
        assertThat(leaves.earliest()).isBeforeOrEqualTo(leaves.likely());
        assertThat(t.leaves(0.7, 1.5)).isEmpty();
        assertThat(t.leaves(0.7, 20)).isEmpty();
        assertThat(t.ahead(14).mid()).isCloseTo(1.9, within(1e-9));
    }

    @Test
    void threeReadingsOrOneDayShowNothing() {
        assertThat(Trend.of(weekly(3, i -> i))).isEmpty();
        assertThat(Trend.of(List.of(new Point(MAY, 1), new Point(MAY, 2), new Point(MAY, 3), new Point(MAY, 4))))
                .isEmpty();
    }
}
