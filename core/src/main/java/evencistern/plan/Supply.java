package evencistern.plan;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.working.Working;
import java.util.OptionalDouble;

/**
 * How long what is left of a feed lasts.
 *
 * <p><b>Answers</b> is there enough of this feed, and for how many weeks?
 * <p><b>Formula</b> weeks = left / (7 · Σ pots · product each time / days between); days between: the watering days where
 * the label says every watering, else the middle of its window; nothing is used while a hold lasts
 * <p><b>Units</b> product in the label's measure, g or mL; weeks
 * <p><b>Valid for</b> feeding going on as today; growth, holds and new lots change it, so read it as a reminder to buy
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> SupplyTest
 */
public final class Supply {
    private static final double DAYS_PER_WEEK = 7;

    private Supply() {}

    /** What one pot takes in a day on average, in the label's measure; 0 without feed or while feeding is held. */
    public static double perDay(Situation s, LotPlan plan) {
        boolean feeding = plan.nextFeed().filter(f -> !f.binding().holds()).isPresent();
        if (!feeding || s.feed().isEmpty()) {
            return 0;
        }
        Feed feed = s.feed().get();
        double gap = FeedRhythm.days(LotPlan.rhythm(feed, s), plan.days().likely());
        return each(feed, s, plan) / gap;
    }

    private static double each(Feed feed, Situation s, LotPlan plan) {
        if (feed.rate() instanceof Rate.PerWater rate) {
            return strength(feed, rate, s, plan) * plan.need().fullPour(Working.off());
        }
        Rate strewn = feed.rate();
        double label = strewn.min() + s.species().appetite().placeInRange() * (strewn.max() - strewn.min());
        return label * scale(strewn, s);
    }

    /** Product in a litre of the can, in the label's measure. */
    static double strength(Feed feed, Rate.PerWater rate, Situation s, LotPlan plan) {
        return Dose.choose(feed, rate, s.species().cap(), Care.target(feed, s, plan), 0, Working.off())
                .perLitre();
    }

    /**
     * By how much a strewn label's amount is taken for one pot: widths of the label's pot, litres of mix, plants, m², metres
     * of height. A label by height is refused for a plant of which nobody has said how tall it is.
     */
    static double scale(Rate rate, Situation s) {
        if (rate instanceof Rate.PerPotWidth w) {
            return s.pot().shape().labelWidthM() / w.widthM();
        }
        if (rate instanceof Rate.PerPlant) {
            return 1;
        }
        if (rate instanceof Rate.PerHeight) {
            return s.tallM().orElseThrow(() -> new FaultException(Fault.of(FaultCode.LABEL_BY_HEIGHT, "lot.tall", "")));
        }
        return rate instanceof Rate.PerArea ? s.pot().surfaceM2() : s.pot().mixLitres();
    }

    /**
     * Weeks that {@code left} lasts; empty where nothing is being used.
     *
     * @param left in the label's measure, 0 or more
     * @param perDay of all pots together, 0 or more
     */
    public static OptionalDouble weeks(double left, double perDay) {
        Faults faults = new Faults();
        faults.within("stock.amount", left, 0, Double.MAX_VALUE, "");
        faults.within("stock.per_day", perDay, 0, Double.MAX_VALUE, "");
        faults.throwIfAny();
        return perDay > 0 ? OptionalDouble.of(left / perDay / DAYS_PER_WEEK) : OptionalDouble.empty();
    }
}
