package evencistern.round;

import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The days on which a garden is fed.
 *
 * <p><b>Answers</b> on which days are these lots fed, so that the fewest separate days are needed and each lot still gets its
 * feed in its window?
 * <p><b>Formula</b> min |D|, then min Σ |gap − preferred|, over sets of days D in which every lot has a chain of days whose
 * gaps lie in its window; where a window holds no free day, its first free day after
 * <p><b>Units</b> days from today, 0 today
 * <p><b>Valid for</b> at most 62 days ahead; exact until so many branches have been tried, then the best that was found and
 * the least number of days that is proven
 * <p><b>Source</b> [COMMON] branch and bound: a lot that no chosen day serves must be served by a day of its next window; a
 * lot's own least number of further days bounds from below
 * <p><b>Checked by</b> RoundCalendarTest
 */
public final class RoundCalendar {
    public static final int LONGEST = 62;
    private static final int MOST_BRANCHES = 60_000;
    private static final int NONE = -1;
    private static final int FAR = 1_000_000;

    private RoundCalendar() {}

    /**
     * A lot to be fed.
     *
     * @param first,last between which its next feed falls, days from today, 0 or more
     * @param min,max days between its feeds, 1 or more
     * @param preferred days between that suit its growth
     * @param free a bit for each day on which nothing holds the feed back
     */
    public record Lot(String key, int first, int last, int min, int max, int preferred, long free) {
        public Lot {
            Faults faults = new Faults();
            faults.within("calendar.first", first, 0, 10_000, "d");
            faults.within("calendar.last", last, first, 10_000, "d");
            faults.within("calendar.min", min, 1, 400, "d");
            faults.within("calendar.max", max, min, 400, "d");
            faults.throwIfAny();
        }
    }

    /**
     * The plan.
     *
     * @param days on which anything is fed, ascending
     * @param feeds of each lot, by its key, ascending; empty where it is not fed in this time
     * @param deviation of all gaps from the preferred ones, days
     * @param fewest days that any plan needs, as far as is proven
     * @param exact whether no better plan exists
     */
    public record Plan(
            List<Integer> days, Map<String, List<Integer>> feeds, int deviation, int fewest, boolean exact) {}

    /** Chooses the days; the same lots always give the same plan. */
    public static Plan of(List<Lot> lots, int horizon) {
        Faults.require("calendar.horizon", horizon, 1, LONGEST, "d");
        Map<Kind, List<Lot>> alike = new LinkedHashMap<>();
        lots.forEach(l -> alike.computeIfAbsent(Kind.of(l, horizon), k -> new ArrayList<>())
                .add(l));
        List<Ways> kinds =
                alike.keySet().stream().map(k -> new Ways(k, horizon)).toList();
        Search search =
                new Search(kinds, alike.values().stream().map(List::size).toList(), horizon);
        search.run();
        Map<String, List<Integer>> feeds = new LinkedHashMap<>();
        Iterator<Ways> ways = kinds.iterator();
        alike.values().forEach(same -> {
            List<Integer> days = ways.next().feeds(search.best);
            same.forEach(l -> feeds.put(l.key(), days));
        });
        return new Plan(bits(search.best), feeds, search.bestDeviation, search.fewest, search.exact);
    }

    private static List<Integer> bits(long mask) {
        List<Integer> days = new ArrayList<>();
        for (long m = mask; m != 0; m &= m - 1) {
            days.add(Long.numberOfTrailingZeros(m));
        }
        return days;
    }

    private static long span(int from, int to) {
        if (to < 0 || from > to || from > LONGEST) {
            return 0;
        }
        int last = Math.min(to, LONGEST);
        int first = Math.max(0, from);
        long upTo = last == 63 ? -1L : (1L << (last + 1)) - 1;
        return upTo & -(1L << first);
    }

    /** Lots that are alike to the calendar. */
    private record Kind(int first, int last, int min, int max, int preferred, long free) {
        static Kind of(Lot l, int horizon) {
            return new Kind(l.first(), l.last(), l.min(), l.max(), l.preferred(), l.free() & span(0, horizon - 1));
        }

        /** Days on which it may be fed after a day, or first of all after {@code NONE}. */
        private long after(int day) {
            int from = day == NONE ? first : day + min;
            long window = free & span(from, latest(day));
            return window != 0 ? window : Long.lowestOneBit(free & ~span(0, Math.max(latest(day), -1)));
        }

