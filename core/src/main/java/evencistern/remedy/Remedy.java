package evencistern.remedy;

import evencistern.chemistry.Element;
import evencistern.chemistry.Formula;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.label.Measure;
import evencistern.table.DataFile;
import java.util.List;
import java.util.Locale;

/**
 * A single nutrient, or what moves the pH of a pot, as it is given.
 *
 * @param percent of the element in the product, by weight; 0 where its own label says how much is used
 * @param low,high g or mL per litre of water or of mix
 * @param daysLow,daysHigh between two weak ones, and two strong ones
 * @param chelateTo pH up to which a chelate holds its iron; 0 for what is no chelate
 * @param density of a level spoonful, kg/L
 * @param effect on the pH of the mix
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
        double chelateTo,
        Measure measure,
        double density,
        Effect effect) {
    /** Spoons differ among themselves by so much, and a strength may be read off a page. */
    private static final double SPOONS_DIFFER = 0.02;

    /** Burnt lime in water, clear. */
    static final String LIMEWATER = "limewater";

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

    /** What it does to the pH of the mix, beside feeding. */
    public enum Effect {
        NONE,
        LOWER,
        RAISE
    }

    public boolean sprayed() {
        return method == Method.FOLIAR || method == Method.LABEL;
    }

    /** Whether it is worked into the surface, and not into water. */
    public boolean dry() {
        return method == Method.DRY;
    }

    /** How a strength of one's own stands beside the usual one. */
    public enum Beside {
        WEAKER,
        WITHIN,
        STRONGER;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * How a strength stands beside the usual one.
     *
     * @param perLitre g or mL, in the measure
     * @param weaker share of the usual strength, 0–1, as with a wetting agent
     */
    public Beside beside(double perLitre, double weaker) {
        Faults.require("remedy.own", perLitre, 0, 1000, measure.perLitre().symbol());
        if (perLitre > high * weaker * (1 + SPOONS_DIFFER)) {
            return Beside.STRONGER;
        }
        return perLitre < low * weaker * (1 - SPOONS_DIFFER) ? Beside.WEAKER : Beside.WITHIN;
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
                row.number("chelate_to"),
                row.text("measure").equals("g") ? Measure.GRAMS : Measure.MILLILITRES,
                row.number("density"),
                Effect.valueOf(row.text("ph").toUpperCase(Locale.ROOT)));
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
