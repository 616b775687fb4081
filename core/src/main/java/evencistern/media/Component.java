package evencistern.media;

import evencistern.fault.Faults;

/**
 * One ingredient of a mix. Fractions by volume, density in kg/L, column of 15 cm.
 *
 * @param capacity15 water held by a drained 15 cm column
 * @param unavailable water that roots cannot take (held at 1.5 MPa)
 */
public record Component(
        String key,
        double porosity,
        double capacity15,
        double unavailable,
        double densityKgPerL,
        RetentionCurve curve) {
    /** The column height the tables are given for. */
    public static final double TABLE_COLUMN_CM = 15;

    public Component {
        Faults faults = new Faults();
        faults.within("porosity", porosity, 0.05, 0.99, "");
        faults.within("capacity15", capacity15, 0.01, porosity, "");
        faults.within("unavailable", unavailable, 0, capacity15, "");
        faults.within("density", densityKgPerL, 0.01, 2.6, "kg/L");
        faults.throwIfAny();
    }
}
