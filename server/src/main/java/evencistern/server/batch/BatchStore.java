package evencistern.server.batch;

import evencistern.server.GardenId;
import evencistern.server.typed.Typed;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of batches. */
@Repository
class BatchStore {
    private static final String BATCHES = """
            select id, number, recipe, recipe_name, recipe_version, made_on, litres, components, component_names,
                   litres_put, pot_names, pot_counts, stirred_in, stirred_grams, added_names,
                   added_grams, first_ph, first_ph_typed, notes,
                   version, retired
            from batch where garden_id = ?
            """;

    private final JdbcClient db;

    BatchStore(JdbcClient db) {
        this.db = db;
    }

    private static BatchWire row(ResultSet r, int n) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        String[] names = (String[]) r.getArray("component_names").getArray();
        Double[] put = (Double[]) r.getArray("litres_put").getArray();
        List<BatchWire.PutWire> parts = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            parts.add(new BatchWire.PutWire(components[i], names[i], put[i]));
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
        String ph = r.getString("first_ph_typed");
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
                ph == null ? null : Typed.kept(ph, 0, ""),
                r.getString("notes"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<BatchWire> listBatches(GardenId garden) {
        return db.sql(BATCHES + " and not retired order by made_on desc, number desc limit 500")
                .param(garden.value())
                .query(BatchStore::row)
                .list();
    }

    Optional<BatchWire> findBatch(GardenId garden, UUID id) {
        return db.sql(BATCHES + " and id = ?")
                .params(garden.value(), id)
                .query(BatchStore::row)
                .optional();
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

    void insertBatch(GardenId garden, BatchWire b) {
        db.sql("""
                        insert into batch (number, recipe, recipe_name, recipe_version, made_on, litres, components,
                                           component_names, litres_put, pot_names, pot_counts, stirred_in,
                                           stirred_grams, added_names, added_grams, first_ph, first_ph_typed, notes,
                                           retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(Arrays.asList(
                        b.number(),
                        b.recipe(),
                        b.recipeName(),
                        b.recipeVersion(),
                        b.madeOn(),
                        b.litres(),
                        b.put().stream().map(BatchWire.PutWire::component).toArray(String[]::new),
                        b.put().stream().map(BatchWire.PutWire::name).toArray(String[]::new),
                        b.put().stream().map(BatchWire.PutWire::litres).toArray(Double[]::new),
                        b.pots().stream().map(BatchWire.PotsWire::name).toArray(String[]::new),
                        b.pots().stream().map(BatchWire.PotsWire::count).toArray(Integer[]::new),
                        b.stirredIn(),
                        b.stirredGrams(),
                        b.added().stream().map(BatchWire.StirredWire::name).toArray(String[]::new),
                        b.added().stream().map(BatchWire.StirredWire::grams).toArray(Double[]::new),
                        b.firstPh(),
                        Typed.storedOrNull(b.firstPhTyped()),
                        b.notes(),
                        b.retired(),
                        garden.value(),
                        b.id()))
                .update();
    }

    /** Whether the version was still the one the person had seen. What went in is not changed after it. */
    boolean updateBatch(GardenId garden, BatchWire b) {
        return db.sql("""
                                update batch set made_on = ?, first_ph = ?, first_ph_typed = ?, notes = ?, retired = ?,
                                                 version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(Arrays.asList(
                                b.madeOn(),
                                b.firstPh(),
                                Typed.storedOrNull(b.firstPhTyped()),
                                b.notes(),
                                b.retired(),
                                garden.value(),
                                b.id(),
                                b.version()))
                        .update()
                == 1;
    }
}
