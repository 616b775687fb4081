package evencistern.server.typed;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was typed into the number fields of one form, by field: the texts beside the values, in one column {@code typed} of
 * their row.
 */
public final class TypedFields {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final ObjectReader READER = JSON.readerFor(new TypeReference<TreeMap<String, Typed>>() {});
    private static final ObjectWriter WRITER = JSON.writer();

    private TypedFields() {}

    /** As the column keeps it. */
    public static String stored(@Nullable Map<String, Typed> fields) {
        return WRITER.writeValueAsString(fields == null ? Map.of() : filled(fields));
    }

    /** What the column {@code typed} of a row keeps; empty for a thing that nobody typed. */
    public static Map<String, Typed> kept(ResultSet row) throws SQLException {
        return read(row.getString("typed"));
    }

    static Map<String, Typed> read(@Nullable String stored) {
        return stored == null || stored.equals("{}") ? new TreeMap<>() : READER.readValue(stored);
    }

    /** The fields that were filled in, in the order of their names. */
    public static Map<String, Typed> filled(Map<String, Typed> fields) {
        Map<String, Typed> filled = new TreeMap<>();
        fields.forEach((field, typed) -> {
            if (!typed.text().isBlank()) {
                filled.put(field, new Typed(typed.text().strip(), typed.unit()));
            }
        });
        return filled;
    }

    /** One field. */
    public static Map<String, Typed> of(String field, @Nullable Typed typed) {
        Map<String, Typed> fields = new LinkedHashMap<>();
        return and(fields, field, typed);
    }

    /** These fields with one more, if it was told. */
    public static Map<String, Typed> and(Map<String, Typed> fields, String field, @Nullable Typed typed) {
        if (typed != null) {
            fields.put(field, typed);
        }
        return fields;
    }
}
