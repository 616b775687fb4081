package evencistern.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.fault.FaultException;
import evencistern.round.RoundCalendar.Lot;
import evencistern.round.RoundCalendar.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/** The days of feeding against brute force on small gardens, and against a library's integer solver on fifty lots. */
class RoundCalendarTest {
    private static final long ALL = -1L;
    private static final int NONE = -1;

    // --- the rules of the calendar, said a second time and slowly ---

    private static List<Integer> after(Lot l, int day, int horizon) {
        int from = day == NONE ? l.first() : day + l.min();
        int to = day == NONE ? l.last() : day + l.max();
        List<Integer> window = new ArrayList<>();
        for (int d = from; d <= Math.min(to, horizon - 1); d++) {
            if (free(l, d)) {
                window.add(d);
            }
        }
        for (int d = Math.max(0, to + 1); window.isEmpty() && d < horizon; d++) {
            if (free(l, d)) {
                return List.of(d);
            }
        }
        return window;
    }

    private static boolean free(Lot l, int day) {
        return (l.free() >> day & 1) != 0;
    }

    private static boolean rests(Lot l, int day, int horizon) {
        return (day == NONE ? l.last() : day + l.max()) >= horizon
                || after(l, day, horizon).isEmpty();
    }

    /** The least deviation of a lot fed only on these days; empty where it cannot be. */
    private static OptionalInt deviation(Lot l, long plan, int day, int horizon, Map<Integer, OptionalInt> known) {
        OptionalInt before = known.get(day);
        if (before != null) {
            return before;
        }
        int best = rests(l, day, horizon) ? 0 : Integer.MAX_VALUE;
        for (int d : after(l, day, horizon)) {
            OptionalInt onward = (plan >> d & 1) != 0 ? deviation(l, plan, d, horizon, known) : OptionalInt.empty();
            if (onward.isPresent()) {
                int gap = day == NONE ? 0 : Math.abs(d - day - l.preferred());
                best = Math.min(best, onward.getAsInt() + gap);
            }
        }
        OptionalInt found = best == Integer.MAX_VALUE ? OptionalInt.empty() : OptionalInt.of(best);
        known.put(day, found);
        return found;
    }

    private static OptionalInt deviation(List<Lot> lots, long plan, int horizon) {
        int sum = 0;
        for (Lot l : lots) {
            OptionalInt one = deviation(l, plan, NONE, horizon, new HashMap<>());
            if (one.isEmpty()) {
                return OptionalInt.empty();
            }
            sum += one.getAsInt();
        }
        return OptionalInt.of(sum);
    }

    private static List<Lot> garden(Random random, int lots, int horizon, double held) {
        List<Lot> garden = new ArrayList<>();
        for (int i = 0; i < lots; i++) {
            int min = 2 + random.nextInt(6);
            int max = min + random.nextInt(5);
            int first = random.nextInt(max);
            long free = 0;
            for (int d = 0; d < horizon; d++) {
                free |= random.nextDouble() < held ? 0 : 1L << d;
            }
            garden.add(new Lot(
                    "lot " + i, first, first + random.nextInt(5), min, max, min + random.nextInt(max - min + 1), free));
        }
        return garden;
    }

