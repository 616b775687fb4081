package evencistern.server.lot;

import evencistern.chore.Chore;
import evencistern.lot.LotRecord;
import evencistern.need.Learning;
import evencistern.need.Lifted;
import evencistern.need.Situation;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Reads from the journal what the plans of lots rest on: for any number of lots in one statement. */
@Repository
class RecordStore {
    private static final int MOST_LEARNED = 25;
    private static final int MOST_SKIPS = 40;
    /** The last word on every hold, with room for those that were taken back. */
    private static final int MOST_LIFTED = 24;

    private static final String LATELY = " order by j.occurred_at desc, j.id desc limit ";

    /**
     * One part a kind of fact; each by an index of the lot's journal. Which lots and which garden is asked for in a query of
     * its own, so that the plan, which takes five times as long to make as to run, is made once and not for each.
     */
    private static final String FACTS = """
            select l.id as lot_id, f.*
            from unnest((select ?::uuid[])) as l (id) cross join (select (select ?::uuid) as id) as g cross join lateral (
            """
            + part(
                    "watered",
                    "null::text, null::text, null::float8, null::float8, null::date",
                    """
                    left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                    left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                    """,
                    "((j.kind = 'watering' and not w.part) or (j.kind = 'feeding' and f.litres_each > 0 and not f.part))",
                    1)
            + " union all "
            + part(
                    "fed",
                    "f.feed_id::text, null, null, null, null",
                    "join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id",
                    "j.kind in ('feeding') and not f.part",
                    1)
            + " union all "
            + part(
                    "flushed",
                    "null, null, null, null, null",
                    "join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id",
                    "j.kind = 'watering' and w.flush and not w.part",
                    1)
            + " union all "
            + part(
                    "ph",
                    "r.method, null, r.ph, r.ph_plus_minus, null",
                    "join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id",
                    "j.kind = 'reading' and r.ph is not null and r.method <> 'can'",
                    1)
            + " union all "
            + part(
                    "ec",
                    "r.method, null, r.ec, r.ec_plus_minus, null",
                    "join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id",
                    "j.kind = 'reading' and r.ec is not null and r.method not in ('can', 'soak')",
                    1)
            + " union all "
            + part(
                    "skipped",
                    "k.item, null, null, null, k.until_on",
                    "join journal_skipping k on k.garden_id = j.garden_id and k.journal_id = j.id",
                    "j.kind = 'skipping'",
                    MOST_SKIPS)
            + " union all "
            + part(
                    "lifted",
                    "h.hold, null, null, null, h.until_on",
                    "join journal_lifting h on h.garden_id = j.garden_id and h.journal_id = j.id",
                    "j.kind = 'lifting'",
                    MOST_LIFTED)
            + " union all "
            + part(
                    "watering",
                    "coalesce(w.item, f.item), o.dryness, o.before_kg, o.after_kg, null",
                    """
                    left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                    left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                    left join journal_seen o on o.garden_id = j.garden_id and o.journal_id = j.id
                    """,
                    """
                    j.kind in ('watering', 'feeding') and coalesce(w.litres_each, f.litres_each) > 0
                      and not coalesce(w.part, f.part)
                      and not exists (select 1 from journal_standing m
                                      where m.garden_id = j.garden_id and m.lot_id = j.lot_id
                                        and m.kind in ('moving', 'potting') and m.occurred_at > j.occurred_at)""",
                    MOST_LEARNED)
            + """
             union all
              (select 'fed_with', null, d.occurred_at, k.feed_id::text, null, null, null, null
               from lot_course k cross join lateral (
                 select j.occurred_at from journal_standing j
                 join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                 where j.garden_id = g.id and j.lot_id = l.id and j.kind = 'feeding' and f.feed_id = k.feed_id and not f.part
                 order by j.occurred_at desc, j.id desc limit 1) d
               where k.garden_id = g.id and k.lot_id = l.id
                 and exists (select 1 from lot_course o where o.garden_id = g.id and o.lot_id = l.id and o.place > 0))
             union all
              (select distinct on (t.chore) 'tended', j.id, j.occurred_at, t.chore, null, null, null, null
               from journal_standing j join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
               where j.garden_id = g.id and j.lot_id = l.id and j.kind = 'tending'
               order by t.chore, j.occurred_at desc, j.id desc)
             union all
              (select 'eased', null, null, null, null, case when t.action = 'weaken_feed' then t.least end, null, t.until_on
               from todo t
               where t.garden_id = g.id and t.lot_id = l.id and t.done_on is null and not t.retired
                 and t.action in ('skip_next_feed', 'weaken_feed') and t.until_on is not null)
             union all
              (select 'calendar', null, null, null, null, null, null, d.feed_on
               from calendar_day d where d.garden_id = g.id and d.lot_id = l.id)
            ) as f (what, row_id, at, text, felt, a, b, day)
            """;

    private final JdbcClient db;

    RecordStore(JdbcClient db) {
        this.db = db;
    }

    private static String part(String what, String columns, String joins, String where, int limit) {
        return "(select '" + what + "', j.id, j.occurred_at, " + columns + " from journal_standing j " + joins
                + " where j.garden_id = g.id and j.lot_id = l.id and " + where + LATELY + limit + ")";
    }

