package evencistern.pot;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
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
 * @param headspace left free below the rim, as a share of the height
 * @param measuredLitres mix volume as measured by the person; it wins over the computed one
 */
public record Pot(
        PotShape shape,
        double headspace,
        OptionalDouble measuredLitres,
        Material material,
        Topping topping,
        Walls walls) {
    public static final double DEFAULT_HEADSPACE = 0.12;
    private static final double SMALLEST_L = 0.001;
    private static final double LARGEST_L = 1500;
    /** Of the computed volume: mix that was pressed, or a pot that is ribbed, footed or half filled. */
    private static final double LEAST_MEASURED = 0.3;
    /** Of what the shape holds to the rim: mix that is heaped, or sides that bulge. */
    private static final double MOST_MEASURED = 1.5;

    public Pot {
        Faults faults = new Faults();
        faults.within("pot.headspace", headspace, 0, 0.5, "");
        if (measuredLitres.isPresent()) {
            faults.within("pot.measured", measuredLitres.getAsDouble(), SMALLEST_L, LARGEST_L, "L");
        }
        faults.throwIfAny();
        Faults.require("pot.volume", shape.litresTo(shape.heightM() * (1 - headspace)), SMALLEST_L, LARGEST_L, "L");
    }

    /** With nothing on the mix, and no sun on its walls. */
    public Pot(PotShape shape, double headspace, OptionalDouble measuredLitres, Material material) {
        this(shape, headspace, measuredLitres, material, Topping.NONE, Walls.SHADED);
    }

    /** The same with something on the mix. */
    public Pot with(Topping what) {
        return new Pot(shape, headspace, measuredLitres, material, what, walls);
    }

    /** The same with sun on its walls. */
    public Pot with(Walls what) {
        return new Pot(shape, headspace, measuredLitres, material, topping, what);
    }

    public static Pot filled(PotShape shape) {
        return new Pot(shape, DEFAULT_HEADSPACE, OptionalDouble.empty(), Material.PLASTIC);
    }

    public static Pot measured(PotShape shape, double litres) {
        return new Pot(shape, DEFAULT_HEADSPACE, OptionalDouble.of(litres), Material.PLASTIC);
    }

    /** Notes a measured volume that this shape can hardly have: one of the two is mistyped. */
    public void checkMeasured(Faults faults) {
        measuredLitres.ifPresent(litres -> faults.within(
                "pot.measured",
                litres,
                LEAST_MEASURED * computedLitres(),
                MOST_MEASURED * shape.litresTo(shape.heightM()),
                "L"));
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
        List<Working.Input> inputs = new ArrayList<>(shape.measures());
        inputs.add(Working.Input.table("headspace", headspace * 100, Unit.PER_CENT, "pot:headspace"));
        double computed = working.step(
                "pot.volume",
                shape.formula(),
                computedLitres(),
                Unit.LITRE,
                "GEOMETRY",
                inputs.toArray(Working.Input[]::new));
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

    /** Width of its top, m. */
    public double acrossM() {
        return shape.widthM(shape.heightM());
    }

    /** Area of the mix that lies open, m². */
    public double surfaceM2() {
        return shape.openM2(mixHeightM());
    }

    /** Area of the wall that the mix stands against, m². */
    public double wettedWallM2() {
        return wallM2(mixHeightM());
    }

    /** Weight of the empty pot, kg; wall and floor by their areas. */
    public double emptyKg() {
        return material.kgPerM2() * (wallM2(shape.heightM()) + shape.areaM2(0));
    }

    private double wallM2(double upToM) {
        int slices = 40;
        double area = 0;
        for (int i = 0; i < slices; i++) {
            area += shape.perimeterM((i + 0.5) / slices * upToM) * upToM / slices;
        }
        return area;
    }
}
