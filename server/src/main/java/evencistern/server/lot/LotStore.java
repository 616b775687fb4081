package evencistern.server.lot;

import evencistern.server.garden.GardenId;
import evencistern.server.typed.Typed;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of lots and of their derived state. */
@Repository
class LotStore {
    private static final String LOTS = """
            select l.id, l.name, l.pots, l.species, l.shape, l.top_typed, l.base_typed, l.height_typed,
                   l.measured_typed, l.mix, l.place_id, l.water_id, l.feed_id, l.started_on, l.repotted_on, l.version,
                   s.last_watered_on, s.last_fed_on, s.water_item, s.feed_item, s.next_water_on, s.water_gap_days,
                   s.next_feed_on, s.feed_binding, s.feed_earliest, s.feed_latest, s.due_on
            from lot l
            join lot_state s on s.garden_id = l.garden_id and s.lot_id = l.id
            """;

    private final JdbcClient db;

    LotStore(JdbcClient db) {
        this.db = db;
    }

    private static LotWire row(ResultSet r, int n) throws SQLException {
        String measured = r.getString("measured_typed");
        return new LotWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getInt("pots"),
                r.getString("species"),
                new PotInput(
                        PotInput.Shape.valueOf(r.getString("shape")),
                        typed(r.getString("top_typed")),
                        typed(r.getString("base_typed")),
                        typed(r.getString("height_typed")),
                        measured == null ? null : typed(measured)),
                r.getString("mix"),
                r.getObject("place_id", UUID.class),
                r.getObject("water_id", UUID.class),
                r.getObject("feed_id", UUID.class),
                r.getObject("started_on", LocalDate.class),
                r.getObject("repotted_on", LocalDate.class),
                r.getInt("version"),
                new LotState(
                        r.getObject("last_watered_on", LocalDate.class),
                        r.getObject("last_fed_on", LocalDate.class),
                        r.getString("water_item"),
                        r.getString("feed_item"),
                        r.getObject("next_water_on", LocalDate.class),
                        r.getInt("water_gap_days"),
                        r.getObject("next_feed_on", LocalDate.class),
                        r.getString("feed_binding"),
                        r.getObject("feed_earliest", LocalDate.class),
                        r.getObject("feed_latest", LocalDate.class),
                        r.getObject("due_on", LocalDate.class)));
    }

    /** What was typed is kept with the unit its field showed, as {@code 12|cm}. */
    private static Typed typed(String stored) {
        int bar = stored.lastIndexOf('|');
        return new Typed(stored.substring(0, bar), stored.substring(bar + 1));
    }

    private static @Nullable String stored(@Nullable Typed typed) {
        return typed == null || typed.text().isBlank() ? null : typed.text().strip() + "|" + typed.unit();
    }

    List<LotWire> listLots(GardenId garden, int offset, int limit) {
        return db.sql(LOTS + " where l.garden_id = ? order by l.name, l.id offset ? limit ?")
                .params(garden.value(), offset, limit)
                .query(LotStore::row)
                .list();
    }

    List<LotWire> listDue(GardenId garden, LocalDate by, int limit) {
        return db.sql(LOTS + """
                          join place p on p.garden_id = l.garden_id and p.id = l.place_id
                          where l.garden_id = ? and s.due_on <= ? order by p.name, l.name, l.id limit ?
                          """)
                .params(garden.value(), by, limit)
                .query(LotStore::row)
                .list();
    }

    int countLots(GardenId garden) {
        return db.sql("select count(*) from lot where garden_id = ?")
                .param(garden.value())
                .query(Integer.class)
                .single();
    }

    Optional<LotWire> findLot(GardenId garden, UUID lot) {
        return db.sql(LOTS + " where l.garden_id = ? and l.id = ?")
                .params(garden.value(), lot)
                .query(LotStore::row)
                .optional();
    }

    List<UUID> listLotsFedWith(GardenId garden, UUID feed) {
        return db.sql("select id from lot where garden_id = ? and feed_id = ?")
                .params(garden.value(), feed)
                .query(UUID.class)
                .list();
    }

    void insertLot(GardenId garden, LotInput l, int pots, LocalDate startedOn) {
        db.sql("""
                        insert into lot (name, pots, species, shape, top_m, top_typed, base_m, base_typed, height_m,
                                         height_typed, measured_litres, measured_typed, mix, place_id, water_id,
                                         feed_id, started_on, repotted_on, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """).params(values(garden, l, pots, startedOn)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateLot(GardenId garden, LotInput l, int pots, LocalDate startedOn) {
        List<Object> values = new java.util.ArrayList<>(values(garden, l, pots, startedOn));
        values.add(l.version());
        return db.sql("""
                                update lot set name = ?, pots = ?, species = ?, shape = ?, top_m = ?, top_typed = ?,
                                               base_m = ?, base_typed = ?, height_m = ?, height_typed = ?,
                                               measured_litres = ?, measured_typed = ?, mix = ?, place_id = ?,
                                               water_id = ?, feed_id = ?, started_on = ?, repotted_on = ?,
                                               version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, LotInput l, int pots, LocalDate startedOn) {
        var pot = l.pot().toPot();
        var shape = pot.shape();
        return Arrays.asList(
                l.name().strip(),
                pots,
                l.species(),
                l.pot().shape().name(),
                shape.widthM(shape.heightM()),
                stored(l.pot().top()),
                shape.widthM(0),
                stored(l.pot().base()),
                shape.heightM(),
                stored(l.pot().height()),
                pot.measuredLitres().isPresent() ? pot.measuredLitres().getAsDouble() : null,
                stored(l.pot().measured()),
                l.mix(),
                l.placeId(),
                l.waterId(),
                l.feedId(),
                startedOn,
                l.repottedOn(),
                garden.value(),
                l.id());
    }

    /** One live event: not corrected by a later row. */
    record Event(long id, Instant at) {}

    Optional<Event> findLast(GardenId garden, UUID lot, List<String> kinds) {
        return db.sql("""
                        select j.id, j.occurred_at from journal j
                        where j.garden_id = ? and j.lot_id = ? and j.kind = any (?)
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.occurred_at desc, j.id desc limit 1
                        """)
                .params(garden.value(), lot, kinds.toArray(String[]::new))
                .query((r, n) -> new Event(
                        r.getLong("id"),
                        r.getObject("occurred_at", java.time.OffsetDateTime.class)
                                .toInstant()))
                .optional();
    }

    /** Takes the lot for this transaction, so that two people cannot tick the same work at once. */
    void lock(GardenId garden, UUID lot) {
        db.sql("select 1 from lot where garden_id = ? and id = ? for update")
                .params(garden.value(), lot)
                .query(Integer.class)
                .optional();
    }

    void saveState(GardenId garden, UUID lot, LotState s) {
        db.sql("""
                        insert into lot_state (garden_id, lot_id, last_watered_on, last_fed_on, water_item, feed_item,
                                               next_water_on, water_gap_days, next_feed_on, feed_binding,
                                               feed_earliest, feed_latest, due_on)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (garden_id, lot_id) do update set
                          last_watered_on = excluded.last_watered_on, last_fed_on = excluded.last_fed_on,
                          water_item = excluded.water_item, feed_item = excluded.feed_item,
                          next_water_on = excluded.next_water_on, water_gap_days = excluded.water_gap_days,
                          next_feed_on = excluded.next_feed_on, feed_binding = excluded.feed_binding,
                          feed_earliest = excluded.feed_earliest, feed_latest = excluded.feed_latest,
                          due_on = excluded.due_on
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        lot,
                        s.lastWateredOn(),
                        s.lastFedOn(),
                        s.waterItem(),
                        s.feedItem(),
                        s.nextWaterOn(),
                        s.waterGapDays(),
                        s.nextFeedOn(),
                        s.feedBinding(),
                        s.feedEarliest(),
                        s.feedLatest(),
                        s.dueOn()))
                .update();
    }
}
