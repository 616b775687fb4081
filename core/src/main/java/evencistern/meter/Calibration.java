package evencistern.meter;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A pen held into its standards, before anything was set on it.
 *
 * <p><b>Answers</b> how far off is the pen, is its glass still alive, and what does a shown value stand for?
 * <p><b>Formula</b> offset = shown − buffer at pH 7; slope = 100 % · (shown7 − shown4)/(buffer7 − buffer4); a shown pH is
 * brought back along the straight line between the two buffers it lies between; EC is multiplied by standard/shown
 * <p><b>Units</b> pH; %; EC factor without unit
 * <p><b>Valid for</b> a pH within 1.5 of each buffer; an EC within 50 % of the standard
 * <p><b>Source</b> [BUFFERS], [OIMLR56]; two-point calibration as in every pen's leaflet, common practice [COMMON]
 * <p><b>Checked by</b> CalibrationTest
 *
 * @param celsius warmth of the standards, 5–35
 * @param ph4 what it showed in the buffer of 4.01
 * @param ph7 in that of 7.00, which any calibration of pH needs
 * @param ph10 in that of 10.01
 * @param ec in the standard of 1.413 mS/cm, in mS/cm
 * @param compensated whether the pen brings EC to 25 °C by itself
 * @param adjusted whether the pen was then set to the standards, so that it shows them right from here on
 */
public record Calibration(
        LocalDate on,
        double celsius,
        OptionalDouble ph4,
        OptionalDouble ph7,
        OptionalDouble ph10,
        OptionalDouble ec,
        boolean compensated,
        boolean adjusted) {
    private static final double PH_FAR = 1.5;
    private static final double EC_LEAST = 0.5;
    private static final double EC_MOST = 1.5;
    private static final double REFERENCE_C = 25;

    public Calibration {
        Faults faults = new Faults();
        faults.within("calibration.celsius", celsius, 5, 35, "°C");
        faults.throwIfAny();
        if (ph7.isEmpty() && ec.isEmpty() && ph4.isEmpty() && ph10.isEmpty()) {
            faults.add(FaultCode.CALIBRATION_EMPTY, "calibration.ph7", "");
        } else if (ph7.isEmpty() && (ph4.isPresent() || ph10.isPresent())) {
            faults.add(FaultCode.MISSING, "calibration.ph7", "");
        }
        if (ph4.isPresent() && ph7.isPresent() && ph4.getAsDouble() > ph7.getAsDouble()) {
            faults.add(FaultCode.BUFFERS_SWAPPED, "calibration.ph4", Faults.plain(ph4.getAsDouble()));
        } else {
            near(faults, "calibration.ph4", ph4, Standard.PH_4.at(celsius));
            near(faults, "calibration.ph7", ph7, Standard.PH_7.at(celsius));
            near(faults, "calibration.ph10", ph10, Standard.PH_10.at(celsius));
        }
        if (ec.isPresent()) {
            double wanted = ecWanted(celsius, compensated);
            double share = ec.getAsDouble() / wanted;
            if (!(share >= EC_LEAST && share <= EC_MOST)) {
                faults.add(new Fault(
                        FaultCode.STANDARD_FAR,
                        "calibration.ec",
                        Faults.plain(ec.getAsDouble()),
                        Faults.plain(wanted),
                        "mS/cm"));
            }
        }
        faults.throwIfAny();
    }

    private static void near(Faults faults, String field, OptionalDouble shown, double buffer) {
        if (shown.isPresent() && !(Math.abs(shown.getAsDouble() - buffer) <= PH_FAR)) {
            faults.add(new Fault(
                    FaultCode.STANDARD_FAR, field, Faults.plain(shown.getAsDouble()), Faults.plain(buffer), "pH"));
        }
    }

    private static double ecWanted(double celsius, boolean compensated) {
        return Standard.EC_1413.at(compensated ? REFERENCE_C : celsius);
    }

    public boolean ofPh() {
        return ph7.isPresent();
    }

    public boolean ofEc() {
        return ec.isPresent();
    }

    /** How much too high it showed at pH 7, as it was found. */
    public double offset() {
        return ph7.orElseThrow() - Standard.PH_7.at(celsius);
    }

    /** Its slope as it was found, %; empty where it was held into one buffer only. */
    public OptionalDouble slopePercent() {
        if (ph7.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (ph4.isPresent()) {
            return OptionalDouble.of(100
                    * (ph7.getAsDouble() - ph4.getAsDouble())
                    / (Standard.PH_7.at(celsius) - Standard.PH_4.at(celsius)));
        }
        return ph10.isPresent()
                ? OptionalDouble.of(100
                        * (ph10.getAsDouble() - ph7.getAsDouble())
                        / (Standard.PH_10.at(celsius) - Standard.PH_7.at(celsius)))
                : OptionalDouble.empty();
    }

    /** What its EC was to be multiplied by, as it was found. */
    public double ecFactorFound() {
        return ecWanted(celsius, compensated) / ec.orElseThrow();
    }

    /** What to multiply a shown EC by from here on: 1 where the pen was set. */
    public double ecFactor() {
        return adjusted ? 1 : ecFactorFound();
    }

    /** What a shown pH stands for from here on. */
    public double ph(double shown) {
        if (adjusted || ph7.isEmpty()) {
            return shown;
        }
        List<double[]> points = new ArrayList<>();
        ph4.ifPresent(s -> points.add(new double[] {s, Standard.PH_4.at(celsius)}));
        points.add(new double[] {ph7.getAsDouble(), Standard.PH_7.at(celsius)});
        ph10.ifPresent(s -> points.add(new double[] {s, Standard.PH_10.at(celsius)}));
        if (points.size() == 1) {
            return shown - offset();
        }
        int upper = points.size() == 3 && shown > points.get(1)[0] ? 2 : 1;
        double[] a = points.get(upper - 1);
        double[] b = points.get(upper);
        return a[1] + (shown - a[0]) * (b[1] - a[1]) / (b[0] - a[0]);
    }

    /** How far it showed too high at pH 7 right after: what a later calibration's offset is to be compared with. */
    double offsetLeft() {
        return adjusted ? 0 : offset();
    }
}
