package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Recipes from wishes, as the page asks for them. */
class WishesTest {
    private final Api api = App.api();
    private JsonNode mixes;

    @BeforeEach
    void freshGarden() {
        mixes = api.get("/api/gardens/" + api.freshGarden().path("id").asString() + "/mixes")
                .ok();
    }

    private Map<String, Object> ask(List<String> atHand, Object... ranges) {
        List<JsonNode> components = new ArrayList<>();
        atHand.forEach(key -> components.add(Bodies.named(mixes.path("components"), key)));
        return new HashMap<>(Map.of(
                "atHand",
                components,
                "pot",
                Bodies.pot("13", "9", "12"),
                "ranges",
                List.of(ranges),
                "holding",
                List.of(),
                "free",
                List.of(),
                "mayLime",
                true,
                "mostComponents",
                Bodies.typed("4", ""),
                "mostParts",
                Bodies.typed("16", "")));
    }

    private static Object range(String quality, String low, String high, String unit) {
        return Map.of("quality", quality, "low", Bodies.typed(low, unit), "high", Bodies.typed(high, unit));
    }

    private static double value(JsonNode offer, String quality) {
        for (JsonNode v : offer.path("values")) {
            if (v.path("quality").asString().equals(quality)) {
                return v.path("value").asDouble();
            }
        }
        throw new AssertionError("no " + quality);
    }

    @Test
    void recipesMeetTheWishesOfAPlantInThePot() {
        JsonNode wants =
                api.post("/api/wishes/suiting", Bodies.kind("streptocarpus")).ok();
        assertThat(wants).hasSize(3);
        double air = wants.get(0).path("low").asDouble();
        JsonNode answer = api.post(
                        "/api/wishes",
                        ask(
                                List.of("peat_medium", "perlite_coarse", "coir_pith"),
                                range("AIR", String.valueOf(air), "", "%"),
                                range("PH", "5,5", "6.2", "pH"),
                                range("WET_KG", "", "3 lb", "lb")))
                .ok();
        assertThat(answer.path("offers")).isNotEmpty();
        for (JsonNode offer : answer.path("offers")) {
            assertThat(value(offer, "AIR")).isGreaterThanOrEqualTo(air);
            assertThat(value(offer, "WET_KG")).isLessThanOrEqualTo(3 * 0.45359237);
            double ph = value(offer, "PH");
            if (ph < 5.5) {
                assertThat(offer.path("limedTo").asDouble()).isEqualTo(5.85);
            } else {
                assertThat(ph).isLessThanOrEqualTo(6.2);
                assertThat(offer.has("limedTo")).isFalse();
            }
        }
        assertThat(answer.has("nearest")).isFalse();
    }

    @Test
    void wishesThatConflictNameTheirLimitAndTheNearest() {
        JsonNode answer = api.post(
                        "/api/wishes",
                        ask(
                                List.of("peat_medium", "coarse_sand"),
                                range("AIR", "50", "", "%"),
                                range("ORGANIC", "20", "", "%")))
                .ok();
        assertThat(answer.path("offers")).isEmpty();
        assertThat(answer.path("nearest").path("parts")).isNotEmpty();
        assertThat(answer.path("limits")).hasSize(1);
        JsonNode limit = answer.path("limits").get(0);
        assertThat(limit.path("wish").path("range").path("quality").asString()).isEqualTo("AIR");
        assertThat(value(limit.path("without"), "AIR")).isLessThan(50);
    }

    @Test
    void faultsAreToldAllAtOnce() {
        assertThat(api.post(
                                "/api/wishes",
                                ask(
                                        List.of("peat_medium"),
                                        range("AIR", "40", "20", "%"),
                                        range("LIFE", "long", "", "yr"),
                                        range("PH", "", "12", "pH")))
                        .faults())
                .containsExactlyInAnyOrder("limits_reversed", "not_a_number", "too_large");
        assertThat(api.post("/api/wishes", ask(List.of())).faults()).containsExactly("missing");
    }
}
