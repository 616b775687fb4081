package evencistern.server.stock;

import org.jspecify.annotations.Nullable;

/**
 * A stock with what has become of it, as it goes over the wire.
 *
 * @param unit of all amounts: g, mL or L
 * @param used since it was counted, by the journal
 * @param left never below 0
 * @param usedMore whether the journal says that more was used than was counted
 * @param perWeek what the plan uses in a week; of a mix 0
 * @param weeks that what is left lasts, where anything is being used
 * @param leftCost what is left is worth, in the stock's currency
 */
public record StockWire(
        Stock stock,
        String unit,
        double used,
        double left,
        boolean usedMore,
        double perWeek,
        @Nullable Double weeks,
        @Nullable Double leftCost) {}
