package evencistern.server.mix;

import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.media.Soaked;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How a mix held water and air, soaked and drained in pots. It counts for mixes of these parts.
 *
 * @param of the parts that were in it, as shares
 * @param columns one for each height it was measured at, 1–2
 */
public record SoakedMix(LocalDate on, List<SoakedShare> of, List<SoakedColumn> columns) {
    private static final double PER_CENT = 100;
    /** So far the share of a part may be from what was measured, as a fraction. */
    private static final double ALIKE = 0.02;

    private static final int MOST_PARTS = 40;

    /** A component by its key, and its share of what was put in, %. */
    public record SoakedShare(String component, double share) {}

    /** What a pot of a height held, % of its volume; {@code plusMinus} of the water, 95 %. */
    public record SoakedColumn(double columnCm, double air, double capacity, double plusMinus) {
        Soaked toSoaked() {
            return new Soaked(columnCm, air / PER_CENT, capacity / PER_CENT, plusMinus / PER_CENT);
        }
    }

    /** Whether it is of the parts of this mix. */
    boolean isOf(Mix mix) {
        Map<String, Double> shares = new HashMap<>();
        of.forEach(s -> shares.merge(s.component(), s.share() / PER_CENT, Double::sum));
        return mix.madeLike(shares, ALIKE);
    }

    /** The mix as it was measured, where this is of its parts; else the mix as it is. Refused where the tests cannot be of one mix. */
    Mix over(Mix mix) {
        Faults faults = new Faults();
        faults.within("recipe.parts", of.size(), 1, MOST_PARTS, "");
        var tests = columns.stream()
                .flatMap(c -> faults.attempt(c::toSoaked).stream())
                .toList();
        faults.throwIfAny();
        Mix measured = mix.soaked(tests);
        return isOf(mix) ? measured : mix;
    }

    /** What was in this mix. */
    static List<SoakedShare> sharesOf(Mix mix) {
        return mix.parts().stream()
                .filter(p -> p.parts() > 0)
                .map(p -> new SoakedShare(p.component().key(), mix.share(p) * PER_CENT))
                .toList();
    }
}
