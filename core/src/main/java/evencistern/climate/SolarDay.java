package evencistern.climate;

import evencistern.fault.Faults;
import java.time.LocalDate;

/**
 * Daylength and radiation above the air for a latitude and a date.
 *
 * <p><b>Answers</b> how long is the day, and how much sun can there be at most?
 * <p><b>Formula</b> dr = 1 + 0.033·cos(2πJ/365); δ = 0.409·sin(2πJ/365 − 1.39); ωs = arccos(−tan φ·tan δ); Ra =
 * (24·60/π)·Gsc·dr·(ωs·sin φ·sin δ + cos φ·cos δ·sin ωs); N = 24/π·ωs
 * <p><b>Units</b> latitude in degrees, north positive; Ra in MJ m⁻² d⁻¹; hours
 * <p><b>Valid for</b> latitudes −75 to 75; beyond the polar circles the sun that does not set shines all day, the one that does not rise not at all
 * <p><b>Source</b> [FAO56] equations 21 to 25, 34, and 35 with its default a = 0.25, b = 0.50
 * <p><b>Checked by</b> ClimateTest
 *
 * @param extraterrestrialMj Ra
 * @param daylengthHours N
 */
public record SolarDay(double extraterrestrialMj, double daylengthHours) {
    /** Farther from the equator nobody grows in pots, and the climates here know nothing. */
    public static final double FARTHEST = 75;

    private static final double SOLAR_CONSTANT = 0.0820;
    private static final double CLOUDED = 0.25;
    private static final double BRIGHT = 0.50;

    public static SolarDay of(double latitude, LocalDate date) {
        Faults.require("latitude", latitude, -FARTHEST, FARTHEST, "°");
        double phi = Math.toRadians(latitude);
        double year = 2 * Math.PI * date.getDayOfYear() / 365;
        double dr = 1 + 0.033 * Math.cos(year);
        double delta = declination(date);
        double sunset = Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(delta))));
        double ra = 24
                * 60
                / Math.PI
                * SOLAR_CONSTANT
                * dr
                * (sunset * Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.sin(sunset));
        return new SolarDay(Math.max(0, ra), 24 / Math.PI * sunset);
    }

    /**
     * Share of the radiation above the air that reaches open ground.
     *
     * @param sunshine share of the possible hours with bright sun, 0–1
     */
    static double through(double sunshine) {
        return CLOUDED + BRIGHT * sunshine;
    }

    /** The share of the possible hours with bright sun, 0–1, by the share of the radiation that reaches open ground. */
    static double sunshineBy(double through) {
        return Math.max(0, Math.min(1, (through - CLOUDED) / BRIGHT));
    }

    /** How far north of the equator the sun stands overhead, radians. */
    static double declination(LocalDate date) {
        return 0.409 * Math.sin(2 * Math.PI * date.getDayOfYear() / 365 - 1.39);
    }
}
