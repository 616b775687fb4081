package evencistern.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClimateTest {

    /** At 69.65° north the sun stays up from 17 May to 26 July and down from 26 November to 15 January (almanac, from memory). */
    @Test
    void beyondThePolarCircleTheDayLasts24HoursOrNone() {
        assertThat(SolarDay.of(69.65, LocalDate.of(2026, 6, 21)).daylengthHours())
                .isCloseTo(24, within(1e-9));
        assertThat(SolarDay.of(69.65, LocalDate.of(2026, 12, 21)).daylengthHours())
                .isCloseTo(0, within(1e-9));
        assertThat(SolarDay.of(69.65, LocalDate.of(2026, 12, 21)).extraterrestrialMj())
                .isZero();
        assertThat(SolarDay.of(69.65, LocalDate.of(2026, 4, 20)).daylengthHours())
                .isBetween(15.0, 20.0);
    }

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

    /** FAO-56 annex table 2.3 and example 3. */
    @ParameterizedTest
    @CsvSource({"10, 1.228", "15, 1.705", "20, 2.338", "24.5, 3.075", "30, 4.243"})
    void saturationPressureIsThePublishedTable(double celsius, double kPa) {
        assertThat(PenmanMonteith.saturation(celsius)).isCloseTo(kPa, within(0.001));
    }

    @ParameterizedTest
    @EnumSource(Place.Kind.class)
    void everyModelIsNeverNegativeAndRisesWithWarmthAndLight(Place.Kind kind) {
        for (Optional<Air> air : List.of(Optional.<Air>empty(), Optional.of(Air.MOVING))) {
            risesWithWarmthAndLight(PenmanMonteith.of(kind, air.orElse(Air.STILL), 0));
        }
    }

    private static void risesWithWarmthAndLight(PenmanMonteith model) {
        assertThat(model.mmPerDay(new Place.Day(-30, -25, 100, 0, 0, 1))).isGreaterThanOrEqualTo(0);
        double mild = model.mmPerDay(new Place.Day(10, 20, 60, 30, 10, 12));
        assertThat(model.mmPerDay(new Place.Day(15, 25, 60, 30, 10, 12))).isGreaterThan(mild);
        assertThat(model.mmPerDay(new Place.Day(10, 20, 60, 40, 14, 14))).isGreaterThan(mild);
    }

    private static Place place(double latitude, Place.Kind kind, Optional<Air> air, Optional<Aspect> aspect) {
        return new Place(
                latitude,
                kind,
                Collections.nCopies(12, 12.0),
                Collections.nCopies(12, 20.0),
                60,
                0.4,
                Collections.nCopies(12, 0.4),
                Optional.empty(),
                Optional.empty(),
                new Place.Exposure(air, 1, aspect, 0));
    }

    /** A cloudy winter lets less light in than the same year with its sun spread evenly, a clear summer more. */
    @Test
    void eachMonthHasItsOwnSunshine() {
        List<Double> clearSummer = List.of(0.2, 0.2, 0.3, 0.4, 0.5, 0.6, 0.6, 0.6, 0.5, 0.4, 0.2, 0.2);
        Place even = place(50, Place.Kind.OUTDOORS, Optional.empty(), Optional.empty());
        Place own = new Place(
                50,
                Place.Kind.OUTDOORS,
                even.lows(),
                even.highs(),
                60,
                0.4,
                clearSummer,
                Optional.empty(),
                Optional.empty(),
                even.exposure());
        LocalDate june = LocalDate.of(2026, 6, 15);
        LocalDate january = LocalDate.of(2026, 1, 16);
        // FAO-56 equation 35 on both sides: (0.25 + 0.5·0.6)/(0.25 + 0.5·0.4), and with 0.2
        assertThat(own.on(june).globalMj() / even.on(june).globalMj()).isCloseTo(0.55 / 0.45, within(0.01));
        assertThat(own.on(january).globalMj() / even.on(january).globalMj()).isCloseTo(0.35 / 0.45, within(0.01));
    }

    // --- Penman–Monteith: FAO-56, the worked examples recomputed from their inputs ---

    /** Example 17, Bangkok in April: net radiation 14.33, 5.72 mm/d. */
    @Test
    void penmanMonteithGivesBangkokInApril() {
        double net = PenmanMonteith.netRadiation(new Place.Day(25.6, 34.8, 60, 38.06, 22.65, 12), 2.85, 2);
        assertThat(net).isCloseTo(14.33, within(0.05));
        double es = (PenmanMonteith.saturation(34.8) + PenmanMonteith.saturation(25.6)) / 2;
        assertThat(PenmanMonteith.mmPerDay(30.2, es, 2.85, net - 0.14, 2, PenmanMonteith.gamma(2)))
                .isCloseTo(5.72, within(0.02));
    }

    /** Example 18, Uccle on 6 July: 22.07 MJ of sun, net 13.28, wind 2.078 m/s, 3.9 mm/d. */
    @Test
    void penmanMonteithGivesUccleInJuly() {
        double es = (PenmanMonteith.saturation(21.5) + PenmanMonteith.saturation(12.3)) / 2;
        Place.Day day =
                new Place.Day(12.3, 21.5, 1.409 / es * 100, 41.09, 22.07, 22.07, 16.1, OptionalDouble.of(2.078), 0);
        assertThat(PenmanMonteith.netRadiation(day, 1.409, 100)).isCloseTo(13.28, within(0.02));
        assertThat(new PenmanMonteith(100, 1, true).mmPerDay(day)).isCloseTo(3.9, within(0.05));
    }

    /** Example 20, Lyon in July with wind and vapour estimated: 4.6 mm/d. */
    @Test
    void penmanMonteithGivesLyonInJuly() {
        double es = (PenmanMonteith.saturation(26.6) + PenmanMonteith.saturation(14.8)) / 2;
        double ea = PenmanMonteith.saturation(14.8);
        double sun = 0.16 * Math.sqrt(26.6 - 14.8) * 40.55;
        Place.Day day = new Place.Day(14.8, 26.6, ea / es * 100, 40.55, sun, 15);
        assertThat(new PenmanMonteith(200, 2, true).mmPerDay(day)).isCloseTo(4.6, within(0.06));
    }

    /** Stating what was taken anyway changes nothing. */
    @ParameterizedTest
    @EnumSource(Place.Kind.class)
    void theAirThatWasAssumedMayAsWellBeTold(Place.Kind kind) {
        Place untold = place(52, kind, Optional.empty(), Optional.empty());
        Place told = place(52, kind, Optional.of(untold.air()), Optional.empty());
        for (int month = 1; month <= 12; month++) {
            LocalDate day = LocalDate.of(2026, month, 15);
            assertThat(told.on(day)).isEqualTo(untold.on(day));
        }
    }

    /**
     * Ranges that a professional would accept, from the weather as told: FAO-56 Penman–Monteith, from memory. In January with
     * an overcast sky, in summers at 35° and 33° south, and at the equator.
     */
    @ParameterizedTest
    @CsvSource({
        "52, 2026-01-15, 1, 6, 85, 3, 0.20, 0.28, 0.72",
        "35, 2026-07-15, 22, 33, 60, 2, 0.68, 4.9, 7",
        "35, 2026-07-15, 20, 36, 35, 2.2, 0.85, 6.2, 9",
        "2, 2026-03-15, 24, 32, 75, 1.5, 0.50, 3.6, 5.3",
        "-33, 2026-01-15, 18, 29, 58, 2.2, 0.68, 4.8, 6.9"
    })
    void theReferenceLiesWhereAProfessionalHasIt(
            double latitude,
            LocalDate date,
            double low,
            double high,
            double humidity,
            double wind,
            double sunshine,
            double least,
            double most) {
        SolarDay sun = SolarDay.of(latitude, date);
        Place.Day day = new Place.Day(
                low,
                high,
                humidity,
                sun.extraterrestrialMj(),
                (0.25 + 0.5 * sunshine) * sun.extraterrestrialMj(),
                sun.daylengthHours());
        assertThat(new PenmanMonteith(50, wind, true).mmPerDay(day)).isBetween(least, most);
    }

    @Test
    void windAndAFanTakeMore() {
        for (Place.Kind kind : Place.Kind.values()) {
            Place still = place(52, kind, Optional.of(Air.STILL), Optional.empty());
            Place windy = place(52, kind, Optional.of(Air.WINDY), Optional.empty());
            LocalDate july = LocalDate.of(2026, 7, 1);
            assertThat(windy.on(july).byDayMm()).isGreaterThan(still.on(july).byDayMm());
        }
    }

    // --- sun times and windows ---

    /** Published almanac times to the minute, from memory: Greenwich and Sydney at the solstices. */
    @ParameterizedTest
    @CsvSource({
        "51.48, 0, 2026-06-21, Europe/London, 04:43, 21:21",
        "51.48, 0, 2026-12-21, Europe/London, 08:04, 15:53",
        "-33.87, 151.21, 2026-12-21, Australia/Sydney, 05:41, 20:05",
        "-33.87, 151.21, 2026-06-21, Australia/Sydney, 07:00, 16:54"
    })
    void theSunRisesAndSetsByTheAlmanac(
            double latitude, double longitude, LocalDate date, ZoneId zone, LocalTime rise, LocalTime set) {
        Daylight.Sun sun = Daylight.sun(latitude, longitude, date, zone).orElseThrow();
        assertThat(sun.rises().toLocalTime()).isCloseTo(rise, within(2, ChronoUnit.MINUTES));
        assertThat(sun.sets().toLocalTime()).isCloseTo(set, within(2, ChronoUnit.MINUTES));
    }

    /** Geometry: refraction and the sun's edge lengthen the day by some minutes over the sun's centre. */
    @ParameterizedTest
    @ValueSource(doubles = {-60, -34, 0, 5, 52.4, 65})
    void daylightIsALittleLongerThanTheSunsCentreGives(double latitude) {
        for (int month = 1; month <= 12; month++) {
            LocalDate date = LocalDate.of(2026, month, 21);
            assertThat(Daylight.hours(latitude, date)
                            - SolarDay.of(latitude, date).daylengthHours())
                    .isBetween(-0.1, 1.0);
        }
    }

    /** Geometry: a window to the sun's side gains in winter, one away from it in summer; in the south it is turned round. */
    @ParameterizedTest
    @CsvSource({"52, SOUTH, 12, 6", "52, NORTH, 6, 12", "-34, NORTH, 6, 12", "-34, SOUTH, 12, 6"})
    void aWindowHasItsOwnYear(double latitude, Aspect aspect, int more, int less) {
        assertThat(aspect.against(latitude, LocalDate.of(2026, more, 21)))
                .isGreaterThan(aspect.against(latitude, LocalDate.of(2026, less, 21)));
    }

    @Test
    void aWindowsYearIsOneOnAverage() {
        for (Aspect aspect : Aspect.values()) {
            double light = 0;
            double even = 0;
            for (LocalDate d = LocalDate.of(2026, 1, 1); d.getYear() == 2026; d = d.plusDays(1)) {
                double ra = SolarDay.of(52, d).extraterrestrialMj();
                light += ra * aspect.against(52, d);
                even += ra;
            }
            assertThat(light / even).isCloseTo(1, within(0.02));
        }
    }

    // --- weather ---

    @Test
    void aDayWhoseWeatherIsKnownIsThatDayAndTheOthersAreAverage() {
        LocalDate hot = LocalDate.of(2026, 7, 14);
        Place average = place(52, Place.Kind.OUTDOORS, Optional.of(Air.MOVING), Optional.empty());
        Place told = average.knowing(Map.of(hot, new Place.Weather(18, 34, 40, 27, 4, 1)));
        assertThat(told.on(hot).meanC()).isEqualTo(26);
        assertThat(told.on(hot).globalMj()).isCloseTo(27 * 0.4, within(1e-9));
        assertThat(told.on(hot).rainMm()).isEqualTo(4);
        assertThat(told.on(hot.plusDays(1))).isEqualTo(average.on(hot.plusDays(1)));
        Place sill = place(52, Place.Kind.INDOORS, Optional.empty(), Optional.empty());
        assertThat(sill.knowing(Map.of(hot, new Place.Weather(18, 34, 40, 27, 4, 1)))
                        .on(hot)
                        .meanC())
                .as("a room keeps its own warmth")
                .isEqualTo(sill.on(hot).meanC());
    }

    @Test
    void drierAirTakesMoreIndoorsByDayAndByNight() {
        PenmanMonteith room = new PenmanMonteith(0, 0.5, false);
        Place.Day dry = new Place.Day(18, 22, 30, 30, 4, 12);
        Place.Day moist = new Place.Day(18, 22, 70, 30, 4, 12);
        assertThat(room.mmPerDay(dry)).isGreaterThan(room.mmPerDay(moist));
        assertThat(room.mmPerNight(dry)).isGreaterThan(room.mmPerNight(moist));
    }

    /** Shares of the daylight on a sill at 52° north: north 8 %, east 18 %, south 25 % in July and 45 % in January; practice. */
    @ParameterizedTest
    @CsvSource({"NORTH, 1, 0.08, 0.02", "EAST, 4, 0.18, 0.05", "SOUTH, 7, 0.25, 0.04", "SOUTH, 1, 0.45, 0.04"})
    void aSillHasItsShareOfTheDaylight(Aspect aspect, int month, double share, double within) {
        assertThat(aspect.gain(52, LocalDate.of(2026, month, 15))).isCloseTo(share, within(within));
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
