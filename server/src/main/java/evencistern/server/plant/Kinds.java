package evencistern.server.plant;

import evencistern.plant.SpeciesGuide;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.history.Laid;
import evencistern.server.lock.RetriedOnLocks;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kinds of plant of a garden: what ships, with the garden's changes laid over it, and its own. */
@Service
@RetriedOnLocks
public class Kinds {
    private static final List<Kind> SHIPPED =
            SpeciesGuide.all().stream().map(s -> Kind.of(s, 0)).toList();

    private final KindStore store;
    private final Gardens gardens;
    private final History history;
    private final Keeping<Kind> keeping;

    Kinds(KindStore store, Gardens gardens, History history) {
        this.store = store;
        this.gardens = gardens;
        this.history = history;
        this.keeping = history.keep(store.kinds());
    }

    /** Every kind there is. */
    public KindShelf shelf(GardenId garden) {
        return new KindShelf(Laid.over(SHIPPED, store.listKinds(garden)));
    }

    /** How many lots on the bench are of each kind that has any, by its key. */
    Map<String, Integer> lots(GardenId garden) {
        gardens.stamp(garden); // there, or refused
        return store.countLots(garden);
    }

    /** The key by which lots call the kind of this id. */
    public String keyOf(GardenId garden, UUID id) {
        return store.kinds().find(garden, id).orElseThrow().key();
    }

    /** Changes a kind, or adds one of the garden's own. */
    @Transactional
    public History.Edited<Kind> save(GardenId garden, KindInput input) {
        gardens.require(garden);
        return history.edit(garden, keeping, input.read());
    }
}
