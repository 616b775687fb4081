package evencistern.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class UsualPlaceTest {
    static List<String> keys() {
        return UsualPlace.keys();
    }

    private static UsualPlace at(String key, double latitude) {
        return UsualPlace.in(Climate.at(latitude, 0), latitude, key);
    }

    @ParameterizedTest
    @MethodSource("keys")
    void noNightIsWarmerThanItsDayAnywhere(String key) {
        for (double latitude = -72; latitude <= 72; latitude += 6) {
            for (double longitude = -180; longitude < 180; longitude += 45) {
                UsualPlace place = UsualPlace.in(Climate.at(latitude, longitude), latitude, key);
                assertThat(place.lows()).hasSize(12);
                for (int m = 0; m < 12; m++) {
                    assertThat(place.lows().get(m)).isLessThan(place.highs().get(m));
                }
            }
        }
    }

    /** A sea climate at 51–52° north has a mean year of about 10 °C, frost from late October to late April; common practice. */
    @Test
    void theOpenBenchAt52IsAMildSeaClimate() {
        UsualPlace bench = at("open_bench", 52);
        double mean = (Climate.mean(bench.lows()) + Climate.mean(bench.highs())) / 2;
        assertThat(mean).isCloseTo(10, within(1.2));
        assertThat(bench.frosts().orElseThrow().first().getMonthValue()).isBetween(10, 11);
        assertThat(bench.frosts().orElseThrow().last().getMonthValue()).isBetween(4, 5);
    }

    /** Common practice: film or glass without heat takes some weeks off the frost season at either end, heat all of it. */
    @Test
    void eachHouseHasItsOwnFrost() {
        Place.Frosts open = at("open_bench", 52).frosts().orElseThrow();
        for (String key : List.of("tunnel", "cold_glasshouse", "lean_to")) {
            Place.Frosts own = at(key, 52).frosts().orElseThrow();
            assertThat(own.first().atYear(2026))
                    .isAfter(open.first().atYear(2026).plusDays(7));
            assertThat(own.last().atYear(2026))
                    .isBefore(open.last().atYear(2026).minusDays(7));
        }
        assertThat(at("glasshouse", 52).frosts()).isEmpty();
        assertThat(at("south_window", 52).frosts()).isEmpty();
        assertThat(at("balcony", 52).frosts().orElseThrow().first().atYear(2026))
                .isAfter(open.first().atYear(2026));
        assertThat(at("open_bench", 1).frosts()).isEmpty();
    }

    @Test
    void netsAndBalconiesTakeTheirShareOfLightRainAndWind() {
        assertThat(at("shade_net", 52).lightShare()).isLessThan(0.7);
        assertThat(at("shade_net", 52).air()).contains(Air.STILL);
        assertThat(at("balcony", 52).rainShare().orElseThrow()).isLessThan(0.5);
        assertThat(at("open_bench", 52).rainShare()).hasValue(1);
        assertThat(at("tunnel", 52).rainShare()).isEmpty();
    }

    /** A station that is picked stays as its table has it, wherever the garden lies. */
    @Test
    void aStationByNameStaysAsItIs() {
        assertThat(Climate.stations()).hasSizeGreaterThan(75).contains("Reykjavik");
        assertThat(Climate.ofStation("Reykjavik").lows().get(6)).isEqualTo(9);
        assertThatThrownBy(() -> Climate.ofStation("Nowhere")).isInstanceOf(FaultException.class);
    }

    /** Means of the warmest and the coldest month, °C, of well-known climates, from memory. */
    @ParameterizedTest
    @CsvSource({
        "35, -84, 23, 29, 1, 8",
        "35, 139, 24, 29, 3, 8",
        "53, -113, 14, 20, -17, -5",
        "1, 104, 26, 29, 25, 28",
        "-34, 151, 19, 25, 10, 15",
        "60, 25, 14, 20, -9, 0",
        "38, 23, 24, 31, 7, 13"
    })
    void otherPartsOfTheWorldHaveTheirOwnYear(
            double latitude, double longitude, double warmLow, double warmHigh, double coldLow, double coldHigh) {
        Climate year = Climate.at(latitude, longitude);
        double warm = Double.NEGATIVE_INFINITY;
        double cold = Double.POSITIVE_INFINITY;
        for (int m = 0; m < 12; m++) {
            double mean = (year.lows().get(m) + year.highs().get(m)) / 2;
            warm = Math.max(warm, mean);
            cold = Math.min(cold, mean);
        }
        assertThat(warm).isBetween(warmLow, warmHigh);
        assertThat(cold).isBetween(coldLow, coldHigh);
    }

    @Test
    void southOfTheEquatorTheWarmHalfOfTheYearIsTheOther() {
        for (double longitude : new double[] {-65, 25, 150}) {
            Climate south = Climate.at(-34, longitude);
            assertThat(south.highs().get(0)).isGreaterThan(south.highs().get(6) + 5);
        }
    }

    /** Two tenths of a degree never move a month by more than 0.8 °C, anywhere between 72° south and north. */
    @ParameterizedTest
    @ValueSource(doubles = {-120, -60, 0, 30, 75, 120, 150})
    void noStepOfLatitudeIsACliff(double longitude) {
        Climate before = Climate.at(-72, longitude);
        for (double latitude = -71.8; latitude <= 72; latitude += 0.2) {
            Climate now = Climate.at(latitude, longitude);
            for (int m = 0; m < 12; m++) {
                assertThat(now.lows().get(m)).isCloseTo(before.lows().get(m), within(0.8));
                assertThat(now.highs().get(m)).isCloseTo(before.highs().get(m), within(0.8));
                assertThat(now.sunshine().get(m)).isCloseTo(before.sunshine().get(m), within(0.03));
            }
            before = now;
        }
    }

    @Test
    void twoAnswersStretchTheYearBetweenThem() {
        Climate told = Climate.at(52, 0).told(OptionalDouble.of(-8), OptionalDouble.of(27), 0);
        assertThat(told.lows().stream().min(Double::compare).orElseThrow()).isCloseTo(-8, within(1e-9));
        assertThat(told.highs().stream().max(Double::compare).orElseThrow()).isCloseTo(27, within(1e-9));
        for (int m = 0; m < 12; m++) {
            assertThat(told.lows().get(m)).isLessThan(told.highs().get(m));
        }
    }

    /** Common practice: 6.5 °C less for each kilometre. */
    @Test
    void higherUpItIsCooler() {
        Climate low = Climate.at(0, -78);
        Climate high = low.told(OptionalDouble.empty(), OptionalDouble.empty(), 1000);
        for (int m = 0; m < 12; m++) {
            assertThat(high.lows().get(m)).isCloseTo(low.lows().get(m) - 6.5, within(1e-9));
            assertThat(high.highs().get(m)).isCloseTo(low.highs().get(m) - 6.5, within(1e-9));
        }
    }

    /** All stations of the table hold together: none of them is left out. */
    @Test
    void everyStationIsSound() {
        assertThat(Station.ALL).hasSize(81);
        assertThat(Station.ALL).allSatisfy(s -> assertThat(s.latitude()).isBetween(-55.0, 70.0));
    }

    @Test
    void aMonthThatIsOffTheWaveIsFound() {
        List<Double> months = new ArrayList<>(Station.ALL.get(0).year().lows());
        assertThat(Station.offTheWave(months)).isLessThan(2.5);
        months.set(4, months.get(4) + 12);
        assertThat(Station.offTheWave(months)).isGreaterThan(2.5);
    }

    @Test
    void onlyTheOpenHasFrostsAndTheTropicsHaveNone() {
        assertThat(at("glasshouse", 52).frosts()).isEmpty();
        assertThat(at("open_bench", 10).frosts()).isEmpty();
        Climate christchurch = Climate.at(-43.5, 172);
        assertThat(UsualPlace.in(christchurch, -43.5, "open_bench")
                        .frosts()
                        .orElseThrow()
                        .first()
                        .getMonthValue())
                .isBetween(4, 6);
    }

    @Test
    void theSunnyWindowLooksToTheSun() {
        assertThat(at("south_window", 52).aspect()).hasValue(Aspect.SOUTH);
        assertThat(at("south_window", -34).aspect()).hasValue(Aspect.NORTH);
        assertThat(at("north_window", -34).aspect()).hasValue(Aspect.SOUTH);
        assertThat(at("open_bench", 52).aspect()).isEmpty();
    }

    @Test
    void aHeatedHouseNeverFallsBelowWhatItIsHeatedTo() {
        assertThat(at("glasshouse", 52).lows()).allMatch(l -> l >= 7);
        assertThat(at("tunnel", 52).lows()).anyMatch(l -> l < 7);
    }

    @Test
    void aPlaceThatIsNotKnownIsRefused() {
        assertThatThrownBy(() -> at("cellar", 50)).hasMessageContaining("cellar");
    }

    /** Winds of the stations, from memory: Reykjavik 3 to 4.5 m/s, Fairbanks 1.2 to 2. */
    @Test
    void anOpenBenchHasTheWindOfItsStationAndAHouseItsOwnAir() {
        Climate windy = Climate.ofStation("Reykjavik");
        assertThat(UsualPlace.in(windy, 64, "open_bench").air()).contains(Air.WINDY);
        assertThat(UsualPlace.in(Climate.ofStation("Fairbanks"), 65, "open_bench")
                        .air())
                .contains(Air.MOVING);
        assertThat(UsualPlace.in(windy, 64, "glasshouse").air()).isNotEqualTo(Optional.of(Air.WINDY));
    }
}
