package evencistern.server.reading;

import static evencistern.server.history.OwnedTable.array;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import evencistern.server.journal.JournalStore;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of readings. */
@Repository
class ReadingStore {
    private static final int AT_ONCE = 5000;

    private final JdbcClient db;
    private final JournalStore journal;

    ReadingStore(JdbcClient db, JournalStore journal) {
        this.db = db;
        this.journal = journal;
    }

    /** A reading as stored: canonical, as shown and as typed, and how far the pen was to be believed at the time. */
    record Stored(
            String method,
            UUID meter,
            @Nullable Double ph,
            @Nullable Double ec,
            double phPlusMinus,
            double ecPlusMinus,
            @Nullable Double phShown,
            @Nullable Double ecShown,
            @Nullable Double celsius,
            @Nullable Double beforePh,
            @Nullable Double hours,
            Map<String, Typed> typed) {}

    void insertReading(GardenId garden, long row, Stored r) {
        insertReadings(garden, List.of(row), List.of(r));
    }

    /** All in one statement, column by column: the database then reads its text once, however many rows there are. */
    private void insertReadings(GardenId garden, List<Long> rows, List<Stored> readings) {
        db.sql("""
                        insert into journal_reading (garden_id, journal_id, method, meter_id, ph, ec, ph_plus_minus,
                                                     ec_plus_minus, ph_shown, ec_shown, celsius, before_ph, hours, typed)
                        select ?, r.id, r.method, r.meter, r.ph, r.ec, r.ph_pm, r.ec_pm, r.ph_shown, r.ec_shown, r.celsius,
                               r.before_ph, r.hours, r.typed::jsonb
                        from unnest(?::bigint[], ?::text[], ?::uuid[], ?::float8[], ?::float8[], ?::float8[], ?::float8[],
                                    ?::float8[], ?::float8[], ?::float8[], ?::float8[], ?::float8[], ?::text[])
                             as r (id, method, meter, ph, ec, ph_pm, ec_pm, ph_shown, ec_shown, celsius, before_ph, hours,
                                   typed)
                        """)
                .params(
                        garden.value(),
                        rows.toArray(Long[]::new),
                        array(readings, Stored::method, String[]::new),
                        array(readings, Stored::meter, UUID[]::new),
                        array(readings, Stored::ph, Double[]::new),
                        array(readings, Stored::ec, Double[]::new),
                        array(readings, Stored::phPlusMinus, Double[]::new),
                        array(readings, Stored::ecPlusMinus, Double[]::new),
                        array(readings, Stored::phShown, Double[]::new),
                        array(readings, Stored::ecShown, Double[]::new),
                        array(readings, Stored::celsius, Double[]::new),
                        array(readings, Stored::beforePh, Double[]::new),
                        array(readings, Stored::hours, Double[]::new),
                        array(readings, r -> TypedFields.stored(r.typed()), String[]::new))
                .update();
    }

    /** A live reading of a lot. */
    record Point(
            long id,
            Instant at,
            UUID actId,
            String method,
            UUID meter,
            @Nullable Double ph,
            @Nullable Double ec,
            @Nullable Double phShown,
            @Nullable Double ecShown,
            double phPlusMinus,
            double ecPlusMinus,
            @Nullable Double celsius,
            @Nullable Double beforePh,
            @Nullable Double hours) {}

    private static final String POINTS = """
            select j.id, j.occurred_at, j.act_id, r.method, r.meter_id, r.ph, r.ec, r.ph_shown, r.ec_shown,
                   r.ph_plus_minus, r.ec_plus_minus, r.celsius, r.before_ph, r.hours
            from journal_standing j
            join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
            where j.garden_id = ? and j.lot_id = ? and j.kind = 'reading'
            """;
    private static final String NEWEST_FIRST = " order by j.occurred_at desc, j.id desc limit ?";

    private static Point point(ResultSet r, int n) throws SQLException {
        return new Point(
                r.getLong("id"),
                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                r.getObject("act_id", UUID.class),
                r.getString("method"),
                r.getObject("meter_id", UUID.class),
                r.getObject("ph", Double.class),
                r.getObject("ec", Double.class),
                r.getObject("ph_shown", Double.class),
                r.getObject("ec_shown", Double.class),
                r.getDouble("ph_plus_minus"),
                r.getDouble("ec_plus_minus"),
                r.getObject("celsius", Double.class),
                r.getObject("before_ph", Double.class),
                r.getObject("hours", Double.class));
    }

