package evencistern.server.weather;

import evencistern.climate.Daylight;
import evencistern.climate.PenmanMonteith;
import evencistern.climate.Place;
import evencistern.climate.SolarDay;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Changed;
import evencistern.server.lock.RetriedOnLocks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
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

    private final WeatherStore store;
    private final WeatherService service;
    private final Gardens gardens;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Weathers(
            WeatherStore store,
            WeatherService service,
            Gardens gardens,
            ApplicationEventPublisher events,
            Clock clock) {
        this.store = store;
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
                state.inUse(), state.toldAt(), state.failedAt(), days(garden, g), store.listSheets(garden));
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
