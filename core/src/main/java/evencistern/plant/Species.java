package evencistern.plant;

import evencistern.fault.Faults;
import evencistern.feed.StrengthCap;

/**
 * One entry of the species guide.
 *
 * @param depletion share of the available water that may go before the next watering, 0.1–0.8
 * @param cropFactor water use against the reference, 0.1–1.5
 * @param canopyRatio projected canopy against the pot's top area, at least 1
 * @param cap strongest feed it stands
 * @param phLow,phHigh band in the root zone
 * @param growthBaseC no growth at or below this daily mean; {@code growthFullC}: full growth at and above
 * @param fullLightMol daily light at which light no longer holds growth back, mol/m²/d
 * @param airPercent least air its roots want in the drained pot, 0–60 % of the mix
 * @param rots whether its roots rot where it stays wet
 * @param standsPhosphorus whether it stands phosphorus at the rates of other plants
 */
public record Species(
        String key,
        String common,
        String scientific,
        String group,
        Appetite appetite,
        double depletion,
        double cropFactor,
        double canopyRatio,
        StrengthCap cap,
        double phLow,
        double phHigh,
        double growthBaseC,
        double growthFullC,
        double fullLightMol,
        int repotHoldDays,
        Toxicity toxicity,
        double airPercent,
        boolean rots,
        boolean standsPhosphorus) {

    public Species {
        Faults faults = new Faults();
        faults.within("depletion", depletion, 0.1, 0.8, "");
        faults.within("crop_factor", cropFactor, 0.1, 1.5, "");
        faults.within("canopy", canopyRatio, 1, 20, "");
        faults.within("ph_low", phLow, 3, 8, "pH");
        faults.within("ph_high", phHigh, phLow, 9, "pH");
        faults.within("growth_base", growthBaseC, -5, 20, "°C");
        faults.within("growth_full", growthFullC, growthBaseC + 1, 35, "°C");
        faults.within("full_light", fullLightMol, 0.5, 60, "mol/m²/d");
        faults.within("air", airPercent, 0, 60, "%");
        faults.within("repot_hold", repotHoldDays, 0, 365, "d");
        faults.throwIfAny();
    }
}
