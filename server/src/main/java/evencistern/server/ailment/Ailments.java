package evencistern.server.ailment;

import evencistern.ailment.Ailment;
import evencistern.ailment.Beliefs;
import evencistern.ailment.Diagnosis;
import evencistern.ailment.FromRecord;
import evencistern.ailment.Patient;
import evencistern.ailment.Sign;
import evencistern.ailment.Step;
import evencistern.fault.Faults;
import evencistern.lot.LotRecord;
import evencistern.need.Situation;
import evencistern.remedy.Cure;
import evencistern.server.GardenId;
import evencistern.server.food.Foods;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotStates;
import evencistern.server.lot.Lots;
import evencistern.server.reading.Backgrounds;
import evencistern.server.treatment.TreatmentStore;
import evencistern.server.treatment.TreatmentWire;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What ails a lot, by what was seen of it and what its record says. */
@Service
class Ailments {
    /** So many are told, and something else beside them. */
    private static final int TOLD = 5;

    private static final int MOST_ANSWERS = 100;

    /** Treatments that leave something on the leaves. */
    private static final Set<String> SPRAYED = Set.of(Cure.SPRAY.id(), Cure.PEST_PRODUCT.id(), Cure.COPPER.id());

    /** What a reading of the roots has told, where there was one. */
    private static final List<Sign> READ = List.of(Sign.require("ph_high"), Sign.require("ec_high"));

    private final Lots lots;
    private final Backgrounds backgrounds;
    private final Foods foods;
    private final TreatmentStore treatments;

    Ailments(Lots lots, Backgrounds backgrounds, Foods foods, TreatmentStore treatments) {
        this.lots = lots;
        this.backgrounds = backgrounds;
        this.foods = foods;
        this.treatments = treatments;
    }

    /** A sign with its answer. */
    record SeenSign(String sign, String answer) {}

    /**
     * What was seen of an ailing plant so far.
     *
     * @param passed signs that nobody could or would look for
     */
    record LookSoFar(List<SeenSign> seen, List<String> passed) {}

    /** A sign and what may be answered to it, as it is offered. */
    record SignWire(String sign, List<String> answers) {
        static SignWire of(Sign sign) {
            return new SignWire(sign.id(), List.copyOf(sign.base().keySet()));
        }
    }

    /** All signs that a person is asked for. */
    record SignsWire(List<SignWire> signs) {}

    static SignsWire signs() {
        return new SignsWire(
                Sign.all().stream().filter(Sign::asked).map(SignWire::of).toList());
    }

    /**
     * A sign that speaks for an ailment, or against it.
     *
     * @param times as common with it as in general
     */
    record ArgumentWire(String sign, String answer, double times) {
        static ArgumentWire of(Diagnosis.Argument a) {
            return new ArgumentWire(a.sign().id(), a.answer(), a.times());
        }
    }

    /** What is done first, and the treatment it is planned as; absent where it is none. */
    record FirstStepWire(String step, @Nullable String cure) {
        static FirstStepWire of(Step step) {
            return new FirstStepWire(step.id(), step.cure().map(Cure::id).orElse(null));
        }
    }

    /** An ailment with how likely it is, per cent, and why. */
    record LikelyWire(
            String ailment,
            double percent,
            List<ArgumentWire> speaksFor,
            List<ArgumentWire> speaksAgainst,
            List<FirstStepWire> steps) {}

    /**
     * What should be looked at next.
     *
     * @param byReading whether a reading of the roots tells it, and not a look
     */
    record NextWire(String sign, boolean byReading, int cost, List<String> answers) {
        static NextWire of(Sign sign) {
            return new NextWire(
                    sign.id(),
                    sign.byReading(),
                    sign.cost(),
                    List.copyOf(sign.base().keySet()));
        }
    }

    /** An answer that would bring another ailment to the first place. */
    record TurnWire(String answer, String ailment) {}

    /** A look that would change the answer. */
    record ChangingWire(String sign, List<TurnWire> turns) {
        static ChangingWire of(Diagnosis.Change c) {
            return new ChangingWire(
                    c.sign().id(),
                    c.answers().entrySet().stream()
                            .map(e -> new TurnWire(e.getKey(), e.getValue().key()))
                            .toList());
        }
    }

    /** What the record says, with its figure where it has one. */
    record OnRecordWire(
            String sign, String answer, @Nullable Double value, String unit) {
        static OnRecordWire of(FromRecord.Fact f) {
            return new OnRecordWire(
                    f.sign().id(),
                    f.answer(),
                    f.value().isPresent() ? f.value().getAsDouble() : null,
                    f.unit().symbol());
        }
    }

