package evencistern.server.exchange;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Liming;
import evencistern.server.GardenId;
import evencistern.server.exchange.csv.Sheets;
import evencistern.server.mix.ComponentWire;
import evencistern.server.mix.MixNames;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.mix.RecipeInput;
import evencistern.server.mix.RecipeWire;
import evencistern.server.mix.SoakedMix;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.SheetText;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Recipes as files, out and in: JSON with a schema and all that is needed, CSV with a line for each part. */
@Service
public class RecipeFile {
    private static final FileFormat FORMAT = new FileFormat("even-cistern-recipes", 1, "recipes.schema.json");
    private static final List<String> SHEET = List.of(
            "recipe",
            "measure",
            "component",
            "amount",
            "counted_in",
            "litres_each",
            "yield_percent",
            "target_ph",
            "lime",
            "fineness",
            "notes");
    /** What of a component belongs to one garden and stays out of the file. */
    private static final List<String> GARDENS_OWN = List.of("shipped", "typed", "version", "retired");

    private static final int MOST_OFFERS = 3;

    private final Mixes mixes;
    private final MixNames names;
    private final Words words;
    private final JsonMapper json;

    RecipeFile(Mixes mixes, MixNames names, Words words, JsonMapper json) {
        this.mixes = mixes;
        this.names = names;
        this.words = words;
        this.json = json;
    }

    // --- the file ---

    /** The JSON schema of the file, as shipped. */
    static String schema() {
        return FORMAT.schema();
    }

    private ObjectNode toFile(ComponentWire c) {
        ObjectNode node = (ObjectNode) json.<JsonNode>valueToTree(c);
        node.remove(GARDENS_OWN);
        return node;
    }

    /** A component of a file, new to a garden; refused where its numbers contradict each other. */
    private ComponentWire toNew(JsonNode component) {
        ObjectNode node = (ObjectNode) component.deepCopy();
        node.putObject("typed");
        node.put("version", 0).put("retired", false);
        ComponentWire wire = json.treeToValue(node, ComponentWire.class);
        wire.toComponent();
        return wire;
    }

    /** A recipe of a file. */
    record FileRecipe(
            UUID id,
            @Nullable String shipped,
            String name,
            RecipeWire.Measure measure,
            List<RecipeWire.PartWire> parts,
            @Nullable List<RecipeWire.AddedWire> amendments,
            @Nullable Typed yield,
            @Nullable SoakedMix soaked,
            @Nullable Typed target,
            Liming.@Nullable Material lime,
            Liming.@Nullable Fineness fineness,
            @Nullable Typed neutralising,
            @Nullable String notes) {
        String key() {
            return shipped == null ? id.toString() : shipped;
        }

        RecipeInput toInput(List<RecipeWire.PartWire> known, int version) {
            return new RecipeInput(
                    id,
                    shipped,
                    name,
                    measure,
                    known,
                    amendments,
                    yield,
                    soaked,
                    target,
                    lime == null ? Liming.Material.DOLOMITE : lime,
                    fineness == null ? Liming.Fineness.POWDER : fineness,
                    neutralising,
                    notes == null ? "" : notes,
                    version);
        }
    }

    private static @Nullable Typed typed(RecipeWire r, String field, @Nullable Double value, String unit) {
        Typed kept = r.typed().get(field);
        return kept != null ? kept : value == null ? null : new Typed(Faults.plain(value), unit);
    }

    private FileRecipe toFile(RecipeWire r) {
        return new FileRecipe(
                r.id(),
                r.shipped(),
                names.of(r),
                r.measure(),
                r.parts(),
                r.amendments().isEmpty() ? null : r.amendments(),
                typed(r, "yield", r.yield(), "%"),
                r.soaked(),
                typed(r, "target", r.target(), "pH"),
                r.lime(),
                r.fineness(),
                typed(r, "neutralising", r.neutralising(), "%"),
                r.notes().isEmpty() ? null : r.notes());
    }

