package evencistern.server.history;

import evencistern.server.GardenId;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was done, over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class HistoryController {
    private final History history;

    HistoryController(History history) {
        this.history = history;
    }

    @GetMapping("/acts")
    List<DoneWire> listDone(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "50") int limit) {
        return history.done(new GardenId(garden), offset, limit);
    }

    /** A thing to put away: vessel, water, meter, place, feed or stock. */
    record Retire(String kind, UUID id, int version) {}

    /** What was put away, in the version that it has since. */
    record RetiredWire(String kind, UUID id, int version) {}

    @PostMapping("/retired")
    ResponseEntity<RetiredWire> retire(@PathVariable UUID garden, @RequestBody Retire thing) {
        History.Edited<? extends Owned> edited =
                history.retire(new GardenId(garden), thing.kind(), thing.id(), thing.version());
        return edited.answer(
                new RetiredWire(thing.kind(), thing.id(), edited.now().version()));
    }
}
