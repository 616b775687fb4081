package evencistern.need;

import evencistern.climate.Place;
import evencistern.plant.Size;
import evencistern.pot.Mount;
import evencistern.pot.Pot;
import evencistern.pot.Walls;
import java.util.OptionalDouble;

/**
 * Sun on the walls of a pot.
 *
 * <p><b>Answers</b> how much warmer than the air is the mix in a pot whose walls stand in the sun, how hot do the roots at the sunny wall
 * get, and how much faster does the mix dry?
 * <p><b>Formula</b> on the mean of a day: a·0.45·Rs·walls/(h·(walls + 2·surface)), at the wall in the afternoon:
 * 0.8·a·2.2·Rs/(h + 7); a = what the walls take·(1 − 0.5·shade of the crown)·(1 − wall), as a wall that evaporates cools itself;
 * h = 6 + 8·(u/2)^0.6; what evaporates grows by 6 % a kelvin, as the pressure of vapour does
 * <p><b>Units</b> K above the air; Rs, sun on level ground, in W/m² on the mean of the day; h in W m⁻² K⁻¹; u in m/s at 2 m,
 * at the pot half of it; areas in m²
 * <p><b>Valid for</b> a pot that stands free; ± 40 %. One that others shade is warmed less
 * <p><b>Source</b> [INGRAM2015] dark pots in full sun: the mix at the sunny wall at 45–58 °C in a hot summer, pale ones 6 K and more
 * below; what a wall gives off, the shares and the shade of a crown are [COMMON], from memory
 * <p><b>Checked by</b> SunOnWallsTest
 */
public final class SunOnWalls {
    /** Of the sun on level ground what falls on a square metre of an upright wall all round, ground and sky included. */
    private static final double ON_A_WALL = 0.45;
    /** On the wall that faces the sun in the afternoon, against the mean of the day on level ground. */
    private static final double FACING = 2.2;
    /** Of the warmth of the wall that reaches the roots a finger's breadth within. */
    private static final double WITHIN = 0.8;

    private static final double RADIATED = 6;
    private static final double BLOWN = 8;
    private static final double BLOWN_POWER = 0.6;
    /** What wet mix carries away from its wall in an afternoon. */
    private static final double CARRIED = 7;
    /** An open, wet surface gives off about twice what a dry wall does. */
    private static final double SURFACE = 2;

    private static final double CROWN = 0.5;
    private static final double WATTS_PER_MJ_DAY = 1e6 / 86_400;
    private static final double DRIES_PER_KELVIN = 0.06;
    /** From about here roots stop growing; ten kelvin on they die within hours [INGRAM2015]. */
    private static final double ROOTS_STOP_C = 40;

    private final Place place;
    private final boolean shines;
    private final double takes;
    private final double wallM2;
    private final double surfaceM2;

    SunOnWalls(Pot pot, Size size, Place place) {
        this.place = place;
        boolean shines = pot.walls() != Walls.SHADED && !(pot.shape() instanceof Mount);
        this.wallM2 = shines ? pot.wettedWallM2() : 0;
        this.surfaceM2 = pot.surfaceM2();
        this.takes = pot.walls().takes()
                * (1 - CROWN * size.shades(surfaceM2))
                * (1 - pot.material().wall());
        this.shines = shines;
    }

    static SunOnWalls of(Situation s) {
        return new SunOnWalls(s.pot(), s.size(), s.place());
    }

    boolean shines() {
        return shines;
    }

    private double givenOff(Place.Day day) {
        return RADIATED + BLOWN * Math.pow(place.windMs(day) / 2, BLOWN_POWER);
    }

    private static double watts(Place.Day day) {
        return day.globalMj() * WATTS_PER_MJ_DAY;
    }

    /** How warm the mix is, °C: as it was measured, or as the air with what the sun adds. */
    double mixC(OptionalDouble measured, Place.Day day) {
        return measured.orElseGet(() -> day.meanC() + meanRise(day));
    }

    /** How much warmer than the air the mix is on the mean of a day, K. */
    double meanRise(Place.Day day) {
        return shines ? takes * ON_A_WALL * watts(day) * wallM2 / (givenOff(day) * (wallM2 + SURFACE * surfaceM2)) : 0;
    }

    /** How hot the roots at the sunny wall get in the afternoon, °C. */
    double hottest(Place.Day day) {
        return day.highC() + WITHIN * takes * FACING * watts(day) / (givenOff(day) + CARRIED);
    }

    /** Whether the sun stops the roots at the wall on such a day. */
    boolean stopsRoots(Place.Day day) {
        return shines && hottest(day) >= ROOTS_STOP_C;
    }

    /** What its mix and its wall lose against those of a pot in the shade. */
    double dries(Place.Day day) {
        return 1 + DRIES_PER_KELVIN * meanRise(day);
    }
}
