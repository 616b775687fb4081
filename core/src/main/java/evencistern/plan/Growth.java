package evencistern.plan;

import evencistern.climate.Place;
import evencistern.plant.Species;
import java.time.LocalDate;

/**
 * How fast a plant grows on a day.
 *
 * <p><b>Answers</b> is it warm and light enough for this plant to use feed?
 * <p><b>Formula</b> growth = clamp((Tmean − base)/(full − base)) · min(1, light/enough)
 * <p><b>Units</b> °C; mol m⁻² d⁻¹; 0–1
 * <p><b>Valid for</b> daily means of an average year
 * <p><b>Source</b> [COMMON] feed follows growth; the thresholds are the species' own
 * <p><b>Checked by</b> CareTest
 */
record Growth(double warmth, double light) {
    static Growth on(LocalDate date, Species species, Place place) {
        Place.Day day = place.on(date);
        double warmth = (day.meanC() - species.growthBaseC()) / (species.growthFullC() - species.growthBaseC());
        return new Growth(Math.max(0, Math.min(1, warmth)), Math.min(1, day.lightMol() / species.fullLightMol()));
    }

    double factor() {
        return warmth * light;
    }
}
