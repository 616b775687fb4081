package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatedReleaseTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 15);
    private static final CoatedRelease SIX = new CoatedRelease(6, 21);

    /** Typical, from memory: a grade rated at 21 °C lives 0.75 times as long at 27 °C and 0.6 times at 32 °C. */
    @ParameterizedTest
    @CsvSource({"21, 6", "27, 4.5", "32, 3.6"})
    void warmthShortensTheLife(double celsius, double months) {
        assertThat(SIX.monthsAt(celsius)).isCloseTo(months, within(0.1));
    }

    /** By definition 80 % are out at the rated life, at the rated temperature; nothing at frost. */
    @Test
    void eightyPerCentAreOutAtTheRatedLife() {
        LocalDate end = TODAY.plusDays(Math.round(6 * 30.4));
        assertThat(SIX.released(TODAY, end, d -> 21)).isCloseTo(0.8, within(0.005));
        assertThat(SIX.released(TODAY, end, d -> -2)).isZero();
        assertThat(SIX.released(TODAY, end, d -> 30)).isGreaterThan(0.85);
        assertThatThrownBy(() -> new CoatedRelease(40, 21)).isInstanceOf(FaultException.class);
    }

    /** Whatever the weeks, what is released adds up to what is gone, and never to more than there was. */
    @Test
    void theWeeksAddUp() {
        double sum = 0;
        for (int week = 0; week < 80; week++) {
            LocalDate from = TODAY.plusWeeks(week);
            sum += SIX.released(TODAY, from.plusWeeks(1), d -> 18) - SIX.released(TODAY, from, d -> 18);
        }
        assertThat(sum)
                .isCloseTo(SIX.released(TODAY, TODAY.plusWeeks(80), d -> 18), within(1e-9))
                .isLessThan(1);
    }
}
