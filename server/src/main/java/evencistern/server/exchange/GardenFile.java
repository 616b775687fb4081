package evencistern.server.exchange;

import com.networknt.schema.Schema;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.garden.OldPlaces;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.Lots;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything of a garden as one file, out and in. What is worked out is not in the file: it is worked out anew, so that
 * the same garden always makes the same bytes.
 */
@Service
@RetriedOnLocks
public class GardenFile {
    private static final Logger LOG = LoggerFactory.getLogger(GardenFile.class);

    /** A table that came after hours of lamps were no longer kept as days. */
    private static final String SINCE_LAMPS_ARE_RIGHT = "journal_lifting";

    private static final int ROWS_AT_A_TIME = 1000;

    static final FileFormat FORMAT = new FileFormat("even-cistern-garden", 2, "garden-file.schema.json");

    private final GardenFileStore store;
    private final Gardens gardens;
    private final OldPlaces oldPlaces;
    private final Lots lots;
    private final JsonMapper json;

    GardenFile(GardenFileStore store, Gardens gardens, OldPlaces oldPlaces, Lots lots, JsonMapper json) {
        this.store = store;
        this.gardens = gardens;
        this.oldPlaces = oldPlaces;
        this.lots = lots;
        this.json = json;
    }

    /** The JSON schema of the file, as shipped. */
    public static String schema() {
        return FORMAT.schema();
    }

