package evencistern.server.lot;

import evencistern.climate.Place;
import evencistern.server.GardenId;
import evencistern.server.feed.FeedWire;
import evencistern.server.feed.Feeds;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.Gardens;
import evencistern.server.mix.Mixes;
import evencistern.server.plant.Kinds;
import evencistern.server.weather.Weathers;
import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.util.ConcurrentReferenceHashMap;

/**
 * What the plans of a garden rest on, kept in memory by the version that the database has of it: each time it is asked for,
 * one statement tells whether what is kept is still current, whoever changed it.
 */
@Service
public class GardenContexts {
    /** Gardens of which the context is kept: those that were asked for last. */
    private static final int MOST_KEPT = 200;

    private static final int TRIES = 5;

    private final Gardens gardens;
    private final Feeds feeds;
    private final Mixes mixes;
    private final Kinds kinds;
    private final Weathers weathers;
    private final Map<GardenId, Kept> kept = Collections.synchronizedMap(new Lately());
    /** Places keep the average days they have worked out; from one version of the garden to the next, as memory allows. */
    private final Map<PlaceWire, Place> places = new ConcurrentReferenceHashMap<>();

    GardenContexts(Gardens gardens, Feeds feeds, Mixes mixes, Kinds kinds, Weathers weathers) {
        this.gardens = gardens;
        this.feeds = feeds;
        this.mixes = mixes;
        this.kinds = kinds;
        this.weathers = weathers;
    }

    private record Kept(Gardens.Stamp stamp, GardenContext context) {}

    private static final class Lately extends LinkedHashMap<GardenId, Kept> {
        private static final long serialVersionUID = 1L;

        Lately() {
            super(MOST_KEPT, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<GardenId, Kept> longestAgo) {
            return size() > MOST_KEPT;
        }
    }

    /** The context as it is now; a garden that is not there is refused. */
    public GardenContext of(GardenId garden) {
        return of(garden, gardens.stamp(garden));
    }

    /** The same, and it cannot change before this transaction ends. Taken before any lot, so that nobody waits in a ring. */
    GardenContext hold(GardenId garden) {
        return of(garden, gardens.hold(garden));
    }

    private GardenContext of(GardenId garden, Gardens.Stamp now) {
        Gardens.Stamp stamp = now;
        Kept known = kept.get(garden);
        for (int i = 0; known == null || !known.stamp().equals(stamp); i++) {
            GardenContext read = read(garden);
            Gardens.Stamp after = gardens.stamp(garden);
            // what changed while it was read is read again; what never stands still is taken as it was read last
            if (after.equals(stamp) || i == TRIES) {
                known = new Kept(after, read);
            }
            stamp = after;
        }
        kept.put(garden, known);
        return known.context();
    }

    private GardenContext read(GardenId garden) {
        GardenWire g = gardens.require(garden);
        Map<LocalDate, Place.Weather> known = weathers.known(garden, g.today());
        return new GardenContext(
                g,
                g.places().stream()
                        .collect(Collectors.toMap(
                                PlaceWire::id,
                                p -> places.computeIfAbsent(p, PlaceWire::toPlace)
                                        .knowing(known))),
                kinds.shelf(garden),
                mixes.shelf(garden),
                feeds.list(garden).stream().collect(Collectors.toMap(FeedWire::id, f -> f)),
                known.keySet().stream().max(LocalDate::compareTo));
    }
}
