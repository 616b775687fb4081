package evencistern.watering;

import evencistern.fault.Faults;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.pot.Pot;
import java.util.OptionalDouble;

/**
 * How the pots of a lot get their water.
 *
 * <p><b>Answers</b> how much water stands or hangs beside the mix, how much of it may go, and for how long is a pot soaked?
 * <p><b>Formula</b> where not told: reservoir = 0.25 · pot volume; below clay balls 0.15 · pot volume; tray = 2 cm · (area of a
 * saucer 1.5 times as wide as the pot − its floor), of which three quarters may go; on bare roots and leaves 1.5 mm of their
 * area after a dunk, 0.4 mm after a mist; soaked from below 10 min and 1.5 min for each cm of height, 15 to 60; dunked 20 min
 * <p><b>Units</b> L; minutes; L/h; mm/h; m
 * <p><b>Valid for</b> pots that are filled to the same mark each time
 * <p><b>Source</b> [COMMON] how big such vessels usually are, and how long plants are soaked; the film is set so that orchids on
 * mounts and in baskets come to be watered as growers water them; from memory
 * <p><b>Checked by</b> WateringTest
 *
 * @param undrained whether what runs through stays below the pot, as in a cachepot
 * @param holdsLitres what the reservoir or the tray of one pot holds between its marks, as told
 * @param minutes it is soaked, as told
 * @param emitterLitresPerHour what all emitters of one pot give
 * @param rateMmPerHour what the sprinklers give
 * @param spacingM between the middles of two pots below the sprinklers
 */
public record Watering(
        Way way,
        boolean undrained,
        OptionalDouble holdsLitres,
        OptionalDouble minutes,
        OptionalDouble emitterLitresPerHour,
        OptionalDouble rateMmPerHour,
        OptionalDouble spacingM) {
    /** Poured on from above, into a pot that drains. */
    public static final Watering POURED = of(Way.TOP);

    private static final double RESERVOIR = 0.25;
    private static final double BELOW_BALLS = 0.15;
    private static final double SAUCER = 1.5;
    private static final double SAUCER_DEEP_M = 0.02;
    /** Of the water in a tray, what may go before it is filled up: a bog plant never stands dry. */
    private static final double OF_A_TRAY = 0.75;

    private static final double DUNKED_MM = 1.5;
    private static final double MISTED_MM = 0.4;
    private static final double SOAK_MIN = 10;
    private static final double SOAK_MIN_PER_CM = 1.5;
    private static final double SHORTEST_SOAK = 15;
    private static final double LONGEST_SOAK = 60;
    private static final double DUNK_MIN = 20;
    /** What an emitter usually gives, L/h. */
    private static final double EMITTER = 2;

    /** What small sprinklers usually give, mm/h. */
    private static final double SPRINKLERS = 12;

    public Watering {
        Faults faults = new Faults();
        holdsLitres.ifPresent(l -> faults.within("lot.holds", l, 0.005, 500, "L"));
        minutes.ifPresent(m -> faults.within("lot.minutes", m, 0.25, 1440, "min"));
        emitterLitresPerHour.ifPresent(l -> faults.within("lot.emitter", l, 0.1, 200, "L"));
        rateMmPerHour.ifPresent(r -> faults.within("lot.rate", r, 0.5, 200, "mm"));
        spacingM.ifPresent(s -> faults.within("lot.spacing", s, 0.02, 5, "m"));
        faults.throwIfAny();
    }

    /** In this way, of which nothing more is told. */
    public static Watering of(Way way) {
        return new Watering(
                way,
                false,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /** As plants of a kind usually are. */
    public static Watering usual(Species species) {
        return of(Way.named(species.traits().text(Trait.WAY)));
    }

    /** Poured on from above, into a pot from which what runs through runs away, or into one from which it does not. */
    public static Watering poured(boolean drains) {
        return new Watering(
                Way.TOP,
                !drains,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /** Whether what runs through carries salt away. */
    public boolean drains() {
        return way.rinses() && !undrained;
    }

    /** Share of what is given that does not stay in the pot. */
    public double lost() {
        return undrained && way != Way.MISTED ? 0 : way.lost();
    }

    /** Litres that stand or hang beside the mix of one pot when it has been watered; 0 where the mix holds all. */
    public double besideLitres(Pot pot, Size size) {
        return switch (way) {
            case RESERVOIR -> holdsLitres.orElse(RESERVOIR * pot.mixLitres());
            case CLAY_BALLS -> holdsLitres.orElse(BELOW_BALLS * pot.mixLitres());
            case STANDING -> holdsLitres.orElse(saucerLitres(pot));
            case DUNKED -> DUNKED_MM * size.crownM2() * size.leafShare();
            case MISTED -> MISTED_MM * size.crownM2() * size.leafShare();
            default -> 0;
        };
    }

    private static double saucerLitres(Pot pot) {
        double saucer = Math.PI / 4 * Math.pow(SAUCER * pot.acrossM(), 2);
        return 1000 * SAUCER_DEEP_M * (saucer - pot.shape().areaM2(0));
    }

    /** Of what stands beside the mix, the share that may go before it is filled up again. */
    public double mayGo() {
        return way == Way.STANDING ? OF_A_TRAY : 1;
    }

    /** Minutes for which a pot is soaked; empty where it is not. */
    public OptionalDouble soak(Pot pot) {
        return switch (way) {
            case FROM_BELOW ->
                OptionalDouble.of(minutes.orElse(Math.max(
                        SHORTEST_SOAK, Math.min(LONGEST_SOAK, SOAK_MIN + SOAK_MIN_PER_CM * 100 * pot.mixHeightM()))));
            case DUNKED -> OptionalDouble.of(minutes.orElse(DUNK_MIN));
            default -> OptionalDouble.empty();
        };
    }

    /** What the emitters of one pot give, L/h, where the garden's line is not told either. */
    public double emitter(OptionalDouble gardenLine) {
        return emitterLitresPerHour.orElse(gardenLine.orElse(EMITTER));
    }

    /** What the sprinklers give, mm/h. */
    public double rate() {
        return rateMmPerHour.orElse(SPRINKLERS);
    }

    /** Between the middles of two pots, m: pot by pot where it is not told, never closer. */
    public double spacing(Pot pot) {
        return Math.max(pot.acrossM(), spacingM.orElse(pot.acrossM()));
    }
}
