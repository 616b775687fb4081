package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** A line of the journal that was written on the wrong day: only its day changes, and that can be taken back. */
class AmendTest {
    private static final String WRONG = "2026-05-12";
    private static final String RIGHT = "2026-05-10";
    /** What belongs to the row and not to what it says. */
    private final Api api = App.api();

    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();

    /** Something that is done to a lot on the wrong day, with all that can be said of it. */
    private record Done(String kind, String address, Map<String, Object> body) {
        @Override
        public String toString() {
            return kind;
        }
    }

    static Stream<Done> done() {
        Map<String, Object> seen = Map.of(
                "dryness", "DRY",
                "before", Bodies.typed("410", "g"),
                "after", Bodies.typed("590", "g"),
                "runoff", Bodies.typed("20", "mL"),
                "note", "Leaves soft");
        return Stream.of(
                new Done(
                        "watering",
                        "/given",
                        Map.of("feed", false, "litresEach", Bodies.typed("180", "mL"), "seen", seen)),
                new Done(
                        "feeding",
                        "/given",
                        Map.of("feed", true, "litresEach", Bodies.typed("180", "mL"), "seen", seen)),
                new Done(
                        "tending",
                        "/deeds/tend",
                        Map.of(
                                "chore",
                                "LOOK_OVER",
                                "tended",
                                Map.of("found", "few", "product", "Soft soap, 10 mL/L"),
                                "note",
                                "Scale on the stalks")),
                new Done("note", "/deeds/note", Map.of("text", "A crack in the rim")),
                new Done("moving", "/deeds/move", Map.of("placeId", "outdoors")),
                new Done(
                        "potting",
                        "/deeds/pot-on",
                        Map.of(
                                "pot",
                                Bodies.pot("14", "10", "13"),
                                "mix",
                                "peat_perlite",
                                "fresh",
                                Bodies.typed("60", "%"),
                                "rootsCut",
                                Bodies.typed("20", "%"))),
                new Done("loss", "/deeds/lose", Map.of("pots", Bodies.typed("1", ""), "why", "Vine weevil")));
    }

    private String plant() {
        Map<String, Object> input = Bodies.lot(
                garden, api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString());
        input.put("pots", Bodies.typed("3", ""));
        return api.put(home + "/lots", input).ok().path("id").asString();
    }

    private JsonNode act(String lot, Done done) {
        Map<String, Object> body = new HashMap<>(done.body());
        body.put("clientKey", Bodies.key());
        body.put("on", WRONG);
        body.put("lotIds", List.of(lot));
        body.put("lotId", lot);
        body.computeIfPresent(
                "placeId",
                (k, kind) -> Bodies.place(garden, kind.toString()).path("id").asString());
        return api.post(home + done.address(), body).ok();
    }

    /** The row of a kind that stands, whatever was written before. */
    private JsonNode standing(String lot, String kind) {
        List<JsonNode> rows = api.get(home + "/lots/" + lot + "/journal")
                .ok()
                .valueStream()
                .filter(e -> e.at("/event/kind").asString().equals(kind))
                .filter(e -> !e.path("undone").asBoolean())
                .toList();
        assertThat(rows).hasSize(1);
        return rows.get(0);
    }

    private static JsonNode said(JsonNode row) {
        return row.path("event");
    }

    private Api.Answer amend(JsonNode row, Map<String, Object> change) {
        Map<String, Object> body = new HashMap<>(change);
        body.put("clientKey", Bodies.key());
        return api.put(home + "/journal/" + row.path("id").asLong(), body);
    }

