package evencistern.server.batch;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Batches over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/batches")
class BatchController {
    private final Batches batches;
    private final BatchCourses courses;

    BatchController(Batches batches, BatchCourses courses) {
        this.batches = batches;
        this.courses = courses;
    }

    @GetMapping
    List<BatchWire> listBatches(@PathVariable UUID garden) {
        return batches.list(new GardenId(garden));
    }

    @GetMapping("/courses")
    BatchCourses.BatchCoursesWire getBatchCourses(@PathVariable UUID garden) {
        return courses.of(new GardenId(garden));
    }

    @PutMapping
    ResponseEntity<BatchWire> saveBatch(@PathVariable UUID garden, @RequestBody BatchInput input) {
        History.Edited<BatchWire> edited = batches.save(new GardenId(garden), input);
        return edited.answer(edited.now());
    }
}
