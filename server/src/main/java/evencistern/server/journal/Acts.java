package evencistern.server.journal;

import evencistern.chore.Chore;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.need.Course;
import evencistern.need.Learning;
import evencistern.plan.Care;
import evencistern.plan.Given;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.chore.Tended;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.ProductTyped;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotCare;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.watering.Way;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Things a person does to lots: each is recorded once, however often it is sent, and can be taken back. */
@Service
@RetriedOnLocks
public class Acts {
    private static final Duration SMALL_LEAD = Duration.ofMinutes(5);
    private static final Duration WRONG_DATE = Duration.ofHours(24);
    private static final int MOST_ITEMS = 500;
    private static final double MOST_LITRES = 500;
    private static final double MOST_GRAMS = 5000;
    private static final int LONGEST_NOTE = 2000;
    /** How a feed was given that was not in the water. */
    private static final LocalTime NOON = LocalTime.NOON;

    private final JournalStore store;
    private final ChoreStore chores;
    private final History history;
    private final Gardens gardens;
    private final Lots lots;
    private final Clock clock;

    Acts(JournalStore store, ChoreStore chores, History history, Gardens gardens, Lots lots, Clock clock) {
        this.chores = chores;
        this.store = store;
        this.history = history;
        this.gardens = gardens;
        this.lots = lots;
        this.clock = clock;
    }

    /** A piece of work: the lot, the name of the item that is due, what was seen while it was done, and what came of care. */
    public record Item(
            UUID lotId,
            String item,
            @Nullable Seen seen,
            @Nullable Tended tended) {}

    /**
     * What was seen of one pot while it was watered.
     *
     * @param before,after what it weighed, before and drained afterwards
     * @param runoff what ran through
     */
    public record Seen(
            Learning.@Nullable Dryness dryness,
            @Nullable Typed before,
            @Nullable Typed after,
            @Nullable Typed runoff,
            @Nullable String note) {
        private static final double HEAVIEST_G = 2e6;

        /** As it is kept; refused with every fault. Empty where nothing was seen. */
        Optional<Event.Sight> read() {
            Faults faults = new Faults();
            OptionalDouble beforeG = weight(before, "seen.before", faults);
            OptionalDouble afterG = weight(after, "seen.after", faults);
            OptionalDouble ran = Typed.optional(runoff, "seen.runoff", faults, Dimension.VOLUME);
            ran.ifPresent(l -> faults.within("seen.runoff", l, 0, MOST_LITRES, "L"));
            if (beforeG.isPresent() && afterG.isPresent() && beforeG.getAsDouble() > afterG.getAsDouble()) {
                faults.within("seen.after", afterG.getAsDouble(), beforeG.getAsDouble(), HEAVIEST_G, "g");
            }
            String text = note == null || note.isBlank() ? null : faults.text("note", note, LONGEST_NOTE);
            faults.throwIfAny();
            boolean nothing = dryness == null && beforeG.isEmpty() && afterG.isEmpty() && ran.isEmpty() && text == null;
            return nothing
                    ? Optional.empty()
                    : Optional.of(new Event.Sight(
                            dryness == null ? null : dryness.id(), kg(beforeG), kg(afterG), orNull(ran), text));
        }

        private static OptionalDouble weight(@Nullable Typed typed, String field, Faults faults) {
            OptionalDouble grams = Typed.optional(typed, field, faults, Dimension.MASS);
            grams.ifPresent(g -> faults.within(field, g, 1, HEAVIEST_G, "g"));
            return grams;
        }

        private static @Nullable Double kg(OptionalDouble grams) {
            return grams.isPresent() ? grams.getAsDouble() / 1000 : null;
        }

        private static @Nullable Double orNull(OptionalDouble value) {
            return value.isPresent() ? value.getAsDouble() : null;
        }
    }

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

    /** When something happened, and whether the sender's clock had to be overruled. */
    public record Moment(Instant at, boolean clockAhead) {}

