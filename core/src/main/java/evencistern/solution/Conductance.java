package evencistern.solution;

import java.util.ArrayList;
import java.util.List;

/**
 * The conductivity of a solution of fertiliser salts.
 *
 * <p><b>Answers</b> what will the pen show in a solution of these ions at 25 °C?
 * <p><b>Formula</b> κ = Σ λ·z·c, λ = λ° − (0.23·z·z̄·λ° + 30.3·z)·√I/(1 + 1.34·√I), z̄ the mean charge of the opposite
 * ions; c without what is bound in pairs, K = [pair]/([+][−]), activities after Davies
 * <p><b>Units</b> mmol/L; mS/cm at 25 °C
 * <p><b>Valid for</b> up to about 10 mS/cm; ± 5 % (10 % where sulfates of calcium and magnesium make up the most)
 * <p><b>Source</b> [RS1959] limiting law of Onsager with a finite ion size, fitted to potassium chloride; pairing constants
 * [SM1976]; λ° [CRCHANDBOOK]; all from memory
 * <p><b>Checked by</b> ConductanceTest
 */
public final class Conductance {
    private static final double RELAXATION = 0.23;
    private static final double ELECTROPHORESIS = 30.3;
    private static final double ION_SIZE = 1.34;
    private static final double DAVIES_A = 0.509;
    private static final double DAVIES_B = 0.3;
    private static final double PAIR_CONDUCTIVITY = 30;
    private static final int ROUNDS = 60;
    private static final double SETTLED = 1e-7;
    /** Of ionic strength in mol/L per mS/cm of a water of which no more is known; [TYPICAL], from memory. */
    private static final double STRENGTH_PER_MS_CM = 0.013;

    /** Two ions that cling to each other, with the decimal logarithm of their association constant at I = 0. */
    private enum Pair {
        CALCIUM_SULFATE(Ion.CALCIUM, Ion.SULFATE, 2.30),
        MAGNESIUM_SULFATE(Ion.MAGNESIUM, Ion.SULFATE, 2.25),
        POTASSIUM_SULFATE(Ion.POTASSIUM, Ion.SULFATE, 0.85),
        SODIUM_SULFATE(Ion.SODIUM, Ion.SULFATE, 0.70),
        AMMONIUM_SULFATE(Ion.AMMONIUM, Ion.SULFATE, 1.10),
        CALCIUM_PHOSPHATE(Ion.CALCIUM, Ion.DIHYDROGEN_PHOSPHATE, 1.40),
        MAGNESIUM_PHOSPHATE(Ion.MAGNESIUM, Ion.DIHYDROGEN_PHOSPHATE, 1.50),
        CALCIUM_BICARBONATE(Ion.CALCIUM, Ion.BICARBONATE, 1.10),
        MAGNESIUM_BICARBONATE(Ion.MAGNESIUM, Ion.BICARBONATE, 1.07),
        CALCIUM_NITRATE(Ion.CALCIUM, Ion.NITRATE, 0.30);

        private final Ion plus;
        private final Ion minus;
        private final double logK;

        Pair(Ion plus, Ion minus, double logK) {
            this.plus = plus;
            this.minus = minus;
            this.logK = logK;
        }

        private int charge() {
            return plus.charge() + minus.charge();
        }

        private int chargesLost() {
            return plus.charge() * plus.charge() + minus.charge() * minus.charge() - charge() * charge();
        }
    }

    private Conductance() {}

    /** mS/cm at 25 °C of these ions alone. */
    public static double at25(Ions ions) {
        return over(ions, 0);
    }

    /**
     * What these ions add to a water of this conductivity, mS/cm at 25 °C: less than alone, since ions hinder each other.
     *
     * @param waterMsCm 0–5
     */
    public static double over(Ions ions, double waterMsCm) {
        double background = STRENGTH_PER_MS_CM * waterMsCm;
        List<Pair> pairs = new ArrayList<>();
        for (Pair pair : Pair.values()) {
            if (ions.of(pair.plus) > 0 && ions.of(pair.minus) > 0) {
                pairs.add(pair);
            }
        }
        double[] bound = new double[pairs.size()];
        double strength = settle(ions, pairs, bound, background);
        double conducted = 0;
        double plusMean = meanCharge(ions, pairs, bound, true);
        double minusMean = meanCharge(ions, pairs, bound, false);
        double root = Math.sqrt(strength);
        double hindrance = root / (1 + ION_SIZE * root);
        for (Ion ion : ions.mmolPerL().keySet()) {
            double z = Math.abs(ion.charge());
            double opposite = ion.charge() > 0 ? minusMean : plusMean;
            double slowed = (RELAXATION * z * opposite * ion.conductivity() + ELECTROPHORESIS * z) * hindrance;
            conducted += free(ions, ion, pairs, bound) * z * Math.max(0, ion.conductivity() - slowed);
        }
        for (int i = 0; i < bound.length; i++) {
            conducted += bound[i] * Math.abs(pairs.get(i).charge()) * PAIR_CONDUCTIVITY;
        }
        return conducted / 1000;
    }

    /** Lets the pairs form until nothing moves; returns the ionic strength that is left, mol/L. */
    private static double settle(Ions ions, List<Pair> pairs, double[] bound, double background) {
        double strength = strength(ions, pairs, bound, background);
        for (int round = 0; round < ROUNDS; round++) {
            double root = Math.sqrt(strength);
            double activity = -DAVIES_A * (root / (1 + root) - DAVIES_B * strength);
            double moved = 0;
            for (int i = 0; i < bound.length; i++) {
                Pair pair = pairs.get(i);
                double constant = Math.pow(10, pair.logK + activity * pair.chargesLost()) / 1000;
                double wanted = constant * free(ions, pair.plus, pairs, bound) * free(ions, pair.minus, pairs, bound);
                double step = (wanted - bound[i]) / 2;
                bound[i] += step;
                moved = Math.max(moved, Math.abs(step));
            }
            strength = strength(ions, pairs, bound, background);
            if (moved < SETTLED) {
                break;
            }
        }
        return strength;
    }

    private static double strength(Ions ions, List<Pair> pairs, double[] bound, double background) {
        double sum = 0;
        for (Ion ion : ions.mmolPerL().keySet()) {
            sum += free(ions, ion, pairs, bound) * ion.charge() * ion.charge();
        }
        for (int i = 0; i < bound.length; i++) {
            sum += bound[i] * pairs.get(i).charge() * pairs.get(i).charge();
        }
        return background + sum / 2 / 1000;
    }

    /** What is left of an ion outside pairs; a twentieth at least, so that a round that binds too much comes back. */
    private static double free(Ions ions, Ion ion, List<Pair> pairs, double[] bound) {
        double left = ions.of(ion);
        for (int i = 0; i < bound.length; i++) {
            if (pairs.get(i).plus == ion || pairs.get(i).minus == ion) {
                left -= bound[i];
            }
        }
        return Math.max(left, ions.of(ion) / 20);
    }

    private static double meanCharge(Ions ions, List<Pair> pairs, double[] bound, boolean plus) {
        double squares = 0;
        double charges = 0;
        for (Ion ion : ions.mmolPerL().keySet()) {
            if (ion.charge() > 0 == plus) {
                double free = free(ions, ion, pairs, bound);
                squares += free * ion.charge() * ion.charge();
                charges += free * Math.abs(ion.charge());
            }
        }
        return charges > 0 ? squares / charges : 1;
    }
}
