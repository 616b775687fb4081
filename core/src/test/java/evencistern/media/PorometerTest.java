package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.SquareTaper;
import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Mixes as a porometer shows them: {@code porometer.csv}, with the kind of its sources. */
class PorometerTest {
    /** What ± 5 points of a professional's range come to. */
    private static final double POINTS = 5;

    /** A number that is wanted within a range: of which row, kept out of the fit or not. */
    record Wanted(String row, boolean kept, double low, double high, double got) {
        double off() {
            return Math.max(0, Math.max(low - got, got - high));
        }
    }

    static List<Wanted> wanted() {
        List<Wanted> wanted = new ArrayList<>();
        for (DataFile.Row row : DataFile.read(PorometerTest.class, "porometer.csv")) {
            Mix mix = mix(row.text("parts"));
            PotWater water = new PotWater(mix, column(row.number("cm")));
            add(wanted, row, "pores", mix.porosity());
            add(wanted, row, "water", water.capacity());
            add(wanted, row, "air", water.air());
            add(wanted, row, "shrinks", mix.shrinkage());
        }
        return wanted;
    }

    private static void add(List<Wanted> wanted, DataFile.Row row, String column, double got) {
        if (!row.text(column).isEmpty()) {
            String[] ends = row.text(column).split("-", -1);
            wanted.add(new Wanted(
                    row.text("name") + ": " + column,
                    row.text("use").equals("kept"),
                    Double.parseDouble(ends[0]),
                    Double.parseDouble(ends[1]),
                    got * 100));
        }
    }

    private static Mix mix(String parts) {
        return Recipes.mix("test", parts);
    }

    private static Pot column(double cm) {
        return new Pot(new SquareTaper(0.1, 0.1, cm / 100), 0, OptionalDouble.empty(), Material.PLASTIC);
    }

    private static double air(String parts, double cm) {
        return new PotWater(mix(parts), column(cm)).air();
    }

    @ParameterizedTest
    @MethodSource("wanted")
    void aMixHasWhatAPorometerShowsWithinFivePoints(Wanted wanted) {
        assertThat(wanted.off()).isLessThanOrEqualTo(POINTS);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void nineOfTenNumbersLieInTheRangeThemselvesKeptOutOfTheFitOrNot(boolean kept) {
        List<Wanted> all = wanted().stream().filter(w -> w.kept() == kept).toList();
        assertThat(all).hasSizeGreaterThan(30);
        assertThat(all.stream().filter(w -> w.off() <= 0).count()).isGreaterThanOrEqualTo(all.size() * 9 / 10);
    }

    /** What growers mix them in for [COMMON]: grains of 3 mm and more that are porous or light, from a quarter up. */
    @ParameterizedTest
    @CsvSource({
        "perlite_coarse, 13",
        "pumice, 13",
        "pine_bark_aged, 13",
        "orchid_bark_fine, 13",
        "orchid_bark_medium, 13",
        "fir_bark, 13",
        "rice_hulls, 13",
        "lava, 13",
        "perlite_coarse, 8",
        "pumice, 8",
        "fir_bark, 20",
        "rice_hulls, 20"
    })
    void coarsePorousGrainsFromAQuarterUpDoNotLowerTheAirOfPeat(String grain, double cm) {
        double plain = air("peat_medium 1", cm);
        for (String share : List.of("3", "2", "1")) {
            assertThat(air("peat_medium " + share + " + " + grain + " 1", cm)).isGreaterThanOrEqualTo(plain);
        }
    }

    /** Coarse solid grains swim in a fine medium and take the room of its pores [COMMON]. */
    @ParameterizedTest
    @ValueSource(strings = {"compost", "peat_medium", "coir_pith"})
    void aLittleSandLowersTheAirOfAFineMedium(String medium) {
        assertThat(air(medium + " 9 + coarse_sand 1", 13)).isLessThan(air(medium + " 1", 13));
    }

    @ParameterizedTest
    @CsvSource({
        "orchid_bark_medium, orchid_bark_fine", "orchid_bark_coarse, orchid_bark_medium", "peat_medium, peat_fine",
        "perlite_coarse, perlite_medium", "perlite_medium, perlite_fine", "vermiculite_medium, vermiculite_fine",
        "pumice, pumice_fine", "clay_balls, clay_balls_small", "sharp_sand, coarse_sand",
        "pine_bark_aged, bark_fines_composted"
    })
    void ofOneMaterialTheFinerIsTheWetter(String coarse, String fine) {
        for (double cm : new double[] {8, 10, 15, 25}) {
            assertThat(new PotWater(mix(fine + " 1"), column(cm)).capacity())
                    .isGreaterThan(new PotWater(mix(coarse + " 1"), column(cm)).capacity());
        }
    }

    /** A mix pressed to 15 % more weight in the litre: air to 0.4–0.85 of before; compaction studies, from memory. */
    @Test
    void pressingAMixTakesItsAir() {
        Mix light = mix("peat_medium 3 + perlite_coarse 1");
        Mix pressed = light.yielding((1 - light.shrinkage()) / 1.15);
        double ratio = new PotWater(pressed, column(15)).air() / new PotWater(light, column(15)).air();
        assertThat(pressed.densityKgPerL() / light.densityKgPerL()).isCloseTo(1.15, within(1e-9));
        assertThat(ratio).isBetween(0.4, 0.85);
    }

    /** A part dragged up little by little never makes the air jump. */
    @ParameterizedTest
    @CsvSource({
        "peat_medium, pine_bark_aged, coarse_sand",
        "loam, peat_medium, grit",
        "coir_pith, perlite_coarse, fir_bark",
        "compost, pumice, sphagnum_long"
    })
    void airFollowsTheSharesWithoutAJump(String one, String two, String three) {
        Optional<Double> before = Optional.empty();
        for (int i = 0; i <= 400; i++) {
            double share = i / 400.0;
            double now = air(one + " " + (1 - share) + " + " + two + " " + share + " + " + three + " 0.2", 15);
            before.ifPresent(b -> assertThat(Math.abs(now - b)).isLessThan(0.005));
            before = Optional.of(now);
        }
    }

    @Test
    void aPoreSpaceThatTheWeightLeavesNoRoomForIsRefused() {
        Component sand = Recipes.component("coarse_sand");
        Component light = new Component(
                "light",
                Component.Family.MINERAL,
                Component.Grain.usual(Component.Family.MINERAL, 1, 3),
                Component.Hold.fitted(0.99, 0.3, 15, 0.1, 0.05, 0.05, 2),
                1.5,
                sand.chemistry(),
                sand.wear(),
                sand.pack());
        Fault fault = catchThrowableOfType(FaultException.class, light::possible)
                .faults()
                .get(0);
        assertThat(fault.code()).isEqualTo(FaultCode.PORES_FOR_WEIGHT);
        assertThat(fault.limit()).isEqualTo("50");
    }
}
