package evencistern.feed;

import evencistern.table.Limits;
import java.util.Locale;

/**
 * How much a plant is given at most at one time, whatever the way: a line of {@code limits.csv} each, with its source there.
 * Plants come in three steps, by how much they stand.
 */
public enum DoseLimit {
    /** Nitrogen that is at hand at once, mg per litre of mix: soluble-salt arithmetic gives 56–160. */
    QUICK_N,
    /** Quick granules without nitrogen, g of product per litre of mix. */
    QUICK_SALT,
    /** Coated feed, g of product per litre of mix: label norms, low 1.2–3.2 for sensitive plants, never above 7. */
    COATED,
    /** Phosphorus for plants that ordinary rates of it harm, mg per litre of solution. */
    PHOSPHORUS_HATER_P,
    /** Boron, mg per litre of solution: harm begins at 0.5–1. */
    BORON,
    /** Nitrogen at most, whatever the plant, mg per litre of solution: highest of extension guides. */
    SOLUTION_N,
    /** Nitrogen below which a feed is left out, mg per litre of solution. */
    LEAST_N,
    /** Share of ammonium and urea in the nitrogen for cold roots, %. */
    COLD_AMMONIUM,
    /** Product in a litre of what is sprayed on leaves, g: 1 in 100 of a liquid, and no label goes beyond it. */
    LEAF;

    /** How much a plant stands. */
    public enum Stands {
        LOW,
        MEDIUM,
        HIGH
    }

    private static final Limits TABLE = new Limits(DoseLimit.class);

    /** The limit for plants that stand so much, in its own unit. */
    public double of(Stands plant) {
        return TABLE.of(this, plant.name().toLowerCase(Locale.ROOT));
    }
}
