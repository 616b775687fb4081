package evencistern.water;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The water before anything is added.
 *
 * @param ecMsCm conductivity at 25 °C, 0–5 mS/cm
 * @param ph 3–11
 * @param alkalinity mg/L as CaCO3, 0–1 000; empty where nobody has measured it
 * @param mgPerL what its report tells, each 0–1 000 mg/L
 * @param kind where it comes from; a softened one is refused, its calcium has been changed for sodium
 */
public record SourceWater(
        double ecMsCm, double ph, OptionalDouble alkalinity, Map<Dissolved, Double> mgPerL, Kind kind) {
    private static final double CA_TO_HARDNESS = 2.497;
    private static final double MG_TO_HARDNESS = 4.118;

    /** Where it comes from. */
    public enum Kind {
        TAP,
        RAIN,
        FILTERED,
        WELL,
        SOFTENED;

        /** Whether it comes out of a pipe of the house and is used when nobody says which. */
        public boolean ofTheHouse() {
            return this == TAP || this == WELL;
        }
    }

    public SourceWater {
        Map<Dissolved, Double> own = new EnumMap<>(Dissolved.class);
        own.putAll(mgPerL);
        mgPerL = Collections.unmodifiableMap(own);
        Faults faults = new Faults();
        faults.within("water.ec", ecMsCm, 0, 5, "mS/cm");
        faults.within("water.ph", ph, 3, 11, "pH");
        alkalinity.ifPresent(a -> faults.within("water.alkalinity", a, 0, 1000, "mg/L CaCO₃"));
        own.forEach((what, mg) -> faults.within("water." + what.id(), mg, 0, 1000, "mg/L"));
        if (kind == Kind.SOFTENED) {
            faults.add(Fault.of(FaultCode.WATER_SOFTENED, "water.kind", ""));
        }
        faults.throwIfAny();
    }

    /** A water of which no more than the two meter readings is known. */
    public static SourceWater of(double ecMsCm, double ph) {
        return new SourceWater(ecMsCm, ph, OptionalDouble.empty(), Map.of(), Kind.TAP);
    }

    /** mg/L of what the report tells; 0 where it does not. */
    public double of(Dissolved what) {
        return mgPerL.getOrDefault(what, 0.0);
    }

    /** Hardness as mg/L CaCO3 from calcium and magnesium (2.497·Ca + 4.118·Mg); empty where neither is told. */
    public OptionalDouble hardness() {
        return mgPerL.containsKey(Dissolved.CA) || mgPerL.containsKey(Dissolved.MG)
                ? OptionalDouble.of(CA_TO_HARDNESS * of(Dissolved.CA) + MG_TO_HARDNESS * of(Dissolved.MG))
                : OptionalDouble.empty();
    }
}
