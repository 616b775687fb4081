package evencistern.server.plant;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.plant.Traits;
import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The species guide of a garden over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/species")
class KindController {
    private final Kinds kinds;
    private final History history;

    KindController(Kinds kinds, History history) {
        this.kinds = kinds;
        this.history = history;
    }

    /**
     * A kind of plant.
     *
     * @param also other names it goes by
     * @param differs what the guide has of its own for it, where it ships
     * @param lots how many lots on the bench are of it
     */
    record KindWire(@JsonUnwrapped Kind kind, String key, List<String> also, Map<String, String> differs, int lots) {}

    /** A group with all that is told of it. */
    record GroupTraits(String key, Map<String, String> traits) {}

    /** How a trait is told: by a number in a unit, or by words to choose from, several where {@code many}. */
    record TraitWire(
            String id, boolean number, String unit, double low, double high, boolean many, List<String> words) {}

    /** The guide: what is told of the groups, and of each kind where it differs. */
    record GuideWire(List<TraitWire> traits, List<GroupTraits> groups, List<KindWire> kinds) {}

    @GetMapping
    GuideWire listSpecies(@PathVariable UUID garden) {
        GardenId id = new GardenId(garden);
        Map<String, Integer> lots = kinds.lots(id);
        return new GuideWire(
                Arrays.stream(Trait.values())
                        .map(t -> new TraitWire(
                                t.id(), t.isNumber(), t.unit().symbol(), t.low(), t.high(), t.many(), t.words()))
                        .toList(),
                SpeciesGuide.groups().stream()
                        .map(g -> new GroupTraits(g, texts(SpeciesGuide.group(g), t -> true)))
                        .toList(),
                kinds.shelf(id).all().stream().map(k -> wire(k, lots)).toList());
    }

    private static KindWire wire(Kind kind, Map<String, Integer> lots) {
        Traits base = kind.base();
        return new KindWire(
                kind,
                kind.key(),
                kind.also(),
                texts(base, t -> base.teller(t) == Traits.Teller.SPECIES),
                lots.getOrDefault(kind.key(), 0));
    }

    private static Map<String, String> texts(Traits traits, Predicate<Trait> wanted) {
        Map<String, String> texts = new LinkedHashMap<>();
        Arrays.stream(Trait.values()).filter(wanted).forEach(t -> texts.put(t.id(), traits.text(t)));
        return texts;
    }

    @PutMapping
    ResponseEntity<KindWire> saveSpecies(@PathVariable UUID garden, @RequestBody KindInput input) {
        GardenId id = new GardenId(garden);
        return history.whole(() -> {
            History.Edited<Kind> edited = kinds.save(id, input);
            return edited.answer(wire(edited.now(), kinds.lots(id)));
        });
    }
}
