package evencistern.caution;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.label.HowGiven;
import evencistern.label.ProductForm;
import evencistern.media.Amendment;
import evencistern.media.Mix;
import evencistern.media.Recipes;
import evencistern.plant.SpeciesGuide;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CautionTest {

    @ParameterizedTest
    @EnumSource(ProductForm.class)
    void theLabelComesFirstForEveryProduct(ProductForm form) {
        assertThat(Caution.forFeed(form, HowGiven.STREWN))
                .startsWith(Caution.LABEL_FIRST)
                .contains(Caution.RUNOFF_OUT_OF_DRAINS);
        assertThat(Caution.forFeed(form, HowGiven.WATERED))
                .startsWith(Caution.LABEL_FIRST)
                .doesNotContain(Caution.GRANULES_AND_PETS);
    }

    @Test
    void dustForPowdersGlovesForConcentrates() {
        assertThat(Caution.forFeed(ProductForm.DRY, HowGiven.WATERED)).contains(Caution.DUST);
        assertThat(Caution.forFeed(ProductForm.LIQUID, HowGiven.WATERED)).contains(Caution.GLOVES_AND_EYES);
    }

    /** Makers' leaflets, from memory: a mix with coated feed in it is potted within two weeks; without it, it keeps. */
    @Test
    void coatedFeedGoesOnInTheSack() {
        Mix mix = Recipes.require("peat_perlite");
        assertThat(Caution.forMixing(mix, false, List.of(Amendment.require("coated_feed"))))
                .contains(Caution.FEEDS_IN_THE_SACK, Caution.GRANULES_AND_PETS);
        assertThat(Caution.forMixing(mix, false, List.of(Amendment.require("gypsum"))))
                .contains(Caution.LABEL_FIRST)
                .doesNotContain(Caution.FEEDS_IN_THE_SACK);
        assertThat(Caution.forMixing(mix, false, List.of())).doesNotContain(Caution.LABEL_FIRST);
    }

    /** NIOSH lifting equation, from memory: 9.8 kg from the floor, 23 kg at best. */
    @ParameterizedTest
    @CsvSource({"9.7, ''", "9.9, HEAVY_FROM_FLOOR", "22.9, HEAVY_FROM_FLOOR", "23.1, TOO_HEAVY_FOR_ONE"})
    void aHeavyPotIsSaidSo(double kg, String caution) {
        assertThat(Caution.forPot(kg, SpeciesGuide.require("moth_orchid")).stream()
                        .map(Enum::name))
                .isEqualTo(caution.isEmpty() ? java.util.List.of() : java.util.List.of(caution));
    }

    /** Poison lists and veterinary lists, from memory: who is harmed, and how badly, is told apart. */
    @ParameterizedTest
    @CsvSource({
        "oleander, PLANT_MAY_KILL",
        "lily, PLANT_IRRITANT PLANT_MAY_KILL_CATS",
        "day_lily, PLANT_MAY_KILL_CATS",
        "rhododendron, PLANT_HARMFUL PLANT_MAY_KILL_PETS",
        "box, PLANT_HARMFUL",
        "lemon, PLANT_IRRITANT PLANT_HARMFUL_PETS",
        "mint, PLANT_IRRITANT_PETS",
        "monstera, PLANT_IRRITANT",
        "vanda, PLANT_POISON_UNKNOWN",
        "spider_plant, ''"
    })
    void poisonIsGradedAndToldApartForPetsAndPeople(String plant, String cautions) {
        assertThat(Caution.forPot(1, SpeciesGuide.require(plant)).stream()
                        .map(Enum::name)
                        .collect(java.util.stream.Collectors.joining(" ")))
                .isEqualTo(cautions);
    }
}
