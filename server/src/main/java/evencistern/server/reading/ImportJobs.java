package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.problem.FaultWire;
import evencistern.server.words.Words;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sheets of readings, brought in one after the other by whichever instance is free. What is at work is a row: it outlasts the
 * program, and is begun again where the one that worked at it is gone.
 */
@Service
class ImportJobs {
    private static final Logger LOG = LoggerFactory.getLogger(ImportJobs.class);
    private static final int MOST_WAITING = 20;
    private static final int MOST_TRIES = 3;
    private static final Duration HELD = Duration.ofSeconds(20);
    private static final Duration STILL_AT_IT = Duration.ofSeconds(1);
    private static final Duration LOOKS_EVERY = Duration.ofSeconds(5);
    private static final Duration TOLD_FOR = Duration.ofDays(1);

    private final ImportJobStore store;
    private final ReadingFiles files;
    private final Gardens gardens;
    private final Words words;
    private final Clock clock;
    private final JsonMapper json;
    /** One thread works at sheets, another says so. */
    private final ThreadPoolTaskScheduler worker = new ThreadPoolTaskScheduler();

    private final ReentrantLock working = new ReentrantLock();
    private @Nullable ScheduledFuture<?> looking;

    ImportJobs(ImportJobStore store, ReadingFiles files, Gardens gardens, Words words, Clock clock, JsonMapper json) {
        this.store = store;
        this.files = files;
        this.gardens = gardens;
        this.words = words;
        this.clock = clock;
        this.json = json;
    }

    /**
     * What came of a sheet.
     *
     * @param faults why nothing came of it
     */
    record Outcome(
            ReadingFiles.@Nullable SheetRead read, @Nullable List<FaultWire> faults) {}

    /** How far a sheet is: rows read, of so many lines, and what came of it once it is done. */
    record Progress(int rows, int of, Outcome outcome) {}

    /** Puts a sheet in line; sent again with the same key, it is the same one. */
    UUID begin(GardenId garden, String sheet, boolean apply, String clientKey) {
        gardens.require(garden);
        Faults faults = new Faults();
        faults.within("client_key", clientKey.length(), 8, 64, "");
        faults.throwIfAny();
        if (store.countWaiting(garden) >= MOST_WAITING) {
            throw new FaultException(Fault.of(FaultCode.FILES_AT_WORK, "readings.file", ""));
        }
        int lines = (int) Math.max(0, sheet.lines().count() - 1);
        UUID id = store.insertJob(garden, UUID.randomUUID(), clientKey, sheet, apply, lines, clock.instant());
        worker.execute(this::goOn);
        return id;
    }

    /** How far one is; refused where there is none such. */
    Progress progress(GardenId garden, UUID id) {
        ImportJobStore.Progress p = store.findProgress(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "readings.file", id.toString())));
        return new Progress(
                p.rows(),
                p.lines(),
                p.outcome() == null ? new Outcome(null, null) : json.readValue(p.outcome(), Outcome.class));
    }

    @PostConstruct
    void start() {
        worker.setPoolSize(2);
        worker.setDaemon(true);
        worker.setThreadNamePrefix("sheets-");
        worker.setErrorHandler(e -> LOG.warn("sheets wait: {}", e.toString()));
        worker.initialize();
        looking = worker.scheduleWithFixedDelay(this::goOn, LOOKS_EVERY);
    }

    @PreDestroy
    void stop() {
        if (looking != null) {
            looking.cancel(false);
        }
        worker.shutdown();
    }

    /** Works at what waits until nothing does; one at a time here. */
    private void goOn() {
        if (!working.tryLock()) {
            return;
        }
        try {
            store.markGardenJobsForgotten(clock.instant().minus(TOLD_FOR));
            for (var job = take(); job != null; job = take()) {
                run(job);
            }
        } finally {
            working.unlock();
        }
    }

    private ImportJobStore.@Nullable Job take() {
        return store.markGardenJobHeld(clock.instant(), HELD).orElse(null);
    }

    private void run(ImportJobStore.Job job) {
        AtomicInteger rows = new AtomicInteger();
        ScheduledFuture<?> said = worker.scheduleWithFixedDelay(
                () -> store.updateHeld(
                        job.garden(), job.id(), rows.get(), clock.instant().plus(HELD)),
                STILL_AT_IT);
        try {
            if (job.tries() > MOST_TRIES) {
                throw new FaultException(Fault.of(FaultCode.FILE_INVALID, "readings.file", ""));
            }
            files.bring(
                    job.garden(),
                    job.sheet(),
                    job.apply(),
                    job.clientKey(),
                    rows::set,
                    read -> end(job, rows.get(), new Outcome(read, null)));
        } catch (FaultException e) {
            end(job, rows.get(), refused(e.faults()));
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("a sheet of readings is begun again: {}", e.toString());
        } catch (RuntimeException e) {
            LOG.error("a sheet of readings could not be read", e);
            end(job, rows.get(), refused(List.of(Fault.of(FaultCode.FILE_INVALID, "readings.file", ""))));
        } finally {
            said.cancel(false);
        }
    }

    private Outcome refused(List<Fault> faults) {
        return new Outcome(
                null, faults.stream().map(f -> FaultWire.of(f, words)).toList());
    }

    private void end(ImportJobStore.Job job, int rows, Outcome outcome) {
        store.updateEnded(job.garden(), job.id(), rows, json.writeValueAsString(outcome), clock.instant());
    }
}
