package evencistern.server.tank;

import evencistern.caution.Caution;
import evencistern.fault.Faults;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.server.dose.StepWire;
import evencistern.server.typed.Typed;
import evencistern.tank.DeviceCurve;
import evencistern.tank.FlowTest;
import evencistern.tank.Injector;
import evencistern.tank.Siphon;
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
    private static final double ALL = 100;

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

    /**
     * A jar that fills up with water as it gives its feed away.
     *
     * @param feed litres of feed that are given from one filling
     * @param weakest share of the first strength that is still good enough, %
     */
    record SiphonAsk(TankAsk.Setting setting, Typed ratio, Typed jar, Typed feed, Typed weakest) {}

    /** What is left of its strength after so much feed, and after how much it is filled anew. */
    record SiphonAnswer(double leftPercent, double litresUntil) {}

    @PostMapping("/siphon")
    SiphonAnswer siphon(@RequestBody SiphonAsk ask) {
        Faults faults = new Faults();
        Optional<Injector> set = faults.attempt(() -> ask.setting().injector(ask.ratio()));
        double jar = ask.jar().read("siphon.jar", faults, Dimension.VOLUME);
        double feed = ask.feed().read("siphon.feed", faults, Dimension.VOLUME);
        double weakest = ask.weakest().read("siphon.share", faults, Dimension.FRACTION);
        faults.throwIfAny();
        Siphon siphon = new Siphon(jar, set.orElseThrow());
        return new SiphonAnswer(siphon.strengthAfter(feed) * ALL, siphon.litresUntil(weakest / ALL));
    }

    /** A setting of the dial, and how many litres of feed one of stock made there. */
    record PointAsk(Typed setting, Typed ratio) {}

    /** What was measured over the dial, and the ratio that is wanted. */
    record CurveAsk(List<PointAsk> points, Typed wanted) {}

    /** The setting of the dial; absent where the ratio lies outside what was measured. */
    record CurveAnswer(@Nullable Double setting) {}

    @PostMapping("/curve")
    CurveAnswer curve(@RequestBody CurveAsk ask) {
        Faults faults = new Faults();
        List<DeviceCurve.Point> points = ask.points().stream()
                .map(p -> new DeviceCurve.Point(
                        p.setting().read("curve.setting", faults, Dimension.NUMBER),
                        p.ratio().read("curve.ratio", faults, Dimension.NUMBER)))
                .toList();
        double wanted = ask.wanted().read("dilution_factor", faults, Dimension.NUMBER);
        faults.throwIfAny();
        OptionalDouble setting = new DeviceCurve(points).settingFor(wanted);
        return new CurveAnswer(setting.isPresent() ? setting.getAsDouble() : null);
    }
}
