package evencistern.media;

import java.util.ArrayList;
import java.util.List;

/**
 * How the pH of a mix goes on once it was limed or soured.
 *
 * <p><b>Answers</b> what pH will it have in a week, in a month, in a year, and on which days is it worth measuring?
 * <p><b>Formula</b> pH(t) = pH + Δ·(1 − e^(−t/τ)) + rest·(1 − e^(−t/τ(rest))); Δ by the share that acts within a season, rest =
 * L·NV·(1 − acting)/β; τ = 7 d for powder, 20 d ground, 50 d coarse, 2 d burnt, 25 d for sulfur, 400 d for what is left of lime; measured
 * again when 60, 85 and 98 % of Δ is there, in whole weeks
 * <p><b>Units</b> days kept moist at about 20 °C; pH
 * <p><b>Valid for</b> two years; without what water and feed do to the pH meanwhile
 * <p><b>Source</b> [COMMON] a first-order reaction of each size of grain; its times from memory, good to a factor of 1.6
 * <p><b>Checked by</b> LimeCourseTest
 *
 * @param points oldest first
 * @param measureDays on which the pH is worth measuring again
 * @param later the pH it may reach when all has reacted, where that is more than 0.2 beyond the target; else the target
 */
public record LimeCourse(List<Point> points, List<Integer> measureDays, double later) {
    private static final List<Integer> DAYS = List.of(0, 7, 14, 28, 56, 180, 365);
    private static final List<Double> SHARES = List.of(0.6, 0.85, 0.98);
    private static final double SULFUR_DAYS = 25;
    private static final double BURNT_DAYS = 2;
    private static final double REST_DAYS = 400;
    private static final double TIMES_DIFFER = 1.6;
    private static final double WORTH_TELLING = 0.2;
    private static final int WEEK = 7;

    /** The pH so many days after mixing, between low and high in nineteen of twenty. */
    public record Point(int day, double ph, double low, double high) {}

    /** The course of a correction that there is; see {@link Liming#to}. */
    public static LimeCourse of(Liming.Start start, Liming.Lime lime, Liming.Correction correction) {
        double now = start.ph().value();
        double target = correction.after().value();
        boolean sulfur = correction.kind() == Liming.Kind.SULFUR;
        double acting = sulfur ? 1 : lime.fineness().acting();
        double rest = sulfur
                ? 0
                : correction.gramsPerLitre()
                        * lime.neutralising()
                        * (1 - acting)
                        / start.buffer().value();
        double days = sulfur ? SULFUR_DAYS : lime.material().burnt() ? BURNT_DAYS : days(lime.fineness());
        List<Point> points = new ArrayList<>();
        for (int day : DAYS) {
            double ph = at(day, now, target, rest, days);
            double slow = at(day / TIMES_DIFFER, now, target, rest, days);
            double fast = at(day * TIMES_DIFFER, now, target, rest, days);
            double begun = start.ph().halfWidth95();
            double done = Math.abs(target - now) < 1e-9 ? 1 : Math.min(1, Math.abs((ph - now) / (target - now)));
            double around = begun + done * Math.max(0, correction.after().halfWidth95() - begun);
            points.add(new Point(
                    day, ph, Math.min(ph - around, Math.min(slow, fast)), Math.max(ph + around, Math.max(slow, fast))));
        }
        List<Integer> measure = SHARES.stream()
                .map(share -> (int) Math.ceil(days * Math.log(1 / (1 - share)) / WEEK) * WEEK)
                .distinct()
                .toList();
        return new LimeCourse(points, measure, rest > WORTH_TELLING ? target + rest : target);
    }

    private static double days(Liming.Fineness fineness) {
        return switch (fineness) {
            case POWDER -> 7;
            case GROUND -> 20;
            case COARSE -> 50;
        };
    }

    private static double at(double day, double now, double target, double rest, double days) {
        return now + (target - now) * (1 - Math.exp(-day / days)) + rest * (1 - Math.exp(-day / REST_DAYS));
    }
}
