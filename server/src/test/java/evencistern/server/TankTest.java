package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A stock tank that is made becomes a feed, and what went into it leaves the shelf. */
class TankTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();

    private Map<String, Object> tank(JsonNode feed, String ratio) {
        return new HashMap<>(Map.of(
                "products", List.of(Map.of("feed", feed, "perLitre", Bodies.typed("1", "g/L"))),
                "setting", "one_in",
                "ratio", Bodies.typed(ratio, ""),
                "oneTank", true,
                "litres", Bodies.typed("10", "L"),
                "coldest", Bodies.typed("10", "°C"),
                "water", garden.path("waters").get(0)));
    }

    private JsonNode stockOf(String feed) {
        return api.get(home + "/stock")
                .ok()
                .valueStream()
                .filter(s -> s.path("stock").path("feedId").asString().equals(feed))
                .findFirst()
                .orElseThrow();
    }

    /** 1 g/L at 1 in 100 in 10 L is 1 kg of salts; 10 % N of 100 g/L stock is 1 % by volume. */
    @Test
    void theStockIsAFeedAndTheShelfIsDrawnDown() {
        JsonNode salts = api.put(home + "/feeds", Bodies.feed()).ok();
        String from = salts.path("id").asString();
        api.put(
                        home + "/stock",
                        Map.of(
                                "id",
                                UUID.randomUUID().toString(),
                                "feedId",
                                from,
                                "amount",
                                Bodies.typed("3", "kg"),
                                "version",
                                0))
                .ok();
        String id = UUID.randomUUID().toString();
        Map<String, Object> made = Map.of(
                "clientKey",
                Bodies.key(),
                "feedId",
                id,
                "stockId",
                UUID.randomUUID().toString(),
                "name",
                "Bench stock",
                "tank",
                tank(salts, "100"));
        JsonNode act = api.post(home + "/tanks", made).ok();
        api.post(home + "/tanks", made).ok(); // sent twice, made once
        Map<String, Object> other = new HashMap<>(made);
        other.putAll(
                Map.of("clientKey", Bodies.key(), "stockId", UUID.randomUUID().toString()));
        assertThat(api.post(home + "/tanks", other).faults()).containsExactly("counted_already");
        assertThat(stockOf(from).path("left").asDouble()).isCloseTo(2000, within(1e-6));
        assertThat(stockOf(id).path("left").asDouble()).isCloseTo(10_000, within(1e-6));
        JsonNode feed = api.get(home + "/feeds")
                .ok()
                .valueStream()
                .filter(f -> f.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(feed.path("n").asDouble()).isCloseTo(1, within(1e-9));
        assertThat(feed.path("label").asString()).isEqualTo("1:100 with every watering");
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(stockOf(from).path("left").asDouble()).isCloseTo(3000, within(1e-6));
    }

    @Test
    void whatWouldFallOutIsRefusedInWords() {
        Map<String, Object> gypsum = Bodies.feed();
        gypsum.putAll(Map.of("name", "Calcium", "formula", "Ca(NO3)2·4H2O"));
        Map<String, Object> epsom = Bodies.feed();
        epsom.putAll(Map.of("name", "Bitter", "formula", "MgSO4·7H2O"));
        JsonNode one = api.put(home + "/feeds", gypsum).ok();
        JsonNode other = api.put(home + "/feeds", epsom).ok();
        Map<String, Object> ask = tank(one, "100");
        ask.put(
                "products",
                List.of(
                        Map.of("feed", one, "perLitre", Bodies.typed("1", "g/L")),
                        Map.of("feed", other, "perLitre", Bodies.typed("0.5", "g/L"))));
        Api.Answer answer = api.post("/api/tank", ask);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("faults").get(0).path("detail").asString())
                .contains("Calcium and Bitter")
                .contains("two tanks");
        ask.put("oneTank", false);
        assertThat(api.post("/api/tank", ask).ok().path("tanks").size()).isEqualTo(2);
    }

    @Test
    void noTankIsMadeAboveTheLabel() {
        JsonNode salts = api.put(home + "/feeds", Bodies.feed()).ok();
        Map<String, Object> ask = tank(salts, "100");
        ask.put("products", List.of(Map.of("feed", salts, "perLitre", Bodies.typed("4", "g/L"))));
        Api.Answer answer = api.post("/api/tank", ask);
        assertThat(answer.faults()).contains("above_label_rate");
        assertThat(answer.body().path("faults").get(0).path("detail").asString())
                .contains("4 g/L")
                .contains("The most is 1 g/L");
    }

    /**
     * 1 g/L of salts with 10 % nitrogen is 100 mg/L of it; an ounce is 28.35 g and a US gallon 3.785 L, so 7.489 g/L; a teaspoon
     * of 5 mL of a powder of 0.8 kg/L is 4 g.
     */
    @ParameterizedTest
    @CsvSource({"100, ppm N", "0.13353, oz/US gal", "0.25, tsp/L", "1, g/L"})
    void aStrengthIsTypedInWhatAPersonMeasures(String text, String unit) {
        Map<String, Object> powder = Bodies.feed();
        powder.put("density", Bodies.typed("0.8", "kg/L"));
        JsonNode salts = api.put(home + "/feeds", powder).ok();
        Map<String, Object> ask = tank(salts, "100");
        ask.put("products", List.of(Map.of("feed", salts, "perLitre", Bodies.typed(text, unit))));
        JsonNode put = api.post("/api/tank", ask)
                .ok()
                .path("tanks")
                .get(0)
                .path("puts")
                .get(0);
        assertThat(put.path("amount").asDouble()).isCloseTo(1000, within(1.0));
    }
}
