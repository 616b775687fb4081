package evencistern.water;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.List;

/**
 * Finding the dose of an unnamed bottle of drops by two readings.
 *
 * <p><b>Answers</b> how many more drops bring this can to the pH wanted?
 * <p><b>Formula</b> of the drops, k = Σ d·g/Σ g², g = 1 − (α1 + 2·α2)(pH)/(α1 + 2·α2)(start): what share of the alkalinity
 * each reading says is gone; more = k·g(target) − d
 * <p><b>Units</b> drops, or mL, or whatever was counted; pH
 * <p><b>Valid for</b> acids, from a start above the target down to pH 4.8; two or more readings, each lower than the last
 * <p><b>Source</b> {@link Carbonate}; the procedure [COMMON]
 * <p><b>Checked by</b> CarbonateTest
 *
 * @param more to be added now; 0 where the target has been passed
 * @param low,high what ± 0.1 pH of the meter makes of it
 * @param inAll from the start
 */
public record Titration(double more, double low, double high, double inAll) {
    private static final double METER = 0.1;
    private static final double LOWEST = 4.8;

    /** So much was in the can, in all, when the meter showed this. */
    public record Point(double added, double ph) {}

    /** Reads the slope off the points and aims at the target. */
    public static Titration of(double startPh, List<Point> points, double targetPh) {
        Faults faults = new Faults();
        faults.within("start_ph", startPh, 6, 10, "pH");
        faults.within("target_ph", targetPh, LOWEST, startPh, "pH");
        if (points.size() < 2) {
            faults.add(FaultCode.MISSING, "points", "");
        }
        double before = startPh;
        double had = 0;
        for (Point p : points) {
            faults.within("points.ph", p.ph(), LOWEST, before, "pH");
            faults.within("points.added", p.added(), had, 1e6, "");
            before = p.ph();
            had = p.added();
        }
        faults.throwIfAny();
        double likely = slope(startPh, points, 0) * Carbonate.neutralised(startPh, targetPh);
        double low = slope(startPh, points, -METER) * Carbonate.neutralised(startPh, targetPh);
        double high = slope(startPh, points, METER) * Carbonate.neutralised(startPh, targetPh);
        return new Titration(
                Math.max(0, likely - had),
                Math.max(0, Math.min(low, high) - had),
                Math.max(0, Math.max(low, high) - had),
                likely);
    }

    /** Drops for the whole of the alkalinity, were the meter off by so much at each point. */
    private static double slope(double startPh, List<Point> points, double off) {
        double products = 0;
        double squares = 0;
        for (Point p : points) {
            double gone = Carbonate.neutralised(startPh, Math.min(startPh, p.ph() + off));
            products += p.added() * gone;
            squares += gone * gone;
        }
        if (!(squares > 0)) {
            throw new FaultException(Fault.of(FaultCode.PH_DID_NOT_MOVE, "points.ph", ""));
        }
        return products / squares;
    }
}
