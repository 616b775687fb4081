package evencistern.label;

import java.util.Locale;

/** How a label has its product given. */
public enum HowGiven {
    /** In the water that is poured. */
    WATERED,
    /** Drawn into the water from a stock. */
    INJECTED,
    /** On the leaves; never poured at the roots. */
    SPRAYED,
    /** On top of the mix. */
    STREWN,
    /** Into the mix before it is filled in. */
    MIXED_IN;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
