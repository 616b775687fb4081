package evencistern.server.chore;

import evencistern.chore.Chore;
import evencistern.server.GardenId;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
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

    /** Care of a lot that falls due. */
    public record Due(UUID lot, Chore chore, String item, LocalDate on) {}

    private static Chore chore(String id) {
        return Chore.valueOf(id.toUpperCase(Locale.ROOT));
    }

    /** Puts down what falls due for lots, in place of what was put down before. */
    public void saveDue(GardenId garden, List<UUID> lots, List<Due> due) {
        db.sql("""
                        with fresh as (
                          select d.lot_id, d.chore, d.item, d.due_on::date as due_on
                          from unnest(?::uuid[], ?::text[], ?::text[], ?::text[]) as d (lot_id, chore, item, due_on)),
                        gone as (
                          delete from lot_chore c where c.garden_id = ? and c.lot_id = any (?)
                            and not exists (select 1 from fresh f where f.lot_id = c.lot_id and f.chore = c.chore))
                        insert into lot_chore (garden_id, lot_id, chore, item, due_on)
                        select ?, f.lot_id, f.chore, f.item, f.due_on from fresh f
                        on conflict (garden_id, lot_id, chore) do update
                        set item = excluded.item, due_on = excluded.due_on
                        """)
                .params(
                        due.stream().map(Due::lot).toArray(UUID[]::new),
                        due.stream().map(d -> d.chore().id()).toArray(String[]::new),
                        due.stream().map(Due::item).toArray(String[]::new),
                        due.stream().map(d -> d.on().toString()).toArray(String[]::new),
                        garden.value(),
                        lots.toArray(UUID[]::new),
                        garden.value())
                .update();
    }

    /** Care of lots on the bench that falls due by a day, what has waited longest first. */
    public List<Due> listDue(GardenId garden, LocalDate by, int offset, int limit) {
        return db.sql("""
                        select c.lot_id, c.chore, c.item, c.due_on from lot_chore c
                        where c.garden_id = ? and c.due_on <= ? order by c.due_on, c.lot_id, c.chore offset ? limit ?
                        """)
                .params(garden.value(), by, offset, limit)
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
}
