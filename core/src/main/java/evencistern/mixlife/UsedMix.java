package evencistern.mixlife;

import evencistern.fault.Faults;
import evencistern.feed.CoatedRelease;
import evencistern.media.Amendment;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.pot.Pot;
import evencistern.units.Uncertain;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * A mix that has stood in a pot and is to be used again.
 *
 * <p><b>Answers</b> what is this old mix like as an ingredient of a new one, and how much new stuff brings its air back?
 * <p><b>Formula</b> of a litre as potted, air lost = ½·air·organic share·spent: half of that is settled, and half holds water
 * now; its life goes on where it stands; pH as measured, else that of its parts ± √(0.4² + (0.6·spent)²); salt as measured, else as accounted
 * <p><b>Units</b> fractions of volume in a drained 15 cm column; spent as a share of its life, counted up to 1.2; mS/cm of the
 * saturated extract
 * <p><b>Valid for</b> mixes of which a part is organic; mineral grains stay as they are; ± 5 points of water besides the mix's own
 * <p><b>Source</b> [COMMON] a mix that is used up has lost about half of its air; from memory, and the ± says how little is known
 * <p><b>Checked by</b> UsedMixTest
 *
 * @param was the mix as it was potted into
 * @param spent share of its life
 * @param pasteMsCm EC of its saturated extract
 */
public record UsedMix(Mix was, double spent, Uncertain ph, Uncertain pasteMsCm) {
    private static final double AIR_LOST = 0.5;
    private static final double SETTLED = 0.5;
    private static final double MOST_SPENT = 1.2;
    private static final double PH_DRIFT = 0.6;
    private static final double MORE_DOUBT = 0.05;
    private static final double LEAST_PORES = 0.1;
    private static final double COATED_TRACE = 0.2;
    private static final double STEP = 0.05;
    private static final double MOST_NEW = 0.8;
    private static final double ROUNDING = 1e-9;
    private static final double LEAST_PACK_LITRES = 0.1;
    private static final double MG_PER_G_PER_CENT = 10;
    /** Key of the coated feed that is stirred into mixes. */
    public static final String COATED = "coated_feed";
    /** As coated feeds are most often rated. */
    private static final double RATED_C = 21;

    public UsedMix {
        Faults faults = new Faults();
        faults.within("used.spent", spent * 100, 0, 500, "%");
        faults.within("reading.ph", ph.value(), 3, 10, "pH");
        faults.within("reading.ec", pasteMsCm.value(), 0, 20, "mS/cm");
        faults.throwIfAny();
    }

    /** Coated feed that went into it, g per litre of mix. */
    public record Coated(LocalDate on, double gramsPerLitre, CoatedRelease release) {
        /** That which is stirred into mixes, or what was left of it on a day: it goes on as it would from new. */
        public static Coated stirredIn(LocalDate on, double gramsPerLitre) {
            return new Coated(on, gramsPerLitre, STIRRED_IN);
        }

        /** Nitrogen in a litre of mix, mg, were it that which is stirred into mixes. */
        public double nitrogenMgPerLitre() {
            return gramsPerLitre
                    * MG_PER_G_PER_CENT
                    * Amendment.require(COATED).contents().getOrDefault("n", 0.0);
        }
    }

    /** How coated feed that is stirred into mixes gives itself away. */
    public static final CoatedRelease STIRRED_IN =
            new CoatedRelease(Amendment.require(COATED).months(), RATED_C);

    /** Of coated feed that went into it, g per litre that has not been released, by the mean temperature of each day. */
    public static double coatedLeft(List<Coated> coated, LocalDate today, ToDoubleFunction<LocalDate> meanCelsius) {
        return coated.stream()
                .mapToDouble(c -> c.gramsPerLitre() * (1 - c.release().released(c.on(), today, meanCelsius)))
                .sum();
    }

    /** Whether so much is left that heating would set it all free at once, g per litre of mix. */
    public static boolean coatedFeedIn(double leftGramsPerLitre) {
        return leftGramsPerLitre > COATED_TRACE;
    }

