package evencistern.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.label.LabelReading.Assumption;
import evencistern.label.Question.Choice;
import evencistern.label.Terms.Kin;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TermsTest {
    private static final double NORTH = 52;
    private static final double SOUTH = -34;

    private static LabelReading read(String sentence) {
        return LabelReader.read(sentence, Product.of(ProductForm.LIQUID), Map.of());
    }

    private static LocalDate on(int month) {
        return LocalDate.of(2026, month, 10);
    }

    // --- months ---

    /** Months that are named stay as they are; a season lies half a year later south of the equator. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5 ml per litre weekly March to September             | 3,4,5,6,7,8,9 | 3,4,5,6,7,8,9
            5 ml per litre weekly from spring until autumn       | 3,4,5,6,7,8,9,10,11 | 9,10,11,12,1,2,3,4,5
            5 ml per litre weekly until autumn                   | 1,2,3,4,5,6,7,8,9,10,11,12 | 1,2,3,4,5,6,7,8,9,10,11,12
            5 ml per litre weekly from spring to autumn          | 3,4,5,6,7,8,9,10,11 | 9,10,11,12,1,2,3,4,5
            Feed weekly in summer with 5 ml per litre            | 6,7,8 | 12,1,2
            2 ml per litre weekly October to April               | 10,11,12,1,2,3,4 | 10,11,12,1,2,3,4
            5 ml per litre weekly. Do not feed in winter.        | 3,4,5,6,7,8,9,10,11 | 9,10,11,12,1,2,3,4,5
            5 ml per litre weekly March to September; stop feeding in winter | 3,4,5,6,7,8,9 | 3,4,5,6,7,8,9
            5 ml per litre weekly                                | 1,2,3,4,5,6,7,8,9,10,11,12 | 1,2,3,4,5,6,7,8,9,10,11,12
            Feed 5 ml/l every 14 days in summer and every 28 days in winter | 1,2,3,4,5,6,7,8,9,10,11,12 | 1,2,3,4,5,6,7,8,9,10,11,12
            """)
    void theMonthsInWhichALabelFeeds(String sentence, String north, String south) {
        Terms terms = read(sentence).terms();
        for (int month = 1; month <= 12; month++) {
            boolean there = Set.of(north.split(",")).contains(Integer.toString(month));
            boolean below = Set.of(south.split(",")).contains(Integer.toString(month));
            assertThat(terms.feedsOn(on(month), NORTH)).as("north, %s", month).isEqualTo(there);
            assertThat(terms.feedsOn(on(month), SOUTH)).as("south, %s", month).isEqualTo(below);
        }
    }

    /** What stands beside a word that was not understood is no season of the dose. */
    @Test
    void monthsBesideWordsNobodyUnderstoodAreNotTaken() {
        assertThat(read("5 ml per litre weekly, quorbing in summer").terms()).isEqualTo(Terms.NONE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Feed 5 ml/l every 14 days in summer and every 28 days in winter | 1 | 28
            Feed 5 ml/l every 14 days in summer and every 28 days in winter | 7 |
            5 ml per litre weekly; in winter every 4 weeks                  | 12 | 28
            4 ml per litre weekly in spring and summer, every 4 weeks in autumn and winter | 10 | 28
            4 ml per litre weekly in spring and summer, every 4 weeks in autumn and winter | 4 |
            """)
    void monthsInWhichItFeedsLessOften(String sentence, int month, Integer days) {
        assertThat(read(sentence).terms().daysOn(on(month), NORTH))
                .isEqualTo(days == null ? OptionalInt.empty() : OptionalInt.of(days));
    }

    // --- shares ---

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5 ml per litre weekly, half strength for seedlings        | SEEDLINGS | 6 | 0.5
            Use quarter strength on seedlings. Normal rate 4 ml per litre each week. | SEEDLINGS | 6 | 0.25
            5 ml per litre weekly; half for orchids                   | ORCHIDS | 6 | 0.5
            5 ml per litre weekly; half for orchids                   | FERNS | 6 | 1
            Orchids at half strength. Otherwise 4 ml per litre weekly | ORCHIDS | 6 | 0.5
            5 ml per litre weekly; half in winter                     | FERNS | 1 | 0.5
            5 ml per litre weekly; half in winter                     | FERNS | 6 | 1
            """)
    void somePlantsAndMonthsGetLess(String sentence, Kin kin, int month, double share) {
        assertThat(read(sentence).terms().shareOn(on(month), NORTH, Set.of(kin)))
                .isEqualTo(share);
        // all others have the whole dose
        assertThat(read(sentence).rate().orElseThrow().max()).isGreaterThanOrEqualTo(4);
    }

    // --- limits ---

    @Test
    void aLimitOfTheLabelIsKept() {
        LabelReading dose = read("3 to 6 ml per litre weekly. Do not exceed 4 ml per litre.");
        assertThat(dose.rate()).contains(new Rate.PerWater(3, 4, Measure.MILLILITRES));
        assertThat(dose.assumptions()).contains(Assumption.LIMIT_KEPT);
        LabelReading often = read("5 ml per litre every 3 days, no more than once a week");
        assertThat(often.rhythm()).contains(new Rhythm.EveryDays(7, 7));
        LabelReading waterings = read("5 ml per litre with every third watering, no more than once a week");
        assertThat(waterings.terms().daysOn(on(5), NORTH)).isEqualTo(OptionalInt.of(7));
        // no limit at all where the dose is within it
        assertThat(read("3 ml per litre weekly. Do not exceed 4 ml per litre.").assumptions())
                .doesNotContain(Assumption.LIMIT_KEPT);
    }

    // --- waterings, once ---

    @ParameterizedTest
    @CsvSource({
        "5 ml per litre at every second watering, 2",
        "5 ml per litre with every 3rd watering, 3",
        "Feed every fourth time you water with 5 ml per litre, 4",
        "5 ml per litre with every 5 waterings, 5"
    })
    void wateringsAreCounted(String sentence, int each) {
        assertThat(read(sentence).rhythm()).contains(new Rhythm.EveryWatering(each));
    }

    @Test
    void whatIsMixedInAtPottingIsGivenOnce() {
        LabelReading mixed =
                LabelReader.read("Mix 3 g per litre of compost at potting", Product.of(ProductForm.DRY), Map.of());
        assertThat(mixed.rhythm()).contains(new Rhythm.Once());
        // another rhythm beside it counts
        assertThat(LabelReader.read(
                                "3 g per litre of compost at planting, then every 6 weeks",
                                Product.of(ProductForm.DRY),
                                Map.of())
                        .rhythm())
                .contains(new Rhythm.EveryDays(42, 42));
    }

    /** How it is given follows from the words and from what the dose is for. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5 g per litre of water weekly                           | WATERED
            100 g per litre of stock through a 1:100 injector, each watering | INJECTED
            Foliar: 1 g per litre weekly                            | SPRAYED
            5 g per 10 cm pot every 8 weeks                         | STREWN
            Mix 40 g into 10 litres of compost                      | MIXED_IN
            Incorporate 3 kg per cubic metre of substrate before potting | MIXED_IN
            Top-dress 3 g per litre of compost every 8 weeks        | STREWN
            """)
    void howItIsGiven(String sentence, HowGiven method) {
        assertThat(LabelReader.read(sentence, Product.of(ProductForm.DRY), Map.of())
                        .method())
                .contains(method);
    }

    /** What is mixed in needs no interval: it is given once. */
    @Test
    void whatIsMixedInIsNotAskedHowOften() {
        assertThat(LabelReader.read("Mix 40 g into 10 litres of compost", Product.of(ProductForm.DRY), Map.of())
                        .rhythm())
                .contains(new Rhythm.Once());
    }

    /** Every rhythm written out in plain words reads back as the same. */
    @ParameterizedTest
    @CsvSource({"1", "2", "3", "12"})
    void countedWateringsReadBack(int each) {
        Rate rate = new Rate.PerWater(2, 2, Measure.MILLILITRES);
        assertThat(read(InWords.of(rate, new Rhythm.EveryWatering(each))).rhythm())
                .contains(new Rhythm.EveryWatering(each));
        Rate mix = new Rate.PerMix(2, 2, Measure.GRAMS);
        assertThat(LabelReader.read(InWords.of(mix, new Rhythm.Once()), Product.of(ProductForm.DRY), Map.of())
                        .rhythm())
                .contains(new Rhythm.Once());
    }

    // --- so many ppm ---

    /** Arithmetic: 150 mg/L of nitrogen from 200 mg in a gram are 0.75 g/L; 200 of potassium from 166 mg, 1.205 g/L. */
    @Test
    void soManyPpmNeedSoMuchOfTheProduct() {
        Product powder =
                new Product(ProductForm.DRY, OptionalDouble.empty(), Optional.of(new Product.Holds(200, 87.3, 166)));
        Rate nitrogen =
                LabelReader.read("150 ppm N weekly", powder, Map.of()).rate().orElseThrow();
        assertThat(nitrogen.max()).isCloseTo(0.75, within(1e-9));
        Rate potassium =
                LabelReader.read("200 ppm K weekly", powder, Map.of()).rate().orElseThrow();
        assertThat(potassium.max()).isCloseTo(1.205, within(0.001));
        Rate asked = LabelReader.read("200 ppm weekly", powder, Map.of(Question.PPM_OF, Choice.OF_NITROGEN))
                .rate()
                .orElseThrow();
        assertThat(asked.max()).isCloseTo(1, within(1e-9));
        assertThat(LabelReader.read("200 ppm weekly", powder, Map.of()).questions())
                .containsEntry(Question.PPM_OF, Optional.empty());
        assertThat(read("150 ppm N weekly").refusals()).extracting(Fault::code).contains(FaultCode.LABEL_AIM_UNKNOWN);
    }

    // --- between two uses, and stocks by spoons ---

    @Test
    void aStrengthBetweenTwoUsesMayBeChosen() {
        String two = "Seedlings 1 ml per litre, mature plants 3 ml per litre, weekly";
        assertThat(read(two).between()).isTrue();
        assertThat(LabelReader.read(two, Product.of(ProductForm.LIQUID), Map.of(Question.WHICH_USE, Choice.BETWEEN))
                        .rate())
                .contains(new Rate.PerWater(1, 3, Measure.MILLILITRES));
        // an answer that fits no more is asked again, and never taken for another use
        String three = "A: 1 ml/l. B: 2 ml/l. C: 3 ml/l. Weekly.";
        LabelReading stale =
                LabelReader.read(three, Product.of(ProductForm.LIQUID), Map.of(Question.WHICH_USE, Choice.BETWEEN));
        assertThat(stale.rate()).isEmpty();
        assertThat(stale.questions()).containsEntry(Question.WHICH_USE, Optional.empty());
        assertThat(read("Indoors 2 ml per litre weekly; beds 60 ml per square metre weekly")
                        .between())
                .isFalse();
    }

    /** Arithmetic: 100 g in 1 L is 0.1 g in each mL; 30 mL of it in 3.785 L are 2.96 g, 0.781 g/L; a quarter of it from
     * half as much of half the strength ([NIST811] the spoon and the gallon). */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Make a stock of 100 g in 1 litre, then 2 tbsp of the stock per gallon, weekly | 0.781
            Dissolve 50 g in 1 litre of water to make a stock. Use 1 tbsp of the stock per gallon, weekly. | 0.195
            """)
    void aStockIsThinnedBySpoonsAndGallons(String sentence, double gramsPerLitre) {
        LabelReading thinned =
                LabelReader.read(sentence, Product.of(ProductForm.DRY), Map.of(Question.WHICH_MEASURES, Choice.US));
        assertThat(thinned.rate().orElseThrow().max()).isCloseTo(gramsPerLitre, within(0.001));
    }

    @Test
    void aRowOfGroundIsNoPot() {
        assertThat(read("100 ml per 10 metres of row, weekly").refusals())
                .extracting(Fault::code)
                .contains(FaultCode.LABEL_OPEN_GROUND);
    }

    @ParameterizedTest
    @CsvSource({"Use at 1/100 weekly, 10", "Dilute 1/250 and feed weekly, 4"})
    void aFractionBesideDiluteIsARatio(String sentence, double perLitre) {
        assertThat(read(sentence).rate().orElseThrow().max()).isCloseTo(perLitre, within(1e-9));
    }

    /** A tablespoon beside inches or pounds is not the one of 20 mL. */
    @Test
    void whoseTablespoonFollowsFromTheInches() {
        assertThat(LabelReader.read("1 tbsp per 12 inch pot monthly", Product.of(ProductForm.LIQUID), Map.of())
                        .questions())
                .doesNotContainKey(Question.WHICH_TABLESPOON);
    }
}
