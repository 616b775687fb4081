package evencistern.server.todo;

import evencistern.server.history.Owned;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is to be done for a lot after a reading.
 *
 * @param action as the verdict named it
 * @param readOn the day of the reading
 * @param least,most how much, in a unit
 * @param untilOn by when, or until when feed is left out or weak
 */
public record TodoWire(
        UUID id,
        UUID lotId,
        String action,
        LocalDate readOn,
        @Nullable Double least,
        @Nullable Double most,
        String unit,
        LocalDate dueOn,
        @Nullable LocalDate untilOn,
        @Nullable LocalDate doneOn,
        int version,
        boolean retired)
        implements Owned {
    /** It, done on a day, or not done after all. */
    public TodoWire done(@Nullable LocalDate on, int seen) {
        return new TodoWire(id, lotId, action, readOn, least, most, unit, dueOn, untilOn, on, seen, retired);
    }
}
