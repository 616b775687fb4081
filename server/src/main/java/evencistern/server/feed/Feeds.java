package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.garden.GardenId;
import evencistern.server.garden.Gardens;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The feeds of a garden. */
@Service
public class Feeds {
    private final FeedStore store;
    private final Gardens gardens;
    private final ApplicationEventPublisher events;

    Feeds(FeedStore store, Gardens gardens, ApplicationEventPublisher events) {
        this.store = store;
        this.gardens = gardens;
        this.events = events;
    }

    /** A feed's label or analysis has changed, so the plans that rest on it must be made anew. */
    public record FeedChanged(GardenId garden, UUID feed) {}

    public List<FeedWire> list(GardenId garden) {
        gardens.require(garden);
        return store.listFeeds(garden);
    }

    public FeedWire require(GardenId garden, UUID feed) {
        return store.findFeed(garden, feed)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "feed", feed.toString())));
    }

    /** Puts a feed on the shelf. The same id sent again returns what is there. */
    @Transactional
    public FeedWire add(GardenId garden, FeedInput input) {
        gardens.require(garden);
        FeedWire feed = input.read();
        if (store.findFeed(garden, feed.id()).isEmpty()) {
            store.insertFeed(garden, feed);
        }
        return require(garden, feed.id());
    }

    /** Changes a feed; a version that is no longer current is refused. */
    @Transactional
    public FeedWire change(GardenId garden, UUID id, FeedInput input) {
        FeedWire before = require(garden, id);
        FeedWire feed = input.read();
        if (!feed.id().equals(id)) {
            throw new FaultException(
                    Fault.of(FaultCode.CHOICE_UNKNOWN, "feed", feed.id().toString()));
        }
        if (!store.updateFeed(garden, feed)) {
            throw Gardens.stale("feed", feed.version(), before.version());
        }
        events.publishEvent(new FeedChanged(garden, id));
        return require(garden, id);
    }
}
