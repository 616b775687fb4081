package evencistern.reading;

import evencistern.media.Component.Family;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.table.DataFile;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * The band a runoff reading should lie in.
 *
 * @param name which row was used, as {@code peat:medium}
 */
public record RunoffBand(String name, double phLow, double phHigh, double ecLow, double ecHigh) {
    private record Ec(double low, double high) {}

    private static final Map<String, Ec> ROWS = readRows();

    /** The band for a plant in a mix of this kind: pH by the species, EC by mix and appetite. */
    public static RunoffBand of(Species species, Family kind) {
        String name = name(kind, species.appetite());
        Ec ec = ROWS.get(name);
        if (ec == null) {
            throw new IllegalStateException("runoff-bands.csv has no row " + name);
        }
        return new RunoffBand(name, species.phLow(), species.phHigh(), ec.low(), ec.high());
    }

    private static String name(Family kind, Appetite appetite) {
        return (kind.name() + ":" + appetite.name()).toLowerCase(Locale.ROOT);
    }

    private static Map<String, Ec> readRows() {
        Map<String, Ec> rows = new HashMap<>();
        for (DataFile.Row row : DataFile.read(RunoffBand.class, "runoff-bands.csv")) {
            rows.put(row.text("kind") + ":" + row.text("appetite"), new Ec(row.number("low"), row.number("high")));
        }
        return rows;
    }
}
