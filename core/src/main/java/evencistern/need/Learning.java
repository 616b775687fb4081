package evencistern.need;

import evencistern.fault.Faults;
import evencistern.media.PotWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the waterings of a lot say of how much its pots drink.
 *
 * <p><b>Answers</b> does this pot drink more or less than planned, and how sure is that?
 * <p><b>Formula</b> posterior of ln r on a grid: prior N(0, σ²), σ as the plant's size is known, 0.24 where it is told; each watering adds (1 − ε)·N(ln(missing/planned); ln r, s²) +
 * ε·N(·; ln r, 1²); missing = full weight − weight, or a share of the usable water by touch, or all of it after the days it is told to last; planned = Σ use since the
 * watering before; the factor is e to the mean, its span the middle four fifths
 * <p><b>Units</b> L, kg; ratio
 * <p><b>Valid for</b> pots watered until it runs through; entries forgotten or made twice count little, ε = 0.2; 0 for days told
 * <p><b>Source</b> [COMMON] a mixture likelihood against outliers; how well a finger or the hour of watering tells is typical:
 * ± 25 % by touch, by the hour chosen and by days told, ± 10 % and the scale's own error by weight
 * <p><b>Checked by</b> LearningTest
 */
public final class Learning {
    private static final double OUTLIERS = 0.2;
    private static final double OUTLIER_SD = 1.0;
    private static final double FURTHEST = 1.8;
    private static final int GRID = 361;
    private static final double TAIL = 0.1;
    static final double WEIGHT_SD = 0.10;
    private static final double SCALE_ERROR = 0.01;
    private static final double HOUR_SD = 0.25;
    /** How well somebody knows for how long a pot lasts. */
    private static final double LASTS_SD = 0.25;

    private static final double LEAST_LITRES = 1e-6;

    private Learning() {}

    /** How dry the mix felt before it was watered, as a share of the water that may go before a watering is due. */
    public enum Dryness {
        WET(0.25, 0.5),
        MOIST(0.6, 0.3),
        RIGHT(1.0, 0.25),
        DRY(1.4, 0.25),
        BONE_DRY(1.9, 0.35);

        private final double share;
        private final double sd;

        Dryness(double share, double sd) {
            this.share = share;
            this.sd = sd;
        }

