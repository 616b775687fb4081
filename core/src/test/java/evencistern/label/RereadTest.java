package evencistern.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RereadTest {
    private static LabelReading read(String sentence) {
        return LabelReader.read(sentence, Product.of(ProductForm.LIQUID), Map.of());
    }

    @ParameterizedTest
    @CsvSource({
        "50 ml of product per litre of mix every 7 days, 5 ml of product per litre of mix every 7 days, 5 ml of product per litre of mix every 7 days",
        "5 ml per litre every 7 days, 2.5 ml per litre every 7 days, 2.5 ml per litre every 7 days",
        "5 ml per litre every 7 days, 7.5 ml per litre every 14 days, 5 ml per litre every 14 days",
        "5 ml per litre every 14 days, 5 ml per litre with every watering, 5 ml per litre every 14 days",
        "5 ml of product per 10 cm pot monthly, 8 ml of product per 20 cm pot monthly, 8 ml of product per 20 cm pot monthly"
    })
    void theSmallerCountsUntilAPersonHasChosen(String before, String now, String counts) {
        assertThat(Reread.differ(read(before), read(now))).isTrue();
        LabelReading expected = read(counts);
        assertThat(Reread.smaller(read(before), read(now)))
                .contains(new Reread(
                        expected.rate().orElseThrow(), expected.rhythm().orElseThrow()));
        assertThat(Reread.smaller(read(now), read(before)))
                .contains(new Reread(
                        expected.rate().orElseThrow(), expected.rhythm().orElseThrow()));
    }

    @Test
    void whatIsTheSameButForRoundingDoesNotDiffer() {
        assertThat(Reread.differ(read("5 ml per litre weekly"), read("5.1 ml per litre weekly")))
                .isFalse();
    }

    @Test
    void aDoseForAPotAndOneForALitreAreNotCompared() {
        assertThat(Reread.smaller(read("5 ml per litre weekly"), read("5 ml of product per pot weekly")))
                .isEmpty();
    }
}
