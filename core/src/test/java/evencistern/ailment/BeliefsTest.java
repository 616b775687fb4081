package evencistern.ailment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.ailment.Beliefs.Saw;
import evencistern.ailment.Beliefs.Tried;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BeliefsTest {
    /** By hand: 0.6 / 0.25 = 2.4 when it got better, 0.3 / 0.5 = 0.6 when nothing changed, both 1.44. */
    @Test
    void whatHelpedSpeaksForItsAilmentAndWhatDidNotAgainst() {
        assertThat(Beliefs.of(List.of(new Tried("iron", Saw.BETTER)), List.of()))
                .hasEntrySatisfying("iron", t -> assertThat(t).isCloseTo(2.4, within(1e-9)));
        assertThat(Beliefs.of(List.of(new Tried("iron", Saw.BETTER), new Tried("iron", Saw.SAME)), List.of()))
                .hasEntrySatisfying("iron", t -> assertThat(t).isCloseTo(1.44, within(1e-9)));
        assertThat(Beliefs.of(List.of(new Tried("iron", Saw.WORSE)), List.of()).get("iron"))
                .isLessThan(1);
    }

    @Test
    void otherPlantsOfTheGardenCountGentlyAndNeverMoreThanTwice() {
        assertThat(Beliefs.of(List.of(), List.of("salt"))).isEqualTo(Map.of("salt", 1.2));
        assertThat(Beliefs.of(List.of(), Collections.nCopies(50, "salt")).get("salt"))
                .isEqualTo(2.0);
        assertThat(Beliefs.of(List.of(), List.of())).isEmpty();
    }
}
