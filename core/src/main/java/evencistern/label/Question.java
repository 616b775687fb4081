package evencistern.label;

import java.util.List;

/** What a label leaves open and a person must settle, with the answers to choose from. */
public enum Question {
    /** On a label with several uses. */
    WHICH_USE(
            Choice.USE_1,
            Choice.USE_2,
            Choice.USE_3,
            Choice.USE_4,
            Choice.USE_5,
            Choice.USE_6,
            Choice.USE_7,
            Choice.USE_8,
            Choice.BETWEEN),
    WHICH_MEASURES(Choice.US, Choice.IMPERIAL),
    WHICH_TABLESPOON(Choice.ML_15, Choice.ML_20),
    /** A spoon written as one letter. */
    SPOON_LETTER(Choice.TEASPOON, Choice.TABLESPOON),
    SPOON_LEVEL(Choice.LEVEL, Choice.HEAPED),
    OUNCE_KIND(Choice.WEIGHT, Choice.FLUID),
    RATIO_KIND(Choice.IN_TOTAL, Choice.PLUS_WATER),
    BIWEEKLY(Choice.TWICE_A_WEEK, Choice.EVERY_TWO_WEEKS),
    /** A liquid put on a plant, a pot or a bed: the product itself, or what was made with it. */
    LIQUID_STRENGTH(Choice.NEAT, Choice.MADE_UP),
    /** So much a plant that it is plainly meant for open ground, unless the label says pots. */
    POT_OR_GROUND(Choice.IN_POTS, Choice.IN_GROUND),
    /** The sentence can be read in two ways that give different doses. */
    READING(Choice.READING_1, Choice.READING_2),
    /** What stands in brackets is not the same as what stands before. */
    BRACKET(Choice.FIRST, Choice.SECOND),
    /** A pot sold by the gallon holds less than one. */
    TRADE_POT(Choice.TRUE_SIZE, Choice.TRADE_SIZE),
    /** So much for a weight of mix: what such a mix weighs. */
    MIX_WEIGHT(Choice.LIGHT_MIX, Choice.LOAM),
    /** A stock that is weak already: whether it is thinned once more. */
    AFTER_INJECTOR(Choice.INJECTED, Choice.NOT_INJECTED),
    /** The label does not say how often, or not in days. */
    HOW_OFTEN(
            Choice.EVERY_WATERING,
            Choice.WEEKLY,
            Choice.FORTNIGHTLY,
            Choice.MONTHLY,
            Choice.QUARTERLY,
            Choice.HALF_YEARLY,
            Choice.YEARLY,
            Choice.ONCE),
    /** An amount and a volume of which the sentence does not plainly say that they belong together. */
    PAIRED(Choice.TOGETHER, Choice.APART),
    /** So many ppm, of which the label does not say of what. */
    PPM_OF(Choice.OF_NITROGEN, Choice.OF_ALL),
    /** A number stands in the sentence that the dose and the rhythm did not use. */
    NUMBER_LEFT(Choice.NO_MATTER, Choice.MATTERS);

    @SuppressWarnings("ImmutableEnumChecker") // made by List.of
    private final List<Choice> choices;

    Question(Choice... choices) {
        this.choices = List.of(choices);
    }

    public List<Choice> choices() {
        return choices;
    }

    /** The answers to all questions. */
    public enum Choice {
        USE_1,
        USE_2,
        USE_3,
        USE_4,
        USE_5,
        USE_6,
        USE_7,
        USE_8,
        US,
        IMPERIAL,
        TEASPOON,
        TABLESPOON,
        ML_15,
        ML_20,
        LEVEL,
        HEAPED,
        WEIGHT,
        FLUID,
        IN_TOTAL,
        PLUS_WATER,
        TWICE_A_WEEK,
        EVERY_TWO_WEEKS,
        NEAT,
        MADE_UP,
        IN_POTS,
        IN_GROUND,
        NO_MATTER,
        MATTERS,
        READING_1,
        READING_2,
        FIRST,
        SECOND,
        TRUE_SIZE,
        TRADE_SIZE,
        LIGHT_MIX,
        LOAM,
        INJECTED,
        NOT_INJECTED,
        EVERY_WATERING,
        WEEKLY,
        FORTNIGHTLY,
        MONTHLY,
        QUARTERLY,
        HALF_YEARLY,
        YEARLY,
        ONCE,
        OF_NITROGEN,
        OF_ALL,
        BETWEEN,
        TOGETHER,
        APART
    }
}
