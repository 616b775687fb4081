package evencistern.label;

import evencistern.units.Unit;

/** How a label measures its product: by mass in grams, or by volume in millilitres. */
public enum Measure {
    GRAMS(Unit.GRAM, Unit.GRAM_PER_LITRE),
    MILLILITRES(Unit.MILLILITRE, Unit.MILLILITRE_PER_LITRE);

    private final Unit unit;
    private final Unit perLitre;

    Measure(Unit unit, Unit perLitre) {
        this.unit = unit;
        this.perLitre = perLitre;
    }

    /** What an amount is told in. */
    public Unit unit() {
        return unit;
    }

    /** What a strength is told in. */
    public Unit perLitre() {
        return perLitre;
    }
}
