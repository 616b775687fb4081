package evencistern.label;

import evencistern.fault.Faults;

/** A rate and a rhythm as one plain sentence that reads back as the same. */
public final class InWords {
    private static final double CENTIMETRES = 100;

    private InWords() {}

    /** The sentence, in grams or millilitres, litres, centimetres and days; six figures. */
    public static String of(Rate rate, Rhythm rhythm) {
        String amount = range(rate.min(), rate.max()) + (rate.measure() == Measure.GRAMS ? " g " : " ml ");
        // in water the product itself is meant anyway; on a plant it must be said
        boolean inWater = rate instanceof Rate.PerWater || rate instanceof Rate.PerSpray;
        return (rate instanceof Rate.PerSpray ? "Spray the leaves with " : "")
                + amount
                + (inWater ? "" : "of product ")
                + per(rate)
                + " "
                + often(rhythm);
    }

    private static String range(double min, double max) {
        return Faults.plain(min) + (max > min ? " to " + Faults.plain(max) : "");
    }

    private static String per(Rate rate) {
        if (rate instanceof Rate.PerMix) {
            return "per litre of mix";
        }
        if (rate instanceof Rate.PerPotWidth width) {
            return "per " + Faults.plain(width.widthM() * CENTIMETRES) + " cm pot";
        }
        if (rate instanceof Rate.PerPlant) {
            return "per plant";
        }
        if (rate instanceof Rate.PerArea) {
            return "per square metre";
        }
        return rate instanceof Rate.PerHeight ? "per 100 cm of height" : "per litre of water";
    }

    private static String often(Rhythm rhythm) {
        if (rhythm instanceof Rhythm.EveryDays days) {
            return days.max() == 1 ? "every day" : "every " + range(days.min(), days.max()) + " days";
        }
        if (rhythm instanceof Rhythm.Once) {
            return "once at potting";
        }
        int each = ((Rhythm.EveryWatering) rhythm).each();
        return each == 1 ? "with every watering" : "with every " + each + " waterings";
    }
}
