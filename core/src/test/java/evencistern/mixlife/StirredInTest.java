package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.media.Amendment;
import evencistern.plant.SpeciesGuide;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StirredInTest {
    private static List<FaultCode> against(String amendment, double grams, @Nullable String species) {
        return StirredIn.against(
                        Amendment.require(amendment),
                        grams,
                        Optional.ofNullable(species).map(SpeciesGuide::require))
                .stream()
                .map(Fault::code)
                .toList();
    }

    @Test
    void aPlantThatTakesNoFoodAtItsRootsIsGivenNone() {
        for (String feeding : List.of("coated_feed", "starter_phosphate", "kelp_meal")) {
            assertThat(against(feeding, 1, "flytrap")).containsExactly(FaultCode.NO_ROOT_FEED);
            assertThat(against(feeding, 1, "petunia")).isEmpty();
        }
        assertThat(against("gypsum", 1, "flytrap")).isEmpty();
        assertThat(against("wetting_agent", 1, "flytrap")).isEmpty();
    }

    /** Protea kin are poisoned by phosphorus; common practice, no source. */
    @Test
    void phosphorusIsRefusedToAPlantThatHatesIt() {
        assertThat(against("starter_phosphate", 1, "banksia")).containsExactly(FaultCode.PHOSPHORUS_HATED);
        assertThat(against("gypsum", 1, "banksia")).isEmpty();
    }

    /** Three times the base is for hungry plants only, as the loam mixes are graded; common practice, no source. */
    @ParameterizedTest
    @CsvSource({"tomato, 9.4, true", "heather, 9.4, false", "heather, 3.1, true"})
    void theBaseOfLoamMixesGoesByAppetite(String species, double grams, boolean allowed) {
        assertThat(against("loam_base", grams, species).isEmpty()).isEqualTo(allowed);
    }

    /** Label norms, from memory: coated feed 1.2–3.2 g/L for sensitive plants, never above 7 whatever the plant. */
    @ParameterizedTest
    @CsvSource({
        "heather, 3, true",
        "heather, 3.1, false",
        "tomato, 7, true",
        "tomato, 7.1, false",
        ", 7, true",
        ", 7.1, false"
    })
    void coatedFeedInTheMixIsBoundedAsIfItWereStrewn(@Nullable String species, double grams, boolean allowed) {
        assertThat(against("coated_feed", grams, species).isEmpty()).isEqualTo(allowed);
    }
}
