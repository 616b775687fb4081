package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.reading.Outcome.Kind;
import evencistern.units.Uncertain;
import org.junit.jupiter.api.Test;

class OutcomeTest {

    private static Judgement ec(double value) {
        return Judgement.of(Uncertain.plusMinus95(value, 0.196), 0.7, 2.2);
    }

    @Test
    void backInTheBandItWorked() {
        assertThat(Outcome.of(ec(3.2), ec(1.4)).orElseThrow().kind()).isEqualTo(Kind.WORKED);
        assertThat(Outcome.of(ec(0.2), ec(1.4)).orElseThrow().kind()).isEqualTo(Kind.WORKED);
    }

    /** Normal table, from memory: two readings with σ 0.1 differ by σ 0.141; 0.2 apart is 1.41 σ, 92 %. */
    @Test
    void movedAndStillOutsideItWorkedInPart() {
        Outcome o = Outcome.of(ec(3.2), ec(3.0)).orElseThrow();
        assertThat(o.kind()).isEqualTo(Kind.PARTLY);
        assertThat(o.moved()).isCloseTo(0.921, within(0.001));
        assertThat(Outcome.of(ec(3.2), ec(3.15)).orElseThrow().kind()).isEqualTo(Kind.CANNOT_TELL);
        assertThat(Outcome.of(ec(3.2), ec(3.6)).orElseThrow().kind()).isEqualTo(Kind.WORSE);
        assertThat(Outcome.of(ec(0.4), ec(0.1)).orElseThrow().kind()).isEqualTo(Kind.WORSE);
    }

    @Test
    void whereNothingWasOffNothingCanHaveWorked() {
        assertThat(Outcome.of(ec(1.4), ec(1.2))).isEmpty();
    }
}
