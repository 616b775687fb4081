package evencistern.label;

import evencistern.table.DataFile;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The words a label sentence is read with. */
final class Vocabulary {
    /** A unit as written, before it is known whose gallon or spoon it is. */
    enum Written {
        GRAM,
        KILOGRAM,
        MILLIGRAM,
        POUND,
        OUNCE,
        MILLILITRE,
        LITRE,
        DROP,
        TEASPOON,
        TABLESPOON,
        CUP,
        FLUID_OUNCE,
        PINT,
        QUART,
        GALLON,
        INCH,
        FOOT,
        METRE,
        CENTIMETRE,
        MILLIMETRE,
        SQUARE_METRE,
        SQUARE_FOOT,
        SQUARE_YARD,
        /** A cap, scoop or handful of the product's own, whose size no label tells. */
        OWN
    }

    static final Map<String, Written> UNITS = Map.ofEntries(
            Map.entry("g", Written.GRAM),
            Map.entry("gm", Written.GRAM),
            Map.entry("gram", Written.GRAM),
            Map.entry("grams", Written.GRAM),
            Map.entry("kg", Written.KILOGRAM),
            Map.entry("mg", Written.MILLIGRAM),
            Map.entry("lb", Written.POUND),
            Map.entry("lbs", Written.POUND),
            Map.entry("pound", Written.POUND),
            Map.entry("pounds", Written.POUND),
            Map.entry("oz", Written.OUNCE),
            Map.entry("ounce", Written.OUNCE),
            Map.entry("ounces", Written.OUNCE),
            Map.entry("ml", Written.MILLILITRE),
            Map.entry("cc", Written.MILLILITRE),
            Map.entry("mls", Written.MILLILITRE),
            Map.entry("millilitre", Written.MILLILITRE),
            Map.entry("millilitres", Written.MILLILITRE),
            Map.entry("milliliter", Written.MILLILITRE),
            Map.entry("milliliters", Written.MILLILITRE),
            Map.entry("l", Written.LITRE),
            Map.entry("ltr", Written.LITRE),
            Map.entry("ltrs", Written.LITRE),
            Map.entry("litre", Written.LITRE),
            Map.entry("litres", Written.LITRE),
            Map.entry("liter", Written.LITRE),
            Map.entry("liters", Written.LITRE),
            Map.entry("drop", Written.DROP),
            Map.entry("drops", Written.DROP),
            Map.entry("tsp", Written.TEASPOON),
            Map.entry("tsps", Written.TEASPOON),
            Map.entry("teaspoon", Written.TEASPOON),
            Map.entry("teaspoons", Written.TEASPOON),
            Map.entry("teaspoonful", Written.TEASPOON),
            Map.entry("teaspoonfuls", Written.TEASPOON),
            Map.entry("tbsp", Written.TABLESPOON),
            Map.entry("tbs", Written.TABLESPOON),
            Map.entry("tablespoon", Written.TABLESPOON),
            Map.entry("tablespoons", Written.TABLESPOON),
            Map.entry("tbl", Written.TABLESPOON),
            Map.entry("tablespoonful", Written.TABLESPOON),
            Map.entry("tablespoonfuls", Written.TABLESPOON),
            Map.entry("cup", Written.CUP),
            Map.entry("cups", Written.CUP),
            Map.entry("floz", Written.FLUID_OUNCE),
            Map.entry("pint", Written.PINT),
            Map.entry("pints", Written.PINT),
            Map.entry("pt", Written.PINT),
            Map.entry("quart", Written.QUART),
            Map.entry("qts", Written.QUART),
            Map.entry("quarts", Written.QUART),
            Map.entry("qt", Written.QUART),
            Map.entry("gal", Written.GALLON),
            Map.entry("gals", Written.GALLON),
            Map.entry("gallon", Written.GALLON),
            Map.entry("gallons", Written.GALLON),
            Map.entry("in", Written.INCH),
            Map.entry("inch", Written.INCH),
            Map.entry("inches", Written.INCH),
            Map.entry("ft", Written.FOOT),
            Map.entry("foot", Written.FOOT),
            Map.entry("feet", Written.FOOT),
            Map.entry("metre", Written.METRE),
            Map.entry("metres", Written.METRE),
            Map.entry("meter", Written.METRE),
            Map.entry("meters", Written.METRE),
            Map.entry("cm", Written.CENTIMETRE),
            Map.entry("mm", Written.MILLIMETRE),
            Map.entry("cap", Written.OWN),
            Map.entry("caps", Written.OWN),
            Map.entry("capful", Written.OWN),
            Map.entry("capfuls", Written.OWN),
            Map.entry("scoop", Written.OWN),
            Map.entry("scoops", Written.OWN),
            Map.entry("scoopful", Written.OWN),
            Map.entry("scoopfuls", Written.OWN),
            Map.entry("handful", Written.OWN),
            Map.entry("handfuls", Written.OWN),
            Map.entry("glug", Written.OWN),
            Map.entry("glugs", Written.OWN));