    private static List<RecipeWire> chosen(MixShelf shelf, @Nullable String recipe) {
        return shelf.recipes().stream()
                .filter(r -> recipe == null ? !r.retired() : r.key().equals(recipe))
                .toList();
    }

    /**
     * Writes recipes with the components of the garden that they hold.
     *
     * @param recipe key of one, or null for all that are not put away
     */
    @Transactional(readOnly = true)
    void writeJson(GardenId garden, @Nullable String recipe, Writer out) throws IOException {
        MixShelf shelf = mixes.shelf(garden);
        List<RecipeWire> recipes = chosen(shelf, recipe);
        List<ObjectNode> components = shelf.components().stream()
                .filter(c -> c.shipped() == null
                        && recipes.stream()
                                .flatMap(r -> r.parts().stream())
                                .anyMatch(p -> p.component().equals(c.key())))
                .map(this::toFile)
                .toList();
        out.write("{\n" + FORMAT.head() + ",\n");
        out.write("\"components\": " + lines(components) + ",\n");
        out.write("\"recipes\": " + lines(recipes.stream().map(this::toFile).toList()) + "\n}\n");
    }

    private String lines(List<?> things) {
        StringBuilder lines = new StringBuilder("[");
        String between = "\n";
        for (Object thing : things) {
            lines.append(between).append(json.writeValueAsString(thing));
            between = ",\n";
        }
        return lines.append("]").toString();
    }

    /** Writes recipes as a sheet, a line for each part; components by name. */
    @Transactional(readOnly = true)
    void writeCsv(GardenId garden, @Nullable String recipe, Writer out) throws IOException {
        MixShelf shelf = mixes.shelf(garden);
        CSVPrinter csv = Sheets.printer(SHEET, out);
        for (RecipeWire r : chosen(shelf, recipe)) {
            FileRecipe f = toFile(r);
            for (RecipeWire.PartWire part : r.parts()) {
                Sheets.print(
                        csv,
                        Arrays.asList(
                                f.name(),
                                r.measure().name(),
                                component(shelf, part.component())
                                        .map(names::of)
                                        .orElse(part.component()),
                                part.amount(),
                                part.counted() == null
                                        ? null
                                        : part.counted().by().name(),
                                part.counted() == null
                                        ? null
                                        : Faults.plain(part.counted().litres()),
                                f.yield() == null ? null : f.yield().text(),
                                f.target() == null ? null : f.target().text(),
                                r.lime().id(),
                                r.fineness().name().toLowerCase(Locale.ROOT),
                                r.notes()));
            }
        }
        csv.flush();
    }

    private static Optional<ComponentWire> component(MixShelf shelf, String key) {
        return shelf.components().stream().filter(c -> c.key().equals(key)).findFirst();
    }

    // --- in ---

    /**
     * A file to bring in.
     *
     * @param instead for components that this garden does not know, by what the file calls them, the key of the one meant
     * @param apply whether to bring it in, or only to say what would be done
     */
    record Bringing(String clientKey, String text, Map<String, String> instead, boolean apply) {}

    /** What becomes of a recipe of the file. */
    enum Fate {
        ADDED,
        CHANGED,
        SAME,
        UNCLEAR
    }

    /** A component that this garden does not know, with those that are called most like it. */
    record Unknown(String said, List<String> offers) {}

    /** A recipe of the file. */
    record ReadRecipe(String name, Fate fate, List<Unknown> unknown, List<FaultWire> faults) {}

    /** A component of the file, new to the garden or here already and left as it is. */
    record ReadComponent(String name, boolean added) {}

    /** The whole file, and the act to take it back by where something was brought in. */
    record RecipesRead(
            List<ReadRecipe> recipes,
            List<ReadComponent> components,
            @Nullable UUID act) {}

