package evencistern.chemistry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaTest {

    /** Stoichiometry by hand from the abridged atomic weights, IUPAC 2021. */
    @ParameterizedTest
    @CsvSource({
        "KNO3, 101.10, POTASSIUM, 38.67",
        "Ca(NO3)2·4H2O, 236.15, CALCIUM, 16.97",
        "Ca(NO3)2.4H2O, 236.15, NITROGEN, 11.86",
        "MgSO4*7H2O, 246.47, MAGNESIUM, 9.86",
        "MgSO4 · 7 H2O, 246.47, SULFUR, 13.01",
        "KH2PO4, 136.08, PHOSPHORUS, 22.76",
        "(NH4)2SO4, 132.13, NITROGEN, 21.20",
        "CO(NH2)2, 60.06, NITROGEN, 46.65",
        "5Ca(NO3)2·NH4NO3·10H2O, 1080.65, NITROGEN, 15.56",
        "(NH4)6Mo7O24·4H2O, 1235.8, MOLYBDENUM, 54.35"
    })
    void contentsFollowFromTheFormula(String written, double grams, Element element, double percent) {
        Formula formula = Formula.of(written);
        assertThat(formula.gramsPerMole()).isCloseTo(grams, within(grams * 1e-4));
        assertThat(formula.percent(element)).isCloseTo(percent, within(0.01));
    }

    @Test
    void nitrogenIsToldByHowItIsBound() {
        Formula ammoniumNitrate = Formula.of("NH4NO3");
        assertThat(ammoniumNitrate.percentNitrogen(Formula.Bound.NITRATE))
                .isEqualTo(ammoniumNitrate.percentNitrogen(Formula.Bound.AMMONIUM));
        Formula urea = Formula.of("CO(NH2)2");
        assertThat(urea.percentNitrogen(Formula.Bound.UREA)).isCloseTo(urea.percent(Element.NITROGEN), within(1e-9));
        Formula calcium = Formula.of("5[Ca(NO3)2(H2O)2]·NH4NO3");
        assertThat(calcium.percentNitrogen(Formula.Bound.NITRATE))
                .isCloseTo(11 * calcium.percentNitrogen(Formula.Bound.AMMONIUM), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", " ", "Epsom", "kno3", "K(NO3", "KNO3)", "K()2", "KNO3·", "·KNO3", "K+", "K0", "MgS04", "Xx2"
            })
    void whatIsNoFormulaIsRefused(String written) {
        assertThatThrownBy(() -> Formula.of(written))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.FORMULA_UNREADABLE)));
    }
}
