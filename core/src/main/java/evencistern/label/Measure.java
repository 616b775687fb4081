package evencistern.label;

/** How a label measures its product: by mass in grams, or by volume in millilitres. */
public enum Measure {
    GRAMS,
    MILLILITRES
}
