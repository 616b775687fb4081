package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Recipes;
import evencistern.plan.LotPlan;
import evencistern.plan.Situation;
import evencistern.plant.SpeciesGuide;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The lots of a garden, and the one function that works out where a lot stands. */
@Service
public class Lots {
    private static final List<String> WATERED = List.of("watering", "feeding");
    private static final List<String> FED = List.of("feeding");

    private final LotStore store;
    private final Gardens gardens;
    private final Feeds feeds;

    Lots(LotStore store, Gardens gardens, Feeds feeds) {
        this.store = store;
        this.gardens = gardens;
        this.feeds = feeds;
    }

    /** A page of lots and how many there are in all. */
    public record Page(List<LotWire> lots, int total) {}

    public Page list(GardenId garden, int offset, int limit) {
        gardens.require(garden);
        return new Page(
                store.listLots(garden, Math.max(0, offset), Math.min(Math.max(limit, 1), 200)),
                store.countLots(garden));
    }

    public List<LotWire> listDue(GardenId garden, LocalDate by, int limit) {
        return store.listDue(garden, by, limit);
    }

    public LotWire require(GardenId garden, UUID lot) {
        return store.findLot(garden, lot)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", lot.toString())));
    }

    /** The same, taken for this transaction. */
    public LotWire lock(GardenId garden, UUID lot) {
        store.lock(garden, lot);
        return require(garden, lot);
    }

    /** Adds a lot. The same id sent again returns what is there. */
    @Transactional
    public LotWire add(GardenId garden, LotInput input) {
        GardenWire g = gardens.require(garden);
        int pots = input.check();
        checkOwned(g, garden, input);
        if (store.findLot(garden, input.id()).isEmpty()) {
            store.insertLot(garden, input, pots, started(input, g.today()));
            rebuild(garden, g, input);
        }
        return require(garden, input.id());
    }

    /** Changes a lot; a version that is no longer current is refused. */
    @Transactional
    public LotWire change(GardenId garden, UUID id, LotInput input) {
        GardenWire g = gardens.require(garden);
        LotWire before = lock(garden, id);
        int pots = input.check();
        if (!input.id().equals(id)) {
            throw new FaultException(
                    Fault.of(FaultCode.CHOICE_UNKNOWN, "lot", input.id().toString()));
        }
        checkOwned(g, garden, input);
        LocalDate startedOn = input.startedOn() == null ? before.startedOn() : input.startedOn();
        if (!store.updateLot(garden, input, pots, startedOn)) {
            throw Gardens.stale("lot", input.version(), before.version());
        }
        rebuild(garden, id);
        return require(garden, id);
    }

    private static LocalDate started(LotInput input, LocalDate today) {
        return input.startedOn() == null ? today : input.startedOn();
    }

    private void checkOwned(GardenWire g, GardenId garden, LotInput input) {
        Faults faults = new Faults();
        if (g.places().stream().noneMatch(p -> p.id().equals(input.placeId()))) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.place", input.placeId().toString());
        }
        if (g.waters().stream().noneMatch(w -> w.id().equals(input.waterId()))) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.water", input.waterId().toString());
        }
        UUID feed = input.feedId();
        if (feed != null) {
            faults.attempt(() -> feeds.require(garden, feed));
        }
        faults.throwIfAny();
    }

    @EventListener
    void feedChanged(Feeds.FeedChanged changed) {
        store.listLotsFedWith(changed.garden(), changed.feed()).forEach(lot -> rebuild(changed.garden(), lot));
    }

    // --- where a lot stands ---

    /** The situation the rules plan from, as the journal has it now. */
    public Situation situation(GardenWire g, LotWire lot, @Nullable FeedWire feed) {
        return situation(
                g,
                input(lot),
                feed,
                Optional.ofNullable(lot.state().lastWateredOn()),
                Optional.ofNullable(lot.state().lastFedOn()));
    }

    /** The situation of a lot that was last watered and fed on the given days. */
    public Situation situation(
            GardenWire g, LotInput lot, @Nullable FeedWire feed, Optional<LocalDate> watered, Optional<LocalDate> fed) {
        GardenWire.PlaceWire place = g.places().stream()
                .filter(p -> p.id().equals(lot.placeId()))
                .findFirst()
                .orElseThrow(() -> new FaultException(
                        Fault.of(FaultCode.NOT_FOUND, "place", lot.placeId().toString())));
        return new Situation(
                SpeciesGuide.require(lot.species()),
                lot.pot().toPot(),
                Recipes.require(lot.mix()),
                place.toPlace(),
                Optional.ofNullable(feed).map(FeedWire::toFeed),
                started(lot, g.today()),
                Optional.ofNullable(lot.repottedOn()),
                watered,
                fed);
    }

    /** Works a lot's state out from its journal and keeps it; called in the transaction of every change to it. */
    public void rebuild(GardenId garden, UUID id) {
        rebuild(garden, gardens.require(garden), input(require(garden, id)));
    }

    private static LotInput input(LotWire lot) {
        return new LotInput(
                lot.id(),
                lot.name(),
                new Typed(Integer.toString(lot.pots()), ""),
                lot.species(),
                lot.pot(),
                lot.mix(),
                lot.placeId(),
                lot.waterId(),
                lot.feedId(),
                lot.startedOn(),
                lot.repottedOn(),
                lot.version());
    }

    private void rebuild(GardenId garden, GardenWire g, LotInput lot) {
        Optional<LotStore.Event> watered = store.findLast(garden, lot.id(), WATERED);
        Optional<LotStore.Event> fed = store.findLast(garden, lot.id(), FED);
        ZoneId zone = ZoneId.of(g.timeZone());
        Optional<LocalDate> wateredOn = watered.map(e -> dateOf(e.at(), zone));
        Optional<LocalDate> fedOn = fed.map(e -> dateOf(e.at(), zone));
        UUID feedId = lot.feedId();
        FeedWire feed = feedId == null ? null : feeds.require(garden, feedId);
        LotPlan plan = LotPlan.of(situation(g, lot, feed, wateredOn, fedOn), Working.off());
        Optional<LotPlan.FeedDate> next = plan.nextFeed();
        LocalDate due = next.map(LotPlan.FeedDate::date)
                .filter(d -> d.isBefore(plan.nextWater()))
                .orElse(plan.nextWater());
        store.saveState(
                garden,
                lot.id(),
                new LotState(
                        wateredOn.orElse(null),
                        fedOn.orElse(null),
                        "water:" + watered.map(LotStore.Event::id).orElse(0L),
                        "feed:" + fed.map(LotStore.Event::id).orElse(0L),
                        plan.nextWater(),
                        plan.days().likely(),
                        next.map(LotPlan.FeedDate::date).orElse(null),
                        next.map(f -> f.binding().id()).orElse(null),
                        next.map(LotPlan.FeedDate::earliest).orElse(null),
                        next.map(LotPlan.FeedDate::latest).orElse(null),
                        due));
    }

    private static LocalDate dateOf(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone);
    }
}
