package evencistern.server.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Garden files of the first format, as the present one would have them. There what was typed stood as {@code 12|cm} in a
 * column of its own or as {@code top=12|cm} in a list, what is told of a plant as {@code shade=deep}, and how badly it harms
 * in one word for all who might eat it.
 */
final class FirstGardenFile {
    static final FileFormat FORMAT = new FileFormat("even-cistern-garden", 1, "garden-file-1.schema.json");

    private static final String TYPED = "typed";

    /** Columns of one typed text each, by table, and the field that each stands for. */
    private static final Map<String, Map<String, String>> TEXTS = Map.of(
            "garden", Map.of("latitude_typed", "latitude"),
            "vessel", Map.of("litres_typed", "litres"),
            "stock", Map.of("amount_typed", "amount", "pack_typed", "pack"),
            "batch", Map.of("first_ph_typed", "firstPh"),
            "lot",
                    Map.of(
                            "top_typed", "top",
                            "base_typed", "base",
                            "height_typed", "height",
                            "across_typed", "across",
                            "measured_typed", "measured",
                            "gap_typed", "gap",
                            "tall_typed", "tall",
                            "mix_c_typed", "mixWarmth"),
            "journal_reading",
                    Map.of("celsius_typed", "celsius", "before_ph_typed", "beforePh", "hours_typed", "hours"));

    private static final List<String> EATERS = List.of("people", "dogs", "cats");
    private static final Map<String, String> POISON = Map.of("harmless", "none_known", "toxic", "harmful");

    private FirstGardenFile() {}

    /** Turns a row into one of now, and answers the rows that other tables have of it since, by table. */
    static Map<String, List<ObjectNode>> upgrade(String table, ObjectNode row) {
        if (row.path(TYPED).isArray()) {
            ObjectNode typed = JsonNodeFactory.instance.objectNode();
            row.path(TYPED).forEach(entry -> put(typed, key(entry), text(entry)));
            row.set(TYPED, typed);
        }
        Map<String, String> texts = TEXTS.getOrDefault(table, Map.of());
        if (!texts.isEmpty()) {
            ObjectNode typed = JsonNodeFactory.instance.objectNode();
            texts.forEach((column, field) -> put(typed, field, take(row, column)));
            if (table.equals("journal_reading")) {
                put(typed, "ph", take(row, "ph_typed"), "pH");
                String unit = take(row, "ec_unit");
                put(typed, "ec", take(row, "ec_typed"), unit == null ? "mS/cm" : unit);
            }
            row.set(TYPED, typed);
        }
        Map<String, List<ObjectNode>> more = new LinkedHashMap<>();
        if (table.equals("species") || table.equals("lot")) {
            more.put(table + "_trait", traits(table, row));
        }
        String address = table.equals("calendar_state") ? take(row, "address") : null;
        if (address != null) {
            more.put(
                    "subscription",
                    List.of(JsonNodeFactory.instance.objectNode().put("address", address)));
        }
        if (table.equals("lot")) {
            more.put("lot_condition", told(row, "conditions", "condition", "since", table));
        }
        return more;
    }

    private static List<ObjectNode> traits(String table, ObjectNode row) {
        return told(row, "traits", "trait", "value", table).stream()
                .flatMap(t -> t.path("trait").asString().equals("toxicity")
                        ? EATERS.stream()
                                .map(eater -> t.deepCopy()
                                        .put("trait", "poison_" + eater)
                                        .put(
                                                "value",
                                                POISON.getOrDefault(
                                                        t.path("value").asString(), "unknown")))
                        : List.of(t).stream())
                .toList();
    }

    private static List<ObjectNode> told(ObjectNode row, String column, String key, String value, String table) {
        JsonNode entries = row.remove(column);
        return entries == null
                ? List.of()
                : entries.valueStream()
                        .map(e -> JsonNodeFactory.instance
                                .objectNode()
                                .put(table + "_id", row.path("id").asString())
                                .put(key, key(e))
                                .put(value, text(e)))
                        .toList();
    }

    private static String key(JsonNode entry) {
        return entry.asString().substring(0, entry.asString().indexOf('='));
    }

    private static String text(JsonNode entry) {
        return entry.asString().substring(entry.asString().indexOf('=') + 1);
    }

    private static @Nullable String take(ObjectNode row, String column) {
        JsonNode kept = row.remove(column);
        return kept == null || kept.isNull() ? null : kept.asString();
    }

    private static void put(ObjectNode typed, String field, @Nullable String kept) {
        int bar = kept == null ? -1 : kept.lastIndexOf('|');
        if (kept != null && bar >= 0) {
            put(typed, field, kept.substring(0, bar), kept.substring(bar + 1));
        }
    }

    private static void put(ObjectNode typed, String field, @Nullable String text, String unit) {
        if (text != null) {
            typed.putObject(field).put("text", text).put("unit", unit);
        }
    }
}
