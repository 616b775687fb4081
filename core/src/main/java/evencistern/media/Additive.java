package evencistern.media;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * What may be stirred into a mix, by its key.
 *
 * <p><b>Answers</b> is there such a thing, to be counted on the shelf and stirred into a batch?
 * <p><b>Formula</b> limes, sulfur and amendments, each by its key
 * <p><b>Units</b> counted in grams
 * <p><b>Valid for</b> limes, sulfur and amendments
 * <p><b>Source</b> [COMMON]
 * <p><b>Checked by</b> AdditiveTest
 */
public final class Additive {
    /** Elemental sulfur, which lowers a pH. */
    public static final String SULFUR = "sulfur";

    private Additive() {}

    /** Every one: limes and sulfur, then amendments. */
    public static List<String> keys() {
        return Stream.of(
                        Arrays.stream(Liming.Material.values()).map(Enum::name),
                        Stream.of(SULFUR),
                        Amendment.all().stream().map(Amendment::key))
                .flatMap(s -> s)
                .toList();
    }
}
