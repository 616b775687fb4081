package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.server.lot.LotStates;
import evencistern.server.lot.Lots;
import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * Many people at once: no watering is forgotten by the plan, none is done twice, and nobody is turned away. {@code bench/faults}
 * goes many more rounds.
 */
class RaceTest {
    private static final int ROUNDS = Integer.getInteger("race.rounds", 20);
    private static final int LOTS = 6;

    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private final List<String> lots = new ArrayList<>();

    @BeforeEach
    void aGardenOfLots() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        for (int i = 0; i < LOTS; i++) {
            Map<String, Object> lot = Bodies.lot(garden, feed);
            lot.put("name", "Lot " + i);
            lots.add(api.put(home + "/lots", lot).ok().path("id").asString());
        }
    }

    /** The place that the lots stand in, changed back and forth. */
    private Callable<Integer> placeEdit(int n) {
        Api own = App.api();
        return () -> {
            JsonNode place = Bodies.place(own.get(home).ok(), "indoors");
            List<Object> lows = new ArrayList<>();
            List<Object> highs = new ArrayList<>();
            place.path("lows").forEach(t -> lows.add(Bodies.typed(t.asString(), "°C")));
            place.path("highs").forEach(t -> highs.add(Bodies.typed(t.asString(), "°C")));
            Map<String, Object> input = new HashMap<>(Map.of(
                    "id", place.path("id").asString(),
                    "name", place.path("name").asString(),
                    "kind", "indoors",
                    "lows", lows,
                    "highs", highs,
                    "humidity", Bodies.typed(Integer.toString(40 + n % 30), "%"),
                    "lightShare", Bodies.typed("25", "%"),
                    "sunshine", Bodies.typed("40", "%"),
                    "version", place.path("version").asInt()));
            return own.put(home + "/places", input).status();
        };
    }

    private Callable<Integer> watering(String lot) {
        Api own = App.api();
        return () -> own.post(home + "/given", Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "feed", false))
                .status();
    }

    private Callable<Integer> tick(String lot) {
        Api own = App.api();
        return () -> {
            String item =
                    own.get(home + "/lots/" + lot).ok().at("/state/waterItem").asString();
            return own.post(home + "/ticks", Bodies.tick(lot, item)).status();
        };
    }

    private Callable<Integer> wateredAndUndone(String lot) {
        Api own = App.api();
        return () -> {
            String act = own.post(
                            home + "/given", Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "feed", true))
                    .ok()
                    .path("actId")
                    .asString();
            return own.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                    .status();
        };
    }

    private Callable<Integer> look() {
        Api own = App.api();
        return () -> Math.max(
                own.get(home + "/today").status(), own.get(home + "/round.csv").status());
    }

    private Map<String, JsonNode> states() {
        Map<String, JsonNode> states = new HashMap<>();
        lots.forEach(lot -> states.put(lot, api.get(home + "/lots/" + lot).ok().path("state")));
        return states;
    }

    @Test
    void noStateDiffersFromOneWorkedOutFromTheJournal() throws Exception {
        try (Threads threads = new Threads(8)) {
            for (int round = 0; round < ROUNDS; round++) {
                List<Callable<Integer>> work = new ArrayList<>();
                for (int i = 0; i < LOTS; i++) {
                    String lot = lots.get(i);
                    work.add(watering(lot));
                    work.add(tick(lot));
                    work.add(i % 2 == 0 ? wateredAndUndone(lot) : look());
                    work.add(placeEdit(round * LOTS + i));
                }
                for (Future<Integer> done : threads.all(work)) {
                    assertThat(done.get()).isIn(200, 409);
                }
                Map<String, JsonNode> kept = states();
                App.bean(Lots.class)
                        .rebuildAll(
                                new GardenId(UUID.fromString(garden.path("id").asString())),
                                lots.stream().map(UUID::fromString).toList());
                assertThat(states()).as("round %d", round).isEqualTo(kept);
            }
        }
    }

    /** An item is taken only while the journal has no later one, whatever the kept state says. */
    @Test
    void anOlderItemIsNotTakenEvenWhereTheKeptStateWouldHaveIt() {
        String lot = lots.get(0);
        String item = api.get(home + "/lots/" + lot).ok().at("/state/waterItem").asString();
        api.post(home + "/ticks", Bodies.tick(lot, item)).ok();
        // as if a plan worked out earlier had been kept over this one
        App.bean(JdbcClient.class)
                .sql("update lot_state set water_item = ?, due_on = date '2026-05-01' where lot_id = ?")
                .params(item, UUID.fromString(lot))
                .update();
        Api.Answer again = api.post(home + "/ticks", Bodies.tick(lot, item));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.faults()).containsExactly("already_done");
    }

    /** Watering and feeding the same pots in one go is one watering. */
    @Test
    void oneListDoesNotWaterALotTwice() {
        String lot = lots.get(0);
        JsonNode state = api.get(home + "/lots/" + lot).ok().path("state");
        Map<String, Object> both = Map.of(
                "clientKey",
                Bodies.key(),
                "items",
                List.of(
                        Map.of("lotId", lot, "item", state.path("waterItem").asString()),
                        Map.of("lotId", lot, "item", state.path("feedItem").asString())));
        assertThat(api.post(home + "/ticks", both).faults()).containsExactly("not_due");
        assertThat(api.get(home + "/lots/" + lot + "/journal").ok()).isEmpty();
    }

    /** What was late yesterday is worked out once for today, by whoever comes first. */
    @Test
    void whatIsLateIsWorkedOutForTheDay() {
        GardenId id = new GardenId(UUID.fromString(garden.path("id").asString()));
        JdbcClient db = App.bean(JdbcClient.class);
        db.sql("update lot_state set due_on = date '2026-05-10', computed_on = date '2026-05-12' where garden_id = ?")
                .param(id.value())
                .update();
        JsonNode seen = states().get(lots.get(0));
        LotStates standings = App.bean(LotStates.class);
        standings.markLate(id);
        boolean more;
        do {
            more = standings.slice(id, 4);
        } while (more);
        assertThat(db.sql("select count(*) from lot_state where garden_id = ? and computed_on = date '2026-05-14'")
                        .param(id.value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(LOTS);
        assertThat(states().get(lots.get(0)))
                .as("what was shown before is what is kept now")
                .isEqualTo(seen);
    }

    /** Some threads that end with the test. */
    private record Threads(ExecutorService pool) implements AutoCloseable {
        Threads(int n) {
            this(Executors.newFixedThreadPool(n));
        }

        List<Future<Integer>> all(List<Callable<Integer>> work) throws InterruptedException {
            return pool.invokeAll(work);
        }

        @Override
        public void close() {
            pool.shutdownNow();
        }
    }
}
