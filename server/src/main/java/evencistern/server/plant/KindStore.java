package evencistern.server.plant;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.Told;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the kinds of plant a garden changed or added. */
@Repository
class KindStore {
    private final OwnedTable<Kind> kinds;
    private final JdbcClient db;

    KindStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.kinds = OwnedTable.named("species", Kind.class, KindStore::kind)
                .column("shipped", Kind::shipped)
                .column("name", Kind::name)
                .column("scientific", Kind::scientific)
                .column("family", Kind::group)
                .texts("traits", "species_trait", "species_id", "trait", Kind::traits)
                .in(db, batch);
    }

    OwnedTable<Kind> kinds() {
        return kinds;
    }

    private static Kind kind(ResultSet r, int row) throws SQLException {
        return new Kind(
                r.getObject("id", UUID.class),
                r.getString("shipped"),
                r.getString("name"),
                r.getString("scientific"),
                r.getString("family"),
                Told.kept(r.getString("traits")),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<Kind> listKinds(GardenId garden) {
        return kinds.list(garden, "order by name, id limit 1000");
    }

    /** How many lots on the bench are of each kind that has any, by its key. */
    Map<String, Integer> countLots(GardenId garden) {
        Map<String, Integer> lots = new HashMap<>();
        db.sql("select species, count(*) as lots from lot where garden_id = ? and not retired group by species")
                .param(garden.value())
                .query(r -> {
                    lots.put(r.getString("species"), r.getInt("lots"));
                });
        return lots;
    }
}
