package evencistern.server.dose;

import evencistern.working.Working;
import java.util.List;
import java.util.Locale;

/** One step of a working, as it goes over the wire. */
public record StepWire(
        String id, String formula, double result, String unit, String source, List<StepInputWire> inputs) {
    private static StepWire of(Working.Step s) {
        return new StepWire(
                s.id(),
                s.formula(),
                s.result().value(),
                s.result().unit().symbol(),
                s.source(),
                s.inputs().stream()
                        .map(i -> new StepInputWire(
                                i.symbol(),
                                i.quantity().value(),
                                i.quantity().unit().symbol(),
                                i.origin().name().toLowerCase(Locale.ROOT),
                                i.from()))
                        .toList());
    }

    /** All steps taken down, in order. */
    public static List<StepWire> all(Working.Recorder recorder) {
        return recorder.steps().stream().map(StepWire::of).toList();
    }

    /** One input of a step, with where it came from. */
    public record StepInputWire(String symbol, double value, String unit, String origin, String from) {}
}
