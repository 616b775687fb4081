package evencistern.plan;

import java.util.Locale;

/** What a lot is going through, since a day, until somebody says that it is over. */
public enum Condition {
    FLOWERING,
    FRUIT_SET,
    GRAFTED,
    /** Sick or kept apart: not fed, and done last on the round. */
    SICK,
    /** Dried right out: plain water before any feed. */
    DRIED_OUT;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
