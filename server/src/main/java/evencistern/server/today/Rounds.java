package evencistern.server.today;

import evencistern.chore.Chore;
import evencistern.food.Spray;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.Note;
import evencistern.need.Situation;
import evencistern.plan.Care;
import evencistern.plant.Trait;
import evencistern.round.Carrying;
import evencistern.round.RoundPlace;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.CareWire.DoseWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.OldPlaces;
import evencistern.server.journal.EntryWire;
import evencistern.server.journal.JournalStore;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotCare;
import evencistern.server.lot.LotStates;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.meter.MeterLogs;
import evencistern.server.pot.PotInput;
import evencistern.server.todo.TodoStore;
import evencistern.server.todo.TodoWire;
import evencistern.server.treatment.TreatmentStore;
import evencistern.server.treatment.TreatmentWire;
import evencistern.watering.Line;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is due today, and what of it has been done. */
@Service
public class Rounds {
    /** Lots of one leg of the round; the next come as these are done. */
    private static final int MOST = 200;
    /** Care that has waited longest; more of it comes as this is done. */
    private static final int MOST_CARE = 100;

    private static final int MOST_CHANGED = 100;

    private final Lots lots;
    private final JournalStore journal;
    private final MeterLogs meters;
    private final TodoStore todos;
    private final TreatmentStore treatments;
    private final OldPlaces oldPlaces;
    private final Clock clock;

    Rounds(
            Lots lots,
            JournalStore journal,
            MeterLogs meters,
            TodoStore todos,
            TreatmentStore treatments,
            OldPlaces oldPlaces,
            Clock clock) {
        this.lots = lots;
        this.journal = journal;
        this.meters = meters;
        this.todos = todos;
        this.treatments = treatments;
        this.oldPlaces = oldPlaces;
        this.clock = clock;
    }

    /** A lot as far as the round needs to know it. */
    public record LotBriefWire(UUID id, String name, int pots, UUID placeId, PotInput.Shape shape) {
        static LotBriefWire of(Lot l) {
            return new LotBriefWire(
                    l.id(), l.name(), l.pots(), l.placeId(), l.pot().shape());
        }
    }

    /**
     * One piece of work.
     *
     * @param item its name, to tick it by
     * @param overdueDays days since it fell due
     * @param litresEach what one pot gets
     * @param beside what one pot gets beside the water; then that is all
     * @param leftShare of the water that may go before the next watering, what is left; 0–1
     * @param times into how many waterings of the day it is parted
     * @param way in which it is watered; feed that a line does not bring is poured on
     * @param minutes it is soaked, or the line runs
     * @param mm that fall meanwhile, from sprinklers
     */
    public record DueWire(
            LotBriefWire lot,
            String item,
            int overdueDays,
            double litresEach,
            @Nullable BesideWire beside,
            double leftShare,
            int times,
            String way,
            @Nullable Double minutes,
            @Nullable Double mm) {}

    /**
     * A feed that one pot does not get in its water.
     *
     * @param way strewn, mixed in or sprayed
     * @param each product on one pot
     * @param sprayLitres of the mixed spray for one plant, there
     */
    public record BesideWire(
            String way,
            double each,
            String measure,
            @Nullable Double sprayLitres) {
        static @Nullable BesideWire of(Care care) {
            Care.Feeding feeding = care.feeding().orElse(null);
            if (feeding instanceof Care.Strewn strewn) {
                return new BesideWire(
                        care.course().orElseThrow().feed().how().id(),
                        strewn.pot().given(),
                        CareWire.measureId(strewn.pot().measure()),
                        null);
            }
            return feeding instanceof Care.Sprayed sprayed
                    ? new BesideWire(
                            RoundPlace.Kind.SPRAYED.id(),
                            sprayed.plantAmount(),
                            CareWire.measureId(sprayed.spray().dose().measure()),
                            sprayed.spray().litres())
                    : null;
        }
    }

