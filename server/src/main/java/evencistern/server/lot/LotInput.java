package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.server.mix.MixShelf;
import evencistern.server.typed.Typed;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The lot form as it stands on the screen.
 *
 * @param id made by the page, so that sending a new lot twice makes one
 * @param tall how tall it stands, for feeds whose label goes by height
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
        @Nullable LocalDate wateredBefore,
        @Nullable LocalDate fedBefore,
        @Nullable Typed tall,
        int version) {
    private static final int MOST_POTS = 100_000;

    /**
     * The lot it describes; refused with every fault of every field.
     *
     * @param before the lot as it was, whose history it keeps; null for a new one
     */
    public Lot read(@Nullable Lot before, MixShelf mixing, LocalDate today) {
        Faults faults = new Faults();
        OptionalDouble height = Typed.optional(tall, "lot.tall", faults);
        height.ifPresent(h -> faults.within("lot.tall", h, 0.01, 20, "m"));
        int count = check(mixing, faults);
        LocalDate start = startedOn != null ? startedOn : before != null ? before.startedOn() : today;
        return new Lot(
                id,
                name.strip(),
                count,
                species,
                pot.tidy(),
                mix,
                placeId,
                waterId,
                feedId,
                start,
                repottedOn,
                wateredBefore,
                fedBefore,
                height.isPresent() ? height.getAsDouble() : null,
                height.isPresent() ? tall : null,
                before == null ? List.of() : before.moves(),
                before == null ? null : before.splitFrom(),
                before != null && before.retired(),
                before == null ? null : before.retiredOn(),
                before == null ? null : before.retiredWhy(),
                version);
    }

    private int check(MixShelf mixing, Faults faults) {
        faults.text("lot.name", name, 80);
        double count = pots.read("lot.pots", faults);
        if (!Double.isNaN(count)) {
            faults.within("lot.pots", count, 1, MOST_POTS, Unit.ONE.symbol());
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "lot.pots", pots.text());
            }
        }
        Optional<Species> kind = faults.attempt(() -> SpeciesGuide.require(species));
        faults.attempt(() -> mixing.require(mix));
        faults.attempt(pot::toPot);
        if (feedId != null && kind.isPresent() && kind.get().appetite() == Appetite.NONE) {
            faults.add(Fault.of(FaultCode.NO_ROOT_FEED, "lot.feed", species));
        }
        faults.throwIfAny();
        return (int) count;
    }
}
