package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Terms;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One feed of a lot's programme.
 *
 * @param share per cent of what the lot would get if this were its only feed, 5–100
 * @param rhythm in which it is given, where that is not the label's
 * @param whole whether that rhythm gives back what a limit takes from the label's food
 * @param fromMonth,toMonth 1–12, both counted, in which it is given; both or neither
 * @param only while the lot goes through this
 * @param begins,ends its first day and its last
 */
public record LotCourse(
        UUID feedId,
        int share,
        @Nullable String rhythm,
        @Nullable Boolean whole,
        @Nullable Integer fromMonth,
        @Nullable Integer toMonth,
        @Nullable Condition only,
        @Nullable LocalDate begins,
        @Nullable LocalDate ends) {
    private static final int MOST = 6;
    private static final int ALL = 100;
    private static final int LEAST = 5;
    private static final int YEAR = 12;

    /** A feed that is all a lot gets, always, as its label has it. */
    public static LotCourse alone(UUID feed) {
        return new LotCourse(feed, ALL, null, null, null, null, null, null, null);
    }

    /** The same in another rhythm. */
    public LotCourse in(FeedRhythm what) {
        return new LotCourse(feedId, share, what.id(), null, fromMonth, toMonth, only, begins, ends).tidy();
    }

    /** The same at another share, per cent. */
    public LotCourse at(int what) {
        return new LotCourse(feedId, what, rhythm, whole, fromMonth, toMonth, only, begins, ends);
    }

    /** As it is kept; what is the same as nothing is left out. */
    LotCourse tidy() {
        boolean label = rhythm == null || rhythm.isBlank() || rhythm.equals(FeedRhythm.LABEL.id());
        boolean back = !label && Boolean.TRUE.equals(whole);
        return new LotCourse(
                feedId, share, label ? null : rhythm, back ? true : null, fromMonth, toMonth, only, begins, ends);
    }

    /** Notes what is wrong with a programme: too many feeds, one of them twice, or a course that cannot be. */
    public static void check(List<LotCourse> programme, Faults faults) {
        faults.within("lot.courses", programme.size(), 0, MOST, "");
        if (programme.stream().map(LotCourse::feedId).distinct().count() < programme.size()) {
            faults.add(FaultCode.TWICE_IN_PROGRAMME, "lot.courses", "");
        }
        programme.forEach(c -> c.check(faults));
    }

    private void check(Faults faults) {
        faults.within("course.share", share, LEAST, ALL, "%");
        if (rhythm != null && !rhythm.isBlank()) {
            faults.attempt(() -> FeedRhythm.require(rhythm));
        }
        if (fromMonth != null) {
            faults.within("course.from_month", fromMonth, 1, YEAR, "");
        }
        if (toMonth != null) {
            faults.within("course.to_month", toMonth, 1, YEAR, "");
        }
        if ((fromMonth == null) != (toMonth == null)) {
            faults.add(Fault.of(FaultCode.MISSING, fromMonth == null ? "course.from_month" : "course.to_month", ""));
        }
        faults.attempt(() -> days(Optional.empty()));
    }

    private Course.When days(Optional<Terms.Season> season) {
        return new Course.When(
                season, Optional.ofNullable(only), Optional.ofNullable(begins), Optional.ofNullable(ends));
    }

    /** As the rules plan it. */
    public Course course(Feed feed) {
        return new Course(
                feedId.toString(),
                feed,
                share / (double) ALL,
                rhythm == null ? FeedRhythm.LABEL : FeedRhythm.require(rhythm),
                Boolean.TRUE.equals(whole),
                days(
                        fromMonth == null || toMonth == null
                                ? Optional.empty()
                                : Optional.of(Terms.Season.through(fromMonth, toMonth))),
                Optional.empty());
    }
}
