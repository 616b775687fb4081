package evencistern.server.feed;

import evencistern.feed.Declared;
import evencistern.label.Question;
import evencistern.server.GardenId;
import evencistern.server.typed.Keyed;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of feeds. */
@Repository
class FeedStore {
    private static final String COLUMNS =
            "id, name, n, p2o5, k2o, elements, contents, basis, chelate, formula, purity, form, density, ec_factor,"
                    + " own_ml, coated_months, coated_celsius, label, answers, words_seen, typed, version, retired";

    private final JdbcClient db;

    FeedStore(JdbcClient db) {
        this.db = db;
    }

    private static FeedWire row(ResultSet r, int n) throws SQLException {
        return new FeedWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getDouble("n"),
                r.getDouble("p2o5"),
                r.getDouble("k2o"),
                r.getBoolean("elements"),
                Keyed.numbers(Declared.class, r.getArray("contents")),
                FeedWire.Basis.valueOf(r.getString("basis")),
                chelate(r.getString("chelate")),
                r.getString("formula"),
                r.getObject("purity", Double.class),
                FeedWire.Form.valueOf(r.getString("form")),
                r.getObject("density", Double.class),
                r.getObject("ec_factor", Double.class),
                r.getObject("own_ml", Double.class),
                r.getObject("coated_months", Double.class),
                r.getObject("coated_celsius", Double.class),
                r.getString("label"),
                Arrays.stream((String[]) r.getArray("answers").getArray())
                        .map(FeedStore::answer)
                        .toList(),
                r.getBoolean("words_seen"),
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static FeedWire.@Nullable Chelate chelate(@Nullable String stored) {
        return stored == null ? null : FeedWire.Chelate.valueOf(stored);
    }

    private static FeedWire.Answer answer(String stored) {
        int equals = stored.indexOf('=');
        return new FeedWire.Answer(
                Question.valueOf(stored.substring(0, equals)), Question.Choice.valueOf(stored.substring(equals + 1)));
    }

    private static String[] stored(List<FeedWire.Answer> answers) {
        return answers.stream().map(a -> a.question() + "=" + a.choice()).toArray(String[]::new);
    }

    List<FeedWire> listFeeds(GardenId garden) {
        return db.sql("select " + COLUMNS + " from feed where garden_id = ? order by name, id limit 500")
                .param(garden.value())
                .query(FeedStore::row)
                .list();
    }

    Optional<FeedWire> findFeed(GardenId garden, UUID id) {
        return db.sql("select " + COLUMNS + " from feed where garden_id = ? and id = ?")
                .params(garden.value(), id)
                .query(FeedStore::row)
                .optional();
    }

    void insertFeed(GardenId garden, FeedWire f) {
        db.sql("""
                        insert into feed (name, n, p2o5, k2o, elements, contents, basis, chelate, formula, purity,
                                          form, density, ec_factor, own_ml, coated_months, coated_celsius,
                                          label, answers, words_seen, typed, retired, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """).params(values(garden, f)).update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateFeed(GardenId garden, FeedWire f) {
        List<Object> values = new java.util.ArrayList<>(values(garden, f));
        values.add(f.version());
        return db.sql("""
                                update feed set name = ?, n = ?, p2o5 = ?, k2o = ?, elements = ?, contents = ?,
                                                basis = ?, chelate = ?, formula = ?, purity = ?, form = ?,
                                                density = ?, ec_factor = ?, own_ml = ?, coated_months = ?,
                                                coated_celsius = ?, label = ?, answers = ?,
                                                words_seen = ?, typed = ?, retired = ?,
                                                version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """).params(values).update() == 1;
    }

    private static List<Object> values(GardenId garden, FeedWire f) {
        return Arrays.asList(
                f.name(),
                f.n(),
                f.p2o5(),
                f.k2o(),
                Boolean.TRUE.equals(f.elements()),
                Keyed.stored(f.contents()),
                (f.basis() == null ? FeedWire.Basis.by_weight : f.basis()).name(),
                f.chelate() == null ? null : f.chelate().name(),
                f.formula(),
                f.purity(),
                f.form().name(),
                f.density(),
                f.ecFactor(),
                f.ownMl(),
                f.coatedMonths(),
                f.coatedCelsius(),
                f.label(),
                stored(f.answers()),
                f.wordsSeen(),
                TypedFields.stored(f.typed()),
                f.retired(),
                garden.value(),
                f.id());
    }
}
