package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cavins, Whipker, Fonteno et al. 2000, NC State: table of equivalent bands, from memory. */
class EquivalenceTest {

    @ParameterizedTest
    @CsvSource({
        "0.25, EXTRACT, 1.0, POUR_THROUGH",
        "0.75, EXTRACT, 2.0, PASTE",
        "2.6, POUR_THROUGH, 2.0, PASTE",
        "4.6, POUR_THROUGH, 1.25, EXTRACT",
        "6.5, POUR_THROUGH, 5.0, PASTE",
        "3.5, PASTE, 4.6, POUR_THROUGH"
    })
    void theBoundsOfOneMethodAreThoseOfAnother(double from, Method by, double to, Method other) {
        assertThat(Equivalence.convert(from, by, other)).isCloseTo(to, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0.99, VERY_LOW",
        "1.0, LOW",
        "2.59, LOW",
        "2.6, NORMAL",
        "4.59, NORMAL",
        "4.6, HIGH",
        "6.5, VERY_HIGH",
        "7.8, EXTREME",
        "12, EXTREME"
    })
    void classesOfAPourThroughAreHalfOpen(double msCm, Equivalence.Level level) {
        assertThat(Equivalence.level(msCm, Method.POUR_THROUGH)).isEqualTo(level);
    }

    /** Arithmetic: halfway between bounds stays halfway; beyond the last, in proportion; there and back is the same. */
    @Test
    void betweenAndBeyondTheBounds() {
        assertThat(Equivalence.convert(0.5, Method.EXTRACT, Method.POUR_THROUGH))
                .isCloseTo(1.8, within(1e-9));
        assertThat(Equivalence.convert(4.5, Method.EXTRACT, Method.PASTE)).isCloseTo(12, within(1e-9));
        for (double ec = 0; ec < 12; ec += 0.37) {
            double there = Equivalence.convert(ec, Method.POUR_THROUGH, Method.EXTRACT);
            assertThat(Equivalence.convert(there, Method.EXTRACT, Method.POUR_THROUGH))
                    .isCloseTo(ec, within(1e-9));
        }
    }

    @Test
    void belowNothingIsRefused() {
        assertThatThrownBy(() -> Equivalence.convert(-0.1, Method.EXTRACT, Method.PASTE))
                .isInstanceOf(FaultException.class);
    }
}
