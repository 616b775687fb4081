package evencistern.server.mix;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.SoakAndDrain;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to a component or a mix soaked and drained in a pot, as it is being typed. */
@RestController
@RequestMapping("/api/mix")
class SoakController {
    private static final double PER_CENT = 100;

    /**
     * The pot-and-tape test as typed so far: either both weights, or the water added with the moisture there was.
     *
     * @param component what was in the pot; {@code mix} instead where it was one
     * @param litres settled in the pot; {@code column} its height; {@code drained} what ran out in an hour
     */
    record SoakAsk(
            @Nullable ComponentWire component,
            @Nullable MixAsk mix,
            Typed litres,
            Typed column,
            Typed drained,
            @Nullable Typed wet,
            @Nullable Typed dry,
            @Nullable Typed added,
            @Nullable Typed moisture) {}

    /** A component's α in 1/cm as it was, and as fitted with its range. */
    record AlphaWire(double before, double now, double low, double high) {}

    /**
     * What it comes to: per cent of the volume with ± (95 %).
     *
     * @param alpha of a component
     * @param of of a mix, the parts that were in it
     */
    record SoakWire(
            double air,
            double airPlusMinus,
            double capacity,
            double capacityPlusMinus,
            double porosity,
            double porosityPlusMinus,
            double columnCm,
            @Nullable AlphaWire alpha,
            @Nullable List<SoakedMix.SoakedShare> of) {}

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
        Optional<Component> component =
                Optional.ofNullable(ask.component()).flatMap(c -> faults.attempt(c::toComponent));
        Optional<Mix> mix = Optional.ofNullable(ask.mix()).flatMap(m -> faults.attempt(m::toMix));
        if (ask.component() == null && ask.mix() == null) {
            faults.add(FaultCode.MISSING, "mix.component", "");
        }
        faults.throwIfAny();
        SoakAndDrain.Second second = weighed
                ? new SoakAndDrain.Weighed(wet.orElseThrow(), dry.orElseThrow())
                : new SoakAndDrain.WaterAdded(added.orElseThrow(), moisture.orElseThrow() / PER_CENT);
        SoakAndDrain.Filled pot = new SoakAndDrain.Filled(litres, column, drained);
        SoakAndDrain.Held held = SoakAndDrain.held(pot, second);
        AlphaWire alpha = component.map(c -> alpha(c, pot, second)).orElse(null);
        return new SoakWire(
                held.air().value() * PER_CENT,
                held.air().halfWidth95() * PER_CENT,
                held.capacity().value() * PER_CENT,
                held.capacity().halfWidth95() * PER_CENT,
                held.porosity().value() * PER_CENT,
                held.porosity().halfWidth95() * PER_CENT,
                column,
                alpha,
                mix.map(SoakedMix::sharesOf).orElse(null));
    }

    private static AlphaWire alpha(Component component, SoakAndDrain.Filled pot, SoakAndDrain.Second second) {
        SoakAndDrain.Result r = SoakAndDrain.of(component, pot, second);
        return new AlphaWire(
                component.hold().curve().alphaPerCm(), r.hold().curve().alphaPerCm(), r.alphaLow(), r.alphaHigh());
    }

    private static void require(OptionalDouble value, String field, Faults faults) {
        if (value.isEmpty()) {
            faults.add(FaultCode.MISSING, field, "");
        }
    }
}
