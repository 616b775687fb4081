package evencistern.server.journal;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.plan.Care;
import evencistern.server.care.CareWire;
import evencistern.server.care.LotCare;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.Lots;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Things a person does to lots: each is recorded once, however often it is sent, and can be taken back. */
@Service
public class Acts {
    private static final Duration SMALL_LEAD = Duration.ofMinutes(5);
    private static final Duration WRONG_DATE = Duration.ofHours(24);
    private static final int MOST_ITEMS = 500;

    private final JournalStore store;
    private final Gardens gardens;
    private final Lots lots;
    private final Feeds feeds;
    private final LotCare care;
    private final Clock clock;

    Acts(JournalStore store, Gardens gardens, Lots lots, Feeds feeds, LotCare care, Clock clock) {
        this.store = store;
        this.gardens = gardens;
        this.lots = lots;
        this.feeds = feeds;
        this.care = care;
        this.clock = clock;
    }

    /** A piece of work: the lot and the name of the item that is due. */
    public record Item(UUID lotId, String item) {}

    /**
     * Work done.
     *
     * @param clientKey made by the page; the same key again returns what was recorded the first time
     * @param occurredAt when it was done, or null for now
     */
    public record Tick(
            String clientKey,
            List<Item> items,
            @Nullable UUID vesselId,
            @Nullable Instant occurredAt) {}

    /** What was recorded. */
    public record Recorded(UUID actId, String kind, Instant recordedAt) {}

    /** When something happened, and whether the sender's clock had to be overruled. */
    public record Moment(Instant at, boolean clockAhead) {}

    /** Records that due work was done. */
    @Transactional
    public Recorded tick(GardenId garden, Tick tick) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        faults.within("items", tick.items().size(), 1, MOST_ITEMS, "");
        faults.throwIfAny();
        Moment moment = moment(tick.occurredAt());
        JournalStore.Act act = new JournalStore.Act(UUID.randomUUID(), "tick", clock.instant(), null);
        Optional<Recorded> before = begin(garden, act, tick.clientKey());
        if (before.isPresent()) {
            return before.get();
        }
        double can = LotCare.can(g, tick.vesselId());
        // always in the same order, so that two people never wait for each other's lots
        tick.items().stream()
                .sorted(Comparator.comparing(Item::lotId))
                .forEach(item -> tickOne(garden, g, act, item, moment, can));
        return recorded(act);
    }

    private void tickOne(GardenId garden, GardenWire g, JournalStore.Act act, Item item, Moment moment, double can) {
        LotWire lot = lots.lock(garden, item.lotId());
        boolean feeding = item.item().equals(lot.state().feedItem());
        if (!feeding && !item.item().equals(lot.state().waterItem())) {
            Instant done = store.findTick(garden, lot.id(), item.item()).orElse(null);
            throw new FaultException(
                    done == null
                            ? Fault.of(FaultCode.NOT_DUE, "lot", lot.name())
                            : new Fault(FaultCode.ALREADY_DONE, "lot", lot.name(), done.toString(), ""));
        }
        UUID feedId = lot.feedId();
        if (feeding && feedId == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_DUE, "lot", lot.name()));
        }
        FeedWire feed = feeding && feedId != null ? feeds.require(garden, feedId) : null;
        LocalDate day = LocalDate.ofInstant(moment.at(), ZoneId.of(g.timeZone()));
        Care pot = care.on(g, lot, feed, day, can);
        long row = store.insertRow(
                garden,
                new JournalStore.Row(
                        lot.id(),
                        feed == null ? "watering" : "feeding",
                        moment.at(),
                        act.recordedAt(),
                        act.id(),
                        null,
                        moment.clockAhead()));
        if (feed == null) {
            store.insertWatering(garden, row, item.item(), pot.litresNow(), lot.pots());
        } else {
            Care.Feeding given = pot.feeding().orElseThrow();
            boolean watered = given instanceof Care.Watered;
            double product = watered
                    ? ((Care.Watered) given).potAmount()
                    : ((Care.Strewn) given).pot().practical();
            store.insertFeeding(
                    garden,
                    row,
                    new JournalStore.Given(
                            item.item(),
                            feed.id(),
                            watered ? pot.fullPourLitres() : pot.litresNow(),
                            product,
                            CareWire.measureId(feed.toFeed().rate().measure()),
                            watered ? ((Care.Watered) given).mgPerL().n() : null,
                            lot.pots()));
        }
        lots.rebuild(garden, lot.id());
    }

    /** Takes back everything an act recorded, by rows that correct its rows. */
    @Transactional
    public Recorded undo(GardenId garden, UUID actId, String clientKey) {
        gardens.require(garden);
        JournalStore.Act undo = new JournalStore.Act(UUID.randomUUID(), "undo", clock.instant(), actId);
        Optional<JournalStore.Act> sent = store.findActByKey(garden, clientKey);
        if (sent.isPresent()) {
            return recorded(sent.get());
        }
        JournalStore.Act act = store.findAct(garden, actId)
                .filter(a -> a.undoes() == null)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "act", actId.toString())));
        List<JournalStore.Touched> rows = store.listRowsOf(garden, act.id());
        rows.stream().map(JournalStore.Touched::lot).distinct().forEach(lot -> lots.lock(garden, lot));
        store.findUndoOf(garden, actId).ifPresent(u -> {
            throw new FaultException(new Fault(
                    FaultCode.ALREADY_UNDONE, "act", act.kind(), u.recordedAt().toString(), ""));
        });
        Optional<Recorded> before = begin(garden, undo, clientKey);
        if (before.isPresent()) {
            return before.get();
        }
        for (JournalStore.Touched row : rows) {
            store.insertRow(
                    garden,
                    new JournalStore.Row(
                            row.lot(), "correction", row.occurredAt(), undo.recordedAt(), undo.id(), row.id(), false));
        }
        rows.stream().map(JournalStore.Touched::lot).distinct().forEach(lot -> lots.rebuild(garden, lot));
        return recorded(undo);
    }

    /** Opens an act; if this key was sent before, returns what it recorded then. */
    public Optional<Recorded> begin(GardenId garden, JournalStore.Act act, String clientKey) {
        Faults faults = new Faults();
        faults.within("client_key", clientKey.length(), 8, 64, "");
        faults.throwIfAny();
        if (store.insertAct(garden, act, clientKey)) {
            return Optional.empty();
        }
        return store.findActByKey(garden, clientKey).map(Acts::recorded);
    }

    public static Recorded recorded(JournalStore.Act act) {
        return new Recorded(act.id(), act.kind(), act.recordedAt());
    }

    /**
     * When a thing happened: now, or as stated. A clock that runs a little ahead is overruled and flagged; a day or more
     * ahead is a mistyped date and refused.
     */
    public Moment moment(@Nullable Instant stated) {
        Instant now = clock.instant();
        if (stated == null || !stated.isAfter(now)) {
            return new Moment(stated == null ? now : stated, false);
        }
        Duration lead = Duration.between(now, stated);
        if (lead.compareTo(WRONG_DATE) > 0) {
            throw new FaultException(
                    new Fault(FaultCode.TIME_IN_FUTURE, "occurred_at", stated.toString(), now.toString(), ""));
        }
        return lead.compareTo(SMALL_LEAD) > 0 ? new Moment(now, true) : new Moment(stated, false);
    }

    /** A page of a lot's journal, newest first. */
    public List<EntryWire> journal(GardenId garden, UUID lot, @Nullable Long before, int limit) {
        lots.require(garden, lot);
        return store.listEntries(
                garden, lot, before == null ? Long.MAX_VALUE : before, Math.min(Math.max(limit, 1), 200));
    }
}
