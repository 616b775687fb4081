package evencistern.reading;

import evencistern.media.Mix;
import evencistern.units.Uncertain;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a soak says of the mix.
 *
 * <p><b>Answers</b> how acid is the mix between waterings, how far has it fallen since it was fresh, and how long will it last?
 * <p><b>Formula</b> the roots stand at or below the pH after the soak: the water's alkalinity took up acid of the mix, ΔpH =
 * alkalinity·V(water)/(β·V(mix)), and the exchange is not complete, for which 0.3 more is assumed; the middle of that is held against the band; fall = first soak of the
 * batch − this one; time left: on the line between the two, down to the plant's band
 * <p><b>Units</b> pH; alkalinity in mg/L CaCO3; β, buffer of the mix, in g CaCO3 per litre and pH
 * <p><b>Valid for</b> soaks of hours in about twice the mix's volume of plain water
 * <p><b>Source</b> [COMMON] out-pH is not the roots' pH; the 0.3 is a stated assumption, no source
 * <p><b>Checked by</b> SoakTest
 *
 * @param standing pH of the roots between waterings, held against the plant's band
 * @param standingLow,standingHigh between these the roots stand between waterings
 * @param fall since the batch's own first soak, if there was one
 * @param leavesOn when it will have fallen to the plant's lowest, if it falls
 */
public record Soak(
        Judgement standing,
        double standingLow,
        double standingHigh,
        Optional<Uncertain> fall,
        Optional<LocalDate> leavesOn) {
    private static final double INCOMPLETE = 0.3;
    private static final double MOST_BELOW = 1.5;
    private static final double MG_PER_G = 1000;
    /** As the steps of a soak say: twice as much water as the pot holds mix. */
    private static final double WATER_PER_MIX = 2;
    /** A value that is as likely anywhere within a width has a variance of the width squared over this. */
    private static final double TWELVE = 12;

    /** The batch's own first soak. */
    public record First(LocalDate on, double ph) {}

    /**
     * Judges a soak.
     *
     * @param alkalinity of the water, mg/L CaCO3, if it is known; 100 is taken where it is not
     */
    public static Soak of(
            Uncertain after,
            LocalDate on,
            Mix mix,
            double phLow,
            double phHigh,
            OptionalDouble alkalinity,
            Optional<First> first) {
        double below = below(mix, alkalinity);
        Optional<First> before = first.filter(f -> f.on().isBefore(on));
        Optional<Uncertain> fall = before.map(f -> new Uncertain(f.ph() - after.value(), after.sd() * Math.sqrt(2)));
        Optional<LocalDate> leaves = before.flatMap(f -> {
            double fell = f.ph() - after.value();
            double perDay = fell / (on.toEpochDay() - f.on().toEpochDay());
            double left = standing(after, mix, alkalinity).value() - phLow;
            return fell > 2 * after.sd() && left > 0
                    ? Optional.of(on.plusDays(Math.round(Math.min(3650, left / perDay))))
                    : Optional.empty();
        });
        return new Soak(
                Judgement.of(standing(after, mix, alkalinity), phLow, phHigh),
                after.value() - below,
                after.value(),
                fall,
                leaves);
    }

    /**
     * The pH at which the roots stand between waterings, by a soak: as likely anywhere between what the water shows and what is
     * taken to be hidden by it.
     */
    public static Uncertain standing(Uncertain after, Mix mix, OptionalDouble alkalinity) {
        double below = below(mix, alkalinity);
        return new Uncertain(after.value() - below / 2, Math.hypot(after.sd(), below / Math.sqrt(TWELVE)));
    }

    /** How far below the water's pH the roots may stand. */
    private static double below(Mix mix, OptionalDouble alkalinity) {
        double taken = alkalinity.orElse(100) * WATER_PER_MIX / MG_PER_G / mix.buffer();
        return Math.min(MOST_BELOW, taken + INCOMPLETE);
    }

    /** Whether the mix is spent: below the plant's band and fallen from what it was when fresh. */
    public boolean spent() {
        return standing.finding().low()
                && fall.filter(f -> f.probabilityBelow(0) < 0.1).isPresent();
    }
}
