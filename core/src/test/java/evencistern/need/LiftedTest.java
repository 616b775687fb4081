package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LiftedTest {
    private static final LocalDate UNTIL = LocalDate.of(2026, 6, 1);

    @Test
    void holdsAndNotesAreKnownByTheirIdsAndEndWithTheirDay() {
        Lifted lifted = Lifted.of(Map.of("sick", UNTIL, "too_dark_here", UNTIL));
        assertThat(lifted.on(Hold.SICK, UNTIL)).isTrue();
        assertThat(lifted.on(Note.TOO_DARK_HERE, UNTIL)).isTrue();
        assertThat(lifted.on(Note.TOO_DARK_HERE, UNTIL.plusDays(1))).isFalse();
        assertThat(lifted.on(Note.TOO_COLD_HERE, UNTIL)).isFalse();
        assertThat(Lifted.of(lifted.byId())).isEqualTo(lifted);
    }

    @ParameterizedTest
    @EnumSource(
            value = Note.class,
            names = {"PURE_WATER_ONLY", "FEED_LEFT_OUT_PHOSPHORUS", "FEED_LEFT_OUT_WEAK", "FEED_LEFT_OUT_UREA"})
    void whatAPlantsLimitsForbidCannotBeSetAside(Note note) {
        assertThatThrownBy(() -> Lifted.of(Map.of(note.id(), UNTIL))).isInstanceOf(FaultException.class);
    }

    @Test
    void aWordThatIsNeitherIsRefused() {
        assertThatThrownBy(() -> Lifted.of(Map.of("poison", UNTIL))).isInstanceOf(FaultException.class);
    }
}
