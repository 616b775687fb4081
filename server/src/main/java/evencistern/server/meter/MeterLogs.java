package evencistern.server.meter;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.meter.MeterLog;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The calibrations of a garden's pens, and how each pen stands by them. */
@Service
@RetriedOnLocks
public class MeterLogs {
    private final CalibrationStore store;
    private final Gardens gardens;
    private final History history;
    private final Keeping<CalibrationWire> keeping;

    MeterLogs(CalibrationStore store, Gardens gardens, History history) {
        this.store = store;
        this.gardens = gardens;
        this.history = history;
        this.keeping = history.keep(store.calibrations());
    }

    /** How each pen in use stands today. */
    public List<MeterLogWire> list(GardenId garden) {
        return list(gardens.require(garden));
    }

    /** How each pen in use of this garden stands today. */
    public List<MeterLogWire> list(GardenWire g) {
        List<CalibrationWire> all = store.listCalibrations(new GardenId(g.id()));
        return g.meters().stream()
                .filter(m -> !m.retired())
                .map(m -> {
                    List<CalibrationWire> own = of(m, all);
                    return MeterLogWire.of(m.id(), log(m, own).on(g.today()), own);
                })
                .toList();
    }

    /** Every pen of this garden with what it was found to show. */
    public Map<UUID, MeterLog> logs(GardenWire g) {
        List<CalibrationWire> all = store.listCalibrations(new GardenId(g.id()));
        Map<UUID, MeterLog> logs = new HashMap<>();
        g.meters().forEach(m -> logs.put(m.id(), log(m, of(m, all))));
        return logs;
    }

    private static List<CalibrationWire> of(MeterWire m, List<CalibrationWire> all) {
        return all.stream().filter(c -> c.meterId().equals(m.id())).toList();
    }

    /** A pen with the calibrations that are told of it. */
    public static MeterLog log(MeterWire m, List<CalibrationWire> own) {
        return m.toLog(own.stream().map(CalibrationWire::toCalibration).toList());
    }

    /**
     * What the pen showed, as typed.
     *
     * @param on when; today where it is not said
     * @param adjusted whether it was then set to the standards
     * @param version the version it was changed from; 0 for a new one
     */
    public record CalibrationInput(
            UUID id,
            UUID meterId,
            @Nullable LocalDate on,
            Typed celsius,
            @Nullable Typed ph4,
            @Nullable Typed ph7,
            @Nullable Typed ph10,
            @Nullable EcTyped ec,
            boolean adjusted,
            int version) {}

    /** Keeps a calibration. */
    @Transactional
    public History.Edited<CalibrationWire> save(GardenId garden, CalibrationInput input) {
        LocalDate today = gardens.today(garden);
        MeterWire meter = gardens.requireMeter(garden, input.meterId());
        Faults faults = new Faults();
        LocalDate on = input.on() == null ? today : input.on();
        if (on.isAfter(today)) {
            faults.add(Fault.of(FaultCode.TIME_IN_FUTURE, "calibration.on", on.toString()));
        }
        double celsius = input.celsius().read("calibration.celsius", faults, Dimension.TEMPERATURE);
        OptionalDouble ph4 = Typed.optional(input.ph4(), "calibration.ph4", faults, Dimension.PH);
        OptionalDouble ph7 = Typed.optional(input.ph7(), "calibration.ph7", faults, Dimension.PH);
        OptionalDouble ph10 = Typed.optional(input.ph10(), "calibration.ph10", faults, Dimension.PH);
        OptionalDouble ec = EcTyped.optional(input.ec(), "calibration.ec", meter.toMeter(), faults);
        faults.throwIfAny();
        Map<String, Typed> typed = new HashMap<>();
        typed.put("celsius", input.celsius());
        put(typed, "ph4", input.ph4());
        put(typed, "ph7", input.ph7());
        put(typed, "ph10", input.ph10());
        EcTyped ecTyped = input.ec();
        put(typed, "ec", ecTyped == null ? null : new Typed(ecTyped.text(), ecTyped.unit()));
        CalibrationWire calibration = new CalibrationWire(
                input.id(),
                input.meterId(),
                on,
                celsius,
                orNull(ph4),
                orNull(ph7),
                orNull(ph10),
                orNull(ec),
                meter.compensates(),
                input.adjusted(),
                TypedFields.filled(typed),
                input.version(),
                false);
        calibration.toCalibration();
        return history.edit(garden, keeping, calibration);
    }

    private static void put(Map<String, Typed> typed, String field, @Nullable Typed value) {
        if (value != null) {
            typed.put(field, value);
        }
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** Names of the pens that are to be calibrated today. */
    public List<String> listDue(GardenWire g) {
        List<String> names = new ArrayList<>();
        eachDue(g, (pen, on) -> {
            if (!on.isAfter(g.today())) {
                names.add(pen);
            }
        });
        return names;
    }

    /** When each pen that was calibrated once is next to be; of the others it is said where they are used. */
    public void eachDue(GardenWire g, BiConsumer<String, LocalDate> pen) {
        List<CalibrationWire> all = store.listCalibrations(new GardenId(g.id()));
        g.meters().stream().filter(m -> !m.retired()).forEach(m -> {
            MeterLog.Standing s = log(m, of(m, all)).on(g.today());
            Stream.of(s.phBy().map(c -> s.phDueOn()), s.ecBy().map(c -> s.ecDueOn()))
                    .flatMap(Optional::stream)
                    .min(LocalDate::compareTo)
                    .ifPresent(on -> pen.accept(m.name(), on));
        });
    }
}
