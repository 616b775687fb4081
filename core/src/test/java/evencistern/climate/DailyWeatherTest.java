package evencistern.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class DailyWeatherTest {
    private static final OptionalDouble NO = OptionalDouble.empty();

    private static DailyWeather.Noted noted(LocalDate day, double low, double high) {
        return new DailyWeather.Noted(day, low, high, NO, NO, NO, NO, NO);
    }

    /** FAO-56 example 10: Rio de Janeiro, 22°54′ S, 15 May, 7.1 h of sunshine: Rs = 14.5 MJ/m²/d. */
    @Test
    void sunComesFromHoursOfSunshine() {
        DailyWeather.Noted day =
                new DailyWeather.Noted(LocalDate.of(2026, 5, 15), 18, 26, NO, NO, OptionalDouble.of(7.1), NO, NO);
        assertThat(day.complete(-22.9).globalMj()).isCloseTo(14.5, within(0.15));
    }

    /**
     * FAO-56 example 15: Lyon, 45°43′ N, July, 14.8 to 26.6 °C, Ra 40.6: Rs = 22.3 MJ/m²/d with the 0.16 of inland. Here 0.17 is
     * used, between inland and coast, so 6 % more.
     */
    @Test
    void sunComesFromTheSpanBetweenNightAndDay() {
        assertThat(noted(LocalDate.of(2026, 7, 15), 14.8, 26.6).complete(45.72).globalMj())
                .isCloseTo(22.3 * 0.17 / 0.16, within(0.3));
    }

    /** FAO-56 table 2.3: e° is 1.705 kPa at 15 °C and 3.075 at 24.5 °C. */
    @Test
    void theNightIsTakenToReachItsDew() {
        double humidity =
                noted(LocalDate.of(2026, 7, 15), 15, 24.5).complete(50).humidityPercent();
        assertThat(humidity).isCloseTo(100 * 1.705 / ((1.705 + 3.075) / 2), within(0.1));
    }

    @Test
    void whatWasNotedStands() {
        Place.Weather day = new DailyWeather.Noted(
                        LocalDate.of(2026, 7, 15),
                        10,
                        20,
                        OptionalDouble.of(60),
                        OptionalDouble.of(18),
                        OptionalDouble.of(1),
                        OptionalDouble.of(4),
                        OptionalDouble.of(3))
                .complete(50);
        assertThat(day).isEqualTo(new Place.Weather(10, 20, 60, 18, 4, 3));
    }

    /** A year made of FAO-56 equation 35 with n/N = 0.4 gives 0.4 back; a month of nineteen days is none. */
    @Test
    void monthsAreTheMeansOfTheirDaysAndAMonthOfTooFewIsMissing() {
        Map<LocalDate, Place.Weather> days = new HashMap<>();
        for (LocalDate d = LocalDate.of(2025, 1, 1); d.getYear() == 2025; d = d.plusDays(1)) {
            double sun = (0.25 + 0.5 * 0.4) * SolarDay.of(50, d).extraterrestrialMj();
            if (d.getMonthValue() != 2 || d.getDayOfMonth() <= 19) {
                days.put(d, new Place.Weather(d.getMonthValue(), 10 + d.getMonthValue(), 70, sun, 2, 2));
            }
        }
        List<Optional<DailyWeather.Month>> months = DailyWeather.months(days, 50);
        assertThat(months.get(1)).isEmpty();
        DailyWeather.Month june = months.get(5).orElseThrow();
        assertThat(june.lowC()).isEqualTo(6);
        assertThat(june.highC()).isEqualTo(16);
        assertThat(june.sunshine()).isCloseTo(0.4, within(1e-9));
        assertThat(june.rainMm()).isCloseTo(60, within(1e-9));
        assertThat(june.days()).isEqualTo(30);
    }

    @Test
    void fahrenheitThatDoesNotSaySoIsToldByWhatIsUsual() {
        Climate aberdeen = Climate.ofStation("Aberdeen");
        Map<LocalDate, Double> july = new HashMap<>();
        for (int d = 1; d <= 31; d++) {
            july.put(LocalDate.of(2026, 7, d), 58.0);
        }
        assertThat(DailyWeather.likelyFahrenheit(july, aberdeen)).isTrue();
        july.replaceAll((d, c) -> 14.0);
        assertThat(DailyWeather.likelyFahrenheit(july, aberdeen)).isFalse();
        july.replaceAll((d, c) -> 24.0); // a heat wave
        assertThat(DailyWeather.likelyFahrenheit(july, aberdeen)).isFalse();
    }

    @Test
    void aDayThatCannotBeIsRefused() {
        assertThatThrownBy(() -> noted(LocalDate.of(2026, 7, 15), 20, 10)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> noted(LocalDate.of(2026, 7, 15), 60, 90)).isInstanceOf(FaultException.class);
    }

    @Test
    void snowWatersNoPot() {
        Place open = new Place(
                50,
                Place.Kind.OUTDOORS,
                Collections.nCopies(12, 0.0),
                Collections.nCopies(12, 10.0),
                70,
                1,
                Collections.nCopies(12, 0.4),
                Optional.empty(),
                Optional.empty(),
                new Place.Exposure(Optional.empty(), 1, Optional.empty(), 0));
        LocalDate day = LocalDate.of(2026, 1, 10);
        assertThat(open.knowing(Map.of(day, new Place.Weather(-6, -1, 80, 3, 9, 2)))
                        .on(day)
                        .rainMm())
                .isZero();
        assertThat(open.knowing(Map.of(day, new Place.Weather(-1, 6, 80, 3, 9, 2)))
                        .on(day)
                        .rainMm())
                .isEqualTo(9);
    }
}
