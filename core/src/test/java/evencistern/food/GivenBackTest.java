package evencistern.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Situation;
import evencistern.need.Situations;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Weak and often: what a plant does not bear at once it gets in more often, and never more in a month than its label has. */
class GivenBackTest {
    private static final LocalDate MAY = Situations.MAY;
    private static final int BETWEEN = 7;

    /** 30 days apart; the nitrogen of a streptocarpus is bounded well below what it would bring. */
    private static Feed feed(double gramsPerLitre) {
        return new Feed(
                Analysis.npk(20, 5, 5),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.of(0.1),
                new Rate.PerWater(gramsPerLitre, gramsPerLitre, Measure.GRAMS),
                new Rhythm.EveryDays(30, 30));
    }

    private static Situation lot(Feed feed) {
        return Situations.fed().with(Optional.of(feed));
    }

    private static Optional<FeedRhythm> back(Feed feed) {
        return GivenBack.rhythm(feed, (Rate.PerWater) feed.rate(), lot(feed), MAY, BETWEEN);
    }

    private static Dose dose(Feed feed, Situation s) {
        return Portion.dose(feed, (Rate.PerWater) feed.rate(), s, MAY, BETWEEN);
    }

    @Test
    void whatIsBorneLosesNothing() {
        assertThat(back(feed(0.2))).isEmpty();
    }

    /** At twice what it bears every second week does it, at four times every week; each at the food of the label. */
    @Test
    void theRarestRhythmThatBearsItIsOffered() {
        double bears = dose(feed(10), lot(feed(10))).ceilingPerLitre();
        Feed twice = feed(2 * bears);
        assertThat(back(twice)).contains(FeedRhythm.FORTNIGHTLY);
        assertThat(back(feed(4 * bears))).contains(FeedRhythm.WEEKLY);
        Course course = lot(twice).course().orElseThrow();
        Dose often = dose(twice, lot(twice).with(List.of(course.wholeIn(FeedRhythm.FORTNIGHTLY))));
        // 14 days instead of 30: 14/30 of the label's strength, at the same food in a month
        assertThat(often.perLitre()).isCloseTo(2 * bears * 14 / 30, within(1e-6));
        assertThat(often.lost()).isZero();
    }

    /** A rhythm that is chosen without that keeps the food that was given, half as strong twice as often. */
    @Test
    void anotherRhythmAloneKeepsTheFoodThatIsGiven() {
        double bears = dose(feed(10), lot(feed(10))).ceilingPerLitre();
        Feed twice = feed(2 * bears);
        assertThat(dose(twice, lot(twice).in(FeedRhythm.FORTNIGHTLY)).perLitre())
                .isCloseTo(bears * 14 / 30, within(1e-6));
    }

    @Test
    void whatNoRhythmBearsIsNotPromised() {
        assertThat(back(feed(1000))).isEmpty();
    }
}
