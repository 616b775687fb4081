package evencistern.climate;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * Days of weather as a station, a logger or a person noted them.
 *
 * <p><b>Answers</b> what was a day like of which only some was noted, and what months do many days make?
 * <p><b>Formula</b> sun: as measured; else from hours of sunshine Rs = (0.25 + 0.50·n/N)·Ra; else Rs = 0.17·√(Tmax − Tmin)·Ra, at
 * most the clear sky's 0.75·Ra; humidity = es(Tmin)/es, the night at its dew; wind 2 m/s; rain none; a month is the mean of its
 * days, its sunshine n/N from the sun
 * <p><b>Units</b> °C; MJ/m²/d; %; mm; m/s at 2 m
 * <p><b>Valid for</b> −60 to 60 °C; months of 20 days and more
 * <p><b>Source</b> [FAO56] equations 35, 48 and 50, the last between its 0.16 inland and 0.19 by the sea; its usual 2 m/s
 * <p><b>Checked by</b> DailyWeatherTest
 */
public final class DailyWeather {
    /** Fewer days than this are no month. */
    public static final int LEAST_DAYS = 20;

    private static final int MONTHS = 12;
    private static final double BETWEEN_COAST_AND_INLAND = 0.17;
    private static final double USUAL_WIND_MS = 2;
    private static final double LEAST_HUMIDITY = 5;
    /** By so much the mean day may differ from what is usual before its degrees are doubted. */
    private static final double DOUBTED_C = 12;

    private DailyWeather() {}

    /**
     * A day as it was noted.
     *
     * @param sunshineHours of bright sun, where the sun itself was not measured
     */
    public record Noted(
            LocalDate day,
            double lowC,
            double highC,
            OptionalDouble humidityPercent,
            OptionalDouble globalMj,
            OptionalDouble sunshineHours,
            OptionalDouble rainMm,
            OptionalDouble windMs) {
        public Noted {
            Faults faults = new Faults();
            faults.within("weather.low", lowC, -60, 50, "°C");
            faults.within("weather.high", highC, lowC, 60, "°C");
            humidityPercent.ifPresent(h -> faults.within("weather.humidity", h, 1, 100, "%"));
            globalMj.ifPresent(s -> faults.within("weather.sun", s, 0, 45, "MJ/m²"));
            sunshineHours.ifPresent(h -> faults.within("weather.sunshine", h, 0, 24, "h"));
            rainMm.ifPresent(r -> faults.within("weather.rain", r, 0, 1500, "mm"));
            windMs.ifPresent(w -> faults.within("weather.wind", w, 0, 60, "m/s"));
            faults.throwIfAny();
        }

        /** The whole day, what was not noted as it likely was. */
        public Place.Weather complete(double latitude) {
            SolarDay sky = SolarDay.of(latitude, day);
            double through = sunshineHours.isPresent()
                    ? SolarDay.through(Math.min(1, sunshineHours.getAsDouble() / Math.max(0.1, sky.daylengthHours())))
                    : Math.min(SolarDay.through(1), BETWEEN_COAST_AND_INLAND * Math.sqrt(highC - lowC));
            return new Place.Weather(
                    lowC,
                    highC,
                    humidityPercent.orElseGet(this::humidityByDew),
                    globalMj.orElse(through * sky.extraterrestrialMj()),
                    rainMm.orElse(0),
                    windMs.orElse(USUAL_WIND_MS));
        }

        private double humidityByDew() {
            double es = (PenmanMonteith.saturation(lowC) + PenmanMonteith.saturation(highC)) / 2;
            return Math.max(LEAST_HUMIDITY, 100 * PenmanMonteith.saturation(lowC) / es);
        }
    }

    /**
     * The mean of a month's days.
     *
     * @param sunshine share of the possible, 0–1
     * @param rainMm in a month of 30 days
     */
    public record Month(int days, double lowC, double highC, double humidityPercent, double sunshine, double rainMm) {}

    /** The twelve months of days of one year or several, January first; empty where there are too few days. */
    public static List<Optional<Month>> months(Map<LocalDate, Place.Weather> days, double latitude) {
        List<Optional<Month>> months = new ArrayList<>();
        for (int m = 1; m <= MONTHS; m++) {
            int month = m;
            List<Map.Entry<LocalDate, Place.Weather>> its = days.entrySet().stream()
                    .filter(d -> d.getKey().getMonthValue() == month)
                    .toList();
            months.add(its.size() < LEAST_DAYS ? Optional.empty() : Optional.of(month(its, latitude)));
        }
        return months;
    }

    private static Month month(List<Map.Entry<LocalDate, Place.Weather>> days, double latitude) {
        double sun = mean(days, d -> d.getValue().globalMj());
        double most = mean(days, d -> SolarDay.of(latitude, d.getKey()).extraterrestrialMj());
        return new Month(
                days.size(),
                mean(days, d -> d.getValue().lowC()),
                mean(days, d -> d.getValue().highC()),
                mean(days, d -> d.getValue().humidityPercent()),
                most > 0 ? SolarDay.sunshineBy(sun / most) : 0,
                30 * mean(days, d -> d.getValue().rainMm()));
    }

    private static double mean(
            List<Map.Entry<LocalDate, Place.Weather>> days, ToDoubleFunction<Map.Entry<LocalDate, Place.Weather>> of) {
        return days.stream().mapToDouble(of).average().orElseThrow();
    }

    /**
     * Whether degrees that do not say so are likely Fahrenheit: far from what is usual as Celsius, and nearer as Fahrenheit.
     *
     * @param middles the middle of each day's least and most, by its day
     */
    public static boolean likelyFahrenheit(Map<LocalDate, Double> middles, Climate usual) {
        double asCelsius = 0;
        double asFahrenheit = 0;
        for (Map.Entry<LocalDate, Double> day : middles.entrySet()) {
            int month = day.getKey().getMonthValue() - 1;
            double there = (usual.lows().get(month) + usual.highs().get(month)) / 2;
            asCelsius += Math.abs(day.getValue() - there);
            asFahrenheit += Math.abs((day.getValue() - 32) / 1.8 - there);
        }
        return asCelsius > DOUBTED_C * middles.size() && asFahrenheit < asCelsius;
    }
}
