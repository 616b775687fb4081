package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.PastedLabel;
import evencistern.label.InWords;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.Question;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.server.dose.CareWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to what is being typed: the whole input is in the body, nothing is stored and no database is asked. */
@RestController
@RequestMapping("/api/feed")
class LabelController {
    private final Words words;

    LabelController(Words words) {
        this.words = words;
    }

    // --- the label ---

    /**
     * A label's sentence as typed so far.
     *
     * @param own what the product's own cap or scoop holds
     * @param readAs what it came to when it was saved
     * @param habit the measures of this garden, which say whose gallon is meant
     */
    record LabelAsk(
            String sentence,
            FeedWire.Form form,
            List<FeedWire.Answer> answers,
            @Nullable Typed own,
            @Nullable String readAs,
            GardenWire.@Nullable UnitHabit habit) {}

    /** A stretch of the sentence and the part it plays. */
    record SpanWire(int start, int end, String role) {}

    /** What the label leaves open. */
    record QuestionWire(Question question, List<Question.Choice> choices, Question.@Nullable Choice chosen) {}

    /** The rate: g or mL per litre of water, per litre of mix, for a pot so wide, a plant, a m², or a metre of height. */
    record RateWire(
            String per,
            double min,
            double max,
            String measure,
            @Nullable Double widthCm) {
        static RateWire of(Rate rate) {
            Double width = rate instanceof Rate.PerPotWidth p ? p.widthM() * 100 : null;
            return new RateWire(per(rate), rate.min(), rate.max(), CareWire.measureId(rate.measure()), width);
        }

        private static String per(Rate rate) {
            if (rate instanceof Rate.PerPotWidth) {
                return "pot_width";
            }
            if (rate instanceof Rate.PerPlant) {
                return "plant";
            }
            if (rate instanceof Rate.PerArea) {
                return "area";
            }
            if (rate instanceof Rate.PerHeight) {
                return "height";
            }
            return rate instanceof Rate.PerMix ? "mix" : "water";
        }
    }

    /** The rhythm: days, or none where it is every watering. */
    record RhythmWire(@Nullable Integer minDays, @Nullable Integer maxDays) {
        static RhythmWire of(Rhythm rhythm) {
            return rhythm instanceof Rhythm.EveryDays d ? new RhythmWire(d.min(), d.max()) : new RhythmWire(null, null);
        }
    }

    /**
     * How the sentence was understood.
     *
     * @param poured what the label pours of the diluted feed
     * @param readings where it can be read in two ways, what each comes to, in words
     * @param before what it came to when it was saved, where that was something else
     * @param taken answers taken from the garden's measures, to be kept with the feed
     */
    record LabelAnswer(
            List<String> uses,
            @Nullable String inWords,
            @Nullable String before,
            List<FeedWire.Answer> taken,
            @Nullable RateWire poured,
            List<String> readings,
            List<SpanWire> spans,
            @Nullable RateWire rate,
            @Nullable RhythmWire rhythm,
            List<QuestionWire> questions,
            List<String> assumptions,
            List<FaultWire> refusals,
            boolean unknownWords) {}

    @PostMapping("/label")
    LabelAnswer readLabel(@RequestBody LabelAsk ask) {
        Faults faults = new Faults();
        OptionalDouble own = Typed.optional(ask.own(), "feed.own", faults, Dimension.VOLUME);
        faults.throwIfAny();
        Double ownMl = own.isPresent() ? own.getAsDouble() * 1000 : null;
        List<FeedWire.Answer> taken = taken(ask, ownMl);
        List<FeedWire.Answer> answers =
                Stream.concat(ask.answers().stream(), taken.stream()).toList();
        LabelReading reading = FeedWire.read(ask.sentence(), ask.form(), answers, ownMl);
        List<Question> asked = FeedWire.asked(reading, ask.sentence(), ask.form(), answers, ownMl);
        return new LabelAnswer(
                reading.uses(),
                reading.rate()
                        .flatMap(rate -> reading.rhythm().map(rhythm -> InWords.of(rate, rhythm)))
                        .orElse(null),
                FeedWire.before(ask.readAs(), ask.form(), reading).equals(reading) ? null : ask.readAs(),
                taken,
                reading.poured().map(RateWire::of).orElse(null),
                reading.readings(),
                reading.spans().stream()
                        .map(s ->
                                new SpanWire(s.start(), s.end(), s.role().name().toLowerCase(Locale.ROOT)))
                        .toList(),
                reading.rate().map(RateWire::of).orElse(null),
                reading.rhythm().map(RhythmWire::of).orElse(null),
                Stream.concat(
                                asked.stream(),
                                Arrays.stream(Question.values())
                                        .filter(q -> reading.questions()
                                                .getOrDefault(q, Optional.empty())
                                                .isPresent()))
                        .map(q -> new QuestionWire(
                                q,
                                q == Question.WHICH_USE
                                        ? q.choices()
                                                .subList(
                                                        0,
                                                        Math.min(
                                                                reading.uses().size(),
                                                                q.choices().size()))
                                        : q.choices(),
                                reading.questions()
                                        .getOrDefault(q, Optional.empty())
                                        .orElse(null)))
                        .toList(),
                reading.assumptions().stream()
                        .map(a -> a.name().toLowerCase(Locale.ROOT))
                        .sorted()
                        .toList(),
                reading.refusals().stream().map(f -> FaultWire.of(f, words)).toList(),
                reading.hasUnknownWords());
    }

    /** Whose gallon is meant is not asked where the garden's own measures say so. */
    private static List<FeedWire.Answer> taken(LabelAsk ask, @Nullable Double ownMl) {
        if (ask.habit() != GardenWire.UnitHabit.us) {
            return List.of();
        }
        Optional<Question.Choice> whose = FeedWire.read(ask.sentence(), ask.form(), ask.answers(), ownMl)
                .questions()
                .getOrDefault(Question.WHICH_MEASURES, Optional.of(Question.Choice.US));
        return whose.isPresent()
                ? List.of()
                : List.of(new FeedWire.Answer(Question.WHICH_MEASURES, Question.Choice.US));
    }

    /**
     * All of a label's text.
     *
     * @param scanned whether it was read from a picture
     */
    record WholeLabelAsk(String text, @Nullable Boolean scanned) {}

    /** What a field gets, the stretch of the text that says so, and why to look twice at it. */
    record FoundWire(String field, String text, String unit, int start, int end, List<String> doubts) {}

    /** What was found on a whole label, in the order of its text. */
    record WholeLabelAnswer(List<FoundWire> found) {}

    @PostMapping("/whole-label")
    WholeLabelAnswer readWholeLabel(@RequestBody WholeLabelAsk ask) {
        if (ask.text().length() > PastedLabel.LONGEST) {
            throw new FaultException(new Fault(
                    FaultCode.TOO_LONG,
                    "label",
                    Integer.toString(ask.text().length()),
                    Integer.toString(PastedLabel.LONGEST),
                    ""));
        }
        return new WholeLabelAnswer(PastedLabel.of(ask.text(), Boolean.TRUE.equals(ask.scanned())).found().stream()
                .map(f -> new FoundWire(
                        f.field(),
                        f.text(),
                        f.unit(),
                        f.start(),
                        f.end(),
                        f.doubts().stream().map(PastedLabel.Doubt::id).sorted().toList()))
                .toList());
    }

    /** The words passed over in a label, as published. */
    @GetMapping("/ignored-words")
    Map<String, List<String>> ignoredWords() {
        return Map.of("words", LabelReader.ignoredWords());
    }
}
