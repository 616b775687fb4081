package evencistern.server.tank;

import evencistern.fault.Faults;
import evencistern.feed.Analysis;
import evencistern.feed.Declared;
import evencistern.feed.Nutrients;
import evencistern.label.Question;
import evencistern.server.GardenId;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.stock.Stocks;
import evencistern.working.Working;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A stock that has been made: a feed of its own on the shelf, drawn from what went into it. */
@Service
@RetriedOnLocks
class Makings {
    /** Stronger than this a ratio is asked about: in all, or to so much water. */
    private static final double ASKED_BELOW = 50;

    private final Gardens gardens;
    private final Feeds feeds;
    private final Stocks stocks;
    private final History history;

    Makings(Gardens gardens, Feeds feeds, Stocks stocks, History history) {
        this.gardens = gardens;
        this.feeds = feeds;
        this.stocks = stocks;
        this.history = history;
    }

    /**
     * A tank that is made.
     *
     * @param feedId,stockId made by the page, so that sending it twice makes one
     */
    record Making(String clientKey, UUID feedId, UUID stockId, String name, TankAsk tank) {}

    /**
     * Puts the stock on the shelf as a liquid feed with its own analysis and rate, and takes what went into it from the
     * shelf; one act with one undo. Of two tanks a millilitre of each counts as one.
     */
    @Transactional
    Act.Recorded make(GardenId garden, Making made) {
        var today = gardens.today(garden);
        Faults faults = new Faults();
        String name = faults.text("tank.name", made.name(), 80);
        faults.throwIfAny();
        TankAsk.Read read = made.tank().read(Working.off());
        double df = read.stock().injector().dilutionFactor();
        FeedWire feed = feed(made.feedId(), name, read, df);
        feed.toFeed();
        return history.once(garden, "edit", made.clientKey(), act -> {
            feeds.save(garden, act, feed);
            for (int i = 0; i < read.products().size(); i++) {
                UUID product = made.tank().products().get(i).feed().id();
                stocks.draw(garden, act, product, read.products().get(i).perLitre() * df * read.litres());
            }
            stocks.fill(garden, act, made.stockId(), made.feedId(), read.litres() * 1000, today);
        });
    }

    private static FeedWire feed(UUID id, String name, TankAsk.Read read, double df) {
        Nutrients perMl = Nutrients.NONE;
        for (var p : read.products()) {
            perMl = perMl.plus(p.feed().contentsPer(p.measure()).times(p.perLitre() * df / 1000));
        }
        Analysis analysis = Analysis.ofLiquid(perMl);
        Map<Declared, Double> rest = new EnumMap<>(Declared.class);
        analysis.stated().forEach((line, percent) -> {
            if (line != Declared.N && line != Declared.P && line != Declared.K) {
                rest.put(line, percent);
            }
        });
        return new FeedWire(
                id,
                name,
                analysis.n(),
                analysis.p2o5(),
                analysis.k2o(),
                true,
                rest,
                FeedWire.Basis.by_volume,
                null,
                null,
                null,
                FeedWire.Form.liquid,
                null,
                null,
                null,
                null,
                null,
                "1:" + Faults.plain(df) + " with every watering",
                df < ASKED_BELOW
                        ? List.of(new FeedWire.Answer(Question.RATIO_KIND, Question.Choice.IN_TOTAL))
                        : List.of(),
                false,
                null,
                Map.of(),
                0,
                false);
    }
}