    /** Records that due work was done. */
    @Transactional
    public Act.Recorded tick(GardenId garden, Tick tick) {
        GardenContext context = lots.context(garden);
        checkCount(tick.items().size());
        Moment moment = moment(tick.occurredAt());
        return history.once(garden, "tick", tick.clientKey(), act -> {
            double can = context.garden().can(tick.vesselId()).litres();
            Map<UUID, LotWithState> taken =
                    lots.lock(garden, tick.items().stream().map(Item::lotId).toList());
            Set<UUID> watered = new HashSet<>();
            Set<UUID> fed = new HashSet<>();
            for (Item item : tick.items()) {
                LotWithState lot = require(taken, item.lotId());
                Optional<Chore> chore = chore(garden, item);
                if (chore.isPresent()) {
                    Tended came = item.tended() == null ? Tended.PLAIN : item.tended();
                    tend(garden, act, List.of(lot.lot().id()), chore.get(), item.item(), moment, came, item.seen());
                    continue;
                }
                boolean feeding = feeding(garden, lot, item.item());
                boolean beside = feeding && lot.state().besideDueOn() != null;
                if (!(beside ? fed : watered).add(item.lotId())) {
                    throw new FaultException(
                            Fault.of(FaultCode.NOT_DUE, "lot", lot.lot().name()));
                }
                give(
                        context,
                        act,
                        lot,
                        item.item(),
                        feeding,
                        LotCare.With.NEXT,
                        moment,
                        can,
                        Poured.AS_PLANNED,
                        item.seen());
            }
        });
    }

    private static LotWithState require(Map<UUID, LotWithState> lots, UUID lot) {
        LotWithState standing = lots.get(lot);
        if (standing == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", lot.toString()));
        }
        return standing;
    }

    private Optional<Chore> chore(GardenId garden, Item item) {
        return item.item().startsWith(Tended.ITEM)
                ? chores.findDue(garden, item.lotId(), item.item())
                : Optional.empty();
    }

    /** Why due work was left. */
    public enum Reason {
        still_wet,
        sick,
        weather,
        away,
        no_time,
        other
    }

    /**
     * Due work left for now.
     *
     * @param days until it is looked at again, 1–90
     * @param occurredAt when that was said, or null for now
     */
    public record Skip(
            String clientKey,
            List<Item> items,
            Reason reason,
            int days,
            @Nullable String note,
            @Nullable Instant occurredAt) {}

    /** Records that due work was left, and puts it off; it stays due once. */
    @Transactional
    public Act.Recorded skip(GardenId garden, Skip skip) {
        GardenWire g = lots.context(garden).garden();
        checkCount(skip.items().size());
        Faults faults = new Faults();
        faults.within("skip.days", skip.days(), 1, 90, "d");
        String note = skip.note() == null || skip.note().isBlank() ? "" : faults.text("note", skip.note(), 200);
        faults.throwIfAny();
        Moment moment = moment(skip.occurredAt());
        LocalDate until =
                LocalDate.ofInstant(moment.at(), ZoneId.of(g.timeZone())).plusDays(skip.days());
        return history.once(garden, "skip", skip.clientKey(), act -> {
            Map<UUID, LotWithState> taken =
                    lots.lock(garden, skip.items().stream().map(Item::lotId).toList());
            for (Item item : skip.items()) {
                LotWithState lot = require(taken, item.lotId());
                if (chore(garden, item).isEmpty()) {
                    feeding(garden, lot, item.item());
                }
                long row = row(garden, act, lot.lot().id(), "skipping", moment);
                store.insertSkipping(garden, row, item.item(), skip.reason().name(), until, note);
            }
        });
    }

    private static void checkCount(int items) {
        Faults faults = new Faults();
        faults.within("items", items, 1, MOST_ITEMS, "");
        faults.throwIfAny();
    }

