package evencistern.server.programme;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import evencistern.server.lot.LotInput;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Programmes over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class ProgrammeController {
    private final Programmes programmes;

    ProgrammeController(Programmes programmes) {
        this.programmes = programmes;
    }

    /**
     * A lot as it is typed.
     *
     * @param added the feed that was added last, for which the others make room; null where none was
     */
    record ProgrammeAsk(LotInput draft, @Nullable UUID added) {}

    @PostMapping("/lots/{lot}/programme")
    Programmes.ProgrammeWire tryProgramme(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody ProgrammeAsk ask) {
        return programmes.of(new GardenId(garden), ask.draft().tried(lot), ask.added());
    }

    @PostMapping("/programmes")
    Act.Recorded putOnProgramme(@PathVariable UUID garden, @RequestBody Programmes.Putting putting) {
        return programmes.put(new GardenId(garden), putting);
    }
}
