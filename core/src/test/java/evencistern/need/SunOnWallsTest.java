package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Air;
import evencistern.climate.Place;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.pot.Walls;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SunOnWallsTest {
    private static final Species BARREL = SpeciesGuide.require("golden_barrel");
    private static final LocalDate JULY = LocalDate.of(2026, 7, 15);

    /** A hot summer in the open at 30° north. */
    private static Place outside(Air air) {
        return new Place(
                30,
                Place.Kind.OUTDOORS,
                Collections.nCopies(12, 23.0),
                Collections.nCopies(12, 34.0),
                60,
                1,
                Collections.nCopies(12, 0.65),
                Optional.empty(),
                Optional.empty(),
                new Place.Exposure(Optional.of(air), 0, Optional.empty(), 0));
    }

    private static Pot pot(Walls walls, Material material) {
        return new Pot(new RoundTaper(0.28, 0.22, 0.25), 0.1, OptionalDouble.empty(), material).with(walls);
    }

    private static SunOnWalls sun(Walls walls, Material material, Air air) {
        Size small = Size.of(Size.Told.of(0.10, 0.10), BARREL, 0.28);
        return new SunOnWalls(pot(walls, material), small, outside(air));
    }

    private static double hottest(Walls walls) {
        return sun(walls, Material.PLASTIC, Air.MOVING)
                .hottest(outside(Air.MOVING).on(JULY));
    }

    private static double rise(Walls walls, Material material, Air air) {
        return sun(walls, material, air).meanRise(outside(air).on(JULY));
    }

    /** Ingram, Ruter and Martin 2015, from memory: at the sunny wall of dark pots 45–58 °C, in pale ones at least 6 K less. */
    @Test
    void aDarkWallKillsRootsWhereAPaleOneDoesNot() {
        assertThat(hottest(Walls.DARK)).isBetween(45.0, 58.0);
        assertThat(hottest(Walls.DARK) - hottest(Walls.PALE)).isBetween(6.0, 14.0);
        assertThat(sun(Walls.DARK, Material.PLASTIC, Air.MOVING)
                        .stopsRoots(outside(Air.MOVING).on(JULY)))
                .isTrue();
    }

    /** The same review: over a whole day the mix of a dark pot is 2–5 K warmer than the air, of a pale one 1–2 K. */
    @Test
    void theWholeMixIsAFewKelvinWarmerThanTheAir() {
        assertThat(rise(Walls.DARK, Material.PLASTIC, Air.MOVING)).isBetween(2.0, 6.0);
        assertThat(rise(Walls.PALE, Material.PLASTIC, Air.MOVING)).isBetween(0.7, 2.4);
    }

    @Test
    void windCoolsTheWallAndWaterInItDoesToo() {
        double plain = rise(Walls.DARK, Material.PLASTIC, Air.MOVING);
        assertThat(rise(Walls.DARK, Material.PLASTIC, Air.WINDY)).isLessThan(plain);
        assertThat(rise(Walls.DARK, Material.PLASTIC, Air.STILL)).isGreaterThan(plain);
        assertThat(rise(Walls.DARK, Material.FABRIC, Air.MOVING)).isLessThan(plain);
    }

    @Test
    void aWideCrownShadesItsPot() {
        Size wide = Size.of(Size.Told.of(0.60, 0.60), SpeciesGuide.require("tomato"), 0.28);
        Place place = outside(Air.MOVING);
        assertThat(new SunOnWalls(pot(Walls.DARK, Material.PLASTIC), wide, place).meanRise(place.on(JULY)))
                .isBetween(
                        0.4 * rise(Walls.DARK, Material.PLASTIC, Air.MOVING),
                        0.8 * rise(Walls.DARK, Material.PLASTIC, Air.MOVING));
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void inTheShadeNothingIsAdded(Material material) {
        SunOnWalls shaded = sun(Walls.SHADED, material, Air.STILL);
        Place.Day day = outside(Air.STILL).on(JULY);
        assertThat(shaded.meanRise(day)).isZero();
        assertThat(shaded.dries(day)).isEqualTo(1);
        assertThat(shaded.stopsRoots(day)).isFalse();
        assertThat(shaded.mixC(OptionalDouble.empty(), day)).isEqualTo(day.meanC());
    }

    private static Situation situation(Walls walls) {
        return new Situation(
                BARREL,
                pot(walls, Material.PLASTIC),
                Recipes.recipe("peat_perlite").mix(),
                outside(Air.MOVING),
                Optional.empty(),
                JULY,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** What coated feed, cold roots and the age of the mix go by; a measured warmth wins. */
    @Test
    void theMixIsAsWarmAsThatForCoatedFeedAndForItsAge() {
        double rise = situation(Walls.DARK).mixC(JULY) - situation(Walls.SHADED).mixC(JULY);
        assertThat(rise)
                .isCloseTo(rise(Walls.DARK, Material.PLASTIC, Air.MOVING), within(2.0))
                .isPositive();
        Situation measured = situation(Walls.DARK).with(Particulars.NONE.inMixOf(OptionalDouble.of(25)));
        assertThat(measured.mixC(JULY)).isEqualTo(25);
    }

    @Test
    void theDarkPotDriesSooner() {
        assertThat(dayUse(Walls.DARK) / dayUse(Walls.SHADED)).isBetween(1.03, 1.4);
    }

    private static double dayUse(Walls walls) {
        Situation s = situation(walls);
        return new WaterNeed(
                        new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off())
                .useOn(JULY);
    }
}
