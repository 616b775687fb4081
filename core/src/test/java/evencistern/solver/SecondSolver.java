package evencistern.solver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/** The simplex solver of another library, to hold a programme's optimum against. */
public final class SecondSolver {
    private SecondSolver() {}

    /** Both libraries find the same least cost. */
    public static void agrees(LinearModel p, String as) {
        double[] x = p.solve();
        double ours = 0;
        for (int i = 0; i < x.length; i++) {
            ours += x[i] * p.costs()[i];
        }
        List<LinearConstraint> constraints = new ArrayList<>();
        for (LinearModel.Row row : p.rows()) {
            if (Double.isFinite(row.low())) {
                constraints.add(new LinearConstraint(row.of(), Relationship.GEQ, row.low()));
            }
            if (Double.isFinite(row.high())) {
                constraints.add(new LinearConstraint(row.of(), Relationship.LEQ, row.high()));
            }
        }
        double theirs = new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(p.costs(), 0),
                        new LinearConstraintSet(constraints),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(true))
                .getValue();
        assertThat(ours).as(as).isCloseTo(theirs, within(1e-5 * (1 + Math.abs(theirs))));
    }
}
