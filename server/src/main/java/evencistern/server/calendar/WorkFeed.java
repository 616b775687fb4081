package evencistern.server.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Method;
import biweekly.util.Duration;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.feed.FeedWire;
import evencistern.server.lot.Ground;
import evencistern.server.lot.LotState;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Standing;
import evencistern.server.meter.MeterLogs;
import evencistern.server.problem.Words;
import evencistern.server.todo.TodoStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work to come as an iCalendar file (RFC 5545): a whole-day event for each day and can. */
@Service
class WorkFeed {
    private static final int MOST_NAMED = 30;
    private static final String CALIBRATE = "Calibrate";
    private static final int MOST_CHORES = 100_000;

    private final CalendarStore store;
    private final Calendars calendars;
    private final ChoreStore chores;
    private final Lots lots;
    private final MeterLogs meters;
    private final TodoStore todos;
    private final Words words;

    WorkFeed(
            CalendarStore store,
            Calendars calendars,
            ChoreStore chores,
            Lots lots,
            MeterLogs meters,
            TodoStore todos,
            Words words) {
        this.chores = chores;
        this.words = words;
        this.store = store;
        this.calendars = calendars;
        this.lots = lots;
        this.meters = meters;
        this.todos = todos;
    }

    /** The private address of the work to come: made when first asked for. */
    @Transactional
    UUID address(GardenId garden) {
        lots.today(garden); // a garden that is not there is refused
        return store.findAddress(garden).orElseGet(() -> newAddress(garden));
    }

    /** Another address; the one before leads nowhere from now on. */
    @Transactional
    UUID newAddress(GardenId garden) {
        UUID address = UUID.randomUUID();
        store.saveAddress(garden, address);
        return address;
    }

    /** The work to come, for who knows the garden's address. */
    @Transactional
    String at(GardenId garden, UUID address) {
        if (store.findAddress(garden).filter(address::equals).isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "calendar", address.toString()));
        }
        return of(garden);
    }

    /** The work to come of a garden. */
    @Transactional
    String of(GardenId garden) {
        Ground ground = lots.ground(garden);
        LocalDate today = ground.garden().today();
        Map<LocalDate, Map<String, List<String>>> work = new TreeMap<>();
        Map<UUID, Standing> standing = new HashMap<>();
        for (Standing s : lots.listAll(garden)) {
            standing.put(s.lot().id(), s);
            LotState state = s.state();
            LocalDate feedOn = state.nextFeedOn();
            boolean withWater = feedOn != null && !feedOn.isAfter(state.nextWaterOn());
            if (!withWater) {
                boolean flush =
                        state.nextFlushOn() != null && !state.nextFlushOn().isAfter(state.nextWaterOn());
                add(
                        work,
                        later(state.nextWaterOn(), today),
                        flush ? "Flush" : "Water",
                        s.lot().name());
            }
            if (feedOn != null && feedOn.isBefore(today.plusYears(1))) {
                String feed = ground.feed(s.lot()).map(FeedWire::name).orElse("");
                add(work, later(feedOn, today), "Feed with " + feed, s.lot().name());
            }
        }
        lots.listCare(ground, MOST_CHORES); // what its season passed over is not called due
        chores.listDue(garden, today.plusYears(1), MOST_CHORES).forEach(c -> {
            Standing s = standing.get(c.lot());
            if (s != null) {
                add(
                        work,
                        later(c.on(), today),
                        words.of("chores", c.chore().id(), Map.of()),
                        s.lot().name());
            }
        });
        todos.listDue(garden, today.plusYears(1), MOST_CHORES).forEach(t -> {
            Standing s = standing.get(t.lotId());
            if (s != null) {
                add(
                        work,
                        later(t.dueOn(), today),
                        words.of("todos", t.action(), Map.of()),
                        s.lot().name());
            }
        });
        meters.eachDue(ground.garden(), (pen, on) -> add(work, later(on, today), CALIBRATE, pen));
        Calendars.CalendarWire plan = calendars.look(garden);
        if (plan.inUse()) {
            plan.feedDays().stream()
                    .filter(d -> d.day().isAfter(today))
                    .forEach(d -> d.lots().forEach(l -> add(work, d.day(), "Feed with " + l.feedName(), l.name())));
        }
        return written(garden, ground.garden().name(), work);
    }

    /** What is late is due today. */
    private static LocalDate later(LocalDate due, LocalDate today) {
        return due.isBefore(today) ? today : due;
    }

    private static void add(Map<LocalDate, Map<String, List<String>>> work, LocalDate day, String what, String lot) {
        List<String> names =
                work.computeIfAbsent(day, d -> new TreeMap<>()).computeIfAbsent(what, w -> new ArrayList<>());
        if (!names.contains(lot)) {
            names.add(lot);
        }
    }

    private static String written(GardenId garden, String name, Map<LocalDate, Map<String, List<String>>> work) {
        ICalendar file = new ICalendar();
        file.setProductId("-//Even Cistern//Work to come//EN");
        file.setName(name);
        file.setMethod(Method.publish());
        file.setRefreshInterval(Duration.builder().hours(6).build());
        work.forEach((day, kinds) -> kinds.forEach((what, names) -> file.addEvent(event(garden, day, what, names))));
        return Biweekly.write(file).go();
    }

    private static VEvent event(GardenId garden, LocalDate day, String what, List<String> names) {
        VEvent event = new VEvent();
        event.setUid(day + "-" + Integer.toHexString(what.hashCode()) + "@" + garden.value());
        event.setDateTimeStamp(date(day));
        event.setDateStart(date(day), false);
        event.setDateEnd(date(day.plusDays(1)), false);
        event.setSummary(what + ": "
                + (names.size() == 1 ? names.get(0) : names.size() + (what.equals(CALIBRATE) ? " meters" : " lots")));
        event.setDescription(
                names.stream().sorted().limit(MOST_NAMED).collect(Collectors.joining("\n")) + more(names.size()));
        return event;
    }

    private static String more(int names) {
        return names > MOST_NAMED ? "\nand " + (names - MOST_NAMED) + " more" : "";
    }

    /** A date without an hour is written as this machine's date. */
    private static Date date(LocalDate day) {
        return Date.from(day.atStartOfDay(java.time.ZoneId.systemDefault()).toInstant());
    }
}
