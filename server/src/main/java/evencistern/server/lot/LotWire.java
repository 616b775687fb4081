package evencistern.server.lot;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A lot with where it stands in its plan, as it goes over the wire. */
public record LotWire(
        UUID id,
        String name,
        int pots,
        String species,
        PotInput pot,
        String mix,
        UUID placeId,
        UUID waterId,
        @Nullable UUID feedId,
        LocalDate startedOn,
        @Nullable LocalDate repottedOn,
        int version,
        LotState state) {}
