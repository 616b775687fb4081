package evencistern.pot;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.OptionalDouble;

/**
 * A pot as filled: its shape, the gap left below the rim, and the mix volume if somebody measured it.
 *
 * <p><b>Answers</b> how many litres of mix are in this pot?
 * <p><b>Formula</b> V = shape volume up to (1 − headspace)·height; a measured volume takes its place
 * <p><b>Units</b> headspace as a fraction of the height; L
 * <p><b>Valid for</b> headspace 0–0.5; 0.001–1500 L of mix
 * <p><b>Source</b> [COMMON] 10–15 % of the height is left free for watering
 * <p><b>Checked by</b> PotTest
 *
 * @param measuredLitres mix volume as measured by the person; it wins over the computed one
 */
public record Pot(PotShape shape, double headspace, OptionalDouble measuredLitres) {
    public static final double DEFAULT_HEADSPACE = 0.12;
    private static final double SMALLEST_L = 0.001;
    private static final double LARGEST_L = 1500;

    public Pot {
        Faults faults = new Faults();
        faults.within("pot.headspace", headspace, 0, 0.5, "");
        if (measuredLitres.isPresent()) {
            faults.within("pot.measured", measuredLitres.getAsDouble(), SMALLEST_L, LARGEST_L, "L");
        }
        faults.throwIfAny();
        Faults.require("pot.volume", shape.litresTo(shape.heightM() * (1 - headspace)), SMALLEST_L, LARGEST_L, "L");
    }

    public static Pot filled(PotShape shape) {
        return new Pot(shape, DEFAULT_HEADSPACE, OptionalDouble.empty());
    }

    public static Pot measured(PotShape shape, double litres) {
        return new Pot(shape, DEFAULT_HEADSPACE, OptionalDouble.of(litres));
    }

    /** Height of the mix above the floor, m. */
    public double mixHeightM() {
        return shape.heightM() * (1 - headspace);
    }

    public double computedLitres() {
        return shape.litresTo(mixHeightM());
    }

    /** Litres of mix: the measured volume where there is one, else the computed. */
    public double mixLitres() {
        return measuredLitres.orElse(computedLitres());
    }

    /** The same, with its working. */
    public double mixLitres(Working working) {
        double top = shape.widthM(shape.heightM());
        String formula = shape instanceof RoundTaper ? "V = π·h/3·(R² + R·r + r²)" : "V = h/3·(S² + S·s + s²)";
        double computed = working.step(
                "pot.volume",
                formula,
                computedLitres(),
                Unit.LITRE,
                "GEOMETRY",
                typed("top", top * 100, Unit.CENTIMETRE, "pot.top"),
                typed("base", shape.widthM(0) * 100, Unit.CENTIMETRE, "pot.base"),
                typed("height", shape.heightM() * 100, Unit.CENTIMETRE, "pot.height"),
                Working.Input.table("headspace", headspace * 100, Unit.PER_CENT, "pot:headspace"));
        if (measuredLitres.isPresent()) {
            double measured = measuredLitres.getAsDouble();
            return working.step(
                    "pot.volume_measured",
                    "V = measured",
                    measured,
                    Unit.LITRE,
                    "TYPED",
                    typed("measured", measured, Unit.LITRE, "pot.measured"),
                    earlier("computed", computed, Unit.LITRE, "pot.volume"));
        }
        return computed;
    }

    /** Area of the mix surface, m². */
    public double surfaceM2() {
        return shape.areaM2(mixHeightM());
    }
}
