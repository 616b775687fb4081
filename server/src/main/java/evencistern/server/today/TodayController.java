package evencistern.server.today;

import evencistern.plan.Care;
import evencistern.server.care.CareWire;
import evencistern.server.care.LotCare;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.journal.EntryWire;
import evencistern.server.journal.JournalStore;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.Lots;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due today, and what of it has been done. */
@RestController
@RequestMapping("/api/gardens/{garden}/today")
class TodayController {
    private static final int MOST = 500;

    private final Gardens gardens;
    private final Lots lots;
    private final Feeds feeds;
    private final LotCare care;
    private final JournalStore journal;

    TodayController(Gardens gardens, Lots lots, Feeds feeds, LotCare care, JournalStore journal) {
        this.gardens = gardens;
        this.lots = lots;
        this.feeds = feeds;
        this.care = care;
        this.journal = journal;
    }

    /**
     * One piece of work.
     *
     * @param item its name, to tick it by
     * @param overdueDays days since it fell due
     */
    record DueWire(LotWire lot, String item, boolean feed, int overdueDays, CareWire care) {}

    /** The day: what is due, what has been ticked, and what comes next where nothing is due. */
    record Today(
            LocalDate date,
            UUID vesselId,
            List<DueWire> due,
            List<EntryWire> done,
            @Nullable LocalDate nextDue) {}

    @GetMapping
    Today getToday(@PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        GardenId id = new GardenId(garden);
        GardenWire g = gardens.require(id);
        LocalDate today = g.today();
        double can = LotCare.can(g, vessel);
        Map<UUID, FeedWire> shelf =
                feeds.list(id).stream().collect(Collectors.toMap(FeedWire::id, Function.identity()));
        List<DueWire> due = lots.listDue(id, today, MOST).stream()
                .map(lot -> due(g, lot, shelf, today, can))
                .toList();
        Instant morning = today.atStartOfDay(ZoneId.of(g.timeZone())).toInstant();
        LocalDate next = due.isEmpty()
                ? lots.listDue(id, today.plusDays(400), MOST).stream()
                        .map(l -> l.state().dueOn())
                        .min(LocalDate::compareTo)
                        .orElse(null)
                : null;
        UUID vesselId = vessel == null ? g.vessels().get(0).id() : vessel;
        return new Today(today, vesselId, due, journal.listTickedSince(id, morning, MOST), next);
    }

    private DueWire due(GardenWire g, LotWire lot, Map<UUID, FeedWire> shelf, LocalDate today, double can) {
        LocalDate feedOn = lot.state().nextFeedOn();
        FeedWire feed = feedOn != null && !feedOn.isAfter(today) ? shelf.get(lot.feedId()) : null;
        Care pot = care.on(g, lot, feed, today, can);
        return new DueWire(
                lot,
                feed == null ? lot.state().waterItem() : lot.state().feedItem(),
                feed != null,
                (int) (today.toEpochDay() - lot.state().dueOn().toEpochDay()),
                CareWire.of(pot, LotCare.water(g, lot.waterId()).ec(), today, null));
    }
}
