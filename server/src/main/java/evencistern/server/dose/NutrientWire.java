package evencistern.server.dose;

import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import java.util.Arrays;
import java.util.List;

/** One nutrient in mg/L: what the feed brings and what the water has. */
public record NutrientWire(String nutrient, double feed, double water) {

    /** Those of which there is any. */
    public static List<NutrientWire> all(Nutrients feed, Nutrients water) {
        return Arrays.stream(Nutrient.values())
                .filter(n -> feed.of(n) > 0 || water.of(n) > 0)
                .map(n -> new NutrientWire(n.id(), feed.of(n), water.of(n)))
                .toList();
    }
}
