package evencistern.server.weather;

import evencistern.climate.DailyWeather;
import evencistern.climate.Daylight;
import evencistern.climate.PenmanMonteith;
import evencistern.climate.Place;
import evencistern.climate.SolarDay;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Changed;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.problem.FaultWire;
import evencistern.server.words.Language;
import evencistern.server.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The weather of a garden: fetched, kept, and given to the plan where it is in use. */
@Service
@RetriedOnLocks
public class Weathers {
    private static final Logger LOG = LoggerFactory.getLogger(Weathers.class);
    private static final int DAYS_BACK = 21;
    private static final int DAYS_AHEAD = 7;
    private static final Duration FRESH = Duration.ofHours(6);
    private static final double WIND_MS = 2;
    private static final int LONGEST_NAME = 120;
    private static final String CELSIUS = "°C";
    private static final String FAHRENHEIT = "°F";
    private static final Set<String> DEGREES = Set.of(CELSIUS, FAHRENHEIT);

    private final WeatherStore store;
    private final WeatherService service;
    private final Gardens gardens;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final History history;
    private final Keeping<WeatherSheetWire> sheets;
    private final Words words;

    Weathers(
            WeatherStore store,
            WeatherService service,
            Gardens gardens,
            ApplicationEventPublisher events,
            Clock clock,
            History history,
            Words words) {
        this.store = store;
        this.history = history;
        this.sheets = history.keep(store.sheets());
        this.words = words;
        this.service = service;
        this.gardens = gardens;
        this.events = events;
        this.clock = clock;
    }

    /**
     * A day of weather.
     *
     * @param noted whether somebody noted it and brought it in
     * @param referenceMm what a green surface in the open loses, by FAO-56
     * @param daylightHours from sunrise to sunset
     */
    public record WeatherDay(
            LocalDate day,
            double lowC,
            double highC,
            double humidity,
            double sunMj,
            double rainMm,
            double windMs,
            boolean forecast,
            boolean noted,
            double referenceMm,
            double daylightHours) {}

    /**
     * What is known of the weather.
     *
     * @param toldAt when the service last answered
     * @param failedAt when it last did not, if that was later
     */
    public record WeatherWire(
            boolean inUse,
            @Nullable Instant toldAt,
            @Nullable Instant failedAt,
            List<WeatherDay> days,
            List<WeatherSheetOf> sheets) {}

