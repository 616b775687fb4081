package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.climate.Place;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.Optional;
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
        Situation plain = CareTest.situation(Optional.empty());
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
        Situation s = CareTest.fed();
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
}
