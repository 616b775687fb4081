package evencistern.server.batch;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Additive;
import evencistern.media.Batch;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.mix.MixNames;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.mix.RecipeWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The batches of a garden. */
@Service
@RetriedOnLocks
public class Batches {
    private static final int LONGEST_NOTES = 2000;
    private static final int LONGEST_STIRRED = 80;
    private static final int LONGEST_BAG = 80;

    private final BatchStore store;
    private final Gardens gardens;
    private final Mixes mixes;
    private final Words words;
    private final MixNames names;
    private final History history;
    private final Keeping<BatchWire> batches;

    Batches(BatchStore store, Gardens gardens, Mixes mixes, Words words, MixNames names, History history) {
        this.store = store;
        this.gardens = gardens;
        this.mixes = mixes;
        this.words = words;
        this.names = names;
        this.history = history;
        this.batches = history.keep(store.batches());
    }

    /** Newest first. */
    public List<BatchWire> list(GardenId garden) {
        gardens.require(garden);
        return store.listBatches(garden);
    }

    /** The batch of this id, one that was taken back too. */
    public BatchWire require(GardenId garden, UUID id) {
        return store.batches()
                .find(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "batch", id.toString())));
    }

    /** Records a batch that is being made, or what became known of one since. */
    @Transactional
    public History.Edited<BatchWire> save(GardenId garden, BatchInput input) {
        LocalDate today = gardens.require(garden).today();
        Faults faults = new Faults();
        LocalDate madeOn = input.madeOn() == null ? today : input.madeOn();
        if (madeOn.isAfter(today)) {
            faults.add(FaultCode.TIME_IN_FUTURE, "batch.made_on", madeOn.toString());
        }
        if (input.notes().length() > LONGEST_NOTES) {
            faults.add(new Fault(
                    FaultCode.TOO_LONG,
                    "recipe.notes",
                    Integer.toString(input.notes().length()),
                    Integer.toString(LONGEST_NOTES),
                    ""));
        }
        OptionalDouble ph = Typed.optional(input.firstPh(), "reading.ph", faults, Dimension.PH);
        ph.ifPresent(p -> faults.within("reading.ph", p, 2, 11, "pH"));
        Optional<BatchWire> before = store.batches().find(garden, input.id());
        BatchWire made = before.isPresent() ? before.get() : made(garden, input, faults);
        List<BatchWire.PutWire> put = bagged(made.put(), input.bags(), faults);
        faults.throwIfAny();
        return history.edit(
                garden,
                batches,
                new BatchWire(
                        made.id(),
                        made.number(),
                        made.recipe(),
                        made.recipeName(),
                        made.recipeVersion(),
                        madeOn,
                        made.litres(),
                        put,
                        made.pots(),
                        made.stirredIn(),
                        made.stirredKey(),
                        made.stirredGrams(),
                        made.added(),
                        ph.isPresent() ? ph.getAsDouble() : null,
                        ph.isPresent() ? input.firstPh() : null,
                        input.notes().strip(),
                        input.version(),
                        made.retired()));
    }

    private static List<BatchWire.PutWire> bagged(
            List<BatchWire.PutWire> put, @Nullable Map<String, String> bags, Faults faults) {
        if (bags == null) {
            return put;
        }
        return put.stream()
                .map(p -> {
                    String bag = bags.getOrDefault(p.component(), "").strip();
                    String told = bag.isEmpty() ? null : faults.text("batch.bag", bag, LONGEST_BAG);
                    return new BatchWire.PutWire(p.component(), p.name(), p.litres(), p.taken(), told);
                })
                .toList();
    }

    private BatchWire made(GardenId garden, BatchInput input, Faults faults) {
        MixShelf shelf = mixes.shelf(garden);
        RecipeWire recipe = shelf.recipe(input.recipe())
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "mix", input.recipe())));
        Mix mix = shelf.require(input.recipe());
        shelf.noteHeldBack(input.recipe(), faults);
        Filling filling = Filling.read(input.fills(), input.litres(), input.waste(), faults);
        Map<String, Double> rejects = Filling.rejects(input.rejects(), faults);
        String stirredKey = input.stirredKey();
        if (stirredKey != null && !Additive.keys().contains(stirredKey)) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "batch.stirred_in", stirredKey);
        }
        faults.throwIfAny();
        double litres = filling.litres();
        Batch put = Batch.of(
                mix,
                litres,
                filling.capacity(mix, PotWater.TABLE_COLUMN),
                Batch.Measures.USUAL,
                rejects,
                Working.off());
        Double perLitre = input.stirredPerLitre();
        String stirredIn = perLitre == null || !(perLitre > 0)
                ? null
                : faults.text("batch.stirred_in", stirred(input.stirredIn()), LONGEST_STIRRED);
        return new BatchWire(
                input.id(),
                store.findNextNumber(garden),
                input.recipe(),
                names.of(recipe),
                recipe.version(),
                LocalDate.EPOCH,
                litres,
                put.amounts().stream().map(a -> put(shelf, a)).toList(),
                IntStream.range(0, filling.fills().size())
                        .mapToObj(i -> new BatchWire.PotsWire(
                                input.fills().get(i).name(),
                                filling.fills().get(i).count()))
                        .toList(),
                stirredIn,
                stirredIn == null ? null : input.stirredKey(),
                stirredIn == null || perLitre == null ? null : perLitre * litres,
                recipe.amendments().stream()
                        .map(RecipeWire.AddedWire::read)
                        .map(a -> new BatchWire.StirredWire(
                                a.amendment().key(),
                                words.of("amendments", a.amendment().key(), Map.of()),
                                a.gramsPerLitre() * litres))
                        .toList(),
                null,
                null,
                "",
                0,
                false);
    }

    private BatchWire.PutWire put(MixShelf shelf, Batch.Amount amount) {
        String key = amount.component().key();
        boolean sieved = amount.takenLitres() > amount.litres();
        return new BatchWire.PutWire(
                key, componentName(shelf, key), amount.litres(), sieved ? amount.takenLitres() : null, null);
    }

    private String componentName(MixShelf shelf, String key) {
        return shelf.components().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .map(names::of)
                .orElse(key);
    }

    private static String stirred(@Nullable String typed) {
        return typed == null ? "" : typed;
    }
}
