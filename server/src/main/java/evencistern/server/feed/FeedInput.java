package evencistern.server.feed;

import evencistern.fault.Faults;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The feed form as it stands on the screen.
 *
 * @param id made by the page, so that sending a new feed twice makes one
 * @param version the version it was changed from; 0 for a new one
 */
public record FeedInput(
        UUID id,
        String name,
        Typed n,
        Typed p2o5,
        Typed k2o,
        FeedWire.Form form,
        @Nullable Typed density,
        @Nullable Typed ecFactor,
        String label,
        List<FeedWire.Answer> answers,
        boolean wordsSeen,
        int version) {

    /** The feed it describes; refused with every fault of every field. */
    public FeedWire read() {
        Faults faults = new Faults();
        String checkedName = faults.text("feed.name", name, 80);
        double nitrogen = n.read("feed.n", faults);
        double phosphate = p2o5.read("feed.p2o5", faults);
        double potash = k2o.read("feed.k2o", faults);
        OptionalDouble kgPerL = Typed.optional(density, "feed.density", faults);
        OptionalDouble factor = Typed.optional(ecFactor, "feed.ec_factor", faults);
        boolean numbers = !Double.isNaN(nitrogen + phosphate + potash);
        FeedWire feed = new FeedWire(
                id,
                checkedName,
                numbers ? nitrogen : 0,
                numbers ? phosphate : 0,
                numbers ? potash : 0,
                form,
                kgPerL.isPresent() ? kgPerL.getAsDouble() : null,
                factor.isPresent() ? factor.getAsDouble() : null,
                label,
                answers,
                wordsSeen,
                typed(),
                version,
                false);
        faults.attempt(feed::toFeed);
        faults.throwIfAny();
        return feed;
    }

    private Map<String, Typed> typed() {
        Map<String, Typed> fields = new HashMap<>(Map.of("n", n, "p2o5", p2o5, "k2o", k2o));
        if (density != null) {
            fields.put("density", density);
        }
        if (ecFactor != null) {
            fields.put("ecFactor", ecFactor);
        }
        return TypedFields.filled(fields);
    }
}
