package evencistern.media;

import evencistern.fault.Faults;
import evencistern.units.Unit;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Water content of a medium against suction.
 *
 * <p><b>Answers</b> how wet is this medium at a height above the drained floor of the pot?
 * <p><b>Formula</b> θ(h) = θr + (θs − θr)/(1 + (α·h)ⁿ)^(1 − 1/n); α is fitted so that the mean over a drained column of
 * known height is the measured container capacity
 * <p><b>Units</b> suction h in cm of water; θ as a volume fraction; α in 1/cm
 * <p><b>Valid for</b> h from 0 to about 300 cm; 0 ≤ θr &lt; capacity &lt; θs ≤ 1; n &gt; 1
 * <p><b>Source</b> [VG1980] equation 3; fitting to one column as in [MFL1989]
 * <p><b>Checked by</b> MediaTest
 */
public record RetentionCurve(double saturated, double residual, double alphaPerCm, double n) {
    private static final double ALPHA_MIN = 1e-5;
    private static final double ALPHA_MAX = 1e3;

    public RetentionCurve {
        Faults faults = new Faults();
        faults.within("saturated", saturated, 0.01, 1, "");
        faults.within("residual", residual, 0, saturated, "");
        faults.within("alpha", alphaPerCm, ALPHA_MIN, ALPHA_MAX, "1/cm");
        faults.within("n", n, 1.01, 20, "");
        faults.throwIfAny();
    }

    /**
     * The curve of that shape whose mean over a drained column of this height is {@code capacity}; a capacity that the shape
     * cannot have is refused.
     */
    public static RetentionCurve fit(double saturated, double residual, double n, double capacity, double columnCm) {
        DoubleUnaryOperator mean =
                x -> new RetentionCurve(saturated, residual, Math.pow(10, x), n).columnMean(columnCm);
        double slow = Math.log10(ALPHA_MIN);
        double fast = Math.log10(ALPHA_MAX);
        Faults.require(
                "component.capacity",
                capacity * 100,
                mean.applyAsDouble(fast) * 100,
                mean.applyAsDouble(slow) * 100,
                Unit.PER_CENT.symbol());
        double logAlpha = new BrentSolver(1e-12, 1e-10).solve(300, x -> mean.applyAsDouble(x) - capacity, slow, fast);
        return new RetentionCurve(saturated, residual, Math.pow(10, logAlpha), n);
    }

    /** Volume fraction of water at a suction of {@code cm}; at or below 0 the medium is saturated. */
    public double at(double cm) {
        if (!(cm > 0)) {
            return saturated;
        }
        return residual + (saturated - residual) / Math.pow(1 + Math.pow(alphaPerCm * cm, n), 1 - 1 / n);
    }

    /** Mean water content of a drained upright column of this height. */
    public double columnMean(double columnCm) {
        return Upright.mean(u -> at(u * columnCm));
    }
}
