package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
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
    private static final int STEPS = 32;
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
        Columns columns = new Columns(expected, tests, porosity);
        double scale = tests.size() == 1 ? 0 : columns.scale();
        double power = columns.power(scale);
        return new Measured(
                List.copyOf(tests),
                porosity,
                Math.exp(scale),
                Math.exp(power),
                Math.hypot(Math.hypot(plusMinus, columns.unmet(scale, power)), MADE_AGAIN));
    }

    /** Water held at a suction of {@code cm}, by the saturation that the parts let expect at any. */
    double at(double cm, DoubleUnaryOperator expected) {
        return porosity * Math.pow(expected.applyAsDouble(scale * cm), power);
    }

    /** The least that a column held. */
    double leastCapacity() {
        return tests.stream().mapToDouble(Soaked::capacity).min().orElseThrow();
    }

    /** The pots of the tests, and what a scale and a power, both as logarithms, make of them. */
    private record Columns(DoubleUnaryOperator expected, List<Soaked> tests, double porosity) {
        Columns {
            if (tests.size() == MOST_TESTS) {
                requireTwo(tests);
            }
        }

        private static void requireTwo(List<Soaked> tests) {
            boolean first = tests.get(0).columnCm() <= tests.get(1).columnCm();
            Soaked low = tests.get(first ? 0 : 1);
            Soaked tall = tests.get(first ? 1 : 0);
            boolean apart = tall.columnCm() >= low.columnCm() * 1.2;
            if (!apart || tall.capacity() > low.capacity() + Math.hypot(low.plusMinus(), tall.plusMinus())) {
                throw new FaultException(new Fault(
                        apart ? FaultCode.TALLER_HELD_MORE : FaultCode.HEIGHTS_ALIKE,
                        "bench.column",
                        Faults.plain(Math.rint(tall.columnCm() * 10) / 10),
                        Faults.plain(Math.rint(low.columnCm() * 10) / 10),
                        "cm"));
            }
        }

        /** By how much a column would hold more than it did. */
        private double over(Soaked test, double scale, double power) {
            double k = Math.exp(scale);
            double p = Math.exp(power);
            return porosity * Upright.mean(u -> Math.pow(expected.applyAsDouble(k * u * test.columnCm()), p))
                    - test.capacity();
        }

        private double overInAll(double scale, double power) {
            return tests.stream().mapToDouble(t -> over(t, scale, power)).sum();
        }

        /** The power that meets the columns together; the nearest where none does. */
        double power(double scale) {
            if (overInAll(scale, WIDEST_POWER) >= 0) {
                return WIDEST_POWER;
            }
            if (overInAll(scale, -WIDEST_POWER) <= 0) {
                return -WIDEST_POWER;
            }
            return new BrentSolver(1e-9).solve(200, x -> overInAll(scale, x), -WIDEST_POWER, WIDEST_POWER);
        }

        private double apart(double scale) {
            double power = power(scale);
            return over(tests.get(0), scale, power) - over(tests.get(1), scale, power);
        }

        /** The scale nearest to none that meets each column; the one that misses them least where none does. */
        double scale() {
            double best = 0;
            double least = Math.abs(apart(0));
            for (int i = 1; i <= STEPS; i++) {
                for (int way = -1; way <= 1; way += 2) {
                    double from = way * WIDEST_SCALE * (i - 1) / STEPS;
                    double to = way * WIDEST_SCALE * i / STEPS;
                    double ends = apart(to);
                    if (apart(from) * ends <= 0) {
                        return new BrentSolver(1e-6).solve(100, this::apart, Math.min(from, to), Math.max(from, to));
                    }
                    if (Math.abs(ends) < least) {
                        least = Math.abs(ends);
                        best = to;
                    }
                }
            }
            return best;
        }

        /** The most that a column's water or air is missed by. */
        double unmet(double scale, double power) {
            double most = 0;
            for (Soaked test : tests) {
                double water = over(test, scale, power);
                double air = porosity - test.capacity() - water - test.air();
                most = Math.max(most, Math.max(Math.abs(water), Math.abs(air)));
            }
            return most;
        }
    }
}
