package evencistern.need;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a person has decided in spite of the plan, each up to and with a day.
 *
 * @param holds lifted: it is fed all the same
 * @param notes set aside: they are not told
 */
public record Lifted(Map<Hold, LocalDate> holds, Map<Note, LocalDate> notes) {
    public static final Lifted NOTHING = new Lifted(Map.of(), Map.of());

    public Lifted {
        holds = Map.copyOf(holds);
        notes = Map.copyOf(notes);
    }

    /** By the ids of holds and notes; one that may not be lifted is refused. */
    public static Lifted of(Map<String, LocalDate> byId) {
        Map<Hold, LocalDate> holds = new EnumMap<>(Hold.class);
        Map<Note, LocalDate> notes = new EnumMap<>(Note.class);
        byId.forEach((id, until) -> {
            Optional<Hold> hold =
                    Arrays.stream(Hold.values()).filter(h -> h.id().equals(id)).findFirst();
            Optional<Note> note = Arrays.stream(Note.values())
                    .filter(n -> n.mayBeSetAside() && n.id().equals(id))
                    .findFirst();
            hold.ifPresent(h -> holds.put(h, until));
            note.ifPresent(n -> notes.put(n, until));
            if (hold.isEmpty() && note.isEmpty()) {
                throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "hold", id));
            }
        });
        return new Lifted(holds, notes);
    }

    /** The same by their ids. */
    public Map<String, LocalDate> byId() {
        Map<String, LocalDate> byId = new HashMap<>();
        holds.forEach((hold, until) -> byId.put(hold.id(), until));
        notes.forEach((note, until) -> byId.put(note.id(), until));
        return byId;
    }

    /** Whether a hold is lifted on a day. */
    public boolean on(Hold hold, LocalDate day) {
        return holds.containsKey(hold) && !day.isAfter(holds.get(hold));
    }

    /** Whether a note is set aside on a day. */
    public boolean on(Note note, LocalDate day) {
        return notes.containsKey(note) && !day.isAfter(notes.get(note));
    }
}
