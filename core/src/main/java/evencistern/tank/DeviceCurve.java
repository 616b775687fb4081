package evencistern.tank;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a device really does over the range of its dial.
 *
 * <p><b>Answers</b> at which setting does it give the ratio that I want?
 * <p><b>Formula</b> between two measured points the stock in the feed, 1/DF, goes straight with the setting; outside them nothing
 * is told
 * <p><b>Units</b> settings as on the dial; dilution factors
 * <p><b>Valid for</b> two to ten points at settings that differ, whose stock rises or falls all the way
 * <p><b>Source</b> [COMMON] straight lines between measured points
 * <p><b>Checked by</b> DeviceCurveTest
 *
 * @param points in the order of their settings
 */
public record DeviceCurve(List<Point> points) {
    private static final int LEAST = 2;
    private static final int MOST = 10;

    /** A setting and the dilution factor that was measured at it. */
    public record Point(double setting, double dilutionFactor) {
        double stock() {
            return 1 / dilutionFactor;
        }
    }

    public DeviceCurve {
        points = points.stream()
                .sorted(Comparator.comparingDouble(Point::setting))
                .toList();
        Faults faults = new Faults();
        faults.within("curve.points", points.size(), LEAST, MOST, "");
        points.forEach(p -> faults.within("curve.ratio", p.dilutionFactor(), 1, 2000, ""));
        for (int i = 1; i < points.size(); i++) {
            boolean same = points.get(i).setting() == points.get(i - 1).setting();
            boolean turns = i > 1
                    && (points.get(i).stock() - points.get(i - 1).stock())
                                    * (points.get(i - 1).stock()
                                            - points.get(i - 2).stock())
                            <= 0;
            if (same || turns) {
                faults.add(new Fault(
                        FaultCode.CURVE_TURNS,
                        "curve.points",
                        Faults.plain(points.get(i).setting()),
                        "",
                        ""));
                break;
            }
        }
        faults.throwIfAny();
    }

    /** The setting for a dilution factor; empty where no two points lie around it. */
    public OptionalDouble settingFor(double dilutionFactor) {
        double wanted = 1 / Faults.require("dilution_factor", dilutionFactor, 1, 2000, "");
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            double part = (wanted - a.stock()) / (b.stock() - a.stock());
            if (part >= 0 && part <= 1) {
                return OptionalDouble.of(a.setting() + part * (b.setting() - a.setting()));
            }
        }
        return OptionalDouble.empty();
    }
}
