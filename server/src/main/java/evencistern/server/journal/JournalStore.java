package evencistern.server.journal;

import evencistern.chore.Chore;
import evencistern.server.GardenId;
import evencistern.server.chore.Tended;
import evencistern.server.history.OwnedTable;
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
import java.util.Locale;
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

    /** What the rows of one kind say beside the spine: the table that has it, and its columns. */
    private enum Details {
        WATERING("journal_watering", "item, litres_each, pots, flush, way, part"),
        FEEDING("journal_feeding", "item, feed_id, litres_each, product_each, measure, n_mg_per_l, pots, way, part"),
        READING(
                "journal_reading",
                "method, meter_id, ph, ec, ph_plus_minus, ec_plus_minus, ph_shown, ec_shown, celsius, before_ph, hours,"
                        + " typed"),
        SKIPPING("journal_skipping", "item, reason, until_on, note"),
        LIFTING("journal_lifting", "hold, until_on, reason"),
        TENDING("journal_tending", "chore, item, found, product"),
        NOTE("journal_note", "text"),
        MOVING("journal_moving", "from_place, to_place"),
        POTTING("journal_potting", "pots, litres_before, litres_after, mix_before, mix_after, fresh, roots_cut"),
        COUNT("journal_count", "pots_before, pots_after, other_lot, why"),
        /** What was seen while any of it was done. */
        SEEN("journal_seen", "dryness, before_kg, after_kg, runoff_litres, note");

        private final String table;
        private final String columns;

        Details(String table, String columns) {
            this.table = table;
            this.columns = columns;
        }

        static Details of(String kind) {
            return switch (kind) {
                case "loss", "splitting", "retiring" -> COUNT;
                default -> valueOf(kind.toUpperCase(Locale.ROOT));
            };
        }

        String insert() {
            return "insert into " + table + " (garden_id, journal_id, " + columns + ") values (?, ?"
                    + ", ?".repeat(columns.split(",", -1).length) + ")";
        }

        String copy() {
            return "insert into " + table + " (garden_id, journal_id, " + columns + ") select garden_id, ?, " + columns
                    + " from " + table + " where garden_id = ? and journal_id = ?";
        }
    }

    /** Writes what rows say, by the row of the spine that each belongs to. */
    private <T> void insert(Details details, GardenId garden, Map<Long, T> said, Function<T, List<?>> columns) {
        batch.batchUpdate(
                details.insert(),
                said.entrySet().stream()
                        .map(d -> Stream.concat(
                                        Stream.of(garden.value(), d.getKey()), columns.apply(d.getValue()).stream())
                                .toArray())
                        .toList());
    }

    private void insert(Details details, GardenId garden, long row, @Nullable Object... columns) {
        insert(details, garden, Map.of(row, columns), Arrays::asList);
    }

    void insertWatering(
            GardenId garden, long row, String item, double litresEach, Pots pots, boolean flush, String way) {
        insert(Details.WATERING, garden, row, item, litresEach, pots.count(), flush, way, pots.part());
    }

    /** How many pots of a lot got it, and whether others did not. */
    record Pots(int count, boolean part) {}

    /** What a feeding gave. */
    record Given(
            String item,
            UUID feed,
            double litresEach,
            double productEach,
            String measure,
            @Nullable Double nMgPerL,
            Pots pots,
            String way) {}

    void insertFeeding(GardenId garden, long row, Given g) {
        insert(
                Details.FEEDING,
                garden,
                row,
                g.item(),
                g.feed(),
                g.litresEach(),
                g.productEach(),
                g.measure(),
                g.nMgPerL(),
                g.pots().count(),
                g.way(),
                g.pots().part());
    }

    void insertSeen(GardenId garden, long row, Event.Sight s) {
        insert(Details.SEEN, garden, row, s.dryness(), s.beforeKg(), s.afterKg(), s.runoffLitres(), s.note());
    }

    void insertSkipping(GardenId garden, long row, String item, String reason, LocalDate until, String note) {
        insert(Details.SKIPPING, garden, row, item, reason, until, note);
    }

    /** A hold lifted, or a note set aside, by a person. */
    public void insertLifting(GardenId garden, long row, String id, LocalDate until, String reason) {
        insert(Details.LIFTING, garden, row, id, until, reason);
    }

    /** Care beside water and feed. */
    void insertTending(GardenId garden, long row, Chore chore, String item, Tended tended) {
        Tended.Found found = tended.found();
        insert(Details.TENDING, garden, row, chore.id(), item, found == null ? null : found.name(), tended.product());
    }

    /** When a piece of work was ticked, if it was and has not been undone. */
    Optional<Instant> findTick(GardenId garden, UUID lot, String item) {
        return db.sql("""
                        select j.recorded_at from journal_standing j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        left join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and ? in (w.item, f.item, t.item)
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
                        select j.id, j.lot_id, j.kind, j.occurred_at, j.corrects from journal_standing j
                        join line l on l.id = j.id
                        where j.garden_id = :garden
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
                        select j.id, j.lot_id, j.kind, j.occurred_at, j.corrects from journal_standing j
                        where j.garden_id = ? and j.id = ?
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
        for (Details details : List.of(Details.of(kind), Details.SEEN)) {
            db.sql(details.copy()).params(to, garden.value(), from).update();
        }
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

    /** The feed that a feeding gave. */
    UUID findFeedOf(GardenId garden, long row) {
        return db.sql("select feed_id from journal_feeding where garden_id = ? and journal_id = ?")
                .params(garden.value(), row)
                .query(UUID.class)
                .single();
    }

    /** Changes how much product a copied feeding gave; the strength of its water follows. */
    void amendProduct(GardenId garden, long row, double productEach) {
        db.sql("""
                        update journal_feeding
                        set n_mg_per_l = case when product_each > 0 then n_mg_per_l * ? / product_each end, product_each = ?
                        where garden_id = ? and journal_id = ?
                        """).params(productEach, productEach, garden.value(), row).update();
    }

    /** Notes, by the row of the spine that each belongs to; so are those that follow. */
    public void insertNotes(GardenId garden, Map<Long, String> texts) {
        insert(Details.NOTE, garden, texts, List::of);
    }

    /** From one place to another. */
    public record Moved(UUID from, UUID to) {}

    public void insertMovings(GardenId garden, Map<Long, Moved> movings) {
        insert(Details.MOVING, garden, movings, m -> List.of(m.from(), m.to()));
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
                Details.POTTING,
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
        insert(Details.COUNT, garden, counts, c -> Arrays.asList(c.before(), c.after(), c.otherLot(), c.why()));
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
                        select j.id from journal_standing j
                        where j.garden_id = ? and j.occurred_at >= ?
                          and j.kind in ('watering', 'feeding', 'skipping', 'tending', 'lifting')
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
            select j.id, j.lot_id, l.name as lot_name, j.kind, j.occurred_at, j.recorded_at, j.act_id, j.corrects,
                   j.clock_ahead, u.id is not null as undone,
                   coalesce(w.litres_each, f.litres_each) as litres_each, w.flush, coalesce(w.way, f.way) as way, f.product_each, f.measure, f.n_mg_per_l,
                   case when coalesce(w.part, f.part) then coalesce(w.pots, f.pots) end as of_pots,
                   fd.name as feed_name,
                   r.ph, r.ec, r.typed, r.meter_id, r.method,
                   n.text, mf.name as from_place, mt.name as to_place,
                   p.litres_before, p.litres_after, p.mix_before, p.mix_after, p.fresh, p.roots_cut,
                   c.pots_before, c.pots_after, nullif(c.why, '') as why, ol.name as other_lot,
                   k.reason as left_because, k.until_on as left_until, nullif(k.note, '') as left_note,
                   h.hold, h.until_on as lifted_until, h.reason as lifted_because,
                   t.chore, t.found, t.product,
                   o.journal_id is not null as seen, o.dryness, o.before_kg, o.after_kg, o.runoff_litres, o.note as seen_note
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

    private static EntryWire entry(ResultSet r, int n) throws SQLException {
        return new EntryWire(
                r.getLong("id"),
                r.getObject("lot_id", UUID.class),
                r.getString("lot_name"),
                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                r.getObject("recorded_at", OffsetDateTime.class).toInstant(),
                r.getObject("act_id", UUID.class),
                r.getBoolean("undone"),
                r.getBoolean("clock_ahead"),
                event(r));
    }

    private static Event event(ResultSet r) throws SQLException {
        String kind = r.getString("kind");
        return switch (kind) {
            case "watering" ->
                new Event.Watering(
                        r.getDouble("litres_each"),
                        r.getBoolean("flush"),
                        r.getString("way"),
                        r.getObject("of_pots", Integer.class),
                        sight(r));
            case "feeding" ->
                new Event.Feeding(
                        r.getString("feed_name"),
                        r.getDouble("litres_each"),
                        r.getDouble("product_each"),
                        r.getString("measure"),
                        r.getObject("n_mg_per_l", Double.class),
                        r.getString("way"),
                        r.getObject("of_pots", Integer.class),
                        sight(r));
            case "skipping" ->
                new Event.Skipping(
                        r.getString("left_because"),
                        r.getObject("left_until", LocalDate.class),
                        r.getString("left_note"));
            case "reading" ->
                new Event.Reading(
                        r.getString("method"),
                        r.getObject("meter_id", UUID.class),
                        r.getObject("ph", Double.class),
                        r.getObject("ec", Double.class),
                        TypedFields.kept(r));
            case "note" -> new Event.Note(r.getString("text"));
            case "moving" -> new Event.Moving(r.getString("from_place"), r.getString("to_place"));
            case "potting" ->
                new Event.Potting(
                        r.getDouble("litres_before"),
                        r.getDouble("litres_after"),
                        r.getString("mix_before"),
                        r.getString("mix_after"),
                        r.getDouble("fresh"),
                        r.getDouble("roots_cut"));
            case "loss" -> new Event.Loss(r.getInt("pots_before"), r.getInt("pots_after"), r.getString("why"));
            case "splitting" ->
                new Event.Splitting(
                        r.getInt("pots_before"), r.getInt("pots_after"), r.getString("other_lot"), r.getString("why"));
            case "retiring" -> new Event.Retiring(r.getInt("pots_before"), r.getInt("pots_after"), r.getString("why"));
            case "tending" ->
                new Event.Tending(r.getString("chore"), r.getString("found"), r.getString("product"), sight(r));
            case "lifting" ->
                new Event.Lifting(
                        r.getString("hold"),
                        r.getObject("lifted_until", LocalDate.class),
                        r.getString("lifted_because"));
            case "correction" -> new Event.Correction(r.getLong("corrects"));
            default -> throw new IllegalStateException("the journal knows no " + kind);
        };
    }

    private static Event.@Nullable Sight sight(ResultSet r) throws SQLException {
        return r.getBoolean("seen")
                ? new Event.Sight(
                        r.getString("dryness"),
                        r.getObject("before_kg", Double.class),
                        r.getObject("after_kg", Double.class),
                        r.getObject("runoff_litres", Double.class),
                        r.getString("seen_note"))
                : null;
    }
}
