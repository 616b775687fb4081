package evencistern.server.lot;

import evencistern.plan.Learned;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Where a lot stands: kept in step with its journal, and rebuilt from it by the same function.
 *
 * @param waterItem,feedItem names of the work that is next due; ticking it once makes it a thing of the past
 * @param phFinding,ecFinding what the last reading says of the root zone
 * @param feedPerDay product one pot takes in a day on average, in the label's measure
 * @param learned what its pots drink against the plan, between low and high in four lots of five, from so many waterings
 * @param saltyOn the day of the last reading, where that was of more salt than its band
 * @param feedBinding the rule that set the feed's date
 */
public record LotState(
        @Nullable LocalDate lastWateredOn,
        @Nullable LocalDate lastFedOn,
        String waterItem,
        String feedItem,
        LocalDate nextWaterOn,
        int waterGapDays,
        @Nullable LocalDate nextFeedOn,
        @Nullable String feedBinding,
        @Nullable LocalDate feedEarliest,
        @Nullable LocalDate feedLatest,
        LocalDate dueOn,
        @Nullable String phFinding,
        @Nullable String ecFinding,
        double feedPerDay,
        double learned,
        double learnedLow,
        double learnedHigh,
        int learnedFrom,
        @Nullable LocalDate lastFlushedOn,
        @Nullable LocalDate nextFlushOn,
        @Nullable LocalDate saltyOn) {

    Learned toLearned() {
        return new Learned(learned, learnedLow, learnedHigh, learnedFrom);
    }

    /** Of the days between waterings, the share still to come on a day: 1 just watered, 0 due. */
    double leftOn(LocalDate today) {
        if (lastWateredOn == null) {
            return 0;
        }
        double gone = today.toEpochDay() - lastWateredOn.toEpochDay();
        return Math.max(0, Math.min(1, 1 - gone / waterGapDays));
    }
}
