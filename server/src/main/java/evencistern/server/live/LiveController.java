package evencistern.server.live;

import evencistern.fault.Faults;
import evencistern.feed.HandMeasure;
import evencistern.label.InWords;
import evencistern.label.LabelReading;
import evencistern.label.Question;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.plan.AfterReading;
import evencistern.plan.Care;
import evencistern.plan.Condition;
import evencistern.plan.Drip;
import evencistern.plan.FeedRhythm;
import evencistern.plan.Flushing;
import evencistern.plan.Learned;
import evencistern.plan.Particulars;
import evencistern.plan.Situation;
import evencistern.server.care.CareWire;
import evencistern.server.care.CareWire.DripWire;
import evencistern.server.care.CareWire.LearnedWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.PotInput;
import evencistern.server.mix.MixAsk;
import evencistern.server.plant.KindAsk;
import evencistern.server.problem.FaultWire;
import evencistern.server.problem.Words;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to what is being typed: the whole input is in the body, nothing is stored and no database is asked. */
@RestController
@RequestMapping("/api/live")
class LiveController {
    private final Words words;

    LiveController(Words words) {
        this.words = words;
    }

    // --- the label ---

    /**
     * A label's sentence as typed so far.
     *
     * @param own what the product's own cap or scoop holds
     */
    record LabelAsk(
            String sentence,
            FeedWire.Form form,
            List<FeedWire.Answer> answers,
            @Nullable Typed own) {}

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

