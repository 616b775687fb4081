package evencistern.server.tank;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stock tanks that are made, over HTTP. */
@RestController
class MakingController {
    private final Makings makings;

    MakingController(Makings makings) {
        this.makings = makings;
    }

    @PostMapping("/api/gardens/{garden}/tanks")
    Act.Recorded makeTank(@PathVariable UUID garden, @RequestBody Makings.Making made) {
        return makings.make(new GardenId(garden), made);
    }
}
