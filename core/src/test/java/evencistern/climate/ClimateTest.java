package evencistern.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClimateTest {

    /** FAO-56 examples 8 and 9: 3 September at 20° S, Ra 32.2 MJ m⁻² d⁻¹, N 11.7 h. */
    @Test
    void daylengthAndRadiationAreThoseOfTheWorkedExample() {
        SolarDay day = SolarDay.of(-20, LocalDate.of(2023, 9, 3));
        assertThat(day.extraterrestrialMj()).isCloseTo(32.2, within(0.05));
        assertThat(day.daylengthHours()).isCloseTo(11.7, within(0.05));
    }

    /** Geometry: at the equinox the day has close to 12 hours everywhere. */
    @ParameterizedTest
    @ValueSource(doubles = {-60, -34, 0, 5, 52.4, 65})
    void theEquinoxHasTwelveHoursEverywhere(double latitude) {
        assertThat(SolarDay.of(latitude, LocalDate.of(2026, 3, 21)).daylengthHours())
                .isCloseTo(12, within(0.25));
    }

    /** FAO-56 example 20: Lyon in July, 26.6 and 14.8 °C, Ra 16.55 mm/d as water: 5.0 mm/d. */
    @Test
    void hargreavesGivesLyonInJuly() {
        Place.Day lyon = new Place.Day(14.8, 26.6, 60, 16.55 / 0.408, 20, 15);
        assertThat(new Hargreaves1985().mmPerDay(lyon)).isCloseTo(5.0, within(0.05));
    }

    /** FAO-56 annex table 2.3 and example 3. */
    @ParameterizedTest
    @CsvSource({"10, 1.228", "15, 1.705", "20, 2.338", "24.5, 3.075", "30, 4.243"})
    void saturationPressureIsThePublishedTable(double celsius, double kPa) {
        assertThat(IndoorLightAndDryness.saturationKPa(celsius)).isCloseTo(kPa, within(0.001));
    }

    @ParameterizedTest
    @EnumSource(Place.Kind.class)
    void everyModelIsNeverNegativeAndRisesWithWarmthAndLight(Place.Kind kind) {
        ReferenceWaterUse model = ReferenceWaterUse.of(kind);
        assertThat(model.mmPerDay(new Place.Day(-30, -25, 100, 0, 0, 1))).isGreaterThanOrEqualTo(0);
        double mild = model.mmPerDay(new Place.Day(10, 20, 60, 30, 10, 12));
        assertThat(model.mmPerDay(new Place.Day(15, 25, 60, 30, 10, 12))).isGreaterThan(mild);
        assertThat(model.mmPerDay(new Place.Day(10, 20, 60, 40, 14, 14))).isGreaterThan(mild);
    }

    @Test
    void drierAirTakesMoreIndoors() {
        IndoorLightAndDryness model = new IndoorLightAndDryness();
        assertThat(model.mmPerDay(new Place.Day(18, 22, 30, 30, 4, 12)))
                .isGreaterThan(model.mmPerDay(new Place.Day(18, 22, 70, 30, 4, 12)));
    }

    @Test
    void temperaturesRunSmoothlyThroughTheYear() {
        var lows = new java.util.ArrayList<>(Collections.nCopies(12, 0.0));
        lows.set(6, 12.0);
        Place place = new Place(
                52,
                Place.Kind.OUTDOORS,
                lows,
                Collections.nCopies(12, 20.0),
                70,
                1,
                0.4,
                Optional.empty(),
                Optional.empty());
        assertThat(place.on(LocalDate.of(2026, 7, 16)).lowC()).isCloseTo(12, within(0.3));
        assertThat(place.on(LocalDate.of(2026, 7, 31)).lowC()).isCloseTo(6, within(0.5));
        assertThat(place.on(LocalDate.of(2026, 8, 1)).lowC()).isCloseTo(6, within(0.5));
    }

    /** Arithmetic: 200 µmol m⁻² s⁻¹ for 12 h is 8.64 mol m⁻² d⁻¹, on top of what the window lets in. */
    @Test
    void lampsAddTheirLightToTheDay() {
        Place dark = new Place(
                52,
                Place.Kind.INDOORS,
                Collections.nCopies(12, 18.0),
                Collections.nCopies(12, 22.0),
                50,
                0.1,
                0.4,
                Optional.empty(),
                Optional.empty());
        Place lit = new Place(
                52,
                Place.Kind.INDOORS,
                dark.lows(),
                dark.highs(),
                50,
                0.1,
                0.4,
                Optional.of(new Place.Lamps(12, 200)),
                Optional.empty());
        LocalDate january = LocalDate.of(2026, 1, 10);
        assertThat(lit.on(january).lightMol() - dark.on(january).lightMol()).isCloseTo(8.64, within(1e-9));
    }

    @Test
    void aPlaceWithElevenMonthsOrAtThePoleIsRefused() {
        assertThatThrownBy(() -> new Place(
                        80,
                        Place.Kind.INDOORS,
                        Collections.nCopies(11, 18.0),
                        Collections.nCopies(11, 22.0),
                        50,
                        0.2,
                        0.4,
                        Optional.empty(),
                        Optional.empty()))
                .isInstanceOfSatisfying(
                        FaultException.class, e -> assertThat(e.faults()).hasSize(2));
    }
}
