package evencistern.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.label.LabelReading.Role;
import evencistern.label.LabelReading.Span;
import evencistern.label.Question.Choice;
import evencistern.table.DataFile;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class LabelReaderTest {

    private static LabelReading read(String sentence, ProductForm form) {
        return LabelReader.read(sentence, Product.of(form), Map.of());
    }

    static List<String> corpus() {
        return DataFile.lines(LabelReaderTest.class, "corpus.csv").stream()
                .filter(l -> !l.startsWith("#") && !l.startsWith("sentence|"))
                .toList();
    }

    private static String use(Rate rate, Rhythm rhythm) {
        String kind = "";
        if (rate instanceof Rate.PerWater) {
            kind = "W";
        } else if (rate instanceof Rate.PerSpray) {
            kind = "S";
        } else if (rate instanceof Rate.PerMix) {
            kind = "M";
        } else if (rate instanceof Rate.PerPotWidth p) {
            kind = "P@" + figures(p.widthM());
        } else if (rate instanceof Rate.PerPlant) {
            kind = "L";
        } else if (rate instanceof Rate.PerArea) {
            kind = "A";
        } else {
            kind = "H";
        }
        String amount = figures(rate.min()) + (rate.max() > rate.min() ? "-" + figures(rate.max()) : "");
        String days = rhythm instanceof Rhythm.EveryDays d ? d.min() + "-" + d.max() : "w";
        return kind + " " + amount + " " + days;
    }

    /** Five figures: the factors of the hand-worked expectations have six. */
    private static String figures(double value) {
        return new BigDecimal(value)
                .round(new MathContext(5))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String rounded(String reading) {
        Matcher m = Pattern.compile("(?<=[ @-])\\d+\\.?\\d*(e-?\\d+)?(?=[ -])").matcher(reading);
        return m.replaceAll(r -> figures(Double.parseDouble(r.group())));
    }

    @ParameterizedTest
    @MethodSource("corpus")
    void theCorpusIsReadAsItsAuthorsMeantIt(String line) {
        String[] c = line.split("\\|", -1);
        ProductForm form = ProductForm.valueOf(c[1]);
        Map<Question, Choice> answers = new EnumMap<>(Question.class);
        OptionalDouble own = OptionalDouble.empty();
        for (String answer : c[2].isEmpty() ? new String[0] : c[2].split("\\+", -1)) {
            String[] pair = answer.split("=", 2);
            if (pair[0].equals("OWN")) {
                own = OptionalDouble.of(Double.parseDouble(pair[1]));
                continue;
            }
            answers.put(Question.valueOf(pair[0]), Choice.valueOf(pair[1]));
        }
        if (c[3].startsWith("refuse ")) {
            assertThat(LabelReader.read(c[0], new Product(form, own, Optional.empty()), answers)
                            .refusals())
                    .extracting(Fault::code)
                    .contains(FaultCode.valueOf(c[3].substring("refuse ".length())));
            return;
        }
        if (c[3].equals("words")) {
            LabelReading reading = read(c[0], form);
            assertThat(reading.hasUnknownWords()).isTrue();
            assertThat(reading.usable(false)).isFalse();
            return;
        }
        String[] uses = c[3].split(" & ", -1);
        Set<Question> asked = EnumSet.noneOf(Question.class);
        for (int i = 0; i < uses.length; i++) {
            Map<Question, Choice> all = new EnumMap<>(Question.class);
            all.putAll(answers);
            if (uses.length > 1) {
                long atRoots =
                        Arrays.stream(uses).filter(u -> !u.contains("=S ")).count();
                assertThat(read(c[0], form).usable(true))
                        .as("must be asked for the use, unless it is the only one that is not for leaves")
                        .isEqualTo(atRoots == 1);
                all.put(Question.WHICH_USE, Question.WHICH_USE.choices().get(i));
            }
            LabelReading reading = LabelReader.read(c[0], new Product(form, own, Optional.empty()), all);
            asked.addAll(reading.questions().keySet());
            asked.remove(Question.WHICH_USE);
            if (uses[i].contains("=refuse ")) {
                assertThat(reading.refusals())
                        .extracting(Fault::code)
                        .contains(FaultCode.valueOf(uses[i].split("=refuse ", -1)[1]));
                continue;
            }
            assertThat(reading.refusals()).isEmpty();
            String name = uses.length > 1 ? reading.uses().get(i) + "=" : "";
            assertThat(name + use(reading.rate().orElseThrow(), reading.rhythm().orElseThrow()))
                    .isEqualTo(rounded(uses[i]));
            assertThat(reading.hasUnknownWords()).isFalse();
        }
        assertThat(asked).as("asks what was answered and nothing else").isEqualTo(answers.keySet());
    }

    /** Seeded: a dose written out in words reads back as the same dose, whatever it is. */
    @Test
    void aDoseWrittenOutReadsBackAsTheSame() {
        Random random = new Random(11);
        for (int i = 0; i < 2000; i++) {
            double min = Math.exp(random.nextDouble() * 8 - 5);
            double max = random.nextBoolean() ? min : min * (1 + random.nextDouble());
            Measure measure = random.nextBoolean() ? Measure.GRAMS : Measure.MILLILITRES;
            Rate rate = switch (random.nextInt(7)) {
                case 0 -> new Rate.PerMix(min, max, measure);
                case 1 -> new Rate.PerPotWidth(min, max, measure, 0.05 + random.nextDouble());
                case 2 -> new Rate.PerPlant(min / 100, max / 100, measure);
                case 3 -> new Rate.PerArea(min, max, measure);
                case 4 -> new Rate.PerHeight(min, max, measure);
                case 5 -> new Rate.PerSpray(min, max, measure);
                default -> new Rate.PerWater(min, max, measure);
            };
            int days = 1 + random.nextInt(300);
            Rhythm rhythm = random.nextInt(4) == 0
                    ? new Rhythm.EveryWatering()
                    : new Rhythm.EveryDays(days, days + random.nextInt(30));
            String said = InWords.of(rate, rhythm);
            LabelReading back = read(said, random.nextBoolean() ? ProductForm.DRY : ProductForm.LIQUID);
            assertThat(back.hasUnknownWords()).as(said).isFalse();
            Rate again = back.rate().orElseThrow();
            assertThat(again).as(said).isInstanceOf(rate.getClass());
            assertThat(again.measure()).isEqualTo(measure);
            assertThat(again.min()).as(said).isCloseTo(rate.min(), within(1e-5 * rate.min()));
            assertThat(again.max()).as(said).isCloseTo(rate.max(), within(1e-5 * rate.max()));
            if (rate instanceof Rate.PerPotWidth width) {
                assertThat(((Rate.PerPotWidth) again).widthM()).isCloseTo(width.widthM(), within(1e-5));
            }
            assertThat(back.rhythm()).contains(rhythm);
        }
    }

    @Test
    void theCorpusIsLargeAndMuchOfItMustBeAskedOrRefused() {
        assertThat(corpus()).hasSizeGreaterThanOrEqualTo(150).doesNotHaveDuplicates();
        assertThat(corpus().stream().filter(l -> {
                    String[] c = l.split("\\|", -1);
                    return !c[2].isEmpty()
                            || c[3].startsWith("refuse ")
                            || c[3].equals("words")
                            || c[3].contains(" & ");
                }))
                .hasSizeGreaterThanOrEqualTo(40);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 tsp per gal weekly | DRY | WHICH_MEASURES",
                "2 gal per 100 gal weekly | LIQUID | WHICH_MEASURES",
                "1 tbsp per 10 l weekly | LIQUID | WHICH_TABLESPOON",
                "1:19 weekly | LIQUID | RATIO_KIND",
                "2 oz per 10 l weekly | LIQUID | WHICH_MEASURES",
                "5 ml per litre | LIQUID | HOW_OFTEN",
                "1.500 ml per 1000 l weekly | LIQUID | READING",
                "11/2 tsp per litre weekly | LIQUID | READING",
                "5 ml (10 ml) per litre weekly | LIQUID | BRACKET",
                "5 g per 1 gallon pot weekly | DRY | TRADE_POT",
                "2 g per kg of soil monthly | DRY | MIX_WEIGHT",
                "5 g per litre of concentrate 1:100 weekly | DRY | AFTER_INJECTOR",
                "2 ml per l bi-weekly | LIQUID | BIWEEKLY",
                "50 ml per plant weekly | LIQUID | LIQUID_STRENGTH",
                "100 g per shrub every 8 weeks | DRY | POT_OR_GROUND",
                "5 ml per l weekly; do not exceed 10 | LIQUID | NUMBER_LEFT",
                "20 ppm weekly | LIQUID | PPM_OF",
                "Take 4 ml, quorb it with a big 2 litre jug, weekly | LIQUID | PAIRED"
            })
    void whatIsAmbiguousIsAskedAndNotGuessed(String sentence, ProductForm form, String questions) {
        LabelReading reading = read(sentence, form);
        assertThat(reading.questions().keySet().stream().map(Enum::name))
                .containsExactlyInAnyOrder(questions.split(" ", -1));
        assertThat(reading.hasOpenQuestions()).isTrue();
        assertThat(reading.usable(true)).isFalse();
    }

    @Test
    void aLabelThatSpeaksOfPotsIsNotAskedWhetherItMeansThem() {
        assertThat(read("30 g per plant in containers every 4 months", ProductForm.DRY)
                        .questions())
                .doesNotContainKey(Question.POT_OR_GROUND);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | MISSING",
                "🌱🌱 | LABEL_NO_RATE",
                "feed the plant every week | LABEL_NO_RATE",
                "0 ml per litre weekly | LABEL_ZERO",
                "5 ml per 0 litres weekly | LABEL_ZERO",
                "5-2 ml per litre weekly | LABEL_RANGE_REVERSED",
                "5 ml per litre every 7-5 weeks | LABEL_RANGE_REVERSED",
                "500 ml per litre weekly | LABEL_TOO_STRONG",
                "2 kg per 5 litres weekly | LABEL_TOO_STRONG",
                "5 ml per litre every 0 days | LABEL_RHYTHM_ODD",
                "5 ml per litre every 90 months | LABEL_RHYTHM_ODD",
                "1:0 weekly | LABEL_ZERO"
            })
    void nonsenseIsRefusedWithTheReason(String sentence, FaultCode code) {
        LabelReading reading = read(sentence, ProductForm.LIQUID);
        assertThat(reading.refusals()).extracting(Fault::code).contains(code);
        assertThat(reading.rate()).isEmpty();
        assertThat(reading.usable(true)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"5 ml/l weekly, never in full sun", "5 ml/l weekly 🌿", "5 ml/l weekly'; DROP TABLE feed; --"})
    void aWordThatIsNotUnderstoodBlocksUntilItIsSeen(String sentence) {
        LabelReading reading = read(sentence, ProductForm.LIQUID);
        assertThat(reading.hasUnknownWords()).isTrue();
        assertThat(reading.usable(false)).isFalse();
        assertThat(reading.usable(true)).isTrue();
    }

    /** A number that is not used may be the one that counts: told to matter, the sentence is refused. */
    @Test
    void aNumberThatMattersIsNotPassedOver() {
        String sentence = "5 ml per l weekly, not more than 3 times";
        assertThat(LabelReader.read(
                                sentence,
                                Product.of(ProductForm.LIQUID),
                                Map.of(Question.NUMBER_LEFT, Choice.NO_MATTER))
                        .usable(true))
                .isTrue();
        assertThat(LabelReader.read(
                                sentence, Product.of(ProductForm.LIQUID), Map.of(Question.NUMBER_LEFT, Choice.MATTERS))
                        .refusals())
                .extracting(Fault::code)
                .contains(FaultCode.LABEL_NUMBER_MATTERS);
    }

    @Test
    void tenThousandCharactersAreRefusedByLength() {
        LabelReading reading = read("5 ml/l weekly ".repeat(715), ProductForm.LIQUID);
        assertThat(reading.refusals())
                .singleElement()
                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.TOO_LONG));
    }

    /** Seeded: whatever is thrown at it, the reader answers, and its spans cover every character that is no blank. */
    @Test
    void everyCharacterIsAccountedForWhateverIsTyped() {
        Random random = new Random(7);
        String[] pieces = {
            "5",
            "2½",
            "1/3",
            "ml",
            "tsp",
            "per",
            "/",
            "gal",
            "every",
            "10",
            "days",
            "-",
            "–",
            ":",
            "%",
            "inches",
            "of",
            "pot",
            "weekly",
            "🪴",
            "ß",
            ",",
            ".",
            "1,500",
            "a",
            "half",
            "litre",
            "US",
            "fl",
            "oz",
            "with",
            "watering",
            "\u00a0"
        };
        for (int i = 0; i < 5000; i++) {
            StringBuilder sentence = new StringBuilder("x");
            for (int k = random.nextInt(12); k >= 0; k--) {
                sentence.append(random.nextInt(4) == 0 ? "" : " ").append(pieces[random.nextInt(pieces.length)]);
            }
            String text = sentence.toString();
            List<Span> spans = new ArrayList<>(read(text, ProductForm.DRY).spans());
            int at = 0;
            for (Span span : spans) {
                assertThat(text.substring(at, span.start()).replace('\u00a0', ' '))
                        .as(text)
                        .isBlank();
                at = span.end();
            }
            assertThat(text.substring(at).replace('\u00a0', ' ')).as(text).isBlank();
        }
    }

    @Test
    void theUnderstandingIsShownOnTheWordsThemselves() {
        String sentence = "Mix 1 teaspoon for every 4 inches of pot every 5–7 weeks";
        LabelReading reading = read(sentence, ProductForm.LIQUID);
        assertThat(words(sentence, reading, Role.IGNORED)).containsExactly("Mix");
        assertThat(words(sentence, reading, Role.AMOUNT)).containsExactly("1", "teaspoon");
        assertThat(words(sentence, reading, Role.PER_POT)).containsExactly("for", "every", "4", "inches", "of", "pot");
        assertThat(words(sentence, reading, Role.RHYTHM)).containsExactly("every", "5", "–", "7", "weeks");
    }

    private static List<String> words(String sentence, LabelReading reading, Role role) {
        return reading.spans().stream()
                .filter(s -> s.role() == role)
                .map(s -> sentence.substring(s.start(), s.end()))
                .toList();
    }

    @Test
    void theListOfIgnoredWordsIsPublishedInTheGuide() throws IOException {
        String guide = Files.readString(Path.of("../docs/guide/README.md"));
        String list = guide.split("<!-- ignored words: (begin|end) -->\\s*", -1)[1].strip();
        assertThat(list).isEqualTo(String.join(", ", LabelReader.ignoredWords()));
    }

    @Test
    void wordsThatLimitOrForbidAreNotOnTheIgnoreList() {
        assertThat(LabelReader.ignoredWords())
                .doesNotContain(
                        "not", "never", "up", "max", "maximum", "if", "when", "only", "less", "more", "until", "no")
                .hasSizeBetween(20, 60);
    }

    /** A ratio of 1:4 or 1+4 is a quarter off; whose gallon a fifth; weekly or fortnightly changes no dose. */
    @Test
    void whatChangesTheDoseMostIsAskedFirstAndNoMoreThanTwo() {
        assertThat(asked("1 T per gallon, biweekly")).containsExactly(Question.SPOON_LETTER, Question.WHICH_MEASURES);
        assertThat(asked("1 fl oz per pint, biweekly"))
                .contains(Question.BIWEEKLY)
                .hasSizeLessThanOrEqualTo(2);
        assertThat(asked("1 fl oz per litre weekly")).containsExactly(Question.WHICH_MEASURES);
        assertThat(asked("5 ml per litre weekly")).isEmpty();
    }

    private static List<Question> asked(String sentence) {
        LabelReading reading = LabelReader.read(sentence, Product.of(ProductForm.LIQUID), Map.of());
        return LabelReader.asked(reading, sentence, Product.of(ProductForm.LIQUID), Map.of());
    }
}
