package evencistern.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.need.WaterNeed;
import evencistern.round.Away.Left;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class AwayTest {
    private static final List<Left> BENCH = List.of(
            new Left("fern", 2, 0.1, new WaterNeed.Days(2, 3, 4)),
            new Left("fig", 1, 0.5, new WaterNeed.Days(5, 8, 12)),
            new Left("cactus", 4, 0.01, new WaterNeed.Days(20, 30, 45)));

    /** Arithmetic: ten days away the fern and the fig are dry: 2·0.1 + 0.5 = 0.7 L a day, 7 L; 14 L of tank keep 20 days. */
    @Test
    void whatDoesNotLastIsToldWithWhatItDrinks() {
        Away ten = Away.of(BENCH, 10, OptionalDouble.of(14));
        assertThat(ten.dry()).containsExactly("fern", "fig");
        assertThat(ten.doubtful()).isEmpty();
        assertThat(ten.dailyLitres()).isCloseTo(0.7, within(1e-9));
        assertThat(ten.neededLitres()).isCloseTo(7, within(1e-9));
        assertThat(ten.tankDays().orElseThrow()).isCloseTo(20, within(1e-9));
        Away six = Away.of(BENCH, 6, OptionalDouble.empty());
        assertThat(six.dry()).containsExactly("fern");
        assertThat(six.doubtful()).containsExactly("fig");
        assertThat(six.tankDays()).isEmpty();
        assertThat(Away.of(BENCH, 1, OptionalDouble.of(5)).tankDays()).isEmpty();
    }

    @Test
    void noDaysAndAnEmptyTankAreRefused() {
        assertThatThrownBy(() -> Away.of(BENCH, 0, OptionalDouble.empty())).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> Away.of(BENCH, 5, OptionalDouble.of(0))).isInstanceOf(FaultException.class);
    }
}
