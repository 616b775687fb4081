package evencistern.units;

import evencistern.fault.Faults;
import org.hipparchus.special.Erf;

/**
 * A value with how sure it is.
 *
 * <p><b>Answers</b> how likely is the true value to lie above, below or within something?
 * <p><b>Formula</b> P(X &lt; x) = ½·(1 + erf((x − μ)/(σ√2))); sums add variances, products add relative variances
 * (first order, independent)
 * <p><b>Units</b> those of the value
 * <p><b>Valid for</b> errors that are roughly normal and, for products, below about 30 % of the value
 * <p><b>Source</b> [JCGM100] sections 4.3 and 5.1
 * <p><b>Checked by</b> UncertainTest
 *
 * @param value the best estimate
 * @param sd its standard deviation, zero or more
 */
public record Uncertain(double value, double sd) {
    private static final double Z95 = 1.959963984540054;

    public Uncertain {
        Faults.require("sd", sd, 0, Double.MAX_VALUE, "");
        Faults.require("value", value, -Double.MAX_VALUE, Double.MAX_VALUE, "");
    }

    public static Uncertain exact(double value) {
        return new Uncertain(value, 0);
    }

    /** A stated ± taken as a 95 % interval, as meters print it. */
    public static Uncertain plusMinus95(double value, double halfWidth) {
        return new Uncertain(value, halfWidth / Z95);
    }

    /** Anything from {@code low} to {@code high} equally likely, as a label's range is meant. */
    public static Uncertain uniform(double low, double high) {
        return new Uncertain((low + high) / 2, (high - low) / Math.sqrt(12));
    }

    /** Half the width of the 95 % interval. */
    public double halfWidth95() {
        return Z95 * sd;
    }

    public Uncertain plus(Uncertain other) {
        return new Uncertain(value + other.value, Math.hypot(sd, other.sd));
    }

    public Uncertain times(Uncertain other) {
        return new Uncertain(value * other.value, Math.hypot(sd * other.value, other.sd * value));
    }

    public Uncertain times(double factor) {
        return new Uncertain(value * factor, sd * Math.abs(factor));
    }

    /** Probability that the true value is below {@code limit}; for an exact value 0 or 1. */
    public double probabilityBelow(double limit) {
        if (sd == 0) {
            return value < limit ? 1 : 0;
        }
        return 0.5 * (1 + Erf.erf((limit - value) / (sd * Math.sqrt(2))));
    }
}
