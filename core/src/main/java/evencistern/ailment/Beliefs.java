package evencistern.ailment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What earlier treatments say of what ails a plant now.
 *
 * <p><b>Answers</b> how many times as likely has an ailment become by treatments that did or did not help?
 * <p><b>Formula</b> P(outcome | it was that) / P(outcome | it was not): better 0.6 / 0.25, the same 0.3 / 0.5, worse 0.1 / 0.25; of
 * other plants of the garden 1.2 for each that got better, at most 2
 * <p><b>Units</b> times
 * <p><b>Valid for</b> treatments against a named ailment that were looked at again
 * <p><b>Source</b> [TYPICAL] rough judgements: many plants get better by themselves
 * <p><b>Checked by</b> BeliefsTest
 */
public final class Beliefs {
    private static final double EACH = 1.2;
    private static final double MOST = 2;

    private Beliefs() {}

    /** What was seen when it was looked at again. */
    public enum Saw {
        BETTER(0.6 / 0.25),
        SAME(0.3 / 0.5),
        WORSE(0.1 / 0.25);

        private final double times;

        Saw(double times) {
            this.times = times;
        }
    }

    /** A treatment against an ailment, and what came of it. */
    public record Tried(String ailment, Saw saw) {}

    /**
     * How many times as likely each ailment has become, by its key.
     *
     * @param here treatments of this plant
     * @param elsewhere ailments that other plants of the garden got better from, one for each
     */
    public static Map<String, Double> of(List<Tried> here, List<String> elsewhere) {
        Map<String, Double> near = new HashMap<>();
        elsewhere.forEach(a -> near.merge(a, EACH, (x, y) -> Math.min(MOST, x * y)));
        Map<String, Double> times = new HashMap<>(near);
        here.forEach(t -> times.merge(t.ailment(), t.saw().times, (x, y) -> x * y));
        return times;
    }
}
