package evencistern.feed;

/** What stops a dose from being larger. */
public enum Ceiling {
    LABEL_TOP,
    CLASS_EC,
    CLASS_N,
    CLASS_P,
    BORON,
    /** Ammonium and urea in cool roots. */
    SLOW_N,
    /** Quick nitrogen, or salt, in the pot's mix. */
    POT_QUICK,
    /** Coated feed in the pot's mix. */
    POT_COATED,
    /** What leaves stand of any product. */
    LEAVES;

    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
