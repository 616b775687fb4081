package evencistern.server.lot;

import evencistern.climate.Place;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.mix.MixShelf;
import evencistern.server.plant.KindShelf;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** All that the lots of a garden rest on, read once for a piece of work. */
public record Ground(
        GardenWire garden, Map<UUID, Place> places, KindShelf kinds, MixShelf mixes, Map<UUID, FeedWire> feeds) {

    Place place(UUID id) {
        return Objects.requireNonNull(places.get(id));
    }

    /** The feed a lot has, if it has one. */
    public Optional<FeedWire> feed(Lot lot) {
        UUID id = lot.feedId();
        return id == null ? Optional.empty() : Optional.ofNullable(feeds.get(id));
    }

    /** A lot's feed where it is to be in the water, none otherwise. */
    public @Nullable FeedWire feedIf(boolean feeding, Lot lot) {
        return feeding ? feed(lot).orElse(null) : null;
    }
}
