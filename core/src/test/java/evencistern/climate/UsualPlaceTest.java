package evencistern.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class UsualPlaceTest {
    static java.util.List<String> keys() {
        return UsualPlace.keys();
    }

    @ParameterizedTest
    @MethodSource("keys")
    void noNightIsWarmerThanItsDayAnywhere(String key) {
        for (double latitude : new double[] {-60, -35, -10, 0, 10, 35, 60}) {
            UsualPlace place = UsualPlace.at(key, latitude);
            assertThat(place.lows()).hasSize(12);
            for (int m = 0; m < 12; m++) {
                assertThat(place.lows().get(m)).isLessThan(place.highs().get(m));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("keys")
    void southOfTheEquatorTheYearIsSixMonthsLater(String key) {
        UsualPlace north = UsualPlace.at(key, 50);
        UsualPlace south = UsualPlace.at(key, -50);
        for (int m = 0; m < 12; m++) {
            assertThat(south.highs().get(m)).isEqualTo(north.highs().get((m + 6) % 12));
        }
    }

    /** A sea climate at 51–52° north has a mean year of about 10 °C and some 300 mol m⁻² a month in June; common practice. */
    @Test
    void theOpenBenchIsAMildSeaClimate() {
        UsualPlace bench = UsualPlace.at("open_bench", 52);
        double mean = java.util.stream.Stream.concat(bench.lows().stream(), bench.highs().stream())
                .mapToDouble(Double::doubleValue)
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(10, within(1.0));
        assertThat(bench.frosts()).isPresent();
    }

    @Test
    void onlyTheOpenHasFrostsAndTheTropicsHaveNone() {
        assertThat(UsualPlace.at("glasshouse", 52).frosts()).isEmpty();
        assertThat(UsualPlace.at("open_bench", 10).frosts()).isEmpty();
        assertThat(UsualPlace.at("open_bench", -40)
                        .frosts()
                        .orElseThrow()
                        .first()
                        .getMonthValue())
                .isEqualTo(5);
    }

    @Test
    void aHeatedHouseNeverFallsBelowWhatItIsHeatedTo() {
        assertThat(UsualPlace.at("glasshouse", 52).lows()).allMatch(l -> l >= 7);
        assertThat(UsualPlace.at("tunnel", 52).lows()).anyMatch(l -> l < 7);
    }

    @Test
    void aPlaceThatIsNotKnownIsRefused() {
        assertThatThrownBy(() -> UsualPlace.at("cellar", 50)).hasMessageContaining("cellar");
    }
}
