package evencistern.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;

/** A stirred vessel that water flows through: after one filling 1/e is left, after 0.693 of one a half. */
class SiphonTest {
    /** 1 L at 1 in 16: 16 L of feed draw one filling. */
    private final Siphon jar = new Siphon(1, Injector.oneIn(16));

    @Test
    void afterOneFillingAThirdIsLeft() {
        assertThat(jar.strengthAfter(0)).isEqualTo(1);
        assertThat(jar.strengthAfter(16)).isCloseTo(0.3679, within(1e-4));
        assertThat(jar.strengthAfter(11.09)).isCloseTo(0.5, within(1e-3));
    }

    @Test
    void itSaysWhenToFillItAgain() {
        // a fifth weaker: 0.2231 fillings
        assertThat(jar.litresUntil(0.8)).isCloseTo(0.2231 * 16, within(0.01));
        assertThat(jar.strengthAfter(jar.litresUntil(0.8))).isCloseTo(0.8, within(1e-9));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Siphon(0, Injector.oneIn(16))).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> jar.strengthAfter(-1)).isInstanceOf(FaultException.class);
    }
}
