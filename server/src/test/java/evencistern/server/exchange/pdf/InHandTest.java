package evencistern.server.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts on paper; the page says the same of the same (numbers.test.ts). */
class InHandTest {

    @ParameterizedTest
    @CsvSource({
        "3, 2, 3.0",
        "9.96, 2, 10",
        "0.0996, 2, 0.10",
        "0.00001, 2, 0.000010",
        "1234, 2, 1200",
        "999.6, 3, 1000",
        "0.19, 1, 0.2",
        "1.5, 3, 1.50",
        "0, 2, 0",
    })
    void figuresAreThoseThatAreKnown(double value, int significant, String said) {
        assertThat(InHand.figures(value, significant)).isEqualTo(said);
    }
}
