package evencistern.server.garden;

import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.GardenWire.WaterWire;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
    record Row(
            UUID id,
            String name,
            String timeZone,
            double latitude,
            GardenWire.UnitHabit unitHabit,
            GardenWire.Hand hand,
            boolean demo,
            int version) {}

    private static Row row(ResultSet r, int n) throws SQLException {
        return new Row(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getString("time_zone"),
                r.getDouble("latitude"),
                GardenWire.UnitHabit.valueOf(r.getString("unit_habit")),
                GardenWire.Hand.valueOf(r.getString("hand")),
                r.getBoolean("demo"),
                r.getInt("version"));
    }

    List<Row> listGardens() {
        return db.sql("""
                        select id, name, time_zone, latitude, unit_habit, hand, demo, version
                        from garden order by created_at, id limit 100
                        """).query(GardenStore::row).list();
    }

    Optional<Row> findGarden(GardenId garden) {
        return db.sql("""
                        select id, name, time_zone, latitude, unit_habit, hand, demo, version
                        from garden where id = ?
                        """).param(garden.value()).query(GardenStore::row).optional();
    }

    void insertGarden(GardenId garden, Row row, Instant now) {
        db.sql("""
                        insert into garden (id, name, time_zone, latitude, unit_habit, hand, demo, version, created_at)
                        values (?, ?, ?, ?, ?, ?, ?, 1, ?)
                        """)
                .params(
                        garden.value(),
                        row.name(),
                        row.timeZone(),
                        row.latitude(),
                        row.unitHabit().name(),
                        row.hand().name(),
                        row.demo(),
                        now.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateHabits(GardenId garden, GardenWire.UnitHabit habit, GardenWire.Hand hand, int version) {
        return db.sql("""
                                update garden set unit_habit = ?, hand = ?, version = version + 1
                                where id = ? and version = ?
                                """)
                        .params(habit.name(), hand.name(), garden.value(), version)
                        .update()
                == 1;
    }

    void insertPlace(GardenId garden, PlaceWire p) {
        db.sql("""
                        insert into place (garden_id, id, name, kind, lows, highs, humidity, light_share, sunshine,
                                           lamp_hours, lamp_ppfd, first_frost, last_frost)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        p.id(),
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
                        p.lastFrost()))
                .update();
    }

    List<PlaceWire> listPlaces(GardenId garden) {
        return db.sql("""
                        select p.id, p.name, p.kind, g.latitude, p.lows, p.highs, p.humidity, p.light_share,
                               p.sunshine, p.lamp_hours, p.lamp_ppfd, p.first_frost, p.last_frost
                        from place p join garden g on g.id = p.garden_id
                        where p.garden_id = ? order by p.name, p.id limit 500
                        """)
                .param(garden.value())
                .query((r, n) -> new PlaceWire(
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
                        r.getString("last_frost")))
                .list();
    }

    private static List<Double> doubles(Array array) throws SQLException {
        return List.of((Double[]) array.getArray());
    }

    void insertWater(GardenId garden, WaterWire w) {
        db.sql("insert into water (name, ec, ph, garden_id, id, version) values (?, ?, ?, ?, ?, 1)")
                .params(w.name(), w.ec(), w.ph(), garden.value(), w.id())
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateWater(GardenId garden, WaterWire w) {
        return db.sql("""
                                update water set name = ?, ec = ?, ph = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(w.name(), w.ec(), w.ph(), garden.value(), w.id(), w.version())
                        .update()
                == 1;
    }

    List<WaterWire> listWaters(GardenId garden) {
        return db.sql("select id, name, ec, ph, version from water where garden_id = ? order by name, id limit 500")
                .param(garden.value())
                .query((r, n) -> new WaterWire(
                        r.getObject("id", UUID.class),
                        r.getString("name"),
                        r.getDouble("ec"),
                        r.getDouble("ph"),
                        r.getInt("version")))
                .list();
    }

    void insertMeter(GardenId garden, MeterWire m) {
        db.sql("""
                        insert into meter (garden_id, id, name, scale, ph_plus_minus, ec_plus_minus, version)
                        values (?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(Arrays.asList(garden.value(), m.id(), m.name(), m.scale(), m.phPlusMinus(), m.ecPlusMinus()))
                .update();
    }

    List<MeterWire> listMeters(GardenId garden) {
        return db.sql("""
                        select id, name, scale, ph_plus_minus, ec_plus_minus, version
                        from meter where garden_id = ? order by name, id limit 500
                        """)
                .param(garden.value())
                .query((r, n) -> new MeterWire(
                        r.getObject("id", UUID.class),
                        r.getString("name"),
                        r.getString("scale"),
                        r.getDouble("ph_plus_minus"),
                        r.getDouble("ec_plus_minus"),
                        r.getInt("version")))
                .list();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateMeter(GardenId garden, MeterWire m) {
        return db.sql("""
                                update meter set name = ?, scale = ?, ph_plus_minus = ?, ec_plus_minus = ?,
                                                 version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(Arrays.asList(
                                m.name(),
                                m.scale(),
                                m.phPlusMinus(),
                                m.ecPlusMinus(),
                                garden.value(),
                                m.id(),
                                m.version()))
                        .update()
                == 1;
    }

    void insertVessel(GardenId garden, VesselWire v) {
        db.sql("insert into vessel (name, litres, garden_id, id, version) values (?, ?, ?, ?, 1)")
                .params(v.name(), v.litres(), garden.value(), v.id())
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateVessel(GardenId garden, VesselWire v) {
        return db.sql("""
                                update vessel set name = ?, litres = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(v.name(), v.litres(), garden.value(), v.id(), v.version())
                        .update()
                == 1;
    }

    List<VesselWire> listVessels(GardenId garden) {
        return db.sql("select id, name, litres, version from vessel where garden_id = ? order by litres, id limit 500")
                .param(garden.value())
                .query((r, n) -> new VesselWire(
                        r.getObject("id", UUID.class), r.getString("name"), r.getDouble("litres"), r.getInt("version")))
                .list();
    }
}
