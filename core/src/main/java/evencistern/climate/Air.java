package evencistern.climate;

import java.util.Arrays;
import java.util.Comparator;

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

    /** The air outdoors that is nearest to a wind of so many m/s. */
    static Air nearest(double metresPerSecond) {
        return Arrays.stream(values())
                .min(Comparator.comparingDouble(a -> Math.abs(a.metresPerSecond - metresPerSecond)))
                .orElseThrow();
    }

    /** Under a roof: a quiet room, a fan or an open window, a draught; m/s. */
    public double indoorMetresPerSecond() {
        return indoorMetresPerSecond;
    }
}
