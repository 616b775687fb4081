package evencistern.mixlife;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.need.Situation;
import evencistern.need.Whereabouts;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How old a mix has become in its pot.
 *
 * <p><b>Answers</b> how much of its life has this mix spent where it stands, and when will it be used up?
 * <p><b>Formula</b> spent = ∫ wᵏ·2^((T − 20)/10)/L(wet) dt with k = L(wet and dry)/L(wet) − 1, so that a mix always wet lasts
 * L(wet) and one that dries out evenly between waterings L(wet and dry); w = share left of the water for roots, filled by
 * each watering and drawn down by the daily use; it begins with what of the mix was used before, begun; new mix in a share s
 * of the pot leaves (1 − s)·spent + s·begun
 * <p><b>Units</b> years; °C; w and spent as fractions; wet months are months kept wet at 20 °C
 * <p><b>Valid for</b> mixes that decay; the years of one material differ by half and more, which gives the range. Where no
 * watering is recorded a living plant is taken to have been watered: by its plan before its journal begins, after a dry
 * week since
 * <p><b>Source</b> [COMMON] decay doubles for every 10 °C and stops where it is dry; years of each component [TYPICAL]
 * <p><b>Checked by</b> MixAgeTest
 *
 * @param spent share of its life, at its likeliest; {@code spentLow} and {@code spentHigh} for a mix that lasts longer or
 *     shorter than most
 * @param assumedUntil the day up to which waterings were taken from the plan, empty where all are recorded
 * @param lasts when it will be used up, at the earliest, likeliest and latest; empty beyond 15 years
 */
