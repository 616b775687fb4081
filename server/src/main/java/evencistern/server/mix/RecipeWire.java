package evencistern.server.mix;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Amendment;
import evencistern.media.Batch;
import evencistern.media.Liming;
import evencistern.media.Recipe;
import evencistern.media.Recipes;
import evencistern.server.history.Laid;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A recipe as it goes over the wire.
 *
 * @param shipped the key of the shipped recipe it changes, or is; absent for the garden's own
 * @param name empty for a shipped one that nobody changed: it is named by its key
 * @param yield litres out per 100 litres in, where somebody measured it
 * @param soaked what the mix held when it was measured, if it was
 * @param target pH that it is limed to; absent where it is used as it comes
 * @param neutralising of the lime at hand, % of CaCO3, where its bag says so
 * @param version 0 for a shipped one as it ships
 */
public record RecipeWire(
        UUID id,
        @Nullable String shipped,
        String name,
        Measure measure,
        List<PartWire> parts,
        List<AddedWire> amendments,
        @Nullable Double yield,
        @Nullable SoakedMix soaked,
        @Nullable Double target,
        Liming.Material lime,
        Liming.Fineness fineness,
        @Nullable Double neutralising,
        Map<String, Typed> typed,
        String notes,
        int version,
        boolean retired)
        implements Laid<RecipeWire> {

    /** What the amounts of a recipe count. Only their proportions matter. */
    public enum Measure {
        parts,
        percent,
        litres,
        shovels,
        handfuls
    }

    /**
     * A component by its key, and how much of it as typed.
     *
     * @param counted the measure of this part alone, where the others are counted in litres; absent where it is as the others
     */
    public record PartWire(
            String component, String amount, @Nullable Counted counted) {
        public PartWire(String component, String amount) {
            this(component, amount, null);
        }

        /** How much of it, in the measure of the recipe; nothing where no amount is typed. Empty where it cannot be read. */
        Optional<Double> read(Faults faults) {
            Optional<Double> typed = MixShelf.amount(amount, faults);
            return counted == null ? typed : typed.map(a -> a * counted.checked(faults));
        }
    }

    /** A measure that a part is counted in by itself, and the litres it took when the recipe was written. */
    public record Counted(Measure by, double litres) {
        private double checked(Faults faults) {
            return switch (by) {
                case shovels -> Batch.Measures.shovel(litres, faults);
                case handfuls -> Batch.Measures.handful(litres, faults);
                case parts, percent, litres -> {
                    faults.add(FaultCode.CHOICE_UNKNOWN, "mix.parts", by.name());
                    yield litres;
                }
            };
        }
    }

    /** An amendment by its key, and grams of it in a litre of mix as typed. */
    public record AddedWire(String key, String grams) {
        /** So much of an amendment; refused with every fault. */
        public Added read() {
            Faults faults = new Faults();
            var amendment = faults.attempt(() -> Amendment.require(key));
            double perLitre =
                    new Typed(grams, "g/L").read("amendment.grams", faults, Dimension.MASS_CONCENTRATION) / 1000;
            faults.throwIfAny();
            return new Added(amendment.orElseThrow(), perLitre);
        }
    }

    /** So many grams of an amendment in a litre of mix. */
    public record Added(Amendment amendment, double gramsPerLitre) {
        /** mg of each element that adds to a litre of mix; refused where it is too much. */
        public Map<String, Double> adds() {
            return amendment.adds(gramsPerLitre);
        }
    }

    public String key() {
        return shipped == null ? id.toString() : shipped;
    }

    /** A shipped recipe as it ships. */
    static RecipeWire of(Recipe r) {
        return new RecipeWire(
                ComponentWire.idOf("recipe", r.key()),
                r.key(),
                "",
                Measure.parts,
                r.mix().parts().stream()
                        .map(p -> new PartWire(p.component().key(), Faults.plain(p.parts())))
                        .toList(),
                List.of(),
                null,
                null,
                r.targetPh().isPresent() ? r.targetPh().getAsDouble() : null,
                Liming.Material.DOLOMITE,
                Liming.Fineness.POWDER,
                null,
                Map.of(),
                "",
                0,
                false);
    }

    @Override
    public RecipeWire at(int at) {
        RecipeWire r = of(Recipes.recipe(key()));
        return new RecipeWire(
                r.id,
                r.shipped,
                r.name,
                r.measure,
                r.parts,
                r.amendments,
                r.yield,
                r.soaked,
                r.target,
                r.lime,
                r.fineness,
                r.neutralising,
                r.typed,
                r.notes,
                at,
                r.retired);
    }
}
