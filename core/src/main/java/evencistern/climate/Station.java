package evencistern.climate;

import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A place of the world whose average year is known.
 *
 * @param heightM above the sea
 * @param year its twelve months
 * @param rainMm,rainDays of its months, by which it is checked; no plan counts on average rain, which may not fall
 */
record Station(
        String name,
        double latitude,
        double longitude,
        double heightM,
        Climate year,
        List<Double> rainMm,
        List<Double> rainDays) {
    private static final int MONTHS = 12;
    /** By how much a month may be off the yearly and half-yearly wave, °C. */
    private static final double OFF_THE_WAVE_C = 2.5;

    private static final double MOST_RAIN_A_DAY_MM = 60;
    /** Of a month's mean, m/s at 2 m. */
    private static final double MOST_WIND_MS = 8;

    /** All stations of the table that hold together. */
    static final List<Station> ALL = DataFile.read(Station.class, "stations.csv").stream()
            .map(Station::of)
            .filter(Station::sound)
            .toList();

    private static Station of(DataFile.Row row) {
        return new Station(
                row.text("name"),
                row.number("latitude"),
                row.number("longitude"),
                row.number("height"),
                new Climate(
                        numbers(row, "low"),
                        numbers(row, "high"),
                        quarters(row, "sun").stream().map(s -> s / 100).toList(),
                        quarters(row, "humidity"),
                        quarters(row, "wind")),
                numbers(row, "rain"),
                quarters(row, "days"));
    }

    private static List<Double> numbers(DataFile.Row row, String column) {
        return Arrays.stream(row.text(column).split(" ", -1))
                .map(Double::parseDouble)
                .toList();
    }

    /** Twelve months from January, April, July and October: straight from one to the next. */
    private static List<Double> quarters(DataFile.Row row, String column) {
        List<Double> four = numbers(row, column);
        List<Double> months = new ArrayList<>();
        for (int m = 0; m < MONTHS; m++) {
            double along = m % 3 / 3.0;
            months.add(four.get(m / 3) * (1 - along) + four.get((m / 3 + 1) % 4) * along);
        }
        return months;
    }

    /** Whether the numbers of its year can be of one place. */
    private boolean sound() {
        for (int m = 0; m < MONTHS; m++) {
            double rainADay = rainMm.get(m) / Math.max(1, rainDays.get(m));
            boolean windy = year.windMs().get(m) > 0 && year.windMs().get(m) <= MOST_WIND_MS;
            if (!(year.lows().get(m) < year.highs().get(m)) || rainADay > MOST_RAIN_A_DAY_MM || !windy) {
                return false;
            }
        }
        return offTheWave(year.lows()) <= OFF_THE_WAVE_C && offTheWave(year.highs()) <= OFF_THE_WAVE_C;
    }

    /** How far a month is off the sum of the mean, the yearly and the half-yearly wave. */
    static double offTheWave(List<Double> months) {
        double[] left = months.stream().mapToDouble(Double::doubleValue).toArray();
        double mean = Arrays.stream(left).average().orElseThrow();
        for (int m = 0; m < MONTHS; m++) {
            left[m] -= mean;
        }
        for (int wave = 1; wave <= 2; wave++) {
            double cos = 0;
            double sin = 0;
            for (int m = 0; m < MONTHS; m++) {
                cos += left[m] * Math.cos(2 * Math.PI * wave * m / MONTHS) / 6;
                sin += left[m] * Math.sin(2 * Math.PI * wave * m / MONTHS) / 6;
            }
            for (int m = 0; m < MONTHS; m++) {
                double angle = 2 * Math.PI * wave * m / MONTHS;
                left[m] -= cos * Math.cos(angle) + sin * Math.sin(angle);
            }
        }
        return Arrays.stream(left).map(Math::abs).max().orElseThrow();
    }
}
