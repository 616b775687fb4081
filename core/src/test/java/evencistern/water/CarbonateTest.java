package evencistern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.plant.SpeciesGuide;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CarbonateTest {
    private static SourceWater water(double ph, double alkalinity) {
        return new SourceWater(0.5, ph, OptionalDouble.of(alkalinity), Map.of(), SourceWater.Kind.TAP);
    }

    private static PhCorrection correction(SourceWater water, double target, PhProduct product, double litres) {
        return PhCorrection.of(water, target, product, litres, true, WaterLimits.Drinker.ANY, Working.off());
    }

    private static void refused(FaultCode code, org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .anySatisfy(f -> assertThat(f.code()).isEqualTo(code)));
    }

    /** By arithmetic from pK1 6.35 and pK2 10.33: 0.41 to pH 6.5, 0.69 to 6.0, 0.88 to 5.5; the guides' "about 80 %". */
    @ParameterizedTest
    @CsvSource({"8, 6.5, 0.41", "8, 6.0, 0.69", "8, 5.5, 0.88", "8, 5.8, 0.78", "7, 5.8, 0.73"})
    void theShareOfTheAlkalinityThatMustGo(double from, double to, double share) {
        assertThat(Carbonate.neutralised(from, to)).isCloseTo(share, within(0.006));
    }

    /**
     * Acid to about pH 5.8 in fl oz per 1000 US gal for each meq/L, extension guides, from memory: phosphoric 75 % 8.1,
     * sulfuric 35 % 11.0; those guides take about 80 % of the alkalinity, so 5 % apart is agreement.
     */
    @ParameterizedTest
    @CsvSource({"phosphoric_75, 8.1", "sulfuric_35, 11.0"})
    void theGuidesOunces(String acid, double ounces) {
        double litres = Unit.US_GALLON.toCanonical(1000);
        PhCorrection c = correction(water(8, 50.04), 5.8, PhProduct.require(acid), litres);
        assertThat(c.amount() / Unit.US_FLUID_OUNCE.toCanonical(1) / 1000).isCloseTo(ounces, within(ounces * 0.05));
    }

    /** Whatever is added is found again: the charge balance at the target holds with the acid's own anion in it. */
    @ParameterizedTest
    @ValueSource(strings = {"citric", "vinegar", "phosphoric_75", "sulfuric_35", "nitric_67"})
    void theBalanceHoldsAtTheTarget(String key) {
        PhProduct acid = PhProduct.require(key);
        Random random = new Random(5);
        for (int i = 0; i < 100; i++) {
            double start = 7 + 1.5 * random.nextDouble();
            double target = 5.2 + 1.3 * random.nextDouble();
            // of phosphoric acid only so much as its phosphorus allows
            double alk = 40 + (key.startsWith("phosphoric") ? 30 : 260) * random.nextDouble();
            PhCorrection c = correction(water(start, alk), target, acid, 1);
            double meq = Unit.MEQ_PER_LITRE.fromCanonical(alk);
            double total = Carbonate.total(meq, start);
            double anion = c.perLitre() * acid.mmolPerUnit() * acid.chargeAt(target);
            assertThat(Carbonate.ph(total, meq - anion)).isCloseTo(target, within(1e-6));
        }
    }

    /** Henderson–Hasselbalch: an acid of one step is half charged at its pKa; citric is charged 2.6 times at pH 6.3–6.5. */
    @Test
    void acidsAreChargedByTheirConstants() {
        assertThat(PhProduct.require("vinegar").chargeAt(4.76)).isCloseTo(0.5, within(1e-9));
        assertThat(PhProduct.require("citric").chargeAt(6.40)).isCloseTo(2.5, within(0.02));
        assertThat(PhProduct.require("phosphoric_75").chargeAt(5.8)).isCloseTo(1.04, within(0.01));
        assertThat(PhProduct.require("nitric_67").chargeAt(5.8)).isCloseTo(1, within(1e-6));
    }

    /** 1 meq/L to nitrogen: 1 mmol of nitric acid is 14.0 mg/L N; 78 % of 2 meq/L is then 21.9. */
    @Test
    void whatTheAcidFeedsIsTold() {
        PhCorrection c = correction(water(8, 100.08), 5.8, PhProduct.require("nitric_67"), 10);
        assertThat(c.adds().get(Dissolved.NITRATE_N)).isCloseTo(0.78 * 2 * 14.007, within(0.3));
        assertThat(c.neutralised()).isCloseTo(0.78, within(0.01));
    }

    @Test
    void aBaseRaisesWhatRainLacks() {
        PhCorrection c = correction(water(5.0, 2), 6.5, PhProduct.require("potassium_bicarbonate"), 10);
        assertThat(c.amount()).isPositive();
        double meq = Unit.MEQ_PER_LITRE.fromCanonical(2);
        double mmol = c.perLitre() * 1000 / 100.12;
        assertThat(Carbonate.ph(Carbonate.total(meq, 5.0) + mmol, meq + mmol)).isCloseTo(6.5, within(1e-3));
        assertThat(c.adds().get(Dissolved.K)).isCloseTo(39.098 * mmol, within(1e-6));
    }

    @Test
    void whatCannotBeIsRefused() {
        refused(FaultCode.PH_OTHER_WAY, () -> correction(water(6, 50), 7, PhProduct.require("citric"), 1));
        refused(FaultCode.PH_OTHER_WAY, () -> correction(water(8, 50), 6, PhProduct.require("potassium_carbonate"), 1));
        refused(
                FaultCode.ALKALINITY_UNKNOWN,
                () -> correction(SourceWater.of(0.5, 8), 6, PhProduct.require("citric"), 1));
        refused(
                FaultCode.TRADE_ONLY,
                () -> PhCorrection.of(
                        water(8, 100),
                        6,
                        PhProduct.require("nitric_67"),
                        1,
                        false,
                        WaterLimits.Drinker.ANY,
                        Working.off()));
        refused(
                FaultCode.WATER_SOFTENED,
                () -> new SourceWater(0.8, 7.5, OptionalDouble.empty(), Map.of(), SourceWater.Kind.SOFTENED));
        refused(FaultCode.BLEND_TOO_HARD, () -> WaterBlend.shareFor(water(8, 300), water(7, 150), 100));
    }

    /** A can of known alkalinity dosed with drops of known strength: the third dose lands within half a drop. */
    @Test
    void theThirdDoseLands() {
        Random random = new Random(17);
        for (int i = 0; i < 100; i++) {
            double start = 7 + random.nextDouble();
            double alk = 1 + 4 * random.nextDouble();
            double perDrop = alk / (20 + random.nextInt(60));
            double total = Carbonate.total(alk, start);
            double ph1 = Carbonate.ph(total, alk - 5 * perDrop);
            double ph2 = Carbonate.ph(total, alk - 9 * perDrop);
            double target = 5.9;
            double truth = (alk - Carbonate.alkalinityAt(total, target)) / perDrop;
            Titration t =
                    Titration.of(start, List.of(new Titration.Point(5, ph1), new Titration.Point(9, ph2)), target);
            assertThat(t.inAll()).isCloseTo(truth, within(0.5));
            assertThat(t.low()).isLessThanOrEqualTo(t.more());
            assertThat(t.high()).isGreaterThanOrEqualTo(t.more());
        }
    }

    @Test
    void dropsThatMoveNothingAreRefused() {
        refused(
                FaultCode.PH_DID_NOT_MOVE,
                () -> Titration.of(8, List.of(new Titration.Point(2, 8), new Titration.Point(4, 8)), 6));
        refused(FaultCode.MISSING, () -> Titration.of(8, List.of(new Titration.Point(2, 7)), 6));
        refused(
                FaultCode.TOO_LARGE,
                () -> Titration.of(8, List.of(new Titration.Point(2, 7), new Titration.Point(4, 7.5)), 6));
    }

    /** Conservation: half of nothing is half; and water that is blended with itself stays what it is. */
    @Test
    void whatIsDissolvedAddsAndPhDoesNot() {
        SourceWater hard =
                new SourceWater(0.8, 7.6, OptionalDouble.of(240), Map.of(Dissolved.CA, 90.0), SourceWater.Kind.TAP);
        SourceWater rain =
                new SourceWater(0.02, 5.6, OptionalDouble.of(2), Map.of(Dissolved.CA, 1.0), SourceWater.Kind.RAIN);
        SourceWater half = WaterBlend.of(hard, rain, 0.5);
        assertThat(half.ecMsCm()).isCloseTo(0.41, within(1e-9));
        assertThat(half.alkalinity().getAsDouble()).isCloseTo(121, within(1e-6));
        assertThat(half.of(Dissolved.CA)).isCloseTo(45.5, within(1e-9));
        assertThat(half.ph()).isGreaterThan(7.0).isLessThan(7.6);
        assertThat(WaterBlend.of(hard, hard, 0.3).ph()).isCloseTo(7.6, within(1e-6));
        double share = WaterBlend.shareFor(hard, rain, 100);
        assertThat(WaterBlend.of(hard, rain, share).alkalinity().getAsDouble()).isCloseTo(100, within(1e-6));
        assertThat(WaterBlend.shareFor(rain, hard, 100)).isZero();
    }

    /** By arithmetic: 1 meq/L = 50.04 mg/L CaCO3 = 2.80 dKH; hardness = 2.497 Ca + 4.118 Mg. */
    @Test
    void alkalinityInThreeUnits() {
        assertThat(Unit.MEQ_PER_LITRE.toCanonical(1)).isCloseTo(50.04, within(0.005));
        assertThat(Unit.DEGREE_KH.fromCanonical(Unit.MEQ_PER_LITRE.toCanonical(1)))
                .isCloseTo(2.80, within(0.005));
        SourceWater w = new SourceWater(
                0.6,
                7.5,
                OptionalDouble.empty(),
                Map.of(Dissolved.CA, 100.0, Dissolved.MG, 10.0),
                SourceWater.Kind.WELL);
        assertThat(w.hardness().getAsDouble()).isCloseTo(290.9, within(0.1));
        assertThat(SourceWater.of(0.5, 7).hardness()).isEmpty();
    }

    /** Extension guides, from memory: what a large tub stands is too much for a plug. */
    @Test
    void limitsDependOnTheSizeOfThePot() {
        SourceWater w = new SourceWater(
                0.9, 7.8, OptionalDouble.of(150), Map.of(Dissolved.NA, 80.0, Dissolved.B, 0.3), SourceWater.Kind.TAP);
        assertThat(WaterLimits.judge(w, 0.05, WaterLimits.Drinker.ANY))
                .extracting(f -> f.what().id() + " " + f.standing().id())
                .containsExactly("alkalinity too_much", "ec too_much", "sodium too_much", "boron fit");
        assertThat(WaterLimits.judge(w, 5, WaterLimits.Drinker.ANY))
                .extracting(f -> f.what().id() + " " + f.standing().id())
                .containsExactly("alkalinity watch", "ec fit", "sodium too_much", "boron fit");
    }

    /** Extension guides, from memory: alkalinity of 40–60 mg/L for plants that lime harms, 0.25 mg/L fluoride for dracaenas. */
    @Test
    void limitsDependOnThePlantToo() {
        SourceWater w =
                new SourceWater(0.4, 7.4, OptionalDouble.of(90), Map.of(Dissolved.F, 0.5), SourceWater.Kind.TAP);
        assertThat(standings(w, "camellia")).contains("alkalinity too_much", "fluoride fit");
        assertThat(standings(w, "dragon_tree")).contains("alkalinity fit", "fluoride too_much");
        assertThat(standings(w, "flytrap")).contains("ec too_much");
    }

    private static List<String> standings(SourceWater w, String plant) {
        return WaterLimits.judge(w, 5, SpeciesGuide.require(plant).drinks()).stream()
                .map(f -> f.what().id() + " " + f.standing().id())
                .toList();
    }

    /** Extension guides, from memory: softened water as the only water is advised against. */
    @Test
    void softenedWaterIsKnownByAlkalinityWithoutHardness() {
        SourceWater soft = new SourceWater(
                0.6,
                7.8,
                OptionalDouble.of(250),
                Map.of(Dissolved.NA, 120.0, Dissolved.CA, 1.5, Dissolved.MG, 0.3),
                SourceWater.Kind.TAP);
        assertThat(standings(soft, "monstera")).contains("softened too_much", "sodium too_much");
    }

    /**
     * Acid equivalents and extension guides, from memory: phosphorus from acid is bounded, and warned of before. By
     * arithmetic: of 2.20 meq/L, from pH 7.4 to 6.2, 0.549 go; at a charge of 1.09 that is 1.11 mmol/L, 34 mg/L of P.
     */
    @Test
    void phosphorusFromAcidIsBounded() {
        PhProduct acid = PhProduct.require("phosphoric_75");
        refused(
                FaultCode.ACID_PHOSPHORUS,
                () -> PhCorrection.of(water(7.8, 250), 6, acid, 10, true, WaterLimits.Drinker.ANY, Working.off()));
        PhCorrection warned =
                PhCorrection.of(water(7.4, 110), 6.2, acid, 10, true, WaterLimits.Drinker.ANY, Working.off());
        assertThat(warned.adds().get(Dissolved.P)).isCloseTo(34.2, within(1.0));
        assertThat(warned.muchPhosphorus()).isTrue();
        refused(
                FaultCode.ACID_PHOSPHORUS,
                () -> PhCorrection.of(
                        water(7.4, 60),
                        6.2,
                        acid,
                        10,
                        true,
                        SpeciesGuide.require("banksia").drinks(),
                        Working.off()));
        assertThat(PhCorrection.of(water(7.2, 40), 6.5, acid, 10, true, WaterLimits.Drinker.ANY, Working.off())
                        .muchPhosphorus())
                .isFalse();
    }
}
