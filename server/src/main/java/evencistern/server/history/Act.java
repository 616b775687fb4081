package evencistern.server.history;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing a person did, recorded once however often it was sent.
 *
 * @param undoes the act that this one takes back
 */
public record Act(
        UUID id, String kind, Instant recordedAt, @Nullable UUID undoes) {

    /** What was recorded, as it goes over the wire. */
    public record Recorded(UUID actId, String kind, Instant recordedAt) {}

    public Recorded recorded() {
        return new Recorded(id, kind, recordedAt);
    }
}
