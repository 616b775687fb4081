package evencistern.plant;

import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What is told of a kind of plant, trait by trait, and by whom. Told in layers: the group's, then what the species has of
 * its own, then what a garden changed, then what holds for one lot. Repeating what was told already changes nothing.
 */
public final class Traits {
    /** Who told a trait. */
    public enum Teller {
        GROUP,
        SPECIES,
        GARDEN,
        LOT
    }

    /** One trait as it was told, read once: rules ask for it day by day. */
    private record Told(String text, double number, List<String> words, Teller teller) {
        static Told of(Trait trait, String text, Teller teller) {
            return trait.isNumber()
                    ? new Told(text, Double.parseDouble(text), List.of(), teller)
                    : new Told(text, Double.NaN, Trait.split(text), teller);
        }
    }

    private final Map<Trait, Told> told;

    private Traits(Map<Trait, Told> told) {
        this.told = told;
    }

    /** The traits of a group; refused where one is missing. */
    static Traits ofGroup(Map<Trait, String> texts) {
        Traits traits = new Traits(new EnumMap<>(Trait.class)).over(texts, Teller.GROUP);
        List<Trait> missing = new ArrayList<>(List.of(Trait.values()));
        missing.removeAll(traits.told.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalStateException("groups.csv does not tell " + missing);
        }
        return traits;
    }

    /** These with some told anew; refused with every fault. */
    public Traits over(Map<Trait, String> texts, Teller teller) {
        Faults faults = new Faults();
        Map<Trait, Told> all = new EnumMap<>(Trait.class);
        all.putAll(told);
        texts.forEach((trait, text) -> trait.read(text, faults).ifPresent(kept -> {
            Told before = all.get(trait);
            if (before == null || !before.text().equals(kept)) {
                all.put(trait, Told.of(trait, kept, teller));
            }
        }));
        faults.throwIfAny();
        Traits traits = new Traits(all);
        traits.check(faults);
        faults.throwIfAny();
        return traits;
    }

    /** What holds between traits. */
    private void check(Faults faults) {
        faults.within(Trait.PH_HIGH.field(), number(Trait.PH_HIGH), number(Trait.PH_LOW), 9, "pH");
        faults.within(Trait.FULL.field(), number(Trait.FULL), number(Trait.BASE) + 1, 35, "°C");
        faults.within(Trait.LIGHT_HIGH.field(), number(Trait.LIGHT_HIGH), number(Trait.LIGHT_LOW), 70, "mol/m²/d");
        faults.within(
                Trait.REST_ABOVE.field(), number(Trait.REST_ABOVE), number(Trait.FULL), Trait.REST_ABOVE.high(), "°C");
    }

    private Told told(Trait trait) {
        return Objects.requireNonNull(told.get(trait));
    }

    /** As it is kept: a number in the trait's unit, a word, or words joined by {@code +}. */
    public String text(Trait trait) {
        return told(trait).text();
    }

    /** In the trait's unit. */
    public double number(Trait trait) {
        return told(trait).number();
    }

    public Teller teller(Trait trait) {
        return told(trait).teller();
    }

    public boolean is(Trait trait, String word) {
        return told(trait).words().contains(word);
    }

    /** The words of a trait of several; empty for none. */
    public List<String> words(Trait trait) {
        return is(trait, "none") ? List.of() : told(trait).words();
    }
}
