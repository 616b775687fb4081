package evencistern.reading;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.special.Erf;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * Where readings are heading.
 *
 * <p><b>Answers</b> does it rise or fall, how surely, and when will it leave its band?
 * <p><b>Formula</b> slope = median of (yj − yi)/(tj − ti) over all pairs (Theil–Sen), its 90 % interval by Sen's ranks; rising or
 * falling by Mann–Kendall, p = 2·(1 − Φ((|S| − 1)/√var S)), var S = n(n − 1)(2n + 5)/18; ahead: median line, widened by the
 * slope's interval and by 1.645·1.4826·MAD of what is left over
 * <p><b>Units</b> those of the readings, per day
 * <p><b>Valid for</b> 4 readings and more, of which the last 40 count, by one method, of one filling of the pot
 * <p><b>Source</b> [SEN1968], [MANN1945], [KENDALL1975]
 * <p><b>Checked by</b> TrendTest
 *
 * @param slope a day; {@code low} and {@code high} its 90 % interval
 * @param p how likely such a run would be by chance, 0–1
 * @param at the line's value on {@code last}, the day of the last reading
 * @param scatter of single readings about the line, 90 %
 */
public record Trend(
        double slope,
        double low,
        double high,
        double p,
        LocalDate first,
        LocalDate last,
        double at,
        double scatter,
        int n) {
    private static final int LEAST = 4;
    /** So many of the last readings it goes by. */
    public static final int MOST = 40;

    private static final double Z90 = 1.6448536269514722;
    private static final double MAD_TO_SD = 1.4826;
    private static final double LIKELY_CHANCE = 0.1;
    private static final int AHEAD_DAYS = 365;

    /** A reading of a day. */
    public record Point(LocalDate on, double value) {}

    /** The line and its cone on a day ahead. */
    public record Ahead(LocalDate on, double mid, double low, double high) {}

    /**
     * When it leaves its band.
     *
     * @param above whether at its upper edge
     * @param earliest by the side of the cone that gets there first; {@code latest} by the other, empty beyond a year
     */
    public record Leaves(boolean above, LocalDate likely, LocalDate earliest, Optional<LocalDate> latest) {}

    /** The trend of readings, oldest first; empty of fewer than four, or all of one day. */
    public static Optional<Trend> of(List<Point> all) {
        List<Point> points = all.subList(Math.max(0, all.size() - MOST), all.size());
        int n = points.size();
        if (n < LEAST || points.get(0).on().equals(points.get(n - 1).on())) {
            return Optional.empty();
        }
        LocalDate last = points.get(n - 1).on();
        double[] t = points.stream().mapToDouble(p -> days(last, p.on())).toArray();
        double[] y = points.stream().mapToDouble(Point::value).toArray();
        double[] slopes = new double[n * (n - 1) / 2];
        int pairs = 0;
        int s = 0;
        for (int i = 0; i < n; i++) {
            Faults.require("reading", y[i], -1000, 1000, "");
            for (int j = i + 1; j < n; j++) {
                s += (int) Math.signum(y[j] - y[i]);
                if (t[j] > t[i]) {
                    slopes[pairs] = (y[j] - y[i]) / (t[j] - t[i]);
                    pairs++;
                }
            }
        }
        slopes = Arrays.copyOf(slopes, pairs);
        Arrays.sort(slopes);
        double variance = n * (n - 1.0) * (2 * n + 5) / 18;
        double p = s == 0 ? 1 : 1 - Erf.erf((Math.abs(s) - 1) / Math.sqrt(2 * variance));
        double reach = Z90 * Math.sqrt(variance);
        double slope = new Median().evaluate(slopes);
        double at = new Median().evaluate(left(y, t, slope));
        double scatter = Z90 * MAD_TO_SD * new Median().evaluate(away(left(y, t, slope), at));
        return Optional.of(new Trend(
                slope,
                slopes[rank((pairs - reach) / 2, pairs)],
                slopes[rank((pairs + reach) / 2, pairs)],
                p,
                points.get(0).on(),
                last,
                at,
                scatter,
                n));
    }

    private static double days(LocalDate from, LocalDate to) {
        return to.toEpochDay() - from.toEpochDay();
    }

    private static int rank(double rank, int pairs) {
        return (int) Math.max(0, Math.min(pairs - 1, Math.round(rank)));
    }

    /** What is left of the readings without their slope: the line's value on the last day, by each. */
    private static double[] left(double[] y, double[] t, double slope) {
        double[] left = new double[y.length];
        Arrays.setAll(left, i -> y[i] - slope * t[i]);
        return left;
    }

    private static double[] away(double[] values, double from) {
        return Arrays.stream(values).map(v -> Math.abs(v - from)).toArray();
    }

    /** Whether it moves, and not by chance alone: p below 0.1. */
    public boolean moves() {
        return p < LIKELY_CHANCE;
    }

    /** The line and its cone so many days after the last reading. */
    public Ahead ahead(int days) {
        return new Ahead(last.plusDays(days), at + slope * days, at + low * days - scatter, at + high * days + scatter);
    }

    /** When the line leaves the band; empty where it does not move, is outside already, or stays in for a year. */
    public Optional<Leaves> leaves(double bandLow, double bandHigh) {
        if (!moves() || at < bandLow || at > bandHigh) {
            return Optional.empty();
        }
        boolean up = slope > 0;
        Optional<LocalDate> likely = Optional.empty();
        Optional<LocalDate> earliest = Optional.empty();
        Optional<LocalDate> latest = Optional.empty();
        for (int d = 0; d <= AHEAD_DAYS; d++) {
            Ahead then = ahead(d);
            LocalDate on = then.on();
            if (earliest.isEmpty() && (up ? then.high() > bandHigh : then.low() < bandLow)) {
                earliest = Optional.of(on);
            }
            if (likely.isEmpty() && (up ? then.mid() > bandHigh : then.mid() < bandLow)) {
                likely = Optional.of(on);
            }
            if (latest.isEmpty() && (up ? then.low() > bandHigh : then.high() < bandLow)) {
                latest = Optional.of(on);
            }
        }
        LocalDate first = earliest.orElse(last);
        Optional<LocalDate> surely = latest;
        return likely.map(on -> new Leaves(up, on, first, surely));
    }
}
