package evencistern.server.history;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.GardenId;
import evencistern.server.lock.RetriedOnLocks;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every act of a garden, and the edits it made. An edit is kept as the thing was and as it is since, so that it can be put
 * back as long as the thing is as that edit left it.
 */
@Service
@RetriedOnLocks
public class History {
    private static final String VERSION = "version";
    private static final String RETIRED = "retired";
    private static final int MOST = 200;

    private final HistoryStore store;
    private final Clock clock;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;
    private final Map<String, Keeping<?>> keepings = new ConcurrentHashMap<>();

    History(HistoryStore store, Clock clock, JsonMapper json, ApplicationEventPublisher events) {
        this.store = store;
        this.clock = clock;
        this.json = json;
        this.events = events;
    }

    /** Makes a kind of thing known, so that its edits can be put back. */
    public <T extends Owned> Keeping<T> keep(Keeping<T> keeping) {
        keepings.put(keeping.kind(), keeping);
        return keeping;
    }

    /** Does something once under a client's key; the same key again returns what was recorded the first time. */
    public Act.Recorded once(GardenId garden, String kind, String clientKey, Consumer<Act> deed) {
        return once(garden, new Act(UUID.randomUUID(), kind, clock.instant(), null), clientKey, deed);
    }

    private Act.Recorded once(GardenId garden, Act act, String clientKey, Consumer<Act> deed) {
        Faults faults = new Faults();
        faults.within("client_key", clientKey.length(), 8, 64, "");
        faults.throwIfAny();
        if (!store.insertAct(garden, act, clientKey)) {
            return store.findActByKey(garden, clientKey).orElseThrow().recorded();
        }
        deed.accept(act);
        return act.recorded();
    }

    /** An edit that is an act of its own: a thing as it is after it, and the act to put it back by, if it changed. */
    public record Edited<T>(T now, @Nullable UUID act) {
        /** The answer to a request that edited, with the act to undo in a header of its own. */
        public <B> ResponseEntity<B> answer(B body) {
            return act == null
                    ? ResponseEntity.ok(body)
                    : ResponseEntity.ok().header("Act-Id", act.toString()).body(body);
        }
    }

    /** An edit and what is read for its answer as one: it is not told that it failed once it was kept. */
    @Transactional
    public <T> T whole(Supplier<T> edit) {
        return edit.get();
    }

