package evencistern.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.meter.MeterLog.Finding;
import evencistern.meter.MeterLog.Standing;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class MeterLogTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
    private static final Meter STATED = new Meter(TdsScale.PPM_500, 0.1, 5);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static MeterLog pen(Calibration... log) {
        return new MeterLog(STATED, true, null, OptionalInt.empty(), List.of(log));
    }

    private static Calibration found(LocalDate on, double ph4, double ph7, double ec, boolean adjusted) {
        return new Calibration(
                on, 25, OptionalDouble.of(ph4), OptionalDouble.of(ph7), NONE, OptionalDouble.of(ec), true, adjusted);
    }

    private static Calibration right(LocalDate on) {
        return found(on, 4.01, 7.00, 1.413, true);
    }

    /** Arithmetic: ± 0.1 stated and ± 0.3 never calibrated make ± 0.316; ± 5 % and ± 12 % make ± 13 %. */
    @Test
    void aPenNeverCalibratedIsBelievedLess() {
        Standing s = pen().on(MAY);
        assertThat(s.believed().phPlusMinus()).isCloseTo(Math.sqrt(0.10), within(1e-9));
        assertThat(s.believed().ecPlusMinusPercent()).isCloseTo(13, within(1e-9));
        assertThat(s.findings()).containsExactly(Finding.NEVER_CALIBRATED_PH, Finding.NEVER_CALIBRATED_EC);
        assertThat(s.phDueOn()).isEqualTo(MAY);
    }

    /** Arithmetic: on the day stated and buffer alone, √(0.1² + 0.02²); a month later ± 0.1 of drift with them. */
    @Test
    void whatWasCalibratedDrifts() {
        MeterLog pen = pen(right(MAY));
        assertThat(pen.on(MAY).believed().phPlusMinus()).isCloseTo(Math.sqrt(0.0104), within(1e-9));
        assertThat(pen.on(MAY.plusDays(30)).believed().phPlusMinus()).isCloseTo(Math.sqrt(0.0204), within(1e-9));
        assertThat(pen.on(MAY.plusYears(3)).believed().phPlusMinus())
                .isEqualTo(pen().on(MAY).believed().phPlusMinus());
    }

    @Test
    void itIsDueWhenDriftReachesItsOwnPlusMinus() {
        Standing s = pen(right(MAY)).on(MAY.plusDays(29));
        assertThat(s.phDueOn()).isEqualTo(MAY.plusDays(30));
        assertThat(s.findings()).isEmpty();
        assertThat(pen(right(MAY)).on(MAY.plusDays(30)).findings()).containsExactly(Finding.PH_DUE);
        MeterLog reminded = new MeterLog(STATED, true, null, OptionalInt.of(14), List.of(right(MAY)));
        assertThat(reminded.on(MAY).phDueOn()).isEqualTo(MAY.plusDays(14));
    }

    /** Arithmetic: 0.1 pH off after 30 days is 1.96 σ: q = (2 + 1.96²)·q0/3, a month's drift 0.1·√1.947, due after 30/1.947 d. */
    @Test
    void aPenThatWalkedFarIsBelievedLessAndAskedForSooner() {
        MeterLog wanderer = pen(right(MAY), found(MAY.plusDays(30), 4.11, 7.10, 1.413, true));
        Standing s = wanderer.on(MAY.plusDays(31));
        assertThat(s.phDriftAMonth()).isCloseTo(0.1 * Math.sqrt(1.947), within(1e-4));
        assertThat(s.phDueOn()).isEqualTo(MAY.plusDays(30 + 15));
        MeterLog steady = pen(right(MAY), right(MAY.plusDays(30)), right(MAY.plusDays(60)));
        assertThat(steady.on(MAY.plusDays(60)).phDriftAMonth()).isLessThan(0.1);
    }

    @Test
    void aPenThatWasNotSetIsComparedWithWhereItWasLeft() {
        MeterLog steady = pen(found(MAY, 4.31, 7.30, 1.413, false), found(MAY.plusDays(30), 4.31, 7.30, 1.413, false));
        assertThat(steady.on(MAY.plusDays(30)).phDriftAMonth()).isLessThan(0.1);
        assertThat(steady.on(MAY.plusDays(30)).ph(6.3).value()).isCloseTo(6.0, within(1e-9));
    }

    @Test
    void aDayKnowsNothingOfWhatWasFoundAfterIt() {
        MeterLog pen = pen(found(MAY, 4.31, 7.30, 1.413, false));
        assertThat(pen.on(MAY.minusDays(1)).ph(6.3).value()).isEqualTo(6.3);
        assertThat(pen.on(MAY).ph(6.3).value()).isCloseTo(6.0, within(1e-9));
    }

    @Test
    void whatAilsAPenIsSaid() {
        assertThat(pen(found(MAY, 4.60, 7.00, 1.413, true)).on(MAY).findings()).containsExactly(Finding.SLOPE_WORN);
        assertThat(pen(found(MAY, 4.20, 7.00, 1.413, true)).on(MAY).findings()).containsExactly(Finding.SLOPE_TIRED);
        assertThat(pen(found(MAY, 4.71, 7.70, 1.413, true)).on(MAY).findings()).containsExactly(Finding.OFFSET_LARGE);
        assertThat(pen(found(MAY, 4.01, 7.00, 1.0, true)).on(MAY).findings()).containsExactly(Finding.CELL_OFF);
        MeterLog old = new MeterLog(STATED, true, MAY.minusYears(2), OptionalInt.empty(), List.of(right(MAY)));
        assertThat(old.on(MAY).findings()).containsExactly(Finding.GLASS_OLD);
        MeterLog wild = pen(right(MAY), found(MAY.plusDays(30), 4.51, 7.50, 1.413, true));
        assertThat(wild.on(MAY.plusDays(30)).findings()).containsExactly(Finding.DRIFTS_FAST);
    }

    @Test
    void aPenThatCompensatesIsNotCorrectedTwice() {
        assertThat(pen(right(MAY)).on(MAY).ec(1.0, OptionalDouble.of(15)).value())
                .isEqualTo(1.0);
    }

    /** OIML R 56, from memory: 1.278 at 20 °C is 1.413 at 25 °C. Not told how warm, 5 °C either way stay open: ± 10 %. */
    @Test
    void aPenThatDoesNotIsCorrectedOrWidened() {
        MeterLog plain = new MeterLog(STATED, false, null, OptionalInt.empty(), List.of(right(MAY)));
        Standing s = plain.on(MAY);
        assertThat(s.ec(1.278, OptionalDouble.of(20)).value()).isCloseTo(1.413, within(0.005));
        assertThat(s.ec(1.278, NONE).value()).isCloseTo(1.413, within(0.005));
        assertThat(s.ec(1.278, NONE).halfWidth95() / 1.413).isCloseTo(0.13, within(0.01));
        assertThat(s.ec(1.278, OptionalDouble.of(20)).halfWidth95() / 1.413).isLessThan(0.06);
    }

    @Test
    void aReminderEveryMinuteIsRefused() {
        assertThatThrownBy(() -> new MeterLog(STATED, true, null, OptionalInt.of(0), List.of()))
                .isInstanceOf(FaultException.class);
    }
}