    /** A sheet of days that was brought in, and counts. */
    public record WeatherSheetOf(
            UUID id, String name, LocalDate from, LocalDate to, int days, Instant broughtAt, int version) {}

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
     * @param months January first, null where fewer than twenty days tell of it
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
            List<WeatherLine> faults,
            int faulty,
            @Nullable UUID act) {}

    /** The weather of the last weeks and the days to come, as it was last told. */
    public WeatherWire look(GardenId garden) {
        return wire(garden, gardens.require(garden));
    }

    /** Gardens whose plan goes by the weather. */
    public List<GardenId> listInUse() {
        return store.listGardensInUse();
    }

    /** Asks anew where the plan goes by the weather and what was told is no longer fresh. */
    @Transactional
    public void renew(GardenId garden) {
        WeatherStore.State state = store.findState(garden);
        if (state.inUse()) {
            fetchIfStale(garden, state);
        }
    }

    private void fetchIfStale(GardenId garden, WeatherStore.State state) {
        Instant last = later(state.toldAt(), state.failedAt());
        if (last == null || last.plus(FRESH).isBefore(clock.instant())) {
            fetch(garden);
        }
    }

    /** Asks the service anew. What was told before stays where it does not answer. */
    @Transactional
    public WeatherWire fetch(GardenId garden) {
        GardenWire g = gardens.require(garden);
        Instant now = clock.instant();
        try {
            List<WeatherService.Told> told = service.days(
                    new WeatherService.Site(g.id(), g.latitude()),
                    g.today().minusDays(DAYS_BACK),
                    g.today().plusDays(DAYS_AHEAD),
                    g.today());
            // the row is taken first: who changes its use meanwhile waits, and then plans by these days
            store.saveTold(garden, now, null);
            told.forEach(day -> store.saveDay(garden, day));
            if (store.findState(garden).inUse()) {
                events.publishEvent(new Changed(garden, "weather", garden.value(), false));
            }
        } catch (WeatherService.NoAnswerException e) {
            LOG.info("no weather: {}", e.getMessage());
            store.saveTold(garden, store.findState(garden).toldAt(), now);
        }
        return wire(garden, g);
    }

    /** Uses the weather in the plan, or the average year again; what rests on it is worked out anew. */
    @Transactional
    public WeatherWire use(GardenId garden, boolean inUse) {
        GardenWire g = gardens.require(garden);
        WeatherStore.State state = store.findState(garden);
        if (state.inUse() != inUse) {
            store.saveUse(garden, inUse);
            events.publishEvent(new Changed(garden, "weather", garden.value(), false));
        }
        return wire(garden, g);
    }

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
                months(DailyWeather.months(days, g.latitude())),
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

    private static List<@Nullable WeatherMonth> months(List<Optional<DailyWeather.Month>> months) {
        List<@Nullable WeatherMonth> wires = new ArrayList<>();
        for (Optional<DailyWeather.Month> month : months) {
            wires.add(month.map(m -> new WeatherMonth(
                            m.days(), m.lowC(), m.highC(), m.humidityPercent(), m.sunshine(), m.rainMm()))
                    .orElse(null));
        }
        return wires;
    }

    /** The days that the plan knows: those that were noted, and those told where the weather is in use. */
    public Map<LocalDate, Place.Weather> known(GardenId garden, LocalDate today) {
        LocalDate from = today.minusYears(1);
        Map<LocalDate, Place.Weather> known = new HashMap<>();
        if (store.findState(garden).inUse()) {
            store.listDays(garden, from).forEach(t -> known.put(t.day(), t.weather()));
        }
        store.listNoted(garden, from).forEach(t -> known.put(t.day(), t.weather()));
        return known;
    }

    private static @Nullable Instant later(@Nullable Instant a, @Nullable Instant b) {
        return a == null ? b : b == null || a.isAfter(b) ? a : b;
    }

    private WeatherWire wire(GardenId garden, GardenWire g) {
        WeatherStore.State state = store.findState(garden);
        return new WeatherWire(
                state.inUse(),
                state.toldAt(),
                state.failedAt(),
                days(garden, g),
                store.listSheets(garden).stream()
                        .map(f -> new WeatherSheetOf(
                                f.id(), f.name(), f.from(), f.to(), f.days(), f.broughtAt(), f.version()))
                        .toList());
    }

    private List<WeatherDay> days(GardenId garden, GardenWire g) {
        LocalDate from = g.today().minusDays(DAYS_BACK);
        Map<LocalDate, WeatherDay> days = new TreeMap<>();
        store.listDays(garden, from).forEach(t -> days.put(t.day(), day(t, g.latitude(), false)));
        store.listNoted(garden, from).forEach(t -> days.put(t.day(), day(t, g.latitude(), true)));
        return List.copyOf(days.values());
    }

    private static WeatherDay day(WeatherService.Told t, double latitude, boolean noted) {
        Place.Weather w = t.weather();
        Place.Day day = new Place.Day(
                w.lowC(),
                w.highC(),
                w.humidityPercent(),
                SolarDay.of(latitude, t.day()).extraterrestrialMj(),
                w.globalMj(),
                w.globalMj(),
                0,
                OptionalDouble.of(w.windMs()),
                w.rainMm());
        return new WeatherDay(
                t.day(),
                w.lowC(),
                w.highC(),
                w.humidityPercent(),
                w.globalMj(),
                w.rainMm(),
                w.windMs(),
                t.forecast(),
                noted,
                new PenmanMonteith(0, WIND_MS, true).mmPerDay(day),
                Daylight.hours(latitude, t.day()));
    }
}
