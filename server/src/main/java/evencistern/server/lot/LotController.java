package evencistern.server.lot;

import evencistern.server.garden.GardenId;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lots over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/lots")
class LotController {
    private final Lots lots;

    LotController(Lots lots) {
        this.lots = lots;
    }

    @GetMapping
    Lots.Page listLots(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "100") int limit) {
        return lots.list(new GardenId(garden), offset, limit);
    }

    @GetMapping("/{lot}")
    LotWire getLot(@PathVariable UUID garden, @PathVariable UUID lot) {
        return lots.require(new GardenId(garden), lot);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LotWire addLot(@PathVariable UUID garden, @RequestBody LotInput input) {
        return lots.add(new GardenId(garden), input);
    }

    @PutMapping("/{lot}")
    LotWire changeLot(@PathVariable UUID garden, @PathVariable UUID lot, @RequestBody LotInput input) {
        return lots.change(new GardenId(garden), lot, input);
    }
}
