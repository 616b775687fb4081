package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.reading.CanCheck.Story;
import evencistern.units.Uncertain;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CanCheckTest {
    private static final Uncertain FEED = Uncertain.plusMinus95(1.0, 0.1);

    private static CanCheck check(double reading, double plusMinus, Double... others) {
        return CanCheck.of(Uncertain.plusMinus95(reading, plusMinus), 0.4, FEED, List.of(others));
    }

    /** Over water of 0.4 a feed that adds 1.0 reads 1.4, none 0.4, double 2.4; by definition. */
    @ParameterizedTest
    @CsvSource({"1.4, RIGHT", "1.45, RIGHT", "0.42, NOT_FED", "2.4, DOUBLE", "2.6, DOUBLE", "6.5, NONE_OF_THESE"})
    void eachStoryIsFoundWhereItBelongs(double reading, Story story) {
        assertThat(check(reading, 0.05, 0.55).likeliest()).isEqualTo(story);
    }

    @Test
    void anotherBottleOfTheShelfIsSuspectedWhereItWouldReadSo() {
        assertThat(check(0.95, 0.05, 0.55).likeliest()).isEqualTo(Story.WRONG_PRODUCT);
        assertThat(check(0.95, 0.05, 1.9).likeliest()).isEqualTo(Story.PEN_OR_WATER);
    }

    @Test
    void priorsAndAnswersSumToOne() {
        assertThat(Arrays.stream(Story.values()).mapToDouble(Story::prior).sum())
                .isCloseTo(1, within(1e-12));
        for (double reading = 0.3; reading < 8; reading += 0.1) {
            assertThat(check(reading, 0.07).probability().values().stream()
                            .mapToDouble(Double::doubleValue)
                            .sum())
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void aWorsePenKnowsLess() {
        double sharp = check(1.4, 0.03).probability().get(Story.RIGHT);
        double blunt = check(1.4, 0.8).probability().get(Story.RIGHT);
        assertThat(blunt).isLessThan(sharp);
        double sharpOff = check(0.42, 0.03).probability().get(Story.RIGHT);
        double bluntOff = check(0.42, 1.2).probability().get(Story.RIGHT);
        assertThat(bluntOff).isGreaterThan(sharpOff);
    }

    /** By hand for one story against another: the odds of right to not fed are prior odds times the normal densities'. */
    @Test
    void theOddsAreBayes() {
        CanCheck c = check(0.9, 0.1);
        double penSd = 0.1 / 1.959964;
        double base = Math.hypot(penSd, 0.08 * 0.4);
        double rightSd = Math.hypot(base, FEED.sd());
        double right = 0.72 / rightSd * Math.exp(-Math.pow(0.5 / rightSd, 2) / 2);
        double not = 0.08 / base * Math.exp(-Math.pow(0.5 / base, 2) / 2);
        assertThat(c.probability().get(Story.RIGHT) / c.probability().get(Story.NOT_FED))
                .isCloseTo(right / not, within(right / not * 1e-4));
    }

    @Test
    void lessThanTheWaterAloneIsRefusedInWords() {
        assertThatThrownBy(() -> check(0.2, 0.02))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.READING_BELOW_WATER)));
    }
}
