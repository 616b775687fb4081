package evencistern.server.mix;

import evencistern.media.Recipes;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.history.Laid;
import evencistern.server.lock.RetriedOnLocks;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The components and recipes of a garden: what ships, with the garden's changes laid over it, and its own. */
@Service
@RetriedOnLocks
public class Mixes {
    private static final List<ComponentWire> SHIPPED_COMPONENTS =
            Recipes.components().stream().map(ComponentWire::of).toList();
    private static final List<RecipeWire> SHIPPED_RECIPES =
            Recipes.all().stream().map(RecipeWire::of).toList();

    private final MixStore store;
    private final Gardens gardens;
    private final History history;
    private final Keeping<ComponentWire> components;
    private final Keeping<RecipeWire> recipes;

    Mixes(MixStore store, Gardens gardens, History history) {
        this.store = store;
        this.gardens = gardens;
        this.history = history;
        this.components = history.keep(store.components());
        this.recipes = history.keep(store.recipes());
    }

    /** The shelf of a garden that is there, at the prices that were paid for the stock. */
    MixShelf require(GardenId garden) {
        gardens.stamp(garden);
        return shelf(garden, store.listPrices(garden));
    }

    /** Everything to mix with. */
    public MixShelf shelf(GardenId garden) {
        return shelf(garden, Map.of());
    }

    private MixShelf shelf(GardenId garden, Map<String, MixStore.Price> prices) {
        return new MixShelf(
                Laid.over(SHIPPED_COMPONENTS, store.listComponents(garden)).stream()
                        .map(c -> {
                            MixStore.Price price = prices.get(c.key());
                            return price == null ? c : c.priced(price.perLitre(), price.currency());
                        })
                        .toList(),
                Laid.over(SHIPPED_RECIPES, store.listRecipes(garden)),
                store.listMade(garden));
    }

    /** Changes a component, or adds one of the garden's own. */
    @Transactional
    public History.Edited<ComponentWire> saveComponent(GardenId garden, ComponentInput input) {
        gardens.require(garden);
        return history.edit(garden, components, input.read());
    }

    /** Adds or changes a component as part of an act. */
    public void save(GardenId garden, Act act, ComponentWire component) {
        history.save(garden, act, components, component);
    }

    /** Changes a recipe, or adds one of the garden's own. */
    @Transactional
    public History.Edited<RecipeWire> saveRecipe(GardenId garden, RecipeInput input) {
        gardens.require(garden);
        return history.edit(garden, recipes, input.read(shelf(garden)));
    }

    /** Components to add and recipes to add or change, as one act; the same key again does nothing more. */
    @Transactional
    public Act.Recorded saveAll(
            GardenId garden, String clientKey, List<ComponentWire> newComponents, List<RecipeWire> newRecipes) {
        return history.once(garden, "edit", clientKey, act -> {
            newComponents.forEach(c -> history.save(garden, act, components, c));
            newRecipes.forEach(r -> history.save(garden, act, recipes, r));
        });
    }

    /** Keys of the recipes whose mix depends on a thing that was edited. */
    public List<String> restingOn(GardenId garden, String kind, UUID id) {
        MixShelf shelf = shelf(garden);
        return kind.equals("recipe")
                ? shelf.madeBy(id)
                : shelf.components().stream()
                        .filter(c -> c.id().equals(id))
                        .flatMap(c -> shelf.holding(c.key()).stream())
                        .toList();
    }
}
