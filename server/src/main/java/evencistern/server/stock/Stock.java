package evencistern.server.stock;

import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What there was of a feed, a mix, a component or an additive when it was counted; one of the four is given.
 *
 * @param amount g of a dry feed or an additive, mL of a liquid one, L of a mix or a component, loose
 * @param countedOn the day, before its work
 * @param pack what one pack holds, in the same unit
 * @param cost of one pack
 */
public record Stock(
        UUID id,
        @Nullable UUID feedId,
        @Nullable String mix,
        @Nullable String component,
        @Nullable String additive,
        double amount,
        Typed amountTyped,
        LocalDate countedOn,
        @Nullable LocalDate openedOn,
        @Nullable Double pack,
        @Nullable Typed packTyped,
        @Nullable Double cost,
        @Nullable String currency,
        int version,
        boolean retired)
        implements Owned {}
