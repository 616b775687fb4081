package evencistern.need;

import evencistern.climate.Place;
import evencistern.plant.Size;
import evencistern.plant.Species;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.OptionalDouble;

/**
 * What a plant that was measured has grown to.
 *
 * <p><b>Answers</b> how big is it today, and how much less sure is that than on the day it was measured?
 * <p><b>Formula</b> spread = usual − (usual − told)·exp(−G/200) where it was told smaller than usual, else as told; blur =
 * 0.25·√(G/200); G = Σ growth in days of full growth, taken once in 15 days; the height stays as it was told: labels go by it
 * <p><b>Units</b> m; days
 * <p><b>Valid for</b> plants that are not cut back; up to five years, then as if nothing were told
 * <p><b>Source</b> [COMMON] a potted plant fills the room its pot gives it in one to two seasons; from memory
 * <p><b>Checked by</b> GrownTest
 */
public final class Grown {
    private static final double SEASON_DAYS = 200;
    private static final double BLUR = 0.25;
    private static final int STEP_DAYS = 15;
    private static final long LONGEST_DAYS = 5 * 365;

    private Grown() {}

    /** What is told of the size of a plant of a kind today that was measured on a day. */
    public static Size.Told since(
            Size.Told measured, LocalDate on, LocalDate today, Species species, Place place, double potAcrossM) {
        if (measured.spreadM().isEmpty()) {
            return measured;
        }
        long days = Math.min(LONGEST_DAYS, ChronoUnit.DAYS.between(on, today));
        double growth = 0;
        for (long d = 0; d < days; d += STEP_DAYS) {
            growth += Math.min(STEP_DAYS, days - d)
                    * Growth.on(on.plusDays(d), species, place).factor();
        }
        double usual = Size.of(Size.Told.NOTHING, species, potAcrossM).spreadM();
        double told = measured.spreadM().getAsDouble();
        double now = told < usual ? usual - (usual - told) * Math.exp(-growth / SEASON_DAYS) : told;
        return new Size.Told(OptionalDouble.of(now), measured.heightM(), BLUR * Math.sqrt(growth / SEASON_DAYS));
    }
}
