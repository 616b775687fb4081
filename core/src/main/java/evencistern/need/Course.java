package evencistern.need;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Terms;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;

/**
 * One feed of a lot's programme, with how much of it, how often and when.
 *
 * <p><b>Answers</b> is this feed given at that time of the year, and at what share of what its label would have?
 * <p><b>Formula</b> given from the day it begins until the day it ends, in its months, and while what it is for lasts
 * <p><b>Units</b> share 0.05–1 of what the lot would get of it alone
 * <p><b>Valid for</b> any feed
 * <p><b>Source</b> [COMMON] growers combine: coated feed at potting, a soluble one in the season, a remedy when it shows
 * <p><b>Checked by</b> CourseTest
 *
 * @param key what it is told apart by in its programme
 * @param share of the strength, or of the amount, that the lot would get if this were its only feed
 * @param whole whether another rhythm than the label's gives back what a limit takes from the label's food
 * @param lastFed when it was last given
 */
public record Course(
        String key, Feed feed, double share, FeedRhythm rhythm, boolean whole, When when, Optional<LocalDate> lastFed) {
    /** Weaker than this nothing is worth its water. */
    public static final double LEAST_SHARE = 0.05;

    private static final double PER_CENT = 100;

    /**
     * When it is given; always, where nothing is said.
     *
     * @param only while the lot goes through this
     * @param begins,ends the first day and the last; an end before the beginning is refused
     */
    public record When(
            Optional<Terms.Season> season,
            Optional<Condition> only,
            Optional<LocalDate> begins,
            Optional<LocalDate> ends) {
        public static final When ALWAYS =
                new When(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        public When {
            Faults faults = new Faults();
            if (begins.isPresent() && ends.filter(e -> e.isBefore(begins.get())).isPresent()) {
                faults.add(new Fault(
                        FaultCode.DATES_REVERSED,
                        "course.ends",
                        ends.get().toString(),
                        begins.get().toString(),
                        ""));
            }
            faults.throwIfAny();
        }

        boolean on(LocalDate day, double latitude, Map<Condition, LocalDate> told) {
            return begins.filter(day::isBefore).isEmpty()
                    && ends.filter(day::isAfter).isEmpty()
                    && season.filter(s -> !s.on(day, latitude)).isEmpty()
                    && only.filter(c -> told.get(c) == null || day.isBefore(told.get(c)))
                            .isEmpty();
        }
    }

    public Course {
        Faults.require("course.share", share * PER_CENT, LEAST_SHARE * PER_CENT, PER_CENT, "%");
    }

    /** With the food that it gets in its label's own rhythm. */
    public Course(String key, Feed feed, double share, FeedRhythm rhythm, When when, Optional<LocalDate> lastFed) {
        this(key, feed, share, rhythm, false, when, lastFed);
    }

    /** A feed that is all a lot gets, always, as its label has it. */
    public static Course alone(Feed feed, Optional<LocalDate> lastFed) {
        return new Course("", feed, 1, FeedRhythm.LABEL, When.ALWAYS, lastFed);
    }

    /** Whether it is given in water, and not beside it. */
    public boolean inWater() {
        return feed.watered();
    }

    /** Whether its last day is over. */
    public boolean over(LocalDate today) {
        return when.ends().filter(today::isAfter).isPresent();
    }

    public Course at(double what) {
        return new Course(key, feed, what, rhythm, whole, when, lastFed);
    }

    public Course in(FeedRhythm what) {
        return new Course(key, feed, share, what, whole, when, lastFed);
    }

    /** The same with all the food of its label, in such a rhythm. */
    public Course wholeIn(FeedRhythm what) {
        return new Course(key, feed, share, what, true, when, lastFed);
    }

    public Course given(Optional<LocalDate> last) {
        return new Course(key, feed, share, rhythm, whole, when, last);
    }
}
