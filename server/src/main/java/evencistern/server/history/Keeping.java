package evencistern.server.history;

import evencistern.server.GardenId;
import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** How one kind of thing is read and written, any number of them at once. */
public interface Keeping<T extends Owned> {
    /** As it is named in the history: lot, feed, water. */
    String kind();

    Class<T> type();

    /** Those of these that there are. */
    List<T> find(GardenId garden, Collection<UUID> ids);

    /** Adds new things, each as version 1. */
    void insert(GardenId garden, List<T> things);

    /** Writes over the versions the things name and counts them up; answers those whose version is gone. */
    List<T> update(GardenId garden, List<T> things);
}
