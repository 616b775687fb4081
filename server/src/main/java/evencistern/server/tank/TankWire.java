package evencistern.server.tank;

import evencistern.server.dose.CareWire;
import evencistern.tank.StockTanks;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One tank; what goes in stands in the order in which it goes in. */
public record TankWire(String named, List<StockedWire> puts, double sharePercent, boolean known, boolean chills) {

    /** A product in its tank. */
    public record StockedWire(
            String name,
            double amount,
            double perLitre,
            String measure,
            @Nullable Double allowed,
            String known,
            String why) {}

    /** A tank as it was reckoned. */
    public static TankWire of(StockTanks.Tank tank) {
        return new TankWire(
                tank.named().id(),
                tank.puts().stream()
                        .map(p -> new StockedWire(
                                p.product().name(),
                                p.amount(),
                                p.perLitre(),
                                CareWire.measureId(p.product().measure()),
                                p.allowedPerLitre().isPresent()
                                        ? p.allowedPerLitre().getAsDouble()
                                        : null,
                                p.known().id(),
                                p.why().id()))
                        .toList(),
                tank.share() * 100,
                tank.known(),
                tank.chills());
    }
}
