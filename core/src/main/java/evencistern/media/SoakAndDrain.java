package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.units.Uncertain;

/**
 * A component or mix measured in a pot on the kitchen table.
 *
 * <p><b>Answers</b> how much water and air does this stuff really hold, and, of a component, which curve does that make?
 * <p><b>Formula</b> air = D/V; capacity = (drained − dry)/(ρ(water)·V); porosity = air + capacity; quick form: porosity = A/V +
 * moisture, capacity = porosity − air; α is fitted to the capacity at this column's height, n and θr stay
 * <p><b>Units</b> V, D, A in L; weights in g; column in cm; fractions of V
 * <p><b>Valid for</b> 0.1–20 L settled, saturated from below, drained one hour; one test is one point of the curve
 * <p><b>Source</b> [COMMON] the pot-and-tape procedure of extension leaflets, from memory; fit as in [MFL1989]
 * <p><b>Checked by</b> SoakAndDrainTest
 */
public final class SoakAndDrain {
    private static final double GRAMS_PER_LITRE = 1000;
    /** How well a jug, a filled pot and a kitchen scale are read, 95 %; from memory. */
    private static final double VOLUME_SHARE = 0.03;

    private static final double CAUGHT_PLUS_MINUS_L = 0.01;
    private static final double WEIGHED_PLUS_MINUS_G = 5;
    /** A guess at the moisture of stuff as bought is good to this. */
    private static final double MOISTURE_PLUS_MINUS = 0.03;

    private SoakAndDrain() {}

    /** The filled pot: settled litres, height of the column, what ran out in an hour. */
    public record Filled(double litres, double columnCm, double drainedLitres) {
        public Filled {
            Faults faults = new Faults();
            faults.within("bench.litres", litres, 0.1, 20, "L");
            faults.within("bench.column", columnCm, 2, 60, "cm");
            faults.within("bench.drained", drainedLitres, 0, litres, "L");
            faults.throwIfAny();
        }
    }

    /** What was measured besides. */
    public sealed interface Second permits Weighed, WaterAdded {}

    /** Net weights of the drained and of the oven-dry stuff. */
    public record Weighed(double drainedGrams, double dryGrams) implements Second {
        public Weighed {
            Faults faults = new Faults();
            faults.within("bench.dry", dryGrams, 1, 50_000, "g");
            faults.within("bench.wet", drainedGrams, dryGrams, 50_000, "g");
            faults.throwIfAny();
        }
    }

    /** Water that went in until it stood at the top, and the water that was in it already, as a share of its volume. */
    public record WaterAdded(double litres, double moisture) implements Second {
        public WaterAdded {
            Faults faults = new Faults();
            faults.within("bench.added", litres, 0.01, 20, "L");
            faults.within("bench.moisture", moisture * 100, 0, 70, "%");
            faults.throwIfAny();
        }
    }

    /** What the pot held, as fractions of its volume. */
    public record Held(Uncertain air, Uncertain capacity, Uncertain porosity) {}

    /**
     * What it comes to for a component.
     *
     * @param hold with the curve fitted to it
     * @param alphaLow,alphaHigh the curve's α at both ends of the capacity's 95 % interval, 1/cm
     */
    public record Result(Held held, Component.Hold hold, double alphaLow, double alphaHigh) {}

    /** What the pot held, of whatever is in it; refused where the numbers cannot be of one pot. */
    public static Held held(Filled pot, Second second) {
        Uncertain perVolume = new Uncertain(
                1 / pot.litres(), Uncertain.plusMinus95(0, VOLUME_SHARE).sd() / pot.litres());
        Uncertain air =
                Uncertain.plusMinus95(pot.drainedLitres(), CAUGHT_PLUS_MINUS_L).times(perVolume);
        Uncertain capacity;
        Uncertain porosity;
        if (second instanceof Weighed w) {
            double each = WEIGHED_PLUS_MINUS_G / GRAMS_PER_LITRE;
            capacity = Uncertain.plusMinus95(w.drainedGrams() / GRAMS_PER_LITRE, each)
                    .plus(Uncertain.plusMinus95(-w.dryGrams() / GRAMS_PER_LITRE, each))
                    .times(perVolume);
            porosity = air.plus(capacity);
        } else {
            WaterAdded a = (WaterAdded) second;
            porosity = Uncertain.plusMinus95(a.litres(), CAUGHT_PLUS_MINUS_L)
                    .times(perVolume)
                    .plus(Uncertain.plusMinus95(a.moisture(), MOISTURE_PLUS_MINUS));
            capacity = porosity.plus(air.times(-1));
        }
        Faults faults = new Faults();
        if (!(porosity.value() <= 0.99)) {
            faults.add(new Fault(
                    FaultCode.PORES_TOO_MANY,
                    "bench.drained",
                    Faults.plain(Math.rint(porosity.value() * 100)),
                    "99",
                    "%"));
        }
        faults.within("bench.capacity", capacity.value() * 100, 0.5, 98, "%");
        faults.throwIfAny();
        return new Held(air, capacity, porosity);
    }

    /** The component as measured; refused where its curve cannot hold so little. */
    public static Result of(Component component, Filled pot, Second second) {
        Held held = held(pot, second);
        Uncertain capacity = held.capacity();
        Uncertain porosity = held.porosity();
        RetentionCurve shape = component.hold().curve();
        Faults faults = new Faults();
        faults.within("bench.capacity", capacity.value() * 100, shape.residual() * 100 + 0.5, 98, "%");
        faults.throwIfAny();
        double unavailable = Math.min(component.hold().unavailable(), capacity.value() * 0.9);
        double half = capacity.halfWidth95();
        Component.Hold hold = Component.Hold.fitted(
                porosity.value(), capacity.value(), pot.columnCm(), unavailable, half, shape.residual(), shape.n());
        return new Result(
                held,
                hold,
                alphaAt(capacity.value() + half, porosity.value(), pot.columnCm(), shape),
                alphaAt(capacity.value() - half, porosity.value(), pot.columnCm(), shape));
    }

    private static double alphaAt(double capacity, double porosity, double columnCm, RetentionCurve shape) {
        double within = Math.min(Math.max(capacity, shape.residual() + 0.002), porosity - 0.002);
        return RetentionCurve.fit(porosity, shape.residual(), shape.n(), within, columnCm)
                .alphaPerCm();
    }
}
