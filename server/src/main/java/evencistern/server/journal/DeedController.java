package evencistern.server.journal;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Deeds over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/deeds")
class DeedController {
    private final Deeds deeds;

    DeedController(Deeds deeds) {
        this.deeds = deeds;
    }

    @PostMapping("/note")
    Act.Recorded note(@PathVariable UUID garden, @RequestBody Deeds.Note note) {
        return deeds.note(new GardenId(garden), note);
    }

    @PostMapping("/lift")
    Act.Recorded lift(@PathVariable UUID garden, @RequestBody Deeds.Lifting lifting) {
        return deeds.lift(new GardenId(garden), lifting);
    }

    @PostMapping("/tend")
    Act.Recorded tend(@PathVariable UUID garden, @RequestBody Deeds.Tending tending) {
        return deeds.tend(new GardenId(garden), tending);
    }

    @PostMapping("/move")
    Act.Recorded move(@PathVariable UUID garden, @RequestBody Deeds.Moving moving) {
        return deeds.move(new GardenId(garden), moving);
    }

    @PostMapping("/move-as-planned")
    Act.Recorded moveAsPlanned(@PathVariable UUID garden, @RequestBody Deeds.MovingDone done) {
        return deeds.moveAsPlanned(new GardenId(garden), done);
    }

    @PostMapping("/pot-on")
    Act.Recorded potOn(@PathVariable UUID garden, @RequestBody Deeds.Potting potting) {
        return deeds.potOn(new GardenId(garden), potting);
    }

    /** Which feed goes in with the mix, and what a pot would get of it. */
    @PostMapping("/pot-on/feed")
    PotFeeding.GoesInWire feedInPot(@PathVariable UUID garden, @RequestBody Deeds.Potting potting) {
        return deeds.feedIn(new GardenId(garden), potting);
    }

    @PostMapping("/lose")
    Act.Recorded lose(@PathVariable UUID garden, @RequestBody Deeds.Loss loss) {
        return deeds.lose(new GardenId(garden), loss);
    }

    @PostMapping("/split")
    Act.Recorded split(@PathVariable UUID garden, @RequestBody Deeds.Split split) {
        return deeds.split(new GardenId(garden), split);
    }

    @PostMapping("/retire")
    Act.Recorded retire(@PathVariable UUID garden, @RequestBody Deeds.Retiring retiring) {
        return deeds.retire(new GardenId(garden), retiring);
    }
}
