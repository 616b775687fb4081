package evencistern.label;

/** How often a label says to feed. */
public sealed interface Rhythm permits Rhythm.EveryDays, Rhythm.EveryWatering {

    /** Every so many days, at least and at most. */
    record EveryDays(int min, int max) implements Rhythm {}

    /** With each watering. */
    record EveryWatering() implements Rhythm {}
}
