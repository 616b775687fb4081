package evencistern.label;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A dose and a rhythm as written, before it is settled whose gallon, spoon or ratio is meant. */
final class Draft {
    /** A number or a range of two, as written. */
    record Range(double min, double max) {
        Range times(double factor) {
            return new Range(min * factor, max * factor);
        }
    }

    /** So much of a unit as written, and whose unit it is where that is said. */
    record Amount(Range range, Written unit, Optional<Boolean> heaped, Optional<Question.Choice> measures) {}

    sealed interface Dose permits Weighed, Ratio, Share, Target {}

    /** What the amount is for. */
    enum Per {
        WATER,
        POT_WIDTH,
        MIX,
        POTFUL,
        MIX_WEIGHT,
        ROW,
        PLANT,
        AREA,
        HEIGHT
    }

    /**
     * An amount of product per volume, width, height, area or plant: {@code 2 tsp per 3 gal}.
     *
     * @param same what stands beside the amount in brackets as the same in other units
     * @param of the unit that is counted; empty for plants
     * @param sameOf the same beside what is counted
     * @param then what a stock made so is diluted by, where the label is for an injector
     * @param strength whether the amount is called the product itself or a solution of it, where it is called so
     */
    record Weighed(
            Amount amount,
            Optional<Amount> same,
            Per per,
            double count,
            Optional<Written> of,
            Optional<Amount> sameOf,
            Optional<Dose> then,
            Optional<Question.Choice> strength)
            implements Dose {
        /** Another amount per the same. */
        Weighed with(Amount another) {
            return new Weighed(another, Optional.empty(), per, count, of, sameOf, then, strength);
        }

        Weighed then(Dose dose) {
            return new Weighed(amount, same, per, count, of, sameOf, Optional.of(dose), strength);
        }
    }

    /** {@code parts : in}; where said, whether the parts of water come on top. */
    record Ratio(Range parts, double in, Optional<Question.Choice> kind) implements Dose {}

    /** Per cent of the finished feed. */
    record Share(Range percent) implements Dose {}

    /** Milligrams in a litre of finished feed; what of is empty where only "ppm" is said. */
    record Target(Range mgPerL, Optional<String> of) implements Dose {}

    /** Days between feeds, or so many waterings from one to the next; all 0 where neither is told. */
    record Often(double minDays, double maxDays, boolean inMonths, int waterings, boolean biweekly, boolean seasons) {
        static Often days(double min, double max, boolean inMonths) {
            return new Often(min, max, inMonths, 0, false, false);
        }

        static Often waterings(int each) {
            return new Often(0, 0, false, each, false, false);
        }

        static Often twiceOrEverySecondWeek() {
            return new Often(0, 0, false, 0, true, false);
        }
    }

    /** One of the uses on a label. */
    static final class Use {
        String name = "";
        Optional<Dose> dose = Optional.empty();
        /** The same dose said a second time in brackets. */
        Optional<Dose> also = Optional.empty();

        /** Whether the dose makes a stock, many times too strong for a plant until it is thinned. */
        boolean stock;

        /** How much of what was made up is poured, and on what. */
        Optional<Weighed> poured = Optional.empty();

        Optional<Often> often = Optional.empty();
        /** Whether its dose is only an amount and a volume that stand in the same label, of which nobody said that they belong together. */
        boolean paired;
        /** Whether it is drawn from a stock by an injector. */
        boolean injected;
        /** Whether it is said to be mixed into something. */
        boolean mixedIn;
        /** Whether it is said to be given once, at potting. */
        boolean once;
        /** No more than this. */
        Optional<Dose> most = Optional.empty();
        /** At least so many days lie between two feeds, by what else is said; 0 where nothing is. */
        double leastDays;

        Terms terms = Terms.NONE;
        /** The dose times this is meant: "at half strength". */
        double factor = 1;
        /** Whether it is for the leaves and not for the roots. */
        boolean foliar;
        /** Whether it holds a number that neither dose nor rhythm uses. */
        boolean numberLeft;

        Optional<Often> often() {
            return often;
        }
    }

    /** At least one. */
    final List<Use> uses = new ArrayList<>();

    /** What one of a measure holds, the product's own or a spoon, as the label says. */
    final Map<Written, Amount> defined = new EnumMap<>(Written.class);

    Optional<Question.Choice> measures = Optional.empty();
}
