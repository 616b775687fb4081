package evencistern.server.lot;

import evencistern.server.GardenId;
import evencistern.server.garden.OldPlaces;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Works out marked lots in slices, each in a transaction of its own. Any instance takes part; what was begun by one that
 * ended is gone on with by the next. After an upgrade it begins with what older rules worked out, once old places have moved over:
 * so what both did to a plan is told together.
 */
@Component
class Recalculation implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Recalculation.class);
    private static final int SLICE = 200;
    private static final long EVERY_MS = 250;
    private static final long PLACES_EVERY_MS = 10_000;

    private final LotStates standings;
    private final OldPlaces oldPlaces;

    Recalculation(LotStates standings, OldPlaces oldPlaces) {
        this.standings = standings;
        this.oldPlaces = oldPlaces;
    }

    @Override
    public void run(ApplicationArguments args) {
        standings.markOld();
        moveOldPlaces();
        goOn();
    }

    /** Places of gardens that older versions wrote, at the start and when a file of theirs was brought in. */
    @Scheduled(fixedDelay = PLACES_EVERY_MS, initialDelay = PLACES_EVERY_MS)
    void moveOldPlaces() {
        oldPlaces.listUnseen().forEach(garden -> {
            try {
                oldPlaces.move(garden);
            } catch (RuntimeException e) {
                LOG.warn("places of {} could not be moved over: {}", garden.value(), e.toString());
            }
        });
    }

    @Scheduled(fixedDelay = EVERY_MS, initialDelay = EVERY_MS)
    void goOn() {
        for (GardenId garden : standings.listMarked()) {
            try {
                boolean more;
                do {
                    more = standings.slice(garden, SLICE);
                } while (more);
            } catch (RuntimeException e) {
                // one garden that cannot be worked out now does not stop the others; it is tried again soon
                LOG.warn("lots of {} could not be worked out: {}", garden.value(), e.toString());
            }
        }
    }
}
