package evencistern.need;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.climate.Place;
import evencistern.climate.ReferenceWaterUse;
import evencistern.media.PotWater;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;

/**
 * How much a pot takes and how long that lasts.
 *
 * <p><b>Answers</b> how many litres does this pot want, and how many days until the next watering?
 * <p><b>Formula</b> usable = available · depletion; use = r · E · (crop · canopy + wall · surface) − rain, a quarter of it
 * at a leafless rest; none given in a dry rest or a frozen pot; days = last k with Σ use ≤ usable, at least 1; pour =
 * deficit / (1 − LF)
 * <p><b>Units</b> L; E in mm/d = L m⁻² d⁻¹; canopy in m²
 * <p><b>Valid for</b> one plant a pot; r learned from its waterings, else 1 and good to ± 30 % in four lots of five, which
 * gives the range of days; at most 90 days; canopy not below the pot's top; rain on the pot's top where it reaches it
 * <p><b>Source</b> [FAO56] equations 58, 82 and 83 for use and readily available water; leaching fraction 0.15, 0 where
 * nothing drains [COMMON]
 * <p><b>Checked by</b> CareTest
 */
public final class WaterNeed {
    static final double LEACHING_FRACTION = 0.15;
    /** What a leafless plant uses of what it would in leaf; the surface still dries. Typical, from memory. */
    private static final double LEAFLESS = 0.25;
    /** What is lost from the pot of a plant that rests dry. Typical, from memory. */
    private static final double DRY = 0.05;
    /** At and below this daily mean a pot outdoors is frozen, °C. */
    private static final double FROZEN_C = 0;

    private static final int LONGEST_REST = 300;
    public static final int LONGEST_DAYS = 90;

    private final double cropFactor;
    private final Place place;
    private final double canopyM2;
    private final double wallM2;
    private final double availableLitres;
    private final double usableLitres;
    private final double surfaceM2;
    private final Learned learned;
    private final double leaching;
    private final ReferenceWaterUse method;
    private final Species species;
    private final double restShare;
    private final Particulars particulars;

    public WaterNeed(PotWater water, Pot pot, Species species, Place place, Particulars particulars, Working working) {
        this.method = ReferenceWaterUse.of(place);
        this.species = species;
        this.particulars = particulars;
        this.restShare = species.traits().is(Trait.REST_WATER, "less")
                ? LEAFLESS
                : species.traits().is(Trait.REST_WATER, "dry") ? DRY : 1;
        this.surfaceM2 = pot.surfaceM2();
        this.learned = particulars.learned();
        this.leaching = particulars.drains() && pot.material() != Material.SELF_WATERING ? LEACHING_FRACTION : 0;
        this.cropFactor = species.cropFactor();
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
        return useOn(date, place.on(date));
    }

    private double useOn(LocalDate date, Place.Day day) {
        double awake = learned.factor() * planned(method.mmPerDay(day));
        return restShare < 1 && rests(date, day) ? awake * restShare : awake;
    }

    private boolean rests(LocalDate date, Place.Day day) {
        return Hold.rests(date, day, species, particulars);
    }

    /** Whether no water is given on a day: to a plant that rests dry, or into a frozen pot. */
    public boolean keptDry(LocalDate date) {
        Place.Day day = place.on(date);
        return (restShare == DRY && rests(date, day))
                || (place.kind() != Place.Kind.INDOORS && day.meanC() <= FROZEN_C);
    }

    /** Litres by a reference in mm a day, before anything was learned. */
    private double planned(double reference) {
        return reference * (cropFactor * canopyM2 + wallM2);
    }

    public double useOn(LocalDate date, Working working) {
        Place.Day day = place.on(date);
        double reference = working.step(
                "water.reference",
                switch (method.source()) {
                    case "FAO56 eq. 6" -> "E = (0.408·Δ·Rn + γ·900/(T + 273)·u·VPD)/(Δ + γ·(1 + 0.34·u))";
                    case "FAO56 eq. 52" -> "E = 0.0023·(T + 17.8)·√(Tmax − Tmin)·Ra·0.408";
                    default -> "E = 0.5·0.408·Rs + 0.7·air·VPD";
                },
                method.mmPerDay(day),
                Unit.MILLIMETRE_PER_DAY,
                method.source(),
                table("T", day.meanC(), Unit.CELSIUS, "place:temperature"),
                table("Rs", day.globalMj(), Unit.MEGAJOULE_PER_M2_DAY, "place:light"),
                table("RH", day.humidityPercent(), Unit.PER_CENT, "place:humidity"));
        return working.step(
                "water.daily",
                "use = r·E·(crop·canopy + wall)",
                learned.factor() * planned(reference),
                Unit.LITRE,
                "FAO56 eq. 58",
                earlier("E", reference, Unit.MILLIMETRE_PER_DAY, "water.reference"),
                table("crop", cropFactor, Unit.ONE, "species:crop"),
                table("canopy", canopyM2 * 10_000, Unit.SQUARE_CENTIMETRE, "species:canopy"),
                table("wall", wallM2 * 10_000, Unit.SQUARE_CENTIMETRE, "pot:material"),
                table("r", learned.factor(), Unit.ONE, "lot:learned"));
    }

