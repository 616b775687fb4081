package evencistern.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2.5 | 2.5",
                "2,5 | 2.5",
                "2½ | 2.5",
                "2 ½ | 2.5",
                "2 1/2 | 2.5",
                "2-1/2 | 2.5",
                "½ | 0.5",
                "1/3 | 0.333333333",
                "1⁄8 | 0.125",
                ".5 | 0.5",
                "1,000.5 | 1000.5",
                "1,234,567 | 1234567",
                "0,125 | 0.125",
                "10 | 10"
            })
    void aNumberIsReadInAnyWriting(String typed, double value) {
        NumberReader.Found found = NumberReader.at(typed, 0).orElseThrow();
        assertThat(found.value()).isCloseTo(value, within(1e-8));
        assertThat(found.end()).isEqualTo(typed.length());
    }

    @Test
    void aCommaBeforeThreeDigitsIsNotGuessed() {
        assertThat(NumberReader.at("1,500", 0).orElseThrow().problem()).contains(FaultCode.COMMA_AMBIGUOUS);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/0", "1.2.3"})
    void whatIsNoNumberIsSaidSo(String typed) {
        assertThat(NumberReader.at(typed, 0).orElseThrow().problem()).contains(FaultCode.NOT_A_NUMBER);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4 in | 0.1016",
                "10cm | 0.10",
                "10 | 0.10",
                "4\" | 0.1016",
                "100 mm | 0.1",
                "-3 | -0.03",
                "½ ft | 0.1524"
            })
    void aTypedUnitWins(String typed, double metres) {
        Faults faults = new Faults();
        assertThat(MeasureReader.read("height", typed, Unit.CENTIMETRE, faults)).isCloseTo(metres, within(1e-12));
        assertThat(faults.list()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | MISSING",
                "tall | NOT_A_NUMBER",
                "4 pints | UNIT_UNKNOWN",
                "4 L | UNIT_OF_OTHER_KIND",
                "🪴 | NOT_A_NUMBER",
                "1,500 | COMMA_AMBIGUOUS",
                "); DROP TABLE lot; | NOT_A_NUMBER"
            })
    void aFieldThatCannotBeReadSaysWhy(String typed, FaultCode code) {
        Faults faults = new Faults();
        assertThat(MeasureReader.read("height", typed, Unit.CENTIMETRE, faults)).isNaN();
        assertThat(faults.list()).singleElement().satisfies(f -> {
            assertThat(f.code()).isEqualTo(code);
            assertThat(f.field()).isEqualTo("height");
        });
    }

    /** Days, seconds, pots: the field says what it counts. */
    @ParameterizedTest
    @ValueSource(strings = {"12 days", "3 L", "4 %"})
    void aCountIsANumberAlone(String typed) {
        Faults faults = new Faults();
        assertThat(MeasureReader.read("days", typed, Unit.ONE, faults)).isNaN();
        assertThat(faults.list())
                .singleElement()
                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.NUMBER_ALONE));
        assertThat(MeasureReader.read("days", "12", Unit.ONE, faults)).isEqualTo(12);
    }
}
