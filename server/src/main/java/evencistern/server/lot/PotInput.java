package evencistern.server.lot;

import evencistern.fault.Faults;
import evencistern.pot.Pot;
import evencistern.pot.PotShape;
import evencistern.pot.RoundTaper;
import evencistern.pot.SquareTaper;
import evencistern.server.typed.Typed;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A pot as typed; inside measures. Top and base are diameters of a round pot, sides of a square one. */
public record PotInput(
        Shape shape,
        Typed top,
        Typed base,
        Typed height,
        @Nullable Typed measured) {

    /** What the pot looks like from above. */
    public enum Shape {
        round,
        square
    }

    /** The pot for the rules; every field that cannot be read or is out of range is told at once. */
    public Pot toPot() {
        Faults faults = new Faults();
        double topM = top.read("pot.top", faults);
        double baseM = base.read("pot.base", faults);
        double heightM = height.read("pot.height", faults);
        OptionalDouble litres = Typed.optional(measured, "pot.measured", faults);
        faults.throwIfAny();
        PotShape inside =
                shape == Shape.round ? new RoundTaper(topM, baseM, heightM) : new SquareTaper(topM, baseM, heightM);
        return litres.isPresent() ? Pot.measured(inside, litres.getAsDouble()) : Pot.filled(inside);
    }
}
