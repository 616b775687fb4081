package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.AfterReading;
import evencistern.need.Course;
import evencistern.need.Hold;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LotYearTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static Situation outdoors(String species, double latitude, boolean south) {
        return standing(species, latitude, south, Place.Kind.OUTDOORS);
    }

    private static Situation underARoof(String species) {
        return standing(species, 52, false, Place.Kind.UNDER_GLASS);
    }

    private static Situation standing(String species, double latitude, boolean south, Place.Kind kind) {
        List<Double> north = List.of(1.0, 1.0, 3.0, 4.0, 7.0, 10.0, 12.0, 12.0, 10.0, 7.0, 4.0, 2.0);
        List<Double> lows = new java.util.ArrayList<>();
        List<Double> highs = new java.util.ArrayList<>();
        for (int m = 0; m < 12; m++) {
            lows.add(north.get(south ? (m + 6) % 12 : m));
            highs.add(lows.get(m) + 10);
        }
        Place place = new Place(
                latitude,
                kind,
                lows,
                highs,
                75,
                1,
                0.4,
                Optional.empty(),
                Optional.of(
                        south
                                ? new Place.Frosts(MonthDay.of(5, 15), MonthDay.of(10, 5))
                                : new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(5, 5))));
        Situation fed = Situations.fed();
        return new Situation(
                SpeciesGuide.require(species),
                fed.pot(),
                fed.mix(),
                place,
                fed.feed(),
                MAY.minusDays(30),
                Optional.empty(),
                Optional.of(MAY.minusDays(2)),
                Optional.of(MAY.minusDays(10)));
    }

    /** The label's window is 14 to 28 days: no two feeds nearer, and none while anything holds it back. */
    @ParameterizedTest
    @CsvSource({"fuchsia, 52, false", "fuchsia, -34, true", "olive, 52, false", "larch_bonsai, 52, false"})
    void feedsKeepTheirGapsAndStayOutOfHolds(String species, double latitude, boolean south) {
        Situation s = outdoors(species, latitude, south);
        LotYear year = LotYear.of(s, MAY);
        assertThat(year.growth()).hasSize(LotYear.DAYS).allMatch(g -> g >= 0 && g <= 1);
        assertThat(year.feeds()).isNotEmpty();
        for (int i = 1; i < year.feeds().size(); i++) {
            assertThat(year.feeds().get(i).toEpochDay()
                            - year.feeds().get(i - 1).toEpochDay())
                    .isGreaterThanOrEqualTo(14);
        }
        assertThat(year.feeds()).allMatch(d -> Hold.on(d, s).isEmpty());
    }

    /** Every day of every span is held by its hold, and the days on either side are not. */
    @Test
    void spansAreTheDaysOfTheirHolds() {
        Situation s = outdoors("fuchsia", 52, false);
        LotYear year = LotYear.of(s, MAY);
        assertThat(year.holds()).extracting(LotYear.Span::hold).contains(Hold.COLD, Hold.FROST_NEAR);
        for (LotYear.Span span : year.holds()) {
            assertThat(span.from()).isBefore(span.to());
            assertThat(Hold.on(span.from(), s)).contains(span.hold());
            assertThat(Hold.on(span.to().minusDays(1), s)).contains(span.hold());
            if (span.to().isBefore(MAY.plusDays(LotYear.DAYS))) {
                assertThat(Hold.on(span.to(), s)).doesNotContain(span.hold());
            }
            if (span.from().isAfter(MAY)) {
                assertThat(Hold.on(span.from().minusDays(1), s)).doesNotContain(span.hold());
            }
        }
    }

    /** Arithmetic: due ten days into its rest, twenty days after it was asked while still growing. */
    @Test
    void aFlushDueInTheRestWaitsForItsEndAndIsNotBroughtForward() {
        Situation s = underARoof("fuchsia");
        LocalDate rest = MAY;
        while (!rests(rest, s)) {
            rest = rest.plusDays(1);
        }
        LocalDate due = rest.plusDays(10);
        Particulars told =
                new Particulars(Size.Told.NOTHING, Learned.NOTHING, true, Map.of(), Optional.of(due.minusDays(42)));
        LocalDate on = flush(s.with(told), rest.minusDays(10)).orElseThrow().on();
        assertThat(on).isAfter(due);
        assertThat(rests(on, s)).isFalse();
        assertThat(due.datesUntil(on)).allMatch(day -> rests(day, s));
    }

    private static Optional<LotPlan.Flush> flush(Situation s, LocalDate earliest) {
        LotPlan plan = LotPlan.of(s, earliest, Working.off());
        return LotPlan.flush(s, plan.potWater(), plan.need(), earliest);
    }

    /** Salt comes with water: what drinks once in six weeks is not flushed at every second watering; common practice. */
    @Test
    void aPotThatSeldomDrinksIsSeldomFlushed() {
        Situation s = GoldenPlans.lot(
                "snake_plant", 15, 11, 13.5, "peat_perlite", GoldenPlans.sill(0.18), Optional.of(GoldenPlans.even()));
        DaysAhead ahead = DaysAhead.of(s, LocalDate.of(2026, 4, 1));
        List<DaysAhead.Kind> kinds = Stream.generate(ahead::next)
                .limit(16)
                .map(DaysAhead.Watering::kind)
                .toList();
        for (int i = 0; i < 13; i++) {
            assertThat(kinds.subList(i, i + 3).stream().filter(k -> k == DaysAhead.Kind.FLUSH))
                    .hasSizeLessThanOrEqualTo(1);
        }
        assertThat(kinds).contains(DaysAhead.Kind.FLUSH);
    }

    private static boolean rests(LocalDate day, Situation s) {
        return Hold.on(day, s).stream().anyMatch(Hold::rests);
    }

    /** A flush that a reading asks for comes first; the weeks of the kind are counted from it. */
    @Test
    void aFlushByReadingComesFirst() {
        Situation s = underARoof("fuchsia");
        AfterReading salty = new AfterReading(
                Optional.of(new AfterReading.Salty(MAY, OptionalDouble.of(0.4))),
                Optional.empty(),
                1,
                Optional.empty(),
                Optional.empty());
        Situation read = s.with(s.particulars().with(salty));
        assertThat(LotYear.of(read, MAY).flushes()).startsWith(MAY, MAY.plusDays(42));
    }

    /** Arithmetic: a kind flushed every six weeks, put up 30 days ago: in 12 days, then every 42. */
    @Test
    void flushesFollowTheKindsWeeks() {
        List<LocalDate> flushes = LotYear.of(underARoof("fuchsia"), MAY).flushes();
        assertThat(flushes.get(0)).isEqualTo(MAY.plusDays(12));
        assertThat(flushes.get(1)).isEqualTo(MAY.plusDays(54));
        assertThat(LotYear.of(underARoof("pitcher_plant"), MAY).flushes()).isEmpty();
    }

    /** Under the sky rain does it, and a reading in order puts it off: the calendar speaks only where nothing else does. */
    @Test
    void theCalendarFlushesOnlyWhereNothingElseIsKnown() {
        assertThat(LotYear.of(outdoors("fuchsia", 52, false), MAY).flushes()).isEmpty();
        Situation s = underARoof("fuchsia");
        AfterReading fine = new AfterReading(
                Optional.empty(), Optional.empty(), 1, Optional.empty(), Optional.of(MAY.minusDays(2)));
        assertThat(LotYear.of(s.with(s.particulars().with(fine)), MAY).flushes().get(0))
                .isEqualTo(MAY.plusDays(40));
    }

    /** A pansy is repotted every half year at any time: 183 days after it was put up. A larch not within three. */
    @Test
    void repottingFollowsTheKindsYears() {
        assertThat(LotYear.of(outdoors("pansy", 52, false), MAY).repot())
                .contains(MAY.minusDays(30).plusDays(183));
        assertThat(LotYear.of(outdoors("larch_bonsai", 52, false), MAY).repot()).isEmpty();
    }

    @Test
    void aFeedAtEveryWateringIsAStretchThatFlushesDoNotBreakAndPlainWaterDoes() {
        List<LocalDate> days = Stream.iterate(MAY, d -> d.plusDays(5)).limit(8).toList();
        LotYear year = new LotYear(
                MAY,
                List.of(),
                List.of(),
                days,
                Stream.of(0, 1, 3, 6, 7)
                        .map(i -> new LotYear.Fed(days.get(i), ""))
                        .toList(),
                List.of(days.get(2)),
                Optional.empty());
        assertThat(year.fedThroughout())
                .containsExactly(
                        new LotYear.Stretch(days.get(0), days.get(3)), new LotYear.Stretch(days.get(6), days.get(7)));
    }

    /**
     * Beads rated 6 months at 21 °C in a mix that is warmer and cooler by turns are four fifths out in about half a year to a
     * year; by the rule of thumb that ten degrees change the pace 1.6 times, from memory.
     */
    @Test
    void coatedFeedIsABandUntilItIsSpent() {
        Feed beads = new Feed(
                Analysis.npk(15, 9, 11),
                ProductForm.DRY,
                OptionalDouble.of(1),
                OptionalDouble.empty(),
                new Rate.PerMix(2, 4, Measure.GRAMS),
                new Rhythm.EveryDays(365, 365),
                Optional.of(new CoatedRelease(6, 21)));
        Situation s = Situations.fed().with(List.of(Course.alone(beads, Optional.of(MAY.minusDays(30)))));
        List<LotYear.Stretch> bands = LotYear.of(s, MAY).coated(s, List.of());
        assertThat(bands).isNotEmpty();
        assertThat(bands.get(0).from()).isEqualTo(MAY);
        assertThat(bands.get(0).to()).isBetween(MAY.plusDays(140), MAY.plusDays(230));
        assertThat(LotYear.of(Situations.fed(), MAY).coated(Situations.fed(), List.of()))
                .isEmpty();
    }
}
