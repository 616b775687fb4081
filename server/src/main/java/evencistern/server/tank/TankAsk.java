package evencistern.server.tank;

import evencistern.chemistry.Formula;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.server.dose.ProductTyped;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.typed.Typed;
import evencistern.tank.Injector;
import evencistern.tank.StockTanks;
import evencistern.tank.Stocked;
import evencistern.units.Dimension;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * The tank and its injector.
 *
 * @param coldest night it stands through
 * @param perDay litres of finished feed used in a day
 */
public record TankAsk(
        List<StockedAsk> products,
        Setting setting,
        Typed ratio,
        boolean oneTank,
        Typed litres,
        Typed coldest,
        @Nullable Typed perDay,
        GardenWire.WaterWire water) {

    /** What 1:N means, or per cent. */
    public enum Setting {
        one_in,
        one_and,
        percent;

        /** The injector that is set so; refused with its fault. */
        public Injector injector(Typed ratio) {
            Faults faults = new Faults();
            double n = this == percent
                    ? ratio.read("percent", faults, Dimension.FRACTION)
                    : ratio.read("dilution_factor", faults, Dimension.NUMBER);
            faults.throwIfAny();
            return switch (this) {
                case one_in -> Injector.oneIn(n);
                case one_and -> Injector.oneAnd(n);
                case percent -> Injector.percent(n);
            };
        }
    }

    /**
     * A product of the tank.
     *
     * @param perLitre of finished feed: by weight, in spoons and millilitres, or in parts per million of its nitrogen
     * @param limit that its label allows in a litre of stock
     */
    public record StockedAsk(
            FeedWire feed, Typed perLitre, @Nullable Typed limit) {
        private Stocked read() {
            Measure measure = feed.form() == FeedWire.Form.dry ? Measure.GRAMS : Measure.MILLILITRES;
            Feed read = feed.toFeed();
            ProductTyped.Strong strong = ProductTyped.Strong.of(read, measure);
            Faults faults = new Faults();
            double each = strong.read(perLitre, "stock.per_litre", faults);
            OptionalDouble most = limit == null || limit.text().isBlank()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(strong.read(limit, "stock.limit", faults));
            faults.throwIfAny();
            String formula = feed.formula();
            return new Stocked(
                    feed.name(),
                    read,
                    each,
                    measure,
                    formula == null ? Optional.empty() : Optional.of(Formula.of(formula)),
                    most);
        }
    }

    /** What it comes to, with the products as they were read. */
    public record Read(StockTanks stock, List<Stocked> products, double litres) {}

    /** Works the stock out; refused with every fault. */
    public Read read(Working working) {
        Faults faults = new Faults();
        Optional<Injector> injector = faults.attempt(() -> setting.injector(ratio));
        double holds = litres.read("tank.litres", faults, Dimension.VOLUME);
        double cold = coldest.read("coldest", faults, Dimension.TEMPERATURE);
        OptionalDouble use = Typed.optional(perDay, "tank.per_day", faults, Dimension.VOLUME);
        List<Stocked> read = new ArrayList<>();
        for (StockedAsk one : products) {
            faults.attempt(one::read).ifPresent(read::add);
        }
        faults.throwIfAny();
        return new Read(StockTanks.of(read, injector.orElseThrow(), oneTank, holds, cold, use, working), read, holds);
    }
}
