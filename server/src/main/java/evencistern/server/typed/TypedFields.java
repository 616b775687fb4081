package evencistern.server.typed;

import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What was typed into the number fields of one form, by field, as it is kept beside the values themselves. */
public final class TypedFields {
    private TypedFields() {}

    /** As kept: {@code field=text|unit} for each field that was not left blank, in the order of the fields' names. */
    public static String[] stored(@Nullable Map<String, Typed> fields) {
        return fields == null
                ? new String[0]
                : new TreeMap<>(fields)
                        .entrySet().stream()
                                .filter(f -> !f.getValue().text().isBlank())
                                .map(f -> f.getKey() + "=" + f.getValue().stored())
                                .toArray(String[]::new);
    }

    /** What was kept; empty for a thing that nobody typed. */
    public static Map<String, Typed> kept(String[] stored) {
        Map<String, Typed> fields = new TreeMap<>();
        Arrays.stream(stored).forEach(s -> {
            int equals = s.indexOf('=');
            fields.put(s.substring(0, equals), Typed.kept(s.substring(equals + 1), 0, ""));
        });
        return fields;
    }

    /** The fields that were filled in. */
    public static Map<String, Typed> filled(Map<String, Typed> fields) {
        return kept(stored(fields));
    }
}