    /** Writes the garden, one row to a line. */
    @Transactional(readOnly = true)
    public void write(GardenId garden, Writer out) {
        gardens.require(garden);
        try {
            out.write("{\n" + FORMAT.head() + ",\n\"garden\": " + store.findGarden(garden));
            for (GardenFileStore.Table table : GardenFileStore.TABLES) {
                out.write(",\n\"" + table.name() + "\": [");
                String[] between = {"\n"};
                store.eachRow(garden, table, row -> {
                    try {
                        out.write(between[0] + row);
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                    between[0] = ",\n";
                });
                out.write("]");
            }
            out.write("\n}\n");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Brings a garden back under the id it had; refused, with nothing changed, if it is here or the file is not whole. A
     * file may be larger than the memory: some rows at a time are looked at and put back.
     *
     * @param text parts and tables in the order in which they are written out
     */
    @Transactional
    public UUID read(Path text) {
        try (JsonParser in = json.createParser(text)) {
            return read(in);
        } catch (JacksonException e) {
            throw FileFormat.invalid(String.valueOf(e.getOriginalMessage()));
        } catch (DataIntegrityViolationException e) {
            String reason = String.valueOf(e.getMostSpecificCause().getMessage());
            throw FileFormat.invalid(reason.lines().findFirst().orElse(""));
        }
    }

    private UUID read(JsonParser in) {
        if (in.nextToken() != JsonToken.START_OBJECT) {
            throw FileFormat.invalid("/");
        }
        JsonNode name = next(in, "format");
        JsonNode version = next(in, "version");
        boolean first = version.asInt(0) == FirstGardenFile.FORMAT.version();
        FileFormat format = first ? FirstGardenFile.FORMAT : FORMAT;
        format.checkHead(name, version);
        JsonNode row = next(in, "garden");
        FileFormat.check(format.part(json, "garden"), row);
        if (first) {
            FirstGardenFile.upgrade("garden", (ObjectNode) row);
        }
        GardenId garden = new GardenId(UUID.fromString(row.path("id").stringValue()));
        if (store.exists(garden)) {
            throw new FaultException(
                    Fault.of(FaultCode.ALREADY_HERE, "garden", row.path("name").stringValue()));
        }
        store.insertGarden(garden, row.toString());
        Set<String> seen = readTables(garden, format, in);
        if (first && !seen.contains(SINCE_LAMPS_ARE_RIGHT)) {
            store.repairLampHours(garden);
        }
        if (first) {
            oldPlaces.mark(garden);
        }
        store.numberOn(garden);
        readBack(garden);
        store.takeStock(garden);
        return garden.value();
    }

    /** What cannot be read, or planned for, would stop whoever looks at it, so that it is not brought in. */
    private void readBack(GardenId garden) {
        store.findUntold(garden).ifPresent(row -> {
            throw FileFormat.invalid("/journal/" + row);
        });
        try {
            lots.context(garden);
            lots.rebuildAll(garden, store.listLots(garden));
        } catch (FaultException | DataAccessException e) {
            throw e;
        } catch (RuntimeException e) {
            LOG.debug("a garden file that cannot be read back", e);
            throw FileFormat.invalid(String.valueOf(e.getMessage()));
        }
    }

    private static JsonNode next(JsonParser in, String name) {
        if (!name.equals(in.nextName())) {
            throw FileFormat.invalid("/" + name);
        }
        in.nextToken();
        return in.readValueAsTree();
    }

    /** Puts back what the tables hold; those that a file has to have may not be missing. */
    private Set<String> readTables(GardenId garden, FileFormat format, JsonParser in) {
        List<String> order =
                GardenFileStore.TABLES.stream().map(GardenFileStore.Table::name).toList();
        Set<String> seen = new LinkedHashSet<>();
        int last = -1;
        for (String name = in.nextName(); name != null; name = in.nextName()) {
            int at = order.indexOf(name);
            if (at <= last || in.nextToken() != JsonToken.START_ARRAY) {
                throw FileFormat.invalid("/" + name);
            }
            last = at;
            seen.add(name);
            readRows(garden, format, name, in);
        }
        if (in.currentToken() != JsonToken.END_OBJECT || in.nextToken() != null) {
            throw FileFormat.invalid("/");
        }
        for (JsonNode needed : json.readTree(format.schema()).path("required")) {
            if (order.contains(needed.stringValue()) && !seen.contains(needed.stringValue())) {
                throw FileFormat.invalid("/" + needed.stringValue());
            }
        }
        return seen;
    }

    private void readRows(GardenId garden, FileFormat format, String table, JsonParser in) {
        Schema schema = format.part(json, table);
        Rows rows = new Rows();
        boolean more = in.nextToken() != JsonToken.END_ARRAY;
        while (more) {
            JsonNode row = in.readValueAsTree();
            FileFormat.check(schema, row);
            if (format.version() == FirstGardenFile.FORMAT.version()) {
                FirstGardenFile.upgrade(table, (ObjectNode) row)
                        .forEach((child, of) -> of.forEach(r -> rows.add(child, r)));
            }
            OneFeedLots.upgrade(table, (ObjectNode) row).forEach((child, of) -> of.forEach(r -> rows.add(child, r)));
            rows.add(table, row);
            more = in.nextToken() != JsonToken.END_ARRAY;
            if (!more || rows.count >= ROWS_AT_A_TIME) {
                rows.save(garden, table);
            }
        }
    }

    /** Rows to be put back together: those of a table, and what other tables have of them. */
    private final class Rows {
        private final Map<String, ArrayNode> byTable = new LinkedHashMap<>();
        private final Map<String, Set<String>> columns = new LinkedHashMap<>();
        private int count;

        void add(String table, JsonNode row) {
            byTable.computeIfAbsent(table, t -> json.createArrayNode()).add(row);
            columns.computeIfAbsent(table, t -> new LinkedHashSet<>()).addAll(row.propertyNames());
            count++;
        }

        /** Those of the table first, since the others name them. */
        void save(GardenId garden, String table) {
            save(garden, table, byTable.remove(table));
            byTable.forEach((other, rows) -> save(garden, other, rows));
            byTable.clear();
            columns.clear();
            count = 0;
        }

        private void save(GardenId garden, String table, @Nullable ArrayNode rows) {
            if (rows != null) {
                store.insertRows(garden, table, List.copyOf(columns.getOrDefault(table, Set.of())), rows.toString());
            }
        }
    }
}
