package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AnalysisTest {
    private static Analysis byWeight(Map<Declared, Double> stated) {
        return new Analysis(stated, Analysis.Basis.BY_WEIGHT);
    }

    private static void refused(FaultCode code, Map<Declared, Double> stated) {
        assertThatThrownBy(() -> byWeight(stated))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .anySatisfy(f -> assertThat(f.code()).isEqualTo(code)));
    }

    /** Oxides to elements by IUPAC weights: P 0.4364, K 0.8301, Ca 0.7147, Mg 0.6030, S 0.4005, Si 0.4674. */
    @Test
    void oxidesAreReadAsElements() {
        Nutrients mg = byWeight(Map.of(
                        Declared.P2O5, 10.0,
                        Declared.K2O, 10.0,
                        Declared.CAO, 10.0,
                        Declared.MGO, 10.0,
                        Declared.SO3, 10.0,
                        Declared.SIO2, 10.0))
                .contents();
        assertThat(mg.p()).isCloseTo(43.64, within(0.01));
        assertThat(mg.k()).isCloseTo(83.01, within(0.01));
        assertThat(mg.of(Nutrient.CA)).isCloseTo(71.47, within(0.01));
        assertThat(mg.of(Nutrient.MG)).isCloseTo(60.30, within(0.01));
        assertThat(mg.of(Nutrient.S)).isCloseTo(40.05, within(0.01));
        assertThat(mg.of(Nutrient.SI)).isCloseTo(46.74, within(0.01));
    }

    @Test
    void anElementIsTakenAsItIs() {
        Analysis elements = byWeight(Map.of(Declared.P, 4.364, Declared.K, 8.301));
        assertThat(elements.p2o5()).isCloseTo(10, within(0.001));
        assertThat(elements.k2o()).isCloseTo(10, within(0.001));
    }

    @Test
    void theFormsShareTheTotal() {
        Analysis analysis = byWeight(
                Map.of(Declared.N, 15.0, Declared.NITRATE_N, 8.5, Declared.AMMONIUM_N, 2.0, Declared.UREA_N, 4.5));
        Nutrients mg = analysis.contents();
        assertThat(mg.n()).isCloseTo(150, within(1e-9));
        assertThat(mg.of(Nutrient.UREA_N)).isCloseTo(45, within(1e-9));
        assertThat(mg.of(Nutrient.UNTOLD_N)).isZero();
        assertThat(analysis.formsTold()).isTrue();
        assertThat(Analysis.npk(15, 5, 5).formsTold()).isFalse();
        assertThat(Analysis.npk(0, 52, 34).formsTold()).isTrue();
    }

    @Test
    void formsThatDoNotAddUpAreRefused() {
        refused(FaultCode.NITROGEN_FORMS, Map.of(Declared.N, 15.0, Declared.NITRATE_N, 8.5, Declared.AMMONIUM_N, 2.0));
        // labels round each figure: 8.5 + 6.4 for 15 is no fault
        assertThat(byWeight(Map.of(Declared.N, 15.0, Declared.NITRATE_N, 8.5, Declared.AMMONIUM_N, 6.4))
                        .contents()
                        .n())
                .isCloseTo(150, within(1e-9));
    }

    @Test
    void aNutrientIsStatedOnceAndAllOfItIsAtMostAHundred() {
        refused(FaultCode.STATED_TWICE, Map.of(Declared.P2O5, 10.0, Declared.P, 4.4));
        refused(FaultCode.ANALYSIS_ABOVE_100, Map.of(Declared.N, 46.0, Declared.K2O, 46.0, Declared.CAO, 20.0));
        refused(FaultCode.TOO_SMALL, Map.of(Declared.FE, -1.0));
        // the forms repeat the total: 60 % in all, not 106
        assertThat(byWeight(Map.of(Declared.N, 46.0, Declared.UREA_N, 46.0, Declared.K2O, 14.0))
                        .n())
                .isEqualTo(46);
    }

    /** Stoichiometry: KNO3 13.85 % N and 38.67 % K; Epsom salt 9.86 % Mg and 13.0 % S; at 98 % purity that much less. */
    @Test
    void aSaltIsItsFormula() {
        Analysis saltpetre = Analysis.ofSalt("KNO3", 100);
        assertThat(saltpetre.n()).isCloseTo(13.85, within(0.01));
        assertThat(saltpetre.k()).isCloseTo(38.67, within(0.01));
        assertThat(saltpetre.contents().of(Nutrient.NITRATE_N)).isCloseTo(138.5, within(0.1));
        Analysis epsom = Analysis.ofSalt("MgSO4·7H2O", 98);
        assertThat(epsom.contents().of(Nutrient.MG)).isCloseTo(98.6 * 0.98, within(0.05));
        assertThat(epsom.contents().of(Nutrient.S)).isCloseTo(130.1 * 0.98, within(0.05));
        assertThatThrownBy(() -> Analysis.ofSalt("H2O", 100)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> Analysis.ofSalt("KNO3", 120)).isInstanceOf(FaultException.class);
    }

    /** What is made of salts reads back as what went in. */
    @Test
    void aStockThatWasMadeHoldsWhatWentIn() {
        Nutrients put = Analysis.ofSalt("KNO3", 100)
                .contents()
                .times(0.1)
                .plus(Analysis.ofSalt("MgSO4·7H2O", 100).contents().times(0.05));
        Nutrients back = Analysis.ofLiquid(put).contents();
        put.amounts()
                .forEach((nutrient, mg) ->
                        assertThat(back.of(nutrient)).as(nutrient.id()).isCloseTo(mg, within(1e-9)));
        Nutrients untold = Analysis.ofLiquid(put.plus(new Nutrients(Map.of(Nutrient.UNTOLD_N, 5.0))))
                .contents();
        assertThat(untold.n()).isCloseTo(put.n() + 5, within(1e-9));
        assertThat(untold.of(Nutrient.NITRATE_N)).isZero();
    }

    /** Bleach frees chlorine from acid and chloramine from ammonium (product safety norms); chlorides are feeds. */
    @ParameterizedTest
    @CsvSource({
        "NaOCl, true",
        "NaClO, true",
        "Ca(ClO)2, true",
        "Ca(OCl)2, true",
        "KClO3, true",
        "CaCl2·2H2O, false",
        "KCl, false"
    })
    void aBleachIsNoFeed(String formula, boolean refused) {
        Throwable thrown = catchThrowable(() -> Analysis.ofSalt(formula, 100));
        assertThat(thrown instanceof FaultException f && f.faults().get(0).code() == FaultCode.FORMULA_BLEACHES)
                .isEqualTo(refused);
    }

    @Test
    void whatALabelLeavesOutIsTold() {
        assertThat(Analysis.npk(20, 20, 20).untold())
                .containsExactly(Analysis.Untold.NITROGEN_FORMS, Analysis.Untold.BORON);
        assertThat(byWeight(Map.of(Declared.N, 12.0, Declared.NITRATE_N, 12.0, Declared.K2O, 10.0, Declared.B, 0.02))
                        .untold())
                .isEmpty();
        assertThat(Analysis.ofSalt("Ca(NO3)2·4H2O", 100).untold()).isEmpty();
    }
}
