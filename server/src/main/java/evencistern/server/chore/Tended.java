package evencistern.server.chore;

import evencistern.chore.Chore;
import evencistern.fault.Faults;
import org.jspecify.annotations.Nullable;

/**
 * What came of a piece of care.
 *
 * @param found of pests, where they were looked for
 * @param product what was used, by its own name; this keeps the record and prescribes nothing
 */
public record Tended(@Nullable Found found, @Nullable String product) {
    private static final int LONGEST_NAME = 80;

    /** How many pests. */
    public enum Found {
        nothing,
        few,
        many
    }

    /** Care of which nothing more is told. */
    public static final Tended PLAIN = new Tended(null, null);

    /** As it is kept; refused with every fault. */
    public Tended read() {
        Faults faults = new Faults();
        String used =
                product == null || product.isBlank() ? null : faults.text("tended.product", product, LONGEST_NAME);
        faults.throwIfAny();
        return new Tended(found, used);
    }

    /** How the name of a piece of care begins. */
    public static final String ITEM = "tend:";

    /** How a piece of care is named, so that it is ticked once: by what it is, and the row in which it was last done. */
    public static String item(Chore chore, long lastRow) {
        return ITEM + chore.id() + ":" + lastRow;
    }
}
