package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.HandMeasure;
import evencistern.need.AfterReading;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GivenTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static Care care(Situation s) {
        return Care.on(
                MAY,
                s,
                new Care.Tools(
                        5, HandMeasure.SPOONS, HandMeasure.FULL_SET, SourceWater.of(0.4, 7.2), OptionalDouble.empty()),
                Working.off());
    }

    /** Arithmetic: half the water carries half the product; the can is as strong as it was. */
    @Test
    void theProductGoesWithTheWater() {
        Care care = care(Situations.fed());
        Given planned = Given.fed(care, OptionalDouble.empty());
        Given half = Given.fed(care, OptionalDouble.of(planned.litres() / 2));
        assertThat(planned.litres()).isCloseTo(care.feedPourLitres(), within(1e-12));
        assertThat(half.product()).isCloseTo(planned.product() / 2, within(1e-12));
        assertThat(half.nMgPerL()).isEqualTo(planned.nMgPerL());
    }

    /** 0.8 of what a flush asks for counts as one; a splash does not, nor does any water where none is asked for. */
    @Test
    void mostOfAFlushIsAFlush() {
        Situation fed = Situations.fed();
        Situation salty = fed.with(fed.particulars()
                .with(new AfterReading(
                        Optional.of(new AfterReading.Salty(MAY.minusDays(1), OptionalDouble.of(1))),
                        Optional.empty(),
                        1,
                        Optional.empty(),
                        Optional.empty())));
        double asked = care(salty).plan().flush().orElseThrow().litres();
        assertThat(Given.plain(care(salty), MAY, OptionalDouble.empty()).flush())
                .isTrue();
        assertThat(Given.plain(care(salty), MAY, OptionalDouble.of(asked * 0.81))
                        .flush())
                .isTrue();
        assertThat(Given.plain(care(salty), MAY, OptionalDouble.of(asked * 0.79))
                        .flush())
                .isFalse();
        assertThat(Given.plain(care(fed), MAY, OptionalDouble.of(asked)).flush())
                .isFalse();
    }
}
