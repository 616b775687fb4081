package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.Nutrient;
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
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class FeedYearTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    /** 3 g for each litre of mix, 15 % nitrogen, out within three months in the warm. */
    private static final Feed BEADS = new Feed(
            Analysis.npk(15, 0, 0),
            ProductForm.DRY,
            OptionalDouble.of(1.0),
            OptionalDouble.empty(),
            new Rate.PerMix(3, 3, Measure.GRAMS),
            new Rhythm.Once(),
            Optional.of(new CoatedRelease(3, 21)));

    private static final Feed SALT = new Feed(
            Analysis.npk(0, 0, 0),
            ProductForm.DRY,
            OptionalDouble.of(0.9),
            OptionalDouble.of(0.9),
            new Rate.PerWater(0.5, 1, Measure.GRAMS),
            new Rhythm.EveryDays(28, 35));

    private static Course course(String key, Feed feed, Optional<LocalDate> last) {
        return new Course(key, feed, 1, FeedRhythm.LABEL, Course.When.ALWAYS, last);
    }

    private static FeedYear year(List<Dressing> dressings, Course... courses) {
        return FeedYear.of(Situations.fed().with(List.of(courses)), MAY, dressings);
    }

    @Test
    void withoutFeedNothingIsGivenAndThePlantIsShortWhileItGrows() {
        FeedYear year = year(List.of());
        assertThat(year.months()).hasSize(12);
        assertThat(year.totalMg()).isZero();
        assertThat(year.saltGrams()).isZero();
        assertThat(year.months().get(1).needMg()).isPositive();
        assertThat(year.months()).noneMatch(year::tooMuch);
    }

    /** Half as much again as an average month needs, above what June bears, is told; a tenth of that in the cold is not. */
    @Test
    void aMonthOfTooMuchIsToldWhereItMatters() {
        FeedYear none = year(List.of());
        double mean = none.needMg() / 12;
        FeedYear.Month june = none.months().get(1);
        assertThat(none.tooMuch(month(june, june.mostMg() + mean / 2))).isTrue();
        assertThat(none.tooMuch(month(june, june.mostMg() + mean / 20))).isFalse();
        assertThat(none.tooMuch(month(june, june.needMg()))).isFalse();
    }

    private static FeedYear.Month month(FeedYear.Month as, double givenMg) {
        return new FeedYear.Month(as.from(), as.needMg(), Map.of("can", givenMg));
    }

    /** Arithmetic: 15 % of what was strewn each time, all of it out within the year but for what the last times still hold. */
    @Test
    void whatIsStrewnComesOutOverItsMonths() {
        Situation s = Situations.fed().with(List.of(course("beads", BEADS, Optional.empty())));
        FeedYear year = FeedYear.of(s, MAY, List.of());
        FeedYear.Given given = year.feeds().get("beads");
        assertThat(given.times()).isPositive();
        double content = given.product() * 0.15;
        assertThat(year.elements().n()).isCloseTo(content, within(1e-9));
        assertThat(year.totalMg() / 1000).isBetween(content * 0.6, content);
        // it gives in the first month, and no more than half of it
        double first = year.months().get(0).given().get("beads") / 1000;
        assertThat(first).isBetween(0.05 * content / given.times(), 0.5 * content / given.times());
    }

    /** A dressing that lay there before: what is left of it comes out, whatever the programme. */
    @Test
    void whatIsInTheMixAlreadyCountsToo() {
        Dressing half = new Dressing("old", MAY.minusDays(49 / 2), 700, Kind.QUICK, Optional.empty());
        FeedYear year = year(List.of(half));
        assertThat(year.totalMg()).isCloseTo(700 * (1 - 24.0 / 49), within(1e-6));
        assertThat(year.months().get(0).given()).containsKey(FeedYear.IN_THE_MIX);
    }

    /** By hand: 0.9 mS/cm for a gram in a litre is 0.576 g of salt for each gram, at 0.64 g/L for 1 mS/cm [FAO29]. */
    @Test
    void saltIsThatOfEveryFeeding() {
        FeedYear year = year(List.of(), course("salt", SALT, Optional.of(MAY.minusDays(40))));
        FeedYear.Given given = year.feeds().get("salt");
        assertThat(given.times()).isBetween(6, 13);
        assertThat(year.saltGrams()).isCloseTo(given.product() * 0.9 * 0.64, within(1e-9));
        assertThat(year.totalMg()).isZero();
        assertThat(year.elements().of(Nutrient.P)).isZero();
    }

    /** Nitrogen of a month is that of the feedings that fall into it, 10 % of the product of each. */
    @Test
    void theCanIsSummedUpByMonths() {
        FeedYear year = year(List.of(), course("can", Situations.FORTNIGHTLY, Optional.of(MAY)));
        FeedYear.Given given = year.feeds().get("can");
        assertThat(year.totalMg()).isCloseTo(given.product() * 100, within(1e-6));
        assertThat(given.next())
                .contains(LotYear.of(
                                Situations.fed().with(List.of(course("can", Situations.FORTNIGHTLY, Optional.of(MAY)))),
                                MAY)
                        .feeds()
                        .get(0));
    }
}
