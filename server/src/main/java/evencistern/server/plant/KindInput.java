package evencistern.server.plant;

import evencistern.fault.Faults;
import evencistern.plant.SpeciesGuide;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kind of plant as a form has it.
 *
 * @param traits what is told of it, by trait; a blank one is as the guide has it
 * @param version the version it was changed from; 0 for a new one, or for an entry of the guide not yet changed
 */
public record KindInput(
        UUID id,
        @Nullable String shipped,
        String name,
        String scientific,
        String group,
        Map<String, String> traits,
        int version) {
    private static final int LONGEST = 80;

    /** The kind it describes; refused with every fault of every field. */
    Kind read() {
        Faults faults = new Faults();
        String common = faults.text("species.name", name, LONGEST);
        String botanical = faults.text("species.scientific", scientific, LONGEST);
        faults.attempt(() -> SpeciesGuide.group(group));
        if (shipped != null) {
            faults.attempt(() -> SpeciesGuide.require(shipped));
        }
        faults.throwIfAny();
        Kind kind = new Kind(id, shipped, common, botanical, group, filled(traits), version, false);
        Optional<Map<String, String>> news = faults.attempt(() -> Kind.news(kind.base(), kind.traits()));
        faults.throwIfAny();
        return new Kind(id, shipped, common, botanical, group, news.orElseThrow(), version, false);
    }

    /** Those that were filled in. */
    public static Map<String, String> filled(@Nullable Map<String, String> traits) {
        return traits == null
                ? Map.of()
                : traits.entrySet().stream()
                        .filter(t -> !t.getValue().isBlank())
                        .collect(java.util.stream.Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
