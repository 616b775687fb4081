package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.need.Course;
import evencistern.need.Hold;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class DaysAheadTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static Situation fed(String species, double light, int everyDays) {
        Place sill = new Place(
                52,
                Place.Kind.INDOORS,
                Collections.nCopies(12, 17.0),
                Collections.nCopies(12, 23.0),
                50,
                light,
                0.4,
                Optional.empty(),
                Optional.empty());
        Feed feed = new Feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(0.5, 1, Measure.GRAMS),
                new Rhythm.EveryDays(everyDays, everyDays));
        return new Situation(
                SpeciesGuide.require(species),
                Pot.filled(new RoundTaper(0.15, 0.11, 0.135)),
                Recipes.require("peat_perlite"),
                sill,
                Optional.of(feed),
                MAY,
                Optional.empty(),
                Optional.of(MAY),
                Optional.of(MAY));
    }

    // --- one walk for everything that asks ---

    /** What the plan says is next is what the year begins with: the day of water, of feed and of a flush. */
    @ParameterizedTest
    @MethodSource("evencistern.plan.SeededSituations#two_hundred")
    void thePlanAndTheYearSayTheSame(Situation s) {
        LotPlan plan = LotPlan.of(s, MAY, Working.off());
        LotYear year = LotYear.of(s, MAY);
        LocalDate end = MAY.plusDays(LotYear.DAYS);
        LocalDate water = plan.nextWater().isBefore(MAY) ? MAY : plan.nextWater();
        if (water.isBefore(end)) {
            assertThat(year.waterings()).first().isEqualTo(water);
        }
        Optional<LocalDate> feed = plan.nextFeed().map(LotPlan.FeedDate::date).filter(end::isAfter);
        assertThat(year.feeds().stream().findFirst()).isEqualTo(feed);
        // what belongs to a watering that was done today may still be given today
        List<LocalDate> waterings = new ArrayList<>(year.waterings());
        s.lastWatered().ifPresent(waterings::add);
        assertThat(waterings).containsAll(year.feeds());
        assertThat(year.waterings()).containsAll(year.flushes());
    }

    /** Never fed before it is watered, never oftener than the label says, and nothing on a day on which a hold lasts. */
    @ParameterizedTest
    @MethodSource("evencistern.plan.SeededSituations#two_hundred")
    void aFeedGoesWithAWateringAndNotOftenerThanTheLabel(Situation s) {
        LotPlan plan = LotPlan.of(s, MAY, Working.off());
        plan.nextFeed().ifPresent(f -> {
            boolean afterTodays = !f.course().inWater() && s.lastWatered().equals(Optional.of(MAY));
            assertThat(f.date()).isAfterOrEqualTo(afterTodays ? MAY : plan.nextWater());
        });
        LotYear year = LotYear.of(s, MAY);
        assertThat(year.feeds()).doesNotHaveDuplicates();
        for (Course course : s.courses()) {
            Situation its = s.of(course);
            List<LocalDate> feeds = year.fed().stream()
                    .filter(f -> f.course().equals(course.key()))
                    .map(LotYear.Fed::on)
                    .toList();
            assertThat(feeds).allMatch(day -> Hold.on(day, its).isEmpty());
            if (Portion.rhythm(course.feed(), its) instanceof Rhythm.EveryDays every) {
                for (int i = 1; i < feeds.size(); i++) {
                    assertThat(feeds.get(i)).isAfterOrEqualTo(feeds.get(i - 1).plusDays(every.min()));
                }
            }
        }
    }

    // --- need and growth ---

    /** Common practice: a plant in half the light it could use is fed less often, and one that drinks little too. */
    @Test
    void lessGrowthAndLessNeedMeanFewerFeeds() {
        int bright = LotYear.of(fed("boston_fern", 0.18, 14), MAY).feeds().size();
        int dim = LotYear.of(fed("boston_fern", 0.09, 14), MAY).feeds().size();
        int thrifty = LotYear.of(fed("snake_plant", 0.18, 14), MAY).feeds().size();
        assertThat(bright).isLessThanOrEqualTo(26);
        assertThat(dim).isLessThan(bright);
        assertThat(thrifty).isLessThan(bright / 2);
    }

    // --- the calendar ---

    /** A day on which the pot is half dry is taken, and the watering comes forward to it. */
    @Test
    void aDayOfTheCalendarThatSuitsIsTaken() {
        Situation s = fed("peace_lily", 0.1, 14);
        LotPlan own = LotPlan.of(s, MAY, Working.off());
        LocalDate feed = own.nextFeed().orElseThrow().date();
        LocalDate day = feed.minusDays(1);
        Situation planned = s.with(Particulars.NONE.onCalendar(List.of(day)));
        LotPlan.FeedDate onIt =
                LotPlan.of(planned, MAY, Working.off()).nextFeed().orElseThrow();
        assertThat(onIt.date()).isEqualTo(day);
        assertThat(onIt.binding()).isEqualTo(LotPlan.Binding.CALENDAR_DAY);
        assertThat(LotYear.of(planned, MAY).waterings()).contains(day);
        assertThat(onIt.missingLitres()).isGreaterThanOrEqualTo(own.need().usableLitres() / 2);
    }

    /** The day after a watering the pot is wet: no feed is poured for water it does not get. */
    @Test
    void aDayOnWhichThePotIsWetIsNotTaken() {
        Situation s = fed("snake_plant", 0.3, 14);
        List<LocalDate> waterings = LotYear.of(s, MAY).waterings();
        List<LocalDate> wet = new ArrayList<>();
        waterings.forEach(w -> wet.add(w.plusDays(1)));
        Situation planned = s.with(Particulars.NONE.onCalendar(wet));
        assertThat(LotYear.of(planned, MAY).feeds()).doesNotContainAnyElementsOf(wet);
    }

    // --- rest ---

    private static Situation resting(String species, double low, double high, LocalDate watered) {
        Situation s = fed(species, 0.4, 14);
        Place cool = new Place(
                52,
                Place.Kind.UNDER_GLASS,
                List.of(low, low, low, 8.0, 11.0, 14.0, 16.0, 16.0, 13.0, 9.0, low, low),
                List.of(high, high, high + 4, 16.0, 20.0, 23.0, 25.0, 25.0, 21.0, 16.0, high + 2, high),
                65,
                0.5,
                0.4,
                Optional.empty(),
                Optional.empty());
        return new Situation(
                s.species(),
                s.pot(),
                s.mix(),
                cool,
                s.feed(),
                watered,
                Optional.empty(),
                Optional.of(watered),
                Optional.of(watered));
    }

    /** Cactus society practice: kept dry in the cold of winter, no watering before late February. */
    @Test
    void aCactusInTheColdIsKeptDryUntilItGrows() {
        LocalDate december = LocalDate.of(2026, 12, 1);
        LotPlan plan = LotPlan.of(resting("mammillaria", 5, 11, december), december, Working.off());
        assertThat(plan.nextWater()).isBetween(LocalDate.of(2027, 2, 20), LocalDate.of(2027, 5, 15));
        assertThat(LotYear.of(resting("mammillaria", 5, 11, december), december).feeds())
                .noneMatch(day -> day.isBefore(LocalDate.of(2027, 2, 20)));
    }

    /** Looked for in weeks: the same day as looked for day by day, from any day of a winter. */
    @ParameterizedTest
    @ValueSource(strings = {"mammillaria", "larch_bonsai", "camellia", "fuchsia"})
    void itIsAwakeOnTheFirstDayOnWhichNothingKeepsItStill(String species) {
        LocalDate october = LocalDate.of(2026, 10, 1);
        Situation s = resting(species, 1, 6, october);
        for (int i = 0; i < 180; i += 5) {
            LocalDate from = october.plusDays(i);
            LocalDate first = from.datesUntil(from.plusDays(400))
                    .filter(day -> !Hold.standsStill(day, s))
                    .findFirst()
                    .orElseThrow();
            assertThat(LotPlan.awake(from, s)).as("from %s", from).isEqualTo(first);
        }
    }

    /** Nursery practice: nothing is poured into a frozen root ball. */
    @Test
    void aFrozenPotWaitsForTheThaw() {
        LocalDate december = LocalDate.of(2026, 12, 20);
        Situation frozen = resting("camellia", -8, -2, december);
        LocalDate next = LotPlan.of(frozen, december, Working.off()).nextWater();
        assertThat(frozen.place().on(next).meanC()).isGreaterThan(0);
    }

    /** Typical: a leafless larch uses a small part of what it does in leaf. */
    @Test
    void aLeaflessPlantIsWateredLess() {
        LocalDate december = LocalDate.of(2026, 12, 21);
        LotPlan winter = LotPlan.of(resting("larch_bonsai", 3, 8, december), december, Working.off());
        assertThat(Hold.on(december, resting("larch_bonsai", 3, 8, december))).contains(Hold.DORMANT);
        assertThat(winter.days().likely()).isGreaterThan(10);
    }
}
