package evencistern.solver;

import java.util.List;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/** A linear programme: the x, none below zero, that keeps every row and costs least. */
public final class LinearModel {
    private final double[] costs;
    private final List<Row> rows;

    public LinearModel(double[] costs, List<Row> rows) {
        this.costs = costs;
        this.rows = List.copyOf(rows);
    }

    public List<Row> rows() {
        return rows;
    }

    public double[] costs() {
        return costs.clone();
    }

    /** {@code low <= of·x <= high}. */
    public static final class Row {
        private final double[] of;
        private final double low;
        private final double high;

        public Row(double[] of, double low, double high) {
            this.of = of;
            this.low = low;
            this.high = high;
        }

        public double[] of() {
            return of.clone();
        }

        public double low() {
            return low;
        }

        public double high() {
            return high;
        }

        public static Row atLeast(double low, double[] of) {
            return new Row(of, low, Double.POSITIVE_INFINITY);
        }

        public static Row atMost(double high, double[] of) {
            return new Row(of, Double.NEGATIVE_INFINITY, high);
        }
    }

    /** The x that costs least; the rows are elastic, so there is one. */
    public double[] solve() {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        Variable[] x = new Variable[costs.length];
        for (int i = 0; i < x.length; i++) {
            x[i] = model.newVariable("x" + i).lower(0).weight(costs[i]);
        }
        for (int r = 0; r < rows.size(); r++) {
            Row row = rows.get(r);
            Expression expression = model.newExpression("r" + r);
            for (int i = 0; i < x.length; i++) {
                if (row.of[i] != 0) {
                    expression.set(x[i], row.of[i]);
                }
            }
            if (Double.isFinite(row.low)) {
                expression.lower(row.low);
            }
            if (Double.isFinite(row.high)) {
                expression.upper(row.high);
            }
        }
        Optimisation.Result result = model.minimise();
        if (!result.getState().isFeasible()) {
            throw new IllegalStateException("linear programme: " + result.getState());
        }
        return result.toRawCopy1D();
    }
}
