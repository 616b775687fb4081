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
        LotWire cape = work(garden, g, capePrimrose(g, liquid), liquid, today);
        work(
                garden,
                g,
                lot(
                        "Standard fuchsia by the gate",
                        "1",
                        "fuchsia",
                        round("28 cm", "20 cm", "26 cm"),
                        "peat_perlite",
                        bench,
                        tap,
                        salts.id(),
                        today),
                salts,
                today);
        work(
                garden,
                g,
                lot(
                        "Heather plugs, spring batch",
                        "360",
                        "heather",
                        square("4,5 cm", "3 cm", "5 cm"),
                        "peat_perlite",
                        bench,
                        tap,
                        liquid.id(),
                        today),
                liquid,
                today);
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

    /** Plants a lot and does its work day by day as it falls due, but for the last that is left for today. */
    private LotWire work(GardenId garden, GardenWire g, LotInput wanted, FeedWire feeding, LocalDate today) {
        Start start = startedSoThatItIsDue(g, wanted, feeding, today);
        LotWire planted = lots.add(garden, start.lot());
        LotState state = planted.state();
        for (int n = 0; state.dueOn().isBefore(start.leftDueOn()) && n < 200; n++) {
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
        return planted;
    }

    /** A lot, the day on which its last piece of work fell due that is left for today, and whether that is a feed. */
    private record Start(LotInput lot, LocalDate leftDueOn, boolean feed) {
        private boolean betterThan(Start other) {
            boolean sameDay = leftDueOn.equals(other.leftDueOn());
            return sameDay ? feed && !other.feed() : leftDueOn.isAfter(other.leftDueOn());
        }
    }

    /**
     * The lot, started on the day from which its work, done as it falls due, comes round to {@code today}, or failing
     * that leaves something due as few days ago as can be.
     */
    private Start startedSoThatItIsDue(GardenWire g, LotInput lot, FeedWire feed, LocalDate today) {
        Start best = null;
        for (int back = 0; back < SEARCH_DAYS; back++) {
            Start found = lastDueBy(g, started(lot, today.minusWeeks(WEEKS_BACK).minusDays(back)), feed, today);
            if (best == null || found.betterThan(best)) {
                best = found;
            }
        }
        return Objects.requireNonNull(best);
    }

    private Start lastDueBy(GardenWire g, LotInput lot, FeedWire feed, LocalDate today) {
        Start done = new Start(lot, Objects.requireNonNull(lot.startedOn()), false);
        Optional<LocalDate> watered = Optional.empty();
        Optional<LocalDate> fed = Optional.empty();
        while (true) {
            LotPlan plan = LotPlan.of(lots.situation(g, lot, feed, watered, fed), Working.off());
            LocalDate feedOn = plan.nextFeed().orElseThrow().date();
            LocalDate due = feedOn.isBefore(plan.nextWater()) ? feedOn : plan.nextWater();
            if (due.isAfter(today)) {
                return done;
            }
            boolean fedToo = !feedOn.isAfter(due);
            done = new Start(lot, due, fedToo);
            watered = Optional.of(due);
            fed = fedToo ? watered : fed;
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
