package evencistern.need;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.climate.Place;
import evencistern.media.PotWater;
import evencistern.plant.Shape;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.watering.Watering;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * How much a pot takes and how long that lasts.
 *
 * <p><b>Answers</b> how many litres does this pot want, and how many days until the next watering?
 * <p><b>Formula</b> usable = available · depletion, in cells below 0.3 L less, by half at 0.03 L; from a reservoir, a tray or below clay
 * balls what stands there; on bare roots what hangs on them besides; use = r · loss − rain; none
 * given in a dry rest or a frozen pot; days = last k with Σ use ≤ usable, at least 1; pour = deficit / (1 − LF)
 * <p><b>Units</b> L; E in mm/d = L m⁻² d⁻¹; crown in m²
 * <p><b>Valid for</b> one plant a pot; r learned from its waterings, else 1 and as good as its size is known, which gives the
 * range of days; at most 90 days; rain on the pot's top where it reaches it, half of what falls on leaves above it shed
 * <p><b>Source</b> [FAO56] equations 82 and 83 for readily available water; leaching fraction as the way of watering has it, and
 * the rules for cells and for rain on leaves [COMMON]
 * <p><b>Checked by</b> CareTest
 */
public final class WaterNeed {
    /** What a plant at rest uses of what it would awake: in leaf, without leaves, dry. Typical, from memory. */
    private static final double IN_LEAF = 0.5;

    private static final double LEAFLESS = 0.06;
    private static final double DRY = 0.05;
    /** Cells between these sizes, L, dry unevenly and are hard to wet again: less of their water may go. */
    private static final double SMALLEST_CELL_L = 0.03;

    private static final double SMALL_POT_L = 0.3;
    private static final double IN_A_CELL = 0.5;
    /** Of the rain on leaves above the pot this runs off beside it. */
    private static final double SHED = 0.5;
    /** A day's use that is told of no day in particular is that at so much of the usable water gone. */
    private static final double HALF_WAY = 0.5;
    /** At and below this daily mean a pot outdoors is frozen, °C. */
    private static final double FROZEN_C = 0;

    private static final int MOST_TIMES = 4;
    private static final int LONGEST_REST = 300;
    public static final int LONGEST_DAYS = 90;

    private final Place place;
    private final Size size;
    private final Loss loss;
    /** What roots can take from the mix, and what stands or hangs beside it. */
    private final double inMixLitres;

    private final double besideLitres;
    private final double usableLitres;
    private final double catchM2;
    private final Learned learned;
    private final Watering watering;
    private final Species species;
    private final double restShare;
    private final Particulars particulars;
    private final SunOnWalls sun;

    public WaterNeed(PotWater water, Pot pot, Species species, Place place, Particulars particulars, Working working) {
        this.species = species;
        this.particulars = particulars;
        this.place = place;
        this.size = Size.of(particulars.size(), species, pot.acrossM());
        this.watering = particulars.watering();
        this.sun = new SunOnWalls(pot, size, place);
        this.loss = new Loss(pot, species, size, water.mixLitres() == 0, sun);
        this.restShare = switch (species.traits().text(Trait.REST_WATER)) {
            case "less" -> IN_LEAF;
            case "leafless" -> LEAFLESS;
            case "dry" -> DRY;
            default -> 1;
        };
        this.catchM2 = pot.surfaceM2() * (1 - SHED * size.shades(pot.surfaceM2()));
        this.learned = particulars.learned().from() > 0 ? particulars.learned() : Learned.unlearned(size.sd());
        this.inMixLitres = water.availableLitres(working);
        this.besideLitres = watering.besideLitres(pot, size);
        this.usableLitres = usable(species.depletion() * inACell(water.mixLitres()), working);
    }

    private double usable(double depletion, Working working) {
        Working.Input beside = table("beside", besideLitres, Unit.LITRE, "lot:watering");
        if (watering.way().stores()) {
            return working.step(
                    "water.usable",
                    "usable = beside·part",
                    besideLitres * watering.mayGo(),
                    Unit.LITRE,
                    "COMMON",
                    beside,
                    table("part", watering.mayGo() * 100, Unit.PER_CENT, "lot:watering"));
        }
        Working.Input available = earlier("AW", inMixLitres, Unit.LITRE, "media.available");
        Working.Input share = table("p", depletion * 100, Unit.PER_CENT, "species:depletion");
        return besideLitres > 0
                ? working.step(
                        "water.usable",
                        "usable = beside + AW·p",
                        besideLitres + inMixLitres * depletion,
                        Unit.LITRE,
                        "COMMON",
                        beside,
                        available,
                        share)
                : working.step(
                        "water.usable",
                        "usable = AW·p",
                        inMixLitres * depletion,
                        Unit.LITRE,
                        "FAO56 eq. 83",
                        available,
                        share);
    }

    /** How warm the mix is on a day, °C: as it was measured, or as the air with what sun on the walls adds. */
    public double mixC(LocalDate day) {
        return sun.mixC(particulars.mixC(), place.on(day));
    }

    /** How hot the roots at the sunny wall get on such a day, °C; empty where no sun shines on the walls. */
    public OptionalDouble hottestWallC(LocalDate day) {
        return sun.shines() ? OptionalDouble.of(sun.hottest(place.on(day))) : OptionalDouble.empty();
    }

    /** Litres that may go before it must be watered again. */
    public double usableLitres() {
        return usableLitres;
    }

