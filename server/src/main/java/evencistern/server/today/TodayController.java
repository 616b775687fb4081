package evencistern.server.today;

import evencistern.plan.Care;
import evencistern.server.GardenId;
import evencistern.server.care.CareWire;
import evencistern.server.care.CareWire.DoseWire;
import evencistern.server.care.LotCare;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.journal.EntryWire;
import evencistern.server.journal.JournalStore;
import evencistern.server.lot.Ground;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Standing;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.UUID;
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

    private final Lots lots;
    private final LotCare care;
    private final JournalStore journal;

    TodayController(Lots lots, LotCare care, JournalStore journal) {
        this.lots = lots;
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
     * @param vessel what it is mixed in: the one asked for, or else the smallest that takes it all
     * @param cans how often the vessel is filled for that
     * @param dose what goes into the can, or for a strewn feed what each pot gets
     */
    record GroupWire(
            String key,
            @Nullable String feedName,
            String waterName,
            double litres,
            VesselWire vessel,
            int cans,
            @Nullable DoseWire dose,
            List<DueWire> due) {}

    /** The day: what is due, which lots are to be moved, what has been ticked, and what comes next if nothing is due. */
    record Today(
            LocalDate date,
            List<GroupWire> groups,
            List<LotWire> moving,
            List<EntryWire> done,
            @Nullable LocalDate nextDue) {}

    private record Found(
            Standing standing, DueWire due, @Nullable FeedWire feed, String key) {}

    @GetMapping
    Today getToday(@PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        GardenId id = new GardenId(garden);
        Ground ground = lots.ground(id);
        GardenWire g = ground.garden();
        LocalDate today = g.today();
        LotCare.can(g, vessel); // a vessel that is not there is refused before any work is done
        List<Found> due = lots.listDue(id, today, MOST).stream()
                .map(lot -> due(ground, lot, today, g.usualVesselId()))
                .toList();
        Instant morning = today.atStartOfDay(ZoneId.of(g.timeZone())).toInstant();
        LocalDate next = due.isEmpty() ? lots.nextDue(id).orElse(null) : null;
        List<GroupWire> groups = due.stream()
                .collect(Collectors.groupingBy(Found::key, TreeMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(group -> group(ground, group.getKey(), group.getValue(), vessel))
                .toList();
        List<LotWire> moving = lots.listMoving(id, today, MOST).stream()
                .map(s -> lots.show(g, s))
                .toList();
        return new Today(today, groups, moving, journal.listDoneSince(id, morning, MOST), next);
    }

    private Found due(Ground ground, Standing lot, LocalDate today, UUID vessel) {
        GardenWire g = ground.garden();
        LocalDate feedOn = lot.state().nextFeedOn();
        FeedWire feed = ground.feedIf(feedOn != null && !feedOn.isAfter(today), lot.lot());
        Care pot = care.on(ground, lot, feed, today, LotCare.can(g, vessel));
        CareWire wire = CareWire.of(pot, LotCare.water(g, lot.lot().waterId()).ec(), today, null, null);
        boolean watered = pot.feeding().filter(Care.Watered.class::isInstance).isPresent();
        int overdue = (int) (today.toEpochDay() - lot.state().dueOn().toEpochDay());
        DoseWire dose = wire.feed();
        String key = dose == null || feed == null
                ? "0 water " + lot.lot().waterId()
                : String.format(
                        Locale.ROOT,
                        "1 %08.3f %s %s %s",
                        dose.perLitre() == null ? 0 : dose.perLitre() * feed.n(),
                        feed.id(),
                        watered ? dose.perLitre() : "strewn",
                        lot.lot().waterId());
        return new Found(
                lot,
                new DueWire(
                        lots.show(g, lot),
                        feed == null ? lot.state().waterItem() : lot.state().feedItem(),
                        overdue,
                        watered ? pot.fullPourLitres() : pot.litresNow(),
                        wire),
                feed,
                key);
    }

    /** Groups are sorted by their keys: plain water first, then from weak feed to strong, so that no can is rinsed. */
    private GroupWire group(Ground ground, String key, List<Found> found, @Nullable UUID asked) {
        GardenWire g = ground.garden();
        double litres = found.stream()
                .mapToDouble(f -> f.due().litresEach() * f.standing().lot().pots())
                .sum();
        VesselWire vessel = g.vessels().stream()
                .filter(VesselWire::carries)
                .filter(v -> asked == null ? v.litres() >= litres : v.id().equals(asked))
                .findFirst()
                .filter(v -> asked != null || v.litres() <= usual(g).litres())
                .orElse(usual(g));
        List<DueWire> due = found.stream()
                .map(f -> due(ground, f.standing(), g.today(), vessel.id()).due())
                .toList();
        FeedWire feed = found.get(0).feed();
        return new GroupWire(
                key,
                feed == null ? null : feed.name(),
                LotCare.water(g, found.get(0).standing().lot().waterId()).name(),
                litres,
                vessel,
                (int) Math.ceil(litres / vessel.litres()),
                due.get(0).care().feed(),
                due);
    }

    private static VesselWire usual(GardenWire g) {
        return g.vessels().stream()
                .filter(v -> v.id().equals(g.usualVesselId()))
                .findFirst()
                .orElseThrow();
    }
}
