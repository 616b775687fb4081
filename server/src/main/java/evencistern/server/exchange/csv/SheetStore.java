package evencistern.server.exchange.csv;

import evencistern.server.GardenId;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL behind the sheets that leave as CSV: a line is a list of cells in the order of the sheet's head. */
@Repository
class SheetStore {
    static final List<String> LOTS = List.of(
            "lot",
            "pots",
            "species",
            "place",
            "mix",
            "feed",
            "shape",
            "opening_cm",
            "height_cm",
            "material",
            "since",
            "last_watered",
            "last_fed",
            "next_water",
            "next_feed",
            "retired_on",
            "way");

    static final List<String> JOURNAL = List.of(
            "time",
            "lot",
            "what",
            "litres_each",
            "feed",
            "product_each",
            "measure",
            "n_mg_per_l",
            "method",
            "ph",
            "ec_ms_cm",
            "from",
            "to",
            "pots_before",
            "pots_after",
            "care",
            "pests_found",
            "product_used",
            "note",
            "way");

    private final JdbcClient db;

    SheetStore(JdbcClient db) {
        this.db = db;
    }

    void eachLot(GardenId garden, Consumer<List<@Nullable Object>> line) {
        db.sql("""
                        select l.name, l.pots, l.species, p.name as place, l.mix,
                               (select string_agg(f.name, ', ' order by k.place) from lot_course k
                                join feed f on f.garden_id = k.garden_id and f.id = k.feed_id
                                where k.garden_id = l.garden_id and k.lot_id = l.id) as feed, l.shape,
                               round((l.top_m * 100)::numeric, 2) as opening, round((l.height_m * 100)::numeric, 2)
                               as height, l.material, l.started_on, s.last_watered_on, s.last_fed_on, s.next_water_on,
                               s.next_feed_on, l.retired_on, l.way
                        from lot l
                        join place p on p.garden_id = l.garden_id and p.id = l.place_id
                        join lot_state s on s.garden_id = l.garden_id and s.lot_id = l.id
                        where l.garden_id = ? order by l.retired, p.name, l.name, l.id
                        """).param(garden.value()).query((RowCallbackHandler) r -> {
            line.accept(Arrays.asList(
                    r.getString("name"),
                    r.getInt("pots"),
                    r.getString("species"),
                    r.getString("place"),
                    r.getString("mix"),
                    r.getString("feed"),
                    r.getString("shape"),
                    r.getBigDecimal("opening"),
                    r.getBigDecimal("height"),
                    r.getString("material"),
                    r.getObject("started_on", LocalDate.class),
                    r.getObject("last_watered_on", LocalDate.class),
                    r.getObject("last_fed_on", LocalDate.class),
                    r.getObject("next_water_on", LocalDate.class),
                    r.getObject("next_feed_on", LocalDate.class),
                    r.getObject("retired_on", LocalDate.class),
                    r.getString("way")));
        });
    }

    /** What stands in the journal, oldest first; times are those of the zone. */
    void eachEntry(GardenId garden, ZoneId zone, Consumer<List<@Nullable Object>> line) {
        db.sql("""
                        select j.occurred_at, l.name as lot, j.kind, coalesce(w.litres_each, f.litres_each) as litres, coalesce(w.way, f.way) as way,
                               fd.name as feed, f.product_each, f.measure, f.n_mg_per_l, r.method, r.ph, r.ec,
                               coalesce(mf.name, p.mix_before) as from_what, coalesce(mt.name, p.mix_after) as to_what,
                               c.pots_before, c.pots_after, t.chore, t.found, t.product,
                               coalesce(n.text, c.why, o.note) as note
                        from journal_standing j
                        join lot l on l.garden_id = j.garden_id and l.id = j.lot_id
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
                        left join journal_tending t on t.garden_id = j.garden_id and t.journal_id = j.id
                        left join journal_seen o on o.garden_id = j.garden_id and o.journal_id = j.id
                        where j.garden_id = ?
                        order by j.occurred_at, j.id
                        """).param(garden.value()).query((RowCallbackHandler) r -> {
            line.accept(Arrays.asList(
                    r.getObject("occurred_at", OffsetDateTime.class)
                            .atZoneSameInstant(zone)
                            .toOffsetDateTime(),
                    r.getString("lot"),
                    r.getString("kind"),
                    r.getObject("litres", Double.class),
                    r.getString("feed"),
                    r.getObject("product_each", Double.class),
                    r.getString("measure"),
                    r.getObject("n_mg_per_l", Double.class),
                    r.getString("method"),
                    r.getObject("ph", Double.class),
                    r.getObject("ec", Double.class),
                    r.getString("from_what"),
                    r.getString("to_what"),
                    r.getObject("pots_before", Integer.class),
                    r.getObject("pots_after", Integer.class),
                    r.getString("chore"),
                    r.getString("found"),
                    r.getString("product"),
                    r.getString("note"),
                    r.getString("way")));
        });
    }
}
