package evencistern.meter;

import java.util.List;

/**
 * Whether a pen's figure stands still.
 *
 * <p><b>Answers</b> may I write this down, or is it still moving?
 * <p><b>Formula</b> over the last 6 s, from 8 values on: least-squares line v = a + b·t; steady when |b|·6 s and the standard
 * deviation about the line are both within the tolerance; the figure is the mean of those values
 * <p><b>Units</b> those of the figure; s
 * <p><b>Valid for</b> one to ten values a second
 * <p><b>Source</b> least squares; window and tolerances (0.03 pH; 2 % of EC, at least 0.02 mS/cm) [COMMON], no source
 * <p><b>Checked by</b> SteadyTest
 *
 * @param steady whether it stands still
 * @param mean of the window; of all there is where that is shorter
 */
public record Steady(boolean steady, double mean) {
    private static final double WINDOW_S = 6;
    private static final int LEAST = 8;
    private static final double PH = 0.03;
    private static final double EC_SHARE = 0.02;
    private static final double EC_LEAST = 0.02;

    /** One figure at a time, s. */
    public record At(double seconds, double value) {}

    /** Of pH. At least one value, oldest first. */
    public static Steady ofPh(List<At> values) {
        return of(values, PH);
    }

    /** Of EC in mS/cm. At least one value, oldest first. */
    public static Steady ofEc(List<At> values) {
        double last = values.get(values.size() - 1).value();
        return of(values, Math.max(EC_LEAST, EC_SHARE * last));
    }

    private static Steady of(List<At> values, double tolerance) {
        double now = values.get(values.size() - 1).seconds();
        List<At> window =
                values.stream().filter(v -> v.seconds() >= now - WINDOW_S).toList();
        int n = window.size();
        double meanT = window.stream().mapToDouble(At::seconds).average().orElseThrow();
        double mean = window.stream().mapToDouble(At::value).average().orElseThrow();
        double span = now - window.get(0).seconds();
        if (n < LEAST || span < WINDOW_S / 2) {
            return new Steady(false, mean);
        }
        double stt = window.stream()
                .mapToDouble(v -> (v.seconds() - meanT) * (v.seconds() - meanT))
                .sum();
        double slope = window.stream()
                        .mapToDouble(v -> (v.seconds() - meanT) * (v.value() - mean))
                        .sum()
                / stt;
        double rest = window.stream()
                .mapToDouble(v -> {
                    double r = v.value() - mean - slope * (v.seconds() - meanT);
                    return r * r;
                })
                .sum();
        boolean still = Math.abs(slope) * WINDOW_S <= tolerance && Math.sqrt(rest / (n - 2)) <= tolerance;
        return new Steady(still, mean);
    }
}
