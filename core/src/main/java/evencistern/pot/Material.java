package evencistern.pot;

import java.util.Locale;

/**
 * What a pot is made of.
 *
 * <p><b>Answers</b> how much faster does this pot dry than a plastic one, and what does the pot itself weigh?
 * <p><b>Formula</b> extra loss = E · wall · mix surface; weight = wall weight · (wall + floor area)
 * <p><b>Units</b> wall: share of the evaporation of the mix surface added by the wall; kg per m² of wall
 * <p><b>Valid for</b> pots of common wall strength; the loss good to ± 50 %
 * <p><b>Source</b> [COMMON] unglazed clay dries by about 1.5 to 2 times the evaporation, fabric a little more; from memory
 * <p><b>Checked by</b> PotTest
 */
public enum Material {
    PLASTIC(0, 1.5),
    FABRIC(1.0, 0.4),
    CLAY(0.75, 15),
    GLAZED(0, 18),
    SELF_WATERING(0, 3);

    private final double wall;
    private final double kgPerM2;

    Material(double wall, double kgPerM2) {
        this.wall = wall;
        this.kgPerM2 = kgPerM2;
    }

    /** Evaporation through the wall, as a share of that of the mix surface. */
    public double wall() {
        return wall;
    }

    double kgPerM2() {
        return kgPerM2;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
