package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.feed.CoatedRelease;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipe;
import evencistern.media.Recipes;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UsedMixTest {
    private static final Pot POT = Pot.filled(new RoundTaper(0.15, 0.11, 0.135));
    private static final Uncertain PH = Uncertain.plusMinus95(5.8, 0.4);
    private static final Uncertain EC = Uncertain.plusMinus95(2.0, 0.5);

    private static Component used(Mix mix, double spent) {
        return new UsedMix(mix, spent, PH, EC).component("old", 3);
    }

    private static PotWater column(Mix mix) {
        return new PotWater(mix, PotWater.TABLE_COLUMN);
    }

    private static Mix alone(Component component) {
        return Mix.of("old", List.of(new Mix.Part(component, 1)));
    }

    @Test
    void whatHasSpentNothingIsWhatItWas() {
        for (Recipe recipe : Recipes.all()) {
            Mix mix = recipe.mix();
            PotWater again = column(alone(used(mix, 0)));
            assertThat(again.capacity()).as(mix.key()).isCloseTo(column(mix).capacity(), within(0.005));
            assertThat(again.air()).as(mix.key()).isCloseTo(column(mix).air(), within(0.005));
        }
    }

    /** Common practice, no source: a bark or peat mix that is used up has lost about half of its air, and sunk. */
    @Test
    void whatIsUsedUpHasSunkAndLostHalfOfItsAir() {
        for (Recipe recipe : Recipes.all()) {
            Mix mix = recipe.mix();
            Component old = used(mix, 1);
            double settled = mix.densityKgPerL() / old.densityKgPerL();
            double left = settled * column(alone(old)).air() / column(mix).air();
            assertThat(settled).as(mix.key()).isBetween(0.85, 1.0);
            assertThat(left).as(mix.key()).isCloseTo(1 - mix.organicShare() / 2, within(0.03));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, 0.5, 0.9, 1.2, 3})
    void anyOfAnyAgeIsAPossibleIngredient(double spent) {
        for (Recipe recipe : Recipes.all()) {
            Component old = used(recipe.mix(), spent).possible();
            assertThat(old.densityKgPerL()).isGreaterThanOrEqualTo(recipe.mix().densityKgPerL() - 1e-9);
            assertThat(old.hold().unavailable()).isLessThanOrEqualTo(old.hold().capacity());
        }
    }

    @Test
    void theNewMixBeginsItsLifeWhereItsOldPartIs() {
        Mix was = Recipes.require("peat_perlite");
        Component old = used(was, 0.6);
        assertThat(alone(old).spent()).isCloseTo(0.6, within(1e-9));
        assertThat(UsedMix.in(old, 1.0 / 3, was).spent()).isCloseTo(0.2, within(1e-9));
        assertThat(was.spent()).isZero();
    }

    @Test
    void saltComesIntoTheNewMixWithItsShare() {
        Mix was = Recipes.require("peat_perlite");
        double own = was.ec();
        assertThat(UsedMix.in(used(was, 0.6), 0.5, was).ec()).isCloseTo((2.0 + own) / 2, within(1e-9));
    }

    @Test
    void coarseStuffBringsBackTheAirThatIsWantedAndNoMoreThanThat() {
        Component old = used(Recipes.require("peat_perlite"), 1);
        Component perlite = Recipes.component("perlite_coarse");
        double has = new PotWater(alone(old), POT).air();
        assertThat(UsedMix.newShare(old, perlite, has - 0.01, POT)).hasValue(0);
        double share = UsedMix.newShare(old, perlite, has + 0.06, POT).orElseThrow();
        Mix enough = Mix.of("a", List.of(new Mix.Part(old, 1 - share), new Mix.Part(perlite, share)));
        Mix less = Mix.of("b", List.of(new Mix.Part(old, 1.05 - share), new Mix.Part(perlite, share - 0.05)));
        assertThat(new PotWater(enough, POT).air()).isGreaterThanOrEqualTo(has + 0.06);
        assertThat(new PotWater(less, POT).air()).isLessThan(has + 0.06);
        assertThat(UsedMix.newShare(old, perlite, 0.95, POT)).isEmpty();
    }

    @Test
    void anUnmeasuredPhIsTheLessSureTheOlderTheMix() {
        Uncertain fresh = Recipes.require("peat_perlite").ph(Working.off());
        assertThat(UsedMix.phUnmeasured(fresh, 0).halfWidth95()).isCloseTo(0.4, within(1e-9));
        // √(0.4² + 0.6²)
        assertThat(UsedMix.phUnmeasured(fresh, 1).halfWidth95()).isCloseTo(0.721, within(0.001));
    }

    /** By the maker's rating a fifth of a coated feed is left at its rated life; so 20 % of 4 g is 0.8 g. */
    @Test
    void coatedFeedThatIsStillToComeIsTakenOffWhatIsStirredInAgain() {
        LocalDate on = LocalDate.of(2026, 1, 1);
        LocalDate rated = on.plusDays(Math.round(6 * 30.4));
        List<UsedMix.Coated> coated = List.of(new UsedMix.Coated(on, 4, new CoatedRelease(6, 21)));
        double left = UsedMix.coatedLeft(coated, rated, day -> 21);
        assertThat(left).isCloseTo(0.8, within(0.01));
        assertThat(UsedMix.coatedFeedIn(left)).isTrue();
        assertThat(UsedMix.feedAgain(left)).isCloseTo(3.2, within(0.01));
        assertThat(UsedMix.feedAgain(9)).isZero();
        assertThat(UsedMix.coatedFeedIn(UsedMix.coatedLeft(coated, rated.plusDays(500), day -> 21)))
                .isFalse();
    }

    @Test
    void whatCannotBeIsRefused() {
        Mix mix = Recipes.require("peat_perlite");
        assertThatThrownBy(() -> new UsedMix(mix, -0.1, PH, EC)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> UsedMix.in(used(mix, 1), 0, mix)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new UsedMix(mix, 0.5, PH, EC).component("old", 0))
                .isInstanceOf(FaultException.class);
    }
}
