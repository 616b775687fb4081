package evencistern.server.typed;

import java.sql.Array;
import java.sql.SQLException;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Numbers by a key of the core, as they are kept: {@code key=number}, in the order of the keys. */
public final class Keyed {
    private Keyed() {}

    public static <E extends Enum<E>> String[] stored(@Nullable Map<E, Double> numbers) {
        return numbers == null
                ? new String[0]
                : new TreeMap<>(numbers)
                        .entrySet().stream()
                                .map(n -> n.getKey().name().toLowerCase(Locale.ROOT) + "=" + n.getValue())
                                .toArray(String[]::new);
    }

    public static <E extends Enum<E>> Map<E, Double> numbers(Class<E> keys, Array stored) throws SQLException {
        Map<E, Double> numbers = new EnumMap<>(keys);
        for (String one : (String[]) stored.getArray()) {
            int equals = one.indexOf('=');
            numbers.put(
                    Enum.valueOf(keys, one.substring(0, equals).toUpperCase(Locale.ROOT)),
                    Double.valueOf(one.substring(equals + 1)));
        }
        return numbers;
    }
}
