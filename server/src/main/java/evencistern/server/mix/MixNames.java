package evencistern.server.mix;

import evencistern.media.Mix;
import evencistern.server.words.Words;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What components and recipes are called: by their own names, or those of the interface for what ships unchanged. */
@Component
public class MixNames {
    private final Words words;

    MixNames(Words words) {
        this.words = words;
    }

    public String of(ComponentWire c) {
        return c.name().isEmpty() ? words.of("components", c.key(), Map.of()) : c.name();
    }

    /** What a lot stands in: a recipe, or a batch of one. */
    public String of(MixShelf shelf, String key) {
        if (key.equals(Mix.BARE)) {
            return words.of("mixes", key, Map.of());
        }
        return shelf.recipe(key)
                .map(this::of)
                .or(() -> shelf.made().stream()
                        .filter(m -> m.key().equals(key))
                        .findFirst()
                        .map(m -> m.recipeName() + ", batch " + m.number()))
                .or(() -> shelf.components().stream()
                        .filter(c -> c.key().equals(key))
                        .findFirst()
                        .map(this::of))
                .orElse(key);
    }

    public String of(RecipeWire r) {
        return r.name().isEmpty() ? words.of("mixes", r.key(), Map.of()) : r.name();
    }
}
