package evencistern.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SizeTest {
    private static final Species FIG = SpeciesGuide.require("weeping_fig");

    static List<Species> guide() {
        return SpeciesGuide.all();
    }

    private static Size told(Species species, double spread, double tall) {
        return Size.of(Size.Told.of(spread, tall), species, 0.2);
    }

    /** Arithmetic: a crown 60 cm wide and 90 cm tall covers 0.2827 m²; with 0.3 · 1.5 of it for its side, 0.41 m². */
    @Test
    void whatIsToldIsTaken() {
        Size size = told(FIG, 0.6, 0.9);
        assertThat(size.belowM2()).isCloseTo(0.28274, within(1e-5));
        assertThat(size.crownM2()).isCloseTo(0.28274 * 1.45, within(1e-4));
        assertThat(size.leafShare()).isCloseTo(1 - Math.exp(-FIG.leafAreaIndex() / 2), within(1e-12));
    }

    @Test
    void fewerLeavesTakeLess() {
        Species sparse = FIG.with(FIG.traits().over(Map.of(Trait.COVER, "1"), Traits.Teller.LOT));
        assertThat(told(sparse, 0.6, 0.9).leafShare())
                .isLessThan(told(FIG, 0.6, 0.9).leafShare());
    }

    @Test
    void whatWasToldLongAgoIsNoBetterThanWhatIsNotTold() {
        Size untold = Size.of(Size.Told.NOTHING, FIG, 0.2);
        Size fresh = Size.of(new Size.Told(OptionalDouble.of(0.6), OptionalDouble.empty(), 0), FIG, 0.2);
        Size old = Size.of(new Size.Told(OptionalDouble.of(0.6), OptionalDouble.empty(), 9), FIG, 0.2);
        assertThat(fresh.sd()).isLessThan(untold.sd());
        assertThat(old.sd()).isEqualTo(untold.sd());
    }

    /** Nothing told: four in five trees use within a factor of three of each other; a told spread narrows any plant. */
    @Test
    void aTreeOfWhichNothingIsToldIsGoodToAFactorOfThree() {
        Size untold = Size.of(Size.Told.NOTHING, FIG, 0.2);
        assertThat(Math.exp(2 * 1.2816 * untold.sd())).isCloseTo(3, within(0.01));
        assertThat(told(FIG, 0.6, 0.9).sd()).isLessThan(untold.sd());
    }

    @ParameterizedTest
    @MethodSource("guide")
    void everyKindHasAUsualSizeInAnyPot(Species species) {
        for (double across : new double[] {0.03, 0.09, 0.2, 0.6}) {
            Size size = Size.of(Size.Told.NOTHING, species, across);
            assertThat(size.spreadM()).isBetween(0.01, 8.0);
            assertThat(size.heightM()).isBetween(0.004, 8.0);
            assertThat(size.leafShare()).isBetween(0.1, 1.0);
            assertThat(size.shades(Math.PI / 4 * across * across)).isBetween(0.0, 1.0);
        }
    }

    /** Plugs stand side by side in their tray: no crown reaches far over its neighbours. */
    @ParameterizedTest
    @MethodSource("guide")
    void inATrayOfCellsAPlantHasTheRoomOfItsCell(Species species) {
        assertThat(Size.of(Size.Told.NOTHING, species, 0.03).spreadM()).isLessThanOrEqualTo(0.03 * 1.2 + 1e-12);
        assertThat(Size.of(Size.Told.NOTHING, species, 0.08).spreadM())
                .isCloseTo(0.08 * species.spreadRatio(), within(1e-12));
    }

    @ParameterizedTest
    @MethodSource("guide")
    void aTallerPlantOfItsKindIsTakenToBeWiderToo(Species species) {
        Size small = Size.of(Size.Told.tall(OptionalDouble.of(0.2)), species, 0.15);
        Size tall = Size.of(Size.Told.tall(OptionalDouble.of(0.6)), species, 0.15);
        assertThat(tall.spreadM()).isGreaterThan(small.spreadM());
    }

    @Test
    void fiveMetresInANineCentimetrePotAreAsked() {
        Size.Told told = new Size.Told(OptionalDouble.of(5), OptionalDouble.empty(), 0);
        Faults faults = new Faults();
        told.check(0.09, faults);
        assertThat(faults.list()).singleElement().satisfies(f -> {
            assertThat(f.field()).isEqualTo("lot.spread");
            assertThat(f.code()).isEqualTo(FaultCode.TOO_LARGE);
            assertThat(f.limit()).isEqualTo("270");
        });
        assertThatThrownBy(() -> new Size.Told(OptionalDouble.of(20), OptionalDouble.empty(), 0))
                .isInstanceOf(FaultException.class);
    }
}
