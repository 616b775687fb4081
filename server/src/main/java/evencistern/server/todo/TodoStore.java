package evencistern.server.todo;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of what is to be done after readings. */
@Repository
public class TodoStore {
    private final OwnedTable<TodoWire> todos;
    private final JdbcClient db;

    TodoStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.todos = OwnedTable.named("todo", TodoWire.class, TodoStore::row)
                .fixed("lot_id", TodoWire::lotId)
                .fixed("action", TodoWire::action)
                .fixed("read_on", TodoWire::readOn)
                .fixed("least", TodoWire::least)
                .fixed("most", TodoWire::most)
                .fixed("unit", TodoWire::unit)
                .column("due_on", TodoWire::dueOn)
                .column("until_on", TodoWire::untilOn)
                .column("done_on", TodoWire::doneOn)
                .in(db, batch);
    }

    public OwnedTable<TodoWire> todos() {
        return todos;
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
        return todos.list(garden, "and lot_id = ? and not retired order by read_on desc, due_on, id limit 100", lot);
    }

    /** Those to be done by a day, of lots on the bench; feed left out or weakened is not among them. */
    public List<TodoWire> listDue(GardenId garden, LocalDate until, int limit) {
        return todos.list(garden, """
                and done_on is null and not retired and due_on <= ?
                and action not in ('skip_next_feed', 'weaken_feed')
                and not exists (select 1 from lot l
                                where l.garden_id = todo.garden_id and l.id = todo.lot_id and l.retired)
                order by due_on, id limit ?
                """, until, limit);
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
        return todos.find(garden, id).map(TodoWire::lotId);
    }
}
