package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;

class AmendmentTest {

    /** Stoichiometry: CaSO4·2H2O, 172.17 g/mol, is 23.3 % Ca and 18.6 % S; CaSiO3, 116.16, is 34.5 % Ca and 24.2 % Si. */
    @Test
    void pureCompoundsHoldWhatTheirFormulaSays() {
        double gypsum = 40.078 + 32.06 + 4 * 15.999 + 2 * (2 * 1.008 + 15.999);
        assertThat(Amendment.require("gypsum").adds(1).get("ca")).isCloseTo(40.078 / gypsum * 1000, within(0.6));
        assertThat(Amendment.require("gypsum").adds(1).get("s")).isCloseTo(32.06 / gypsum * 1000, within(0.6));
        double silicate = 40.078 + 28.085 + 3 * 15.999;
        assertThat(Amendment.require("calcium_silicate").adds(1).get("si"))
                .isCloseTo(28.085 / silicate * 1000, within(0.6));
    }

    /** Peat-lite A takes 1–2 lb of superphosphate to the cubic yard (from memory): 0.59–1.19 g/L. */
    @Test
    void starterPhosphateIsGivenAsThePublishedRecipesGiveIt() {
        Amendment starter = Amendment.require("starter_phosphate");
        assertThat(starter.low()).isCloseTo(0.59, within(0.02));
        assertThat(starter.high()).isCloseTo(1.19, within(0.02));
        // 20 % P2O5 is 8.73 % P
        assertThat(starter.adds(1).get("p")).isCloseTo(87.3, within(0.5));
    }

    @Test
    void farMoreThanTheHighRateIsRefused() {
        assertThatThrownBy(() -> Amendment.require("coated_feed").adds(12.1)).isInstanceOf(FaultException.class);
        assertThat(Amendment.require("wetting_agent").adds(1)).isEmpty();
        assertThatThrownBy(() -> Amendment.require("moon_dust")).isInstanceOf(FaultException.class);
    }
}
