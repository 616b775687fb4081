package evencistern.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FaultsTest {

    @ParameterizedTest
    @CsvSource({"1, ''", "10, ''", "0.999, TOO_SMALL", "10.001, TOO_LARGE", "NaN, TOO_SMALL", "Infinity, TOO_LARGE"})
    void onlyWhatLiesWithinPasses(double value, String code) {
        Faults faults = new Faults();
        faults.within("height", value, 1, 10, "m");
        assertThat(faults.list().stream().map(f -> f.code().name()))
                .isEqualTo(code.isEmpty() ? java.util.List.of() : java.util.List.of(code));
    }

    @Test
    void aFaultTellsFieldValueLimitAndUnit() {
        Faults faults = new Faults();
        faults.within("pot.height", 2.5, 0.01, 2, "m");
        assertThat(faults.list()).containsExactly(new Fault(FaultCode.TOO_LARGE, "pot.height", "2.5", "2", "m"));
    }

    @Test
    void aNameIsStrippedAndNeitherBlankNorTooLong() {
        Faults faults = new Faults();
        assertThat(faults.text("name", "  fern ", 10)).isEqualTo("fern");
        assertThat(faults.any()).isFalse();
        faults.text("name", " \t", 10);
        faults.text("name", "x".repeat(11), 10);
        assertThat(faults.list()).extracting(Fault::code).containsExactly(FaultCode.MISSING, FaultCode.TOO_LONG);
    }

    @Test
    void manyFaultsAreThrownTogetherAndNoneMeansNothingThrown() {
        Faults faults = new Faults();
        assertThatCode(faults::throwIfAny).doesNotThrowAnyException();
        assertThat(faults.attempt(() -> 7)).contains(7);
        assertThat(faults.attempt(() -> Faults.require("a", -1, 0, 1, ""))).isEmpty();
        faults.add(FaultCode.MISSING, "b", "");
        assertThatThrownBy(faults::throwIfAny)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::field).containsExactly("a", "b"));
    }

    @Test
    void everyCodeHasAStableId() {
        assertThat(FaultCode.PH_DOT_MISPLACED.id()).isEqualTo("ph_dot_misplaced");
    }
}
