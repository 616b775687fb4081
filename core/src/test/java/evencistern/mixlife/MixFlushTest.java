package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.Recipes;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MixFlushTest {
    private static Component of(String recipe, double ec) {
        Mix mix = Recipes.require(recipe);
        return new UsedMix(mix, 0.4, Uncertain.exact(6), Uncertain.exact(ec)).component("old", 10);
    }

    private static Optional<MixFlush> flush(Component used, double goal, double water, MixFlush.Rain rain) {
        return MixFlush.of(used, 10, goal, water, rain, Working.off());
    }

    /** FAO Irrigation and Drainage Paper 29, complete mixing, from memory: one pore volume takes 63 % of it away, two 86 %. */
    @Test
    void onePoreVolumeTakesAwaySixtyThreePerCentAndTwoEightySix() {
        Component used = of("peat_perlite", 4);
        double held = used.hold().capacity() * 10;
        assertThat(flush(used, 4 * (1 - 0.632), 0, MixFlush.Rain.NONE)
                        .orElseThrow()
                        .leastLitres())
                .isCloseTo(held, within(held * 0.01));
        MixFlush two = flush(used, 4 * (1 - 0.8646), 0, MixFlush.Rain.NONE).orElseThrow();
        assertThat(two.leastLitres()).isCloseTo(2 * held, within(held * 0.01));
        assertThat(two.roundLitres()).isCloseTo(held, within(1e-9));
        assertThat(two.leastRounds()).isEqualTo(2);
        assertThat(two.mostLitres()).isCloseTo(3 * held, within(held * 0.02));
    }

    @Test
    void waterRunsPastBarkMoreThanPastPeat() {
        MixFlush bark =
                flush(of("bark_charcoal", 3), 1, 0.2, MixFlush.Rain.NONE).orElseThrow();
        MixFlush peat = flush(of("seed_compost", 3), 1, 0.2, MixFlush.Rain.NONE).orElseThrow();
        assertThat(bark.mostLitres() / bark.leastLitres()).isGreaterThan(peat.mostLitres() / peat.leastLitres());
    }

    /** A millimetre on a square metre is a litre. */
    @Test
    void rainCountsWholeTowardsTheLeastAndHalfTowardsTheMost() {
        Component used = of("peat_perlite", 4);
        MixFlush dry = flush(used, 1, 0.2, MixFlush.Rain.NONE).orElseThrow();
        MixFlush rained = flush(used, 1, 0.2, new MixFlush.Rain(20, 0.25)).orElseThrow();
        assertThat(rained.rainLitres()).isEqualTo(5);
        assertThat(dry.leastLitres() - rained.leastLitres()).isCloseTo(5, within(1e-9));
        assertThat(dry.mostLitres() - rained.mostLitres()).isCloseTo(2.5, within(1e-9));
        assertThat(flush(used, 1, 0.2, new MixFlush.Rain(2000, 0.25))
                        .orElseThrow()
                        .mostRounds())
                .isZero();
    }

    @Test
    void nothingIsPouredOnWhatIsFreshAndNoWaterMakesItFresherThanItself() {
        assertThat(flush(of("peat_perlite", 0.8), 1, 0.2, MixFlush.Rain.NONE)
                        .orElseThrow()
                        .mostLitres())
                .isZero();
        assertThat(flush(of("peat_perlite", 3), 1, 1.1, MixFlush.Rain.NONE)).isEmpty();
    }

    @Test
    void whatWasPouredBringsItBetweenWhereTheLeastAndTheMostWouldHave() {
        Component used = of("peat_perlite", 4);
        MixFlush asked = flush(used, 1, 0.2, MixFlush.Rain.NONE).orElseThrow();
        assertThat(MixFlush.after(used, 10, asked.leastLitres(), 0.2)).isGreaterThan(1);
        assertThat(MixFlush.after(used, 10, asked.mostLitres(), 0.2)).isLessThan(1);
        assertThat(MixFlush.after(used, 10, 0, 0.2)).isEqualTo(4);
    }
}
