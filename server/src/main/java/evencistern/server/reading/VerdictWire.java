package evencistern.server.reading;

import evencistern.reading.Judgement;
import evencistern.reading.Verdict;
import evencistern.server.care.StepWire;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a reading says, as it goes over the wire. Probabilities are 0–1. */
public record VerdictWire(
        BandWire band,
        @Nullable JudgementWire ph,
        @Nullable JudgementWire ec,
        List<String> actions,
        @Nullable FlushWire flush,
        @Nullable List<StepWire> working) {

    /** The band, with the row it came from. */
    public record BandWire(String name, double phLow, double phHigh, double ecLow, double ecHigh) {
        static BandWire of(evencistern.reading.RunoffBand b) {
            return new BandWire(b.name(), b.phLow(), b.phHigh(), b.ecLow(), b.ecHigh());
        }
    }

    /** One value against its band. */
    public record JudgementWire(
            double value,
            double plusMinus,
            double low,
            double high,
            double below,
            double inside,
            double above,
            String finding) {
        static JudgementWire of(Judgement j) {
            return new JudgementWire(
                    j.value().value(),
                    j.value().halfWidth95(),
                    j.low(),
                    j.high(),
                    j.below(),
                    j.inside(),
                    j.above(),
                    j.finding().id());
        }
    }

    /** Plain water to flush one pot with, L. */
    public record FlushWire(double leastLitres, double mostLitres, double goal) {}

    /** Puts a verdict on the wire. */
    public static VerdictWire of(Verdict v, @Nullable List<StepWire> working) {
        return new VerdictWire(
                BandWire.of(v.band()),
                v.ph().map(JudgementWire::of).orElse(null),
                v.ec().map(JudgementWire::of).orElse(null),
                v.actions().stream().map(Verdict.Action::id).toList(),
                v.flush()
                        .map(f -> new FlushWire(f.leastLitres(), f.mostLitres(), f.goalMsCm()))
                        .orElse(null),
                working);
    }
}
