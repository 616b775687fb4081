package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.need.Learned;
import evencistern.need.Situation;
import evencistern.need.WaterLeft;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.Changed;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.mix.Mixes;
import evencistern.server.plant.Kinds;
import evencistern.server.todo.TodoStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The lots of a garden, and the one function that works out where a lot stands. */
@Service
@RetriedOnLocks
public class Lots {
    private static final int MOST = 200;
    private final LotStore store;
    private final StoryStore stories;
    private final LotStates standings;
    private final GardenContexts contexts;
    private final Gardens gardens;
    private final Feeds feeds;
    private final Mixes mixes;
    private final Kinds kinds;
    private final ChoreStore chores;
    private final TodoStore todos;
    private final History history;
    private final Keeping<Lot> keeping;

    Lots(
            LotStore store,
            StoryStore stories,
            LotStates standings,
            GardenContexts contexts,
            Gardens gardens,
            Feeds feeds,
            Mixes mixes,
            Kinds kinds,
            ChoreStore chores,
            TodoStore todos,
            History history) {
        this.store = store;
        this.stories = stories;
        this.standings = standings;
        this.contexts = contexts;
        this.chores = chores;
        this.todos = todos;
        this.gardens = gardens;
        this.feeds = feeds;
        this.mixes = mixes;
        this.kinds = kinds;
        this.history = history;
        this.keeping = history.keep(store.lots());
    }

    /**
     * How many lots there are.
     *
     * @param looked of those looked at
     * @param overBand those whose last reading is off its band
     */
    public record Counts(int looked, int all, int due, int thirsty, int overBand, int retired) {
        private Counts plus(Counts c) {
            return new Counts(
                    looked + c.looked,
                    all + c.all,
                    due + c.due,
                    thirsty + c.thirsty,
                    overBand + c.overBand,
                    retired + c.retired);
        }
    }

    /** A page of lots, place by place; the first page also says how many there are. */
    public record Page(List<LotWire> lots, @Nullable Counts counts) {}

    /** What of the bench is looked at: part of a name, a place, a state, or all of it. */
    public record Look(String find, @Nullable UUID place, State state) {
        /** Of which state. */
        public enum State {
            all,
            due,
            thirsty,
            over,
            retired
        }

        public static Look everything() {
            return new Look("", null, State.all);
        }
    }

    public Page list(GardenId garden, Look look, int offset, int limit) {
        GardenContext context = contexts.of(garden);
        LocalDate today = context.today();
        String find = look.find().strip();
        LotStore.Looked looked = new LotStore.Looked(
                find, context.kinds().named(find), look.place(), look.state().name(), today);
        List<LotStore.InPlace> places = store.countByPlace(garden, looked);
        List<LotWire> page = new ArrayList<>();
        int skip = Math.max(0, offset);
        int room = Math.min(Math.max(limit, 1), MOST);
        for (LotStore.InPlace place : places) {
            if (skip < place.lots() && page.size() < room) {
                int left = room - page.size();
                List<LotStore.Kept> here = find.isEmpty()
                        ? store.listLots(garden, looked.in(place.place()), skip, left)
                        : store.listLots(garden, place.found().subList(skip, Math.min(place.lots(), skip + left)));
                standings.current(context, here).forEach(s -> page.add(show(context, s)));
            }
            skip = Math.max(0, skip - place.lots());
        }
        Counts counts =
                places.stream().map(LotStore.InPlace::counts).reduce(new Counts(0, 0, 0, 0, 0, 0), Counts::plus);
        return new Page(page, offset > 0 ? null : counts);
    }

    /** Which lots are due, in the order of the walk. */
    public List<UUID> listDue(GardenId garden, LocalDate by, int limit) {
        return store.listDue(garden, by, limit);
    }

    /** How many lots are due. */
    public int countDue(GardenId garden, LocalDate by) {
        return store.countDue(garden, by);
    }

    /** The day it is in the garden. */
    public LocalDate today(GardenId garden) {
        return gardens.today(garden);
    }

    /** Every lot on the bench. */
    public List<LotWithState> listAll(GardenContext context) {
        return standings.current(context, store.listAll(context.id()));
    }

