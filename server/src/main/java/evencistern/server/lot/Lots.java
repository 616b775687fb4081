package evencistern.server.lot;

import evencistern.climate.Place;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.PotWater;
import evencistern.meter.Meter;
import evencistern.plan.AfterReading;
import evencistern.plan.Chore;
import evencistern.plan.Flushing;
import evencistern.plan.Learned;
import evencistern.plan.Learning;
import evencistern.plan.LotPlan;
import evencistern.plan.SaltAccount;
import evencistern.plan.Situation;
import evencistern.plan.Supply;
import evencistern.reading.Band;
import evencistern.reading.FlushVolume;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.chore.Tended;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.Changed;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.mix.Mixes;
import evencistern.server.plant.Kinds;
import evencistern.server.todo.TodoStore;
import evencistern.server.weather.Weathers;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.ConcurrentReferenceHashMap;

/** The lots of a garden, and the one function that works out where a lot stands. */
@Service
public class Lots {
    private static final List<String> WATERED = List.of("watering", "feeding");
    private static final List<String> FED = List.of("feeding");
    private static final int MOST = 200;
    /** Raised whenever the same journal leads to another state than before. */
    private static final int RULES = 5;

    private static final int MOST_LEARNED = 25;

    private final LotStore store;
    private final StoryStore stories;
    private final Gardens gardens;
    private final Feeds feeds;
    private final Mixes mixes;
    private final Kinds kinds;
    private final Weathers weathers;
    private final ChoreStore chores;
    private final TodoStore todos;
    private final History history;
    private final Keeping<Lot> keeping;
    /** Places keep the average days they have worked out; kept from one piece of work to the next, as memory allows. */
    private final Map<PlaceWire, Place> places = new ConcurrentReferenceHashMap<>();

    Lots(
            LotStore store,
            StoryStore stories,
            Gardens gardens,
            Feeds feeds,
            Mixes mixes,
            Kinds kinds,
            Weathers weathers,
            ChoreStore chores,
            TodoStore todos,
            History history) {
        this.store = store;
        this.stories = stories;
        this.chores = chores;
        this.todos = todos;
        this.gardens = gardens;
        this.feeds = feeds;
        this.mixes = mixes;
        this.kinds = kinds;
        this.weathers = weathers;
        this.history = history;
        this.keeping =
                history.keep(new Keeping<>("lot", Lot.class, store::findLot, store::insertLot, store::updateLot));
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
        LocalDate today = gardens.today(garden);
        String find = look.find().strip();
        LotStore.Looked looked = new LotStore.Looked(
                find,
                kinds.shelf(garden).named(find),
                look.place(),
                look.state().name(),
                today);
        List<LotStore.InPlace> places = store.countByPlace(garden, looked);
        List<LotWire> page = new ArrayList<>();
        int skip = Math.max(0, offset);
        int room = Math.min(Math.max(limit, 1), MOST);
        for (LotStore.InPlace place : places) {
            if (skip < place.lots() && page.size() < room) {
                int left = room - page.size();
                List<Standing> here = find.isEmpty()
                        ? store.listLots(garden, looked.in(place.place()), skip, left)
                        : store.listLots(garden, place.found().subList(skip, Math.min(place.lots(), skip + left)));
                here.forEach(s -> page.add(wire(s, today)));
            }
            skip = Math.max(0, skip - place.lots());
        }
        Counts counts =
                places.stream().map(LotStore.InPlace::counts).reduce(new Counts(0, 0, 0, 0, 0, 0), Counts::plus);
        return new Page(page, offset > 0 ? null : counts);
    }

