package evencistern.water;

import java.util.Locale;

/** What a report on a water tells in mg/L, as the element; nitrate as its nitrogen. */
public enum Dissolved {
    CA,
    MG,
    NA,
    K,
    CL,
    S,
    NITRATE_N,
    P,
    FE,
    B,
    F;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
