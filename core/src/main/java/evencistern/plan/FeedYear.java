package evencistern.plan;

import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.food.NitrogenBudget;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.food.NitrogenBudget.Standing;
import evencistern.label.Measure;
import evencistern.media.PotWater;
import evencistern.need.Growth;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What one pot of a lot gets from its whole programme in the year ahead.
 *
 * <p><b>Answers</b> do all its feeds together give this pot, month by month, the nitrogen it needs, and how much salt and of
 * each element do they bring in the year?
 * <p><b>Formula</b> need = Σ appetite (mg/L) · water used · growth; given in water: Σ N · litres of each feeding; strewn, now or
 * then: N · what is released in the month; salt: Σ EC added · litres · 0.64 g/L, or what dissolves of the granules
 * <p><b>Units</b> mg N for one pot and month; g of each element and of salt in the year
 * <p><b>Valid for</b> an average year, all feeds given as planned; ± 40 %
 * <p><b>Source</b> [COMMON] as in the sum of a week; [FAO29] 640 mg/L for 1 dS/m
 * <p><b>Checked by</b> FeedYearTest
 *
 * @param months twelve, from a day on
 * @param feeds how often each course is given, and how much of its product in all, by its key
 * @param elements that all of it brings, g
 * @param saltGrams that all of it brings
 */
public record FeedYear(List<Month> months, Map<String, Given> feeds, Nutrients elements, double saltGrams) {
    private static final int A_YEAR = 12;
    private static final double GRAMS_PER_LITRE = 0.64;

    /** Of an average month's need: a smaller surplus, as of beads in the cold, is not worth a word. Common practice, no source. */
    private static final double WORTH_TELLING = 1.0 / 3;

    private static final double MG = 1000;

    /** The names under which what is in the mix already stands beside the courses. */
    public static final String IN_THE_MIX = "mix";

    /**
     * A month.
     *
     * @param given mg of nitrogen by the key of the course, {@link #IN_THE_MIX} for what was strewn or stirred in before
     */
    public record Month(LocalDate from, double needMg, Map<String, Double> given) {
        public double totalMg() {
            return given.values().stream().mapToDouble(Double::doubleValue).sum();
        }

        /** Above so much it is too much. */
        public double mostMg() {
            return Standing.most(needMg);
        }
    }

    /**
     * What a course gives in the year.
     *
     * @param product for one pot in all, in the label's measure
     */
    public record Given(int times, Optional<LocalDate> next, double product) {}

    /** The year from a day on; dressings are what is in the mix already. */
    public static FeedYear of(Situation s, LocalDate from, List<Dressing> dressings) {
        return new Sum(s, from).run(dressings);
    }

    private static final class Sum {
        private final Situation s;
        private final LocalDate from;
        private final WaterNeed need;
        private final Map<String, double[]> nitrogen = new LinkedHashMap<>();
        private final Map<String, Given> feeds = new HashMap<>();
        private Nutrients elements = Nutrients.NONE;
        private double saltGrams;

