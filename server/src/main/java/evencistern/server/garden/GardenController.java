package evencistern.server.garden;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gardens over HTTP. */
@RestController
@RequestMapping("/api/gardens")
class GardenController {
    private final Gardens gardens;
    private final History history;

    GardenController(Gardens gardens, History history) {
        this.gardens = gardens;
        this.history = history;
    }

    @GetMapping
    List<GardenWire> listGardens() {
        return gardens.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    GardenWire createGarden(@RequestBody Gardens.NewGarden wanted) {
        return gardens.create(wanted, false);
    }

    @GetMapping("/{garden}")
    GardenWire getGarden(@PathVariable UUID garden) {
        return gardens.require(new GardenId(garden));
    }

    private ResponseEntity<GardenWire> after(UUID garden, Supplier<History.Edited<?>> edit) {
        return history.whole(() -> edit.get().answer(gardens.require(new GardenId(garden))));
    }

    @PutMapping("/{garden}/settings")
    ResponseEntity<GardenWire> changeSettings(@PathVariable UUID garden, @RequestBody Gardens.SettingsInput settings) {
        return after(garden, () -> gardens.changeSettings(new GardenId(garden), settings));
    }

    @PutMapping("/{garden}/meters")
    ResponseEntity<GardenWire> saveMeter(@PathVariable UUID garden, @RequestBody Gardens.MeterInput meter) {
        return after(garden, () -> gardens.saveMeter(new GardenId(garden), meter));
    }

    @PostMapping("/{garden}/places")
    ResponseEntity<GardenWire> addPlace(@PathVariable UUID garden, @RequestBody Gardens.NewPlace place) {
        return after(garden, () -> gardens.addPlace(new GardenId(garden), place));
    }

    @PutMapping("/{garden}/places")
    ResponseEntity<GardenWire> changePlace(@PathVariable UUID garden, @RequestBody Gardens.PlaceInput place) {
        return after(garden, () -> gardens.changePlace(new GardenId(garden), place));
    }

    @PutMapping("/{garden}/vessels")
    ResponseEntity<GardenWire> saveVessel(@PathVariable UUID garden, @RequestBody Gardens.VesselInput vessel) {
        return after(garden, () -> gardens.saveVessel(new GardenId(garden), vessel));
    }

    /** Places in the order in which they are walked by. */
    record WalkAsk(List<UUID> places) {}

    @PutMapping("/{garden}/walk")
    ResponseEntity<GardenWire> saveWalk(@PathVariable UUID garden, @RequestBody WalkAsk walk) {
        return after(garden, () -> gardens.saveWalk(new GardenId(garden), walk.places()));
    }

    @PutMapping("/{garden}/waters")
    ResponseEntity<GardenWire> saveWater(@PathVariable UUID garden, @RequestBody WaterInput water) {
        return after(garden, () -> gardens.saveWater(new GardenId(garden), water));
    }
}