        public double share() {
            return share;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A watering as it was recorded.
     *
     * @param ownTime whether the person chose the hour; one ticked off the list followed the plan and says nothing by it
     * @param beforeKg,afterKg one pot before it was watered, and drained afterwards
     */
    public record Watering(
            LocalDate on,
            boolean ownTime,
            Optional<Dryness> dryness,
            OptionalDouble beforeKg,
            OptionalDouble afterKg) {}

    /**
     * How long a pot lasts from a watering until it is dry, as somebody who knows it tells.
     *
     * @param on the day they told
     * @param days 0.2–90
     */
    public record Lasts(LocalDate on, double days) {
        public Lasts {
            Faults.require("lot.lasts", days, 0.2, WaterNeed.LONGEST_DAYS, "d");
        }
    }

    /**
     * What was seen once.
     *
     * @param astray how often such a thing is of another pot or day altogether
     */
    private record Sight(double log, double sd, double astray) {
        Sight(double log, double sd) {
            this(log, sd, OUTLIERS);
        }
    }

    /**
     * What the waterings say.
     *
     * @param waterings oldest first
     * @param lasts how long it lasts, where that was told
     * @param planned the lot with nothing learned yet; its drained weight is reckoned where it was never weighed so
     */
    public static Learned from(List<Watering> waterings, Optional<Lasts> lasts, Situation planned) {
        if (waterings.size() < 2 && lasts.isEmpty()) {
            return Learned.NOTHING;
        }
        PotWater water = new PotWater(planned.mix(), planned.pot());
        WaterNeed need = new WaterNeed(
                water, planned.pot(), planned.species(), planned.place(), planned.particulars(), Working.off());
        return from(waterings, lasts, need, water.wetKg() + need.besideLitres());
    }

    static Learned from(List<Watering> waterings, Optional<Lasts> lasts, WaterNeed need, double wetKg) {
        List<Sight> sights = new ArrayList<>(sights(waterings, need, wetKg));
        lasts.map(l -> sight(l, need)).ifPresent(sights::add);
        return sights.isEmpty() ? Learned.NOTHING : posterior(sights, need.priorSd());
    }

    private static List<Sight> sights(List<Watering> waterings, WaterNeed need, double wetKg) {
        OptionalDouble weighed = waterings.stream()
                .filter(w -> w.afterKg().isPresent())
                .mapToDouble(w -> w.afterKg().getAsDouble())
                .reduce((a, b) -> b);
        double fullKg = weighed.orElse(wetKg);
        List<Sight> sights = new ArrayList<>();
        for (int i = 1; i < waterings.size(); i++) {
            Watering now = waterings.get(i);
            LocalDate before = waterings.get(i - 1).on();
            double planned = 0;
            for (LocalDate d = before.plusDays(1); !d.isAfter(now.on()); d = d.plusDays(1)) {
                planned += need.useOn(d);
            }
            if (planned > LEAST_LITRES) {
                double since = planned;
                sight(now, need, fullKg, weighed.isPresent())
                        .ifPresent(s -> sights.add(new Sight(s.log() - Math.log(since), s.sd(), s.astray())));
            }
        }
        return sights;
    }

    /** What may go, against what was planned for so many days up to the one on which it was told. */
    private static Sight sight(Lasts lasts, WaterNeed need) {
        double planned = 0;
        for (int d = 0; d < lasts.days(); d++) {
            planned += need.useOn(lasts.on().minusDays(d)) * Math.min(1, lasts.days() - d);
        }
        return new Sight(Math.log(need.usableLitres() / planned), LASTS_SD, 0);
    }

    /** The logarithm of the litres that were missing, and how sure that is; the best evidence there is. */
    private static Optional<Sight> sight(Watering w, WaterNeed need, double fullKg, boolean weighedFull) {
        if (w.beforeKg().isPresent()) {
            double missing = fullKg - w.beforeKg().getAsDouble();
            double error = fullKg * (weighedFull ? SCALE_ERROR : 5 * SCALE_ERROR);
            if (missing > error) {
                return Optional.of(new Sight(Math.log(missing), Math.hypot(WEIGHT_SD, error / missing)));
            }
        }
        // over a reservoir the mix feels moist whatever is left
        if (w.dryness().isPresent() && !need.watering().way().stores()) {
            Dryness felt = w.dryness().get();
            return Optional.of(new Sight(Math.log(need.usableLitres() * felt.share()), felt.sd));
        }
        // looked at once a day: on average it came due half a day before
        return w.ownTime()
                ? Optional.of(new Sight(Math.log(need.usableLitres() + need.useOn(w.on()) / 2), HOUR_SD))
                : Optional.empty();
    }

    private static Learned posterior(List<Sight> sights, double prior) {
        double[] log = new double[GRID];
        double[] weight = new double[GRID];
        double best = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < GRID; k++) {
            log[k] = FURTHEST * (2.0 * k / (GRID - 1) - 1);
            double at = log[k];
            weight[k] = -0.5 * at * at / (prior * prior)
                    + sights.stream().mapToDouble(s -> Math.log(density(s, at))).sum();
            best = Math.max(best, weight[k]);
        }
        double sum = 0;
        double mean = 0;
        for (int k = 0; k < GRID; k++) {
            weight[k] = Math.exp(weight[k] - best);
            sum += weight[k];
            mean += weight[k] * log[k];
        }
        double factor = Math.exp(mean / sum);
        double low = Math.exp(quantile(log, weight, sum * TAIL));
        double high = Math.exp(quantile(log, weight, sum * (1 - TAIL)));
        return new Learned(factor, Math.min(low, factor), Math.max(high, factor), sights.size());
    }

    private static double density(Sight s, double at) {
        return (1 - s.astray()) * normal(s.log() - at, s.sd()) + s.astray() * normal(s.log() - at, OUTLIER_SD);
    }

    private static double normal(double off, double sd) {
        return Math.exp(-0.5 * off * off / (sd * sd)) / sd;
    }

    private static double quantile(double[] log, double[] weight, double share) {
        double sum = 0;
        for (int k = 0; k < GRID; k++) {
            sum += weight[k];
            if (sum >= share) {
                return log[k];
            }
        }
        return log[GRID - 1];
    }
}
