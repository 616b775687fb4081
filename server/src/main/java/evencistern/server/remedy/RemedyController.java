package evencistern.server.remedy;

import evencistern.caution.Caution;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.HandMeasure;
import evencistern.remedy.Brew;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.ProductTyped;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.plant.KindAsk;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One nutrient for one plant, as it is asked; nothing is stored. */
@RestController
@RequestMapping("/api/remedy")
class RemedyController {
    private static final double MG_PER_G_PER_CENT = 10;

    private final Words words;

    RemedyController(Words words) {
        this.words = words;
    }

    /** A single nutrient that may be given. */
    record RemedyWire(String key, String element, String method) {}

    /** What is brewed at home. */
    record BrewWire(String key, double fold, int steepDays, boolean food) {}

    /** All there are. */
    record Remedies(List<RemedyWire> remedies, List<BrewWire> brews) {}

    @GetMapping
    Remedies listRemedies() {
        return new Remedies(
                Remedy.all().stream()
                        .map(r -> new RemedyWire(
                                r.key(), r.element().symbol(), r.method().id()))
                        .toList(),
                Brew.all().stream()
                        .map(b -> new BrewWire(b.key(), b.fold(), b.steepDays(), b.food()))
                        .toList());
    }

    /** What a leaf is like. */
    enum Leaf {
        thin,
        thick,
        hairy
    }

    /**
     * The plant, its mix and the hour.
     *
     * @param mixPh where somebody has measured it
     * @param litres of water made; of mix in the pot for what is worked in
     * @param own strength that a person thinks of; blank for none
     */
    record RemedyAsk(
            String remedy,
            KindAsk species,
            @Nullable Typed mixPh,
            Typed waterPh,
            Typed litres,
            Leaf leaf,
            boolean wetting,
            Typed celsius,
            boolean sun,
            GardenWire.Hand hand,
            List<HandMeasure.Spoon> spoons,
            @Nullable Typed own) {}

    /**
     * A strength of one's own.
     *
     * @param perLitre in the measure
     * @param mgPerL of the element; 0 where that is not known
     * @param beside weaker, within or stronger than what is usual
     */
    record OwnWire(double perLitre, double mgPerL, String beside) {}

    /**
     * How much and how often, or why not.
     *
     * @param low,high g or mL for all the water, or all the mix
     * @param hand the weak and the strong one as a hand can measure them; none where its own label says how much
     * @param own what a strength of one's own comes to
     * @param better chelates that would hold at this pH, weakest first
     */
    record RemedyAnswer(
            double low,
            double high,
            String measure,
            List<CareWire.MeasuredWire> hand,
            double mgPerLLow,
            double mgPerLHigh,
            int daysLow,
            int daysHigh,
            List<String> notes,
            List<FaultWire> refusals,
            List<String> better,
            @Nullable OwnWire own,
            List<String> cautions,
            List<StepWire> working) {}

    @PostMapping
    RemedyAnswer treat(@RequestBody RemedyAsk ask) {
        Faults faults = new Faults();
        var remedy = faults.attempt(() -> Remedy.require(ask.remedy()));
        var species = faults.attempt(ask.species()::toSpecies);
        OptionalDouble mixPh = Typed.optional(ask.mixPh(), "remedy.mix_ph", faults, Dimension.PH);
        double waterPh = ask.waterPh().read("water.ph", faults, Dimension.PH);
        double litres = ask.litres().read("remedy.litres", faults, Dimension.VOLUME);
        double celsius = ask.celsius().read("remedy.celsius", faults, Dimension.TEMPERATURE);
        faults.throwIfAny();
        Remedy chosen = remedy.orElseThrow();
        OwnWire own = own(ask, chosen);
        Treatment.Plant plant = new Treatment.Plant(
                species.orElseThrow(),
                Treatment.Roots.measured(mixPh),
                waterPh,
                litres,
                Treatment.Leaf.valueOf(ask.leaf().name().toUpperCase(Locale.ROOT)),
                ask.wetting(),
                celsius,
                ask.sun());
        List<String> better = mixPh.isPresent() && chosen.chelateTo() > 0
                ? Treatment.chelatesFor(mixPh.getAsDouble()).stream()
                        .map(Remedy::key)
                        .toList()
                : List.of();
        List<String> cautions = Caution.forRemedy(chosen.dry(), chosen.effect() != Remedy.Effect.NONE).stream()
                .map(Caution::id)
                .toList();
        String measure = CareWire.measureId(chosen.measure());
        Working.Recorder recorder = new Working.Recorder();
        try {
            Treatment t = Treatment.of(chosen, plant, recorder);
            return new RemedyAnswer(
                    t.low(),
                    t.high(),
                    measure,
                    hand(ask, t),
                    t.mgPerLLow(),
                    t.mgPerLHigh(),
                    t.daysLow(),
                    t.daysHigh(),
                    t.notes().stream().map(Treatment.Note::id).toList(),
                    List.of(),
                    better,
                    own,
                    cautions,
                    StepWire.all(recorder));
        } catch (FaultException e) {
            List<FaultWire> refusals = new ArrayList<>();
            e.faults().forEach(f -> refusals.add(FaultWire.of(f, words)));
            return new RemedyAnswer(
                    0,
                    0,
                    measure,
                    List.of(),
                    0,
                    0,
                    0,
                    0,
                    List.of(),
                    refusals,
                    better,
                    own,
                    cautions,
                    StepWire.all(recorder));
        }
    }

    private static List<CareWire.MeasuredWire> hand(RemedyAsk ask, Treatment t) {
        if (t.high() <= 0) {
            return List.of();
        }
        HandMeasure hand = HandMeasure.valueOf(ask.hand().name().toUpperCase(Locale.ROOT));
        return Stream.of(t.low(), t.high())
                .map(amount -> CareWire.MeasuredWire.of(t.measured(amount, 1, hand, Set.copyOf(ask.spoons()))))
                .toList();
    }

    private static @Nullable OwnWire own(RemedyAsk ask, Remedy remedy) {
        Typed typed = ask.own();
        if (typed == null || typed.text().isBlank() || remedy.high() <= 0 || remedy.dry()) {
            return null;
        }
        Faults faults = new Faults();
        double mg = remedy.percent() * MG_PER_G_PER_CENT;
        double perLitre =
                new ProductTyped.Strong(remedy.measure(), remedy.density(), mg).read(typed, "remedy.own", faults);
        faults.throwIfAny();
        return new OwnWire(
                perLitre,
                perLitre * mg,
                remedy.beside(perLitre, Treatment.weaker(remedy, ask.wetting())).id());
    }
}
