package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.meter.Meter;
import evencistern.meter.MeterLog;
import evencistern.reading.Method;
import evencistern.reading.Procedure;
import evencistern.reading.Sample;
import evencistern.reading.Verdict;
import evencistern.server.GardenId;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.journal.Acts;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.LotCare;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.meter.EcTyped;
import evencistern.server.meter.MeterLogs;
import evencistern.server.todo.TodoWire;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Readings of a lot, corrected by their pen's calibrations and judged. */
@Service
@RetriedOnLocks
public class Readings {

    private final ReadingStore store;
    private final Backgrounds backgrounds;
    private final Soaks soaks;
    private final Todos todos;
    private final History history;
    private final Acts acts;
    private final Gardens gardens;
    private final MeterLogs meters;
    private final Lots lots;

    Readings(
            ReadingStore store,
            Backgrounds backgrounds,
            Soaks soaks,
            Todos todos,
            History history,
            Acts acts,
            Gardens gardens,
            MeterLogs meters,
            Lots lots) {
        this.store = store;
        this.backgrounds = backgrounds;
        this.soaks = soaks;
        this.todos = todos;
        this.history = history;
        this.acts = acts;
        this.gardens = gardens;
        this.meters = meters;
        this.lots = lots;
    }

    /**
     * A reading as typed.
     *
     * @param method runoff where it is not said
     * @param celsius how warm the liquid was
     * @param beforePh of a soak, the water's own
     * @param hours of a soak, how long the pot stood
     */
    public record NewReading(
            String clientKey,
            UUID meterId,
            @Nullable String method,
            @Nullable Typed ph,
            @Nullable EcTyped ec,
            @Nullable Typed celsius,
            @Nullable Typed beforePh,
            @Nullable Typed hours,
            @Nullable Instant occurredAt) {}

    /** Records a reading. The same key sent again records nothing more. */
    @Transactional
    public Act.Recorded log(GardenId garden, UUID lotId, NewReading reading) {
        Acts.Moment moment = acts.moment(reading.occurredAt());
        GardenWire g = gardens.require(garden);
        ReadingStore.Stored stored = reader(g).read(reading, moment.at()).stored();
        return history.once(garden, "reading", reading.clientKey(), act -> {
            lots.take(garden, List.of(lotId));
            store.insertReading(garden, acts.row(garden, act, lotId, "reading", moment), stored);
            if (Method.require(stored.method()).judged()) {
                todos.endByReading(garden, act, lotId, day(g, moment.at()));
            }
        });
    }

    /** Puts a reading in the place of one that was mistyped, on its day. */
    @Transactional
    public Act.Recorded amend(GardenId garden, long row, NewReading reading) {
        GardenWire g = gardens.require(garden);
        return acts.replace(
                g,
                row,
                reading.clientKey(),
                null,
                (old, again) -> store.insertReading(
                        garden, again, reader(g).read(reading, old.occurredAt()).stored()));
    }

    private ReadingReader reader(GardenWire g) {
        return new ReadingReader(g, meters.logs(g));
    }

    LocalDate today(GardenId garden) {
        return gardens.today(garden);
    }

    private static LocalDate day(GardenWire g, Instant at) {
        return LocalDate.ofInstant(at, ZoneId.of(g.timeZone()));
    }

    /** What a reading would say of this lot today; nothing is recorded. */
    public VerdictWire judge(GardenId garden, UUID lotId, NewReading reading, boolean working) {
        GardenContext context = lots.context(garden);
        GardenWire g = context.garden();
        LotWithState standing = lots.require(context, lotId);
        Acts.Moment moment = acts.moment(reading.occurredAt());
        ReadingReader.Read read = reader(g).read(reading, moment.at());
        Working.Recorder recorder = new Working.Recorder();
        Verdict verdict = Verdict.of(read.sample(), backgrounds.of(context, standing), recorder);
        VerdictWire.SoakedWire soak = soaks.of(context, standing.lot(), read.sample(), day(g, moment.at()));
        return VerdictWire.of(
                soak != null && soak.spent() ? verdict.ofSpentMix() : verdict,
                read.shown(),
                soak,
                working ? StepWire.all(recorder) : null);
    }

