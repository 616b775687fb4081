package evencistern.server.lot;

import evencistern.chore.Chore;
import evencistern.lot.LotNow;
import evencistern.lot.LotRecord;
import evencistern.need.Learning;
import evencistern.need.Situation;
import evencistern.salt.SaltAccount;
import evencistern.server.GardenId;
import evencistern.server.chore.ChoreStore;
import evencistern.server.chore.Tended;
import evencistern.server.lock.RetriedOnLocks;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Where lots stand: worked out from their journals by one call of the core, and kept. An act names the lots it touched; just
 * before it is committed they are locked, in the order of their ids, and worked out once. What is too much for that is marked
 * and worked out in slices, by whichever instance comes to it; until then a state that is marked is worked out whenever it is
 * looked at.
 */
@Service
@RetriedOnLocks
public class LotStates {
    /** Raised whenever the same journal leads to another state than before. */
    static final int RULES = 14;

    /** Lots that an act works out itself; more are worked out in slices after it. */
    private static final int AT_ONCE = 600;

    private final LotStore store;
    private final RecordStore records;
    private final StoryStore stories;
    private final ChoreStore chores;
    private final GardenContexts contexts;

    LotStates(LotStore store, RecordStore records, StoryStore stories, ChoreStore chores, GardenContexts contexts) {
        this.store = store;
        this.records = records;
        this.stories = stories;
        this.chores = chores;
        this.contexts = contexts;
    }

    /** Lots that this transaction touched. */
    private static final class Touched implements TransactionSynchronization {
        private final LotStates standings;
        private final Map<GardenId, TreeSet<UUID>> lots = new HashMap<>();

        Touched(LotStates standings) {
            this.standings = standings;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            standings.settle(this);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(standings);
        }
    }

    /** Notes lots whose journal, or what they rest on, this transaction has changed: they are worked out as it ends. */
    public void touch(GardenId garden, Collection<UUID> lots) {
        Touched touched = (Touched) TransactionSynchronizationManager.getResource(this);
        if (touched == null) {
            touched = new Touched(this);
            TransactionSynchronizationManager.bindResource(this, touched);
            TransactionSynchronizationManager.registerSynchronization(touched);
        }
        touched.lots.computeIfAbsent(garden, g -> new TreeSet<>()).addAll(lots);
    }

