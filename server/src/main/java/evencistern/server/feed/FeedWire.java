package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.ProductForm;
import evencistern.label.Question;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A feed as it goes over the wire, its label's sentence as typed with the answers given to what it left open. */
public record FeedWire(
        UUID id,
        String name,
        double n,
        double p2o5,
        double k2o,
        Form form,
        @Nullable Double density,
        @Nullable Double ecFactor,
        String label,
        List<Answer> answers,
        boolean wordsSeen,
        @Nullable Map<String, Typed> typed,
        int version,
        boolean retired)
        implements Owned {

    /** Dry or liquid. */
    public enum Form {
        dry,
        liquid;

        public ProductForm toForm() {
            return ProductForm.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /** What a person answered to a question that the label leaves open. */
    public record Answer(Question question, Question.Choice choice) {
        static Map<Question, Question.Choice> byQuestion(List<Answer> answers) {
            Map<Question, Question.Choice> map = new EnumMap<>(Question.class);
            answers.forEach(a -> map.put(a.question(), a.choice()));
            return map;
        }
    }

    /** How this label's sentence reads with these answers. */
    public static LabelReading read(String label, Form form, List<Answer> answers) {
        return LabelReader.read(label, form.toForm(), Answer.byQuestion(answers));
    }

    /** The feed for the rules; a label that is not settled is refused with every reason. */
    public Feed toFeed() {
        Faults faults = new Faults();
        Optional<Analysis> analysis = faults.attempt(() -> new Analysis(n, p2o5, k2o));
        LabelReading reading = read(label, form, answers);
        reading.refusals().forEach(faults::add);
        if (reading.hasOpenQuestions()) {
            faults.add(FaultCode.LABEL_QUESTION_OPEN, "label", "");
        }
        if (reading.hasUnknownWords() && !wordsSeen) {
            faults.add(Fault.of(FaultCode.LABEL_WORDS_OPEN, "label", unknownWords(reading)));
        }
        faults.throwIfAny();
        Rate rate = reading.rate().orElseThrow();
        Rhythm rhythm = reading.rhythm().orElseThrow();
        return new Feed(
                analysis.orElseThrow(),
                form.toForm(),
                density == null ? OptionalDouble.empty() : OptionalDouble.of(density),
                ecFactor == null ? OptionalDouble.empty() : OptionalDouble.of(ecFactor),
                rate,
                rhythm);
    }

    private String unknownWords(LabelReading reading) {
        return String.join(
                " ",
                reading.spans().stream()
                        .filter(s -> s.role() == LabelReading.Role.UNKNOWN)
                        .map(s -> label.substring(s.start(), s.end()))
                        .toList());
    }
}
