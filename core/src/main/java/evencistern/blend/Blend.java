package evencistern.blend;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.feed.SolutionGuard;
import evencistern.solver.LinearModel;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A feed blended from the shelf.
 *
 * <p><b>Answers</b> how much of each product comes nearest to these mg/L, what is missed, and why?
 * <p><b>Formula</b> least Σ w·(short + over)/target + 1000·(nitrate lacking)/N + 10⁻⁴·cost, with Σ x·content + short − over
 * = target − water and 0 ≤ x ≤ label: a linear programme
 * <p><b>Units</b> g or mL of product per litre; mg/L of elements
 * <p><b>Valid for</b> up to 40 products; targets of 0.001–1 000 mg/L
 * <p><b>Source</b> [DANTZIG1963] linear programming; weights of traces [COMMON]
 * <p><b>Checked by</b> BlendTest
 *
 * @param perLitre of each product, in its own measure; 0 where it is not needed
 * @param brought by the products, mg/L; the water's own is not in it
 * @param misses one for each target, hit or not
 * @param costPerLitre of the products whose cost is known; empty where none is
 */
public record Blend(
        List<Double> perLitre, Nutrients brought, List<Miss> misses, double nitrateShare, OptionalDouble costPerLitre) {
    private static final int MOST_PRODUCTS = 40;
    private static final double COST_WEIGHT = 1e-4;
    private static final double SHARE_WEIGHT = 1000;
    /** Nearer than this is a hit: no spoon measures better. */
    private static final double HIT = 0.02;

    /**
     * A product at hand.
     *
     * @param contents mg in one unit, g or mL
     * @param cost of one unit; empty where it is not known
     * @param most that its label allows in a litre of feed; empty where it says nothing
     */
    public record Product(String name, Nutrients contents, OptionalDouble cost, OptionalDouble most) {}

    /** Why a target is missed. */
    public enum Why {
        HIT,
        NOBODY_HAS_IT,
        WATER_HAS_MORE,
        LABEL_TOP,
        COMES_WITH,
        WOULD_SPOIL;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A target and what came of it, mg/L.
     *
     * @param other the target that stands against it, where one does
     */
    public record Miss(Goal goal, double target, double got, Why why, Optional<Goal> other) {
        /** Got against target, as a share; below 0 is short. */
        public double off() {
            return got / target - 1;
        }
    }

    public Blend {
        perLitre = List.copyOf(perLitre);
        misses = List.copyOf(misses);
    }

    /**
     * Blends.
     *
     * @param water what the source water brings, mg/L
     * @param nitrateShare of all nitrogen, at least, 0–1
     */
    public static Blend of(
            List<Product> products, Map<Goal, Double> targets, Nutrients water, OptionalDouble nitrateShare) {
        Faults faults = new Faults();
        targets.forEach((goal, mg) -> faults.within("blend." + goal.id(), mg, 0.001, 1000, "mg/L"));
        nitrateShare.ifPresent(s -> faults.within("blend.nitrate_share", s * 100, 0, 100, "%"));
        faults.within("blend.products", products.size(), 1, MOST_PRODUCTS, "");
        if (targets.isEmpty()) {
            faults.add(FaultCode.MISSING, "blend.targets", "");
        }
        faults.throwIfAny();
        List<Goal> goals = targets.keySet().stream().sorted().toList();
        double[] x = programme(products, goals, targets, water, nitrateShare, Optional.empty())
                .solve();
        List<Double> perLitre = new ArrayList<>();
        Nutrients brought = Nutrients.NONE;
        double cost = 0;
        for (int i = 0; i < products.size(); i++) {
            double amount = x[i] < 1e-7 ? 0 : x[i];
            perLitre.add(amount);
            brought = brought.plus(products.get(i).contents().times(amount));
            cost += amount * products.get(i).cost().orElse(0);
        }
        SolutionGuard.require(brought);
        Nutrients whole = brought.plus(water);
        List<Miss> misses = new ArrayList<>();
        for (Goal goal : goals) {
            double target = targets.getOrDefault(goal, 0.0);
            misses.add(miss(goal, target, goal.of(whole), products, goals, targets, water, nitrateShare, x));
        }
        boolean priced = products.stream().anyMatch(p -> p.cost().isPresent());
        double nitrogen = whole.n();
        return new Blend(
                perLitre,
                brought,
                misses,
                nitrogen > 0 ? whole.of(Nutrient.NITRATE_N) / nitrogen : 0,
                priced ? OptionalDouble.of(cost) : OptionalDouble.empty());
    }

    /**
     * The programme: amounts of the products, then short and over of each goal, then the nitrate that is lacking.
     *
     * @param exact a goal that must be met whatever it costs the others
     */
    static LinearModel programme(
            List<Product> products,
            List<Goal> goals,
            Map<Goal, Double> targets,
            Nutrients water,
            OptionalDouble nitrateShare,
            Optional<Goal> exact) {
        int n = products.size();
        int size = n + 2 * goals.size() + 1;
        double[] costs = new double[size];
        for (int i = 0; i < n; i++) {
            costs[i] = COST_WEIGHT * products.get(i).cost().orElse(0.01);
        }
        List<LinearModel.Row> rows = new ArrayList<>();
        for (int g = 0; g < goals.size(); g++) {
            Goal goal = goals.get(g);
            double target = targets.getOrDefault(goal, 0.0);
            double[] row = new double[size];
            for (int i = 0; i < n; i++) {
                row[i] = goal.of(products.get(i).contents()) / target;
            }
            int shortOf = n + 2 * g;
            row[shortOf] = 1;
            row[shortOf + 1] = -1;
            double weight = exact.filter(goal::equals).isPresent() ? SHARE_WEIGHT : goal.weight();
            costs[shortOf] = weight;
            costs[shortOf + 1] = weight;
            double wanted = 1 - goal.of(water) / target;
            rows.add(new LinearModel.Row(row, wanted, wanted));
        }
        for (int i = 0; i < n; i++) {
            if (products.get(i).most().isPresent()) {
                double[] row = new double[size];
                row[i] = 1;
                rows.add(LinearModel.Row.atMost(products.get(i).most().getAsDouble(), row));
            }
        }
        if (nitrateShare.isPresent()) {
            double share = nitrateShare.getAsDouble();
            double[] row = new double[size];
            for (int i = 0; i < n; i++) {
                Nutrients c = products.get(i).contents();
                row[i] = (c.of(Nutrient.NITRATE_N) - share * c.n()) / 100;
            }
            row[size - 1] = 1;
            rows.add(LinearModel.Row.atLeast((share * water.n() - water.of(Nutrient.NITRATE_N)) / 100, row));
        }
        costs[size - 1] = SHARE_WEIGHT;
        return new LinearModel(costs, rows);
    }

    private static Miss miss(
            Goal goal,
            double target,
            double got,
            List<Product> products,
            List<Goal> goals,
            Map<Goal, Double> targets,
            Nutrients water,
            OptionalDouble nitrateShare,
            double[] x) {
        if (Math.abs(got / target - 1) <= HIT) {
            return new Miss(goal, target, got, Why.HIT, Optional.empty());
        }
        if (goal.of(water) > target * (1 + HIT)) {
            return new Miss(goal, target, got, Why.WATER_HAS_MORE, Optional.empty());
        }
        if (got < target && products.stream().noneMatch(p -> goal.of(p.contents()) > 0)) {
            return new Miss(goal, target, got, Why.NOBODY_HAS_IT, Optional.empty());
        }
        // were it met, which other would be missed by the most more?
        double[] forced = programme(products, goals, targets, water, nitrateShare, Optional.of(goal))
                .solve();
        if (forced[products.size() + 2 * goals.indexOf(goal)] > HIT) {
            return new Miss(goal, target, got, Why.LABEL_TOP, Optional.empty()); // not even then: the labels end before
        }
        Optional<Goal> worst = Optional.empty();
        double most = 0;
        for (int g = 0; g < goals.size(); g++) {
            int at = products.size() + 2 * g;
            double worse = forced[at] + forced[at + 1] - x[at] - x[at + 1];
            if (goals.get(g) != goal && worse > most) {
                most = worse;
                worst = Optional.of(goals.get(g));
            }
        }
        return new Miss(goal, target, got, got > target ? Why.COMES_WITH : Why.WOULD_SPOIL, worst);
    }

    /** Targets from the three numbers of a feed at a strength: N–P2O5–K2O in any proportion, at so much nitrogen. */
    public static Map<Goal, Double> ofRatio(double n, double p2o5, double k2o, double nitrogenMgPerL) {
        Faults faults = new Faults();
        faults.within("blend.ratio_n", n, 0.01, 100, "");
        faults.within("blend.ratio_p", p2o5, 0, 100, "");
        faults.within("blend.ratio_k", k2o, 0, 100, "");
        faults.within("blend.n", nitrogenMgPerL, 1, 1000, "mg/L");
        faults.throwIfAny();
        Map<Goal, Double> targets = new EnumMap<>(Goal.class);
        targets.put(Goal.N, nitrogenMgPerL);
        put(targets, Goal.P, nitrogenMgPerL / n * p2o5 * evencistern.feed.Declared.P2O5.element());
        put(targets, Goal.K, nitrogenMgPerL / n * k2o * evencistern.feed.Declared.K2O.element());
        return Collections.unmodifiableMap(targets);
    }

    private static void put(Map<Goal, Double> targets, Goal goal, double mg) {
        if (mg > 0) {
            targets.put(goal, mg);
        }
    }

    /** The amounts by the products' names, those that are needed. */
    public Map<String, Double> amounts(List<Product> products) {
        Map<String, Double> amounts = new LinkedHashMap<>();
        for (int i = 0; i < products.size(); i++) {
            if (perLitre.get(i) > 0) {
                amounts.put(products.get(i).name(), perLitre.get(i));
            }
        }
        return amounts;
    }
}
