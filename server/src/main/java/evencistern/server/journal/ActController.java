package evencistern.server.journal;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Acts and the journal over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class ActController {
    private final Acts acts;

    ActController(Acts acts) {
        this.acts = acts;
    }

    @PostMapping("/ticks")
    Act.Recorded tick(@PathVariable UUID garden, @RequestBody Acts.Tick tick) {
        return acts.tick(new GardenId(garden), tick);
    }

    @PostMapping("/skips")
    Act.Recorded skip(@PathVariable UUID garden, @RequestBody Acts.Skip skip) {
        return acts.skip(new GardenId(garden), skip);
    }

    /** The key under which an undo is sent. */
    record Undo(String clientKey) {}

    @PostMapping("/acts/{act}/undo")
    Act.Recorded undo(@PathVariable UUID garden, @PathVariable UUID act, @RequestBody Undo undo) {
        return acts.undo(new GardenId(garden), act, undo.clientKey());
    }

    @PostMapping("/given")
    Act.Recorded give(@PathVariable UUID garden, @RequestBody Acts.Gift gift) {
        return acts.give(new GardenId(garden), gift);
    }

    @PutMapping("/journal/{row}")
    Act.Recorded amend(@PathVariable UUID garden, @PathVariable long row, @RequestBody Acts.Amendment amendment) {
        return acts.amend(new GardenId(garden), row, amendment);
    }

    @GetMapping("/lots/{lot}/journal")
    List<EntryWire> getJournal(
            @PathVariable UUID garden,
            @PathVariable UUID lot,
            @RequestParam(required = false) @Nullable Long before,
            @RequestParam(defaultValue = "50") int limit) {
        return acts.journal(new GardenId(garden), lot, before, limit);
    }
}
