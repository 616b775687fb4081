package evencistern.feed;

import java.util.Locale;

/** What a feed brings, each as the element; nitrogen by how it is bound. */
public enum Nutrient {
    NITRATE_N,
    AMMONIUM_N,
    UREA_N,
    /** Coated, slow or organic: not at hand at once. */
    SLOW_N,
    /** Nitrogen of which the label does not say how it is bound. */
    UNTOLD_N,
    P,
    K,
    CA,
    MG,
    S,
    FE,
    MN,
    ZN,
    CU,
    B,
    MO,
    NI,
    CL,
    NA,
    SI;

    public boolean nitrogen() {
        return name().endsWith("_N");
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
