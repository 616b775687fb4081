package evencistern.round;

import evencistern.watering.Way;
import java.util.Comparator;

/**
 * Where a piece of work comes on the round.
 *
 * <p><b>Answers</b> in which order are the cans mixed, so that nothing is rinsed and nothing is carried from plant to plant?
 * <p><b>Formula</b> what is well before what is sick; then plain water, a flush, feed from weak to
 * strong, what is strewn, what is sprayed; of each what cans carry, what goes into a tub, what a line brings
 * <p><b>Units</b> strength in product times its nitrogen
 * <p><b>Valid for</b> one round by one person
 * <p><b>Source</b> [COMMON] weakest first, the sick ones last
 * <p><b>Checked by</b> CarryingTest
 *
 * @param sick whether the plant is sick or kept apart
 * @param by how the water comes to the pots
 * @param strength of the feed, 0 for water
 * @param solution what is in the can, in words of its own; cans of one solution are one
 */
public record RoundPlace(boolean sick, Kind kind, By by, double strength, String solution)
        implements Comparable<RoundPlace> {
    /** What is done. */
    public enum Kind {
        WATER,
        FLUSH,
        FEED,
        STREWN,
        SPRAYED;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** How water comes to pots: carried in cans, in a tub or a sprayer that they are brought to, or through a line. */
    public enum By {
        CAN,
        TUB,
        LINE;

        public static By of(Way way) {
            if (way.wetsBareRoots()) {
                return TUB;
            }
            return way.byLine() ? LINE : CAN;
        }

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    private static final Comparator<RoundPlace> ORDER = Comparator.comparing(RoundPlace::sick)
            .thenComparing(RoundPlace::kind)
            .thenComparing(RoundPlace::by)
            .thenComparingDouble(RoundPlace::strength)
            .thenComparing(RoundPlace::solution);

    @Override
    public int compareTo(RoundPlace other) {
        return ORDER.compare(this, other);
    }
}
