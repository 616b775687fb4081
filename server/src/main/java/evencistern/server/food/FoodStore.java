package evencistern.server.food;

import evencistern.label.Measure;
import evencistern.server.GardenId;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What a lot was given of which feed. */
@Repository
class FoodStore {
    private final JdbcClient db;

    FoodStore(JdbcClient db) {
        this.db = db;
    }

    /** So much product for one pot, g or mL. */
    record Given(Instant at, UUID feed, double product, Measure measure) {}

    /** What one pot of the lot was given of these feeds, oldest first; what was taken back is not in it. */
    List<Given> listGiven(GardenId garden, UUID lot, List<UUID> feeds) {
        return db.sql("""
                        select j.occurred_at, f.feed_id, f.product_each, f.measure
                        from journal_standing j
                        join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and f.feed_id = any(?)
                          and not exists (
                            select 1
                            from journal_standing p
                            join journal_potting n on n.garden_id = p.garden_id and n.journal_id = p.id
                            where p.garden_id = j.garden_id and p.lot_id = j.lot_id
                              and p.occurred_at > j.occurred_at and n.fresh >= 100)
                        order by j.occurred_at, j.id
                        """)
                .params(garden.value(), lot, feeds.toArray(UUID[]::new))
                .query((r, n) -> new Given(
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                        r.getObject("feed_id", UUID.class),
                        r.getDouble("product_each"),
                        Measure.valueOf(r.getString("measure").toUpperCase(Locale.ROOT))))
                .list();
    }
}
