package evencistern.watering;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.Arrays;
import java.util.Locale;

/**
 * One of the ways in which a pot gets its water.
 *
 * <p>What does not stay in the pot runs through it and carries salt along, or with a mist falls beside it.
 */
public enum Way {
    TOP(0.15, true),
    /** Stood in water for some minutes, then lifted out. */
    FROM_BELOW(0, false),
    /** Always in water, as plants of bogs are. */
    STANDING(0, false),
    /** A self-watering pot, or a wick that leads up from a vessel. */
    RESERVOIR(0, false),
    /** Clay balls over water, with a gauge. */
    CLAY_BALLS(0, false),
    /** Put under water for some minutes, then hung up to dry. */
    DUNKED(0, true),
    MISTED(0.5, false),
    DRIP(0.15, true),
    /** From sprinklers above a bench or a bed. */
    OVERHEAD(0.15, true);

    private final double lost;
    private final boolean rinses;

    Way(double lost, boolean rinses) {
        this.lost = lost;
        this.rinses = rinses;
    }

    /** Share of what is given that does not stay in the pot, where it can run away. */
    double lost() {
        return lost;
    }

    /** Whether water runs through the pot and takes salt along. */
    boolean rinses() {
        return rinses;
    }

    /** Whether water stands ready beside the mix, which stays moist from it until it is used up. */
    public boolean stores() {
        return this == STANDING || this == RESERVOIR || this == CLAY_BALLS;
    }

    /** Whether it wets roots and leaves that hang in the air, so that no mix is needed. */
    public boolean wetsBareRoots() {
        return this == DUNKED || this == MISTED;
    }

    /** Whether a line brings the water, and nobody carries it. */
    public boolean byLine() {
        return this == DRIP || this == OVERHEAD;
    }

    /** How feed comes to a pot that gets plain water in this way: it is carried where a line brings the water. */
    public Way ofFeed() {
        return byLine() ? TOP : this;
    }

    /** The way of this id; an unknown one is refused. */
    public static Way named(String id) {
        return Arrays.stream(values())
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "lot.way", id)));
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
