package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.need.Condition;
import evencistern.need.FeedRhythm;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.Size;
import evencistern.round.RoundCalendar;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FeedWindowTest {
    private static final Situation FED = Situations.fed();
    private static final LocalDate FED_ON = FED.lastFed().orElseThrow();

    private static Situation with(Map<Condition, LocalDate> conditions, FeedRhythm rhythm) {
        return new Situation(
                        FED.species(),
                        FED.pot(),
                        FED.mix(),
                        FED.place(),
                        FED.feed(),
                        FED.startedOn(),
                        FED.repottedOn(),
                        FED.lastWatered(),
                        FED.lastFed(),
                        new Particulars(Size.Told.NOTHING, Learned.NOTHING, true, conditions, Optional.empty()))
                .in(rhythm);
    }

    /** Arithmetic: fed 10 days ago on a label of 14 to 28 days: between the 4th and the 18th day from today. */
    @Test
    void theWindowCountsFromTheLastFeed() {
        RoundCalendar.Lot lot =
                FeedWindow.of("a", FED, FED_ON.plusDays(10), 0, 40).orElseThrow();
        assertThat(lot.first()).isEqualTo(4);
        assertThat(lot.last()).isEqualTo(18);
        assertThat(lot.min()).isEqualTo(14);
        assertThat(lot.max()).isEqualTo(28);
        assertThat(lot.preferred()).isBetween(14, 28);
        assertThat(lot.free()).as("days on which the pot is at least half dry").isNotZero();
        assertThat(Long.bitCount(lot.free())).isBetween(10, 39);
    }

    @Test
    void whatIsLateIsDueAtOnceAndOnlyOnce() {
        RoundCalendar.Lot late =
                FeedWindow.of("a", FED, FED_ON.plusDays(60), 0, 40).orElseThrow();
        assertThat(late.first()).isEqualTo(0);
        assertThat(late.last()).isEqualTo(0);
        assertThat(RoundCalendar.of(java.util.List.of(late), 12).feeds().get("a"))
                .containsExactly(0);
    }

    @Test
    void aConditionLeavesNoDayFreeAndEveryWateringHasNoDays() {
        assertThat(FeedWindow.of("a", with(Map.of(Condition.SICK, FED_ON), FeedRhythm.LABEL), FED_ON, 0, 40)
                        .orElseThrow()
                        .free())
                .isZero();
        assertThat(FeedWindow.of("a", with(Map.of(), FeedRhythm.EVERY_WATERING), FED_ON, 0, 40))
                .isEmpty();
        assertThat(FeedWindow.of("a", Situations.fed(Optional.empty()), FED_ON, 0, 40))
                .isEmpty();
    }
}
