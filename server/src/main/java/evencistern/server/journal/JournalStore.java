package evencistern.server.journal;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the journal: rows are added, never changed or removed. */
@Repository
public class JournalStore {
    private final JdbcClient db;
    private final JdbcTemplate batch;

    JournalStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.batch = batch;
    }

    /** A row of the spine. */
    public record Row(
            UUID lot,
            String kind,
            Instant occurredAt,
            Instant recordedAt,
            UUID act,
            @Nullable Long corrects,
            boolean clockAhead) {}

    /** Adds rows to the spine, in one statement, and returns their ids in the same order. */
    public List<Long> insertRows(GardenId garden, List<Row> rows) {
        return db
                .sql("""
                        insert into journal (garden_id, lot_id, kind, occurred_at, recorded_at, act_id, corrects,
                                             clock_ahead)
                        select ?, r.lot, r.kind, r.occurred, r.recorded, r.act, r.corrects, r.ahead
                        from unnest(?::uuid[], ?::text[], ?::timestamptz[], ?::timestamptz[], ?::uuid[], ?::bigint[],
                                    ?::boolean[]) with ordinality
                             r (lot, kind, occurred, recorded, act, corrects, ahead, n)
                        order by r.n returning id
                        """)
                .params(
                        garden.value(),
                        OwnedTable.array(rows, Row::lot, UUID[]::new),
                        OwnedTable.array(rows, Row::kind, String[]::new),
                        OwnedTable.array(rows, r -> r.occurredAt().toString(), String[]::new),
                        OwnedTable.array(rows, r -> r.recordedAt().toString(), String[]::new),
                        OwnedTable.array(rows, Row::act, UUID[]::new),
                        OwnedTable.array(rows, Row::corrects, Long[]::new),
                        OwnedTable.array(rows, Row::clockAhead, Boolean[]::new))
                .query(Long.class)
                .list()
                .stream()
                .sorted()
                .toList();
    }

    void insertWatering(GardenId garden, long row, String item, double litresEach, int pots, boolean flush) {
        db.sql("""
                        insert into journal_watering (garden_id, journal_id, item, litres_each, pots, flush)
                        values (?, ?, ?, ?, ?, ?)
                        """).params(garden.value(), row, item, litresEach, pots, flush).update();
    }

    /** What a feeding gave. */
    record Given(
            String item,
            UUID feed,
            double litresEach,
            double productEach,
            String measure,
            @Nullable Double nMgPerL,
            int pots) {}

    void insertFeeding(GardenId garden, long row, Given g) {
        db.sql("""
                        insert into journal_feeding (garden_id, journal_id, item, feed_id, litres_each, product_each,
                                                     measure, n_mg_per_l, pots)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(),
                        row,
                        g.item(),
                        g.feed(),
                        g.litresEach(),
                        g.productEach(),
                        g.measure(),
                        g.nMgPerL(),
                        g.pots()))
                .update();
    }

    /** What was seen of a pot while it was watered. */
    record Seen(
            @Nullable String dryness,
            @Nullable Double beforeKg,
            @Nullable Double afterKg,
            @Nullable Double runoffLitres,
            @Nullable String note) {}

    void insertSeen(GardenId garden, long row, Seen s) {
        db.sql("""
                        insert into journal_seen (garden_id, journal_id, dryness, before_kg, after_kg, runoff_litres, note)
                        values (?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(Arrays.asList(
                        garden.value(), row, s.dryness(), s.beforeKg(), s.afterKg(), s.runoffLitres(), s.note()))
                .update();
    }

    void insertSkipping(GardenId garden, long row, String item, String reason, LocalDate until, String note) {
        db.sql("""
                        insert into journal_skipping (garden_id, journal_id, item, reason, until_on, note)
                        values (?, ?, ?, ?, ?, ?)
                        """).params(garden.value(), row, item, reason, until, note).update();
    }

    /** A hold lifted, or a note set aside, by a person. */
    public void insertLifting(GardenId garden, long row, String id, LocalDate until, String reason) {
        db.sql("insert into journal_lifting (garden_id, journal_id, hold, until_on, reason) values (?, ?, ?, ?, ?)")
                .params(garden.value(), row, id, until, reason)
                .update();
    }

    /** When a piece of work was ticked, if it was and has not been undone. */
    Optional<Instant> findTick(GardenId garden, UUID lot, String item) {
        return db.sql("""
                        select j.recorded_at from journal j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        left join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and ? in (w.item, f.item, t.item)
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.id desc limit 1
                        """)
                .params(garden.value(), lot, item)
                .query((r, n) ->
                        r.getObject("recorded_at", OffsetDateTime.class).toInstant())
                .optional();
    }

    /** A row of an act that an undo corrects. */
    public record Touched(
            long id,
            UUID lot,
            String kind,
            Instant occurredAt,
            @Nullable Long corrects) {}

    private static Touched touched(ResultSet r, int n) throws SQLException {
        return new Touched(
                r.getLong("id"),
                r.getObject("lot_id", UUID.class),
                r.getString("kind"),
                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                r.getObject("corrects", Long.class));
    }

    List<Touched> listRowsOf(GardenId garden, UUID act) {
        return db.sql("""
                        select id, lot_id, kind, occurred_at, corrects from journal
                        where garden_id = ? and act_id = ? order by lot_id, id
                        """)
                .params(garden.value(), act)
                .query(JournalStore::touched)
                .list();
    }

    /**
     * What stands now of rows: the row itself, or what an amendment, or the taking back of one, wrote in its place; nothing of
     * a row that was taken back.
     */
    List<Touched> listStanding(GardenId garden, List<Touched> rows) {
        return db.sql("""
                        with recursive line (id, lot_id, kind) as (
                          select j.id, j.lot_id, j.kind from journal j where j.garden_id = :garden and j.id = any (:rows)
                          union all
                          select n.id, n.lot_id, n.kind from line l
                          join journal c on c.garden_id = :garden and c.corrects = l.id
                          join journal n on n.garden_id = :garden and n.act_id = c.act_id and n.lot_id = l.lot_id
                                        and n.kind = l.kind)
                        select j.id, j.lot_id, j.kind, j.occurred_at, j.corrects from journal j
                        join line l on l.id = j.id
                        where j.garden_id = :garden
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        order by j.lot_id, j.id
                        """)
                .param("garden", garden.value())
                .param("rows", rows.stream().map(Touched::id).toArray(Long[]::new))
                .query(JournalStore::touched)
                .list();
    }

    /** A row that stands: no later one corrects it. */
    Optional<Touched> findLive(GardenId garden, long row) {
        return db.sql("""
                        select j.id, j.lot_id, j.kind, j.occurred_at, j.corrects from journal j
                        where j.garden_id = ? and j.id = ? and j.kind <> 'correction'
                          and not exists (select 1 from journal c
                                          where c.garden_id = j.garden_id and c.corrects = j.id)
                        """)
                .params(garden.value(), row)
                .query(JournalStore::touched)
                .optional();
    }

    Optional<Touched> findRow(GardenId garden, long row) {
        return db.sql("select id, lot_id, kind, occurred_at, corrects from journal where garden_id = ? and id = ?")
                .params(garden.value(), row)
                .query(JournalStore::touched)
                .optional();
    }

    /** Gives a new row all that an older one of its kind says. */
    void copyDetails(GardenId garden, String kind, long from, long to) {
        String copy = switch (kind) {
            case "watering" ->
                "journal_watering (garden_id, journal_id, item, litres_each, pots, flush) select"
                        + " garden_id, ?, item, litres_each, pots, flush from journal_watering";
            case "feeding" ->
                "journal_feeding (garden_id, journal_id, item, feed_id, litres_each,"
                        + " product_each, measure, n_mg_per_l, pots) select garden_id, ?, item, feed_id,"
                        + " litres_each, product_each, measure, n_mg_per_l, pots from journal_feeding";
            case "reading" ->
                "journal_reading (garden_id, journal_id, method, meter_id, ph, ec, ph_plus_minus, ec_plus_minus, ph_shown,"
                        + " ec_shown, celsius, before_ph, hours, typed) select garden_id, ?, method, meter_id, ph, ec,"
                        + " ph_plus_minus, ec_plus_minus, ph_shown, ec_shown, celsius, before_ph, hours, typed"
                        + " from journal_reading";
            case "skipping" ->
                "journal_skipping (garden_id, journal_id, item, reason, until_on, note) select garden_id, ?, item,"
                        + " reason, until_on, note from journal_skipping";
            case "lifting" ->
                "journal_lifting (garden_id, journal_id, hold, until_on, reason) select garden_id, ?, hold, until_on,"
                        + " reason from journal_lifting";
            case "tending" ->
                "journal_tending (garden_id, journal_id, chore, item, found, product) select garden_id, ?, chore, item,"
                        + " found, product from journal_tending";
            case "note" ->
                "journal_note (garden_id, journal_id, text) select garden_id, ?, text from" + " journal_note";
            case "moving" ->
                "journal_moving (garden_id, journal_id, from_place, to_place) select garden_id,"
                        + " ?, from_place, to_place from journal_moving";
            case "potting" ->
                "journal_potting (garden_id, journal_id, pots, litres_before, litres_after,"
                        + " mix_before, mix_after, fresh, roots_cut) select garden_id, ?, pots, litres_before,"
                        + " litres_after, mix_before, mix_after, fresh, roots_cut from journal_potting";
            default ->
                "journal_count (garden_id, journal_id, pots_before, pots_after, other_lot, why) select"
                        + " garden_id, ?, pots_before, pots_after, other_lot, why from journal_count";
        };
        db.sql("insert into " + copy + " where garden_id = ? and journal_id = ?")
                .params(to, garden.value(), from)
                .update();
        db.sql("""
                        insert into journal_seen (garden_id, journal_id, dryness, before_kg, after_kg, runoff_litres, note)
                        select garden_id, ?, dryness, before_kg, after_kg, runoff_litres, note
                        from journal_seen where garden_id = ? and journal_id = ?
                        """).params(to, garden.value(), from).update();
    }

    /** Changes how much a copied watering or feeding gave; the product follows the litres. */
    void amendLitres(GardenId garden, String kind, long row, double litresEach) {
        String amend = kind.equals("feeding")
                ? "update journal_feeding set product_each = case when litres_each > 0"
                        + " then product_each * ? / litres_each else product_each end, litres_each = ?"
                : "update journal_watering set litres_each = ?";
        List<Object> params = new ArrayList<>(List.of(litresEach, garden.value(), row));
        if (kind.equals("feeding")) {
            params.add(0, litresEach);
        }
        db.sql(amend + " where garden_id = ? and journal_id = ?").params(params).update();
    }

    /** Notes, by the row of the spine that each belongs to; so are those that follow. */
    public void insertNotes(GardenId garden, Map<Long, String> texts) {
        insert("insert into journal_note (garden_id, journal_id, text) values (?, ?, ?)", garden, texts, List::of);
    }

    /** From one place to another. */
    public record Moved(UUID from, UUID to) {}

    public void insertMovings(GardenId garden, Map<Long, Moved> movings) {
        insert(
                "insert into journal_moving (garden_id, journal_id, from_place, to_place) values (?, ?, ?, ?)",
                garden,
                movings,
                m -> List.of(m.from(), m.to()));
    }

    /**
     * A repotting: the mix and its litres before and after, of so many pots.
     *
     * @param fresh,rootsCut per cent of the mix that is fresh, and of the roots that were cut away
     */
    public record Potted(
            int pots,
            double litresBefore,
            double litresAfter,
            String mixBefore,
            String mixAfter,
            double fresh,
            double rootsCut) {}

    public void insertPottings(GardenId garden, Map<Long, Potted> pottings) {
        insert(
                """
                insert into journal_potting (garden_id, journal_id, pots, litres_before, litres_after,
                                             mix_before, mix_after, fresh, roots_cut)
                values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                """,
                garden,
                pottings,
                p -> List.of(
                        p.pots(),
                        p.litresBefore(),
                        p.litresAfter(),
                        p.mixBefore(),
                        p.mixAfter(),
                        p.fresh(),
                        p.rootsCut()));
    }

    /** Pots lost, split off, taken over or retired. */
    public record Counted(int before, int after, @Nullable UUID otherLot, String why) {}

    public void insertCounts(GardenId garden, Map<Long, Counted> counts) {
        insert("""
                insert into journal_count (garden_id, journal_id, pots_before, pots_after, other_lot, why)
                values (?, ?, ?, ?, ?, ?)
                """, garden, counts, c -> Arrays.asList(c.before(), c.after(), c.otherLot(), c.why()));
    }

    private <T> void insert(String sql, GardenId garden, Map<Long, T> details, Function<T, List<?>> columns) {
        batch.batchUpdate(
                sql,
                details.entrySet().stream()
                        .map(d -> Stream.concat(
                                        Stream.of(garden.value(), d.getKey()), columns.apply(d.getValue()).stream())
                                .toArray())
                        .toList());
    }

    /** A page of a lot's journal, newest first, from before a row where one is given. */
    List<EntryWire> listEntries(GardenId garden, UUID lot, @Nullable Long before, int limit) {
        return db.sql(ENTRIES + """
                           where j.garden_id = ? and j.lot_id = ?
                             and (cast(? as bigint) is null or (j.occurred_at, j.id) <
                                  (select b.occurred_at, b.id from journal b where b.garden_id = ? and b.id = ?))
                           order by j.occurred_at desc, j.id desc limit ?
                          """)
                .params(Arrays.asList(garden.value(), lot, before, garden.value(), before, limit))
                .query(JournalStore::entry)
                .list();
    }

    /** What was done since {@code since} and still stands, newest first. */
    public List<EntryWire> listDoneSince(GardenId garden, Instant since, int limit) {
        List<Long> rows = db.sql("""
                        select j.id from journal j
                        where j.garden_id = ? and j.occurred_at >= ?
                          and j.kind in ('watering', 'feeding', 'skipping', 'tending', 'lifting')
                          and not exists (select 1 from journal u
                                          where u.garden_id = j.garden_id and u.corrects = j.id)
                        order by j.id desc limit ?
                        """)
                .params(garden.value(), since.atOffset(ZoneOffset.UTC), limit)
                .query(Long.class)
                .list();
        return rows.isEmpty()
                ? List.of()
                : db.sql(ENTRIES + " where j.garden_id = ? and j.id = any (?) order by j.id desc")
                        .params(garden.value(), rows.toArray(Long[]::new))
                        .query(JournalStore::entry)
                        .list();
    }

    private static final String ENTRIES = """
            select j.id, j.lot_id, j.kind, j.occurred_at, j.recorded_at, j.act_id, j.corrects, j.clock_ahead,
                   u.id is not null as undone,
                   coalesce(w.litres_each, f.litres_each) as litres_each, f.product_each, f.measure, f.n_mg_per_l,
                   fd.name as feed_name, r.ph, r.ec, r.typed, r.meter_id, r.method, l.name as lot_name,
                   coalesce(n.text, c.why, o.note, h.reason, nullif(k.note, '')) as note, mf.name as from_place, mt.name as to_place, p.litres_before,
                   p.litres_after, p.mix_before, p.mix_after, p.fresh, p.roots_cut, c.pots_before, c.pots_after, ol.name as other_lot,
                   o.dryness, o.before_kg, o.after_kg, o.runoff_litres, k.reason, coalesce(k.until_on, h.until_on) as until_on, h.hold,
                   coalesce(w.flush, false) as flush, t.chore, t.found, t.product
            from journal j
            left join journal u on u.garden_id = j.garden_id and u.corrects = j.id
            left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
            left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
            left join feed fd on fd.garden_id = j.garden_id and fd.id = f.feed_id
            left join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
            left join journal_note n on n.garden_id = j.garden_id and n.journal_id = j.id
            left join journal_moving m on m.garden_id = j.garden_id and m.journal_id = j.id
            left join place mf on mf.garden_id = j.garden_id and mf.id = m.from_place
            left join place mt on mt.garden_id = j.garden_id and mt.id = m.to_place
            left join journal_potting p on p.garden_id = j.garden_id and p.journal_id = j.id
            left join journal_count c on c.garden_id = j.garden_id and c.journal_id = j.id
            left join journal_seen o on o.garden_id = j.garden_id and o.journal_id = j.id
            left join journal_skipping k on k.garden_id = j.garden_id and k.journal_id = j.id
            left join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
            left join journal_lifting h on h.garden_id = j.garden_id and h.journal_id = j.id
            left join lot ol on ol.garden_id = j.garden_id and ol.id = c.other_lot
            join lot l on l.garden_id = j.garden_id and l.id = j.lot_id
            """;

    private static @Nullable String text(@Nullable Typed typed) {
        return typed == null ? null : typed.text();
    }

    private static EntryWire entry(ResultSet r, int n) throws SQLException {
        Map<String, Typed> typed = TypedFields.kept(r);
        Typed ec = typed.get("ec");
        return new EntryWire(
                r.getLong("id"),
                r.getObject("lot_id", UUID.class),
                EntryWire.Kind.valueOf(r.getString("kind")),
                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                r.getObject("act_id", UUID.class),
                r.getObject("corrects", Long.class),
                r.getBoolean("undone"),
                r.getBoolean("clock_ahead"),
                r.getObject("litres_each", Double.class),
                r.getString("feed_name"),
                r.getObject("product_each", Double.class),
                r.getString("measure"),
                r.getObject("n_mg_per_l", Double.class),
                r.getObject("ph", Double.class),
                r.getObject("ec", Double.class),
                text(typed.get("ph")),
                text(ec),
                ec == null ? null : ec.unit(),
                r.getObject("meter_id", UUID.class),
                r.getString("method"),
                typed.get("celsius"),
                typed.get("beforePh"),
                typed.get("hours"),
                r.getString("lot_name"),
                r.getString("note"),
                r.getString("from_place"),
                r.getString("to_place"),
                r.getObject("litres_before", Double.class),
                r.getObject("litres_after", Double.class),
                r.getString("mix_before"),
                r.getString("mix_after"),
                r.getObject("fresh", Double.class),
                r.getObject("roots_cut", Double.class),
                r.getObject("pots_before", Integer.class),
                r.getObject("pots_after", Integer.class),
                r.getString("other_lot"),
                r.getString("dryness"),
                r.getObject("before_kg", Double.class),
                r.getObject("after_kg", Double.class),
                r.getObject("runoff_litres", Double.class),
                r.getString("reason"),
                r.getObject("until_on", LocalDate.class),
                r.getBoolean("flush"),
                r.getString("chore"),
                r.getString("found"),
                r.getString("product"),
                r.getString("hold"));
    }
}