    /** What of the depletion that its kind stands a plant stands in a pot of so many litres. */
    private static double inACell(double litres) {
        double along = Math.log(litres / SMALLEST_CELL_L) / Math.log(SMALL_POT_L / SMALLEST_CELL_L);
        return IN_A_CELL + (1 - IN_A_CELL) * Math.max(0, Math.min(1, along));
    }

    /** Share of the water in the mix, or on bare roots, that is gone with so many litres; a reservoir keeps the mix moist. */
    private double gone(double missing) {
        double first = watering.way().stores() ? besideLitres : 0;
        double then = mostLitres() - first;
        return then > 0 ? Math.max(0, Math.min(1, (missing - first) / then)) : 1;
    }

    /** How much of so many missing litres is missing from the mix. */
    public double missingFromMix(double missing) {
        return gone(missing) * inMixLitres;
    }

    /** All that roots can take when it has been watered, in the mix and beside it. */
    private double mostLitres() {
        return inMixLitres + besideLitres;
    }

    /** Litres one pot uses on a day, half way to its next watering. */
    public double useOn(LocalDate date) {
        return useOn(date, place.on(date), HALF_WAY * usableLitres);
    }

    private double useOn(LocalDate date, Place.Day day, double missing) {
        return learned.factor() * loss.on(day, awake(date, day), gone(missing)).whole();
    }

    /** Through what one pot loses water on a day, half way to its next watering. */
    public Loss.Parts partsOn(LocalDate date) {
        Place.Day day = place.on(date);
        return loss.on(day, awake(date, day), gone(HALF_WAY * usableLitres)).times(learned.factor());
    }

    /**
     * Into how many waterings a day is parted so that no more is gone between two of them than may go; 1 where the day may be
     * waited for, at most 4: a pot that asks for more wants to be bigger.
     */
    public int timesOn(LocalDate date) {
        return (int) Math.max(1, Math.min(MOST_TIMES, Math.ceil(useOn(date) / usableLitres - 1e-9)));
    }

    /** How big its plant is taken to be. */
    public Size size() {
        return size;
    }

    /** Whether somebody told how wide it is. */
    public boolean sizeTold() {
        return particulars.size().spreadM().isPresent();
    }

    /** How it stands. */
    public Shape shape() {
        return species.shape();
    }

    private double awake(LocalDate date, Place.Day day) {
        return restShare < 1 && rests(date, day) ? restShare : 1;
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

    public double useOn(LocalDate date, Working working) {
        Place.Day day = place.on(date);
        return loss.on(day, awake(date, day), gone(HALF_WAY * usableLitres), learned.factor(), working);
    }

    /** Whether what runs through leaves and takes salt along: not from a cachepot, a tray or a reservoir. */
    public boolean drains() {
        return watering.drains();
    }

    /** Litres that stand or hang beside the mix of one pot when it has been watered. */
    public double besideLitres() {
        return besideLitres;
    }

    /** How it gets its water. */
    public Watering watering() {
        return watering;
    }

    /** What of the pot's top its leaves leave open to what falls from above, m². */
    public double catchM2() {
        return catchM2;
    }

    /** Litres of rain that fall into the pot on a day. */
    public double rainOn(LocalDate date) {
        return place.on(date).rainMm() * catchM2;
    }

    /** What a pot from which so much is missing loses on a day, less the rain that falls into it; below 0 on a wet one. */
    private double lossOn(LocalDate date, double missing) {
        Place.Day day = place.on(date);
        return useOn(date, day, missing) - day.rainMm() * catchM2;
    }

    /** What the pot's own waterings have taught. */
    public Learned learned() {
        return learned;
    }

    /** How far the logarithm of the use may be off before anything was learned, as a standard deviation. */
    double priorSd() {
        return size.sd();
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
        for (LocalDate d = wateredOn.plusDays(1); !d.isAfter(date) && missing < mostLitres(); d = d.plusDays(1)) {
            missing = Math.max(0, missing + lossOn(d, missing));
        }
        return Math.min(missing, mostLitres());
    }

    /** Litres to pour once the usable water is gone. */
    public double fullPour(Working working) {
        return working.step(
                "water.full_pour",
                "pour = usable/(1 − LF)",
                usableLitres / (1 - watering.lost()),
                Unit.LITRE,
                "COMMON",
                earlier("usable", usableLitres, Unit.LITRE, "water.usable"),
                table("LF", watering.lost() * 100, Unit.PER_CENT, "plan:leaching_fraction"));
    }

    /** Litres to pour to make up a deficit and let the leaching fraction run through. */
    public double pour(double deficitLitres) {
        return deficitLitres / (1 - watering.lost());
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
                table("LF", watering.lost() * 100, Unit.PER_CENT, "plan:leaching_fraction"));
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
            double next = Math.max(0, used + lossOn(watered.plusDays(k), used));
            boolean over = next > usableLitres || k > LONGEST_DAYS;
            if (k > 1 && over && (k > LONGEST_REST || !keptDry(watered.plusDays(k - 1)))) {
                return new Dry(watered.plusDays(k - 1), k - 1, used);
            }
            used = Math.min(next, mostLitres());
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
            double rain = day.rainMm() * catchM2;
            Loss.Parts wet = loss.wet(day);
            double awake = awake(watered.plusDays(k), day);
            for (int i = 0; i < shares.length; i++) {
                double use = learned.factor()
                        * shares[i]
                        * wet.at(awake, gone(Math.min(used[i], mostLitres()))).whole();
                used[i] = Math.max(0, used[i] + use - rain);
                if (days[i] == LONGEST_DAYS && used[i] > usableLitres) {
                    days[i] = Math.max(1, k - 1);
                }
            }
        }
        return new Days(days[0], days[1], days[2]);
    }
}
