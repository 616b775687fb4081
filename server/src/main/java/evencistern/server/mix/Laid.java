package evencistern.server.mix;

import evencistern.server.history.Owned;
import org.jspecify.annotations.Nullable;

/** A thing that ships with the program and that a garden may lay its own change over. */
interface Laid<T> extends Owned {
    /** Key of the shipped thing; absent for the garden's own. */
    @Nullable
    String shipped();

    /** As it ships, at the version of a change that was put away, so that it can be changed again. */
    T at(int version);
}
