package evencistern.server.journal;

import evencistern.server.garden.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the journal: rows are added, never changed or removed. */
@Repository
public class JournalStore {
    private final JdbcClient db;

    JournalStore(JdbcClient db) {
        this.db = db;
    }

    /** One thing a person did. */
    public record Act(
            UUID id,
            String kind,
            Instant recordedAt,
            @Nullable UUID undoes) {}

    private static Act act(ResultSet r, int n) throws SQLException {
        return new Act(
                r.getObject("id", UUID.class),
                r.getString("kind"),
                r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                r.getObject("undoes", UUID.class));
    }

    /** Records an act, unless this client key has been seen; then false. */
    public boolean insertAct(GardenId garden, Act act, String clientKey) {
        return db.sql("""
                                insert into act (garden_id, id, client_key, kind, recorded_at, undoes)
                                values (?, ?, ?, ?, ?, ?) on conflict (garden_id, client_key) do nothing
                                """)
                        .params(Arrays.asList(
                                garden.value(),
                                act.id(),
                                clientKey,
                                act.kind(),
                                act.recordedAt().atOffset(ZoneOffset.UTC),
                                act.undoes()))
                        .update()
                == 1;
    }

    Optional<Act> findActByKey(GardenId garden, String clientKey) {
        return db.sql("select id, kind, recorded_at, undoes from act where garden_id = ? and client_key = ?")
                .params(garden.value(), clientKey)
                .query(JournalStore::act)
                .optional();
    }

    Optional<Act> findAct(GardenId garden, UUID id) {
        return db.sql("select id, kind, recorded_at, undoes from act where garden_id = ? and id = ?")
                .params(garden.value(), id)
                .query(JournalStore::act)
                .optional();
    }

    Optional<Act> findUndoOf(GardenId garden, UUID act) {
        return db.sql("select id, kind, recorded_at, undoes from act where garden_id = ? and undoes = ?")
                .params(garden.value(), act)
                .query(JournalStore::act)
                .optional();
    }

    /** A row of the spine. */
    public record Row(
            UUID lot,
            String kind,
            Instant occurredAt,
            Instant recordedAt,
            UUID act,
            @Nullable Long corrects,
            boolean clockAhead) {}

    /** Adds a row to the spine and returns its id. */
    public long insertRow(GardenId garden, Row row) {
        return db.sql("""
                        insert into journal (garden_id, lot_id, kind, occurred_at, recorded_at, act_id, corrects,
                                             clock_ahead)
                        values (?, ?, ?, ?, ?, ?, ?, ?) returning id
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        row.lot(),
                        row.kind(),
                        row.occurredAt().atOffset(ZoneOffset.UTC),
                        row.recordedAt().atOffset(ZoneOffset.UTC),
                        row.act(),
                        row.corrects(),
                        row.clockAhead()))
                .query(Long.class)
                .single();
    }

    void insertWatering(GardenId garden, long row, String item, double litresEach, int pots) {
        db.sql("insert into journal_watering (garden_id, journal_id, item, litres_each, pots) values (?, ?, ?, ?, ?)")
                .params(garden.value(), row, item, litresEach, pots)
                .update();
    }

    /** What a feeding gave. */
    record Given(
            String item,
            UUID feed,
            double litresEach,
            double productEach,
            String measure,
            @Nullable Double nMgPerL,
            int pots) {}

    void insertFeeding(GardenId garden, long row, Given g) {
        db.sql("""
                        insert into journal_feeding (garden_id, journal_id, item, feed_id, litres_each, product_each,
                                                     measure, n_mg_per_l, pots)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        row,
                        g.item(),
                        g.feed(),
                        g.litresEach(),
                        g.productEach(),
                        g.measure(),
                        g.nMgPerL(),
                        g.pots()))
                .update();
    }

    /** When a piece of work was ticked, if it was and has not been undone. */
    Optional<Instant> findTick(GardenId garden, UUID lot, String item) {
        return db.sql("""
                        select j.recorded_at from journal j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and ? in (w.item, f.item)
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.id desc limit 1
                        """)
                .params(garden.value(), lot, item)
                .query((r, n) ->
                        r.getObject("recorded_at", OffsetDateTime.class).toInstant())
                .optional();
    }

    /** A row of an act that an undo corrects. */
    record Touched(long id, UUID lot, Instant occurredAt) {}

    List<Touched> listRowsOf(GardenId garden, UUID act) {
        return db.sql(
                        "select id, lot_id, occurred_at from journal where garden_id = ? and act_id = ? order by lot_id, id")
                .params(garden.value(), act)
                .query((r, n) -> new Touched(
                        r.getLong("id"),
                        r.getObject("lot_id", UUID.class),
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    List<EntryWire> listEntries(GardenId garden, UUID lot, long before, int limit) {
        return db.sql(ENTRIES + " where j.garden_id = ? and j.lot_id = ? and j.id < ? order by j.id desc limit ?")
                .params(garden.value(), lot, before, limit)
                .query(JournalStore::entry)
                .list();
    }

    /** What was done since {@code since} and still stands, newest first. */
    public List<EntryWire> listDoneSince(GardenId garden, Instant since, int limit) {
        return db.sql(ENTRIES + """
                           where j.garden_id = ? and j.occurred_at >= ? and j.kind in ('watering', 'feeding')
                             and u.id is null order by j.id desc limit ?
                          """)
                .params(garden.value(), since.atOffset(ZoneOffset.UTC), limit)
                .query(JournalStore::entry)
                .list();
    }

    private static final String ENTRIES = """
            select j.id, j.lot_id, j.kind, j.occurred_at, j.recorded_at, j.act_id, j.corrects, j.clock_ahead,
                   u.id is not null as undone,
                   coalesce(w.litres_each, f.litres_each) as litres_each, f.product_each, f.measure, f.n_mg_per_l,
                   fd.name as feed_name, r.ph, r.ec, r.ph_typed, r.ec_typed, r.ec_unit
            from journal j
            left join journal u on u.garden_id = j.garden_id and u.corrects = j.id
            left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
            left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
            left join feed fd on fd.garden_id = j.garden_id and fd.id = f.feed_id
            left join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
            """;

    private static EntryWire entry(ResultSet r, int n) throws SQLException {
        return new EntryWire(
                r.getLong("id"),
                r.getObject("lot_id", UUID.class),
                EntryWire.Kind.valueOf(r.getString("kind")),
                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                r.getObject("act_id", UUID.class),
                r.getObject("corrects", Long.class),
                r.getBoolean("undone"),
                r.getBoolean("clock_ahead"),
                r.getObject("litres_each", Double.class),
                r.getString("feed_name"),
                r.getObject("product_each", Double.class),
                r.getString("measure"),
                r.getObject("n_mg_per_l", Double.class),
                r.getObject("ph", Double.class),
                r.getObject("ec", Double.class),
                r.getString("ph_typed"),
                r.getString("ec_typed"),
                r.getString("ec_unit"));
    }
}
