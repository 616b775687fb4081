package evencistern.feed;

import evencistern.fault.Faults;

/** What a dose is to reach. */
public sealed interface Target {

    /**
     * As hungry as the plant is, within the label's range.
     *
     * @param place 0 at the lowest of the range, 1 at the highest
     */
    record ByAppetite(double place) implements Target {
        public ByAppetite {
            Faults.require("appetite", place, 0, 1, "");
        }
    }

    /** A share of the label's top rate, above 0. */
    record OfLabel(double share) implements Target {}

    /** Why a feed is weaker than it would be, with its name in a formula and where its share comes from. */
    enum Why {
        DRY_AIR("dry air", "place:humidity"),
        SEEDLING("seedling", "lot:seedling"),
        SLOW_GROWTH("growth", "species:growth"),
        READING("reading", "lot:reading");

        private final String symbol;
        private final String from;

        Why(String symbol, String from) {
            this.symbol = symbol;
            this.from = from;
        }

        String symbol() {
            return symbol;
        }

        String from() {
            return from;
        }
    }

    /**
     * Another target, weakened.
     *
     * @param share of its strength, above 0 and at most 1
     */
    record Weakened(Target target, double share, Why why) implements Target {
        public Weakened {
            Faults.require("share", share * 100, 1, 100, "%");
        }
    }

    /** This target at a share of its strength; itself where that is all of it. */
    default Target weakened(double share, Why why) {
        return share < 1 ? new Weakened(this, share, why) : this;
    }

    /** So much nitrogen, mg/L, above 0. */
    record Nitrogen(double mgPerL) implements Target {}

    /**
     * The food of the label's own rhythm, given in another one.
     *
     * @param place in the label's range, 0–1
     * @param labelDays between feeds as the label has it, 0.2–730
     * @param days between feeds as they are to be, 0.2–730
     */
    record SameFood(double place, double labelDays, double days) implements Target {
        public SameFood {
            Faults faults = new Faults();
            faults.within("label_days", labelDays, 0.2, 730, "d");
            faults.within("days", days, 0.2, 730, "d");
            faults.throwIfAny();
        }
    }
}
