package evencistern.server.mix;

import evencistern.media.Component;
import evencistern.media.Liming;
import evencistern.server.GardenId;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of components and recipes. */
@Repository
class MixStore {
    private static final List<String> COMPONENT = List.of(
            "shipped",
            "name",
            "family",
            "grain_from",
            "grain_to",
            "porosity",
            "capacity",
            "capacity_column",
            "unavailable",
            "residual",
            "n",
            "density",
            "ph",
            "buffer",
            "cec",
            "ec",
            "wet_years",
            "cycled_years",
            "pack_kind",
            "pack_printed",
            "pack_loose",
            "pack_cost",
            "currency",
            "typed",
            "measured_on",
            "alpha_low",
            "alpha_high");
    private static final List<String> RECIPE = List.of(
            "shipped",
            "name",
            "measure",
            "components",
            "amounts",
            "amendments",
            "yield",
            "target",
            "lime",
            "fineness",
            "neutralising",
            "typed",
            "notes");
    private static final int MOST = 1000;

    private final JdbcClient db;

    MixStore(JdbcClient db) {
        this.db = db;
    }

    private static String select(String table, List<String> columns) {
        return "select id, " + String.join(", ", columns) + ", version, retired from " + table + " where garden_id = ?";
    }

    private static String insert(String table, List<String> columns) {
        return "insert into " + table + " (" + String.join(", ", columns)
                + ", retired, garden_id, id, version) values (" + "?, ".repeat(columns.size()) + "?, ?, ?, 1)";
    }

    private static String update(String table, List<String> columns) {
        return "update " + table + " set "
                + columns.stream().map(c -> c + " = ?").collect(Collectors.joining(", "))
                + ", retired = ?, version = version + 1 where garden_id = ? and id = ? and version = ?";
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
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getObject("measured_on", LocalDate.class),
                r.getObject("alpha_low", Double.class),
                r.getObject("alpha_high", Double.class),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<ComponentWire> listComponents(GardenId garden) {
        return db.sql(select("component", COMPONENT) + " order by name, id limit " + MOST)
                .param(garden.value())
                .query(MixStore::component)
                .list();
    }

    Optional<ComponentWire> findComponent(GardenId garden, UUID id) {
        return db.sql(select("component", COMPONENT) + " and id = ?")
                .params(garden.value(), id)
                .query(MixStore::component)
                .optional();
    }

    void insertComponent(GardenId garden, ComponentWire c) {
        db.sql(insert("component", COMPONENT)).params(values(garden, c)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateComponent(GardenId garden, ComponentWire c) {
        List<Object> values = new ArrayList<>(values(garden, c));
        values.add(c.version());
        return db.sql(update("component", COMPONENT)).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, ComponentWire c) {
        return Arrays.asList(
                c.shipped(),
                c.name(),
                id(c.family()),
                c.grainFrom(),
                c.grainTo(),
                c.porosity(),
                c.capacity(),
                c.capacityColumn(),
                c.unavailable(),
                c.residual(),
                c.n(),
                c.density(),
                c.ph(),
                c.buffer(),
                c.cec(),
                c.ec(),
                c.wetYears(),
                c.cycledYears(),
                id(c.packKind()),
                c.packPrinted(),
                c.packLoose(),
                c.packCost(),
                c.currency(),
                TypedFields.stored(c.typed()),
                c.measuredOn(),
                c.alphaLow(),
                c.alphaHigh(),
                c.retired(),
                garden.value(),
                c.id());
    }

    // --- recipes ---

    private static RecipeWire recipe(ResultSet r, int row) throws SQLException {
        String[] components = (String[]) r.getArray("components").getArray();
        String[] amounts = (String[]) r.getArray("amounts").getArray();
        List<RecipeWire.PartWire> parts = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            parts.add(new RecipeWire.PartWire(components[i], amounts[i]));
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
                r.getObject("target", Double.class),
                Liming.Material.valueOf(r.getString("lime").toUpperCase(Locale.ROOT)),
                Liming.Fineness.valueOf(r.getString("fineness").toUpperCase(Locale.ROOT)),
                r.getObject("neutralising", Double.class),
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getString("notes"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static RecipeWire.AddedWire added(String stored) {
        int equals = stored.indexOf('=');
        return new RecipeWire.AddedWire(stored.substring(0, equals), stored.substring(equals + 1));
    }

    List<RecipeWire> listRecipes(GardenId garden) {
        return db.sql(select("recipe", RECIPE) + " order by name, id limit " + MOST)
                .param(garden.value())
                .query(MixStore::recipe)
                .list();
    }

    Optional<RecipeWire> findRecipe(GardenId garden, UUID id) {
        return db.sql(select("recipe", RECIPE) + " and id = ?")
                .params(garden.value(), id)
                .query(MixStore::recipe)
                .optional();
    }

    void insertRecipe(GardenId garden, RecipeWire r) {
        db.sql(insert("recipe", RECIPE)).params(values(garden, r)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateRecipe(GardenId garden, RecipeWire r) {
        List<Object> values = new ArrayList<>(values(garden, r));
        values.add(r.version());
        return db.sql(update("recipe", RECIPE)).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, RecipeWire r) {
        return Arrays.asList(
                r.shipped(),
                r.name(),
                r.measure().name(),
                r.parts().stream().map(RecipeWire.PartWire::component).toArray(String[]::new),
                r.parts().stream().map(RecipeWire.PartWire::amount).toArray(String[]::new),
                r.amendments().stream().map(a -> a.key() + "=" + a.grams()).toArray(String[]::new),
                r.yield(),
                r.target(),
                id(r.lime()),
                id(r.fineness()),
                r.neutralising(),
                TypedFields.stored(r.typed()),
                r.notes(),
                r.retired(),
                garden.value(),
                r.id());
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
