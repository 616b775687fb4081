package evencistern.feed;

import evencistern.fault.Faults;
import evencistern.units.Unit;

/**
 * The growers' rule for injector stock in US measures.
 *
 * <p><b>Answers</b> how many ounces of a feed per US gallon of stock give this many ppm of nitrogen?
 * <p><b>Formula</b> oz/gal = ppm · DF / (C · %N), where C = 10 · (mg/L in 1 oz/US gal) / 1000, exactly 74.89, which the
 * trade rounds to 75
 * <p><b>Units</b> ppm as mg/L N; oz avoirdupois per US gallon; dilution factor DF = 1 without an injector
 * <p><b>Valid for</b> dry feeds; N above 0 to 100 %; DF 1–2 000
 * <p><b>Source</b> [COMMON] the rule and its 75; the exact constant follows from [NIST811]
 * <p><b>Checked by</b> FeedTest
 */
public final class FieldFormula {
    /** mg/L of a 1 % nutrient from 1 oz/US gal. */
    public static final double EXACT = Unit.OUNCE_PER_US_GALLON.factor() / 100;

    private FieldFormula() {}

    public static double ouncesPerUsGallon(double ppmN, double dilutionFactor, double percentN) {
        Faults faults = new Faults();
        faults.within("ppm", ppmN, 0, 10_000, "mg/L");
        faults.within("dilution_factor", dilutionFactor, 1, 2000, "");
        faults.within("feed.n", percentN, 0.01, 100, "%");
        faults.throwIfAny();
        return ppmN * dilutionFactor / (EXACT * percentN);
    }
}
