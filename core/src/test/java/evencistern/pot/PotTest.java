package evencistern.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.working.Working;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotTest {

    /** Arithmetic: R = 6, r = 4.5, h = 11 cm; π·11/3·(36 + 27 + 20.25) = 958.99 cm³. */
    @Test
    void aRoundPotHoldsItsFrustum() {
        assertThat(new RoundTaper(0.12, 0.09, 0.11).litresTo(0.11)).isCloseTo(0.95899, within(5e-5));
    }

    /** Arithmetic: S = 9, s = 6, h = 10 cm; 10/3·(81 + 54 + 36) = 570 cm³. */
    @Test
    void aSquarePotHoldsItsFrustum() {
        assertThat(new SquareTaper(0.09, 0.06, 0.10).litresTo(0.10)).isCloseTo(0.570, within(1e-9));
    }

    @Test
    void aStraightPotIsACylinderOrABox() {
        assertThat(new RoundTaper(0.2, 0.2, 0.2).litresTo(0.2)).isCloseTo(Math.PI * 2, within(1e-9));
        assertThat(new SquareTaper(0.2, 0.2, 0.2).litresTo(0.2)).isCloseTo(8, within(1e-9));
    }

    /** Reference: the volume is the integral of the cross-section, by the midpoint rule over 10 000 slices. */
    @ParameterizedTest
    @CsvSource({"0.13, 0.09, 0.12, 0.05", "0.13, 0.09, 0.12, 0.12", "1.0, 0.2, 0.4, 0.33"})
    void partFillsAgreeWithIntegration(double top, double base, double height, double fill) {
        for (PotShape shape : new PotShape[] {new RoundTaper(top, base, height), new SquareTaper(top, base, height)}) {
            double sum = 0;
            int n = 10_000;
            for (int i = 0; i < n; i++) {
                sum += shape.areaM2((i + 0.5) / n * fill) * fill / n * 1000;
            }
            assertThat(shape.litresTo(fill)).isCloseTo(sum, within(sum * 1e-6));
        }
    }

    @Test
    void aMeasuredVolumeWinsAndTheComputedOneStaysVisible() {
        Working.Recorder working = new Working.Recorder();
        Pot pot = Pot.measured(new RoundTaper(0.13, 0.09, 0.12), 0.9);
        assertThat(pot.mixLitres(working)).isEqualTo(0.9);
        assertThat(working.steps()).extracting(Working.Step::id).containsExactly("pot.volume", "pot.volume_measured");
    }

    @Test
    void allFaultsOfAPotAreToldTogether() {
        assertThatThrownBy(() -> new RoundTaper(0, 0.1, -0.1))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(f -> f.code() + " " + f.field())
                                .containsExactly(
                                        "TOO_SMALL pot.top", "TOO_SMALL pot.height", "BASE_WIDER_THAN_TOP pot.base"));
    }

    /** 2.0 · 2.0 · 2.0 m box is 8 000 L, the round one over 5 000 L: nobody pots in that. */
    @Test
    void aPotOfThousandsOfLitresIsRefused() {
        assertThatThrownBy(() -> Pot.filled(new SquareTaper(2, 2, 2)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.TOO_LARGE)));
        assertThatThrownBy(() -> Pot.measured(new RoundTaper(0.3, 0.2, 0.3), 10_000))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Pot(new RoundTaper(0.3, 0.2, 0.3), Double.NaN, OptionalDouble.empty()))
                .isInstanceOf(FaultException.class);
    }

    /** NIOSH lifting equation: 23 · 0.625 · 0.775 · 0.88 = 9.8 kg for H 40, V 0, D 75 cm. */
    @Test
    void fromTheFloorTenKilogramsIsEnough() {
        assertThat(Lifting.FROM_FLOOR_KG).isCloseTo(9.8, within(0.05));
    }
}