        private int latest(int day) {
            return day == NONE ? last : day + max;
        }

        int deviation(int from, int to) {
            return from == NONE ? 0 : Math.abs(to - from - preferred);
        }
    }

    /** What a kind may do from each day on, written out once as the search asks for it some hundred thousand times. */
    private static final class Ways {
        private final Kind kind;
        private final long[] after;
        private final long[] deviation;
        /** Whether it needs no feed at all until the horizon, and the days after which it needs no further one. */
        private final boolean none;

        private final long last;

        Ways(Kind kind, int horizon) {
            this.kind = kind;
            after = new long[horizon + 1];
            deviation = new long[horizon + 1];
            long enough = 0;
            for (int day = NONE; day < horizon; day++) {
                after[day + 1] = kind.after(day);
                if (day != NONE && (kind.latest(day) >= horizon || after(day) == 0)) {
                    enough |= 1L << day;
                }
            }
            last = enough;
            none = kind.last() >= horizon || after(NONE) == 0;
        }

        /** Days on which it may be fed after a day, or first of all after {@code NONE}. */
        long after(int day) {
            return after[day + 1];
        }

        /** Whether it may go without a further feed until the horizon. */
        boolean rests(int day) {
            return day == NONE ? none : (last >> day & 1) != 0;
        }

        /** The least number of days of {@code allowed} that it needs besides those chosen; {@code FAR} where none will do. */
        int further(long allowed, long chosen) {
            if (none) {
                return 0;
            }
            long next = after(NONE) & allowed;
            long seen = 0;
            for (int days = 0; ; days++) {
                for (long at = next & chosen & ~seen; at != 0; at = next & chosen & ~seen) {
                    int day = Long.numberOfTrailingZeros(at);
                    if (rests(day)) {
                        return days;
                    }
                    seen |= 1L << day;
                    next |= after(day) & allowed;
                }
                long fresh = next & ~chosen & ~seen;
                if (fresh == 0) {
                    return FAR;
                }
                if ((fresh & last) != 0) {
                    return days + 1;
                }
                seen |= fresh;
                for (long m = fresh; m != 0; m &= m - 1) {
                    next |= after(Long.numberOfTrailingZeros(m)) & allowed;
                }
            }
        }

        /** The least deviation of a chain of days of {@code allowed}; leaves that from each of the days behind. */
        long deviation(long allowed) {
            for (long from = allowed; from != 0; from &= ~Long.highestOneBit(from)) {
                reckon(63 - Long.numberOfLeadingZeros(from), allowed);
            }
            return reckon(NONE, allowed);
        }

        private long reckon(int day, long allowed) {
            long least = rests(day) ? 0 : Long.MAX_VALUE;
            for (long m = after(day) & allowed; m != 0; m &= m - 1) {
                int next = Long.numberOfTrailingZeros(m);
                if (deviation[next + 1] != Long.MAX_VALUE) {
                    least = Math.min(least, deviation[next + 1] + kind.deviation(day, next));
                }
            }
            deviation[day + 1] = least;
            return least;
        }

        /** Its feeds on days of a plan, with the least deviation. */
        List<Integer> feeds(long plan) {
            deviation(plan);
            List<Integer> feeds = new ArrayList<>();
            int day = NONE;
            while (true) {
                int next = NONE;
                boolean stop = rests(day) && deviation[day + 1] == 0;
                for (long m = stop ? 0 : after(day) & plan; m != 0; m &= m - 1) {
                    int to = Long.numberOfTrailingZeros(m);
                    if (deviation[to + 1] != Long.MAX_VALUE
                            && deviation[to + 1] + kind.deviation(day, to) == deviation[day + 1]) {
                        next = to;
                        break;
                    }
                }
                if (next == NONE) {
                    return feeds;
                }
                feeds.add(next);
                day = next;
            }
        }

        /** Days of {@code open}, one of which it needs besides those chosen. */
        long needs(long chosen, long open) {
            long reached = after(NONE) & chosen;
            long need = after(NONE) & open;
            for (long m = reached; m != 0; m &= m - 1) {
                int day = Long.numberOfTrailingZeros(m);
                long next = after(day);
                need |= next & open;
                m |= next & chosen;
            }
            return need & ~chosen;
        }
    }

