package evencistern.need;

import evencistern.climate.Place;
import evencistern.plant.Species;
import java.time.LocalDate;

/**
 * How fast a plant grows on a day.
 *
 * <p><b>Answers</b> is it warm and light enough for this plant to use feed?
 * <p><b>Formula</b> growth = clamp((Tmean − base)/(full − base)) · clamp((rest − Tmean)/3) · min(1, light/enough)
 * <p><b>Units</b> °C; mol m⁻² d⁻¹; 0–1
 * <p><b>Valid for</b> daily means of an average year
 * <p><b>Source</b> [COMMON] feed follows growth; the thresholds are the species' own
 * <p><b>Checked by</b> CareTest
 */
public record Growth(double warmth, double coolness, double light) {
    /** Over so many degrees below its resting heat a plant slows down. */
    private static final double COOLING_C = 3;

    public static Growth on(LocalDate date, Species species, Place place) {
        Place.Day day = place.on(date);
        double base = species.growthBaseC();
        double warmth = (day.meanC() - base) / (species.growthFullC() - base);
        double coolness = (species.restsAboveC() - day.meanC()) / COOLING_C;
        return new Growth(
                Math.max(0, Math.min(1, warmth)),
                Math.max(0, Math.min(1, coolness)),
                Math.min(1, day.lightMol() / species.fullLightMol()));
    }

    public double factor() {
        return warmth * coolness * light;
    }
}
