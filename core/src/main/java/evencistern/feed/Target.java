package evencistern.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

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

    /** A share of what the label's top rate comes to under the limits, above 0. */
    record OfLabel(double share) implements Target {}

    /** Why a feed is weaker than it would be, with its name in a formula and where its share comes from. */
    enum Why {
        DRY_AIR("dry air", "place:humidity"),
        SEEDLING("seedling", "lot:seedling"),
        SLOW_GROWTH("growth", "species:growth"),
        READING("reading", "lot:reading"),
        RESERVOIR("reservoir", "lot:watering"),
        LABEL("label's share", "feed:terms"),
        PROGRAMME("programme's share", "lot:programme"),
        PERSON("share", "share");

        private final String symbol;
        private final String from;

        Why(String symbol, String from) {
            this.symbol = symbol;
            this.from = from;
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

    /**
     * A target at the share of it that the person chose.
     *
     * @param share above 0 and at most 1, refused otherwise; empty for all of it
     */
    static Target byPerson(Target target, OptionalDouble share) {
        if (share.isEmpty()) {
            return target;
        }
        double percent = share.getAsDouble() * 100;
        if (percent > 100) {
            throw new FaultException(new Fault(FaultCode.ABOVE_LABEL_RATE, "share", Faults.plain(percent), "100", "%"));
        }
        Faults.require("share", percent, 1, 100, "%");
        return target.weakened(share.getAsDouble(), Why.PERSON);
    }

    /** What is weakened. */
    static Target base(Target target) {
        return target instanceof Weakened weak ? base(weak.target()) : target;
    }

    /**
     * By what a target is weakened, each with its share. Dry air and slow growth are one cause: where both weaken, the one
     * that weakens more counts.
     */
    static Map<Why, Double> weakenedBy(Target target) {
        Map<Why, Double> by = new EnumMap<>(Why.class);
        Target left = target;
        while (left instanceof Weakened weak) {
            by.merge(weak.why(), weak.share(), Math::min);
            left = weak.target();
        }
        if (left instanceof OfLabel of && of.share() < 1) {
            by.put(Why.PERSON, of.share());
        }
        if (by.containsKey(Why.DRY_AIR) && by.containsKey(Why.SLOW_GROWTH)) {
            by.remove(by.get(Why.DRY_AIR) < by.get(Why.SLOW_GROWTH) ? Why.SLOW_GROWTH : Why.DRY_AIR);
        }
        return by;
    }

    /** The shares by which a target is weakened, as factors of a formula; each is added to its inputs. */
    static String shares(Target target, List<Working.Input> inputs) {
        StringBuilder shares = new StringBuilder();
        weakenedBy(target).forEach((why, part) -> {
            shares.append("·").append(why.symbol);
            inputs.add(Working.Input.table(why.symbol, part * 100, Unit.PER_CENT, why.from));
        });
        return shares.toString();
    }

    /** The share of the dose that there would be otherwise. */
    static double share(Target target) {
        return weakenedBy(target).values().stream().reduce(1.0, (a, b) -> a * b);
    }

    /** So much nitrogen, mg/L, above 0. */
    record Nitrogen(double mgPerL) implements Target {}

    /** So much salt over the water it is mixed into, as a pen reads it, mS/cm at 25 °C, above 0. */
    record OverWater(double msCm) implements Target {}

    /**
     * The food of the label's own rhythm, given in another one.
     *
     * @param place in the label's range, 0–1
     * @param labelDays between feeds as the label has it, 0.2–730
     * @param days between feeds as they are to be, 0.2–730
     * @param whole whether it is all the label's food, and not only what the limits leave of it in the label's rhythm
     */
    record SameFood(double place, double labelDays, double days, boolean whole) implements Target {
        /** Days between two feeds, at most. */
        public static final double LONGEST = 730;

        public SameFood {
            Faults faults = new Faults();
            faults.within("label_days", labelDays, 0.2, LONGEST, "d");
            faults.within("days", days, 0.2, LONGEST, "d");
            faults.throwIfAny();
        }
    }
}
