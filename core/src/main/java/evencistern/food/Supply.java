package evencistern.food;

import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.need.FeedRhythm;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.OptionalInt;

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

    /**
     * What one pot takes in a day on average of the course it is looked at for, in the label's measure; 0 without feed or
     * while that is held.
     *
     * @param on the day of its next watering
     * @param days between two waterings while it is fed; empty while feeding is held
     */
    public static double perDay(Situation s, WaterNeed need, LocalDate on, OptionalInt days) {
        if (days.isEmpty() || s.feed().isEmpty()) {
            return 0;
        }
        Feed feed = s.feed().get();
        double each = feed.rate() instanceof Rate.PerWater rate
                ? Portion.perLitre(feed, rate, s, on, days.getAsInt()) * need.fullPour(Working.off())
                : Portion.beside(feed, s, on);
        return each / FeedRhythm.days(Portion.rhythm(feed, s), days.getAsInt());
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
