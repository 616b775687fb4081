package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FeedTest {
    private static final StrengthCap WIDE = new StrengthCap(5, 500);

    private static Feed feed(Analysis analysis, ProductForm form, Rate rate, OptionalDouble density) {
        return new Feed(analysis, form, density, OptionalDouble.empty(), rate, new Rhythm.EveryWatering());
    }

    private static Dose dose(Feed feed, StrengthCap cap, double appetite, OptionalDouble share) {
        Target target = share.isPresent() ? new Target.OfLabel(share.getAsDouble()) : new Target.ByAppetite(appetite);
        return Dose.choose(feed, (Rate.PerWater) feed.rate(), cap, target, 0, Working.off());
    }
    /** Arithmetic: 1 oz/US gal of a 1 % feed is 28.349523 g · 10 / 3.785412 L = 74.89 mg/L. */
    @Test
    void theTradesSeventyFiveIsReallySeventyFourPointEightNine() {
        assertThat(FieldFormula.EXACT).isCloseTo(74.89, within(0.005));
        assertThat(Math.rint(FieldFormula.EXACT)).isEqualTo(75);
    }

    /** Field formula with 75: 200 ppm, 10 % N, DF 100 → 26.7 oz/gal. Stock of a 20 % N feed at 1:100: 6.68, 10.01, 13.35. */
    @ParameterizedTest
    @CsvSource({
        "200, 100, 10, 26.7, 0.06",
        "100, 100, 20, 6.68, 0.005",
        "150, 100, 20, 10.01, 0.006",
        "200, 100, 20, 13.35, 0.006"
    })
    void theFieldFormulaGivesThePublishedOunces(double ppm, double df, double n, double ounces, double tolerance) {
        assertThat(FieldFormula.ouncesPerUsGallon(ppm, df, n)).isCloseTo(ounces, within(tolerance));
    }

    @Test
    void theFieldFormulaRefusesAFeedWithoutNitrogen() {
        assertThatThrownBy(() -> FieldFormula.ouncesPerUsGallon(200, 100, 0)).isInstanceOf(FaultException.class);
    }

    @Test
    void twoHundredPerCentNitrogenIsRefused() {
        assertThatThrownBy(() -> Analysis.npk(200, 0, 0)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> Analysis.npk(60, 30, 20))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.ANALYSIS_ABOVE_100)));
    }

    /** Arithmetic: 1 g/L of 20-20-20 is 200 mg/L N, 200 · 0.4364 = 87.3 P and 200 · 0.8301 = 166 K. */
    @Test
    void oneGramPerLitreOfTwentyTwentyTwenty() {
        Feed feed = feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                new Rate.PerWater(1, 1, Measure.GRAMS),
                OptionalDouble.empty());
        Nutrients n = dose(feed, WIDE, 0, OptionalDouble.empty()).mgPerL();
        assertThat(n.n()).isCloseTo(200, within(1e-9));
        assertThat(n.p()).isCloseTo(87.3, within(0.05));
        assertThat(n.k()).isCloseTo(166, within(0.05));
    }

    /** Arithmetic: with density 1.2 the volume that carries the same nitrogen is 1/1.2 of the dry formula's: 16.7 % fewer mL. */
    @Test
    void aLiquidIsHeavierThanItsMillilitres() {
        Rate.PerWater rate = new Rate.PerWater(5, 5, Measure.MILLILITRES);
        Feed liquid = feed(Analysis.npk(6, 3, 6), ProductForm.LIQUID, rate, OptionalDouble.of(1.2));
        assertThat(dose(liquid, WIDE, 0, OptionalDouble.empty()).mgPerL().n()).isCloseTo(5 * 1.2 * 60, within(1e-9));
        Feed unknown = feed(Analysis.npk(6, 3, 6), ProductForm.LIQUID, rate, OptionalDouble.empty());
        assertThat(dose(unknown, WIDE, 0, OptionalDouble.empty())
                        .gramsPerLitre()
                        .halfWidth95())
                .isGreaterThan(dose(liquid, WIDE, 0, OptionalDouble.empty())
                        .gramsPerLitre()
                        .halfWidth95());
    }

    @Test
    void theLowestLimitBindsAndIsNamed() {
        Feed feed = feed(
                Analysis.npk(20, 5, 10),
                ProductForm.DRY,
                new Rate.PerWater(1, 2, Measure.GRAMS),
                OptionalDouble.empty());
        assertThat(dose(feed, WIDE, 1, OptionalDouble.empty()).ceiling()).isEqualTo(Ceiling.LABEL_TOP);
        Dose byNitrogen = dose(feed, new StrengthCap(5, 100), 1, OptionalDouble.empty());
        assertThat(byNitrogen.ceiling()).isEqualTo(Ceiling.CLASS_N);
        assertThat(byNitrogen.perLitre()).isCloseTo(0.5, within(1e-9));
        assertThat(byNitrogen.heldBack()).isTrue();
        Feed told = new Feed(
                Analysis.npk(20, 5, 10),
                ProductForm.DRY,
                OptionalDouble.empty(),
                OptionalDouble.of(0.63),
                new Rate.PerWater(1, 2, Measure.GRAMS),
                new Rhythm.EveryWatering());
        Dose bySalt = dose(told, new StrengthCap(0.315, 500), 1, OptionalDouble.empty());
        assertThat(bySalt.ceiling()).isEqualTo(Ceiling.CLASS_EC);
        // 0.315 / 0.63 = 0.5 g/L
        assertThat(bySalt.perLitre()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void aHungryPlantGetsTheTopOfTheLabelAndAShyOneTheBottom() {
        Feed feed = feed(
                Analysis.npk(10, 5, 10),
                ProductForm.DRY,
                new Rate.PerWater(1, 2, Measure.GRAMS),
                OptionalDouble.empty());
        assertThat(dose(feed, WIDE, 0, OptionalDouble.empty()).perLitre()).isEqualTo(1);
        assertThat(dose(feed, WIDE, 1, OptionalDouble.empty()).perLitre()).isEqualTo(2);
        assertThat(dose(feed, WIDE, 1, OptionalDouble.of(0.25)).perLitre()).isEqualTo(0.5);
    }

    @ParameterizedTest
    @CsvSource({"1.01, ABOVE_LABEL_RATE", "2, ABOVE_LABEL_RATE", "0, TOO_SMALL", "-1, TOO_SMALL"})
    void aboveTheLabelsTopRateIsRefused(double share, FaultCode code) {
        Feed feed = feed(
                Analysis.npk(10, 5, 10),
                ProductForm.DRY,
                new Rate.PerWater(1, 2, Measure.GRAMS),
                OptionalDouble.empty());
        assertThatThrownBy(() -> dose(feed, WIDE, 0, OptionalDouble.of(share)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(code)));
    }

    /** Typical from memory: a 20-20-20 at 1 g/L adds 0.8 to 1 mS/cm. */
    @Test
    void theMeterShowsTheFeedOverTheWater() {
        Feed feed = feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                new Rate.PerWater(1, 1, Measure.GRAMS),
                OptionalDouble.empty());
        Uncertain reading = MeterForecast.inCan(feed, 1, Measure.GRAMS, SourceWater.of(0.4, 7.2), Working.off());
        assertThat(reading.value()).isBetween(1.2, 1.4);
        assertThat(reading.halfWidth95()).isBetween(0.1, 0.4);
    }

    @Test
    void anEcStatedOnTheLabelWins() {
        Feed feed = new Feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                OptionalDouble.empty(),
                OptionalDouble.of(0.7),
                new Rate.PerWater(1, 1, Measure.GRAMS),
                new Rhythm.EveryWatering());
        assertThat(MeterForecast.inCan(feed, 2, Measure.GRAMS, SourceWater.of(0.1, 7), Working.off())
                        .value())
                .isCloseTo(1.5, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        // mL wanted, tablespoons, teaspoons, error %
        "2.5, 0, 0.5, 0",
        "2.6, 0, 0.5, -3.8",
        "5, 0, 1, 0",
        "17.5, 1, 0.5, 0",
        "30, 2, 0, 0",
        "0.6, 0, 0.125, 4.2",
        "0.2, 0, 0, -100"
    })
    void anAmountBecomesSpoonsWithItsError(double ml, double tablespoons, double teaspoons, double error) {
        Measured m = HandMeasure.SPOONS.nearest(
                ml, 1e3, Measure.MILLILITRES, 1.0, false, HandMeasure.FULL_SET, Working.off());
        assertThat(count(m, Measured.Tool.TABLESPOON)).isEqualTo(tablespoons);
        assertThat(count(m, Measured.Tool.TEASPOON)).isEqualTo(teaspoons);
        assertThat(m.errorPercent()).isCloseTo(error, within(0.1));
    }

    private static double count(Measured m, Measured.Tool tool) {
        return m.pieces().stream()
                .filter(p -> p.tool() == tool)
                .mapToDouble(Measured.Piece::count)
                .sum();
    }

    /** Never by more than spoons differ among themselves, and on a scale not at all. */
    @Test
    void roundingNeverPassesTheLimit() {
        for (double ml = 0.3; ml < 60; ml += 0.37) {
            Measured m = HandMeasure.SPOONS.nearest(
                    ml, ml, Measure.MILLILITRES, 1.0, true, HandMeasure.FULL_SET, Working.off());
            assertThat(m.practical()).isLessThanOrEqualTo(ml * 1.02);
            Measured g =
                    HandMeasure.SCALE.nearest(ml, ml, Measure.GRAMS, 0.9, false, HandMeasure.FULL_SET, Working.off());
            assertThat(g.practical()).isLessThanOrEqualTo(ml * 1.002);
        }
    }

    /** Arithmetic: a level 5 mL teaspoon of a powder of 0.9 kg/L is 4.5 g. */
    @Test
    void aPowderIsSpoonedByItsDensityAndWeighedByIt() {
        Measured spoons =
                HandMeasure.SPOONS.nearest(9, 20, Measure.GRAMS, 0.9, false, HandMeasure.FULL_SET, Working.off());
        assertThat(count(spoons, Measured.Tool.TEASPOON)).isEqualTo(2);
        Measured scale =
                HandMeasure.SCALE.nearest(10, 20, Measure.MILLILITRES, 0.9, false, HandMeasure.FULL_SET, Working.off());
        assertThat(count(scale, Measured.Tool.SCALE)).isCloseTo(9, within(1e-9));
        assertThat(scale.practical()).isCloseTo(10, within(1e-9));
    }

    /** Seeded: whatever the amount, the pieces add up to what is said to be taken, and the error is the true one. */
    @Test
    void thePiecesAddUpToThePracticalAmount() {
        java.util.Random random = new java.util.Random(11);
        for (int i = 0; i < 2000; i++) {
            double amount = Math.pow(10, random.nextDouble() * 4 - 1.5);
            double density = 0.4 + random.nextDouble();
            Measure measure = random.nextBoolean() ? Measure.GRAMS : Measure.MILLILITRES;
            boolean liquid = random.nextBoolean();
            HandMeasure hand = random.nextBoolean() ? HandMeasure.SPOONS : HandMeasure.SCALE;
            Measured m =
                    hand.nearest(amount, amount * 10, measure, density, liquid, HandMeasure.FULL_SET, Working.off());
            double millilitres = count(m, Measured.Tool.TABLESPOON) * 15
                    + count(m, Measured.Tool.TEASPOON) * 5
                    + count(m, Measured.Tool.SYRINGE);
            double grams = count(m, Measured.Tool.SCALE);
            double taken = measure == Measure.GRAMS ? grams + millilitres * density : millilitres + grams / density;
            assertThat(taken).as(hand + " " + amount).isCloseTo(m.practical(), within(1e-6 * Math.max(1, amount)));
            assertThat(m.errorPercent()).isCloseTo((m.practical() / amount - 1) * 100, within(1e-6));
        }
    }

    /** Arithmetic: 9 mL is 1.8 teaspoons; without an eighth or quarter the nearest half is 2, without a tablespoon 4 stay teaspoons. */
    @Test
    void onlyTheSpoonsThatAreOwnedAreUsed() {
        Set<HandMeasure.Spoon> coarse = Set.of(HandMeasure.Spoon.TEASPOON, HandMeasure.Spoon.HALF);
        Measured m = HandMeasure.SPOONS.nearest(9, 100, Measure.MILLILITRES, 1.0, true, coarse, Working.off());
        assertThat(m.practical()).isCloseTo(10, within(1e-9));
        Measured four = HandMeasure.SPOONS.nearest(20, 100, Measure.MILLILITRES, 1.0, true, coarse, Working.off());
        assertThat(four.pieces()).containsExactly(new Measured.Piece(Measured.Tool.TEASPOON, 4));
        assertThatThrownBy(() ->
                        HandMeasure.SPOONS.nearest(20, 100, Measure.MILLILITRES, 1.0, true, Set.of(), Working.off()))
                .isInstanceOf(FaultException.class);
    }

    /** Arithmetic: without a quarter 1¼ teaspoons are one and two eighths, without a whole one three halves. */
    @ParameterizedTest
    @CsvSource({
        "1.25, TEASPOON;HALF;EIGHTH, 1 TEASPOON;2 EIGHTH_TEASPOON",
        "0.25, TEASPOON;HALF;EIGHTH, 2 EIGHTH_TEASPOON",
        "1.5, HALF;EIGHTH, 3 HALF_TEASPOON",
        "0.75, TEASPOON;QUARTER;EIGHTH, 3 QUARTER_TEASPOON",
        "3.5, TABLESPOON;TEASPOON;QUARTER, 1 TABLESPOON;2 QUARTER_TEASPOON",
        "1.875, TABLESPOON;TEASPOON;HALF;QUARTER;EIGHTH, 1.875 TEASPOON",
        "6, TABLESPOON;EIGHTH, 2 TABLESPOON",
    })
    void aSpoonThatIsNotOwnedIsMadeOfSmallerOnes(double teaspoons, String owned, String pieces) {
        Set<HandMeasure.Spoon> spoons =
                Stream.of(owned.split(";")).map(HandMeasure.Spoon::valueOf).collect(Collectors.toSet());
        Measured m =
                HandMeasure.SPOONS.nearest(teaspoons * 5, 100, Measure.MILLILITRES, 1.0, true, spoons, Working.off());
        assertThat(m.pieces())
                .containsExactlyElementsOf(Stream.of(pieces.split(";"))
                        .map(p -> p.split(" "))
                        .map(p -> new Measured.Piece(Measured.Tool.valueOf(p[1]), Double.parseDouble(p[0])))
                        .toList());
    }

    // --- what nothing at hand can measure ---

    /** A spoon a gallon is a spoon in a jug of a gallon, whichever spoon it is: 4.93 mL and 5 mL. */
    @Test
    void theLabelsOwnSpoonStaysASpoon() {
        double label = Unit.US_TEASPOON.toCanonical(1000);
        Measured jug = HandMeasure.SPOONS.nearest(
                label, label, Measure.MILLILITRES, 1.1, true, HandMeasure.FULL_SET, Working.off());
        assertThat(jug.practical()).isCloseTo(5, within(1e-9));
        Measured quart = HandMeasure.SPOONS.nearest(
                label / 4, label / 4, Measure.MILLILITRES, 1.1, true, HandMeasure.FULL_SET, Working.off());
        assertThat(quart.practical()).isCloseTo(1.25, within(1e-9));
    }

    private static List<SmallMeasure> small(double ml, boolean liquid) {
        Measured hand =
                HandMeasure.SPOONS.nearest(ml, ml, Measure.MILLILITRES, 1, liquid, HandMeasure.FULL_SET, Working.off());
        return SmallMeasure.of(hand, 1, liquid, false);
    }

    /** Arithmetic: 0.2 mL is 4 drops, 0.2 in a syringe, and of a teaspoon in 250 mL 10 mL. */
    @Test
    void aSmallDoseHasOtherWays() {
        assertThat(small(0.2, true))
                .extracting(SmallMeasure::way)
                .containsExactly(SmallMeasure.Way.SYRINGE, SmallMeasure.Way.DROPS, SmallMeasure.Way.STOCK);
        assertThat(small(0.2, true)).extracting(SmallMeasure::take).containsExactly(0.2, 4.0, 10.0);
        assertThat(small(0.2, false)).extracting(SmallMeasure::way).containsExactly(SmallMeasure.Way.STOCK);
        assertThat(small(5, true)).isEmpty();
    }

    /** Whatever the dose, no other way gives more of it, and each says what it leaves off. */
    @Test
    void otherWaysNeverGiveMore() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            double ml = 0.02 + random.nextDouble();
            for (SmallMeasure m : small(ml, random.nextBoolean())) {
                assertThat(m.errorPercent()).isBetween(-50.0, 1e-6);
            }
        }
    }

    // --- where no plant is known ---

    /** Extension guides, from memory: 350 mg/L N is the most for anything in a pot, boron harms from 1 mg/L. */
    @Test
    void aSolutionTooStrongForAnyPlantIsRefused() {
        SolutionGuard.require(new Nutrients(Map.of(Nutrient.NITRATE_N, 340.0, Nutrient.B, 0.5)));
        assertThatThrownBy(() -> SolutionGuard.require(
                        new Nutrients(Map.of(Nutrient.NITRATE_N, 240.0, Nutrient.UREA_N, 120.0, Nutrient.B, 1.2))))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field)
                                .containsExactly("solution.n", "solution.b"));
    }
}
