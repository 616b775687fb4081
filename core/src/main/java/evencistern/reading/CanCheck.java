package evencistern.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The can, checked with the pen before it is poured.
 *
 * <p><b>Answers</b> is what is in this can what I meant to mix?
 * <p><b>Formula</b> Bayes: P(story | reading) ∝ prior · p(reading | story); p is normal about water + k·feed, with the ±
 * of forecast, water and pen together: k = 1 right, 0 not fed, 1.7–2.5 double; wrong product: the other feeds of the shelf
 * at their own label rates; pen or water off: the right reading ± 45 %; none of these: flat over the pen's range
 * <p><b>Units</b> mS/cm at 25 °C; probabilities that sum to 1
 * <p><b>Valid for</b> readings of 0–20 mS/cm; the priors are stated guesses, shown beside the answer
 * <p><b>Source</b> Bayes' theorem; priors [COMMON], no source
 * <p><b>Checked by</b> CanCheckTest
 *
 * @param probability by story
 */
public record CanCheck(Map<Story, Double> probability) {
    private static final double PEN_OFF = 0.45;
    private static final double WATER_SD = 0.08;
    private static final double RANGE = 8;
    private static final double DOUBLE_LOW = 1.7;
    private static final double DOUBLE_HIGH = 2.5;
    private static final double ANOTHER_LOW = 0.2;
    private static final double ANOTHER_HIGH = 4;
    private static final int SLICES = 40;

    /** What may have happened, with how often it does. The priors sum to 1. */
    public enum Story {
        RIGHT(0.72),
        NOT_FED(0.08),
        DOUBLE(0.06),
        WRONG_PRODUCT(0.05),
        PEN_OR_WATER(0.06),
        NONE_OF_THESE(0.03);

        private final double prior;

        Story(double prior) {
            this.prior = prior;
        }

        public double prior() {
            return prior;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public CanCheck {
        probability = Collections.unmodifiableMap(new EnumMap<>(probability));
    }

    /**
     * Weighs the stories.
     *
     * @param reading of the pen, with its ±
     * @param waterMsCm of the water before the feed, 0–5
     * @param added what the feed should add, with its ±
     * @param others what the other products of the shelf would have added
     */
    public static CanCheck of(Uncertain reading, double waterMsCm, Uncertain added, List<Double> others) {
        Faults faults = new Faults();
        faults.within("reading.ec", reading.value(), 0, 20, "mS/cm");
        faults.within("water.ec", waterMsCm, 0, 5, "mS/cm");
        faults.throwIfAny();
        if (reading.value() + reading.halfWidth95() + 2 * WATER_SD * waterMsCm < waterMsCm) {
            throw new FaultException(new Fault(
                    FaultCode.READING_BELOW_WATER,
                    "reading.ec",
                    Faults.plain(reading.value()),
                    Faults.plain(waterMsCm),
                    "mS/cm"));
        }
        double base = Math.hypot(reading.sd(), WATER_SD * waterMsCm);
        double r = reading.value();
        double right = waterMsCm + added.value();
        Map<Story, Double> weight = new EnumMap<>(Story.class);
        weight.put(Story.RIGHT, density(r, right, Math.hypot(base, added.sd())));
        weight.put(Story.NOT_FED, density(r, waterMsCm, base));
        weight.put(Story.DOUBLE, between(r, waterMsCm, added, DOUBLE_LOW, DOUBLE_HIGH, base));
        weight.put(
                Story.WRONG_PRODUCT,
                others.isEmpty()
                        ? between(r, waterMsCm, added, ANOTHER_LOW, ANOTHER_HIGH, base)
                        : others.stream()
                                .mapToDouble(o -> density(r, waterMsCm + o, Math.hypot(base, o * relative(added))))
                                .average()
                                .orElse(0));
        weight.put(Story.PEN_OR_WATER, density(r, right, Math.hypot(base, PEN_OFF * right)));
        weight.put(Story.NONE_OF_THESE, 1 / RANGE);
        double sum = weight.entrySet().stream()
                .mapToDouble(e -> e.getKey().prior() * e.getValue())
                .sum();
        weight.replaceAll((story, p) -> story.prior() * p / sum);
        return new CanCheck(weight);
    }

    private static double relative(Uncertain added) {
        return added.value() > 0 ? added.sd() / added.value() : 0;
    }

    /** Any multiple of the feed between two, all alike. */
    private static double between(double reading, double water, Uncertain added, double low, double high, double base) {
        double sum = 0;
        for (int i = 0; i < SLICES; i++) {
            double k = low + (high - low) * (i + 0.5) / SLICES;
            sum += density(reading, water + k * added.value(), Math.hypot(base, k * added.sd()));
        }
        return sum / SLICES;
    }

    private static double density(double x, double mean, double sd) {
        // a pen's last digit: nothing is known better
        double width = Math.max(sd, 0.005);
        double z = (x - mean) / width;
        return Math.exp(-z * z / 2) / (width * Math.sqrt(2 * Math.PI));
    }

    /** What is most likely. */
    public Story likeliest() {
        return probability.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }
}