    /** Puts a thing away: it is kept for what refers to it, and offered no more. */
    @Transactional
    public Edited<? extends Owned> retire(GardenId garden, String kind, UUID id, int version) {
        Keeping<?> keeping = keepings.get(kind);
        if (keeping == null || kind.equals("garden") || kind.equals("lot")) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "kind", kind));
        }
        return retire(garden, keeping, id, version);
    }

    private <T extends Owned> Edited<T> retire(GardenId garden, Keeping<T> keeping, UUID id, int version) {
        T thing = find(garden, keeping, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, keeping.kind(), id.toString())));
        ObjectNode as = (ObjectNode) json.<JsonNode>valueToTree(thing);
        as.put(VERSION, version);
        as.put(RETIRED, true);
        return edit(garden, keeping, json.treeToValue(as, keeping.type()));
    }

    /** Saves a thing as an act of its own. */
    public <T extends Owned> Edited<T> edit(GardenId garden, Keeping<T> keeping, T thing) {
        Act act = new Act(UUID.randomUUID(), "edit", clock.instant(), null);
        boolean changed = save(garden, act, keeping, List.of(thing), () -> {
            if (!store.insertAct(garden, act, "edit-" + act.id())) {
                throw new IllegalStateException("act " + act.id() + " was there already");
            }
        });
        T now = find(garden, keeping, thing.id()).orElseThrow();
        return new Edited<>(now, changed ? act.id() : null);
    }

    /** Saves a thing as part of an act. */
    public <T extends Owned> void save(GardenId garden, Act act, Keeping<T> keeping, T thing) {
        saveAll(garden, act, keeping, List.of(thing));
    }

    /** Saves things as part of an act. */
    public <T extends Owned> void saveAll(GardenId garden, Act act, Keeping<T> keeping, List<T> things) {
        save(garden, act, keeping, things, () -> {});
    }

    /** Saves what is not there already just so; where all is, nothing is recorded and the answer is false. */
    private <T extends Owned> boolean save(
            GardenId garden, Act act, Keeping<T> keeping, List<T> things, Runnable open) {
        Map<UUID, T> before = find(garden, keeping, things.stream().map(Owned::id));
        List<T> changed = things.stream()
                .filter(t -> !before.containsKey(t.id()) || !same(require(before, t.id()), t))
                .toList();
        if (changed.isEmpty()) {
            return false;
        }
        changed.stream()
                .filter(t -> before.containsKey(t.id()))
                .filter(t -> require(before, t.id()).version() != t.version())
                .findFirst()
                .ifPresent(t -> {
                    throw new StaleException(keeping.kind(), t.version(), require(before, t.id()));
                });
        open.run();
        write(garden, act, keeping, before, changed);
        return true;
    }

    private <T extends Owned> void write(
            GardenId garden, Act act, Keeping<T> keeping, Map<UUID, T> before, List<T> things) {
        Map<Boolean, List<T>> known =
                things.stream().collect(Collectors.partitioningBy(t -> before.containsKey(t.id())));
        List<T> added = known.getOrDefault(false, List.of());
        keeping.insert(garden, added);
        List<T> gone = keeping.update(garden, known.getOrDefault(true, List.of()));
        Map<UUID, T> after = find(garden, keeping, things.stream().map(Owned::id));
        gone.stream().findFirst().ifPresent(t -> {
            throw new StaleException(keeping.kind(), t.version(), require(after, t.id()));
        });
        store.insertChanges(
                garden,
                act.id(),
                things.stream()
                        .map(t -> new HistoryStore.Change(
                                keeping.kind(),
                                t.id(),
                                require(after, t.id()).version(),
                                Optional.ofNullable(before.get(t.id()))
                                        .map(json::writeValueAsString)
                                        .orElse(null),
                                json.writeValueAsString(require(after, t.id()))))
                        .toList());
        things.forEach(t -> events.publishEvent(new Changed(
                garden, keeping.kind(), t.id(), require(after, t.id()).retired())));
    }

    private static <T extends Owned> Optional<T> find(GardenId garden, Keeping<T> keeping, UUID id) {
        return Optional.ofNullable(find(garden, keeping, Stream.of(id)).get(id));
    }

    private static <T extends Owned> Map<UUID, T> find(GardenId garden, Keeping<T> keeping, Stream<UUID> ids) {
        return keeping.find(garden, ids.toList()).stream().collect(Collectors.toMap(Owned::id, t -> t));
    }

    private static <T> T require(Map<UUID, T> things, UUID id) {
        return Objects.requireNonNull(things.get(id));
    }

    private boolean same(Owned there, Owned sent) {
        return bare(there).equals(bare(sent));
    }

    private JsonNode bare(Owned thing) {
        ObjectNode node = (ObjectNode) json.<JsonNode>valueToTree(thing);
        node.remove(VERSION);
        return node;
    }

    // --- taking back ---

    /**
     * Takes an act back: its edits here, its journal rows by {@code journal}.
     *
     * @param journal is given the act that is taken back and the undo, before the edits are put back
     */
    @Transactional
    public Act.Recorded undo(GardenId garden, UUID actId, String clientKey, BiConsumer<Act, Act> journal) {
        Act act = store.lockAct(garden, actId)
                .filter(a -> a.undoes() == null)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "act", actId.toString())));
        Act undo = new Act(UUID.randomUUID(), "undo", clock.instant(), actId);
        if (store.findActByKey(garden, clientKey).isEmpty()) {
            store.findUndoOf(garden, actId).ifPresent(u -> {
                throw new FaultException(new Fault(
                        FaultCode.ALREADY_UNDONE,
                        "act",
                        act.kind(),
                        u.recordedAt().toString(),
                        ""));
            });
        }
        return once(garden, undo, clientKey, opened -> {
            journal.accept(act, opened);
            runs(store.listChanges(garden, act.id())).forEach(changes -> putBack(garden, opened, changes));
        });
    }

    /** Changes that follow one another, as far as they are of different things of one kind: those are put back together. */
    private static List<List<HistoryStore.Change>> runs(List<HistoryStore.Change> changes) {
        List<List<HistoryStore.Change>> runs = new ArrayList<>();
        String kind = "";
        Set<UUID> things = new HashSet<>();
        for (HistoryStore.Change change : changes) {
            if (!change.kind().equals(kind) || things.contains(change.thing())) {
                runs.add(new ArrayList<>());
                things.clear();
            }
            kind = change.kind();
            things.add(change.thing());
            runs.get(runs.size() - 1).add(change);
        }
        return runs;
    }

    private void putBack(GardenId garden, Act undo, List<HistoryStore.Change> changes) {
        String kind = changes.get(0).kind();
        Keeping<?> keeping = keepings.get(kind);
        if (keeping == null) {
            throw new IllegalStateException("nobody keeps " + kind);
        }
        putBack(garden, undo, changes, keeping);
    }

    private <T extends Owned> void putBack(
            GardenId garden, Act undo, List<HistoryStore.Change> changes, Keeping<T> keeping) {
        Map<UUID, T> now = find(garden, keeping, changes.stream().map(HistoryStore.Change::thing));
        write(
                garden,
                undo,
                keeping,
                now,
                changes.stream()
                        .map(c -> asBefore(keeping, c, require(now, c.thing())))
                        .toList());
    }

    private <T extends Owned> T asBefore(Keeping<T> keeping, HistoryStore.Change change, T now) {
        // it may have been edited since and that edit taken back: what counts is that it is as this edit left it
        if (!same(now, json.readValue(change.after(), keeping.type()))) {
            throw new StaleException(keeping.kind(), change.version(), now);
        }
        ObjectNode as = (ObjectNode) json.readTree(change.before() == null ? change.after() : change.before());
        as.put(VERSION, now.version());
        if (change.before() == null) {
            as.put(RETIRED, true); // a new thing is taken back by putting it away: what hangs on it stays whole
        }
        return json.treeToValue(as, keeping.type());
    }

    /** A page of what was done, newest first. */
    List<DoneWire> done(GardenId garden, int offset, int limit) {
        if (!store.isThere(garden)) {
            throw new FaultException(
                    Fault.of(FaultCode.NOT_FOUND, "garden", garden.value().toString()));
        }
        return store.listDone(garden, Math.max(0, offset), Math.min(Math.max(limit, 1), MOST));
    }
}