    /**
     * What the journal of a lot says.
     *
     * @param watered,fed rows of the journal that say so last; 0 where there is none
     * @param skips work that was left, and until when: the last word on each
     * @param tended the row that last says so, by kind of care
     */
    record Facts(LotRecord record, long watered, long fed, Map<String, LocalDate> skips, Map<Chore, Long> tended) {
        /** The name of the watering that comes next: ticking it makes it a thing of the past. */
        String waterItem() {
            return "water:" + watered;
        }

        String feedItem() {
            return "feed:" + fed;
        }

        /** The day on which a piece of work is due, or the later one until which it was left. */
        LocalDate later(String item, LocalDate due) {
            LocalDate left = skips.get(item);
            return left != null && left.isAfter(due) ? left : due;
        }
    }

    /** Facts of one lot as they are read. */
    private static final class Reading {
        private final ZoneId zone;
        private final Map<String, Long> rows = new HashMap<>();
        private final Map<String, LocalDate> days = new HashMap<>();
        private final Map<String, LocalDate> fed = new HashMap<>();
        private final Map<String, LotRecord.Read> read = new HashMap<>();
        private final Map<String, LocalDate> skips = new LinkedHashMap<>();
        private final Map<String, LocalDate> lifted = new HashMap<>();
        private final List<Learning.Watering> waterings = new ArrayList<>();
        private final List<LotRecord.Eased> eased = new ArrayList<>();
        private final List<LocalDate> calendar = new ArrayList<>();
        private final Map<Chore, LocalDate> tended = new EnumMap<>(Chore.class);
        private final Map<Chore, Long> tendedRows = new EnumMap<>(Chore.class);

        Reading(ZoneId zone) {
            this.zone = zone;
        }

        void add(ResultSet r) throws SQLException {
            String what = r.getString("what");
            switch (what) {
                case "watered", "fed", "flushed" -> {
                    rows.put(what, r.getLong("row_id"));
                    days.put(what, on(r));
                    if (what.equals("fed")) {
                        fed.putIfAbsent(r.getString("text"), on(r));
                    }
                }
                case "fed_with" -> fed.put(r.getString("text"), on(r));
                case "ph", "ec" ->
                    read.put(
                            what,
                            new LotRecord.Read(
                                    on(r), Method.require(r.getString("text")), r.getDouble("a"), r.getDouble("b")));
                case "skipped" -> skips.putIfAbsent(r.getString("text"), r.getObject("day", LocalDate.class));
                case "lifted" -> lifted.putIfAbsent(r.getString("text"), r.getObject("day", LocalDate.class));
                case "watering" ->
                    waterings.add(new Learning.Watering(
                            on(r),
                            r.getString("text").startsWith(LotStore.OWN_TIME),
                            Optional.ofNullable(r.getString("felt"))
                                    .map(d -> Learning.Dryness.valueOf(d.toUpperCase(Locale.ROOT))),
                            optional(r.getObject("a", Double.class)),
                            optional(r.getObject("b", Double.class))));
                case "tended" -> {
                    Chore chore = Chore.valueOf(r.getString("text").toUpperCase(Locale.ROOT));
                    tended.put(chore, on(r));
                    tendedRows.put(chore, r.getLong("row_id"));
                }
                case "eased" ->
                    eased.add(new LotRecord.Eased(
                            optional(r.getObject("a", Double.class)), r.getObject("day", LocalDate.class)));
                case "calendar" -> calendar.add(r.getObject("day", LocalDate.class));
                default -> throw new IllegalStateException("no fact is called " + what);
            }
        }

        private LocalDate on(ResultSet r) throws SQLException {
            Instant at = r.getObject("at", OffsetDateTime.class).toInstant();
            return LocalDate.ofInstant(at, zone);
        }

        private static OptionalDouble optional(@Nullable Double value) {
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        Facts facts() {
            Collections.reverse(waterings);
            return new Facts(
                    new LotRecord(
                            Optional.ofNullable(days.get("watered")),
                            new Situation.Fed(Optional.ofNullable(days.get("fed")), fed),
                            Optional.ofNullable(days.get("flushed")),
                            waterings,
                            Optional.ofNullable(read.get("ph")),
                            Optional.ofNullable(read.get("ec")),
                            eased,
                            calendar,
                            tended,
                            Lifted.of(lifted)),
                    rows.getOrDefault("watered", 0L),
                    rows.getOrDefault("fed", 0L),
                    skips,
                    tendedRows);
        }
    }

    /** What the journal says of each of these lots, in the days of a time zone. */
    Map<UUID, Facts> findFacts(GardenId garden, Collection<UUID> lots, ZoneId zone) {
        Map<UUID, Reading> readings = new HashMap<>();
        lots.forEach(lot -> readings.put(lot, new Reading(zone)));
        db.sql(FACTS).params(lots.toArray(UUID[]::new), garden.value()).query((ResultSet r) -> {
            Reading reading = readings.get(r.getObject("lot_id", UUID.class));
            if (reading != null) {
                reading.add(r);
            }
        });
        Map<UUID, Facts> facts = new HashMap<>();
        readings.forEach((lot, reading) -> facts.put(lot, reading.facts()));
        return facts;
    }
}
