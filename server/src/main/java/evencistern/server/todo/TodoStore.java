package evencistern.server.todo;

import evencistern.server.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of what is to be done after readings. */
@Repository
public class TodoStore {
    private static final String TODOS = """
            select t.id, t.lot_id, t.action, t.read_on, t.least, t.most, t.unit, t.due_on, t.until_on, t.done_on,
                   t.version, t.retired
            from todo t where t.garden_id = ?
            """;

    private final JdbcClient db;

    TodoStore(JdbcClient db) {
        this.db = db;
    }

    private static TodoWire row(ResultSet r, int n) throws SQLException {
        return new TodoWire(
                r.getObject("id", UUID.class),
                r.getObject("lot_id", UUID.class),
                r.getString("action"),
                r.getObject("read_on", LocalDate.class),
                r.getObject("least", Double.class),
                r.getObject("most", Double.class),
                r.getString("unit"),
                r.getObject("due_on", LocalDate.class),
                r.getObject("until_on", LocalDate.class),
                r.getObject("done_on", LocalDate.class),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    /** Those of a lot, newest reading first. */
    public List<TodoWire> listOfLot(GardenId garden, UUID lot) {
        return db.sql(TODOS + " and t.lot_id = ? and not t.retired order by t.read_on desc, t.due_on, t.id limit 100")
                .params(garden.value(), lot)
                .query(TodoStore::row)
                .list();
    }

    /** Those to be done by a day, of lots on the bench; feed left out or weakened is not among them. */
    public List<TodoWire> listDue(GardenId garden, LocalDate until, int limit) {
        return db.sql(TODOS + """
                         and t.done_on is null and not t.retired and t.due_on <= ?
                         and t.action not in ('skip_next_feed', 'weaken_feed')
                         and not exists (select 1 from lot l
                                         where l.garden_id = t.garden_id and l.id = t.lot_id and l.retired)
                         order by t.due_on, t.id limit ?
                        """)
                .params(garden.value(), until, limit)
                .query(TodoStore::row)
                .list();
    }

    /** Feed left out (no share) or weakened, until a day. */
    public record Eased(@Nullable Double share, LocalDate until) {}

    /** What of a lot's feed is left out or weakened. */
    public List<Eased> listEased(GardenId garden, UUID lot) {
        return db.sql("""
                        select case when action = 'weaken_feed' then least end as share, until_on from todo
                        where garden_id = ? and lot_id = ? and done_on is null and not retired
                          and action in ('skip_next_feed', 'weaken_feed') and until_on is not null
                        """)
                .params(garden.value(), lot)
                .query((r, n) ->
                        new Eased(r.getObject("share", Double.class), r.getObject("until_on", LocalDate.class)))
                .list();
    }

    /** Whose it is. */
    public Optional<UUID> findLot(GardenId garden, UUID id) {
        return findTodo(garden, id).map(TodoWire::lotId);
    }

    public Optional<TodoWire> findTodo(GardenId garden, UUID id) {
        return db.sql(TODOS + " and t.id = ?")
                .params(garden.value(), id)
                .query(TodoStore::row)
                .optional();
    }

    public void insertTodo(GardenId garden, TodoWire t) {
        db.sql("""
                        insert into todo (lot_id, action, read_on, least, most, unit, due_on, until_on, done_on, retired,
                                          garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(Arrays.asList(
                        t.lotId(),
                        t.action(),
                        t.readOn(),
                        t.least(),
                        t.most(),
                        t.unit(),
                        t.dueOn(),
                        t.untilOn(),
                        t.doneOn(),
                        t.retired(),
                        garden.value(),
                        t.id()))
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    public boolean updateTodo(GardenId garden, TodoWire t) {
        return db.sql("""
                                update todo set due_on = ?, until_on = ?, done_on = ?, retired = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(Arrays.asList(
                                t.dueOn(), t.untilOn(), t.doneOn(), t.retired(), garden.value(), t.id(), t.version()))
                        .update()
                == 1;
    }
}
