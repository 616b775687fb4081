package evencistern.server.exchange.ics;

import evencistern.server.GardenId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the addresses at which calendar programs fetch the work to come. */
@Repository
class SubscriptionStore {
    private final JdbcClient db;

    SubscriptionStore(JdbcClient db) {
        this.db = db;
    }

    Optional<UUID> findAddress(GardenId garden) {
        return db.sql("select address from subscription where garden_id = ?")
                .param(garden.value())
                .query(UUID.class)
                .optional();
    }

    /** The one before, if there was one, leads nowhere from here on. */
    void saveAddress(GardenId garden, UUID address) {
        db.sql("""
                        insert into subscription (garden_id, address) values (?, ?)
                        on conflict (garden_id) do update set address = excluded.address
                        """).params(garden.value(), address).update();
    }
}
