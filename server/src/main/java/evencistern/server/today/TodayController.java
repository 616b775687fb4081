package evencistern.server.today;

import evencistern.server.GardenId;
import evencistern.server.garden.OldPlaces;
import evencistern.server.lot.Lots;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The round of the day over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/today")
class TodayController {
    private final Rounds rounds;
    private final Lots lots;
    private final OldPlaces oldPlaces;

    TodayController(Rounds rounds, Lots lots, OldPlaces oldPlaces) {
        this.rounds = rounds;
        this.lots = lots;
        this.oldPlaces = oldPlaces;
    }

    /** What a change of the rules did has been seen, and is not told again. */
    @PostMapping("/rules-seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rulesSeen(@PathVariable UUID garden) {
        lots.seenChangedByRules(new GardenId(garden));
        oldPlaces.seen(new GardenId(garden));
    }

    @GetMapping
    Rounds.Today getToday(@PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        return rounds.of(new GardenId(garden), vessel);
    }
}