    /** Works out what this transaction has touched so far, for what looks at it before the end. */
    public void settle() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Touched touched) {
            settle(touched);
        }
    }

    private void settle(Touched touched) {
        Map<GardenId, TreeSet<UUID>> lots = Map.copyOf(touched.lots);
        touched.lots.clear();
        lots.forEach((garden, ids) -> {
            if (ids.size() > AT_ONCE) {
                store.markStale(garden, ids);
            } else {
                rebuild(garden, ids);
            }
        });
    }

    /** Works out where these lots stand from their journals, and keeps it; they are locked first. */
    void rebuild(GardenId garden, Collection<UUID> ids) {
        GardenContext context = contexts.hold(garden);
        List<Lot> lots = store.lockLots(garden, ids);
        List<Now> now = now(context, lots);
        store.saveStates(garden, now.stream().map(Now::standing).toList(), context.today(), RULES);
        chores.saveDue(
                garden,
                lots.stream().map(Lot::id).toList(),
                now.stream()
                        .filter(n -> !n.standing().lot().retired())
                        .flatMap(n -> n.chores().stream())
                        .toList());
    }

    /** A lot as its journal has it at this moment. */
    private record Now(LotWithState standing, LotNow now, RecordStore.Facts facts) {
        /** What other care falls due for it. */
        List<ChoreStore.Due> chores() {
            List<ChoreStore.Due> due = new ArrayList<>();
            now.chores(facts.record())
                    .forEach((chore, day) -> due.add(due(standing.lot().id(), chore, day, facts)));
            return due;
        }
    }

    private List<Now> now(GardenContext context, List<Lot> lots) {
        List<UUID> ids = lots.stream().map(Lot::id).toList();
        Map<UUID, RecordStore.Facts> facts = records.findFacts(context.id(), ids, context.zone());
        Map<UUID, List<Story.Happening>> happenings = stories.listHappenings(
                context.id(),
                lots.stream().filter(l -> l.flushBy() != null).map(Lot::id).toList(),
                true);
        return lots.stream()
                .map(lot -> now(
                        context,
                        lot,
                        Objects.requireNonNull(facts.get(lot.id())),
                        Optional.ofNullable(happenings.get(lot.id()))))
                .toList();
    }

    private static Now now(
            GardenContext context, Lot lot, RecordStore.Facts facts, Optional<List<Story.Happening>> happenings) {
        Situation told = context.told(lot);
        Optional<SaltAccount.Story> account = lot.flushBy() == null
                ? Optional.empty()
                : Optional.of(
                        Story.of(context, lot, happenings.orElse(List.of())).ofSalt(context, lot, told));
        LotNow now = LotNow.of(
                new LotNow.Told(
                        told,
                        Story.waterEc(context.garden(), lot),
                        context.garden().water(lot.waterId()).toWater().alkalinity(),
                        context.coated(lot),
                        Optional.ofNullable(lot.wateredBefore()),
                        Optional.ofNullable(lot.fedBefore()),
                        lasts(lot),
                        account),
                facts.record(),
                context.today());
        return new Now(new LotWithState(lot, LotState.of(now, facts)), now, facts);
    }

    private static Optional<Learning.Lasts> lasts(Lot lot) {
        Double days = lot.lastsDays();
        LocalDate on = lot.lastsOn();
        return days == null || on == null ? Optional.empty() : Optional.of(new Learning.Lasts(on, days));
    }

    private static ChoreStore.Due due(UUID lot, Chore chore, LocalDate day, RecordStore.Facts facts) {
        String item = Tended.item(chore, facts.tended().getOrDefault(chore, 0L));
        LocalDate skipped = facts.skips().getOrDefault(item, day);
        return new ChoreStore.Due(lot, chore, item, skipped.isAfter(day) ? skipped : day);
    }

    /** A lot as its journal has it at this moment, with what the journal says. */
    public record Recorded(LotWithState standing, LotNow now, LotRecord record) {}

    Recorded recorded(GardenContext context, Lot lot) {
        Now now = now(context, List.of(lot)).get(0);
        return new Recorded(now.standing(), now.now(), now.facts().record());
    }

    /** Lots as their journals have them, whatever was kept of them; taken for this transaction. */
    public Map<UUID, LotWithState> lock(GardenId garden, Collection<UUID> ids) {
        GardenContext context = contexts.hold(garden);
        return now(context, store.lockLots(garden, ids)).stream()
                .map(Now::standing)
                .collect(Collectors.toMap(s -> s.lot().id(), s -> s));
    }

    /** Where a lot would stand if it were saved as it is here; nothing is written. */
    LotWithState draft(GardenContext context, Lot lot) {
        return now(context, List.of(lot)).get(0).standing();
    }

    /**
     * These lots with a state that is current: one that is marked, or was late when it was worked out on an earlier day, is
     * worked out again for whoever looks; nothing is written.
     */
    List<LotWithState> current(GardenContext context, List<LotStore.Kept> kept) {
        List<Lot> old = kept.stream()
                .filter(k -> k.old(context.today()))
                .map(k -> k.standing().lot())
                .toList();
        if (old.isEmpty()) {
            return kept.stream().map(LotStore.Kept::standing).toList();
        }
        Map<UUID, LotWithState> now = now(context, old).stream()
                .map(Now::standing)
                .collect(Collectors.toMap(s -> s.lot().id(), s -> s));
        return kept.stream()
                .map(k -> now.getOrDefault(k.standing().lot().id(), k.standing()))
                .toList();
    }

    /** How far a recalculation is: lots done, of so many. */
    public record Progress(int done, int lots) {}

    /** The recalculation of a garden that is under way, if one is. */
    public Optional<Progress> progress(GardenId garden) {
        return store.findRecalculation(garden);
    }

    /**
     * Works out some of the lots of a garden that are marked, as far as nobody else holds them.
     *
     * @return whether any are left
     */
    @Transactional
    public boolean slice(GardenId garden, int most) {
        List<UUID> marked = store.takeStale(garden, most);
        rebuild(garden, marked);
        store.noteChanged(garden);
        return store.endRecalculation(garden);
    }

    /** What a change of rules did to plans, until it has been seen. */
    List<LotStore.Changed> changed(GardenId garden, int limit) {
        return store.listChanged(garden, limit);
    }

    /** It has been seen. */
    @Transactional
    public void seenChanged(GardenId garden) {
        store.forgetChanged(garden);
    }

    /** Gardens with lots that are marked. */
    List<GardenId> listMarked() {
        return store.listGardensMarked();
    }

    /** Marks the lots of a garden that have been late since another day, so that they are worked out once for this one. */
    @Transactional
    public void markLate(GardenId garden) {
        List<UUID> late = store.listLate(garden, contexts.hold(garden).today());
        if (!late.isEmpty()) {
            store.markStale(garden, late);
        }
    }

    /** Marks what older rules worked out, as after an upgrade. */
    @Transactional
    public void markOld() {
        store.markGardensOld(RULES);
    }
}
