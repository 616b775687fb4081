package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
        assertThat(today.path("done").get(0).at("/event/reason").asString()).isEqualTo("still_wet");
        assertThat(today.path("done").get(0).at("/event/note").asString()).isEqualTo("looked at it");
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
        assertThat(entry.at("/event/seen/beforeKg").asDouble()).isCloseTo(0.86, within(1e-9));
        assertThat(entry.at("/event/seen/dryness").asString()).isEqualTo("moist");
        api.post(home + "/acts/" + entry.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state(id).path("learnedFrom").asInt()).isEqualTo(2);
        Map<String, Object> topped = Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(id),
                "mix",
                "peat_perlite",
                "on",
                App.TODAY,
                "fresh",
                Bodies.typed("10", "%"));
        api.post(home + "/deeds/pot-on", topped).ok();
        assertThat(state(id).path("learnedFrom").asInt())
                .as("what was learned was of the mix before, though nothing of the lot itself has changed")
                .isZero();
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

    // --- trouble ---

    private JsonNode gardenIn(String zone) {
        return api.post(
                        "/api/gardens",
                        Map.of(
                                "name", "Far garden",
                                "timeZone", zone,
                                "latitude", Bodies.typed("30", "°"),
                                "unitHabit", "metric",
                                "hand", "scale"))
                .ok();
    }

    /** In Cairo the clock jumped over midnight on 24 April 2026, and the last hour of 30 October 2025 came twice. */
    @ParameterizedTest
    @CsvSource({
        "2026-04-23T21:59:00Z, 2026-04-23",
        "2026-04-23T22:01:00Z, 2026-04-24",
        "2025-10-30T20:30:00Z, 2025-10-30",
        "2025-10-30T21:30:00Z, 2025-10-30",
        "2025-10-30T22:01:00Z, 2025-10-31"
    })
    void aDayWhoseMidnightIsSkippedOrComesTwiceIsOneDay(String at, LocalDate day) {
        garden = gardenIn("Africa/Cairo");
        home = "/api/gardens/" + garden.path("id").asString();
        Map<String, Object> body = Bodies.lot(garden, null);
        body.put("startedOn", "2025-10-01");
        JsonNode lot = api.put(home + "/lots", body).ok();
        Map<String, Object> tick = new HashMap<>(Map.of("clientKey", Bodies.key(), "items", List.of(item(lot, null))));
        tick.put("occurredAt", at);
        api.post(home + "/ticks", tick).ok();
        JsonNode state = state(lot.path("id").asString());
        assertThat(LocalDate.parse(state.path("lastWateredOn").asString())).isEqualTo(day);
        assertThat(LocalDate.parse(state.path("nextWaterOn").asString())).isAfter(day);
        assertThat(api.get(home + "/today").status()).isEqualTo(200);
    }

    /** A mix that is put away goes on for the lots that stand in it; nothing of them is lost. */
    @Test
    void aLotWhoseMixWasPutAwayKeepsItsPlan() {
        JsonNode made = api.put(home + "/mixes/recipes", Bodies.recipe("Passing fancy", "peat_medium", "1"))
                .ok();
        Map<String, Object> body = Bodies.lot(garden, null);
        body.put("mix", made.path("id").asString());
        JsonNode lot = api.put(home + "/lots", body).ok();
        api.post(
                        home + "/retired",
                        Map.of("kind", "recipe", "id", made.path("id").asString(), "version", 1))
                .ok();
        assertThat(state(lot.path("id").asString())).isEqualTo(lot.path("state"));
        assertThat(api.get(home + "/today").ok().path("groups").size()).isEqualTo(1);
        api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", List.of(item(lot, null))))
                .ok();
        assertThat(state(lot.path("id").asString()).path("lastWateredOn").asString())
                .isEqualTo(App.TODAY);
    }

    // --- the walk ---

    @Test
    void theRoundGoesByThePlacesAsTheyAreWalkedByAndThatCanBeTakenBack() {
        Map<String, Object> inside = Bodies.lot(garden, null);
        inside.put("name", "Inside");
        api.put(home + "/lots", inside).ok();
        Map<String, Object> outside = Bodies.lot(garden, null);
        outside.put("id", UUID.randomUUID().toString());
        outside.put("name", "Outside");
        outside.put("placeId", Bodies.place(garden, "outdoors").path("id").asString());
        api.put(home + "/lots", outside).ok();
        List<String> places = garden.path("places")
                .valueStream()
                .map(p -> p.path("id").asString())
                .toList();
        List<String> before = walked();
        assertThat(before).hasSize(2);
        Api.Answer changed =
                api.put(home + "/walk", Map.of("places", List.of(places.get(places.size() - 1), places.get(0))));
        assertThat(changed.status()).isEqualTo(200);
        assertThat(walked()).isEqualTo(List.of(before.get(1), before.get(0)));
        api.post(
                        home + "/acts/"
                                + changed.raw().headers().firstValue("Act-Id").orElseThrow() + "/undo",
                        Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(walked()).isEqualTo(before);
        assertThat(api.put(
                                home + "/walk",
                                Map.of("places", List.of(UUID.randomUUID().toString())))
                        .status())
                .isEqualTo(404);
    }

    private List<String> walked() {
        return api.get(home + "/today")
                .ok()
                .path("groups")
                .valueStream()
                .flatMap(g -> g.path("due").valueStream())
                .map(d -> d.path("lot").path("name").asString())
                .toList();
    }

    // --- flush by reading ---

    @Test
    void aReadingOfTooMuchSaltAsksForAFlushUntilItIsDone() {
        JsonNode lot = lot();
        String id = lot.path("id").asString();
        assertThat(state(id).path("saltyOn").isMissingNode()).isTrue();
        JsonNode read = api.post(
                        home + "/lots/" + id + "/readings",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "meterId",
                                garden.path("meters").get(0).path("id").asString(),
                                "ec",
                                Bodies.typed("4", "mS/cm")))
                .ok();
        assertThat(state(id).path("saltyOn").asString()).isEqualTo(App.TODAY);
        assertThat(state(id).path("nextFlushOn").asString()).isEqualTo(App.TODAY);
        assertThat(api.get(home + "/today")
                        .ok()
                        .path("groups")
                        .get(0)
                        .path("kind")
                        .asString())
                .isEqualTo("flush");
        api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", List.of(item(lot, null))))
                .ok();
        assertThat(state(id).path("lastFlushedOn").asString()).isEqualTo(App.TODAY);
        assertThat(state(id).path("nextFlushOn").asString())
                .as("a flush on the day of the reading answers it")
                .isGreaterThan(App.TODAY);
        api.post(home + "/acts/" + read.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state(id).path("saltyOn").isMissingNode()).isTrue();
    }
}
