package evencistern.reading;

import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * The lots of one batch of a mix against those of the other batches of its recipe.
 *
 * <p><b>Answers</b> does a batch go off, by how much, and since when?
 * <p><b>Formula</b> d(k) = mean of its lots − mean of the other batches' lots in the k-th four weeks in the pot; d ~ N(0, V), and
 * with a shift β ~ N(0, T²) from the j-th on N(0, V + T²·hh′), h(k) = 1 from j on; V from the spread of batches, of batches from
 * one four weeks to the next, and of lots, each the garden's own where there is enough of it; evidence = mean over j of the ratio
 * of the two densities, as Student's where V is known from few, half of it for the first; it goes off where evidence ≥ comparisons/false alarms; difference = its mean given d over all j and no
 * shift, weighted
 * <p><b>Units</b> pH, or the natural logarithm of the EC
 * <p><b>Valid for</b> three batches and more, each of two lots and more
 * <p><b>Source</b> [VILLE1939] however often one looks, chance alone brings evidence of x in at most 1 of x cases; [ROBINSON1991]
 * shrunken differences; how much batches of a recipe differ without a cause: typical, from memory
 * <p><b>Checked by</b> BatchCourseTest
 *
 * @param difference by which it now differs from the others, shrunken towards none; {@code low} and {@code high} its 95 % interval
 * @param off whether that is more than chance
 * @param since the first four weeks in the pot, counted from 0, from which it most probably differs; {@code earliest} and {@code
 *     latest} as nine in ten chances have it
 * @param last the last four weeks it was compared in
 */
