package evencistern.server.lot;

import evencistern.server.GardenId;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of what happened to the pots of a lot. */
@Repository
class StoryStore {
    private final JdbcClient db;

    StoryStore(JdbcClient db) {
        this.db = db;
    }

    /**
     * What happened to one pot of each of these lots and stands, oldest first; none for a lot to which nothing did.
     *
     * @param readings whether what was read of the roots is wanted too
     */
    Map<UUID, List<Story.Happening>> listHappenings(GardenId garden, List<UUID> lots, boolean readings) {
        if (lots.isEmpty()) {
            return Map.of();
        }
        return db
                .sql("""
                        select j.lot_id, j.occurred_at, coalesce(w.litres_each, f.litres_each) as litres, f.feed_id, f.product_each,
                               f.measure, o.runoff_litres, m.from_place, m.to_place, p.fresh, r.method, r.ec,
                               r.ec_plus_minus
                        from journal_standing j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        left join journal_seen o on o.garden_id = j.garden_id and o.journal_id = j.id
                        left join journal_moving m on m.garden_id = j.garden_id and m.journal_id = j.id
                        left join journal_potting p on p.garden_id = j.garden_id and p.journal_id = j.id
                        left join journal_reading r on r.garden_id = j.garden_id and r.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = any (?)
                          and not coalesce(w.part, f.part, false)
                          and (j.kind in ('watering', 'feeding', 'moving', 'potting')
                               or (? and j.kind = 'reading' and r.ec is not null and r.method not in ('can', 'soak')))
                        order by j.occurred_at, j.id
                        """)
                .params(garden.value(), lots.toArray(UUID[]::new), readings)
                .query((r, n) -> Map.entry(
                        r.getObject("lot_id", UUID.class),
                        new Story.Happening(
                                r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                                r.getObject("litres", Double.class),
                                r.getObject("feed_id", UUID.class),
                                r.getObject("product_each", Double.class),
                                r.getString("measure"),
                                r.getObject("runoff_litres", Double.class),
                                r.getObject("from_place", UUID.class),
                                r.getObject("to_place", UUID.class),
                                r.getObject("fresh", Double.class),
                                r.getString("method"),
                                r.getObject("ec", Double.class),
                                r.getObject("ec_plus_minus", Double.class))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }
}
