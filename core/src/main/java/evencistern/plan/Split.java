package evencistern.plan;

import evencistern.feed.Feed;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.need.Course;
import evencistern.need.Situation;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What the feeds of a programme should come to when one is added.
 *
 * <p><b>Answers</b> at what share is each feed given, so that all together stay within the nitrogen this plant needs?
 * <p><b>Formula</b> over the months in which the added feed gives something: what is in the mix, what is strewn and what is sprayed first, the
 * added one at no more than is needed; the rest of the need is shared out among the feeds in water, each at the same part of what
 * it was; rounded down to quarters, nought where nothing is left
 * <p><b>Units</b> share 0–1 of what each would give alone
 * <p><b>Valid for</b> feeds with nitrogen; what brings none stays as it is
 * <p><b>Source</b> [COMMON] beads feed the roots from below, the can makes up what is missing
 * <p><b>Checked by</b> SplitTest
 */
public final class Split {
    private static final double QUARTERS = 4;
    /** Less of one feed can leave waterings to another: a few rounds see that through. */
    private static final int MOST_ROUNDS = 5;
    /** A share a little under a quarter is that quarter: the sum is no better known. */
    private static final double NEARLY = 0.02;

    private Split() {}

    /** The share of each course, by its key, where one of them has just been added; 0 for what is better left out. */
    public static Map<String, Double> of(Situation s, String added, LocalDate today, List<Dressing> dressings) {
        FeedYear year = FeedYear.of(s, today, dressings);
        boolean[] months = year.monthsOf(added);
        Map<String, Double> shares = new LinkedHashMap<>();
        s.courses().forEach(c -> shares.put(c.key(), c.share()));
        for (int i = 0; i < MOST_ROUNDS && totalMg(year, months) > year.needMg(months); i++) {
            Situation now = at(s, shares);
            lessen(now, year, added, months).forEach(shares::put);
            year = FeedYear.of(at(s, shares), today, dressings);
        }
        return shares;
    }

    private static double totalMg(FeedYear year, boolean[] months) {
        return year.months().get(0).given().keySet().stream()
                .mapToDouble(key -> year.givenMg(key, months))
                .sum();
    }

    /** The same lot at those shares; what is left out is not in it. */
    private static Situation at(Situation s, Map<String, Double> shares) {
        return s.with(s.courses().stream()
                .filter(c -> shares.getOrDefault(c.key(), c.share()) > 0)
                .map(c -> c.at(shares.getOrDefault(c.key(), c.share())))
                .toList());
    }

    /** What each of its courses is lessened to, where they give so much together. */
    private static Map<String, Double> lessen(Situation s, FeedYear year, String added, boolean[] months) {
        Map<String, Double> shares = new LinkedHashMap<>();
        double left = year.needMg(months) - year.givenMg(FeedYear.IN_THE_MIX, months);
        for (Course c : s.courses()) {
            double gives = year.givenMg(c.key(), months);
            if (!c.inWater() && gives > 0) {
                double part = c.key().equals(added) ? Math.max(0, Math.min(1, left / gives)) : 1;
                double share = part < 1 ? quarters(c.share() * part) : c.share();
                shares.put(c.key(), share);
                left -= gives * share / c.share();
            }
        }
        double inWater =
                inWater(s).mapToDouble(c -> year.givenMg(c.key(), months)).sum();
        double part = inWater > 0 ? Math.max(0, left / inWater) : 1;
        if (part < 1) {
            inWater(s).forEach(c -> shares.put(c.key(), quarters(c.share() * part)));
        }
        return shares;
    }

    private static Stream<Course> inWater(Situation s) {
        return s.courses().stream().filter(c -> c.inWater() && nitrogen(c.feed()));
    }

    private static boolean nitrogen(Feed feed) {
        return feed.contentsPer(feed.rate().measure()).n() > 0;
    }

    private static double quarters(double share) {
        return Math.floor((Math.max(0, share) + NEARLY) * QUARTERS) / QUARTERS;
    }
}
