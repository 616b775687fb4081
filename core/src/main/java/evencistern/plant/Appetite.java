package evencistern.plant;

/** How hungry a plant is, and where in a label's range that puts it (0 lowest, 1 highest). Common practice. */
public enum Appetite {
    NONE(0),
    LIGHT(0),
    MEDIUM(0.5),
    HEAVY(1);

    private final double placeInRange;

    Appetite(double placeInRange) {
        this.placeInRange = placeInRange;
    }

    public double placeInRange() {
        return placeInRange;
    }
}