    private static final class Search {
        private final List<Ways> kinds;
        private final List<Integer> weights;
        private final int horizon;
        private long best;
        private int bestDeviation;
        private int fewest;
        private boolean exact;
        private int branches;
        private int most;
        private boolean found;

        Search(List<Ways> kinds, List<Integer> weights, int horizon) {
            this.kinds = kinds;
            this.weights = weights;
            this.horizon = horizon;
        }

        void run() {
            long all = span(0, horizon - 1);
            best = greedy();
            bestDeviation = deviation(best);
            fewest = furtherDays(all, 0);
            int upper = Long.bitCount(best);
            for (most = fewest; most <= upper && branches < MOST_BRANCHES; most++) {
                found = most == upper;
                search(0, all);
                if (branches < MOST_BRANCHES) {
                    fewest = most;
                    if (found) {
                        exact = true;
                        return;
                    }
                }
            }
        }

        /** The number of further days that some lot needs at least; more than can be where one cannot be fed at all. */
        private int furtherDays(long allowed, long chosen) {
            return kinds.stream()
                    .mapToInt(k -> k.further(allowed, chosen))
                    .max()
                    .orElse(0);
        }

        private int deviation(long plan) {
            long sum = 0;
            for (int i = 0; i < kinds.size(); i++) {
                long deviation = kinds.get(i).deviation(plan);
                sum += deviation == Long.MAX_VALUE ? FAR : deviation * weights.get(i);
            }
            return (int) Math.min(Integer.MAX_VALUE, sum);
        }

        private void search(long chosen, long open) {
            if (branches++ >= MOST_BRANCHES) {
                return;
            }
            int left = most - Long.bitCount(chosen);
            long need = 0;
            int fewestWays = Integer.MAX_VALUE;
            for (Ways k : kinds) {
                int further = k.further(chosen | open, chosen);
                if (further > left) {
                    return;
                }
                if (further > 0) {
                    long ways = k.needs(chosen, open);
                    if (Long.bitCount(ways) < fewestWays) {
                        fewestWays = Long.bitCount(ways);
                        need = ways;
                    }
                }
            }
            if (found && Long.bitCount(best) <= most && deviation(chosen | open) >= bestDeviation) {
                return;
            }
            if (need == 0) {
                leaf(chosen, open, left);
                return;
            }
            long still = open;
            for (long m = need; m != 0; m &= m - 1) {
                long day = Long.lowestOneBit(m);
                search(chosen | day, still & ~day);
                still &= ~day;
            }
        }

        /** All lots are served; days that are left over may still bring gaps nearer to what is preferred. */
        private void leaf(long chosen, long open, int left) {
            int deviation = deviation(chosen);
            boolean fewer = Long.bitCount(chosen) < Long.bitCount(best);
            if (fewer || !found || deviation < bestDeviation) {
                if (fewer || Long.bitCount(chosen) == Long.bitCount(best)) {
                    best = chosen;
                    bestDeviation = deviation;
                    found = true;
                }
            }
            if (left > 0) {
                long still = open;
                for (long m = open; m != 0 && branches < MOST_BRANCHES; m &= m - 1) {
                    long day = Long.lowestOneBit(m);
                    still &= ~day;
                    search(chosen | day, still);
                }
            }
        }

        /** A good plan at once: the latest day that still serves the most pressing lot, then days that are not needed drop out. */
        private long greedy() {
            int[] at = new int[kinds.size()];
            Arrays.fill(at, NONE);
            long plan = 0;
            while (true) {
                int pressing = Integer.MAX_VALUE;
                for (int i = 0; i < at.length; i++) {
                    Ways k = kinds.get(i);
                    if (!k.rests(at[i])) {
                        pressing = Math.min(pressing, 63 - Long.numberOfLeadingZeros(k.after(at[i])));
                    }
                }
                if (pressing == Integer.MAX_VALUE) {
                    break;
                }
                plan |= 1L << pressing;
                for (int i = 0; i < at.length; i++) {
                    if ((kinds.get(i).after(at[i]) >> pressing & 1) != 0) {
                        at[i] = pressing;
                    }
                }
            }
            for (long m = plan; m != 0; m &= m - 1) {
                long without = plan & ~Long.lowestOneBit(m);
                if (furtherDays(without, without) == 0) {
                    plan = without;
                }
            }
            return plan;
        }
    }
}
