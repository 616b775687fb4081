package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.units.Uncertain;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class SoakTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);

    private static Soak soak(double after, double phLow, Optional<Soak.First> first) {
        return Soak.of(
                Uncertain.plusMinus95(after, 0.1), MAY, Cases.PEAT, phLow, phLow + 0.8, OptionalDouble.of(100), first);
    }

    private static Optional<Soak.First> first(double ph) {
        return Optional.of(new Soak.First(MAY.minusDays(300), ph));
    }

    /** Common practice, no source: an orchid's mix that soaked out at 6.2 when fresh and at 5.5 now is spent. */
    @Test
    void belowTheBandAndFallenIsSpent() {
        Soak s = soak(5.5, 5.8, first(6.2));
        assertThat(s.standing().finding()).isEqualTo(Judgement.Finding.BELOW);
        assertThat(s.fall().orElseThrow().value()).isCloseTo(0.7, within(1e-9));
        assertThat(s.spent()).isTrue();
    }

    /** Fresh bark and moss start at 4 to 5, and acid lovers live there: never one number for all. */
    @Test
    void whatWasAlwaysAcidIsNotSpent() {
        assertThat(soak(5.5, 5.8, first(5.5)).spent()).isFalse();
        assertThat(soak(4.6, 4.4, first(4.7)).spent()).isFalse();
        assertThat(soak(5.5, 5.8, Optional.empty()).spent()).isFalse();
    }

    /** Arithmetic: 200 mg of alkalinity for a litre of mix of buffer β move it by 0.2/β; 0.3 more is assumed. */
    @Test
    void theRootsStandAtOrBelow() {
        Soak s = soak(5.5, 5.8, Optional.empty());
        assertThat(s.standingHigh()).isEqualTo(5.5);
        assertThat(s.standingLow()).isCloseTo(5.5 - 0.3 - 0.2 / Cases.PEAT.buffer(), within(1e-9));
    }

    /** Arithmetic: 0.4 in 300 days, and what the roots have left to the lowest at that pace. */
    @Test
    void theTimeLeftIsOnTheLineDownToTheBand() {
        double left = 0.6 - (0.3 + 0.2 / Cases.PEAT.buffer()) / 2;
        assertThat(soak(6.4, 5.8, first(6.8)).leavesOn()).contains(MAY.plusDays(Math.round(left / 0.4 * 300)));
        assertThat(soak(6.4, 5.8, first(6.4)).leavesOn()).isEmpty();
        assertThat(soak(5.5, 5.8, first(6.4)).leavesOn()).isEmpty();
    }
}
