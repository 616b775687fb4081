package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The list of the day, and the journal behind it. */
class TodayTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private String vessel(String name, String litres) {
        String id = UUID.randomUUID().toString();
        api.put(home + "/vessels", Map.of("id", id, "name", name, "litres", Bodies.typed(litres, "L"), "version", 0))
                .ok();
        return id;
    }

    private JsonNode lot(String name, String pots, String feed) {
        Map<String, Object> lot = Bodies.lot(garden, feed);
        lot.put("name", name);
        lot.put("pots", Bodies.typed(pots, ""));
        return api.put(home + "/lots", lot).ok();
    }

    @Test
    void workIsMixedInTheSmallestVesselThatTakesItUnlessAnotherIsChosen() {
        vessel("Cup", "0.5");
        String barrel = vessel("Barrel", "200");
        lot("One pot", "1", null);
        JsonNode fits = api.get(home + "/today").ok().path("groups").get(0);
        assertThat(fits.path("vessel").path("name").asString()).isEqualTo("Cup");
        assertThat(fits.path("carrying").path("cans").asInt()).isEqualTo(1);
        JsonNode chosen =
                api.get(home + "/today?vessel=" + barrel).ok().path("groups").get(0);
        assertThat(chosen.path("vessel").path("name").asString()).isEqualTo("Barrel");
        assertThat(api.get(home + "/today?vessel=" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    @Test
    void theSameFeedInTwoWatersIsTwoCans() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        String rain = UUID.randomUUID().toString();
        api.put(
                        home + "/waters",
                        Map.of(
                                "id",
                                rain,
                                "name",
                                "Rain",
                                "ec",
                                Bodies.typed("0.05", "mS/cm"),
                                "ph",
                                Bodies.typed("6", "pH"),
                                "version",
                                0))
                .ok();
        lot("In tap", "1", feed);
        Map<String, Object> other = Bodies.lot(garden, feed);
        other.put("waterId", rain);
        api.put(home + "/lots", other).ok();
        assertThat(api.get(home + "/today")
                        .ok()
                        .path("groups")
                        .valueStream()
                        .map(g -> g.path("waterName").asString()))
                .containsExactlyInAnyOrder("Tap", "Rain");
    }

    /** A barrel is not carried: much water is so many fillings of the largest vessel one person should lift. */
    @Test
    void whatIsMoreThanOnePersonCarriesTakesSeveralTrips() {
        vessel("Barrel", "200");
        lot("Many pots", "100", null);
        JsonNode group = api.get(home + "/today").ok().path("groups").get(0);
        assertThat(group.path("vessel").path("name").asString()).isEqualTo("Can");
        assertThat(group.path("carrying").path("cans").asInt())
                .isEqualTo((int) Math.ceil(group.path("litres").asDouble() / 5))
                .isGreaterThan(1);
    }

    @Test
    void plainWaterComesBeforeFeedAndOneTickMayCoverManyLots() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        lot("Fed", "1", feed);
        lot("Plain", "1", null);
        JsonNode groups = api.get(home + "/today").ok().path("groups");
        assertThat(groups.valueStream().map(g -> g.path("feedName").asString("water")))
                .containsExactly("water", "Test salts");
        List<Map<String, String>> items = groups.valueStream()
                .flatMap(g -> g.path("due").valueStream())
                .map(d -> Map.of(
                        "lotId", d.path("lot").path("id").asString(),
                        "item", d.path("item").asString()))
                .toList();
        JsonNode act = api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", items))
                .ok();
        assertThat(api.get(home + "/today").ok().path("done").size()).isEqualTo(2);
        // one undo for the group
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/today").ok().path("groups").size()).isEqualTo(2);
    }

    @Test
    void aMixedUpItemRecordsNothingForAnyLot() {
        JsonNode first = lot("First", "1", null);
        JsonNode second = lot("Second", "1", null);
        Map<String, Object> tick = Map.of(
                "clientKey",
                Bodies.key(),
                "items",
                List.of(
                        Map.of(
                                "lotId", first.path("id").asString(),
                                "item", first.path("state").path("waterItem").asString()),
                        Map.of("lotId", second.path("id").asString(), "item", "water:999999999")));
        assertThat(api.post(home + "/ticks", tick).faults()).containsExactly("not_due");
        assertThat(api.get(home + "/lots/" + first.path("id").asString() + "/journal")
                        .ok()
                        .size())
                .isZero();
    }

    @Test
    void theJournalIsPagedNewestFirstAndShowsWhatWasTakenBack() {
        JsonNode lot = lot("Paged", "1", null);
        String id = lot.path("id").asString();
        for (int i = 0; i < 3; i++) {
            String item = api.get(home + "/lots/" + id)
                    .ok()
                    .path("state")
                    .path("waterItem")
                    .asString();
            JsonNode act = api.post(home + "/ticks", Bodies.tick(id, item)).ok();
            api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                    .ok();
        }
        String journal = home + "/lots/" + id + "/journal";
        JsonNode page = api.get(journal + "?limit=2").ok();
        assertThat(page.valueStream().map(e -> e.at("/event/kind").asString()))
                .containsExactly("correction", "watering");
        assertThat(page.get(1).path("undone").asBoolean()).isTrue();
        assertThat(page.get(0).at("/event/row").asLong())
                .isEqualTo(page.get(1).path("id").asLong());
        JsonNode rest =
                api.get(journal + "?before=" + page.get(1).path("id").asLong()).ok();
        assertThat(rest.size()).isEqualTo(4);
    }

    @Test
    void placesFollowTheLatitudeOfTheGarden() {
        JsonNode south = api.post(
                        "/api/gardens",
                        Map.of(
                                "name", "South",
                                "timeZone", "Australia/Hobart",
                                "latitude", Bodies.typed("-42.9", "°"),
                                "unitHabit", "metric",
                                "hand", "scale"))
                .ok();
        JsonNode bench = Bodies.place(south, "outdoors");
        assertThat(bench.path("highs").get(0).asDouble())
                .isGreaterThan(bench.path("highs").get(6).asDouble());
        assertThat(bench.path("firstFrost").asString()).isBetween("05-01", "07-10");
        JsonNode tropics = api.post(
                        "/api/gardens",
                        Map.of(
                                "name", "Tropics",
                                "timeZone", "Asia/Singapore",
                                "latitude", Bodies.typed("5", "°"),
                                "unitHabit", "metric",
                                "hand", "scale"))
                .ok();
        assertThat(Bodies.place(tropics, "outdoors").path("firstFrost").isMissingNode())
                .isTrue();
    }
}
