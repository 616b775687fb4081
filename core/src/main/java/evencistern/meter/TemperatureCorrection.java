package evencistern.meter;

import evencistern.fault.Faults;

/**
 * A reading of a pen that does not correct for the warmth of the water.
 *
 * <p><b>Answers</b> what would it have read at 25 °C?
 * <p><b>Formula</b> EC25 = EC(T)/(1 + 0.019·(T − 25))
 * <p><b>Units</b> mS/cm; °C
 * <p><b>Valid for</b> 2–40 °C; nutrient solutions and natural waters; a pen that corrects itself is not corrected twice
 * <p><b>Source</b> [ISO7888] linear correction, 1.9 to 2 % per °C, from memory
 * <p><b>Checked by</b> TemperatureCorrectionTest
 */
public final class TemperatureCorrection {
    private static final double PER_DEGREE = 0.019;
    private static final double REFERENCE = 25;

    private TemperatureCorrection() {}

    public static double to25(double msCm, double celsius) {
        Faults faults = new Faults();
        faults.within("reading.ec", msCm, 0, 20, "mS/cm");
        faults.within("reading.celsius", celsius, 2, 40, "°C");
        faults.throwIfAny();
        return msCm / (1 + PER_DEGREE * (celsius - REFERENCE));
    }
}
