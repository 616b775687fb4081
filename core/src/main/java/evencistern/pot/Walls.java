package evencistern.pot;

import java.util.Locale;

/** How dark the walls are that the sun shines on; share of its heat that they take, usual paints and plastics, from memory. */
public enum Walls {
    /** Shaded by other pots, a cover or a wall; or nobody has said. */
    SHADED(0),
    PALE(0.35),
    DARK(0.9);

    private final double takes;

    Walls(double takes) {
        this.takes = takes;
    }

    /** Share of the sun's heat that they take, 0–1. */
    public double takes() {
        return takes;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
