package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

    private String move(List<String> lots, int to) {
        return api.post(
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
                .ok()
                .path("actId")
                .asString();
    }

    private void undo(String act) {
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
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

    /** Rows are read and written together, and taken back together. */
    @Test
    void aDeedTakesAsManyStatementsOnTwentyLotsAsOnTwo() {
        List<String> lots = plant(22);
        move(lots, 1);
        List<String> acts = new ArrayList<>();
        int two = Statements.of(() -> acts.add(move(lots.subList(0, 2), 0)));
        int twenty = Statements.of(() -> acts.add(move(lots.subList(2, 22), 0)));
        assertThat(twenty).isBetween(8, two + 1);
        int undoOfTwo = Statements.of(() -> undo(acts.get(0)));
        int undoOfTwenty = Statements.of(() -> undo(acts.get(1)));
        assertThat(undoOfTwenty).isBetween(8, undoOfTwo + 1);
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

    /** A database that stops between the commit and the answer must not make what was saved look as if it was not. */
    @Test
    void whatASaveAnswersIsReadBeforeItIsCommitted() {
        Map<String, Object> lot = Bodies.lot(garden, null);
        assertThat(Statements.afterCommitOf(() -> api.put(home + "/lots", lot).ok()))
                .as("a lot")
                .isZero();
        Map<String, Object> can = Map.of(
                "id", UUID.randomUUID().toString(), "name", "Jug", "litres", Bodies.typed("2", "L"), "version", 0);
        assertThat(Statements.afterCommitOf(
                        () -> api.put(home + "/vessels", can).ok()))
                .as("a can, with its garden")
                .isZero();
        Map<String, Object> kind = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                "Sill fern",
                "scientific",
                "Filix fenestrae",
                "group",
                "fern",
                "traits",
                Map.of(),
                "version",
                0));
        assertThat(Statements.afterCommitOf(
                        () -> api.put(home + "/species", kind).ok()))
                .as("a kind of plant")
                .isZero();
    }
}
