package evencistern.server.stock;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.media.Additive;
import evencistern.server.GardenId;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.typed.Typed;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What there is of feeds and mixes: counted by a person, drawn down by the journal. */
@Service
@RetriedOnLocks
public class Stocks {
    private final StockStore store;
    private final Gardens gardens;
    private final Feeds feeds;
    private final Mixes mixes;
    private final History history;
    private final Keeping<Stock> keeping;

    Stocks(StockStore store, Gardens gardens, Feeds feeds, Mixes mixes, History history) {
        this.store = store;
        this.gardens = gardens;
        this.feeds = feeds;
        this.mixes = mixes;
        this.history = history;
        this.keeping = history.keep(store.stocks());
    }

    public List<StockWire> list(GardenId garden) {
        GardenWire g = gardens.require(garden);
        return store.listStocks(garden).stream().map(s -> wire(g, s)).toList();
    }

    /** Counts a stock for the first time, or again. */
    @Transactional
    public History.Edited<Stock> save(GardenId garden, StockInput input) {
        GardenWire g = gardens.require(garden);
        Counted of = Counted.of(input);
        Unit unit = unit(garden, of);
        refuseAnother(garden, input.id(), of);
        return history.edit(garden, keeping, input.read(unit, g.today()));
    }

    /** Refused where the same is counted already under another id. */
    private void refuseAnother(GardenId garden, UUID id, Counted of) {
        store.findStockOf(garden, of).filter(s -> !s.id().equals(id)).ifPresent(s -> {
            throw new FaultException(Fault.of(FaultCode.COUNTED_ALREADY, "stock", ""));
        });
    }

    /**
     * Takes product from the stock of a feed as part of an act; nothing where none is counted. What was counted is lowered,
     * so that the journal since then stands as it was.
     *
     * @param amount g of a dry feed, mL of a liquid one
     */
    public void draw(GardenId garden, Act act, UUID feedId, double amount) {
        store.findStockOf(garden, Counted.feed(feedId)).ifPresent(s -> {
            Unit unit = unit(garden, Counted.feed(feedId));
            double left = Math.max(0, s.amount() - amount);
            history.save(garden, act, keeping, with(s, left, unit));
        });
    }

    private static Stock with(Stock s, double amount, Unit unit) {
        return new Stock(
                s.id(),
                s.feedId(),
                s.mix(),
                s.component(),
                s.additive(),
                amount,
                new Typed(Faults.plain(amount), unit.symbol()),
                s.countedOn(),
                s.openedOn(),
                s.pack(),
                s.packTyped(),
                s.cost(),
                s.currency(),
                s.version(),
                s.retired());
    }

    /** Counts a component for the first time as part of an act, loose litres. */
    public void fillComponent(GardenId garden, Act act, String component, double litres, LocalDate today) {
        UUID id = UUID.randomUUID();
        history.save(garden, act, keeping, first(id, null, component, litres, Unit.LITRE, today, null));
    }

    /** What is left of a component, loose litres; empty where none is counted. */
    public OptionalDouble componentLeft(GardenId garden, String component) {
        GardenWire g = gardens.require(garden);
        return store.findStockOf(garden, Counted.component(component))
                .map(s -> OptionalDouble.of(wire(g, s).left()))
                .orElse(OptionalDouble.empty());
    }

    /** Takes so many litres of a component away as part of an act; nothing where none is counted. */
    public void drawComponent(GardenId garden, Act act, String component, double litres) {
        store.findStockOf(garden, Counted.component(component))
                .ifPresent(s ->
                        history.save(garden, act, keeping, with(s, Math.max(0, s.amount() - litres), Unit.LITRE)));
    }

    /** Counts a feed for the first time as part of an act: mL of a liquid one. */
    public void fill(GardenId garden, Act act, UUID id, UUID feedId, double millilitres, LocalDate today) {
        refuseAnother(garden, id, Counted.feed(feedId));
        history.save(garden, act, keeping, first(id, feedId, null, millilitres, Unit.MILLILITRE, today, today));
    }

    private static Stock first(
            UUID id,
            @Nullable UUID feedId,
            @Nullable String component,
            double amount,
            Unit unit,
            LocalDate countedOn,
            @Nullable LocalDate openedOn) {
        Typed typed = new Typed(Faults.plain(amount), unit.symbol());
        return new Stock(
                id, feedId, null, component, null, amount, typed, countedOn, openedOn, null, null, null, null, 0,
                false);
    }

    private Unit unit(GardenId garden, Counted of) {
        if (!of.ofOne()) {
            throw new FaultException(Fault.of(FaultCode.MISSING, "stock", ""));
        }
        UUID feedId = of.feedId();
        if (feedId != null) {
            return feeds.require(garden, feedId).form() == FeedWire.Form.dry ? Unit.GRAM : Unit.MILLILITRE;
        }
        String additive = of.additive();
        if (additive != null) {
            if (!Additive.keys().contains(additive)) {
                throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "amendment", additive));
            }
            return Unit.GRAM;
        }
        MixShelf shelf = mixes.shelf(garden);
        String mix = of.mix();
        String component = of.component();
        if (mix != null) {
            shelf.require(mix);
        } else if (shelf.components().stream().noneMatch(c -> c.key().equals(component))) {
            throw new FaultException(Fault.of(FaultCode.COMPONENT_UNKNOWN, "mix.component", String.valueOf(component)));
        }
        return Unit.LITRE;
    }

    private StockWire wire(GardenWire g, Stock s) {
        GardenId garden = new GardenId(g.id());
        ZoneId zone = ZoneId.of(g.timeZone());
        UUID feedId = s.feedId();
        double used;
        // what is counted was there when it was first counted
        String additive = s.additive();
        Unit unit = feedId != null ? unit(garden, Counted.feed(feedId)) : additive != null ? Unit.GRAM : Unit.LITRE;
        if (feedId != null) {
            Feed feed = feeds.require(garden, feedId).toFeed();
            used = store.listFeedUsed(garden, feedId, s.countedOn(), zone).stream()
                    .mapToDouble(u -> inStock(feed, unit, measure(u.measure()), u.amount()))
                    .sum();
        } else if (additive != null) {
            used = store.sumAdditiveUsed(garden, additive, s.countedOn());
        } else {
            String mix = s.mix();
            used = mix == null
                    ? store.sumComponentUsed(garden, Objects.requireNonNull(s.component()), s.countedOn(), zone)
                    // what was mixed since counts against what went into pots
                    : store.sumMixUsed(garden, mix, s.countedOn(), zone) - store.sumMixMade(garden, mix, s.countedOn());
        }
        double left = Math.max(0, s.amount() - used);
        Double cost = s.cost();
        Double pack = s.pack();
        return new StockWire(
                s,
                unit.symbol(),
                used,
                left,
                used > s.amount(),
                cost == null || pack == null ? null : left / pack * cost);
    }

    private static Measure measure(String id) {
        return Measure.valueOf(id.toUpperCase(Locale.ROOT));
    }

    /** Product in one measure as the stock counts it: grams of a dry feed, millilitres of a liquid one. */
    public static double inStock(Feed feed, Unit unit, Measure measure, double amount) {
        double grams = amount * feed.gramsPer(measure).value();
        return unit == Unit.GRAM ? grams : grams / feed.densityKgPerL().value();
    }
}
