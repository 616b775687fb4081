package evencistern.pot;

/** The inside of a pot, measured from its floor up. Lengths in metres, areas in m². */
public sealed interface PotShape permits RoundTaper, SquareTaper {

    double heightM();

    /** Inside cross-section at a height above the floor, 0 to {@link #heightM()}. */
    double areaM2(double aboveFloorM);

    /** Inside width (diameter or side) at a height above the floor. */
    double widthM(double aboveFloorM);

    /** Volume from the floor up to a height, in litres. */
    double litresTo(double aboveFloorM);
}
