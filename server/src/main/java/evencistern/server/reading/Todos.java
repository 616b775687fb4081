package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.reading.Taking;
import evencistern.reading.Verdict.Action;
import evencistern.server.GardenId;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.LotState;
import evencistern.server.todo.TodoStore;
import evencistern.server.todo.TodoWire;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was taken into the plan from readings. */
@Service
@RetriedOnLocks
class Todos {
    private final TodoStore store;
    private final History history;
    private final Keeping<TodoWire> keeping;

    Todos(TodoStore store, History history) {
        this.store = store;
        this.history = history;
        this.keeping = history.keep(store.todos());
    }

    List<TodoWire> of(GardenId garden, UUID lot) {
        return store.listOfLot(garden, lot);
    }

    /** Whether an advice can be taken into the plan: a flush, and a feed left out, stand in it of themselves. */
    static boolean canBeTaken(String action) {
        return Taking.possible(action(action));
    }

    private static Action action(String id) {
        return Action.valueOf(id.toUpperCase(Locale.ROOT));
    }

    /**
     * Takes one advice of a verdict into the plan.
     *
     * @param id of what is to be done; the same again changes nothing
     * @param readOn the day of the reading
     */
    @Transactional
    History.Edited<TodoWire> take(
            GardenId garden,
            UUID id,
            UUID lot,
            LotState state,
            VerdictWire.AdviceWire advice,
            LocalDate readOn,
            LocalDate today) {
        var before = store.todos().find(garden, id);
        if (before.isPresent()) {
            return new History.Edited<>(before.get(), null);
        }
        if (!canBeTaken(advice.action())) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "action", advice.action()));
        }
        Integer in = advice.inDays();
        Taking taking = Taking.of(
                action(advice.action()),
                readOn,
                in == null ? OptionalInt.empty() : OptionalInt.of(in),
                state.nextWaterOn(),
                today);
        return history.edit(
                garden,
                keeping,
                new TodoWire(
                        id,
                        lot,
                        advice.action(),
                        readOn,
                        advice.least(),
                        advice.most(),
                        advice.unit(),
                        taking.due(),
                        taking.until().orElse(null),
                        null,
                        0,
                        false));
    }

    /** Says that it is done on a day, or that it is not. */
    @Transactional
    History.Edited<TodoWire> done(GardenId garden, UUID id, int version, @Nullable LocalDate on) {
        TodoWire todo = store.todos()
                .find(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "todo", id.toString())));
        return history.edit(garden, keeping, todo.done(on, version));
    }

    /** Ends what the next reading ends, as part of recording it. */
    void endByReading(GardenId garden, Act act, UUID lot, LocalDate on) {
        store.listOfLot(garden, lot).stream()
                .filter(t -> t.doneOn() == null && Taking.endsWithReading(action(t.action())))
                .filter(t -> !on.isBefore(t.readOn()))
                .forEach(t -> history.save(garden, act, keeping, t.done(on, t.version())));
    }
}