    /**
     * What the last reading of a lot says.
     *
     * @param verdict absent where there is no reading yet
     * @param todos what was taken into the plan, from this reading and those before it
     */
    public record LastVerdict(
            @Nullable Long reading,
            @Nullable LocalDate readOn,
            @Nullable VerdictWire verdict,
            List<TodoWire> todos) {}

    /** What the last reading says that says anything of the roots. */
    public LastVerdict last(GardenId garden, UUID lotId) {
        GardenContext context = lots.context(garden);
        LotWithState standing = lots.require(context, lotId);
        List<TodoWire> taken = todos.of(garden, lotId);
        return store.findLastJudged(garden, lotId)
                .map(p -> {
                    Meter asItWas = new Meter(null, p.phPlusMinus(), p.ecPlusMinus());
                    LocalDate on = day(context.garden(), p.at());
                    MeterLog.Standing pen = Objects.requireNonNull(
                                    meters.logs(context.garden()).get(p.meter()))
                            .on(on);
                    Sample sample = new Sample(
                            Method.require(p.method()),
                            Optional.ofNullable(p.ph()).map(asItWas::ph),
                            Optional.ofNullable(p.ec()).map(asItWas::ec),
                            pen.phBy().isPresent(),
                            pen.ecBy().isPresent());
                    Verdict verdict = Verdict.of(sample, backgrounds.of(context, standing), Working.off());
                    VerdictWire.SoakedWire soak = soaks.of(context, standing.lot(), sample, on);
                    return new LastVerdict(
                            p.id(),
                            on,
                            VerdictWire.of(
                                    soak != null && soak.spent() ? verdict.ofSpentMix() : verdict,
                                    new VerdictWire.ShownWire(p.phShown(), p.ecShown(), List.of()),
                                    soak,
                                    null),
                            taken);
                })
                .orElse(new LastVerdict(null, null, null, taken));
    }

    /** An advice of the last reading's verdict, to be taken into the plan under an id of its own. */
    public record TodoInput(UUID id, String action) {}

    /** Takes an advice into the plan. */
    public History.Edited<TodoWire> take(GardenId garden, UUID lotId, TodoInput input) {
        LastVerdict last = last(garden, lotId);
        VerdictWire verdict = last.verdict();
        LocalDate readOn = last.readOn();
        if (verdict == null || readOn == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "reading", ""));
        }
        VerdictWire.AdviceWire advice = verdict.advice().stream()
                .filter(a -> a.action().equals(input.action()))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "action", input.action())));
        return todos.take(
                garden, input.id(), lotId, lots.require(garden, lotId).state(), advice, readOn, gardens.today(garden));
    }

    /** One thing to do on the way to a reading; litres and minutes are 0 where there are none. */
    public record ProcedureStepWire(String id, double litres, int minutes) {}

    /** How a reading is taken from a pot of this lot, and the band it will be held against. */
    public record ProcedureWire(
            String method, boolean judged, boolean saysEc, VerdictWire.BandWire band, List<ProcedureStepWire> steps) {}

    /** Every way to take a reading of this lot. */
    public List<ProcedureWire> procedures(GardenId garden, UUID lotId) {
        GardenContext context = lots.context(garden);
        LotWithState standing = lots.require(garden, lotId);
        var situation = context.situation(standing);
        double pour = LotCare.on(
                        context,
                        standing,
                        context.garden().today(),
                        context.garden().can(null).litres())
                .fullPourLitres();
        return Arrays.stream(Method.values())
                .map(m -> new ProcedureWire(
                        m.id(),
                        m.judged(),
                        m.saysEc(),
                        VerdictWire.BandWire.of(Backgrounds.band(context, standing.lot(), m)),
                        Procedure.of(m, situation.pot().mixLitres(), pour).steps().stream()
                                .map(s -> new ProcedureStepWire(s.id(), s.litres(), s.minutes()))
                                .toList()))
                .toList();
    }
}
