package evencistern.server.upkeep;

import evencistern.server.GardenId;
import evencistern.server.calendar.Calendars;
import evencistern.server.garden.Gardens;
import evencistern.server.lot.LotStates;
import evencistern.server.lot.Lots;
import evencistern.server.weather.Weathers;
import java.util.List;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Keeps gardens up with the day: weather that is no longer fresh is asked for again, the calendar is chosen once a day, lots
 * that are late are worked out for the day, care whose season has passed is put off. Each is done once, however many instances try.
 */
@Component
public class Upkeep {
    private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);
    private static final long EVERY_MS = 30_000;
    private static final long AFTER_START_MS = 2_000;
    private static final int MOST_CARE = 200;

    private final Gardens gardens;
    private final Weathers weathers;
    private final Calendars calendars;
    private final Lots lots;
    private final LotStates standings;

    Upkeep(Gardens gardens, Weathers weathers, Calendars calendars, Lots lots, LotStates standings) {
        this.gardens = gardens;
        this.weathers = weathers;
        this.calendars = calendars;
        this.lots = lots;
        this.standings = standings;
    }

    /** Does what the day asks for now. */
    @Scheduled(fixedDelay = EVERY_MS, initialDelay = AFTER_START_MS)
    public void goOn() {
        each(weathers.listInUse(), weathers::renew);
        each(calendars.listInUse(), calendars::renew);
        each(gardens.listIds(), garden -> {
            standings.markLate(garden);
            int putOff;
            do {
                putOff = lots.putOffCare(garden, MOST_CARE);
            } while (putOff == MOST_CARE);
        });
    }

    private static void each(List<GardenId> gardens, Consumer<GardenId> work) {
        gardens.forEach(garden -> {
            try {
                work.accept(garden);
            } catch (RuntimeException e) {
                // one garden's trouble is not the others'; it is tried again soon
                LOG.warn("upkeep of {} failed: {}", garden.value(), e.toString());
            }
        });
    }
}
