package evencistern.wish;

import evencistern.media.Component;
import evencistern.media.Liming;
import evencistern.media.Mix;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Recipes that meet wishes.
 *
 * <p><b>Answers</b> which recipes, in whole parts of what is at hand, meet all these wishes, and if none does, which wish
 * stands in the way and how near can it be met?
 * <p><b>Formula</b> every recipe of up to 5 components in up to 20 whole parts is tried; of more than 9 components at hand
 * those 9 (8 where 5 may be combined) that linear programmes over shares of any size choose, each wish given up in turn; nearest = least Σ of steps
 * missed; a wish stands in the way where all others can be met without it
 * <p><b>Units</b> whole parts by volume; limits in the unit of each quality; a step is 5 points of air or water, 0.3 pH, a
 * tenth of a weight or cost
 * <p><b>Valid for</b> 1–60 components at hand; numbers are as good as the tables they come from: 5 points, 0.4 pH
 * <p><b>Source</b> properties as of Mix and PotWater; linear programming by simplex [DANTZIG1963]; steps [COMMON]
 * <p><b>Checked by</b> FormulationTest
 *
 * @param offers that meet every wish: the best at each goal, then the surest of each number of components; none where the
 *     wishes conflict
 * @param conflict where no recipe does
 * @param unpriced components left out because a cost was wished and they have none
 * @param narrowedTo of more components at hand than can all be tried, those that were
 */
