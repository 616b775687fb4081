package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.pot.SquareTaper;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MediaTest {

    static List<Component> components() {
        return Recipes.components();
    }

    static List<Mix> mixes() {
        return Recipes.all().stream().map(Recipe::mix).toList();
    }

    private static Pot column(double heightM) {
        return new Pot(new SquareTaper(0.1, 0.1, heightM), 0, OptionalDouble.empty(), Material.PLASTIC);
    }

    @ParameterizedTest
    @MethodSource("components")
    void theFittedCurveGivesBackTheTablesContainerCapacity(Component component) {
        assertThat(component.hold().curve().columnMean(15))
                .isCloseTo(component.hold().capacity(), within(1e-6));
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

    /** Arithmetic: equal parts of 92 % and 75 % porous material losing a tenth of the volume: 1 − 0.165/0.9. */
    @Test
    void shrinkageTakesAwayPoresAndKeepsSolids() {
        Mix mix = mix("peat_medium", 2, "perlite_coarse", 2).yielding(0.9);
        assertThat(mix.porosity()).isCloseTo(1 - 0.165 / 0.9, within(1e-9));
        assertThat(mix.litresPut()).isCloseTo(1 / 0.9, within(1e-12));
    }

    private static Mix mix(Object... componentsAndParts) {
        List<Mix.Part> parts = new ArrayList<>();
        for (int i = 0; i < componentsAndParts.length; i += 2) {
            parts.add(new Mix.Part(
                    Recipes.component((String) componentsAndParts[i]),
                    ((Number) componentsAndParts[i + 1]).doubleValue()));
        }
        return Mix.of("test", parts);
    }

    @Test
    void partsThatSumToNothingAreRefusedWithWhatIsWrong() {
        Component peat = Recipes.component("peat_medium");
        assertThatThrownBy(() -> Mix.of("none", List.of(new Mix.Part(peat, 0))))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.PARTS_NOTHING));
    }

    /** Exact: for n = 2 the mean of (1 + (αh)²)^(−½) over a column H is asinh(αH)/(αH). */
    @ParameterizedTest
    @CsvSource({"0.05, 15", "0.3, 15", "1, 30", "0.01, 5"})
    void theMeanOverAColumnIsTheExactIntegral(double alpha, double column) {
        RetentionCurve curve = new RetentionCurve(0.9, 0.1, alpha, 2);
        double exact = 0.1 + 0.8 * Math.log(alpha * column + Math.hypot(alpha * column, 1)) / (alpha * column);
        assertThat(curve.columnMean(column)).isCloseTo(exact, withinPercentage(0.1));
    }

    /** The curve, unless no component of this shape may hold so much. */
    private static Optional<RetentionCurve> fitted(
            double saturated, double residual, double n, double capacity, double column) {
        try {
            return Optional.of(RetentionCurve.fit(saturated, residual, n, capacity, column));
        } catch (FaultException refused) {
            return Optional.empty();
        }
    }

    @Test
    void aCapacityThatTheShapeCannotHaveIsRefused() {
        assertThatThrownBy(() -> Component.Hold.fitted(0.95, 0.2, 15, 0.1, 0.05, 0.1, 1.05))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.TOO_SMALL));
    }

    private static Stream<Arguments> curvesAndHeights() {
        Stream.Builder<Arguments> all = Stream.builder();
        for (double n : new double[] {1.05, 1.5, 2, 4, 7, 10}) {
            for (double residual : new double[] {0, 0.02, 0.2}) {
                for (double capacity : new double[] {0.0011, 0.01, 0.1, 0.5, 0.8, 0.949}) {
                    for (double column : new double[] {2, 15, 60}) {
                        fitted(0.95, residual, n, residual + capacity, column).ifPresent(curve -> {
                            all.add(Arguments.of(curve, 0.4));
                            all.add(Arguments.of(curve, column / 100));
                        });
                    }
                }
            }
        }
        return all.build();
    }

    /**
     * Any curve that a component may have, in a tub of 40 cm and in the pot it was measured in. The reference is the same
     * integral over the logarithm of the height, by the midpoint rule in 200 000 steps. Of less than 0.05 % of
     * water a tenth of a percent is no more than is lost in rounding: to 0.005 points.
     */
    @ParameterizedTest
    @MethodSource("curvesAndHeights")
    void theMeanOverATaperedPotIsExactToATenthOfAPercent(RetentionCurve curve, double heightM) {
        Pot pot = new Pot(new RoundTaper(0.2, 0.12, heightM), 0, OptionalDouble.empty(), Material.PLASTIC);
        double mean = 0;
        for (PotWater.Height height : PotWater.heights(pot)) {
            mean += height.share() * curve.at(height.aboveFloorCm());
        }
        double water = 0;
        double volume = 0;
        int steps = 200_000;
        double span = Math.log(1e9);
        for (int i = 0; i < steps; i++) {
            double h = heightM * Math.exp(span * ((i + 0.5) / steps - 1));
            double slice = pot.shape().areaM2(h) * h;
            water += slice * curve.at(h * 100);
            volume += slice;
        }
        assertThat(mean).isCloseTo(water / volume, within(Math.max(5e-5, 0.001 * water / volume)));
    }

    /**
     * Normal ranges of nursery mixes at container capacity [BMPGUIDE, from memory]: porosity 50–85 %, air 10–30 %,
     * capacity 45–65 %, density 0.19–0.70; held within ± 5 points, in a trade pot 15 cm deep.
     */
    @ParameterizedTest
    @CsvSource({
        "pine_bark_aged, 6, peat_medium, 3",
        "pine_bark_aged, 8, coarse_sand, 1",
        "pine_bark_aged, 5, peat_medium, 4"
    })
    void aNurseryMixLiesInTheNurseryGuidesRanges(String one, double ones, String other, double others) {
        Mix mix = mix(one, ones, other, others, "coarse_sand", 1);
        PotWater water = new PotWater(mix, column(0.15));
        assertThat(mix.porosity() * 100).isBetween(45.0, 90.0);
        assertThat(water.air() * 100).isBetween(5.0, 35.0);
        assertThat(water.capacity() * 100).isBetween(40.0, 70.0);
        assertThat(mix.densityKgPerL()).isBetween(0.14, 0.75);
    }

    /** De Boodt & Verdonck, from memory: an ideal substrate has at least 85 % pores, 20–30 % air at 10 cm suction. */
    @Test
    void peatAndPerliteComeNearTheIdealSubstrate() {
        Mix mix = mix("peat_medium", 3, "perlite_coarse", 1);
        assertThat(mix.porosity() * 100).isGreaterThan(85);
        assertThat((mix.porosity() - mix.at(10)) * 100).isBetween(15.0, 35.0);
        assertThat((mix.at(10) - mix.at(50)) * 100).isBetween(15.0, 35.0);
    }

    /** Arithmetic: (1·2.25·4.2 + 1·3.0·7.2)/(2.25 + 3.0), from the two rows of the table. */
    @Test
    void thePartThatHoldsOnHarderToItsPhPullsTheMixToIt() {
        double ph = mix("peat_medium", 1, "compost", 1).ph(Working.off()).value();
        assertThat(ph).isCloseTo((2.25 * 4.2 + 3.0 * 7.2) / 5.25, within(1e-9));
        assertThat(mix("peat_medium", 1, "perlite_coarse", 9).ph(Working.off()).value())
                .isLessThan(5);
    }

    @Test
    void whatRotsFirstDecidesHowLongAMixLasts() {
        Mix mix = mix("orchid_bark_fine", 1, "pumice", 1);
        assertThat(mix.wetYears()).isCloseTo(1 / (0.5 / 1 + 0.5 / 20), within(1e-9));
        assertThat(mix.cycledYears()).isGreaterThan(mix.wetYears());
    }

    /** Arithmetic: a pack of 140 loose litres at 28 and one of 100 at 50, in equal parts that lose nothing. */
    @Test
    void theCostOfALitreNeedsThePriceOfEveryPart() {
        assertThat(mix("peat_medium", 1, "perlite_coarse", 1).costPerLitre()).isEmpty();
        Mix priced = Mix.of(
                        "priced",
                        List.of(
                                new Mix.Part(priced("peat_medium", 28), 1),
                                new Mix.Part(priced("perlite_coarse", 50), 1)))
                .yielding(1);
        assertThat(priced.costPerLitre().orElseThrow()).isCloseTo((28.0 / 140 + 50.0 / 100) / 2, within(1e-9));
    }

    private static Component priced(String key, double cost) {
        Component c = Recipes.component(key);
        Component.Pack p = c.pack();
        return new Component(
                key,
                c.family(),
                c.grain(),
                c.hold(),
                c.densityKgPerL(),
                c.chemistry(),
                c.wear(),
                new Component.Pack(p.kind(), p.printed(), p.looseLitres(), Optional.of(cost)));
    }

    @ParameterizedTest
    @CsvSource({
        "peat_medium, 3, perlite_coarse, 1, PEAT",
        "orchid_bark_fine, 3, sphagnum_long, 2, BARK",
        "pumice, 3, coir_pith, 1, MINERAL"
    })
    void aThirdOfOrganicMatterMakesAnOrganicMix(
            String one, double ones, String other, double others, Component.Family kind) {
        assertThat(mix(one, ones, other, others).kind()).isEqualTo(kind);
    }
}
