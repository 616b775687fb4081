package evencistern.server.age;

import evencistern.server.GardenId;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of what happened to the mix of a lot. */
@Repository
class AgeStore {
    private static final String STANDS =
            " and not exists (select 1 from journal c where c.garden_id = j.garden_id and c.corrects = j.id)"
                    + " order by j.occurred_at, j.id";

    private final JdbcClient db;

    AgeStore(JdbcClient db) {
        this.db = db;
    }

    /** Something that happened: litres that a pot was given, the place left, or per cent of fresh mix. */
    record Event(
            Instant at,
            @Nullable Double litres,
            @Nullable UUID from,
            @Nullable UUID to,
            @Nullable Double fresh) {}

    /** What happened to a lot's mix, oldest first. */
    List<Event> listEvents(GardenId garden, UUID lot) {
        return db.sql("""
                        select j.occurred_at, coalesce(w.litres_each, f.litres_each) as litres, m.from_place, m.to_place,
                               p.fresh
                        from journal j
                        left join journal_watering w on w.garden_id = j.garden_id and w.journal_id = j.id
                        left join journal_feeding f on f.garden_id = j.garden_id and f.journal_id = j.id
                        left join journal_moving m on m.garden_id = j.garden_id and m.journal_id = j.id
                        left join journal_potting p on p.garden_id = j.garden_id and p.journal_id = j.id
                        where j.garden_id = ? and j.lot_id = ? and j.kind in ('watering', 'feeding', 'moving', 'potting')
                        """ + STANDS)
                .params(garden.value(), lot)
                .query((r, n) -> new Event(
                        r.getObject("occurred_at", OffsetDateTime.class).toInstant(),
                        r.getObject("litres", Double.class),
                        r.getObject("from_place", UUID.class),
                        r.getObject("to_place", UUID.class),
                        r.getObject("fresh", Double.class)))
                .list();
    }
}
