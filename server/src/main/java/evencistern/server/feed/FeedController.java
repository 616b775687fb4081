package evencistern.server.feed;

import evencistern.server.garden.GardenId;
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

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    FeedWire addFeed(@PathVariable UUID garden, @RequestBody FeedInput input) {
        return feeds.add(new GardenId(garden), input);
    }

    @PutMapping("/{feed}")
    FeedWire changeFeed(@PathVariable UUID garden, @PathVariable UUID feed, @RequestBody FeedInput input) {
        return feeds.change(new GardenId(garden), feed, input);
    }
}