    List<Point> listPoints(GardenId garden, UUID lot, int limit) {
        return db.sql(POINTS + NEWEST_FIRST)
                .params(garden.value(), lot, limit)
                .query(ReadingStore::point)
                .list();
    }

    /** The last that says anything of the roots. */
    Optional<Point> findLastJudged(GardenId garden, UUID lot) {
        return db.sql(POINTS + " and r.method <> 'can'" + NEWEST_FIRST)
                .params(garden.value(), lot, 1)
                .query(ReadingStore::point)
                .optional();
    }

    /** What was done to a lot that bears on its readings. */
    List<ReadingCourse.MarkWire> listMarks(GardenId garden, UUID lot, Instant since) {
        return db.sql("""
                        select j.occurred_at,
                               case when w.flush then 'flush' when t.product is not null then 'treatment' else j.kind end
                                   as mark
                        from journal_standing j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and j.occurred_at >= ?
                          and (j.kind in ('feeding', 'potting') or w.flush or t.product is not null)
                        union all
                        select t.done_on::timestamp at time zone 'UTC' + interval '12 hours', 'treatment'
                        from treatment t
                        where t.garden_id = ? and t.lot_id = ? and not t.retired and t.done_on >= ?
                        order by 1, 2 limit 5000
                        """)
                .params(
                        garden.value(),
                        lot,
                        since.atOffset(ZoneOffset.UTC),
                        garden.value(),
                        lot,
                        since.atOffset(ZoneOffset.UTC).toLocalDate())
                .query((r, n) -> new ReadingCourse.MarkWire(
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant(), r.getString("mark")))
                .list();
    }

    /** Lots on the bench that were ever read so, in the order of the walk. */
    List<UUID> listRead(
            GardenId garden, String method, @Nullable UUID place, @Nullable String mix, int limit, int offset) {
        return db.sql("""
                        with walked as (
                          select p.id, row_number() over (
                                   order by array_position(w.places, p.id), p.name collate "C", p.id) as step
                          from place p
                          left join walk w on w.garden_id = p.garden_id and not w.retired
                          where p.garden_id = ?)
                        select s.lot_id from lot_read x
                        join lot_state s on s.garden_id = x.garden_id and s.lot_id = x.lot_id
                        join walked w on w.id = s.place_id
                        where x.garden_id = ? and x.method = ? and not s.retired
                          and (?::uuid is null or s.place_id = ?)
                          and (?::text is null or exists (select 1 from lot l where l.garden_id = s.garden_id
                                                            and l.id = s.lot_id and l.mix = ?))
                        order by w.step, s.name collate "C", s.lot_id limit ? offset ?
                        """)
                .params(Arrays.asList(garden.value(), garden.value(), method, place, place, mix, mix, limit, offset))
                .query(UUID.class)
                .list();
    }

    /** A reading in small. */
    record Small(Instant at, @Nullable Double ph, @Nullable Double ec, double phPlusMinus, double ecPlusMinus) {}

    /** The last readings of each of these lots by one method, oldest first. */
    Map<UUID, List<Small>> listLately(GardenId garden, List<UUID> lots, String method, int each) {
        Map<UUID, List<Small>> lately = new HashMap<>();
        db.sql("""
                        select l.id, x.occurred_at, x.ph, x.ec, x.ph_plus_minus, x.ec_plus_minus
                        from unnest(?::uuid[]) as l(id)
                        cross join lateral (
                          select j.occurred_at, j.id as row, r.ph, r.ec, r.ph_plus_minus, r.ec_plus_minus
                          from journal_standing j
                          join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                          where j.garden_id = ? and j.lot_id = l.id and j.kind = 'reading' and r.method = ?
                          order by j.occurred_at desc, j.id desc limit ?) x
                        order by x.occurred_at, x.row
                        """)
                .params(lots.toArray(UUID[]::new), garden.value(), method, each)
                .query((org.springframework.jdbc.core.RowCallbackHandler) r -> lately.computeIfAbsent(
                                r.getObject("id", UUID.class), id -> new ArrayList<>())
                        .add(new Small(
                                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                                r.getObject("ph", Double.class),
                                r.getObject("ec", Double.class),
                                r.getDouble("ph_plus_minus"),
                                r.getDouble("ec_plus_minus"))));
        return lately;
    }

