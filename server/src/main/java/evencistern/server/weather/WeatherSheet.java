package evencistern.server.weather;

import evencistern.climate.DailyWeather;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.typed.SheetText;
import evencistern.server.typed.Typed;
import evencistern.units.Unit;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Daily weather as a sheet. Its first line names the columns: a day, its least and most temperature, and any of humidity, sun or hours
 * of sunshine, rain and wind, with their units.
 */
final class WeatherSheet {
    private static final int MOST_DAYS = 4000;
    private static final int MOST_FAULTS = 20;
    private static final Pattern DAY = Pattern.compile("(\\d{1,4})[-/. ](\\d{1,2})[-/. ](\\d{1,4}).*");
    /** Cells that tell nothing; of rain, a trace. */
    private static final Set<String> NOTHING =
            Set.of("", "-", "--", "na", "n/a", "nan", "null", "m", "t", "trace", "-99", "-999", "-9999");
    /** FAO-56 equation 47: the wind at 2 m against that at 10 m. */
    private static final double AT_TWO_METRES = 0.748;

    private static final int MONTHS = 12;
    private static final Set<String> OF_A_TEMPERATURE = Set.of(
            "",
            "temp",
            "temperature",
            "temperatures",
            "t",
            "air",
            "daily",
            "day",
            "night",
            "c",
            "°c",
            "degc",
            "celsius",
            "f",
            "°f",
            "degf",
            "fahrenheit");
    private static final Set<String> OF_A_WIND = Set.of("gust", "gusts", "direction", "dir");

    /** What a column can hold. */
    enum Column {
        DAY,
        HUMIDITY,
        WIND,
        SUNSHINE,
        SUN,
        SNOW,
        RAIN,
        LOW,
        HIGH;

        boolean temperature() {
            return this == LOW || this == HIGH;
        }
    }

    /** The words of its head that tell a column. */
    private static final Map<Column, Set<String>> WORDS = new EnumMap<>(Map.of(
            Column.DAY, Set.of("date", "day", "time", "datetime"),
            Column.HUMIDITY, Set.of("humidity", "rh", "hum"),
            Column.WIND, Set.of("wind", "windspeed"),
            Column.SUNSHINE, Set.of("sunshine"),
            Column.SUN, Set.of("sun", "solar", "radiation", "global", "irradiance"),
            Column.SNOW, Set.of("snow", "snowfall"),
            Column.RAIN, Set.of("rain", "rainfall", "precipitation", "precip"),
            Column.LOW, Set.of("low", "lowest", "min", "minimum", "tmin", "least"),
            Column.HIGH, Set.of("high", "highest", "max", "maximum", "tmax", "most")));

    /** The units it can be in, and what makes °C, %, m/s, h, MJ/m² or mm of them. */
    private static final Map<Column, Map<String, Double>> UNITS = new EnumMap<>(Map.of(
            Column.DAY, Map.of(),
            Column.HUMIDITY, Map.of("%", 1.0),
            Column.WIND,
                    Map.of("m/s", 1.0, "km/h", 1 / 3.6, "kph", 1 / 3.6, "mph", 0.44704, "kn", 0.514444, "kt", 0.514444),
            Column.SUNSHINE, Map.of("h", 1.0, "hours", 1.0),
            Column.SUN, Map.of("mj/m²", 1.0, "w/m²", 0.0864, "kwh/m²", 3.6, "j/cm²", 0.01),
            Column.SNOW, Map.of(),
            Column.RAIN, Map.of("mm", 1.0, "l/m²", 1.0, "cm", 10.0, "in", 25.4, "inch", 25.4, "inches", 25.4),
            Column.LOW, Map.of("°c", 1.0, "°f", 1.0),
            Column.HIGH, Map.of("°c", 1.0, "°f", 1.0)));

    private static Set<String> words(Column column) {
        return WORDS.getOrDefault(column, Set.of());
    }

    private static Map<String, Double> units(Column column) {
        return UNITS.getOrDefault(column, Map.of());
    }

    /** A column that was understood: where it stands, and the unit its head says, empty where it says none. */
    record Head(Column column, int at, String said, String unit, double factor) {
        /** The unit as it is written. */
        String shown() {
            return unit.replace("°c", "°C")
                    .replace("°f", "°F")
                    .replace("mj", "MJ")
                    .replace("w/", "W/")
                    .replace("kwh", "kWh");
        }
    }

    /** What is wrong with a line, counted from the first. */
    record LineFault(int line, Fault fault) {}

    /**
     * What a sheet holds.
     *
     * @param ignored heads of columns that nothing is made of
     * @param later days that are still to come, which are left out
     * @param faults of the first lines that have any; {@code faulty} counts them all
     */
    record Read(
            List<Head> heads,
            List<String> ignored,
            List<DailyWeather.Noted> days,
            int later,
            List<LineFault> faults,
            int faulty) {
        Optional<Head> head(Column column) {
            return heads.stream().filter(h -> h.column() == column).findFirst();
        }

        /** Whether the heads tell what degrees they are in. */
        boolean degreesSaid() {
            return heads.stream()
                    .filter(h -> h.column().temperature())
                    .allMatch(h -> !h.unit().isEmpty());
        }
    }

