package evencistern.server.mix;

import evencistern.media.Component;
import evencistern.media.Liming;
import evencistern.mixlife.LastPlant;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of components and recipes. */
@Repository
class MixStore {
    private static final String BY_NAME = "order by name, id limit 1000";

    private final OwnedTable<ComponentWire> components;
    private final OwnedTable<RecipeWire> recipes;
    private final JdbcClient db;

    MixStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.components = OwnedTable.named("component", ComponentWire.class, MixStore::component)
                .column("shipped", ComponentWire::shipped)
                .column("name", ComponentWire::name)
                .column("family", c -> id(c.family()))
                .column("grain_from", ComponentWire::grainFrom)
                .column("grain_to", ComponentWire::grainTo)
                .column("porosity", ComponentWire::porosity)
                .column("capacity", ComponentWire::capacity)
                .column("capacity_column", ComponentWire::capacityColumn)
                .column("unavailable", ComponentWire::unavailable)
                .column("residual", ComponentWire::residual)
                .column("n", ComponentWire::n)
                .column("density", ComponentWire::density)
                .column("ph", ComponentWire::ph)
                .column("buffer", ComponentWire::buffer)
                .column("cec", ComponentWire::cec)
                .column("ec", ComponentWire::ec)
                .column("wet_years", ComponentWire::wetYears)
                .column("cycled_years", ComponentWire::cycledYears)
                .column("pack_kind", c -> id(c.packKind()))
                .column("pack_printed", ComponentWire::packPrinted)
                .column("pack_loose", ComponentWire::packLoose)
                .column("pack_cost", ComponentWire::packCost)
                .column("currency", ComponentWire::currency)
                .column("measured_on", ComponentWire::measuredOn)
                .column("alpha_low", ComponentWire::alphaLow)
                .column("alpha_high", ComponentWire::alphaHigh)
                .column("spent", ComponentWire::spent)
                .column("held_back", c -> c.heldBack() == null ? null : id(c.heldBack()))
                .typed(ComponentWire::typed)
                .in(db, batch);
        this.recipes = OwnedTable.named("recipe", RecipeWire.class, MixStore::recipe)
                .column("shipped", RecipeWire::shipped)
                .column("name", RecipeWire::name)
                .column("measure", r -> r.measure().name())
                .column("components", r -> OwnedTable.array(r.parts(), RecipeWire.PartWire::component, String[]::new))
                .column("amounts", r -> OwnedTable.array(r.parts(), RecipeWire.PartWire::amount, String[]::new))
                .column("counted_by", r -> counted(r, c -> c.by().name(), String[]::new))
                .column("counted_litres", r -> counted(r, RecipeWire.Counted::litres, Double[]::new))
                .column(
                        "amendments",
                        r -> OwnedTable.array(r.amendments(), a -> a.key() + "=" + a.grams(), String[]::new))
                .column("yield", RecipeWire::yield)
                .column("soaked_on", of(SoakedMix::on))
                .column("soaked_components", shares(SoakedMix.SoakedShare::component, String[]::new))
                .column("soaked_shares", shares(SoakedMix.SoakedShare::share, Double[]::new))
                .column("soaked_columns", columns(SoakedMix.SoakedColumn::columnCm))
                .column("soaked_air", columns(SoakedMix.SoakedColumn::air))
                .column("soaked_capacity", columns(SoakedMix.SoakedColumn::capacity))
                .column("soaked_plus_minus", columns(SoakedMix.SoakedColumn::plusMinus))
                .column("target", RecipeWire::target)
                .column("lime", r -> id(r.lime()))
                .column("fineness", r -> id(r.fineness()))
                .column("neutralising", RecipeWire::neutralising)
                .column("notes", RecipeWire::notes)
                .typed(RecipeWire::typed)
                .in(db, batch);
    }

    OwnedTable<ComponentWire> components() {
        return components;
    }

    OwnedTable<RecipeWire> recipes() {
        return recipes;
    }

    private static String id(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT);
    }

    // --- components ---

    private static ComponentWire component(ResultSet r, int row) throws SQLException {
        return new ComponentWire(
                r.getObject("id", UUID.class),
                r.getString("shipped"),
                r.getString("name"),
                Component.Family.valueOf(r.getString("family").toUpperCase(Locale.ROOT)),
                r.getDouble("grain_from"),
                r.getDouble("grain_to"),
                r.getDouble("porosity"),
                r.getDouble("capacity"),
                r.getDouble("capacity_column"),
                r.getDouble("unavailable"),
                r.getDouble("residual"),
                r.getDouble("n"),
                r.getDouble("density"),
                r.getDouble("ph"),
                r.getDouble("buffer"),
                r.getDouble("cec"),
                r.getDouble("ec"),
                r.getDouble("wet_years"),
                r.getDouble("cycled_years"),
                Component.PackKind.valueOf(r.getString("pack_kind").toUpperCase(Locale.ROOT)),
                r.getDouble("pack_printed"),
                r.getDouble("pack_loose"),
                r.getObject("pack_cost", Double.class),
                r.getString("currency"),
                null,
                TypedFields.kept(r),
                r.getObject("measured_on", LocalDate.class),
                r.getObject("alpha_low", Double.class),
                r.getObject("alpha_high", Double.class),
                r.getObject("spent", Double.class),
                heldBack(r.getString("held_back")),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static LastPlant.@Nullable Use heldBack(@Nullable String use) {
        return use == null ? null : LastPlant.Use.valueOf(use.toUpperCase(Locale.ROOT));
    }

    /** What was paid for a litre. */
    record Price(double perLitre, @Nullable String currency) {}

    /** What was paid for components on the shelf, by key. */
    Map<String, Price> listPrices(GardenId garden) {
        Map<String, Price> prices = new HashMap<>();
        db.sql("""
                        select component, cost / pack as per_litre, currency from stock
                        where garden_id = ? and not retired and component is not null and cost is not null
                        """).param(garden.value()).query((RowCallbackHandler) r ->
                prices.put(r.getString("component"), new Price(r.getDouble("per_litre"), r.getString("currency"))));
        return prices;
    }

    List<ComponentWire> listComponents(GardenId garden) {
        return components.list(garden, BY_NAME);
    }

    // --- recipes ---

    private static RecipeWire recipe(ResultSet r, int row) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        String[] amounts = (String[]) r.getArray("amounts").getArray();
        @Nullable String[] by = (String[]) r.getArray("counted_by").getArray();
        Double[] litres = (Double[]) r.getArray("counted_litres").getArray();
        List<RecipeWire.PartWire> parts = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            parts.add(new RecipeWire.PartWire(
                    components[i],
                    amounts[i],
                    i >= by.length || by[i] == null
                            ? null
                            : new RecipeWire.Counted(RecipeWire.Measure.valueOf(by[i]), litres[i])));
        }
        return new RecipeWire(
                r.getObject("id", UUID.class),
                r.getString("shipped"),
                r.getString("name"),
                RecipeWire.Measure.valueOf(r.getString("measure")),
                parts,
                Arrays.stream((String[]) r.getArray("amendments").getArray())
                        .map(MixStore::added)
                        .toList(),
                r.getObject("yield", Double.class),
                soaked(r),
                r.getObject("target", Double.class),
                Liming.Material.valueOf(r.getString("lime").toUpperCase(Locale.ROOT)),
                Liming.Fineness.valueOf(r.getString("fineness").toUpperCase(Locale.ROOT)),
                r.getObject("neutralising", Double.class),
                TypedFields.kept(r),
                r.getString("notes"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static <V> V[] counted(RecipeWire r, Function<RecipeWire.Counted, V> part, IntFunction<V[]> array) {
        return OwnedTable.array(r.parts(), p -> p.counted() == null ? null : part.apply(p.counted()), array);
    }

    private static Function<RecipeWire, @Nullable Object> of(Function<SoakedMix, Object> part) {
        return r -> r.soaked() == null ? null : part.apply(r.soaked());
    }

    private static <V> Function<RecipeWire, @Nullable Object> shares(
            Function<SoakedMix.SoakedShare, @Nullable V> part, IntFunction<V[]> array) {
        return of(s -> OwnedTable.array(s.of(), part, array));
    }

    private static Function<RecipeWire, @Nullable Object> columns(
            Function<SoakedMix.SoakedColumn, @Nullable Double> part) {
        return of(s -> OwnedTable.array(s.columns(), part, Double[]::new));
    }

    private static @Nullable SoakedMix soaked(ResultSet r) throws SQLException {
        LocalDate on = r.getObject("soaked_on", LocalDate.class);
        if (on == null) {
            return null;
        }
        String[] components = (String[]) r.getArray("soaked_components").getArray();
        Double[] shares = (Double[]) r.getArray("soaked_shares").getArray();
        Double[] columns = (Double[]) r.getArray("soaked_columns").getArray();
        Double[] air = (Double[]) r.getArray("soaked_air").getArray();
        Double[] capacity = (Double[]) r.getArray("soaked_capacity").getArray();
        Double[] plusMinus = (Double[]) r.getArray("soaked_plus_minus").getArray();
        return new SoakedMix(
                on,
                IntStream.range(0, components.length)
                        .mapToObj(i -> new SoakedMix.SoakedShare(components[i], shares[i]))
                        .toList(),
                IntStream.range(0, columns.length)
                        .mapToObj(i -> new SoakedMix.SoakedColumn(columns[i], air[i], capacity[i], plusMinus[i]))
                        .toList());
    }

    private static RecipeWire.AddedWire added(String stored) {
        int equals = stored.indexOf('=');
        return new RecipeWire.AddedWire(stored.substring(0, equals), stored.substring(equals + 1));
    }

    List<RecipeWire> listRecipes(GardenId garden) {
        return recipes.list(garden, BY_NAME);
    }

    // --- batches, as mixes ---

    private static MadeWire made(ResultSet r, int row) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        Double[] litres = (Double[]) r.getArray("litres_put").getArray();
        List<RecipeWire.PartWire> parts = new ArrayList<>();
        double put = 0;
        for (int i = 0; i < components.length; i++) {
            parts.add(new RecipeWire.PartWire(components[i], Double.toString(litres[i])));
            put += litres[i];
        }
        return new MadeWire(
                r.getObject("id", UUID.class),
                r.getInt("number"),
                r.getString("recipe"),
                r.getString("recipe_name"),
                r.getObject("made_on", LocalDate.class),
                r.getDouble("litres"),
                Math.min(100, 100 * r.getDouble("litres") / put),
                parts,
                r.getBoolean("retired"));
    }

    /** Newest first. */
    List<MadeWire> listMade(GardenId garden) {
        return db.sql("""
                        select id, number, recipe, recipe_name, made_on, litres, components, litres_put, retired
                        from batch where garden_id = ? order by number desc limit 1000
                        """).param(garden.value()).query(MixStore::made).list();
    }
}
