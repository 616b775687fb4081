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
import evencistern.server.typed.Keyed;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.water.Dissolved;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of gardens and of what only a garden has. */
@Repository
class GardenStore {
    private final JdbcClient db;

    GardenStore(JdbcClient db) {
        this.db = db;
    }

    /** A garden without what belongs to it. */
    record Row(SettingsWire settings, boolean demo) {}

    private static final String GARDENS =
            "select id, name, time_zone, latitude, latitude_typed, unit_habit, hand, spoons, trade, demo, version"
                    + " from garden ";

    private static Row row(ResultSet r, int n) throws SQLException {
        return new Row(
                new SettingsWire(
                        r.getObject("id", UUID.class),
                        r.getString("name"),
                        r.getString("time_zone"),
                        r.getDouble("latitude"),
                        Typed.kept(r.getString("latitude_typed"), r.getDouble("latitude"), "°"),
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
                        insert into garden (id, name, time_zone, latitude, latitude_typed, unit_habit, hand, spoons,
                                            trade, demo, version, created_at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1, ?)
                        """)
                .params(
                        garden.value(),
                        s.name(),
                        s.timeZone(),
                        s.latitude(),
                        s.latitudeTyped().stored(),
                        s.unitHabit().name(),
                        s.hand().name(),
                        spoons(s),
                        Boolean.TRUE.equals(s.trade()),
                        row.demo(),
                        now.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateGarden(GardenId garden, SettingsWire s) {
        return db.sql("""
                                update garden set name = ?, time_zone = ?, latitude = ?, latitude_typed = ?, unit_habit = ?,
                                                  hand = ?,
                                                  spoons = ?, trade = ?, version = version + 1
                                where id = ? and version = ?
                                """)
                        .params(
                                s.name(),
                                s.timeZone(),
                                s.latitude(),
                                s.latitudeTyped().stored(),
                                s.unitHabit().name(),
                                s.hand().name(),
                                spoons(s),
                                Boolean.TRUE.equals(s.trade()),
                                garden.value(),
                                s.version())
                        .update()
                == 1;
    }

    void insertPlace(GardenId garden, PlaceWire p) {
        db.sql("""
                        insert into place (name, kind, lows, highs, humidity, light_share, sunshine, lamp_hours,
                                           lamp_ppfd, first_frost, last_frost, air, rain_share, aspect, altitude_m, typed,
                                           retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """).params(values(garden, p)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updatePlace(GardenId garden, PlaceWire p) {
        List<Object> values = new ArrayList<>(values(garden, p));
        values.add(p.version());
        return db.sql("""
                                update place set name = ?, kind = ?, lows = ?, highs = ?, humidity = ?,
                                                 light_share = ?, sunshine = ?, lamp_hours = ?, lamp_ppfd = ?,
                                                 first_frost = ?, last_frost = ?, air = ?, rain_share = ?, aspect = ?,
                                                 altitude_m = ?, typed = ?, retired = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, PlaceWire p) {
        return Arrays.asList(
                p.name(),
                p.kind().name(),
                p.lows().toArray(Double[]::new),
                p.highs().toArray(Double[]::new),
                p.humidity(),
                p.lightShare(),
                p.sunshine(),
                p.lampHours(),
                p.lampPpfd(),
                p.firstFrost(),
                p.lastFrost(),
                id(p.air()),
                p.rainShare(),
                id(p.aspect()),
                p.altitudeM(),
                TypedFields.stored(p.typed()),
                p.retired(),
                garden.value(),
                p.id());
    }

    private static final String PLACES = """
            select p.id, p.name, p.kind, g.latitude, p.lows, p.highs, p.humidity, p.light_share, p.sunshine,
                   p.lamp_hours, p.lamp_ppfd, p.first_frost, p.last_frost, p.air, p.rain_share, p.aspect,
                   p.altitude_m, p.typed, p.version, p.retired
            from place p join garden g on g.id = p.garden_id
            left join walk w on w.garden_id = p.garden_id and not w.retired
            where p.garden_id = ?
            """;

    List<PlaceWire> listPlaces(GardenId garden) {
        return db.sql(PLACES + " order by array_position(w.places, p.id), p.name, p.id limit 500")
                .param(garden.value())
                .query(GardenStore::place)
                .list();
    }

    Optional<WalkWire> findWalk(GardenId garden, UUID id) {
        return db.sql("select id, places, version, retired from walk where garden_id = ? and id = ?")
                .params(garden.value(), id)
                .query((r, n) -> new WalkWire(
                        r.getObject("id", UUID.class),
                        List.of((UUID[]) r.getArray("places").getArray()),
                        r.getInt("version"),
                        r.getBoolean("retired")))
                .optional();
    }

    void insertWalk(GardenId garden, WalkWire w) {
        db.sql("insert into walk (places, garden_id, id, version) values (?, ?, ?, 1)")
                .params(w.places().toArray(UUID[]::new), garden.value(), w.id())
                .update();
    }

    boolean updateWalk(GardenId garden, WalkWire w) {
        return db.sql(
                                "update walk set places = ?, retired = ?, version = version + 1 where garden_id = ? and id = ? and version = ?")
                        .params(w.places().toArray(UUID[]::new), w.retired(), garden.value(), w.id(), w.version())
                        .update()
                == 1;
    }

    Optional<PlaceWire> findPlace(GardenId garden, UUID id) {
        return db.sql(PLACES + " and p.id = ?")
                .params(garden.value(), id)
                .query(GardenStore::place)
                .optional();
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
                r.getObject("lamp_hours", Double.class),
                r.getObject("lamp_ppfd", Double.class),
                r.getString("first_frost"),
                r.getString("last_frost"),
                named(Air.class, r.getString("air")),
                r.getObject("rain_share", Double.class),
                named(Aspect.class, r.getString("aspect")),
                r.getObject("altitude_m", Double.class),
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
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

    void insertWater(GardenId garden, WaterWire w) {
        db.sql("""
                        insert into water (name, kind, ec, ph, alkalinity, contents, typed, retired, garden_id, id,
                                           version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """).params(values(garden, w)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateWater(GardenId garden, WaterWire w) {
        List<Object> values = new ArrayList<>(values(garden, w));
        values.add(w.version());
        return db.sql("""
                                update water set name = ?, kind = ?, ec = ?, ph = ?, alkalinity = ?, contents = ?,
                                                 typed = ?, retired = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, WaterWire w) {
        return Arrays.asList(
                w.name(),
                (w.kind() == null ? WaterWire.Origin.tap : w.kind()).name(),
                w.ec(),
                w.ph(),
                w.alkalinity(),
                Keyed.stored(w.contents()),
                TypedFields.stored(w.typed()),
                w.retired(),
                garden.value(),
                w.id());
    }

    private static final String WATERS =
            "select id, name, kind, ec, ph, alkalinity, contents, typed, version, retired from water"
                    + " where garden_id = ?";

    List<WaterWire> listWaters(GardenId garden) {
        return db.sql(WATERS + " order by name, id limit 500")
                .param(garden.value())
                .query(GardenStore::water)
                .list();
    }

    Optional<WaterWire> findWater(GardenId garden, UUID id) {
        return db.sql(WATERS + " and id = ?")
                .params(garden.value(), id)
                .query(GardenStore::water)
                .optional();
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
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    void insertMeter(GardenId garden, MeterWire m) {
        db.sql("""
                        insert into meter (name, scale, ph_plus_minus, ec_plus_minus, compensates, probe_since,
                                           every_days, port, typed, retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(Arrays.asList(
                        m.name(),
                        m.scale(),
                        m.phPlusMinus(),
                        m.ecPlusMinus(),
                        m.compensates(),
                        m.probeSince(),
                        m.everyDays(),
                        m.port(),
                        TypedFields.stored(m.typed()),
                        m.retired(),
                        garden.value(),
                        m.id()))
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateMeter(GardenId garden, MeterWire m) {
        return db.sql("""
                                update meter set name = ?, scale = ?, ph_plus_minus = ?, ec_plus_minus = ?,
                                                 compensates = ?, probe_since = ?, every_days = ?, port = ?, typed = ?,
                                                 retired = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(Arrays.asList(
                                m.name(),
                                m.scale(),
                                m.phPlusMinus(),
                                m.ecPlusMinus(),
                                m.compensates(),
                                m.probeSince(),
                                m.everyDays(),
                                m.port(),
                                TypedFields.stored(m.typed()),
                                m.retired(),
                                garden.value(),
                                m.id(),
                                m.version()))
                        .update()
                == 1;
    }

    private static final String METERS =
            "select id, name, scale, ph_plus_minus, ec_plus_minus, compensates, probe_since, every_days, port, typed,"
                    + " version,"
                    + " retired from meter where garden_id = ?";

    List<MeterWire> listMeters(GardenId garden) {
        return db.sql(METERS + " order by name, id limit 500")
                .param(garden.value())
                .query(GardenStore::meter)
                .list();
    }

    Optional<MeterWire> findMeter(GardenId garden, UUID id) {
        return db.sql(METERS + " and id = ?")
                .params(garden.value(), id)
                .query(GardenStore::meter)
                .optional();
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
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    void insertVessel(GardenId garden, VesselWire v) {
        db.sql("""
                        insert into vessel (name, use, litres, litres_typed, retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(
                        v.name(),
                        v.use().name(),
                        v.litres(),
                        v.litresTyped().stored(),
                        v.retired(),
                        garden.value(),
                        v.id())
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateVessel(GardenId garden, VesselWire v) {
        return db.sql("""
                                update vessel set name = ?, use = ?, litres = ?, litres_typed = ?, retired = ?,
                                                  version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(
                                v.name(),
                                v.use().name(),
                                v.litres(),
                                v.litresTyped().stored(),
                                v.retired(),
                                garden.value(),
                                v.id(),
                                v.version())
                        .update()
                == 1;
    }

    private static final String VESSELS =
            "select id, name, use, litres, litres_typed, version, retired from vessel where garden_id = ?";

    List<VesselWire> listVessels(GardenId garden) {
        return db.sql(VESSELS + " order by litres, id limit 500")
                .param(garden.value())
                .query(GardenStore::vessel)
                .list();
    }

    Optional<VesselWire> findVessel(GardenId garden, UUID id) {
        return db.sql(VESSELS + " and id = ?")
                .params(garden.value(), id)
                .query(GardenStore::vessel)
                .optional();
    }

    private static VesselWire vessel(ResultSet r, int n) throws SQLException {
        double litres = r.getDouble("litres");
        return new VesselWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                VesselWire.Use.valueOf(r.getString("use")),
                litres,
                Typed.kept(r.getString("litres_typed"), litres, "L"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }
}
