package evencistern.server.tank;

import evencistern.caution.Caution;
import evencistern.fault.Faults;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.server.dose.StepWire;
import evencistern.server.typed.Typed;
import evencistern.tank.FlowTest;
import evencistern.tank.Injector;
import evencistern.tank.StockTanks;
import evencistern.tank.Stocked;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import evencistern.water.SourceWater;
import evencistern.working.Working;
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
@RequestMapping("/api/tank")
class TankController {

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
        Working.Recorder recorder = new Working.Recorder();
        SourceWater water = ask.water().toWater();
        TankAsk.Read read = ask.read(recorder);
        StockTanks stock = read.stock();
        double ec = water.ecMsCm();
        Uncertain meter = Uncertain.exact(ec);
        Nutrients sum = Nutrients.NONE;
        for (Stocked p : read.products()) {
            meter = meter.plus(MeterForecast.added(p.feed(), p.perLitre(), p.measure(), ec));
            sum = sum.plus(p.feed().contentsPer(p.measure()).times(p.perLitre()));
        }
        double df = stock.injector().dilutionFactor();
        return new TankAnswer(
                df,
                stock.tanks().stream().map(TankWire::of).toList(),
                stock.daysUntilEmpty().isPresent() ? stock.daysUntilEmpty().getAsDouble() : null,
                sum.n(),
                meter.value(),
                meter.halfWidth95(),
                df,
                Caution.forStock().stream().map(Caution::id).toList(),
                StepWire.all(recorder));
    }

    // --- the device itself ---

    /** A bucket filled against the watch. */
    record FlowAsk(Typed bucket, Typed seconds, Typed least) {}

    /** What the tap gives. */
    record FlowAnswer(double litresPerMinute, double least, boolean enough) {}

    @PostMapping("/flow")
    FlowAnswer flow(@RequestBody FlowAsk ask) {
        Faults faults = new Faults();
        double bucket = ask.bucket().read("flow.bucket", faults, Dimension.VOLUME);
        double seconds = ask.seconds().read("flow.seconds", faults, Dimension.NUMBER);
        double least = ask.least().read("flow.least", faults, Dimension.NUMBER);
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
            TankAsk.Setting setting,
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
        Optional<Injector> set = faults.attempt(() -> ask.setting().injector(ask.ratio()));
        OptionalDouble made = Typed.optional(ask.feedMade(), "run.feed", faults, Dimension.VOLUME);
        OptionalDouble drawn = Typed.optional(ask.stockDrawn(), "run.stock", faults, Dimension.VOLUME);
        OptionalDouble ec = Typed.optional(ask.ecOver(), "run.ec", faults, Dimension.CONDUCTIVITY);
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
