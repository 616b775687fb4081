package evencistern.server.feed;

import evencistern.server.GardenId;
import evencistern.server.history.History;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Feeds over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/feeds")
class FeedController {
    private final Feeds feeds;

    FeedController(Feeds feeds) {
        this.feeds = feeds;
    }

    @GetMapping
    List<FeedWire> listFeeds(@PathVariable UUID garden) {
        return feeds.list(new GardenId(garden));
    }

    @PutMapping
    ResponseEntity<FeedWire> saveFeed(@PathVariable UUID garden, @RequestBody FeedInput input) {
        History.Edited<FeedWire> edited = feeds.save(new GardenId(garden), input);
        return edited.answer(edited.now());
    }
}
