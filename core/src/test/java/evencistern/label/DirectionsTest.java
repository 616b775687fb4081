package evencistern.label;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.fault.Faults;
import evencistern.label.Question.Choice;
import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Sentences as labels have them, each with what it means in units that need no asking, written by hand before the grammar was.
 * The files hold {@code form | sentence | meaning}; a third was kept out while the grammar grew.
 */
class DirectionsTest {
    private enum Result {
        RIGHT,
        ASKED_RIGHTLY,
        ASKED_NEEDLESSLY,
        REFUSED,
        WRONG
    }

    private record Line(String form, String sentence, String meaning) {
        ProductForm product() {
            return form.startsWith("d") ? ProductForm.DRY : ProductForm.LIQUID;
        }

        Map<Question, Choice> known() {
            return form.endsWith(".us")
                    ? Map.of(Question.WHICH_MEASURES, Choice.US)
                    : form.endsWith(".gb") ? Map.of(Question.WHICH_MEASURES, Choice.IMPERIAL) : Map.of();
        }

        boolean us() {
            return form.endsWith(".us");
        }
    }

    private static List<Line> lines(String file) {
        return DataFile.lines(DirectionsTest.class, file).stream()
                .filter(l -> !l.startsWith("#") && !l.isBlank())
                .map(l -> l.split("\\|", 3))
                .map(c -> new Line(c[0], c[1], c[2]))
                .toList();
    }

    // [NIST811] appendix B; imperial gallon 4.54609 L; spoons of the kitchen
    private static double ml(String unit, boolean us) {
        return switch (unit) {
            case "mL" -> 1;
            case "L" -> 1000;
            case "tsp" -> us ? 4.92892 : 5;
            case "tbsp" -> us ? 14.7868 : 15;
            case "floz" -> us ? 29.5735 : 28.4131;
            case "cup" -> us ? 236.588 : 250;
            case "pt" -> us ? 473.176 : 568.261;
            case "qt" -> us ? 946.353 : 1136.52;
            case "gal" -> us ? 3785.41 : 4546.09;
            default -> Double.NaN;
        };
    }

    private static double grams(String unit) {
        return switch (unit) {
            case "g" -> 1;
            case "kg" -> 1000;
            case "oz" -> 28.3495;
            case "lb" -> 453.592;
            default -> Double.NaN;
        };
    }

    private static final Pattern DOSE = Pattern.compile(
            "([\\d.]+?)(?:\\.\\.([\\d.]+))? (mL|L|g|kg|oz|lb|tsp|tbsp|floz|cup|pt|qt|gal)/(?:([\\d.]+) ?)?(.+)");

    /** Whether a rate is what the meaning says, within 2 %. */
    private static boolean same(Rate rate, String dose, boolean us) {
        Matcher m = DOSE.matcher(dose);
        assertThat(m.matches()).as(dose).isTrue();
        double min = Double.parseDouble(m.group(1));
        double max = m.group(2) == null ? min : Double.parseDouble(m.group(2));
        String unit = m.group(3);
        boolean mass = !Double.isNaN(grams(unit));
        double each = mass ? grams(unit) : ml(unit, us);
        double count = m.group(4) == null ? 1 : Double.parseDouble(m.group(4));
        String per = m.group(5);
        Class<?> type = switch (per) {
            case "Lmix" -> Rate.PerMix.class;
            case "plant" -> Rate.PerPlant.class;
            case "m2" -> Rate.PerArea.class;
            case "in pot", "cm pot" -> Rate.PerPotWidth.class;
            case "ft high", "m high" -> Rate.PerHeight.class;
            default -> rate instanceof Rate.PerSpray ? Rate.PerSpray.class : Rate.PerWater.class;
        };
        double of = switch (per) {
            case "Lmix", "plant", "m2", "m high" -> count;
            case "in pot", "cm pot" -> 1;
            case "ft high" -> count * 0.3048;
            default -> count * ml(per, us) / 1000;
        };
        assertThat(of).as(dose).isFinite();
        boolean width = !(rate instanceof Rate.PerPotWidth w)
                || near(w.widthM(), count * (per.startsWith("in") ? 0.0254 : 0.01));
        return rate.getClass() == type
                && width
                && (rate.measure() == Measure.GRAMS) == mass
                && near(rate.min(), min * each / of)
                && near(rate.max(), max * each / of);
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= 0.02 * Math.abs(b);
    }

