package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Measured.Piece;
import evencistern.feed.Measured.Tool;
import evencistern.label.Measure;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Turns an amount into spoons, or a weighing and a syringe.
 *
 * <p><b>Answers</b> how many spoons is that, and how far off does rounding leave me?
 * <p><b>Formula</b> nearest multiple of the smallest step, but never above the limit (by more than 2 % in spoons, which differ by 1.4 % among themselves, else 0.2 %); error = practical/exact − 1
 * <p><b>Units</b> metric spoons of 5 and 15 mL, level; a powder's millilitres by its spooned density; a scale in steps of
 * 0.1 g below 20 g and 1 g above; a syringe in steps of 0.1 mL below 10 mL and 1 mL above
 * <p><b>Valid for</b> amounts above 0 up to 1 000 kg; below half the smallest step the answer is no piece at all
 * <p><b>Source</b> [COMMON] sets of spoons go down to an eighth of a teaspoon
 * <p><b>Checked by</b> FeedTest
 */
public enum HandMeasure {
    SPOONS,
    SCALE;

    /** A spoon a person owns; its size in teaspoons. */
    public enum Spoon {
        TABLESPOON(3, Tool.TABLESPOON),
        TEASPOON(1, Tool.TEASPOON),
        HALF(0.5, Tool.HALF_TEASPOON),
        QUARTER(0.25, Tool.QUARTER_TEASPOON),
        EIGHTH(0.125, Tool.EIGHTH_TEASPOON);

        private final double teaspoons;
        private final Tool tool;

        Spoon(double teaspoons, Tool tool) {
            this.teaspoons = teaspoons;
            this.tool = tool;
        }
    }

    /** The usual set. */
    public static final Set<Spoon> FULL_SET = Set.copyOf(EnumSet.allOf(Spoon.class));

    /** Far less than any scale or syringe is off. */
    private static final double A_HAIR = 0.002;
    /** A US teaspoon and a metric one: a label's spoon a gallon is a spoon in a jug of that gallon. */
    private static final double SPOONS_DIFFER = 0.02;

    private static final double TEASPOON_ML = Unit.METRIC_TEASPOON.toCanonical(1000);

    /**
     * The amount as these tools can measure it.
     *
     * @param amount in g or mL of product
     * @param limit the most that may be given, in the same measure; rounding stays at or below it
     * @param owned the spoons there are; at least one where spoons are used
     * @param gramsPerMl of the product, to spoon what the label weighs and to weigh what it spoons
     */
    public Measured nearest(
            double amount,
            double limit,
            Measure measure,
            double gramsPerMl,
            boolean liquid,
            Set<Spoon> owned,
            Working working) {
        Faults.require("amount", amount, 0, 1e6, measure == Measure.GRAMS ? "g" : "mL");
        boolean spoons = this == SPOONS;
        // the tool's own measure: spoons and syringes hold mL, a scale shows g
        boolean byVolume = spoons || liquid;
        double toTool = byVolume
                ? (measure == Measure.GRAMS ? 1 / gramsPerMl : 1)
                : (measure == Measure.GRAMS ? 1 : gramsPerMl);
        double wanted = amount * toTool;
        double unit = spoons ? TEASPOON_ML : 1;
        double step = unit * (spoons ? spoonStep(wanted / unit, owned) : wanted < (liquid ? 10 : 20) ? 0.1 : 1);
        double steps = Math.rint(wanted / step);
        double most = limit * toTool * (1 + (spoons ? SPOONS_DIFFER : A_HAIR));
        if (steps * step > most) {
            steps = Math.floor(most / step);
        }
        double taken = steps * step;
        double practical = taken / toTool;
        double error = amount > 0 ? (practical / amount - 1) * 100 : 0;
        Unit shown = measure.unit();
        working.step(
                "feed.rounding",
                "practical = round(amount/step)·step ≤ limit",
                practical,
                shown,
                "COMMON",
                earlier("amount", amount, shown, "feed.strength"),
                table("step", step, byVolume ? Unit.MILLILITRE : Unit.GRAM, "measures:step"),
                earlier("limit", limit, shown, "feed.ceiling"));
        return new Measured(amount, practical, measure, pieces(spoons, liquid, taken, owned), error);
    }

    /**
     * Eighths up to 2 teaspoons, quarters up to 2 tablespoons, halves beyond: no hand measures finer, nor finer than its
     * smallest spoon.
     */
    private static double spoonStep(double teaspoons, Set<Spoon> owned) {
        double smallest = owned.stream()
                .mapToDouble(s -> s.teaspoons)
                .min()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.MISSING, "spoons", "")));
        return Math.max(smallest, teaspoons <= 2 ? 0.125 : teaspoons <= 6 ? 0.25 : 0.5);
    }

    private static List<Piece> pieces(boolean spoons, boolean liquid, double taken, Set<Spoon> owned) {
        if (!spoons) {
            return taken > 0 ? List.of(new Piece(liquid ? Tool.SYRINGE : Tool.SCALE, taken)) : List.of();
        }
        List<Piece> pieces = new ArrayList<>();
        double left = taken / TEASPOON_ML;
        if (owned.contains(Spoon.TABLESPOON)) {
            left -= fill(Spoon.TABLESPOON, left, pieces);
        }
        double rest = left;
        List<Piece> each = new ArrayList<>();
        for (Spoon spoon : EnumSet.range(Spoon.TEASPOON, Spoon.EIGHTH)) {
            if (owned.contains(spoon)) {
                left -= fill(spoon, left, each);
            }
        }
        if (each.stream().allMatch(p -> p.tool() == Tool.TEASPOON || p.count() == 1)) {
            // each small spoon at most once: said as one number, 1⅜ tsp
            if (!each.isEmpty()) {
                pieces.add(new Piece(Tool.TEASPOON, Math.rint(rest * 8) / 8));
            }
        } else {
            pieces.addAll(each);
        }
        return pieces;
    }

    /** As many of a spoon as an amount holds; answers their teaspoons. */
    private static double fill(Spoon spoon, double teaspoons, List<Piece> into) {
        double count = Math.floor(teaspoons / spoon.teaspoons + 1e-9);
        if (count > 0) {
            into.add(new Piece(spoon.tool, count));
        }
        return count * spoon.teaspoons;
    }
}
