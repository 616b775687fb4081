package evencistern.server.season;

import evencistern.feed.Feed;
import evencistern.need.Situation;
import evencistern.plan.Feedings;
import evencistern.server.GardenId;
import evencistern.server.feed.FeedWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.stock.StockWire;
import evencistern.server.stock.Stocks;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What all lots will take of each feed in the year ahead, beside what there is of it. */
@Service
class Seasons {
    private final Lots lots;
    private final Stocks stocks;

    Seasons(Lots lots, Stocks stocks) {
        this.lots = lots;
        this.stocks = stocks;
    }

    /**
     * A feed of the season.
     *
     * @param needed by all pots in the year, after holds, in that unit
     * @param left of what was counted; absent where it was not
     * @param runsOutOn the first day on which it will not suffice; absent where it lasts, or was not counted
     * @param toBuy what is missing, and {@code packs} how many of the size that was bought last
     * @param lots that get it
     */
    record SeasonFeedWire(
            UUID feedId,
            String name,
            String unit,
            double needed,
            @Nullable Double left,
            @Nullable LocalDate runsOutOn,
            double toBuy,
            @Nullable Integer packs,
            int lots) {}

    /** The year from a day on, what is missing most first. */
    record SeasonNeedWire(LocalDate from, LocalDate until, List<SeasonFeedWire> feeds) {}

    /** What is taken of a feed, by day. */
    private static final class Taken {
        private final TreeMap<LocalDate, Double> byDay = new TreeMap<>();
        private final Set<UUID> lots = new HashSet<>();

        double sum() {
            return byDay.values().stream().mapToDouble(Double::doubleValue).sum();
        }

        Optional<LocalDate> runsOut(double left) {
            double taken = 0;
            for (Map.Entry<LocalDate, Double> day : byDay.entrySet()) {
                taken += day.getValue();
                if (taken > left) {
                    return Optional.of(day.getKey());
                }
            }
            return Optional.empty();
        }
    }

    SeasonNeedWire of(GardenId garden) {
        GardenContext context = lots.context(garden);
        LocalDate today = context.garden().today();
        LocalDate until = today.plusYears(1);
        Map<UUID, Taken> taken = new HashMap<>();
        // of the many alike of a bench each is worked out once
        Map<Situation, List<Feedings.Feeding>> alike = new HashMap<>();
        for (LotWithState lot : lots.listFed(context)) {
            for (Feedings.Feeding f :
                    alike.computeIfAbsent(context.situation(lot), s -> Feedings.of(s, today, until))) {
                Taken of = taken.computeIfAbsent(UUID.fromString(f.course().key()), k -> new Taken());
                of.byDay.merge(f.on(), f.product() * lot.lot().pots(), Double::sum);
                of.lots.add(lot.lot().id());
            }
        }
        Map<UUID, StockWire> counted = new HashMap<>();
        for (StockWire stock : stocks.list(garden)) {
            UUID feed = stock.stock().feedId();
            if (feed != null && !stock.stock().retired()) {
                counted.put(feed, stock);
            }
        }
        List<SeasonFeedWire> feeds = new ArrayList<>();
        taken.forEach((id, of) -> {
            FeedWire wire = context.feeds().get(id);
            Optional<Feed> feed = wire == null ? Optional.empty() : wire.settled();
            if (wire != null && feed.isPresent()) {
                feeds.add(feed(wire, feed.get(), of, counted.get(id)));
            }
        });
        feeds.sort(Comparator.comparing(SeasonFeedWire::runsOutOn, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(SeasonFeedWire::name));
        return new SeasonNeedWire(today, until, feeds);
    }

    private static SeasonFeedWire feed(FeedWire wire, Feed feed, Taken taken, @Nullable StockWire stock) {
        Unit unit = wire.form() == FeedWire.Form.dry ? Unit.GRAM : Unit.MILLILITRE;
        double one = Stocks.inStock(feed, unit, feed.rate().measure(), 1);
        double needed = taken.sum() * one;
        Double left = stock == null ? null : stock.left();
        double missing = Math.max(0, needed - (left == null ? 0 : left));
        Double pack = stock == null ? null : stock.stock().pack();
        return new SeasonFeedWire(
                wire.id(),
                wire.name(),
                unit.symbol(),
                needed,
                left,
                left == null ? null : taken.runsOut(left / one).orElse(null),
                missing,
                pack == null ? null : (int) Math.ceil(missing / pack),
                taken.lots.size());
    }
}
