package evencistern.server.lot;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lots over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class LotController {
    private final Lots lots;
    private final History history;

    LotController(Lots lots, History history) {
        this.lots = lots;
        this.history = history;
    }

    @GetMapping("/lots")
    Lots.Page listLots(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(required = false) @Nullable UUID place,
            @RequestParam(defaultValue = "all") Lots.Look.State state,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "100") int limit) {
        return lots.list(new GardenId(garden), new Lots.Look(find, place, state), offset, limit);
    }

    @GetMapping("/known")
    Lots.KnownPage listKnown(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "200") int limit) {
        return lots.listKnown(new GardenId(garden), find, limit);
    }

    @GetMapping("/lots/{lot}")
    LotWire getLot(@PathVariable UUID garden, @PathVariable UUID lot) {
        return lots.show(new GardenId(garden), lot);
    }

    @PutMapping("/lots")
    ResponseEntity<LotWire> saveLot(@PathVariable UUID garden, @RequestBody LotInput input) {
        GardenId id = new GardenId(garden);
        return history.whole(() -> {
            History.Edited<Lot> edited = lots.save(id, input);
            lots.settle();
            return edited.answer(lots.show(id, input.id()));
        });
    }
}
