package evencistern.wish;

import evencistern.media.Component;
import evencistern.media.LimeLimit;
import evencistern.media.Packing;
import evencistern.media.PotWater;
import evencistern.pot.Pot;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** What each component at hand brings to a mix in this pot, worked out once so that very many recipes can be tried. */
final class AtHand {
    private static final int NONE = -1;
    private static final int ABSENT = -2;

    private final List<Component> components;
    private final boolean mayLime;
    private final double potLitres;
    private final double potKg;
    private final double[] shares;
    private final double[][] water;
    private final double[][] room;
    private final double[][] taken;
    private final double[][] gapsFilled;
    private final double[] gapsHeld;
    private final double[] capacity;
    private final double[] solids;
    private final double[] unavailable;
    private final double[] density;
    private final double[] buffer;
    private final double[] acid;
    private final double[] salt;
    private final double[] organic;
    private final double[] decay;
    private final double[] cost;

    AtHand(List<Component> components, Pot pot, boolean mayLime) {
        this.components = components;
        this.mayLime = mayLime;
        this.potLitres = pot.mixLitres();
        this.potKg = pot.emptyKg();
        List<PotWater.Height> heights = PotWater.heights(pot);
        this.shares = heights.stream().mapToDouble(PotWater.Height::share).toArray();
        this.water = new double[heights.size()][];
        for (int h = 0; h < water.length; h++) {
            double cm = heights.get(h).aboveFloorCm();
            water[h] = each(c -> c.hold().curve().at(cm));
        }
        this.room = new double[components.size()][];
        this.taken = new double[components.size()][];
        for (int i = 0; i < room.length; i++) {
            Component one = components.get(i);
            room[i] = each(c -> Packing.room(one, c));
            taken[i] = each(c -> Packing.taken(one, c));
        }
        this.gapsFilled = new double[water.length][components.size()];
        this.gapsHeld = new double[components.size()];
        this.capacity = new double[components.size()];
        for (int i = 0; i < capacity.length; i++) {
            for (int h = 0; h < water.length; h++) {
                gapsFilled[h][i] = components.get(i).gapsFilled(water[h][i]);
                gapsHeld[i] += shares[h] * gapsFilled[h][i];
                capacity[i] += shares[h] * water[h][i];
            }
        }
        this.solids = each(c -> 1 - c.hold().porosity());
        this.unavailable = each(c -> c.hold().unavailable());
        this.density = each(Component::densityKgPerL);
        this.buffer = each(c -> c.chemistry().buffer());
        this.acid = each(c -> c.chemistry().buffer() * c.chemistry().ph());
        this.salt = each(c -> c.chemistry().ec());
        this.organic = each(c -> c.family().organic() ? 1 : 0);
        this.decay = each(c -> 1 / c.wear().cycledYears());
        this.cost = each(c -> c.pack().costPerLitre().orElse(Double.NaN));
    }

    private double[] each(ToDoubleFunction<Component> of) {
        return components.stream().mapToDouble(of).toArray();
    }

    int size() {
        return components.size();
    }

    Component component(int i) {
        return components.get(i);
    }

    /** A recipe being tried: the components used, and what comes of so many parts of each. Used over and over. */
    final class Trial {
        int[] used = {};
        int[] parts = {};
        private double total;
        private double litres;
        private double pores;
        private double held;
        private double[] lost = {};

        /** Tries so many parts of each component used. */
        void of(int[] use, int[] amounts) {
            used = use;
            parts = amounts;
            total = 0;
            for (int p : amounts) {
                total += p;
            }
            litres = 0;
        }

        /** Volume and water are the dear part: worked out when first asked for. */
        private void mix() {
            if (litres == 0) {
                litres = litres();
                lost = lost();
                pores = litres - sum(solids);
                held = held();
            }
        }

        double value(Quality quality) {
            if (quality.ofTheMixed()) {
                mix();
            }
            return switch (quality) {
                case AIR -> (pores - held) / litres * 100;
                case CAPACITY -> held / litres * 100;
                case AVAILABLE -> Math.max(0, held - Math.min(pores, sum(unavailable))) / litres * 100;
                case WET_KG -> (sum(density) + held) / litres * potLitres + potKg;
                case PH -> sum(acid) / sum(buffer);
                case EC -> sum(salt) / total;
                case ORGANIC -> sum(organic) / total * 100;
                case LIFE -> total / sum(decay);
                case COST -> sum(cost) / litres;
            };
        }

        private double sum(double[] of) {
            double sum = 0;
            for (int k = 0; k < used.length; k++) {
                sum += of[used[k]] * parts[k];
            }
            return sum;
        }

        private double litres() {
            double most = 0;
            for (int carrying : used) {
                most = Math.max(most, sum(room[carrying]));
            }
            return most;
        }