    /** Says what a file would bring, or brings what of it is clear; what is not clear is left, with its reasons. */
    @Transactional
    RecipesRead bring(GardenId garden, Bringing bringing) {
        MixShelf here = mixes.shelf(garden);
        String text = SheetText.unmarked(bringing.text());
        List<ComponentWire> fresh = new ArrayList<>();
        List<ReadComponent> readComponents = new ArrayList<>();
        List<FileRecipe> recipes;
        if (text.stripLeading().startsWith("{")) {
            JsonNode file = FORMAT.check(json, text);
            for (JsonNode node : file.path("components")) {
                boolean known = component(here, node.path("id").asString()).isPresent();
                readComponents.add(new ReadComponent(node.path("name").asString(), !known));
                if (!known) {
                    fresh.add(toNew(node));
                }
            }
            recipes = new ArrayList<>();
            file.path("recipes").forEach(node -> recipes.add(json.treeToValue(node, FileRecipe.class)));
        } else {
            recipes = sheet(text, here);
        }
        MixShelf shelf = new MixShelf(
                Stream.concat(here.components().stream(), fresh.stream()).toList(), here.recipes(), List.of());
        List<ReadRecipe> read = new ArrayList<>();
        List<RecipeWire> clear = new ArrayList<>();
        for (FileRecipe r : recipes) {
            read.add(read(r, shelf, bringing.instead(), clear));
        }
        UUID act = bringing.apply() && !(clear.isEmpty() && fresh.isEmpty())
                ? mixes.saveAll(garden, bringing.clientKey(), fresh, clear).actId()
                : null;
        return new RecipesRead(read, readComponents, act);
    }

    private ReadRecipe read(FileRecipe r, MixShelf shelf, Map<String, String> instead, List<RecipeWire> clear) {
        List<Unknown> unknown = new ArrayList<>();
        List<RecipeWire.PartWire> parts = new ArrayList<>();
        for (RecipeWire.PartWire part : r.parts()) {
            Optional<String> key = known(shelf, instead.getOrDefault(part.component(), part.component()));
            if (key.isEmpty()) {
                unknown.add(new Unknown(part.component(), offers(shelf, part.component())));
            }
            parts.add(new RecipeWire.PartWire(key.orElse(part.component()), part.amount(), part.counted()));
        }
        if (!unknown.isEmpty()) {
            return new ReadRecipe(r.name(), Fate.UNCLEAR, unknown, List.of());
        }
        Optional<RecipeWire> before = shelf.recipe(r.key());
        try {
            RecipeWire wire =
                    r.toInput(parts, before.map(RecipeWire::version).orElse(0)).read(shelf);
            if (before.isPresent() && toFile(before.get()).equals(toFile(wire))) {
                return new ReadRecipe(r.name(), Fate.SAME, List.of(), List.of());
            }
            clear.add(wire);
            return new ReadRecipe(r.name(), before.isPresent() ? Fate.CHANGED : Fate.ADDED, List.of(), List.of());
        } catch (FaultException e) {
            return new ReadRecipe(
                    r.name(),
                    Fate.UNCLEAR,
                    List.of(),
                    e.faults().stream().map(f -> FaultWire.of(f, words)).toList());
        }
    }

    /** The key of a component by its key or its name. */
    private Optional<String> known(MixShelf shelf, String said) {
        return component(shelf, said)
                .or(() -> shelf.components().stream()
                        .filter(c -> !c.retired() && names.of(c).equalsIgnoreCase(said.strip()))
                        .findFirst())
                .map(ComponentWire::key);
    }

    private List<String> offers(MixShelf shelf, String said) {
        JaroWinklerSimilarity like = new JaroWinklerSimilarity();
        String lower = said.toLowerCase(Locale.ROOT).replace('_', ' ');
        return shelf.components().stream()
                .filter(c -> !c.retired())
                .sorted(Comparator.comparingDouble(
                        c -> -like.apply(lower, names.of(c).toLowerCase(Locale.ROOT))))
                .limit(MOST_OFFERS)
                .map(ComponentWire::key)
                .toList();
    }

