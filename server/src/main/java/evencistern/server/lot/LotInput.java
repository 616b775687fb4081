package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Recipes;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.server.typed.Typed;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The lot form as it stands on the screen.
 *
 * @param id made by the page, so that sending a new lot twice makes one
 * @param version the version it was changed from; 0 for a new one
 */
public record LotInput(
        UUID id,
        String name,
        Typed pots,
        String species,
        PotInput pot,
        String mix,
        UUID placeId,
        UUID waterId,
        @Nullable UUID feedId,
        @Nullable LocalDate startedOn,
        @Nullable LocalDate repottedOn,
        int version) {
    private static final int MOST_POTS = 100_000;

    /** Checks every field and returns the number of pots. */
    int check() {
        Faults faults = new Faults();
        faults.text("lot.name", name, 80);
        double count = pots.read("lot.pots", faults);
        if (!Double.isNaN(count)) {
            faults.within("lot.pots", count, 1, MOST_POTS, Unit.ONE.symbol());
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "lot.pots", pots.text());
            }
        }
        Optional<Species> kind = faults.attempt(() -> SpeciesGuide.require(species));
        faults.attempt(() -> Recipes.require(mix));
        faults.attempt(pot::toPot);
        if (feedId != null && kind.isPresent() && kind.get().appetite() == Appetite.NONE) {
            faults.add(Fault.of(FaultCode.NO_ROOT_FEED, "lot.feed", species));
        }
        faults.throwIfAny();
        return (int) count;
    }
}
