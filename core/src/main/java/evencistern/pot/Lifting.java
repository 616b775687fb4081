package evencistern.pot;

/**
 * How heavy a pot one person may lift.
 *
 * <p><b>Answers</b> is this pot, watered, too heavy to lift from the floor, or at all?
 * <p><b>Formula</b> RWL = 23 · (25/H) · (1 − 0.003·|V − 75|) · (0.82 + 4.5/D), with H = 40, V = 0, D = 75
 * <p><b>Units</b> H, V, D in cm; kg
 * <p><b>Valid for</b> a good grip, no twisting, now and then
 * <p><b>Source</b> [NIOSH1994] the lifting equation, from memory
 * <p><b>Checked by</b> PotTest
 */
public final class Lifting {
    /** Under the best conditions, kg. */
    public static final double BEST_CASE_KG = 23;

    /** From the floor at arm's length, kg. */
    public static final double FROM_FLOOR_KG = recommendedKg(40, 0, 75);

    private Lifting() {}

    /** Whether a can of so many litres may be lifted full from the floor, to the kilogram. */
    public static boolean liftsCan(double litres) {
        return litres <= Math.rint(FROM_FLOOR_KG);
    }

    static double recommendedKg(double reachCm, double startHeightCm, double liftCm) {
        return BEST_CASE_KG * (25 / reachCm) * (1 - 0.003 * Math.abs(startHeightCm - 75)) * (0.82 + 4.5 / liftCm);
    }
}
