package evencistern.server.plant;

import evencistern.fault.Faults;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.plant.Traits;
import evencistern.server.history.Laid;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kind of plant as a garden has it.
 *
 * @param shipped the key of the entry of the guide it changes, or is; absent for the garden's own
 * @param traits what the garden tells of it, by trait: over the guide's entry, or over its group
 * @param version 0 for an entry as it ships
 */
public record Kind(
        UUID id,
        @Nullable String shipped,
        String name,
        String scientific,
        String group,
        Map<String, String> traits,
        int version,
        boolean retired)
        implements Laid<Kind> {

    /** What lots call it by: the shipped key, or its own id. */
    public String key() {
        return shipped == null ? id.toString() : shipped;
    }

    /** An entry of the guide as it ships. */
    static Kind of(Species s, int version) {
        return new Kind(
                UUID.nameUUIDFromBytes(("species:" + s.key()).getBytes(StandardCharsets.UTF_8)),
                s.key(),
                s.common(),
                s.scientific(),
                s.group(),
                Map.of(),
                version,
                false);
    }

    @Override
    public Kind at(int at) {
        return of(SpeciesGuide.require(key()), at);
    }

    /** The species it describes; refused with every fault. */
    public Species toSpecies() {
        return new Species(key(), name, scientific, also(), group, told(base(), traits, Traits.Teller.GARDEN));
    }

    /** Other names that the guide knows it by. */
    List<String> also() {
        return shipped == null ? List.of() : SpeciesGuide.require(shipped).also();
    }

    /** What is told of it before the garden says anything. */
    Traits base() {
        return shipped == null
                ? SpeciesGuide.group(group)
                : SpeciesGuide.require(shipped).traits();
    }

    /** Traits with some told anew by their ids; refused with every fault. */
    static Traits told(Traits before, @Nullable Map<String, String> texts, Traits.Teller teller) {
        Faults faults = new Faults();
        Optional<Traits> traits = faults.attempt(() -> before.over(byTrait(texts, faults), teller));
        faults.throwIfAny();
        return traits.orElseThrow();
    }

    private static Map<Trait, String> byTrait(@Nullable Map<String, String> texts, Faults faults) {
        Map<Trait, String> told = new EnumMap<>(Trait.class);
        (texts == null ? Map.<String, String>of() : texts)
                .forEach((id, text) -> Trait.named(id)
                        .ifPresentOrElse(
                                t -> told.put(t, text),
                                () -> faults.add(evencistern.fault.FaultCode.CHOICE_UNKNOWN, "species.trait", id)));
        return told;
    }

    /** Of what is told, that which says something new, in the one way it is kept; refused with every fault. */
    public static Map<String, String> news(Traits before, @Nullable Map<String, String> texts) {
        Traits now = told(before, texts, Traits.Teller.LOT);
        Map<String, String> news = new TreeMap<>();
        for (Trait t : Trait.values()) {
            if (!now.text(t).equals(before.text(t))) {
                news.put(t.id(), now.text(t));
            }
        }
        return news;
    }
}