    private static LotWire wire(Standing s, LocalDate today) {
        return new LotWire(s.lot(), s.state(), s.state().leftOn(today));
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
    public List<Standing> listAll(GardenId garden) {
        return store.listAll(garden);
    }

    /** Of these lots those that stand on the bench. */
    public Map<UUID, Standing> onBench(GardenId garden, List<UUID> ids) {
        return store.findStanding(garden, ids);
    }

    public Optional<LocalDate> nextDue(GardenId garden) {
        return store.findNextDue(garden);
    }

    public List<Standing> listMoving(GardenId garden, LocalDate by, int limit) {
        return store.listMoving(garden, by, limit);
    }

    public Standing require(GardenId garden, UUID lot) {
        return store.findStanding(garden, lot)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", lot.toString())));
    }

    /** A lot as it goes over the wire. */
    public LotWire show(GardenId garden, UUID lot) {
        return wire(require(garden, lot), gardens.require(garden).today());
    }

    public LotWire show(GardenWire g, Standing lot) {
        return wire(lot, g.today());
    }

    /** The same, taken for this transaction. */
    public Standing lock(GardenId garden, UUID lot) {
        store.lock(garden, List.of(lot));
        return require(garden, lot);
    }

    /** Takes many for this transaction. */
    public void lock(GardenId garden, Collection<UUID> lots) {
        store.lock(garden, lots);
    }

    /** Adds or changes a lot as a form describes it, as an act of its own. */
    @Transactional
    public History.Edited<Lot> save(GardenId garden, LotInput input) {
        store.lock(garden, List.of(input.id()));
        Ground ground = ground(garden);
        Lot lot = input.read(store.findLot(garden, input.id()).orElse(null), ground);
        checkOwned(ground.garden(), garden, lot);
        return history.edit(garden, keeping, lot);
    }

    /** Adds a lot that stands already, as an act of its own. */
    @Transactional
    public Lot plant(GardenId garden, Lot lot) {
        checkOwned(gardens.require(garden), garden, lot);
        return history.edit(garden, keeping, lot).now();
    }

    /** Changes a lot as part of an act; what follows from it is worked out anew. */
    public void save(GardenId garden, Act act, Lot lot) {
        history.save(garden, act, keeping, lot);
    }

    private void checkOwned(GardenWire g, GardenId garden, Lot lot) {
        Faults faults = new Faults();
        checkPlace(g, lot.placeId(), faults);
        if (g.waters().stream().noneMatch(w -> w.id().equals(lot.waterId()))) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.water", lot.waterId().toString());
        }
        UUID feed = lot.feedId();
        if (feed != null) {
            faults.attempt(() -> feeds.require(garden, feed));
        }
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
            case "lot" -> rebuild(garden, changed.id());
            case "todo" -> todos.findLot(garden, changed.id()).ifPresent(lot -> rebuild(garden, lot));
            case "species" -> rebuild(garden, store.listLotsOf(garden, kinds.keyOf(garden, changed.id())));
            case "recipe", "component" ->
                rebuild(garden, store.listLotsIn(garden, mixes.restingOn(garden, changed.kind(), changed.id())));
            case "garden", "place", "feed", "water", "weather" -> {
                List<UUID> resting = store.listLotsWith(garden, changed.kind(), changed.id());
                if (changed.retired() && !resting.isEmpty()) {
                    String first = require(garden, resting.get(0)).lot().name();
                    throw new FaultException(
                            new Fault(FaultCode.IN_USE, changed.kind(), first, Integer.toString(resting.size()), ""));
                }
                if (!changed.kind().equals("water")) {
                    rebuild(garden, resting);
                }
            }
            default -> {
                // nothing is worked out from the rest
            }
        }
    }

    // --- where a lot stands ---

    /** All that the lots of a garden rest on. */
    public Ground ground(GardenId garden) {
        GardenWire g = gardens.require(garden);
        Map<LocalDate, Place.Weather> known = weathers.known(garden, g.today());
        return new Ground(
                g,
                g.places().stream()
                        .collect(Collectors.toMap(
                                PlaceWire::id,
                                p -> known.isEmpty()
                                        ? places.computeIfAbsent(p, PlaceWire::toPlace)
                                        : p.toPlace().knowing(known))),
                kinds.shelf(garden),
                mixes.shelf(garden),
                feeds.list(garden).stream().collect(Collectors.toMap(FeedWire::id, f -> f)));
    }

    /** What the waterings of a lot have taught, against the plan of its kind. */
    private Learned learned(GardenId garden, Situation planned, UUID lot, ZoneId zone) {
        List<Learning.Watering> waterings = new ArrayList<>(store.listWaterings(garden, lot, zone, MOST_LEARNED));
        Collections.reverse(waterings);
        return Learning.from(waterings, planned);
    }

    /** Works a lot's state out from its journal and keeps it; called in the transaction of every change to it. */
    public void rebuild(GardenId garden, UUID id) {
        rebuild(garden, List.of(id));
    }

    /** The same for many lots. */
    public void rebuild(GardenId garden, List<UUID> ids) {
        Ground ground = ground(garden);
        ids.forEach(id -> rebuild(garden, ground, id));
    }

    private void rebuild(GardenId garden, Ground ground, UUID id) {
        GardenWire g = ground.garden();
        Lot lot = store.findLot(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", id.toString())));
        Optional<LotStore.Event> watered = store.findLast(garden, id, WATERED);
        Optional<LotStore.Event> fed = store.findLast(garden, id, FED);
        ZoneId zone = ZoneId.of(g.timeZone());
        Optional<LocalDate> wateredOn = later(watered.map(e -> dateOf(e.at(), zone)), lot.wateredBefore());
        Optional<LocalDate> fedOn = later(fed.map(e -> dateOf(e.at(), zone)), lot.fedBefore());
        Optional<LocalDate> flushedOn = store.findLastFlush(garden, id).map(at -> dateOf(at, zone));
        FeedWire feed = ground.feed(lot).orElse(null);
        Ground.Past untaught = Ground.Past.plain(wateredOn, fedOn, flushedOn);
        Situation planned = ground.situation(lot, feed, untaught);
        Learned learned = learned(garden, planned, id, zone);
        boolean coated = ground.coated(lot);
        Optional<Judgement> ph = store.findLastReading(garden, id, false)
                .flatMap(r -> band(r, planned, coated).judgePh(Uncertain.plusMinus95(r.value(), r.plusMinus())));
        Optional<LotStore.LastReading> readEc = store.findLastReading(garden, id, true);
        Optional<Judgement> ec = readEc.flatMap(
                r -> band(r, planned, coated).judgeEc(new Meter(null, 0.1, r.plusMinus()).ec(r.value())));
        Optional<AfterReading.Salty> salty = ec.filter(j -> j.finding().high())
                .flatMap(j -> readEc.map(r -> new AfterReading.Salty(
                        dateOf(r.at(), zone),
                        FlushVolume.of(
                                        j,
                                        Story.waterEc(g, lot),
                                        new PotWater(planned.mix(), planned.pot()).capacityLitres(),
                                        Working.off())
                                .map(f -> OptionalDouble.of(f.mostLitres()))
                                .orElse(OptionalDouble.empty()))));
        List<TodoStore.Eased> eased = todos.listEased(garden, id);
        AfterReading after = new AfterReading(
                salty,
                eased.stream()
                        .filter(e -> e.share() == null)
                        .map(TodoStore.Eased::until)
                        .max(LocalDate::compareTo),
                eased.stream()
                        .map(TodoStore.Eased::share)
                        .filter(Objects::nonNull)
                        .mapToDouble(Double::doubleValue)
                        .min()
                        .orElse(1),
                eased.stream()
                        .filter(e -> e.share() != null)
                        .map(TodoStore.Eased::until)
                        .max(LocalDate::compareTo));
        Ground.Past past = untaught.with(learned).with(after);
        Flushing flushing = lot.flushBy() == null ? Flushing.BY_RHYTHM : byAccount(ground, lot, past);
        Situation situation = ground.situation(lot, feed, past.with(flushing));
        LotPlan plan = LotPlan.of(situation, Working.off());
        Optional<LotPlan.FeedDate> next = plan.nextFeed()
                .map(f -> store.findCalendarDay(garden, id)
                        .filter(d -> wateredOn.filter(w -> !w.isBefore(d)).isEmpty())
                        .map(d -> f.onDay(d, situation))
                        .orElse(f));
        String waterItem = "water:" + watered.map(LotStore.Event::id).orElse(0L);
        String feedItem = "feed:" + fed.map(LotStore.Event::id).orElse(0L);
        Map<String, LocalDate> skips = store.findSkips(garden, id);
        Optional<LocalDate> skipped = skips.entrySet().stream()
                .filter(s -> s.getKey().equals(waterItem) || s.getKey().equals(feedItem))
                .findFirst()
                .map(Map.Entry::getValue);
        LocalDate due = next.map(LotPlan.FeedDate::date)
                .filter(d -> d.isBefore(plan.nextWater()))
                .orElse(plan.nextWater());
        store.saveState(
                garden,
                id,
                new LotState(
                        wateredOn.orElse(null),
                        fedOn.orElse(null),
                        waterItem,
                        feedItem,
                        plan.nextWater(),
                        plan.days().likely(),
                        next.map(LotPlan.FeedDate::date).orElse(null),
                        next.map(f -> f.binding().id()).orElse(null),
                        next.map(LotPlan.FeedDate::earliest).orElse(null),
                        next.map(LotPlan.FeedDate::latest).orElse(null),
                        skipped.filter(s -> s.isAfter(due)).orElse(due),
                        ph.map(j -> j.finding().id()).orElse(null),
                        ec.map(j -> j.finding().id()).orElse(null),
                        Supply.perDay(situation, plan),
                        learned.factor(),
                        learned.low(),
                        learned.high(),
                        learned.from(),
                        flushedOn.orElse(null),
                        plan.flush().map(LotPlan.Flush::on).orElse(null),
                        salty.map(AfterReading.Salty::on).orElse(null),
                        salty.filter(x -> x.litres().isPresent())
                                .map(x -> x.litres().getAsDouble())
                                .orElse(null),
                        after.noFeedUntil().orElse(null),
                        after.share(),
                        after.shareUntil().orElse(null),
                        flushing.on().orElse(null),
                        flushing.litres().isPresent() ? flushing.litres().getAsDouble() : null),
                RULES);
        chores.saveDue(garden, id, lot.retired() ? List.of() : choresDue(garden, situation, id, skips, zone));
    }

    /** When the salt account of a lot asks for plain water in plenty, and for how much. */
    private Flushing byAccount(Ground ground, Lot lot, Ground.Past past) {
        Situation s = ground.situation(lot, ground.feed(lot).orElse(null), past);
        SaltAccount account = story(ground, lot, true).salt(ground, lot, s, Working.off());
        return new Flushing(
                true,
                account.above(),
                Story.back(ground, lot, s, account)
                        .map(f -> OptionalDouble.of(f.mostLitres()))
                        .orElse(OptionalDouble.empty()));
    }

    /**
     * What happened to the pots of a lot since they were last filled.
     *
     * @param readings whether what was read of the roots is wanted too
     */
    public Story story(Ground ground, Lot lot, boolean readings) {
        GardenWire g = ground.garden();
        return Story.of(g, lot, stories.listHappenings(new GardenId(g.id()), lot.id(), readings));
    }

    private List<ChoreStore.Due> choresDue(
            GardenId garden, Situation situation, UUID lot, Map<String, LocalDate> skips, ZoneId zone) {
        Map<Chore, ChoreStore.Last> last = chores.findLast(garden, lot);
        Map<Chore, LocalDate> done = new EnumMap<>(Chore.class);
        last.forEach((chore, l) -> done.put(chore, dateOf(l.at(), zone)));
        List<ChoreStore.Due> due = new ArrayList<>();
        Chore.next(situation, done).forEach((chore, day) -> {
            ChoreStore.Last before = last.get(chore);
            String item = Tended.item(chore, before == null ? 0 : before.row());
            LocalDate skipped = skips.getOrDefault(item, day);
            due.add(new ChoreStore.Due(lot, chore, item, skipped.isAfter(day) ? skipped : day));
        });
        return due;
    }

    /** Care of a lot that is due, and in season. */
    public record CareDue(ChoreStore.Due due, Standing lot, Situation situation) {}

    /**
     * Care that is due today, what has waited longest first. What its season passed over is put off to the next one, so that
     * it neither is asked for nor stands before what is wanted.
     */
    @Transactional
    public List<CareDue> listCare(Ground ground, int limit) {
        GardenId garden = new GardenId(ground.garden().id());
        LocalDate today = ground.garden().today();
        while (true) {
            List<ChoreStore.Due> due = chores.listDue(garden, today, limit);
            Map<UUID, Standing> standing = onBench(
                    garden, due.stream().map(ChoreStore.Due::lot).distinct().toList());
            List<CareDue> wanted = new ArrayList<>();
            for (ChoreStore.Due d : due) {
                Standing lot = Objects.requireNonNull(standing.get(d.lot()));
                Situation s = ground.situation(lot, null);
                if (d.chore().inSeason(s, today)) {
                    wanted.add(new CareDue(d, lot, s));
                } else {
                    chores.putOff(garden, d, d.chore().nextSeason(s, today));
                }
            }
            if (wanted.size() == due.size()) {
                return wanted;
            }
        }
    }

    /** Works out anew what was worked out by older rules, as after an upgrade. */
    @Transactional
    public int catchUp(GardenId garden) {
        List<UUID> stale = store.listStale(garden, RULES);
        rebuild(garden, stale);
        return stale.size();
    }

    private static Band band(LotStore.LastReading r, Situation s, boolean coated) {
        return Band.of(Method.require(r.method()), s.species(), s.mix().kind(), coated);
    }

    private static Optional<LocalDate> later(Optional<LocalDate> recorded, @Nullable LocalDate before) {
        return before == null || recorded.filter(r -> r.isAfter(before)).isPresent() ? recorded : Optional.of(before);
    }

    private static LocalDate dateOf(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone);
    }
}
