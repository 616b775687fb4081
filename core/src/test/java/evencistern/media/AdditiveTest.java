package evencistern.media;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AdditiveTest {
    @Test
    void everyLimeSulfurAndEveryAmendmentIsOneAndNoKeyMeansTwo() {
        assertThat(Additive.keys())
                .contains("DOLOMITE", Additive.SULFUR, "coated_feed")
                .doesNotHaveDuplicates()
                .hasSize(Liming.Material.values().length + 1 + Amendment.all().size());
    }
}