    /** Whether an item of the list stands for feed, or for plain water; refused where it is not due any more. */
    private boolean feeding(GardenId garden, LotWithState standing, String item) {
        Lot lot = standing.lot();
        boolean feeding = item.equals(standing.state().feedItem());
        if (!feeding && !item.equals(standing.state().waterItem())) {
            Instant done = store.findTick(garden, lot.id(), item).orElse(null);
            throw new FaultException(
                    done == null
                            ? Fault.of(FaultCode.NOT_DUE, "lot", lot.name())
                            : new Fault(FaultCode.ALREADY_DONE, "lot", lot.name(), done.toString(), ""));
        }
        if (feeding && lot.courses().isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.NOT_DUE, "lot", lot.name()));
        }
        return feeding;
    }

    /**
     * Watering or feeding outside the list, also afterwards.
     *
     * @param feed whether it was fed
     * @param feedId with which feed, of its programme or another; null for the one that comes next
     * @param on the day it was done, or null for now
     * @param litresEach what each pot got, or null for what it was to get
     * @param amountEach of the product, by weight or in spoons, that each pot got; null for what it was to get
     * @param pots how many pots of one lot got it; null for all. Where others did not, the lot is still due
     */
    public record Gift(
            String clientKey,
            List<UUID> lotIds,
            boolean feed,
            @Nullable UUID feedId,
            @Nullable LocalDate on,
            @Nullable Typed litresEach,
            @Nullable Typed amountEach,
            @Nullable Typed pots,
            @Nullable Seen seen) {}

    /** Records watering or feeding that was done outside the list. */
    @Transactional
    public Act.Recorded give(GardenId garden, Gift gift) {
        GardenContext context = lots.context(garden);
        GardenWire g = context.garden();
        checkCount(gift.lotIds().size());
        Faults faults = new Faults();
        OptionalDouble litres = Typed.optional(gift.litresEach(), "litres", faults, Dimension.VOLUME);
        litres.ifPresent(l -> faults.within("litres", l, 0, MOST_LITRES, "L"));
        Optional<Typed> amount =
                Optional.ofNullable(gift.amountEach()).filter(a -> !a.text().isBlank());
        amount.ifPresent(a -> ProductTyped.check(a, "amount", faults));
        OptionalDouble some = Typed.optional(gift.pots(), "lot.pots", faults, Dimension.NUMBER);
        faults.throwIfAny();
        Moment moment = momentOn(g, gift.on());
        return history.once(garden, "given", gift.clientKey(), act -> {
            double can = g.can(null).litres();
            Map<UUID, LotWithState> taken = lots.lock(garden, gift.lotIds());
            gift.lotIds().stream().distinct().forEach(id -> {
                LotWithState lot = require(taken, id);
                LotCare.With with = gift.feed() ? LotCare.With.of(context, lot, gift.feedId()) : LotCare.With.NEXT;
                give(
                        context,
                        act,
                        lot,
                        "own:" + act.id(),
                        gift.feed(),
                        with,
                        moment,
                        can,
                        new Poured(litres, amount, some),
                        gift.seen());
            });
        });
    }

    /** Writes down that lots were cared for, as part of an act. */
    public void tend(
            GardenId garden,
            Act act,
            List<UUID> tended,
            Chore chore,
            String item,
            Moment moment,
            Tended came,
            @Nullable Seen seen) {
        Optional<Event.Sight> saw = seen == null ? Optional.empty() : seen.read();
        rows(garden, act, tended, "tending", moment).forEach(row -> {
            store.insertTending(garden, row, chore, item, came.read());
            saw.ifPresent(s -> store.insertSeen(garden, row, s));
        });
    }

    private void give(
            GardenContext context,
            Act act,
            LotWithState standing,
            String item,
            boolean feeding,
            LotCare.With with,
            Moment moment,
            double can,
            Poured poured,
            @Nullable Seen seen) {
        GardenWire g = context.garden();
        GardenId garden = new GardenId(g.id());
        Lot lot = standing.lot();
        LocalDate day = LocalDate.ofInstant(moment.at(), ZoneId.of(g.timeZone()));
        Care care = LotCare.on(context, standing, with, day, can);
        Way way = care.plan().need().watering().way();
        long row = row(garden, act, lot.id(), feeding ? "feeding" : "watering", moment);
        if (feeding) {
            if (care.feeding().isEmpty()) {
                throw new FaultException(Fault.of(FaultCode.MISSING, "lot.feed", lot.name()));
            }
            Course course = care.course().orElseThrow();
            Given planned = Given.fed(care, poured.litres());
            Given given = poured.amount()
                    .map(a -> planned.with(product(context, course.key(), a, course.feed()), course.feed()))
                    .orElse(planned);
            store.insertFeeding(
                    garden,
                    row,
                    new JournalStore.Given(
                            item,
                            UUID.fromString(course.key()),
                            given.litres(),
                            given.product(),
                            CareWire.measureId(course.feed().rate().measure()),
                            given.nMgPerL().isPresent() ? given.nMgPerL().getAsDouble() : null,
                            poured.of(lot.pots()),
                            course.inWater()
                                    ? way.ofFeed().id()
                                    : course.feed().how().id()));
        } else {
            Given given = Given.plain(care, day, poured.litres());
            store.insertWatering(garden, row, item, given.litres(), poured.of(lot.pots()), given.flush(), way.id());
        }
        if (seen != null) {
            seen.read().ifPresent(s -> store.insertSeen(garden, row, s));
        }
    }

    /** What each pot got of water and of the product, where that is not what was planned. */
    private record Poured(OptionalDouble litres, Optional<Typed> amount, OptionalDouble some) {
        static final Poured AS_PLANNED = new Poured(OptionalDouble.empty(), Optional.empty(), OptionalDouble.empty());

        /** Of so many pots; refused where that is none, more than there are, or not a whole number. */
        JournalStore.Pots of(int pots) {
            Faults faults = new Faults();
            double count = faults.within("lot.pots", some.orElse(pots), 1, pots, "");
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "lot.pots", Faults.plain(count));
            }
            faults.throwIfAny();
            return new JournalStore.Pots((int) count, count < pots);
        }
    }

    /** Product by weight, in spoons, caps or handfuls, in the label's measure. */
    static double product(GardenContext context, String feedId, Typed amount, Feed feed) {
        Faults faults = new Faults();
        OptionalDouble own = Optional.ofNullable(context.feeds().get(UUID.fromString(feedId)))
                .map(FeedWire::holdsMl)
                .orElse(OptionalDouble.empty());
        double product =
                ProductTyped.read(amount, "amount", feed, own, feed.rate().measure(), MOST_GRAMS, faults);
        faults.throwIfAny();
        return product;
    }

    /** Adds a row to the journal of a lot, as part of an act. */
    public long row(GardenId garden, Act act, UUID lot, String kind, Moment moment) {
        return rows(garden, act, List.of(lot), kind, moment).get(0);
    }

    /** Adds a row to the journal of each of these lots, as part of an act; in their order. Where they stand follows from it. */
    public List<Long> rows(GardenId garden, Act act, List<UUID> of, String kind, Moment moment) {
        lots.touch(garden, of);
        return store.insertRows(
                garden,
                of.stream()
                        .map(lot -> new JournalStore.Row(
                                lot, kind, moment.at(), act.recordedAt(), act.id(), null, moment.clockAhead()))
                        .toList());
    }

    /** Takes back everything an act recorded, by rows that correct its rows, and puts back what it edited. */
    @Transactional
    public Act.Recorded undo(GardenId garden, UUID actId, String clientKey) {
        return history.undo(garden, actId, clientKey, (act, undo) -> {
            List<JournalStore.Touched> rows = store.listRowsOf(garden, act.id());
            List<UUID> touched =
                    rows.stream().map(JournalStore.Touched::lot).distinct().toList();
            lots.take(garden, touched);
            takeBack(garden, undo, rows);
            lots.touch(garden, touched);
        });
    }

    /**
     * Rows are corrected, as they stand now where they were amended since; a correction, as an amendment made, is taken back
     * by saying again what it corrected.
     */
    private void takeBack(GardenId garden, Act undo, List<JournalStore.Touched> rows) {
        correct(
                garden,
                undo,
                store.listStanding(
                        garden, rows.stream().filter(r -> r.corrects() == null).toList()));
        rows.stream()
                .map(JournalStore.Touched::corrects)
                .filter(Objects::nonNull)
                .forEach(corrected -> {
                    JournalStore.Touched before =
                            store.findRow(garden, corrected).orElseThrow();
                    long again = row(garden, undo, before.lot(), before.kind(), new Moment(before.occurredAt(), false));
                    store.copyDetails(garden, before.kind(), before.id(), again);
                });
    }

    private void correct(GardenId garden, Act act, List<JournalStore.Touched> rows) {
        store.insertRows(
                garden,
                rows.stream()
                        .map(r -> new JournalStore.Row(
                                r.lot(), "correction", r.occurredAt(), act.recordedAt(), act.id(), r.id(), false))
                        .toList());
    }

    /**
     * A journal row as it should have been.
     *
     * @param on the day it was done, or null as it was
     * @param litresEach what each pot got, or null as it was; the product follows it
     * @param amountEach of the product of a feed, by weight or in spoons, or null as it was
     * @param note the text of a note, or null as it was
     */
    public record Amendment(
            String clientKey,
            @Nullable LocalDate on,
            @Nullable Typed litresEach,
            @Nullable Typed amountEach,
            @Nullable String note) {}

    /** Amends a row of the journal: the old one is corrected and stays, the new one stands in its place. */
    @Transactional
    public Act.Recorded amend(GardenId garden, long rowId, Amendment amendment) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        OptionalDouble litres = Typed.optional(amendment.litresEach(), "litres", faults, Dimension.VOLUME);
        litres.ifPresent(l -> faults.within("litres", l, 0, MOST_LITRES, "L"));
        Optional<Typed> amount = Optional.ofNullable(amendment.amountEach())
                .filter(a -> !a.text().isBlank());
        amount.ifPresent(a -> ProductTyped.check(a, "amount", faults));
        String text = amendment.note();
        String note = text == null ? null : faults.text("note", text, LONGEST_NOTE);
        faults.throwIfAny();
        return replace(g, rowId, amendment.clientKey(), amendment.on(), (row, again) -> {
            if (note != null && row.kind().equals("note")) {
                store.insertNotes(garden, Map.of(again, note));
            } else {
                store.copyDetails(garden, row.kind(), row.id(), again);
            }
            if (litres.isPresent()
                    && (row.kind().equals("watering") || row.kind().equals("feeding"))) {
                store.amendLitres(garden, row.kind(), again, litres.getAsDouble());
            }
            if (amount.isPresent() && row.kind().equals("feeding")) {
                GardenContext context = lots.context(garden);
                UUID fed = store.findFeedOf(garden, again);
                store.amendProduct(garden, again, product(context, fed.toString(), amount.get(), context.fed(fed)));
            }
        });
    }

    /**
     * Puts a new row in the place of one that stands.
     *
     * @param on the day, or null as it was
     * @param details writes what the new row says, given the old row and the new one's id
     */
    public Act.Recorded replace(
            GardenWire g,
            long rowId,
            String clientKey,
            @Nullable LocalDate on,
            BiConsumer<JournalStore.Touched, Long> details) {
        GardenId garden = new GardenId(g.id());
        return history.once(garden, "amend", clientKey, act -> {
            JournalStore.Touched row = store.findLive(garden, rowId)
                    .orElseThrow(() ->
                            new FaultException(Fault.of(FaultCode.NOT_FOUND, "journal.row", Long.toString(rowId))));
            lots.take(garden, List.of(row.lot()));
            correct(garden, act, List.of(row));
            Moment moment = on == null ? new Moment(row.occurredAt(), false) : momentOn(g, on);
            details.accept(row, row(garden, act, row.lot(), row.kind(), moment));
        });
    }

    /** When a thing happened on a day: now if it was today, else at noon there. */
    public Moment momentOn(GardenWire g, @Nullable LocalDate on) {
        if (on != null && on.isAfter(g.today())) {
            throw new FaultException(new Fault(
                    FaultCode.TIME_IN_FUTURE,
                    "occurred_at",
                    on.toString(),
                    g.today().toString(),
                    ""));
        }
        return on == null || on.equals(g.today())
                ? moment(null)
                : moment(on.atTime(NOON).atZone(ZoneId.of(g.timeZone())).toInstant());
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
        return store.listEntries(garden, lot, before, Math.min(Math.max(limit, 1), 200));
    }
}
