package evencistern.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.feed.DoseLimit;
import evencistern.media.LimeLimit;
import evencistern.water.WaterLimit;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class LimitsTest {
    private enum Nowhere {
        NEVER_SET_DOWN
    }

    static Stream<Arguments> tables() {
        return Stream.of(
                Arguments.of(DoseLimit.class, DoseLimit.values()),
                Arguments.of(WaterLimit.class, WaterLimit.values()),
                Arguments.of(LimeLimit.class, LimeLimit.values()));
    }

    /** A limit is a row with its unit and its source; none is without, and no row is for nothing. */
    @ParameterizedTest
    @MethodSource("tables")
    void everyLimitIsARowWithItsSource(Class<?> beside, Enum<?>[] limits) throws IOException {
        var rows = DataFile.read(beside, "limits.csv");
        assertThat(rows.stream().map(r -> r.text("limit")))
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(limits)
                        .map(l -> l.name().toLowerCase(Locale.ROOT))
                        .toList());
        String sources = Files.readString(Path.of("../docs/SOURCES.md"));
        assertThat(rows).allSatisfy(r -> {
            assertThat(r.text("unit")).isNotEmpty();
            assertThat(sources).contains("**" + r.text("source") + "**");
        });
    }

    @ParameterizedTest
    @EnumSource(WaterLimit.class)
    void waterIsFitBeforeItIsTooMuch(WaterLimit limit) {
        assertThat(limit.good()).isPositive().isLessThanOrEqualTo(limit.most());
    }

    @Test
    void aLimitWithoutARowFails() {
        Limits limits = new Limits(WaterLimit.class);
        assertThatThrownBy(() -> limits.of(Nowhere.NEVER_SET_DOWN, "most")).hasMessageContaining("NEVER_SET_DOWN");
    }
}
