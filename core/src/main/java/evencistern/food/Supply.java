package evencistern.food;

import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.need.FeedRhythm;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.OptionalInt;

/**
 * What the plan takes of a feed.
 *
 * <p><b>Answers</b> how much of its feed does one pot take in a day?
 * <p><b>Formula</b> product each time / days between: the watering days where
 * the label says every watering, else the middle of its window; nothing is used while a hold lasts
 * <p><b>Units</b> product in the label's measure, g or mL, for a day
 * <p><b>Valid for</b> feeding going on as today; growth, holds and new lots change it, so read it as how it is today; the year ahead sums up what comes
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> SupplyTest
 */
public final class Supply {
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
}
