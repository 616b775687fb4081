package evencistern.server.treatment;

import evencistern.ailment.Ailment;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.remedy.Cure;
import evencistern.server.GardenId;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lot.Lots;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Treatments of lots: one at a time, done on its day, looked at again. */
@Service
public class Treatments {
    private static final int LONG_TEXT = 200;
    private static final int LONGEST_DAYS = 365;

    private final TreatmentStore store;
    private final Lots lots;
    private final History history;
    private final Keeping<TreatmentWire> keeping;

    Treatments(TreatmentStore store, Lots lots, History history) {
        this.store = store;
        this.lots = lots;
        this.history = history;
        this.keeping = history.keep(store.treatments());
    }

    /** The treatments of a lot, the latest first. */
    record TreatmentsWire(List<TreatmentWire> treatments) {}

    TreatmentsWire of(GardenId garden, UUID lot) {
        lots.require(garden, lot);
        return new TreatmentsWire(store.listOfLot(garden, lot));
    }

    /**
     * A treatment as it is planned, or changed.
     *
     * @param ailment what it is against, by its key; null where nobody reasoned that out
     * @param everyDays until it is done again; blank for once
     * @param lookOn when it is looked at again; null for when it shows
     * @param beside whether it may be done beside another that is under way
     */
    record TreatmentInput(
            UUID id,
            int version,
            String cure,
            @Nullable String product,
            @Nullable String amount,
            @Nullable String reason,
            @Nullable String ailment,
            @Nullable LocalDate readOn,
            LocalDate dueOn,
            @Nullable Typed everyDays,
            @Nullable LocalDate lookOn,
            @Nullable String expects,
            boolean beside) {}

    @Transactional
    History.Edited<TreatmentWire> save(GardenId garden, UUID lot, TreatmentInput input) {
        lots.require(garden, lot);
        Faults faults = new Faults();
        Optional<Cure> cure = faults.attempt(() -> Cure.require(input.cure()));
        String product = text(input.product(), "treatment.product", faults);
        String amount = text(input.amount(), "treatment.amount", faults);
        String reason = text(input.reason(), "treatment.reason", faults);
        String expects = text(input.expects(), "treatment.expects", faults);
        Optional.ofNullable(input.ailment()).ifPresent(a -> faults.attempt(() -> Ailment.require(a)));
        OptionalDouble every = Typed.optional(input.everyDays(), "treatment.every", faults, Dimension.TIME);
        cure.ifPresent(
                c -> every.ifPresent(e -> faults.within("treatment.every", e, c.apartDays(), LONGEST_DAYS, "d")));
        LocalDate look = cure.map(c -> Optional.ofNullable(input.lookOn()).orElse(c.lookOn(input.dueOn())))
                .orElse(input.dueOn());
        if (look.isBefore(input.dueOn())) {
            faults.add(new Fault(
                    FaultCode.DATES_REVERSED,
                    "treatment.look",
                    look.toString(),
                    input.dueOn().toString(),
                    ""));
        }
        faults.throwIfAny();
        Optional<TreatmentWire> before = store.treatments().find(garden, input.id());
        if (before.isEmpty() && !input.beside()) {
            oneAtATime(garden, lot);
        }
        return history.edit(
                garden,
                keeping,
                new TreatmentWire(
                        input.id(),
                        lot,
                        input.cure(),
                        product,
                        amount,
                        reason,
                        input.ailment(),
                        input.readOn(),
                        input.dueOn(),
                        every.isPresent() ? (int) Math.round(every.getAsDouble()) : null,
                        before.map(TreatmentWire::doneOn).orElse(null),
                        look,
                        expects,
                        before.map(TreatmentWire::outcome).orElse(null),
                        before.map(TreatmentWire::outcomeOn).orElse(null),
                        before.map(TreatmentWire::outcomeNote).orElse(""),
                        input.version(),
                        false));
    }

    private static String text(@Nullable String typed, String field, Faults faults) {
        return typed == null || typed.isBlank() ? "" : faults.text(field, typed, LONG_TEXT);
    }

    /** Where two are done at once nobody can say which one worked. */
    private void oneAtATime(GardenId garden, UUID lot) {
        store.listOfLot(garden, lot).stream()
                .filter(t -> t.outcome() == null)
                .findFirst()
                .ifPresent(t -> {
                    throw new FaultException(new Fault(
                            FaultCode.TREATMENT_UNDER_WAY,
                            "treatment.cure",
                            t.cure(),
                            t.lookOn().toString(),
                            ""));
                });
    }

    /** Says on which day it was done; a day to come is refused. */
    @Transactional
    History.Edited<TreatmentWire> done(GardenId garden, UUID id, int version, LocalDate on) {
        LocalDate today = lots.today(garden);
        if (on.isAfter(today)) {
            throw new FaultException(
                    new Fault(FaultCode.TIME_IN_FUTURE, "treatment.done", on.toString(), today.toString(), ""));
        }
        return history.edit(garden, keeping, require(garden, id).done(on, version));
    }

    /** Says whether it has worked; refused of what was not done yet. */
    @Transactional
    History.Edited<TreatmentWire> judged(
            GardenId garden, UUID id, int version, TreatmentWire.Outcome outcome, @Nullable String note) {
        TreatmentWire treatment = require(garden, id);
        Faults faults = new Faults();
        String said = text(note, "note", faults);
        if (treatment.doneOn() == null) {
            faults.add(FaultCode.MISSING, "treatment.done", "");
        }
        faults.throwIfAny();
        return history.edit(garden, keeping, treatment.judged(outcome, said, lots.today(garden), version));
    }

    LocalDate today(GardenId garden) {
        return lots.today(garden);
    }

    private TreatmentWire require(GardenId garden, UUID id) {
        return store.treatments()
                .find(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "treatment", id.toString())));
    }
}
