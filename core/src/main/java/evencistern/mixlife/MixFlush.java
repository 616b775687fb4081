package evencistern.mixlife;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.Optional;

/**
 * Washing the salt out of a heap of used mix.
 *
 * <p><b>Answers</b> how much plain water, in how many rounds, brings this used mix down to what the next plant stands?
 * <p><b>Formula</b> at the least V = W·ln((EC − EC(water))/(goal − EC(water))) as if all mixed at once; at the most 1.5 times that,
 * and 2.5 times where all is bark, since water runs past; a round is the water the mix holds, W = capacity·litres; rain of all
 * its surface counts whole towards the least and half towards the most
 * <p><b>Units</b> L; mS/cm of the saturated extract
 * <p><b>Valid for</b> mix spread no deeper than 15 cm where water drains off; without coated feed that goes on giving
 * <p><b>Source</b> [FAO29] leaching with complete mixing: one pore volume takes away 63 %, two 86 %; what runs past from memory
 * <p><b>Checked by</b> MixFlushTest
 *
 * @param roundLitres what to pour at a time, left to drain in between
 * @param leastRounds,mostRounds of them, rain counted off
 * @param rainLitres that fell on it
 */
public record MixFlush(
        double leastLitres, double mostLitres, double roundLitres, int leastRounds, int mostRounds, double rainLitres) {
    private static final double RUNS_PAST = 1.5;
    private static final double PAST_BARK = 1;
    private static final double RAIN_SURE = 0.5;
    private static final double HALF = 0.5;

    /** Rain on a heap that lies open, 0–5000 mm on 0–100 m². */
    public record Rain(double millimetres, double squareMetres) {
        public static final Rain NONE = new Rain(0, 0);

        public Rain {
            Faults faults = new Faults();
            faults.within("used.rain", millimetres, 0, 5000, "mm");
            faults.within("used.surface", squareMetres, 0, 100, "m²");
            faults.throwIfAny();
        }

        double litres() {
            return millimetres * squareMetres;
        }
    }

    /** By how much more than the least may be needed, since water runs past. */
    private static double runsPast(Component used) {
        return RUNS_PAST + (used.family() == Component.Family.BARK ? PAST_BARK : 0);
    }

    /**
     * What it likely has once so much was poured, half of what may run past having done so; mS/cm.
     *
     * @param poured L of water, 0–100 000
     */
    public static double after(Component used, double litres, double poured, double waterMsCm) {
        Faults.require("used.poured", poured, 0, 100_000, "L");
        double through = poured / ((1 + runsPast(used)) * HALF);
        double now = used.chemistry().ec();
        return waterMsCm + (now - waterMsCm) * Math.exp(-through / (used.hold().capacity() * litres));
    }

    /**
     * Nothing to pour where it is below the goal already; empty where this water is itself too salty to get there.
     *
     * @param litres of mix
     */
    public static Optional<MixFlush> of(
            Component used, double litres, double goalMsCm, double waterMsCm, Rain rain, Working working) {
        double held = used.hold().capacity() * litres;
        double now = used.chemistry().ec();
        if (now <= goalMsCm) {
            return Optional.of(new MixFlush(0, 0, held, 0, 0, rain.litres()));
        }
        if (!(goalMsCm > waterMsCm)) {
            return Optional.empty();
        }
        double least = working.step(
                "media.mix_flush",
                "V = W·ln((EC − EC(water))/(goal − EC(water)))",
                held * Math.log((now - waterMsCm) / (goalMsCm - waterMsCm)),
                Unit.LITRE,
                "FAO29",
                earlier("W", held, Unit.LITRE, "media.capacity"),
                typed("EC", now, Unit.MILLISIEMENS_PER_CM, "reading.ec"),
                table("goal", goalMsCm, Unit.MILLISIEMENS_PER_CM, "crops:threshold"),
                typed("EC(water)", waterMsCm, Unit.MILLISIEMENS_PER_CM, "water.ec"));
        double past = runsPast(used);
        double stillLeast = Math.max(0, least - rain.litres());
        double stillMost = Math.max(stillLeast, least * past - RAIN_SURE * rain.litres());
        return Optional.of(new MixFlush(
                stillLeast,
                stillMost,
                held,
                (int) Math.ceil(stillLeast / held - 1e-9),
                (int) Math.ceil(stillMost / held - 1e-9),
                rain.litres()));
    }
}
