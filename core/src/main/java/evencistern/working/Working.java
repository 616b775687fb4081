package evencistern.working;

import evencistern.units.Quantity;
import evencistern.units.Unit;
import java.util.ArrayList;
import java.util.List;

/**
 * Takes down the steps of a calculation. {@link #off()} costs nothing and is used in bulk; a {@link Recorder} keeps
 * every step in order, to be shown to the person who asks.
 */
public interface Working {

    /** Notes one step. Its id is a dotted name that has words in the interface, such as {@code pot.volume}. */
    void step(String id, String formula, Quantity result, String source, List<Input> inputs);

    /** Notes one step; a convenience that builds the result's quantity. */
    default double step(String id, String formula, double result, Unit unit, String source, Input... inputs) {
        step(id, formula, Quantity.of(result, unit), source, List.of(inputs));
        return result;
    }

    /** A sink that keeps nothing. */
    static Working off() {
        return (id, formula, result, source, inputs) -> {};
    }

    /** Where an input of a step came from. */
    enum Origin {
        TYPED,
        TABLE,
        EARLIER
    }

    /**
     * One input of a step.
     *
     * @param symbol as it stands in the formula
     * @param origin typed by the person, a row of a table, or an earlier step
     * @param from the field, the {@code table:row}, or the id of the earlier step
     */
    record Input(String symbol, Quantity quantity, Origin origin, String from) {
        public static Input typed(String symbol, double value, Unit unit, String field) {
            return new Input(symbol, Quantity.of(value, unit), Origin.TYPED, field);
        }

        public static Input table(String symbol, double value, Unit unit, String row) {
            return new Input(symbol, Quantity.of(value, unit), Origin.TABLE, row);
        }

        public static Input earlier(String symbol, double value, Unit unit, String step) {
            return new Input(symbol, Quantity.of(value, unit), Origin.EARLIER, step);
        }
    }

    /** One recorded step. */
    record Step(String id, String formula, Quantity result, String source, List<Input> inputs) {}

    /** Keeps every step in the order in which it was taken. */
    final class Recorder implements Working {
        private final List<Step> steps = new ArrayList<>();

        @Override
        public void step(String id, String formula, Quantity result, String source, List<Input> inputs) {
            steps.add(new Step(id, formula, result, source, List.copyOf(inputs)));
        }

        public List<Step> steps() {
            return List.copyOf(steps);
        }
    }
}
