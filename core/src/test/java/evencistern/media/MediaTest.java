package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.pot.SquareTaper;
import evencistern.working.Working;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MediaTest {

    static List<Component> components() {
        return Recipes.components();
    }

    static List<Mix> mixes() {
        return Recipes.all();
    }

    private static Pot column(double heightM) {
        return new Pot(new SquareTaper(0.1, 0.1, heightM), 0, OptionalDouble.empty(), Material.PLASTIC);
    }

    @ParameterizedTest
    @MethodSource("components")
    void theFittedCurveGivesBackTheTablesContainerCapacity(Component component) {
        assertThat(component.curve().columnMean(15)).isCloseTo(component.capacity15(), within(1e-6));
    }

    /** Arithmetic: at α·h = 1 and n = 2 the curve lies at θr + (θs − θr)/√2. */
    @Test
    void theCurveIsVanGenuchtens() {
        RetentionCurve curve = new RetentionCurve(0.9, 0.1, 0.05, 2);
        assertThat(curve.at(20)).isCloseTo(0.1 + 0.8 / Math.sqrt(2), within(1e-12));
        assertThat(curve.at(0)).isEqualTo(0.9);
    }

    @ParameterizedTest
    @MethodSource("mixes")
    void aTallerPotIsDrierOnAverageAndWetterAtItsFloor(Mix mix) {
        PotWater low = new PotWater(mix, column(0.05));
        PotWater tall = new PotWater(mix, column(0.20));
        assertThat(low.capacity()).isGreaterThan(tall.capacity());
        assertThat(tall.air()).isGreaterThan(low.air());
        List<PotWater.Layer> layers = tall.profile(24, 0);
        assertThat(layers).hasSize(24);
        for (int i = 1; i < layers.size(); i++) {
            assertThat(layers.get(i).water())
                    .isLessThanOrEqualTo(layers.get(i - 1).water());
        }
    }

    /**
     * Fonteno's container tables, from memory and approximate: a peat mix has roughly 20 % air in 15 cm and 5–8 % in a
     * 5–6 cm cell; the handed-down check is ± 5 points.
     */
    @ParameterizedTest
    @CsvSource({"0.15, 20", "0.10, 14", "0.055, 6.5"})
    void thePeatMixHasThePublishedAirForItsHeight(double heightM, double airPercent) {
        PotWater water = new PotWater(Recipes.require("peat_perlite"), column(heightM));
        assertThat(water.air() * 100).isCloseTo(airPercent, within(5.0));
    }

    @Test
    void aWideTopMakesAPotDrierThanAColumn() {
        Mix mix = Recipes.require("peat_perlite");
        PotWater tapered =
                new PotWater(mix, new Pot(new RoundTaper(0.2, 0.1, 0.15), 0, OptionalDouble.empty(), Material.PLASTIC));
        assertThat(tapered.capacity()).isLessThan(new PotWater(mix, column(0.15)).capacity());
    }

    @ParameterizedTest
    @MethodSource("mixes")
    void aPotThatLostWaterShowsJustThatMuchLess(Mix mix) {
        PotWater water = new PotWater(mix, column(0.15));
        double lost = water.availableLitres(Working.off()) * 0.5;
        double left = water.profile(200, lost).stream()
                        .mapToDouble(PotWater.Layer::water)
                        .average()
                        .orElseThrow()
                * 1.5;
        assertThat(left).isCloseTo(water.capacityLitres() - lost, within(0.004));
    }

    /** Arithmetic: equal parts of 94 % and 75 % porous material losing a tenth of the volume: 1 − 0.155/0.9. */
    @Test
    void shrinkageTakesAwayPoresAndKeepsSolids() {
        List<Component> all = Recipes.components();
        Component peat = all.get(0);
        Component perlite = all.stream()
                .filter(c -> c.key().equals("perlite_coarse"))
                .findFirst()
                .orElseThrow();
        Mix mix = new Mix("half", MixKind.PEAT, List.of(new Mix.Part(peat, 2), new Mix.Part(perlite, 2)), 0.1);
        assertThat(mix.porosity()).isCloseTo(1 - 0.155 / 0.9, within(1e-9));
    }

    @Test
    void partsThatSumToNothingAreRefused() {
        Component peat = Recipes.components().get(0);
        assertThatThrownBy(() -> new Mix("none", MixKind.PEAT, List.of(new Mix.Part(peat, 0)), 0.1))
                .isInstanceOf(FaultException.class);
    }
}