public record Formulation(
        List<Offer> offers, Optional<Conflict> conflict, List<String> unpriced, Optional<List<String>> narrowedTo) {
    private static final int MOST_TRIED = 9;
    private static final int MOST_TRIED_BY_FIVES = 8;
    /** Room to the limits is counted in quarters of a step: finer would pretend that the tables know. */
    private static final double QUARTERS = 4;

    private static final double ROUNDING = 1e-9;

    /** Why a recipe is offered. */
    public enum Goal {
        /** Most room to every limit, so that it still holds if the tables are a little off. */
        SUREST,
        /** Fewest components in fewest parts. */
        SIMPLEST,
        /** Of those that have a price. */
        CHEAPEST
    }

    /**
     * A recipe.
     *
     * @param goals what it is best at; none for the surest of so many components, and for one that misses a wish
     * @param limedTo the pH that lime is to bring it to, where it comes out more sour than wished
     */
    public record Offer(List<Goal> goals, Mix mix, OptionalDouble limedTo) {}

    /** A wish that stands in the way: all others are met by a recipe that misses it by {@code steps}. */
    public record Limit(Wish wish, double steps, Offer without) {}

    /**
     * No recipe meets all wishes.
     *
     * @param nearest that misses them by the least in all
     * @param missed by it
     * @param limits each wish that stands in the way alone, the nearest to being met first
     */
    public record Conflict(Offer nearest, List<Wish> missed, List<Limit> limits) {}

    /** A recipe that was tried, in short. */
    private static final class Tried {
        private final int[] used;
        private final int[] parts;
        private final int total;
        private final double clear;
        private final double missed;
        private final double cost;

        Tried(AtHand.Trial trial, double clear, double missed) {
            this.used = trial.used;
            this.parts = trial.parts;
            this.total = IntStream.of(trial.parts).sum();
            this.clear = clear;
            this.missed = missed;
            this.cost = trial.value(Quality.COST);
        }

        private int quarters() {
            return (int) (clear * QUARTERS + ROUNDING);
        }

        static final Comparator<Tried> SIMPLEST = Comparator.<Tried>comparingInt(t -> t.used.length)
                .thenComparingInt(t -> t.total)
                .thenComparingInt(t -> -t.quarters())
                .thenComparingDouble(t -> -t.clear);
        static final Comparator<Tried> SUREST =
                Comparator.<Tried>comparingInt(t -> -t.quarters()).thenComparing(SIMPLEST);
        static final Comparator<Tried> CHEAPEST =
                Comparator.<Tried>comparingDouble(t -> t.cost).thenComparing(SIMPLEST);
        static final Comparator<Tried> NEAREST =
                Comparator.<Tried>comparingDouble(t -> t.missed).thenComparing(SIMPLEST);
    }

    /** What meets these wishes. Refused where nothing is left at hand. */
    public static Formulation of(Wishes ask) {
        List<String> unpriced = new ArrayList<>();
        List<Component> atHand = new ArrayList<>();
        for (Component c : ask.atHand()) {
            if (ask.priced() && c.pack().costPerLitre().isEmpty()) {
                unpriced.add(c.key());
            } else {
                atHand.add(c);
            }
        }
        Wishes of = new Wishes(atHand, ask.wishes(), ask.pot(), ask.mayLime(), ask.mostComponents(), ask.mostParts());
        AtHand all = new AtHand(of.atHand(), of.pot(), of.mayLime());
        List<Component> tried = of.atHand();
        int most = of.mostComponents() < 5 ? MOST_TRIED : MOST_TRIED_BY_FIVES;
        if (all.size() > most) {
            tried = Narrowing.of(all, of.wishes(), most).stream()
                    .map(of.atHand()::get)
                    .toList();
        }
        Search search = new Search(of, new AtHand(tried, of.pot(), of.mayLime()));
        search.run();
        return search.formulation(
                unpriced,
                tried.size() == all.size()
                        ? Optional.empty()
                        : Optional.of(tried.stream().map(Component::key).toList()));
    }

    /** Tries every recipe and keeps the best of each kind. */
    private static final class Search {
        private final Wishes ask;
        private final AtHand bench;
        private final AtHand.Trial trial;
        private final AtHand.Asked[] asked;
        private final Map<Goal, Tried> best = new EnumMap<>(Goal.class);
        private final Map<Integer, Tried> ofSoMany = new TreeMap<>();
        private final @Nullable Tried[] without;
        private @Nullable Tried nearest;

        Search(Wishes ask, AtHand bench) {
            this.ask = ask;
            this.bench = bench;
            this.trial = bench.new Trial();
            this.asked = ask.wishes().stream()
                    .sorted(Comparator.comparing(w -> !w.plain()))
                    .map(w -> bench.new Asked(w))
                    .toArray(AtHand.Asked[]::new);
            this.without = new Tried[asked.length];
        }

        void run() {
            for (int count = 1; count <= Math.min(ask.mostComponents(), bench.size()); count++) {
                List<int[]> amounts = WholeParts.of(count, ask.mostParts());
                for (int[] used : WholeParts.choices(bench.size(), count)) {
                    for (int[] parts : amounts) {
                        attempt(used, parts);
                    }
                }
            }
        }

        private void attempt(int[] used, int[] parts) {
            trial.of(used, parts);
            double missed = 0;
            int which = 0;
            int many = 0;
            for (int w = 0; w < asked.length; w++) {
                double miss = trial.miss(asked[w]);
                if (miss > 0) {
                    missed += miss;
                    which = w;
                    many++;
                    boolean farther = nearest != null && missed > nearest.missed;
                    if (!best.isEmpty() || (many > 1 && farther)) {
                        return;
                    }
                }
            }
            if (many == 0) {
                Tried met = tried(0);
                for (Goal goal : Goal.values()) {
                    keep(goal, met);
                }
                ofSoMany.merge(met.used.length, met, (old, now) -> first(old, now, Tried.SUREST));
                return;
            }
            Tried near = tried(missed);
            if (many == 1) {
                without[which] = nearer(without[which], near);
            }
            nearest = nearer(nearest, near);
        }

        private static Tried nearer(@Nullable Tried best, Tried other) {
            return best == null ? other : first(best, other, Tried.NEAREST);
        }

        private static Tried first(Tried best, Tried other, Comparator<Tried> by) {
            return by.compare(other, best) < 0 ? other : best;
        }

        private void keep(Goal goal, Tried met) {
            Comparator<Tried> by = switch (goal) {
                case SUREST -> Tried.SUREST;
                case SIMPLEST -> Tried.SIMPLEST;
                case CHEAPEST -> Tried.CHEAPEST;
            };
            if (goal != Goal.CHEAPEST || Double.isFinite(met.cost)) {
                best.merge(goal, met, (old, now) -> first(old, now, by));
            }
        }

        private Tried tried(double missed) {
            double clear = 1;
            for (AtHand.Asked wish : asked) {
                clear = Math.min(clear, trial.clear(wish));
            }
            return new Tried(trial, clear, missed);
        }

        Formulation formulation(List<String> unpriced, Optional<List<String>> narrowedTo) {
            Map<String, Offer> offers = new LinkedHashMap<>();
            best.forEach((goal, tried) -> offers.merge(
                    describe(tried),
                    offer(tried, List.of(goal)),
                    (a, b) -> new Offer(
                            Stream.concat(a.goals().stream(), b.goals().stream())
                                    .toList(),
                            a.mix(),
                            a.limedTo())));
            ofSoMany.values().forEach(t -> offers.putIfAbsent(describe(t), offer(t, List.of())));
            Optional<Conflict> conflict =
                    offers.isEmpty() && nearest != null ? Optional.of(conflict(nearest)) : Optional.empty();
            return new Formulation(List.copyOf(offers.values()), conflict, unpriced, narrowedTo);
        }

        private static String describe(Tried t) {
            return Arrays.toString(t.used) + Arrays.toString(t.parts);
        }

        private Conflict conflict(Tried near) {
            List<Limit> limits = new ArrayList<>();
            for (int w = 0; w < without.length; w++) {
                Tried tried = without[w];
                if (tried != null) {
                    limits.add(new Limit(asked[w].wish, tried.missed, offer(tried, List.of())));
                }
            }
            limits.sort(Comparator.comparingDouble(Limit::steps));
            trial.of(near.used, near.parts);
            List<Wish> missed = Stream.of(asked)
                    .filter(a -> trial.miss(a) > 0)
                    .map(a -> a.wish)
                    .toList();
            return new Conflict(offer(near, List.of()), missed, limits);
        }

        /** Where the trial is to be limed to: within the band wished, or well clear of its lower end. */
        private OptionalDouble limedTo() {
            return Stream.of(asked)
                    .filter(trial::limes)
                    .flatMap(a -> a.wish.ranges().stream())
                    .filter(r -> r.quality() == Quality.PH)
                    .mapToDouble(r -> {
                        double low = r.low().orElseThrow();
                        return Liming.aim(low, r.high().orElse(low + 2 * Quality.PH.near(low)));
                    })
                    .findFirst();
        }

        private Offer offer(Tried t, List<Goal> goals) {
            List<Mix.Part> parts = new ArrayList<>();
            for (int k = 0; k < t.used.length; k++) {
                parts.add(new Mix.Part(bench.component(t.used[k]), t.parts[k]));
            }
            parts.sort(Comparator.comparingDouble(p -> -p.parts()));
            trial.of(t.used, t.parts);
            return new Offer(goals, Mix.of("wished", parts), limedTo());
        }
    }
}