    private static boolean same(Rhythm rhythm, String often) {
        if (often.startsWith("water")) {
            int each = often.equals("water") ? 1 : Integer.parseInt(often.substring("water/".length()));
            return rhythm.equals(new Rhythm.EveryWatering(each));
        }
        if (often.equals("once")) {
            return rhythm instanceof Rhythm.Once || (rhythm instanceof Rhythm.EveryDays d && d.max() >= 365);
        }
        Matcher m = Pattern.compile("(\\d+)(?:\\.\\.(\\d+))?d").matcher(often);
        if (!m.matches() || !(rhythm instanceof Rhythm.EveryDays d)) {
            return false;
        }
        int min = Integer.parseInt(m.group(1));
        int max = m.group(2) == null ? min : Integer.parseInt(m.group(2));
        return (d.min() == min && d.max() == max) || (max >= 120 && d.min() <= min && d.max() >= max);
    }

    private static Result result(Line line) {
        LabelReading asked = LabelReader.read(line.sentence(), Product.of(line.product()), line.known());
        Set<Question> open = EnumSet.noneOf(Question.class);
        asked.questions().forEach((q, a) -> {
            if (a.isEmpty()) {
                open.add(q);
            }
        });
        String[] uses = line.meaning().split(" \\|\\| ", -1);
        boolean mayAsk = line.meaning().startsWith("asks") || line.meaning().matches(".*; (once|need)\\b.*");
        if (line.meaning().equals("no")) {
            return asked.rate().isEmpty() || asked.rhythm().isEmpty() ? Result.RIGHT : Result.WRONG;
        }
        if (line.meaning().startsWith("asks")) {
            return asked.usable(false) ? Result.WRONG : Result.ASKED_RIGHTLY;
        }
        Result worst = Result.RIGHT;
        for (int i = 0; i < uses.length; i++) {
            Map<Question, Choice> answers = new EnumMap<>(Question.class);
            answers.putAll(line.known());
            if (uses.length > 1) {
                answers.put(Question.WHICH_USE, Question.WHICH_USE.choices().get(i));
            }
            LabelReading one = LabelReader.read(line.sentence(), Product.of(line.product()), answers);
            String meaning = uses.length > 1 ? uses[i].substring(uses[i].indexOf(": ") + 2) : uses[i];
            boolean leaves = uses.length > 1 && uses[i].matches("(foliar|leaf:|leaves|mist|spray).*");
            Result here = result(one, leaves ? meaning + "; foliar" : meaning, line.us(), mayAsk);
            boolean named = uses.length == 1
                    || (one.uses().size() == uses.length
                            && one.uses()
                                    .get(i)
                                    .toLowerCase(Locale.ROOT)
                                    .equals(uses[i].substring(0, uses[i].indexOf(": "))));
            here = here == Result.RIGHT && !named ? Result.ASKED_NEEDLESSLY : here;
            worst = here.compareTo(worst) > 0 ? here : worst;
        }
        return worst;
    }

    private static Result result(LabelReading read, String meaning, boolean us, boolean mayAsk) {
        List<String> parts = new ArrayList<>(List.of(meaning.split("; ")));
        String dose = parts.remove(0);
        boolean foliar = parts.contains("foliar") || meaning.contains("foliar");
        if (read.rate().isEmpty() || read.rhythm().isEmpty()) {
            boolean open = read.questions().values().stream().anyMatch(Optional::isEmpty);
            return open && read.refusals().isEmpty()
                    ? mayAsk ? Result.ASKED_RIGHTLY : Result.ASKED_NEEDLESSLY
                    : Result.REFUSED;
        }
        boolean right =
                same(read.rate().get(), dose, us) && foliar == (read.rate().get() instanceof Rate.PerSpray);
        for (String part : parts) {
            if (part.startsWith("pour ")) {
                right &= read.poured().isPresent() && same(read.poured().get(), part.substring(5), us);
            } else if (part.matches("[\\d.]+d|water(/\\d)?|once")) {
                right &= same(read.rhythm().get(), part);
            }
        }
        return right ? Result.RIGHT : Result.WRONG;
    }

    private static Map<Result, List<String>> results(String file) {
        Map<Result, List<String>> all = new EnumMap<>(Result.class);
        for (Line line : lines(file)) {
            all.computeIfAbsent(result(line), r -> new ArrayList<>()).add(line.sentence() + " | " + line.meaning());
        }
        return all;
    }

    /** Right, or asked where a careful person would ask; nothing wrong; of what need not be asked, most is not. */
    @ParameterizedTest
    @ValueSource(strings = {"directions.txt", "directions-kept-out.txt", "directions-later.txt"})
    void directionsAreReadAsTheyAreMeant(String file) {
        Map<Result, List<String>> all = results(file);
        int lines = lines(file).size();
        SoftAssertions soft = new SoftAssertions();
        soft.assertThat(all.getOrDefault(Result.WRONG, List.of())).isEmpty();
        List<String> missed = new ArrayList<>(all.getOrDefault(Result.REFUSED, List.of()));
        missed.addAll(all.getOrDefault(Result.ASKED_NEEDLESSLY, List.of()));
        soft.assertThat(missed).as("not understood").hasSizeLessThanOrEqualTo(lines * 3 / 100);
        soft.assertAll();
    }

