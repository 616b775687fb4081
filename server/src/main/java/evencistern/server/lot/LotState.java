package evencistern.server.lot;

import evencistern.plan.AfterReading;
import evencistern.plan.Flushing;
import evencistern.plan.Learned;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Where a lot stands: kept in step with its journal, and rebuilt from it by the same function.
 *
 * @param waterItem,feedItem names of the work that is next due; ticking it once makes it a thing of the past
 * @param phFinding,ecFinding what the last reading says of the root zone
 * @param feedPerDay product one pot takes in a day on average, in the label's measure
 * @param learned what its pots drink against the plan, between low and high in four lots of five, from so many waterings
 * @param saltyOn,saltyLitres the day of the last reading, where that was of more salt than its band, and the plain water that
 *     brings a pot back
 * @param noFeedUntil,feedShare,feedShareUntil what was decided after a reading: no feed before a day, a weaker one until a day
 * @param accountFlushOn,accountFlushLitres the day on which its salt account passes the band, where a flush goes by that, and
 *     the plain water that brings a pot back
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
        @Nullable LocalDate saltyOn,
        @Nullable Double saltyLitres,
        @Nullable LocalDate noFeedUntil,
        double feedShare,
        @Nullable LocalDate feedShareUntil,
        @Nullable LocalDate accountFlushOn,
        @Nullable Double accountFlushLitres) {

    AfterReading afterReading() {
        return new AfterReading(
                Optional.ofNullable(saltyOn)
                        .map(on -> new AfterReading.Salty(
                                on, saltyLitres == null ? OptionalDouble.empty() : OptionalDouble.of(saltyLitres))),
                Optional.ofNullable(noFeedUntil),
                feedShare,
                Optional.ofNullable(feedShareUntil));
    }

    Flushing flushing() {
        return new Flushing(
                true,
                Optional.ofNullable(accountFlushOn),
                accountFlushLitres == null ? OptionalDouble.empty() : OptionalDouble.of(accountFlushLitres));
    }

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
