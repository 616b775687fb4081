package evencistern.server.exchange.ics;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Method;
import biweekly.util.Duration;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.plan.LotYear;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.meter.MeterLogs;
import evencistern.server.todo.TodoStore;
import evencistern.server.treatment.TreatmentStore;
import evencistern.server.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work to come as an iCalendar file (RFC 5545): a whole-day event for each day and can. */
@Service
@RetriedOnLocks
class CalendarFile {
    private static final int MOST_NAMED = 30;
    private static final int MOST_CHORES = 100_000;

    private final SubscriptionStore store;
    private final ChoreStore chores;
    private final Lots lots;
    private final MeterLogs meters;
    private final TodoStore todos;
    private final TreatmentStore treatments;
    private final Words words;

    CalendarFile(
            SubscriptionStore store,
            ChoreStore chores,
            Lots lots,
            MeterLogs meters,
            TodoStore todos,
            TreatmentStore treatments,
            Words words) {
        this.chores = chores;
        this.words = words;
        this.store = store;
        this.lots = lots;
        this.meters = meters;
        this.todos = todos;
        this.treatments = treatments;
    }

    /** The private address of the work to come, if one has been made. */
    Optional<UUID> address(GardenId garden) {
        lots.today(garden); // a garden that is not there is refused
        return store.findAddress(garden);
    }

    /** A new address; the one before, if there was one, stops working. */
    @Transactional
    UUID newAddress(GardenId garden) {
        lots.today(garden); // as above
        UUID address = UUID.randomUUID();
        store.saveAddress(garden, address);
        return address;
    }

    /** The work to come, for who knows the garden's address. */
    @Transactional(readOnly = true)
    String at(GardenId garden, UUID address) {
        if (store.findAddress(garden).filter(address::equals).isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "calendar", address.toString()));
        }
        return of(garden);
    }

    /** The work to come of a garden. */
    @Transactional(readOnly = true)
    String of(GardenId garden) {
        GardenContext context = lots.context(garden);
        LocalDate today = context.garden().today();
        Words.Spoken said = words.in(context.garden().language());
        Map<LocalDate, Map<String, List<String>>> work = new TreeMap<>();
        Map<UUID, LotWithState> standing = new HashMap<>();
        for (LotWithState s : lots.listAll(context)) {
            standing.put(s.lot().id(), s);
            LotYear year = LotYear.of(context.situation(s), today);
            Map<String, String> feeds =
                    context.feeds(s.lot()).stream().collect(Collectors.toMap(f -> f.id().toString(), FeedWire::name));
            Map<LocalDate, String> fed = year.fed().stream()
                    .limit(context.fedEveryWatering(s.lot()) ? 1 : Long.MAX_VALUE)
                    .collect(Collectors.toMap(
                            LotYear.Fed::on,
                            f -> feeds.getOrDefault(f.course(), ""),
                            (one, other) -> one + ", " + other));
            fed.forEach((day, feed) -> add(
                    work,
                    day,
                    said.of("calendar", "feed_with", Map.of("feed", feed)),
                    s.lot().name()));
            year.flushes()
                    .forEach(day ->
                            add(work, day, said.of("calendar", "flush"), s.lot().name()));
            year.waterings().stream()
                    .findFirst()
                    .filter(day -> !fed.containsKey(day) && !year.flushes().contains(day))
                    .ifPresent(day ->
                            add(work, day, said.of("calendar", "water"), s.lot().name()));
        }
        chores.listDue(garden, today.plusYears(1), 0, MOST_CHORES).forEach(c -> {
            LotWithState s = standing.get(c.lot());
            // what its season passed over is not called due
            if (s != null && (c.on().isAfter(today) || c.chore().inSeason(context.situation(s), today))) {
                add(
                        work,
                        later(c.on(), today),
                        said.of("chores", c.chore().id()),
                        s.lot().name());
            }
        });
        todos.listDue(garden, today.plusYears(1), MOST_CHORES).forEach(t -> {
            LotWithState s = standing.get(t.lotId());
            if (s != null) {
                add(
                        work,
                        later(t.dueOn(), today),
                        said.of("todos", t.action()),
                        s.lot().name());
            }
        });
        treatments.listDue(garden, today.plusYears(1), MOST_CHORES).forEach(t -> {
            LotWithState s = standing.get(t.lotId());
            if (s != null) {
                boolean toDo = t.isToDo();
                add(
                        work,
                        later(toDo ? t.dueOn() : t.lookOn(), today),
                        toDo ? said.of("cures", t.cure()) : said.of("calendar", "look_again"),
                        s.lot().name());
            }
        });
        meters.eachDue(
                context.garden(), (pen, on) -> add(work, later(on, today), said.of("calendar", "calibrate"), pen));
        return written(context.garden(), said, work);
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

    private static String written(
            GardenWire garden, Words.Spoken said, Map<LocalDate, Map<String, List<String>>> work) {
        ICalendar file = new ICalendar();
        file.setProductId("-//Even Cistern//Work to come//" + said.language().tag());
        file.setName(garden.name());
        file.setMethod(Method.publish());
        file.setRefreshInterval(Duration.builder().hours(6).build());
        work.forEach((day, kinds) ->
                kinds.forEach((what, names) -> file.addEvent(event(garden.id(), said, day, what, names))));
        return Biweekly.write(file).go();
    }

    private static VEvent event(UUID garden, Words.Spoken said, LocalDate day, String what, List<String> names) {
        VEvent event = new VEvent();
        event.setUid(day + "-" + Integer.toHexString(what.hashCode()) + "@" + garden);
        event.setDateTimeStamp(date(day));
        event.setDateStart(date(day), false);
        event.setDateEnd(date(day.plusDays(1)), false);
        boolean pens = what.equals(said.of("calendar", "calibrate"));
        event.setSummary(
                names.size() == 1
                        ? said.of("calendar", "one", Map.of("what", what, "name", names.get(0)))
                        : said.of("calendar", pens ? "meters" : "lots", Map.of("what", what, "count", names.size())));
        event.setDescription(names.stream().sorted().limit(MOST_NAMED).collect(Collectors.joining("\n"))
                + (names.size() > MOST_NAMED
                        ? "\n" + said.of("calendar", "more", Map.of("count", names.size() - MOST_NAMED))
                        : ""));
        return event;
    }

    /** A date without an hour is written as this machine's date. */
    private static Date date(LocalDate day) {
        return Date.from(day.atStartOfDay(java.time.ZoneId.systemDefault()).toInstant());
    }
}