    private final List<CSVRecord> lines;
    private final List<Head> heads = new ArrayList<>();
    private final List<String> ignored = new ArrayList<>();
    private final boolean decimalComma;
    private final boolean dayFirst;

    /**
     * Takes a sheet apart; refused where its first line has no day, low and high.
     *
     * @param dayFirst whether 5/6 is the fifth of June, where no day of the sheet decides it
     */
    WeatherSheet(String text, boolean dayFirst) {
        SheetText sheet = SheetText.of(text);
        this.decimalComma = sheet.between() != ',';
        try (CSVParser csv =
                CSVParser.parse(new StringReader(sheet.text()), sheet.format().get())) {
            this.lines = csv.getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException | IllegalArgumentException e) {
            throw new FaultException(Fault.of(FaultCode.FILE_INVALID, "weather.file", String.valueOf(e.getMessage())));
        }
        if (!lines.isEmpty()) {
            readHeads(lines.get(0));
        }
        Faults faults = new Faults();
        for (Column needed : List.of(Column.DAY, Column.LOW, Column.HIGH)) {
            if (heads.stream().noneMatch(h -> h.column() == needed)) {
                faults.add(
                        FaultCode.WEATHER_COLUMN_MISSING,
                        "weather.file",
                        needed.name().toLowerCase(Locale.ROOT));
            }
        }
        faults.within("weather.days", lines.size() - 1, 1, MOST_DAYS, "");
        faults.throwIfAny();
        this.dayFirst = decided().orElse(dayFirst);
    }

    private void readHeads(CSVRecord line) {
        Map<Column, Head> found = new EnumMap<>(Column.class);
        for (int i = 0; i < line.size(); i++) {
            Optional<Head> head = head(line.get(i), i);
            if (head.isEmpty() || found.putIfAbsent(head.get().column(), head.get()) != null) {
                ignored.add(line.get(i));
            }
        }
        heads.addAll(found.values());
        heads.sort(Comparator.comparingInt(Head::at));
    }

    private static Optional<Head> head(String said, int at) {
        String lower = said.toLowerCase(Locale.ROOT).replace("m2", "m²").replaceAll("/d(ay)?\\b", "");
        List<String> words = Arrays.asList(lower.split("[^a-z0-9°%²/]+"));
        boolean extreme = words.stream()
                .anyMatch(
                        w -> words(Column.LOW).contains(w) || words(Column.HIGH).contains(w));
        for (Column column : Column.values()) {
            if (words.stream().noneMatch(words(column)::contains)) {
                continue;
            }
            // the most of a wind, or the least of a humidity, is not its mean; the least of a dew point is no night
            boolean other = column.temperature()
                    ? !words.stream()
                            .allMatch(w -> OF_A_TEMPERATURE.contains(w)
                                    || words(column).contains(w))
                    : extreme || words.stream().anyMatch(OF_A_WIND::contains);
            if (other) {
                continue;
            }
            boolean hours = column == Column.SUN && (words.contains("h") || words.contains("hours"));
            Column held = hours ? Column.SUNSHINE : column;
            String unit = words.stream()
                    .map(w -> held.temperature() ? degrees(w) : w)
                    .filter(units(held)::containsKey)
                    .findFirst()
                    .orElse("");
            boolean high = held == Column.WIND && (words.contains("10m") || words.contains("10"));
            double factor = units(held).getOrDefault(unit, 1.0) * (high ? AT_TWO_METRES : 1);
            return Optional.of(new Head(held, at, said, unit, factor));
        }
        return Optional.empty();
    }

    private static String degrees(String word) {
        return switch (word) {
            case "c", "°c", "degc", "celsius" -> "°c";
            case "f", "°f", "degf", "fahrenheit" -> "°f";
            default -> "";
        };
    }

    /** Whether the day comes first, where a day of the sheet is beyond the twelfth. */
    private Optional<Boolean> decided() {
        for (CSVRecord line : lines.subList(1, lines.size())) {
            Matcher m = DAY.matcher(cell(line, at(Column.DAY)));
            if (m.matches() && m.group(1).length() < 3) {
                int first = Integer.parseInt(m.group(1));
                int second = Integer.parseInt(m.group(2));
                if (first > MONTHS || second > MONTHS) {
                    return Optional.of(first > MONTHS);
                }
            }
        }
        return Optional.empty();
    }

    private int at(Column column) {
        return heads.stream()
                .filter(h -> h.column() == column)
                .findFirst()
                .map(Head::at)
                .orElse(-1);
    }

    private static String cell(CSVRecord line, int at) {
        return at >= 0 && at < line.size() ? line.get(at) : "";
    }

