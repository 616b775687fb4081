package evencistern.server.garden;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
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

    GardenController(Gardens gardens) {
        this.gardens = gardens;
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

    /** Units and measuring habit, with the version they were changed from. */
    record Habits(GardenWire.UnitHabit unitHabit, GardenWire.Hand hand, int version) {}

    @PutMapping("/{garden}/habits")
    GardenWire changeHabits(@PathVariable UUID garden, @RequestBody Habits habits) {
        return gardens.changeHabits(new GardenId(garden), habits.unitHabit(), habits.hand(), habits.version());
    }

    @PutMapping("/{garden}/meters/{meter}")
    GardenWire.MeterWire changeMeter(
            @PathVariable UUID garden, @PathVariable UUID meter, @RequestBody Gardens.MeterInput changed) {
        if (!meter.equals(changed.id())) {
            throw new FaultException(
                    Fault.of(FaultCode.CHOICE_UNKNOWN, "meter", changed.id().toString()));
        }
        return gardens.changeMeter(new GardenId(garden), changed);
    }

    @PostMapping("/{garden}/places")
    GardenWire addPlace(@PathVariable UUID garden, @RequestBody Gardens.NewPlace place) {
        return gardens.addPlace(new GardenId(garden), place);
    }

    @PutMapping("/{garden}/vessels")
    GardenWire saveVessel(@PathVariable UUID garden, @RequestBody Gardens.VesselInput vessel) {
        return gardens.saveVessel(new GardenId(garden), vessel);
    }

    @PutMapping("/{garden}/waters")
    GardenWire saveWater(@PathVariable UUID garden, @RequestBody Gardens.WaterInput water) {
        return gardens.saveWater(new GardenId(garden), water);
    }
}
