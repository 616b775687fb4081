package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import java.time.LocalDate;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GrownTest {
    private static final Species FERN = SpeciesGuide.require("boston_fern");
    private static final double POT = 0.12;
    private static final double USUAL = FERN.spreadRatio() * POT;

    private static Size.Told after(Size.Told told, int days) {
        return Grown.since(told, Situations.MAY, Situations.MAY.plusDays(days), FERN, Situations.SILL, POT);
    }

    @Test
    void onTheDayItWasMeasuredItIsAsMeasured() {
        Size.Told told = Size.Told.of(0.2, 0.2);
        assertThat(after(told, 0)).isEqualTo(told);
    }

    /** Arithmetic: in G days of full growth the lack shrinks by e^(−G/200), and the height stays: labels go by it. */
    @Test
    void aSmallPlantGrowsToWhatIsUsualAndIsLessSurelyKnown() {
        double growth = 0;
        for (int d = 0; d < 120; d += 15) {
            LocalDate day = Situations.MAY.plusDays(d);
            growth += 15 * Growth.on(day, FERN, Situations.SILL).factor();
        }
        Size.Told grown = after(Size.Told.of(0.2, 0.3), 120);
        double expected = USUAL - (USUAL - 0.2) * Math.exp(-growth / 200);
        assertThat(grown.spreadM().orElseThrow()).isCloseTo(expected, within(1e-9));
        assertThat(grown.heightM()).hasValue(0.3);
        assertThat(Size.of(grown, FERN, POT).sd())
                .isGreaterThan(Size.of(Size.Told.of(0.2, 0.3), FERN, POT).sd());
    }

    @Test
    void aPlantBiggerThanUsualStaysAsItWasTold() {
        assertThat(after(Size.Told.of(2 * USUAL, 0.4), 400).spreadM()).hasValue(2 * USUAL);
    }

    @Test
    void ofWhatWasNotToldNothingGrows() {
        assertThat(after(Size.Told.NOTHING, 400)).isEqualTo(Size.Told.NOTHING);
        Size.Told tall = Size.Told.tall(OptionalDouble.of(0.3));
        assertThat(after(tall, 400)).isEqualTo(tall);
    }
}
