package evencistern.server.history;

import evencistern.server.GardenId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;

/**
 * How one kind of thing is read and written, any number of them at once.
 *
 * @param kind as it is named in the history: lot, feed, water
 * @param find those of these that there are
 * @param insert writes a new thing, as version 1
 * @param update writes over the versions the things name and counts them up; answers those whose version is gone
 */
public record Keeping<T extends Owned>(
        String kind,
        Class<T> type,
        BiFunction<GardenId, Collection<UUID>, List<T>> find,
        BiConsumer<GardenId, T> insert,
        BiFunction<GardenId, List<T>, List<T>> update) {

    /**
     * A kind of thing of which there is never more than one in an act.
     *
     * @param update false where the version that the thing names is gone
     */
    public static <T extends Owned> Keeping<T> oneByOne(
            String kind,
            Class<T> type,
            BiFunction<GardenId, UUID, Optional<T>> find,
            BiConsumer<GardenId, T> insert,
            BiFunction<GardenId, T, Boolean> update) {
        return new Keeping<>(
                kind,
                type,
                (garden, ids) -> ids.stream()
                        .flatMap(id -> find.apply(garden, id).stream())
                        .toList(),
                insert,
                (garden, things) ->
                        things.stream().filter(t -> !update.apply(garden, t)).toList());
    }
}
