package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class NeighboursTest {
    private static final List<Double> OTHERS = List.of(1.0, 1.2, 1.1, 1.4, 1.3);

    /** Arithmetic: median 1.2, deviations 0.2 0 0.1 0.2 0.1, MAD 0.1; (2 − 1.2)/0.14826 = 5.4. */
    @Test
    void oneThatIsFarFromTheOthersDiffers() {
        Neighbours n = Neighbours.of(2.0, OTHERS, 0.01);
        assertThat(n.median()).isEqualTo(1.2);
        assertThat(n.z()).isCloseTo(5.396, within(0.001));
        assertThat(n.differs()).isTrue();
        assertThat(Neighbours.of(1.5, OTHERS, 0.01).differs()).isFalse();
    }

    @Test
    void whereAllReadTheSameAPenDoesNotSplitHairs() {
        List<Double> same = List.of(1.2, 1.2, 1.2, 1.2, 1.2);
        assertThat(Neighbours.of(1.25, same, 0.05).differs()).isFalse();
        assertThat(Neighbours.of(1.6, same, 0.05).differs()).isTrue();
    }

    @Test
    void fourNeighboursAreNotEnough() {
        assertThat(Neighbours.of(9, List.of(1.0, 1.0, 1.0, 1.0), 0.01).differs())
                .isFalse();
    }
}
