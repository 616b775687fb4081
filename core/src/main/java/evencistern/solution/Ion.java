package evencistern.solution;

import evencistern.chemistry.AtomicWeights;

/**
 * The ions that carry the current in a can.
 *
 * <p>Limiting equivalent conductivities at 25 °C in S·cm²/mol of charge: [CRCHANDBOOK], from memory.
 */
public enum Ion {
    AMMONIUM(1, 73.5, AtomicWeights.N + 4 * AtomicWeights.H),
    POTASSIUM(1, 73.48, AtomicWeights.K),
    SODIUM(1, 50.08, AtomicWeights.NA),
    CALCIUM(2, 59.47, AtomicWeights.CA),
    MAGNESIUM(2, 53.0, AtomicWeights.MG),
    HYDROGEN(1, 349.65, AtomicWeights.H),
    NITRATE(-1, 71.42, AtomicWeights.N + 3 * AtomicWeights.O),
    CHLORIDE(-1, 76.31, AtomicWeights.CL),
    SULFATE(-2, 80.0, AtomicWeights.S + 4 * AtomicWeights.O),
    DIHYDROGEN_PHOSPHATE(-1, 36, 2 * AtomicWeights.H + AtomicWeights.P + 4 * AtomicWeights.O),
    BICARBONATE(-1, 44.5, AtomicWeights.H + AtomicWeights.C + 3 * AtomicWeights.O);

    private final int charge;
    private final double conductivity;
    private final double gramsPerMole;

    Ion(int charge, double conductivity, double gramsPerMole) {
        this.charge = charge;
        this.conductivity = conductivity;
        this.gramsPerMole = gramsPerMole;
    }

    public int charge() {
        return charge;
    }

    /** At infinite dilution and 25 °C, S·cm² per mole of charge. */
    public double conductivity() {
        return conductivity;
    }

    public double gramsPerMole() {
        return gramsPerMole;
    }
}
