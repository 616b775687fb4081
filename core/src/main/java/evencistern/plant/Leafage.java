package evencistern.plant;

import java.util.Locale;

/** How full of leaves a plant is, against what its kind usually has. */
public enum Leafage {
    SPARSE(0.5),
    USUAL(1),
    DENSE(1.5);

    private final double share;

    Leafage(double share) {
        this.share = share;
    }

    public double share() {
        return share;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
