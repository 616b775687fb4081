package evencistern.reading;

import evencistern.units.Uncertain;

/**
 * One measured value held against its band.
 *
 * <p><b>Answers</b> is this reading inside the band, and how sure can I be with this meter?
 * <p><b>Formula</b> P(below) = P(X &lt; low), P(above) = 1 − P(X &lt; high), the rest inside; sure from 90 %, likely from
 * 70 %, else it cannot be told
 * <p><b>Units</b> those of the band
 * <p><b>Valid for</b> a meter's ± taken as a 95 % interval
 * <p><b>Source</b> [JCGM100] section 5; the two thresholds are a stated choice [COMMON]
 * <p><b>Checked by</b> VerdictTest
 */
public record Judgement(
        Uncertain value, double low, double high, double below, double inside, double above, Finding finding) {
    private static final double SURE = 0.90;
    private static final double LIKELY = 0.70;

    /** What the probabilities allow to be said. */
    public enum Finding {
        INSIDE,
        LIKELY_INSIDE,
        CANNOT_TELL,
        LIKELY_BELOW,
        BELOW,
        LIKELY_ABOVE,
        ABOVE;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        /** Whether it lies below, surely or likely. */
        public boolean low() {
            return this == BELOW || this == LIKELY_BELOW;
        }

        /** Whether a pH is off its band: it may be so on either side, salts only above. */
        public boolean offPh() {
            return low() || high();
        }

        /** The finding of this id; an unknown one is a mistake of the program. */
        public static Finding of(String id) {
            return valueOf(id.toUpperCase(java.util.Locale.ROOT));
        }

        /** Whether it lies above, surely or likely. */
        public boolean high() {
            return this == ABOVE || this == LIKELY_ABOVE;
        }
    }

    static Judgement of(Uncertain value, double low, double high) {
        double below = value.probabilityBelow(low);
        double above = 1 - value.probabilityBelow(high);
        double inside = Math.max(0, 1 - below - above);
        return new Judgement(value, low, high, below, inside, above, find(below, inside, above));
    }

    /** Whether it can be told with certainty enough. */
    boolean sure() {
        return finding == Finding.INSIDE || finding == Finding.BELOW || finding == Finding.ABOVE;
    }

    /** It, if the mean of so many readings came to the same. */
    Judgement ofReadings(int n) {
        return of(new Uncertain(value.value(), value.sd() / Math.sqrt(n)), low, high);
    }

    private static Finding find(double below, double inside, double above) {
        if (inside >= LIKELY) {
            return inside >= SURE ? Finding.INSIDE : Finding.LIKELY_INSIDE;
        }
        if (below >= LIKELY) {
            return below >= SURE ? Finding.BELOW : Finding.LIKELY_BELOW;
        }
        if (above >= LIKELY) {
            return above >= SURE ? Finding.ABOVE : Finding.LIKELY_ABOVE;
        }
        return Finding.CANNOT_TELL;
    }
}
