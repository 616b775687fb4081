package evencistern.pot;

import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.List;

/** The inside of a pot, measured from its floor up. Lengths in metres, areas in m². */
public sealed interface PotShape permits RoundTaper, SquareTaper, Slab, Oval, Basket {

    double heightM();

    /** Inside cross-section at a height above the floor, 0 to {@link #heightM()}. */
    double areaM2(double aboveFloorM);

    /** Inside width as the section is drawn: diameter, side, or the longer way. */
    double widthM(double aboveFloorM);

    /** Length of the wall around the cross-section at a height above the floor. */
    double perimeterM(double aboveFloorM);

    /** Volume from the floor up to a height, in litres. */
    double litresTo(double aboveFloorM);

    /** What of its mix, filled to a height, lies open to the air above, m². */
    default double openM2(double filledM) {
        return areaM2(filledM);
    }

    /** The width by which a label's rate for a pot so wide is scaled: that of the square or circle with its opening. */
    default double labelWidthM() {
        return widthM(heightM());
    }

    /** The formula of the volume, as the working shows it. */
    String formula();

    /** What was measured, as the working shows it. */
    List<Working.Input> measures();

    /** A length as typed into a field of the pot. */
    static Working.Input length(String symbol, double metres, String field) {
        return Working.Input.typed(symbol, metres * 100, Unit.CENTIMETRE, "pot." + field);
    }
}
