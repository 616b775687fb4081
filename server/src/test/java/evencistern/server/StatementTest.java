package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What an act costs the database: a fixed number of statements, whatever it is done to. */
class StatementTest {
    private final Api api = App.api();
    private String home;
    private JsonNode garden;

    @BeforeEach
    void aGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private List<String> plant(int lots) {
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < lots; i++) {
            Map<String, Object> lot = Bodies.lot(garden, null);
            lot.put("name", "Lot " + i);
            api.put(home + "/lots", lot).ok();
            ids.add(lot.get("id").toString());
        }
        return ids;
    }

    private void move(List<String> lots, int to) {
        api.post(
                        home + "/deeds/move",
                        new HashMap<>(Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                lots,
                                "placeId",
                                garden.path("places").get(to).path("id").asString(),
                                "on",
                                App.TODAY)))
                .ok();
    }

    /** Of the garden, what was told before, the lot, its journal, the act, its rows, and where the lot stands now. */
    @Test
    void aTickTakesAtMostTwelve() {
        plant(2);
        api.get(home + "/today").ok();
        JsonNode due = api.get(home + "/today").ok().path("groups").get(0).path("due");
        Runnable tick = () -> api.post(
                        home + "/ticks",
                        Bodies.tick(
                                due.get(0).path("lot").path("id").asString(),
                                due.get(0).path("item").asString()))
                .ok();
        assertThat(Statements.of(tick)).isBetween(5, 12);
    }

    /** The rest a lot needs of its own: its row is changed and its journal written. */
    @Test
    void whereManyLotsStandIsWorkedOutByAsManyStatementsAsForOne() {
        List<String> lots = plant(20);
        move(lots, 1);
        int one = Statements.of(() -> move(lots.subList(0, 1), 0));
        int more = Statements.of(() -> move(lots.subList(1, 20), 0));
        assertThat((more - one) / 18.0).isLessThan(one / 2.0);
    }

    @Test
    void theBenchAndTheRoundAreReadByAsManyStatementsForTwentyLotsAsForTwo() {
        plant(2);
        int bench = Statements.of(() -> api.get(home + "/lots?limit=60").ok());
        int round = Statements.of(() -> api.get(home + "/today").ok());
        plant(18);
        assertThat(Statements.of(() -> api.get(home + "/lots?limit=60").ok())).isBetween(1, bench + 1);
        assertThat(Statements.of(() -> api.get(home + "/today").ok())).isBetween(1, round + 1);
    }
}
