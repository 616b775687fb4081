package evencistern.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was measured, corrected, with how far it is to be believed.
 *
 * @param ec mS/cm at 25 °C
 * @param phCalibrated whether the pen was ever held into buffers before
 * @param ecCalibrated whether it was ever held into the standard
 */
public record Sample(
        Method method, Optional<Uncertain> ph, Optional<Uncertain> ec, boolean phCalibrated, boolean ecCalibrated) {
    /** What reads 58 was 5.8, and what reads 0.6 was 6. */
    private static final double DOT = 10;

    /** mS typed of what the pen showed in µS. */
    private static final double MICRO = 1000;

    private static final double EC_MOST = 20;

    /** Refuses values no root zone has, saying where a dot was lost or a unit mistaken. One of both is needed. */
    public static void check(OptionalDouble ph, OptionalDouble ecMsCm) {
        Faults faults = new Faults();
        if (ph.isEmpty() && ecMsCm.isEmpty()) {
            faults.add(FaultCode.READING_EMPTY, "reading.ph", "");
        }
        ph.ifPresent(v -> checkPh(v, faults));
        ecMsCm.ifPresent(v -> checkEc(v, faults));
        faults.throwIfAny();
    }

    private static void checkPh(double v, Faults faults) {
        double meant = v > 14 ? v / DOT : v * DOT;
        if ((v > 14 || v < 2) && meant >= 3 && meant <= 10) {
            faults.add(new Fault(
                    FaultCode.PH_DOT_MISPLACED,
                    "reading.ph",
                    Faults.plain(v),
                    String.format(Locale.ROOT, "%.1f", meant),
                    "pH"));
        } else {
            faults.within("reading.ph", v, 2, 11, "pH");
        }
    }

    private static void checkEc(double v, Faults faults) {
        if (v > EC_MOST && v / MICRO <= EC_MOST) {
            faults.add(new Fault(
                    FaultCode.EC_UNIT_MISTAKEN, "reading.ec", Faults.plain(v), Faults.plain(v / MICRO), "mS/cm"));
        } else {
            faults.within("reading.ec", v, 0, EC_MOST, "mS/cm");
        }
    }
}
