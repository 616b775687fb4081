package evencistern.server.typed;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** Short texts by a key: rows of a table of their own where they are facts, and one object where they are worked out. */
public final class Told {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final ObjectReader READER = JSON.readerFor(new TypeReference<TreeMap<String, String>>() {});

    private Told() {}

    /** The rows, a key and its text each, in the order of the keys. */
    public static List<List<Object>> rows(@Nullable Map<String, String> texts) {
        return texts == null
                ? List.of()
                : new TreeMap<>(texts)
                        .entrySet().stream()
                                .map(t -> List.<Object>of(t.getKey(), t.getValue()))
                                .toList();
    }

    /** As one object. */
    public static String stored(Map<String, String> texts) {
        return JSON.writeValueAsString(new TreeMap<>(texts));
    }

    /** What the database makes of the rows of one thing in their order: a list of values each, or nothing. */
    public static List<JsonNode> listed(@Nullable String rows) {
        return rows == null ? List.of() : JSON.readTree(rows).valueStream().toList();
    }

    /** What the database makes of the rows of one thing: an object of key and text, or nothing where there are none. */
    public static Map<String, String> kept(@Nullable String object) {
        return object == null ? new TreeMap<>() : READER.readValue(object);
    }
}