    /** Units that a "square" makes areas of. */
    static final Map<String, Written> SQUARES = Map.ofEntries(
            Map.entry("m", Written.SQUARE_METRE),
            Map.entry("metre", Written.SQUARE_METRE),
            Map.entry("metres", Written.SQUARE_METRE),
            Map.entry("meter", Written.SQUARE_METRE),
            Map.entry("meters", Written.SQUARE_METRE),
            Map.entry("ft", Written.SQUARE_FOOT),
            Map.entry("foot", Written.SQUARE_FOOT),
            Map.entry("feet", Written.SQUARE_FOOT),
            Map.entry("yd", Written.SQUARE_YARD),
            Map.entry("yard", Written.SQUARE_YARD),
            Map.entry("yards", Written.SQUARE_YARD));

    static final Map<String, Double> NUMBERS = Map.ofEntries(
            Map.entry("zero", 0.0),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0),
            Map.entry("eleven", 11.0),
            Map.entry("twelve", 12.0),
            Map.entry("fourteen", 14.0),
            Map.entry("fifteen", 15.0),
            Map.entry("twenty", 20.0),
            Map.entry("thirty", 30.0),
            Map.entry("fifty", 50.0),
            Map.entry("hundred", 100.0),
            Map.entry("half", 0.5),
            Map.entry("quarter", 0.25));

    /** Days in a period, whole: a month counts 30. */
    static final Map<String, Integer> PERIODS = Map.ofEntries(
            Map.entry("day", 1),
            Map.entry("days", 1),
            Map.entry("week", 7),
            Map.entry("weeks", 7),
            Map.entry("wk", 7),
            Map.entry("wks", 7),
            Map.entry("fortnight", 14),
            Map.entry("month", 30),
            Map.entry("months", 30),
            Map.entry("year", 365),
            Map.entry("years", 365));

    static final Map<String, Integer> ADVERBS = Map.of(
            "daily", 1, "weekly", 7, "wkly", 7, "fortnightly", 14, "monthly", 30, "quarterly", 90, "yearly", 365);

    static final Map<String, Boolean> HEAPED = Map.of("level", false, "heaped", true, "heaping", true, "rounded", true);

    /** What calls an amount the product itself, or a solution of it. */
    static final Map<String, Question.Choice> STRENGTHS = Map.of(
            "product", Question.Choice.NEAT,
            "concentrate", Question.Choice.NEAT,
            "undiluted", Question.Choice.NEAT,
            "neat", Question.Choice.NEAT,
            "solution", Question.Choice.MADE_UP,
            "mixture", Question.Choice.MADE_UP,
            "diluted", Question.Choice.MADE_UP);

    /** What puts a feed on the leaves. */
    static final Set<String> AT_LEAVES = Set.of(
            "foliar", "spray", "sprays", "sprayed", "spraying", "mist", "misted", "misting", "leaves", "foliage");
    /** What does so only with a feed or a spray after it: a "leaf feed", but no "leaf mould". */
    static final Set<String> LEAVES_WITH = Set.of("leaf");

    static final Set<String> FEEDING = Set.of("feed", "feeds", "feeding", "fertilizer", "fertiliser", "application");
    /** What puts it at the roots. */
    static final Set<String> AT_ROOTS =
            Set.of("drench", "drenches", "drenching", "root", "roots", "soil", "watering", "waterings", "pour");

    static final Set<String> DENYING = Set.of("not", "never", "no", "avoid", "off", "without");

    static final Set<String> PER = Set.of("per", "/", "to", "for", "in", "into", "on");
    static final Set<String> EACH = Set.of("every", "each");
    static final Set<String> POT = Set.of("pot", "pots", "container", "containers");
    static final Set<String> MIX = Set.of("mix", "compost", "soil", "medium", "media", "substrate");
    static final Set<String> WIDTH = Set.of("diameter", "width", "size", "across", "wide");
    static final Set<String> PLANT = Set.of("plant", "tree", "shrub", "bush", "vine");
    /** What leads from the stock to the injector's setting. */
    static final Set<String> INJECTING = Set.of(
            ",", "at", "to", "a", "an", "through", "via", "by", "with", "injected", "set", "injector", "proportioner");

    static final Set<String> SEASONS = Set.of("spring", "summer", "autumn", "fall", "midsummer");
    /** What a label waits for: "after flowering". */
    static final Set<String> EVENTS = Set.of("flowering", "fruiting", "harvest", "bloom", "blooming", "pruning");

    static final Set<String> WATERING = Set.of("watering", "waterings", "irrigation");

    static final Set<String> IGNORED = words("ignored-words.txt");

    /** Words that uses on a label are called by. */
    static final Set<String> USES = words("use-words.txt");

    static final Set<String> PUNCTUATION = Set.of(".", ",", ";", ":", "(", ")", "!");

    private Vocabulary() {}

    private static Set<String> words(String file) {
        return DataFile.lines(Vocabulary.class, file).stream()
                .map(String::strip)
                .filter(w -> !w.isEmpty() && !w.startsWith("#"))
                .collect(Collectors.toUnmodifiableSet());
    }
}
