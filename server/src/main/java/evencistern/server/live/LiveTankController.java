package evencistern.server.live;

import evencistern.caution.Caution;
import evencistern.chemistry.Formula;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.label.Measure;
import evencistern.server.care.CareWire;
import evencistern.server.care.StepWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.typed.Typed;
import evencistern.tank.FlowTest;
import evencistern.tank.Injector;
import evencistern.tank.StockTanks;
import evencistern.tank.Stocked;
import evencistern.units.Uncertain;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Stock tanks for an injector, worked out as they are typed; nothing is stored. */
@RestController
@RequestMapping("/api/live/tank")
class LiveTankController {

    /** What 1:N means, or per cent. */
    enum Setting {
        one_in,
        one_and,
        percent
    }

    /**
     * A product of the tank.
     *
     * @param perLitre of finished feed: g of a dry product, mL of a liquid one
     * @param limit that its label allows in a litre of stock
     */
    record StockedAsk(
            FeedWire feed, Typed perLitre, @Nullable Typed limit) {}

    /**
     * The tank and its injector.
     *
     * @param coldest night it stands through
     * @param perDay litres of finished feed used in a day
     */
    record TankAsk(
            List<StockedAsk> products,
            Setting setting,
            Typed ratio,
            boolean oneTank,
            Typed litres,
            Typed coldest,
            @Nullable Typed perDay,
            GardenWire.WaterWire water) {}

    /** A product in its tank. */
    record StockedWire(
            String name,
            double amount,
            double perLitre,
            String measure,
            @Nullable Double allowed,
            String known,
            String why) {}

    /** One tank; what goes in stands in the order in which it goes in. */
    record TankWire(String named, List<StockedWire> puts, double sharePercent, boolean known, boolean chills) {}

    /**
     * The stock.
     *
     * @param n mg/L in the finished feed
     * @param timesTooStrong by how much the stock is stronger than what a plant gets
     */
    record TankAnswer(
            double dilutionFactor,
            List<TankWire> tanks,
            @Nullable Double days,
            double n,
            double meter,
            double meterPlusMinus,
            double timesTooStrong,
            List<String> cautions,
            List<StepWire> working) {}

    @PostMapping
    TankAnswer stock(@RequestBody TankAsk ask) {
        Faults faults = new Faults();
        Optional<Injector> injector = faults.attempt(() -> injector(ask.setting(), ask.ratio()));
        double litres = ask.litres().read("tank.litres", faults);
        double coldest = ask.coldest().read("coldest", faults);
        OptionalDouble perDay = Typed.optional(ask.perDay(), "tank.per_day", faults);
        Optional<SourceWater> water = faults.attempt(ask.water()::toWater);
        List<Stocked> products = new ArrayList<>();
        for (StockedAsk one : ask.products()) {
            faults.attempt(() -> stocked(one)).ifPresent(products::add);
        }
        faults.throwIfAny();
        Working.Recorder recorder = new Working.Recorder();
        StockTanks stock =
                StockTanks.of(products, injector.orElseThrow(), ask.oneTank(), litres, coldest, perDay, recorder);
        double ec = water.orElseThrow().ecMsCm();
        Uncertain meter = Uncertain.exact(ec);
        Nutrients sum = Nutrients.NONE;
        for (Stocked p : products) {
            meter = meter.plus(MeterForecast.added(p.feed(), p.perLitre(), p.measure(), ec));
            sum = sum.plus(p.feed().contentsPer(p.measure()).times(p.perLitre()));
        }
        double df = stock.injector().dilutionFactor();
        return new TankAnswer(
                df,
                stock.tanks().stream().map(LiveTankController::wire).toList(),
                stock.daysUntilEmpty().isPresent() ? stock.daysUntilEmpty().getAsDouble() : null,
                sum.n(),
                meter.value(),
                meter.halfWidth95(),
                df,
                Caution.forStock().stream().map(Caution::id).toList(),
                StepWire.all(recorder));
    }

    static Injector injector(Setting setting, Typed ratio) {
        Faults faults = new Faults();
        double n = ratio.read(setting == Setting.percent ? "percent" : "dilution_factor", faults);
        faults.throwIfAny();
        return switch (setting) {
            case one_in -> Injector.oneIn(n);
            case one_and -> Injector.oneAnd(n);
            case percent -> Injector.percent(n);
        };
    }

    private static Stocked stocked(StockedAsk ask) {
        Faults faults = new Faults();
        Optional<Feed> feed = faults.attempt(ask.feed()::toFeed);
        double perLitre = ask.perLitre().read("stock.per_litre", faults);
        OptionalDouble limit = Typed.optional(ask.limit(), "stock.limit", faults);
        faults.throwIfAny();
        boolean dry = ask.feed().form() == FeedWire.Form.dry;
        String formula = ask.feed().formula();
        return new Stocked(
                ask.feed().name(),
                feed.orElseThrow(),
                // g/L are kept as mg/L, mL/L as they are
                dry ? perLitre / 1000 : perLitre,
                dry ? Measure.GRAMS : Measure.MILLILITRES,
                formula == null ? Optional.empty() : Optional.of(Formula.of(formula)),
                limit.isPresent() ? OptionalDouble.of(dry ? limit.getAsDouble() / 1000 : limit.getAsDouble()) : limit);
    }

    static TankWire wire(StockTanks.Tank tank) {
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

    // --- the device itself ---

    /** A bucket filled against the watch. */
    record FlowAsk(Typed bucket, Typed seconds, Typed least) {}

    /** What the tap gives. */
    record FlowAnswer(double litresPerMinute, double least, boolean enough) {}

    @PostMapping("/flow")
    FlowAnswer flow(@RequestBody FlowAsk ask) {
        Faults faults = new Faults();
        double bucket = ask.bucket().read("flow.bucket", faults);
        double seconds = ask.seconds().read("flow.seconds", faults);
        double least = ask.least().read("flow.least", faults);
        faults.throwIfAny();
        FlowTest test = FlowTest.of(bucket, seconds, least);
        return new FlowAnswer(test.litresPerMinute(), test.least(), test.enough());
    }

    /**
     * A run of the injector: by what was drawn, or by the pen.
     *
     * @param forecast what the feed should add to the water, mS/cm
     */
    record RunAsk(
            Setting setting,
            Typed ratio,
            @Nullable Typed feedMade,
            @Nullable Typed stockDrawn,
            @Nullable Typed ecOver,
            @Nullable Double forecast) {}

    /** What it really is. */
    record RunAnswer(
            double set, @Nullable Double byVolume, @Nullable Double byConductivity) {}

    @PostMapping("/run")
    RunAnswer run(@RequestBody RunAsk ask) {
        Faults faults = new Faults();
        Optional<Injector> set = faults.attempt(() -> injector(ask.setting(), ask.ratio()));
        OptionalDouble made = Typed.optional(ask.feedMade(), "run.feed", faults);
        OptionalDouble drawn = Typed.optional(ask.stockDrawn(), "run.stock", faults);
        OptionalDouble ec = Typed.optional(ask.ecOver(), "run.ec", faults);
        faults.throwIfAny();
        Double forecast = ask.forecast();
        return new RunAnswer(
                set.orElseThrow().dilutionFactor(),
                made.isPresent() && drawn.isPresent()
                        ? Double.valueOf(Injector.byVolume(made.getAsDouble(), drawn.getAsDouble())
                                .dilutionFactor())
                        : null,
                ec.isPresent() && forecast != null
                        ? Double.valueOf(set.get()
                                .byConductivity(forecast, ec.getAsDouble())
                                .dilutionFactor())
                        : null);
    }
}
