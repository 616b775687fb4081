package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoldTest {
    private static final Species FUCHSIA = SpeciesGuide.require("fuchsia");

    private static Place place(double latitude, double mean, double light, Optional<Place.Frosts> frosts) {
        return new Place(
                latitude,
                Place.Kind.OUTDOORS,
                Collections.nCopies(12, mean - 4),
                Collections.nCopies(12, mean + 4),
                75,
                light,
                0.4,
                Optional.empty(),
                frosts);
    }

    private static Set<Hold> on(LocalDate date, Place place, Optional<LocalDate> repotted) {
        Situation plain = Situations.fed(Optional.empty());
        return Hold.on(
                date,
                new Situation(
                        FUCHSIA,
                        plain.pot(),
                        plain.mix(),
                        place,
                        Optional.empty(),
                        plain.startedOn(),
                        repotted,
                        Optional.empty(),
                        Optional.empty()));
    }

    private static boolean held(Hold hold, LocalDate date, Place place) {
        return on(date, place, Optional.empty()).contains(hold);
    }

    /** Common practice: seven weeks before the first frost, here 25 October, is 6 September; four before 5 May, 7 April. */
    @ParameterizedTest
    @CsvSource({
        "2026-09-05, false",
        "2026-09-06, true",
        "2026-12-31, true",
        "2027-01-01, true",
        "2027-04-06, true",
        "2027-04-07, false",
        "2027-07-01, false"
    })
    void theFrostHoldRunsOverTheTurnOfTheYear(LocalDate date, boolean held) {
        Place north = place(52, 18, 1, Optional.of(new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(5, 5))));
        assertThat(held(Hold.FROST_NEAR, date, north)).isEqualTo(held);
    }

    /** The same rule south of the equator, first frost 15 May, last 5 October. */
    @ParameterizedTest
    @CsvSource({"2026-03-26, false", "2026-03-27, true", "2026-07-01, true", "2026-09-07, false", "2026-12-25, false"})
    void inTheSouthTheFrostHoldLiesInJuly(LocalDate date, boolean held) {
        Place south = place(-34, 18, 1, Optional.of(new Place.Frosts(MonthDay.of(5, 15), MonthDay.of(10, 5))));
        assertThat(held(Hold.FROST_NEAR, date, south)).isEqualTo(held);
    }

    @Test
    void coldAndDarkHoldByThePlantsOwnThresholds() {
        LocalDate june = LocalDate.of(2026, 6, 21);
        assertThat(held(Hold.COLD, june, place(52, 6.5, 1, Optional.empty()))).isTrue();
        assertThat(held(Hold.COLD, june, place(52, 8, 1, Optional.empty()))).isFalse();
        assertThat(held(Hold.COLD, june, place(52, 40, 1, Optional.empty())))
                .as("heat is no cold")
                .isFalse();
        assertThat(held(Hold.DARK, june, place(52, 18, 0.02, Optional.empty()))).isTrue();
        assertThat(held(Hold.DARK, june, place(52, 18, 0.5, Optional.empty()))).isFalse();
    }

    @Test
    void aDayBeforeRepottingIsNotHeldAndTheLastHeldDayIsTheTwentySeventhAfter() {
        Place warm = place(20, 22, 1, Optional.empty());
        LocalDate repotted = LocalDate.of(2026, 6, 1);
        assertThat(on(repotted.minusDays(1), warm, Optional.of(repotted))).isEmpty();
        assertThat(on(repotted, warm, Optional.of(repotted))).containsExactly(Hold.REPOTTED);
        assertThat(on(repotted.plusDays(27), warm, Optional.of(repotted))).containsExactly(Hold.REPOTTED);
        assertThat(on(repotted.plusDays(28), warm, Optional.of(repotted))).isEmpty();
    }

    private static Set<Hold> of(String species, LocalDate date, Place place) {
        Situation s = Situations.fed();
        return Hold.on(
                date,
                new Situation(
                        evencistern.plant.SpeciesGuide.require(species),
                        s.pot(),
                        s.mix(),
                        place,
                        s.feed(),
                        s.startedOn(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    /** Greenhouse guides: a pansy at 22 to 31 °C stands still for heat, not for cold. */
    @Test
    void heatHoldsByItsOwnName() {
        LocalDate july = LocalDate.of(2026, 7, 15);
        assertThat(of("cyclamen", july, place(35, 26.5, 0.5, Optional.empty())))
                .contains(Hold.HEAT)
                .doesNotContain(Hold.COLD);
    }

    /** Nursery practice: woody plants harden before frost; annuals are fed to the end. */
    @Test
    void onlyWhatHardensIsHeldBeforeFrost() {
        Place frosty = place(52, 16, 1, Optional.of(new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(4, 28))));
        LocalDate september = LocalDate.of(2026, 9, 20);
        assertThat(of("camellia", september, frosty)).contains(Hold.FROST_NEAR);
        assertThat(of("petunia", september, frosty)).doesNotContain(Hold.FROST_NEAR);
    }

    /** Houseplant guides: a fern behind a north window in January is in less light than its kind's least. */
    @Test
    void darkIsBelowTheLeastOfTheKind() {
        LocalDate january = LocalDate.of(2026, 1, 15);
        Place dim = place(52, 20, 0.08, Optional.empty());
        assertThat(of("boston_fern", january, dim)).contains(Hold.DARK);
        assertThat(of("boston_fern", LocalDate.of(2026, 7, 1), dim)).doesNotContain(Hold.DARK);
    }

    private static Set<Hold> inSummer(Optional<Feed> feed, Particulars told) {
        Situation plain = Situations.fed(feed);
        return Hold.on(
                LocalDate.of(2026, 6, 21),
                new Situation(
                        SpeciesGuide.require("fig"),
                        plain.pot(),
                        plain.mix(),
                        place(52, 20, 1, Optional.empty()),
                        feed,
                        plain.startedOn(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        told));
    }

    private static Particulars going(Condition through) {
        return new Particulars(
                Size.Told.NOTHING, Learned.NOTHING, true, Map.of(through, LocalDate.of(2026, 6, 1)), Optional.empty());
    }

    private static Feed strewn(Optional<CoatedRelease> coated) {
        return new Feed(
                Analysis.npk(16, 9, 12),
                ProductForm.DRY,
                OptionalDouble.of(1),
                OptionalDouble.empty(),
                new Rate.PerMix(3, 6, Measure.GRAMS),
                new Rhythm.EveryDays(180, 240),
                coated);
    }

    // --- a hold is of a kind of feed ---

    /** Nursery practice, from memory: what releases for months is not stopped for a fruit that sets. */
    @Test
    void aFruitThatSetsStopsQuickFeedAndNotCoated() {
        assertThat(inSummer(Optional.of(strewn(Optional.empty())), going(Condition.FRUIT_SET)))
                .contains(Hold.FRUIT_SET);
        assertThat(inSummer(Optional.of(strewn(Optional.of(new CoatedRelease(8, 21)))), going(Condition.FRUIT_SET)))
                .doesNotContain(Hold.FRUIT_SET);
    }

    /** Told to be grafted counts for every kind: nothing strewn in the first year. */
    @Test
    void aGraftHoldsWhatIsStrewnWhateverTheKind() {
        assertThat(inSummer(Optional.of(strewn(Optional.empty())), going(Condition.GRAFTED)))
                .contains(Hold.GRAFTED);
    }

    // --- what a person says ---

    /** Told to rest, a plant rests for its kind's weeks, and not again by its season within the year. */
    @Test
    void aToldRestLastsTheKindsWeeks() {
        Species amaryllis = SpeciesGuide.require("amaryllis");
        Particulars told = going(Condition.RESTING);
        Place dim = place(52, 20, 1, Optional.empty());
        LocalDate since = LocalDate.of(2026, 6, 1);
        assertThat(Hold.rests(since, dim.on(since), amaryllis, told)).isTrue();
        LocalDate after = since.plusWeeks(9);
        assertThat(Hold.rests(after.minusDays(1), dim.on(after.minusDays(1)), amaryllis, told))
                .isTrue();
        assertThat(Hold.rests(after, dim.on(after), amaryllis, told)).isFalse();
        LocalDate december = LocalDate.of(2026, 12, 21);
        assertThat(Hold.rests(december, dim.on(december), amaryllis, told)).isFalse();
        assertThat(Hold.rests(december, dim.on(december), amaryllis, Particulars.NONE))
                .isTrue();
    }

    /** A hold that a person lifts holds nothing up to that day, and no other hold is lifted with it. */
    @Test
    void aLiftedHoldHoldsNothingUntilItsDay() {
        Particulars sick = going(Condition.SICK);
        LocalDate june = LocalDate.of(2026, 6, 21);
        assertThat(inSummer(Optional.empty(), sick)).contains(Hold.SICK);
        assertThat(inSummer(Optional.empty(), sick.lifting(lifted(Hold.SICK, june))))
                .doesNotContain(Hold.SICK);
        assertThat(inSummer(Optional.empty(), sick.lifting(lifted(Hold.SICK, june.minusDays(1)))))
                .contains(Hold.SICK);
        assertThat(inSummer(Optional.empty(), sick.lifting(lifted(Hold.COLD, june))))
                .contains(Hold.SICK);
    }

    /** After a reading above the band the feed is left out until the next reading, fresh mix, or a lift. */
    @Test
    void aSaltyReadingHoldsTheFeed() {
        LocalDate read = LocalDate.of(2026, 6, 10);
        Particulars salty = Particulars.NONE.with(new AfterReading(
                Optional.of(new AfterReading.Salty(read, OptionalDouble.empty())),
                Optional.empty(),
                1,
                Optional.empty(),
                Optional.empty()));
        assertThat(inSummer(Optional.empty(), salty)).contains(Hold.SALTY);
        assertThat(inSummer(Optional.empty(), salty.lifting(lifted(Hold.SALTY, LocalDate.of(2026, 7, 1)))))
                .doesNotContain(Hold.SALTY);
        assertThat(salty.reading().tooSaltyToFeed(LocalDate.of(2026, 6, 21), Optional.of(LocalDate.of(2026, 6, 15))))
                .isFalse();
    }

    private static Lifted lifted(Hold hold, LocalDate until) {
        return new Lifted(Map.of(hold, until), Map.of());
    }
}
