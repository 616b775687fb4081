package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Lots that get their water otherwise than from above with a can. */
class WaysTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private static Map<String, Object> typed(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }

    private Map<String, Object> lot(String way, Map<String, Object> told) {
        Map<String, Object> lot = Bodies.lot(garden, null);
        Map<String, Object> watering = new HashMap<>(told);
        watering.put("way", way);
        lot.put("watering", watering);
        return lot;
    }

    private JsonNode tried(Map<String, Object> lot) {
        return api.post(home + "/lots/" + UUID.randomUUID() + "/try", Map.of("draft", lot, "working", true))
                .ok();
    }

    private JsonNode journal(JsonNode lot) {
        return api.get(home + "/lots/" + lot.path("id").asString() + "/journal").ok();
    }

    private JsonNode done(JsonNode lot) {
        return api.post(
                        home + "/ticks",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "items",
                                List.of(Map.of(
                                        "lotId",
                                        lot.path("id").asString(),
                                        "item",
                                        lot.path("state").path("waterItem").asString()))))
                .ok();
    }

    @Test
    void aReservoirIsFilledByTheLitreAndTheJournalSaysSo() {
        JsonNode lot = api.put(home + "/lots", lot("RESERVOIR", Map.of("holds", typed("0.6", "L"))))
                .ok();
        assertThat(lot.at("/watering/way").asString()).isEqualTo("RESERVOIR");
        assertThat(lot.at("/watering/holds/text").asString()).isEqualTo("0.6");
        JsonNode due = api.get(home + "/today").ok().at("/groups/0/due/0");
        assertThat(due.path("way").asString()).isEqualTo("reservoir");
        assertThat(due.path("litresEach").asDouble()).isCloseTo(0.6, within(1e-9));
        done(lot);
        assertThat(journal(lot).get(0).at("/event/way").asString()).isEqualTo("reservoir");
        assertThat(journal(lot).get(0).at("/event/litresEach").asDouble()).isCloseTo(0.6, within(1e-9));
    }

    /** 0.12 L wanted of an emitter of 0.6 L/h takes as many minutes as tenths of the hour: the row says minutes, no can. */
    @Test
    void whatALineBringsIsNotCarried() {
        api.put(home + "/lots", lot("DRIP", Map.of("emitter", typed("0.6", "L"))))
                .ok();
        JsonNode group = api.get(home + "/today").ok().at("/groups/0");
        assertThat(group.path("by").asString()).isEqualTo("line");
        JsonNode due = group.at("/due/0");
        assertThat(due.path("minutes").asDouble())
                .isCloseTo(due.path("litresEach").asDouble() / 0.6 * 60, within(1e-6));
    }

    @Test
    void sprinklersAreToldInMillimetresAndSayWhatReachesThePots() {
        JsonNode line = tried(lot("OVERHEAD", Map.of("rate", typed("20", "mm"), "spacing", typed("40", "cm"))))
                .path("line");
        assertThat(line.path("minutes").asDouble()).isCloseTo(line.path("mm").asDouble() * 3, within(1e-6));
        assertThat(line.path("reachesPercent").asDouble()).isBetween(1.0, 20.0);
    }

    @Test
    void anOrchidInABasketWithoutMixIsDunked() {
        Map<String, Object> vanda = Bodies.lot(garden, null);
        vanda.put("species", "vanda");
        vanda.put("mix", "bare");
        JsonNode water = tried(vanda).path("water");
        assertThat(water.at("/way/id").asString()).isEqualTo("dunked");
        assertThat(water.at("/way/bare").asBoolean()).isTrue();
        assertThat(water.path("mixLitres").asDouble()).isZero();
        assertThat(water.path("daysLikely").asInt()).isLessThanOrEqualTo(3);
        JsonNode saved = api.put(home + "/lots", vanda).ok();
        JsonNode group = api.get(home + "/today").ok().at("/groups/0");
        assertThat(group.path("by").asString()).isEqualTo("tub");
        assertThat(group.at("/due/0/minutes").asDouble()).isEqualTo(20);
        String lot = home + "/lots/" + saved.path("id").asString();
        for (String page : List.of("/mix-age", "/food", "/salt", "/journal", "/procedures", "/readings")) {
            assertThat(api.get(lot + page).status()).as(page).isEqualTo(200);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "RESERVOIR, holds, 0, L, lot.holds",
        "RESERVOIR, holds, 5, cm, lot.holds",
        "FROM_BELOW, minutes, 3, L, lot.minutes",
        "DRIP, emitter, -1, L, lot.emitter",
        "OVERHEAD, rate, 9000, mm, lot.rate",
        "OVERHEAD, spacing, 60, m, lot.spacing"
    })
    void whatMakesNoSenseIsRefusedByItsField(String way, String field, String text, String unit, String fault) {
        Api.Answer answer = api.put(home + "/lots", lot(way, Map.of(field, typed(text, unit))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().at("/faults/0/field").asString()).isEqualTo(fault);
    }

    @Test
    void withoutMixNothingIsWateredFromAbove() {
        Map<String, Object> lot = lot("TOP", Map.of());
        lot.put("mix", "bare");
        assertThat(api.put(home + "/lots", lot).faults()).containsExactly("nothing_holds_water");
    }

    @Test
    void whatDoesNotBelongToAWayIsNotKept() {
        JsonNode lot = api.put(home + "/lots", lot("DRIP", Map.of("holds", typed("2", "L"))))
                .ok();
        assertThat(lot.at("/watering/holds").isMissingNode()
                        || lot.at("/watering/holds").isNull())
                .isTrue();
    }

    /** Days that somebody knows count at once, and are forgotten where it is moved or potted on. */
    @Test
    void howLongItLastsIsFollowedAtOnceAndForgottenElsewhere() {
        Map<String, Object> lot = Bodies.lot(garden, null);
        JsonNode plain = tried(lot).path("water");
        int likely = plain.path("daysLikely").asInt();
        lot.put("lasts", typed(Integer.toString(2 * likely), "d"));
        JsonNode told = tried(lot).path("water");
        assertThat(told.path("daysLikely").asInt()).isBetween(likely + 1, 2 * likely);
        assertThat(told.path("daysLong").asDouble() / told.path("daysShort").asDouble())
                .isLessThan(plain.path("daysLong").asDouble()
                        / plain.path("daysShort").asDouble());
        JsonNode saved = api.put(home + "/lots", lot).ok();
        assertThat(saved.at("/state/learnedFrom").asInt()).isEqualTo(1);
        assertThat(saved.path("lastsOn").asString()).isEqualTo("2026-05-14");
        api.post(
                        home + "/deeds/move",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(saved.path("id").asString()),
                                "on",
                                App.TODAY,
                                "placeId",
                                garden.path("places").get(1).path("id").asString()))
                .ok();
        assertThat(api.get(home + "/lots/" + saved.path("id").asString())
                        .ok()
                        .at("/state/learnedFrom")
                        .asInt())
                .isZero();
        lot.put("lasts", typed("5000", "d"));
        lot.put("id", UUID.randomUUID().toString());
        assertThat(api.put(home + "/lots", lot).faults()).containsExactly("too_large");
    }

    /** The least known come first, and one weighing brings each of them nearer. */
    @Test
    void theLeastKnownPotsComeFirst() {
        Map<String, Object> tree = Bodies.lot(garden, null);
        tree.put("name", "A tree");
        tree.put("species", "lemon");
        api.put(home + "/lots", tree).ok();
        Map<String, Object> measured = Bodies.lot(garden, null);
        measured.put("name", "Measured");
        measured.put("spread", typed("20", "cm"));
        api.put(home + "/lots", measured).ok();
        JsonNode known = api.get(home + "/known").ok();
        assertThat(known.path("looked").asInt()).isEqualTo(2);
        assertThat(known.at("/lots/0/name").asString()).isEqualTo("A tree");
        JsonNode first = known.at("/lots/0");
        assertThat(first.path("from").asInt()).isZero();
        assertThat(first.path("weighedHigh").asDouble()
                        / first.path("weighedLow").asDouble())
                .isLessThan(first.path("high").asDouble() / first.path("low").asDouble());
        assertThat(api.get(home + "/known?find=meas").ok().path("lots").size()).isEqualTo(1);
    }

    /** A bog plant stands in water without anybody telling; one that was told otherwise does not. */
    @Test
    void aKindIsWateredAsItUsuallyIsUntilSomebodyTells() {
        Map<String, Object> flytrap = Bodies.lot(garden, null);
        flytrap.put("species", "flytrap");
        assertThat(tried(flytrap).at("/water/way/id").asString()).isEqualTo("standing");
        flytrap.put("watering", Map.of("way", "TOP"));
        assertThat(tried(flytrap).at("/water/way/id").asString()).isEqualTo("top");
    }
}
