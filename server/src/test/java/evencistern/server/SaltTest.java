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
import tools.jackson.databind.JsonNode;

/** The salt account of a lot, and flushes that go by it. */
class SaltTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final LocalDate today = LocalDate.parse(garden.path("today").asString());
    private final String pen = garden.path("meters").get(0).path("id").asString();
    private final double waterEc = garden.path("waters").get(0).path("ec").asDouble();
    private final Map<String, Object> form = new HashMap<>(Bodies.lot(garden, null));
    private final String lot = home + "/lots/" + form.get("id");

    @BeforeEach
    void aPottedLot() {
        form.put("repottedOn", today.minusDays(40).toString());
        api.put(home + "/lots", form).ok();
    }

    private void change(Map<String, Object> news) {
        form.putAll(news);
        form.put("version", api.get(lot).ok().path("version").asInt());
        api.put(home + "/lots", form).ok();
    }

    private JsonNode salt() {
        return api.get(lot + "/salt").ok();
    }

    private JsonNode water(LocalDate on, String litres, boolean flush) {
        Map<String, Object> given = new HashMap<>(Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(form.get("id")),
                "feed",
                false,
                "flush",
                flush,
                "on",
                on.toString(),
                "litresEach",
                Bodies.typed(litres, "L")));
        return api.post(home + "/given", given).ok();
    }

    private void read(String method, String ec) {
        read(method, ec, Map.of());
    }

    private void read(String method, String ec, Map<String, Object> more) {
        Map<String, Object> reading = new HashMap<>(
                Map.of("clientKey", Bodies.key(), "meterId", pen, "method", method, "ec", Bodies.typed(ec, "mS/cm")));
        reading.putAll(more);
        api.post(lot + "/readings", reading).ok();
    }

    /** Arithmetic: litres times the water's own EC, at 0.64 g/L for 1 mS/cm. */
    @Test
    void whatTheWaterBroughtIsCountedAndTheAccountBalances() {
        water(today.minusDays(20), "0.2", false);
        water(today.minusDays(10), "0.3", false);
        JsonNode salt = salt();
        assertThat(salt.path("watered").asInt()).isEqualTo(2);
        assertThat(salt.path("sinceRead").asBoolean()).isFalse();
        assertThat(salt.path("since").asString()).isEqualTo(today.minusDays(40).toString());
        assertThat(salt.path("water").asDouble()).isCloseTo(0.64 * 0.5 * waterEc, within(1e-6));
        assertThat(salt.path("feed").asDouble()).isZero();
        assertThat(salt.path("begun").asDouble()
                        + salt.path("water").asDouble()
                        - salt.path("drained").asDouble())
                .isCloseTo(salt.path("now").asDouble(), within(1e-6));
        assertThat(salt.path("msCm").asDouble())
                .isBetween(salt.path("low").asDouble(), salt.path("high").asDouble());
        assertThat(salt.path("working")).isNotEmpty();
    }

    @Test
    void aFeedBringsSaltOfWhichThePlantTakesItsShare() {
        JsonNode feed = api.put(home + "/feeds", Bodies.feed()).ok();
        change(Map.of("courses", List.of(Bodies.course(feed.path("id").asString()))));
        api.post(
                        home + "/given",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(form.get("id")),
                                "feed",
                                true,
                                "on",
                                today.minusDays(3).toString()))
                .ok();
        JsonNode salt = salt();
        assertThat(salt.path("feed").asDouble()).isPositive();
        assertThat(salt.path("plant").asDouble())
                .isPositive()
                .isLessThanOrEqualTo(0.5 * salt.path("feed").asDouble() + 1e-9);
    }

    @Test
    void aReadingBeginsItAnewAndAFlushBringsItDown() {
        water(today.minusDays(5), "0.3", false);
        read("pour_through", "2.4");
        JsonNode read = salt();
        assertThat(read.path("sinceRead").asBoolean()).isTrue();
        assertThat(read.path("since").asString()).isEqualTo(today.toString());
        assertThat(read.path("msCm").asDouble()).isCloseTo(2.4, within(0.03));
        assertThat(read.path("checks").get(0).path("read").asDouble()).isCloseTo(2.4, within(0.03));
        assertThat(read.path("high").asDouble()).isGreaterThan(2.4);
        water(today, "1.2", true);
        JsonNode flushed = salt();
        assertThat(flushed.path("msCm").asDouble()).isLessThan(0.5 * 2.4);
        assertThat(flushed.path("drained").asDouble()).isPositive();
    }

    @Test
    void whatDrainsAtAWateringIsARougherSign() {
        read("runoff", "1.1");
        assertThat(salt().path("checks")).hasSize(1);
        assertThat(salt().path("readingAsks").asBoolean()).isFalse();
        read("runoff", "3.4");
        assertThat(salt().path("readingAsks").asBoolean()).isTrue();
        water(today, "1.2", true);
        assertThat(salt().path("readingAsks").asBoolean()).isFalse();
    }

    @Test
    void whatDrainsIsHeldAgainstItsOwnBand() {
        read("runoff", "1.1");
        assertThat(salt().path("msCm").asDouble())
                .as("it stands inside the band as it does in that of what drains")
                .isBetween(
                        salt().path("band").path("ecLow").asDouble(),
                        salt().path("band").path("ecHigh").asDouble());
        assertThat(salt().path("high").asDouble() - salt().path("low").asDouble())
                .as("what drains at a watering is a rougher sign than a pour-through")
                .isGreaterThan(0.3);
    }

    /** Of a pot of which fresh mix was never told, what was read before it was put up here counts too. */
    @Test
    void whatWasReadBeforeTheLotBeganCountsWhereNoFreshMixIsKnown() {
        form.remove("repottedOn");
        change(Map.of("startedOn", today.toString()));
        LocalDate before = today.minusDays(30);
        read("pour_through", "2.2", Map.of("occurredAt", before + "T08:00:00Z"));
        assertThat(salt().path("since").asString()).isEqualTo(before.toString());
        assertThat(salt().path("msCm").asDouble()).isCloseTo(2.2, within(0.03));
    }

    @Test
    void overACachepotNothingLeaves() {
        change(Map.of("undrained", true));
        water(today.minusDays(2), "2", false);
        assertThat(salt().path("drained").asDouble()).isZero();
        assertThat(salt().path("now").asDouble())
                .isCloseTo(
                        salt().path("begun").asDouble() + salt().path("water").asDouble(), within(1e-6));
    }

    @Test
    void aFlushGoesByTheAccountWhereThatIsWished() {
        water(today.minusDays(1), "0.3", false);
        String byKind = api.get(lot).ok().path("state").path("nextFlushOn").asString();
        change(Map.of("flushBy", "account"));
        JsonNode stored = api.get(lot).ok();
        JsonNode salt = salt();
        assertThat(stored.path("flushBy").asString()).isEqualTo("account");
        assertThat(stored.path("state").path("accountFlushOn").asString())
                .isEqualTo(salt.path("aboveOn").asString());
        assertThat(stored.path("state").path("nextFlushOn").asString())
                .isEqualTo(salt.path("aboveOn").asString());
        change(Map.of("flushBy", "rhythm"));
        assertThat(api.get(lot).ok().path("state").path("nextFlushOn").asString())
                .isEqualTo(byKind);
    }

    @Test
    void anAccountAboveTheBandAsksAtTheNextWatering() {
        change(Map.of("flushBy", "account", "undrained", true));
        for (int i = 0; i < 8; i++) {
            water(today.minusDays(30 - i), "1", false);
        }
        JsonNode state = api.get(lot).ok().path("state");
        assertThat(LocalDate.parse(state.path("nextFlushOn").asString())).isBeforeOrEqualTo(today);
        assertThat(state.path("accountFlushLitres").asDouble()).isPositive();
        assertThat(salt().path("low").asDouble()).isGreaterThan(0);
        water(today, "1", false);
        JsonNode undone = water(today, "1", false);
        api.post(home + "/acts/" + undone.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(salt().path("watered").asInt()).isEqualTo(9);
    }

    @Test
    void anUnknownWayToFlushIsRefused() {
        form.putAll(Map.of("id", UUID.randomUUID().toString(), "flushBy", "moon"));
        assertThat(api.put(home + "/lots", form).faults()).containsExactly("choice_unknown");
    }
}
