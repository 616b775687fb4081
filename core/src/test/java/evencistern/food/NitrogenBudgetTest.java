package evencistern.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.food.NitrogenBudget.Kind;
import evencistern.food.NitrogenBudget.Standing;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plan.LotPlan;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class NitrogenBudgetTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 15);
    private static final CoatedRelease SIX = new CoatedRelease(6, 21);
    private static final Feed CAN = new Feed(
            Analysis.npk(10, 5, 10),
            ProductForm.DRY,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            new Rate.PerWater(1, 1, Measure.GRAMS),
            new Rhythm.EveryDays(7, 7));

    private static NitrogenBudget budget(Optional<Feed> feed, Dressing... dressings) {
        Situation s = Situations.fed(feed);
        LotPlan plan = LotPlan.of(s, Working.off());
        return NitrogenBudget.of(s, plan.need(), plan::givenAmid, List.of(dressings), TODAY, Working.off());
    }

    @Test
    void coatedAndCanTogetherAreAddedUpAndTheCanIsWeakened() {
        NitrogenBudget alone = budget(Optional.of(CAN));
        double can = alone.totalMg();
        assertThat(can).isPositive();
        Dressing much = new Dressing("coat", TODAY.minusDays(10), alone.needMg() * 60, Kind.COATED, Optional.of(SIX));
        NitrogenBudget both = budget(Optional.of(CAN), much);
        assertThat(both.totalMg()).isGreaterThan(can);
        assertThat(both.standing()).isEqualTo(Standing.OVER);
        assertThat(both.canShare().getAsDouble()).isBetween(0.0, 1.0);
        assertThat(both.sources().get(1).leftPercent().getAsDouble()).isBetween(80.0, 100.0);
        List<Double> left = both.sources().get(1).leftByMonth();
        assertThat(left).hasSize(13).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(left.get(0)).isEqualTo(both.sources().get(1).leftPercent().getAsDouble());
        double slow = both.totalMg() - can;
        assertThat(slow + both.canShare().getAsDouble() * can)
                .isCloseTo(Math.max(slow, both.needMg()), within(both.needMg() * 1e-6));
    }

    /** Common practice: quick granules last 6–8 weeks, here evenly over 7; a week is a seventh of them. */
    @Test
    void quickGranulesAreSpentAfterSevenWeeks() {
        List<Double> weeks = new ArrayList<>();
        for (int ago : new int[] {0, 21, 49, 70}) {
            weeks.add(budget(
                            Optional.empty(),
                            new Dressing("quick", TODAY.minusDays(ago), 700, Kind.QUICK, Optional.empty()))
                    .totalMg());
        }
        assertThat(weeks.get(0)).isCloseTo(100, within(1e-9));
        assertThat(weeks.get(1)).isCloseTo(100, within(1e-9));
        assertThat(weeks.get(2)).isZero();
        assertThat(weeks.get(3)).isZero();
    }

    @Test
    void whatIsYetToComeIsNotCounted() {
        assertThat(budget(Optional.empty(), Dressing.meal("meal", TODAY.plusDays(3), 500, 4))
                        .sources())
                .isEmpty();
        assertThat(budget(Optional.empty()).standing()).isEqualTo(Standing.SHORT);
    }
}
