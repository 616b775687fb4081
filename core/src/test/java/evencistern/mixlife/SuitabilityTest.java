package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.mixlife.Suitability.Aspect;
import evencistern.mixlife.Suitability.School;
import evencistern.mixlife.Suitability.Voice;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SuitabilityTest {
    private static final Pot POT = Pot.filled(new RoundTaper(0.13, 0.09, 0.12));

    private static Suitability of(String species, String recipe, OptionalDouble limedTo, Pot pot) {
        Mix mix = Recipes.require(recipe);
        return Suitability.of(SpeciesGuide.require(species), mix, new PotWater(mix, pot), limedTo, Working.off());
    }

    private static Suitability.Reason reason(Suitability s, Aspect aspect) {
        return s.reasons().stream()
                .filter(r -> r.aspect() == aspect)
                .findFirst()
                .orElseThrow();
    }

    /** Orchids on bark want 40 % of air and more; peat chokes them. Common practice, no source. */
    @Test
    void anOrchidWantsBarkAndNotPeat() {
        assertThat(reason(of("rock_dendrobium", "bark_charcoal", OptionalDouble.empty(), POT), Aspect.AIR)
                        .voice())
                .isEqualTo(Voice.FOR);
        Suitability peat = of("rock_dendrobium", "peat_perlite", OptionalDouble.of(5.7), POT);
        assertThat(reason(peat, Aspect.AIR).voice()).isEqualTo(Voice.AGAINST);
        assertThat(peat.suits()).isFalse();
        assertThat(peat.reasons().get(0).voice()).isEqualTo(Voice.AGAINST);
    }

    /** Trumpet pitchers stand in sour, salt-free peat and sand; compost kills them. Common practice, no source. */
    @Test
    void aBogPlantWantsSourPeatWithoutSalt() {
        assertThat(of("pitcher_plant", "bog_peat_sand", OptionalDouble.empty(), POT)
                        .suits())
                .isTrue();
        Suitability compost = of("pitcher_plant", "compost_bark_patio", OptionalDouble.empty(), POT);
        assertThat(reason(compost, Aspect.SALT).voice()).isEqualTo(Voice.AGAINST);
        assertThat(reason(compost, Aspect.PH).voice()).isEqualTo(Voice.AGAINST);
    }

    @Test
    void limeMakesPeatFitAPlantThatUnlimedPeatDoesNot() {
        assertThat(reason(of("streptocarpus", "peat_perlite", OptionalDouble.empty(), POT), Aspect.PH)
                        .voice())
                .isEqualTo(Voice.AGAINST);
        Suitability limed = of("streptocarpus", "peat_perlite", OptionalDouble.of(5.8), POT);
        assertThat(reason(limed, Aspect.PH_CORRECTED).voice()).isEqualTo(Voice.FOR);
        assertThat(limed.suitsCorrected()).isTrue();
    }

    /** What is to come does not stand for what is: sulfur that has yet to act does not make an alkaline compost fit. */
    @Test
    void aCorrectedPhNeverTicksTheUncorrected() {
        Suitability limed = of("streptocarpus", "peat_perlite", OptionalDouble.of(5.8), POT);
        assertThat(reason(limed, Aspect.PH).voice()).isEqualTo(Voice.AGAINST);
        assertThat(limed.suits()).isFalse();
        Suitability wrong = of("streptocarpus", "peat_perlite", OptionalDouble.of(4.5), POT);
        assertThat(wrong.suitsCorrected()).isFalse();
    }

    /**
     * Arithmetic from the guide's own row and the pot: p·AW over a room's 1.2 mm or the open's 3 mm a day, times crop and leaves of the
     * kind's usual size in this pot, and 0.7 of its bare surface, 0.3 of that in their shade.
     */
    @ParameterizedTest
    @CsvSource({"maidenhair, 1.2", "escallonia, 3"})
    void dryingIsReckonedForAMiddlingSummerDay(String kind, double reference) {
        Species species = SpeciesGuide.require(kind);
        PotWater water = new PotWater(Recipes.require("peat_perlite"), POT);
        double spread = 0.13 * species.spreadRatio();
        double crown = Math.PI / 4 * spread * spread * (1 + 0.3 * 0.9);
        double leaves = crown * (1 - Math.exp(-species.leafAreaIndex() / 2));
        double surface = POT.shape().areaM2(POT.mixHeightM());
        double bare = Math.max(0, surface - leaves);
        double daily = reference * (species.cropFactor() * leaves + 0.7 * (bare + 0.3 * (surface - bare)));
        Suitability.Reason drying = reason(of(kind, "peat_perlite", OptionalDouble.of(5.8), POT), Aspect.DRYING);
        assertThat(drying.value()).isCloseTo(species.depletion() * water.availableLitres() / daily, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"bark_charcoal, OPEN", "peat_perlite, HOLDING", "clay_pumice_lava, MINERAL"})
    void theSchoolIsToldByWhatTheMixIs(String recipe, School school) {
        assertThat(of("hoya", recipe, OptionalDouble.empty(), POT).school()).isEqualTo(school);
    }

    @Test
    void aTubTooHeavyToLiftIsSaidSo() {
        Pot tub = Pot.filled(new RoundTaper(0.45, 0.4, 0.4));
        assertThat(reason(of("olive", "peat_pumice_sand", OptionalDouble.of(6.5), tub), Aspect.WEIGHT)
                        .voice())
                .isEqualTo(Voice.AGAINST);
    }

    /** What it weighs speaks against lifting it, not against growing in it. */
    @Test
    void weightIsNoMatterOfFitness() {
        Pot tub = Pot.filled(new RoundTaper(0.45, 0.4, 0.4));
        Suitability olive = of("olive", "peat_pumice_sand", OptionalDouble.of(6.5), tub);
        assertThat(reason(olive, Aspect.WEIGHT).voice()).isEqualTo(Voice.AGAINST);
        assertThat(olive.suitsCorrected()).isTrue();
    }

    /** A seed mix in a cell of 5 cm is wet, as all mixes are there; it is judged by what a seedling stands. */
    @Test
    void aCellIsJudgedAsACell() {
        Pot cell = Pot.filled(new RoundTaper(0.05, 0.035, 0.05));
        Suitability seed = of("tomato", "seed_compost", OptionalDouble.of(6.2), cell);
        assertThat(reason(seed, Aspect.AIR).wanted()).isEqualTo(4);
        assertThat(reason(seed, Aspect.SALT).wanted()).isLessThanOrEqualTo(1.3);
    }
}
