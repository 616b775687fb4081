package evencistern.server.reading;

import evencistern.server.GardenId;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of readings. */
@Repository
class ReadingStore {
    private final JdbcClient db;

    ReadingStore(JdbcClient db) {
        this.db = db;
    }

    /** A reading as stored: canonical, as typed, and how far the meter was to be believed at the time. */
    record Stored(
            UUID meter,
            @Nullable Double ph,
            @Nullable String phTyped,
            @Nullable Double ec,
            @Nullable String ecTyped,
            @Nullable String ecUnit,
            double phPlusMinus,
            double ecPlusMinus) {}

    void insertReading(GardenId garden, long row, Stored r) {
        db.sql("""
                        insert into journal_reading (garden_id, journal_id, method, meter_id, ph, ph_typed, ec,
                                                     ec_typed, ec_unit, ph_plus_minus, ec_plus_minus)
                        values (?, ?, 'runoff', ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        row,
                        r.meter(),
                        r.ph(),
                        r.phTyped(),
                        r.ec(),
                        r.ecTyped(),
                        r.ecUnit(),
                        r.phPlusMinus(),
                        r.ecPlusMinus()))
                .update();
    }

    /** A live reading on a lot's chart. */
    record Point(
            long id,
            Instant at,
            UUID actId,
            @Nullable Double ph,
            @Nullable Double ec,
            double phPlusMinus,
            double ecPlusMinus) {}

    List<Point> listPoints(GardenId garden, UUID lot, int limit) {
        return db.sql("""
                        select j.id, j.occurred_at, j.act_id, r.ph, r.ec, r.ph_plus_minus, r.ec_plus_minus
                        from journal j
                        join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ?
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.occurred_at desc, j.id desc limit ?
                        """)
                .params(garden.value(), lot, limit)
                .query((r, n) -> new Point(
                        r.getLong("id"),
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                        r.getObject("act_id", UUID.class),
                        r.getObject("ph", Double.class),
                        r.getObject("ec", Double.class),
                        r.getDouble("ph_plus_minus"),
                        r.getDouble("ec_plus_minus")))
                .list();
    }

    List<Instant> listFeedings(GardenId garden, UUID lot, Instant since) {
        return db.sql("""
                        select j.occurred_at from journal j
                        where j.garden_id = ? and j.lot_id = ? and j.kind = 'feeding' and j.occurred_at >= ?
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.occurred_at
                        """)
                .params(garden.value(), lot, since.atOffset(java.time.ZoneOffset.UTC))
                .query((r, n) ->
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant())
                .list();
    }
}
