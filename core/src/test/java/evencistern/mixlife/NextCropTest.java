package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextCropTest {
    /** FAO Irrigation and Drainage Paper 29, table 4: the ECe of a yield of 90, 75 and 50 %; from memory, rounded there. */
    @ParameterizedTest
    @CsvSource({
        "bean, 1.5, 2.3, 3.6",
        "carrot, 1.7, 2.8, 4.6",
        "strawberry, 1.3, 1.8, 2.5",
        "onion, 1.8, 2.8, 4.3",
        "radish, 2.0, 3.1, 5.0",
        "lettuce, 2.1, 3.2, 5.1",
        "pepper, 2.2, 3.3, 5.1",
        "sweet_corn, 2.5, 3.8, 5.9",
        "spinach, 3.3, 5.3, 8.6",
        "cucumber, 3.3, 4.4, 6.3",
        "tomato, 3.5, 5.0, 7.6",
        "broccoli, 3.9, 5.5, 8.2",
        "beet, 5.1, 6.8, 9.6",
        "orange, 2.3, 3.3, 4.8",
        "grape, 2.5, 4.1, 6.7",
        "blackberry, 2.0, 2.6, 3.8"
    })
    void yieldsAsTheTableOfTheFaoHasThem(String crop, double at90, double at75, double at50) {
        NextCrop next = NextCrop.require(crop);
        assertThat(next.yieldAt(at90)).isCloseTo(90, within(2.5));
        assertThat(next.yieldAt(at75)).isCloseTo(75, within(2.5));
        assertThat(next.yieldAt(at50)).isCloseTo(50, within(2.5));
    }

    @Test
    void belowItsThresholdNothingIsLostAndFarAboveItAll() {
        for (NextCrop crop : NextCrop.all()) {
            assertThat(crop.yieldAt(crop.threshold())).as(crop.key()).isEqualTo(100);
            assertThat(crop.yieldAt(0)).as(crop.key()).isEqualTo(100);
            assertThat(crop.yieldAt(25)).as(crop.key()).isZero();
        }
        assertThatThrownBy(() -> NextCrop.require("pebbles")).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> NextCrop.require("bean").yieldAt(-1)).isInstanceOf(FaultException.class);
    }
}
