package evencistern.server.mix;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.mixlife.LastPlant;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Every component and recipe a garden can mix with, those put away among them; mixes are made when first asked for, by any of several at once. */
public final class MixShelf {
    private final Map<String, ComponentWire> components = new LinkedHashMap<>();
    private final Map<String, RecipeWire> recipes = new LinkedHashMap<>();
    private final Map<String, MadeWire> made = new LinkedHashMap<>();
    private final Map<String, Component> read = new ConcurrentHashMap<>();
    private final Map<String, Mix> mixes = new ConcurrentHashMap<>();

    public MixShelf(List<ComponentWire> components, List<RecipeWire> recipes, List<MadeWire> made) {
        components.forEach(c -> this.components.put(c.key(), c));
        recipes.forEach(r -> this.recipes.put(r.key(), r));
        made.forEach(m -> this.made.put(m.key(), m));
    }

    /** Batches made, newest first. */
    public List<MadeWire> made() {
        return List.copyOf(made.values());
    }

    public List<ComponentWire> components() {
        return List.copyOf(components.values());
    }

    public List<RecipeWire> recipes() {
        return List.copyOf(recipes.values());
    }

    public Optional<RecipeWire> recipe(String key) {
        return Optional.ofNullable(recipes.get(key));
    }

    /** The mix of a recipe or of a batch, that a lot stands in; an unknown key is refused. */
    public Mix require(String key) {
        Mix known = mixes.get(key);
        if (known == null) {
            known = make(key);
            mixes.put(key, known);
        }
        return known;
    }

    private Mix make(String key) {
        if (key.equals(Mix.BARE)) {
            return Mix.NONE;
        }
        RecipeWire recipe = recipes.get(key);
        if (recipe != null) {
            return mix(key, recipe.parts(), recipe.yield(), recipe.soaked());
        }
        ComponentWire alone = components.get(key);
        if (alone != null && alone.used()) {
            return mix(key, List.of(new RecipeWire.PartWire(key, "1")), null, null);
        }
        MadeWire batch = made.get(key);
        if (batch == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "mix", key));
        }
        // what was measured of a recipe holds for what was made by it
        RecipeWire by = recipes.get(batch.recipe());
        return mix(key, batch.parts(), batch.yielded(), by == null ? null : by.soaked());
    }

    /** The mix of parts that are on the shelf, by a recipe that need not be; refused with every fault. */
    Mix mix(String key, List<RecipeWire.PartWire> recipe, @Nullable Double yield, @Nullable SoakedMix soaked) {
        Faults faults = new Faults();
        List<Mix.Part> parts = new ArrayList<>();
        for (RecipeWire.PartWire part : recipe) {
            Optional<Component> component = component(part.component());
            if (component.isEmpty()) {
                faults.add(FaultCode.COMPONENT_UNKNOWN, "mix.component", part.component());
            }
            part.read(faults).ifPresent(a -> component.ifPresent(c -> parts.add(new Mix.Part(c, a))));
        }
        faults.throwIfAny();
        Mix mix = Mix.of(key, parts);
        Mix yielded = yield == null ? mix : mix.yielding(yield / 100);
        return soaked == null ? yielded : soaked.over(yielded);
    }

    /** What a mix by its key is made of, by the keys of components. */
    private List<RecipeWire.PartWire> partsOf(String key) {
        RecipeWire recipe = recipes.get(key);
        MadeWire batch = made.get(key);
        return recipe != null
                ? recipe.parts()
                : batch != null ? batch.parts() : List.of(new RecipeWire.PartWire(key, "1"));
    }

    /** Notes a fault for each thing in a mix that a sick plant stood in, and that may not go into a pot, or not yet. */
    public void noteHeldBack(String key, Faults faults) {
        noteHeldBack(partsOf(key), faults);
    }

    void noteHeldBack(List<RecipeWire.PartWire> parts, Faults faults) {
        parts.stream()
                .filter(p -> !p.amount().isBlank())
                .map(p -> components.get(p.component()))
                .filter(c -> c != null && c.heldBack() != null)
                .forEach(c -> faults.add(
                        c.heldBack() == LastPlant.Use.NEVER ? FaultCode.USED_MIX_NEVER : FaultCode.USED_MIX_HEAT_FIRST,
                        "mix.component",
                        c.name()));
    }

    /** An amount as typed; blank counts as none. */
    static Optional<Double> amount(String text, Faults faults) {
        if (text.isBlank()) {
            return Optional.of(0.0);
        }
        double amount = new Typed(text, Unit.ONE.symbol()).read("mix.parts", faults, Dimension.NUMBER);
        if (!Double.isNaN(amount)) {
            faults.within("mix.parts", amount, 0, 1e6, "");
        }
        return amount >= 0 ? Optional.of(amount) : Optional.empty();
    }

    private Optional<Component> component(String key) {
        ComponentWire wire = components.get(key);
        if (wire == null) {
            return Optional.empty();
        }
        return Optional.of(read.computeIfAbsent(key, k -> wire.toComponent()));
    }

    /** A recipe by its id and the batches made by it, as keys. */
    List<String> madeBy(UUID recipe) {
        return recipes.values().stream()
                .filter(r -> r.id().equals(recipe))
                .flatMap(r -> Stream.concat(
                        Stream.of(r.key()),
                        made.values().stream()
                                .filter(m -> m.recipe().equals(r.key()))
                                .map(MadeWire::key)))
                .toList();
    }

    /** Keys of the mixes that hold a component: itself, recipes and batches. */
    List<String> holding(String component) {
        Predicate<List<RecipeWire.PartWire>> holds =
                parts -> parts.stream().anyMatch(p -> p.component().equals(component));
        return Stream.of(
                        Stream.of(component),
                        recipes.values().stream()
                                .filter(r -> holds.test(r.parts()))
                                .map(RecipeWire::key),
                        made.values().stream()
                                .filter(m -> holds.test(m.parts()))
                                .map(MadeWire::key))
                .flatMap(keys -> keys)
                .toList();
    }
}
