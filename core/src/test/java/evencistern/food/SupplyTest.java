package evencistern.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plan.LotPlan;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class SupplyTest {
    private static Situation fed(Rate rate, Rhythm rhythm, Optional<LocalDate> repotted) {
        LocalDate may = LocalDate.of(2026, 5, 14);
        Feed feed = new Feed(
                Analysis.npk(1, 1, 1), ProductForm.DRY, OptionalDouble.of(0.9), OptionalDouble.empty(), rate, rhythm);
        return new Situation(
                SpeciesGuide.require("streptocarpus"),
                Pot.filled(new RoundTaper(0.12, 0.09, 0.11)),
                Recipes.require("peat_perlite"),
                Situations.SILL,
                Optional.of(feed),
                may,
                repotted,
                Optional.of(may),
                Optional.of(may));
    }

    private static double perDay(Situation s) {
        LotPlan plan = LotPlan.of(s, Working.off());
        return Supply.perDay(
                s,
                plan.need(),
                plan.nextWater(),
                s.course().map(plan::givenAmid).orElse(java.util.OptionalInt.empty()));
    }

    /** Arithmetic: 0.3 g strewn for each 6 cm of width on 12 cm is 0.6 g, every 20 to 40 days: 0.02 g a day. */
    @Test
    void aStrewnFeedIsUsedByWidthAndRhythm() {
        Situation s = fed(
                new Rate.PerPotWidth(0.3, 0.3, Measure.GRAMS, 0.06), new Rhythm.EveryDays(20, 40), Optional.empty());
        assertThat(perDay(s)).isCloseTo(0.02, within(1e-9));
    }

    /** 1 g/L of a 1-1-1 feed is far below any cap, so each watering takes one gram for each litre poured. */
    @Test
    void aFeedWithEveryWateringIsUsedAsWaterIs() {
        Situation s = fed(new Rate.PerWater(1, 1, Measure.GRAMS), new Rhythm.EveryWatering(), Optional.empty());
        LotPlan plan = LotPlan.of(s, Working.off());
        double poured = plan.need().usableLitres() / 0.85;
        assertThat(perDay(s)).isCloseTo(poured / plan.days().likely(), within(1e-9));
    }

    @Test
    void whileAFeedIsHeldNothingIsUsed() {
        Situation s = fed(
                new Rate.PerWater(1, 1, Measure.GRAMS),
                new Rhythm.EveryWatering(),
                Optional.of(LocalDate.of(2026, 5, 13)));
        assertThat(perDay(s)).isZero();
    }
}
