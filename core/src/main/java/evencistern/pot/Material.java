package evencistern.pot;

import java.util.Locale;

/**
 * What a pot is made of.
 *
 * <p><b>Answers</b> how much faster does this pot dry than a plastic one, and what does the pot itself weigh?
 * <p><b>Formula</b> extra loss = E · wall · area of the wetted wall; weight = wall weight · (wall + floor area)
 * <p><b>Units</b> wall: evaporation of a square metre of wet wall against the reference; kg per m² of wall
 * <p><b>Valid for</b> pots of common wall strength; the loss good to ± 50 %
 * <p><b>Source</b> [COMMON] about half of what a plant in an unglazed pot loses goes through the wall, of fabric a little
 * more, of pierced plastic about half as much; from memory
 * <p><b>Checked by</b> PotTest
 */
public enum Material {
    PLASTIC(0, 1.5),
    FABRIC(0.55, 0.4),
    /** Plastic with holes all round, so that roots are pruned by air. */
    PIERCED(0.25, 1.5),
    CLAY(0.4, 15),
    GLAZED(0, 18);

    private final double wall;
    private final double kgPerM2;

    Material(double wall, double kgPerM2) {
        this.wall = wall;
        this.kgPerM2 = kgPerM2;
    }

    /** Evaporation through the wetted wall, against the reference on the same area. */
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
