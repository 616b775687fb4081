package evencistern.server.journal;

import evencistern.server.typed.Typed;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of a lot's journal as it goes over the wire.
 *
 * @param undone whether a later row corrects it
 * @param corrects the row that this one takes back
 * @param note what was written down, or why pots were lost or retired
 * @param litresBefore,litresAfter of mix in a pot, where it was potted on
 * @param fresh,rootsCut per cent of the mix that is fresh, and of the roots that were cut away, there
 * @param dryness,beforeKg,afterKg,runoffLitres what was seen of one pot while it was watered
 * @param flush whether it was watered in plenty, to carry off salt
 * @param reason,untilOn why work was left, and until when
 * @param hold what was lifted, until when, with the reason as its note
 * @param chore,found,product which care was given, what pests were found, what was used
 * @param clockAhead whether the sender's clock ran ahead, so that the time is that of arrival
 */
public record EntryWire(
        long id,
        UUID lotId,
        Kind kind,
        Instant occurredAt,
        Instant recordedAt,
        UUID actId,
        @Nullable Long corrects,
        boolean undone,
        boolean clockAhead,
        @Nullable Double litresEach,
        @Nullable String feedName,
        @Nullable Double productEach,
        @Nullable String measure,
        @Nullable Double nMgPerL,
        @Nullable Double ph,
        @Nullable Double ec,
        @Nullable String phTyped,
        @Nullable String ecTyped,
        @Nullable String ecUnit,
        @Nullable UUID meterId,
        @Nullable String method,
        @Nullable Typed celsius,
        @Nullable Typed beforePh,
        @Nullable Typed hours,
        String lotName,
        @Nullable String note,
        @Nullable String fromPlace,
        @Nullable String toPlace,
        @Nullable Double litresBefore,
        @Nullable Double litresAfter,
        @Nullable String mixBefore,
        @Nullable String mixAfter,
        @Nullable Double fresh,
        @Nullable Double rootsCut,
        @Nullable Integer potsBefore,
        @Nullable Integer potsAfter,
        @Nullable String otherLot,
        @Nullable String dryness,
        @Nullable Double beforeKg,
        @Nullable Double afterKg,
        @Nullable Double runoffLitres,
        @Nullable String reason,
        @Nullable LocalDate untilOn,
        boolean flush,
        @Nullable String chore,
        @Nullable String found,
        @Nullable String product,
        @Nullable String hold) {

    /** What a row records. */
    public enum Kind {
        watering,
        feeding,
        skipping,
        reading,
        note,
        moving,
        potting,
        loss,
        splitting,
        retiring,
        tending,
        lifting,
        correction
    }
}
