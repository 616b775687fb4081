package evencistern.water;

import evencistern.table.Limits;

/** How much of something water may hold: a line of {@code limits.csv} each, with its unit and source there. */
public enum WaterLimit {
    /** Alkalinity, by litres of mix in the pot. */
    ALKALINITY_PLUG,
    ALKALINITY_SMALL,
    ALKALINITY_MIDDLE,
    ALKALINITY_LARGE,
    /** For plants that lime harms, in any pot. */
    ALKALINITY_LIME_HATERS,
    /** Alkalinity that no calcium or magnesium stands against. */
    SOFTENED,
    EC,
    EC_PLUG,
    /** Rain, distilled and reverse-osmosis water have less. */
    EC_PURE,
    SODIUM,
    CHLORIDE,
    BORON,
    FLUORIDE,
    FLUORIDE_SENSITIVE,
    /** Phosphorus from acid: from good on it counts with the feed's, above most it is refused. */
    ACID_P,
    ACID_P_HATERS;

    private static final Limits TABLE = new Limits(WaterLimit.class);
    private static final double PLUG_L = 0.1;
    private static final double SMALL_L = 0.5;
    private static final double MIDDLE_L = 1.5;

    /** Up to here it is fit. */
    public double good() {
        return TABLE.of(this, "good");
    }

    /** Above here it is too much. */
    public double most() {
        return TABLE.of(this, "most");
    }

    /** That of alkalinity for a pot of so many litres of mix. */
    static WaterLimit alkalinity(double mixLitres, boolean limeHarms) {
        if (limeHarms) {
            return ALKALINITY_LIME_HATERS;
        }
        return mixLitres < PLUG_L
                ? ALKALINITY_PLUG
                : mixLitres < SMALL_L ? ALKALINITY_SMALL : mixLitres < MIDDLE_L ? ALKALINITY_MIDDLE : ALKALINITY_LARGE;
    }

    /** That of salts for a pot of so many litres of mix. */
    static WaterLimit ec(double mixLitres, boolean pureOnly) {
        return pureOnly ? EC_PURE : mixLitres < PLUG_L ? EC_PLUG : EC;
    }
}
