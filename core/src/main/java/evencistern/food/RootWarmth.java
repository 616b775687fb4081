package evencistern.food;

import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.feed.StrengthCap;
import evencistern.need.Situation;
import java.time.LocalDate;

/**
 * How warm the roots are, and what nitrogen they bear.
 *
 * <p><b>Answers</b> how much ammonium and urea may these roots get at this warmth?
 * <p><b>Formula</b> most = the kind's nitrogen · (least + (1 − least)·clamp((T − 10)/5)), least being the limit for cold roots;
 * T = the mix as measured, or the mean air of the last seven days
 * <p><b>Units</b> °C; mg/L of nitrogen
 * <p><b>Valid for</b> pots of which either is known; a heated bench is warmer than its air
 * <p><b>Source</b> [COMMON] below about 15 °C bacteria turn ammonium and urea over slowly, below 10 °C hardly; the limit
 * [TYPICAL]
 * <p><b>Checked by</b> DoseGuardTest
 */
public final class RootWarmth {
    private static final int WEEK = 7;
    private static final double COOL_C = 15;
    private static final double COLD_C = 10;

    private RootWarmth() {}

    private static double warmthC(Situation s, LocalDate day) {
        return day.minusDays(WEEK)
                .datesUntil(day)
                .mapToDouble(s::mixC)
                .average()
                .orElseThrow();
    }

    /** The strongest feed that a plant bears on a day. */
    public static StrengthCap cap(Situation s, LocalDate day) {
        StrengthCap cap = s.species().cap();
        double least = DoseLimit.COLD_AMMONIUM.of(s.species().stands()) / 100;
        double warm = Math.max(0, Math.min(1, (warmthC(s, day) - COLD_C) / (COOL_C - COLD_C)));
        return cap.withAmmonium(cap.nMgPerL() * (least + (1 - least) * warm));
    }

    /** Whether the roots are cool and most of the nitrogen is told to be of the kinds that they turn over slowly. */
    public static boolean tooCoolFor(Feed feed, Situation s, LocalDate day) {
        return warmthC(s, day) < COOL_C
                && feed.analysis().formsTold()
                && feed.slowShare() * 100
                        > DoseLimit.COLD_AMMONIUM.of(s.species().stands());
    }
}
