package evencistern.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.working.Working;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotTest {

    /** Arithmetic: R = 6, r = 4.5, h = 11 cm; π·11/3·(36 + 27 + 20.25) = 958.99 cm³. */
    @Test
    void aRoundPotHoldsItsFrustum() {
        assertThat(new RoundTaper(0.12, 0.09, 0.11).litresTo(0.11)).isCloseTo(0.95899, within(5e-5));
    }

    /** Arithmetic: S = 9, s = 6, h = 10 cm; 10/3·(81 + 54 + 36) = 570 cm³. */
    @Test
    void aSquarePotHoldsItsFrustum() {
        assertThat(new SquareTaper(0.09, 0.06, 0.10).litresTo(0.10)).isCloseTo(0.570, within(1e-9));
    }

    @Test
    void aStraightPotIsACylinderOrABox() {
        assertThat(new RoundTaper(0.2, 0.2, 0.2).litresTo(0.2)).isCloseTo(Math.PI * 2, within(1e-9));
        assertThat(new SquareTaper(0.2, 0.2, 0.2).litresTo(0.2)).isCloseTo(8, within(1e-9));
    }

    /** Reference: the volume is the integral of the cross-section, by the midpoint rule over 10 000 slices. */
    @ParameterizedTest
    @CsvSource({"0.13, 0.09, 0.12, 0.05", "0.13, 0.09, 0.12, 0.12", "1.0, 0.2, 0.4, 0.33"})
    void partFillsAgreeWithIntegration(double top, double base, double height, double fill) {
        for (PotShape shape : new PotShape[] {new RoundTaper(top, base, height), new SquareTaper(top, base, height)}) {
            double sum = 0;
            int n = 10_000;
            for (int i = 0; i < n; i++) {
                sum += shape.areaM2((i + 0.5) / n * fill) * fill / n * 1000;
            }
            assertThat(shape.litresTo(fill)).isCloseTo(sum, within(sum * 1e-6));
        }
    }

    @Test
    void aMeasuredVolumeWinsAndTheComputedOneStaysVisible() {
        Working.Recorder working = new Working.Recorder();
        Pot pot = Pot.measured(new RoundTaper(0.13, 0.09, 0.12), 0.9);
        assertThat(pot.mixLitres(working)).isEqualTo(0.9);
        assertThat(working.steps()).extracting(Working.Step::id).containsExactly("pot.volume", "pot.volume_measured");
    }

    /** Geometry: a pot of 15 by 10 by 14 cm holds 1.74 L to the rim and 1.46 L as filled. */
    @ParameterizedTest
    @CsvSource({"0.4, TOO_SMALL", "0.5, ", "1.5, ", "2.5, ", "2.7, TOO_LARGE", "1000, TOO_LARGE"})
    void aMeasuredVolumeFitsTheShape(double litres, FaultCode code) {
        Faults faults = new Faults();
        Pot.measured(new RoundTaper(0.15, 0.10, 0.14), litres).checkMeasured(faults);
        if (code == null) {
            assertThat(faults.any()).isFalse();
        } else {
            assertThatThrownBy(faults::throwIfAny)
                    .isInstanceOfSatisfying(
                            FaultException.class,
                            e -> assertThat(e.faults())
                                    .extracting(f -> f.code())
                                    .containsExactly(code));
        }
    }

    @Test
    void allFaultsOfAPotAreToldTogether() {
        assertThatThrownBy(() -> new RoundTaper(0, 0.1, -0.1))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(f -> f.code() + " " + f.field())
                                .containsExactly(
                                        "TOO_SMALL pot.top", "TOO_SMALL pot.height", "BASE_WIDER_THAN_TOP pot.base"));
    }

    /** 2.0 · 2.0 · 2.0 m box is 8 000 L, the round one over 5 000 L: nobody pots in that. */
    @Test
    void aPotOfThousandsOfLitresIsRefused() {
        assertThatThrownBy(() -> Pot.filled(new SquareTaper(2, 2, 2)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.TOO_LARGE)));
        assertThatThrownBy(() -> Pot.measured(new RoundTaper(0.3, 0.2, 0.3), 10_000))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() ->
                        new Pot(new RoundTaper(0.3, 0.2, 0.3), Double.NaN, OptionalDouble.empty(), Material.PLASTIC))
                .isInstanceOf(FaultException.class);
    }

    /** NIOSH lifting equation: 23 · 0.625 · 0.775 · 0.88 = 9.8 kg for H 40, V 0, D 75 cm. */
    @Test
    void fromTheFloorTenKilogramsIsEnough() {
        assertThat(Lifting.FROM_FLOOR_KG).isCloseTo(9.8, within(0.05));
    }

    /** Arithmetic: 40 · 25 · 6 cm is 6 L; the oval in it π/4 of that, 4.712 L. */
    @Test
    void aTrayHoldsLengthTimesWidthTimesDepth() {
        assertThat(new Box(0.40, 0.25, 0.06).litresTo(0.06)).isCloseTo(6, within(1e-9));
        assertThat(new Oval(0.40, 0.25, 0.06).litresTo(0.06)).isCloseTo(4.7124, within(1e-4));
        assertThat(new Box(0.36, 0.25, 0.06).labelWidthM()).isCloseTo(0.30, within(1e-9));
    }

    /** Handbook: a tray 1.0 in deep instead of 1.25 in holds 20 % less. */
    @Test
    void aShallowerTrayHoldsAFifthLess() {
        double inch = 0.0254;
        double shallow = Pot.filled(new Box(0.5, 0.25, inch)).mixLitres();
        assertThat(shallow / Pot.filled(new Box(0.5, 0.25, 1.25 * inch)).mixLitres())
                .isCloseTo(0.8, within(1e-9));
    }

    /** Half a sphere of 15 cm radius: 2/3 · π · 15³ cm³ = 7.0686 L; and the cap is the integral of its areas. */
    @Test
    void aBasketIsACapOfASphere() {
        assertThat(new Basket(0.30, 0.15).litresTo(0.15)).isCloseTo(7.0686, within(1e-4));
        Basket basket = new Basket(0.35, 0.14);
        assertThat(basket.widthM(0.14)).isCloseTo(0.35, within(1e-9));
        double slices = 20_000;
        double sum = 0;
        for (int i = 0; i < slices; i++) {
            sum += basket.areaM2((i + 0.5) / slices * 0.14) * 0.14 / slices;
        }
        assertThat(basket.litresTo(0.14)).isCloseTo(1000 * sum, within(1e-4));
        assertThatThrownBy(() -> new Basket(0.3, 0.2))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(f -> f.code() + " " + f.field())
                                .containsExactly("TOO_LARGE pot.height"));
    }

    /** Handbook 02: “1 gallon” 2.5–3 L, “#5” 14–15 L, “#15” 45–57 L. */
    @Test
    void aTradeSizeHoldsWhatSuchPotsReallyHold() {
        assertThat(TradeSizes.all()).extracting(TradeSizes.Size::name).contains("1", "5", "15", "100");
        for (TradeSizes.Size size : TradeSizes.all()) {
            double litres = new RoundTaper(size.topCm() / 100, size.baseCm() / 100, size.heightCm() / 100)
                    .litresTo(size.heightCm() / 100);
            assertThat(litres).as(size.name()).isBetween(size.litresLow(), size.litresHigh());
        }
    }

    /** Arithmetic: of one trade size, a squat pot is wider and lower and a tall one narrower and higher than the usual. */
    @Test
    void squatAndTallPotsOfASizeHoldAsMuchInAnotherShape() {
        for (TradeSizes.Size size : TradeSizes.all()) {
            TradeSizes.Size usual = TradeSizes.all().stream()
                    .filter(u -> u.name().equals(size.name()) && u.build() == TradeSizes.Build.USUAL)
                    .findFirst()
                    .orElseThrow();
            double wider = size.topCm() / usual.topCm();
            double higher = size.heightCm() / usual.heightCm();
            assertThat(size.build() == TradeSizes.Build.SQUAT).as(size.name()).isEqualTo(wider > 1 && higher < 1);
            assertThat(size.build() == TradeSizes.Build.TALL).as(size.name()).isEqualTo(wider < 1 && higher > 1);
        }
    }

    /** From the width alone, a pot up to 15 gallons as it is usually sold holds what its own measures say within a quarter. */
    @Test
    void aPotOfWhichOnlyTheWidthIsToldHoldsAboutWhatSuchPotsHold() {
        UsualProportions usual = UsualProportions.TAPERED;
        for (TradeSizes.Size size : TradeSizes.all()) {
            if (size.build() != TradeSizes.Build.USUAL || Integer.parseInt(size.name()) > 15) {
                continue;
            }
            double top = size.topCm() / 100;
            double high = usual.heightM(top);
            double litres = new RoundTaper(top, usual.baseM(top), high).litresTo(high);
            double measured =
                    new RoundTaper(top, size.baseCm() / 100, size.heightCm() / 100).litresTo(size.heightCm() / 100);
            assertThat(litres).as(size.name()).isCloseTo(measured, within(0.25 * measured));
        }
    }

    /** Arithmetic: an upright box 10 · 10 · 10 cm has 0.04 m² of wall and 0.01 m² of floor; clay 15 kg/m² is 0.75 kg. */
    @Test
    void theEmptyPotWeighsItsWallAndFloor() {
        PotShape cube = new Box(0.1, 0.1, 0.1);
        assertThat(new Pot(cube, 0.1, OptionalDouble.empty(), Material.CLAY).emptyKg())
                .isCloseTo(0.75, within(1e-9));
        assertThat(Pot.filled(cube).emptyKg()).isLessThan(0.1);
    }

    /** Arithmetic: a gap of 1.2 cm below the rim of a 12 cm pot is a tenth; a cylinder then holds nine tenths. */
    @Test
    void theGapBelowTheRimIsNotFilled() {
        RoundTaper bag = new RoundTaper(0.12, 0.12, 0.12);
        Pot pot = new Pot(bag, 0.1, OptionalDouble.empty(), Material.FABRIC);
        assertThat(pot.mixLitres() / bag.litresTo(0.12)).isCloseTo(0.9, within(1e-9));
    }

    /** Arithmetic: 10 × 20 cm with 1 cm of moss holds 0.2 L, open on its face and the four edges of the pad. */
    @Test
    void aMountIsOpenOnItsFaceAndItsEdges() {
        Mount mount = new Mount(0.10, 0.01, 0.20);
        assertThat(mount.litresTo(0.20)).isCloseTo(0.2, within(1e-9));
        assertThat(mount.openM2(0.20)).isCloseTo(0.02 + 0.006, within(1e-9));
        assertThat(new Box(0.10, 0.10, 0.20).openM2(0.20)).isCloseTo(0.01, within(1e-9));
    }
}