public record MixAge(
        LocalDate since,
        double wetMonths,
        double spent,
        double spentLow,
        double spentHigh,
        Optional<LocalDate> assumedUntil,
        Lasts lasts) {
    private static final double REFERENCE_C = 20;
    private static final double DAYS_PER_YEAR = 365.25;
    /** Lives of one material from batch to batch, as a factor either way; from memory. */
    private static final double LIVES_DIFFER = 1.6;

    private static final int MONTHS = 12;
    private static final int DRY_DAYS = 7;
    private static final int LOOK_AHEAD_DAYS = 15 * 366;

    /** When it is used up. */
    public record Lasts(Optional<LocalDate> earliest, Optional<LocalDate> likely, Optional<LocalDate> latest) {}

    /** Litres that a pot was given. */
    public record Given(LocalDate on, double litres) {}

    /** Fresh mix in a share of the pot, 0–1. */
    public record Refresh(LocalDate on, double share) {
        public Refresh {
            Faults.require("potting.fresh", share * 100, 0, 100, "%");
        }
    }

    /**
     * What happened to the pot since it was filled, each in the order of its days.
     *
     * @param stays at least one; before the first it stood there too
     */
    public record Story(LocalDate since, List<Given> given, List<Whereabouts.Stay> stays, List<Refresh> refreshes) {}

    /** The age on {@code today}, of the mix of this situation. */
    public static MixAge of(Situation s, Story story, LocalDate today, Working working) {
        return new Clock(s, story, LOOK_AHEAD_DAYS).run(today, working);
    }

    /** When it will likely be used up, if that is within so many days. */
    public static Optional<LocalDate> spentWithin(Situation s, Story story, LocalDate today, int days) {
        return new Clock(s, story, days).run(today, Working.off()).lasts().likely();
    }

    /** The share of its life that it has spent on {@code today}, at its likeliest. */
    public static double spent(Situation s, Story story, LocalDate today) {
        return new Clock(s, story, 0).run(today, Working.off()).spent();
    }

    /** Share of a day's decay, when the water left goes straight from one share to another: the mean of wᵏ. */
    static double meanPower(double from, double to, double k) {
        double drop = from - to;
        if (drop < 1e-9) {
            return Math.pow(from, k);
        }
        return (Math.pow(from, k + 1) - Math.pow(to, k + 1)) / ((k + 1) * drop);
    }

    /** Decay against that at 20 °C. */
    static double warmth(double celsius) {
        return Math.pow(2, (celsius - REFERENCE_C) / 10);
    }

    /** Walks the days one by one. */
    private static final class Clock {
        private final Situation situation;
        private final Story story;
        private final int aheadDays;
        private final PotWater water;
        private final double available;
        private final double power;
        private final double wetYears;
        private final Whereabouts where;
        private double left = 1;
        private int dryDays;
        private int given;
        private int refreshed;
        private final double begun;
        private double spent;

        Clock(Situation s, Story story, int aheadDays) {
            this.aheadDays = aheadDays;
            this.situation = s;
            this.story = story;
            this.water = new PotWater(s.mix(), s.pot());
            this.available = Math.max(1e-6, water.availableLitres());
            Mix mix = s.mix();
            this.wetYears = mix.wetYears();
            this.power = mix.cycledYears() / mix.wetYears() - 1;
            this.begun = mix.spent();
            this.spent = begun;
            this.where = new Whereabouts(s, water, story.stays());
        }

        MixAge run(LocalDate today, Working working) {
            Optional<LocalDate> recorded = story.given().stream().findFirst().map(Given::on);
            for (LocalDate day = story.since(); day.isBefore(today); day = day.plusDays(1)) {
                where.goTo(day);
                waterUnrecorded(recorded.isEmpty() || day.isBefore(recorded.get()));
                happen(day);
                spent += decay(day);
            }
            happen(today);
            double wet = working.step(
                    "media.wet_time",
                    "wet time = ∫ wᵏ·2^((T − 20)/10) dt",
                    spent * wetYears,
                    Unit.YEAR,
                    "COMMON",
                    table("k", power, Unit.ONE, "mix:" + situation.mix().key()),
                    table("T", where.need().mixC(today), Unit.CELSIUS, "place:temperature"));
            working.step(
                    "media.spent",
                    "spent = wet time/L(wet)",
                    spent * 100,
                    Unit.PER_CENT,
                    "COMMON",
                    earlier("wet time", wet, Unit.YEAR, "media.wet_time"),
                    table(
                            "L(wet)",
                            wetYears,
                            Unit.YEAR,
                            "mix:" + situation.mix().key()));
            double now = spent;
            return new MixAge(
                    story.since(),
                    wet * MONTHS,
                    now,
                    now / LIVES_DIFFER,
                    now * LIVES_DIFFER,
                    recorded.isPresent() && !recorded.get().isAfter(story.since())
                            ? Optional.empty()
                            : Optional.of(recorded.orElse(today)),
                    ahead(today));
        }

        /** Waterings and fresh mix up to this day. */
        private void happen(LocalDate day) {
            while (given < story.given().size()
                    && !story.given().get(given).on().isAfter(day)) {
                left = Math.min(1, left + story.given().get(given).litres() / available);
                given++;
            }
            while (refreshed < story.refreshes().size()
                    && !story.refreshes().get(refreshed).on().isAfter(day)) {
                spent += (begun - spent) * story.refreshes().get(refreshed).share();
                refreshed++;
            }
        }

        private void waterUnrecorded(boolean planned) {
            if (planned ? left <= 1 - situation.species().depletion() : dryDays > DRY_DAYS) {
                left = 1;
            }
        }

        private double decay(LocalDate day) {
            double after = Math.max(0, left - where.need().useOn(day) / available);
            double decay = meanPower(left, after, power) * warmth(where.need().mixC(day)) / (wetYears * DAYS_PER_YEAR);
            dryDays = after > 0 ? 0 : dryDays + 1;
            left = after;
            return decay;
        }

        /** Goes on from today, watered by its plan, where it stands last. */
        private Lasts ahead(LocalDate today) {
            Optional<LocalDate> earliest = Optional.empty();
            Optional<LocalDate> likely = Optional.empty();
            where.goTo(LocalDate.MAX);
            for (int i = 0; i < aheadDays; i++) {
                LocalDate day = today.plusDays(i);
                if (earliest.isEmpty() && spent >= 1 / LIVES_DIFFER) {
                    earliest = Optional.of(day);
                }
                if (likely.isEmpty() && spent >= 1) {
                    likely = Optional.of(day);
                }
                if (spent >= LIVES_DIFFER) {
                    return new Lasts(earliest, likely, Optional.of(day));
                }
                waterUnrecorded(true);
                spent += decay(day);
            }
            return new Lasts(earliest, likely, Optional.empty());
        }
    }
}
