package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BatchTest {
    private static final Mix MIX = Mix.of(
                    "test",
                    List.of(
                            new Mix.Part(Recipes.component("peat_medium"), 3),
                            new Mix.Part(Recipes.component("perlite_coarse"), 1),
                            new Mix.Part(Recipes.component("pumice"), 0)))
            .yielding(0.8);
    private static final Batch.Measures MEASURES = new Batch.Measures(2.5, 0.15, 20);

    private static Batch litres(double litres) {
        return Batch.of(MIX, litres, 0.6, MEASURES, Map.of(), Working.off());
    }

    /** Arithmetic: 40 L at a yield of 0.8 are 50 L of parts, 37.5 and 12.5; three loads of a 20 L tub. */
    @Test
    void partsAllowForWhatIsLostInMixing() {
        Batch batch = litres(40);
        assertThat(batch.putLitres()).isCloseTo(50, within(1e-9));
        assertThat(batch.loads()).isEqualTo(3);
        assertThat(batch.amounts()).hasSize(2);
        Batch.Amount peat = batch.amounts().get(0);
        assertThat(peat.litres()).isCloseTo(37.5, within(1e-9));
        assertThat(peat.shovelsEachLoad(MEASURES)).isEqualTo(new Batch.Counted(5, 0));
        assertThat(peat.handfulsEachLoad(MEASURES).count()).isEqualTo(83);
        assertThat(peat.handfulsEachLoad(MEASURES).errorPercent())
                .isCloseTo(83 * 0.15 / 12.5 * 100 - 100, within(1e-9));
        assertThat(batch.waterLitres()).isCloseTo(12, within(1e-9));
    }

    /** A bale of 70 pressed litres gives 140 loose: 37.5 L are a quarter of one, 1 400 L of mix need ten. */
    @Test
    void packsAreOpenedWhole() {
        assertThat(litres(40).amounts().get(0).packs()).isCloseTo(37.5 / 140, within(1e-9));
        assertThat(litres(40).amounts().get(0).packsToOpen()).isEqualTo(1);
        assertThat(litres(1120 / 0.75).amounts().get(0).packsToOpen()).isEqualTo(10);
    }

    /** 37.5 L are wanted of bales that give 140: with 30 on the shelf one is bought, with 40 none. */
    @Test
    void whatIsOnTheShelfIsUsedBeforeMoreIsBought() {
        Batch.Amount peat = litres(40).amounts().get(0);
        assertThat(peat.packsToBuy(30)).isEqualTo(1);
        assertThat(peat.packsToBuy(40)).isZero();
        assertThat(litres(1120 / 0.75).amounts().get(0).packsToBuy(150)).isEqualTo(9);
    }

    @Test
    void potsTakeTheirLitresAndSpillsBesides() {
        Pot pot = Pot.filled(new RoundTaper(0.13, 0.09, 0.12));
        assertThat(Batch.litresFor(List.of(new Batch.Fill(pot, 12)), 0.05))
                .isCloseTo(12 * pot.mixLitres() * 1.05, within(1e-9));
    }

    @Test
    void anEmptyListOfPotsIsAskedFor() {
        assertThatThrownBy(() -> Batch.litresFor(List.of(), 0.05))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(FaultCode.MISSING));
        assertThatThrownBy(() -> litres(0)).isInstanceOf(FaultException.class);
    }

    @ParameterizedTest
    @CsvSource({"2.6, 0.25, 2.5", "2.65, 0.25, 2.75", "0.1, 0.25, 0", "7.2, 0.5, 7", "7.3, 0.5, 7.5"})
    void aShovelIsFilledByEyeAndSaysHowFarThatMisses(double wanted, double step, double counted) {
        Batch.Amount amount = new Batch.Amount(Recipes.component("pumice"), wanted, wanted, wanted, 1);
        Batch.Counted shovels = amount.shovelsEachLoad(new Batch.Measures(1, 0.15, 40));
        assertThat(shovels.count()).isEqualTo(counted);
        assertThat(shovels.errorPercent()).isCloseTo((counted / wanted - 1) * 100, within(1e-9));
        assertThat(Math.abs(shovels.count() - wanted)).isLessThanOrEqualTo(step / 2 + 1e-9);
    }

    /** Arithmetic: a bale of 140 L for 21.00; of 37.5 L into the tub, of which a quarter is thrown away, 50 L are paid for. */
    @Test
    void aBatchCostsWhatIsTakenOfItsPacks() {
        Component.Pack bale = new Component.Pack(Component.PackKind.BALE, 70, 140, Optional.of(21.0));
        Component peat = Recipes.component("peat_medium");
        Component priced = new Component(
                peat.key(),
                peat.family(),
                peat.grain(),
                peat.hold(),
                peat.densityKgPerL(),
                peat.chemistry(),
                peat.wear(),
                bale);
        Mix mix = Mix.of("m", List.of(new Mix.Part(priced, 1))).yielding(0.8);
        Batch.Amount taken = Batch.of(mix, 30, 0.6, MEASURES, Map.of("peat_medium", 0.25), Working.off())
                .amounts()
                .get(0);
        assertThat(taken.litres()).isCloseTo(37.5, within(1e-9));
        assertThat(taken.cost().orElseThrow()).isCloseTo(50 * 0.15, within(1e-9));
        assertThat(litres(40).amounts().get(1).cost()).isEmpty();
    }

    /** Arithmetic: ÷ (1 − reject) of the sieved component alone: of 12.5 L with a fifth thrown away, 15.625 are taken. */
    @Test
    void whatASieveTakesAwayIsTakenOfThatComponentAlone() {
        Batch batch = Batch.of(MIX, 40, 0.6, MEASURES, Map.of("perlite_coarse", 0.2), Working.off());
        Batch.Amount peat = batch.amounts().get(0);
        Batch.Amount perlite = batch.amounts().get(1);
        assertThat(perlite.litres()).isCloseTo(12.5, within(1e-9));
        assertThat(perlite.takenLitres()).isCloseTo(15.625, within(1e-9));
        assertThat(perlite.packs()).isCloseTo(15.625 / 100, within(1e-9));
        assertThat(perlite.packsToBuy(13)).isEqualTo(1);
        assertThat(peat.takenLitres()).isEqualTo(peat.litres());
        assertThatThrownBy(() -> Batch.of(MIX, 40, 0.6, MEASURES, Map.of("perlite_coarse", 1.0), Working.off()))
                .isInstanceOf(FaultException.class);
    }
}
