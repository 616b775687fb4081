package evencistern.fault;

import java.util.List;

/** Carries all faults of an input at once, so that a person mends them in one go. */
public final class FaultException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Fault> faults;

    public FaultException(List<Fault> faults) {
        super(faults.toString());
        this.faults = List.copyOf(faults);
    }

    public FaultException(Fault fault) {
        this(List.of(fault));
    }

    public List<Fault> faults() {
        return faults;
    }
}
