package evencistern.reading;

import evencistern.units.Uncertain;
import java.util.Locale;
import java.util.Optional;

/**
 * Whether what was done after a reading has worked.
 *
 * <p><b>Answers</b> did the flush, the weaker feed, the corrected water bring it where it should be?
 * <p><b>Formula</b> P(moved towards the band) = Φ((x1 − x2)/√(σ1² + σ2²)) for one that was above, the other way round below;
 * worked: moved, and inside or likely inside; partly: moved from 90 %, still outside; worse: moved away from 90 %
 * <p><b>Units</b> those of the readings
 * <p><b>Valid for</b> two readings by the same method
 * <p><b>Source</b> [JCGM100] difference of two uncertain values
 * <p><b>Checked by</b> OutcomeTest
 *
 * @param moved how likely it moved towards the band, 0–1
 */
public record Outcome(Kind kind, double moved) {
    private static final double SURE = 0.90;

    /** What can be said. */
    public enum Kind {
        WORKED,
        PARTLY,
        CANNOT_TELL,
        WORSE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How a later reading of one quantity stands to one that was outside its band; empty where that one was not. */
    public static Optional<Outcome> of(Judgement before, Judgement after) {
        boolean high = before.finding().high();
        if (!high && !before.finding().low()) {
            return Optional.empty();
        }
        Uncertain a = before.value();
        Uncertain b = after.value();
        double down = new Uncertain(b.value() - a.value(), Math.hypot(a.sd(), b.sd())).probabilityBelow(0);
        double moved = high ? down : 1 - down;
        boolean back =
                after.finding() == Judgement.Finding.INSIDE || after.finding() == Judgement.Finding.LIKELY_INSIDE;
        if (back) {
            return Optional.of(new Outcome(Kind.WORKED, moved));
        }
        Kind kind = moved >= SURE ? Kind.PARTLY : moved <= 1 - SURE ? Kind.WORSE : Kind.CANNOT_TELL;
        return Optional.of(new Outcome(kind, moved));
    }
}
