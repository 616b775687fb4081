package evencistern.server.today;

import evencistern.server.GardenId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The round of the day over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/today")
class TodayController {
    private final Rounds rounds;

    TodayController(Rounds rounds) {
        this.rounds = rounds;
    }

    @GetMapping
    Rounds.Today getToday(@PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        return rounds.of(new GardenId(garden), vessel);
    }
}
