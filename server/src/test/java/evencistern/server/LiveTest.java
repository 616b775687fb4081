package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Answers to what is being typed. */
class LiveTest {
    private final Api api = App.api();
    private JsonNode garden;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
    }

    private JsonNode label(String sentence, List<Map<String, String>> answers) {
        return api.post("/api/live/label", Map.of("sentence", sentence, "form", "dry", "answers", answers))
                .ok();
    }

    @Test
    void aLabelAsksThenAnswers() {
        JsonNode asked = label("1 tsp per gal weekly", List.of());
        assertThat(asked.path("questions").size()).isEqualTo(2);
        assertThat(asked.path("rate").isMissingNode()).isTrue();
        JsonNode told = label(
                "1 tsp per gal weekly",
                List.of(
                        Map.of("question", "WHICH_MEASURES", "choice", "US"),
                        Map.of("question", "SPOON_LEVEL", "choice", "HEAPED")));
        // 4.92892 mL · 1.5 / 3.785412 L
        assertThat(told.path("rate").path("max").asDouble()).isCloseTo(1.95312, within(1e-4));
        assertThat(told.path("rhythm").path("minDays").asInt()).isEqualTo(7);
        assertThat(told.path("assumptions").get(0).asString()).isEqualTo("heaped_is_half_more");
    }

    @Test
    void aRefusedLabelSaysWhyInPlainWords() {
        JsonNode refused = label("feed sparingly", List.of());
        assertThat(refused.path("refusals")
                        .valueStream()
                        .map(f -> f.path("code").asString()))
                .containsExactly("label_no_rate", "label_no_rhythm");
        assertThat(refused.path("refusals").get(0).path("detail").asString()).contains("5 ml per litre");
        assertThat(refused.path("unknownWords").asBoolean()).isTrue();
    }

    @Test
    void careWithoutAFeedIsPlainWaterAndTellsAllFaultsOfAForm() {
        JsonNode care = api.post("/api/live/care", Bodies.care(garden)).ok();
        assertThat(care.path("feed").isMissingNode()).isTrue();
        assertThat(care.path("nextFeed").isMissingNode()).isTrue();
        assertThat(care.path("water").path("leftShare").asDouble()).isCloseTo(0, within(1e-9));
        Map<String, Object> ask = Bodies.care(garden);
        ask.put("species", Bodies.kind("triffid"));
        ask.put("mix", Map.of("key", "mud", "parts", List.of()));
        ask.put("can", Bodies.typed("half", "L"));
        assertThat(api.post("/api/live/care", ask).faults())
                .containsExactly("choice_unknown", "parts_nothing", "not_a_number");
    }

    @Test
    void aScaleInsteadOfSpoonsWeighsAndAStrongerShareIsStronger() {
        Map<String, Object> ask = Bodies.care(garden);
        ask.put(
                "feed",
                api.put("/api/gardens/" + garden.path("id").asString() + "/feeds", Bodies.feed())
                        .ok());
        ask.put("hand", "scale");
        ask.put("share", Bodies.typed("50", "%"));
        JsonNode half = api.post("/api/live/care", ask).ok().path("feed");
        // half of 1 g/L in 5 L
        assertThat(half.path("hand").path("pieces").get(0).path("tool").asString())
                .isEqualTo("scale");
        assertThat(half.path("hand").path("practical").asDouble()).isCloseTo(2.5, within(1e-9));
        ask.put("share", Bodies.typed("100", "%"));
        assertThat(api.post("/api/live/care", ask)
                        .ok()
                        .path("feed")
                        .path("meter")
                        .asDouble())
                .isGreaterThan(half.path("meter").asDouble());
    }
}
