package evencistern.label;

import java.util.Optional;

/**
 * A label that was read and saved once, and is read again.
 *
 * <p><b>Answers</b> does it still come to the same, and what counts until a person has chosen?
 * <p><b>Formula</b> where the two differ by more than 5 %: the smaller dose, and the rarer rhythm
 * <p><b>Units</b> those of the rates; days
 * <p><b>Valid for</b> rates of one kind; one for a pot and one for a litre of water cannot be compared
 * <p><b>Source</b> [COMMON] too little feed can be made good, too much cannot
 * <p><b>Checked by</b> RereadTest
 *
 * @param rate what counts
 * @param rhythm how often
 */
public record Reread(Rate rate, Rhythm rhythm) {

    /** Whether the two come to doses, or rhythms, that differ; so do a dose and none. */
    public static boolean differ(LabelReading before, LabelReading now) {
        return !LabelReader.alike(before, now);
    }

    /** What counts of the two; empty where they cannot be compared. */
    public static Optional<Reread> smaller(LabelReading before, LabelReading now) {
        if (before.rate().isEmpty()
                || now.rate().isEmpty()
                || before.rhythm().isEmpty()
                || now.rhythm().isEmpty()) {
            return Optional.empty();
        }
        Rate a = before.rate().get();
        Rate b = now.rate().get();
        if (a.getClass() != b.getClass() || a.measure() != b.measure()) {
            return Optional.empty();
        }
        return Optional.of(new Reread(
                each(a) <= each(b) ? a : b,
                rarer(before.rhythm().get(), now.rhythm().get())));
    }

    /** The most of it, for a pot as wide as another. */
    private static double each(Rate rate) {
        return rate instanceof Rate.PerPotWidth w ? w.max() / w.widthM() : rate.max();
    }

    /** The rarer of two: once is rarer than days, which a season sees more of; days are rarer than waterings. */
    static Rhythm rarer(Rhythm a, Rhythm b) {
        return rank(a) >= rank(b) ? a : b;
    }

    private static double rank(Rhythm rhythm) {
        if (rhythm instanceof Rhythm.Once) {
            return Double.POSITIVE_INFINITY;
        }
        return rhythm instanceof Rhythm.EveryDays days
                ? (days.min() + days.max()) / 2.0
                : -1.0 / ((Rhythm.EveryWatering) rhythm).each();
    }
}
