package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.reading.Verdict.Action;
import java.time.LocalDate;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TakingTest {
    private static final LocalDate READ = LocalDate.of(2026, 5, 10);
    private static final LocalDate WATER = LocalDate.of(2026, 5, 16);
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static Taking taken(Action action, int inDays) {
        return Taking.of(action, READ, OptionalInt.of(inDays), WATER, TODAY);
    }

    @Test
    void aRetestIsDueSoManyDaysAfterTheReading() {
        assertThat(taken(Action.RETEST, 14).due()).isEqualTo(READ.plusDays(14));
        assertThat(taken(Action.RETEST_CALIBRATED, 14).due()).isEqualTo(WATER);
    }

    @Test
    void aWeakerFeedEndsAfterSixtyDaysAndRepottingOnItsDay() {
        assertThat(taken(Action.WEAKEN_FEED, 0).until()).contains(READ.plusDays(60));
        assertThat(taken(Action.REPOT, 30).until()).contains(READ.plusDays(30));
        assertThat(taken(Action.CORRECT_WATER, 30).until()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Action.class)
    void nothingIsDueBeforeItWasTaken(Action action) {
        assertThat(taken(action, 1).due()).isAfterOrEqualTo(TODAY);
    }

    @Test
    void whatThePlanDoesOfItselfIsNotTaken() {
        assertThat(Taking.possible(Action.FLUSH)).isFalse();
        assertThat(Taking.possible(Action.SKIP_NEXT_FEED)).isFalse();
        assertThat(Taking.possible(Action.CORRECT_WATER)).isTrue();
        assertThat(Taking.endsWithReading(Action.WEAKEN_FEED)).isTrue();
        assertThat(Taking.endsWithReading(Action.REPOT)).isFalse();
    }
}
