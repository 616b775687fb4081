package evencistern.label;

import evencistern.fault.Fault;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a label's sentence was understood.
 *
 * @param uses names of the uses that the label tells of, as it calls them; one where it tells of one
 * @param spans every part of the sentence with its role, in order; together with blanks they cover it
 * @param rate the dose, absent while a question is open or the sentence is refused
 * @param rhythm how often, absent likewise
 * @param poured how much of the made-up feed the label pours, mL for a plant, a m², or a litre of mix; empty where it does not say
 * @param method how it is given, where there is a dose, and where it is for the leaves
 * @param terms the seasons, shares and rarer months it is meant on
 * @param between whether there are two uses, of which a strength between may be chosen
 * @param readings where the sentence can be read in two ways, what each comes to,
 * @param questions what the sentence leaves open, with the answer given so far, if any
 * @param assumptions what was taken as meant where it hardly matters
 * @param refusals why the sentence cannot be used as it stands
 */
public record LabelReading(
        List<String> uses,
        List<Span> spans,
        Optional<Rate> rate,
        Optional<Rhythm> rhythm,
        Optional<Rate> poured,
        Optional<HowGiven> method,
        Terms terms,
        boolean between,
        List<Way> readings,
        Map<Question, Optional<Question.Choice>> questions,
        Set<Assumption> assumptions,
        List<Fault> refusals) {

    public LabelReading {
        uses = List.copyOf(uses);
        spans = List.copyOf(spans);
        readings = List.copyOf(readings);
        questions = Map.copyOf(questions);
        assumptions = assumptions.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(assumptions));
        refusals = List.copyOf(refusals);
    }

    /** What part a stretch of the sentence plays. */
    public enum Role {
        AMOUNT,
        PER_WATER,
        PER_POT,
        PER_MIX,
        PER_PLANT,
        PER_AREA,
        PER_HEIGHT,
        USE,
        RHYTHM,
        /** A season, an end, a limit: kept and shown, for a person to keep to. */
        NOTED,
        IGNORED,
        UNKNOWN
    }

    /** Taken as meant, because the difference is small; always shown. */
    public enum Assumption {
        RATIO_IN_TOTAL,
        DRY_RATIO_BY_WEIGHT,
        HEAPED_IS_HALF_MORE,
        SPOON_IS_LEVEL,
        OUNCE_OF_LIQUID_IS_FLUID,
        MONTH_IS_30_DAYS,
        SEASONS_SHARE_THE_YEAR,
        /** The label's own limit is lower than its dose, or further apart than its rhythm. */
        LIMIT_KEPT
    }

    /** One of the ways to read a sentence. */
    public record Way(Rate rate, Rhythm rhythm) {}

    /** A stretch of the sentence, {@code start} inclusive to {@code end} exclusive. */
    public record Span(int start, int end, Role role) {}

    public boolean hasUnknownWords() {
        return spans.stream().anyMatch(s -> s.role() == Role.UNKNOWN);
    }

    public boolean hasOpenQuestions() {
        return questions.values().stream().anyMatch(Optional::isEmpty);
    }

    /**
     * Whether a dose may be computed from it.
     *
     * @param wordsSeen the person has ticked the words not understood
     */
    public boolean usable(boolean wordsSeen) {
        return rate.isPresent()
                && rhythm.isPresent()
                && refusals.isEmpty()
                && !hasOpenQuestions()
                && (wordsSeen || !hasUnknownWords());
    }
}
