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
    HECTOLITRE,
    DROP,
    TEASPOON,
    DESSERTSPOON,
    TABLESPOON,
    /** T or t alone. */
    LETTER_T,
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
            case GRAM, KILOGRAM, MILLIGRAM, MILLILITRE, CENTILITRE, DECILITRE, LITRE, HECTOLITRE -> true;
            default -> false;
        };
    }

    boolean weighs() {
        return switch (this) {
            case GRAM, KILOGRAM, MILLIGRAM, POUND, OUNCE -> true;
            default -> false;
        };
    }

    /** How many there are of the unit that it is counted in: a litre, a cubic foot, a teaspoon; 1 where it is that unit. */
    double parts() {
        return switch (this) {
            case CENTILITRE -> 0.01;
            case DECILITRE -> 0.1;
            case HECTOLITRE -> 100;
            case DESSERTSPOON -> 2;
            case CUBIC_YARD -> 27;
            default -> 1;
        };
    }
}
