package evencistern.server.batch;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.TypedFields;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of batches. */
@Repository
class BatchStore {
    private final OwnedTable<BatchWire> batches;
    private final JdbcClient db;

    BatchStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.batches = OwnedTable.named("batch", BatchWire.class, BatchStore::row)
                .fixed("number", BatchWire::number)
                .fixed("recipe", BatchWire::recipe)
                .fixed("recipe_name", BatchWire::recipeName)
                .fixed("recipe_version", BatchWire::recipeVersion)
                .column("made_on", BatchWire::madeOn)
                .fixed("litres", BatchWire::litres)
                .fixed("components", b -> OwnedTable.array(b.put(), BatchWire.PutWire::component, String[]::new))
                .fixed("component_names", b -> OwnedTable.array(b.put(), BatchWire.PutWire::name, String[]::new))
                .fixed("litres_put", b -> OwnedTable.array(b.put(), BatchWire.PutWire::litres, Double[]::new))
                .fixed("litres_taken", BatchStore::taken)
                .fixed("pot_names", b -> OwnedTable.array(b.pots(), BatchWire.PotsWire::name, String[]::new))
                .fixed("pot_counts", b -> OwnedTable.array(b.pots(), BatchWire.PotsWire::count, Integer[]::new))
                .fixed("stirred_in", BatchWire::stirredIn)
                .fixed("stirred_grams", BatchWire::stirredGrams)
                .fixed("added_names", b -> OwnedTable.array(b.added(), BatchWire.StirredWire::name, String[]::new))
                .fixed("added_grams", b -> OwnedTable.array(b.added(), BatchWire.StirredWire::grams, Double[]::new))
                .column("first_ph", BatchWire::firstPh)
                .column("notes", BatchWire::notes)
                .typed(b -> TypedFields.of("firstPh", b.firstPhTyped()))
                .in(db, batch);
    }

    OwnedTable<BatchWire> batches() {
        return batches;
    }

    private static Double @Nullable [] taken(BatchWire b) {
        return b.put().stream().allMatch(p -> p.taken() == null)
                ? null
                : b.put().stream()
                        .map(p -> p.taken() == null ? p.litres() : p.taken())
                        .toArray(Double[]::new);
    }

    private static BatchWire row(ResultSet r, int n) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        String[] names = (String[]) r.getArray("component_names").getArray();
        Double[] put = (Double[]) r.getArray("litres_put").getArray();
        Array sieved = r.getArray("litres_taken");
        Double[] taken = sieved == null ? new Double[0] : (Double[]) sieved.getArray();
        List<BatchWire.PutWire> parts = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            parts.add(new BatchWire.PutWire(components[i], names[i], put[i], i < taken.length ? taken[i] : null));
        }
        String[] potNames = (String[]) r.getArray("pot_names").getArray();
        Integer[] counts = (Integer[]) r.getArray("pot_counts").getArray();
        List<BatchWire.PotsWire> pots = new ArrayList<>();
        for (int i = 0; i < potNames.length; i++) {
            pots.add(new BatchWire.PotsWire(potNames[i], counts[i]));
        }
        String[] addedNames = (String[]) r.getArray("added_names").getArray();
        Double[] grams = (Double[]) r.getArray("added_grams").getArray();
        List<BatchWire.StirredWire> added = new ArrayList<>();
        for (int i = 0; i < addedNames.length; i++) {
            added.add(new BatchWire.StirredWire(addedNames[i], grams[i]));
        }
        return new BatchWire(
                r.getObject("id", UUID.class),
                r.getInt("number"),
                r.getString("recipe"),
                r.getString("recipe_name"),
                r.getInt("recipe_version"),
                r.getObject("made_on", LocalDate.class),
                r.getDouble("litres"),
                parts,
                pots,
                r.getString("stirred_in"),
                r.getObject("stirred_grams", Double.class),
                added,
                r.getObject("first_ph", Double.class),
                TypedFields.kept(r).get("firstPh"),
                r.getString("notes"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<BatchWire> listBatches(GardenId garden) {
        return batches.list(garden, "and not retired order by made_on desc, number desc limit 500");
    }

    /** The number after the last one given; those of batches taken back are not given again. */
    int findNextNumber(GardenId garden) {
        // two people making a batch at once are numbered one after the other
        db.sql("select 1 as locked from garden where id = ? for update")
                .param(garden.value())
                .query(Integer.class)
                .single();
        return db.sql("select coalesce(max(number), 0) + 1 as next from batch where garden_id = ?")
                .param(garden.value())
                .query(Integer.class)
                .single();
    }
}