    /** Whether what runs through leaves: not from a cachepot, a tray or a reservoir. */
    public boolean drains() {
        return leaching > 0;
    }

    /** Litres of rain that fall into the pot on a day. */
    public double rainOn(LocalDate date) {
        return place.on(date).rainMm() * surfaceM2;
    }

    /** What the pot loses on a day, less the rain that falls into it; below 0 on a wet one. */
    private double lossOn(LocalDate date) {
        return useOn(date) - rainOn(date);
    }

    /** What the pot's own waterings have taught. */
    public Learned learned() {
        return learned;
    }

    /** Litres a day as little, or as much, as four pots of five use. */
    public double useLowOn(LocalDate date) {
        return plannedOn(date) * learned.low();
    }

    public double useHighOn(LocalDate date) {
        return plannedOn(date) * learned.high();
    }

    /** Litres a day as planned, before anything was learned. */
    public double plannedOn(LocalDate date) {
        return useOn(date) / learned.factor();
    }

    /** Litres missing on {@code date} in a pot that was drained full on {@code wateredOn}; never more than available. */
    public double deficit(LocalDate wateredOn, LocalDate date) {
        double missing = 0;
        for (LocalDate d = wateredOn.plusDays(1); !d.isAfter(date) && missing < availableLitres; d = d.plusDays(1)) {
            missing = Math.max(0, missing + lossOn(d));
        }
        return Math.min(missing, availableLitres);
    }

    /** Litres to pour once the usable water is gone. */
    public double fullPour(Working working) {
        return working.step(
                "water.full_pour",
                "pour = usable/(1 − LF)",
                usableLitres / (1 - leaching),
                Unit.LITRE,
                "COMMON",
                earlier("usable", usableLitres, Unit.LITRE, "water.usable"),
                table("LF", leaching * 100, Unit.PER_CENT, "plan:leaching_fraction"));
    }

    /** Litres to pour to make up a deficit and let the leaching fraction run through. */
    public double pour(double deficitLitres) {
        return deficitLitres / (1 - leaching);
    }

    /** The same with its working, as one of the steps {@code water.pour}, {@code next_pour} and {@code feed_pour}. */
    public double pour(double deficitLitres, String step, Working working) {
        return working.step(
                step,
                "pour = deficit/(1 − LF)",
                pour(deficitLitres),
                Unit.LITRE,
                "COMMON",
                earlier("deficit", deficitLitres, Unit.LITRE, "water.daily"),
                table("LF", leaching * 100, Unit.PER_CENT, "plan:leaching_fraction"));
    }

    /** Days from a watering to the next, as likely, and as short and long as the uncertainty of the use makes it. */
    public record Days(int shortest, int likely, int longest) {}

    public Days daysAfter(LocalDate watered, Working working) {
        Days days = daysAfter(watered);
        working.step(
                "water.days",
                "days = last k with Σ use ≤ usable",
                days.likely(),
                Unit.DAY,
                "FAO56 eq. 83",
                earlier("usable", usableLitres, Unit.LITRE, "water.usable"),
                earlier("use", useOn(watered.plusDays(1)), Unit.LITRE, "water.daily"));
        return days;
    }

    /**
     * A pot that has dried as far as it may.
     *
     * @param days since it was watered
     * @param missingLitres from one pot
     */
    public record Dry(LocalDate on, int days, double missingLitres) {}

    /** The last day after a watering on which no more is gone than may go; at least the next. */
    public Dry dryDown(LocalDate watered) {
        double used = 0;
        for (int k = 1; ; k++) {
            double next = Math.max(0, used + lossOn(watered.plusDays(k)));
            boolean over = next > usableLitres || k > LONGEST_DAYS;
            if (k > 1 && over && (k > LONGEST_REST || !keptDry(watered.plusDays(k - 1)))) {
                return new Dry(watered.plusDays(k - 1), k - 1, used);
            }
            used = Math.min(next, availableLitres);
        }
    }

    /** A pot that was never watered: as dry as it may be, on its first day. */
    public Dry unwatered(LocalDate on) {
        return new Dry(on, dryDown(on).days(), usableLitres);
    }

    /** Of each day the loss is worked out once, for the thirstiest, the likely and the thriftiest pot. */
    private Days daysAfter(LocalDate watered) {
        double[] shares = {learned.high() / learned.factor(), 1, learned.low() / learned.factor()};
        double[] used = new double[shares.length];
        int[] days = {LONGEST_DAYS, LONGEST_DAYS, LONGEST_DAYS};
        for (int k = 1; k <= LONGEST_DAYS && days[shares.length - 1] == LONGEST_DAYS; k++) {
            Place.Day day = place.on(watered.plusDays(k));
            double use = useOn(watered.plusDays(k), day);
            double rain = day.rainMm() * surfaceM2;
            for (int i = 0; i < shares.length; i++) {
                used[i] = Math.max(0, used[i] + use * shares[i] - rain);
                if (days[i] == LONGEST_DAYS && used[i] > usableLitres) {
                    days[i] = Math.max(1, k - 1);
                }
            }
        }
        return new Days(days[0], days[1], days[2]);
    }
}
