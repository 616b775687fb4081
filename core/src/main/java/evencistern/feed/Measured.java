package evencistern.feed;

import evencistern.label.Measure;
import java.util.List;

/**
 * An amount as a hand can measure it.
 *
 * @param exact what was wanted, in g or mL
 * @param practical what the tools below give, in the same measure
 * @param pieces the spoons to fill, or one weighing
 * @param errorPercent practical against exact; negative is weaker
 */
public record Measured(double exact, double practical, Measure measure, List<Piece> pieces, double errorPercent) {

    /** What is put in: what the tools give, or all that was wanted where that is too little for them and is measured otherwise. */
    public double given() {
        return practical > 0 ? practical : exact;
    }

    /** What a piece is measured with. */
    public enum Tool {
        TABLESPOON,
        TEASPOON,
        HALF_TEASPOON,
        QUARTER_TEASPOON,
        EIGHTH_TEASPOON,
        SCALE,
        SYRINGE
    }

    /** So many (or so much) of one tool: spoons as a number, a scale in g, a syringe in mL. */
    public record Piece(Tool tool, double count) {}
}