    private static LabelReading read(Line line, String sentence) {
        return LabelReader.read(sentence, Product.of(line.product()), line.known());
    }

    private static List<Line> everyLine() {
        return Stream.of("directions.txt", "directions-kept-out.txt", "directions-later.txt")
                .flatMap(f -> lines(f).stream())
                .toList();
    }

    /** As five people would write a rate down, without how often. */
    private static List<String> styles(Rate rate) {
        String unit = rate.measure() == Measure.GRAMS ? "g" : "ml";
        Function<Double, String> much = times -> {
            String min = Faults.plain(rate.min() * times);
            return (rate.max() > rate.min() ? min + "-" + Faults.plain(rate.max() * times) : min) + " " + unit;
        };
        if (rate instanceof Rate.PerMix) {
            String kilograms = much.apply(1.0).replace(" g", " kg").replace(" ml", " litres of product");
            return List.of(
                    much.apply(1.0) + " of product per litre of mix",
                    kilograms + " per m³ of substrate",
                    "Mix " + much.apply(10.0) + " of product into each 10 litres of compost",
                    much.apply(1.0) + " of product / l of potting mix",
                    much.apply(5.0) + " of product for 5 l of soil");
        }
        if (rate instanceof Rate.PerPotWidth w) {
            String width = Faults.plain(w.widthM() * 100) + " cm";
            return List.of(
                    much.apply(1.0) + " of product per " + width + " pot",
                    "For a " + width + " pot: " + much.apply(1.0) + " of product",
                    "Give " + much.apply(1.0) + " of product for a pot of " + width,
                    width + " pot: " + much.apply(1.0) + " of product",
                    much.apply(1.0) + " of product for each " + width + " of pot diameter");
        }
        if (rate instanceof Rate.PerPlant) {
            return List.of(
                    much.apply(1.0) + " of product per plant in pots",
                    much.apply(1.0) + " of product for each pot",
                    "Give every pot " + much.apply(1.0) + " of product",
                    much.apply(1.0) + " of product a pot",
                    "Per pot: " + much.apply(1.0) + " of product");
        }
        if (rate instanceof Rate.PerArea) {
            return List.of(
                    much.apply(1.0) + " of product per square metre",
                    much.apply(1.0) + " of product/m²",
                    much.apply(10.0) + " of product per 10 sq m",
                    much.apply(1.0) + " of product m-2",
                    "Per square metre: " + much.apply(1.0) + " of product");
        }
        if (rate instanceof Rate.PerHeight) {
            return List.of(
                    much.apply(1.0) + " of product per metre of height",
                    much.apply(1.0) + " of product for each metre of height",
                    much.apply(2.0) + " of product per 2 metres of height",
                    much.apply(0.5) + " of product per 50 cm of height",
                    much.apply(1.0) + " of product per 100 cm of plant height");
        }
        return List.of(
                much.apply(1.0) + "/l",
                "Dissolve " + much.apply(10.0) + " in 10 litres of water",
                "Per 5 litres of water: " + much.apply(5.0),
                much.apply(3.78541) + " per US gallon",
                "Add " + much.apply(100.0) + " of product to 100 ltr of rain water");
    }

    private static List<String> styles(Rhythm rhythm) {
        if (rhythm instanceof Rhythm.EveryDays d) {
            String days = d.max() > d.min() ? d.min() + " to " + d.max() : Integer.toString(d.min());
            return d.max() == 1
                    ? List.of("daily", "every day", "once a day", "each day", "daily")
                    : List.of(
                            "every " + days + " days",
                            "once every " + days + " days",
                            "repeat every " + days + " days",
                            "at intervals of " + days + " days",
                            "each " + days + " days");
        }
        if (rhythm instanceof Rhythm.Once) {
            return List.of("once at potting", "at potting", "once", "once only", "when repotting");
        }
        int each = ((Rhythm.EveryWatering) rhythm).each();
        if (each > 1) {
            return List.of(
                    "with every " + each + " waterings",
                    "every " + each + " waterings",
                    "at every " + each + " irrigations",
                    "with each " + each + " waterings",
                    "in every " + each + " waterings");
        }
        return List.of(
                "with every watering",
                "at each watering",
                "every time you water",
                "at every irrigation",
                "each watering");
    }

