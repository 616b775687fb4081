package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.food.NitrogenBudget.Kind;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.SpeciesGuide;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SplitTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static final Feed EPSOM = new Feed(
            Analysis.npk(0, 0, 0),
            ProductForm.DRY,
            OptionalDouble.of(0.9),
            OptionalDouble.of(0.9),
            new Rate.PerWater(0.5, 1, Measure.GRAMS),
            new Rhythm.EveryDays(28, 35));

    private static Feed beads(double gramsPerLitre) {
        return new Feed(
                Analysis.npk(15, 9, 12),
                ProductForm.DRY,
                OptionalDouble.of(1.0),
                OptionalDouble.empty(),
                new Rate.PerMix(gramsPerLitre, gramsPerLitre, Measure.GRAMS),
                new Rhythm.Once(),
                Optional.of(new CoatedRelease(6, 21)));
    }

    private static Course course(String key, Feed feed) {
        return new Course(key, feed, 1, FeedRhythm.LABEL, Course.When.ALWAYS, Optional.empty());
    }

    private static Situation with(Course... courses) {
        return Situations.fed().with(List.of(courses));
    }

    /** All together they stay within the need of those months, but for what lies in the mix and was strewn before. */
    @ParameterizedTest
    @MethodSource("evencistern.plan.SeededSituations#two_hundred")
    void whatIsProposedStaysWithinTheNeed(Situation s) {
        if (s.courses().isEmpty()) {
            return;
        }
        String added = s.courses().get(s.courses().size() - 1).key();
        Map<String, Double> shares = Split.of(s, added, MAY, List.of());
        Situation proposed = s.with(s.courses().stream()
                .filter(c -> shares.get(c.key()) > 0)
                .map(c -> c.at(shares.get(c.key())))
                .toList());
        boolean[] months = FeedYear.of(s, MAY, List.of()).monthsOf(added);
        FeedYear year = FeedYear.of(proposed, MAY, List.of());
        double strewn = proposed.courses().stream()
                .filter(c -> c.feed().strewn() && !c.key().equals(added))
                .mapToDouble(c -> year.givenMg(c.key(), months))
                .sum();
        double total = proposed.courses().stream()
                .mapToDouble(c -> year.givenMg(c.key(), months))
                .sum();
        assertThat(total).isLessThanOrEqualTo(Math.max(strewn, year.needMg(months)) * 1.1 + 1e-6);
        assertThat(shares.values()).allMatch(x -> x >= 0 && x <= 1);
    }

    /** What brings no nitrogen changes nothing, and is not changed. */
    @Test
    void epsomSaltLeavesTheOthersAsTheyAre() {
        Situation s = with(course("can", Situations.FORTNIGHTLY), course("epsom", EPSOM));
        double alone = Split.of(with(course("can", Situations.FORTNIGHTLY)), "can", MAY, List.of())
                .get("can");
        assertThat(Split.of(s, "epsom", MAY, List.of()))
                .containsEntry("epsom", 1.0)
                .containsEntry("can", alone);
    }

    /** A strong can alone gives what is needed; beads beside it leave it less, and the can is weakened to that. */
    @Test
    void theCanMakesUpWhatTheBeadsLeave() {
        Feed strong = new Feed(
                Analysis.npk(24, 8, 16),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(0.6, 1, Measure.GRAMS),
                new Rhythm.EveryDays(5, 7));
        Situation can = with(course("can", strong));
        double alone = Split.of(can, "can", MAY, List.of()).get("can");
        Situation both = with(course("can", strong), course("beads", beads(6)));
        Map<String, Double> shares = Split.of(both, "beads", MAY, List.of());
        assertThat(shares.get("beads")).isEqualTo(1);
        assertThat(shares.get("can")).isLessThan(alone);
        FeedYear proposed = FeedYear.of(
                both.with(List.of(
                        course("can", strong).at(Math.max(0.25, shares.get("can"))), course("beads", beads(6)))),
                MAY,
                List.of());
        assertThat(proposed.totalMg()).isLessThanOrEqualTo(proposed.needMg() * 1.1);
        assertThat(FeedYear.of(both, MAY, List.of()).totalMg()).isGreaterThan(proposed.needMg());
    }

    /** What lies in the mix already is counted before anything is added. */
    @Test
    void whatIsInTheMixLeavesLessForTheCan() {
        Situation s = with(course("can", Situations.FORTNIGHTLY));
        Dressing much = new Dressing("old beads", MAY, 1e6, Kind.COATED, Optional.of(new CoatedRelease(6, 21)));
        assertThat(Split.of(s, "can", MAY, List.of(much)).get("can")).isCloseTo(0, within(1e-9));
    }

    /** Common practice: orchids weak and often, bonsai organic, bedding beads and the can, a houseplant plain. */
    @ParameterizedTest
    @CsvSource({"moth_orchid,WEAK_AND_OFTEN", "azalea_bonsai,ORGANIC", "pansy,BEADS_AND_CAN", "streptocarpus,PLAIN"})
    void eachKindHasItsUsualProgramme(String species, Pattern usual) {
        assertThat(Pattern.of(SpeciesGuide.require(species))).startsWith(usual).hasSize(4);
    }

    @Test
    void aPlantThatTakesNoFeedHasNoProgramme() {
        assertThat(Pattern.of(SpeciesGuide.require("pitcher_plant"))).isEmpty();
    }

    @Test
    void aFeedIsOfOneKind() {
        assertThat(Pattern.Type.COATED.fits(beads(3))).isTrue();
        assertThat(Pattern.Type.SOLUBLE.fits(beads(3))).isFalse();
        assertThat(Pattern.Type.SOLUBLE.fits(Situations.FORTNIGHTLY)).isTrue();
        assertThat(Pattern.Type.ORGANIC.fits(Situations.FORTNIGHTLY)).isFalse();
        assertThat(Pattern.Type.SOLUBLE.fits(EPSOM)).isFalse();
    }
}
