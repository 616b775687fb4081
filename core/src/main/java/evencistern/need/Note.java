package evencistern.need;

import java.util.Locale;

/** What to mind at a watering. */
public enum Note {
    VELAMEN_A_MINUTE,
    VELAMEN_FRESH_EACH,
    VELAMEN_PLAIN_LATER,
    DRY_AIR_WEAKER,
    FLUSH_FIRST,
    FLUSH_OVER_A_DRAIN,
    RINSE_STORE,
    SAME_FOOD_OTHER_RHYTHM,
    SEEDLING,
    SLOW_GROWTH_WEAKER,
    CRUST,
    MOULD,
    GRAFTED_LIQUID_ONLY,
    MOISTEN_FIRST,
    KEPT_DRY,
    COLD_AMMONIUM,
    PURE_WATER_ONLY,
    FEED_LEFT_OUT_PHOSPHORUS,
    FEED_LEFT_OUT_WEAK,
    FEED_LEFT_OUT_UREA,
    FEED_LEFT_OUT_NO_MIX,
    FEED_LEFT_OUT_FILLED,
    FEED_LEFT_OUT_ORGANIC,
    FEED_LEFT_OUT_LEATHERY,
    COATED_IN_HEAT,
    SPRAY_HOW,
    SPRAY_NOT_NOW,
    SPRAY_BEFORE_HEAT,
    SPRAY_TEST_LEAF,
    SPRAY_WETTED,
    SPRAY_THICK_LEAF,
    ROOTS_STAND_WET,
    NEW_ROOTS_FROM_ABOVE,
    STORE_EMPTY_AT_REST,
    STORE_MAY_RUN_DRY,
    STORE_BEFORE_FROST,
    DRY_BEFORE_NIGHT,
    FRESH_FOR_EACH,
    TOO_COLD_HERE,
    TOO_DARK_HERE,
    TOO_BRIGHT_HERE,
    WALLS_HOT;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it is to be minded can in hand, where feed goes with the water or not. */
    public boolean onTheRound(boolean feeding) {
        return switch (this) {
            case PURE_WATER_ONLY, COATED_IN_HEAT -> true;
            case VELAMEN_A_MINUTE,
                    VELAMEN_FRESH_EACH,
                    VELAMEN_PLAIN_LATER,
                    MOISTEN_FIRST,
                    SPRAY_HOW,
                    SPRAY_BEFORE_HEAT,
                    SPRAY_TEST_LEAF -> feeding;
            default -> false;
        };
    }

    /**
     * Whether a person may set it aside for a while: a warning by what is usual, which they can know better. Limits of the
     * plant, the water of carnivores, and what says how a dose came about stay.
     */
    public boolean mayBeSetAside() {
        return switch (this) {
            case MOISTEN_FIRST, COLD_AMMONIUM, TOO_COLD_HERE, TOO_DARK_HERE, TOO_BRIGHT_HERE, WALLS_HOT -> true;
            default -> false;
        };
    }
}
