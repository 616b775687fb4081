package evencistern.tank;

import evencistern.chemistry.Formula;
import evencistern.fault.Faults;
import evencistern.table.DataFile;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How strong a stock of one salt may be.
 *
 * <p><b>Answers</b> how many grams of this salt stay dissolved in a litre of stock on the coldest night?
 * <p><b>Formula</b> with a the solubility per kg of water and v the litres that a kg takes up: c = 1000·a/(1 + a·v)/f, f
 * the salt in its crystals; a between the table's temperatures in a straight line; of that 75 %, and 20 % less where only
 * 20 °C is known
 * <p><b>Units</b> °C; g of product per litre of stock
 * <p><b>Valid for</b> 0–40 °C; above 30 °C as at 30
 * <p><b>Source</b> [CRCHANDBOOK] from memory; the share to stay below [COMMON]
 * <p><b>Checked by</b> TankTest
 *
 * @param at20Only whether the table knows no other temperature
 */
public record Solubility(String key, double saturatedPerLitre, double allowedPerLitre, boolean at20Only) {
    /** Growers stay at 50–75 % of saturation; common practice, no source. */
    private static final double STAY_BELOW = 0.75;

    private static final double KEPT_BACK = 0.8;
    private static final double[] DEGREES = {0, 10, 20, 30};
    private static final List<Salt> SALTS = DataFile.read(Solubility.class, "solubility.csv").stream()
            .map(Salt::of)
            .toList();

    /** A line of the table; a temperature that is not known is empty. */
    private record Salt(String key, Formula formula, List<OptionalDouble> gramsPerKg, double volume) {
        static Salt of(DataFile.Row row) {
            return new Salt(
                    row.text("key"),
                    Formula.of(row.text("formula")),
                    List.of(cell(row, "t0"), cell(row, "t10"), cell(row, "t20"), cell(row, "t30")),
                    row.number("volume"));
        }

        private static OptionalDouble cell(DataFile.Row row, String column) {
            return row.text(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(row.number(column));
        }

        boolean at20Only() {
            return gramsPerKg.get(0).isEmpty();
        }

        double at(double celsius) {
            if (at20Only()) {
                return gramsPerKg.get(2).getAsDouble();
            }
            double last = DEGREES[DEGREES.length - 1];
            double t = Math.min(celsius, last);
            int i = (int) Math.min(DEGREES.length - 2, Math.floor(t / 10));
            double low = gramsPerKg.get(i).getAsDouble();
            double high = gramsPerKg.get(i + 1).getAsDouble();
            return low + (high - low) * (t - DEGREES[i]) / 10;
        }
    }

    /** Of the salt with this formula, with or without crystal water; empty where the table does not know it. */
    public static Optional<Solubility> of(Formula product, double coldestCelsius) {
        Faults.require("coldest", coldestCelsius, 0, 40, "°C");
        for (Salt salt : SALTS) {
            OptionalDouble share = product.shareOf(salt.formula());
            if (share.isPresent()) {
                double a = salt.at(coldestCelsius) / 1000;
                double saturated = 1000 * a / (1 + a * salt.volume()) / share.getAsDouble();
                return Optional.of(new Solubility(
                        salt.key(),
                        saturated,
                        saturated * STAY_BELOW * (salt.at20Only() ? KEPT_BACK : 1),
                        salt.at20Only()));
            }
        }
        return Optional.empty();
    }
}
