package evencistern.server.reading;

import evencistern.reading.Band;
import evencistern.reading.Cause;
import evencistern.reading.Judgement;
import evencistern.reading.Verdict;
import evencistern.remedy.Cure;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.server.dose.StepWire;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What a reading says, as it goes over the wire. Probabilities are 0–1.
 *
 * @param shown what the pen showed, where that was corrected
 */
public record VerdictWire(
        BandWire band,
        @Nullable JudgementWire ph,
        @Nullable JudgementWire ec,
        ShownWire shown,
        List<CauseWire> causes,
        List<AdviceWire> advice,
        List<ChangeWire> changes,
        @Nullable SoakedWire soak,
        @Nullable List<StepWire> working) {

    /** The band: by which method, in what the roots stand, for how hungry a plant. */
    public record BandWire(
            String method, String zone, String appetite, double phLow, double phHigh, double ecLow, double ecHigh) {
        static BandWire of(Band b) {
            return new BandWire(
                    b.method().id(), b.zone().id(), b.appetite(), b.phLow(), b.phHigh(), b.ecLow(), b.ecHigh());
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

    /**
     * What the pen showed, before it was corrected by its calibrations and for the warmth of the water.
     *
     * @param findings what is to be said of the pen
     */
    public record ShownWire(@Nullable Double ph, @Nullable Double ec, List<String> findings) {}

    /** A fact with its figure in a unit. */
    public record FactWire(String id, @Nullable Double value, String unit) {}

    /** What may be behind it. */
    public record CauseWire(String cause, List<FactWire> speaksFor, List<FactWire> speaksAgainst) {
        static CauseWire of(Cause c) {
            return new CauseWire(c.kind().id(), facts(c.speaksFor()), facts(c.speaksAgainst()));
        }

        private static List<FactWire> facts(List<Cause.Fact> facts) {
            return facts.stream()
                    .map(f -> new FactWire(
                            f.id().id(), orNull(f.value()), f.unit().symbol()))
                    .toList();
        }
    }

    /**
     * One thing to do: how much, in a unit, and in how many days.
     *
     * @param remedy key of the single nutrient it is done with, where it is one
     * @param cure id of the treatment that carries it out, where it is one
     */
    public record AdviceWire(
            String action,
            @Nullable Double least,
            @Nullable Double most,
            String unit,
            @Nullable Integer inDays,
            @Nullable String remedy,
            @Nullable String cure) {
        static AdviceWire of(Verdict v, Verdict.Advice a) {
            return new AdviceWire(
                    a.action().id(),
                    orNull(a.least()),
                    orNull(a.most()),
                    a.unit().symbol(),
                    a.inDays().isPresent() ? a.inDays().getAsInt() : null,
                    remedy(v, a.action()),
                    Cure.answering(a.action()).map(Cure::id).orElse(null));
        }

        private static @Nullable String remedy(Verdict v, Verdict.Action action) {
            return switch (action) {
                case IRON_SULFATE -> action.id();
                case IRON_IF_YELLOW ->
                    v.ph().flatMap(ph -> Treatment.chelatesFor(ph.value().value()).stream()
                                    .findFirst())
                            .map(Remedy::key)
                            .orElse(null);
                default -> null;
            };
        }
    }

    /**
     * What a soak says of the mix.
     *
     * @param standingLow,standingHigh between these the roots stand between waterings
     * @param firstOn when the batch was made, whose first soak it has fallen from
     * @param leavesOn when it will have fallen to the plant's lowest
     */
    public record SoakedWire(
            double standingLow,
            double standingHigh,
            @Nullable LocalDate firstOn,
            @Nullable Double firstPh,
            @Nullable Double fall,
            @Nullable Double fallPlusMinus,
            @Nullable LocalDate leavesOn,
            boolean spent) {}

    /** What would change the verdict. */
    public record ChangeWire(String id, @Nullable Double figure) {}

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** Puts a verdict on the wire. */
    static VerdictWire of(Verdict v, ShownWire shown, @Nullable SoakedWire soak, @Nullable List<StepWire> working) {
        return new VerdictWire(
                BandWire.of(v.band()),
                v.ph().map(JudgementWire::of).orElse(null),
                v.ec().map(JudgementWire::of).orElse(null),
                shown,
                v.causes().stream().map(CauseWire::of).toList(),
                v.advice().stream().map(a -> AdviceWire.of(v, a)).toList(),
                v.changes().stream()
                        .map(c -> new ChangeWire(c.id().id(), orNull(c.figure())))
                        .toList(),
                soak,
                working);
    }
}
