package evencistern.meter;

import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A pen with the record of its calibrations.
 *
 * <p><b>Answers</b> how far is this pen to be believed on a day, when is it to be calibrated again, and what ails it?
 * <p><b>Formula</b> ±² = stated² + standard² + drift²; the error walks at random: drift = 1.96·√(q·days), q = (2·q0 +
 * Σ(Δ²/days))/(2 + n) from the n changes found between calibrations; never more than a pen that was never calibrated; due
 * when drift reaches the stated ±
 * <p><b>Units</b> pH; % of EC; days
 * <p><b>Valid for</b> hand-held pens of home and nursery
 * <p><b>Source</b> [JCGM100] for sums of errors; q0 of ± 0.1 pH and ± 3 % EC a month, ± 0.3 pH and ± 12 % never calibrated,
 * and the limits of slope, offset and age [COMMON], no source
 * <p><b>Checked by</b> MeterLogTest
 *
 * @param stated its ± as its leaflet says it
 * @param compensates whether it brings EC to 25 °C by itself
 * @param probeSince when its glass was new
 * @param everyDays how often its keeper wants to be reminded, 1–365; by its drift where that is not said
 * @param log in any order
 */
public record MeterLog(
        Meter stated,
        boolean compensates,
        @Nullable LocalDate probeSince,
        OptionalInt everyDays,
        List<Calibration> log) {
    private static final double Z95 = 1.959963984540054;
    private static final double MONTH = 30;
    private static final double PH_A_MONTH = 0.1;
    private static final double EC_A_MONTH = 3;
    private static final double PH_NEVER = 0.3;
    private static final double EC_NEVER = 12;
    private static final double BUFFER = 0.02;
    private static final double EC_STANDARD = 1;
    private static final int PRIOR_CHANGES = 2;
    private static final int SOONEST = 7;
    private static final int PH_LATEST = 60;
    private static final int EC_LATEST = 180;
    private static final double SLOPE_WORN = 85;
    private static final double SLOPE_TIRED = 95;
    private static final double SLOPE_HIGH = 105;
    private static final double OFFSET_LARGE = 0.5;
    private static final double CELL_OFF = 0.2;
    private static final int GLASS_YEARS = 2;
    private static final double FAST = 4;

    public MeterLog {
        everyDays.ifPresent(d -> Faults.require("meter.every_days", d, 1, 365, "d"));
        log = log.stream().sorted(Comparator.comparing(Calibration::on)).toList();
    }

    /** What there is to be said of a pen. */
    public enum Finding {
        NEVER_CALIBRATED_PH(true, false),
        NEVER_CALIBRATED_EC(false, true),
        PH_DUE(true, false),
        EC_DUE(false, true),
        SLOPE_WORN(true, false),
        SLOPE_TIRED(true, false),
        SLOPE_HIGH(true, false),
        OFFSET_LARGE(true, false),
        CELL_OFF(false, true),
        DRIFTS_FAST(true, true),
        GLASS_OLD(true, false);

        private final boolean ofPh;
        private final boolean ofEc;

        Finding(boolean ofPh, boolean ofEc) {
            this.ofPh = ofPh;
            this.ofEc = ofEc;
        }

        /** Whether it bears on a reading that has a pH, an EC or both. */
        public boolean bearsOn(boolean ph, boolean ec) {
            return (ph && ofPh) || (ec && ofEc);
        }

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** How the pen stands on a day, of which only what was known then counts. */
    public Standing on(LocalDate day) {
        List<Calibration> ph = known(day, Calibration::ofPh);
        List<Calibration> ec = known(day, Calibration::ofEc);
        Quantity byPh = new Quantity(ph, day, PH_A_MONTH, PH_NEVER, BUFFER, stated.phPlusMinus(), SOONEST, PH_LATEST);
        byPh.walk(Calibration::offset, Calibration::offsetLeft);
        Quantity byEc = new Quantity(
                ec, day, EC_A_MONTH, EC_NEVER, EC_STANDARD, stated.ecPlusMinusPercent(), SOONEST, EC_LATEST);
        byEc.walk(c -> 100 / c.ecFactorFound(), c -> 100 / c.ecFactor());
        Meter believed = new Meter(stated.scale(), Math.min(2, byPh.plusMinus()), Math.min(50, byEc.plusMinus()));
        LocalDate phDue = byPh.due(everyDays);
        LocalDate ecDue = byEc.due(everyDays);
        List<Finding> findings = new ArrayList<>();
        note(findings, ph.isEmpty(), Finding.NEVER_CALIBRATED_PH);
        note(findings, ec.isEmpty(), Finding.NEVER_CALIBRATED_EC);
        note(findings, !ph.isEmpty() && !phDue.isAfter(day), Finding.PH_DUE);
        note(findings, !ec.isEmpty() && !ecDue.isAfter(day), Finding.EC_DUE);
        byPh.last().ifPresent(c -> {
            double slope = c.slopePercent().orElse(100);
            note(findings, slope < SLOPE_WORN, Finding.SLOPE_WORN);
            note(findings, slope >= SLOPE_WORN && slope < SLOPE_TIRED, Finding.SLOPE_TIRED);
            note(findings, slope > SLOPE_HIGH, Finding.SLOPE_HIGH);
            note(findings, Math.abs(c.offset()) > OFFSET_LARGE, Finding.OFFSET_LARGE);
        });
        note(
                findings,
                byEc.last()
                        .filter(c -> Math.abs(c.ecFactorFound() - 1) > CELL_OFF)
                        .isPresent(),
                Finding.CELL_OFF);
        note(findings, byPh.fast() || byEc.fast(), Finding.DRIFTS_FAST);
        note(findings, probeSince != null && !probeSince.plusYears(GLASS_YEARS).isAfter(day), Finding.GLASS_OLD);
        return new Standing(
                believed,
                compensates,
                byPh.last(),
                byEc.last(),
                byPh.aMonth(),
                byEc.aMonth(),
                phDue,
                ecDue,
                List.copyOf(findings));
    }

    private static void note(List<Finding> findings, boolean so, Finding finding) {
        if (so) {
            findings.add(finding);
        }
    }

    private List<Calibration> known(LocalDate day, Predicate<Calibration> of) {
        return log.stream().filter(of).filter(c -> !c.on().isAfter(day)).toList();
    }

    /** pH or EC of one pen: how it walked between calibrations, and how far it may have walked since. */
    private static final class Quantity {
        private final List<Calibration> log;
        private final LocalDate day;
        private final double prior;
        private final double never;
        private final double standard;
        private final double stated;
        private final int soonest;
        private final int latest;
        private double perDay;

        Quantity(
                List<Calibration> log,
                LocalDate day,
                double aMonth,
                double never,
                double standard,
                double stated,
                int soonest,
                int latest) {
            this.log = log;
            this.day = day;
            this.prior = aMonth * aMonth / (Z95 * Z95 * MONTH);
            this.never = never;
            this.standard = standard;
            this.stated = stated;
            this.soonest = soonest;
            this.latest = latest;
        }

        void walk(ToDoubleFunction<Calibration> found, ToDoubleFunction<Calibration> left) {
            double sum = PRIOR_CHANGES * prior;
            int changes = PRIOR_CHANGES;
            for (int i = 1; i < log.size(); i++) {
                double change = found.applyAsDouble(log.get(i)) - left.applyAsDouble(log.get(i - 1));
                long days = Math.max(
                        1,
                        ChronoUnit.DAYS.between(log.get(i - 1).on(), log.get(i).on()));
                sum += change * change / days;
                changes++;
            }
            perDay = sum / changes;
        }

        Optional<Calibration> last() {
            return log.isEmpty() ? Optional.empty() : Optional.of(log.get(log.size() - 1));
        }

        double plusMinus() {
            double walked = last().map(c -> Math.min(
                            Math.hypot(standard, Z95 * Math.sqrt(perDay * ChronoUnit.DAYS.between(c.on(), day))),
                            never))
                    .orElse(never);
            return Math.hypot(stated, walked);
        }

        double aMonth() {
            return Z95 * Math.sqrt(perDay * MONTH);
        }

        boolean fast() {
            return perDay > FAST * prior;
        }

        LocalDate due(OptionalInt everyDays) {
            double byDrift = stated * stated / (Z95 * Z95 * perDay);
            long days = everyDays.orElse((int) Math.max(soonest, Math.min(latest, Math.round(byDrift))));
            return last().map(c -> c.on().plusDays(days)).orElse(day);
        }
    }

    /**
     * A pen on a day.
     *
     * @param believed its ± on that day
     * @param phDriftAMonth pH it may have walked after a month, 95 %
     * @param ecDriftAMonth % it may have walked after a month, 95 %
     * @param phDueOn when pH is to be calibrated again; that very day where it never was
     */
    public record Standing(
            Meter believed,
            boolean compensates,
            Optional<Calibration> phBy,
            Optional<Calibration> ecBy,
            double phDriftAMonth,
            double ecDriftAMonth,
            LocalDate phDueOn,
            LocalDate ecDueOn,
            List<Finding> findings) {
        /** Without a thermometer the liquid is taken to be as warm as a room, °C, give or take. */
        private static final double ROOM_C = 20;

        private static final double ROOM_PLUS_MINUS = 5;

        /** What a shown pH stands for, with how far it is to be believed. */
        public Uncertain ph(double shown) {
            return believed.ph(phBy.map(c -> c.ph(shown)).orElse(shown));
        }

        /**
         * mS/cm at 25 °C of a shown EC; a pen that does not compensate and of which nobody said how warm the liquid was is
         * taken to have measured at 20 ± 5 °C.
         */
        public Uncertain ec(double shownMsCm, OptionalDouble celsius) {
            double right = shownMsCm * ecBy.map(Calibration::ecFactor).orElse(1.0);
            if (compensates) {
                return believed.ec(right);
            }
            double at25 = TemperatureCorrection.to25(right, celsius.orElse(ROOM_C));
            Uncertain value = believed.ec(at25);
            if (celsius.isPresent()) {
                return value;
            }
            double colder = TemperatureCorrection.to25(right, ROOM_C - ROOM_PLUS_MINUS) - at25;
            return Uncertain.plusMinus95(at25, Math.hypot(value.halfWidth95(), colder));
        }
    }
}
