package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.label.Terms;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Learned;
import evencistern.need.Note;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A lot with several feeds. */
class ProgrammeTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static final Feed EPSOM = new Feed(
            Analysis.npk(0, 0, 0),
            ProductForm.DRY,
            OptionalDouble.of(0.9),
            OptionalDouble.of(0.9),
            new Rate.PerWater(0.5, 1, Measure.GRAMS),
            new Rhythm.EveryDays(28, 35));

    private static final Feed BEADS = new Feed(
            Analysis.npk(15, 9, 12),
            ProductForm.DRY,
            OptionalDouble.of(1.0),
            OptionalDouble.empty(),
            new Rate.PerMix(3, 3, Measure.GRAMS),
            new Rhythm.Once(),
            Optional.of(new CoatedRelease(6, 21)));

    private static Course course(String key, Feed feed, Optional<LocalDate> last) {
        return new Course(key, feed, 1, FeedRhythm.LABEL, Course.When.ALWAYS, last);
    }

    private static Situation with(Course... courses) {
        return Situations.fed().with(List.of(courses));
    }

    private static List<LocalDate> days(LotYear year, String key) {
        return year.fed().stream()
                .filter(f -> f.course().equals(key))
                .map(LotYear.Fed::on)
                .toList();
    }

    /** One product at a time in the can: of two that are due the rarer goes, the other with the watering after. */
    @Test
    void whatComesMostSeldomGoesFirstAndNothingGoesTogether() {
        Course weak = course("weak", Situations.FORTNIGHTLY, Optional.of(MAY)).in(FeedRhythm.EVERY_WATERING);
        Course monthly = course("epsom", EPSOM, Optional.of(MAY.minusDays(40)));
        LotYear year = LotYear.of(with(weak, monthly), MAY);
        assertThat(year.fed().get(0).course()).isEqualTo("epsom");
        assertThat(year.fed().get(1).course()).isEqualTo("weak");
        assertThat(year.feeds()).doesNotHaveDuplicates();
        // at most once in the label's 28 days
        assertThat(days(year, "epsom")).hasSizeBetween(6, 13);
        LocalDate august = LocalDate.of(2026, 8, 1);
        assertThat(year.waterings().stream()
                        .filter(august::isAfter)
                        .filter(d -> !year.flushes().contains(d)))
                .isSubsetOf(year.feeds());
    }

    /** Another feed does not change when a pot dries out. */
    @Test
    void aSecondFeedLeavesTheWateringsAsTheyAre() {
        Course can = course("can", Situations.FORTNIGHTLY, Optional.of(MAY.minusDays(3)));
        Course monthly = course("epsom", EPSOM, Optional.empty());
        assertThat(LotYear.of(with(can, monthly), MAY).waterings())
                .isEqualTo(LotYear.of(with(can), MAY).waterings());
    }

    /** Half of the strength, and half of the amount. */
    @Test
    void aShareIsThatShareOfTheDoseAndOfWhatIsStrewn() {
        Course can = course("can", Situations.FORTNIGHTLY, Optional.of(MAY.minusDays(30)));
        Situation whole = with(can);
        Situation half = with(can.at(0.5));
        Rate.PerWater rate = (Rate.PerWater) Situations.FORTNIGHTLY.rate();
        assertThat(Portion.perLitre(Situations.FORTNIGHTLY, rate, half, MAY, 7))
                .isCloseTo(Portion.perLitre(Situations.FORTNIGHTLY, rate, whole, MAY, 7) / 2, within(1e-9));
        Course beads = course("beads", BEADS, Optional.empty());
        assertThat(Portion.strewn(BEADS, with(beads.at(0.5))).perPot())
                .isCloseTo(Portion.strewn(BEADS, with(beads)).perPot() / 2, within(1e-9));
    }

    /** A share answers that share of the need: it changes how much is given, not how often. */
    @Test
    void aShareLeavesTheDaysAsTheyAre() {
        Course can = course("can", Situations.FORTNIGHTLY, Optional.of(MAY.minusDays(3)));
        assertThat(LotYear.of(with(can.at(0.5)), MAY).feeds())
                .isEqualTo(LotYear.of(with(can), MAY).feeds());
    }

    /** In flower an azalea takes no soluble nitrogen; granules that give for months are not stopped by a flower. */
    @Test
    void aHoldIsOfAKindOfFeed() {
        Situation s = new Situation(
                        SpeciesGuide.require("azalea_bonsai"),
                        Situations.fed().pot(),
                        Situations.fed().mix(),
                        Situations.fed().place(),
                        Optional.empty(),
                        MAY.minusDays(60),
                        Optional.empty(),
                        Optional.of(MAY),
                        Optional.empty(),
                        new Particulars(
                                Size.Told.NOTHING,
                                Learned.NOTHING,
                                true,
                                Map.of(Condition.FLOWERING, MAY.minusDays(3)),
                                Optional.empty()))
                .with(List.of(
                        course("can", Situations.FORTNIGHTLY, Optional.of(MAY.minusDays(60))),
                        course("beads", BEADS, Optional.empty())));
        LotYear year = LotYear.of(s, MAY);
        assertThat(days(year, "can")).isEmpty();
        assertThat(days(year, "beads")).isNotEmpty();
        assertThat(LotPlan.of(s, MAY, Working.off())
                        .nextFeed()
                        .orElseThrow()
                        .course()
                        .key())
                .isEqualTo("beads");
    }

    /** June to August, from the 20th of June on, to the 10th of August. */
    @Test
    void monthsAndDaysBoundACourse() {
        Course.When summer = new Course.When(
                Optional.of(Terms.Season.through(6, 8)),
                Optional.empty(),
                Optional.of(LocalDate.of(2026, 6, 20)),
                Optional.of(LocalDate.of(2026, 8, 10)));
        Course bloom = new Course("bloom", Situations.FORTNIGHTLY, 1, FeedRhythm.WEEKLY, summer, Optional.empty());
        List<LocalDate> days = LotYear.of(with(bloom), MAY).feeds();
        assertThat(days).isNotEmpty().allMatch(d -> !d.isBefore(LocalDate.of(2026, 6, 20)));
        assertThat(days).allMatch(d -> !d.isAfter(LocalDate.of(2026, 8, 10)));
        assertThat(LotPlan.of(with(bloom), LocalDate.of(2026, 8, 11), Working.off())
                        .nextFeed())
                .isEmpty();
    }

    /** Beads go beside the water: on the day of a watering, which is then plain, and also after it on that day. */
    @Test
    void whatIsStrewnGoesBesideAWateringAndNotInItsPlace() {
        Course can = course("can", Situations.FORTNIGHTLY, Optional.of(MAY.minusDays(60)));
        Course beads = course("beads", BEADS, Optional.empty());
        Situation dry = with(can, beads).past(Optional.of(MAY.minusDays(20)), Situation.Fed.NEVER, Optional.empty());
        LotYear year = LotYear.of(dry, MAY);
        assertThat(year.waterings().get(0)).isEqualTo(MAY);
        assertThat(year.fed().get(0)).isEqualTo(new LotYear.Fed(MAY, "beads"));
        assertThat(year.fed().get(1).course()).isEqualTo("can");
        assertThat(year.fed().get(1).on()).isEqualTo(year.waterings().get(1));
        Situation watered = dry.past(Optional.of(MAY), Situation.Fed.NEVER, Optional.empty());
        LotPlan plan = LotPlan.of(watered, MAY, Working.off());
        assertThat(plan.nextWater()).isAfter(MAY);
        assertThat(plan.nextFeed().orElseThrow().date()).isEqualTo(MAY);
        assertThat(plan.nextFeed().orElseThrow().course().key()).isEqualTo("beads");
    }

    private static List<Note> notes(double highC, LocalDate strewn) {
        Place hot = new Place(
                52.4,
                Place.Kind.INDOORS,
                Collections.nCopies(12, highC - 6),
                Collections.nCopies(12, highC),
                50,
                0.25,
                0.4,
                Optional.empty(),
                Optional.empty());
        Situation s = Situations.at("streptocarpus", Situations.pot(0.12, 0.11), "peat_perlite", hot, MAY)
                .with(List.of(course("beads", BEADS, Optional.of(strewn))));
        return Care.on(
                        MAY,
                        s,
                        new Care.Tools(
                                2,
                                HandMeasure.SPOONS,
                                HandMeasure.FULL_SET,
                                SourceWater.of(0.4, 7.2),
                                OptionalDouble.empty()),
                        Working.off())
                .notes();
    }

    /** Rated at 21 °C, beads give 1.6 times as much at 31; that is told, while there is something left in them. */
    @Test
    void greatHeatIsToldWhileBeadsAreInThePot() {
        assertThat(notes(36, MAY.minusDays(20))).contains(Note.COATED_IN_HEAT);
        assertThat(notes(26, MAY.minusDays(20))).doesNotContain(Note.COATED_IN_HEAT);
        assertThat(notes(36, MAY.minusDays(700))).doesNotContain(Note.COATED_IN_HEAT);
    }

    /** What is made ready is what comes next. */
    @Test
    void theCareOfADayIsThatOfTheCourseThatComesNext() {
        Course can = course("can", Situations.FORTNIGHTLY, Optional.of(MAY));
        Course beads = course("beads", BEADS, Optional.empty());
        Care care = Care.on(
                MAY,
                with(can, beads),
                new Care.Tools(
                        2, HandMeasure.SPOONS, HandMeasure.FULL_SET, SourceWater.of(0.4, 7.2), OptionalDouble.empty()),
                Working.off());
        assertThat(care.course().orElseThrow().key()).isEqualTo("beads");
        assertThat(care.feeding().orElseThrow()).isInstanceOf(Care.Strewn.class);
    }
}
