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
import java.util.Optional;
import java.util.OptionalDouble;

/** The shipped components and recipes, read once from their data files. */
public final class Recipes {
    private static final Map<String, Component> COMPONENTS = readComponents();
    private static final Map<String, Recipe> RECIPES = readRecipes();

    private Recipes() {}

    public static List<Recipe> all() {
        return List.copyOf(RECIPES.values());
    }

    public static List<Component> components() {
        return List.copyOf(COMPONENTS.values());
    }

    /** The shipped component of this key; an unknown key is refused with the name of the field. */
    public static Component component(String key) {
        return found(COMPONENTS.get(key), "mix.component", key);
    }

    /** The shipped recipe of this key; an unknown key is refused with the name of the field. */
    public static Recipe recipe(String key) {
        return found(RECIPES.get(key), "mix", key);
    }

    /** The mix of the shipped recipe of this key, or none at all; an unknown key is refused with the name of the field. */
    public static Mix require(String key) {
        return key.equals(Mix.BARE) ? Mix.NONE : recipe(key).mix();
    }

    /** A mix of shipped components in parts, as a line of a table has it: {@code peat_medium 3 + perlite_coarse 1}. */
    public static Mix mix(String key, String line) {
        List<Mix.Part> parts = new ArrayList<>();
        for (String part : line.split(" \\+ ", -1)) {
            String[] words = part.split(" ", -1);
            parts.add(new Mix.Part(component(words[0]), Double.parseDouble(words[1])));
        }
        return Mix.of(key, parts);
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
            String key = row.text("key");
            components.put(
                    key,
                    new Component(
                                    key,
                                    Component.Family.valueOf(row.text("family").toUpperCase(Locale.ROOT)),
                                    new Component.Grain(
                                            row.number("grain_from"),
                                            row.number("grain_to"),
                                            row.number("voids") / 100,
                                            row.number("flow"),
                                            row.number("solid")),
                                    Component.Hold.fitted(
                                            row.number("porosity") / 100,
                                            row.number("capacity15") / 100,
                                            Component.TABLE_COLUMN_CM,
                                            row.number("unavailable") / 100,
                                            plusMinus(row.text("range")),
                                            row.number("residual") / 100,
                                            row.number("n")),
                                    row.number("density"),
                                    new Component.Chemistry(
                                            row.number("ph"),
                                            row.number("buffer"),
                                            row.number("cec"),
                                            row.number("ec")),
                                    new Component.Wear(row.number("wet"), row.number("cycled")),
                                    pack(row.text("pack")))
                            .possible());
        }
        return components;
    }

    private static double plusMinus(String range) {
        String[] ends = range.split("-", -1);
        return (Double.parseDouble(ends[1]) - Double.parseDouble(ends[0])) / 200;
    }

    private static Component.Pack pack(String text) {
        String[] words = text.split(" ", -1);
        Component.PackKind kind = Component.PackKind.valueOf(words[0].toUpperCase(Locale.ROOT));
        double printed = Double.parseDouble(words[1]);
        return new Component.Pack(
                kind, printed, words.length > 3 ? Double.parseDouble(words[3]) : printed, Optional.empty());
    }

    private static Map<String, Recipe> readRecipes() {
        Map<String, Recipe> recipes = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(Recipes.class, "recipes.csv")) {
            OptionalDouble target =
                    row.text("target").isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(row.number("target"));
            recipes.put(row.text("key"), new Recipe(mix(row.text("key"), row.text("parts")), target));
        }
        return recipes;
    }
}
