package evencistern.server.history;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An act in the list of what was done.
 *
 * @param undoes the act it took back
 * @param undone whether it has been taken back
 * @param lots names of the lots it wrote into the journal of
 * @param things what it edited, as kind:name
 */
record DoneWire(
        UUID actId,
        String kind,
        Instant recordedAt,
        @Nullable UUID undoes,
        boolean undone,
        @Nullable String lots,
        @Nullable String things) {}
