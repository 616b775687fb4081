package evencistern.server.batch;

import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A batch of mix as it was made. What went in stands here, so the recipe may change after it.
 *
 * @param number counted through the garden, for the label
 * @param recipe the key of the recipe, {@code recipeVersion} as it was then; 0 as it ships
 * @param litres of mix
 * @param stirredIn what was stirred in for the pH, and {@code stirredGrams} of it in all; its key where it is drawn from the shelf
 * @param firstPh of the batch itself, to hold later ones against
 */
public record BatchWire(
        UUID id,
        int number,
        String recipe,
        String recipeName,
        int recipeVersion,
        LocalDate madeOn,
        double litres,
        List<PutWire> put,
        List<PotsWire> pots,
        @Nullable String stirredIn,
        @Nullable String stirredKey,
        @Nullable Double stirredGrams,
        List<StirredWire> added,
        @Nullable Double firstPh,
        @Nullable Typed firstPhTyped,
        String notes,
        int version,
        boolean retired)
        implements Owned {

    /**
     * Litres of one component that went in, loose.
     *
     * @param taken before it was sieved, if it was
     * @param bag what stands on the bag it came out of, where that was noted
     */
    public record PutWire(
            String component,
            String name,
            double litres,
            @Nullable Double taken,
            @Nullable String bag) {}

    /** Grams in all of something stirred in besides; its key where it is drawn from the shelf. */
    public record StirredWire(@Nullable String key, String name, double grams) {}

    /** So many pots it was made for. */
    public record PotsWire(String name, int count) {}
}
