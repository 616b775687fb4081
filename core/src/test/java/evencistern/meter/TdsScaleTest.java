package evencistern.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TdsScaleTest {

    /** Common practice, no source: 1 mS/cm prints as 500, 640 or 700 ppm. */
    @ParameterizedTest
    @CsvSource({"ppm500, 840, 1.680", "ppm640, 840, 1.3125", "ppm700, 840, 1.200"})
    void theSameNumberMeansThreeThings(String scale, double ppm, double msCm) {
        assertThat(TdsScale.require(scale, "scale").toMsCm(ppm)).isCloseTo(msCm, within(1e-9));
        assertThat(TdsScale.require(scale, "scale").toPpm(msCm)).isCloseTo(ppm, within(1e-9));
    }

    @Test
    void anUnknownScaleIsRefusedByName() {
        assertThatThrownBy(() -> TdsScale.require("ppm442", "meter.scale"))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.field()).isEqualTo("meter.scale")));
    }

    @Test
    void aMeterWithoutAnyErrorIsNotBelieved() {
        assertThatThrownBy(() -> new Meter(TdsScale.PPM_500, 0, 5)).isInstanceOf(FaultException.class);
    }

    @Test
    void aNearZeroReadingIsStillUncertainByADigit() {
        assertThat(new Meter(TdsScale.PPM_500, 0.1, 2).ec(0.02).halfWidth95()).isCloseTo(0.01, within(1e-12));
    }
}
