package evencistern.feed;

import evencistern.fault.Faults;
import java.time.LocalDate;
import java.util.function.ToDoubleFunction;

/**
 * A coated feed that gives itself away by warmth.
 *
 * <p><b>Answers</b> how much of it has been released, what does it give in a day, and how long does it last here?
 * <p><b>Formula</b> released = 1 − 5^(−τ/L), so that 80 % are out at the rated life L; τ adds up days ·
 * 1.6^((T − T(rated))/10)
 * <p><b>Units</b> months of 30.4 days as rated; °C; shares 0–1
 * <p><b>Valid for</b> ratings of 1–24 months at 15–30 °C; moist mix at −60 to 60 °C; below 0 °C nothing is released
 * <p><b>Source</b> [TYPICAL] life 0.75 times at 27 °C and 0.6 times at 32 °C of a grade rated at 21 °C, from memory; the shape
 * is a simplification [COMMON]
 * <p><b>Checked by</b> CoatedReleaseTest
 *
 * @param months rated life
 * @param celsius at which it is rated: 21, 25 or 27 by maker
 */
public record CoatedRelease(double months, double celsius) {
    private static final double DAYS_PER_MONTH = 30.4;
    private static final double Q10 = 1.6;
    private static final double LEFT_AT_LIFE = 5;
    private static final double COLDEST_C = -60;
    private static final double WARMEST_C = 60;

    public CoatedRelease {
        Faults faults = new Faults();
        faults.within("feed.coated_months", months, 1, 24, "");
        faults.within("feed.coated_celsius", celsius, 15, 30, "°C");
        faults.throwIfAny();
    }

    private double lifeDays() {
        return months * DAYS_PER_MONTH;
    }

    /** How many times as fast as its rating counts on it releases at such a mean temperature; 0 in frost. */
    public double speed(double meanCelsius) {
        Faults.require("climate.temperature", meanCelsius, COLDEST_C, WARMEST_C, "°C");
        return meanCelsius <= 0 ? 0 : Math.pow(Q10, (meanCelsius - celsius) / 10);
    }

    /** Months until 80 % are out, were it always this warm. */
    public double monthsAt(double meanCelsius) {
        return months / speed(Faults.require("climate.temperature", meanCelsius, 1, 45, "°C"));
    }

    /** Of what is still inside, the share that comes out on a day of this mean temperature. */
    public double releasedIn(double meanCelsius) {
        return 1 - Math.pow(LEFT_AT_LIFE, -speed(meanCelsius) / lifeDays());
    }

    /**
     * Days from one on until a share of it is out, by the mean temperature of each day.
     *
     * @param share 0–0.999
     * @param most days that are looked at
     */
    public int daysTo(double share, LocalDate from, ToDoubleFunction<LocalDate> meanCelsius, int most) {
        Faults.require("feed.coated_share", share, 0, 0.999, "");
        double needed = lifeDays() * Math.log(1 / (1 - share)) / Math.log(LEFT_AT_LIFE);
        double spent = 0;
        int days = 0;
        while (days < most && spent < needed) {
            spent += speed(meanCelsius.applyAsDouble(from.plusDays(days)));
            days++;
        }
        return days;
    }

    /** The share that has been released between two days, by the mean temperature of each. */
    public double released(LocalDate from, LocalDate to, ToDoubleFunction<LocalDate> meanCelsius) {
        double spent = 0;
        for (LocalDate day = from; day.isBefore(to); day = day.plusDays(1)) {
            spent += speed(meanCelsius.applyAsDouble(day));
        }
        return 1 - Math.pow(LEFT_AT_LIFE, -spent / lifeDays());
    }
}
