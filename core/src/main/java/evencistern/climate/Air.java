package evencistern.climate;

/** How the air moves at a place. Typical speeds 2 m above the ground, and how much faster moving air dries a pot indoors. */
public enum Air {
    STILL(1.0, 1.0),
    MOVING(2.0, 1.3),
    WINDY(3.5, 1.7);

    private final double metresPerSecond;
    private final double dryingIndoors;

    Air(double metresPerSecond, double dryingIndoors) {
        this.metresPerSecond = metresPerSecond;
        this.dryingIndoors = dryingIndoors;
    }

    /** Outdoors, m/s. */
    public double metresPerSecond() {
        return metresPerSecond;
    }

    /** Of the drying that dry air does indoors, against still air. */
    public double dryingIndoors() {
        return dryingIndoors;
    }
}