    /** Lots by name in small letters, where the name is of one lot alone. */
    Map<String, UUID> findLotsByName(GardenId garden) {
        Map<String, UUID> lots = new HashMap<>();
        db.sql("""
                        select lower(name) as name, min(id::text)::uuid as id from lot where garden_id = ?
                        group by lower(name) having count(*) = 1
                        """).param(garden.value()).query((org.springframework.jdbc.core.RowCallbackHandler)
                r -> lots.put(r.getString("name"), r.getObject("id", UUID.class)));
        return lots;
    }

    /** What readings of these lots between two moments that stand are known by. */
    List<String> listIdentities(GardenId garden, Collection<UUID> lots, Instant from, Instant to) {
        return db.sql("""
                        select j.lot_id, r.method, j.occurred_at, coalesce(r.ph_shown, r.ph) as ph,
                               coalesce(r.ec_shown, r.ec) as ec
                        from journal_standing j
                        join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = any (?) and j.occurred_at between ? and ?
                          and j.kind = 'reading'
                        """)
                .params(
                        garden.value(),
                        lots.toArray(UUID[]::new),
                        from.atOffset(ZoneOffset.UTC),
                        to.atOffset(ZoneOffset.UTC))
                .query((r, n) -> ReadingSheet.identity(
                        r.getObject("lot_id", UUID.class),
                        r.getString("method"),
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                        r.getObject("ph", Double.class),
                        r.getObject("ec", Double.class)))
                .list();
    }

    /** A reading to be kept with the moment it was taken. */
    record Entry(UUID lot, Instant at, boolean clockAhead, Stored stored) {}

    /** Keeps many, some thousand at a time, so that no statement outlasts the patience of the connection. */
    void insertReadings(GardenId garden, Act act, List<Entry> entries) {
        for (int i = 0; i < entries.size(); i += AT_ONCE) {
            List<Entry> some = entries.subList(i, Math.min(entries.size(), i + AT_ONCE));
            List<Long> rows = journal.insertRows(
                    garden,
                    some.stream()
                            .map(e -> new JournalStore.Row(
                                    e.lot(), "reading", e.at(), act.recordedAt(), act.id(), null, e.clockAhead()))
                            .toList());
            insertReadings(garden, rows, some.stream().map(Entry::stored).toList());
        }
    }

    /** Every reading that stands, oldest first, as the columns of a sheet: as it was shown, and what that stands for. */
    void eachReading(GardenId garden, ZoneId zone, Consumer<List<@Nullable Object>> line) {
        db.sql("""
                        select l.name as lot, j.occurred_at, r.method, coalesce(r.typed -> 'ph' ->> 'text', r.ph::text) as ph,
                               coalesce(r.typed -> 'ec' ->> 'text', r.ec::text) as ec,
                               case when r.ec is null then null else coalesce(r.typed -> 'ec' ->> 'unit', 'mS/cm') end as ec_unit,
                               r.celsius, r.before_ph, r.hours, m.name as meter, r.ph as ph_says, r.ec as ec_says
                        from journal_standing j
                        join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                        join lot l on l.garden_id = j.garden_id and l.id = j.lot_id
                        join meter m on m.garden_id = j.garden_id and m.id = r.meter_id
                        where j.garden_id = ? and j.kind = 'reading'
                        order by j.occurred_at, j.id
                        """).param(garden.value()).query((RowCallbackHandler) r -> line.accept(Arrays.asList(
                r.getString("lot"),
                r.getObject("occurred_at", OffsetDateTime.class)
                        .atZoneSameInstant(zone)
                        .toOffsetDateTime(),
                r.getString("method"),
                r.getString("ph"),
                r.getString("ec"),
                r.getString("ec_unit"),
                r.getObject("celsius", Double.class),
                r.getObject("before_ph", Double.class),
                r.getObject("hours", Double.class),
                r.getString("meter"),
                figures(r.getObject("ph_says", Double.class)),
                figures(r.getObject("ec_says", Double.class)))));
    }

    private static @Nullable String figures(@Nullable Double value) {
        return value == null ? null : String.format(Locale.ROOT, "%.4g", value);
    }
}
