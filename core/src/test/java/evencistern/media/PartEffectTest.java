package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PartEffectTest {
    private static final Mix.Part PEAT = new Mix.Part(Recipes.component("peat_medium"), 3);
    private static final Mix.Part PERLITE = new Mix.Part(Recipes.component("perlite_coarse"), 1);
    private static final Mix.Part SAND = new Mix.Part(Recipes.component("coarse_sand"), 1);

    /** Common practice, no source: coarse perlite airs peat, a fine sand in it does not. */
    @Test
    void perliteAirsPeatAndSandFillsIt() {
        List<Optional<PartEffect>> does =
                PartEffect.of(Mix.of("own", List.of(PEAT, PERLITE, SAND)), PotWater.TABLE_COLUMN);
        assertThat(does.get(1).orElseThrow().air()).isPositive();
        assertThat(does.get(1).orElseThrow().water()).isNegative();
        assertThat(does.get(2).orElseThrow().air()).isLessThan(0.01);
        assertThat(does.get(2).orElseThrow().water()).isNegative();
    }

    /** What was measured of the whole says nothing of its parts: they are held against what they let expect. */
    @Test
    void theOnlyPartDoesNothingAndAMeasurementChangesNothing() {
        assertThat(PartEffect.of(Mix.of("one", List.of(PEAT)), PotWater.TABLE_COLUMN))
                .containsExactly(Optional.empty());
        Mix.Part none = new Mix.Part(PERLITE.component(), 0);
        assertThat(PartEffect.of(Mix.of("none", List.of(PEAT, none)), PotWater.TABLE_COLUMN)
                        .get(1))
                .isEmpty();
        Mix both = Mix.of("both", List.of(PEAT, PERLITE));
        assertThat(PartEffect.of(both.soaked(List.of(new Soaked(15, 0.1, 0.7, 0.02))), PotWater.TABLE_COLUMN))
                .isEqualTo(PartEffect.of(both, PotWater.TABLE_COLUMN));
    }
}
