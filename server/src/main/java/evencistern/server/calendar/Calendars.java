package evencistern.server.calendar;

import evencistern.fault.Faults;
import evencistern.need.Situation;
import evencistern.plan.FeedWindow;
import evencistern.plan.LotPlan;
import evencistern.plan.LotYear;
import evencistern.round.Away;
import evencistern.round.RoundCalendar;
import evencistern.server.GardenId;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The calendar of a garden: proposed, and followed where the person wants that. */
@Service
@RetriedOnLocks
public class Calendars {
    private static final int HORIZON = 56;

    private final CalendarStore store;
    private final Lots lots;

    Calendars(CalendarStore store, Lots lots) {
        this.store = store;
        this.lots = lots;
    }

    /** A lot that is fed on some day. */
    public record FedWire(UUID lotId, String name, int pots, String feedName) {}

    /** A day of feeding. */
    public record FeedDay(LocalDate day, List<UUID> lotIds) {}

    /**
     * The days to come.
     *
     * @param lots that are fed on any of the days
     * @param alone separate days it would be if each lot went by its own preferred gap
     * @param fewest separate days that any plan needs, as far as is proven
     * @param exact whether no plan is better
     * @param deviation days by which all gaps together differ from the preferred ones
     * @param everyWatering lots that are fed whenever they are watered, and so have no days of their own
     */
    public record CalendarWire(
            boolean inUse,
            @Nullable LocalDate madeOn,
            int days,
            List<FedWire> lots,
            List<FeedDay> feedDays,
            int alone,
            int fewest,
            boolean exact,
            int deviation,
            int everyWatering) {}

    private record Asked(Map<String, LotWithState> standing, List<RoundCalendar.Lot> lots, int everyWatering) {}

    /** The days to come, as they would be chosen now. What is on today's list stays there. */
    @Transactional(readOnly = true)
    public CalendarWire look(GardenId garden) {
        GardenContext context = lots.context(garden);
        Asked asked = ask(context);
        return wire(garden, context, asked, RoundCalendar.of(asked.lots(), HORIZON));
    }

    /** Follows the calendar, or each lot its own days again. */
    @Transactional
    public CalendarWire use(GardenId garden, boolean inUse) {
        GardenContext context = lots.context(garden);
        // the row is taken first: days that are being chosen elsewhere are there to be cleared then
        store.saveState(
                garden, new CalendarStore.State(inUse, inUse ? context.garden().today() : null));
        List<UUID> before = store.listLots(garden);
        store.clear(garden);
        if (inUse) {
            choose(garden, context);
        }
        lots.touch(garden, before);
        lots.settle();
        return look(garden);
    }

    /** Gardens fed by the calendar. */
    public List<GardenId> listInUse() {
        return store.listGardensInUse();
    }

    /** Chooses anew, once a day; nothing of what is due by then changes. */
    @Transactional
    public void renew(GardenId garden) {
        if (store.claim(garden, lots.today(garden))) {
            choose(garden, lots.context(garden));
        }
    }

    private void choose(GardenId garden, GardenContext context) {
        LocalDate today = context.garden().today();
        Asked asked = ask(context);
        List<UUID> changed = new ArrayList<>(store.listLots(garden));
        store.clear(garden);
        RoundCalendar.of(asked.lots(), HORIZON).feeds().forEach((key, days) -> {
            UUID lot = UUID.fromString(key);
            List<LocalDate> chosen =
                    days.stream().filter(d -> d > 0).map(today::plusDays).toList();
            if (!chosen.isEmpty()) {
                store.saveDays(garden, lot, chosen);
                changed.add(lot);
            }
        });
        lots.touch(garden, changed);
    }

    private Asked ask(GardenContext context) {
        LocalDate today = context.garden().today();
        Map<String, LotWithState> standing = new HashMap<>();
        List<RoundCalendar.Lot> found = new ArrayList<>();
        int everyWatering = 0;
        Map<Alike, Optional<RoundCalendar.Lot>> windows = new HashMap<>();
        for (LotWithState s : lots.listFed(context)) {
            LocalDate next = s.state().nextFeedOn();
            boolean onTodaysList = next != null && !next.isAfter(today);
            String key = s.lot().id().toString();
            standing.put(key, s);
            // of the many alike of a bench each is worked out once
            var lot = windows.computeIfAbsent(
                    new Alike(context.situation(s), onTodaysList ? 0 : 1),
                    a -> FeedWindow.of(key, a.situation(), today, a.from(), HORIZON));
            everyWatering += lot.isEmpty() && next != null ? 1 : 0;
            lot.map(l -> named(key, l)).map(l -> onTodaysList ? pinned(l) : l).ifPresent(found::add);
        }
        return new Asked(standing, found, everyWatering);
    }

    /** Lots that stand alike, and the first day that may be chosen for them. */
    private record Alike(Situation situation, int from) {}

    private static RoundCalendar.Lot named(String key, RoundCalendar.Lot l) {
        return new RoundCalendar.Lot(key, l.first(), l.last(), l.min(), l.max(), l.preferred(), l.free());
    }

