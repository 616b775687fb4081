package evencistern.server.exchange;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.Lots;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Everything of a garden as one file, out and in. What is worked out is not in the file: it is worked out anew, so that
 * the same garden always makes the same bytes.
 */
@Service
@RetriedOnLocks
public class GardenFile {
    /** A table that came after hours of lamps were no longer kept as days. */
    private static final String SINCE_LAMPS_ARE_RIGHT = "journal_lifting";

    static final FileFormat FORMAT = new FileFormat("even-cistern-garden", 1, "garden-file.schema.json");

    private final GardenFileStore store;
    private final Gardens gardens;
    private final Lots lots;
    private final JsonMapper json;

    GardenFile(GardenFileStore store, Gardens gardens, Lots lots, JsonMapper json) {
        this.store = store;
        this.gardens = gardens;
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

    /** Brings a garden back under the id it had; refused, with nothing changed, if it is here or the file is not whole. */
    @Transactional
    public UUID read(String text) {
        JsonNode file = FORMAT.check(json, text);
        GardenId garden = new GardenId(UUID.fromString(file.at("/garden/id").stringValue()));
        if (store.exists(garden)) {
            throw new FaultException(Fault.of(
                    FaultCode.ALREADY_HERE, "garden", file.at("/garden/name").stringValue()));
        }
        try {
            store.insertGarden(garden, file.at("/garden").toString());
            for (GardenFileStore.Table table : GardenFileStore.TABLES) {
                JsonNode rows = file.at("/" + table.name());
                if (!rows.isEmpty()) {
                    List<String> columns = List.copyOf(rows.get(0).propertyNames());
                    store.insertRows(garden, table.name(), columns, rows.toString());
                }
            }
            if (!file.has(SINCE_LAMPS_ARE_RIGHT)) {
                store.repairLampHours(garden);
            }
        } catch (DataIntegrityViolationException e) {
            String reason = String.valueOf(e.getMostSpecificCause().getMessage());
            throw FileFormat.invalid(reason.lines().findFirst().orElse(""));
        }
        lots.rebuildAll(garden, store.listLots(garden));
        store.takeStock(garden);
        return garden.value();
    }
}
