package evencistern.server.reading;

import evencistern.server.GardenId;
import evencistern.server.exchange.csv.Sheets;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.problem.FaultWire;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
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
    private final ImportJobs jobs;
    private final ReadingStore store;
    private final Gardens gardens;

    ReadingFileController(ImportJobs jobs, ReadingStore store, Gardens gardens) {
        this.jobs = jobs;
        this.store = store;
        this.gardens = gardens;
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
        return new SheetBegun(jobs.begin(new GardenId(garden), ask.text(), ask.apply(), ask.clientKey()));
    }

    @GetMapping("/readings/files/{id}")
    SheetProgress lookAtReadings(@PathVariable UUID garden, @PathVariable UUID id) {
        ImportJobs.Progress now = jobs.progress(new GardenId(garden), id);
        return new SheetProgress(
                now.rows(), now.of(), now.outcome().read(), now.outcome().faults());
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
