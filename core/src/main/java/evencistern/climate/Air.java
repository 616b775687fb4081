package evencistern.climate;

/** How the air moves at a place: typical speeds 2 m above the ground, and of the air of a room, from memory. */
public enum Air {
    STILL(1.0, 0.5),
    MOVING(2.0, 0.9),
    WINDY(3.5, 1.5);

    private final double metresPerSecond;
    private final double indoorMetresPerSecond;

    Air(double metresPerSecond, double indoorMetresPerSecond) {
        this.metresPerSecond = metresPerSecond;
        this.indoorMetresPerSecond = indoorMetresPerSecond;
    }

    /** Outdoors, m/s. */
    public double metresPerSecond() {
        return metresPerSecond;
    }

    /** Under a roof: a quiet room, a fan or an open window, a draught; m/s. */
    public double indoorMetresPerSecond() {
        return indoorMetresPerSecond;
    }
}
