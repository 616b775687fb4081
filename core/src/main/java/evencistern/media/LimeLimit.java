package evencistern.media;

import evencistern.table.Limits;

/** How much is stirred into a mix at most to change its pH: a line of {@code limits.csv} each, with its source there. */
public enum LimeLimit {
    /** g CaCO3 per litre of mix beyond which a correction is hopeless. */
    LIME_CACO3,
    /** g of material per litre of mix at a time: more of a coarse one reacts only next year. */
    LIME_MATERIAL,
    /** g of sulfur per litre of mix at a time. */
    SULFUR;

    private static final Limits TABLE = new Limits(LimeLimit.class);

    public double most() {
        return TABLE.of(this, "most");
    }
}
