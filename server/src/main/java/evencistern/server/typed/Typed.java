package evencistern.server.typed;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.units.MeasureReader;
import evencistern.units.Unit;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A number field as it stands on the screen.
 *
 * @param text what was typed, kept as it is
 * @param unit symbol of the unit the field shows
 */
public record Typed(String text, String unit) {

    /** The value in the stored unit; problems are noted under the field's name. */
    public double read(String field, Faults faults) {
        Optional<Unit> shown = Unit.ofSymbol(unit);
        if (shown.isEmpty()) {
            faults.add(FaultCode.UNIT_UNKNOWN, field, unit);
            return Double.NaN;
        }
        return MeasureReader.read(field, text, shown.get(), faults);
    }

    /** The value of a field that may be left blank. */
    public static OptionalDouble optional(@Nullable Typed typed, String field, Faults faults) {
        if (typed == null || typed.text().isBlank()) {
            return OptionalDouble.empty();
        }
        double value = typed.read(field, faults);
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
