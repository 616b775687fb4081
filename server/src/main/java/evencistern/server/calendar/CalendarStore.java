package evencistern.server.calendar;

import evencistern.server.GardenId;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the calendar. */
@Repository
class CalendarStore {
    private final JdbcClient db;

    CalendarStore(JdbcClient db) {
        this.db = db;
    }

    /** Whether lots are fed by the calendar, and on which day it was made. */
    record State(boolean inUse, @Nullable LocalDate madeOn) {}

    State findState(GardenId garden) {
        return db.sql("select in_use, made_on from calendar_state where garden_id = ?")
                .param(garden.value())
                .query((r, n) -> new State(r.getBoolean("in_use"), r.getObject("made_on", LocalDate.class)))
                .optional()
                .orElse(new State(false, null));
    }

    /** Takes it upon this transaction to choose the days anew; false where that is done already, or nobody goes by them. */
    boolean claim(GardenId garden, LocalDate today) {
        return db.sql("""
                        update calendar_state set made_on = ?
                        where garden_id = ? and in_use and (made_on is null or made_on < ?)
                        """).params(today, garden.value(), today).update() > 0;
    }

    void saveState(GardenId garden, State state) {
        db.sql("""
                        insert into calendar_state (garden_id, in_use, made_on) values (?, ?, ?)
                        on conflict (garden_id) do update set in_use = excluded.in_use, made_on = excluded.made_on
                        """)
                .params(Arrays.asList(garden.value(), state.inUse(), state.madeOn()))
                .update();
    }

    /** Forgets the chosen days. */
    void clear(GardenId garden) {
        db.sql("delete from calendar_day where garden_id = ?")
                .param(garden.value())
                .update();
    }

    void saveDays(GardenId garden, UUID lot, List<LocalDate> feedOn) {
        db.sql("insert into calendar_day (garden_id, lot_id, feed_on) select ?, ?, d from unnest(?::date[]) as d")
                .params(
                        garden.value(),
                        lot,
                        feedOn.stream().map(LocalDate::toString).toArray(String[]::new))
                .update();
    }

    /** Gardens fed by the calendar. */
    List<GardenId> listGardensInUse() {
        return db.sql("select garden_id from calendar_state where in_use order by garden_id")
                .query((r, n) -> new GardenId(r.getObject("garden_id", UUID.class)))
                .list();
    }

    /** Lots with a chosen day, whether it is to change or not. */
    List<UUID> listLots(GardenId garden) {
        return db.sql("select distinct lot_id from calendar_day where garden_id = ? order by lot_id")
                .param(garden.value())
                .query(UUID.class)
                .list();
    }
}
