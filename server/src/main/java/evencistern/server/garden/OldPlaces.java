package evencistern.server.garden;

import evencistern.climate.Climate;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Places that began with the one mild year all places once had. They move over, once, to the year of their part of the world, as an
 * act that can be undone; a place whose months somebody typed, or that is like none of the old ones, stays as it is.
 */
@Service
@RetriedOnLocks
public class OldPlaces {
    private static final double TROPIC = 23.5;
    private static final int MONTHS = 12;
    private static final int HALF_YEAR = 6;
    private static final double UNHEATED = -99;
    /** The old year in the north, January first; the tropics had the same all year. */
    private static final List<Double> LOWS = List.of(1.5, 1.5, 3.0, 4.5, 7.5, 10.5, 12.5, 12.5, 10.0, 7.0, 4.0, 2.0);

    private static final List<Double> HIGHS =
            List.of(7.0, 7.5, 10.5, 13.5, 17.0, 20.0, 22.5, 22.0, 19.0, 14.5, 10.0, 7.5);
    private static final double TROPIC_LOW = 22.5;
    private static final double TROPIC_HIGH = 31;

    private final GardenStore store;
    private final Gardens gardens;
    private final History history;
    private final Keeping<PlaceWire> places;

    OldPlaces(GardenStore store, Gardens gardens, History history) {
        this.store = store;
        this.gardens = gardens;
        this.history = history;
        this.places = history.keep(store.places());
    }

    /** What an old place was like beside the year outside. */
    private enum Old {
        OPEN(PlacePreset.open_bench, PlaceWire.Kind.outdoors, 0, 0, UNHEATED),
        GLASSHOUSE(PlacePreset.glasshouse, PlaceWire.Kind.under_glass, 1, 6, 7),
        TUNNEL(PlacePreset.tunnel, PlaceWire.Kind.under_glass, 1, 6, UNHEATED);

        private final PlacePreset now;
        private final PlaceWire.Kind kind;
        private final double warmerNight;
        private final double warmerDay;
        private final double lowest;

        Old(PlacePreset now, PlaceWire.Kind kind, double warmerNight, double warmerDay, double lowest) {
            this.now = now;
            this.kind = kind;
            this.warmerNight = warmerNight;
            this.warmerDay = warmerDay;
            this.lowest = lowest;
        }

        private boolean is(PlaceWire p) {
            return p.kind() == kind
                    && year(LOWS, TROPIC_LOW, p.latitude(), warmerNight).equals(p.lows())
                    && year(HIGHS, TROPIC_HIGH, p.latitude(), warmerDay).equals(p.highs());
        }

        private List<Double> year(List<Double> north, double tropic, double latitude, double warmer) {
            List<Double> year = new ArrayList<>();
            for (int m = 0; m < MONTHS; m++) {
                double outside =
                        Math.abs(latitude) < TROPIC ? tropic : north.get(latitude < 0 ? (m + HALF_YEAR) % MONTHS : m);
                year.add(Math.max(lowest, outside + warmer));
            }
            return year;
        }
    }

    /** Gardens of which nobody has looked yet whether they have old places. */
    public List<GardenId> listUnseen() {
        return store.listGardensWithOldPlaces();
    }

    /** Marks a garden that older rules wrote, to be looked at. */
    public void mark(GardenId garden) {
        store.markOldPlaces(garden);
    }

    /** Moves the old places of a garden over. */
    @Transactional
    public void move(GardenId garden) {
        if (!store.holdUnseenPlaces(garden)) {
            return; // another instance has looked, or is looking
        }
        GardenWire g = gardens.require(garden);
        Climate outside = gardens.outside(g);
        List<PlaceWire> moved = g.places().stream()
                .filter(p -> !typed(p))
                .flatMap(p -> now(p, outside).stream())
                .toList();
        if (!moved.isEmpty()) {
            history.once(garden, "edit", "old-places", act -> keep(garden, act, moved));
        }
        store.keepMovedPlaces(garden, moved.stream().map(PlaceWire::id).toList());
    }

    private void keep(GardenId garden, Act act, List<PlaceWire> moved) {
        history.saveAll(garden, act, places, moved);
    }

    private static boolean typed(PlaceWire p) {
        Map<String, ?> typed = p.typed();
        return typed != null && typed.keySet().stream().anyMatch(k -> k.startsWith("low.") || k.startsWith("high."));
    }

    /** The place with the year of its part of the world; empty where it is no old one. */
    private static Optional<PlaceWire> now(PlaceWire p, Climate outside) {
        for (Old old : Old.values()) {
            if (old.is(p)) {
                PlaceWire now = old.now.at(p.id(), p.name(), p.latitude(), outside);
                return Optional.of(new PlaceWire(
                        p.id(),
                        p.name(),
                        p.kind(),
                        p.latitude(),
                        now.lows(),
                        now.highs(),
                        old == Old.OPEN ? now.humidity() : p.humidity(),
                        p.lightShare(),
                        now.sunshine(),
                        now.sunshineMonths(),
                        p.lampHours(),
                        p.lampPpfd(),
                        now.firstFrost(),
                        now.lastFrost(),
                        p.air(),
                        p.rainShare(),
                        p.aspect(),
                        p.altitudeM(),
                        p.typed(),
                        p.version(),
                        p.retired()));
            }
        }
        return Optional.empty();
    }

    /** Names of the places that have moved over, until that has been seen. */
    public List<String> listMoved(GardenId garden) {
        return store.listMovedPlaces(garden);
    }

    /** It has been seen. */
    @Transactional
    public void seen(GardenId garden) {
        store.forgetMovedPlaces(garden);
    }
}
