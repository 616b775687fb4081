package evencistern.server.ailment;

import evencistern.server.GardenId;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class AilmentController {
    private final Ailments ailments;

    AilmentController(Ailments ailments) {
        this.ailments = ailments;
    }

    @PostMapping("/gardens/{garden}/lots/{lot}/ailment")
    Ailments.DiagnosisWire diagnose(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Ailments.LookSoFar look) {
        return ailments.of(new GardenId(garden), lot, look);
    }

    @GetMapping("/signs")
    Ailments.SignsWire listSigns() {
        return Ailments.signs();
    }
}
