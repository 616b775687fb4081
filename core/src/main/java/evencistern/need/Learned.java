package evencistern.need;

import evencistern.fault.Faults;

/**
 * What a lot's own pots drink, against what is planned for their kind, pot and place.
 *
 * @param factor most likely, 1 as planned
 * @param low,high between which it lies in four lots of five
 * @param from pieces of evidence it rests on
 */
public record Learned(double factor, double low, double high, int from) {
    private static final double FOUR_IN_FIVE = 1.2816;

    /** Nothing learned yet, of a plant whose size is told: the plan is good to about ± 30 %. */
    public static final Learned NOTHING = unlearned(0.24);

    /** Nothing learned yet, where the logarithm of the use has this standard deviation. */
    public static Learned unlearned(double sd) {
        return new Learned(1, Math.exp(-FOUR_IN_FIVE * sd), Math.exp(FOUR_IN_FIVE * sd), 0);
    }

    public Learned {
        Faults faults = new Faults();
        faults.within("learned.factor", factor, 0.1, 10, "");
        faults.within("learned.low", low, 0.05, factor, "");
        faults.within("learned.high", high, factor, 20, "");
        faults.throwIfAny();
    }
}
