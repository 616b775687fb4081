package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A mix as it was soaked and drained, at one height or two.
 *
 * <p><b>Answers</b> what does this mix hold at any height, when it was measured at one or two?
 * <p><b>Formula</b> porosity = mean of air + capacity; θ(h) = porosity·S(k·h)ᵖ, S the saturation that its parts let expect; p such
 * that the columns together hold what was measured, k, with two heights, such that each does; with one k = 1
 * <p><b>Units</b> fractions of the mix; suction in cm; k and p are factors, k within 1/16 to 16
 * <p><b>Valid for</b> heights near those measured; 2–60 cm
 * <p><b>Source</b> k after the similar media of Miller and Miller 1956, from memory; p keeps θ within the pores, no source
 * <p><b>Checked by</b> MeasuredMixTest
 *
 * @param plusMinus of water and air, as a 95 % interval: the tests' own, what the two leave unmet, and from batch to batch
 */
public record Measured(List<Soaked> tests, double porosity, double scale, double power, double plusMinus) {
    /** One mix made again from new bags, as a 95 % interval; from memory. */
    private static final double MADE_AGAIN = 0.02;

    private static final double WIDEST_SCALE = Math.log(16);
    private static final double WIDEST_POWER = 6;
    private static final int STEPS = 6;
    /** Pots less different in height than this are one test. */
    private static final double LEAST_APART = 1.2;

    private static final int MOST_TESTS = 2;

    /**
     * What tests make of a mix.
     *
     * @param expected saturation at a suction of so many cm, by its parts
     * @param tests one, or two of different heights; a taller one that held more is refused
     */
    static Measured of(DoubleUnaryOperator expected, List<Soaked> tests) {
        Faults faults = new Faults();
        faults.within("bench.tests", tests.size(), 1, MOST_TESTS, "");
        faults.throwIfAny();
        double porosity = 0;
        double plusMinus = 0;
        for (Soaked test : tests) {
            porosity += (test.air() + test.capacity()) / tests.size();
            plusMinus = Math.hypot(plusMinus, test.plusMinus() / tests.size());
        }
        if (tests.size() == MOST_TESTS) {
            requireTwo(tests);
        }
        Columns columns = new Columns(expected, tests, porosity);
        Scaled met = tests.size() == 1 ? columns.scaled(0) : columns.meeting();
        return new Measured(
                List.copyOf(tests),
                porosity,
                Math.exp(met.scale()),
                Math.exp(met.power()),
                Math.hypot(Math.hypot(plusMinus, met.unmet(tests, porosity)), MADE_AGAIN));
    }

    /** Water held at a suction of {@code cm}, by the saturation that the parts let expect at any. */
    double at(double cm, DoubleUnaryOperator expected) {
        return porosity * Math.pow(expected.applyAsDouble(scale * cm), power);
    }

    /** The least that a column held. */
    double leastCapacity() {
        return tests.stream().mapToDouble(Soaked::capacity).min().orElseThrow();
    }

    private static void requireTwo(List<Soaked> tests) {
        boolean first = tests.get(0).columnCm() <= tests.get(1).columnCm();
        Soaked low = tests.get(first ? 0 : 1);
        Soaked tall = tests.get(first ? 1 : 0);
        boolean apart = tall.columnCm() >= low.columnCm() * LEAST_APART;
        if (!apart || tall.capacity() > low.capacity() + Math.hypot(low.plusMinus(), tall.plusMinus())) {
            throw new FaultException(new Fault(
                    apart ? FaultCode.TALLER_HELD_MORE : FaultCode.HEIGHTS_ALIKE,
                    "bench.column",
                    Faults.plain(Math.rint(tall.columnCm() * 10) / 10),
                    Faults.plain(Math.rint(low.columnCm() * 10) / 10),
                    "cm"));
        }
    }

    /**
     * The pots of the tests at one scale with the power that meets them together.
     *
     * @param scale,power as logarithms
     * @param over by how much each pot would hold more than it did
     */
    private record Scaled(double scale, double power, List<Double> over) {
        double apart() {
            return over.get(0) - over.get(1);
        }

        /** The most that a pot's water or air is missed by. */
        double unmet(List<Soaked> tests, double porosity) {
            double most = 0;
            for (int i = 0; i < tests.size(); i++) {
                Soaked test = tests.get(i);
                double water = over.get(i);
                double air = porosity - test.capacity() - water - test.air();
                most = Math.max(most, Math.max(Math.abs(water), Math.abs(air)));
            }
            return most;
        }
    }

    /** The pots of the tests, and the saturation that the parts let expect in them. */
    private record Columns(DoubleUnaryOperator expected, List<Soaked> tests, double porosity) {
        /** The power that meets the pots together at a scale; the nearest where none does. */
        Scaled scaled(double scale) {
            // the curve of the parts is asked for once at each height: all powers are of the same saturations
            double[][] saturations = tests.stream()
                    .map(t -> Upright.heights().stream()
                            .mapToDouble(h -> expected.applyAsDouble(Math.exp(scale) * h.height() * t.columnCm()))
                            .toArray())
                    .toArray(double[][]::new);
            DoubleUnaryOperator inAll = power ->
                    over(saturations, power).stream().mapToDouble(o -> o).sum();
            double power = inAll.applyAsDouble(WIDEST_POWER) >= 0
                    ? WIDEST_POWER
                    : inAll.applyAsDouble(-WIDEST_POWER) <= 0
                            ? -WIDEST_POWER
                            : new BrentSolver(1e-9).solve(200, inAll::applyAsDouble, -WIDEST_POWER, WIDEST_POWER);
            return new Scaled(scale, power, over(saturations, power));
        }

        private List<Double> over(double[][] saturations, double power) {
            double p = Math.exp(power);
            List<Double> over = new ArrayList<>();
            for (int i = 0; i < saturations.length; i++) {
                double mean = 0;
                for (int h = 0; h < saturations[i].length; h++) {
                    mean += Upright.heights().get(h).weight() * Math.pow(saturations[i][h], p);
                }
                over.add(porosity * mean - tests.get(i).capacity());
            }
            return over;
        }

        /** The scale nearest to none that meets each pot; the one that misses them least where none does. */
        Scaled meeting() {
            Scaled best = scaled(0);
            Scaled[] ends = {best, best};
            for (int i = 1; i <= STEPS; i++) {
                for (int way = 0; way < ends.length; way++) {
                    Scaled from = ends[way];
                    Scaled to = scaled((way == 0 ? 1 : -1) * WIDEST_SCALE * i / STEPS);
                    if (from.apart() * to.apart() <= 0) {
                        return scaled(new BrentSolver(1e-5)
                                .solve(
                                        100,
                                        x -> scaled(x).apart(),
                                        Math.min(from.scale(), to.scale()),
                                        Math.max(from.scale(), to.scale())));
                    }
                    if (Math.abs(to.apart()) < Math.abs(best.apart())) {
                        best = to;
                    }
                    ends[way] = to;
                }
            }
            return best;
        }
    }
}
