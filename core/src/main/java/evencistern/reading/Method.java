package evencistern.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.Arrays;
import java.util.Locale;

/** How a reading was taken, which decides what it can say. */
public enum Method {
    /** The pen in the can: what goes in, not how the roots stand. */
    CAN,
    /** The last of what drains at a normal watering: shows a trend. */
    RUNOFF,
    /** Distilled water pushes out what stands among the roots. */
    POUR_THROUGH,
    /** One part of mix in two parts of distilled water. */
    EXTRACT,
    /** Mix stirred to a paste with distilled water and sucked off. */
    PASTE,
    /** The pot stood in plain water, whose pH is taken before and after. */
    SOAK;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it says how the roots stand, against a band. */
    public boolean judged() {
        return this != CAN;
    }

    /** Whether its EC says anything of the roots: what a soak dissolves depends on how much water it was. */
    public boolean saysEc() {
        return this != SOAK && this != CAN;
    }

    /** The method with this id; any other word is refused. */
    public static Method require(String id) {
        return Arrays.stream(values())
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "reading.method", id)));
    }
}
