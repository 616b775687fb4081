package evencistern.pot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.working.Working;
import java.util.List;

/** The straight-sided taper that round and square pots share. */
final class Taper {
    static final double SMALLEST_M = 0.005; // a plug's cell
    static final double LARGEST_M = 2;

    private Taper() {}

    static void check(double topM, double baseM, double heightM) {
        Faults faults = new Faults();
        faults.within("pot.top", topM, SMALLEST_M, LARGEST_M, "m");
        faults.within("pot.base", baseM, SMALLEST_M, LARGEST_M, "m");
        faults.within("pot.height", heightM, SMALLEST_M, LARGEST_M, "m");
        if (baseM > topM) {
            faults.add(new Fault(
                    FaultCode.BASE_WIDER_THAN_TOP, "pot.base", Double.toString(baseM), Double.toString(topM), "m"));
        }
        faults.throwIfAny();
    }

    static double widthAt(double topM, double baseM, double heightM, double aboveFloorM) {
        return baseM + (topM - baseM) * aboveFloorM / heightM;
    }

    /** h/3·(A + √(A·a) + a) for the areas of top and base; m³ to L. */
    static double frustumLitres(double upperArea, double lowerArea, double heightM) {
        return 1000 * heightM / 3 * (upperArea + Math.sqrt(upperArea * lowerArea) + lowerArea);
    }

    static List<Working.Input> measures(double topM, double baseM, double heightM) {
        return List.of(
                PotShape.length("top", topM, "top"),
                PotShape.length("base", baseM, "base"),
                PotShape.length("height", heightM, "height"));
    }

    /** The two ways across and the depth of a pot with upright walls. */
    static void checkUpright(double lengthM, double widthM, double heightM) {
        Faults faults = new Faults();
        faults.within("pot.top", lengthM, SMALLEST_M, LARGEST_M, "m");
        faults.within("pot.across", widthM, SMALLEST_M, LARGEST_M, "m");
        faults.within("pot.height", heightM, SMALLEST_M, LARGEST_M, "m");
        faults.throwIfAny();
    }

    static List<Working.Input> uprightMeasures(double lengthM, double widthM, double heightM) {
        return List.of(
                PotShape.length("length", lengthM, "top"),
                PotShape.length("width", widthM, "across"),
                PotShape.length("height", heightM, "height"));
    }
}
