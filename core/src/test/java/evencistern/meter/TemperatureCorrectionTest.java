package evencistern.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TemperatureCorrectionTest {

    /** Potassium chloride 0.01 mol/L reads 1.147 at 15, 1.278 at 20 and 1.413 at 25 °C; OIML R 56, from memory; to 0.5 %. */
    @ParameterizedTest
    @CsvSource({"1.147, 15", "1.278, 20", "1.413, 25"})
    void potassiumChlorideIsTheSameAtEveryWarmth(double msCm, double celsius) {
        assertThat(TemperatureCorrection.to25(msCm, celsius)).isCloseTo(1.413, within(0.007));
    }

    @Test
    void iceAndSteamAreRefused() {
        assertThatThrownBy(() -> TemperatureCorrection.to25(1, 0)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> TemperatureCorrection.to25(1, 60)).isInstanceOf(FaultException.class);
    }
}
