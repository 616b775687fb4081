package evencistern.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.meter.Steady.At;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class SteadyTest {

    /** Twice a second for so long, with noise of so much. */
    private static List<At> values(double seconds, double noise, DoubleUnaryOperator figure) {
        Random random = new Random(5);
        List<At> values = new ArrayList<>();
        for (double t = 0; t <= seconds; t += 0.5) {
            values.add(new At(t, figure.applyAsDouble(t) + noise * random.nextGaussian()));
        }
        return values;
    }

    @Test
    void whatStandsStillIsSteadyAndItsMeanIsTaken() {
        Steady s = Steady.ofPh(values(12, 0.008, t -> 5.83));
        assertThat(s.steady()).isTrue();
        assertThat(s.mean()).isCloseTo(5.83, within(0.01));
    }

    @Test
    void aPenThatHasJustBeenDippedIsWaitedFor() {
        DoubleUnaryOperator settling = t -> 5.8 + 1.2 * Math.exp(-t / 4);
        assertThat(Steady.ofPh(values(6, 0.005, settling)).steady()).isFalse();
        assertThat(Steady.ofPh(values(40, 0.005, settling)).steady()).isTrue();
    }

    @Test
    void aRestlessOrACreepingOneIsNotSteady() {
        assertThat(Steady.ofPh(values(20, 0.08, t -> 5.8)).steady()).isFalse();
        assertThat(Steady.ofPh(values(20, 0, t -> 5.8 + 0.01 * t)).steady()).isFalse();
    }

    @Test
    void twoValuesAreNotEnough() {
        assertThat(Steady.ofPh(values(0.5, 0, t -> 5.8)).steady()).isFalse();
    }

    /** Two per cent of 3 mS/cm are 0.06; of 0.2 mS/cm it is the least of 0.02. */
    @Test
    void ecIsAllowedTwoPerCent() {
        assertThat(Steady.ofEc(values(12, 0.02, t -> 3.0)).steady()).isTrue();
        assertThat(Steady.ofEc(values(12, 0.04, t -> 0.2)).steady()).isFalse();
    }
}
