package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Edits are kept and can be put back, by two people too; the journal is amended and never rewritten. */
class HistoryTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private static String act(Api.Answer edited) {
        edited.ok();
        return edited.raw().headers().firstValue("Act-Id").orElseThrow();
    }

    private Api.Answer undo(String act) {
        return api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()));
    }

    private JsonNode lot(String id) {
        return api.get(home + "/lots/" + id).ok();
    }

    private Map<String, Object> renamed(Map<String, Object> lot, String name, int version) {
        Map<String, Object> edit = new HashMap<>(lot);
        edit.put("name", name);
        edit.put("version", version);
        return edit;
    }

    @Test
    void anEditIsPutBackAndTheUndoIsAnActOfItsOwn() {
        Map<String, Object> input = Bodies.lot(garden, null);
        JsonNode lot = api.put(home + "/lots", input).ok();
        String id = lot.path("id").asString();
        Map<String, Object> edit = renamed(input, "Renamed", 1);
        edit.put("pot", Bodies.pot("20", "15", "18"));
        String act = act(api.put(home + "/lots", edit));
        assertThat(lot(id).path("state").path("waterGapDays").asInt())
                .isGreaterThan(lot.path("state").path("waterGapDays").asInt());
        undo(act).ok();
        assertThat(lot(id).path("name").asString()).isEqualTo("Cape primrose");
        assertThat(lot(id).path("state")).isEqualTo(lot.path("state"));
        assertThat(lot(id).path("version").asInt()).isEqualTo(3);
        assertThat(api.get(home + "/acts")
                        .ok()
                        .valueStream()
                        .map(a -> a.path("kind").asString() + " "
                                + a.path("things").asString("")))
                .containsExactly("undo lot:Cape primrose", "edit lot:Renamed", "edit lot:Cape primrose");
        assertThat(undo(act).faults()).containsExactly("already_undone");
    }

    @Test
    void anEditThatAnotherCameAfterIsNotPutBackOverIt() {
        Map<String, Object> input = Bodies.lot(garden, null);
        api.put(home + "/lots", input).ok();
        String first = act(api.put(home + "/lots", renamed(input, "By one", 1)));
        String second = act(api.put(home + "/lots", renamed(input, "By two", 2)));
        Api.Answer refused = undo(first);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.faults()).containsExactly("stale");
        assertThat(refused.body().path("present").path("name").asString()).isEqualTo("By two");
        undo(second).ok();
        assertThat(lot(input.get("id").toString()).path("name").asString()).isEqualTo("By one");
    }

    @Test
    void tenPeopleEditingFromTheSameVersionGetOneEditAndNineRefusals() {
        Map<String, Object> input = Bodies.lot(garden, null);
        api.put(home + "/lots", input).ok();
        List<CompletableFuture<Integer>> answers = Stream.iterate(0, i -> i + 1)
                .limit(10)
                .map(i -> CompletableFuture.supplyAsync(() -> App.api()
                        .put(home + "/lots", renamed(input, "By " + i, 1))
                        .status()))
                .toList();
        assertThat(answers.stream().map(CompletableFuture::join))
                .containsOnlyOnce(200)
                .containsOnly(200, 409);
        assertThat(lot(input.get("id").toString()).path("version").asInt()).isEqualTo(2);
    }

    @Test
    void settingsAreEditedAndPutBackAndBadOnesRefused() {
        Map<String, Object> settings = new HashMap<>(Map.of(
                "name", "Renamed bed",
                "timeZone", "Europe/London",
                "latitude", Bodies.typed("40.7", "°"),
                "language", "en-US",
                "unitHabit", "us",
                "hand", "spoons",
                "spoons", List.of("TEASPOON", "QUARTER"),
                "version", 1));
        String act = act(api.put(home + "/settings", settings));
        assertThat(api.get(home).ok().path("spoons").size()).isEqualTo(2);
        assertThat(api.get(home).ok().path("latitudeTyped").path("text").asString())
                .isEqualTo("40.7");
        undo(act).ok();
        assertThat(api.get(home).ok().path("unitHabit").asString()).isEqualTo("metric");
        assertThat(api.get(home).ok().path("language").asString()).isEqualTo("en-GB");
        assertThat(api.get(home).ok().path("spoons").size()).isEqualTo(5);
        settings.put("timeZone", "Moon/Base");
        settings.put("latitude", Bodies.typed("91", "°"));
        settings.put("spoons", List.of());
        assertThat(api.put(home + "/settings", settings).faults())
                .containsExactlyInAnyOrder("choice_unknown", "too_large", "missing");
    }

    @Test
    void aThingInUseOrTheLastOfItsKindIsNotPutAway() {
        api.put(home + "/lots", Bodies.lot(garden, null)).ok();
        JsonNode place = Bodies.place(garden, "indoors");
        Api.Answer used = retire("place", place);
        assertThat(used.status()).isEqualTo(409);
        assertThat(used.faults()).containsExactly("in_use");
        assertThat(used.body().path("detail").asString()).contains("Cape primrose");
        String act = act(retire("place", Bodies.place(garden, "outdoors")));
        assertThat(Bodies.place(api.get(home).ok(), "outdoors").path("retired").asBoolean())
                .isTrue();
        undo(act).ok();
        assertThat(Bodies.place(api.get(home).ok(), "outdoors").path("retired").asBoolean())
                .isFalse();
        assertThat(retire("vessel", garden.path("vessels").get(0)).faults()).containsExactly("last_one");
        assertThat(retire("garden", garden).faults()).containsExactly("choice_unknown");
    }

    private Api.Answer retire(String kind, JsonNode thing) {
        return api.post(
                home + "/retired",
                Map.of(
                        "kind",
                        kind,
                        "id",
                        thing.path("id").asString(),
                        "version",
                        thing.path("version").asInt(1)));
    }

    @Test
    void aPlaceIsChangedByMonthAndTheDatesOfItsLotsFollow() {
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        int gap = lot(lot).path("state").path("waterGapDays").asInt();
        JsonNode place = Bodies.place(garden, "indoors");
        Map<String, Object> hot = new HashMap<>(Map.of(
                "id", place.path("id").asString(),
                "name", "Hot room",
                "kind", "indoors",
                "lows", java.util.Collections.nCopies(12, Bodies.typed("77 °F", "°C")),
                "highs", java.util.Collections.nCopies(12, Bodies.typed("35", "°C")),
                "humidity", Bodies.typed("25", "%"),
                "lightShare", Bodies.typed("90", "%"),
                "version", 1));
        JsonNode changed = Bodies.place(api.put(home + "/places", hot).ok(), "indoors");
        assertThat(changed.path("lows").get(0).asDouble()).isCloseTo(25, within(1e-9));
        assertThat(changed.path("typed").path("low.1").path("text").asString()).isEqualTo("77 °F");
        assertThat(lot(lot).path("state").path("waterGapDays").asInt()).isLessThan(gap);
        hot.put("version", 2);
        hot.put("firstFrost", "10-45");
        assertThat(api.put(home + "/places", hot).faults()).contains("choice_unknown");
        hot.put("firstFrost", "10-25");
        assertThat(api.put(home + "/places", hot).faults()).containsExactly("missing");
    }

    @Test
    void whatWasGivenOutsideTheListIsLoggedLateAmendedAndTakenBackStepByStep() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        String lot = api.put(home + "/lots", Bodies.lot(garden, feed))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> gift = new HashMap<>(Map.of(
                "clientKey", Bodies.key(),
                "lotIds", List.of(lot),
                "feed", true,
                "on", "2026-05-10",
                "litresEach", Bodies.typed("200 mL", "L")));
        api.post(home + "/given", gift).ok();
        JsonNode row = journal(lot).get(0);
        assertThat(row.at("/event/litresEach").asDouble()).isCloseTo(0.2, within(1e-9));
        double product = row.at("/event/productEach").asDouble();
        assertThat(lot(lot).path("state").path("lastFedOn").asString()).isEqualTo("2026-05-10");
        JsonNode before = lot(lot).path("state");
        Api.Answer amended = api.put(
                home + "/journal/" + row.path("id").asLong(),
                Map.of("clientKey", Bodies.key(), "on", "2026-05-12", "litresEach", Bodies.typed("300", "mL")));
        String act = amended.ok().path("actId").asString();
        JsonNode now = journal(lot).get(0);
        assertThat(now.at("/event/litresEach").asDouble()).isCloseTo(0.3, within(1e-9));
        assertThat(now.at("/event/productEach").asDouble()).isCloseTo(product * 1.5, within(1e-9));
        assertThat(lot(lot).path("state").path("lastFedOn").asString()).isEqualTo("2026-05-12");
        assertThat(journal(lot).size()).isEqualTo(3);
        undo(act).ok();
        assertThat(lot(lot).path("state").path("lastFedOn").asString()).isEqualTo("2026-05-10");
        assertThat(lot(lot).path("state").path("nextFeedOn")).isEqualTo(before.path("nextFeedOn"));
        JsonNode stands = journal(lot)
                .valueStream()
                .filter(e -> e.at("/event/kind").asString().equals("feeding")
                        && !e.path("undone").asBoolean())
                .findFirst()
                .orElseThrow();
        assertThat(stands.at("/event/litresEach").asDouble()).isCloseTo(0.2, within(1e-9));
        gift.put("clientKey", Bodies.key());
        gift.put("on", "2026-05-15");
        assertThat(api.post(home + "/given", gift).faults()).containsExactly("time_in_future");
        gift.put("on", App.TODAY);
        gift.put("litresEach", Bodies.typed("-1", "L"));
        assertThat(api.post(home + "/given", gift).faults()).containsExactly("too_small");
    }

    @Test
    void aMistypedReadingIsAmendedOnItsDay() {
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> reading = new HashMap<>(Map.of(
                "clientKey", Bodies.key(),
                "meterId", garden.path("meters").get(0).path("id").asString(),
                "ph", Bodies.typed("5.8", "pH"),
                "occurredAt", "2026-05-12T08:00:00Z"));
        api.post(home + "/lots/" + lot + "/readings", reading).ok();
        long row = journal(lot).get(0).path("id").asLong();
        reading.put("clientKey", Bodies.key());
        reading.put("ph", Bodies.typed("6.8", "pH"));
        api.put(home + "/readings/" + row, reading).ok();
        JsonNode readings = api.get(home + "/lots/" + lot + "/readings").ok().path("readings");
        assertThat(readings.size()).isEqualTo(1);
        assertThat(readings.get(0).path("ph").asDouble()).isCloseTo(6.8, within(1e-9));
        assertThat(readings.get(0).path("at").asString()).isEqualTo("2026-05-12T08:00:00Z");
        // the row that was corrected stays, and cannot be amended again
        reading.put("clientKey", Bodies.key());
        assertThat(api.put(home + "/readings/" + row, reading).faults()).containsExactly("not_found");
    }

    private JsonNode journal(String lot) {
        return api.get(home + "/lots/" + lot + "/journal").ok();
    }

    @Test
    void stockIsDrawnDownByTheJournalAndLastsSoManyWeeks() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        String lot = api.put(home + "/lots", Bodies.lot(garden, feed))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> stock = new HashMap<>(Map.of(
                "id",
                java.util.UUID.randomUUID().toString(),
                "feedId",
                feed,
                "amount",
                Bodies.typed("1 kg", "g"),
                "pack",
                Bodies.typed("500", "g"),
                "cost",
                Bodies.typed("8", ""),
                "currency",
                "£",
                "countedOn",
                "2026-05-01",
                "version",
                0));
        api.put(home + "/stock", stock).ok();
        JsonNode full = api.get(home + "/stock").ok().get(0);
        assertThat(full.path("left").asDouble()).isCloseTo(1000, within(1e-9));
        assertThat(full.path("leftCost").asDouble()).isCloseTo(16, within(1e-9));
        // 1 g/L, so a gift of 2 L is 2 g; the pot's share of the top rate scales it
        api.post(
                        home + "/given",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(lot),
                                "feed",
                                true,
                                "litresEach",
                                Bodies.typed("2", "L")))
                .ok();
        double given = journal(lot).get(0).at("/event/productEach").asDouble();
        JsonNode used = api.get(home + "/stock").ok().get(0);
        assertThat(used.path("used").asDouble()).isCloseTo(given, within(1e-9)).isBetween(1.0, 2.0);
        assertThat(used.path("left").asDouble()).isCloseTo(1000 - given, within(1e-9));
        stock.put("id", java.util.UUID.randomUUID().toString());
        assertThat(api.put(home + "/stock", stock).faults()).containsExactly("counted_already");
        stock.put("feedId", null);
        assertThat(api.put(home + "/stock", stock).faults()).containsExactly("missing");
        stock.put("mix", "peat_perlite");
        stock.put("amount", Bodies.typed("-5", "L"));
        stock.remove("pack");
        stock.put("openedOn", "2027-01-01");
        assertThat(api.put(home + "/stock", stock).faults())
                .containsExactlyInAnyOrder("too_small", "missing", "time_in_future");
    }
}
