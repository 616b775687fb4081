package evencistern.server.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.units.Dimension;
import evencistern.units.MeasureReader;
import evencistern.units.Unit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
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

    /**
     * The value in the stored unit; problems are noted under the field's name.
     *
     * @param measures what the field is for; shown in a unit of anything else, but for {@code or}, it is refused
     */
    public double read(String field, Faults faults, Dimension measures, Dimension... or) {
        Optional<Unit> shown = Unit.ofSymbol(unit);
        if (shown.isEmpty()) {
            faults.add(FaultCode.CHOICE_UNKNOWN, field, unit);
            return Double.NaN;
        }
        Dimension given = shown.get().dimension();
        if (given != measures && !List.of(or).contains(given)) {
            faults.add(
                    measures == Dimension.NUMBER
                            ? Fault.of(FaultCode.NUMBER_ALONE, field, text + " " + unit)
                            : new Fault(FaultCode.UNIT_OF_OTHER_KIND, field, text, unit, measures.canonicalSymbol()));
            return Double.NaN;
        }
        return MeasureReader.read(field, text, shown.get(), faults);
    }

    /** The value of a field that may be left blank. */
    public static OptionalDouble optional(
            @Nullable Typed typed, String field, Faults faults, Dimension measures, Dimension... or) {
        if (typed == null || typed.text().isBlank()) {
            return OptionalDouble.empty();
        }
        double value = typed.read(field, faults, measures, or);
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The same in a unit of its own rather than the stored one, such as hours, where days are stored. */
    public static OptionalDouble optional(@Nullable Typed typed, String field, Unit unit, Faults faults) {
        OptionalDouble stored = optional(typed, field, faults, unit.dimension());
        return stored.isPresent() ? OptionalDouble.of(unit.fromCanonical(stored.getAsDouble())) : stored;
    }

    /** A value that was never typed, as its field shows it. */
    public static Typed shown(double value, String unit) {
        return new Typed(
                new BigDecimal(value)
                        .round(new MathContext(4))
                        .stripTrailingZeros()
                        .toPlainString(),
                unit);
    }
}
