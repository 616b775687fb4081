package evencistern.plant;

import java.util.Locale;

/** How badly a plant harms who eats or chews it. What nobody told of is treated as harmful. */
public enum Poison {
    NONE_KNOWN,
    IRRITANT,
    UNKNOWN,
    HARMFUL,
    MAY_KILL;

    /** Who may come to harm. */
    public enum Eater {
        PEOPLE(Trait.POISON_PEOPLE),
        DOGS(Trait.POISON_DOGS),
        CATS(Trait.POISON_CATS);

        private final Trait trait;

        Eater(Trait trait) {
            this.trait = trait;
        }
    }

    /** What is told of a kind of plant for one of them. */
    static Poison of(Traits traits, Eater eater) {
        return valueOf(traits.text(eater.trait).toUpperCase(Locale.ROOT));
    }

    public boolean worseThan(Poison other) {
        return compareTo(other) > 0;
    }
}
