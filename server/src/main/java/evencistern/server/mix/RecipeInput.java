package evencistern.server.mix;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Liming;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Unit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A recipe as it stands on the screen.
 *
 * @param version the version it was changed from; 0 for a new one, or a shipped one not yet changed
 */
public record RecipeInput(
        UUID id,
        @Nullable String shipped,
        String name,
        RecipeWire.Measure measure,
        List<RecipeWire.PartWire> parts,
        @Nullable List<RecipeWire.AddedWire> amendments,
        @Nullable Typed yield,
        @Nullable SoakedMix soaked,
        @Nullable Typed target,
        Liming.Material lime,
        Liming.Fineness fineness,
        @Nullable Typed neutralising,
        String notes,
        int version) {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTES = 2000;
    private static final int MOST_PARTS = 40;

    /** The recipe it describes, of components on the shelf; refused with every fault of every field. */
    public RecipeWire read(MixShelf shelf) {
        Faults faults = new Faults();
        String checked = faults.text("recipe.name", name, LONGEST_NAME);
        if (notes.length() > LONGEST_NOTES) {
            faults.add(new Fault(
                    FaultCode.TOO_LONG,
                    "recipe.notes",
                    Integer.toString(notes.length()),
                    Integer.toString(LONGEST_NOTES),
                    ""));
        }
        faults.within("recipe.parts", parts.size(), 0, MOST_PARTS, "");
        RecipeWire wire = new RecipeWire(
                id,
                shipped,
                checked,
                measure,
                List.copyOf(parts),
                added(faults),
                value(yield, "mix.yield", 60, 100, Unit.PER_CENT, faults),
                soaked,
                value(target, "lime.target", 3.5, 7.5, Unit.PH_UNIT, faults),
                lime,
                fineness,
                value(neutralising, "lime.neutralising", 30, 180, Unit.PER_CENT, faults),
                typed(),
                notes.strip(),
                version,
                false);
        faults.attempt(() -> shelf.mix(wire.key(), wire.parts(), wire.yield(), wire.soaked()));
        if (measure != RecipeWire.Measure.litres) {
            parts.stream()
                    .filter(p -> p.counted() != null)
                    .forEach(p -> faults.add(FaultCode.PART_COUNTED_ALONE, "mix.parts", p.component()));
        }
        shelf.noteHeldBack(wire.parts(), faults);
        faults.throwIfAny();
        return wire;
    }

    private static @Nullable Double value(
            @Nullable Typed typed, String field, double min, double max, Unit unit, Faults faults) {
        OptionalDouble value = Typed.optional(typed, field, faults, unit.dimension());
        return value.isPresent() ? faults.within(field, value.getAsDouble(), min, max, unit.symbol()) : null;
    }

    private List<RecipeWire.AddedWire> added(Faults faults) {
        List<RecipeWire.AddedWire> all = amendments == null ? List.of() : List.copyOf(amendments);
        all.forEach(a -> faults.attempt(() -> a.read().adds()));
        return all;
    }

    private Map<String, Typed> typed() {
        Map<String, Typed> fields = new HashMap<>();
        if (yield != null) {
            fields.put("yield", yield);
        }
        if (target != null) {
            fields.put("target", target);
        }
        if (neutralising != null) {
            fields.put("neutralising", neutralising);
        }
        return TypedFields.filled(fields);
    }
}
