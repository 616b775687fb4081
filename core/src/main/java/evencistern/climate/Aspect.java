package evencistern.climate;

import java.time.LocalDate;

/**
 * The way a window looks, and what that makes of the light through the year.
 *
 * <p><b>Answers</b> how much more or less of the daylight comes through this window on a day than on average over the year?
 * <p><b>Formula</b> gain = (1 − d)·Σ max(0, cos θ)/Σ max(0, sin h) + d/2, against its mean over the year weighed by Ra; cos θ =
 * −sin δ·cos φ·cos γ + cos δ·sin φ·cos γ·cos ω + cos δ·sin γ·sin ω; sin h = sin φ·sin δ + cos φ·cos δ·cos ω
 * <p><b>Units</b> ratio
 * <p><b>Valid for</b> an upright window under an average sky, diffuse share d = 0.55; nothing standing before it
 * <p><b>Source</b> [DUFFIE] incidence on a tilted plane; the diffuse share is typical [TYPICAL]
 * <p><b>Checked by</b> ClimateTest
 */
public enum Aspect {
    NORTH(Math.PI),
    EAST(-Math.PI / 2),
    SOUTH(0),
    WEST(Math.PI / 2);

    private static final double DIFFUSE = 0.55;
    private static final int STEPS = 48;
    private static final int MONTHS = 12;
    private static final int A_YEAR = 2026;

    /** From the south, west positive. */
    private final double azimuth;

    Aspect(double azimuth) {
        this.azimuth = azimuth;
    }

    /** The light through the window on a day, against its mean over the year; 1 is average. */
    public double against(double latitude, LocalDate date) {
        double weighed = 0;
        double all = 0;
        for (int m = 1; m <= MONTHS; m++) {
            LocalDate middle = LocalDate.of(A_YEAR, m, 15);
            double ra = SolarDay.of(latitude, middle).extraterrestrialMj();
            weighed += ra * gain(latitude, middle);
            all += ra;
        }
        return gain(latitude, date) / (weighed / all);
    }

    private double gain(double latitude, LocalDate date) {
        double phi = Math.toRadians(latitude);
        double delta = SolarDay.declination(date);
        double onWindow = 0;
        double onGround = 0;
        for (int i = 0; i < STEPS; i++) {
            double omega = 2 * Math.PI * (i + 0.5) / STEPS - Math.PI;
            double height = Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.cos(omega);
            if (height > 0) {
                onGround += height;
                onWindow += Math.max(
                        0,
                        -Math.sin(delta) * Math.cos(phi) * Math.cos(azimuth)
                                + Math.cos(delta) * Math.sin(phi) * Math.cos(azimuth) * Math.cos(omega)
                                + Math.cos(delta) * Math.sin(azimuth) * Math.sin(omega));
            }
        }
        double beam = onGround > 0 ? onWindow / onGround : 0;
        return (1 - DIFFUSE) * beam + DIFFUSE / 2;
    }
}
