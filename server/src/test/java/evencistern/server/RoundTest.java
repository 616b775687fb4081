package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Work done, left, and what was seen meanwhile. */
class RoundTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private JsonNode lot() {
        return api.put(home + "/lots", Bodies.lot(garden, null)).ok();
    }

    private JsonNode state(String lot) {
        return api.get(home + "/lots/" + lot).ok().path("state");
    }

    private static Map<String, Object> item(JsonNode lot, Object seen) {
        Map<String, Object> item = new HashMap<>(Map.of(
                "lotId",
                lot.path("id").asString(),
                "item",
                lot.path("state").path("waterItem").asString()));
        if (seen != null) {
            item.put("seen", seen);
        }
        return item;
    }

    private Api.Answer skip(JsonNode lot, String reason, int days) {
        return api.post(
                home + "/skips",
                Map.of(
                        "clientKey",
                        Bodies.key(),
                        "items",
                        List.of(item(lot, null)),
                        "reason",
                        reason,
                        "days",
                        days,
                        "note",
                        "looked at it"));
    }

    @Test
    void whatIsLeftIsPutOffOnceAndCanStillBeDoneOrTakenBack() {
        JsonNode lot = lot();
        String id = lot.path("id").asString();
        JsonNode skipped = skip(lot, "still_wet", 2).ok();
        assertThat(state(id).path("dueOn").asString()).isEqualTo("2026-05-16");
        JsonNode today = api.get(home + "/today").ok();
        assertThat(today.path("groups").size()).isZero();
        assertThat(today.path("done").get(0).path("reason").asString()).isEqualTo("still_wet");
        assertThat(today.path("done").get(0).path("note").asString()).isEqualTo("looked at it");
        api.post(home + "/acts/" + skipped.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state(id)).isEqualTo(lot.path("state"));
        skip(lot, "weather", 1).ok();
        api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", List.of(item(lot, null))))
                .ok();
        assertThat(state(id).path("lastWateredOn").asString()).isEqualTo(App.TODAY);
        assertThat(state(id).path("dueOn").asString())
                .as("a skip of work since done counts no more")
                .isEqualTo(state(id).path("nextWaterOn").asString());
    }

    @Test
    void aSkipForTooLongOrWithoutAReasonIsRefused() {
        JsonNode lot = lot();
        assertThat(skip(lot, "still_wet", 91).faults()).containsExactly("too_large");
        assertThat(skip(lot, "lazy", 1).status()).isEqualTo(400);
    }

    /** Waterings by weight at half the planned loss, again and again: the pot is learned to be a thrifty one. */
    @Test
    void whatIsSeenIsLearnedFromAndAnUndoUnlearnsIt() {
        String id = lot().path("id").asString();
        Map<String, Object> gift = new HashMap<>(Map.of("lotIds", List.of(id), "feed", false));
        for (int day = 2; day <= 14; day += 4) {
            gift.put("clientKey", Bodies.key());
            gift.put("on", String.format("2026-05-%02d", day));
            gift.put(
                    "seen",
                    Map.of(
                            "dryness",
                            "MOIST",
                            "after",
                            Bodies.typed("0.9", "kg"),
                            "before",
                            Bodies.typed("0.86", "kg")));
            api.post(home + "/given", gift).ok();
        }
        JsonNode learned = state(id);
        assertThat(learned.path("learnedFrom").asInt()).isEqualTo(3);
        assertThat(learned.path("learned").asDouble()).isLessThan(0.9);
        assertThat(learned.path("learnedLow").asDouble())
                .isLessThan(learned.path("learned").asDouble());
        JsonNode entry = api.get(home + "/lots/" + id + "/journal").ok().get(0);
        assertThat(entry.path("beforeKg").asDouble()).isCloseTo(0.86, within(1e-9));
        assertThat(entry.path("dryness").asString()).isEqualTo("moist");
        api.post(home + "/acts/" + entry.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state(id).path("learnedFrom").asInt()).isEqualTo(2);
    }

    @Test
    void anImpossibleWeightIsRefusedAndNothingIsRecorded() {
        JsonNode lot = lot();
        Map<String, Object> seen = Map.of(
                "before", Bodies.typed("2", "kg"), "after", Bodies.typed("1", "kg"), "runoff", Bodies.typed("-1", "L"));
        assertThat(api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", List.of(item(lot, seen))))
                        .faults())
                .containsExactlyInAnyOrder("too_small", "too_small");
        assertThat(state(lot.path("id").asString())).isEqualTo(lot.path("state"));
    }
}
