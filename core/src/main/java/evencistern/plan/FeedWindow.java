package evencistern.plan;

import evencistern.food.Portion;
import evencistern.label.Rhythm;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.plant.Appetite;
import evencistern.round.RoundCalendar;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The days on which a lot may be fed.
 *
 * <p><b>Answers</b> from which day to which is this lot's next feed, and what is it like after that?
 * <p><b>Formula</b> next: last feed + shortest to last feed + longest, where it is ready by then, else from the longest until a
 * quarter of that after it is ready; preferred: when it is ready by itself. Free are days on which the pot is at least half
 * dry and nothing holds the feed back
 * <p><b>Units</b> days from today
 * <p><b>Valid for</b> lots fed in a rhythm of days; those fed with every watering have no choice of days; of several feeds the one
 * that comes most often
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
        if (s.species().appetite() == Appetite.NONE) {
            return Optional.empty();
        }
        return s.courses().stream()
                .filter(c -> !c.over(today))
                .map(s::of)
                .filter(its -> window(its).isPresent())
                .min(Comparator.comparing(its -> window(its).orElseThrow().max()))
                .map(its -> of(key, its, window(its).orElseThrow(), today, from, horizon));
    }

    private static Optional<Rhythm.EveryDays> window(Situation its) {
        return its.feed()
                .map(f -> Portion.rhythm(f, its))
                .filter(Rhythm.EveryDays.class::isInstance)
                .map(Rhythm.EveryDays.class::cast);
    }

    private static RoundCalendar.Lot of(
            String key, Situation s, Rhythm.EveryDays window, LocalDate today, int from, int horizon) {
        LocalDate end = today.plusDays(horizon);
        long free = 0;
        OptionalInt own = OptionalInt.empty();
        LocalDate before = s.lastWatered().orElse(s.startedOn());
        DaysAhead ahead = DaysAhead.of(s, today, List.of());
        for (DaysAhead.Watering next = ahead.next(); before.isBefore(end); next = ahead.next()) {
            free |= dryEnough(before, next.on(), s, today, from, horizon);
            if (next.turn().isPresent() && own.isEmpty()) {
                own = OptionalInt.of((int) ChronoUnit.DAYS.between(today, next.on()));
            }
            before = next.on();
        }
        if (s.lastFed().isEmpty()) {
            int first = Math.max(from, own.orElse(horizon));
            return new RoundCalendar.Lot(
                    key, first, first + window.max() - window.min(), window.min(), window.max(), window.min(), free);
        }
        int ago = (int) ChronoUnit.DAYS.between(s.lastFed().get(), today);
        int ready = own.orElse(horizon);
        int least = ago + ready <= window.max() ? window.min() : window.max();
        int first = Math.max(from, least - ago);
        int label = window.max() - ago;
        // what is late already waits no longer
        int later = ready > from ? ready + (int) DaysAhead.leeway(window) : from;
        int last = Math.max(first, ready > label ? later : label);
        int most = Math.max(window.max(), last + ago);
        return new RoundCalendar.Lot(key, first, last, least, most, Math.max(least, Math.min(most, ready + ago)), free);
    }

    /** Of the days from one watering to the next those on which a pot is at least half dry and nothing holds feed back. */
    private static long dryEnough(
            LocalDate before, LocalDate next, Situation s, LocalDate today, int from, int horizon) {
        long free = 0;
        long gap = ChronoUnit.DAYS.between(before, next);
        for (long d = gap; d > 0 && d >= gap * DaysAhead.HALF_DRY; d--) {
            LocalDate day = before.plusDays(d);
            long at = ChronoUnit.DAYS.between(today, day);
            if (at >= from && at < horizon && !rarer(day, s) && Hold.on(day, s).isEmpty()) {
                free |= 1L << at;
            }
        }
        return free;
    }

    /** Whether the label feeds less often in the month of a day, and that time is not yet over. */
    private static boolean rarer(LocalDate day, Situation s) {
        return s.lastFed()
                .filter(f -> day.isBefore(f.plusDays(Turn.labelDays(day, s))))
                .isPresent();
    }
}