    /** What was understood is written out as others write, and reads back as the same. */
    @Test
    void aDoseWrittenOutInFiveStylesReadsBackTheSame() {
        List<String> others = new ArrayList<>();
        int tried = 0;
        for (Line line : everyLine()) {
            LabelReading meant = read(line, line.sentence());
            if (!meant.usable(false)) {
                continue;
            }
            for (int i = 0; i < 5; i++) {
                tried++;
                boolean leaves = meant.rate().get() instanceof Rate.PerSpray;
                String written = (leaves ? "Foliar: " : "")
                        + styles(meant.rate().get()).get(i) + ", "
                        + styles(meant.rhythm().get()).get(i) + ".";
                LabelReading back = read(line, written);
                if (!back.usable(false) || !LabelReader.alike(meant, back)) {
                    others.add(written + " | from " + line.sentence() + " | " + back.rate() + back.rhythm());
                }
            }
        }
        assertThat(tried).isGreaterThan(1500);
        assertThat(others).isEmpty();
    }

    private static final Set<String> JOINING =
            Set.of("solution", "to", "and", "of", "(", ")", "per", "for", "in", "every", "-");

    /** Before these a number makes another sentence that is as good. */
    private static final Set<String> COUNTED = Set.of(
            "vol",
            "mass",
            "own",
            "len",
            "area",
            "period",
            "plant",
            "pot",
            "plantword",
            "month",
            "water",
            "use",
            "whose");

    /** Whether a word of that category begins so: "cubic", of "cubic foot". */
    private static boolean begins(Token t, String category) {
        return Lexicon.at(List.of(t), 0).stream().anyMatch(e -> e.category().equals(category));
    }

    /** A word that joins or a unit left out, a number or a unit put in: the dose stays as it was, or it is not taken without a word. */
    @Test
    void aSlipOfThePenNeverChangesADoseUnmarked() {
        List<String> slipped = new ArrayList<>();
        int tried = 0;
        for (Line line : everyLine()) {
            LabelReading meant = read(line, line.sentence());
            if (!meant.usable(false)) {
                continue;
            }
            List<Token> tokens = Token.of(line.sentence());
            List<String> slips = new ArrayList<>();
            for (Token t : tokens) {
                String before = line.sentence().substring(0, t.start());
                String after = line.sentence().substring(t.end());
                if (JOINING.contains(t.text())
                        || Lexicon.is(List.of(t), 0, "vol")
                        || Lexicon.is(List.of(t), 0, "mass")) {
                    slips.add(before + " " + after);
                }
                if (t.kind() == Token.Kind.WORD) {
                    slips.add(before + " ml " + t.text() + after);
                }
                if (t.kind() == Token.Kind.WORD && COUNTED.stream().noneMatch(c -> begins(t, c))) {
                    slips.add(before + " 7 " + t.text() + after);
                }
            }
            for (String slip : slips) {
                tried++;
                LabelReading now = read(line, slip);
                // "4 g per litre pot" without its litre is as good a sentence
                if (now.usable(false) && !LabelReader.alike(meant, now) && !slip.matches(".*per +pot.*")) {
                    slipped.add(slip + " | was " + line.sentence() + " | "
                            + now.rate().get() + now.rhythm().get());
                }
            }
        }
        assertThat(tried).isGreaterThan(1500);
        assertThat(slipped).isEmpty();
    }

    /** However its words are ticked off, and whichever use is chosen: it would be many times too strong for a plant. */
    @ParameterizedTest
    @ValueSource(
            strings = {"Stock: 50 g per litre, weekly.", "Stock: 50 g per litre. Seedlings: 1 g per litre weekly."})
    void aStockThatNothingThinsIsNoDose(String label) {
        assertThat(LabelReader.read(
                                label,
                                Product.of(ProductForm.DRY),
                                Map.of(
                                        Question.WHICH_USE,
                                        Choice.USE_1,
                                        Question.WHICH_MEASURES,
                                        Choice.US,
                                        Question.PAIRED,
                                        Choice.TOGETHER))
                        .rate())
                .isEmpty();
    }

    /** Twice the sentence, about twice the work. */
    @Test
    void theWorkGrowsWithTheLengthOfTheSentence() {
        String sentence =
                "Mix 1 1/2 level teaspoons (7.5 ml) per half gallon of water every 10 to 14 days from March to September. ";
        Chart once = new Chart(Token.of(sentence.repeat(4)));
        Chart twice = new Chart(Token.of(sentence.repeat(8)));
        Cover.of(once, Token.of(sentence.repeat(4)), Lexicon.PLAIN);
        Cover.of(twice, Token.of(sentence.repeat(8)), Lexicon.PLAIN);
        assertThat(twice.steps()).isLessThan((int) (2.2 * once.steps()));
    }
}
