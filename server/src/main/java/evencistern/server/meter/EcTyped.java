package evencistern.server.meter;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.meter.Meter;
import evencistern.meter.TdsScale;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.MeasureReader;
import evencistern.units.Unit;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A conductivity as typed: in a unit of conductivity, or in ppm of whatever scale the meter prints.
 *
 * @param unit {@code ppm}, or the symbol of a conductivity unit
 */
public record EcTyped(String text, String unit) {
    public static final String PPM = "ppm";

    /** mS/cm at 25 °C of a field that may be left blank; ppm without a known scale is refused, not guessed. */
    public static OptionalDouble optional(@Nullable EcTyped typed, String field, Meter meter, Faults faults) {
        if (typed == null || typed.text().isBlank()) {
            return OptionalDouble.empty();
        }
        String text = typed.text().strip();
        boolean saysPpm = text.toLowerCase(Locale.ROOT).endsWith(PPM);
        if (!saysPpm && !(typed.unit().equals(PPM) && endsInDigit(text))) {
            String unit = typed.unit().equals(PPM) ? Unit.MILLISIEMENS_PER_CM.symbol() : typed.unit();
            return Typed.optional(new Typed(text, unit), field, faults, Dimension.CONDUCTIVITY);
        }
        String number = saysPpm ? text.substring(0, text.length() - PPM.length()) : text;
        double ppm = MeasureReader.read(field, number, Unit.ONE, faults);
        TdsScale scale = meter.scale();
        if (scale == null) {
            faults.add(FaultCode.TDS_WITHOUT_SCALE, field, text);
            return OptionalDouble.empty();
        }
        return Double.isNaN(ppm) ? OptionalDouble.empty() : OptionalDouble.of(scale.toMsCm(ppm));
    }

    private static boolean endsInDigit(String text) {
        return !Character.isLetter(text.charAt(text.length() - 1));
    }
}
