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
                new Component.Grain(mm, mm, 0.55, 1, 2.65),
                any.hold(),
                any.densityKgPerL(),
                any.chemistry(),
                any.wear(),
                any.pack());
    }

    private static double shrinkage(double coarseMm, double coarse, double fineMm, double fine) {
        return Packing.of(List.of(new Mix.Part(sized(coarseMm), coarse), new Mix.Part(sized(fineMm), fine)))
                .shrinkage();
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

    /** Long fibres do not run into gaps at all: they lie on the chips as much as they lay beside them. */
    @Test
    void grainsThatDoNotRunLoseNothing() {
        Component chips = sized(20);
        Component fibres = new Component(
                "fibres",
                chips.family(),
                new Component.Grain(1, 1, 0.55, 0, 2.65),
                chips.hold(),
                chips.densityKgPerL(),
                chips.chemistry(),
                chips.wear(),
                chips.pack());
        assertThat(Packing.of(List.of(new Mix.Part(chips, 1), new Mix.Part(fibres, 1)))
                        .shrinkage())
                .isCloseTo(0, within(1e-12));
    }

    @Test
    void whatIsLostIsOfTheGapsOfTheCoarser() {
        Mix.Part chips = new Mix.Part(Recipes.component("fir_bark"), 3);
        Mix.Part peat = new Mix.Part(Recipes.component("peat_fine"), 1);
        Packing packing = Packing.of(List.of(chips, peat));
        assertThat(packing.lost().get(0)).isCloseTo(packing.shrinkage(), within(1e-12));
        assertThat(packing.lost().get(1)).isZero();
    }

    /** Arithmetic: three litres of chips with 52 % of gaps can lose 1.56 of four litres put in; the peat gives the rest. */
    @Test
    void whatTheGapsOfOneCannotGiveTheOtherGives() {
        List<Mix.Part> parts = List.of(
                new Mix.Part(Recipes.component("fir_bark"), 3), new Mix.Part(Recipes.component("peat_fine"), 1));
        Packing pressed = Packing.of(parts).losing(0.40, parts);
        assertThat(pressed.lost().get(0)).isCloseTo(1.56 / 4, within(1e-12));
        assertThat(pressed.lost().get(1)).isCloseTo(0.40 - 1.56 / 4, within(1e-12));
    }

    @Test
    void aPartOfNothingChangesNothing() {
        Mix.Part peat = new Mix.Part(Recipes.component("peat_medium"), 3);
        Mix.Part perlite = new Mix.Part(Recipes.component("perlite_coarse"), 1);
        Mix.Part none = new Mix.Part(Recipes.component("orchid_bark_coarse"), 0);
        assertThat(Packing.of(List.of(peat, none, perlite)).shrinkage())
                .isEqualTo(Packing.of(List.of(peat, perlite)).shrinkage());
    }
}
