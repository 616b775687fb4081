package evencistern.server.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A thing that ships with the program and that a garden may lay its own change over. */
public interface Laid<T> extends Owned {
    /** Key of the shipped thing; absent for the garden's own. */
    @Nullable
    String shipped();

    /** As it ships, at the version of a change that was put away, so that it can be changed again. */
    T at(int version);

    /** Shipped things under the garden's changes, then its own; a change that was put away shows what ships again. */
    static <T extends Laid<T>> List<T> over(List<T> shipped, List<T> own) {
        Map<UUID, T> changes = own.stream().collect(Collectors.toMap(Owned::id, t -> t));
        List<T> all = new ArrayList<>();
        for (T s : shipped) {
            T change = changes.remove(s.id());
            all.add(change == null ? s : change.retired() ? s.at(change.version()) : change);
        }
        own.stream().filter(t -> changes.containsKey(t.id())).forEach(all::add);
        return all;
    }
}
