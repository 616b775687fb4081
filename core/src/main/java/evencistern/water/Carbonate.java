package evencistern.water;

import evencistern.fault.Faults;

/**
 * The carbonate of a water, closed to the air, at 25 °C.
 *
 * <p><b>Answers</b> how much of the alkalinity must go for this pH, and what pH has a water of this alkalinity?
 * <p><b>Formula</b> Alk = C_T·(α1 + 2·α2) + [OH⁻] − [H⁺]; α1 = 1/(1 + [H]/K1 + K2/[H]), α2 = α1·K2/[H]; pK1 6.35, pK2
 * 10.33, pKw 14.00
 * <p><b>Units</b> meq/L and mmol/L; pH
 * <p><b>Valid for</b> pH 3–11, dilute water near 25 °C; standing in the air it loses CO2 and the pH creeps up again
 * <p><b>Source</b> [SM1996]; constants from memory
 * <p><b>Checked by</b> CarbonateTest
 */
public final class Carbonate {
    private static final double K1 = Math.pow(10, -6.35);
    private static final double K2 = Math.pow(10, -10.33);
    private static final double KW = 1e-14;
    private static final double MMOL = 1000;
    private static final int HALVINGS = 60;

    private Carbonate() {}

    /** Charge of the carbonate per mole at a pH: α1 + 2·α2, 0–2. */
    public static double charge(double ph) {
        double h = hydrogen(ph);
        double alpha1 = 1 / (1 + h / K1 + K2 / h);
        return alpha1 + 2 * alpha1 * K2 / h;
    }

    /** [OH⁻] − [H⁺], meq/L. */
    static double waterCharge(double ph) {
        double h = hydrogen(ph);
        return (KW / h - h) * MMOL;
    }

    private static double hydrogen(double ph) {
        return Math.pow(10, -Faults.require("water.ph", ph, 2, 12, "pH"));
    }

    /** Total carbonate, mmol/L, of a water with this alkalinity in meq/L and pH; 0 where there is none. */
    public static double total(double alkalinity, double ph) {
        return Math.max(0, (alkalinity - waterCharge(ph)) / charge(ph));
    }

    /** Alkalinity in meq/L that is left when all this carbonate stands at a pH. */
    static double alkalinityAt(double totalMmol, double ph) {
        return totalMmol * charge(ph) + waterCharge(ph);
    }

    /** The share of the alkalinity that must be neutralised from one pH to another, 0–1; without what water itself takes. */
    public static double neutralised(double fromPh, double toPh) {
        return 1 - charge(toPh) / charge(fromPh);
    }

    /** The pH of so much carbonate with this alkalinity, meq/L. */
    static double ph(double totalMmol, double alkalinity) {
        double low = 2;
        double high = 12;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (alkalinityAt(totalMmol, middle) < alkalinity) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
