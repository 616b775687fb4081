package evencistern.server.problem;

import evencistern.fault.Fault;
import java.util.Map;

/** One fault as it goes over the wire, with a plain English detail. */
public record FaultWire(String code, String field, String value, String limit, String unit, String detail) {

    public static FaultWire of(Fault fault, Words words) {
        String id = fault.code().id();
        String detail = words.of(
                "faults",
                id,
                Map.of(
                        "field",
                        words.of("fields", fault.field(), Map.of()),
                        "value",
                        fault.value(),
                        "limit",
                        fault.limit(),
                        "unit",
                        fault.unit()));
        return new FaultWire(id, fault.field(), fault.value(), fault.limit(), fault.unit(), detail.strip());
    }
}
