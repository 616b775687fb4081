package evencistern.server.pot;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.pot.Basket;
import evencistern.pot.Box;
import evencistern.pot.Material;
import evencistern.pot.Mount;
import evencistern.pot.Oval;
import evencistern.pot.Pot;
import evencistern.pot.PotShape;
import evencistern.pot.RoundTaper;
import evencistern.pot.SquareTaper;
import evencistern.pot.Topping;
import evencistern.pot.UsualProportions;
import evencistern.pot.Walls;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A pot as typed; inside measures.
 *
 * @param top the opening: diameter or side; the longer way of a box or tray; how wide a mount is
 * @param base of a round, square or plug pot; as such pots usually have it where it is blank
 * @param height as such pots usually have it where it is blank
 * @param across the shorter way of a box or tray; how thick the moss lies on a mount
 * @param topping what lies on the mix; nothing where it is absent
 * @param walls how dark they are that the sun shines on; shaded where it is absent
 * @param gap left free below the rim, as a length or in per cent of the height
 */
public record PotInput(
        Shape shape,
        Typed top,
        @Nullable Typed base,
        @Nullable Typed height,
        @Nullable Typed across,
        @Nullable Typed measured,
        @Nullable Typed gap,
        @Nullable Material material,
        @Nullable Topping topping,
        @Nullable Walls walls) {
    private static final String PER_CENT = "%";

    /** What kind of pot it is. */
    public enum Shape {
        round,
        square,
        box,
        oval,
        bag,
        basket,
        plug,
        mount;

        boolean tapers() {
            return this == round || this == square || this == plug;
        }

        boolean upright() {
            return this == box || this == oval || this == mount;
        }

        UsualProportions usual() {
            return switch (this) {
                case round, square -> UsualProportions.TAPERED;
                case plug -> UsualProportions.CELL;
                case bag -> UsualProportions.BAG;
                case basket -> UsualProportions.BASKET;
                case box, oval -> UsualProportions.TROUGH;
                case mount -> UsualProportions.MOUNT;
            };
        }
    }

    /** A pot as it was kept. */
    public static PotInput of(Shape shape, Map<String, Typed> typed, Material material, Topping topping, Walls walls) {
        return new PotInput(
                shape,
                Objects.requireNonNull(typed.get("top")),
                typed.get("base"),
                typed.get("height"),
                typed.get("across"),
                typed.get("measured"),
                typed.get("gap"),
                material,
                topping == Topping.NONE ? null : topping,
                walls == Walls.SHADED ? null : walls);
    }

    /** What was typed, by field. */
    public Map<String, Typed> typed() {
        Map<String, Typed> typed = TypedFields.of("top", top);
        TypedFields.and(typed, "base", base);
        TypedFields.and(typed, "height", height);
        TypedFields.and(typed, "across", across);
        TypedFields.and(typed, "measured", measured);
        return TypedFields.and(typed, "gap", gap);
    }

    /** Inside measures, m, and measured litres, as far as its shape has them. */
    public record Measures(
            double topM,
            @Nullable Double baseM,
            double heightM,
            @Nullable Double acrossM,
            @Nullable Double litres) {}

    /** Refused where the measures make no pot. */
    public Measures measures() {
        Pot pot = toPot();
        PotShape form = pot.shape();
        return new Measures(
                form.widthM(form.heightM()),
                shape.tapers() ? form.widthM(0) : null,
                form.heightM(),
                across(form),
                pot.measuredLitres().isPresent() ? pot.measuredLitres().getAsDouble() : null);
    }

    private static @Nullable Double across(PotShape form) {
        if (form instanceof Box b) {
            return b.acrossM();
        }
        return form instanceof Oval o ? Double.valueOf(o.acrossM()) : form instanceof Mount m ? m.acrossM() : null;
    }

    /** Without what does not belong to its shape, and without blanks. */
    public PotInput tidy() {
        return new PotInput(
                shape,
                top,
                shape.tapers() && !blank(base) ? base : null,
                blank(height) ? null : height,
                shape.upright() ? across : null,
                blank(measured) ? null : measured,
                blank(gap) || shape == Shape.mount ? null : gap,
                material == null ? Material.PLASTIC : material,
                topping == Topping.NONE || shape == Shape.mount ? null : topping,
                walls == Walls.SHADED || shape == Shape.mount ? null : walls);
    }

    private static boolean blank(@Nullable Typed typed) {
        return typed == null || typed.text().isBlank();
    }

    /** The pot for the rules; every field that cannot be read or is out of range is told at once. */
    public Pot toPot() {
        Faults faults = new Faults();
        double topM = top.read("pot.top", faults, Dimension.LENGTH);
        UsualProportions usual = shape.usual();
        double baseM = shape.tapers() ? told(base, "pot.base", usual.baseM(topM), faults) : 0;
        double acrossM = shape.upright() ? required(across, "pot.across", faults) : 0;
        double heightM = told(height, "pot.height", usual.heightM(shape.upright() ? acrossM : topM), faults);
        OptionalDouble litres = Typed.optional(measured, "pot.measured", faults, Dimension.VOLUME);
        double headspace = headspace(heightM, faults);
        faults.throwIfAny();
        PotShape inside = switch (shape) {
            case round -> new RoundTaper(topM, baseM, heightM);
            case square, plug -> new SquareTaper(topM, baseM, heightM);
            case box -> new Box(topM, acrossM, heightM);
            case oval -> new Oval(topM, acrossM, heightM);
            case bag -> new RoundTaper(topM, topM, heightM);
            case basket -> new Basket(topM, heightM);
            case mount -> new Mount(topM, acrossM, heightM);
        };
        return new Pot(
                inside,
                headspace,
                litres,
                material == null ? Material.PLASTIC : material,
                topping == null ? Topping.NONE : topping,
                walls == null ? Walls.SHADED : walls);
    }

    private static double told(@Nullable Typed typed, String field, double usual, Faults faults) {
        return typed == null || blank(typed) ? usual : typed.read(field, faults, Dimension.LENGTH);
    }

    private static double required(@Nullable Typed typed, String field, Faults faults) {
        if (typed == null) {
            faults.add(FaultCode.MISSING, field, "");
            return Double.NaN;
        }
        return typed.read(field, faults, Dimension.LENGTH);
    }

    private double headspace(double heightM, Faults faults) {
        if (shape == Shape.mount) {
            return 0;
        }
        if (gap == null || blank(gap)) {
            return Pot.DEFAULT_HEADSPACE;
        }
        boolean share = gap.text().contains(PER_CENT)
                || (gap.unit().equals(PER_CENT) && gap.text().chars().noneMatch(Character::isLetter));
        if (share) {
            return new Typed(gap.text(), PER_CENT).read("pot.headspace", faults, Dimension.FRACTION) / 100;
        }
        String shown = gap.unit().equals(PER_CENT) ? "cm" : gap.unit();
        return new Typed(gap.text(), shown).read("pot.headspace", faults, Dimension.LENGTH) / heightM;
    }
}
