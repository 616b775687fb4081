package evencistern.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads the tables that ship with the rules: comment lines start with #, the first other line names the columns, fields
 * hold no commas. Any line that does not fit fails the load, naming file and line.
 */
public final class DataFile {
    private DataFile() {}

    /** One line of a table. */
    public static final class Row {
        private final String where;
        private final Map<String, String> cells;

        private Row(String where, Map<String, String> cells) {
            this.where = where;
            this.cells = cells;
        }

        public String text(String column) {
            String cell = cells.get(column);
            if (cell == null) {
                throw new IllegalStateException(where + ": no column " + column);
            }
            return cell;
        }

        /** The names of the columns, left to right. */
        public List<String> columns() {
            return List.copyOf(cells.keySet());
        }

        /** One of a few words; any other fails the load. */
        public String choice(String column, String... words) {
            if (!List.of(words).contains(text(column))) {
                throw new IllegalStateException(
                        where + ": " + column + " is none of " + String.join(", ", words) + ": " + text(column));
            }
            return text(column);
        }

        public double number(String column) {
            try {
                return Double.parseDouble(text(column));
            } catch (NumberFormatException e) {
                throw new IllegalStateException(where + ": " + column + " is not a number: " + text(column), e);
            }
        }
    }

    /** All rows of a table that lies beside {@code beside}. */
    public static List<Row> read(Class<?> beside, String name) {
        List<Row> rows = new ArrayList<>();
        String[] header = null;
        int lineNumber = 0;
        for (String line : lines(beside, name)) {
            lineNumber++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            String[] cells = line.split(",", -1);
            String where = name + " line " + lineNumber;
            if (header == null) {
                header = cells;
                continue;
            }
            if (cells.length != header.length) {
                throw new IllegalStateException(
                        where + ": " + cells.length + " cells where the header has " + header.length);
            }
            Map<String, String> row = new LinkedHashMap<>();
            for (int i = 0; i < header.length; i++) {
                row.put(header[i].strip(), cells[i].strip());
            }
            rows.add(new Row(where, row));
        }
        return rows;
    }

    /** The lines of a text file that lies beside {@code beside}, as they are. */
    public static List<String> lines(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("no data file " + name + " beside " + beside.getName());
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
