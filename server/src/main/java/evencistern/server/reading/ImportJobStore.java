package evencistern.server.reading;

import evencistern.server.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of sheets that are brought in. */
@Repository
class ImportJobStore {
    private final JdbcClient db;

    ImportJobStore(JdbcClient db) {
        this.db = db;
    }

    /** A sheet to be worked at. */
    record Job(GardenId garden, UUID id, String clientKey, String sheet, boolean apply, int tries) {}

    /** How far one is: rows read of so many lines, and what came of it as JSON once it is done. */
    record Progress(int rows, int lines, @Nullable String outcome) {}

    /** Puts a sheet in line, and answers its id; one that was sent before, with the same key, is not put there again. */
    UUID insertJob(GardenId garden, UUID id, String clientKey, String sheet, boolean apply, int lines, Instant now) {
        db.sql("""
                        insert into import_job (garden_id, id, client_key, sheet, apply, lines, begun_at)
                        values (?, ?, ?, ?, ?, ?, ?) on conflict (garden_id, client_key) do nothing
                        """)
                .params(garden.value(), id, clientKey, sheet, apply, lines, time(now))
                .update();
        return db.sql("select id from import_job where garden_id = ? and client_key = ?")
                .params(garden.value(), clientKey)
                .query(UUID.class)
                .single();
    }

    /** How many of a garden's wait or are worked at. */
    int countWaiting(GardenId garden) {
        return db.sql("select count(*) from import_job where garden_id = ? and ended_at is null")
                .param(garden.value())
                .query(Integer.class)
                .single();
    }

    Optional<Progress> findProgress(GardenId garden, UUID id) {
        return db.sql("select rows_read, lines, outcome from import_job where garden_id = ? and id = ?")
                .params(garden.value(), id)
                .query((r, n) -> new Progress(r.getInt("rows_read"), r.getInt("lines"), r.getString("outcome")))
                .optional();
    }

    /** Takes the one that has waited longest, of any garden, for a while: nobody else takes it before that is over. */
    Optional<Job> markGardenJobHeld(Instant now, Duration held) {
        return db.sql("""
                        update import_job set held_until = ?, tries = tries + 1, rows_read = 0
                        where (garden_id, id) = (select garden_id, id from import_job
                                                 where ended_at is null and (held_until is null or held_until < ?)
                                                 order by begun_at limit 1 for update skip locked)
                        returning garden_id, id, client_key, sheet, apply, tries
                        """)
                .params(time(now.plus(held)), time(now))
                .query(ImportJobStore::job)
                .optional();
    }

    private static Job job(ResultSet r, int n) throws SQLException {
        return new Job(
                new GardenId(r.getObject("garden_id", UUID.class)),
                r.getObject("id", UUID.class),
                r.getString("client_key"),
                r.getString("sheet"),
                r.getBoolean("apply"),
                r.getInt("tries"));
    }

    /** Says that one is still worked at, and how far it is. */
    void updateHeld(GardenId garden, UUID id, int rows, Instant until) {
        db.sql("""
                        update import_job set rows_read = ?, held_until = ?
                        where garden_id = ? and id = ? and ended_at is null
                        """).params(rows, time(until), garden.value(), id).update();
    }

    /** Ends one: what came of it stays to be told, the sheet does not. */
    void updateEnded(GardenId garden, UUID id, int rows, String outcome, Instant now) {
        db.sql("""
                        update import_job set rows_read = ?, outcome = ?::jsonb, ended_at = ?, sheet = ''
                        where garden_id = ? and id = ? and ended_at is null
                        """).params(rows, outcome, time(now), garden.value(), id).update();
    }

    /** Forgets those that ended before a moment. */
    void markGardenJobsForgotten(Instant before) {
        db.sql("delete from import_job where ended_at < ?").param(time(before)).update();
    }

    private static OffsetDateTime time(Instant at) {
        return at.atOffset(ZoneOffset.UTC);
    }
}
