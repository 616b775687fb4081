package evencistern.wish;

import evencistern.units.Unit;
import java.util.Locale;

/** What can be wished of a mix, in the unit of its limits. */
public enum Quality {
    /** Of the pot, drained. */
    AIR(Unit.PER_CENT, 95, 5, 0),
    /** Water in the pot, drained. */
    CAPACITY(Unit.PER_CENT, 95, 5, 0),
    /** Of that, what roots can take. */
    AVAILABLE(Unit.PER_CENT, 95, 5, 0),
    /** The pot as it is lifted after watering. */
    WET_KG(Unit.KILOGRAM, 1000, 0, 0.1),
    PH(Unit.PH_UNIT, 9, 0.3, 0),
    EC(Unit.MILLISIEMENS_PER_CM, 20, 0.3, 0),
    /** Share of organic matter in what is put in. */
    ORGANIC(Unit.PER_CENT, 100, 10, 0),
    /** Years it keeps its structure, wetted and dried in turn. */
    LIFE(Unit.YEAR, 99, 0.5, 0),
    /** Of a litre of mix, in the garden's money. */
    COST(Unit.ONE, 1e6, 0, 0.1);

    private final Unit unit;
    private final double most;
    private final double step;
    private final double stepShare;

    Quality(Unit unit, double most, double step, double stepShare) {
        this.unit = unit;
        this.most = most;
        this.step = step;
        this.stepShare = stepShare;
    }

    public Unit unit() {
        return unit;
    }

    /** The greatest limit that makes sense. */
    public double most() {
        return most;
    }

    /** How far from a limit counts as well clear of it, about as well as the tables know; common practice, no source. */
    double near(double limit) {
        return Math.max(step + stepShare * limit, 1e-6);
    }

    /** Whether it depends on the volume that comes of the parts, and not on their shares alone. */
    boolean ofTheMixed() {
        return switch (this) {
            case AIR, CAPACITY, AVAILABLE, WET_KG, COST -> true;
            case PH, EC, ORGANIC, LIFE -> false;
        };
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
