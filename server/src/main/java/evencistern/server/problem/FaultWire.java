package evencistern.server.problem;

import evencistern.fault.Fault;
import evencistern.server.words.Words;
import java.util.Map;

/** One fault as it goes over the wire, with a plain English detail. */
public record FaultWire(String code, String field, String value, String limit, String unit, String detail) {

    private static final int LONGEST = 60;

    /** A sentence keeps its shape, whatever was typed. */
    private static String brief(String value) {
        return value.length() <= LONGEST ? value : value.substring(0, LONGEST) + "…";
    }

    public static FaultWire of(Fault fault, Words words) {
        String id = fault.code().id();
        String detail = words.of(
                "faults",
                id,
                Map.of(
                        "field",
                        words.of("fields", fault.field(), Map.of()),
                        "value",
                        brief(fault.value()),
                        "limit",
                        fault.limit(),
                        "unit",
                        fault.unit()));
        return new FaultWire(id, fault.field(), fault.value(), fault.limit(), fault.unit(), detail.strip());
    }
}
