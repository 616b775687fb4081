package evencistern.table;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** The limits of a room, a line of its {@code limits.csv} each, with the source beside it. */
public final class Limits {
    private final Map<String, DataFile.Row> rows = new HashMap<>();

    /** Those of the table that lies beside a class. */
    public Limits(Class<?> beside) {
        for (DataFile.Row row : DataFile.read(beside, "limits.csv")) {
            rows.put(row.text("limit"), row);
        }
    }

    /** A column of the line that has a constant's name; a limit without a line fails. */
    public double of(Enum<?> limit, String column) {
        DataFile.Row row = rows.get(limit.name().toLowerCase(Locale.ROOT));
        if (row == null) {
            throw new IllegalStateException("limits.csv has no row for " + limit.name());
        }
        return row.number(column);
    }
}