    /** Middles of the days as they stand, by their days, to judge their degrees by; lines that cannot be read are passed over. */
    Map<LocalDate, Double> middles() {
        Map<LocalDate, Double> middles = new HashMap<>();
        for (CSVRecord line : lines.subList(1, lines.size())) {
            double low = number(line, at(Column.LOW), "weather.low", Unit.ONE, new Faults());
            double high = number(line, at(Column.HIGH), "weather.high", Unit.ONE, new Faults());
            if (Double.isFinite(low + high)) {
                day(line).ifPresent(day -> middles.putIfAbsent(day, (low + high) / 2));
            }
        }
        return middles;
    }

    /**
     * Its days up to today.
     *
     * @param fahrenheit whether temperatures are that where the heads say nothing
     */
    Read read(boolean fahrenheit, LocalDate today) {
        List<DailyWeather.Noted> days = new ArrayList<>();
        List<LineFault> faults = new ArrayList<>();
        Set<LocalDate> seen = new HashSet<>();
        int faulty = 0;
        int later = 0;
        for (CSVRecord line : lines.subList(1, lines.size())) {
            try {
                DailyWeather.Noted noted = noted(line, fahrenheit);
                if (noted.day().isAfter(today)) {
                    later++;
                } else if (seen.add(noted.day())) {
                    days.add(noted);
                } else {
                    throw new FaultException(Fault.of(
                            FaultCode.DAY_TWICE, "weather.day", noted.day().toString()));
                }
            } catch (FaultException e) {
                faulty++;
                if (faults.size() < MOST_FAULTS) {
                    faults.add(new LineFault(
                            (int) line.getRecordNumber(), e.faults().get(0)));
                }
            }
        }
        return new Read(List.copyOf(heads), List.copyOf(ignored), days, later, faults, faulty);
    }

    private DailyWeather.Noted noted(CSVRecord line, boolean fahrenheit) {
        Faults faults = new Faults();
        Optional<LocalDate> day = day(line);
        if (day.isEmpty()) {
            faults.add(FaultCode.DATE_UNREADABLE, "weather.day", cell(line, at(Column.DAY)));
        }
        Map<Column, Double> values = new EnumMap<>(Column.class);
        for (Head head : heads) {
            if (head.column() != Column.DAY && head.column() != Column.SNOW) {
                value(line, head, fahrenheit, faults).ifPresent(v -> values.put(head.column(), v));
            }
        }
        for (Column needed : List.of(Column.LOW, Column.HIGH)) {
            if (!values.containsKey(needed)) {
                faults.add(FaultCode.MISSING, "weather." + needed.name().toLowerCase(Locale.ROOT), "");
            }
        }
        faults.throwIfAny();
        return new DailyWeather.Noted(
                day.orElseThrow(),
                values.getOrDefault(Column.LOW, Double.NaN),
                values.getOrDefault(Column.HIGH, Double.NaN),
                of(values.get(Column.HUMIDITY)),
                of(values.get(Column.SUN)),
                of(values.get(Column.SUNSHINE)),
                of(values.get(Column.RAIN)),
                of(values.get(Column.WIND)));
    }

    private static OptionalDouble of(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** What a cell tells, in °C, %, m/s, h, MJ/m² or mm; empty where it tells nothing. */
    private Optional<Double> value(CSVRecord line, Head head, boolean fahrenheit, Faults faults) {
        if (NOTHING.contains(cell(line, head.at()).toLowerCase(Locale.ROOT))) {
            return Optional.empty();
        }
        boolean inFahrenheit = head.unit().isEmpty() ? fahrenheit : head.unit().equals("°f");
        Unit unit = !head.column().temperature() ? Unit.ONE : inFahrenheit ? Unit.FAHRENHEIT : Unit.CELSIUS;
        String field = "weather." + head.column().name().toLowerCase(Locale.ROOT);
        return Optional.of(number(line, head.at(), field, unit, faults) * head.factor());
    }

    /** The number of a cell in the stored unit; NaN, and a fault, where it is none. */
    private double number(CSVRecord line, int at, String field, Unit unit, Faults faults) {
        // where cells are not parted by commas, a comma parts the decimals, of which there may be three
        String text = decimalComma ? cell(line, at).replace(',', '.') : cell(line, at);
        return new Typed(text, unit.symbol()).read(field, faults, unit.dimension());
    }

    private Optional<LocalDate> day(CSVRecord line) {
        Matcher m = DAY.matcher(cell(line, at(Column.DAY)));
        if (!m.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(m.group(1));
        int second = Integer.parseInt(m.group(2));
        int third = Integer.parseInt(m.group(3));
        try {
            if (m.group(1).length() > 2) {
                return Optional.of(LocalDate.of(first, second, third));
            }
            int year = third < 100 ? 2000 + third : third;
            return Optional.of(dayFirst ? LocalDate.of(year, second, first) : LocalDate.of(year, first, second));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