    /** The pH of one that nobody measured. */
    public static Uncertain phUnmeasured(Uncertain whenNew, double spent) {
        return Uncertain.plusMinus95(
                whenNew.value(), Math.hypot(whenNew.halfWidth95(), PH_DRIFT * Math.min(spent, MOST_SPENT)));
    }

    /**
     * The same as an ingredient.
     *
     * @param litres there are of it, 0.05–20 000
     */
    public Component component(String key, double litres) {
        Faults.require("used.litres", litres, 0.05, 20_000, "L");
        PotWater column = new PotWater(was, PotWater.TABLE_COLUMN);
        double lost = AIR_LOST * column.air() * was.organicShare() * Math.min(spent, MOST_SPENT);
        double settled = 1 - SETTLED * lost;
        double porosity = Math.max(LEAST_PORES, 1 - (1 - was.porosity()) / settled);
        double capacity = Math.min(porosity - 0.001, (column.capacity() + (1 - SETTLED) * lost) / settled);
        double unavailable = Math.min(capacity, was.unavailable() / settled);
        double residual = Math.min(mean(c -> c.hold().curve().residual()), capacity / 2);
        Component.Grain grain = new Component.Grain(
                was.parts().stream()
                        .filter(p -> p.parts() > 0)
                        .mapToDouble(p -> p.component().grain().fromMm())
                        .min()
                        .orElseThrow(),
                was.parts().stream()
                        .filter(p -> p.parts() > 0)
                        .mapToDouble(p -> p.component().grain().toMm())
                        .max()
                        .orElseThrow(),
                mean(c -> c.grain().voids()),
                mean(c -> c.grain().flow()),
                mean(c -> (1 - c.hold().porosity()) * c.grain().solidKgPerL())
                        / mean(c -> 1 - c.hold().porosity()));
        return new Component(
                key,
                was.kind(),
                grain,
                Component.Hold.fitted(
                        porosity,
                        capacity,
                        Component.TABLE_COLUMN_CM,
                        unavailable,
                        was.waterPlusMinus() + MORE_DOUBT,
                        residual,
                        mean(c -> c.hold().curve().n())),
                was.densityKgPerL() / settled,
                new Component.Chemistry(ph.value(), was.buffer(), was.cec(), pasteMsCm.value()),
                new Component.Wear(was.wetYears(), was.cycledYears(), spent),
                new Component.Pack(
                        Component.PackKind.BAG,
                        Math.max(LEAST_PACK_LITRES, litres),
                        Math.max(LEAST_PACK_LITRES, litres),
                        Optional.empty()));
    }

    private double mean(ToDoubleFunction<Component> of) {
        return was.parts().stream()
                .mapToDouble(p -> was.share(p) * of.applyAsDouble(p.component()))
                .sum();
    }

    /** So much of it, 0–1, in a mix with another. */
    public static Mix in(Component used, double share, Mix other) {
        Faults.require("used.share", share * 100, 1, 100, "%");
        List<Mix.Part> parts = new ArrayList<>();
        parts.add(new Mix.Part(used, share));
        other.parts().forEach(p -> parts.add(new Mix.Part(p.component(), (1 - share) * other.share(p))));
        return Mix.of(other.key(), parts);
    }

    /**
     * The least share of something new in it, in twentieths, with which it has the air that is wanted; 0 where it has it
     * already, empty where four fifths would not do.
     *
     * @param wanted as a fraction of the pot's mix
     */
    public static OptionalDouble newShare(Component used, Component fresh, double wanted, Pot pot) {
        for (int step = 0; step * STEP <= MOST_NEW + ROUNDING; step++) {
            double share = step * STEP;
            Mix mix =
                    Mix.of(used.key(), List.of(new Mix.Part(used, 1 - share), new Mix.Part(fresh, Math.max(0, share))));
            if (new PotWater(mix, pot).air() >= wanted) {
                return OptionalDouble.of(share);
            }
        }
        return OptionalDouble.empty();
    }

    /**
     * Coated feed to stir in again: what is usual, less what is still to come of the old, g per litre of mix.
     *
     * @param leftGramsPerLitre of coated feed that has not been released
     */
    public static double feedAgain(double leftGramsPerLitre) {
        return Math.max(0, Amendment.require(COATED).medium() - leftGramsPerLitre);
    }
}
