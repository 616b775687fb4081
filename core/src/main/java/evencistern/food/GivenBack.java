package evencistern.food;

import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Situation;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The rhythm that gives back what a limit takes.
 *
 * <p><b>Answers</b> how often must this plant be fed to get all the food of its label, at a strength that it bears?
 * <p><b>Formula</b> the rarest of every second week, every week and every watering in which label · days₂/days₁ is within the
 * ceiling; the food of a month is the label's and never more
 * <p><b>Units</b> days
 * <p><b>Valid for</b> feeds watered on whose label has days between feeds
 * <p><b>Source</b> [COMMON] weak and often
 * <p><b>Checked by</b> GivenBackTest
 */
public final class GivenBack {
    private static final List<FeedRhythm> RAREST_FIRST =
            List.of(FeedRhythm.FORTNIGHTLY, FeedRhythm.WEEKLY, FeedRhythm.EVERY_WATERING);

    private GivenBack() {}

    /**
     * The rhythm; empty where nothing is lost, or none gives it back.
     *
     * @param days between two waterings
     */
    public static Optional<FeedRhythm> rhythm(Feed feed, Rate.PerWater rate, Situation s, LocalDate day, int days) {
        Course course = s.course().orElseThrow();
        double apart = FeedRhythm.days(Portion.rhythm(feed, s), Math.max(1, days));
        if (!Portion.dose(feed, rate, s, day, days).heldBack()) {
            return Optional.empty();
        }
        return RAREST_FIRST.stream()
                .filter(r -> FeedRhythm.days(r.over(feed.rhythm()), Math.max(1, days)) < apart)
                .filter(r -> within(feed, rate, s.with(List.of(course.wholeIn(r))), day, days))
                .findFirst();
    }

    private static boolean within(Feed feed, Rate.PerWater rate, Situation s, LocalDate day, int days) {
        Dose dose = Portion.dose(feed, rate, s, day, days);
        return !dose.heldBack() && !dose.tooWeak();
    }
}
