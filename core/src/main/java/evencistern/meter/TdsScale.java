package evencistern.meter;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.Arrays;

/**
 * The three scales by which meters print conductivity as "ppm".
 *
 * <p><b>Answers</b> what does my pen's ppm number say in mS/cm, and the other way round?
 * <p><b>Formula</b> ppm = EC25 · factor
 * <p><b>Units</b> mS/cm at 25 °C; ppm of the scale's reference salt
 * <p><b>Valid for</b> 0–20 mS/cm
 * <p><b>Source</b> [METERSCALES] common practice: 500 sodium chloride, 640 general, 700 natural water
 * <p><b>Checked by</b> TdsScaleTest
 */
public enum TdsScale {
    PPM_500(500),
    PPM_640(640),
    PPM_700(700);

    private final double ppmPerMsCm;

    TdsScale(double ppmPerMsCm) {
        this.ppmPerMsCm = ppmPerMsCm;
    }

    public double toMsCm(double ppm) {
        return ppm / ppmPerMsCm;
    }

    public double toPpm(double msCm) {
        return msCm * ppmPerMsCm;
    }

    public double ppmPerMsCm() {
        return ppmPerMsCm;
    }

    public String id() {
        return "ppm" + (int) ppmPerMsCm;
    }

    /** The scale with this id, for example {@code ppm500}; any other word is refused with the field's name. */
    public static TdsScale require(String id, String field) {
        return Arrays.stream(values())
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, field, id)));
    }
}
