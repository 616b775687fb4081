package evencistern.plant;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The shipped groups and species, read once from their data files. */
public final class SpeciesGuide {
    private static final Map<String, Traits> GROUPS = readGroups();
    private static final Map<String, Species> ENTRIES = readEntries();

    private SpeciesGuide() {}

    public static List<Species> all() {
        return List.copyOf(ENTRIES.values());
    }

    /** Keys of the groups, as the guide lists them. */
    public static List<String> groups() {
        return List.copyOf(GROUPS.keySet());
    }

    /** What the plants of a group have in common; an unknown group is refused. */
    public static Traits group(String key) {
        Traits traits = GROUPS.get(key);
        if (traits == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "species.group", key));
        }
        return traits;
    }

    /** The entry of this key; an unknown key is refused. */
    public static Species require(String key) {
        Species species = ENTRIES.get(key);
        if (species == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "species", key));
        }
        return species;
    }

    private static Map<String, Traits> readGroups() {
        Map<String, Map<Trait, String>> texts = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(SpeciesGuide.class, "groups.csv")) {
            Trait trait = trait(row.text("trait"));
            row.columns().stream()
                    .filter(c -> !c.equals("trait"))
                    .forEach(group -> texts.computeIfAbsent(group, g -> new EnumMap<>(Trait.class))
                            .put(trait, row.text(group)));
        }
        Map<String, Traits> groups = new LinkedHashMap<>();
        texts.forEach((group, told) -> groups.put(group, Traits.ofGroup(told)));
        return groups;
    }

    private static Map<String, Species> readEntries() {
        Map<String, Species> entries = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(SpeciesGuide.class, "species.csv")) {
            Map<Trait, String> differs = new EnumMap<>(Trait.class);
            for (String one : row.text("differs").split(" ", -1)) {
                int equals = one.indexOf('=');
                differs.put(trait(one.substring(0, equals)), one.substring(equals + 1));
            }
            String group = row.text("group");
            entries.put(
                    row.text("key"),
                    new Species(
                            row.text("key"),
                            row.text("common"),
                            row.text("scientific"),
                            row.text("also").isEmpty()
                                    ? List.of()
                                    : List.of(row.text("also").split("/", -1)),
                            group,
                            group(group).over(differs, Traits.Teller.SPECIES)));
        }
        return entries;
    }

    private static Trait trait(String id) {
        return Trait.named(id).orElseThrow(() -> new IllegalStateException("no trait " + id));
    }
}
