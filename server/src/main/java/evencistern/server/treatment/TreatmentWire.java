package evencistern.server.treatment;

import evencistern.server.history.Owned;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something done against what ails a lot.
 *
 * @param cure what is done
 * @param amount strength and amount, in the person's own words
 * @param ailment what it is against, by its key, where that was reasoned out
 * @param readOn the day of the reading it answers
 * @param everyDays until it is done again, where it is repeated
 * @param doneOn when it was last done
 * @param lookOn when it is looked at again
 * @param expects what should be seen by then
 * @param outcome better, same or worse; absent until it was looked at
 */
public record TreatmentWire(
        UUID id,
        UUID lotId,
        String cure,
        String product,
        String amount,
        String reason,
        @Nullable String ailment,
        @Nullable LocalDate readOn,
        LocalDate dueOn,
        @Nullable Integer everyDays,
        @Nullable LocalDate doneOn,
        LocalDate lookOn,
        String expects,
        @Nullable Outcome outcome,
        @Nullable LocalDate outcomeOn,
        String outcomeNote,
        int version,
        boolean retired)
        implements Owned {
    /** Whether it has worked, as a person sees it. */
    public enum Outcome {
        better,
        same,
        worse
    }

    /** Whether it is still to be done, or to be done again. */
    public boolean isToDo() {
        return doneOn == null || doneOn.isBefore(dueOn);
    }

    /** Done on a day: what is repeated is due again, and all is looked at as much later as it was late. */
    TreatmentWire done(LocalDate on, int seen) {
        LocalDate look = doneOn == null ? lookOn.plusDays(ChronoUnit.DAYS.between(dueOn, on)) : lookOn;
        LocalDate due = everyDays == null ? on : on.plusDays(everyDays);
        return with(due, on, look, null, null, "", seen);
    }

    /** Looked at on a day: that ends it. */
    TreatmentWire judged(Outcome saw, String note, LocalDate on, int seen) {
        return with(dueOn, doneOn, lookOn, saw, on, note, seen);
    }

    private TreatmentWire with(
            LocalDate due,
            @Nullable LocalDate done,
            LocalDate look,
            @Nullable Outcome saw,
            @Nullable LocalDate sawOn,
            String note,
            int seen) {
        return new TreatmentWire(
                id, lotId, cure, product, amount, reason, ailment, readOn, due, everyDays, done, look, expects, saw,
                sawOn, note, seen, retired);
    }
}
