package evencistern.pot;

import evencistern.table.DataFile;
import java.util.List;
import java.util.Locale;

/**
 * Nursery trade sizes, to start from.
 *
 * <p><b>Answers</b> what does a pot sold as “one gallon” really measure and hold?
 * <p><b>Formula</b> a table of typical inside measures; the volume is computed from them
 * <p><b>Units</b> cm; L to the rim
 * <p><b>Valid for</b> round nursery pots #1 to #100, some squat or tall; makers differ by a tenth or more, so a measured volume wins
 * <p><b>Source</b> [COMMON] trade sizes name no volume; typical values from memory
 * <p><b>Checked by</b> PotTest
 */
public final class TradeSizes {
    private TradeSizes() {}

    /** How high it is for its width. */
    public enum Build {
        USUAL,
        SQUAT,
        TALL
    }

    /** One size with its typical inside measures, cm, and the litres such pots hold to the rim. */
    public record Size(
            String name,
            Build build,
            double topCm,
            double baseCm,
            double heightCm,
            double litresLow,
            double litresHigh) {}

    public static List<Size> all() {
        return DataFile.read(TradeSizes.class, "trade-sizes.csv").stream()
                .map(r -> new Size(
                        r.text("size"),
                        Build.valueOf(r.text("build").toUpperCase(Locale.ROOT)),
                        r.number("top"),
                        r.number("base"),
                        r.number("height"),
                        r.number("litres_low"),
                        r.number("litres_high")))
                .toList();
    }
}
