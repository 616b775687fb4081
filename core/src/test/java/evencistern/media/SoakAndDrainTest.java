package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SoakAndDrainTest {
    private static final Component PEAT = Recipes.component("peat_medium");
    private static final SoakAndDrain.Filled POT = new SoakAndDrain.Filled(2, 14, 0.4);

    /** Arithmetic from the stated measures: 0.4 L of 2 L is air; (1 420 − 200) g of water is 61 %. */
    @Test
    void airIsWhatRanOutAndCapacityWhatStayed() {
        SoakAndDrain.Result r = SoakAndDrain.of(PEAT, POT, new SoakAndDrain.Weighed(1420, 200));
        assertThat(r.held().air().value()).isCloseTo(0.20, within(1e-9));
        assertThat(r.held().capacity().value()).isCloseTo(0.61, within(1e-9));
        assertThat(r.held().porosity().value()).isCloseTo(0.81, within(1e-9));
        assertThat(r.hold().curve().columnMean(14)).isCloseTo(0.61, within(1e-6));
        assertThat(r.alphaLow()).isLessThan(r.hold().curve().alphaPerCm());
        assertThat(r.alphaHigh()).isGreaterThan(r.hold().curve().alphaPerCm());
    }

    /** The quick form misses the water that was in it already: with its moisture both agree. */
    @Test
    void theQuickFormCountsTheMoistureThatWasThere() {
        SoakAndDrain.Result r = SoakAndDrain.of(PEAT, POT, new SoakAndDrain.WaterAdded(1.42, 0.10));
        assertThat(r.held().porosity().value()).isCloseTo(0.81, within(1e-9));
        assertThat(r.held().capacity().value()).isCloseTo(0.61, within(1e-9));
    }

    /** Seeded Monte Carlo of the same readings, the same ± taken as 95 % intervals. */
    @Test
    void theUncertaintyIsWhatRepeatingTheTestWouldShow() {
        Random chance = new Random(7);
        double z = 1.96;
        int times = 40_000;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < times; i++) {
            double litres = 2 * (1 + 0.03 / z * chance.nextGaussian());
            double water = 1.22 + Math.sqrt(2) * 0.005 / z * chance.nextGaussian();
            sum += water / litres;
            squares += water / litres * water / litres;
        }
        double sd = Math.sqrt(squares / times - sum / times * sum / times);
        SoakAndDrain.Result r = SoakAndDrain.of(PEAT, POT, new SoakAndDrain.Weighed(1420, 200));
        assertThat(r.held().capacity().sd()).isCloseTo(sd, within(sd * 0.05));
    }

    @Test
    void numbersThatCannotBeOfOnePotAreRefused() {
        assertThatThrownBy(() -> SoakAndDrain.of(PEAT, POT, new SoakAndDrain.Weighed(2200, 200)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.PORES_TOO_MANY));
        assertThatThrownBy(() -> new SoakAndDrain.Weighed(100, 200)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new SoakAndDrain.Filled(2, 14, Double.NaN)).isInstanceOf(FaultException.class);
    }
}
