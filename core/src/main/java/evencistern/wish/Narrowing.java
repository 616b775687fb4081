package evencistern.wish;

import evencistern.solver.LinearModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.IntToDoubleFunction;

/**
 * Which of many components are worth trying: those of the best mixes in any shares, found by linear programmes. Every wish
 * is elastic; shrinkage is set from the mix found and the programme solved again.
 */
final class Narrowing {
    private static final int SETTLES = 2;
    private static final double USUAL_YIELD = 0.85;
    private static final double USED = 0.02;
    /** A step missed costs so many times as much as a step clear is worth. */
    private static final double MISSED = 100;

    private static final double GIVEN_UP = 1;
    private static final double INSISTED = 10_000;

    private final AtHand bench;
    private final List<Wish> wishes;
    private final int most;
    private final Set<Integer> chosen = new LinkedHashSet<>();

    private Narrowing(AtHand bench, List<Wish> wishes, int most) {
        this.bench = bench;
        this.wishes = wishes;
        this.most = most;
    }

    /** At most {@code most} of the components at hand, those that a wish is about first. */
    static List<Integer> of(AtHand bench, List<Wish> wishes, int most) {
        Narrowing n = new Narrowing(bench, wishes, most);
        for (int i = 0; i < bench.size(); i++) {
            String key = bench.component(i).key();
            if (wishes.contains(new Wish.Holding(key))) {
                n.chosen.add(i);
            }
        }
        n.narrow();
        return n.chosen.stream().limit(most).sorted().toList();
    }

    private void narrow() {
        double[] best = settled(w -> MISSED, -1);
        take(best);
        for (int i = 0; i < best.length && chosen.size() < most; i++) {
            if (best[i] > USED) {
                take(settled(w -> MISSED, i));
            }
        }
        for (int given = 0; given < wishes.size() && chosen.size() < most; given++) {
            int up = given;
            take(settled(w -> w == up ? GIVEN_UP : INSISTED, -1));
        }
    }

    private void take(double[] put) {
        Integer[] order = new Integer[put.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(put[b], put[a]));
        for (int i : order) {
            if (put[i] > USED) {
                chosen.add(i);
            }
        }
    }

    /** Shares of the best mix without one component, or with all. */
    private double[] settled(IntToDoubleFunction weight, int without) {
        double yielded = USUAL_YIELD;
        double[] put = {};
        for (int i = 0; i < SETTLES; i++) {
            put = Arrays.copyOf(
                    programme(bench, wishes, yielded, weight, without).solve(), bench.size());
            yielded = bench.yielded(put);
        }
        return put;
    }

    /**
     * The programme for one yield: shares of what is put in, then steps missed of each wish, then steps clear of all.
     *
     * @param weight of a step missed, by the place of the wish
     * @param without a component left out, or -1
     */
    static LinearModel programme(
            AtHand bench, List<Wish> wishes, double yielded, IntToDoubleFunction weight, int without) {
        int n = bench.size();
        int clear = n + wishes.size();
        double[] costs = new double[clear + 1];
        costs[clear] = -1;
        List<LinearModel.Row> rows = new ArrayList<>();
        double[] all = new double[clear + 1];
        Arrays.fill(all, 0, n, 1);
        rows.add(new LinearModel.Row(all, 1, 1));
        rows.add(LinearModel.Row.atMost(1, only(clear, clear)));
        if (without >= 0) {
            rows.add(LinearModel.Row.atMost(0, only(clear, without)));
        }
        for (int w = 0; w < wishes.size(); w++) {
            costs[n + w] = weight.applyAsDouble(w);
            Wish wish = wishes.get(w);
            for (int i = 0; i < n; i++) {
                String key = bench.component(i).key();
                if (wish.equals(new Wish.Holding(key))) {
                    double[] holds = only(clear, i);
                    holds[n + w] = 1.0 / Wishes.USUAL_PARTS;
                    rows.add(LinearModel.Row.atLeast(1.0 / Wishes.USUAL_PARTS, holds));
                } else if (wish.equals(new Wish.Free(key))) {
                    double[] free = only(clear, i);
                    free[n + w] = -1;
                    rows.add(LinearModel.Row.atMost(0, free));
                }
            }
            for (Wish.Range range : wish.ranges()) {
                if (!bench.limedAway(range)) {
                    limit(bench, range, range.low(), true, yielded, n + w, clear)
                            .ifPresent(rows::add);
                }
                limit(bench, range, range.high(), false, yielded, n + w, clear).ifPresent(rows::add);
            }
        }
        return new LinearModel(costs, rows);
    }

    private static Optional<LinearModel.Row> limit(
            AtHand bench,
            Wish.Range range,
            OptionalDouble limit,
            boolean atLeast,
            double yielded,
            int missed,
            int clear) {
        if (limit.isEmpty()) {
            return Optional.empty();
        }
        double at = limit.getAsDouble();
        double[] row = Arrays.copyOf(bench.over(range.quality(), at, atLeast, yielded), clear + 1);
        row[missed] = 1;
        row[clear] = -range.stepsClear(at) / range.quality().near(at);
        return Optional.of(LinearModel.Row.atLeast(0, row));
    }

    private static double[] only(int clear, int at) {
        double[] row = new double[clear + 1];
        row[at] = 1;
        return row;
    }
}
