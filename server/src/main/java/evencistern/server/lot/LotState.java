package evencistern.server.lot;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Where a lot stands: kept in step with its journal, and rebuilt from it by the same function.
 *
 * @param waterItem,feedItem names of the work that is next due; ticking it once makes it a thing of the past
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
        LocalDate dueOn) {}
