package evencistern.server.exchange;

import com.networknt.schema.Schema;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.Gardens;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.Lots;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
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

    static final FileFormat FORMAT = new FileFormat("even-cistern-garden", 1, "garden-file.schema.json");

    private final GardenFileStore store;
    private final Gardens gardens;
    private final Feeds feeds;
    private final Lots lots;
    private final JsonMapper json;

    GardenFile(GardenFileStore store, Gardens gardens, Feeds feeds, Lots lots, JsonMapper json) {
        this.store = store;
        this.gardens = gardens;
        this.feeds = feeds;
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
        FORMAT.checkHead(next(in, "format"), next(in, "version"));
        JsonNode row = next(in, "garden");
        FileFormat.check(FORMAT.part(json, "garden"), row);
        GardenId garden = new GardenId(UUID.fromString(row.path("id").stringValue()));
        if (store.exists(garden)) {
            throw new FaultException(
                    Fault.of(FaultCode.ALREADY_HERE, "garden", row.path("name").stringValue()));
        }
        store.insertGarden(garden, row.toString());
        Set<String> seen = readTables(garden, in);
        if (!seen.contains(SINCE_LAMPS_ARE_RIGHT)) {
            store.repairLampHours(garden);
        }
        store.numberOn(garden);
        readBack(garden);
        store.takeStock(garden);
        return garden.value();
    }

    /** What cannot be read, or planned for, would stop whoever looks at it, so that it is not brought in. */
    private void readBack(GardenId garden) {
        try {
            gardens.require(garden);
            feeds.list(garden);
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
    private Set<String> readTables(GardenId garden, JsonParser in) {
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
            readRows(garden, name, in);
        }
        if (in.currentToken() != JsonToken.END_OBJECT || in.nextToken() != null) {
            throw FileFormat.invalid("/");
        }
        for (JsonNode needed : json.readTree(schema()).path("required")) {
            if (order.contains(needed.stringValue()) && !seen.contains(needed.stringValue())) {
                throw FileFormat.invalid("/" + needed.stringValue());
            }
        }
        return seen;
    }

    private void readRows(GardenId garden, String table, JsonParser in) {
        Schema schema = FORMAT.part(json, table);
        ArrayNode rows = json.createArrayNode();
        Set<String> columns = new LinkedHashSet<>();
        boolean more = in.nextToken() != JsonToken.END_ARRAY;
        while (more) {
            JsonNode row = in.readValueAsTree();
            FileFormat.check(schema, row);
            columns.addAll(row.propertyNames());
            rows.add(row);
            more = in.nextToken() != JsonToken.END_ARRAY;
            if (!more || rows.size() == ROWS_AT_A_TIME) {
                store.insertRows(garden, table, List.copyOf(columns), rows.toString());
                rows.removeAll();
                columns.clear();
            }
        }
    }
}
