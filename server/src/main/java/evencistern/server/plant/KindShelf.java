package evencistern.server.plant;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.plant.Species;
import evencistern.plant.Traits;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Every kind of plant a garden knows, those put away among them; species are made when first asked for, by any of several at once. */
public final class KindShelf {
    private final Map<String, Kind> kinds = new LinkedHashMap<>();
    private final Map<String, Species> made = new ConcurrentHashMap<>();

    KindShelf(List<Kind> kinds) {
        kinds.forEach(k -> this.kinds.put(k.key(), k));
    }

    List<Kind> all() {
        return List.copyOf(kinds.values());
    }

    /** The species of this key, as the garden has it; an unknown key is refused. */
    public Species require(String key) {
        Species known = made.get(key);
        if (known == null) {
            Kind kind = kinds.get(key);
            if (kind == null) {
                throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "species", key));
            }
            known = kind.toSpecies();
            made.put(key, known);
        }
        return known;
    }

    /** The species as it holds for a lot of which some traits are told; refused with every fault. */
    public Species require(String key, @Nullable Map<String, String> traits) {
        Species s = require(key);
        return traits == null || traits.isEmpty() ? s : s.with(Kind.told(s.traits(), traits, Traits.Teller.LOT));
    }

    /** Keys of the kinds whose common or botanical name holds a text; none for an empty one. */
    public List<String> named(String part) {
        return kinds.values().stream()
                .map(k -> require(k.key()))
                .filter(s -> s.named(part))
                .map(Species::key)
                .toList();
    }
}
