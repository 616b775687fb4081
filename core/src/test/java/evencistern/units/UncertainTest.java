package evencistern.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UncertainTest {

    /** Standard normal table, from memory, to its four printed places. */
    @ParameterizedTest
    @CsvSource({"-1.96, 0.0250", "-1, 0.1587", "0, 0.5000", "1, 0.8413", "1.645, 0.9500"})
    void probabilitiesAreThoseOfTheNormalTable(double z, double below) {
        assertThat(new Uncertain(5, 2).probabilityBelow(5 + 2 * z)).isCloseTo(below, within(5e-5));
    }

    @Test
    void aMetersPlusMinusHoldsNineteenTimesInTwenty() {
        Uncertain ph = Uncertain.plusMinus95(6.0, 0.2);
        assertThat(ph.probabilityBelow(6.2) - ph.probabilityBelow(5.8)).isCloseTo(0.95, within(1e-9));
        assertThat(ph.halfWidth95()).isCloseTo(0.2, within(1e-12));
    }

    @Test
    void firstOrderPropagationAgreesWithSimulation() {
        Random random = new Random(20260514);
        Uncertain strength = Uncertain.uniform(0.8, 1.2);
        Uncertain factor = Uncertain.plusMinus95(1.08, 0.216);
        int n = 200_000;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < n; i++) {
            double x = (0.8 + 0.4 * random.nextDouble()) * (1.08 + factor.sd() * random.nextGaussian()) + 0.3;
            sum += x;
            squares += x * x;
        }
        double mean = sum / n;
        Uncertain both = strength.times(factor).plus(Uncertain.exact(0.3));
        assertThat(both.value()).isCloseTo(mean, within(0.005));
        assertThat(both.sd()).isCloseTo(Math.sqrt(squares / n - mean * mean), within(both.sd() * 0.02));
    }

    @Test
    void aSpreadThatIsNotANumberIsRefused() {
        assertThatThrownBy(() -> new Uncertain(1, Double.NaN)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Uncertain(1, -0.1)).isInstanceOf(FaultException.class);
    }
}
