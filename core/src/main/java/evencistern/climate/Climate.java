package evencistern.climate;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * The average year of a place of which nobody has told the months.
 *
 * <p><b>Answers</b> how cold and warm, sunny, moist and windy is each month at this latitude in this part of the world?
 * <p><b>Formula</b> mean of all stations, each weighing exp(−((φ − φs)/4°)²/2) · (0.005 + exp(−((λ − λs)·cos φ/7°)²/2)), those of
 * the other half of the earth beyond 10° half a year later and by the 0.005 alone; with a coldest night and a hottest day told,
 * lows and highs are stretched between them; −6.5 °C for each km above the stations
 * <p><b>Units</b> °C; shares of the possible sun 0–1; % relative humidity; m/s at 2 m; degrees
 * <p><b>Valid for</b> a start between −72 and 72°, until the person tells their own months: good to about 3 °C
 * <p><b>Source</b> [TYPICAL] stations from memory, in stations.csv; [COMMON] lapse of temperature with height
 * <p><b>Checked by</b> UsualPlaceTest
 */
public record Climate(
        List<Double> lows, List<Double> highs, List<Double> sunshine, List<Double> humidity, List<Double> windMs) {
    private static final int MONTHS = 12;
    private static final int HALF_YEAR = 6;
    private static final double LATITUDE_SD = 4;
    private static final double LONGITUDE_SD = 7;
    private static final double ANYWHERE = 0.005;
    /** Nearer to the equator than this the year is not turned round. */
    private static final double SAME_YEAR = 10;

    private static final double LAPSE_C_PER_M = 0.0065;
    /** Months whose mean night is colder than this see frost; typical, from memory. */
    static final double FROST_C = 5.5;

    public Climate {
        lows = List.copyOf(lows);
        highs = List.copyOf(highs);
        sunshine = List.copyOf(sunshine);
        humidity = List.copyOf(humidity);
        windMs = List.copyOf(windMs);
    }

    /** What is usual at a place, latitude −75 to 75 and longitude −180 to 180, north and east positive. */
    public static Climate at(double latitude, double longitude) {
        Faults.require("latitude", latitude, -SolarDay.FARTHEST, SolarDay.FARTHEST, "°");
        double[] weights = Station.ALL.stream()
                .mapToDouble(s -> weight(s, latitude, longitude))
                .toArray();
        return new Climate(
                blend(weights, latitude, Climate::lows),
                blend(weights, latitude, Climate::highs),
                blend(weights, latitude, Climate::sunshine),
                blend(weights, latitude, Climate::humidity),
                blend(weights, latitude, Climate::windMs));
    }

    private static double weight(Station s, double latitude, double longitude) {
        boolean turned = turned(s, latitude);
        double away = (turned ? latitude + s.latitude() : latitude - s.latitude()) / LATITUDE_SD;
        double east = Math.abs(longitude - s.longitude()) % 360;
        double around = Math.min(east, 360 - east) * Math.cos(Math.toRadians(latitude)) / LONGITUDE_SD;
        double near = turned ? 0 : Math.exp(-around * around / 2);
        return Math.exp(-away * away / 2) * (ANYWHERE + near);
    }

    private static boolean turned(Station s, double latitude) {
        return s.latitude() * latitude < 0 && Math.abs(s.latitude()) > SAME_YEAR;
    }

    private static List<Double> blend(double[] weights, double latitude, Function<Climate, List<Double>> of) {
        List<Double> months = new ArrayList<>();
        for (int m = 0; m < MONTHS; m++) {
            double sum = 0;
            double all = 0;
            for (int i = 0; i < weights.length; i++) {
                Station s = Station.ALL.get(i);
                int month = turned(s, latitude) ? (m + HALF_YEAR) % MONTHS : m;
                sum += weights[i] * of.apply(s.year()).get(month);
                all += weights[i];
            }
            months.add(sum / all);
        }
        return months;
    }

    /**
     * The same with what a person can tell of it.
     *
     * @param coldestNight of the coldest month on the mean, °C
     * @param hottestDay of the hottest month on the mean, °C
     * @param higherM above the country around it, m
     */
    public Climate told(OptionalDouble coldestNight, OptionalDouble hottestDay, double higherM) {
        double cooler = LAPSE_C_PER_M * higherM;
        double cold = least(lows) - cooler;
        double hot = most(highs) - cooler;
        double wantedCold = coldestNight.orElse(cold);
        double wantedHot = Math.max(wantedCold + 1, hottestDay.orElse(hot));
        double stretch = (wantedHot - wantedCold) / (hot - cold);
        Function<Double, Double> moved = c -> wantedCold + (c - cooler - cold) * stretch;
        return new Climate(
                lows.stream().map(moved).toList(), highs.stream().map(moved).toList(), sunshine, humidity, windMs);
    }

    private static double least(List<Double> months) {
        return months.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    private static double most(List<Double> months) {
        return months.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }

    /** The mean of a year. */
    public static double mean(List<Double> months) {
        return months.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** First and last frost of its cold season, by the nights of its months; empty where there is none, or no end of it. */
    public Optional<Place.Frosts> frosts() {
        return frosts(lows, FROST_C);
    }

    /** The same of any nights, where months with a mean night below so many °C see frost. */
    static Optional<Place.Frosts> frosts(List<Double> nights, double below) {
        Optional<MonthDay> first = crossing(nights, below, true);
        Optional<MonthDay> last = crossing(nights, below, false);
        return first.isPresent() && last.isPresent()
                ? Optional.of(new Place.Frosts(first.get(), last.get()))
                : Optional.empty();
    }

    /** The day on which the mean night falls below, or rises above, that of the first and last frost. */
    private static Optional<MonthDay> crossing(List<Double> nights, double below, boolean falling) {
        for (int m = 0; m < MONTHS; m++) {
            double from = nights.get(m);
            double to = nights.get((m + 1) % MONTHS);
            if (falling ? from >= below && to < below : from < below && to >= below) {
                double along = (below - from) / (to - from);
                LocalDate day = LocalDate.of(2026, m + 1, 15).plusDays(Math.round(along * 30.4));
                return Optional.of(MonthDay.from(day));
            }
        }
        return Optional.empty();
    }

    /** The names of the stations that can be picked, as their table lists them. */
    public static List<String> stations() {
        return Station.ALL.stream().map(Station::name).toList();
    }

    /** The year of one station as it is; an unknown name is refused. */
    public static Climate ofStation(String name) {
        return Station.ALL.stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .map(Station::year)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "place.station", name)));
    }
}
