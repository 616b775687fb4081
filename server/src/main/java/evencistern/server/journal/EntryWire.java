package evencistern.server.journal;

import java.time.Instant;
import java.util.UUID;

/**
 * A line of a lot's journal as it goes over the wire.
 *
 * @param undone whether a later row corrects it
 * @param clockAhead whether the sender's clock ran ahead, so that the time is that of arrival
 */
public record EntryWire(
        long id,
        UUID lotId,
        String lotName,
        Instant occurredAt,
        Instant recordedAt,
        UUID actId,
        boolean undone,
        boolean clockAhead,
        Event event) {}
