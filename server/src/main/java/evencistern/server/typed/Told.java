package evencistern.server.typed;

import java.sql.Array;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Short texts by a key, as they are kept: {@code key=text}, in the order of the keys. */
public final class Told {
    private Told() {}

    public static String[] stored(@Nullable Map<String, String> texts) {
        return texts == null
                ? new String[0]
                : new TreeMap<>(texts)
                        .entrySet().stream()
                                .map(t -> t.getKey() + "=" + t.getValue())
                                .toArray(String[]::new);
    }

    public static Map<String, String> kept(Array stored) throws SQLException {
        Map<String, String> texts = new TreeMap<>();
        for (String one : (String[]) stored.getArray()) {
            int equals = one.indexOf('=');
            texts.put(one.substring(0, equals), one.substring(equals + 1));
        }
        return texts;
    }
}
