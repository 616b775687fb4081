package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimingTest {
    private static final Liming.Lime DOLOMITE = Liming.Lime.of(Liming.Material.DOLOMITE, Liming.Fineness.POWDER);

    private static Liming.Start start(double ph, double buffer) {
        return new Liming.Start(Uncertain.exact(ph), Uncertain.exact(buffer));
    }

    private static Liming.Correction to(double target, Liming.Start start, Liming.Lime lime) {
        return Liming.to(target, start, lime, Working.off());
    }

    private static void refused(FaultCode code, org.assertj.core.api.ThrowableAssert.ThrowingCallable of) {
        assertThatThrownBy(of)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).code()).isEqualTo(code));
    }

    /** Calcite 100, dolomite 108.6, hydrated lime 135.1: stoichiometry, as tables of neutralising values print it. */
    @ParameterizedTest
    @CsvSource({"CALCITE, 100", "DOLOMITE, 108.6", "HYDRATED, 135.1"})
    void neutralisingValuesFollowFromStoichiometry(Liming.Material material, double percent) {
        assertThat(material.neutralising() * 100).isCloseTo(percent, within(0.06));
    }

    /** Pure dolomite is 21.7 % Ca and 13.2 % Mg: stoichiometry. */
    @Test
    void dolomiteBringsItsCalciumAndMagnesium() {
        Liming.Correction c = to(5.5, start(4.5, 1.086), DOLOMITE);
        assertThat(c.gramsPerLitre()).isCloseTo(1, within(0.001));
        assertThat(c.calcium()).isCloseTo(217, within(1.0));
        assertThat(c.magnesium()).isCloseTo(132, within(1.0));
    }

    /**
     * Loam compost, 7 loam : 3 peat : 2 sand with 0.6 kg of ground limestone per m³, to pH 6.0–6.3 (W. J. C. Lawrence and J. Newell,
     * Seed and Potting Composts, 1939; from memory): the loam of the table is a middling one, so to a factor of two.
     */
    @Test
    void aLoamCompostTakesAboutTheLimeThatItsPublishedRecipeGivesIt() {
        Mix loam = Recipes.require("loam_potting");
        Liming.Lime limestone = Liming.Lime.of(Liming.Material.CALCITE, Liming.Fineness.POWDER);
        Liming.Start start = Liming.Start.of(loam, Working.off());
        assertThat(to(6.0, start, limestone).gramsPerLitre()).isBetween(0.3, 1.2);
        assertThat(to(6.3, start, limestone).gramsPerLitre()).isBetween(0.3, 1.3);
    }

    /**
     * Peat-lite A: 5 lb of ground limestone per cubic yard (Boodley & Sheldrake, from memory) is 2.97 kg/m³; peat mixes
     * take about 3–6 kg of dolomitic lime per m³ to come from about 4.2 to 5.5–6.0.
     */
    @ParameterizedTest
    @CsvSource({"5.5", "5.8", "6.0"})
    void aPeatMixTakesTheLimeThatThePublishedRecipesGiveIt(double target) {
        double fivePoundsPerCubicYard = 5 * 0.45359237 / 0.764554858;
        Mix mix = Mix.of(
                "peat-lite A",
                List.of(
                        new Mix.Part(Recipes.component("peat_medium"), 11),
                        new Mix.Part(Recipes.component("vermiculite_medium"), 11)));
        Mix peat = Recipes.require("peat_perlite");
        assertThat(to(target, Liming.Start.of(mix, Working.off()), DOLOMITE).gramsPerLitre())
                .isBetween(fivePoundsPerCubicYard * 0.3, 6.0);
        assertThat(to(target, Liming.Start.of(peat, Working.off()), DOLOMITE).gramsPerLitre())
                .isBetween(2.0, 6.0);
    }

    /** 0.32 g of sulfur takes what 1 g CaCO3 gives: S → 2 H⁺, stoichiometry. */
    @Test
    void sulfurTakesBackWhatLimeGives() {
        Liming.Correction c = to(5.5, start(6.5, 1), DOLOMITE);
        assertThat(c.kind()).isEqualTo(Liming.Kind.SULFUR);
        assertThat(c.gramsPerLitre()).isCloseTo(0.32, within(0.001));
        assertThat(c.calcium()).isZero();
    }

    @Test
    void coarseLimeAndAWeakBagNeedMore() {
        Liming.Lime weak = new Liming.Lime(Liming.Material.CALCITE, Liming.Fineness.GROUND, 0.5);
        assertThat(to(5.5, start(4.9, 3), weak).gramsPerLitre()).isCloseTo(1.8 / (0.5 * 0.6), within(1e-9));
    }

    @Test
    void aMixThatIsThereAlreadyIsLeftAlone() {
        assertThat(to(5.7, start(5.65, 2), DOLOMITE).kind()).isEqualTo(Liming.Kind.NOTHING);
    }

    @Test
    void whatCannotBeDoneInAPotIsRefused() {
        refused(FaultCode.PH_HOPELESS, () -> to(7.5, start(3.8, 3), DOLOMITE));
        refused(FaultCode.PH_HOPELESS, () -> to(5, start(7.5, 3), DOLOMITE));
        refused(FaultCode.TOO_LARGE, () -> to(8, start(5, 1), DOLOMITE));
    }

    @Test
    void aPlantThatHatesLimeIsGivenNone() {
        Liming.Correction lime = to(5.2, start(4.5, 2), DOLOMITE);
        Species heather = SpeciesGuide.require("heather");
        Species gardenia = SpeciesGuide.require("gardenia");
        refused(FaultCode.LIME_HATED, () -> Liming.refuseBeyond(lime, 5.2, heather.limeTo()));
        refused(FaultCode.LIME_HATED, () -> Liming.refuseBeyond(lime, 5.8, gardenia.limeTo()));
        refused(
                FaultCode.LIME_NEVER,
                () -> Liming.refuseBeyond(
                        lime, 4.4, SpeciesGuide.require("flytrap").limeTo()));
        Liming.refuseBeyond(lime, 5.2, gardenia.limeTo());
        Liming.refuseBeyond(lime, 6.2, SpeciesGuide.require("tomato").limeTo());
        Liming.refuseBeyond(to(5.2, start(6.2, 1), DOLOMITE), 5.2, heather.limeTo());
    }

    /** Common practice: a little lime is right for heaths in a peat of pH 4.2, 0.5–1.5 g/L. */
    @Test
    void aLittleLimeIsRightForAVeryAcidPeat() {
        Liming.Correction lime = to(4.7, start(4.2, 2), DOLOMITE);
        Liming.refuseBeyond(lime, 4.7, SpeciesGuide.require("blueberry").limeTo());
        assertThat(lime.gramsPerLitre()).isBetween(0.5, 1.5);
    }

    /** Common practice: of coarse lime more than 6 to 8 g/L acts only next year. */
    @Test
    void moreCoarseLimeThanActsThisYearIsRefused() {
        refused(
                FaultCode.PH_HOPELESS,
                () -> to(5.8, start(4.2, 2), Liming.Lime.of(Liming.Material.DOLOMITE, Liming.Fineness.COARSE)));
    }

    /** Arithmetic: 2 g/L that moved the pH by 1.6 with a meter of ± 0.1. */
    @Test
    void aJarOfTheMixTellsItsBuffer() {
        Uncertain buffer = Liming.bufferFromJar(4.2, 5.8, 2, 0.1);
        assertThat(buffer.value()).isCloseTo(1.25, within(1e-9));
        assertThat(buffer.halfWidth95()).isCloseTo(1.25 * Math.sqrt(2) * 0.1 / 1.6, within(1e-6));
        assertThat(to(5.7, new Liming.Start(Uncertain.exact(4.2), buffer), DOLOMITE)
                        .after()
                        .halfWidth95())
                .isCloseTo(1.5 * Math.sqrt(2) * 0.1 / 1.6, within(1e-6));
    }

    @Test
    void aJarThatDidNotMoveTellsNothing() {
        refused(FaultCode.JAR_NO_RISE, () -> Liming.bufferFromJar(4.2, 4.3, 2, 0.1));
    }

    /**
     * The classic loam compost, 7 : 3 : 2, takes 3/4 oz of ground chalk per bushel and comes out near pH 6 [Lawrence and
     * Newell 1939, from memory]: that dose lifts our mix of the same parts into 5.8 to 6.5.
     */
    @Test
    void theChalkOfTheClassicLoamCompostBringsItWhereItIsUsed() {
        double gramsPerLitre = 0.75 * 28.349523 / 36.36872;
        Mix loam = Recipes.require("loam_potting");
        double ph = loam.ph(Working.off()).value() + gramsPerLitre / loam.buffer();
        assertThat(ph).isBetween(5.8, 6.5);
    }
}
