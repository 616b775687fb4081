package evencistern.reading;

import evencistern.reading.Verdict.Action;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * An advice of a verdict, taken into the plan.
 *
 * <p><b>Answers</b> on what day is this to be done, how long does it hold, and what ends it?
 * <p><b>Formula</b> a retest so many days after the reading, one with a calibrated pen at the next watering, all else today;
 * repotting until its day; a weaker feed until the next reading, and 60 days at most
 * <p><b>Units</b> days
 * <p><b>Valid for</b> what is to be done; a flush and a feed left out stand in the plan of themselves and are not taken
 * <p><b>Source</b> [COMMON] a reading tells of the next two months at most
 * <p><b>Checked by</b> TakingTest
 *
 * @param due never before the day on which it was taken
 * @param until the last day of it, where it has one
 */
public record Taking(LocalDate due, Optional<LocalDate> until) {
    private static final int WEAK_DAYS = 60;

    /** Said of the state of things, or in the plan already. */
    private static final Set<Action> NOT_TAKEN = Set.of(
            Action.CARRY_ON, Action.FEED_AS_PLANNED, Action.NO_FEED_PLANNED, Action.FLUSH, Action.SKIP_NEXT_FEED);

    private static final Set<Action> UNTIL_READ = Set.of(Action.RETEST, Action.RETEST_CALIBRATED, Action.WEAKEN_FEED);

    /** Whether an advice can be taken into the plan. */
    public static boolean possible(Action action) {
        return !NOT_TAKEN.contains(action);
    }

    /** Whether the next reading ends it. */
    public static boolean endsWithReading(Action action) {
        return UNTIL_READ.contains(action);
    }

    /**
     * An advice that is taken today.
     *
     * @param inDays from the reading on, where it says
     */
    public static Taking of(Action action, LocalDate readOn, OptionalInt inDays, LocalDate nextWater, LocalDate today) {
        Optional<LocalDate> by =
                inDays.isPresent() ? Optional.of(readOn.plusDays(inDays.getAsInt())) : Optional.empty();
        LocalDate due = switch (action) {
            case RETEST -> by.orElse(today);
            case RETEST_CALIBRATED -> nextWater;
            default -> today;
        };
        Optional<LocalDate> until = switch (action) {
            case REPOT, PLAN_REPOT -> by;
            case WEAKEN_FEED -> Optional.of(readOn.plusDays(WEAK_DAYS));
            default -> Optional.empty();
        };
        return new Taking(due.isBefore(today) ? today : due, until);
    }
}
