package evencistern.wish;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.util.ArithmeticUtils;
import org.hipparchus.util.CombinatoricsUtils;

/** Whole parts to try. */
final class WholeParts {
    private WholeParts() {}

    /** Every choice of {@code count} of {@code n} things, by their places. */
    static List<int[]> choices(int n, int count) {
        List<int[]> all = new ArrayList<>();
        CombinatoricsUtils.combinationsIterator(n, count).forEachRemaining(all::add);
        return all;
    }

    /** Every way to take {@code count} amounts of at least one part that sum to at most {@code most}, in lowest terms. */
    static List<int[]> of(int count, int most) {
        List<int[]> all = new ArrayList<>();
        add(new int[count], 0, most, all);
        return all;
    }

    private static void add(int[] parts, int at, int left, List<int[]> all) {
        if (at == parts.length) {
            int common = 0;
            for (int p : parts) {
                common = ArithmeticUtils.gcd(common, p);
            }
            if (common == 1) {
                all.add(parts.clone());
            }
            return;
        }
        for (int p = 1; p <= left - (parts.length - at - 1); p++) {
            parts[at] = p;
            add(parts, at + 1, left - p, all);
        }
    }
}
