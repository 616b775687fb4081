package evencistern.server.weather;

import evencistern.climate.Climate;
import evencistern.climate.DailyWeather;
import evencistern.climate.Place;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.problem.FaultWire;
import evencistern.server.words.Language;
import evencistern.server.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets of daily weather: looked at, brought in, taken back like any other thing of a garden. */
@Service
@RetriedOnLocks
class WeatherSheets {
    private static final int LONGEST_NAME = 120;
    private static final String CELSIUS = "°C";
    private static final String FAHRENHEIT = "°F";
    private static final Set<String> DEGREES = Set.of(CELSIUS, FAHRENHEIT);

    private final Gardens gardens;
    private final History history;
    private final Keeping<WeatherSheetWire> sheets;
    private final Words words;
    private final Clock clock;

    WeatherSheets(WeatherStore store, Gardens gardens, History history, Words words, Clock clock) {
        this.gardens = gardens;
        this.history = history;
        this.sheets = history.keep(store.sheets());
        this.words = words;
        this.clock = clock;
    }

    /**
     * A sheet of daily weather to bring in.
     *
     * @param name of its file
     * @param degrees what its temperatures are in where its heads do not say: °C or °F
     * @param apply whether to bring it in, or only to say what it holds
     */
    record WeatherSheetAsk(
            String clientKey,
            String name,
            String text,
            @Nullable String degrees,
            boolean apply) {}

    /** A column that was understood, by what its head says and in which unit it was read. */
    record WeatherColumn(String column, String said, String unit) {}

    /** What is wrong with a line of the sheet. */
    record WeatherLine(int line, FaultWire fault) {}

    /** A month made of its days: °C, %, share of the possible sunshine, mm in thirty days. */
    record WeatherMonth(int days, double lowC, double highC, double humidity, double sunshine, double rainMm) {}

    /**
     * What a sheet holds.
     *
     * @param from,to its first and last day, where any was clear
     * @param later days still to come, which were left out
     * @param ignored heads of columns that nothing was made of
     * @param estimated what no column tells, so that it was worked out or taken as usual
     * @param degrees that its temperatures were read in; {@code degreesSaid} by its heads, {@code degreesDoubted} where that does not
     *     go with the year here and the other would
     * @param snowed days on which what fell was snow, which waters no pot
     * @param months January first, null where fewer than twenty days tell of it; {@code humidity} over all twelve, where each is told
     * @param faulty lines that were left out, of which the first are listed
     * @param act to take it back by, where it was brought in
     */
    record WeatherSheetRead(
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            int days,
            int later,
            List<WeatherColumn> columns,
            List<String> ignored,
            List<String> estimated,
            String degrees,
            boolean degreesSaid,
            boolean degreesDoubted,
            int snowed,
            List<@Nullable WeatherMonth> months,
            @Nullable Double humidity,
            List<WeatherLine> faults,
            int faulty,
            @Nullable UUID act) {}

    /** Says what a sheet of daily weather holds, or brings in what of it is clear. */
    @Transactional
    WeatherSheetRead bring(GardenId garden, WeatherSheetAsk ask) {
        GardenWire g = gardens.require(garden);
        Faults faults = new Faults();
        String name = faults.text("weather.name", ask.name(), LONGEST_NAME);
        if (ask.degrees() != null && !DEGREES.contains(ask.degrees())) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "weather.degrees", ask.degrees());
        }
        faults.throwIfAny();
        WeatherSheet sheet = new WeatherSheet(ask.text(), g.language() != Language.en_US);
        Map<LocalDate, Double> middles = sheet.middles();
        boolean seemsFahrenheit = DailyWeather.likelyFahrenheit(middles, gardens.outside(g));
        boolean fahrenheit =
                ask.degrees() == null ? seemsFahrenheit : ask.degrees().equals(FAHRENHEIT);
        WeatherSheet.Read read = sheet.read(fahrenheit, g.today());
        Map<LocalDate, Place.Weather> days = new TreeMap<>();
        read.days().forEach(d -> days.put(d.day(), d.complete(g.latitude())));
        List<Optional<DailyWeather.Month>> months = DailyWeather.months(days, g.latitude());
        boolean doubted = !read.degreesSaid() && ask.degrees() == null && seemsFahrenheit;
        UUID act = ask.apply() && !days.isEmpty() && !doubted ? keep(garden, ask.clientKey(), name, days) : null;
        return new WeatherSheetRead(
                days.isEmpty() ? null : Collections.min(days.keySet()),
                days.isEmpty() ? null : Collections.max(days.keySet()),
                days.size(),
                read.later(),
                read.heads().stream()
                        .map(h -> new WeatherColumn(h.column().name().toLowerCase(Locale.ROOT), h.said(), h.shown()))
                        .toList(),
                read.ignored(),
                estimated(read),
                read.degreesSaid() ? "" : fahrenheit ? FAHRENHEIT : CELSIUS,
                read.degreesSaid(),
                doubted,
                (int) days.values().stream()
                        .filter(w -> w.freezing() && w.rainMm() > 0)
                        .count(),
                months.stream()
                        .map(m -> m.map(WeatherSheets::month).orElse(null))
                        .toList(),
                months.stream().allMatch(Optional::isPresent)
                        ? (Double) Climate.mean(months.stream()
                                .flatMap(Optional::stream)
                                .map(DailyWeather.Month::humidityPercent)
                                .toList())
                        : null,
                read.faults().stream()
                        .map(f -> new WeatherLine(f.line(), FaultWire.of(f.fault(), words)))
                        .toList(),
                read.faulty(),
                act);
    }

    private UUID keep(GardenId garden, String clientKey, String name, Map<LocalDate, Place.Weather> days) {
        List<Place.Weather> told = List.copyOf(days.values());
        WeatherSheetWire sheet = new WeatherSheetWire(
                UUID.randomUUID(),
                name,
                clock.instant(),
                List.copyOf(days.keySet()),
                told.stream().map(Place.Weather::lowC).toList(),
                told.stream().map(Place.Weather::highC).toList(),
                told.stream().map(Place.Weather::humidityPercent).toList(),
                told.stream().map(Place.Weather::globalMj).toList(),
                told.stream().map(Place.Weather::rainMm).toList(),
                told.stream().map(Place.Weather::windMs).toList(),
                0,
                false);
        return history.once(garden, "edit", clientKey, act -> history.save(garden, act, sheets, sheet))
                .actId();
    }

    private static List<String> estimated(WeatherSheet.Read read) {
        List<String> missing = new ArrayList<>();
        if (read.head(WeatherSheet.Column.SUN).isEmpty()
                && read.head(WeatherSheet.Column.SUNSHINE).isEmpty()) {
            missing.add("sun");
        }
        for (WeatherSheet.Column c :
                List.of(WeatherSheet.Column.HUMIDITY, WeatherSheet.Column.RAIN, WeatherSheet.Column.WIND)) {
            if (read.head(c).isEmpty()) {
                missing.add(c.name().toLowerCase(Locale.ROOT));
            }
        }
        return missing;
    }

    private static WeatherMonth month(DailyWeather.Month m) {
        return new WeatherMonth(m.days(), m.lowC(), m.highC(), m.humidityPercent(), m.sunshine(), m.rainMm());
    }
}