    /** Recipes of a sheet: lines of one name are one recipe; a recipe here of that name is the one that is meant. */
    private List<FileRecipe> sheet(String text, MixShelf shelf) {
        Map<String, FileRecipe> recipes = new LinkedHashMap<>();
        SheetText sheet = SheetText.of(text);
        try (CSVParser csv = CSVParser.parse(new StringReader(sheet.text()), sheet.named())) {
            for (String column : List.of("recipe", "component", "amount")) {
                if (!csv.getHeaderMap().containsKey(column)) {
                    throw FileFormat.invalid("no column “" + column + "” in its first line");
                }
            }
            for (CSVRecord line : csv) {
                RecipeWire.PartWire part =
                        new RecipeWire.PartWire(cell(line, "component"), cell(line, "amount"), counted(line));
                recipes.merge(
                        cell(line, "recipe"),
                        first(line, part, shelf),
                        (a, b) -> new FileRecipe(
                                a.id,
                                a.shipped,
                                a.name,
                                a.measure,
                                Stream.concat(a.parts.stream(), Stream.of(part)).toList(),
                                a.amendments,
                                a.yield,
                                a.soaked,
                                a.target,
                                a.lime,
                                a.fineness,
                                a.neutralising,
                                a.notes));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException | IllegalArgumentException e) {
            throw FileFormat.invalid(String.valueOf(e.getMessage()));
        }
        return List.copyOf(recipes.values());
    }

    private FileRecipe first(CSVRecord line, RecipeWire.PartWire part, MixShelf shelf) {
        String name = cell(line, "recipe");
        Optional<RecipeWire> meant = shelf.recipes().stream()
                .filter(r -> !r.retired() && names.of(r).equalsIgnoreCase(name))
                .findFirst();
        return new FileRecipe(
                meant.map(RecipeWire::id)
                        .orElseGet(() -> UUID.nameUUIDFromBytes(
                                name.toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8))),
                meant.map(RecipeWire::shipped).orElse(null),
                name,
                choice(RecipeWire.Measure.values(), cell(line, "measure"), RecipeWire.Measure.parts),
                List.of(part),
                meant.map(r -> r.amendments().isEmpty() ? null : r.amendments()).orElse(null),
                typed(cell(line, "yield_percent"), "%"),
                meant.map(RecipeWire::soaked).orElse(null),
                typed(cell(line, "target_ph"), "pH"),
                choice(Liming.Material.values(), cell(line, "lime"), Liming.Material.DOLOMITE),
                choice(Liming.Fineness.values(), cell(line, "fineness"), Liming.Fineness.POWDER),
                meant.map(r -> typed(r, "neutralising", r.neutralising(), "%")).orElse(null),
                cell(line, "notes").isEmpty() ? null : cell(line, "notes"));
    }

    private static RecipeWire.@Nullable Counted counted(CSVRecord line) {
        String by = cell(line, "counted_in");
        if (by.isEmpty()) {
            return null;
        }
        Faults faults = new Faults();
        double litres = new Typed(cell(line, "litres_each"), "L").read("vessel.litres", faults, Dimension.VOLUME);
        faults.throwIfAny();
        return new RecipeWire.Counted(choice(RecipeWire.Measure.values(), by, RecipeWire.Measure.litres), litres);
    }

    private static @Nullable Typed typed(String text, String unit) {
        return text.isEmpty() ? null : new Typed(text, unit);
    }

    private static <E extends Enum<E>> E choice(E[] choices, String text, E usual) {
        for (E choice : choices) {
            if (choice.name().equalsIgnoreCase(text)) {
                return choice;
            }
        }
        if (!text.isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "file", text));
        }
        return usual;
    }

    private static String cell(CSVRecord line, String column) {
        String text = line.isMapped(column) && line.isSet(column) ? line.get(column) : "";
        return text.startsWith("'") ? text.substring(1) : text;
    }
}
