package evencistern.server.today;

import evencistern.plan.Care;
import evencistern.server.care.CareWire;
import evencistern.server.care.CareWire.DoseWire;
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
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
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
     * @param litresEach what one pot gets
     */
    record DueWire(LotWire lot, String item, int overdueDays, double litresEach, CareWire care) {}

    /**
     * Work done from the same can.
     *
     * @param feedName what is in it, absent for plain water
     * @param litres for all pots together
     * @param cans how often the can is filled for that
     * @param dose what goes into the can, or for a strewn feed what each pot gets
     */
    record GroupWire(
            String key,
            @Nullable String feedName,
            String waterName,
            double litres,
            int cans,
            @Nullable DoseWire dose,
            List<DueWire> due) {}

    /** The day: what is due, what has been ticked, and what comes next where nothing is due. */
    record Today(
            LocalDate date,
            UUID vesselId,
            List<GroupWire> groups,
            List<EntryWire> done,
            @Nullable LocalDate nextDue) {}

    private record Found(DueWire due, @Nullable FeedWire feed, String key) {}

    @GetMapping
    Today getToday(@PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        GardenId id = new GardenId(garden);
        GardenWire g = gardens.require(id);
        LocalDate today = g.today();
        double can = LotCare.can(g, vessel);
        Map<UUID, FeedWire> shelf =
                feeds.list(id).stream().collect(Collectors.toMap(FeedWire::id, Function.identity()));
        List<Found> due = lots.listDue(id, today, MOST).stream()
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
        return new Today(today, vesselId, groups(g, due, can), journal.listDoneSince(id, morning, MOST), next);
    }

    private Found due(GardenWire g, LotWire lot, Map<UUID, FeedWire> shelf, LocalDate today, double can) {
        LocalDate feedOn = lot.state().nextFeedOn();
        FeedWire feed = feedOn != null && !feedOn.isAfter(today) ? shelf.get(lot.feedId()) : null;
        Care pot = care.on(g, lot, feed, today, can);
        CareWire wire = CareWire.of(pot, LotCare.water(g, lot.waterId()).ec(), today, null);
        boolean watered = pot.feeding().filter(Care.Watered.class::isInstance).isPresent();
        int overdue = (int) (today.toEpochDay() - lot.state().dueOn().toEpochDay());
        DoseWire dose = wire.feed();
        String key = dose == null || feed == null
                ? "0 water " + lot.waterId()
                : String.format(
                        Locale.ROOT,
                        "1 %08.3f %s %s",
                        dose.meterOverWater() == null ? 0 : dose.meterOverWater(),
                        feed.id(),
                        watered ? dose.hand().practical() : "strewn");
        return new Found(
                new DueWire(
                        lot,
                        feed == null ? lot.state().waterItem() : lot.state().feedItem(),
                        overdue,
                        watered ? pot.fullPourLitres() : pot.litresNow(),
                        wire),
                feed,
                key);
    }

    /** Plain water first, then from the weakest feed to the strongest, so that a can is never rinsed in between. */
    private static List<GroupWire> groups(GardenWire g, List<Found> due, double can) {
        Map<String, List<Found>> byKey =
                due.stream().collect(Collectors.groupingBy(Found::key, TreeMap::new, Collectors.toList()));
        return byKey.entrySet().stream()
                .map(group -> {
                    List<Found> found = group.getValue();
                    Found first = found.get(0);
                    double litres = found.stream()
                            .mapToDouble(
                                    f -> f.due().litresEach() * f.due().lot().pots())
                            .sum();
                    FeedWire feed = first.feed();
                    return new GroupWire(
                            group.getKey(),
                            feed == null ? null : feed.name(),
                            LotCare.water(g, first.due().lot().waterId()).name(),
                            litres,
                            (int) Math.ceil(litres / can),
                            first.due().care().feed(),
                            found.stream().map(Found::due).toList());
                })
                .toList();
    }
}
