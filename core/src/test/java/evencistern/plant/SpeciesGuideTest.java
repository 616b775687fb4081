package evencistern.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.fault.FaultException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SpeciesGuideTest {

    static List<Species> all() {
        return SpeciesGuide.all();
    }

    @Test
    void allAreShippedEachUnderOneKey() {
        assertThat(all()).hasSize(13);
        assertThat(all()).extracting(Species::key).doesNotHaveDuplicates();
        assertThat(all()).extracting(Species::scientific).doesNotHaveDuplicates();
    }

    /** Common practice, no source: 0.6 mS/cm suits nearly everything, about 2 is the most for vigorous kinds. */
    @ParameterizedTest
    @MethodSource("all")
    void capsFollowTheAppetite(Species s) {
        double most = switch (s.appetite()) {
            case NONE -> 0.3;
            case LIGHT -> 0.8;
            case MEDIUM -> 1.6;
            case HEAVY -> 2.0;
        };
        assertThat(s.cap().ecMsCm()).isLessThanOrEqualTo(most);
        assertThat(s.cap().nMgPerL()).isLessThanOrEqualTo(200);
    }

    @ParameterizedTest
    @MethodSource("all")
    void bandsAndTemperaturesAreInOrder(Species s) {
        assertThat(s.phHigh()).isGreaterThan(s.phLow());
        assertThat(s.growthFullC()).isGreaterThan(s.growthBaseC());
        assertThat(s.depletion()).isBetween(0.1, 0.8);
    }

    /** Common practice, no source: heaths are grown at 4.5–5.2; lilies of the amaryllis kind are poisonous. */
    @Test
    void knownTraitsOfTheTradeAreKept() {
        assertThat(SpeciesGuide.require("heather").phLow()).isEqualTo(4.5);
        assertThat(SpeciesGuide.require("clivia").toxicity()).isEqualTo(Toxicity.TOXIC);
        assertThat(SpeciesGuide.require("pitcher_plant").appetite()).isEqualTo(Appetite.NONE);
    }

    @Test
    void whatIsUnknownIsTreatedAsToxic() {
        assertThat(Toxicity.UNKNOWN.warn()).isTrue();
        assertThat(Toxicity.HARMLESS.warn()).isFalse();
    }

    @Test
    void anUnknownKeyIsRefused() {
        assertThatThrownBy(() -> SpeciesGuide.require("triffid")).isInstanceOf(FaultException.class);
    }
}
