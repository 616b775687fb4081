package evencistern.climate;

import java.time.LocalDate;

/**
 * The way a window looks, and what that makes of the light on a level leaf behind it through the year.
 *
 * <p><b>Answers</b> how much more or less of the daylight comes to a plant at this window on a day than on average over the year?
 * <p><b>Formula</b> gain = d·0.145 + (1 − d)·Σ sin h·τ·s/Σ sin h over the hours in which the sun stands before the window, against
 * its mean over the year weighed by Ra; τ = 0.85·(1 − (1 − cos θ)³) through the glass, s = 1 − 0.25·tan h/(1 + tan h) past
 * the reveal; cos θ = cos h·cos(sun's azimuth − window's)
 * <p><b>Units</b> ratio
 * <p><b>Valid for</b> an upright window under an average sky, diffuse share d = 0.55; nothing standing before it; a plant on
 * its sill
 * <p><b>Source</b> [DUFFIE] incidence on a tilted plane; the diffuse share, the share of the sky that a sill sees and the loss
 * in glass and reveal are typical [TYPICAL]: north 8 %, south 25 % in July and 45 % in January at 52°
 * <p><b>Checked by</b> ClimateTest
 */
public enum Aspect {
    NORTH(Math.PI),
    EAST(-Math.PI / 2),
    SOUTH(0),
    WEST(Math.PI / 2);

    private static final double DIFFUSE = 0.55;
    private static final double OF_THE_SKY = 0.145;
    private static final double GLASS = 0.85;
    private static final double REVEAL = 0.25;
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

    /** Share of the daylight in the open that comes to a level leaf on the sill on a day. */
    public double gain(double latitude, LocalDate date) {
        double phi = Math.toRadians(latitude);
        double delta = SolarDay.declination(date);
        double onSill = 0;
        double onGround = 0;
        for (int i = 0; i < STEPS; i++) {
            double omega = 2 * Math.PI * (i + 0.5) / STEPS - Math.PI;
            double height = Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.cos(omega);
            if (height > 0) {
                onGround += height;
                double before = -Math.sin(delta) * Math.cos(phi) * Math.cos(azimuth)
                        + Math.cos(delta) * Math.sin(phi) * Math.cos(azimuth) * Math.cos(omega)
                        + Math.cos(delta) * Math.sin(azimuth) * Math.sin(omega);
                if (before > 0) {
                    double steep = height / Math.sqrt(Math.max(1e-9, 1 - height * height));
                    double through = GLASS * (1 - Math.pow(1 - before, 3));
                    onSill += height * through * (1 - REVEAL * steep / (1 + steep));
                }
            }
        }
        double beam = onGround > 0 ? onSill / onGround : 0;
        return (1 - DIFFUSE) * beam + DIFFUSE * OF_THE_SKY;
    }
}