    /** How the sentence was understood. */
    record LabelAnswer(
            List<String> uses,
            @Nullable String inWords,
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
        OptionalDouble own = Typed.optional(ask.own(), "feed.own", faults);
        faults.throwIfAny();
        LabelReading reading = FeedWire.read(
                ask.sentence(), ask.form(), ask.answers(), own.isPresent() ? own.getAsDouble() * 1000 : null);
        return new LabelAnswer(
                reading.uses(),
                reading.rate()
                        .flatMap(rate -> reading.rhythm().map(rhythm -> InWords.of(rate, rhythm)))
                        .orElse(null),
                reading.spans().stream()
                        .map(s ->
                                new SpanWire(s.start(), s.end(), s.role().name().toLowerCase(Locale.ROOT)))
                        .toList(),
                reading.rate().map(RateWire::of).orElse(null),
                reading.rhythm().map(RhythmWire::of).orElse(null),
                Arrays.stream(Question.values())
                        .filter(reading.questions()::containsKey)
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

    // --- the pot ---

    /**
     * Everything that decides what one pot gets.
     *
     * @param drip litres an hour of one emitter, where the lot is on a drip line
     * @param spoons those that are owned; a full set where nothing is said
     */
    record CareAsk(
            KindAsk species,
            PotInput pot,
            MixAsk mix,
            GardenWire.PlaceWire place,
            GardenWire.WaterWire water,
            @Nullable FeedWire feed,
            Typed can,
            GardenWire.Hand hand,
            @Nullable List<HandMeasure.Spoon> spoons,
            @Nullable Typed share,
            LocalDate today,
            @Nullable LocalDate startedOn,
            @Nullable LocalDate repottedOn,
            @Nullable LocalDate lastWateredOn,
            @Nullable LocalDate lastFedOn,
            @Nullable Typed tall,
            @Nullable LearnedWire learned,
            @Nullable Map<Condition, LocalDate> conditions,
            @Nullable String rhythm,
            @Nullable Boolean undrained,
            @Nullable LocalDate lastFlushedOn,
            @Nullable LocalDate saltyOn,
            @Nullable Double saltyLitres,
            @Nullable LocalDate noFeedUntil,
            @Nullable Double feedShare,
            @Nullable LocalDate feedShareUntil,
            @Nullable String flushBy,
            @Nullable LocalDate accountFlushOn,
            @Nullable Double accountFlushLitres,
            @Nullable Typed drip,
            @Nullable Typed pots,
            boolean working) {}

    @PostMapping("/care")
    CareWire care(@RequestBody CareAsk ask) {
        Faults faults = new Faults();
        var species = faults.attempt(ask.species()::toSpecies);
        var pot = faults.attempt(ask.pot()::toPot);
        var mix = faults.attempt(ask.mix()::toMix);
        var place = faults.attempt(ask.place()::toPlace);
        var water = faults.attempt(ask.water()::toWater);
        FeedWire onShelf = ask.feed();
        var feed = onShelf == null ? Optional.<evencistern.feed.Feed>empty() : faults.attempt(onShelf::toFeed);
        double can = ask.can().read("can", faults);
        OptionalDouble share = Typed.optional(ask.share(), "share", faults);
        OptionalDouble tall = Typed.optional(ask.tall(), "lot.tall", faults);
        OptionalDouble rate = Typed.optional(ask.drip(), "drip.rate", faults);
        OptionalDouble pots = Typed.optional(ask.pots(), "lot.pots", faults);
        var particulars = faults.attempt(() -> particulars(ask, tall));
        faults.throwIfAny();
        Situation situation = new Situation(
                species.orElseThrow(),
                pot.orElseThrow(),
                mix.orElseThrow(),
                place.orElseThrow(),
                feed,
                ask.startedOn() == null ? ask.today() : ask.startedOn(),
                Optional.ofNullable(ask.repottedOn()),
                Optional.ofNullable(ask.lastWateredOn()),
                Optional.ofNullable(ask.lastFedOn()),
                particulars.orElseThrow());
        Care.Tools tools = new Care.Tools(
                can,
                HandMeasure.valueOf(ask.hand().name().toUpperCase(Locale.ROOT)),
                ask.spoons() == null ? HandMeasure.FULL_SET : Set.copyOf(ask.spoons()),
                water.orElseThrow(),
                share.isPresent() ? OptionalDouble.of(share.getAsDouble() / 100) : share);
        Working.Recorder recorder = ask.working() ? new Working.Recorder() : null;
        Working working = recorder == null ? Working.off() : recorder;
        Care care = Care.on(ask.today(), situation, tools, working);
        DripWire drip = rate.isPresent()
                ? DripWire.of(Drip.of(care.fullPourLitres(), rate.getAsDouble(), 1, (int) pots.orElse(1), working))
                : null;
        return CareWire.of(care, ask.water().ec(), ask.today(), drip, recorder);
    }

    private static Particulars particulars(CareAsk ask, OptionalDouble tall) {
        LearnedWire l = ask.learned();
        return new Particulars(
                tall,
                l == null ? Learned.NOTHING : new Learned(l.factor(), l.low(), l.high(), l.from()),
                !Boolean.TRUE.equals(ask.undrained()),
                ask.conditions() == null ? Map.of() : ask.conditions(),
                ask.rhythm() == null || ask.rhythm().isBlank() ? FeedRhythm.LABEL : FeedRhythm.require(ask.rhythm()),
                Optional.ofNullable(ask.lastFlushedOn()),
                new AfterReading(
                        Optional.ofNullable(ask.saltyOn())
                                .map(on -> new AfterReading.Salty(on, orEmpty(ask.saltyLitres()))),
                        Optional.ofNullable(ask.noFeedUntil()),
                        ask.feedShare() == null ? 1 : ask.feedShare(),
                        Optional.ofNullable(ask.feedShareUntil())),
                new Flushing(
                        "account".equals(ask.flushBy()),
                        Optional.ofNullable(ask.accountFlushOn()),
                        orEmpty(ask.accountFlushLitres())));
    }

    private static OptionalDouble orEmpty(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The words passed over in a label, as published. */
    @org.springframework.web.bind.annotation.GetMapping("/ignored-words")
    Map<String, List<String>> ignoredWords() {
        return Map.of("words", evencistern.label.LabelReader.ignoredWords());
    }
}
