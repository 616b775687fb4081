package evencistern.server.garden;

import evencistern.climate.Air;
import evencistern.climate.Aspect;
import evencistern.feed.HandMeasure;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.GardenWire.SettingsWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.GardenWire.WalkWire;
import evencistern.server.garden.GardenWire.WaterWire;
import evencistern.server.history.Keeping;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.Keyed;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.server.words.Language;
import evencistern.water.Dissolved;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of gardens and of what only a garden has. */
@Repository
class GardenStore {
    private final Keeping<SettingsWire> settings = new Settings();
    private final OwnedTable<PlaceWire> places;
    private final OwnedTable<WalkWire> walks;
    private final OwnedTable<WaterWire> waters;
    private final OwnedTable<MeterWire> meters;
    private final OwnedTable<VesselWire> vessels;
    private final JdbcClient db;

    GardenStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.places = OwnedTable.named("place", PlaceWire.class, GardenStore::place)
                .column("name", PlaceWire::name)
                .column("kind", p -> p.kind().name())
                .column("lows", p -> p.lows().toArray(Double[]::new))
                .column("highs", p -> p.highs().toArray(Double[]::new))
                .column("humidity", PlaceWire::humidity)
                .column("light_share", PlaceWire::lightShare)
                .column("sunshine", PlaceWire::sunshine)
                .column(
                        "sunshine_months",
                        p -> p.sunshineMonths() == null
                                ? null
                                : p.sunshineMonths().toArray(Double[]::new))
                .column("lamp_hours", PlaceWire::lampHours)
                .column("lamp_ppfd", PlaceWire::lampPpfd)
                .column("first_frost", PlaceWire::firstFrost)
                .column("last_frost", PlaceWire::lastFrost)
                .column("air", p -> id(p.air()))
                .column("rain_share", PlaceWire::rainShare)
                .column("aspect", p -> id(p.aspect()))
                .column("altitude_m", PlaceWire::altitudeM)
                .typed(PlaceWire::typed)
                .alsoRead("select g.latitude from garden g where g.id = place.garden_id", "latitude")
                .in(db, batch);
        this.walks = OwnedTable.named("walk", WalkWire.class, GardenStore::walk)
                .column("places", w -> w.places().toArray(UUID[]::new))
                .in(db, batch);
        this.waters = OwnedTable.named("water", WaterWire.class, GardenStore::water)
                .column("name", WaterWire::name)
                .column("kind", w -> (w.kind() == null ? WaterWire.Origin.tap : w.kind()).name())
                .column("ec", WaterWire::ec)
                .column("ph", WaterWire::ph)
                .column("alkalinity", WaterWire::alkalinity)
                .column("contents", w -> Keyed.stored(w.contents()))
                .typed(WaterWire::typed)
                .in(db, batch);
        this.meters = OwnedTable.named("meter", MeterWire.class, GardenStore::meter)
                .column("name", MeterWire::name)
                .column("scale", MeterWire::scale)
                .column("ph_plus_minus", MeterWire::phPlusMinus)
                .column("ec_plus_minus", MeterWire::ecPlusMinus)
                .column("compensates", MeterWire::compensates)
                .column("probe_since", MeterWire::probeSince)
                .column("every_days", MeterWire::everyDays)
                .column("port", MeterWire::port)
                .typed(MeterWire::typed)
                .in(db, batch);
        this.vessels = OwnedTable.named("vessel", VesselWire.class, GardenStore::vessel)
                .column("name", VesselWire::name)
                .column("use", v -> v.use().name())
                .column("litres", VesselWire::litres)
                .typed(v -> TypedFields.of("litres", v.litresTyped()))
                .in(db, batch);
    }

    List<GardenId> listGardensWithOldPlaces() {
        return db.sql("select garden_id from old_places where moved is null order by garden_id limit 1000")
                .query((r, n) -> new GardenId(r.getObject("garden_id", UUID.class)))
                .list();
    }

    void markOldPlaces(GardenId garden) {
        db.sql("insert into old_places (garden_id) values (?) on conflict (garden_id) do nothing")
                .param(garden.value())
                .update();
    }

    /** Holds a garden of which nobody has looked yet, to the end of the transaction; whether it is one. */
    boolean holdUnseenPlaces(GardenId garden) {
        return db.sql("select 1 from old_places where garden_id = ? and moved is null for update skip locked")
                .param(garden.value())
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    void keepMovedPlaces(GardenId garden, List<UUID> moved) {
        if (moved.isEmpty()) {
            forgetMovedPlaces(garden);
        } else {
            db.sql("update old_places set moved = ? where garden_id = ?")
                    .params(moved.toArray(UUID[]::new), garden.value())
                    .update();
        }
    }

    List<String> listMovedPlaces(GardenId garden) {
        return db.sql("""
                        select p.name from old_places o join place p on p.garden_id = o.garden_id and p.id = any (o.moved)
                        where o.garden_id = ? order by lower(p.name), p.id limit 100
                        """).param(garden.value()).query(String.class).list();
    }

    void forgetMovedPlaces(GardenId garden) {
        db.sql("delete from old_places where garden_id = ?")
                .param(garden.value())
                .update();
    }

    Keeping<SettingsWire> settings() {
        return settings;
    }

    OwnedTable<PlaceWire> places() {
        return places;
    }

    OwnedTable<WalkWire> walks() {
        return walks;
    }

    OwnedTable<WaterWire> waters() {
        return waters;
    }

    OwnedTable<MeterWire> meters() {
        return meters;
    }

    OwnedTable<VesselWire> vessels() {
        return vessels;
    }

    /** A garden without what belongs to it. */
    record Row(SettingsWire settings, boolean demo) {}

    private static final String BY_NAME = "order by name, id limit 500";

    private static final String GARDENS =
            "select id, name, time_zone, latitude, typed, language, unit_habit, hand, spoons, trade, demo, version"
                    + " from garden ";

    private static Row row(ResultSet r, int n) throws SQLException {
        return new Row(
                new SettingsWire(
                        r.getObject("id", UUID.class),
                        r.getString("name"),
                        r.getString("time_zone"),
                        r.getDouble("latitude"),
                        TypedFields.kept(r).getOrDefault("latitude", Typed.shown(r.getDouble("latitude"), "°")),
                        Language.ofTag(r.getString("language")),
                        GardenWire.UnitHabit.valueOf(r.getString("unit_habit")),
                        GardenWire.Hand.valueOf(r.getString("hand")),
                        Arrays.stream((String[]) r.getArray("spoons").getArray())
                                .map(s -> HandMeasure.Spoon.valueOf(s.toUpperCase(Locale.ROOT)))
                                .toList(),
                        r.getBoolean("trade"),
                        r.getInt("version"),
                        false),
                r.getBoolean("demo"));
    }

    List<Row> listGardens() {
        return db.sql(GARDENS + "order by created_at, id limit 100")
                .query(GardenStore::row)
                .list();
    }

    List<GardenId> listGardenIds() {
        return db.sql("select id from garden order by created_at, id")
                .query((r, n) -> new GardenId(r.getObject("id", UUID.class)))
                .list();
    }

    Optional<Row> findGarden(GardenId garden) {
        return db.sql(GARDENS + "where id = ?")
                .param(garden.value())
                .query(GardenStore::row)
                .optional();
    }

    /** The number of the last change of all that belongs to a garden, and its time zone. */
    record Version(long version, String timeZone) {}

    /** The version now; one that is held cannot change before the transaction ends. */
    Optional<Version> findVersion(GardenId garden, boolean held) {
        return db.sql(
                        "select v.version, g.time_zone from garden g join garden_version v on v.garden_id = g.id where g.id = ?"
                                + (held ? " for share of v" : ""))
                .param(garden.value())
                .query((r, n) -> new Version(r.getLong("version"), r.getString("time_zone")))
                .optional();
    }

    private static String[] spoons(SettingsWire s) {
        return s.spoons().stream().map(x -> x.name().toLowerCase(Locale.ROOT)).toArray(String[]::new);
    }

    void insertGarden(GardenId garden, Row row, Instant now) {
        SettingsWire s = row.settings();
        db.sql("""
                        insert into garden (id, name, time_zone, latitude, typed, language, unit_habit, hand,
                                            spoons, trade, demo, version, created_at)
                        values (?, ?, ?, ?, ?::jsonb, ?, ?, ?, ?, ?, ?, 1, ?)
                        """)
                .params(
                        garden.value(),
                        s.name(),
                        s.timeZone(),
                        s.latitude(),
                        TypedFields.stored(TypedFields.of("latitude", s.latitudeTyped())),
                        s.language().tag(),
                        s.unitHabit().name(),
                        s.hand().name(),
                        spoons(s),
                        Boolean.TRUE.equals(s.trade()),
                        row.demo(),
                        now.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** What a garden says of itself: a row that is the garden, so that it is added and put away in ways of its own. */
    private final class Settings implements Keeping<SettingsWire> {
        @Override
        public String kind() {
            return "garden";
        }

        @Override
        public Class<SettingsWire> type() {
            return SettingsWire.class;
        }

        @Override
        public List<SettingsWire> find(GardenId garden, Collection<UUID> ids) {
            return findGarden(garden).map(Row::settings).stream().toList();
        }

        @Override
        public void insert(GardenId garden, List<SettingsWire> settings) {
            if (!settings.isEmpty()) {
                throw new IllegalStateException("a garden is added whole");
            }
        }

        @Override
        public List<SettingsWire> update(GardenId garden, List<SettingsWire> settings) {
            return settings.stream().filter(s -> !updateGarden(garden, s)).toList();
        }
    }

    /** Whether the version was still the one the person had seen. */
    private boolean updateGarden(GardenId garden, SettingsWire s) {
        return db.sql("""
                                update garden set name = ?, time_zone = ?, latitude = ?, typed = ?::jsonb,
                                                  language = ?, unit_habit = ?, hand = ?, spoons = ?, trade = ?,
                                                  version = version + 1
                                where id = ? and version = ?
                                """)
                        .params(
                                s.name(),
                                s.timeZone(),
                                s.latitude(),
                                TypedFields.stored(TypedFields.of("latitude", s.latitudeTyped())),
                                s.language().tag(),
                                s.unitHabit().name(),
                                s.hand().name(),
                                spoons(s),
                                Boolean.TRUE.equals(s.trade()),
                                garden.value(),
                                s.version())
                        .update()
                == 1;
    }

    List<PlaceWire> listPlaces(GardenId garden) {
        return places.list(garden, """
                order by array_position((select w.places from walk w
                                         where w.garden_id = place.garden_id and not w.retired), place.id),
                         place.name, place.id limit 500
                """);
    }

    private static WalkWire walk(ResultSet r, int n) throws SQLException {
        return new WalkWire(
                r.getObject("id", UUID.class),
                List.of((UUID[]) r.getArray("places").getArray()),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static PlaceWire place(ResultSet r, int n) throws SQLException {
        return new PlaceWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                PlaceWire.Kind.valueOf(r.getString("kind")),
                r.getDouble("latitude"),
                doubles(r.getArray("lows")),
                doubles(r.getArray("highs")),
                r.getDouble("humidity"),
                r.getDouble("light_share"),
                r.getDouble("sunshine"),
                r.getArray("sunshine_months") == null ? null : doubles(r.getArray("sunshine_months")),
                r.getObject("lamp_hours", Double.class),
                r.getObject("lamp_ppfd", Double.class),
                r.getString("first_frost"),
                r.getString("last_frost"),
                named(Air.class, r.getString("air")),
                r.getObject("rain_share", Double.class),
                named(Aspect.class, r.getString("aspect")),
                r.getObject("altitude_m", Double.class),
                TypedFields.kept(r),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static @Nullable String id(@Nullable Enum<?> choice) {
        return choice == null ? null : choice.name().toLowerCase(Locale.ROOT);
    }

    private static <E extends Enum<E>> @Nullable E named(Class<E> type, @Nullable String id) {
        return id == null ? null : Enum.valueOf(type, id.toUpperCase(Locale.ROOT));
    }

    private static List<Double> doubles(Array array) throws SQLException {
        return List.of((Double[]) array.getArray());
    }

    List<WaterWire> listWaters(GardenId garden) {
        return waters.list(garden, BY_NAME);
    }

    private static WaterWire water(ResultSet r, int n) throws SQLException {
        return new WaterWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                WaterWire.Origin.valueOf(r.getString("kind")),
                r.getDouble("ec"),
                r.getDouble("ph"),
                r.getObject("alkalinity", Double.class),
                Keyed.numbers(Dissolved.class, r.getArray("contents")),
                TypedFields.kept(r),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<MeterWire> listMeters(GardenId garden) {
        return meters.list(garden, BY_NAME);
    }

    private static MeterWire meter(ResultSet r, int n) throws SQLException {
        return new MeterWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getString("scale"),
                r.getDouble("ph_plus_minus"),
                r.getDouble("ec_plus_minus"),
                r.getBoolean("compensates"),
                r.getObject("probe_since", LocalDate.class),
                r.getObject("every_days", Integer.class),
                r.getObject("port", Integer.class),
                TypedFields.kept(r),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<VesselWire> listVessels(GardenId garden) {
        return vessels.list(garden, "order by litres, id limit 500");
    }

    private static VesselWire vessel(ResultSet r, int n) throws SQLException {
        double litres = r.getDouble("litres");
        return new VesselWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                VesselWire.Use.valueOf(r.getString("use")),
                litres,
                TypedFields.kept(r).getOrDefault("litres", Typed.shown(litres, "L")),
                r.getInt("version"),
                r.getBoolean("retired"));
    }
}
