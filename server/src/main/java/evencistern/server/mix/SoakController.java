package evencistern.server.mix;

import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.media.SoakAndDrain;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to a component soaked and drained in a pot, as it is being typed. */
@RestController
@RequestMapping("/api/mix")
class SoakController {
    private static final double PER_CENT = 100;

    /**
     * The pot-and-tape test as typed so far: either both weights, or the water added with the moisture there was.
     *
     * @param litres settled in the pot; {@code column} its height; {@code drained} what ran out in an hour
     */
    record SoakAsk(
            ComponentWire component,
            Typed litres,
            Typed column,
            Typed drained,
            @Nullable Typed wet,
            @Nullable Typed dry,
            @Nullable Typed added,
            @Nullable Typed moisture) {}

    /** What it comes to: per cent of the volume with ± (95 %), the curve's α in 1/cm with its range. */
    record SoakWire(
            double air,
            double airPlusMinus,
            double capacity,
            double capacityPlusMinus,
            double porosity,
            double porosityPlusMinus,
            double columnCm,
            double alpha,
            double alphaLow,
            double alphaHigh,
            double alphaBefore) {}

    @PostMapping("/soak")
    SoakWire soak(@RequestBody SoakAsk ask) {
        Faults faults = new Faults();
        double litres = ask.litres().read("bench.litres", faults, Dimension.VOLUME);
        double column = Unit.CENTIMETRE.fromCanonical(ask.column().read("bench.column", faults, Dimension.LENGTH));
        double drained = ask.drained().read("bench.drained", faults, Dimension.VOLUME);
        OptionalDouble wet = Typed.optional(ask.wet(), "bench.wet", faults, Dimension.MASS);
        OptionalDouble dry = Typed.optional(ask.dry(), "bench.dry", faults, Dimension.MASS);
        OptionalDouble added = Typed.optional(ask.added(), "bench.added", faults, Dimension.VOLUME);
        OptionalDouble moisture = Typed.optional(ask.moisture(), "bench.moisture", faults, Dimension.FRACTION);
        boolean weighed = wet.isPresent() || dry.isPresent();
        require(weighed ? wet : added, weighed ? "bench.wet" : "bench.added", faults);
        require(weighed ? dry : moisture, weighed ? "bench.dry" : "bench.moisture", faults);
        Optional<Component> component = faults.attempt(ask.component()::toComponent);
        faults.throwIfAny();
        SoakAndDrain.Second second = weighed
                ? new SoakAndDrain.Weighed(wet.orElseThrow(), dry.orElseThrow())
                : new SoakAndDrain.WaterAdded(added.orElseThrow(), moisture.orElseThrow() / PER_CENT);
        SoakAndDrain.Result r =
                SoakAndDrain.of(component.orElseThrow(), new SoakAndDrain.Filled(litres, column, drained), second);
        return new SoakWire(
                r.air().value() * PER_CENT,
                r.air().halfWidth95() * PER_CENT,
                r.capacity().value() * PER_CENT,
                r.capacity().halfWidth95() * PER_CENT,
                r.porosity().value() * PER_CENT,
                r.porosity().halfWidth95() * PER_CENT,
                column,
                r.hold().curve().alphaPerCm(),
                r.alphaLow(),
                r.alphaHigh(),
                component.orElseThrow().hold().curve().alphaPerCm());
    }

    private static void require(OptionalDouble value, String field, Faults faults) {
        if (value.isEmpty()) {
            faults.add(evencistern.fault.FaultCode.MISSING, field, "");
        }
    }
}
