package evencistern.pot;

/**
 * How deep a pot usually is, and how wide at its base, where only its width is told.
 *
 * <p><b>Answers</b> what are the base and the height of a pot of which only the width at the rim is known?
 * <p><b>Formula</b> base = share of the width at the rim; height = share of the width, of its shorter way
 * <p><b>Units</b> m
 * <p><b>Valid for</b> pots as they are usually sold; long-toms, pans and bonsai trays are unlike it: measure those
 * <p><b>Source</b> [COMMON] standard pots are about as deep as wide and taper by a quarter; the trade sizes keep to it
 * <p><b>Checked by</b> PotTest
 *
 * @param base of the width at the rim
 * @param height of the width at the rim; of the shorter way where there are two
 */
public record UsualProportions(double base, double height) {
    public static final UsualProportions TAPERED = new UsualProportions(0.75, 0.95);
    public static final UsualProportions CELL = new UsualProportions(0.6, 1.2);
    public static final UsualProportions BAG = new UsualProportions(1, 0.9);
    public static final UsualProportions BASKET = new UsualProportions(0, 0.5);
    /** Against how thick the pad on it lies. */
    public static final UsualProportions MOUNT = new UsualProportions(1, 20);

    public static final UsualProportions TROUGH = new UsualProportions(1, 0.9);

    public double baseM(double topM) {
        return base * topM;
    }

    public double heightM(double topM) {
        return height * topM;
    }
}
