package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.PastedLabel;
import evencistern.food.LabelByHand;
import evencistern.label.HowGiven;
import evencistern.label.InWords;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.label.Question;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.label.Terms;
import evencistern.pot.Pot;
import evencistern.server.dose.CareWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.pot.PotInput;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import java.time.Month;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
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
     * A label's sentence as typed so far, with the rest of the feed's form.
     *
     * @param habit the measures of this garden, which say whose gallon is meant
     * @param canLitres of the can that is used, in which the dose is told
     * @param hand what it is measured with, out of these spoons
     * @param pot of a lot that is fed with it, for labels that dose by the pot
     * @param tallM its plant
     */
    record LabelAsk(
            FeedInput feed,
            GardenWire.@Nullable UnitHabit habit,
            @Nullable Double canLitres,
            GardenWire.@Nullable Hand hand,
            @Nullable List<HandMeasure.Spoon> spoons,
            @Nullable PotInput pot,
            @Nullable Double tallM) {}

    /** A stretch of the sentence and the part it plays. */
    record SpanWire(int start, int end, String role) {}

    /** What the label leaves open. */
    record QuestionWire(Question question, List<Question.Choice> choices, Question.@Nullable Choice chosen) {}

    /** The rate: g or mL per litre of water, per litre of spray, per litre of mix, for a pot so wide, a plant, a m², or a metre of height. */
    record RateWire(
            Per per,
            double min,
            double max,
            String measure,
            @Nullable Double widthCm) {
        static RateWire of(Rate rate) {
            Double width = rate instanceof Rate.PerPotWidth p ? p.widthM() * 100 : null;
            return new RateWire(Per.of(rate), rate.min(), rate.max(), CareWire.measureId(rate.measure()), width);
        }

        /** What it is for so much of. */
        enum Per {
            water,
            spray,
            mix,
            plant,
            area,
            height,
            pot_width;

            static Per of(Rate rate) {
                if (rate instanceof Rate.PerPotWidth) {
                    return pot_width;
                }
                if (rate instanceof Rate.PerPlant) {
                    return plant;
                }
                if (rate instanceof Rate.PerArea) {
                    return area;
                }
                if (rate instanceof Rate.PerHeight) {
                    return height;
                }
                if (rate instanceof Rate.PerSpray) {
                    return spray;
                }
                return rate instanceof Rate.PerMix ? mix : water;
            }
        }
    }

    /** The rhythm: days, or so many waterings from one feed to the next, or once at potting. */
    record RhythmWire(
            @Nullable Integer minDays,
            @Nullable Integer maxDays,
            @Nullable Integer waterings,
            boolean once) {
        static RhythmWire of(Rhythm rhythm) {
            if (rhythm instanceof Rhythm.Once) {
                return new RhythmWire(null, null, null, true);
            }
            return rhythm instanceof Rhythm.EveryDays d
                    ? new RhythmWire(d.min(), d.max(), null, false)
                    : new RhythmWire(null, null, ((Rhythm.EveryWatering) rhythm).each(), false);
        }
    }

    /**
     * The ends of a label's range as a hand measures them, for the can or the pot that was told.
     *
     * @param heldBack whether the pot's mix may not get all that the label says
     */
    record HandWire(CareWire.MeasuredWire low, CareWire.MeasuredWire high, boolean heldBack) {
        static HandWire of(LabelByHand hand) {
            return new HandWire(
                    CareWire.MeasuredWire.of(hand.low()), CareWire.MeasuredWire.of(hand.high()), hand.heldBack());
        }
    }

    /**
     * What a sentence comes to.
     *
     * @param inWords the same in plain English words, which read back as the same
     * @param hand nothing where neither can nor pot is told that it goes by
     */
    record WayWire(
            RateWire rate,
            RhythmWire rhythm,
            String inWords,
            @Nullable HandWire hand) {}

    /** Months of the year, 1 to 12, as they are north of the equator; seasons come half a year later south of it. */
    record SeasonWire(List<Integer> months, boolean moves) {
        static SeasonWire of(Terms.Season season) {
            return new SeasonWire(
                    season.months().stream().map(Month::getValue).sorted().toList(), season.moves());
        }
    }

    /** A share of the dose, for such plants, in such months. */
    record ShareWire(Terms.@Nullable Kin of, @Nullable SeasonWire in, double percent) {}

    /** So many days at least between two feeds in such months. */
    record RarerWire(SeasonWire in, int days) {}

    /**
     * On what terms the dose is meant; the plan keeps to them.
     *
     * @param season in which it feeds at all; nothing where that is all year
     */
    record TermsWire(@Nullable SeasonWire season, List<ShareWire> shares, List<RarerWire> rarer) {
        static TermsWire of(Terms terms) {
            return new TermsWire(
                    terms.season().map(SeasonWire::of).orElse(null),
                    terms.shares().stream()
                            .map(s -> new ShareWire(
                                    s.of().orElse(null),
                                    s.in().map(SeasonWire::of).orElse(null),
                                    s.share() * 100))
                            .toList(),
                    terms.rarer().stream()
                            .map(r -> new RarerWire(SeasonWire.of(r.in()), r.days()))
                            .toList());
        }
    }

    /**
     * How the sentence was understood.
     *
     * @param way what it comes to, where nothing is open
     * @param poured what the label pours of the diluted feed
     * @param method how it is given, where there is a dose, and where it is for the leaves
     * @param readings where it can be read in two ways, what each comes to
     * @param before what it came to when it was saved, where that was something else
     * @param taken answers taken from the garden's measures, to be kept with the feed
     */
    record LabelAnswer(
            List<String> uses,
            @Nullable WayWire way,
            @Nullable String before,
            List<FeedWire.Answer> taken,
            @Nullable RateWire poured,
            @Nullable HowGiven method,
            TermsWire terms,
            List<WayWire> readings,
            List<SpanWire> spans,
            List<QuestionWire> questions,
            List<String> assumptions,
            List<FaultWire> refusals,
            boolean unknownWords) {}

    @PostMapping("/label")
    LabelAnswer readLabel(@RequestBody LabelAsk ask) {
        Faults faults = new Faults();
        FeedInput feed = ask.feed();
        OptionalDouble ownMl = feed.readOwn(faults);
        faults.throwIfAny();
        ProductForm form = feed.form().toForm();
        // what is not yet filled in does not keep the sentence from being read
        OptionalDouble density = Typed.optional(feed.density(), "feed.density", new Faults(), Dimension.DENSITY);
        Product product = FeedWire.product(feed::readAnalysis, form, density, ownMl);
        List<FeedWire.Answer> taken = taken(ask, product);
        Map<Question, Question.Choice> answers = FeedWire.Answer.byQuestion(
                Stream.concat(feed.answers().stream(), taken.stream()).toList());
        LabelReading reading = LabelReader.read(feed.label(), product, answers);
        List<Question> asked = LabelReader.asked(reading, feed.label(), product, answers);
        Function<LabelReading.Way, WayWire> shown = way -> shown(way, ask, form, density);
        return new LabelAnswer(
                reading.uses(),
                reading.rate()
                        .flatMap(rate -> reading.rhythm().map(rhythm -> new LabelReading.Way(rate, rhythm)))
                        .map(shown)
                        .orElse(null),
                FeedWire.before(feed.readAs(), feed.form(), reading).equals(reading) ? null : feed.readAs(),
                taken,
                reading.poured().map(RateWire::of).orElse(null),
                reading.method().orElse(null),
                TermsWire.of(reading.terms()),
                reading.readings().stream().map(shown).toList(),
                reading.spans().stream()
                        .map(s ->
                                new SpanWire(s.start(), s.end(), s.role().name().toLowerCase(Locale.ROOT)))
                        .toList(),
                Stream.concat(
                                asked.stream(),
                                Arrays.stream(Question.values())
                                        .filter(q -> reading.questions()
                                                .getOrDefault(q, Optional.empty())
                                                .isPresent()))
                        .map(q -> new QuestionWire(
                                q,
                                choices(q, reading),
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

    /** Of the uses those that there are, and what lies between two that can be compared. */
    private static List<Question.Choice> choices(Question question, LabelReading reading) {
        if (question != Question.WHICH_USE) {
            return question.choices();
        }
        List<Question.Choice> uses = question.choices().stream()
                .filter(c -> c != Question.Choice.BETWEEN)
                .limit(reading.uses().size())
                .toList();
        return reading.between()
                ? Stream.concat(uses.stream(), Stream.of(Question.Choice.BETWEEN))
                        .toList()
                : uses;
    }

    private static WayWire shown(LabelReading.Way way, LabelAsk ask, ProductForm form, OptionalDouble density) {
        HandMeasure tool = ask.hand() == null
                ? HandMeasure.SPOONS
                : HandMeasure.valueOf(ask.hand().name().toUpperCase(Locale.ROOT));
        Set<HandMeasure.Spoon> spoons =
                ask.spoons() == null || ask.spoons().isEmpty() ? HandMeasure.FULL_SET : Set.copyOf(ask.spoons());
        Optional<Pot> pot = Optional.ofNullable(ask.pot()).flatMap(p -> new Faults().attempt(p::toPot));
        Optional<Feed> whole = new Faults()
                .attempt(() -> new Feed(
                        ask.feed().readAnalysis(),
                        form,
                        density,
                        OptionalDouble.empty(),
                        way.rate(),
                        way.rhythm(),
                        ask.feed().readCoating()));
        Optional<LabelByHand> hand = new Faults()
                .attempt(() -> LabelByHand.of(
                        way.rate(),
                        FeedWire.optional(ask.canLitres()),
                        pot,
                        FeedWire.optional(ask.tallM()),
                        whole,
                        new LabelByHand.Means(
                                form, Feed.densityKgPerL(form, density).value(), tool, spoons)))
                .flatMap(h -> h);
        return new WayWire(
                RateWire.of(way.rate()),
                RhythmWire.of(way.rhythm()),
                InWords.of(way.rate(), way.rhythm()),
                hand.map(HandWire::of).orElse(null));
    }

    /** Whose gallon is meant is not asked where the garden's own measures say so. */
    private static List<FeedWire.Answer> taken(LabelAsk ask, Product product) {
        if (ask.habit() != GardenWire.UnitHabit.us) {
            return List.of();
        }
        Optional<Question.Choice> whose = LabelReader.read(
                        ask.feed().label(),
                        product,
                        FeedWire.Answer.byQuestion(ask.feed().answers()))
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
