package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The shipped components and recipes, read once from their data files. */
public final class Recipes {
    private static final Map<String, Component> COMPONENTS = readComponents();
    private static final Map<String, Mix> MIXES = readMixes();

    private Recipes() {}

    public static List<Mix> all() {
        return List.copyOf(MIXES.values());
    }

    public static List<Component> components() {
        return List.copyOf(COMPONENTS.values());
    }

    /** The recipe of this key; an unknown key is refused with the name of the field. */
    public static Mix require(String key) {
        return found(MIXES.get(key), "mix", key);
    }

    private static <T> T found(@org.jspecify.annotations.Nullable T value, String field, String key) {
        if (value == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, field, key));
        }
        return value;
    }

    private static Map<String, Component> readComponents() {
        Map<String, Component> components = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(Recipes.class, "components.csv")) {
            double porosity = row.number("porosity") / 100;
            double capacity = row.number("capacity15") / 100;
            components.put(
                    row.text("key"),
                    new Component(
                            row.text("key"),
                            porosity,
                            capacity,
                            row.number("unavailable") / 100,
                            row.number("density"),
                            RetentionCurve.fit(
                                    porosity,
                                    row.number("residual") / 100,
                                    row.number("n"),
                                    capacity,
                                    Component.TABLE_COLUMN_CM)));
        }
        return components;
    }

    private static Map<String, Mix> readMixes() {
        Map<String, Mix> mixes = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(Recipes.class, "recipes.csv")) {
            List<Mix.Part> parts = new ArrayList<>();
            for (String part : row.text("parts").split(" \\+ ", -1)) {
                String[] words = part.split(" ", -1);
                Component component = found(COMPONENTS.get(words[0]), "mix.component", words[0]);
                parts.add(new Mix.Part(component, Double.parseDouble(words[1])));
            }
            MixKind kind = MixKind.valueOf(row.text("kind").toUpperCase(Locale.ROOT));
            mixes.put(row.text("key"), new Mix(row.text("key"), kind, parts, row.number("shrinkage") / 100));
        }
        return mixes;
    }
}
