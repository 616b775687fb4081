package evencistern.server.history;

import java.util.UUID;

/** A thing a garden owns and a person may edit. Its version counts the edits; retired things are kept, out of the way. */
public interface Owned {
    UUID id();

    int version();

    boolean retired();
}