    /**
     * How the water gets to the pots.
     *
     * @param tankLitres to mix at once, where the cans are too many
     * @param stockLitres,stockPerLitre for an injector at 1:100, there
     */
    public record CarryingWire(
            int cans,
            int trips,
            double minutes,
            @Nullable Double tankLitres,
            @Nullable Double stockLitres,
            @Nullable Double stockPerLitre) {
        static CarryingWire of(Carrying c) {
            return new CarryingWire(
                    c.cans(),
                    c.trips(),
                    c.minutes(),
                    orNull(c.tankLitres()),
                    orNull(c.stockLitres()),
                    orNull(c.stockPerLitre()));
        }
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /**
     * Work done from the same can.
     *
     * @param kind water, flush, feed, strewn or sprayed
     * @param by can, tub or line: how the water comes to the pots
     * @param sick whether its plants are sick or kept apart, and so come last
     * @param feedName what is in it, absent for plain water
     * @param litres for all pots together
     * @param vessel what it is mixed in: the one asked for, or else the smallest that takes it all
     * @param dose what goes into the can, or for a strewn feed what each pot gets
     * @param due in the order of the walk: place by place
     */
    public record GroupWire(
            String key,
            String kind,
            String by,
            boolean sick,
            @Nullable String feedName,
            String waterName,
            double litres,
            VesselWire vessel,
            CarryingWire carrying,
            @Nullable DoseWire dose,
            List<String> notes,
            List<DueWire> due) {}

    /**
     * Care of a lot beside water and feed.
     *
     * @param since when it fell due
     * @param everyDays of its rhythm, absent where it goes by the cold
     * @param nightC a cold night to be met now, and what the kind stands, there
     */
    public record ChoreDueWire(
            LotBriefWire lot,
            String item,
            LocalDate since,
            @Nullable Integer everyDays,
            @Nullable Double nightC,
            @Nullable Double standsC) {}

    /** Care of one kind, in the order of the walk, with what is to be minded. */
    public record ChoreGroupWire(String chore, List<String> cautions, List<ChoreDueWire> due) {}

    /** What a reading asked for, and was taken into the plan. */
    public record TodoDueWire(LotBriefWire lot, TodoWire todo) {}

    /** A treatment that is due, to be done or to be looked at again. */
    public record TreatmentDueWire(LotBriefWire lot, TreatmentWire treatment) {}

    /**
     * The day: what is due, which lots are to be moved, what has been ticked, and what comes next if nothing is due.
     *
     * @param dueInAll lots that are due, of which those in the groups come first on the walk
     * @param pensDue pens that are to be calibrated, by name
     * @param recalculating how far the lots are that a change made necessary to work out again; absent where none are
     * @param changedByRules plans that a change of the rules has moved, until that has been seen
     * @param movedPlaces places that have moved over to the year of their part of the world, until that has been seen
     * @param now by the server's clock, by which the page dates what it records
     */
    public record Today(
            LocalDate date,
            Instant now,
            int dueInAll,
            List<GroupWire> groups,
            List<ChoreGroupWire> chores,
            List<TodoDueWire> todos,
            List<TreatmentDueWire> treatments,
            List<LotWire> moving,
            List<String> pensDue,
            List<EntryWire> done,
            @Nullable LocalDate nextDue,
            LotStates.@Nullable Progress recalculating,
            List<Lots.ChangedWire> changedByRules,
            List<String> movedPlaces) {}

    private record Found(
            LotWithState standing, DueWire due, @Nullable FeedWire feed, List<String> notes, RoundPlace at) {}

    /**
     * The round of the day.
     *
     * @param vessel to mix everything in, or null for what fits each group
     */
    public Today of(GardenId id, @Nullable UUID vessel) {
        GardenContext context = lots.context(id);
        GardenWire g = context.garden();
        LocalDate today = g.today();
        g.can(vessel).litres(); // a vessel that is not there is refused before any work is done
        List<UUID> walk = lots.listDue(id, today, MOST);
        Map<UUID, LotWithState> standing = lots.onBench(context, walk);
        List<Found> due = walk.stream()
                .map(standing::get)
                .filter(lot -> lot != null && !lot.state().dueOn().isAfter(today))
                .flatMap(lot -> due(context, Objects.requireNonNull(lot), today, g.usualVesselId()).stream())
                .toList();
        Instant morning = today.atStartOfDay(ZoneId.of(g.timeZone())).toInstant();
        LocalDate next = due.isEmpty() ? lots.nextDue(id).orElse(null) : null;
        List<GroupWire> groups = due.stream()
                .collect(Collectors.groupingBy(Found::at, TreeMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(group -> group(context, group.getKey(), group.getValue(), vessel))
                .toList();
        List<LotWire> moving = lots.listMoving(context, today, MOST).stream()
                .map(s -> lots.show(context, s))
                .toList();
        return new Today(
                today,
                clock.instant(),
                due.size() < MOST ? due.size() : lots.countDue(id, today),
                groups,
                chores(context, lots.listCare(context, MOST_CARE)),
                todos(context, today),
                treatments(context, today),
                moving,
                meters.listDue(g),
                journal.listDoneSince(id, morning, MOST),
                next,
                lots.recalculating(id).orElse(null),
                lots.changedByRules(context, MOST_CHANGED),
                oldPlaces.listMoved(id));
    }

    private static List<ChoreGroupWire> chores(GardenContext context, List<Lots.CareDue> care) {
        LocalDate today = context.garden().today();
        Map<Chore, List<ChoreDueWire>> groups = new EnumMap<>(Chore.class);
        Map<Chore, Set<String>> cautions = new EnumMap<>(Chore.class);
        for (Lots.CareDue c : care) {
            Chore chore = c.due().chore();
            Situation s = c.situation();
            boolean cold = chore.everyDays(s).isEmpty();
            groups.computeIfAbsent(chore, x -> new ArrayList<>())
                    .add(new ChoreDueWire(
                            LotBriefWire.of(c.lot().lot()),
                            c.due().item(),
                            c.due().on(),
                            cold ? null : chore.everyDays(s).getAsInt(),
                            cold ? Chore.nightC(s, today) : null,
                            cold ? s.species().traits().number(Trait.COLDEST) : null));
            Set<String> named = cautions.computeIfAbsent(chore, x -> new LinkedHashSet<>());
            chore.cautions(s).forEach(minded -> named.add(minded.id()));
        }
        groups.values().forEach(rows -> rows.sort(walk(context.garden(), ChoreDueWire::lot)));
        return groups.entrySet().stream()
                .map(g -> new ChoreGroupWire(
                        g.getKey().id(), List.copyOf(cautions.getOrDefault(g.getKey(), Set.of())), g.getValue()))
                .toList();
    }

    private List<TodoDueWire> todos(GardenContext context, LocalDate today) {
        GardenId id = new GardenId(context.garden().id());
        List<TodoWire> due = todos.listDue(id, today, MOST_CARE);
        Map<UUID, LotWithState> of = lots.onBench(
                context, due.stream().map(TodoWire::lotId).distinct().toList());
        return due.stream()
                .map(t -> new TodoDueWire(
                        LotBriefWire.of(
                                Objects.requireNonNull(of.get(t.lotId())).lot()),
                        t))
                .toList();
    }

    private List<TreatmentDueWire> treatments(GardenContext context, LocalDate today) {
        List<TreatmentWire> due =
                treatments.listDue(new GardenId(context.garden().id()), today, MOST_CARE);
        Map<UUID, LotWithState> of = lots.onBench(
                context, due.stream().map(TreatmentWire::lotId).distinct().toList());
        return due.stream()
                .map(t -> new TreatmentDueWire(
                        LotBriefWire.of(
                                Objects.requireNonNull(of.get(t.lotId())).lot()),
                        t))
                .toList();
    }

    /** Place by place as they are walked by, then by name. */
    private static <T> Comparator<T> walk(GardenWire g, Function<T, LotBriefWire> lot) {
        List<UUID> places = g.places().stream().map(GardenWire.PlaceWire::id).toList();
        return Comparator.comparing((T t) -> places.indexOf(lot.apply(t).placeId()))
                .thenComparing(t -> lot.apply(t).name());
    }

    /** What is to be done for a lot: a feed beside the water, and the water, each where it is due. */
    private List<Found> due(GardenContext context, LotWithState lot, LocalDate today, UUID vessel) {
        Care pot = LotCare.on(context, lot, today, context.garden().can(vessel).litres());
        List<Found> found = new ArrayList<>();
        LocalDate beside = lot.state().besideDueOn();
        if (beside != null && !beside.isAfter(today) && pot.feedDue(today)) {
            found.add(beside(context, lot, pot, beside, today));
        }
        if (!lot.state().waterDueOn().isAfter(today)) {
            found.add(watering(context, lot, pot, today));
        }
        return found;
    }

    private Found beside(GardenContext context, LotWithState lot, Care pot, LocalDate due, LocalDate today) {
        FeedWire feed = pot.course().map(context::feed).orElseThrow();
        return new Found(
                lot,
                new DueWire(
                        LotBriefWire.of(lot.lot()),
                        lot.state().feedItem(),
                        (int) (today.toEpochDay() - due.toEpochDay()),
                        0,
                        BesideWire.of(pot),
                        pot.leftShare(),
                        1,
                        Way.TOP.id(),
                        null,
                        null),
                feed,
                besideNotes(context, lot, pot),
                place(lot, pot, feed, false));
    }

    private Found watering(GardenContext context, LotWithState lot, Care pot, LocalDate today) {
        GardenWire g = context.garden();
        boolean inWater = pot.course().filter(Course::inWater).isPresent();
        FeedWire feed =
                inWater && pot.feedDue(today) ? pot.course().map(context::feed).orElse(null) : null;
        int overdue = (int) (today.toEpochDay() - lot.state().waterDueOn().toEpochDay());
        double each = pot.litresOn(today, feed != null);
        Watering watering = pot.plan().need().watering();
        Way way = feed == null ? watering.way() : watering.way().ofFeed();
        Optional<Line> line = way.byLine() ? LotCare.line(g, lot, pot, each, Working.off()) : Optional.empty();
        OptionalDouble soak = watering.soak(pot.plan().potWater().pot());
        return new Found(
                lot,
                new DueWire(
                        LotBriefWire.of(lot.lot()),
                        feed == null ? lot.state().waterItem() : lot.state().feedItem(),
                        overdue,
                        each,
                        null,
                        pot.leftShare(),
                        pot.plan().need().timesOn(today),
                        way.id(),
                        line.map(Line::minutes).orElse(orNull(soak)),
                        line.map(l -> orNull(l.mm())).orElse(null)),
                feed,
                notes(context, lot, pot, feed != null),
                place(lot, pot, feed, pot.flushDue(today)));
    }

    /** The same, and whether this is no hour to spray. */
    private List<String> besideNotes(GardenContext context, LotWithState lot, Care pot) {
        List<String> notes = notes(context, lot, pot, true);
        if (pot.feeding().filter(Care.Sprayed.class::isInstance).isPresent()) {
            GardenWire g = context.garden();
            ZoneId zone = ZoneId.of(g.timeZone());
            Instant now = clock.instant();
            LocalTime bySun = LocalTime.ofInstant(now.minus(zone.getRules().getDaylightSavings(now)), zone);
            double daylight = context.situation(lot).place().on(g.today()).daylengthHours();
            if (Spray.sunIsHigh(bySun, daylight)) {
                notes.add(0, Note.SPRAY_NOT_NOW.id());
            }
        }
        return notes;
    }

    /** What to mind on the round itself; of the rest the lot's page speaks. */
    private static List<String> notes(GardenContext context, LotWithState lot, Care pot, boolean feeding) {
        List<String> notes = new ArrayList<>();
        if (context.labelOpen(lot.lot())) {
            notes.add(CareWire.LABEL_OPEN);
        }
        pot.notes().stream().filter(n -> n.onTheRound(feeding)).map(Note::id).forEach(notes::add);
        return notes;
    }

    private static RoundPlace place(LotWithState lot, Care pot, @Nullable FeedWire feed, boolean flush) {
        Map<Condition, LocalDate> conditions = lot.lot().conditions();
        boolean sick = conditions != null && conditions.containsKey(Condition.SICK);
        String water = lot.lot().waterId().toString();
        Care.Feeding given = pot.feeding().orElse(null);
        Way way = pot.plan().need().watering().way();
        RoundPlace.By by = RoundPlace.By.of(given == null || feed == null ? way : way.ofFeed());
        if (given == null || feed == null) {
            return new RoundPlace(sick, flush ? RoundPlace.Kind.FLUSH : RoundPlace.Kind.WATER, by, 0, water);
        }
        if (given instanceof Care.Watered w) {
            double perLitre = w.dose().perLitre();
            return new RoundPlace(
                    sick, RoundPlace.Kind.FEED, by, perLitre * feed.n(), feed.id() + " " + perLitre + " " + water);
        }
        if (given instanceof Care.Sprayed sprayed) {
            double perLitre = sprayed.spray().dose().perLitre();
            return new RoundPlace(
                    sick,
                    RoundPlace.Kind.SPRAYED,
                    RoundPlace.By.CAN,
                    perLitre * feed.n(),
                    feed.id() + " " + perLitre + " " + water);
        }
        // pots of other sizes get another amount
        String amount = given instanceof Care.Strewn strewn ? " " + strewn.pot().given() : "";
        return new RoundPlace(
                sick, RoundPlace.Kind.STREWN, RoundPlace.By.CAN, 0, feed.id().toString() + amount);
    }

    private GroupWire group(GardenContext context, RoundPlace at, List<Found> found, @Nullable UUID asked) {
        GardenWire g = context.garden();
        double litres = found.stream()
                .mapToDouble(f -> litresEach(f.due()) * f.standing().lot().pots())
                .sum();
        VesselWire vessel = g.vessels().stream()
                .filter(v -> v.carries() && v.id().equals(asked))
                .findFirst()
                .orElseGet(() -> LotCare.vessel(g, litres));
        List<DueWire> due =
                found.stream().map(Found::due).sorted(walk(g, DueWire::lot)).toList();
        FeedWire feed = found.get(0).feed();
        // all of a group take the same solution: what goes into its can is worked out once
        boolean sprayed = at.kind() == RoundPlace.Kind.SPRAYED;
        DoseWire dose = feed == null
                ? null
                : dose(
                        context,
                        found.get(0),
                        sprayed ? OptionalDouble.of(Spray.mixed(litres)) : OptionalDouble.empty(),
                        vessel);
        Double perLitre = dose == null ? null : dose.perLitre();
        return new GroupWire(
                String.join(
                        " ",
                        Boolean.toString(at.sick()),
                        at.kind().id(),
                        at.by().id(),
                        at.solution()),
                at.kind().id(),
                at.by().id(),
                at.sick(),
                feed == null ? null : feed.name(),
                g.water(found.get(0).standing().lot().waterId()).name(),
                litres,
                vessel,
                CarryingWire.of(Carrying.of(
                        litres,
                        vessel.litres(),
                        perLitre == null ? OptionalDouble.empty() : OptionalDouble.of(perLitre))),
                dose,
                found.stream().flatMap(f -> f.notes().stream()).distinct().toList(),
                due);
    }

    private static double litresEach(DueWire due) {
        BesideWire beside = due.beside();
        return beside == null || beside.sprayLitres() == null ? due.litresEach() : beside.sprayLitres();
    }

    private @Nullable DoseWire dose(GardenContext context, Found first, OptionalDouble sprayer, VesselWire vessel) {
        GardenWire g = context.garden();
        Care pot = sprayer.isPresent()
                ? LotCare.inSprayer(context, first.standing(), g.today(), sprayer.getAsDouble())
                : LotCare.on(context, first.standing(), g.today(), vessel.litres());
        return pot.feeding()
                .map(f ->
                        DoseWire.of(f, g.water(first.standing().lot().waterId()).ec(), Optional.empty()))
                .orElse(null);
    }
}