    /** What is likely, what to look at next, what would change it, and what the record has to say. */
    record DiagnosisWire(
            List<LikelyWire> likely, @Nullable NextWire next, List<ChangingWire> changes, List<OnRecordWire> record) {}

    DiagnosisWire of(GardenId garden, UUID lot, LookSoFar look) {
        GardenContext context = lots.context(garden);
        LotStates.Recorded recorded = lots.recorded(context, lot);
        List<TreatmentWire> done = treatments.listOfLot(garden, lot);
        List<FromRecord.Fact> record = record(garden, context, recorded, done);
        Faults faults = new Faults();
        faults.within("ailment.seen", look.seen().size(), 0, MOST_ANSWERS, "");
        faults.within("ailment.passed", look.passed().size(), 0, MOST_ANSWERS, "");
        faults.throwIfAny();
        Map<Sign, String> seen = new LinkedHashMap<>();
        record.forEach(f -> seen.put(f.sign(), f.answer()));
        look.seen().forEach(s -> seen.put(Sign.require(s.sign()), s.answer()));
        Set<Sign> passed = new LinkedHashSet<>();
        look.passed().forEach(p -> passed.add(Sign.require(p)));
        Patient patient =
                Patient.of(recorded.now().situation(), context.garden().today());
        Diagnosis d = Diagnosis.of(patient, seen, beliefs(garden, lot, done));
        return new DiagnosisWire(
                Stream.concat(
                                d.likely().stream().limit(TOLD),
                                d.likely().stream()
                                        .skip(TOLD)
                                        .filter(l -> l.ailment().other()))
                        .map(l -> likely(d, l))
                        .toList(),
                d.next(passed).map(NextWire::of).orElse(null),
                d.changes(passed).stream().map(ChangingWire::of).toList(),
                record.stream().map(OnRecordWire::of).toList());
    }

    private static LikelyWire likely(Diagnosis d, Diagnosis.Likely l) {
        Ailment a = l.ailment();
        return new LikelyWire(
                a.key(),
                l.share() * 100,
                d.speaksFor(a).stream().map(ArgumentWire::of).toList(),
                d.speaksAgainst(a).stream().map(ArgumentWire::of).toList(),
                a.steps().stream()
                        .filter(step ->
                                step != Step.READ_ROOTS || !READ.stream().allMatch(d.seen()::containsKey))
                        .map(FirstStepWire::of)
                        .toList());
    }

    private Map<String, Double> beliefs(GardenId garden, UUID lot, List<TreatmentWire> done) {
        return Beliefs.of(
                done.stream().flatMap(t -> tried(t).stream()).toList(), treatments.listHelpedElsewhere(garden, lot));
    }

    private static Optional<Beliefs.Tried> tried(TreatmentWire t) {
        return t.ailment() == null || t.outcome() == null
                ? Optional.empty()
                : Optional.of(new Beliefs.Tried(
                        t.ailment(), Beliefs.Saw.valueOf(t.outcome().name().toUpperCase(Locale.ROOT))));
    }

    private List<FromRecord.Fact> record(
            GardenId garden, GardenContext context, LotStates.Recorded recorded, List<TreatmentWire> done) {
        Lot lot = recorded.standing().lot();
        LocalDate today = context.garden().today();
        Situation s = recorded.now().situation();
        Optional<LocalDate> sprayed = done.stream()
                .filter(t -> SPRAYED.contains(t.cure()))
                .flatMap(t -> Stream.ofNullable(t.doneOn()))
                .max(LocalDate::compareTo);
        return FromRecord.of(
                new FromRecord.Kept(
                        s,
                        backgrounds.of(context, recorded.standing()),
                        recorded.now().ph(),
                        since(recorded.record().ph().map(LotRecord.Read::on), today),
                        recorded.now().ec(),
                        since(recorded.record().ec().map(LotRecord.Read::on), today),
                        recorded.record().waterings(),
                        Optional.of(foods.standing(context, lot, s)),
                        since(sprayed, today),
                        since(lots.story(context, lot, false).movedOn(), today),
                        !treatments
                                .listUnderWayBeside(garden, lot.id(), lot.placeId())
                                .isEmpty()),
                today);
    }

    private static OptionalInt since(Optional<LocalDate> day, LocalDate today) {
        return day.map(d -> OptionalInt.of((int) ChronoUnit.DAYS.between(d, today)))
                .orElse(OptionalInt.empty());
    }
}
