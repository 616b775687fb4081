package evencistern.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.util.OptionalDouble;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalibrationTest {
    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Calibration ph(double ph4, double ph7, boolean adjusted) {
        return new Calibration(DAY, 25, OptionalDouble.of(ph4), OptionalDouble.of(ph7), NONE, NONE, true, adjusted);
    }

    private static Calibration ec(double ec, double celsius, boolean compensated) {
        return new Calibration(DAY, celsius, NONE, NONE, NONE, OptionalDouble.of(ec), compensated, false);
    }

    private static void refused(ThrowingCallable made, FaultCode code, String field) {
        assertThatThrownBy(made)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::code, Fault::field)
                                .containsExactly(org.assertj.core.groups.Tuple.tuple(code, field)));
    }

    /** Technical buffers over temperature as printed on their bottles; OIML R 56 for KCl; both from memory. */
    @ParameterizedTest
    @CsvSource({
        "PH_4, 25, 4.01",
        "PH_7, 25, 7.00",
        "PH_10, 25, 10.01",
        "PH_7, 10, 7.06",
        "PH_10, 20, 10.06",
        "EC_1413, 20, 1.278",
        "EC_1413, 18, 1.2256",
        "PH_7, 22.5, 7.01"
    })
    void standardsAreThoseOfTheirBottles(Standard standard, double celsius, double value) {
        assertThat(standard.at(celsius)).isCloseTo(value, within(0.002));
    }

    /** Arithmetic: 0.1 too high at 7 and 2.85 pH apart instead of 2.99. */
    @Test
    void offsetAndSlopeAreFound() {
        Calibration c = ph(4.25, 7.10, false);
        assertThat(c.offset()).isCloseTo(0.10, within(1e-9));
        assertThat(c.slopePercent().orElseThrow()).isCloseTo(100 * 2.85 / 2.99, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"4.25, 4.01", "7.10, 7.00", "5.675, 5.505"})
    void whatIsShownIsBroughtBackAlongTheLine(double shown, double stands) {
        assertThat(ph(4.25, 7.10, false).ph(shown)).isCloseTo(stands, within(1e-9));
    }

    @Test
    void aboveTheMiddleBufferTheThirdCounts() {
        Calibration c = new Calibration(
                DAY, 25, OptionalDouble.of(4.01), OptionalDouble.of(7), OptionalDouble.of(9.71), NONE, true, false);
        assertThat(c.ph(5)).isCloseTo(5, within(1e-9));
        assertThat(c.ph(9.71)).isCloseTo(10.01, within(1e-9));
        assertThat(c.ph(8.355)).isCloseTo(8.505, within(1e-9));
    }

    @Test
    void oneBufferGivesTheOffsetAndNoSlope() {
        Calibration c = new Calibration(DAY, 25, NONE, OptionalDouble.of(6.8), NONE, NONE, true, false);
        assertThat(c.slopePercent()).isEmpty();
        assertThat(c.ph(5.8)).isCloseTo(6.0, within(1e-9));
    }

    @Test
    void aPenThatWasSetShowsRightFromThenOn() {
        Calibration c = ph(4.25, 7.10, true);
        assertThat(c.offset()).isCloseTo(0.10, within(1e-9));
        assertThat(c.ph(6.2)).isEqualTo(6.2);
    }

    /** A pen that compensates shows 1.413 of a cold standard as well; one that does not, 1.278 at 20 °C. */
    @Test
    void theFactorOfEcKnowsWhetherThePenCompensates() {
        assertThat(ec(1.35, 20, true).ecFactor()).isCloseTo(1.413 / 1.35, within(1e-9));
        assertThat(ec(1.35, 20, false).ecFactor()).isCloseTo(1.278 / 1.35, within(1e-9));
    }

    @Test
    void whatNoPenShowsIsRefused() {
        refused(() -> ph(7.02, 4.0, false), FaultCode.BUFFERS_SWAPPED, "calibration.ph4");
        refused(() -> ph(4.0, 9.0, false), FaultCode.STANDARD_FAR, "calibration.ph7");
        refused(() -> ec(1413, 25, true), FaultCode.STANDARD_FAR, "calibration.ec");
        refused(() -> ec(Double.NaN, 25, true), FaultCode.STANDARD_FAR, "calibration.ec");
        refused(() -> ec(1.4, 60, true), FaultCode.TOO_LARGE, "calibration.celsius");
        refused(
                () -> new Calibration(DAY, 25, NONE, NONE, NONE, NONE, true, true),
                FaultCode.CALIBRATION_EMPTY,
                "calibration.ph7");
        refused(
                () -> new Calibration(DAY, 25, OptionalDouble.of(4), NONE, NONE, NONE, true, true),
                FaultCode.MISSING,
                "calibration.ph7");
    }
}
