package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.pot.Topping;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LossTest {
    private static final Species FERN = SpeciesGuide.require("boston_fern");
    private static final Species SNAKE = SpeciesGuide.require("snake_plant");
    private static final Place.Day DAY = room(0.18).on(LocalDate.of(2026, 7, 15));

    private static Place room(double light) {
        return new Place(
                52,
                Place.Kind.INDOORS,
                Collections.nCopies(12, 18.0),
                Collections.nCopies(12, 26.0),
                55,
                light,
                0.38,
                Optional.empty(),
                Optional.empty());
    }

    private static final SunOnWalls SHADED = new SunOnWalls(pot(Material.PLASTIC), size(FERN, 0.55, 0.40), room(0.18));

    private static Pot pot(Material material) {
        return new Pot(new RoundTaper(0.15, 0.11, 0.135), 0.1, OptionalDouble.empty(), material);
    }

    private static Size size(Species species, double spread, double tall) {
        Size.Told told = Size.Told.of(spread, tall);
        return Size.of(told, species, 0.15);
    }

    private static double loss(Species species, Size size, Material material, double gone) {
        return new Loss(pot(material), species, size, false, SHADED)
                .on(DAY, 1, gone)
                .whole();
    }

    /** Arithmetic of the formula: E of the day, a crown of 55 cm and 40 cm, leaves by 1 − exp(−1.7/2), and a shaded surface. */
    @Test
    void aFernLosesThroughItsLeavesAndALittleFromItsMix() {
        double e = DAY.byDayMm();
        double below = Math.PI / 4 * 0.55 * 0.55;
        double leaves = 1 - Math.exp(-FERN.leafAreaIndex() / 2);
        double plant = e * FERN.cropFactor() * below * (1 + 0.3 * 0.40 / 0.55) * leaves;
        double surface = pot(Material.PLASTIC).surfaceM2();
        double mix = 0.8 * e * surface * (1 - 0.75 * leaves);
        assertThat(loss(FERN, size(FERN, 0.55, 0.40), Material.PLASTIC, 0)).isCloseTo(plant + mix, within(1e-9));
    }

    /** FAO-56 chapter 10, from memory: organic mulch over the whole surface halves what evaporates from it; what goes elsewhere stays. */
    @Test
    void barkOnTheMixHalvesWhatTheSurfaceLoses() {
        Size size = size(FERN, 0.55, 0.40);
        Pot plain = pot(Material.CLAY);
        Pot topped = plain.with(Topping.BARK);
        Loss.Parts bare = new Loss(plain, FERN, size, false, SHADED).on(DAY, 1, 0);
        Loss.Parts under = new Loss(topped, FERN, size, false, SHADED).on(DAY, 1, 0);
        assertThat(under.mix()).isCloseTo(bare.mix() / 2, within(1e-12));
        assertThat(under.plant()).isEqualTo(bare.plant());
        assertThat(under.wall()).isEqualTo(bare.wall());
    }

    /** FAO-56 equation 74: full evaporation while the surface is wet, then down in a straight line. */
    @ParameterizedTest
    @CsvSource({"0, 1", "0.4, 1", "0.7, 0.5", "1, 0"})
    void aSurfaceDriesInTwoStages(double gone, double share) {
        assertThat(Loss.wetness(gone)).isCloseTo(share, within(1e-12));
    }

    /** In a small clay pot the wall of a thrifty plant loses more than the plant; of plastic and glaze it loses nothing. */
    @Test
    void clayLosesThroughItsWallAndGlazeDoesNot() {
        Size thrifty = size(SNAKE, 0.25, 0.60);
        double plastic = loss(SNAKE, thrifty, Material.PLASTIC, 0.2);
        assertThat(loss(SNAKE, thrifty, Material.GLAZED, 0.2)).isEqualTo(plastic);
        assertThat(loss(SNAKE, thrifty, Material.CLAY, 0.2) / plastic).isBetween(1.4, 2.5);
        double fern = loss(FERN, size(FERN, 0.55, 0.40), Material.PLASTIC, 0.2);
        assertThat(loss(FERN, size(FERN, 0.55, 0.40), Material.CLAY, 0.2) / fern)
                .as("a thirsty plant's own share is the larger part")
                .isBetween(1.05, 1.4);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.1, 1.5, 2})
    void aWiderPlantLosesAlmostByTheSquare(double wider) {
        double one = loss(FERN, size(FERN, 0.30, 0.30), Material.PLASTIC, 0.3);
        double other = loss(FERN, size(FERN, 0.30 * wider, 0.30 * wider), Material.PLASTIC, 0.3);
        assertThat(other / one).isBetween(Math.pow(wider, 1.6), wider * wider);
    }

    /** Equal pots and windows: a fern uses 2.2 to 8 times what a plant that opens by night uses; plant physiology. */
    @Test
    void aPlantThatOpensByNightUsesSeveralTimesLess() {
        double fern = loss(FERN, size(FERN, 0.55, 0.40), Material.PLASTIC, 0.3);
        double snake = loss(SNAKE, size(SNAKE, 0.25, 0.60), Material.PLASTIC, 0.3);
        assertThat(fern / snake).isBetween(2.2, 8.0);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void whatIsLostNeverGrowsAsThePotDries(Material material) {
        double before = Double.MAX_VALUE;
        for (double gone = 0; gone <= 1; gone += 0.05) {
            double now = loss(SNAKE, size(SNAKE, 0.25, 0.60), material, gone);
            assertThat(now).isLessThanOrEqualTo(before);
            before = now;
        }
    }

    /** A plant without leaves hardly drinks, its mix dries on. */
    @Test
    void aLeaflessPlantLosesLittleButItsMixDriesOn() {
        Loss loss = new Loss(pot(Material.PLASTIC), FERN, size(FERN, 0.55, 0.40), false, SHADED);
        assertThat(loss.on(DAY, 0.06, 0.2).whole() / loss.on(DAY, 1, 0.2).whole())
                .isBetween(0.06, 0.2);
    }
}
