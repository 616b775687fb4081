package evencistern.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.working.Working;
import org.junit.jupiter.api.Test;

class DripTest {
    /** Arithmetic: 1.9 L through two emitters of 3.8 L/h takes a quarter of an hour; 25 such pots draw 190 L/h. */
    @Test
    void theLineRunsUntilEachPotHasItsWater() {
        Drip drip = Drip.of(1.9, 3.8, 2, 25, Working.off());
        assertThat(drip.minutes()).isCloseTo(15, within(1e-9));
        assertThat(drip.drawLitresPerHour()).isCloseTo(190, within(1e-9));
        assertThat(drip.overlong()).isFalse();
        assertThat(Drip.of(1.9, 3.8, 2, 31, Working.off()).overlong()).isTrue();
    }

    @Test
    void anEmitterThatGivesNothingIsRefused() {
        assertThatThrownBy(() -> Drip.of(1, 0, 1, 1, Working.off())).isInstanceOf(FaultException.class);
    }
}