public record BatchCourse(
        String batch,
        double difference,
        double low,
        double high,
        boolean off,
        int since,
        int earliest,
        int latest,
        int last,
        int lots,
        int others) {
    /** Gardens of a hundred in which nothing is wrong, and which are told so of some batch all the same. */
    public static final double FALSE_ALARMS = 0.05;

    public static final int DAYS = 28;
    private static final int LEAST_BATCHES = 3;
    private static final int LEAST_LOTS = 2;
    private static final double Z95 = 1.959963984540054;

    /** A shift is looked for in so many of the cases, before anything was read; for the shrinking alone. */
    private static final double SHIFTS = 0.05;

    private static final double HALF = 0.5;
    /** Half of the batches that are off are so from the start. */
    private static final double FROM_THE_FIRST = 0.5;

    private static final double TAIL = 0.05;
    private static final double MOST = 0.8;
    /** Beyond which a ratio of densities is no longer told apart. */
    private static final double MOST_LOG = 300;

    /** What is compared, and how much of it is usual: standard deviations, typical, from memory. */
    public enum Measure {
        PH(0.15, 0.1, 0.3, 0.6),
        EC(0.15, 0.15, 0.35, 0.5);

        private final double ofBatches;
        private final double ofWeeks;
        private final double ofLots;
        private final double ofShift;

        Measure(double ofBatches, double ofWeeks, double ofLots, double ofShift) {
            this.ofBatches = ofBatches;
            this.ofWeeks = ofWeeks;
            this.ofLots = ofLots;
            this.ofShift = ofShift;
        }
    }

    /**
     * Lots of a batch, read in the same four weeks of their time in the pot and alike in water and place.
     *
     * @param period the four weeks, counted from 0
     * @param mean of the lots; {@code squares} the sum of the squares of what each differs from it
     */
    public record Cell(String batch, int period, String water, String place, int lots, double mean, double squares) {
        public Cell {
            Faults.require("batch.lots", lots, 1, 100_000, "");
        }

        private Cell with(Cell c) {
            int all = lots + c.lots;
            double middle = (lots * mean + c.lots * c.mean) / all;
            double apart = lots * (mean - middle) * (mean - middle) + c.lots * (c.mean - middle) * (c.mean - middle);
            return new Cell(batch, period, water, place, all, middle, squares + c.squares + apart);
        }
    }

    /** Something that the lots of a batch may share. */
    public enum Thing {
        WATER,
        PLACE;

        private String of(Cell cell) {
            return this == WATER ? cell.water() : cell.place();
        }
    }

    /** What the others say of a thing that the lots of a batch share. */
    public enum Blame {
        /** Too few of the others have it: it cannot be told apart from the batch. */
        CANNOT_TELL,
        /** Others that have it differ alike: it rather than the batch. */
        LIKELY,
        /** Others that have it read as the rest does: not it. */
        NOT_IT
    }

    /** What the lots of a batch that goes off share, unlike most of the others, and whether that may be why. */
    public record Shared(Thing thing, String which, Blame blame) {}

    /**
     * Each batch against the others, in no order; none of fewer than three. One that goes off is no longer a measure for the rest.
     *
     * @param comparisons of batches that are made in the garden altogether, in either measure
     */
    public static List<BatchCourse> of(Measure measure, List<Cell> cells, int comparisons) {
        Map<String, Map<Integer, Cell>> left = pooled(cells);
        List<BatchCourse> off = new ArrayList<>();
        while (left.size() >= LEAST_BATCHES) {
            Variances within = Variances.within(measure, left.values());
            List<Weighed> each = left.keySet().stream()
                    .map(batch -> weigh(measure, batch, left, within, comparisons))
                    .flatMap(Optional::stream)
                    .toList();
            Optional<Weighed> worst =
                    each.stream().filter(w -> w.course().off()).max(Comparator.comparingDouble(Weighed::evidence));
            if (worst.isEmpty()) {
                return Stream.concat(each.stream().map(Weighed::course), off.stream())
                        .toList();
            }
            off.add(worst.get().course());
            left.remove(worst.get().course().batch());
        }
        return off;
    }

    /** What the lots of this batch share, unlike most of the others. */
    public List<Shared> shared(List<Cell> cells) {
        List<Shared> shared = new ArrayList<>();
        List<Cell> own = cells.stream().filter(c -> c.batch().equals(batch)).toList();
        List<Cell> rest = cells.stream().filter(c -> !c.batch().equals(batch)).toList();
        for (Thing thing : Thing.values()) {
            own.stream()
                    .map(thing::of)
                    .distinct()
                    .filter(which -> share(own, thing, which) >= MOST && share(rest, thing, which) < MOST)
                    .map(which -> new Shared(thing, which, blame(rest, thing, which)))
                    .forEach(shared::add);
        }
        return shared;
    }

    private static double share(List<Cell> cells, Thing thing, String which) {
        double with = cells.stream()
                .filter(c -> thing.of(c).equals(which))
                .mapToDouble(Cell::lots)
                .sum();
        return with / cells.stream().mapToDouble(Cell::lots).sum();
    }

    private Blame blame(List<Cell> rest, Thing thing, String which) {
        List<Cell> with = rest.stream().filter(c -> thing.of(c).equals(which)).toList();
        List<Cell> without =
                rest.stream().filter(c -> !thing.of(c).equals(which)).toList();
        OptionalDouble apart = rest.stream()
                .mapToInt(Cell::period)
                .distinct()
                .mapToDouble(k -> mean(with, k) - mean(without, k))
                .filter(x -> !Double.isNaN(x))
                .average();
        if (apart.isEmpty() || pooled(with).size() < LEAST_BATCHES - 1) {
            return Blame.CANNOT_TELL;
        }
        return apart.getAsDouble() / difference >= HALF ? Blame.LIKELY : Blame.NOT_IT;
    }

    private static double mean(List<Cell> cells, int period) {
        return cells.stream()
                .filter(c -> c.period() == period)
                .mapToDouble(Cell::mean)
                .average()
                .orElse(Double.NaN);
    }

    /** Lots by batch and four weeks, wherever they stand. */
    private static Map<String, Map<Integer, Cell>> pooled(List<Cell> cells) {
        Map<String, Map<Integer, Cell>> pooled = new TreeMap<>();
        cells.forEach(
                c -> pooled.computeIfAbsent(c.batch(), b -> new TreeMap<>()).merge(c.period(), c, Cell::with));
        return pooled;
    }

    /** Squares of standard deviations: of batches, of a batch from one four weeks to the next, of lots. */
    private record Variances(double ofBatches, double ofWeeks, double ofLots) {
        private static final double PRIOR_BATCHES = 4;
        private static final double PRIOR_WEEKS = 8;
        private static final double PRIOR_LOTS = 10;
        private static final int ROUNDS = 20;

        /** How lots of one batch differ; all others as is usual. */
        static Variances within(Measure measure, Collection<Map<Integer, Cell>> batches) {
            double squares = 0;
            double free = 0;
            for (Map<Integer, Cell> batch : batches) {
                for (Cell cell : batch.values()) {
                    squares += cell.squares();
                    free += cell.lots() - 1;
                }
            }
            return new Variances(
                    measure.ofBatches * measure.ofBatches,
                    measure.ofWeeks * measure.ofWeeks,
                    shrunken(measure.ofLots, PRIOR_LOTS, squares, free));
        }

        /** As they are among these batches too: what is left of their means without batch and time tells how they waver. */
        Variances among(Measure measure, List<Map<Integer, Cell>> batches) {
            Map<Integer, Double> times = new HashMap<>();
            double[] levels = new double[batches.size()];
            for (int round = 0; round < ROUNDS; round++) {
                Map<Integer, List<Double>> left = new HashMap<>();
                for (int b = 0; b < levels.length; b++) {
                    for (Cell cell : batches.get(b).values()) {
                        left.computeIfAbsent(cell.period(), k -> new ArrayList<>())
                                .add(cell.mean() - levels[b]);
                    }
                }
                left.forEach((k, values) -> times.put(k, mean(values)));
                for (int b = 0; b < levels.length; b++) {
                    levels[b] = mean(batches.get(b).values().stream()
                            .map(c -> c.mean() - times.getOrDefault(c.period(), 0.0))
                            .toList());
                }
            }
            double squares = 0;
            double few = 0;
            int cells = 0;
            for (int b = 0; b < levels.length; b++) {
                for (Cell cell : batches.get(b).values()) {
                    double left = cell.mean() - levels[b] - times.getOrDefault(cell.period(), 0.0);
                    squares += left * left;
                    few += HALF * ofLots / cell.lots();
                    cells++;
                }
            }
            double free = Math.max(0, cells - levels.length - times.size() + 1);
            double weeks = shrunken(measure.ofWeeks, PRIOR_WEEKS, Math.max(0, squares - free * few / cells), free);
            double known = (few / cells) + (weeks + few / cells) * levels.length / cells;
            double spread = Arrays.stream(levels).map(l -> l * l).sum();
            double batchesFree = levels.length - 1.0;
            double ofBatches =
                    shrunken(measure.ofBatches, PRIOR_BATCHES, Math.max(0, spread - batchesFree * known), batchesFree);
            return new Variances(ofBatches, weeks, ofLots);
        }

        private static double mean(List<Double> values) {
            return values.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        }

        private static double shrunken(double usual, double prior, double squares, double free) {
            return (prior * usual * usual + squares) / (prior + free);
        }

        /** How the mean of a batch's lots in one four weeks goes with that in another. */
        double covariance(Cell a, Cell b) {
            double lasting = ofBatches + HALF * ofLots / Math.max(a.lots(), b.lots());
            return a.period() == b.period() ? lasting + ofWeeks + HALF * ofLots / a.lots() : lasting;
        }
    }

    private record Weighed(BatchCourse course, double evidence) {}

    private static Optional<Weighed> weigh(
            Measure measure, String batch, Map<String, Map<Integer, Cell>> batches, Variances within, int comparisons) {
        Map<Integer, Cell> own = batches.getOrDefault(batch, Map.of());
        List<Map<Integer, Cell>> others = batches.entrySet().stream()
                .filter(e -> !e.getKey().equals(batch))
                .map(Map.Entry::getValue)
                .toList();
        List<Cell> read = own.values().stream()
                .filter(c -> there(others, c.period()).count() >= LEAST_BATCHES - 1)
                .toList();
        int lots = read.stream().mapToInt(Cell::lots).max().orElse(0);
        if (lots < LEAST_LOTS) {
            return Optional.empty();
        }
        Variances known = within.among(measure, others);
        RealVector d = new ArrayRealVector(read.stream()
                .mapToDouble(c -> c.mean()
                        - there(others, c.period())
                                .mapToDouble(Cell::mean)
                                .average()
                                .orElse(0))
                .toArray());
        RealMatrix v = covariance(read, others, known);
        double free = Variances.PRIOR_BATCHES + others.size() - 1;
        Density none = new Density(v, d, free);
        double shift = measure.ofShift * measure.ofShift;
        int n = read.size();
        double[] likely = new double[n];
        Mean mean = new Mean();
        mean.add(1 - SHIFTS, none, constant(n, known.ofBatches()), known.ofBatches());
        for (int j = 0; j < n; j++) {
            RealVector from = from(n, j);
            Density shifted = new Density(v.add(from.outerProduct(from).scalarMultiply(shift)), d, free);
            double before = n == 1 ? 1 : j == 0 ? FROM_THE_FIRST : (1 - FROM_THE_FIRST) / (n - 1);
            likely[j] = before * Math.exp(Math.min(MOST_LOG, shifted.log() - none.log()));
            mean.add(
                    SHIFTS * likely[j],
                    shifted,
                    constant(n, known.ofBatches()).add(from.mapMultiply(shift)),
                    known.ofBatches() + shift);
        }
        double evidence = Arrays.stream(likely).sum();
        double reach = Z95 * mean.deviation();
        return Optional.of(new Weighed(
                new BatchCourse(
                        batch,
                        mean.value(),
                        mean.value() - reach,
                        mean.value() + reach,
                        evidence >= comparisons / FALSE_ALARMS,
                        read.get(reached(likely, HALF)).period(),
                        read.get(reached(likely, TAIL)).period(),
                        read.get(reached(likely, 1 - TAIL)).period(),
                        read.get(n - 1).period(),
                        lots,
                        others.size()),
                evidence));
    }

    private static Stream<Cell> there(List<Map<Integer, Cell>> batches, int period) {
        return batches.stream().map(b -> b.get(period)).flatMap(Stream::ofNullable);
    }

    /** Of what a batch differs from the mean of the others by. */
    private static RealMatrix covariance(List<Cell> read, List<Map<Integer, Cell>> others, Variances known) {
        int n = read.size();
        RealMatrix v = MatrixUtils.createRealMatrix(n, n);
        for (int k = 0; k < n; k++) {
            for (int l = 0; l < n; l++) {
                int periodK = read.get(k).period();
                int periodL = read.get(l).period();
                double rest = 0;
                for (Map<Integer, Cell> other : others) {
                    Cell a = other.get(periodK);
                    Cell b = other.get(periodL);
                    if (a != null && b != null) {
                        rest += known.covariance(a, b);
                    }
                }
                double counts = (double) there(others, periodK).count()
                        * there(others, periodL).count();
                v.setEntry(k, l, known.covariance(read.get(k), read.get(l)) + rest / counts);
            }
        }
        return v;
    }

    private static RealVector constant(int n, double value) {
        return new ArrayRealVector(n, value);
    }

    private static RealVector from(int n, int j) {
        return new ArrayRealVector(
                IntStream.range(0, n).mapToDouble(k -> k < j ? 0 : 1).toArray());
    }

    /** The first by which so much of all of them is reached. */
    private static int reached(double[] likely, double share) {
        double all = Arrays.stream(likely).sum();
        double sum = 0;
        for (int j = 0; j < likely.length; j++) {
            sum += likely[j];
            if (sum >= share * all) {
                return j;
            }
        }
        return likely.length - 1;
    }

    /**
     * How dense d lies about nought, as a logarithm without its constant, and what is known of others through it. As the variance
     * is itself known from few batches, that is Student's density.
     */
    private static final class Density {
        private final CholeskyDecomposition v;
        private final RealVector d;
        private final double log;

        Density(RealMatrix v, RealVector d, double free) {
            this.v = new CholeskyDecomposition(v);
            this.d = d;
            double square = d.dotProduct(this.v.getSolver().solve(d));
            this.log =
                    -HALF * (Math.log(this.v.getDeterminant()) + (free + d.getDimension()) * Math.log1p(square / free));
        }

        double log() {
            return log;
        }

        double mean(RealVector with) {
            return with.dotProduct(v.getSolver().solve(d));
        }

        double explained(RealVector with) {
            return with.dotProduct(v.getSolver().solve(with));
        }
    }

    /** The mean of several cases, each as likely as it is. */
    private static final class Mean {
        private double weights;
        private double first;
        private double second;

        void add(double weight, Density density, RealVector with, double variance) {
            double mean = density.mean(with);
            weights += weight;
            first += weight * mean;
            second += weight * (mean * mean + variance - density.explained(with));
        }

        double value() {
            return first / weights;
        }

        double deviation() {
            return Math.sqrt(second / weights - value() * value());
        }
    }
}
