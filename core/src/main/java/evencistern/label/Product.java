package evencistern.label;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What of a product its directions must be read with.
 *
 * @param ownMl what its own cap, scoop or handful holds, mL; asked for where the label counts in it and does not say
 * @param holds what is in it, for a label that says how many ppm to make; empty where nobody has told its analysis
 */
public record Product(ProductForm form, OptionalDouble ownMl, Optional<Holds> holds) {
    /** Milligrams of the elements nitrogen, phosphorus and potassium in a gram of it, or in a millilitre of a liquid. */
    public record Holds(double nMg, double pMg, double kMg) {}

    /** One of which nothing more is known. */
    public static Product of(ProductForm form) {
        return new Product(form, OptionalDouble.empty(), Optional.empty());
    }
}
