package evencistern.meter;

import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import org.jspecify.annotations.Nullable;

/**
 * A pen meter as its owner describes it.
 *
 * @param scale the ppm scale it prints, or null where nobody has said yet
 * @param phPlusMinus its stated ± in pH, a 95 % interval, 0.01–2
 * @param ecPlusMinusPercent its stated ± in per cent of the EC reading, a 95 % interval, 0.5–50
 */
public record Meter(@Nullable TdsScale scale, double phPlusMinus, double ecPlusMinusPercent) {
    /** Below this no pen resolves anything: one digit of a two-digit display, mS/cm. From memory, typical. */
    private static final double EC_DIGIT = 0.01;

    public Meter {
        Faults faults = new Faults();
        faults.within("meter.ph_plus_minus", phPlusMinus, 0.01, 2, "pH");
        faults.within("meter.ec_plus_minus", ecPlusMinusPercent, 0.5, 50, "%");
        faults.throwIfAny();
    }

    public Uncertain ph(double reading) {
        return Uncertain.plusMinus95(reading, phPlusMinus);
    }

    /** An EC reading in mS/cm at 25 °C with this meter's uncertainty. */
    public Uncertain ec(double msCm) {
        return Uncertain.plusMinus95(msCm, Math.max(EC_DIGIT, msCm * ecPlusMinusPercent / 100));
    }
}
