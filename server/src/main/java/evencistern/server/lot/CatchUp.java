package evencistern.server.lot;

import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** After an upgrade: lots whose state older rules worked out are worked out anew, garden by garden. */
@Component
class CatchUp implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(CatchUp.class);

    private final Gardens gardens;
    private final Lots lots;

    CatchUp(Gardens gardens, Lots lots) {
        this.gardens = gardens;
        this.lots = lots;
    }

    @Override
    public void run(ApplicationArguments args) {
        gardens.list().forEach(g -> {
            int renewed = lots.catchUp(new GardenId(g.id()));
            if (renewed > 0) {
                LOG.info("{} lots worked out anew", renewed);
            }
        });
    }
}