    /** On today's list already: it stays. */
    private static RoundCalendar.Lot pinned(RoundCalendar.Lot l) {
        return new RoundCalendar.Lot(l.key(), 0, 0, l.min(), l.max(), l.preferred(), l.free() | 1);
    }

    private CalendarWire wire(GardenId garden, GardenContext context, Asked asked, RoundCalendar.Plan plan) {
        LocalDate today = context.garden().today();
        CalendarStore.State state = store.findState(garden);
        Map<LocalDate, List<UUID>> byDay = new TreeMap<>();
        List<FedWire> fed = new ArrayList<>();
        Map<Situation, List<LocalDate>> years = new HashMap<>();
        // followed, it is what each lot's own plan makes of it; else what would be chosen
        asked.standing().forEach((key, lot) -> {
            List<LocalDate> days = state.inUse()
                    ? context.fedEveryWatering(lot.lot())
                            ? List.of()
                            : years.computeIfAbsent(context.situation(lot), s -> LotYear.feeds(s, today, HORIZON))
                    : plan.feeds().getOrDefault(key, List.of()).stream()
                            .map(today::plusDays)
                            .toList();
            days.forEach(d -> byDay.computeIfAbsent(d, x -> new ArrayList<>())
                    .add(lot.lot().id()));
            if (!days.isEmpty()) {
                fed.add(fed(context, lot));
            }
        });
        return new CalendarWire(
                state.inUse(),
                state.madeOn(),
                HORIZON,
                fed,
                byDay.entrySet().stream()
                        .map(d -> new FeedDay(d.getKey(), d.getValue()))
                        .toList(),
                alone(asked.lots()),
                plan.fewest(),
                plan.exact(),
                plan.deviation(),
                asked.everyWatering());
    }

    private static FedWire fed(GardenContext context, LotWithState standing) {
        return new FedWire(
                standing.lot().id(), standing.lot().name(), standing.lot().pots(), context.feedNames(standing.lot()));
    }

    /** Each lot planned as if it were the only one. */
    private static int alone(List<RoundCalendar.Lot> asked) {
        TreeSet<Integer> days = new TreeSet<>();
        Map<List<Object>, List<Integer>> known = new HashMap<>();
        for (RoundCalendar.Lot l : asked) {
            days.addAll(known.computeIfAbsent(
                    List.of(l.first(), l.last(), l.min(), l.max(), l.preferred(), l.free()),
                    k -> RoundCalendar.of(List.of(l), HORIZON).feeds().get(l.key())));
        }
        return days.size();
    }

    // --- away ---

    /** Days away, and the tank on the drip line, if there is one. */
    public record AwayAsk(Typed days, @Nullable Typed tank) {}

    /** A lot that will not last, or may not. */
    public record ThirstyWire(UUID lotId, String name, int pots, int daysShort, int daysLikely, boolean dry) {}

    /**
     * What becomes of the garden while nobody is there, all watered on the day of leaving.
     *
     * @param lasting lots that last
     * @param tankDays that the tank keeps the others
     */
    public record AwayWire(
            List<ThirstyWire> thirsty,
            int lasting,
            double dailyLitres,
            double neededLitres,
            @Nullable Double tankDays) {}

    /** Which lots last until the person is back. */
    @Transactional(readOnly = true)
    public AwayWire away(GardenId garden, AwayAsk ask) {
        Faults faults = new Faults();
        double days = ask.days().read("away.days", faults, Dimension.TIME);
        OptionalDouble tank = Typed.optional(ask.tank(), "away.tank", faults, Dimension.VOLUME);
        faults.throwIfAny();
        GardenContext context = lots.context(garden);
        LocalDate today = context.garden().today();
        Map<String, LotWithState> standing = new HashMap<>();
        Map<String, Away.Left> left = new TreeMap<>();
        for (LotWithState s : lots.listAll(context)) {
            LotPlan plan = LotPlan.of(context.wateredToday(s), today, Working.off());
            String key = s.lot().id().toString();
            standing.put(key, s);
            left.put(key, new Away.Left(key, s.lot().pots(), plan.need().useOn(today.plusDays(1)), plan.days()));
        }
        Away away = Away.of(List.copyOf(left.values()), (int) days, tank);
        List<ThirstyWire> thirsty = new ArrayList<>();
        away.dry().forEach(key -> thirsty.add(thirsty(standing, left, key, true)));
        away.doubtful().forEach(key -> thirsty.add(thirsty(standing, left, key, false)));
        thirsty.sort(java.util.Comparator.comparingInt(ThirstyWire::daysLikely).thenComparing(ThirstyWire::name));
        return new AwayWire(
                thirsty,
                left.size() - thirsty.size(),
                away.dailyLitres(),
                away.neededLitres(),
                away.tankDays().isPresent() ? away.tankDays().getAsDouble() : null);
    }

    private static ThirstyWire thirsty(
            Map<String, LotWithState> standing, Map<String, Away.Left> left, String key, boolean dry) {
        LotWithState s = java.util.Objects.requireNonNull(standing.get(key));
        Away.Left l = java.util.Objects.requireNonNull(left.get(key));
        return new ThirstyWire(
                s.lot().id(),
                s.lot().name(),
                l.pots(),
                l.lasts().shortest(),
                l.lasts().likely(),
                dry);
    }
}
