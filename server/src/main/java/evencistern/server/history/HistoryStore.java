package evencistern.server.history;

import evencistern.server.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of acts and of the changes they made: rows are added, never changed or removed. */
@Repository
class HistoryStore {
    private static final String ACTS = "select id, kind, recorded_at, undoes from act where garden_id = ? and ";

    private final JdbcClient db;
    private final JdbcTemplate batch;

    HistoryStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.batch = batch;
    }

    private static Act act(ResultSet r, int n) throws SQLException {
        return new Act(
                r.getObject("id", UUID.class),
                r.getString("kind"),
                r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                r.getObject("undoes", UUID.class));
    }

    /** Records an act, unless this client key has been seen; then false. */
    boolean insertAct(GardenId garden, Act act, String clientKey) {
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
        return db.sql(ACTS + "client_key = ?")
                .params(garden.value(), clientKey)
                .query(HistoryStore::act)
                .optional();
    }

    /** The act, taken for this transaction, so that two people cannot take it back at once. */
    Optional<Act> lockAct(GardenId garden, UUID id) {
        return db.sql(ACTS + "id = ? for update")
                .params(garden.value(), id)
                .query(HistoryStore::act)
                .optional();
    }

    Optional<Act> findUndoOf(GardenId garden, UUID act) {
        return db.sql(ACTS + "undoes = ?")
                .params(garden.value(), act)
                .query(HistoryStore::act)
                .optional();
    }

    /**
     * What an act changed of one thing.
     *
     * @param before,after as JSON; before is absent for a new thing
     */
    record Change(
            String kind, UUID thing, int version, @Nullable String before, String after) {}

    void insertChanges(GardenId garden, UUID act, List<Change> changes) {
        batch.batchUpdate(
                """
                insert into change (garden_id, act_id, kind, thing_id, version, before, after)
                values (?, ?, ?, ?, ?, ?::jsonb, ?::jsonb)
                """,
                changes.stream()
                        .map(c -> new Object[] {
                            garden.value(), act, c.kind(), c.thing(), c.version(), c.before(), c.after()
                        })
                        .toList());
    }

    /** The changes of an act, last first. */
    List<Change> listChanges(GardenId garden, UUID act) {
        return db.sql("""
                        select kind, thing_id, version, before, after from change
                        where garden_id = ? and act_id = ? order by id desc
                        """)
                .params(garden.value(), act)
                .query((r, n) -> new Change(
                        r.getString("kind"),
                        r.getObject("thing_id", UUID.class),
                        r.getInt("version"),
                        r.getString("before"),
                        r.getString("after")))
                .list();
    }

    boolean isThere(GardenId garden) {
        return db.sql("select exists (select 1 from garden where id = ?)")
                .param(garden.value())
                .query(Boolean.class)
                .single();
    }

    /** A page of what was done, newest first, each with the names of what it touched. */
    List<DoneWire> listDone(GardenId garden, int offset, int limit) {
        return db.sql("""
                        select a.id, a.kind, a.recorded_at, a.undoes, u.id is not null as undone,
                               (select string_agg(distinct l.name, ', ' order by l.name)
                                from journal j join lot l on l.garden_id = j.garden_id and l.id = j.lot_id
                                where j.garden_id = a.garden_id and j.act_id = a.id) as lots,
                               (select string_agg(distinct c.kind || ':' || coalesce(c.after ->> 'name', f.name, ''), ', ')
                                from change c
                                left join feed f on f.garden_id = c.garden_id and f.id::text = c.after ->> 'feedId'
                                where c.garden_id = a.garden_id and c.act_id = a.id) as things
                        from act a
                        left join act u on u.garden_id = a.garden_id and u.undoes = a.id
                        where a.garden_id = ? order by a.recorded_at desc, a.id offset ? limit ?
                        """)
                .params(garden.value(), offset, limit)
                .query((r, n) -> new DoneWire(
                        r.getObject("id", UUID.class),
                        r.getString("kind"),
                        r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                        r.getObject("undoes", UUID.class),
                        r.getBoolean("undone"),
                        r.getString("lots"),
                        r.getString("things")))
                .list();
    }
}
