package evencistern.ailment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Ailing plants as extension leaflets, grower guides and societies describe them (from memory; the kind of source stands with
 * each), written down before the tables.
 */
class VignetteTest {
    private static final double OF_THE_OPEN = 0.95;
    private static final double OF_THE_SEALED = 0.8;

    @Test
    void whatIsRightIsAmongTheFirstThree() {
        List<Vignette> all = Vignette.of("vignettes.csv");
        List<String> missed =
                all.stream().filter(v -> !v.found()).map(Vignette::told).toList();
        assertThat(missed).hasSizeLessThanOrEqualTo((int) (all.size() * (1 - OF_THE_OPEN)));
    }

    /** Opened once, when the tables stood. */
    @Test
    void whatIsRightIsAmongTheFirstThreeOfThoseThatWereKeptShut() {
        List<Vignette> all = Vignette.of("vignettes-sealed.csv");
        List<String> missed =
                all.stream().filter(v -> !v.found()).map(Vignette::told).toList();
        assertThat(missed).hasSizeLessThanOrEqualTo((int) (all.size() * (1 - OF_THE_SEALED)));
        assertThat(all.stream().filter(Vignette::blunder).map(Vignette::told)).isEmpty();
    }

    @Test
    void whatWouldHarmIsNeverNamedFirst() {
        assertThat(Vignette.of("vignettes.csv").stream()
                        .filter(Vignette::blunder)
                        .map(Vignette::told))
                .isEmpty();
    }
}
