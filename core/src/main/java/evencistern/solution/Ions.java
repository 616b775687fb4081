package evencistern.solution;

import evencistern.fault.Faults;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * What is dissolved, in mmol/L of each ion, each 0–20 000.
 *
 * @param mmolPerL by ion; absent is none
 */
public record Ions(Map<Ion, Double> mmolPerL) {
    private static final double MOST = 20_000;

    public Ions {
        Map<Ion, Double> own = new EnumMap<>(Ion.class);
        own.putAll(mmolPerL);
        Faults faults = new Faults();
        own.forEach((ion, c) -> faults.within("ions", c, 0, MOST, "mmol/L"));
        faults.throwIfAny();
        mmolPerL = Collections.unmodifiableMap(own);
    }

    public double of(Ion ion) {
        return mmolPerL.getOrDefault(ion, 0.0);
    }

    /** Charge of the cations less that of the anions, meq/L; 0 in any real solution. */
    public double chargeLeft() {
        return mmolPerL.entrySet().stream()
                .mapToDouble(e -> e.getValue() * e.getKey().charge())
                .sum();
    }

    /** Charge of the cations or of the anions, whichever is more, meq/L. */
    public double charge() {
        return mmolPerL.entrySet().stream()
                        .mapToDouble(e -> Math.max(0, e.getValue() * e.getKey().charge()))
                        .sum()
                + Math.max(0, -chargeLeft());
    }

    /** mg/L of all of them. */
    public double mass() {
        return mmolPerL.entrySet().stream()
                .mapToDouble(e -> e.getValue() * e.getKey().gramsPerMole())
                .sum();
    }

    public Ions plus(Ion ion, double mmol) {
        Map<Ion, Double> sum = new EnumMap<>(Ion.class);
        sum.putAll(mmolPerL);
        sum.merge(ion, mmol, Double::sum);
        return new Ions(sum);
    }
}
