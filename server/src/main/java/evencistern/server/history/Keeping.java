package evencistern.server.history;

import evencistern.server.GardenId;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;

/**
 * How one kind of thing is read and written.
 *
 * @param kind as it is named in the history: lot, feed, water
 * @param insert writes a new thing, as version 1
 * @param update writes over the version the thing names and counts it up; false where that version is gone
 */
public record Keeping<T extends Owned>(
        String kind,
        Class<T> type,
        BiFunction<GardenId, UUID, Optional<T>> find,
        BiConsumer<GardenId, T> insert,
        BiFunction<GardenId, T, Boolean> update) {}
