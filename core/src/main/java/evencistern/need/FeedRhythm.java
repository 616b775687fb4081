package evencistern.need;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.label.Rhythm;
import java.util.Arrays;
import java.util.Locale;

/**
 * How often a lot is fed: as its label says, or by one of the schools of the trade, at the same food over the weeks. Common
 * practice, no source.
 */
public enum FeedRhythm {
    /** As the label says. */
    LABEL(0, 0),
    /** Weak, with every watering: never salty, never hungry. */
    EVERY_WATERING(0, 0),
    /** Weak, once a week. */
    WEEKLY(6, 8),
    /** Every second week. */
    FORTNIGHTLY(12, 16),
    /** Once a month, at the strength of the label. */
    MONTHLY(26, 32);

    private static final double A_YEAR = 365;

    private final int min;
    private final int max;

    FeedRhythm(int min, int max) {
        this.min = min;
        this.max = max;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The rhythm of this id; an unknown one is refused. */
    public static FeedRhythm require(String id) {
        return Arrays.stream(values())
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "lot.rhythm", id)));
    }

    /** The window this comes to for a feed whose label has its own. */
    public Rhythm over(Rhythm label) {
        return switch (this) {
            case LABEL -> label;
            case EVERY_WATERING -> new Rhythm.EveryWatering();
            default -> new Rhythm.EveryDays(min, max);
        };
    }

    /**
     * Days between feeds in the middle of a window; so many times {@code wateringDays} where it goes by waterings. What is
     * given once at potting is taken for a year's.
     */
    public static double days(Rhythm rhythm, double wateringDays) {
        if (rhythm instanceof Rhythm.Once) {
            return A_YEAR;
        }
        return rhythm instanceof Rhythm.EveryDays d
                ? (d.min() + d.max()) / 2.0
                : ((Rhythm.EveryWatering) rhythm).each() * wateringDays;
    }
}
