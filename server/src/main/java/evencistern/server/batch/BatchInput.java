package evencistern.server.batch;

import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A batch as it stands on the screen. Of one that was made before, only its day, its bags, its pH and its notes are taken.
 *
 * @param recipe the key of the recipe
 * @param fills the pots it is for; {@code litres} instead where there are none
 * @param waste allowed for spills, %
 * @param rejects per cent of a component that a sieve took away, by its key
 * @param bags what stands on the bag of a component, by its key; absent to leave as it was
 * @param stirredIn what is stirred in for the pH, and its key; {@code stirredPerLitre} g of it in a litre of mix
 * @param version the version it was changed from; 0 for a new one
 */
public record BatchInput(
        UUID id,
        String recipe,
        List<FillAsk> fills,
        @Nullable Typed litres,
        @Nullable Typed waste,
        @Nullable Map<String, Typed> rejects,
        @Nullable Map<String, String> bags,
        @Nullable String stirredIn,
        @Nullable String stirredKey,
        @Nullable Double stirredPerLitre,
        @Nullable LocalDate madeOn,
        @Nullable Typed firstPh,
        String notes,
        int version) {

    /** So many pots of one kind, as typed. */
    public record FillAsk(String name, PotInput pot, Typed count) {}
}
