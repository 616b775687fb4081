package evencistern.plan;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.climate.Place;
import evencistern.climate.ReferenceWaterUse;
import evencistern.media.PotWater;
import evencistern.plant.Species;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;

/**
 * How much a pot takes and how long that lasts.
 *
 * <p><b>Answers</b> how many litres does this pot want, and how many days until the next watering?
 * <p><b>Formula</b> usable = available · depletion; use = E · (crop · canopy + wall · surface); days = first k with Σ use ≥ usable; pour =
 * deficit / (1 − LF)
 * <p><b>Units</b> L; E in mm/d = L m⁻² d⁻¹; canopy in m²
 * <p><b>Valid for</b> one plant a pot; daily use good to ± 30 %, which gives the range of days; at most 90 days
 * <p><b>Source</b> [FAO56] equations 58, 82 and 83 for use and readily available water; leaching fraction 0.15 [COMMON]
 * <p><b>Checked by</b> CareTest
 */
public final class WaterNeed {
    static final double LEACHING_FRACTION = 0.15;
    static final double USE_PLUS_MINUS = 0.30;
    public static final int LONGEST_DAYS = 90;

    private final Species species;
    private final Place place;
    private final double canopyM2;
    private final double wallM2;
    private final double availableLitres;
    private final double usableLitres;

    WaterNeed(PotWater water, Pot pot, Species species, Place place, Working working) {
        this.species = species;
        this.place = place;
        this.canopyM2 = pot.surfaceM2() * species.canopyRatio();
        this.wallM2 = pot.surfaceM2() * pot.material().wall();
        this.availableLitres = water.availableLitres(working);
        this.usableLitres = working.step(
                "water.usable",
                "usable = AW·p",
                availableLitres * species.depletion(),
                Unit.LITRE,
                "FAO56 eq. 83",
                earlier("AW", availableLitres, Unit.LITRE, "media.available"),
                table("p", species.depletion() * 100, Unit.PER_CENT, "species:depletion"));
    }

    /** Litres that may go before it must be watered again. */
    public double usableLitres() {
        return usableLitres;
    }

    /** Litres one pot uses on a day. */
    public double useOn(LocalDate date) {
        return useOn(date, Working.off());
    }

    double useOn(LocalDate date, Working working) {
        ReferenceWaterUse method = ReferenceWaterUse.of(place.kind());
        Place.Day day = place.on(date);
        double reference = working.step(
                "water.reference",
                place.kind() == Place.Kind.OUTDOORS
                        ? "E = 0.0023·(T + 17.8)·√(Tmax − Tmin)·Ra·0.408"
                        : "E = 0.5·0.408·Rs + 0.7·VPD",
                method.mmPerDay(day),
                Unit.MILLIMETRE_PER_DAY,
                method.source(),
                table("T", day.meanC(), Unit.CELSIUS, "place:temperature"),
                table("Rs", day.globalMj(), Unit.MEGAJOULE_PER_M2_DAY, "place:light"),
                table("RH", day.humidityPercent(), Unit.PER_CENT, "place:humidity"));
        return working.step(
                "water.daily",
                "use = E·(crop·canopy + wall)",
                reference * (species.cropFactor() * canopyM2 + wallM2),
                Unit.LITRE,
                "FAO56 eq. 58",
                earlier("E", reference, Unit.MILLIMETRE_PER_DAY, "water.reference"),
                table("crop", species.cropFactor(), Unit.ONE, "species:crop"),
                table("canopy", canopyM2 * 10_000, Unit.SQUARE_CENTIMETRE, "species:canopy"),
                table("wall", wallM2 * 10_000, Unit.SQUARE_CENTIMETRE, "pot:material"));
    }

    /** Litres missing on {@code date} in a pot that was drained full on {@code wateredOn}; never more than available. */
    public double deficit(LocalDate wateredOn, LocalDate date) {
        double missing = 0;
        for (LocalDate d = wateredOn.plusDays(1); !d.isAfter(date) && missing < availableLitres; d = d.plusDays(1)) {
            missing += useOn(d);
        }
        return Math.min(missing, availableLitres);
    }

    /** Litres to pour once the usable water is gone. */
    double fullPour(Working working) {
        return working.step(
                "water.full_pour",
                "pour = usable/(1 − LF)",
                usableLitres / (1 - LEACHING_FRACTION),
                Unit.LITRE,
                "COMMON",
                earlier("usable", usableLitres, Unit.LITRE, "water.usable"),
                table("LF", LEACHING_FRACTION * 100, Unit.PER_CENT, "plan:leaching_fraction"));
    }

    /** Litres to pour to make up a deficit and let the leaching fraction run through. */
    double pour(double deficitLitres, Working working) {
        return working.step(
                "water.pour",
                "pour = deficit/(1 − LF)",
                deficitLitres / (1 - LEACHING_FRACTION),
                Unit.LITRE,
                "COMMON",
                earlier("deficit", deficitLitres, Unit.LITRE, "water.daily"),
                table("LF", LEACHING_FRACTION * 100, Unit.PER_CENT, "plan:leaching_fraction"));
    }

    /** Days from a watering to the next, as likely, and as short and long as the uncertainty of the use makes it. */
    public record Days(int shortest, int likely, int longest) {}

    Days daysAfter(LocalDate watered, Working working) {
        Days days =
                new Days(daysAt(watered, 1 + USE_PLUS_MINUS), daysAt(watered, 1), daysAt(watered, 1 - USE_PLUS_MINUS));
        working.step(
                "water.days",
                "days = first k with Σ use ≥ usable",
                days.likely(),
                Unit.DAY,
                "FAO56 eq. 83",
                earlier("usable", usableLitres, Unit.LITRE, "water.usable"),
                earlier("use", useOn(watered.plusDays(1)), Unit.LITRE, "water.daily"));
        return days;
    }

    private int daysAt(LocalDate watered, double share) {
        double used = 0;
        for (int k = 1; k < LONGEST_DAYS; k++) {
            used += useOn(watered.plusDays(k)) * share;
            if (used >= usableLitres) {
                return k;
            }
        }
        return LONGEST_DAYS;
    }
}
