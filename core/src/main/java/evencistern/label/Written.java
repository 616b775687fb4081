package evencistern.label;

/** A unit as written, before it is known whose gallon or spoon it is. */
enum Written {
    GRAM,
    KILOGRAM,
    MILLIGRAM,
    POUND,
    OUNCE,
    MILLILITRE,
    CENTILITRE,
    DECILITRE,
    LITRE,
    DROP,
    TEASPOON,
    DESSERTSPOON,
    TABLESPOON,
    CUP,
    FLUID_OUNCE,
    PINT,
    QUART,
    GALLON,
    CUBIC_METRE,
    CUBIC_FOOT,
    CUBIC_YARD,
    BUSHEL,
    INCH,
    FOOT,
    METRE,
    CENTIMETRE,
    MILLIMETRE,
    SQUARE_METRE,
    SQUARE_FOOT,
    SQUARE_YARD,
    /** A cap, scoop or handful of the product's own. */
    OWN;

    /** Whether it is the same everywhere and needs no question. */
    boolean sure() {
        return switch (this) {
            case GRAM, KILOGRAM, MILLIGRAM, MILLILITRE, CENTILITRE, DECILITRE, LITRE -> true;
            default -> false;
        };
    }

    boolean weighs() {
        return switch (this) {
            case GRAM, KILOGRAM, MILLIGRAM, POUND, OUNCE -> true;
            default -> false;
        };
    }
}
