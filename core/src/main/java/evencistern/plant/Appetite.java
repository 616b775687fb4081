package evencistern.plant;

/** How hungry a plant is, and where in a label's range that puts it (0 lowest, 1 highest). Common practice. */
public enum Appetite {
    NONE(0, 0),
    LIGHT(0, 50),
    MEDIUM(0.5, 125),
    HEAVY(1, 200);

    private final double placeInRange;
    private final double nitrogenMgPerL;

    Appetite(double placeInRange, double nitrogenMgPerL) {
        this.placeInRange = placeInRange;
        this.nitrogenMgPerL = nitrogenMgPerL;
    }

    public double placeInRange() {
        return placeInRange;
    }

    /** Nitrogen that a plant so hungry wants in each watering in full growth, mg/L. */
    public double nitrogenMgPerL() {
        return nitrogenMgPerL;
    }
}
