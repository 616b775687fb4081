package evencistern.server.plant;

import evencistern.server.GardenId;
import evencistern.server.typed.Told;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the kinds of plant a garden changed or added. */
@Repository
class KindStore {
    private static final String KINDS = """
            select id, shipped, name, scientific, family, traits, version, retired from species where garden_id = ?
            """;

    private final JdbcClient db;

    KindStore(JdbcClient db) {
        this.db = db;
    }

    private static Kind kind(ResultSet r, int row) throws SQLException {
        return new Kind(
                r.getObject("id", UUID.class),
                r.getString("shipped"),
                r.getString("name"),
                r.getString("scientific"),
                r.getString("family"),
                Told.kept(r.getArray("traits")),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<Kind> listKinds(GardenId garden) {
        return db.sql(KINDS + " order by name, id limit 1000")
                .param(garden.value())
                .query(KindStore::kind)
                .list();
    }

    Optional<Kind> findKind(GardenId garden, UUID id) {
        return db.sql(KINDS + " and id = ?")
                .params(garden.value(), id)
                .query(KindStore::kind)
                .optional();
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

    void insertKind(GardenId garden, Kind k) {
        db.sql("""
                        insert into species (shipped, name, scientific, family, traits, retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """).params(values(garden, k)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateKind(GardenId garden, Kind k) {
        List<Object> values = new ArrayList<>(values(garden, k));
        values.add(k.version());
        return db.sql("""
                                update species set shipped = ?, name = ?, scientific = ?, family = ?, traits = ?,
                                                   retired = ?, version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, Kind k) {
        return Arrays.asList(
                k.shipped(),
                k.name(),
                k.scientific(),
                k.group(),
                Told.stored(k.traits()),
                k.retired(),
                garden.value(),
                k.id());
    }
}
