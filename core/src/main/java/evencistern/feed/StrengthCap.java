package evencistern.feed;

import evencistern.fault.Faults;

/**
 * The strongest a class of plants stands.
 *
 * @param ecMsCm above the source water, mS/cm, 0–5
 * @param nMgPerL nitrogen, capped apart because urea does not conduct, 0–500 mg/L
 * @param pMgPerL phosphorus, 0–500 mg/L; for plants that it harms
 * @param bMgPerL boron, 0–5 mg/L
 * @param slowMgPerL nitrogen as ammonium and urea, 0–500 mg/L; less than all of it where the roots are cool
 */
public record StrengthCap(double ecMsCm, double nMgPerL, double pMgPerL, double bMgPerL, double slowMgPerL) {
    /** What a plant takes of phosphorus that it does not mind: no label comes near it. */
    private static final double ANY_P = 500;

    /** Where no plant is named: the top of what collectors' pots stand, 500 ppm; common practice, no source. */
    public static final StrengthCap ANY_PLANT = new StrengthCap(1.0, 150);

    /** The same for a plant that stands so much, and that phosphorus harms or does not. */
    public StrengthCap of(DoseLimit.Stands stands, boolean harmedByP) {
        return new StrengthCap(
                ecMsCm,
                nMgPerL,
                harmedByP ? DoseLimit.PHOSPHORUS_HATER_P.of(stands) : ANY_P,
                DoseLimit.BORON.of(stands),
                slowMgPerL);
    }

    /** The same for roots that bear so much ammonium and urea. */
    public StrengthCap withAmmonium(double mgPerL) {
        return new StrengthCap(ecMsCm, nMgPerL, pMgPerL, bMgPerL, mgPerL);
    }

    /** For plants that do not mind phosphorus, and of boron stand as much as most. */
    public StrengthCap(double ecMsCm, double nMgPerL) {
        this(ecMsCm, nMgPerL, ANY_P, DoseLimit.BORON.of(DoseLimit.Stands.MEDIUM), nMgPerL);
    }

    public StrengthCap {
        Faults faults = new Faults();
        faults.within("cap.ec", ecMsCm, 0, 5, "mS/cm");
        faults.within("cap.n", nMgPerL, 0, 500, "mg/L");
        faults.within("cap.p", pMgPerL, 0, 500, "mg/L");
        faults.within("cap.b", bMgPerL, 0, 5, "mg/L");
        faults.within("cap.slow_n", slowMgPerL, 0, 500, "mg/L");
        faults.throwIfAny();
    }
}