    /** Every lot on the bench that has a feed. */
    public List<LotWithState> listFed(GardenContext context) {
        return standings.current(context, store.listFed(context.id()));
    }

    /** Of these lots those that stand on the bench. */
    public Map<UUID, LotWithState> onBench(GardenContext context, List<UUID> ids) {
        return standings.current(context, store.listLots(context.id(), ids)).stream()
                .filter(s -> !s.lot().retired())
                .collect(Collectors.toMap(s -> s.lot().id(), s -> s));
    }

    public Optional<LocalDate> nextDue(GardenId garden) {
        return store.findNextDue(garden);
    }

    public List<LotWithState> listMoving(GardenContext context, LocalDate by, int limit) {
        return standings.current(context, store.listMoving(context.id(), by, limit));
    }

    public LotWithState require(GardenId garden, UUID lot) {
        return require(contexts.of(garden), lot);
    }

    public LotWithState require(GardenContext context, UUID lot) {
        return find(context, lot)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", lot.toString())));
    }

    private Optional<LotWithState> find(GardenContext context, UUID lot) {
        return store.findKept(context.id(), lot)
                .map(k -> standings.current(context, List.of(k)).get(0));
    }

    /** A lot as it goes over the wire. */
    public LotWire show(GardenId garden, UUID lot) {
        GardenContext context = contexts.of(garden);
        return show(context, require(context, lot));
    }

    public LotWire show(GardenContext context, LotWithState s) {
        return new LotWire(
                s.lot(),
                s.state(),
                WaterLeft.share(context.situation(s), context.today()),
                s.state().phOff(),
                s.state().saltsOff());
    }

    /** Takes lots for this transaction, without asking where they stand. */
    public Map<UUID, Lot> take(GardenId garden, Collection<UUID> lots) {
        contexts.hold(garden);
        return store.lockLots(garden, lots).stream().collect(Collectors.toMap(Lot::id, l -> l));
    }

    /** A lot as its journal has it now, taken for this transaction. */
    public LotWithState lock(GardenId garden, UUID lot) {
        return Optional.ofNullable(standings.lock(garden, List.of(lot)).get(lot))
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", lot.toString())));
    }

    /** The same of many. */
    public Map<UUID, LotWithState> lock(GardenId garden, Collection<UUID> lots) {
        return standings.lock(garden, lots);
    }

    /**
     * A lot as a form describes it, saved or not, with what its journal says of it: what the plan would be if it were saved.
     * Nothing is written.
     */
    public LotWithState draft(GardenContext context, LotInput input) {
        Lot before = store.lots().find(context.id(), List.of(input.id())).stream()
                .findFirst()
                .orElse(null);
        Lot lot = input.read(before, context);
        checkOwned(context.garden(), context.id(), lot);
        return standings.draft(context, lot);
    }

    /** Adds or changes a lot as a form describes it, as an act of its own. */
    @Transactional
    public History.Edited<Lot> save(GardenId garden, LotInput input) {
        GardenContext context = contexts.hold(garden);
        Lot before = take(garden, List.of(input.id())).get(input.id());
        Lot lot = input.read(before, context);
        checkOwned(context.garden(), garden, lot);
        return history.edit(garden, keeping, lot);
    }

    /** Adds a lot that stands already, as an act of its own. */
    @Transactional
    public Lot plant(GardenId garden, Lot lot) {
        checkOwned(gardens.require(garden), garden, lot);
        return history.edit(garden, keeping, lot).now();
    }

    /** Changes lots as part of an act; what follows from it is worked out anew. */
    public void save(GardenId garden, Act act, List<Lot> lots) {
        history.saveAll(garden, act, keeping, lots);
    }

