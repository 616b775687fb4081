package evencistern.golden;

import evencistern.caution.Caution;
import evencistern.climate.Place;
import evencistern.fault.FaultException;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.feed.Target;
import evencistern.label.LabelReader;
import evencistern.label.Measure;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Liming;
import evencistern.media.Mix;
import evencistern.media.Recipes;
import evencistern.need.FeedRhythm;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.need.Whereabouts;
import evencistern.plan.GoldenPlans;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.RoundTaper;
import evencistern.reading.Band;
import evencistern.reading.Equivalence;
import evencistern.reading.GoldenVerdicts;
import evencistern.reading.Method;
import evencistern.reading.Verdict;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.salt.SaltAccount;
import evencistern.tank.Injector;
import evencistern.tank.StockTanks;
import evencistern.tank.Stocked;
import evencistern.units.Uncertain;
import evencistern.water.Dissolved;
import evencistern.water.PhCorrection;
import evencistern.water.PhProduct;
import evencistern.water.SourceWater;
import evencistern.water.WaterBlend;
import evencistern.water.WaterLimits;
import evencistern.working.Working;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** What the core says to the golden scenarios. */
final class GoldenAnswers {
    private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 1);
    private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);
    private static final Optional<Feed> EVEN = Optional.of(GoldenPlans.even());

    private static final Mix PEAT = Recipes.require("peat_perlite");
    private static final Mix BARK = Recipes.require("bark_charcoal");

    private GoldenAnswers() {}

    /** An answer: a number, or whether what is expected was met. */
    record Answer(double value, Optional<Boolean> met) {
        static Answer of(double value) {
            return new Answer(value, Optional.empty());
        }

        static Answer of(boolean met) {
            return new Answer(Double.NaN, Optional.of(met));
        }

        boolean within(String low, String high) {
            if (met.isPresent()) {
                return met.get();
            }
            return value >= Double.parseDouble(low) * (1 - 1e-9) && value <= Double.parseDouble(high) * (1 + 1e-9);
        }

        String shown() {
            return met.map(m -> m ? "as expected" : "not as expected")
                    .orElseGet(() -> new BigDecimal(value)
                            .round(new MathContext(3))
                            .stripTrailingZeros()
                            .toPlainString());
        }
    }

    static Map<String, Answer> all() {
        Map<String, Answer> answers = new LinkedHashMap<>();
        feeds(answers);
        doses(answers);
        bands(answers);
        holds(answers);
        rests(answers);
        liming(answers);
        waters(answers);
        cautions(answers);
        uses(answers);
        constantly(answers);
        flushes(answers);
        GoldenMixes.answer(answers);
        GoldenSizes.answer(answers);
        answers.put("D19", Answer.of(GoldenPlans.shownDaysOverExactDays()));
        return answers;
    }

    /** Ratios of what one plant uses at two times or in two airs, or two plants at one: the size of the plant falls out. */
    private static void uses(Map<String, Answer> answers) {
        LocalDate january = LocalDate.of(2027, 1, 15);
        LocalDate july = LocalDate.of(2026, 7, 15);
        Situation fern = inRoom("boston_fern", 0.18, 17, 21, 40);
        answers.put(
                "D04",
                Answer.of(GoldenPlans.use(fern, january)
                        / GoldenPlans.use(inRoom("boston_fern", 0.18, 17, 21, 70), january)));
        answers.put(
                "D18",
                Answer.of(GoldenPlans.use(inRoom("boston_fern", 0.25, 19, 27, 52), july)
                        / GoldenPlans.use(inRoom("snake_plant", 0.25, 19, 27, 52), july)));
        Situation monstera = GoldenPlans.lot("monstera", 20, 15, 18, "peat_perlite", GoldenPlans.sill(0.18), EVEN);
        answers.put("D10", Answer.of(GoldenPlans.use(monstera, july) / GoldenPlans.use(monstera, january)));
        answers.put(
                "D11",
                Answer.of(GoldenPlans.use(inRoom("pelargonium", 0.25, 19, 27, 52), july)
                        / GoldenPlans.use(inRoom("pelargonium", 0.45, 14, 19, 45), january)));
        Place equator = GoldenPlans.place(2, Place.Kind.OUTDOORS, 1, 23, 31, 23, 31, 80);
        Situation bougainvillea = GoldenPlans.lot("bougainvillea", 28, 22, 20, "loam_potting", equator, EVEN);
        DoubleSummaryStatistics months = IntStream.rangeClosed(1, 12)
                .mapToDouble(m -> GoldenPlans.use(bougainvillea, LocalDate.of(2026, m, 15)))
                .summaryStatistics();
        answers.put("D15", Answer.of(months.getMax() / months.getMin()));
    }

    private static Situation inRoom(String species, double light, double low, double high, double humidity) {
        Place room = GoldenPlans.place(52, Place.Kind.INDOORS, light, low, high, low, high, humidity);
        return GoldenPlans.lot(species, 15, 11, 13.5, "peat_perlite", room, EVEN);
    }

    /** Feeds with every watering, by labels as such feeds have them: 100 to 150 mg/L N, and one that asks for too much. */
    private static void constantly(Map<String, Answer> answers) {
        LocalDate april = LocalDate.of(2026, 4, 1);
        Place glass = GoldenPlans.place(52, Place.Kind.UNDER_GLASS, 0.6, 14, 20, 17, 24, 70);
        Analysis low = Analysis.npk(13, 2, 13);
        Situation plugs = GoldenPlans.lot("petunia", 3, 2, 4, "peat_perlite", glass, everyWatering(low, 1, 1.5));
        answers.put("S01", Answer.of(GoldenPlans.nitrogen(GoldenPlans.seedlings(plugs, april))));
        Situation most = GoldenPlans.lot("petunia", 3, 2, 4, "peat_perlite", glass, everyWatering(low, 3, 3));
        answers.put("S02", Answer.of(GoldenPlans.nitrogen(GoldenPlans.seedlings(most, april.minusDays(30)))));
        Optional<Feed> usual = everyWatering(Analysis.npk(20, 10, 20), 0.5, 0.75);
        answers.put(
                "S03",
                Answer.of(GoldenPlans.nitrogen(GoldenPlans.lot("petunia", 11, 8, 9.5, "peat_perlite", glass, usual))));
        Place yard = GoldenPlans.place(52, Place.Kind.OUTDOORS, 1, 12, 22, 13, 23, 70);
        answers.put(
                "S13",
                Answer.of(GoldenPlans.nitrogen(
                        GoldenPlans.lot("escallonia", 19, 15, 13, "compost_bark_patio", yard, usual))));
        Feed everySecond = new Feed(
                Analysis.npk(20, 10, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(0.3, 0.3, Measure.GRAMS),
                new Rhythm.EveryWatering(2));
        answers.put(
                "F08f",
                Answer.of(GoldenPlans.feeds(GoldenPlans.lot(
                        "moth_orchid",
                        12,
                        8.5,
                        10.5,
                        "sphagnum_pure",
                        GoldenPlans.sill(0.18),
                        Optional.of(everySecond)))));
        Situation fern = GoldenPlans.lot("boston_fern", 15, 11, 13.5, "peat_perlite", GoldenPlans.sill(0.18), EVEN);
        answers.put(
                "D24",
                Answer.of(GoldenPlans.nitrogen(GoldenPlans.every(fern, FeedRhythm.WEEKLY))
                        / GoldenPlans.nitrogen(GoldenPlans.every(fern, FeedRhythm.FORTNIGHTLY))));
    }

    private static Optional<Feed> everyWatering(Analysis analysis, double least, double most) {
        return Optional.of(new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(least, most, Measure.GRAMS),
                new Rhythm.EveryWatering()));
    }

    private static void flushes(Map<String, Answer> answers) {
        answers.put("R10", Answer.of(leftOf(1)));
        answers.put("R11", Answer.of(leftOf(2)));
    }

    /** The share of the salt that so many container volumes of water with nothing in it leave behind. */
    private static double leftOf(double containers) {
        Situation pot = GoldenPlans.lot("pelargonium", 14, 10, 12.5, "peat_perlite", GoldenPlans.sill(0.25), EVEN);
        LocalDate day = LocalDate.of(2026, 6, 1);
        double litres = containers * litres(pot);
        List<SaltAccount.Event> events = List.of(
                new SaltAccount.Read(day, Uncertain.exact(4)),
                new SaltAccount.Poured(day, litres, 0, 0, OptionalDouble.of(litres)));
        SaltAccount.Story story =
                new SaltAccount.Story(day, Uncertain.exact(4), events, List.of(new Whereabouts.Stay(day, pot.place())));
        return SaltAccount.of(pot, story, new SaltAccount.Given(0, List.of()), 3, day, Working.off())
                        .msCm()
                        .value()
                / 4;
    }

    private static void feeds(Map<String, Answer> answers) {
        Situation snake = GoldenPlans.lot("snake_plant", 15, 11, 13.5, "peat_perlite", GoldenPlans.sill(0.18), EVEN);
        Situation fern = GoldenPlans.lot("boston_fern", 15, 11, 13.5, "peat_perlite", GoldenPlans.sill(0.18), EVEN);
        Situation monstera = GoldenPlans.lot("monstera", 20, 15, 18, "peat_perlite", GoldenPlans.sill(0.18), EVEN);
        Situation lily = GoldenPlans.lot("peace_lily", 14, 10, 12.5, "peat_perlite", GoldenPlans.sill(0.08), EVEN);
        year(answers, "F02", snake);
        year(answers, "F03", fern);
        year(answers, "F04", monstera);
        year(answers, "F06", lily);
        Situation lamps = GoldenPlans.lot(
                "heartleaf", 15, 11, 13.5, "peat_perlite", GoldenPlans.lamps(60, 12, 150, 20, 24), EVEN);
        answers.put("F25f", Answer.of(GoldenPlans.feeds(lamps, NOVEMBER, MARCH)));
        Place yard = GoldenPlans.place(52, Place.Kind.OUTDOORS, 1, 2, 7, 13, 23, 70);
        Situation pelargonium = GoldenPlans.lot("pelargonium", 28, 22, 20, "peat_perlite", yard, EVEN);
        answers.put(
                "F28f", Answer.of(GoldenPlans.feeds(pelargonium, LocalDate.of(2026, 5, 1), LocalDate.of(2026, 10, 1))));
        answers.put(
                "D25",
                Answer.of(GoldenPlans.nitrogenOfAYear(monstera, OptionalDouble.of(0.5))
                        / GoldenPlans.nitrogenOfAYear(monstera, OptionalDouble.empty())));
        answers.put("S05", Answer.of(GoldenPlans.nitrogen(monstera)));
        Situation cactus = GoldenPlans.lot("mammillaria", 9, 6.5, 8, "gritty_succulent", GoldenPlans.sill(0.4), EVEN);
        answers.put("S10", Answer.of(GoldenPlans.nitrogen(cactus)));
        answers.put("S14", Answer.of(SpeciesGuide.require("petunia").cap().ecMsCm() + 0.35));
        answers.put("S15", Answer.of(SpeciesGuide.require("boston_fern").cap().ecMsCm() + 0.03));
    }

    private static void year(Map<String, Answer> answers, String row, Situation s) {
        answers.put(row + "f", Answer.of(GoldenPlans.feeds(s)));
        answers.put(row + "n", Answer.of(GoldenPlans.nitrogenOfAYear(s, OptionalDouble.empty())));
    }

    private static Feed strewn(Analysis analysis, Rate rate, Optional<CoatedRelease> coated) {
        return new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(1),
                OptionalDouble.empty(),
                rate,
                new Rhythm.EveryDays(180, 240),
                coated);
    }

    private static double litres(Situation s) {
        return s.pot().mixLitres();
    }

    private static void doses(Map<String, Answer> answers) {
        Place yard = GoldenPlans.place(52, Place.Kind.OUTDOORS, 1, 2, 7, 13, 23, 70);
        Optional<CoatedRelease> coated = Optional.of(new CoatedRelease(8, 21));
        Rate label = new Rate.PerMix(3, 9, Measure.GRAMS);
        Situation heather = GoldenPlans.lot(
                "heather",
                19,
                15,
                13,
                "acid_peat_pumice",
                yard,
                Optional.of(strewn(Analysis.npk(16, 9, 12), label, coated)));
        answers.put("S20", Answer.of(GoldenPlans.strewn(heather) / litres(heather)));
        Situation tomato = GoldenPlans.lot(
                "tomato",
                28,
                22,
                20,
                "peat_perlite",
                yard,
                Optional.of(strewn(Analysis.npk(16, 9, 12), label, coated)));
        answers.put("S21", Answer.of(GoldenPlans.strewn(tomato) / litres(tomato)));
        Situation shrub = GoldenPlans.lot(
                "escallonia",
                19,
                15,
                13,
                "compost_bark_patio",
                yard,
                Optional.of(strewn(Analysis.npk(7, 7, 7), new Rate.PerPlant(70, 70, Measure.GRAMS), Optional.empty())));
        answers.put("S23", Answer.of(GoldenPlans.strewn(shrub) / litres(shrub)));
        Situation lemon = GoldenPlans.lot(
                "lemon",
                12,
                8.5,
                10.5,
                "peat_perlite",
                yard,
                Optional.of(
                        strewn(Analysis.npk(5, 5, 10), new Rate.PerPlant(100, 100, Measure.GRAMS), Optional.empty())));
        Situation hydrangea = GoldenPlans.lot(
                "hydrangea",
                28,
                22,
                20,
                "acid_peat_pumice",
                GoldenPlans.place(52, Place.Kind.OUTDOORS, 0.5, 2, 7, 13, 22, 75),
                Optional.of(strewn(Analysis.npk(16, 9, 12), new Rate.PerMix(3, 6, Measure.GRAMS), coated)));
        answers.put(
                "F27n",
                Answer.of(GoldenPlans.feedsOfAnAverageYear(hydrangea)
                        * GoldenPlans.strewn(hydrangea)
                        * hydrangea
                                .feed()
                                .orElseThrow()
                                .contentsPer(Measure.GRAMS)
                                .n()
                        / litres(hydrangea)));
        answers.put("S29", Answer.of(stock(Analysis.npk(20, 10, 20), 150)));
        answers.put("S24", Answer.of(GoldenPlans.strewn(lemon)));
        answers.put("S26", Answer.of(liquid(Analysis.npk(7, 3, 6)).n()));
        answers.put("S27", Answer.of(liquid(Analysis.npk(4, 3, 8)).k()));
        answers.put(
                "S28", Answer.of(GoldenPlans.even().contentsPer(Measure.GRAMS).p()));
        answers.put("S30", Answer.of(spoonOfPowder()));
        Situation olive = GoldenPlans.lot(
                "olive",
                36,
                30,
                32,
                "loam_potting",
                GoldenPlans.place(43, Place.Kind.OUTDOORS, 1, 3, 11, 18, 30, 65),
                EVEN);
        answers.put("F19n", Answer.of(GoldenPlans.nitrogenOfAYear(olive, OptionalDouble.empty())));
        Situation lavender = GoldenPlans.lot("lavender", 20, 16, 18.5, "gritty_succulent", yard, EVEN);
        answers.put("F26n", Answer.of(GoldenPlans.nitrogenOfAYear(lavender, OptionalDouble.empty())));
        Feed powder = weekly(Analysis.npk(20, 10, 20));
        answers.put(
                "S18",
                Answer.of(MeterForecast.added(powder, 0.75, Measure.GRAMS, 0).value()));
    }

    /** Grams of a powder in a litre of stock for so much nitrogen, mg/L, behind an injector of 1 in 100. */
    private static double stock(Analysis analysis, double nitrogen) {
        Rate.PerWater label = new Rate.PerWater(0.5, 1, Measure.GRAMS);
        Feed feed = new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                label,
                new Rhythm.EveryWatering());
        double perLitre = Dose.choose(
                        feed,
                        label,
                        SpeciesGuide.require("petunia").cap(),
                        new Target.Nitrogen(nitrogen),
                        0,
                        Working.off())
                .perLitre();
        Stocked powder = new Stocked("powder", feed, perLitre, Measure.GRAMS, Optional.empty(), OptionalDouble.empty());
        return StockTanks.of(List.of(powder), Injector.oneIn(100), true, 10, 20, OptionalDouble.empty(), Working.off())
                .tanks()
                .get(0)
                .puts()
                .get(0)
                .perLitre();
    }

    /** N in the can of a powder that weighs 0.995 g/mL in the spoon, so that half a US teaspoon of it is 2.45 g. */
    private static double spoonOfPowder() {
        Rate rate = LabelReader.read(
                        "1/2 level teaspoon per US gallon every two weeks", Product.of(ProductForm.DRY), Map.of())
                .rate()
                .orElseThrow();
        Feed feed = new Feed(
                Analysis.npk(24, 8, 16),
                ProductForm.DRY,
                OptionalDouble.of(0.995),
                OptionalDouble.empty(),
                rate,
                new Rhythm.EveryDays(14, 14));
        return feed.contentsPer(rate.measure()).times(rate.max()).n();
    }

    private static Nutrients liquid(Analysis analysis) {
        return new Feed(
                        analysis,
                        ProductForm.LIQUID,
                        OptionalDouble.of(1.15),
                        OptionalDouble.empty(),
                        new Rate.PerWater(5, 5, Measure.MILLILITRES),
                        new Rhythm.EveryDays(7, 7))
                .contentsPer(Measure.MILLILITRES)
                .times(5);
    }

    private static void bands(Map<String, Answer> answers) {
        Species light = SpeciesGuide.require("african_violet");
        Species medium = SpeciesGuide.require("pelargonium");
        Species heavy = SpeciesGuide.require("tomato");
        band(answers, "B01", Band.of(Method.POUR_THROUGH, light, PEAT, false));
        band(answers, "B02", Band.of(Method.POUR_THROUGH, medium, PEAT, false));
        band(answers, "B03", Band.of(Method.POUR_THROUGH, heavy, PEAT, false));
        band(answers, "B04", Band.of(Method.PASTE, light, PEAT, false));
        band(answers, "B05", Band.of(Method.PASTE, medium, PEAT, false));
        band(answers, "B06", Band.of(Method.EXTRACT, medium, PEAT, false));
        band(answers, "B10", Band.of(Method.RUNOFF, SpeciesGuide.require("moth_orchid"), BARK, false));
        answers.put(
                "B12h",
                Answer.of(Band.of(Method.POUR_THROUGH, SpeciesGuide.require("flytrap"), PEAT, false)
                        .ecHigh()));
        Band peat = Band.of(Method.POUR_THROUGH, medium, PEAT, false);
        answers.put("B15l", Answer.of(peat.phLow()));
        answers.put("B15h", Answer.of(peat.phHigh()));
        Band bark = Band.of(Method.POUR_THROUGH, SpeciesGuide.require("escallonia"), BARK, false);
        answers.put("B16l", Answer.of(bark.phLow()));
        answers.put("B16h", Answer.of(bark.phHigh()));
        answers.put(
                "B19r",
                Answer.of(Equivalence.convert(2.5, Method.POUR_THROUGH, Method.PASTE)
                        / Equivalence.convert(2.5, Method.POUR_THROUGH, Method.EXTRACT)));
    }

    private static void band(Map<String, Answer> answers, String row, Band band) {
        answers.put(row + "l", Answer.of(band.ecLow()));
        answers.put(row + "h", Answer.of(band.ecHigh()));
    }

    private static void holds(Map<String, Answer> answers) {
        LocalDate july = LocalDate.of(2026, 7, 15);
        Situation pansy = GoldenPlans.lot(
                "pansy",
                12,
                8.5,
                10.5,
                "peat_perlite",
                GoldenPlans.place(35, Place.Kind.OUTDOORS, 0.6, 2, 10, 22, 31, 60),
                EVEN);
        answers.put(
                "H04",
                Answer.of(GoldenPlans.held(pansy, july, Hold.HEAT) && !GoldenPlans.held(pansy, july, Hold.COLD)));
        Situation cyclamen = GoldenPlans.lot(
                "cyclamen",
                12,
                8.5,
                10.5,
                "peat_perlite",
                GoldenPlans.place(52, Place.Kind.INDOORS, 0.25, 12, 18, 18, 27, 50),
                EVEN);
        answers.put(
                "H05",
                Answer.of(GoldenPlans.held(cyclamen, july, Hold.DORMANT)
                        && GoldenPlans.nextWater(cyclamen, july).isAfter(july.plusDays(14))));
        LocalDate december = LocalDate.of(2026, 12, 1);
        Situation pleione = GoldenPlans.lot(
                "pleione",
                12,
                8.5,
                10.5,
                "bark_sphagnum",
                GoldenPlans.place(52, Place.Kind.UNDER_GLASS, 0.5, 2, 6, 12, 22, 70),
                EVEN);
        answers.put(
                "H06",
                Answer.of(GoldenPlans.held(pleione, december, Hold.DORMANT)
                        && GoldenPlans.nextWater(pleione, december).isAfter(LocalDate.of(2027, 1, 31))));
        Situation camellia = GoldenPlans.lot(
                "camellia",
                28,
                22,
                20,
                "acid_peat_pumice",
                GoldenPlans.place(60, Place.Kind.OUTDOORS, 1, -8, -2, 12, 20, 75),
                EVEN);
        LocalDate january = LocalDate.of(2027, 1, 10);
        LocalDate thawed = GoldenPlans.nextWater(camellia, january);
        answers.put(
                "H08",
                Answer.of(
                        camellia.place().on(thawed).meanC() > 0 && GoldenPlans.feeds(camellia, january, thawed) == 0));
        Situation cactus = GoldenPlans.lot(
                "mammillaria",
                9,
                6.5,
                8,
                "gritty_succulent",
                GoldenPlans.place(52, Place.Kind.INDOORS, 0.45, 5, 11, 17, 27, 65),
                Optional.empty());
        answers.put(
                "W08m",
                Answer.of(!GoldenPlans.nextWater(cactus, LocalDate.of(2026, 12, 15))
                        .isBefore(LocalDate.of(2027, 2, 20))));
    }

    /** A powder, "0.5 g per litre weekly in growth". */
    private static Feed weekly(Analysis analysis) {
        return new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(0.5, 0.5, Measure.GRAMS),
                new Rhythm.EveryDays(7, 7));
    }

    private static void rests(Map<String, Answer> answers) {
        Place cool = GoldenPlans.place(52, Place.Kind.UNDER_GLASS, 0.5, 8, 16, 14, 26, 65);
        Feed weekly = weekly(Analysis.npk(20, 10, 20));
        Situation nobile =
                GoldenPlans.lot("nobile_dendrobium", 12, 8.5, 10.5, "bark_charcoal", cool, Optional.of(weekly));
        answers.put("F10f", Answer.of(GoldenPlans.feeds(nobile)));
        answers.put("F10m", Answer.of(GoldenPlans.feeds(nobile, NOVEMBER, LocalDate.of(2027, 2, 15))));
        answers.put(
                "S08",
                Answer.of(GoldenPlans.nitrogen(
                        GoldenPlans.lot("moth_orchid", 12, 8.5, 10.5, "sphagnum_pure", GoldenPlans.sill(0.18), EVEN))));
        Situation amaryllis = GoldenPlans.resting(
                GoldenPlans.lot("amaryllis", 14, 10, 12.5, "peat_perlite", GoldenPlans.sill(0.25), EVEN),
                LocalDate.of(2026, 9, 20));
        answers.put("H07", Answer.of(GoldenPlans.weeksDry(amaryllis, LocalDate.of(2026, 9, 20))));
        LocalDate january = LocalDate.of(2027, 1, 10);
        Situation lithops = GoldenPlans.resting(
                GoldenPlans.lot("lithops", 9, 6.5, 8, "gritty_succulent", GoldenPlans.sill(0.45), EVEN), january);
        answers.put(
                "H12",
                Answer.of(GoldenPlans.nextWater(lithops, january).isAfter(LocalDate.of(2027, 3, 31))
                        && GoldenPlans.feeds(lithops, january, LocalDate.of(2027, 3, 31)) == 0));
        Place bench = GoldenPlans.hardBench(52);
        Situation escallonia = GoldenPlans.lot("escallonia", 19, 15, 13, "compost_bark_patio", bench, EVEN);
        LocalDate last = GoldenPlans.lastFeed(escallonia, LocalDate.of(2026, 12, 31));
        answers.put("H02", Answer.of(last.getMonthValue() + (last.getDayOfMonth() - 1) / 30.0));
    }

    private static Mix mixOf(Mix.Part... parts) {
        return Mix.of("golden", List.of(parts));
    }

    private static double lime(double ph, double target, Mix m, Liming.Fineness fineness) {
        return Liming.to(
                        target,
                        new Liming.Start(Uncertain.exact(ph), Uncertain.exact(m.buffer())),
                        Liming.Lime.of(Liming.Material.DOLOMITE, fineness),
                        Working.off())
                .gramsPerLitre();
    }

    private static void liming(Map<String, Answer> answers) {
        Mix bark = mixOf(new Mix.Part(Recipes.component("pine_bark_aged"), 1));
        answers.put("L02", Answer.of(lime(4.5, 5.8, bark, Liming.Fineness.GROUND)));
        Mix acid = mixOf(
                new Mix.Part(Recipes.component("peat_medium"), 3),
                new Mix.Part(Recipes.component("pine_bark_aged"), 1));
        answers.put("L03", Answer.of(lime(acid.ph(Working.off()).value(), 4.5, acid, Liming.Fineness.GROUND)));
        answers.put("L01", Answer.of(lime(3.9, 5.8, PEAT, Liming.Fineness.POWDER)));
        OptionalDouble flytrap = SpeciesGuide.require("flytrap").limeTo();
        answers.put("L05", Answer.of(flytrap.orElse(Double.NaN)));
        double most = 0;
        for (double target = 4; target < 7.5; target += 0.01) {
            try {
                most = Math.max(most, lime(3.9, target, PEAT, Liming.Fineness.COARSE));
            } catch (FaultException refused) {
                break;
            }
        }
        answers.put("L07", Answer.of(most));
        Species blueberry = SpeciesGuide.require("blueberry");
        answers.put("L09", Answer.of(blueberry.phLow()));
        answers.put(
                "L10", Answer.of(Math.min(blueberry.phHigh(), blueberry.limeTo().orElse(9))));
    }

    private static void waters(Map<String, Answer> answers) {
        SourceWater hard = water(300, 0, 0);
        answers.put("R13", Answer.of(WaterBlend.shareFor(hard, water(5, 0, 0), 100)));
        SourceWater tap = water(250, 0, 0);
        double target = 7.5;
        PhProduct nitric = PhProduct.require("nitric_67");
        while (acid(tap, target, nitric).alkalinityLeft() > 100) {
            target -= 0.001;
        }
        answers.put("R19", Answer.of(acid(tap, target, nitric).adds().get(Dissolved.NITRATE_N)));
        answers.put(
                "R20", Answer.of(acid(tap, target, PhProduct.require("citric")).perLitre()));
        PhProduct phosphoric = PhProduct.require("phosphoric_75");
        answers.put("R17", Answer.of(refusedPhosphorus(tap, target, phosphoric)));
        double most = 0;
        for (double alkalinity = 20; alkalinity <= 300; alkalinity += 1) {
            try {
                most = Math.max(
                        most,
                        acid(water(alkalinity, 0, 0), 6, phosphoric).adds().get(Dissolved.P));
            } catch (FaultException refused) {
                break;
            }
        }
        answers.put("R18", Answer.of(most));
        answers.put("R05", Answer.of(Remedy.require("iron_edta").chelateTo()));
        Remedy iron = Remedy.require("iron_dtpa");
        answers.put("R02", Answer.of(iron.high() * iron.percent() * 10));
        answers.put("R23", Answer.of(Remedy.require("iron_sulfate").high()));
        Verdict acidPot = GoldenVerdicts.pourThrough("pelargonium", PEAT, 4.9, 2.4);
        answers.put(
                "R06",
                Answer.of(GoldenVerdicts.asks(acidPot, Verdict.Action.RAISE_PH)
                        && !GoldenVerdicts.asks(acidPot, Verdict.Action.CORRECT_WATER)));
        answers.put("R07", Answer.of(GoldenVerdicts.most(acidPot, Verdict.Action.RAISE_PH)));
    }

    private static SourceWater water(double alkalinity, double sodium, double hardnessCa) {
        return new SourceWater(
                0.6,
                7.8,
                OptionalDouble.of(alkalinity),
                sodium > 0 ? Map.of(Dissolved.NA, sodium, Dissolved.CA, hardnessCa, Dissolved.MG, 0.0) : Map.of(),
                SourceWater.Kind.TAP);
    }

    private static PhCorrection acid(SourceWater water, double target, PhProduct product) {
        return PhCorrection.of(water, target, product, 1, true, WaterLimits.Drinker.ANY, Working.off());
    }

    /** What the refusal says it would add, mg/L P; not a number where it is not refused. */
    private static double refusedPhosphorus(SourceWater water, double target, PhProduct product) {
        try {
            acid(water, target, product);
            return Double.NaN;
        } catch (FaultException refused) {
            return Double.parseDouble(refused.faults().get(0).value());
        }
    }

    private static void cautions(Map<String, Answer> answers) {
        answers.put(
                "Y02",
                Answer.of(WaterLimits.judge(
                                water(250, 120, 2),
                                2,
                                SpeciesGuide.require("monstera").drinks())
                        .stream()
                        .anyMatch(f -> f.what() == WaterLimits.What.SOFTENED
                                && f.standing() == WaterLimits.Standing.TOO_MUCH)));
        answers.put(
                "Y03",
                Answer.of(refused(() -> Dose.choose(
                        GoldenPlans.even(),
                        new Rate.PerWater(1, 1, Measure.GRAMS),
                        SpeciesGuide.require("monstera").cap(),
                        new Target.Nitrogen(800),
                        0.35,
                        Working.off()))));
        answers.put(
                "Y04",
                Answer.of(refused(() -> Treatment.of(
                        Remedy.require("epsom_spray"),
                        new Treatment.Plant(
                                SpeciesGuide.require("petunia"),
                                Treatment.Roots.measured(OptionalDouble.empty()),
                                7,
                                1,
                                Treatment.Leaf.THIN,
                                false,
                                33,
                                true),
                        Working.off()))));
        answers.put(
                "Y07",
                Answer.of(Caution.forMixing(Recipes.require("compost_bark_patio"), false, List.of())
                        .contains(Caution.POTTING_MIX)));
        answers.put(
                "Y09",
                Answer.of(Caution.forPoison(SpeciesGuide.require("lily")).contains(Caution.PLANT_MAY_KILL_CATS)
                        && Caution.forPoison(SpeciesGuide.require("day_lily")).contains(Caution.PLANT_MAY_KILL_CATS)));
        answers.put(
                "Y10",
                Answer.of(Caution.forPoison(SpeciesGuide.require("oleander")).contains(Caution.PLANT_MAY_KILL)));
        answers.put(
                "Y17",
                Answer.of(LabelReader.read("feed the plant every week", Product.of(ProductForm.LIQUID), Map.of())
                        .rate()
                        .isEmpty()));
        answers.put("Y16", Answer.of(asksFor("pot.", () -> new RoundTaper(0, 0, 0))));
        answers.put("Y18", Answer.of(asksFor("feed.formula", () -> Analysis.ofSalt("NaOCl", 100))));
        answers.put(
                "Y19",
                Answer.of(Treatment.of(
                                Remedy.require("copper_spray"),
                                new Treatment.Plant(
                                        SpeciesGuide.require("basil"),
                                        Treatment.Roots.measured(OptionalDouble.empty()),
                                        7,
                                        1,
                                        Treatment.Leaf.THIN,
                                        false,
                                        18,
                                        false),
                                Working.off())
                        .notes()
                        .contains(Treatment.Note.FOOD_INTERVAL)));
    }

    /** Whether what was asked is refused for the sake of a field. */
    private static boolean asksFor(String field, Runnable asked) {
        try {
            asked.run();
            return false;
        } catch (FaultException e) {
            return e.faults().stream().allMatch(f -> f.field().startsWith(field));
        }
    }

    private static boolean refused(Runnable asked) {
        try {
            asked.run();
            return false;
        } catch (FaultException e) {
            return true;
        }
    }
}
