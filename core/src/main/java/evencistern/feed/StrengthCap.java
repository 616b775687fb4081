package evencistern.feed;

import evencistern.fault.Faults;

/**
 * The strongest a class of plants stands.
 *
 * @param ecMsCm above the source water, mS/cm, 0–5
 * @param nMgPerL nitrogen, capped apart because urea does not conduct, 0–500 mg/L
 */
public record StrengthCap(double ecMsCm, double nMgPerL) {
    /** Where no plant is named: the top of what collectors' pots stand, 500 ppm; common practice, no source. */
    public static final StrengthCap ANY_PLANT = new StrengthCap(1.0, 150);

    public StrengthCap {
        Faults faults = new Faults();
        faults.within("cap.ec", ecMsCm, 0, 5, "mS/cm");
        faults.within("cap.n", nMgPerL, 0, 500, "mg/L");
        faults.throwIfAny();
    }
}
