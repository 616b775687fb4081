package evencistern.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A dose and a rhythm as written, before it is settled whose gallon, spoon or ratio is meant. */
final class Draft {
    /** A number or a range of two, as written. */
    record Range(double min, double max) {}

    sealed interface Dose permits Weighed, Ratio, Share {}

    /** What the amount is for. */
    enum Per {
        WATER,
        POT_WIDTH,
        MIX,
        PLANT,
        AREA,
        HEIGHT
    }

    /**
     * An amount of product per volume, width, height, area or plant: {@code 2 tsp per 3 gal}.
     *
     * @param of the unit that is counted; empty for plants
     * @param then what a stock made so is diluted by, where the label is for an injector
     * @param strength whether the amount is called the product itself or a solution of it, where it is called so
     */
    record Weighed(
            Range amount,
            Vocabulary.Written unit,
            Optional<Boolean> heaped,
            Per per,
            double count,
            Optional<Vocabulary.Written> of,
            Optional<Dose> then,
            Optional<Question.Choice> strength)
            implements Dose {}

    /** {@code parts : in}. */
    record Ratio(double parts, double in) implements Dose {}

    /** Per cent of the finished feed. */
    record Share(Range percent) implements Dose {}

    /** Days between feeds; both 0 for every watering. */
    record Often(
            double minDays,
            double maxDays,
            boolean inMonths,
            boolean everyWatering,
            boolean biweekly,
            boolean seasons) {
        static Often days(double min, double max, boolean inMonths) {
            return new Often(min, max, inMonths, false, false, false);
        }

        static Often watering() {
            return new Often(0, 0, false, true, false, false);
        }

        static Often twiceOrEverySecondWeek() {
            return new Often(0, 0, false, false, true, false);
        }
    }

    /** One of the uses on a label. */
    static final class Use {
        String name = "";
        Optional<Dose> dose = Optional.empty();
        Optional<Often> often = Optional.empty();
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

    Optional<Question.Choice> measures = Optional.empty();
}
