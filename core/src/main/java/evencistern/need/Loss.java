package evencistern.need;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.climate.Place;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.pot.Mount;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a pot's water goes.
 *
 * <p><b>Answers</b> how many litres does a pot lose in a day through its plant, from its mix and through its wall?
 * <p><b>Formula</b> plant = E · crop · crown · leaves; mix = 0.8 · E · Kr · surface · (1 − 0.75·shade),
 * without the 0.8 on a mount; there, and without mix, roots with velamen besides, 0.2 · crown; wall = E · Kr · wall ·
 * wetted wall; mix and wall faster where the sun shines on the walls; Kr = 1 down to 0.4 of the available water gone, then
 * straight down to 0; plants that open by night: E of the night times 0.2 + 0.8·min(1, light/enough); an evergreen at rest loses half, a leafless plant 6 %, one at a dry rest 5 %
 * <p><b>Units</b> L a day; E in mm/d = L m⁻² d⁻¹; m²
 * <p><b>Valid for</b> one plant a pot, drained and healthy; ± 30 % where its spread is told, otherwise as its size is known
 * <p><b>Source</b> [FAO56] equations 58 and 74 for crop factor and two-stage drying; how far the surface below a rim dries, and
 * the shares at rest, are [COMMON], from memory. A crop factor, not a model of each leaf: its values can be held against what
 * growers water, a leaf's conductances cannot
 * <p><b>Checked by</b> LossTest
 */
public final class Loss {
    private static final double BELOW_A_RIM = 0.8;
    private static final double SHADE = 0.75;
    /** Wet roots that hang in the air, against the crown: their coat dries as any wet surface does. */
    private static final double ROOTS_IN_AIR = 0.2;

    /** Share of the available water that may go before a drying surface slows down. */
    private static final double FIRST_STAGE = 0.4;

    private static final double NIGHT_IN_THE_DARK = 0.2;

    private final Species species;
    private final double leafM2;
    private final double surfaceM2;
    private final double wallM2;
    private final SunOnWalls sun;

    /**
     * What a pot loses.
     *
     * @param bare whether there is no mix in it
     * @param sun on its walls
     */
    Loss(Pot pot, Species species, Size size, boolean bare, SunOnWalls sun) {
        this.species = species;
        this.sun = sun;
        this.leafM2 = size.crownM2() * size.leafShare();
        boolean mounted = pot.shape() instanceof Mount;
        double mix = bare
                ? 0
                : (mounted ? 1 : BELOW_A_RIM)
                        * pot.topping().passes()
                        * pot.surfaceM2()
                        * (1 - SHADE * size.shades(pot.surfaceM2()));
        this.surfaceM2 = mix + ((bare || mounted) && species.velamen() ? ROOTS_IN_AIR * size.crownM2() : 0);
        this.wallM2 = !bare && pot.material().wall() > 0 ? pot.material().wall() * pot.wettedWallM2() : 0;
    }

    /** How much of what a wet surface would lose one does when so much of the available water is gone, 0–1. */
    static double wetness(double gone) {
        return Math.max(0, Math.min(1, (1 - gone) / (1 - FIRST_STAGE)));
    }

    /** What plants that open by night lose on a day, mm. */
    private double byNight(Place.Day day) {
        double light = Math.min(1, day.lightMol() / species.fullLightMol());
        return species.cropFactor() * day.byNightMm() * (NIGHT_IN_THE_DARK + (1 - NIGHT_IN_THE_DARK) * light);
    }

    /** Litres of a day through the plant, from the mix and through the wall. */
    public record Parts(double plant, double mix, double wall) {
        double whole() {
            return plant + mix + wall;
        }

        /** The same of a plant less awake, in a pot from which so much of the available water is gone. */
        Parts at(double awake, double gone) {
            double wetness = wetness(gone);
            return new Parts(plant * awake, mix * wetness, wall * wetness);
        }

        Parts times(double by) {
            return new Parts(plant * by, mix * by, wall * by);
        }
    }

    /**
     * Litres of a day.
     *
     * @param awake share of its usual loss that the plant has, 1 in growth
     * @param gone share of the available water that is gone, 0–1
     */
    Parts on(Place.Day day, double awake, double gone) {
        return wet(day).at(awake, gone);
    }

    /** Litres of a day of a plant awake in a wet pot, from which those of any other follow. */
    Parts wet(Place.Day day) {
        double bare = day.byDayMm();
        double plant = species.breathesByNight() ? byNight(day) : species.cropFactor() * bare;
        double warmed = bare * sun.dries(day);
        return new Parts(plant * leafM2, surfaceM2 * warmed, wallM2 * warmed);
    }

    /** The same with its working. */
    double on(Place.Day day, double awake, double gone, double learned, Working working) {
        double daily = working.step(
                "water.reference",
                "E = (0.408·Δ·Rn + γ·900/(T + 273)·u·VPD)/(Δ + γ·(1 + 0.34·u))",
                day.byDayMm(),
                Unit.MILLIMETRE_PER_DAY,
                "FAO56 eq. 6",
                table("T", day.meanC(), Unit.CELSIUS, "place:temperature"),
                table("Rs", day.globalMj(), Unit.MEGAJOULE_PER_M2_DAY, "place:light"),
                table("RH", day.humidityPercent(), Unit.PER_CENT, "place:humidity"));
        double plant = on(day, awake, gone).plant() / leafM2;
        List<Working.Input> from = new ArrayList<>(List.of(
                earlier("E", daily, Unit.MILLIMETRE_PER_DAY, "water.reference"),
                table("plant", plant, Unit.MILLIMETRE_PER_DAY, "species:crop"),
                table("leaves", leafM2 * 10_000, Unit.SQUARE_CENTIMETRE, "lot:size"),
                table("surface", surfaceM2 * 10_000, Unit.SQUARE_CENTIMETRE, "pot:surface"),
                table("wall", wallM2 * 10_000, Unit.SQUARE_CENTIMETRE, "pot:material"),
                table("Kr", wetness(gone), Unit.ONE, "plan:wetness"),
                table("r", learned, Unit.ONE, "lot:learned")));
        if (sun.shines()) {
            from.add(table("sun", sun.dries(day), Unit.ONE, "pot:walls"));
        }
        return working.step(
                "water.daily",
                sun.shines()
                        ? "use = r·(plant·leaves + E·sun·Kr·(surface + wall))"
                        : "use = r·(plant·leaves + E·Kr·(surface + wall))",
                learned * on(day, awake, gone).whole(),
                Unit.LITRE,
                "FAO56 eq. 58",
                from.toArray(Working.Input[]::new));
    }
}
