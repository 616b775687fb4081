package evencistern.units;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads what a person typed into a number field: {@code 4 in}, {@code 10cm}, {@code 2½}. A typed unit wins. */
public final class MeasureReader {
    private static final int LONGEST = 40;
    private static final Map<String, Unit> WRITTEN = Map.ofEntries(
            Map.entry("\"", Unit.INCH),
            Map.entry("″", Unit.INCH),
            Map.entry("inch", Unit.INCH),
            Map.entry("inches", Unit.INCH),
            Map.entry("l", Unit.LITRE),
            Map.entry("ltr", Unit.LITRE),
            Map.entry("litre", Unit.LITRE),
            Map.entry("litres", Unit.LITRE),
            Map.entry("liter", Unit.LITRE),
            Map.entry("liters", Unit.LITRE),
            Map.entry("ml", Unit.MILLILITRE),
            Map.entry("g/ml", Unit.KILOGRAM_PER_LITRE),
            Map.entry("us/cm", Unit.MICROSIEMENS_PER_CM),
            Map.entry("μs/cm", Unit.MICROSIEMENS_PER_CM),
            Map.entry("µs/cm", Unit.MICROSIEMENS_PER_CM),
            Map.entry("ms/cm", Unit.MILLISIEMENS_PER_CM),
            Map.entry("dkh", Unit.DEGREE_KH),
            Map.entry("°kh", Unit.DEGREE_KH),
            Map.entry("meq/l", Unit.MEQ_PER_LITRE),
            Map.entry("mmol/l", Unit.MEQ_PER_LITRE),
            Map.entry("mg/l caco3", Unit.MILLIGRAM_CACO3_PER_LITRE),
            Map.entry("ms", Unit.MILLISIEMENS_PER_CM),
            Map.entry("cf", Unit.CONDUCTIVITY_FACTOR));

    private MeasureReader() {}

    /**
     * Reads one field. A problem is noted in {@code faults} and NaN returned, so that every field of a form is read
     * before any is refused.
     *
     * @param field the dotted name of the field, for the fault
     * @param typed what was typed
     * @param unit the unit the field shows, used where none was typed
     * @return the value in the stored unit of the dimension
     */
    public static double read(String field, String typed, Unit unit, Faults faults) {
        String text = typed.strip();
        if (text.isEmpty()) {
            faults.add(FaultCode.MISSING, field, "");
            return Double.NaN;
        }
        if (text.length() > LONGEST) {
            faults.add(FaultCode.NOT_A_NUMBER, field, text.substring(0, LONGEST) + "…");
            return Double.NaN;
        }
        boolean negative = text.startsWith("-") || text.startsWith("−");
        String unsigned = negative ? text.substring(1).strip() : text;
        Optional<NumberReader.Found> found = NumberReader.at(unsigned, 0);
        if (found.isEmpty()) {
            faults.add(FaultCode.NOT_A_NUMBER, field, text);
            return Double.NaN;
        }
        if (found.get().problem().isPresent()) {
            faults.add(found.get().problem().get(), field, text);
            return Double.NaN;
        }
        String rest = unsigned.substring(found.get().end()).strip();
        if (!rest.isEmpty() && unit == Unit.ONE) {
            faults.add(FaultCode.NUMBER_ALONE, field, text);
            return Double.NaN;
        }
        Optional<Unit> written = rest.isEmpty() ? Optional.of(unit) : unitOf(rest);
        if (written.isEmpty()) {
            faults.add(new evencistern.fault.Fault(FaultCode.UNIT_UNKNOWN, field, text, "", unit.symbol()));
            return Double.NaN;
        }
        if (written.get().dimension() != unit.dimension()) {
            faults.add(new evencistern.fault.Fault(
                    FaultCode.UNIT_OF_OTHER_KIND, field, text, written.get().symbol(), unit.symbol()));
            return Double.NaN;
        }
        double value = negative ? -found.get().value() : found.get().value();
        return written.get().toCanonical(value);
    }

    private static Optional<Unit> unitOf(String written) {
        Optional<Unit> exact = Unit.ofSymbol(written);
        return exact.isPresent()
                ? exact
                : Optional.ofNullable(WRITTEN.get(written.toLowerCase(Locale.ROOT)))
                        .or(() -> Unit.ofSymbol(written.toLowerCase(Locale.ROOT)));
    }
}
