package evencistern.water;

import evencistern.fault.Faults;

/**
 * The water before anything is added.
 *
 * @param ecMsCm conductivity at 25 °C, 0–5 mS/cm
 * @param ph 3–11
 */
public record SourceWater(double ecMsCm, double ph) {
    public SourceWater {
        Faults faults = new Faults();
        faults.within("water.ec", ecMsCm, 0, 5, "mS/cm");
        faults.within("water.ph", ph, 3, 11, "pH");
        faults.throwIfAny();
    }
}
