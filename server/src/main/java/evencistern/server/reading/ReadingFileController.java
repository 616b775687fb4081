package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.exchange.Sheets;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.problem.FaultWire;
import evencistern.server.problem.Words;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings as sheets over HTTP: out, and in, one after the other, with how far it has come. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class ReadingFileController {
    private static final Logger LOG = LoggerFactory.getLogger(ReadingFileController.class);
    private static final int MOST_KEPT = 50;

    private final ReadingFiles files;
    private final ReadingStore store;
    private final Gardens gardens;
    private final Words words;
    private final Map<UUID, Work> works = new ConcurrentHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "readings-in");
        thread.setDaemon(true);
        return thread;
    });

    ReadingFileController(ReadingFiles files, ReadingStore store, Gardens gardens, Words words) {
        this.files = files;
        this.store = store;
        this.gardens = gardens;
        this.words = words;
    }

    /** A sheet at work. */
    private static final class Work {
        private final UUID garden;
        private final int lines;
        private final AtomicInteger rows = new AtomicInteger();
        private volatile ReadingFiles.@Nullable SheetRead read;
        private volatile @Nullable List<FaultWire> faults;

        Work(UUID garden, int lines) {
            this.garden = garden;
            this.lines = lines;
        }
    }

    /**
     * A sheet as text.
     *
     * @param apply whether to keep what is good, or only to look
     */
    record SheetAsk(String text, boolean apply, String clientKey) {}

    /** A sheet that is being read; asked for by its id. */
    record SheetBegun(UUID id) {}

    /**
     * How far it has come.
     *
     * @param rows that are read, of so many
     * @param read what came of it, once it is done
     * @param faults why nothing came of it
     */
    record SheetProgress(
            int rows,
            int of,
            ReadingFiles.@Nullable SheetRead read,
            @Nullable List<FaultWire> faults) {}

    @PostMapping("/readings/files")
    SheetBegun bringReadings(@PathVariable UUID garden, @RequestBody SheetAsk ask) {
        gardens.require(new GardenId(garden));
        if (works.size() >= MOST_KEPT) {
            works.values().removeIf(w -> w.read != null || w.faults != null);
        }
        UUID id = UUID.randomUUID();
        Work work = new Work(garden, (int) Math.max(0, ask.text().lines().count() - 1));
        works.put(id, work);
        worker.execute(() -> run(work, ask));
        return new SheetBegun(id);
    }

    private void run(Work work, SheetAsk ask) {
        try {
            work.read =
                    files.bring(new GardenId(work.garden), ask.text(), ask.apply(), ask.clientKey(), work.rows::set);
        } catch (FaultException e) {
            work.faults = e.faults().stream().map(f -> FaultWire.of(f, words)).toList();
        } catch (RuntimeException e) {
            LOG.error("a sheet of readings could not be read", e);
            work.faults = List.of(FaultWire.of(Fault.of(FaultCode.FILE_INVALID, "readings.file", ""), words));
        }
    }

    @GetMapping("/readings/files/{id}")
    SheetProgress lookAtReadings(@PathVariable UUID garden, @PathVariable UUID id) {
        Work work = works.get(id);
        if (work == null || !work.garden.equals(garden)) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "readings.file", id.toString()));
        }
        return new SheetProgress(work.rows.get(), work.lines, work.read, work.faults);
    }

    @GetMapping("/readings.csv")
    void getReadingSheet(@PathVariable UUID garden, HttpServletResponse response) throws IOException {
        GardenWire g = gardens.require(new GardenId(garden));
        response.setContentType("text/csv");
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(g.name() + " " + g.today() + " readings.csv", StandardCharsets.UTF_8)
                        .build()
                        .toString());
        try (CSVPrinter csv = Sheets.printer(ReadingSheet.COLUMNS, response.getWriter())) {
            store.eachReading(new GardenId(garden), ZoneId.of(g.timeZone()), line -> Sheets.print(csv, line));
        }
    }
}