        /** The gaps of each component used that are lost, as Packing has it, but for what a part's gaps cannot give. */
        private double[] lost() {
            double[] weights = new double[used.length];
            double sum = 0;
            for (int i = 0; i < used.length; i++) {
                for (int j = 0; j < used.length; j++) {
                    weights[i] += (double) parts[i] * parts[j] * taken[used[i]][used[j]];
                }
                sum += weights[i];
            }
            double all = total - litres;
            for (int i = 0; i < used.length && sum > 0; i++) {
                weights[i] *= all / sum;
            }
            return weights;
        }

        private double lostOf(double[] of) {
            double sum = 0;
            for (int k = 0; k < used.length; k++) {
                sum += of[used[k]] * lost[k];
            }
            return sum;
        }

        private double held() {
            double full = sum(capacity) - lostOf(gapsHeld);
            for (int h = 0; h < water.length; h++) {
                double beyond = sum(water[h]) - lostOf(gapsFilled[h]) - pores;
                if (!(beyond > 0)) {
                    break;
                }
                // the lower the wetter: above the first height that is not full nothing is
                full -= shares[h] * beyond;
            }
            return full;
        }

        /** Steps by which it misses a wish; 0 where it is met. */
        double miss(Asked wish) {
            double miss = (wish.wanted != NONE && !holds(wish.wanted)) || holds(wish.unwanted) ? 1 : 0;
            for (Wish.Range range : wish.ranges) {
                double value = value(range.quality());
                double of = range.miss(value);
                if (of > 0 && !limes(range, value)) {
                    miss = Math.max(miss, of);
                }
            }
            return miss;
        }

        /** How well it is clear of every limit of a wish it meets, 0–1. */
        double clear(Asked wish) {
            double clear = 1;
            for (Wish.Range range : wish.ranges) {
                double value = value(range.quality());
                if (!limes(range, value)) {
                    clear = Math.min(clear, range.clear(value));
                }
            }
            return clear;
        }

        /** Whether lime is needed to meet a wish, and meets it. */
        boolean limes(Asked wish) {
            for (Wish.Range range : wish.ranges) {
                if (limes(range, value(range.quality()))) {
                    return true;
                }
            }
            return false;
        }

        private boolean limes(Wish.Range range, double value) {
            if (range.quality() != Quality.PH || !mayLime || range.low().isEmpty()) {
                return false;
            }
            double lacking = range.low().getAsDouble() - value;
            if (!(lacking > 0)) {
                return false;
            }
            mix();
            return lacking * sum(buffer) / litres <= LimeLimit.LIME_CACO3.most();
        }

        private boolean holds(int component) {
            for (int i : used) {
                if (i == component) {
                    return true;
                }
            }
            return false;
        }
    }

    /** A wish as it bears on the components of this bench. */
    final class Asked {
        final Wish wish;
        private final Wish.Range[] ranges;
        private final int wanted;
        private final int unwanted;

        Asked(Wish wish) {
            this.wish = wish;
            this.ranges = wish.ranges().toArray(new Wish.Range[0]);
            this.wanted = wish instanceof Wish.Holding holding ? place(holding.component()) : NONE;
            this.unwanted = wish instanceof Wish.Free free ? place(free.component()) : NONE;
        }
    }

    private int place(String key) {
        for (int i = 0; i < size(); i++) {
            if (components.get(i).key().equals(key)) {
                return i;
            }
        }
        return ABSENT;
    }

    /**
     * A limit as a sum over the shares of what is put in, in steps: at least 0 where it is kept. Water above the full
     * layer only, which overstates what a shallow pot holds a little; a pH counts by what holds on to it.
     *
     * @param atLeast whether the limit is the lower one
     * @param yielded litres of mix from a litre put in
     */
    double[] over(Quality quality, double limit, boolean atLeast, double yielded) {
        double[] over = new double[size()];
        for (int i = 0; i < over.length; i++) {
            double beyond = switch (quality) {
                case AIR -> 100 - 100 * (solids[i] + capacity[i]) / yielded - limit;
                case CAPACITY -> 100 * capacity[i] / yielded - limit;
                case AVAILABLE -> 100 * (capacity[i] - unavailable[i]) / yielded - limit;
                case WET_KG -> potKg + potLitres * (density[i] + capacity[i]) / yielded - limit;
                case PH -> acid[i] - buffer[i] * limit;
                case EC -> salt[i] - limit;
                case ORGANIC -> 100 * organic[i] - limit;
                case LIFE -> limit - limit * limit * decay[i];
                case COST -> (Double.isNaN(cost[i]) ? 0 : cost[i]) / yielded - limit;
            };
            over[i] = (atLeast ? beyond : -beyond) / quality.near(limit);
        }
        return over;
    }

    /** Whether a lower limit of pH counts for nothing because lime is allowed. */
    boolean limedAway(Wish.Range range) {
        return range.quality() == Quality.PH && mayLime;
    }

    /** Litres of mix from a litre put in, in these shares. */
    double yielded(double[] put) {
        double most = 0;
        for (int carrying = 0; carrying < put.length; carrying++) {
            if (put[carrying] > 0) {
                double litres = 0;
                for (int i = 0; i < put.length; i++) {
                    litres += room[carrying][i] * put[i];
                }
                most = Math.max(most, litres);
            }
        }
        return most;
    }
}