    @ParameterizedTest
    @MethodSource("done")
    void onlyTheDayChangesAndThatIsTakenBack(Done done) {
        String lot = plant();
        act(lot, done);
        JsonNode written = standing(lot, done.kind());
        assertThat(said(written).size()).isGreaterThan(1);
        assertThat(written.path("occurredAt").asString()).startsWith(WRONG);
        String amended = amend(written, Map.of("on", RIGHT)).ok().path("actId").asString();
        JsonNode again = standing(lot, done.kind());
        assertThat(again.path("occurredAt").asString()).startsWith(RIGHT);
        assertThat(said(again)).isEqualTo(said(written));
        api.post(home + "/acts/" + amended + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        JsonNode back = standing(lot, done.kind());
        assertThat(back.path("occurredAt").asString()).startsWith(WRONG);
        assertThat(said(back)).isEqualTo(said(written));
    }

    /** What was amended since, also there and back, goes with the act that first wrote it. */
    @ParameterizedTest
    @MethodSource("done")
    void anActIsTakenBackAlsoWhereItsRowWasAmendedSince(Done done) {
        String lot = plant();
        String first = act(lot, done).path("actId").asString();
        amend(standing(lot, done.kind()), Map.of("on", RIGHT)).ok();
        api.post(home + "/acts/" + first + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(stands(lot, done.kind())).isFalse();

        String second = act(lot, done).path("actId").asString();
        String amended = amend(standing(lot, done.kind()), Map.of("on", RIGHT))
                .ok()
                .path("actId")
                .asString();
        api.post(home + "/acts/" + amended + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        api.post(home + "/acts/" + second + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(stands(lot, done.kind())).isFalse();
    }

    private boolean stands(String lot, String kind) {
        return api.get(home + "/lots/" + lot + "/journal")
                .ok()
                .valueStream()
                .anyMatch(e -> e.at("/event/kind").asString().equals(kind)
                        && !e.path("undone").asBoolean());
    }

    /** 180 mL of 100 mg/L is 18 mg of nitrogen; half the water of the same can is half the product. */
    @Test
    void halfTheWaterIsHalfTheProduct() {
        String lot = plant();
        act(lot, done().filter(d -> d.kind().equals("feeding")).findFirst().orElseThrow());
        JsonNode fed = standing(lot, "feeding");
        amend(fed, Map.of("litresEach", Bodies.typed("90", "mL"))).ok();
        JsonNode half = standing(lot, "feeding");
        assertThat(half.at("/event/litresEach").asDouble()).isEqualTo(0.09);
        assertThat(half.at("/event/productEach").asDouble())
                .isCloseTo(fed.at("/event/productEach").asDouble() / 2, org.assertj.core.api.Assertions.within(1e-12));
        assertThat(half.path("nMgPerL")).isEqualTo(fed.path("nMgPerL"));
        assertThat(half.path("occurredAt")).isEqualTo(fed.path("occurredAt"));
    }

    /** What looks wrong is written down and gone through from that day on, in one act that is undone as one. */
    @Test
    void aNoteOfWhatIsWrongTellsThePlanSoToo() {
        String lot = plant();
        JsonNode recorded = act(
                lot, new Done("note", "/deeds/note", Map.of("text", "White crust", "conditions", List.of("CRUST"))));
        JsonNode ill = api.get(home + "/lots/" + lot).ok();
        assertThat(ill.at("/conditions/CRUST").asString()).isEqualTo(WRONG);
        assertThat(standing(lot, "note").at("/event/text").asString()).isEqualTo("White crust");
        api.post(home + "/acts/" + recorded.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/lots/" + lot).ok().at("/conditions/CRUST").isMissingNode())
                .isTrue();
    }

    @Test
    void aDayToComeAndALineThatWasCorrectedAreRefused() {
        String lot = plant();
        act(lot, new Done("note", "/deeds/note", Map.of("text", "Once")));
        JsonNode row = standing(lot, "note");
        assertThat(amend(row, Map.of("on", "2026-06-01")).faults()).containsExactly("time_in_future");
        amend(row, Map.of("note", "Twice")).ok();
        assertThat(standing(lot, "note").at("/event/text").asString()).isEqualTo("Twice");
        assertThat(amend(row, Map.of("note", "Thrice")).faults()).containsExactly("not_found");
        assertThat(amend(row, Map.of("note", " ")).faults()).containsExactly("missing");
        assertThat(api.put(
                                home + "/journal/" + Long.MAX_VALUE,
                                Map.of("clientKey", UUID.randomUUID().toString(), "on", RIGHT))
                        .status())
                .isEqualTo(404);
    }
}
