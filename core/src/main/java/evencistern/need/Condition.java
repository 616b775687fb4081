package evencistern.need;

import java.util.Locale;

/** What a lot is going through, since a day, until somebody says that it is over. */
public enum Condition {
    FLOWERING,
    FRUIT_SET,
    /** From its second true leaf until it is grown: fed at a quarter of the strength, later at half. */
    SEEDLING,
    GRAFTED,
    /** Sick or kept apart: not fed, and done last on the round. */
    SICK,
    /** Dried right out: plain water before any feed. */
    DRIED_OUT,
    /** A white crust on the mix or the pot: salt, or lime; plain water in plenty, once, unless a reading is in order. */
    CRUST,
    /** White mould or fuzz on the mix: harmless, but the surface stays wet. */
    MOULD,
    /** At rest: leafless, or old leaves giving way to new ones; for the weeks that its kind rests, or until told. */
    RESTING;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
