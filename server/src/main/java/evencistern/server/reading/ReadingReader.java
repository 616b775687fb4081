package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.meter.Meter;
import evencistern.meter.MeterLog;
import evencistern.reading.Method;
import evencistern.reading.Sample;
import evencistern.server.garden.GardenWire;
import evencistern.server.meter.EcTyped;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Reads readings as typed, one or many, with the pens of a garden as they stood on the day. */
final class ReadingReader {
    private static final double LEAST_PER_CENT = 0.5;
    private static final double MOST_PER_CENT = 50;
    private static final double HOURS_A_DAY = 24;

    private final ZoneId zone;
    private final Map<UUID, MeterLog> logs;
    private final Map<String, MeterLog.Standing> standing = new HashMap<>();

    ReadingReader(GardenWire g, Map<UUID, MeterLog> logs) {
        this.zone = ZoneId.of(g.timeZone());
        this.logs = logs;
    }

    /** A reading as it was read: to be stored, and to be judged. */
    record Read(ReadingStore.Stored stored, Sample sample, VerdictWire.ShownWire shown) {}

    /** Reads what was typed, and corrects it by the pen as it stood then; refused with every fault of it. */
    Read read(Readings.NewReading reading, Instant at) {
        Method method = reading.method() == null ? Method.RUNOFF : Method.require(reading.method());
        MeterLog log = logs.get(reading.meterId());
        if (log == null) {
            throw new FaultException(
                    Fault.of(FaultCode.NOT_FOUND, "meter", reading.meterId().toString()));
        }
        Meter stated = log.stated();
        Faults faults = new Faults();
        OptionalDouble ph = Typed.optional(reading.ph(), "reading.ph", faults, Dimension.PH);
        OptionalDouble ec = EcTyped.optional(reading.ec(), "reading.ec", stated, faults);
        OptionalDouble celsius = Typed.optional(reading.celsius(), "reading.celsius", faults, Dimension.TEMPERATURE);
        OptionalDouble before = Typed.optional(reading.beforePh(), "reading.before_ph", faults, Dimension.PH);
        OptionalDouble days = Typed.optional(reading.hours(), "reading.hours", faults, Dimension.TIME);
        before.ifPresent(v -> faults.within("reading.before_ph", v, 2, 11, "pH"));
        days.ifPresent(d -> faults.within("reading.hours", d * HOURS_A_DAY, 0.25, 48, "h"));
        celsius.ifPresent(c -> faults.within("reading.celsius", c, 2, 40, "°C"));
        if (method == Method.SOAK && ph.isPresent() && before.isEmpty() && !has(reading.beforePh())) {
            faults.add(FaultCode.MISSING, "reading.before_ph", "");
        }
        faults.throwIfAny();
        Sample.check(ph, ec);
        LocalDate day = LocalDate.ofInstant(at, zone);
        MeterLog.Standing pen = standing.computeIfAbsent(reading.meterId() + " " + day, x -> log.on(day));
        Uncertain phRead = ph.isPresent() ? pen.ph(ph.getAsDouble()) : null;
        Uncertain ecRead = ec.isPresent() ? pen.ec(ec.getAsDouble(), celsius) : null;
        return new Read(
                new ReadingStore.Stored(
                        method.id(),
                        reading.meterId(),
                        phRead == null ? null : phRead.value(),
                        ecRead == null ? null : ecRead.value(),
                        phRead == null ? pen.believed().phPlusMinus() : phRead.halfWidth95(),
                        ecRead == null ? pen.believed().ecPlusMinusPercent() : perCent(ecRead),
                        orNull(ph),
                        orNull(ec),
                        orNull(celsius),
                        orNull(before),
                        days.isPresent() ? days.getAsDouble() * HOURS_A_DAY : null,
                        typed(reading, phRead != null, ecRead != null)),
                new Sample(
                        method,
                        Optional.ofNullable(phRead),
                        Optional.ofNullable(ecRead),
                        pen.phBy().isPresent(),
                        pen.ecBy().isPresent()),
                new VerdictWire.ShownWire(
                        orNull(ph),
                        orNull(ec),
                        pen.findings().stream()
                                .filter(f -> f.bearsOn(ph.isPresent(), ec.isPresent()))
                                .map(MeterLog.Finding::id)
                                .toList()));
    }

    private static Map<String, Typed> typed(Readings.NewReading reading, boolean ph, boolean ec) {
        EcTyped shown = reading.ec();
        Map<String, Typed> typed = TypedFields.of("ph", ph ? reading.ph() : null);
        TypedFields.and(typed, "ec", !ec || shown == null ? null : new Typed(shown.text(), shown.unit()));
        TypedFields.and(typed, "celsius", reading.celsius());
        TypedFields.and(typed, "beforePh", reading.beforePh());
        return TypedFields.and(typed, "hours", reading.hours());
    }

    private static boolean has(@Nullable Typed typed) {
        return typed != null && !typed.text().isBlank();
    }

    private static double perCent(Uncertain ec) {
        double share = ec.value() > 0 ? 100 * ec.halfWidth95() / ec.value() : LEAST_PER_CENT;
        return Math.max(LEAST_PER_CENT, Math.min(MOST_PER_CENT, share));
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
