package evencistern.server.plant;

import evencistern.plant.Species;
import evencistern.plant.Traits;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A whole kind of plant in the body of a question.
 *
 * @param traits what is told of the one lot over it
 */
public record KindAsk(Kind kind, @Nullable Map<String, String> traits) {

    /** The species as it holds for the lot; refused with every fault. */
    public Species toSpecies() {
        Species s = kind.toSpecies();
        return s.with(Kind.told(s.traits(), traits, Traits.Teller.LOT));
    }
}
