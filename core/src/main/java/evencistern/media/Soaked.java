package evencistern.media;

import evencistern.fault.Faults;

/**
 * What a mix held in one pot, soaked and drained.
 *
 * @param columnCm height of the mix in that pot, 2–60
 * @param air,capacity as fractions of the mix
 * @param plusMinus of the capacity, as a 95 % interval
 */
public record Soaked(double columnCm, double air, double capacity, double plusMinus) {
    public Soaked {
        Faults faults = new Faults();
        faults.within("bench.column", columnCm, 2, 60, "cm");
        faults.within("bench.drained", air * 100, 0, 98, "%");
        faults.within("bench.capacity", capacity * 100, 0.5, 98, "%");
        faults.within("bench.capacity", (air + capacity) * 100, 1, 99, "%");
        faults.within("bench.capacity", plusMinus * 100, 0, 50, "%");
        faults.throwIfAny();
    }
}
