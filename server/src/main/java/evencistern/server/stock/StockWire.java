package evencistern.server.stock;

import org.jspecify.annotations.Nullable;

/**
 * A stock with what has become of it, as it goes over the wire.
 *
 * @param unit of all amounts: g, mL or L
 * @param used since it was counted, by the journal
 * @param left never below 0
 * @param usedMore whether the journal says that more was used than was counted
 * @param leftCost what is left is worth, in the stock's currency
 */
public record StockWire(
        Stock stock,
        String unit,
        double used,
        double left,
        boolean usedMore,
        @Nullable Double leftCost) {}
