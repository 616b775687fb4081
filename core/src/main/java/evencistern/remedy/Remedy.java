package evencistern.remedy;

import evencistern.chemistry.Element;
import evencistern.chemistry.Formula;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.List;
import java.util.Locale;

/**
 * A single nutrient as it is given.
 *
 * @param percent of the element in the product, by weight; 0 where its own label says how much is used
 * @param low,high g per litre of water or of mix
 * @param daysLow,daysHigh between two weak ones, and two strong ones
 * @param chelateTo pH up to which a chelate holds its iron; 0 for what is no chelate
 */
public record Remedy(
        String key,
        Element element,
        double percent,
        Method method,
        double low,
        double high,
        int daysLow,
        int daysHigh,
        double chelateTo) {
    private static final List<Remedy> ALL =
            DataFile.read(Remedy.class, "remedies.csv").stream().map(Remedy::of).toList();

    /** How it is given. */
    public enum Method {
        DRENCH,
        FOLIAR,
        DRY,
        LABEL;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static Remedy of(DataFile.Row row) {
        String symbol = row.text("element");
        Element element = Element.of(symbol.substring(0, 1).toUpperCase(Locale.ROOT) + symbol.substring(1))
                .orElseThrow(() -> new IllegalStateException("remedies.csv: no element " + symbol));
        String formula = row.text("formula");
        return new Remedy(
                row.text("key"),
                element,
                formula.isEmpty() ? row.number("percent") : Formula.of(formula).percent(element),
                Method.valueOf(row.text("method").toUpperCase(Locale.ROOT)),
                row.number("low"),
                row.number("high"),
                (int) row.number("days_low"),
                (int) row.number("days_high"),
                row.number("chelate_to"));
    }

    public static List<Remedy> all() {
        return ALL;
    }

    /** The remedy of this key; any other word is refused. */
    public static Remedy require(String key) {
        return ALL.stream()
                .filter(r -> r.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "remedy", key)));
    }
}
