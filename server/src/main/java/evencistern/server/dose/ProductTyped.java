package evencistern.server.dose;

import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;

/** An amount of a product as a person measured it: by weight, or by volume in spoons and millilitres. */
public final class ProductTyped {
    private static final double ML_PER_L = 1000;

    private ProductTyped() {}

    /** The amount in a measure, g or mL; noted at its field where it is neither a weight nor a volume, or beyond 0 to most grams. */
    public static double read(Typed amount, String field, Feed feed, Measure measure, double mostGrams, Faults faults) {
        Faults byWeight = new Faults();
        double grams = amount.read(field, byWeight, Dimension.MASS);
        if (byWeight.any()) {
            grams = amount.read(field, faults, Dimension.VOLUME, Dimension.MASS)
                    * ML_PER_L
                    * feed.gramsPer(Measure.MILLILITRES).value();
        }
        faults.within(field, grams, 0, mostGrams, "g");
        return grams / feed.gramsPer(measure).value();
    }
}
