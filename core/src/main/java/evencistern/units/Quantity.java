package evencistern.units;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;

/** A number with its unit. */
public record Quantity(double value, Unit unit) {

    public static Quantity of(double value, Unit unit) {
        return new Quantity(value, unit);
    }

    /** The value in the stored unit of its dimension. */
    public double canonical() {
        return unit.toCanonical(value);
    }

    /** The same quantity in another unit of the same dimension; refuses a unit of another kind. */
    public Quantity in(Unit other) {
        if (other.dimension() != unit.dimension()) {
            throw new FaultException(
                    new Fault(FaultCode.UNIT_OF_OTHER_KIND, "unit", unit.symbol(), other.symbol(), unit.symbol()));
        }
        return new Quantity(other.fromCanonical(canonical()), other);
    }
}
