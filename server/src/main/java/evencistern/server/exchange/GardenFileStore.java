package evencistern.server.exchange;

import evencistern.server.GardenId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL that takes a garden's rows out whole and puts them back. */
@Repository
class GardenFileStore {
    /** A table a garden owns, and what its rows are sorted by. */
    record Table(String name, String order) {}

    /** Every table a garden owns, in the order in which rows are put back. */
    static final List<Table> TABLES = List.of(
            new Table("place", "id"),
            new Table("walk", "id"),
            new Table("water", "id"),
            new Table("meter", "id"),
            new Table("calibration", "id"),
            new Table("vessel", "id"),
            new Table("feed", "id"),
            new Table("species", "id"),
            new Table("species_trait", "species_id, trait"),
            new Table("weather_state", "garden_id"),
            new Table("weather_day", "day"),
            new Table("weather_sheet", "id"),
            new Table("component", "id"),
            new Table("used_mix", "id"),
            new Table("recipe", "id"),
            new Table("batch", "number"),
            new Table("stock", "id"),
            new Table("lot", "id"),
            new Table("lot_trait", "lot_id, trait"),
            new Table("lot_condition", "lot_id, condition"),
            new Table("lot_course", "lot_id, place"),
            new Table("todo", "id"),
            new Table("treatment", "id"),
            new Table("lot_move", "lot_id, move_on"),
            new Table("calendar_state", "garden_id"),
            new Table("subscription", "garden_id"),
            new Table("calendar_day", "lot_id, feed_on"),
            new Table("act", "recorded_at, id"),
            new Table("change", "id"),
            new Table("journal", "id"),
            new Table("journal_watering", "journal_id"),
            new Table("journal_feeding", "journal_id"),
            new Table("journal_seen", "journal_id"),
            new Table("journal_skipping", "journal_id"),
            new Table("journal_tending", "journal_id"),
            new Table("journal_lifting", "journal_id"),
            new Table("journal_reading", "journal_id"),
            new Table("journal_note", "journal_id"),
            new Table("journal_moving", "journal_id"),
            new Table("journal_potting", "journal_id"),
            new Table("journal_count", "journal_id"));

    private static final List<String> NUMBERED = List.of("change", "journal");

    private final JdbcClient db;

    GardenFileStore(JdbcClient db) {
        this.db = db;
    }

    boolean exists(GardenId garden) {
        return db.sql("select 1 from garden where id = ?")
                .param(garden.value())
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    /** The garden's own row as JSON. Times of this transaction are written in UTC from here on. */
    String findGarden(GardenId garden) {
        db.sql("select set_config('TimeZone', 'UTC', true)").query(String.class).single();
        return db.sql("select to_jsonb(t)::text from garden t where id = ?")
                .param(garden.value())
                .query(String.class)
                .single();
    }

    /** The rows of one of {@link #TABLES} as JSON, one by one. */
    void eachRow(GardenId garden, Table table, Consumer<String> row) {
        db.sql("select (to_jsonb(t) - 'garden_id')::text as row from " + table.name()
                        + " t where garden_id = ? order by " + table.order())
                .param(garden.value())
                .query((RowCallbackHandler) r -> row.accept(r.getString("row")));
    }

    void insertGarden(GardenId garden, String row) {
        // a file from before there were languages has none
        db.sql("""
                        insert into garden
                        select g.* from (select ?::jsonb as row) f, jsonb_populate_record(
                          null::garden,
                          jsonb_build_object(
                            'language', case f.row ->> 'unit_habit' when 'us' then 'en-US' else 'en-GB' end) || f.row) g
                        where g.id = ?
                        """).params(row, garden.value()).update();
    }

    /**
     * Puts rows back under the garden, with the numbers they had.
     *
     * @param columns those the file has; one that is younger than the file takes what the database gives it
     */
    void insertRows(GardenId garden, String table, List<String> columns, String rows) {
        String named = "garden_id, " + String.join(", ", columns);
        db.sql("insert into " + table + " (" + named + ") overriding system value select " + named
                        + " from jsonb_populate_recordset(null::" + table
                        + ", (select coalesce(jsonb_agg(e || jsonb_build_object('garden_id', ?)), '[]')"
                        + " from jsonb_array_elements(?::jsonb) e)) r")
                .params(garden.value(), rows)
                .update();
    }

    /** Has the rows that come next, in any garden, numbered after those of this one. */
    void numberOn(GardenId garden) {
        for (String table : NUMBERED) {
            db.sql("select setval(s, greatest(pg_sequence_last_value(s), (select max(id) from " + table
                            + " where garden_id = ?), 1)) from (select pg_get_serial_sequence('" + table
                            + "', 'id')::regclass as s) q")
                    .param(garden.value())
                    .query(Long.class)
                    .single();
        }
    }

    /** A line of the journal that tells nothing, if there is one: its kind wants a row of a table that has none. */
    Optional<Long> findUntold(GardenId garden) {
        return db.sql("""
                        select j.id from journal j
                        where j.garden_id = ? and j.kind <> 'correction'
                          and not exists (
                            select 1 from (
                              select garden_id, journal_id, 'watering' as kind from journal_watering
                              union all select garden_id, journal_id, 'feeding' from journal_feeding
                              union all select garden_id, journal_id, 'skipping' from journal_skipping
                              union all select garden_id, journal_id, 'tending' from journal_tending
                              union all select garden_id, journal_id, 'lifting' from journal_lifting
                              union all select garden_id, journal_id, 'reading' from journal_reading
                              union all select garden_id, journal_id, 'note' from journal_note
                              union all select garden_id, journal_id, 'moving' from journal_moving
                              union all select garden_id, journal_id, 'potting' from journal_potting
                              union all select garden_id, journal_id, 'count' from journal_count) d
                            where d.garden_id = j.garden_id and d.journal_id = j.id
                              and d.kind = case when j.kind in ('loss', 'splitting', 'retiring') then 'count' else j.kind end)
                        order by j.id limit 1
                        """).param(garden.value()).query(Long.class).optional();
    }

    /** Version 0.1.0 kept typed hours of lamps as days: nobody has lamps for less than an hour a day. */
    void repairLampHours(GardenId garden) {
        db.sql("update place set lamp_hours = lamp_hours * 24 where garden_id = ? and lamp_hours <= 1")
                .param(garden.value())
                .update();
    }

    /** Tells the database what it holds now, so that the first questions after a large file are planned well. */
    void takeStock(GardenId garden) {
        if (exists(garden)) {
            db.sql("select take_stock()").query((RowCallbackHandler) r -> {});
        }
    }

    List<UUID> listLots(GardenId garden) {
        return db.sql("select id from lot where garden_id = ? order by id")
                .param(garden.value())
                .query(UUID.class)
                .list();
    }
}
