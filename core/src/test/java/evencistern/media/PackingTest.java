package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PackingTest {
    private static Component sized(double mm) {
        Component any = Recipes.component("pumice");
        return new Component(
                "sized",
                any.family(),
                new Component.Grain(mm, mm),
                any.hold(),
                any.densityKgPerL(),
                any.chemistry(),
                any.wear(),
                any.pack());
    }

    private static double shrinkage(double coarseMm, double coarse, double fineMm, double fine) {
        return Packing.shrinkage(List.of(new Mix.Part(sized(coarseMm), coarse), new Mix.Part(sized(fineMm), fine)));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.5, 0.9})
    void grainsOfOneSizeLoseNothingHoweverTheyAreCalled(double share) {
        assertThat(shrinkage(5, share, 5, 1 - share)).isCloseTo(0, within(1e-12));
    }

    /**
     * Two exact limits of binary packing (Furnas 1931, from memory): dust in the holes of boulders takes no room until the
     * holes are full, and boulders in a heap of dust take away the 55 % of holes that they would have had.
     */
    @ParameterizedTest
    @CsvSource({"0.9, 0.1, 0.1", "0.8, 0.2, 0.2", "0.2, 0.8, 0.11", "0.1, 0.9, 0.055"})
    void endlesslyFineGrainsDisappearInTheHolesOfCoarseOnes(double coarse, double fine, double lost) {
        assertThat(shrinkage(1e2, coarse, 1e-3, fine)).isCloseTo(lost, within(0.005));
    }

    /** The trade's range for parts of different size is 5 to 20 %; common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "peat_medium, 3, perlite_coarse, 1",
        "pine_bark_aged, 4, coarse_sand, 1",
        "peat_medium, 1, pumice, 1",
        "coir_pith, 2, perlite_coarse, 1"
    })
    void commonMixesShrinkAsMuchAsTheTradeSays(String one, double ones, String other, double others) {
        double lost = Packing.shrinkage(
                List.of(new Mix.Part(Recipes.component(one), ones), new Mix.Part(Recipes.component(other), others)));
        assertThat(lost * 100).isBetween(5.0, 25.0);
    }

    @Test
    void aPartOfNothingChangesNothing() {
        Mix.Part peat = new Mix.Part(Recipes.component("peat_medium"), 3);
        Mix.Part perlite = new Mix.Part(Recipes.component("perlite_coarse"), 1);
        Mix.Part none = new Mix.Part(Recipes.component("orchid_bark_coarse"), 0);
        assertThat(Packing.shrinkage(List.of(peat, none, perlite)))
                .isEqualTo(Packing.shrinkage(List.of(peat, perlite)));
    }
}
