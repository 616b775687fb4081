package evencistern.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Collects the faults of one input, to be thrown together. Checks are written so that NaN fails them. */
public final class Faults {
    private final List<Fault> found = new ArrayList<>();

    public void add(Fault fault) {
        found.add(fault);
    }

    public void add(FaultCode code, String field, String value) {
        found.add(Fault.of(code, field, value));
    }

    /** Notes a fault unless {@code min <= value <= max}; returns the value either way. */
    public double within(String field, double value, double min, double max, String unit) {
        if (!(value >= min)) {
            found.add(new Fault(FaultCode.TOO_SMALL, field, plain(value), plain(min), unit));
        } else if (!(value <= max)) {
            found.add(new Fault(FaultCode.TOO_LARGE, field, plain(value), plain(max), unit));
        }
        return value;
    }

    /** Notes a fault where the text is blank or longer than {@code max} characters; returns it stripped. */
    public String text(String field, String value, int max) {
        String stripped = value.strip();
        if (stripped.isEmpty()) {
            add(FaultCode.MISSING, field, "");
        } else if (stripped.length() > max) {
            found.add(new Fault(
                    FaultCode.TOO_LONG, field, Integer.toString(stripped.length()), Integer.toString(max), ""));
        }
        return stripped;
    }

    /** Makes a thing, or notes all the faults with which it refuses to be made. */
    public <T> Optional<T> attempt(Supplier<T> make) {
        try {
            return Optional.of(make.get());
        } catch (FaultException e) {
            found.addAll(e.faults());
            return Optional.empty();
        }
    }

    public boolean any() {
        return !found.isEmpty();
    }

    public List<Fault> list() {
        return List.copyOf(found);
    }

    /** Throws all of them, if there are any. */
    public void throwIfAny() {
        if (any()) {
            throw new FaultException(found);
        }
    }

    /** Refuses a value outside {@code min..max} at once; for constructors that guard an invariant. */
    public static double require(String field, double value, double min, double max, String unit) {
        Faults faults = new Faults();
        faults.within(field, value, min, max, unit);
        faults.throwIfAny();
        return value;
    }

    /** A number as a fault carries it: six figures, no exponent. */
    public static String plain(double value) {
        return Double.isFinite(value)
                ? new java.math.BigDecimal(value)
                        .round(new java.math.MathContext(6))
                        .stripTrailingZeros()
                        .toPlainString()
                : Double.toString(value);
    }
}
