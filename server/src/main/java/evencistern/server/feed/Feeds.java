package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The feeds of a garden. */
@Service
@RetriedOnLocks
public class Feeds {
    private final FeedStore store;
    private final Gardens gardens;
    private final History history;
    private final Keeping<FeedWire> feeds;

    Feeds(FeedStore store, Gardens gardens, History history) {
        this.store = store;
        this.gardens = gardens;
        this.history = history;
        this.feeds = history.keep(store.feeds());
    }

    /** All feeds, those put away among them. */
    public List<FeedWire> list(GardenId garden) {
        gardens.require(garden);
        return store.listFeeds(garden);
    }

    public FeedWire require(GardenId garden, UUID feed) {
        return store.feeds()
                .find(garden, feed)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "feed", feed.toString())));
    }

    /** Puts a feed on the shelf, or changes it. */
    @Transactional
    public History.Edited<FeedWire> save(GardenId garden, FeedInput input) {
        gardens.require(garden);
        return history.edit(garden, feeds, input.read());
    }

    /** Puts a feed on the shelf as part of an act. */
    public void save(GardenId garden, Act act, FeedWire feed) {
        history.save(garden, act, feeds, feed.asRead());
    }
}
