package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a mix holds once it was soaked and drained itself. */
class MeasuredMixTest {
    private static final Mix PEAT_PERLITE = Mix.of(
            "own",
            List.of(
                    new Mix.Part(Recipes.component("peat_medium"), 3),
                    new Mix.Part(Recipes.component("perlite_coarse"), 1)));

    private static PotWater column(Mix mix, double cm) {
        return new PotWater(mix, PotWater.column(cm));
    }

    /** A mix of other stuff, as a pot of so many centimetres shows it. */
    private static Soaked shown(Mix truly, double cm) {
        PotWater water = column(truly, cm);
        return new Soaked(cm, water.air(), water.capacity(), 0.02);
    }

    @Test
    void atTheHeightOfItsTestItHoldsWhatWasMeasured() {
        Mix measured = PEAT_PERLITE.soaked(List.of(new Soaked(14, 0.14, 0.70, 0.02)));
        assertThat(column(measured, 14).capacity()).isCloseTo(0.70, within(1e-6));
        assertThat(column(measured, 14).air()).isCloseTo(0.14, within(1e-6));
        assertThat(measured.porosity()).isCloseTo(0.84, within(1e-9));
    }

    @Test
    void twoHeightsAreBothMet() {
        Mix measured = PEAT_PERLITE.soaked(List.of(new Soaked(8, 0.10, 0.74, 0.02), new Soaked(24, 0.25, 0.59, 0.02)));
        assertThat(column(measured, 8).capacity()).isCloseTo(0.74, within(1e-4));
        assertThat(column(measured, 24).capacity()).isCloseTo(0.59, within(1e-4));
    }

    /** Where the heap is truly of other stuff than its recipe says, over all shipped mixes of peat, coir and bark. */
    @Test
    void twoHeightsTellAThirdBetterThanOneAndThatBetterThanTheParts() {
        double parts = 0;
        double one = 0;
        double two = 0;
        double worst = 0;
        for (Recipe recipe : Recipes.all()) {
            Mix truly = recipe.mix();
            double there = column(truly, 30).air();
            parts += Math.abs(column(PEAT_PERLITE, 30).air() - there);
            Mix byOne = PEAT_PERLITE.soaked(List.of(shown(truly, 12)));
            one += Math.abs(column(byOne, 30).air() - there);
            Mix byTwo = PEAT_PERLITE.soaked(List.of(shown(truly, 12), shown(truly, 20)));
            double off = Math.abs(column(byTwo, 30).air() - there);
            two += off;
            worst = Math.max(worst, off);
        }
        assertThat(one).isLessThan(parts / 2);
        assertThat(two).isLessThan(one / 3);
        assertThat(worst).isLessThan(0.05);
    }

    @Test
    void whateverWasMeasuredATallerPotIsAirierAndItsWaterStaysWithinThePores() {
        Random chance = new Random(21);
        for (int i = 0; i < 200; i++) {
            double air = 0.02 + 0.5 * chance.nextDouble();
            double water = 0.1 + (0.92 - air - 0.1) * chance.nextDouble();
            Mix measured = PEAT_PERLITE.soaked(List.of(new Soaked(5 + 30 * chance.nextDouble(), air, water, 0.03)));
            double last = 0;
            for (double cm = 3; cm < 60; cm += 7) {
                PotWater in = column(measured, cm);
                assertThat(in.air()).isBetween(last - 1e-9, measured.porosity());
                assertThat(in.capacity()).isPositive();
                last = in.air();
            }
            assertThat(measured.unavailable()).isLessThan(water);
        }
    }

    @Test
    void itIsSurerThanItsPartsAndLessSureWhereTwoTestsDisagree() {
        Mix sure = PEAT_PERLITE.soaked(List.of(new Soaked(12, 0.18, 0.66, 0.02)));
        assertThat(sure.waterPlusMinus()).isLessThan(PEAT_PERLITE.waterPlusMinus());
        Mix torn = PEAT_PERLITE.soaked(List.of(new Soaked(12, 0.18, 0.66, 0.02), new Soaked(20, 0.06, 0.66, 0.02)));
        assertThat(torn.waterPlusMinus()).isGreaterThan(sure.waterPlusMinus()).isGreaterThan(0.05);
    }

    @Test
    void twoTestsThatCannotBeOfOneMixAreRefused() {
        assertThatThrownBy(() ->
                        PEAT_PERLITE.soaked(List.of(new Soaked(10, 0.2, 0.6, 0.02), new Soaked(25, 0.1, 0.72, 0.02))))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.TALLER_HELD_MORE));
        assertThatThrownBy(() ->
                        PEAT_PERLITE.soaked(List.of(new Soaked(14, 0.2, 0.6, 0.02), new Soaked(15, 0.2, 0.6, 0.02))))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.HEIGHTS_ALIKE));
        assertThatThrownBy(() -> new Soaked(14, 0.6, 0.6, 0.02)).isInstanceOf(FaultException.class);
    }

    @Test
    void itIsKnownByTheSharesOfItsParts() {
        assertThat(PEAT_PERLITE.madeLike(Map.of("peat_medium", 0.74, "perlite_coarse", 0.26), 0.02))
                .isTrue();
        assertThat(PEAT_PERLITE.madeLike(Map.of("peat_medium", 0.6, "perlite_coarse", 0.4), 0.02))
                .isFalse();
        assertThat(PEAT_PERLITE.madeLike(Map.of("peat_medium", 1.0), 0.02)).isFalse();
    }

    /** The curve of the parts is what takes time: it is asked for some thousand times at most, met or not. Counted, not timed. */
    @Test
    void twoHeightsAreMetWithoutAskingTheCurveOfThePartsTooOften() {
        PotWater low = column(PEAT_PERLITE, 12);
        for (double tallAir : new double[] {0.06, 0.28, 0.75}) {
            int[] asked = {0};
            Measured.of(
                    cm -> {
                        asked[0]++;
                        return 1 / (1 + cm / 20);
                    },
                    List.of(
                            new Soaked(12, low.air(), low.capacity(), 0.02),
                            new Soaked(30, tallAir, 0.84 - tallAir, 0.2)));
            assertThat(asked[0]).isLessThan(5_000);
        }
    }
}
