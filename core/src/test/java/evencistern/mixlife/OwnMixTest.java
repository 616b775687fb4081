package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipe;
import evencistern.media.Recipes;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The guide's own mixes, in the pots their kinds usually stand in. */
class OwnMixTest {
    /** The width of the pot a kind of this group usually stands in, cm; common practice, no source. */
    private static double usualCm(Species species) {
        if (species.key().equals("peperomia")) {
            return 10; // a small plant of a group of larger ones
        }
        return switch (species.group()) {
            case "cactus", "succulent", "carnivore", "herb" -> 11;
            case "bonsai", "conifer_bonsai" -> 20;
            case "patio_fruit", "patio_shrub", "vegetable" -> 30;
            case "nursery_shrub", "acid_lover", "lime_lover" -> 19;
            default -> 13;
        };
    }

    private static List<String> against() {
        List<String> all = new ArrayList<>();
        for (Species s : SpeciesGuide.all()) {
            double cm = usualCm(s);
            Pot pot = Pot.filled(new RoundTaper(cm / 100, 0.72 * cm / 100, 0.9 * cm / 100));
            for (String key : s.traits().words(Trait.MIXES)) {
                if (key.equals(Mix.BARE)) {
                    continue;
                }
                Recipe recipe = Recipes.recipe(key);
                OptionalDouble limed = OptionalDouble.of(s.phAim(recipe.mix().loam()));
                Suitability it = Suitability.of(s, recipe.mix(), new PotWater(recipe.mix(), pot), limed, Working.off());
                if (!it.suits() && !it.suitsCorrected()) {
                    all.add(s.key() + " in " + key + ": "
                            + it.reasons().stream()
                                    .filter(Suitability.Reason::unfit)
                                    .toList());
                }
            }
        }
        return all;
    }

    @Test
    void everyKindsOwnMixSuitsItInItsUsualPot() {
        assertThat(against()).isEmpty();
    }
}
