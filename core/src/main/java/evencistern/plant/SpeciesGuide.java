package evencistern.plant;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.StrengthCap;
import evencistern.table.DataFile;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The shipped species, read once from their data file. */
public final class SpeciesGuide {
    private static final Map<String, Species> ENTRIES = readEntries();

    private SpeciesGuide() {}

    public static List<Species> all() {
        return List.copyOf(ENTRIES.values());
    }

    /** The entry of this key; an unknown key is refused. */
    public static Species require(String key) {
        Species species = ENTRIES.get(key);
        if (species == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "species", key));
        }
        return species;
    }

    /** Keys of the entries whose common or botanical name holds a text, whatever its case; none for an empty text. */
    public static List<String> named(String part) {
        String wanted = part.strip().toLowerCase(Locale.ROOT);
        if (wanted.isEmpty()) {
            return List.of();
        }
        return ENTRIES.values().stream()
                .filter(s -> s.common().toLowerCase(Locale.ROOT).contains(wanted)
                        || s.scientific().toLowerCase(Locale.ROOT).contains(wanted))
                .map(Species::key)
                .toList();
    }

    private static Map<String, Species> readEntries() {
        Map<String, Species> entries = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(SpeciesGuide.class, "species.csv")) {
            entries.put(
                    row.text("key"),
                    new Species(
                            row.text("key"),
                            row.text("common"),
                            row.text("scientific"),
                            row.text("group"),
                            Appetite.valueOf(row.text("appetite").toUpperCase(Locale.ROOT)),
                            row.number("depletion"),
                            row.number("crop"),
                            row.number("canopy"),
                            new StrengthCap(row.number("cap_ec"), row.number("cap_n")),
                            row.number("ph_low"),
                            row.number("ph_high"),
                            row.number("base"),
                            row.number("full"),
                            row.number("light"),
                            (int) row.number("repot_hold"),
                            Toxicity.valueOf(row.text("toxicity").toUpperCase(Locale.ROOT)),
                            row.number("air"),
                            row.choice("rots", "yes", "no").equals("yes"),
                            row.choice("phosphorus", "stands", "hates").equals("stands")));
        }
        return entries;
    }
}