    private static void checkFeeds(List<Lot> lots, Plan plan, int horizon) {
        for (Lot l : lots) {
            int day = NONE;
            for (int feed : plan.feeds().get(l.key())) {
                assertThat(after(l, day, horizon)).as(l.key()).contains(feed);
                assertThat(plan.days()).contains(feed);
                day = feed;
            }
            assertThat(rests(l, day, horizon))
                    .as("nothing of " + l.key() + " is left out")
                    .isTrue();
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void smallGardensAreAsGoodAsBruteForce(int seed) {
        int horizon = 14;
        List<Lot> lots = garden(new Random(seed), 4, horizon, seed % 3 == 0 ? 0.3 : 0);
        int days = Integer.MAX_VALUE;
        int deviation = Integer.MAX_VALUE;
        for (long plan = 0; plan < 1L << horizon; plan++) {
            int size = Long.bitCount(plan);
            if (size <= days) {
                OptionalInt found = deviation(lots, plan, horizon);
                if (found.isPresent() && (size < days || found.getAsInt() < deviation)) {
                    days = size;
                    deviation = found.getAsInt();
                }
            }
        }
        Plan plan = RoundCalendar.of(lots, horizon);
        assertThat(plan.days()).hasSize(days);
        assertThat(plan.deviation()).isEqualTo(deviation);
        assertThat(plan.exact()).isTrue();
        assertThat(plan.fewest()).isEqualTo(days);
        checkFeeds(lots, plan, horizon);
    }

    /** One integer programme: a day is used or not; each lot's feeds are a path through the days that are. */
    private static double fewestByLibrary(List<Lot> lots, int horizon) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        Variable[] used = new Variable[horizon];
        for (int d = 0; d < horizon; d++) {
            used[d] = model.newVariable("day" + d).binary().weight(1);
        }
        for (Lot l : lots) {
            Expression start = model.newExpression(l.key() + " begins").level(1);
            Expression[] through = new Expression[horizon];
            Expression[] onUsed = new Expression[horizon];
            for (int d = 0; d < horizon; d++) {
                through[d] = model.newExpression(l.key() + " through " + d).level(0);
                onUsed[d] = model.newExpression(l.key() + " on " + d).upper(0).set(used[d], -1);
            }
            for (int day = NONE; day < horizon; day++) {
                for (int next : after(l, day, horizon)) {
                    Variable arc = model.newVariable(l.key() + day + ">" + next).lower(0);
                    (day == NONE ? start : through[day]).set(arc, 1);
                    through[next].set(arc, -1);
                    onUsed[next].set(arc, 1);
                }
                if (rests(l, day, horizon)) {
                    Variable end = model.newVariable(l.key() + day + " ends").lower(0);
                    (day == NONE ? start : through[day]).set(end, 1);
                }
            }
        }
        Optimisation.Result result = model.minimise();
        assertThat(result.getState().isOptimal()).isTrue();
        return result.getValue();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void fiftyLotsNeedAsFewDaysAsALibrarySays(int seed) {
        int horizon = 21;
        List<Lot> lots = garden(new Random(100 + seed), 50, horizon, 0.1);
        Plan plan = RoundCalendar.of(lots, horizon);
        assertThat(plan.exact()).isTrue();
        assertThat((double) plan.days().size()).isEqualTo(Math.rint(fewestByLibrary(lots, horizon)));
        checkFeeds(lots, plan, horizon);
    }

    @Test
    void aNurserysPlanIsSoundAndItsBoundIsTold() {
        List<Lot> lots = garden(new Random(5), 3000, 60, 0.1);
        Plan plan = RoundCalendar.of(lots, 60);
        checkFeeds(lots, plan, 60);
        assertThat(plan.fewest()).isBetween(1, plan.days().size());
        assertThat(RoundCalendar.of(lots, 60)).isEqualTo(plan);
    }

    /** Arithmetic: two fortnightly lots, one last fed a week after the other, share a day where their windows meet. */
    @Test
    void lotsWhoseWindowsMeetShareTheirDays() {
        List<Lot> lots = List.of(new Lot("a", 0, 6, 10, 16, 14, ALL), new Lot("b", 5, 11, 10, 16, 14, ALL));
        Plan plan = RoundCalendar.of(lots, 30);
        assertThat(plan.days()).hasSize(2);
        assertThat(plan.feeds().get("a")).isEqualTo(plan.feeds().get("b"));
        assertThat(plan.feeds().get("a")).isSortedAccordingTo(Comparator.naturalOrder());
        assertThat(plan.deviation()).isZero();
    }

    @Test
    void aHoldMovesAFeedToItsFirstFreeDayAndAHeldLotWaits() {
        long from20 = ALL << 20;
        Plan plan = RoundCalendar.of(List.of(new Lot("held", 3, 7, 7, 10, 8, from20)), 25);
        assertThat(plan.feeds().get("held")).containsExactly(20);
        assertThat(RoundCalendar.of(List.of(new Lot("held", 3, 7, 7, 10, 8, 0)), 25)
                        .days())
                .isEmpty();
        assertThat(RoundCalendar.of(List.of(), 25).days()).isEmpty();
    }

    @Test
    void aWindowTheWrongWayRoundIsRefused() {
        assertThatThrownBy(() -> new Lot("x", 5, 3, 7, 10, 8, ALL)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> RoundCalendar.of(List.of(), 70)).isInstanceOf(FaultException.class);
    }
}
