package evencistern.server.age;

import evencistern.mixlife.Renewal;
import evencistern.server.GardenId;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The age of mixes over HTTP. */
@RestController
class AgeController {
    private final MixAges ages;

    AgeController(MixAges ages) {
        this.ages = ages;
    }

    /** The age of the mix of a lot, and what to do about it given the signs that the person sees. */
    @GetMapping("/api/gardens/{garden}/lots/{lot}/mix-age")
    MixAges.AgeWire mixAge(
            @PathVariable UUID garden,
            @PathVariable UUID lot,
            @RequestParam(defaultValue = "") List<Renewal.Sign> seen) {
        return ages.of(new GardenId(garden), lot, seen);
    }
}
