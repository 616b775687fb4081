package evencistern.server.mix;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A mix that was made: what went into a batch, which a lot may stand in. Its key is the id of the batch.
 *
 * @param recipe key of the recipe it was made by, and {@code recipeName} as it was called then
 * @param litres that came of it, and {@code yielded} per 100 litres put in; parts are loose litres put in
 */
public record MadeWire(
        UUID id,
        int number,
        String recipe,
        String recipeName,
        LocalDate madeOn,
        double litres,
        double yielded,
        List<RecipeWire.PartWire> parts,
        boolean retired) {
    public String key() {
        return id.toString();
    }
}
