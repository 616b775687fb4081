package evencistern.server.batch;

import evencistern.caution.Caution;
import evencistern.fault.Faults;
import evencistern.media.Batch;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.server.dose.StepWire;
import evencistern.server.mix.MixAsk;
import evencistern.server.mix.RecipeWire;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to a batch as it is being typed: how much of what, in how many loads. */
@RestController
@RequestMapping("/api/batch")
class BatchBenchController {
    /**
     * A batch as it is being planned.
     *
     * @param litres wanted where there are no pots
     * @param shovel,handful,tub litres of each as the person's are
     * @param stirredPerLitre g of lime or sulfur in a litre of mix
     * @param rejects per cent of a component that a sieve takes away, by its key
     * @param onHand loose litres on the shelf by component, of those that were counted
     */
    record BatchAsk(
            MixAsk mix,
            List<BatchInput.FillAsk> fills,
            @Nullable Typed litres,
            @Nullable Typed waste,
            double shovel,
            double handful,
            double tub,
            @Nullable Double stirredPerLitre,
            Map<String, Double> onHand,
            @Nullable Map<String, Typed> rejects,
            @Nullable List<RecipeWire.AddedWire> amendments,
            boolean working) {}

    /**
     * What goes in of one component: loose litres, of how many before sieving, and for each load as a person measures; packs to open.
     *
     * @param packsToBuy where it was counted what is on the shelf
     */
    record AmountWire(
            String component,
            double litres,
            double takenLitres,
            double litresEachLoad,
            CountWire shovelsEachLoad,
            CountWire handfulsEachLoad,
            double packs,
            int packsToOpen,
            @Nullable Integer packsToBuy) {
        static AmountWire of(Batch.Amount a, Batch.Measures measures, @Nullable Double onHand) {
            return new AmountWire(
                    a.component().key(),
                    a.litres(),
                    a.takenLitres(),
                    a.litresEachLoad(),
                    CountWire.of(a.shovelsEachLoad(measures)),
                    CountWire.of(a.handfulsEachLoad(measures)),
                    a.packs(),
                    a.packsToOpen(),
                    onHand == null ? null : a.packsToBuy(onHand));
        }
    }

    /** So many of a measure, and by how many per cent that misses what is wanted. */
    record CountWire(double count, double errorPercent) {
        static CountWire of(Batch.Counted c) {
            return new CountWire(c.count(), c.errorPercent());
        }
    }

    /** Grams of an amendment for each load. */
    record EachLoad(String key, double grams) {}

    /**
     * The batch: litres of mix and of parts, loads, water to moisten with, lime for each load.
     *
     * @param cost of the components whose packs have a price; {@code unpriced} are those that have none
     */
    record BatchAnswer(
            double mixLitres,
            double putLitres,
            int loads,
            double waterLitres,
            @Nullable Double stirredGramsEachLoad,
            List<EachLoad> addedEachLoad,
            List<AmountWire> amounts,
            @Nullable Double cost,
            List<String> unpriced,
            List<String> cautions,
            @Nullable List<StepWire> working) {}

    @PostMapping
    BatchAnswer batch(@RequestBody BatchAsk ask) {
        Faults faults = new Faults();
        Optional<Mix> made = faults.attempt(ask.mix()::toMix);
        Optional<Batch.Measures> measures =
                faults.attempt(() -> new Batch.Measures(ask.shovel(), ask.handful(), ask.tub()));
        List<RecipeWire.Added> added = new ArrayList<>();
        if (ask.amendments() != null) {
            ask.amendments().forEach(a -> faults.attempt(a::read).ifPresent(added::add));
        }
        Filling filling = Filling.read(ask.fills(), ask.litres(), ask.waste(), faults);
        Map<String, Double> rejects = Filling.rejects(ask.rejects(), faults);
        faults.throwIfAny();
        Mix mix = made.orElseThrow();
        Working.Recorder recorder = ask.working() ? new Working.Recorder() : null;
        Batch batch = Batch.of(
                mix,
                filling.litres(),
                filling.capacity(mix, PotWater.TABLE_COLUMN),
                measures.orElseThrow(),
                rejects,
                recorder == null ? Working.off() : recorder);
        Double perLitre = ask.stirredPerLitre();
        boolean stirs = perLitre != null && perLitre > 0;
        return new BatchAnswer(
                batch.mixLitres(),
                batch.putLitres(),
                batch.loads(),
                batch.waterLitres(),
                perLitre != null && stirs ? perLitre * batch.mixLitres() / batch.loads() : null,
                added.stream()
                        .map(a -> new EachLoad(
                                a.amendment().key(), a.gramsPerLitre() * batch.mixLitres() / batch.loads()))
                        .toList(),
                batch.amounts().stream()
                        .map(a -> AmountWire.of(
                                a,
                                measures.orElseThrow(),
                                ask.onHand().get(a.component().key())))
                        .toList(),
                batch.amounts().stream()
                        .map(Batch.Amount::cost)
                        .flatMap(Optional::stream)
                        .reduce(Double::sum)
                        .orElse(null),
                batch.amounts().stream()
                        .filter(a -> a.cost().isEmpty())
                        .map(a -> a.component().key())
                        .toList(),
                Caution.forMixing(
                                mix,
                                stirs,
                                added.stream().map(RecipeWire.Added::amendment).toList())
                        .stream()
                        .map(Caution::id)
                        .toList(),
                recorder == null ? null : StepWire.all(recorder));
    }
}
