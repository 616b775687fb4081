package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.server.lot.LotStates;
import evencistern.server.upkeep.Upkeep;
import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Care beside water and feed, on the round and off it. */
class ChoreTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private String lot;

    /** A Cape primrose at a north window since the first of May: by the fourteenth it wants turning. */
    @BeforeEach
    void aLotAtTheWindow() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        lot = api.put(home + "/lots", Bodies.lot(garden, null)).ok().path("id").asString();
    }

    private List<String> chores() {
        return api.get(home + "/today")
                .ok()
                .path("chores")
                .valueStream()
                .map(c -> c.path("chore").asString())
                .toList();
    }

    private JsonNode group(String chore) {
        return api.get(home + "/today")
                .ok()
                .path("chores")
                .valueStream()
                .filter(c -> c.path("chore").asString().equals(chore))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode latest() {
        return api.get(home + "/lots/" + lot + "/journal").ok().get(0);
    }

    private JsonNode undo(JsonNode act) {
        return api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
    }

    @Test
    void careFallsDueIsTickedOnceAndTakenBack() {
        JsonNode turn = group("turn").path("due").get(0);
        assertThat(turn.path("since").asString()).isEqualTo("2026-05-08");
        assertThat(turn.path("everyDays").asInt()).isEqualTo(7);
        Map<String, Object> tick = Bodies.tick(lot, turn.path("item").asString());
        JsonNode act = api.post(home + "/ticks", tick).ok();
        assertThat(api.post(home + "/ticks", tick).ok()).as("sent twice").isEqualTo(act);
        assertThat(chores()).doesNotContain("turn");
        assertThat(latest().at("/event/chore").asString()).isEqualTo("turn");
        assertThat(api.get(home + "/today")
                        .ok()
                        .path("done")
                        .get(0)
                        .at("/event/kind")
                        .asString())
                .isEqualTo("tending");
        assertThat(api.post(home + "/ticks", Bodies.tick(lot, turn.path("item").asString()))
                        .faults())
                .containsExactly("already_done");
        undo(act);
        assertThat(chores()).contains("turn");
    }

    @Test
    void careThatIsLeftComesBackOnItsDay() {
        String item = group("turn").path("due").get(0).path("item").asString();
        JsonNode left = api.post(
                        home + "/skips",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "items",
                                List.of(Map.of("lotId", lot, "item", item)),
                                "reason",
                                "no_time",
                                "days",
                                3))
                .ok();
        assertThat(chores()).doesNotContain("turn");
        undo(left);
        assertThat(chores()).contains("turn");
    }

    private Api.Answer tend(String chore, String on, Object tended, String note) {
        Map<String, Object> body =
                new HashMap<>(Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "chore", chore));
        body.put("on", on);
        body.put("tended", tended);
        body.put("note", note);
        return api.post(home + "/deeds/tend", body);
    }

    @Test
    void whatWasFoundAndUsedIsWrittenDown() {
        tend("LOOK_OVER", "2026-05-10", Map.of("found", "few", "product", "Gorse Soap"), "on two leaves")
                .ok();
        JsonNode entry = latest();
        assertThat(entry.at("/event/found").asString()).isEqualTo("few");
        assertThat(entry.at("/event/product").asString()).isEqualTo("Gorse Soap");
        assertThat(entry.at("/event/seen/note").asString()).isEqualTo("on two leaves");
        assertThat(api.get(home + "/journal.csv").raw().body()).contains("look_over,few,Gorse Soap,on two leaves");
    }

    @Test
    void aNameTooLongADayToComeAndUnknownCareAreRefused() {
        assertThat(tend("LOOK_OVER", null, Map.of("product", "x".repeat(81)), null)
                        .faults())
                .containsExactly("too_long");
        assertThat(tend("LOOK_OVER", "2026-05-20", null, null).faults()).containsExactly("time_in_future");
        assertThat(tend("SING_TO", null, null, null).status()).isEqualTo(400);
        assertThat(api.get(home + "/lots/" + lot + "/journal").ok().size()).isZero();
    }

    @Test
    void aGardenMaySwitchCareOff() {
        JsonNode kind = api.get(home + "/species")
                .ok()
                .path("kinds")
                .valueStream()
                .filter(k -> k.path("key").asString().equals("streptocarpus"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> changed = new HashMap<>(Map.of(
                "id",
                kind.path("id").asString(UUID.randomUUID().toString()),
                "shipped",
                "streptocarpus",
                "name",
                kind.path("name").asString(),
                "scientific",
                kind.path("scientific").asString(),
                "group",
                kind.path("group").asString(),
                "traits",
                Map.of("turn_days", "0"),
                "version",
                kind.path("version").asInt()));
        api.put(home + "/species", changed).ok();
        assertThat(chores()).doesNotContain("turn");
    }

    @Test
    void itStandsInTheCalendarAndOnPaperWithWhatIsToBeMinded() {
        assertThat(api.get(home + "/calendar.ics").raw().body()).contains("Turn by a quarter: Cape primrose");
        assertThat(api.get(home + "/round.csv").raw().body()).contains("2026-05-14,turn,");
        tend("LOOK_OVER", "2026-05-01", null, null).ok();
        api.put(home + "/lots", withTraits(Map.of("look_days", "5"))).ok();
        assertThat(group("look_over").path("cautions").toString()).contains("pesticide_label", "not_in_flower");
    }

    private Map<String, Object> withTraits(Map<String, String> traits) {
        var body = Bodies.lot(garden, null);
        body.put("id", lot);
        body.put("traits", traits);
        body.put("version", 1);
        return body;
    }

    /** Winter's work of last year, never done: in May it is not asked for, nor called due, nor in the way of what is. */
    @Test
    void whatItsSeasonPassedOverWaitsForTheNext() {
        Map<String, Object> tub = Bodies.lot(garden, null);
        tub.put("id", UUID.randomUUID().toString());
        tub.put("name", "Fuchsia");
        tub.put("species", "fuchsia");
        tub.put("startedOn", "2025-10-01");
        tub.put("placeId", Bodies.place(garden, "outdoors").path("id").asString());
        api.put(home + "/lots", tub).ok();
        assertThat(wrap()).as("as the plan put it down").isLessThan("2026-01-01");
        assertThat(chores()).contains("turn", "look_over").doesNotContain("wrap");
        assertThat(wrap()).as("looking writes nothing").isLessThan("2026-01-01");
        App.bean(Upkeep.class).goOn();
        assertThat(wrap()).isBetween("2026-09-15", "2026-12-01");
        assertThat(api.get(home + "/calendar.ics").raw().body()).contains("Wrap the pot for winter");
        assertThat(chores()).contains("turn");
    }

    private String wrap() {
        return App.bean(JdbcClient.class)
                .sql("select due_on::text from lot_chore where garden_id = ? and chore = 'wrap'")
                .param(UUID.fromString(garden.path("id").asString()))
                .query(String.class)
                .single();
    }

    /** As after an upgrade: what older rules worked out is worked out anew at the next start, once. */
    @Test
    void afterAnUpgradeLotsAreWorkedOutAnew() {
        JdbcClient db = App.bean(JdbcClient.class);
        UUID id = UUID.fromString(garden.path("id").asString());
        db.sql("update lot_state set rules = 0 where garden_id = ?").param(id).update();
        db.sql("delete from lot_chore where garden_id = ?").param(id).update();
        assertThat(chores()).isEmpty();
        LotStates standings = App.bean(LotStates.class);
        standings.markOld();
        while (standings.slice(new GardenId(id), 10)) {
            assertThat(standings.progress(new GardenId(id))).isPresent();
        }
        assertThat(chores()).contains("turn");
        assertThat(standings.progress(new GardenId(id))).isEmpty();
    }
}
