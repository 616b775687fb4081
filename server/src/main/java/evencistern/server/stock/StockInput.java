package evencistern.server.stock;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The stock form as it stands on the screen.
 *
 * @param countedOn null for today
 * @param version the version it was changed from; 0 for a new one
 */
public record StockInput(
        UUID id,
        @Nullable UUID feedId,
        @Nullable String mix,
        @Nullable String component,
        @Nullable String additive,
        Typed amount,
        @Nullable LocalDate countedOn,
        @Nullable LocalDate openedOn,
        @Nullable Typed pack,
        @Nullable Typed cost,
        @Nullable String currency,
        int version) {
    private static final double MOST = 1e7;
    private static final int LONGEST_CURRENCY = 8;
    private static final double ML_PER_L = 1000;

    /** The stock it describes, with its amounts in {@code unit}; refused with every fault of every field. */
    Stock read(Unit unit, LocalDate today) {
        Faults faults = new Faults();
        double canonicalToUnit = unit == Unit.MILLILITRE ? ML_PER_L : 1;
        double counted = amount.read("stock.amount", faults, unit.dimension()) * canonicalToUnit;
        OptionalDouble packed = Typed.optional(pack, "stock.pack", faults, unit.dimension());
        OptionalDouble paid = Typed.optional(cost, "stock.cost", faults, Dimension.NUMBER);
        if (!Double.isNaN(counted)) {
            faults.within("stock.amount", counted, 0, MOST, unit.symbol());
        }
        packed.ifPresent(p -> faults.within("stock.pack", p * canonicalToUnit, 0.1, MOST, unit.symbol()));
        paid.ifPresent(c -> faults.within("stock.cost", c, 0, MOST, ""));
        if (paid.isPresent() && packed.isEmpty()) {
            faults.add(FaultCode.MISSING, "stock.pack", "");
        }
        String money = currency == null || currency.isBlank()
                ? null
                : faults.text("stock.currency", currency, LONGEST_CURRENCY);
        past(countedOn, "stock.counted_on", today, faults);
        past(openedOn, "stock.opened_on", today, faults);
        faults.throwIfAny();
        boolean hasPack = packed.isPresent();
        return new Stock(
                id,
                feedId,
                mix,
                component,
                additive,
                counted,
                amount,
                countedOn == null ? today : countedOn,
                openedOn,
                hasPack ? packed.getAsDouble() * canonicalToUnit : null,
                hasPack ? pack : null,
                paid.isPresent() ? paid.getAsDouble() : null,
                money,
                version,
                false);
    }

    private static void past(@Nullable LocalDate day, String field, LocalDate today, Faults faults) {
        if (day != null && day.isAfter(today)) {
            faults.add(FaultCode.TIME_IN_FUTURE, field, day.toString());
        }
    }
}
