package evencistern.server.demo;

import evencistern.chore.Chore;
import evencistern.feed.Declared;
import evencistern.label.Question;
import evencistern.media.Liming;
import evencistern.plan.LotYear;
import evencistern.plan.Pattern;
import evencistern.pot.Material;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import evencistern.server.batch.BatchInput;
import evencistern.server.batch.Batches;
import evencistern.server.chore.ChoreStore;
import evencistern.server.chore.Tended;
import evencistern.server.feed.FeedInput;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.garden.PlacePreset;
import evencistern.server.garden.WaterInput;
import evencistern.server.journal.Acts;
import evencistern.server.journal.Deeds;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotCourse;
import evencistern.server.lot.LotInput;
import evencistern.server.lot.LotState;
import evencistern.server.lot.Lots;
import evencistern.server.lot.WateringInput;
import evencistern.server.meter.EcTyped;
import evencistern.server.meter.MeterLogs;
import evencistern.server.pot.PotInput;
import evencistern.server.programme.Programmes;
import evencistern.server.reading.Readings;
import evencistern.server.stock.StockInput;
import evencistern.server.stock.Stocks;
import evencistern.server.typed.Typed;
import evencistern.server.words.Language;
import evencistern.table.DataFile;
import evencistern.water.Dissolved;
import evencistern.watering.Way;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Quillwater Yard: a made-up garden with some weeks of work behind it, laid through the same services a person uses. */
@Component
public class DemoGarden implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoGarden.class);
    private static final int WEEKS_BACK = 8;
    private static final int SEARCH_DAYS = 40;
    /** Runoff of other lots, pH and ppm, a fortnight apart; by species. */
    private static final Map<String, String> READ = Map.of(
            "maidenhair", "6.0/330 6.0/360 5.9/340",
            "clivia", "6.2/520 6.1/560 6.2/540 6.1/580",
            "hoya", "6.1/430 5.9/440",
            "fuchsia", "6.0/640 6.1/580 6.3/520 6.4/470 6.5/420",
            "hawthorn_bonsai", "6.6/310");

    /** Of the care that would be due, one in so many. */
    private static final int LEFT_UNDONE = 7;

    private static final int SOAKED_DAYS_AGO = 24;

    private final Gardens gardens;
    private final Feeds feeds;
    private final Lots lots;
    private final Acts acts;
    private final Readings readings;
    private final MeterLogs meters;
    private final Deeds deeds;
    private final ChoreStore chores;
    private final Stocks stocks;
    private final Batches batches;
    private final Programmes programmes;
    private final TransactionTemplate together;
    private final boolean wanted;

    DemoGarden(
            Gardens gardens,
            Feeds feeds,
            Lots lots,
            Acts acts,
            Readings readings,
            MeterLogs meters,
            Deeds deeds,
            ChoreStore chores,
            Stocks stocks,
            Batches batches,
            Programmes programmes,
            PlatformTransactionManager transactions,
            @Value("${even-cistern.demo}") boolean wanted) {
        this.gardens = gardens;
        this.feeds = feeds;
        this.lots = lots;
        this.acts = acts;
        this.readings = readings;
        this.meters = meters;
        this.deeds = deeds;
        this.chores = chores;
        this.stocks = stocks;
        this.batches = batches;
        this.programmes = programmes;
        this.together = new TransactionTemplate(transactions);
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (wanted && gardens.list().isEmpty()) {
            long start = System.nanoTime();
            together.executeWithoutResult(status -> {
                GardenWire g = gardens.create(
                        new Gardens.NewGarden(
                                "Quillwater Yard",
                                "Europe/London",
                                new Typed("52.4", "°"),
                                Language.en_GB,
                                GardenWire.UnitHabit.metric,
                                GardenWire.Hand.spoons,
                                null,
                                null,
                                null,
                                null),
                        true);
                lay(g, g.today());
            });
            LOG.info("demo garden laid in {} ms", (System.nanoTime() - start) / 1_000_000);
        }
    }

    /**
     * Lays the shelf and plants the lots so that something is due on {@code today}, whatever the day of the year: all of it,
     * or nothing.
     */
    public void plant(GardenWire bare, LocalDate today) {
        together.executeWithoutResult(status -> lay(bare, today));
    }

    private void lay(GardenWire bare, LocalDate today) {
        GardenId garden = new GardenId(bare.id());
        GardenWire g = shelf(garden, bare);
        GardenWire.MeterWire pen = g.meters().get(0);
        FeedWire salts = feeds.save(garden, tarnBlue()).now();
        FeedWire liquid = feeds.save(garden, oldMarl()).now();
        FeedWire orchid = feeds.save(garden, alderDrops()).now();
        FeedWire beads = feeds.save(garden, slateBeads()).now();
        UUID batch = UUID.randomUUID();
        batches.save(
                garden,
                new BatchInput(
                        batch,
                        "peat_perlite",
                        List.of(),
                        new Typed("25", "L"),
                        null,
                        null,
                        Map.of("perlite_coarse", "Fell 2231"),
                        "Dolomite",
                        Liming.Material.DOLOMITE.name(),
                        2.6,
                        today.minusWeeks(WEEKS_BACK + 1),
                        new Typed("5.6", "pH"),
                        "Perlite from the torn bag, a little dusty.",
                        0));
        Lot cape = work(
                garden, g, startedSoThatItIsDue(g, capePrimrose(g, liquid).with(l -> l.mix = batch.toString()), today));
        Map<String, Lot> planted = new HashMap<>();
        for (DataFile.Row row : DataFile.read(DemoGarden.class, "lots.csv")) {
            FeedWire feed = switch (row.text("feed")) {
                case "salts" -> salts;
                case "liquid" -> liquid;
                case "orchid" -> orchid;
                default -> null;
            };
            Lot lot = started(lot(g, row, feed), today.minusWeeks(WEEKS_BACK));
            boolean due = row.text("due").equals("yes");
            Lot stands = work(garden, g, due ? startedSoThatItIsDue(g, lot, today) : new Start(lot, today, false));
            planted.put(lot.species(), stands);
            if (lot.species().equals("clivia")) {
                outForTheSummer(garden, g, stands, today);
            }
        }
        stock(garden, salts.id(), null, null, "90 g", "250 g", "6.50", today);
        stock(garden, liquid.id(), null, null, "120 mL", "500 mL", "7.90", today);
        stock(garden, null, "peat_perlite", null, "40 L", "60 L", "14", today);
        stock(garden, null, null, "peat_medium", "90 L", "140 L", "19", today);
        stock(garden, null, null, "perlite_coarse", "60 L", "100 L", "22", today);
        deeds.note(
                garden,
                new Deeds.Note(
                        "demo-note-1",
                        List.of(cape.id()),
                        "Brown edges on the older leaves, white crust on the rim.",
                        today.minusDays(5),
                        null));
        beadsAndCan(garden, Objects.requireNonNull(planted.get("olive")), beads, today);
        lots.settle();
        tended(garden, today);
        read(garden, g, pen.id(), cape, "6.2/610 6.0/820 5.9/1060 5.7/1390");
        soak(garden, g, pen.id(), cape);
        READ.forEach(
                (species, drift) -> read(garden, g, pen.id(), Objects.requireNonNull(planted.get(species)), drift));
    }

    /** Readings of a lot a fortnight apart, the last of them four days ago. */
    private void read(GardenId garden, GardenWire g, UUID pen, Lot lot, String drift) {
        String[] readings = drift.split(" ", -1);
        for (int i = 0; i < readings.length; i++) {
            String[] values = readings[i].split("/", -1);
            this.readings.log(
                    garden,
                    lot.id(),
                    new Readings.NewReading(
                            "demo-reading-" + lot.species() + "-" + i,
                            pen,
                            Method.RUNOFF.id(),
                            new Typed(values[0], "pH"),
                            new EcTyped(values[1], EcTyped.PPM),
                            null,
                            null,
                            null,
                            at(g, g.today().minusDays(4 + 15L * (readings.length - 1 - i)))));
        }
    }

    /** A pot that was held under, to see whether its mix still holds the pH it was made to. */
    private void soak(GardenId garden, GardenWire g, UUID pen, Lot lot) {
        readings.log(
                garden,
                lot.id(),
                new Readings.NewReading(
                        "demo-soak-1",
                        pen,
                        Method.SOAK.id(),
                        new Typed("5.6", "pH"),
                        null,
                        null,
                        new Typed("6.1", "pH"),
                        new Typed("2", "h"),
                        at(g, g.today().minusDays(SOAKED_DAYS_AGO))));
    }

    /** Looked after until some days ago; of the rest a little is left for the day. */
    private void tended(GardenId garden, LocalDate today) {
        List<ChoreStore.Due> due = chores.listDue(garden, today, 0, 200);
        for (int i = 0; i < due.size(); i++) {
            if (i % LEFT_UNDONE != 0) {
                ChoreStore.Due d = due.get(i);
                boolean looked = d.chore() == Chore.LOOK_OVER;
                deeds.tend(
                        garden,
                        new Deeds.Tending(
                                "demo-tending-" + i,
                                List.of(d.lot()),
                                d.chore(),
                                today.minusDays(2 + i % 3),
                                new Tended(looked ? Tended.Found.nothing : null, null),
                                null));
            }
        }
    }

    /** Coated feed once a season, and from the can what is missing; its first beads were strewn eight weeks ago. */
    private void beadsAndCan(GardenId garden, Lot lot, FeedWire beads, LocalDate today) {
        programmes.put(
                garden,
                new Programmes.Putting("demo-programme-1", List.of(lot.id()), null, Pattern.BEADS_AND_CAN.id()));
        acts.give(
                garden,
                new Acts.Gift(
                        "demo-beads-1",
                        List.of(lot.id()),
                        true,
                        beads.id(),
                        today.minusWeeks(WEEKS_BACK),
                        null,
                        null,
                        null,
                        null));
    }

    /** Out on the first of June, back on the twentieth of September. */
    private void outForTheSummer(GardenId garden, GardenWire g, Lot lot, LocalDate today) {
        LocalDate out = next(MonthDay.of(6, 1), today);
        deeds.move(
                garden,
                new Deeds.Moving(
                        "demo-summer-1",
                        List.of(lot.id()),
                        place(g, "Open bench"),
                        out,
                        lot.placeId(),
                        next(MonthDay.of(9, 20), out)));
    }

    private static LocalDate next(MonthDay day, LocalDate after) {
        LocalDate thisYear = day.atYear(after.getYear());
        return thisYear.isAfter(after) ? thisYear : thisYear.plusYears(1);
    }

    /** Counted eight weeks ago, when the pack was opened. */
    private void stock(
            GardenId garden,
            @Nullable UUID feed,
            @Nullable String mix,
            @Nullable String component,
            String amount,
            String pack,
            String cost,
            LocalDate today) {
        String unit = feed != null ? amount.substring(amount.indexOf(' ') + 1) : "L";
        LocalDate opened = today.minusWeeks(WEEKS_BACK);
        stocks.save(
                garden,
                new StockInput(
                        UUID.randomUUID(),
                        feed,
                        mix,
                        component,
                        null,
                        new Typed(amount, unit),
                        opened,
                        opened,
                        new Typed(pack, unit),
                        new Typed(cost, ""),
                        "£",
                        0));
    }

    /** Five places, two waters, four cans, a tub and a shovel, and the meter's scale. */
    private GardenWire shelf(GardenId garden, GardenWire bare) {
        gardens.addPlace(garden, new Gardens.NewPlace(UUID.randomUUID(), "Lamp shelf", PlacePreset.lamp_shelf));
        gardens.addPlace(garden, new Gardens.NewPlace(UUID.randomUUID(), "Lean-to", PlacePreset.glasshouse));
        gardens.addPlace(garden, new Gardens.NewPlace(UUID.randomUUID(), "Small tunnel", PlacePreset.tunnel));
        GardenWire.WaterWire tap = bare.waters().get(0);
        gardens.saveWater(
                garden,
                new WaterInput(
                        tap.id(),
                        tap.name(),
                        GardenWire.WaterWire.Origin.tap,
                        new Typed("0.45", "mS/cm"),
                        new Typed("7.3", "pH"),
                        new Typed("165", "mg/L CaCO₃"),
                        Map.of(
                                Dissolved.CA, new Typed("62", "mg/L"),
                                Dissolved.MG, new Typed("5", "mg/L"),
                                Dissolved.NA, new Typed("14", "mg/L"),
                                Dissolved.CL, new Typed("22", "mg/L")),
                        tap.version()));
        gardens.saveWater(
                garden,
                new WaterInput(
                        UUID.randomUUID(),
                        "Rain butt",
                        GardenWire.WaterWire.Origin.rain,
                        new Typed("0.05", "mS/cm"),
                        new Typed("6.0", "pH"),
                        new Typed("8", "mg/L CaCO₃"),
                        Map.of(),
                        0));
        for (String[] vessel : new String[][] {
            {"Indoor can", "1½", "can"},
            {"Bucket", "9", "can"},
            {"Barrel", "200", "can"},
            {"Mortar tub", "40", "tub"},
            {"Coal shovel", "2½", "shovel"},
        }) {
            gardens.saveVessel(
                    garden,
                    new Gardens.VesselInput(
                            UUID.randomUUID(),
                            vessel[0],
                            GardenWire.VesselWire.Use.valueOf(vessel[2]),
                            new Typed(vessel[1], "L"),
                            0));
        }
        GardenWire.MeterWire pen = bare.meters().get(0);
        gardens.saveMeter(
                garden,
                new Gardens.MeterInput(
                        pen.id(),
                        pen.name(),
                        "ppm500",
                        new Typed("0.1", "pH"),
                        new Typed("5", "%"),
                        true,
                        bare.today().minusMonths(14),
                        null,
                        null,
                        pen.version()));
        calibrate(garden, pen.id(), bare.today().minusDays(96), new String[] {"4.06", "7.05", "705"});
        calibrate(garden, pen.id(), bare.today().minusDays(61), new String[] {"4.10", "7.06", "712"});
        calibrate(garden, pen.id(), bare.today().minusDays(26), new String[] {"4.12", "7.04", "701"});
        return gardens.require(garden);
    }

    /** Held into the buffers of 4.01 and 7.00 and the standard of 1.413 mS/cm, and set to them. */
    private void calibrate(GardenId garden, UUID pen, LocalDate on, String[] showed) {
        meters.save(
                garden,
                new MeterLogs.CalibrationInput(
                        UUID.randomUUID(),
                        pen,
                        on,
                        new Typed("21", "°C"),
                        new Typed(showed[0], "pH"),
                        new Typed(showed[1], "pH"),
                        null,
                        new EcTyped(showed[2], EcTyped.PPM),
                        true,
                        0));
    }

    private static FeedInput feed(
            String name,
            String[] analysis,
            FeedWire.Form form,
            String density,
            String label,
            List<FeedWire.Answer> answers,
            Map<Declared, Double> rest,
            @Nullable Typed coatedMonths) {
        return new FeedInput(
                UUID.randomUUID(),
                name,
                new Typed(analysis[0], "%"),
                new Typed(analysis[1], "%"),
                new Typed(analysis[2], "%"),
                false,
                rest.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> new Typed(Double.toString(e.getValue()), "%"))),
                FeedWire.Basis.by_weight,
                null,
                null,
                null,
                form,
                new Typed(density, "kg/L"),
                null,
                null,
                coatedMonths,
                null,
                label,
                answers,
                false,
                null,
                0);
    }

    private static FeedInput tarnBlue() {
        return feed(
                "Tarn Blue crystals",
                new String[] {"15", "7", "20"},
                FeedWire.Form.dry,
                "0.95",
                "Dissolve 2½ tsp per 2 gal every 10 days",
                List.of(
                        new FeedWire.Answer(Question.WHICH_MEASURES, Question.Choice.IMPERIAL),
                        new FeedWire.Answer(Question.SPOON_LEVEL, Question.Choice.LEVEL)),
                Map.of(
                        Declared.NITRATE_N, 8.2,
                        Declared.AMMONIUM_N, 2.1,
                        Declared.UREA_N, 4.7,
                        Declared.MG, 1.2,
                        Declared.FE, 0.05,
                        Declared.MN, 0.03,
                        Declared.ZN, 0.02,
                        Declared.B, 0.02),
                null);
    }

    private static FeedInput oldMarl() {
        return feed(
                "Old Marl liquid",
                new String[] {"5", "3", "6"},
                FeedWire.Form.liquid,
                "1.15",
                "1–2 ml/l every 10–14 days",
                List.of(),
                Map.of(),
                null);
    }

    private static FeedInput alderDrops() {
        return feed(
                "Alder orchid drops",
                new String[] {"3", "2", "3"},
                FeedWire.Form.liquid,
                "1.1",
                "1:1000 with every watering",
                List.of(),
                Map.of(),
                null);
    }

    private static FeedInput slateBeads() {
        return feed(
                "Slate Hill beads",
                new String[] {"16", "8", "12"},
                FeedWire.Form.dry,
                "1.0",
                "Strew 3 g per litre of mix every 6 months",
                List.of(),
                Map.of(Declared.NITRATE_N, 7.0, Declared.AMMONIUM_N, 9.0, Declared.MG, 1.2),
                new Typed("6", ""));
    }

    private Lot capePrimrose(GardenWire g, FeedWire feed) {
        DataFile.Row row = DataFile.read(DemoGarden.class, "first-lot.csv").get(0);
        return lot(g, row, feed);
    }

    private Lot lot(GardenWire g, DataFile.Row row, @Nullable FeedWire feed) {
        return new LotInput(
                        UUID.randomUUID(),
                        row.text("name"),
                        new Typed(row.text("pots"), ""),
                        row.text("species"),
                        pot(row),
                        row.text("mix"),
                        place(g, row.text("place")),
                        water(g, row.text("water")),
                        feed == null ? List.of() : List.of(LotCourse.alone(feed.id())),
                        g.today(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        way(row),
                        null,
                        null,
                        null,
                        0)
                .read(null, lots.context(new GardenId(g.id())));
    }

    /** Null where it is watered as its kind usually is. */
    private static @Nullable WateringInput way(DataFile.Row row) {
        String way = row.text("way");
        return way.equals("-") ? null : new WateringInput(Way.named(way), null, null, null, null, null);
    }

    private static PotInput pot(DataFile.Row row) {
        return new PotInput(
                PotInput.Shape.valueOf(row.text("shape")),
                new Typed(row.text("top"), "cm"),
                length(row, "base"),
                new Typed(row.text("height"), "cm"),
                length(row, "across"),
                null,
                null,
                Material.valueOf(row.text("material").toUpperCase(Locale.ROOT)),
                null,
                null);
    }

    private static @Nullable Typed length(DataFile.Row row, String column) {
        String text = row.text(column);
        return text.equals("-") ? null : new Typed(text, "cm");
    }

    /** The day on which the work fell due that the demo leaves for {@code today}. */
    public LocalDate leavesDue(GardenWire g, LocalDate today) {
        FeedWire feed = oldMarl().read();
        return startedSoThatItIsDue(g, capePrimrose(g, feed), today).leftDueOn();
    }

    /** Plants a lot and does its work day by day as it falls due, but for the last that is left for today. */
    private Lot work(GardenId garden, GardenWire g, Start start) {
        Lot planted = lots.plant(garden, start.lot());
        LotYear year = LotYear.of(lots.context(garden).told(planted), planted.startedOn());
        int n = 0;
        for (LocalDate due : year.waterings()) {
            if (!due.isBefore(start.leftDueOn())) {
                break;
            }
            boolean feed = year.feeds().contains(due);
            LotState state = lots.lock(garden, planted.id()).state();
            acts.tick(
                    garden,
                    new Acts.Tick(
                            "demo-" + planted.id().toString().substring(0, 8) + "-" + n++,
                            List.of(new Acts.Item(
                                    planted.id(), feed ? state.feedItem() : state.waterItem(), null, null)),
                            null,
                            at(g, due)));
        }
        return planted;
    }

    /** A lot, the day on which its last piece of work fell due that is left for today, and whether that is a feed. */
    private record Start(Lot lot, LocalDate leftDueOn, boolean feed) {
        private boolean betterThan(Start other) {
            boolean sameDay = leftDueOn.equals(other.leftDueOn());
            return sameDay ? feed && !other.feed() : leftDueOn.isAfter(other.leftDueOn());
        }
    }

    /**
     * The lot, started on the day from which its work, done as it falls due, comes round to {@code today}, or failing
     * that leaves something due as few days ago as can be.
     */
    private Start startedSoThatItIsDue(GardenWire g, Lot lot, LocalDate today) {
        Start best = null;
        GardenContext context = lots.context(new GardenId(g.id()));
        for (int back = 0; back < SEARCH_DAYS; back++) {
            Start found =
                    lastDueBy(context, started(lot, today.minusWeeks(WEEKS_BACK).minusDays(back)), today);
            if (best == null || found.betterThan(best)) {
                best = found;
            }
        }
        return Objects.requireNonNull(best);
    }

    private static Start lastDueBy(GardenContext context, Lot lot, LocalDate today) {
        LotYear year = LotYear.of(context.told(lot), lot.startedOn());
        return year.waterings().stream()
                .filter(day -> !day.isAfter(today))
                .reduce((before, last) -> last)
                .map(last -> new Start(lot, last, year.feeds().contains(last)))
                .orElse(new Start(lot, lot.startedOn(), false));
    }

    private static Instant at(GardenWire g, LocalDate day) {
        return day.atTime(LocalTime.of(8, 10)).atZone(ZoneId.of(g.timeZone())).toInstant();
    }

    private static Lot started(Lot lot, LocalDate on) {
        return lot.with(l -> l.startedOn = on);
    }

    private static UUID place(GardenWire g, String name) {
        return g.places().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static UUID water(GardenWire g, String name) {
        return g.waters().stream()
                .filter(w -> w.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
