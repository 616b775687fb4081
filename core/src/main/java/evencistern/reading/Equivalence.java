package evencistern.reading;

import evencistern.fault.Faults;
import evencistern.table.DataFile;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/**
 * What one method's EC comes to by another.
 *
 * <p><b>Answers</b> what would the laboratory, or a pour-through, have read? How is such a reading called?
 * <p><b>Formula</b> linear between the bounds of the classes, which correspond to one another: 1:2 extract, saturated
 * paste, pour-through
 * <p><b>Units</b> mS/cm at 25 °C
 * <p><b>Valid for</b> greenhouse mixes of peat, 0–12 mS/cm; above the last bound in its proportion
 * <p><b>Source</b> [CAVINS2000] table of equivalent bands, from memory
 * <p><b>Checked by</b> EquivalenceTest
 */
public final class Equivalence {
    private static final double MOST = 20;

    /** The classes, from the weakest on; each runs from its own bound up to, and not with, the next. */
    public enum Level {
        VERY_LOW,
        LOW,
        NORMAL,
        HIGH,
        VERY_HIGH,
        EXTREME;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final Map<Method, double[]> BOUNDS = read();

    private Equivalence() {}

    /** Whether there is such a reading at all. */
    public static boolean known(Method method) {
        return BOUNDS.containsKey(method);
    }

    /** The EC by {@code to} that corresponds to this one by {@code from}. */
    public static double convert(double msCm, Method from, Method to) {
        Faults.require("reading.ec", msCm, 0, MOST, "mS/cm");
        double[] a = Objects.requireNonNull(BOUNDS.get(from));
        double[] b = Objects.requireNonNull(BOUNDS.get(to));
        int last = a.length - 1;
        if (msCm >= a[last]) {
            return msCm * b[last] / a[last];
        }
        int i = 1;
        while (msCm >= a[i]) {
            i++;
        }
        return b[i - 1] + (msCm - a[i - 1]) * (b[i] - b[i - 1]) / (a[i] - a[i - 1]);
    }

    /** How a reading of a greenhouse peat is called. */
    public static Level level(double msCm, Method method) {
        double[] bounds = Objects.requireNonNull(BOUNDS.get(method));
        int i = 0;
        while (i + 1 < bounds.length && msCm >= bounds[i + 1]) {
            i++;
        }
        return Level.values()[i];
    }

    private static Map<Method, double[]> read() {
        Map<Method, double[]> bounds = new EnumMap<>(Method.class);
        List<DataFile.Row> rows = DataFile.read(Equivalence.class, "equivalence.csv");
        for (Method method : List.of(Method.EXTRACT, Method.PASTE, Method.POUR_THROUGH)) {
            bounds.put(
                    method,
                    rows.stream().mapToDouble(r -> r.number(method.id())).toArray());
        }
        return bounds;
    }
}
