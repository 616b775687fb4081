package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.fault.FaultException;
import evencistern.feed.Feed;
import evencistern.label.Terms;
import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CourseTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final Feed FEED = Situations.fed().feed().orElseThrow();

    private static Course course(Course.When when) {
        return new Course("a", FEED, 1, FeedRhythm.LABEL, when, Optional.empty());
    }

    private static Course.When when(Optional<LocalDate> begins, Optional<LocalDate> ends) {
        return new Course.When(Optional.empty(), Optional.empty(), begins, ends);
    }

    @ParameterizedTest
    @CsvSource({
        "MARCH,SEPTEMBER,MARCH,true", "MARCH,SEPTEMBER,SEPTEMBER,true", "MARCH,SEPTEMBER,OCTOBER,false",
        "OCTOBER,FEBRUARY,DECEMBER,true", "OCTOBER,FEBRUARY,FEBRUARY,true", "OCTOBER,FEBRUARY,MAY,false",
        "MAY,MAY,MAY,true", "MAY,MAY,JUNE,false"
    })
    void bothMonthsCountAlsoOverTheTurnOfTheYear(Month from, Month to, Month month, boolean holds) {
        assertThat(Terms.Season.through(from.getValue(), to.getValue()).on(LocalDate.of(2026, month, 15), 52))
                .isEqualTo(holds);
    }

    @Test
    void itIsGivenFromItsFirstDayToItsLast() {
        Course.When when = when(Optional.of(MAY), Optional.of(MAY.plusDays(9)));
        assertThat(when.on(MAY.minusDays(1), 52, Map.of())).isFalse();
        assertThat(when.on(MAY, 52, Map.of())).isTrue();
        assertThat(when.on(MAY.plusDays(9), 52, Map.of())).isTrue();
        assertThat(when.on(MAY.plusDays(10), 52, Map.of())).isFalse();
        assertThat(course(when).over(MAY.plusDays(9))).isFalse();
        assertThat(course(when).over(MAY.plusDays(10))).isTrue();
    }

    @Test
    void anEndBeforeTheBeginningIsRefused() {
        assertThatThrownBy(() -> when(Optional.of(MAY), Optional.of(MAY.minusDays(1))))
                .isInstanceOf(FaultException.class);
    }

    @Test
    void whatIsForFlowersIsGivenWhileTheyLast() {
        Course.When bloom =
                new Course.When(Optional.empty(), Optional.of(Condition.FLOWERING), Optional.empty(), Optional.empty());
        assertThat(bloom.on(MAY, 52, Map.of())).isFalse();
        assertThat(bloom.on(MAY, 52, Map.of(Condition.FLOWERING, MAY.plusDays(1))))
                .isFalse();
        assertThat(bloom.on(MAY, 52, Map.of(Condition.FLOWERING, MAY))).isTrue();
        Situation s = Situations.fed().with(List.of(course(bloom)));
        assertThat(Hold.on(MAY, s)).contains(Hold.OFF_PROGRAMME);
    }

    @ParameterizedTest
    @CsvSource({"0", "0.04", "1.01"})
    void aShareThatIsNoneOrMoreThanTheLabelIsRefused(double share) {
        assertThatThrownBy(() -> course(Course.When.ALWAYS).at(share)).isInstanceOf(FaultException.class);
    }

    /** An only feed takes the place of what was given before it; of several each has its own last day. */
    @Test
    void eachCourseIsKnownByItsOwnLastDay() {
        Situation one = Situations.fed();
        Situation.Fed fed = new Situation.Fed(Optional.of(MAY), Map.of("b", MAY.minusDays(40)));
        assertThat(one.past(Optional.empty(), fed, Optional.empty())
                        .course()
                        .orElseThrow()
                        .lastFed())
                .contains(MAY);
        Course b = new Course("b", FEED, 0.5, FeedRhythm.MONTHLY, Course.When.ALWAYS, Optional.empty());
        Situation two = one.with(List.of(course(Course.When.ALWAYS), b)).past(Optional.empty(), fed, Optional.empty());
        assertThat(two.lastFed()).contains(MAY);
        assertThat(two.courses().get(0).lastFed()).isEmpty();
        assertThat(two.courses().get(1).lastFed()).contains(MAY.minusDays(40));
        assertThat(two.feed()).isEmpty();
        assertThat(two.of(two.courses().get(1)).lastFed()).contains(MAY.minusDays(40));
    }
}
