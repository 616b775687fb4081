package evencistern.food;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Growth;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * The nitrogen that one pot of a lot gets in a week, from all sources, against what it needs.
 *
 * <p><b>Answers</b> do coated feed, meal in the mix and the can together feed this pot too much, or too little?
 * <p><b>Formula</b> need = appetite (mg/L) · water used in the week · growth; the can: N · litres · 7/days; a dressing: N ·
 * what is released in the coming week, coated by warmth, quick granules evenly over 7 weeks, meals by warmth over their
 * months
 * <p><b>Units</b> mg N per pot and week
 * <p><b>Valid for</b> an average year of the place; ± 40 %
 * <p><b>Source</b> [COMMON] light 50, medium 125, heavy 200 mg/L N at each watering in full growth; quick granules last 6–8
 * weeks; release [TYPICAL]
 * <p><b>Checked by</b> NitrogenBudgetTest
 *
 * @param needMg in the coming week
 */
public record NitrogenBudget(double needMg, List<Source> sources) {
    private static final int WEEK = 7;
    private static final int MONTHS_AHEAD = 12;
    private static final double QUICK_DAYS = 49;
    private static final double MUCH = 1.5;
    private static final double LITTLE = 0.6;
    /** Meals are rated by months in warm mix. */
    private static final double WARM_C = 20;

    /** Where nitrogen comes from. */
    public enum Kind {
        CAN,
        COATED,
        QUICK,
        MEAL;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How it stands. */
    public enum Standing {
        NO_NEED,
        SHORT,
        FITS,
        OVER;

        /** How so much nitrogen stands to what is needed in the same time. */
        public static Standing of(double given, double needed) {
            if (needed <= 0) {
                return NO_NEED;
            }
            double share = given / needed;
            return share > MUCH ? OVER : share < LITTLE ? SHORT : FITS;
        }

        /** Above so much it is too much, where so much is needed. */
        public static double most(double needed) {
            return needed * MUCH;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Something strewn on, or stirred into, the mix of one pot.
     *
     * @param nitrogenMg in what one pot was given
     * @param release of a coated feed, or of a meal by its months; empty for quick granules
     */
    public record Dressing(String name, LocalDate on, double nitrogenMg, Kind kind, Optional<CoatedRelease> release) {
        public Dressing {
            Faults.require("budget.nitrogen", nitrogenMg, 0, 1e7, "mg");
        }

        /** The share of it that is out by a day, 0–1. */
        public double gone(LocalDate day, Situation s) {
            return release.isPresent()
                    ? release.get().released(on, day, s::mixC)
                    : Math.max(0, Math.min(1, ChronoUnit.DAYS.between(on, day) / QUICK_DAYS));
        }

        /** A meal that is rated by months in warm mix. */
        public static Dressing meal(String name, LocalDate on, double nitrogenMg, double months) {
            return new Dressing(
                    name, on, nitrogenMg, Kind.MEAL, Optional.of(new CoatedRelease(Math.min(24, months), WARM_C)));
        }
    }

    /**
     * One source.
     *
     * @param name of what was strewn or stirred in; the key of a course that is watered on
     * @param weekMg in the coming week
     * @param leftPercent of a dressing that is still in it today; empty for the can
     * @param leftByMonth what will be left of it, %, from today month by month; empty for the can
     */
    public record Source(String name, Kind kind, double weekMg, OptionalDouble leftPercent, List<Double> leftByMonth) {
        public Source {
            leftByMonth = List.copyOf(leftByMonth);
        }
    }

    public NitrogenBudget {
        sources = List.copyOf(sources);
    }

    /**
     * The budget of the week from {@code today}.
     *
     * @param amid days between two waterings while a course is given; empty while it is held back
     */
    public static NitrogenBudget of(
            Situation s,
            WaterNeed need,
            Function<Course, OptionalInt> amid,
            List<Dressing> dressings,
            LocalDate today,
            Working working) {
        double growth = Growth.on(today, s.species(), s.place()).factor();
        double week = need.useOn(today) * WEEK;
        double wanted = working.step(
                "plan.nitrogen_need",
                "need = appetite·water·growth",
                s.species().appetite().nitrogenMgPerL() * week * growth,
                Unit.MILLIGRAM,
                "COMMON",
                table(
                        "appetite",
                        s.species().appetite().nitrogenMgPerL(),
                        Unit.MILLIGRAM_PER_LITRE,
                        "species:appetite"),
                earlier("water", week, Unit.LITRE, "water.daily"),
                table("growth", growth * 100, Unit.PER_CENT, "species:growth"));
        List<Source> sources = new ArrayList<>();
        s.courses()
                .forEach(c ->
                        can(c, s.of(c), need, amid.apply(c), today, working).ifPresent(sources::add));
        for (Dressing d : dressings) {
            if (!d.on().isAfter(today)) {
                double gone = d.gone(today, s);
                sources.add(new Source(
                        d.name(),
                        d.kind(),
                        d.nitrogenMg() * (d.gone(today.plusDays(WEEK), s) - gone),
                        OptionalDouble.of((1 - gone) * 100),
                        IntStream.rangeClosed(0, MONTHS_AHEAD)
                                .mapToObj(m -> (1 - d.gone(today.plusMonths(m), s)) * 100)
                                .toList()));
            }
        }
        return new NitrogenBudget(wanted, sources);
    }

    private static Optional<Source> can(
            Course course, Situation s, WaterNeed need, OptionalInt amid, LocalDate today, Working working) {
        Feed feed = course.feed();
        if (amid.isEmpty() || !(feed.rate() instanceof Rate.PerWater rate)) {
            return Optional.empty();
        }
        Dose dose = Portion.dose(feed, rate, s, today, amid.getAsInt());
        double days = FeedRhythm.days(Portion.rhythm(feed, s), amid.getAsInt());
        double litres = need.fullPour(Working.off());
        double mg = working.step(
                "plan.nitrogen_can",
                "can = N·litres·7/days",
                dose.mgPerL().n() * litres * WEEK / days,
                Unit.MILLIGRAM,
                "COMMON",
                earlier("N", dose.mgPerL().n(), Unit.MILLIGRAM_PER_LITRE, "feed.nitrogen"),
                earlier("litres", litres, Unit.LITRE, "water.full_pour"),
                typed("days", days, Unit.DAY, "feed.label"));
        return Optional.of(new Source(course.key(), Kind.CAN, mg, OptionalDouble.empty(), List.of()));
    }

    public double totalMg() {
        return sources.stream().mapToDouble(Source::weekMg).sum();
    }

    public Standing standing() {
        return Standing.of(totalMg(), needMg);
    }

    /** The share of the can's strength that would make the sum fit, 0–1; empty where no can is in it or nothing is over. */
    public OptionalDouble canShare() {
        double can = sources.stream()
                .filter(s -> s.kind() == Kind.CAN)
                .mapToDouble(Source::weekMg)
                .sum();
        if (!(can > 0) || standing() != Standing.OVER) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Math.max(0, Math.min(1, (needMg - (totalMg() - can)) / can)));
    }
}
