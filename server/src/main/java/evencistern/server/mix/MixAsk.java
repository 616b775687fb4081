package evencistern.server.mix;

import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A whole mix in the body of a question, its components with all they are.
 *
 * @param key that the working names it by
 * @param yield litres out per 100 litres in, where measured
 * @param soaked what it held when it was measured, if it was
 */
public record MixAsk(
        String key,
        List<PartAsk> parts,
        @Nullable Typed yield,
        @Nullable SoakedMix soaked) {

    /** A component and how much of it, as typed, in a measure of its own where it has one. */
    public record PartAsk(ComponentWire component, String amount, RecipeWire.@Nullable Counted counted) {}

    /** The mix; refused with every fault. */
    public Mix toMix() {
        Faults faults = new Faults();
        OptionalDouble measured = Typed.optional(yield, "mix.yield", faults, Dimension.FRACTION);
        MixShelf shelf = new MixShelf(parts.stream().map(PartAsk::component).toList(), List.of(), List.of());
        Optional<Mix> mix = faults.attempt(() -> shelf.mix(
                key,
                parts.stream()
                        .map(p -> new RecipeWire.PartWire(p.component().key(), p.amount(), p.counted()))
                        .toList(),
                measured.isPresent() ? measured.getAsDouble() : null,
                soaked));
        faults.throwIfAny();
        return mix.orElseThrow();
    }
}
