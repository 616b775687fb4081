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

    /** How many times as much the thirstiest of four pots in five drinks as the thriftiest. */
    public double spread() {
        return high / low;
    }

    /** How much surer that would be once the pot is weighed before it is next watered, its factor as likely as now. */
    public Learned weighed() {
        double sd = Math.log(spread()) / (2 * FOUR_IN_FIVE);
        double then = 1 / Math.sqrt(1 / (sd * sd) + 1 / (Learning.WEIGHT_SD * Learning.WEIGHT_SD));
        return new Learned(
                factor, factor * Math.exp(-FOUR_IN_FIVE * then), factor * Math.exp(FOUR_IN_FIVE * then), from + 1);
    }

    public Learned {
        Faults faults = new Faults();
        faults.within("learned.factor", factor, 0.1, 10, "");
        faults.within("learned.low", low, 0.05, factor, "");
        faults.within("learned.high", high, factor, 20, "");
        faults.throwIfAny();
    }
}
