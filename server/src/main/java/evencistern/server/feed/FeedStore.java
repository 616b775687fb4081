package evencistern.server.feed;

import evencistern.feed.Declared;
import evencistern.label.Question;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.Keyed;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of feeds. */
@Repository
class FeedStore {
    private final OwnedTable<FeedWire> feeds;

    FeedStore(JdbcClient db, JdbcTemplate batch) {
        this.feeds = OwnedTable.named("feed", FeedWire.class, FeedStore::row)
                .column("name", FeedWire::name)
                .column("n", FeedWire::n)
                .column("p2o5", FeedWire::p2o5)
                .column("k2o", FeedWire::k2o)
                .column("elements", f -> Boolean.TRUE.equals(f.elements()))
                .column("contents", f -> Keyed.stored(f.contents()))
                .column("basis", f -> (f.basis() == null ? FeedWire.Basis.by_weight : f.basis()).name())
                .column("chelate", f -> f.chelate() == null ? null : f.chelate().name())
                .column("formula", FeedWire::formula)
                .column("purity", FeedWire::purity)
                .column("form", f -> f.form().name())
                .column("density", FeedWire::density)
                .column("ec_factor", FeedWire::ecFactor)
                .column("own_ml", FeedWire::ownMl)
                .column("coated_months", FeedWire::coatedMonths)
                .column("coated_celsius", FeedWire::coatedCelsius)
                .column("label", FeedWire::label)
                .column("answers", f -> stored(f.answers()))
                .column("words_seen", FeedWire::wordsSeen)
                .column("read_as", FeedWire::readAs)
                .typed(FeedWire::typed)
                .in(db, batch);
    }

    OwnedTable<FeedWire> feeds() {
        return feeds;
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
                r.getString("read_as"),
                TypedFields.kept(r),
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
        return feeds.list(garden, "order by name, id limit 500");
    }
}
