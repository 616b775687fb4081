package evencistern.wish;

import java.util.List;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/** A linear programme: the x, none below zero, that keeps every row and costs least. */
final class Programme {
    final double[] costs;
    final List<Row> rows;

    Programme(double[] costs, List<Row> rows) {
        this.costs = costs;
        this.rows = List.copyOf(rows);
    }

    /** {@code low <= of·x <= high}. */
    static final class Row {
        final double[] of;
        final double low;
        final double high;

        Row(double[] of, double low, double high) {
            this.of = of;
            this.low = low;
            this.high = high;
        }

        static Row atLeast(double low, double[] of) {
            return new Row(of, low, Double.POSITIVE_INFINITY);
        }

        static Row atMost(double high, double[] of) {
            return new Row(of, Double.NEGATIVE_INFINITY, high);
        }
    }

    /** The x that costs least; the rows are elastic, so there is one. */
    double[] solve() {
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
