package evencistern.server.batch;

import evencistern.reading.BatchCourse;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.TypedFields;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of batches. */
@Repository
class BatchStore {
    private static final int LOTS_OF_A_BATCH = 24;
    private static final int BATCHES_OF_A_RECIPE = 24;
    private static final int READINGS_OF_A_LOT = 400;
    private static final double SECONDS_PER_DAY = 86_400;

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
                .fixed("stirred_key", BatchWire::stirredKey)
                .fixed("stirred_grams", BatchWire::stirredGrams)
                .fixed("added_names", b -> OwnedTable.array(b.added(), BatchWire.StirredWire::name, String[]::new))
                .fixed("added_keys", BatchStore::keys)
                .fixed("added_grams", b -> OwnedTable.array(b.added(), BatchWire.StirredWire::grams, Double[]::new))
                .column("bags", BatchStore::bags)
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

    private static String @Nullable [] keys(BatchWire b) {
        return b.added().stream().allMatch(a -> a.key() == null)
                ? null
                : b.added().stream().map(BatchWire.StirredWire::key).toArray(String[]::new);
    }

    private static String @Nullable [] bags(BatchWire b) {
        return b.put().stream().allMatch(p -> p.bag() == null)
                ? null
                : b.put().stream().map(BatchWire.PutWire::bag).toArray(String[]::new);
    }

    private static BatchWire row(ResultSet r, int n) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        String[] names = (String[]) r.getArray("component_names").getArray();
        Double[] put = (Double[]) r.getArray("litres_put").getArray();
        Array sieved = r.getArray("litres_taken");
        Double[] taken = sieved == null ? new Double[components.length] : (Double[]) sieved.getArray();
        Array noted = r.getArray("bags");
        String[] bags = noted == null ? new String[components.length] : (String[]) noted.getArray();
        List<BatchWire.PutWire> parts = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            parts.add(new BatchWire.PutWire(components[i], names[i], put[i], taken[i], bags[i]));
        }
        String[] potNames = (String[]) r.getArray("pot_names").getArray();
        Integer[] counts = (Integer[]) r.getArray("pot_counts").getArray();
        List<BatchWire.PotsWire> pots = new ArrayList<>();
        for (int i = 0; i < potNames.length; i++) {
            pots.add(new BatchWire.PotsWire(potNames[i], counts[i]));
        }
        String[] addedNames = (String[]) r.getArray("added_names").getArray();
        Double[] grams = (Double[]) r.getArray("added_grams").getArray();
        Array known = r.getArray("added_keys");
        String[] keys = known == null ? new String[addedNames.length] : (String[]) known.getArray();
        List<BatchWire.StirredWire> added = new ArrayList<>();
        for (int i = 0; i < addedNames.length; i++) {
            added.add(new BatchWire.StirredWire(keys[i], addedNames[i], grams[i]));
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
                r.getString("stirred_key"),
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

    /** Readings of lots that stand in a batch since {@code potted} at the earliest, put together as they are compared. */
    record Read(String recipe, LocalDate potted, Method method, BatchCourse.Measure measure, BatchCourse.Cell cell) {}

    /**
     * The same of batches, of the time the lots have stood in them. More than some of the lots of each and some of the batches of
     * a recipe, the newest, would tell hardly more.
     */
    List<Read> listRead(GardenId garden, ZoneId zone) {
        List<Read> read = new ArrayList<>();
        db.sql("""
                        with stays as materialized (
                          select id, batch, recipe, water_id, place_id, since from (
                            select l.id, b.id as batch, b.recipe, l.water_id, l.place_id,
                                   greatest(coalesce(l.repotted_on, l.started_on), b.made_on)::timestamp at time zone ?
                                     as since,
                                   row_number() over (partition by b.id order by l.id) as of_batch,
                                   dense_rank() over (partition by b.recipe order by b.made_on desc, b.number desc)
                                     as of_recipe
                            from batch b
                            join lot l on l.garden_id = b.garden_id and l.mix = b.id::text
                            where b.garden_id = ? and not b.retired
                              and exists (select 1 from lot_read x where x.garden_id = l.garden_id and x.lot_id = l.id)) s
                          where of_batch <= ? and of_recipe <= ?),
                        lots as (
                          select s.id, x.method, floor(date_part('epoch', x.occurred_at - s.since) / ?)::int as period,
                                 avg(x.ph) as ph, avg(ln(x.ec)) filter (where x.ec > 0) as ec
                          from stays s
                          cross join lateral (
                            select j.occurred_at, r.method, r.ph, r.ec
                            from journal_standing j
                            join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                            where j.garden_id = ? and j.lot_id = s.id and j.kind = 'reading' and j.occurred_at >= s.since
                              and r.method <> 'can'
                            order by j.occurred_at desc limit ?) x
                          group by s.id, x.method, period)
                        select recipe, batch, water_id, place_id, method, period, (min(since) at time zone ?)::date as potted,
                               count(ph) as ph_lots, avg(ph) as ph, count(ph) * var_pop(ph) as ph_squares,
                               count(ec) as ec_lots, avg(ec) as ec, count(ec) * var_pop(ec) as ec_squares
                        from lots join stays using (id) group by recipe, batch, water_id, place_id, method, period
                        """)
                .params(
                        zone.getId(),
                        garden.value(),
                        LOTS_OF_A_BATCH,
                        BATCHES_OF_A_RECIPE,
                        BatchCourse.DAYS * SECONDS_PER_DAY,
                        garden.value(),
                        READINGS_OF_A_LOT,
                        zone.getId())
                .query((RowCallbackHandler) r -> {
                    Method method = Method.require(r.getString("method"));
                    for (BatchCourse.Measure measure : BatchCourse.Measure.values()) {
                        String of = measure == BatchCourse.Measure.PH ? "ph" : "ec";
                        if (r.getInt(of + "_lots") > 0 && (measure == BatchCourse.Measure.PH || method.saysEc())) {
                            read.add(new Read(
                                    r.getString("recipe"),
                                    r.getObject("potted", LocalDate.class),
                                    method,
                                    measure,
                                    new BatchCourse.Cell(
                                            r.getString("batch"),
                                            r.getInt("period"),
                                            r.getString("water_id"),
                                            r.getString("place_id"),
                                            r.getInt(of + "_lots"),
                                            r.getDouble(of),
                                            r.getDouble(of + "_squares"))));
                        }
                    }
                });
        return read;
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
