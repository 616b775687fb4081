package evencistern.server.journal;

import evencistern.chore.Chore;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.mixlife.Renewal;
import evencistern.need.Condition;
import evencistern.need.Lifted;
import evencistern.server.GardenId;
import evencistern.server.chore.Tended;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotState;
import evencistern.server.lot.Lots;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Deeds on one lot or many: each writes the journal and edits the lot as one act, with one undo. */
@Service
@RetriedOnLocks
public class Deeds {
    private static final int MOST_LOTS = 500;
    private static final int LONGEST_NOTE = 2000;
    private static final int LONGEST_WHY = 200;
    private static final int LONGEST_LIFT_DAYS = 180;
    private static final double ALL = 100;
    private static final double MOST_ROOTS = 60;

    private final History history;
    private final Gardens gardens;
    private final Lots lots;
    private final Acts acts;
    private final JournalStore journal;
    private final Mixes mixes;

    Deeds(History history, Gardens gardens, Lots lots, Acts acts, JournalStore journal, Mixes mixes) {
        this.history = history;
        this.gardens = gardens;
        this.lots = lots;
        this.acts = acts;
        this.journal = journal;
        this.mixes = mixes;
    }

    /** Lots taken for this transaction, always in the same order; one that is retired or not there is refused. */
    private List<Lot> take(GardenId garden, List<UUID> ids) {
        Map<UUID, Lot> taken = lots.take(garden, ids);
        return ids.stream()
                .distinct()
                .sorted()
                .map(id -> standing(taken.get(id), id))
                .toList();
    }

    private Lot take(GardenId garden, UUID id) {
        return take(garden, List.of(id)).get(0);
    }

    private static Lot standing(@Nullable Lot lot, UUID id) {
        if (lot == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", id.toString()));
        }
        if (lot.retired()) {
            throw new FaultException(Fault.of(FaultCode.RETIRED, "lot", lot.name()));
        }
        return lot;
    }

    /** Adds a row to the journal of each of these lots, and answers what is to be said in each. */
    private <T> Map<Long, T> rows(
            GardenId garden, Act act, List<Lot> of, String kind, Acts.Moment moment, Function<Lot, T> details) {
        List<Long> rows = acts.rows(garden, act, of.stream().map(Lot::id).toList(), kind, moment);
        Map<Long, T> said = new LinkedHashMap<>();
        for (int i = 0; i < rows.size(); i++) {
            said.put(rows.get(i), details.apply(of.get(i)));
        }
        return said;
    }

    private static void checkCount(List<UUID> ids, Faults faults) {
        faults.within("lots", ids.size(), 1, MOST_LOTS, "");
    }

    /**
     * Something worth writing down.
     *
     * @param conditions what these lots go through from that day
     */
    public record Note(
            String clientKey,
            List<UUID> lotIds,
            String text,
            @Nullable LocalDate on,
            @Nullable Set<Condition> conditions) {}