        Sum(Situation s, LocalDate from) {
            this.s = s;
            this.from = from;
            this.need = new WaterNeed(
                    new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        }

        FeedYear run(List<Dressing> dressings) {
            s.courses().forEach(c -> {
                nitrogen.put(c.key(), new double[A_YEAR]);
                feeds.put(c.key(), new Given(0, Optional.empty(), 0));
            });
            dressings.stream().filter(d -> !d.on().isAfter(from)).forEach(d -> release(IN_THE_MIX, d));
            Feedings.of(s, from, from.plusMonths(A_YEAR)).forEach(this::give);
            List<Month> months = new ArrayList<>();
            for (int m = 0; m < A_YEAR; m++) {
                Map<String, Double> given = new LinkedHashMap<>();
                for (Map.Entry<String, double[]> e : nitrogen.entrySet()) {
                    given.put(e.getKey(), e.getValue()[m]);
                }
                months.add(new Month(from.plusMonths(m), needed(m), given));
            }
            return new FeedYear(months, feeds, elements, saltGrams);
        }

        private double needed(int month) {
            double mg = 0;
            LocalDate end = from.plusMonths(month + 1L);
            for (LocalDate day = from.plusMonths(month); day.isBefore(end); day = day.plusDays(1)) {
                mg += need.useOn(day) * Growth.on(day, s.species(), s.place()).factor();
            }
            return mg * s.species().appetite().nitrogenMgPerL();
        }

        private void give(Feedings.Feeding given) {
            String key = given.course().key();
            Feed feed = given.course().feed();
            Measure measure = feed.rate().measure();
            Nutrients each = feed.contentsPer(measure);
            switch (feed.how()) {
                case STREWN, MIXED_IN -> {
                    Dressing on = new Dressing(
                            key, given.on(), each.n() * given.product(), NitrogenBudget.Kind.QUICK, feed.coated());
                    release(key, on);
                    saltGrams += added(feed, given.product(), measure);
                }
                case WATERED, INJECTED -> {
                    add(key, given.on(), each.n() * given.product());
                    saltGrams += added(feed, given.perLitre(), measure) * given.litres();
                }
                case SPRAYED -> add(key, given.on(), each.n() * given.product()); // none of it comes to the mix
            }
            elements = elements.plus(each.times(given.product() / MG));
            feeds.merge(
                    key,
                    new Given(1, Optional.of(given.on()), given.product()),
                    (so, more) -> new Given(so.times() + 1, so.next().or(more::next), so.product() + more.product()));
        }

        /** Salt that so much of a feed in a litre brings, g/L. */
        private static double added(Feed feed, double perLitre, Measure measure) {
            return MeterForecast.added(feed, perLitre, measure, 0).value() * GRAMS_PER_LITRE;
        }

        private void add(String key, LocalDate on, double mg) {
            int month = (int) Math.min(A_YEAR - 1, ChronoUnit.MONTHS.between(from, on));
            nitrogen.computeIfAbsent(key, k -> new double[A_YEAR])[month] += mg;
        }

        /** What comes out of something strewn, month by month. */
        private void release(String key, Dressing d) {
            double[] by = nitrogen.computeIfAbsent(key, k -> new double[A_YEAR]);
            double gone = d.gone(from.isBefore(d.on()) ? d.on() : from, s);
            for (int m = 0; m < A_YEAR; m++) {
                LocalDate end = from.plusMonths(m + 1L);
                if (end.isAfter(d.on())) {
                    double then = d.gone(end, s);
                    by[m] += d.nitrogenMg() * (then - gone);
                    gone = then;
                }
            }
        }
    }

    /** Nitrogen needed in all the year, mg. */
    public double needMg() {
        return months.stream().mapToDouble(Month::needMg).sum();
    }

    /** Above so much in all the year it is too much, mg. */
    public double mostMg() {
        return Standing.most(needMg());
    }

    /** Whether a month brings so much too much that something should be done about it. */
    public boolean tooMuch(Month month) {
        return month.totalMg() - month.mostMg() > WORTH_TELLING * needMg() / A_YEAR && month.totalMg() > 0;
    }

    /** Nitrogen given in all the year, mg. */
    public double totalMg() {
        return months.stream().mapToDouble(Month::totalMg).sum();
    }

    /** Nitrogen that a course, or what is in the mix, gives over some months, mg. */
    double givenMg(String key, boolean[] inMonths) {
        double mg = 0;
        for (int m = 0; m < A_YEAR; m++) {
            mg += inMonths[m] ? months.get(m).given().getOrDefault(key, 0.0) : 0;
        }
        return mg;
    }

    /** The months in which a course gives something, or all where it never does. */
    boolean[] monthsOf(String key) {
        boolean[] with = new boolean[A_YEAR];
        boolean any = false;
        for (int m = 0; m < A_YEAR; m++) {
            with[m] = months.get(m).given().getOrDefault(key, 0.0) > 0;
            any |= with[m];
        }
        if (!any) {
            Arrays.fill(with, true);
        }
        return with;
    }

    double needMg(boolean[] inMonths) {
        double mg = 0;
        for (int m = 0; m < A_YEAR; m++) {
            mg += inMonths[m] ? months.get(m).needMg() : 0;
        }
        return mg;
    }
}