    private void checkOwned(GardenWire g, GardenId garden, Lot lot) {
        Faults faults = new Faults();
        checkPlace(g, lot.placeId(), faults);
        if (g.waters().stream().noneMatch(w -> w.id().equals(lot.waterId()))) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.water", lot.waterId().toString());
        }
        lot.courses().forEach(c -> faults.attempt(() -> feeds.require(garden, c.feedId())));
        faults.throwIfAny();
    }

    /** Notes a fault where a place is not of this garden, or is put away. */
    public static void checkPlace(GardenWire g, UUID place, Faults faults) {
        if (g.places().stream().noneMatch(p -> p.id().equals(place) && !p.retired())) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.place", place.toString());
        }
    }

    /** What rests on a thing that was edited is worked out anew; a thing that lots rest on is not put away. */
    @EventListener
    void changed(Changed changed) {
        GardenId garden = changed.garden();
        switch (changed.kind()) {
            case "lot" -> touch(garden, List.of(changed.id()));
            case "todo" -> todos.findLot(garden, changed.id()).ifPresent(lot -> touch(garden, List.of(lot)));
            case "species" -> touch(garden, store.listLotsOf(garden, kinds.keyOf(garden, changed.id())));
            case "recipe", "component" ->
                touch(garden, store.listLotsIn(garden, mixes.restingOn(garden, changed.kind(), changed.id())));
            case "weather_sheet" -> touch(garden, store.listLotsWith(garden, "weather", garden.value()));
            case "garden", "place", "feed", "water", "weather" -> {
                List<UUID> resting = store.listLotsWith(garden, changed.kind(), changed.id());
                if (changed.retired() && !resting.isEmpty()) {
                    String first = require(garden, resting.get(0)).lot().name();
                    throw new FaultException(
                            new Fault(FaultCode.IN_USE, changed.kind(), first, Integer.toString(resting.size()), ""));
                }
                if (!changed.kind().equals("water")) {
                    touch(garden, resting);
                }
            }
            default -> {
                // nothing is worked out from the rest
            }
        }
    }

    /**
     * How well the plan knows one lot's pots.
     *
     * @param factor what one pot drinks against what is planned for its kind, pot and place; between low and high in four of five
     * @param from pieces of evidence it rests on
     * @param weighedLow,weighedHigh the same once one pot has been weighed before its next watering, on {@code weighOn}
     */
    public record KnownWire(
            UUID lotId,
            String name,
            UUID placeId,
            double factor,
            double low,
            double high,
            int from,
            double weighedLow,
            double weighedHigh,
            LocalDate weighOn) {
        static KnownWire of(LotWithState s, Learned known) {
            Learned weighed = known.weighed();
            return new KnownWire(
                    s.lot().id(),
                    s.lot().name(),
                    s.lot().placeId(),
                    known.factor(),
                    known.low(),
                    known.high(),
                    known.from(),
                    weighed.low(),
                    weighed.high(),
                    s.state().nextWaterOn());
        }
    }

    /**
     * Lots by how little the plan knows of them.
     *
     * @param looked how many there are of the name that was looked for, shown or not
     */
    public record KnownPage(List<KnownWire> lots, int looked) {}

    /** How well the plan knows the pots of a garden, the least known first. */
    public KnownPage listKnown(GardenId garden, String find, int limit) {
        GardenContext context = contexts.of(garden);
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<KnownWire> known = listAll(context).stream()
                .filter(s -> s.lot().name().toLowerCase(Locale.ROOT).contains(wanted))
                .map(s -> KnownWire.of(s, context.known(s)))
                .sorted(Comparator.comparingDouble((KnownWire k) -> -k.high() / k.low())
                        .thenComparing(KnownWire::name))
                .toList();
        return new KnownPage(
                known.subList(0, Math.min(known.size(), Math.min(Math.max(limit, 1), MOST))), known.size());
    }

    // --- where a lot stands ---

    /** All that the plans of a garden rest on. */
    public GardenContext context(GardenId garden) {
        return contexts.of(garden);
    }

    /** Notes lots that this transaction has changed: where they stand is worked out as it ends. */
    public void touch(GardenId garden, Collection<UUID> lots) {
        standings.touch(garden, lots);
    }

    /** Works out where all lots of a garden stand that has just been brought here, some at a time. */
    public void rebuildAll(GardenId garden, List<UUID> lots) {
        for (int from = 0; from < lots.size(); from += MOST) {
            standings.rebuild(garden, lots.subList(from, Math.min(lots.size(), from + MOST)));
        }
    }

    /** Works out what this transaction has touched so far, for what looks at it before the end. */
    public void settle() {
        standings.settle();
    }

    /**
     * A plan before and after the rules changed.
     *
     * @param perWeekBefore,perWeek product one pot takes in a week on average
     * @param binding the rule that sets the date of its feed now
     */
    public record ChangedWire(
            UUID lotId,
            String name,
            LocalDate waterBefore,
            LocalDate water,
            @Nullable LocalDate feedBefore,
            @Nullable LocalDate feed,
            double perWeekBefore,
            double perWeek,
            @Nullable String measure,
            @Nullable String binding) {}

    private static final double DAYS_PER_WEEK = 7;

    /** What a change of the rules did to plans of a garden, until somebody has seen it. */
    public List<ChangedWire> changedByRules(GardenContext context, int limit) {
        List<LotStore.Changed> changed = standings.changed(context.id(), limit);
        Map<UUID, LotWithState> of =
                onBench(context, changed.stream().map(LotStore.Changed::lot).toList());
        return changed.stream()
                .filter(c -> of.containsKey(c.lot()))
                .map(c -> {
                    Lot lot = Objects.requireNonNull(of.get(c.lot())).lot();
                    return new ChangedWire(
                            c.lot(),
                            lot.name(),
                            c.waterBefore(),
                            c.water(),
                            c.feedBefore(),
                            c.feed(),
                            c.perDayBefore() * DAYS_PER_WEEK,
                            c.perDay() * DAYS_PER_WEEK,
                            context.measure(lot),
                            c.binding());
                })
                .toList();
    }

    /** Somebody has seen it. */
    public void seenChangedByRules(GardenId garden) {
        standings.seenChanged(garden);
    }

    /** How far a recalculation of the garden is, where one is under way. */
    public Optional<LotStates.Progress> recalculating(GardenId garden) {
        return standings.progress(garden);
    }

    /** A lot with what its journal says of it. */
    public LotStates.Recorded recorded(GardenContext context, UUID lot) {
        return standings.recorded(context, require(context, lot).lot());
    }

    /**
     * What happened to the pots of a lot since they were last filled.
     *
     * @param readings whether what was read of the roots is wanted too
     */
    public Story story(GardenContext context, Lot lot, boolean readings) {
        return Story.of(
                context,
                lot,
                stories.listHappenings(context.id(), List.of(lot.id()), readings)
                        .getOrDefault(lot.id(), List.of()));
    }

    /** Care of a lot that is due, and in season. */
    public record CareDue(ChoreStore.Due due, LotWithState lot, Situation situation) {}

    /** Care that is due today and still in season, what has waited longest first. */
    public List<CareDue> listCare(GardenContext context, int limit) {
        LocalDate today = context.today();
        List<CareDue> wanted = new ArrayList<>();
        int read = 0;
        List<ChoreStore.Due> due;
        do {
            due = chores.listDue(context.id(), today, read, limit);
            read += due.size();
            Map<UUID, LotWithState> standing = onBench(
                    context, due.stream().map(ChoreStore.Due::lot).distinct().toList());
            for (ChoreStore.Due d : due) {
                LotWithState lot = standing.get(d.lot());
                if (lot != null && wanted.size() < limit) {
                    Situation s = context.situation(lot);
                    if (d.chore().inSeason(s, today)) {
                        wanted.add(new CareDue(d, lot, s));
                    }
                }
            }
        } while (due.size() == limit && wanted.size() < limit);
        return wanted;
    }

    /**
     * Puts off to its next season the care that its season has passed over, so that it does not stand before what is wanted.
     *
     * @return how many were put off
     */
    @Transactional
    public int putOffCare(GardenId garden, int limit) {
        GardenContext context = contexts.hold(garden);
        LocalDate today = context.today();
        List<ChoreStore.Due> due = chores.listDue(garden, today, 0, limit);
        Map<UUID, LotWithState> standing = onBench(
                context, due.stream().map(ChoreStore.Due::lot).distinct().toList());
        int putOff = 0;
        for (ChoreStore.Due d : due) {
            LotWithState lot = standing.get(d.lot());
            if (lot != null && !d.chore().inSeason(context.situation(lot), today)) {
                chores.putOff(garden, d, d.chore().nextSeason(context.situation(lot), today));
                putOff++;
            }
        }
        return putOff;
    }
}
