package evencistern.server.reading;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.todo.TodoWire;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class ReadingController {
    private final Readings readings;
    private final ReadingCourse course;
    private final SaltAccounts salts;
    private final Todos todos;

    ReadingController(Readings readings, ReadingCourse course, SaltAccounts salts, Todos todos) {
        this.readings = readings;
        this.course = course;
        this.salts = salts;
        this.todos = todos;
    }

    @GetMapping("/lots/{lot}/readings")
    ReadingCourse.Series getReadings(@PathVariable UUID garden, @PathVariable UUID lot) {
        return course.series(new GardenId(garden), lot);
    }

    @PostMapping("/lots/{lot}/readings")
    Act.Recorded logReading(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Readings.NewReading reading) {
        return readings.log(new GardenId(garden), lot, reading);
    }

    /** A reading as typed so far, and whether its working is wanted. */
    record VerdictAsk(Readings.NewReading reading, boolean working) {}

    @PostMapping("/lots/{lot}/verdict")
    VerdictWire judgeReading(@PathVariable UUID garden, @PathVariable UUID lot, @RequestBody VerdictAsk ask) {
        return readings.judge(new GardenId(garden), lot, ask.reading(), ask.working());
    }

    @GetMapping("/lots/{lot}/verdict")
    Readings.LastVerdict getLastVerdict(@PathVariable UUID garden, @PathVariable UUID lot) {
        return readings.last(new GardenId(garden), lot);
    }

    @PutMapping("/lots/{lot}/todos")
    ResponseEntity<TodoWire> takeAdvice(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Readings.TodoInput input) {
        History.Edited<TodoWire> edited = readings.take(new GardenId(garden), lot, input);
        return edited.answer(edited.now());
    }

    /** Whether something is done, of the version seen. */
    record TodoDone(boolean done, int version) {}

    @PutMapping("/todos/{todo}")
    ResponseEntity<TodoWire> finishTodo(
            @PathVariable UUID garden, @PathVariable UUID todo, @RequestBody TodoDone done) {
        GardenId g = new GardenId(garden);
        History.Edited<TodoWire> edited = todos.done(g, todo, done.version(), done.done() ? readings.today(g) : null);
        return edited.answer(edited.now());
    }

    @GetMapping("/lots/{lot}/salt")
    SaltAccounts.SaltAccountWire getSaltAccount(@PathVariable UUID garden, @PathVariable UUID lot) {
        return salts.of(new GardenId(garden), lot);
    }

    @GetMapping("/lots/{lot}/procedures")
    List<Readings.ProcedureWire> listProcedures(@PathVariable UUID garden, @PathVariable UUID lot) {
        return readings.procedures(new GardenId(garden), lot);
    }

    @GetMapping("/readings")
    ReadingCourse.Overview getOverview(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "runoff") String method,
            @RequestParam(required = false) @Nullable UUID place,
            @RequestParam(required = false) @Nullable String mix,
            @RequestParam(defaultValue = "0") int offset) {
        return course.overview(new GardenId(garden), method, place, mix, offset);
    }

    @PutMapping("/readings/{row}")
    Act.Recorded amendReading(
            @PathVariable UUID garden, @PathVariable long row, @RequestBody Readings.NewReading reading) {
        return readings.amend(new GardenId(garden), row, reading);
    }
}
