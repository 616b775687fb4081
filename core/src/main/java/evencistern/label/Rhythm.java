package evencistern.label;

/** How often a label says to feed. */
public sealed interface Rhythm permits Rhythm.EveryDays, Rhythm.EveryWatering, Rhythm.Once {

    /** Every so many days, at least and at most. */
    record EveryDays(int min, int max) implements Rhythm {}

    /**
     * With each watering, or with every so many.
     *
     * @param each 1 for every watering, 2 for every second; at most 12
     */
    record EveryWatering(int each) implements Rhythm {
        public EveryWatering() {
            this(1);
        }
    }

    /** Once, at potting; again when it is potted the next time. */
    record Once() implements Rhythm {}
}
