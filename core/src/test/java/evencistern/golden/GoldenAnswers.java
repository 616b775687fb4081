package evencistern.golden;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.Nutrients;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Component.Family;
import evencistern.plan.GoldenPlans;
import evencistern.plan.Hold;
import evencistern.plan.Situation;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.reading.Band;
import evencistern.reading.Equivalence;
import evencistern.reading.Method;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the core says to the golden scenarios. */
final class GoldenAnswers {
    private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 1);
    private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);
    private static final Optional<Feed> EVEN = Optional.of(GoldenPlans.even());

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
        answers.put("R10", Answer.of(Math.exp(-1)));
        answers.put("R11", Answer.of(Math.exp(-2)));
        answers.put("D19", Answer.of(GoldenPlans.shownDaysOverExactDays()));
        return answers;
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
        answers.put("S24", Answer.of(GoldenPlans.strewn(lemon)));
        answers.put("S26", Answer.of(liquid(Analysis.npk(7, 3, 6)).n()));
        answers.put("S27", Answer.of(liquid(Analysis.npk(4, 3, 8)).k()));
        answers.put(
                "S28", Answer.of(GoldenPlans.even().contentsPer(Measure.GRAMS).p()));
        answers.put("S30", Answer.of(2.45 / 3.785 * 240));
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
        band(answers, "B01", Band.of(Method.POUR_THROUGH, light, Family.PEAT, false));
        band(answers, "B02", Band.of(Method.POUR_THROUGH, medium, Family.PEAT, false));
        band(answers, "B03", Band.of(Method.POUR_THROUGH, heavy, Family.PEAT, false));
        band(answers, "B04", Band.of(Method.PASTE, light, Family.PEAT, false));
        band(answers, "B05", Band.of(Method.PASTE, medium, Family.PEAT, false));
        band(answers, "B06", Band.of(Method.EXTRACT, medium, Family.PEAT, false));
        band(answers, "B10", Band.of(Method.RUNOFF, SpeciesGuide.require("moth_orchid"), Family.BARK, false));
        answers.put(
                "B12h",
                Answer.of(Band.of(Method.POUR_THROUGH, SpeciesGuide.require("flytrap"), Family.PEAT, false)
                        .ecHigh()));
        Band peat = Band.of(Method.POUR_THROUGH, medium, Family.PEAT, false);
        answers.put("B15l", Answer.of(peat.phLow()));
        answers.put("B15h", Answer.of(peat.phHigh()));
        Band bark = Band.of(Method.POUR_THROUGH, SpeciesGuide.require("escallonia"), Family.BARK, false);
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
}
