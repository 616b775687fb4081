package evencistern.server.calendar;

import evencistern.fault.Faults;
import evencistern.plan.Away;
import evencistern.plan.FeedWindow;
import evencistern.plan.LotPlan;
import evencistern.plan.RoundCalendar;
import evencistern.plan.Situation;
import evencistern.server.GardenId;
import evencistern.server.feed.FeedWire;
import evencistern.server.lot.Ground;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Standing;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The calendar of a garden: proposed, and followed where the person wants that. */
@Service
public class Calendars {
    private static final int HORIZON = 56;

    private final CalendarStore store;
    private final Lots lots;

    Calendars(CalendarStore store, Lots lots) {
        this.store = store;
        this.lots = lots;
    }

    /** A lot to be fed on a day. */
    public record FedWire(UUID lotId, String name, int pots, String feedName) {}

    /** A day of feeding. */
    public record FeedDay(LocalDate day, List<FedWire> lots) {}

    /**
     * The days to come.
     *
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
            List<FeedDay> feedDays,
            int alone,
            int fewest,
            boolean exact,
            int deviation,
            int everyWatering) {}

    private record Asked(Map<String, Standing> standing, List<RoundCalendar.Lot> lots, int everyWatering) {}

    /** The days to come, as they would be chosen now. What is on today's list stays there. */
    @Transactional(readOnly = true)
    public CalendarWire look(GardenId garden) {
        Ground ground = lots.ground(garden);
        Asked asked = ask(ground, garden);
        return wire(garden, ground, asked, RoundCalendar.of(asked.lots(), HORIZON));
    }

    /** Follows the calendar, or each lot its own days again. */
    @Transactional
    public CalendarWire use(GardenId garden, boolean inUse) {
        Ground ground = lots.ground(garden);
        List<UUID> before = store.listLots(garden);
        store.clear(garden);
        store.saveState(
                garden, new CalendarStore.State(inUse, inUse ? ground.garden().today() : null));
        if (inUse) {
            choose(garden, ground);
        } else {
            lots.rebuild(garden, before);
        }
        return look(garden);
    }

    /** Chooses anew on the first look of a day; nothing of what is due by then changes. */
    @Transactional
    public void renew(GardenId garden, LocalDate today) {
        CalendarStore.State state = store.findState(garden);
        LocalDate made = state.madeOn();
        if (state.inUse() && (made == null || made.isBefore(today))) {
            store.saveState(garden, new CalendarStore.State(true, today));
            choose(garden, lots.ground(garden));
        }
    }

    private void choose(GardenId garden, Ground ground) {
        LocalDate today = ground.garden().today();
        Asked asked = ask(ground, garden);
        List<UUID> changed = new ArrayList<>();
        RoundCalendar.of(asked.lots(), HORIZON).feeds().forEach((key, days) -> {
            UUID lot = UUID.fromString(key);
            if (!days.isEmpty() && days.get(0) > 0) {
                store.saveDay(garden, lot, today.plusDays(days.get(0)));
                changed.add(lot);
            }
        });
        lots.rebuild(garden, changed);
    }

    private Asked ask(Ground ground, GardenId garden) {
        LocalDate today = ground.garden().today();
        Map<String, Standing> standing = new HashMap<>();
        List<RoundCalendar.Lot> found = new ArrayList<>();
        int everyWatering = 0;
        for (Standing s : lots.listAll(garden)) {
            FeedWire feed = ground.feed(s.lot()).orElse(null);
            if (feed == null) {
                continue;
            }
            Situation situation = ground.situation(s, feed);
            LocalDate next = s.state().nextFeedOn();
            boolean onTodaysList = next != null && !next.isAfter(today);
            String key = s.lot().id().toString();
            standing.put(key, s);
            var lot = FeedWindow.of(key, situation, today, onTodaysList ? 0 : 1, HORIZON);
            everyWatering += lot.isEmpty() && next != null ? 1 : 0;
            lot.map(l -> onTodaysList ? pinned(l) : l).ifPresent(found::add);
        }
        return new Asked(standing, found, everyWatering);
    }

    /** On today's list already: it stays. */
    private static RoundCalendar.Lot pinned(RoundCalendar.Lot l) {
        return new RoundCalendar.Lot(l.key(), 0, 0, l.min(), l.max(), l.preferred(), l.free() | 1);
    }

    private CalendarWire wire(GardenId garden, Ground ground, Asked asked, RoundCalendar.Plan plan) {
        LocalDate today = ground.garden().today();
        Map<Integer, List<FedWire>> byDay = new TreeMap<>();
        plan.feeds()
                .forEach((key, days) -> days.forEach(d -> byDay.computeIfAbsent(d, x -> new ArrayList<>())
                        .add(fed(ground, asked.standing().get(key)))));
        CalendarStore.State state = store.findState(garden);
        return new CalendarWire(
                state.inUse(),
                state.madeOn(),
                HORIZON,
                byDay.entrySet().stream()
                        .map(d -> new FeedDay(today.plusDays(d.getKey()), d.getValue()))
                        .toList(),
                alone(asked.lots()),
                plan.fewest(),
                plan.exact(),
                plan.deviation(),
                asked.everyWatering());
    }

    private static FedWire fed(Ground ground, @Nullable Standing s) {
        Standing standing = java.util.Objects.requireNonNull(s);
        return new FedWire(
                standing.lot().id(),
                standing.lot().name(),
                standing.lot().pots(),
                ground.feed(standing.lot()).map(FeedWire::name).orElse(""));
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
        double days = ask.days().read("away.days", faults);
        OptionalDouble tank = Typed.optional(ask.tank(), "away.tank", faults);
        faults.throwIfAny();
        Ground ground = lots.ground(garden);
        LocalDate today = ground.garden().today();
        Map<String, Standing> standing = new HashMap<>();
        Map<String, Away.Left> left = new TreeMap<>();
        for (Standing s : lots.listAll(garden)) {
            LotPlan plan = LotPlan.of(ground.wateredToday(s), Working.off());
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
            Map<String, Standing> standing, Map<String, Away.Left> left, String key, boolean dry) {
        Standing s = java.util.Objects.requireNonNull(standing.get(key));
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
