package evencistern.water;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What the pH of a can is moved with: an acid, or a base.
 *
 * @param trade whether only a garden that declares itself a trade grower's is shown it
 * @param percent of the substance in it, by weight
 * @param density kg/L of a liquid; 0 for a powder
 * @param pKa of an acid; none for a base
 * @param alkalinity,carbonate mol per mol of a base
 * @param brings mg of an element with each mmol
 */
public record PhProduct(
        String key,
        boolean trade,
        double gramsPerMole,
        double percent,
        double density,
        List<Double> pKa,
        double alkalinity,
        double carbonate,
        Map<Dissolved, Double> brings) {
    private static final List<PhProduct> ALL = DataFile.read(PhProduct.class, "ph-products.csv").stream()
            .map(PhProduct::of)
            .toList();

    public PhProduct {
        pKa = List.copyOf(pKa);
        brings = Map.copyOf(brings);
    }

    private static PhProduct of(DataFile.Row row) {
        String element = row.text("element");
        return new PhProduct(
                row.text("key"),
                row.choice("trade", "yes", "no").equals("yes"),
                row.number("molar"),
                row.number("percent"),
                row.number("density"),
                row.text("pka").isEmpty()
                        ? List.of()
                        : Arrays.stream(row.text("pka").split("\\+", -1))
                                .map(Double::valueOf)
                                .toList(),
                row.number("alkalinity"),
                row.number("carbonate"),
                element.isEmpty()
                        ? Map.of()
                        : Map.of(Dissolved.valueOf(element.toUpperCase(Locale.ROOT)), row.number("mg")));
    }

    public static List<PhProduct> all() {
        return ALL;
    }

    /** The product of this key; any other word is refused. */
    public static PhProduct require(String key) {
        return ALL.stream()
                .filter(p -> p.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "ph_product", key)));
    }

    /** Whether microbes eat it within days to weeks, after which the alkalinity is back: an acid that brings no element. */
    public boolean organic() {
        return acid() && brings.isEmpty();
    }

    public boolean acid() {
        return !pKa.isEmpty();
    }

    public boolean liquid() {
        return density > 0;
    }

    /** mmol of the pure substance in one mL of a liquid, or one g of a powder. */
    double mmolPerUnit() {
        return 1000 * percent / 100 * (liquid() ? density : 1) / gramsPerMole;
    }

    /** Mean charge of the acid's anion at a pH: what a mole takes of the alkalinity; 0 for a base. */
    double chargeAt(double ph) {
        double weight = 1;
        double sum = 1;
        double charged = 0;
        for (int i = 0; i < pKa.size(); i++) {
            weight *= Math.pow(10, ph - pKa.get(i));
            sum += weight;
            charged += (i + 1) * weight;
        }
        return charged / sum;
    }
}
