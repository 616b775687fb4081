package evencistern.label;

import evencistern.units.Uncertain;

/** What a label tells to give, with its spoons, gallons and ratios resolved; {@code min} and {@code max} of its range. */
public sealed interface Rate
        permits Rate.PerWater,
                Rate.PerSpray,
                Rate.PerPotWidth,
                Rate.PerMix,
                Rate.PerPlant,
                Rate.PerArea,
                Rate.PerHeight {
    double min();

    double max();

    Measure measure();

    /** The label's range as it is meant: anything in it equally likely. */
    default Uncertain range() {
        return Uncertain.uniform(min(), max());
    }

    /** Product per litre of finished feed: g/L or mL/L. */
    record PerWater(double min, double max, Measure measure) implements Rate {}

    /** Product per litre of what is sprayed on the leaves: g/L or mL/L. */
    record PerSpray(double min, double max, Measure measure) implements Rate {}

    /** Product (g or mL) for a pot {@code widthM} wide, scaled in proportion to the width. */
    record PerPotWidth(double min, double max, Measure measure, double widthM) implements Rate {}

    /**
     * Product per litre of growing mix: g/L or mL/L.
     *
     * @param mixedIn whether it goes into the mix before that is filled in, and not on top of it
     */
    record PerMix(double min, double max, Measure measure, boolean mixedIn) implements Rate {
        public PerMix(double min, double max, Measure measure) {
            this(min, max, measure, false);
        }
    }

    /** Product (g or mL) for a plant. */
    record PerPlant(double min, double max, Measure measure) implements Rate {}

    /** Product per square metre of surface: g or mL. */
    record PerArea(double min, double max, Measure measure) implements Rate {}

    /** Product per metre of the plant's height: g or mL. */
    record PerHeight(double min, double max, Measure measure) implements Rate {}
}
