package evencistern.server.reading;

import evencistern.fault.FaultException;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.journal.Acts;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.Lots;
import evencistern.server.meter.MeterLogs;
import evencistern.server.problem.FaultWire;
import evencistern.server.words.Words;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Readings as a sheet, in: looked at first, good rows kept, the same file twice changes nothing. */
@Service
@RetriedOnLocks
class ReadingFiles {
    private static final int MOST_TOLD = 200;

    private final ReadingStore store;
    private final Gardens gardens;
    private final MeterLogs meters;
    private final Lots lots;
    private final Todos todos;
    private final Acts acts;
    private final History history;
    private final Words words;

    ReadingFiles(
            ReadingStore store,
            Gardens gardens,
            MeterLogs meters,
            Lots lots,
            Todos todos,
            Acts acts,
            History history,
            Words words) {
        this.store = store;
        this.gardens = gardens;
        this.meters = meters;
        this.lots = lots;
        this.todos = todos;
        this.acts = acts;
        this.history = history;
        this.words = words;
    }

    /** A line that cannot be read, and why. */
    record BadLine(long line, String detail) {}

    /**
     * What a sheet would do, or has done.
     *
     * @param fresh readings that are new; {@code same} that are here already, or stand in the sheet twice
     * @param bad lines that cannot be read; {@code badTold} the first of them
     */
    record SheetRead(
            int fresh,
            int same,
            int bad,
            List<BadLine> badTold,
            @Nullable UUID act) {}

    private record Fresh(UUID lot, Acts.Moment moment, ReadingStore.Stored stored) {
        String identity() {
            return ReadingSheet.identity(lot, stored.method(), moment.at(), stored.phShown(), stored.ecShown());
        }
    }

    /**
     * Reads a sheet, and keeps what is good of it if that is wanted.
     *
     * @param progress told how many rows are read
     * @param done told what came of it, in the same transaction: both stand, or neither
     */
    @Transactional
    void bring(
            GardenId garden,
            String text,
            boolean apply,
            String clientKey,
            Consumer<Integer> progress,
            Consumer<SheetRead> done) {
        GardenWire g = gardens.require(garden);
        ReadingReader reader = new ReadingReader(g, meters.logs(g));
        ReadingSheet sheet = new ReadingSheet(g, store.findLotsByName(garden), words);
        List<Fresh> rows = new ArrayList<>();
        List<BadLine> bad = new ArrayList<>();
        int[] faulty = new int[1];
        sheet.read(
                text,
                (line, row) -> {
                    try {
                        Acts.Moment moment = acts.moment(row.reading().occurredAt());
                        ReadingStore.Stored stored =
                                reader.read(row.reading(), moment.at()).stored();
                        rows.add(new Fresh(row.lot(), moment, stored));
                    } catch (FaultException e) {
                        faulty[0]++;
                        tell(bad, line, FaultWire.of(e.faults().get(0), words).detail());
                    }
                },
                (line, detail) -> {
                    faulty[0]++;
                    tell(bad, line, detail);
                },
                progress);
        List<Fresh> fresh = fresh(garden, rows);
        UUID act = null;
        if (apply && !fresh.isEmpty()) {
            act = history.once(garden, "reading", clientKey, kept -> keep(garden, kept, fresh))
                    .actId();
        }
        done.accept(new SheetRead(fresh.size(), rows.size() - fresh.size(), faulty[0], bad, act));
    }

    /** Those that are not here already, and stand in the sheet but once. */
    private List<Fresh> fresh(GardenId garden, List<Fresh> rows) {
        if (rows.isEmpty()) {
            return rows;
        }
        List<Instant> moments = rows.stream().map(r -> r.moment().at()).sorted().toList();
        Set<String> known = new HashSet<>(store.listIdentities(
                garden,
                rows.stream().map(Fresh::lot).collect(Collectors.toSet()),
                moments.get(0),
                moments.get(moments.size() - 1)));
        return rows.stream().filter(r -> known.add(r.identity())).toList();
    }

    private static void tell(List<BadLine> bad, long line, String detail) {
        if (bad.size() < MOST_TOLD) {
            bad.add(new BadLine(line, detail));
        }
    }

    private void keep(GardenId garden, Act act, List<Fresh> fresh) {
        lots.take(garden, fresh.stream().map(Fresh::lot).collect(Collectors.toSet()));
        store.insertReadings(
                garden,
                act,
                fresh.stream()
                        .map(f -> new ReadingStore.Entry(
                                f.lot(), f.moment().at(), f.moment().clockAhead(), f.stored()))
                        .toList());
        ZoneId zone = ZoneId.of(gardens.require(garden).timeZone());
        Map<UUID, LocalDate> lastRead = new LinkedHashMap<>();
        fresh.stream()
                .filter(f -> Method.require(f.stored().method()).judged())
                .forEach(f -> lastRead.merge(
                        f.lot(), LocalDate.ofInstant(f.moment().at(), zone), (a, b) -> a.isAfter(b) ? a : b));
        // what waited for a reading ends with one from a sheet as well
        lastRead.forEach((lot, on) -> todos.endByReading(garden, act, lot, on));
        lots.touch(garden, lastRead.keySet());
    }
}
