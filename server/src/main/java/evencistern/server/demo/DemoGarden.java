package evencistern.server.demo;

import evencistern.label.Question;
import evencistern.plan.LotPlan;
import evencistern.server.feed.FeedInput;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.journal.Acts;
import evencistern.server.lot.LotInput;
import evencistern.server.lot.LotState;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.Lots;
import evencistern.server.lot.PotInput;
import evencistern.server.reading.EcTyped;
import evencistern.server.reading.Readings;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Quillwater Yard: a made-up garden with some weeks of work behind it, laid through the same services a person uses. */
@Component
public class DemoGarden implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoGarden.class);
    private static final int WEEKS_BACK = 8;
    private static final int SEARCH_DAYS = 40;

    private final Gardens gardens;
    private final Feeds feeds;
    private final Lots lots;
    private final Acts acts;
    private final Readings readings;
    private final boolean wanted;

    DemoGarden(
            Gardens gardens,
            Feeds feeds,
            Lots lots,
            Acts acts,
            Readings readings,
            @Value("${even-cistern.demo}") boolean wanted) {
        this.gardens = gardens;
        this.feeds = feeds;
        this.lots = lots;
        this.acts = acts;
        this.readings = readings;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (wanted && gardens.list().isEmpty()) {
            long start = System.nanoTime();
            GardenWire g = gardens.create(
                    new Gardens.NewGarden(
                            "Quillwater Yard",
                            "Europe/London",
                            52.4,
                            GardenWire.UnitHabit.metric,
                            GardenWire.Hand.spoons),
                    true);
            plant(g, g.today());
            LOG.info("demo garden laid in {} ms", (System.nanoTime() - start) / 1_000_000);
        }
    }

    /** Plants the lots so that something is due on {@code today}, whatever the day of the year. */
    public void plant(GardenWire g, LocalDate today) {
        GardenId garden = new GardenId(g.id());
        GardenWire.MeterWire pen = g.meters().get(0);
        gardens.changeMeter(
                garden,
                new GardenWire.MeterWire(
                        pen.id(), pen.name(), "ppm500", pen.phPlusMinus(), pen.ecPlusMinus(), pen.version()));
        FeedWire salts = feeds.add(
                garden,
                new FeedInput(
                        UUID.randomUUID(),
                        "Tarn Blue crystals",
                        percent("15"),
                        percent("7"),
                        percent("20"),
                        FeedWire.Form.dry,
                        new Typed("0.95", "kg/L"),
                        null,
                        "Dissolve 2½ tsp per 2 gal every 10 days",
                        List.of(
                                new FeedWire.Answer(Question.WHICH_MEASURES, Question.Choice.IMPERIAL),
                                new FeedWire.Answer(Question.SPOON_LEVEL, Question.Choice.LEVEL)),
                        false,
                        0));
        FeedWire liquid = feeds.add(garden, oldMarl());
        UUID bench = place(g, GardenWire.PlaceWire.Kind.outdoors);
        UUID tap = g.waters().get(0).id();
        Start start = startedSoThatItIsDue(g, capePrimrose(g, liquid), liquid, today);
        LotWire cape = lots.add(garden, start.lot());
        LotWire fuchsia = lots.add(
                garden,
                lot(
                        "Standard fuchsia by the gate",
                        "1",
                        "fuchsia",
                        round("28 cm", "20 cm", "26 cm"),
                        "peat_perlite",
                        bench,
                        tap,
                        salts.id(),
                        today));
        LotWire heather = lots.add(
                garden,
                lot(
                        "Heather plugs, spring batch",
                        "360",
                        "heather",
                        square("4,5 cm", "3 cm", "5 cm"),
                        "peat_perlite",
                        bench,
                        tap,
                        liquid.id(),
                        today));
        work(garden, g, cape, start.leftDueOn());
        work(garden, g, fuchsia, today);
        work(garden, g, heather, today);
        double[][] drift = {{6.2, 610}, {6.0, 820}, {5.9, 1060}, {5.7, 1390}};
        for (int i = 0; i < drift.length; i++) {
            LocalDate day = today.minusDays(49 - 15L * i);
            readings.log(
                    garden,
                    cape.id(),
                    new Readings.NewReading(
                            "demo-reading-" + i,
                            pen.id(),
                            new Typed(Double.toString(drift[i][0]), "pH"),
                            new EcTyped(Integer.toString((int) drift[i][1]), EcTyped.PPM),
                            at(g, day)));
        }
    }

    private static FeedInput oldMarl() {
        return new FeedInput(
                UUID.randomUUID(),
                "Old Marl liquid",
                percent("5"),
                percent("3"),
                percent("6"),
                FeedWire.Form.liquid,
                new Typed("1.15", "kg/L"),
                null,
                "1–2 ml/l every 10–14 days",
                List.of(),
                false,
                0);
    }

    private static LotInput capePrimrose(GardenWire g, FeedWire feed) {
        return lot(
                "Streptocarpus ‘Wren’",
                "1",
                "streptocarpus",
                round("12 cm", "9 cm", "11 cm"),
                "peat_perlite",
                place(g, GardenWire.PlaceWire.Kind.indoors),
                g.waters().get(0).id(),
                feed.id(),
                g.today());
    }

    /** The day on which the work fell due that the demo leaves for {@code today}. */
    public LocalDate leavesDue(GardenWire g, LocalDate today) {
        FeedWire feed = oldMarl().read();
        return startedSoThatItIsDue(g, capePrimrose(g, feed), feed, today).leftDueOn();
    }

    /** Does a lot's work day by day as it falls due, up to but not including a day. */
    private void work(GardenId garden, GardenWire g, LotWire planted, LocalDate until) {
        LotState state = lots.require(garden, planted.id()).state();
        for (int n = 0; state.dueOn().isBefore(until) && n < 200; n++) {
            LocalDate due = state.dueOn();
            LocalDate feedOn = state.nextFeedOn();
            boolean feed = feedOn != null && !feedOn.isAfter(due);
            acts.tick(
                    garden,
                    new Acts.Tick(
                            "demo-" + planted.id().toString().substring(0, 8) + "-" + n,
                            List.of(new Acts.Item(planted.id(), feed ? state.feedItem() : state.waterItem())),
                            null,
                            at(g, due)));
            state = lots.require(garden, planted.id()).state();
        }
    }

    /** A lot, and the day on which its last piece of work fell due that is left for today. */
    private record Start(LotInput lot, LocalDate leftDueOn) {}

    /**
     * The lot, started on the day from which its work, done as it falls due, comes round to {@code today}, or failing
     * that leaves something due as few days ago as can be.
     */
    private Start startedSoThatItIsDue(GardenWire g, LotInput lot, FeedWire feed, LocalDate today) {
        Start best = null;
        for (int back = 0;
                back < SEARCH_DAYS && (best == null || best.leftDueOn().isBefore(today));
                back++) {
            LotInput candidate = started(lot, today.minusWeeks(WEEKS_BACK).minusDays(back));
            LocalDate due = lastDueBy(g, candidate, feed, today);
            if (best == null || due.isAfter(best.leftDueOn())) {
                best = new Start(candidate, due);
            }
        }
        return Objects.requireNonNull(best);
    }

    private LocalDate lastDueBy(GardenWire g, LotInput lot, FeedWire feed, LocalDate today) {
        LocalDate done = Objects.requireNonNull(lot.startedOn());
        Optional<LocalDate> watered = Optional.empty();
        Optional<LocalDate> fed = Optional.empty();
        while (true) {
            LotPlan plan = LotPlan.of(lots.situation(g, lot, feed, watered, fed), Working.off());
            LocalDate feedOn = plan.nextFeed().orElseThrow().date();
            LocalDate due = feedOn.isBefore(plan.nextWater()) ? feedOn : plan.nextWater();
            if (due.isAfter(today)) {
                return done;
            }
            done = due;
            watered = Optional.of(due);
            fed = feedOn.isAfter(due) ? fed : watered;
        }
    }

    private static Instant at(GardenWire g, LocalDate day) {
        return day.atTime(LocalTime.of(8, 10)).atZone(ZoneId.of(g.timeZone())).toInstant();
    }

    private static LotInput lot(
            String name,
            String pots,
            String species,
            PotInput pot,
            String mix,
            UUID place,
            UUID water,
            UUID feed,
            LocalDate today) {
        return new LotInput(
                UUID.randomUUID(),
                name,
                new Typed(pots, ""),
                species,
                pot,
                mix,
                place,
                water,
                feed,
                today.minusWeeks(WEEKS_BACK),
                null,
                0);
    }

    private static LotInput started(LotInput l, LocalDate on) {
        return new LotInput(
                l.id(),
                l.name(),
                l.pots(),
                l.species(),
                l.pot(),
                l.mix(),
                l.placeId(),
                l.waterId(),
                l.feedId(),
                on,
                l.repottedOn(),
                l.version());
    }

    private static Typed percent(String text) {
        return new Typed(text, "%");
    }

    private static PotInput round(String top, String base, String height) {
        return new PotInput(PotInput.Shape.round, cm(top), cm(base), cm(height), null);
    }

    private static PotInput square(String top, String base, String height) {
        return new PotInput(PotInput.Shape.square, cm(top), cm(base), cm(height), null);
    }

    private static Typed cm(String text) {
        return new Typed(text, "cm");
    }

    private static UUID place(GardenWire g, GardenWire.PlaceWire.Kind kind) {
        return g.places().stream()
                .filter(p -> p.kind() == kind)
                .findFirst()
                .orElseThrow()
                .id();
    }
}
