package evencistern.fault;

/**
 * One thing that is wrong, as facts.
 *
 * @param code what kind of fault
 * @param field the input it is about, as a dotted path such as {@code pot.height}
 * @param value what was given, as given; empty where nothing was
 * @param limit the limit it broke, as a plain number or word; empty where there is none
 * @param unit the unit symbol of value and limit; empty where they have none
 */
public record Fault(FaultCode code, String field, String value, String limit, String unit) {

    /** A fault that has neither a limit nor a unit. */
    public static Fault of(FaultCode code, String field, String value) {
        return new Fault(code, field, value, "", "");
    }
}
