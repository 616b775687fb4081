package evencistern.server.stock;

import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a stock is counted of: a feed, a mix, a component or an additive. */
record Counted(
        @Nullable UUID feedId,
        @Nullable String mix,
        @Nullable String component,
        @Nullable String additive) {

    static Counted of(StockInput input) {
        return new Counted(input.feedId(), input.mix(), input.component(), input.additive());
    }

    static Counted feed(UUID id) {
        return new Counted(id, null, null, null);
    }

    static Counted component(String key) {
        return new Counted(null, null, key, null);
    }

    /** Whether it is of one thing, as it must be. */
    boolean ofOne() {
        return Stream.of(feedId, mix, component, additive)
                        .filter(Objects::nonNull)
                        .count()
                == 1;
    }
}
