package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.util.Map;
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

    /**
     * Lawrence and Newell, from memory: the base is two parts of hoof and horn (13 % N), two of superphosphate (18 % P2O5) and one
     * of sulfate of potash (48 % K2O), published as 5.1 % N, 7.2 % P2O5 and 9.7 % K2O; 4 oz of it to the imperial bushel.
     */
    @Test
    void theBaseOfLoamMixesIsWhatItIsMixedOf() {
        Map<String, Double> base = Amendment.require("loam_base").adds(1);
        double pInOxide = 2 * 30.974 / (2 * 30.974 + 5 * 15.999);
        double kInOxide = 2 * 39.098 / (2 * 39.098 + 15.999);
        assertThat(base.get("n")).isCloseTo(1000 * 0.4 * 0.13, within(2.0)).isCloseTo(51, within(0.5));
        assertThat(base.get("p")).isCloseTo(1000 * 0.4 * 0.18 * pInOxide, within(1.0));
        assertThat(base.get("k"))
                .isCloseTo(1000 * 0.2 * 0.48 * kInOxide, within(2.0))
                .isCloseTo(97 * kInOxide, within(1.0));
        double onceGramsPerLitre = 4 * 28.3495 / 36.3687;
        assertThat(Amendment.require("loam_base").low()).isCloseTo(onceGramsPerLitre, within(0.05));
        assertThat(Amendment.require("loam_base").high()).isCloseTo(3 * onceGramsPerLitre, within(0.1));
        assertThat(Amendment.require("hoof_and_horn").low()).isCloseTo(0.4 * onceGramsPerLitre, within(0.06));
    }

    @Test
    void farMoreThanTheHighRateIsRefused() {
        assertThatThrownBy(() -> Amendment.require("coated_feed").adds(12.1)).isInstanceOf(FaultException.class);
        assertThat(Amendment.require("wetting_agent").adds(1)).isEmpty();
        assertThatThrownBy(() -> Amendment.require("moon_dust")).isInstanceOf(FaultException.class);
    }
}
