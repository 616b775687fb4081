package evencistern.plan;

import evencistern.need.Growth;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import java.time.LocalDate;
import java.util.Arrays;

/** How much a plant grows, and how much nitrogen it needs, from one day to another; each day is worked out once. */
final class Tally {
    private static final int A_MONTH = 32;

    private final Situation s;
    private final WaterNeed need;
    private final LocalDate from;
    private final double needMgPerL;
    /** Sums up to the end of each day from the first on; of no day they are 0. */
    private double[] growth = new double[A_MONTH];

    private double[] needed = new double[A_MONTH];
    private int days;

    /** From the end of a day on. */
    Tally(Situation s, WaterNeed need, LocalDate from) {
        this.s = s;
        this.need = need;
        this.from = from;
        this.needMgPerL = s.species().appetite().nitrogenMgPerL();
    }

    /** Days of full growth after a day, up to another. */
    double growthDays(LocalDate after, LocalDate to) {
        int end = reach(to);
        return growth[end] - growth[Math.min(end, at(after))];
    }

    /** Nitrogen needed in one pot after a day, up to another, mg. */
    double neededMg(LocalDate after, LocalDate to) {
        int end = reach(to);
        return needed[end] - needed[Math.min(end, at(after))];
    }

    private int at(LocalDate day) {
        return Math.max(0, (int) (day.toEpochDay() - from.toEpochDay()));
    }

    private int reach(LocalDate to) {
        int end = at(to);
        if (end >= growth.length) {
            growth = Arrays.copyOf(growth, Math.max(end + 1, growth.length * 2));
            needed = Arrays.copyOf(needed, growth.length);
        }
        for (; days < end; days++) {
            LocalDate day = from.plusDays(days + 1L);
            double grows = s.particulars().fedAtRest(day)
                    ? 1
                    : Growth.on(day, s.species(), s.place()).factor();
            growth[days + 1] = growth[days] + grows;
            needed[days + 1] = needed[days] + needMgPerL * need.useOn(day) * grows;
        }
        return end;
    }
}
