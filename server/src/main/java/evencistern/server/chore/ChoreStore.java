package evencistern.server.chore;

import evencistern.plan.Chore;
import evencistern.server.GardenId;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of care beside water and feed. */
@Repository
public class ChoreStore {
    private final JdbcClient db;

    ChoreStore(JdbcClient db) {
        this.db = db;
    }

    /** When a lot was last cared for in some way, and the row that says so. */
    public record Last(long row, Instant at) {}

    /** Care of a lot that falls due. */
    public record Due(UUID lot, Chore chore, String item, LocalDate on) {}

    private static Chore chore(String id) {
        return Chore.valueOf(id.toUpperCase(Locale.ROOT));
    }

    /** When each kind of care was last given, by rows that stand. */
    public Map<Chore, Last> findLast(GardenId garden, UUID lot) {
        Map<Chore, Last> last = new EnumMap<>(Chore.class);
        db.sql("""
                        select distinct on (t.chore) t.chore, j.id, j.occurred_at from journal j
                        join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and j.kind = 'tending'
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by t.chore, j.occurred_at desc, j.id desc
                        """)
                .params(garden.value(), lot)
                .query((r, n) -> Map.entry(
                        chore(r.getString("chore")),
                        new Last(
                                r.getLong("id"),
                                r.getObject("occurred_at", OffsetDateTime.class).toInstant())))
                .list()
                .forEach(e -> last.put(e.getKey(), e.getValue()));
        return last;
    }

    /** Puts down what falls due for a lot, in place of what was put down before. */
    public void saveDue(GardenId garden, UUID lot, List<Due> due) {
        db.sql("delete from lot_chore where garden_id = ? and lot_id = ?")
                .params(garden.value(), lot)
                .update();
        if (!due.isEmpty()) {
            db.sql("""
                            insert into lot_chore (garden_id, lot_id, chore, item, due_on)
                            select ?, ?, d.chore, d.item, d.due_on::date from unnest(?, ?, ?) as d (chore, item, due_on)
                            """)
                    .params(
                            garden.value(),
                            lot,
                            due.stream().map(d -> d.chore().id()).toArray(String[]::new),
                            due.stream().map(Due::item).toArray(String[]::new),
                            due.stream().map(d -> d.on().toString()).toArray(String[]::new))
                    .update();
        }
    }

    /** Care of lots on the bench that falls due by a day, what has waited longest first. */
    public List<Due> listDue(GardenId garden, LocalDate by, int limit) {
        return db.sql("""
                        select c.lot_id, c.chore, c.item, c.due_on from lot_chore c
                        where c.garden_id = ? and c.due_on <= ? order by c.due_on, c.lot_id, c.chore limit ?
                        """)
                .params(garden.value(), by, limit)
                .query((r, n) -> new Due(
                        r.getObject("lot_id", UUID.class),
                        chore(r.getString("chore")),
                        r.getString("item"),
                        r.getObject("due_on", LocalDate.class)))
                .list();
    }

    /** Puts care of a lot off to a day, or out of the list where there is none. */
    public void putOff(GardenId garden, Due due, Optional<LocalDate> day) {
        db.sql(
                        day.isPresent()
                                ? "update lot_chore set due_on = ? where garden_id = ? and lot_id = ? and chore = ?"
                                : "delete from lot_chore where garden_id = ? and lot_id = ? and chore = ?")
                .params(
                        day.isPresent()
                                ? List.of(
                                        day.get(),
                                        garden.value(),
                                        due.lot(),
                                        due.chore().id())
                                : List.of(garden.value(), due.lot(), due.chore().id()))
                .update();
    }

    /** The care that an item of the list stands for, if it is still to be given. */
    public Optional<Chore> findDue(GardenId garden, UUID lot, String item) {
        return db.sql("select chore from lot_chore where garden_id = ? and lot_id = ? and item = ?")
                .params(garden.value(), lot, item)
                .query(String.class)
                .optional()
                .map(ChoreStore::chore);
    }

    /** Writes what was done into the journal. */
    public void insertTending(GardenId garden, long row, Chore chore, String item, Tended tended) {
        Tended.Found found = tended.found();
        db.sql("""
                        insert into journal_tending (garden_id, journal_id, chore, item, found, product)
                        values (?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(), row, chore.id(), item, found == null ? null : found.name(), tended.product()))
                .update();
    }
}
