package evencistern.food;

import evencistern.plant.Species;

/**
 * Feeding roots that hang in the air.
 *
 * <p><b>Answers</b> how strong may the feed be in this air, and how is it poured?
 * <p><b>Formula</b> share = 0.5 + (RH − 30)/40, within 0.5 and 1
 * <p><b>Units</b> RH in %; a share of the strength there would be
 * <p><b>Valid for</b> aerial roots with a sponge coat (velamen), 5–100 %
 * <p><b>Source</b> [COMMON] weaker and every time at 30 % humidity, full strength from 50 %; the coat is full within a minute
 * and takes up feed for some two hours
 * <p><b>Checked by</b> FeedProgrammeTest
 */
public final class RootsInAir {
    private static final double HALF_AT = 30;
    private static final double PER_SHARE = 40;
    private static final double HALF = 0.5;

    private RootsInAir() {}

    /** The share of the strength that roots in this air may have; 1 for roots in a mix. */
    public static double strength(Species species, double humidityPercent) {
        return species.velamen() ? Math.max(HALF, Math.min(1, HALF + (humidityPercent - HALF_AT) / PER_SHARE)) : 1;
    }
}
