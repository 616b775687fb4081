package evencistern.server.remedy;

import evencistern.caution.Caution;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.remedy.Brew;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.server.dose.StepWire;
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
            boolean sun) {}

    /**
     * How much and how often, or why not.
     *
     * @param better chelates that would hold at this pH, weakest first
     */
    record RemedyAnswer(
            double lowGrams,
            double highGrams,
            double mgPerLLow,
            double mgPerLHigh,
            int daysLow,
            int daysHigh,
            List<String> notes,
            List<FaultWire> refusals,
            List<String> better,
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
        Treatment.Plant plant = new Treatment.Plant(
                species.orElseThrow(),
                mixPh,
                waterPh,
                litres,
                Treatment.Leaf.valueOf(ask.leaf().name().toUpperCase(Locale.ROOT)),
                ask.wetting(),
                celsius,
                ask.sun());
        Remedy chosen = remedy.orElseThrow();
        List<String> better = mixPh.isPresent() && chosen.chelateTo() > 0
                ? Treatment.chelatesFor(mixPh.getAsDouble()).stream()
                        .map(Remedy::key)
                        .toList()
                : List.of();
        List<String> cautions = Caution.forRemedy(chosen.method() == Remedy.Method.DRY).stream()
                .map(Caution::id)
                .toList();
        Working.Recorder recorder = new Working.Recorder();
        try {
            Treatment t = Treatment.of(chosen, plant, recorder);
            return new RemedyAnswer(
                    t.lowGrams(),
                    t.highGrams(),
                    t.mgPerLLow(),
                    t.mgPerLHigh(),
                    t.daysLow(),
                    t.daysHigh(),
                    t.notes().stream().map(Treatment.Note::id).toList(),
                    List.of(),
                    better,
                    cautions,
                    StepWire.all(recorder));
        } catch (FaultException e) {
            List<FaultWire> refusals = new ArrayList<>();
            e.faults().forEach(f -> refusals.add(FaultWire.of(f, words)));
            return new RemedyAnswer(0, 0, 0, 0, 0, 0, List.of(), refusals, better, cautions, StepWire.all(recorder));
        }
    }
}
