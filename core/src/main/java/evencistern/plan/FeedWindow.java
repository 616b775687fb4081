package evencistern.plan;

import evencistern.feed.Feed;
import evencistern.label.Rhythm;
import evencistern.plant.Appetite;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * The days on which a lot may be fed.
 *
 * <p><b>Answers</b> from which day to which is this lot's next feed, and what is it like after that?
 * <p><b>Formula</b> next: last feed + shortest to last feed + longest, not before {@code from}; preferred gap: longest − growth ·
 * (longest − shortest); a day on which anything holds the feed back is not free
 * <p><b>Units</b> days from today
 * <p><b>Valid for</b> lots fed in a rhythm of days; those fed with every watering have no choice of days
 * <p><b>Source</b> [COMMON] as in the plan of a lot
 * <p><b>Checked by</b> FeedWindowTest
 */
public final class FeedWindow {
    private FeedWindow() {}

    /**
     * A lot for the calendar; empty where it takes no feed, or takes it with every watering.
     *
     * @param from the first day that may still be chosen, days from today: what is on today's list stays there
     */
    public static Optional<RoundCalendar.Lot> of(String key, Situation s, LocalDate today, int from, int horizon) {
        if (s.feed().isEmpty() || s.species().appetite() == Appetite.NONE) {
            return Optional.empty();
        }
        Feed feed = s.feed().get();
        if (!(LotPlan.rhythm(feed, s) instanceof Rhythm.EveryDays window)) {
            return Optional.empty();
        }
        long free = 0;
        for (int d = from; d < horizon; d++) {
            free |= Hold.on(today.plusDays(d), s).isEmpty() ? 1L << d : 0;
        }
        double growth = Growth.on(today, s.species(), s.place()).factor();
        int preferred = window.max() - (int) Math.round(growth * (window.max() - window.min()));
        int first = from;
        int last = from + window.max() - window.min();
        if (s.lastFed().isPresent()) {
            int ago = (int) ChronoUnit.DAYS.between(s.lastFed().get(), today);
            first = Math.max(from, window.min() - ago);
            last = Math.max(first, window.max() - ago);
        }
        return Optional.of(new RoundCalendar.Lot(
                key, first, last, window.min(), window.max(), Math.max(window.min(), preferred), free));
    }
}