    @Transactional
    public Act.Recorded note(GardenId garden, Note note) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        checkCount(note.lotIds(), faults);
        String text = faults.text("note", note.text(), LONGEST_NOTE);
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, note.on());
        LocalDate since = note.on() == null ? g.today() : note.on();
        Set<Condition> conditions = note.conditions() == null ? Set.of() : note.conditions();
        return history.once(garden, "note", note.clientKey(), act -> {
            List<Lot> taken = take(garden, note.lotIds());
            journal.insertNotes(garden, rows(garden, act, taken, "note", moment, lot -> text));
            if (!conditions.isEmpty()) {
                lots.save(
                        garden,
                        act,
                        taken.stream()
                                .map(lot -> lot.with(l -> l.conditions = lot.withConditions(conditions, since)))
                                .toList());
            }
        });
    }

    /**
     * Feed in spite of a hold, or a warning that is known and need not be told.
     *
     * @param hold the id of the hold that is lifted or of the note that is set aside, {@code until} and with this day
     * @param reason as it is to be found in the journal
     */
    public record Lifting(String clientKey, UUID lotId, String hold, LocalDate until, String reason) {}

    /** Lifts a hold of one lot, or sets a note aside, for a while. What a label, a plant's limits or poison forbid cannot be lifted. */
    @Transactional
    public Act.Recorded lift(GardenId garden, Lifting lifting) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        String reason = faults.text("hold.reason", lifting.reason(), LONGEST_WHY);
        LocalDate latest = g.today().plusDays(LONGEST_LIFT_DAYS);
        if (lifting.until().isBefore(g.today()) || lifting.until().isAfter(latest)) {
            faults.add(new Fault(
                    FaultCode.HOLD_UNTIL, "hold.until", lifting.until().toString(), latest.toString(), ""));
        }
        faults.attempt(() -> Lifted.of(Map.of(lifting.hold(), lifting.until())));
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, null);
        return history.once(garden, "lift", lifting.clientKey(), act -> {
            Lot lot = take(garden, lifting.lotId());
            long row = acts.row(garden, act, lot.id(), "lifting", moment);
            journal.insertLifting(garden, row, lifting.hold(), lifting.until(), reason);
        });
    }

    /**
     * Care beside water and feed, given outside the list.
     *
     * @param on the day it was given, or null for now
     */
    public record Tending(
            String clientKey,
            List<UUID> lotIds,
            Chore chore,
            @Nullable LocalDate on,
            @Nullable Tended tended,
            @Nullable String note) {}

    @Transactional
    public Act.Recorded tend(GardenId garden, Tending tending) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        checkCount(tending.lotIds(), faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, tending.on());
        Tended came = tending.tended() == null ? Tended.PLAIN : tending.tended();
        Acts.Seen seen = new Acts.Seen(null, null, null, null, tending.note());
        return history.once(
                garden,
                "tend",
                tending.clientKey(),
                act -> acts.tend(
                        garden,
                        act,
                        take(garden, tending.lotIds()).stream().map(Lot::id).toList(),
                        tending.chore(),
                        "own:" + act.id(),
                        moment,
                        came,
                        seen));
    }

    /**
     * A move, done or to come.
     *
     * @param on the day; after today it is planned, and stands on the list of that day
     * @param backTo,backOn where and when it comes back, as from a summer outdoors; both or neither
     */
    public record Moving(
            String clientKey,
            List<UUID> lotIds,
            UUID placeId,
            LocalDate on,
            @Nullable UUID backTo,
            @Nullable LocalDate backOn) {}

    /** Moves lots, or plans it. What was planned before is replaced. */
    @Transactional
    public Act.Recorded move(GardenId garden, Moving moving) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        checkCount(moving.lotIds(), faults);
        Lots.checkPlace(g, moving.placeId(), faults);
        List<Lot.Move> later = new ArrayList<>();
        boolean planned = moving.on().isAfter(g.today());
        if (planned) {
            later.add(new Lot.Move(moving.on(), moving.placeId()));
        }
        UUID backTo = moving.backTo();
        LocalDate backOn = moving.backOn();
        if ((backTo == null) != (backOn == null)) {
            faults.add(FaultCode.MISSING, backTo == null ? "move.back_to" : "move.back_on", "");
        } else if (backTo != null && backOn != null) {
            Lots.checkPlace(g, backTo, faults);
            LocalDate earliest = planned ? moving.on() : g.today();
            if (!backOn.isAfter(earliest)) {
                faults.add(new Fault(
                        FaultCode.DATES_REVERSED, "move.back_on", backOn.toString(), earliest.toString(), ""));
            }
            later.add(new Lot.Move(backOn, backTo));
        }
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, planned ? null : moving.on());
        return history.once(garden, "move", moving.clientKey(), act -> {
            List<Lot> taken = take(garden, moving.lotIds());
            if (planned) {
                lots.save(
                        garden,
                        act,
                        taken.stream()
                                .map(lot -> lot.with(l -> l.moves = later))
                                .toList());
            } else {
                moveNow(garden, act, taken, lot -> new Moved(moving.placeId(), later), moment);
            }
        });
    }

    /** Where a lot has come, and what is planned for it from there. */
    private record Moved(UUID place, List<Lot.Move> later) {}

    private void moveNow(GardenId garden, Act act, List<Lot> taken, Function<Lot, Moved> where, Acts.Moment moment) {
        List<Lot> moving = taken.stream()
                .filter(lot -> !lot.placeId().equals(where.apply(lot).place()))
                .toList();
        journal.insertMovings(
                garden,
                rows(
                        garden,
                        act,
                        moving,
                        "moving",
                        moment,
                        lot -> new JournalStore.Moved(
                                lot.placeId(), where.apply(lot).place())));
        lots.save(
                garden,
                act,
                taken.stream()
                        .map(lot -> lot.with(l -> {
                            l.placeId = where.apply(lot).place();
                            l.moves = where.apply(lot).later();
                        }))
                        .toList());
    }

    /** Planned moves that are carried out now. */
    public record MovingDone(String clientKey, List<UUID> lotIds) {}

    /** Carries out the next planned move of each lot. */
    @Transactional
    public Act.Recorded moveAsPlanned(GardenId garden, MovingDone done) {
        gardens.require(garden);
        Faults faults = new Faults();
        checkCount(done.lotIds(), faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.moment(null);
        return history.once(
                garden,
                "move",
                done.clientKey(),
                act -> moveNow(garden, act, take(garden, done.lotIds()), Deeds::nextMove, moment));
    }

    private static Moved nextMove(Lot lot) {
        if (lot.moves().isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.NOT_DUE, "lot", lot.name()));
        }
        Lot.Move next = lot.moves().get(0);
        return new Moved(
                next.placeId(), List.copyOf(lot.moves().subList(1, lot.moves().size())));
    }

    /**
     * Fresh mix, and another pot or the same.
     *
     * @param pot the new pot, or null for fresh mix in the same
     * @param mix key of a recipe, of a batch, or of mix that stood in a pot before
     * @param fresh per cent of the mix that is fresh, 1–100; absent for all of it
     * @param rootsCut per cent of the roots that were cut away, 0–60; absent for none
     * @param feed that went in with it; null for none
     */
    public record Potting(
            String clientKey,
            List<UUID> lotIds,
            @Nullable PotInput pot,
            String mix,
            LocalDate on,
            @Nullable Typed fresh,
            @Nullable Typed rootsCut,
            PotFeeding.@Nullable PutIn feed) {
        /** A lot as it stands after it. */
        private Lot after(Lot lot, double fresh, double rootsCut) {
            return lot.with(l -> {
                l.pot = pot == null ? lot.pot() : pot.tidy();
                l.mix = Renewal.anew(fresh / ALL) ? mix : lot.mix();
                l.told(Lot.Assumed.mix);
                if (Renewal.disturbs(fresh / ALL, rootsCut / ALL)) {
                    l.repottedOn = on;
                }
            });
        }
    }

    /** What a pot of a lot would get of a feed that goes in with fresh mix; of the first lot, where there are more. */
    PotFeeding.GoesInWire feedIn(GardenId garden, Potting potting) {
        Faults faults = new Faults();
        checkCount(potting.lotIds(), faults);
        double fresh = share(potting.fresh(), "potting.fresh", ALL, 1, ALL, faults);
        faults.throwIfAny();
        Lot lot = lots.require(garden, potting.lotIds().get(0)).lot();
        return PotFeeding.of(lots.context(garden), potting.after(lot, fresh, 0), potting.feed());
    }

    @Transactional
    public Act.Recorded potOn(GardenId garden, Potting potting) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        checkCount(potting.lotIds(), faults);
        PotInput wanted = potting.pot();
        if (wanted != null) {
            faults.attempt(wanted::toPot);
        }
        MixShelf shelf = mixes.shelf(garden);
        faults.attempt(() -> shelf.require(potting.mix()));
        shelf.noteHeldBack(potting.mix(), faults);
        double fresh = share(potting.fresh(), "potting.fresh", ALL, 1, ALL, faults);
        double rootsCut = share(potting.rootsCut(), "potting.roots", 0, 0, MOST_ROOTS, faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, potting.on());
        return history.once(garden, "pot_on", potting.clientKey(), act -> {
            List<Lot> taken = take(garden, potting.lotIds());
            journal.insertPottings(
                    garden,
                    rows(
                            garden,
                            act,
                            taken,
                            "potting",
                            moment,
                            lot -> new JournalStore.Potted(
                                    lot.pots(),
                                    lot.pot().toPot().mixLitres(),
                                    (wanted == null ? lot.pot() : wanted)
                                            .toPot()
                                            .mixLitres(),
                                    lot.mix(),
                                    potting.mix(),
                                    fresh,
                                    rootsCut)));
            List<Lot> after = taken.stream()
                    .map(lot -> potting.after(lot, fresh, rootsCut))
                    .toList();
            PotFeeding.PutIn feed = potting.feed();
            if (feed != null) {
                GardenContext context = lots.context(garden);
                after.forEach(lot -> journal.insertFeeding(
                        garden,
                        acts.row(garden, act, lot.id(), "feeding", moment),
                        PotFeeding.line(context, lot, feed, "own:" + act.id())));
            }
            lots.save(garden, act, after);
        });
    }

    private static double share(
            @Nullable Typed typed, String field, double usual, double least, double most, Faults faults) {
        OptionalDouble share = Typed.optional(typed, field, faults, Dimension.FRACTION);
        return share.isPresent() ? faults.within(field, share.getAsDouble(), least, most, "%") : usual;
    }

    /** Pots of a lot that died, broke or were sold; the last of them retires it. */
    public record Loss(String clientKey, UUID lotId, Typed pots, String why, LocalDate on) {}

    @Transactional
    public Act.Recorded lose(GardenId garden, Loss loss) {
        GardenWire g = gardens.require(garden);
        Lot found = lots.require(garden, loss.lotId()).lot();
        Faults faults = new Faults();
        int gone = count(loss.pots(), found.pots(), faults);
        String why = why(loss.why(), faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, loss.on());
        return history.once(garden, "loss", loss.clientKey(), act -> {
            Lot lot = take(garden, loss.lotId());
            int left = Math.max(0, lot.pots() - gone);
            journal.insertCounts(
                    garden,
                    rows(
                            garden,
                            act,
                            List.of(lot),
                            "loss",
                            moment,
                            l -> new JournalStore.Counted(l.pots(), left, null, why)));
            lots.save(garden, act, List.of(left > 0 ? lot.with(l -> l.pots = left) : retired(lot, why, loss.on())));
        });
    }

    private static int count(Typed typed, int most, Faults faults) {
        double count = typed.read("lot.pots", faults, Dimension.NUMBER);
        if (!Double.isNaN(count)) {
            faults.within("lot.pots", count, 1, most, "");
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "lot.pots", typed.text());
            }
        }
        return (int) count;
    }

    private static String why(String why, Faults faults) {
        return why.isBlank() ? "" : faults.text("why", why, LONGEST_WHY);
    }

    private static Lot retired(Lot lot, String why, LocalDate on) {
        return lot.with(l -> {
            l.retired = true;
            l.retiredOn = on;
            l.retiredWhy = why.isEmpty() ? null : why;
            l.moves = List.of();
        });
    }

    /**
     * Some pots of a lot that go their own way.
     *
     * @param newId of the new lot, made by the page
     */
    public record Split(
            String clientKey,
            UUID lotId,
            UUID newId,
            String name,
            Typed pots,
            @Nullable UUID placeId) {}

    /** Splits a lot in two; the new one keeps when it was last watered and fed. */
    @Transactional
    public Act.Recorded split(GardenId garden, Split split) {
        GardenWire g = gardens.require(garden);
        Lot found = lots.require(garden, split.lotId()).lot();
        Faults faults = new Faults();
        String name = faults.text("lot.name", split.name(), 80);
        if (found.pots() < 2) {
            throw new FaultException(Fault.of(FaultCode.ONLY_POT, "lot.pots", found.name()));
        }
        int taken = count(split.pots(), found.pots() - 1, faults);
        UUID place = Optional.ofNullable(split.placeId()).orElse(found.placeId());
        Lots.checkPlace(g, place, faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.moment(null);
        return history.once(garden, "split", split.clientKey(), act -> {
            LotState state = lots.lock(garden, split.lotId()).state();
            Lot lot = take(garden, split.lotId());
            int left = lot.pots() - taken;
            if (left < 1) {
                throw new FaultException(Fault.of(FaultCode.ONLY_POT, "lot.pots", lot.name()));
            }
            Lot apart = lot.with(l -> {
                l.id = split.newId();
                l.name = name;
                l.pots = taken;
                l.placeId = place;
                l.moves = List.of();
                l.splitFrom = lot.id();
                l.wateredBefore = state.lastWateredOn();
                l.fedBefore = state.lastFedOn();
                l.version = 0;
            });
            lots.save(garden, act, List.of(apart, lot.with(l -> l.pots = left)));
            journal.insertCounts(
                    garden,
                    rows(
                            garden,
                            act,
                            List.of(lot, apart),
                            "splitting",
                            moment,
                            l -> l.equals(lot)
                                    ? new JournalStore.Counted(lot.pots(), left, apart.id(), "")
                                    : new JournalStore.Counted(0, taken, lot.id(), "")));
        });
    }

    /** Lots that leave the bench: sold, given away, dead. */
    public record Retiring(String clientKey, List<UUID> lotIds, String why, LocalDate on) {}

    /** Retires lots; their history stays. */
    @Transactional
    public Act.Recorded retire(GardenId garden, Retiring retiring) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        checkCount(retiring.lotIds(), faults);
        String why = why(retiring.why(), faults);
        faults.throwIfAny();
        Acts.Moment moment = acts.momentOn(g, retiring.on());
        return history.once(garden, "retire", retiring.clientKey(), act -> {
            List<Lot> taken = take(garden, retiring.lotIds());
            journal.insertCounts(
                    garden,
                    rows(
                            garden,
                            act,
                            taken,
                            "retiring",
                            moment,
                            lot -> new JournalStore.Counted(lot.pots(), 0, null, why)));
            lots.save(
                    garden,
                    act,
                    taken.stream().map(lot -> retired(lot, why, retiring.on())).toList());
        });
    }
}
