package evencistern.server.history;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;

/** An edit that began from an older version than the present one; both are told, so that a person can choose. */
public final class StaleException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Fault fault;
    private final transient Owned present;

    StaleException(String kind, int had, Owned present) {
        super(kind + " has moved on from version " + had);
        this.fault = new Fault(FaultCode.STALE, kind, Integer.toString(had), Integer.toString(present.version()), "");
        this.present = present;
    }

    public Fault fault() {
        return fault;
    }

    /** The thing as it is now. */
    public Owned present() {
        return present;
    }
}
