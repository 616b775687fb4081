package evencistern.round;

import evencistern.fault.Faults;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * How water gets to the pots.
 *
 * <p><b>Answers</b> how many cans is that, and would a tank, an injector or a sprayer on the hose be better?
 * <p><b>Formula</b> cans = ⌈litres/can⌉; trips = ⌈cans/2⌉; injector at 1:100: stock = litres/100, strength 100 times the can's;
 * minutes = 1.5·cans + litres/8
 * <p><b>Units</b> L, min
 * <p><b>Valid for</b> one person with two hands; walking and filling 1½ minutes a can, pouring 8 L a minute, ± 50 %
 * <p><b>Source</b> [COMMON] two cans a trip; times typical, from memory [TYPICAL]
 * <p><b>Checked by</b> CarryingTest
 *
 * @param cans to fill
 * @param trips with a can in each hand
 * @param minutes about so long
 * @param tankLitres to mix at once for pump or dipping, where the cans are too many; empty where they are few
 * @param stockLitres for an injector at 1:100, there
 * @param stockPerLitre product in a litre of that stock, in the label's measure, there and where there is feed
 */
public record Carrying(
        int cans,
        int trips,
        double minutes,
        OptionalDouble tankLitres,
        OptionalDouble stockLitres,
        OptionalDouble stockPerLitre) {
    private static final int TOO_MANY = 6;
    private static final double RATIO = 100;
    private static final double MINUTES_A_CAN = 1.5;
    private static final double LITRES_A_MINUTE = 8;
    private static final int HANDS = 2;

    /**
     * For so many litres.
     *
     * @param litres for all pots, 0–1 000 000
     * @param canLitres of the can, 0.1–1 000
     * @param perLitre product in a litre of feed, in the label's measure; empty for plain water
     */
    public static Carrying of(double litres, double canLitres, OptionalDouble perLitre) {
        Faults faults = new Faults();
        faults.within("litres", litres, 0, 1e6, "L");
        faults.within("can", canLitres, 0.1, 1000, "L");
        faults.throwIfAny();
        // a hair over a full can is no further can
        int cans = (int) Math.max(1, Math.ceil(litres / canLitres - 1e-6));
        boolean many = cans > TOO_MANY;
        return new Carrying(
                cans,
                (cans + HANDS - 1) / HANDS,
                MINUTES_A_CAN * cans + litres / LITRES_A_MINUTE,
                many ? OptionalDouble.of(litres) : OptionalDouble.empty(),
                many ? OptionalDouble.of(litres / RATIO) : OptionalDouble.empty(),
                many && perLitre.isPresent()
                        ? OptionalDouble.of(perLitre.getAsDouble() * RATIO)
                        : OptionalDouble.empty());
    }

    /**
     * Which of the cans takes all of it: the smallest that does, and is no larger than the usual one.
     *
     * @param cans litres of each
     * @return its place among them; empty where the usual one is to be taken, as often as it needs
     */
    public static OptionalInt fitting(List<Double> cans, double usualLitres, double litres) {
        return IntStream.range(0, cans.size())
                .filter(i -> cans.get(i) >= litres && cans.get(i) <= usualLitres)
                .boxed()
                .min(Comparator.comparing(cans::get))
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }
}
