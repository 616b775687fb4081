package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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

    private Map<String, Object> reading(Map<String, Object> more) {
        Map<String, Object> meter = new HashMap<>(Map.of(
                "id",
                garden.path("meters").get(0).path("id").asString(),
                "name",
                "Pen",
                "scale",
                "ppm700",
                "phPlusMinus",
                0.1,
                "ecPlusMinus",
                5,
                "version",
                1,
                "retired",
                false));
        Map<String, Object> ask = new HashMap<>(Map.of(
                "species",
                Bodies.kind("streptocarpus"),
                "pot",
                Bodies.pot("12", "9", "11"),
                "mix",
                Bodies.mix(garden, "peat_perlite"),
                "water",
                garden.path("waters").get(0),
                "meter",
                meter,
                "working",
                true));
        ask.putAll(more);
        return ask;
    }

    /** Arithmetic: 840 ppm on the 700 scale is 1.2 mS/cm, on the 500 scale 1.68; 1200 µS/cm is 1.2 mS/cm; CF 12 too. */
    @ParameterizedTest
    @CsvSource({
        "840, ppm, 1.2",
        "840 ppm, mS/cm, 1.2",
        "'1,2', mS/cm, 1.2",
        "1200, µS/cm, 1.2",
        "1.2 mS/cm, ppm, 1.2",
        "12 CF, mS/cm, 1.2"
    })
    void aConductivityIsReadInAnyWriting(String text, String unit, double msCm) {
        JsonNode verdict = api.post("/api/live/verdict", reading(Map.of("ec", Map.of("text", text, "unit", unit))))
                .ok();
        assertThat(verdict.path("ec").path("value").asDouble()).isCloseTo(msCm, within(1e-9));
        assertThat(verdict.path("band").path("name").asString()).isEqualTo("peat:medium");
        assertThat(verdict.path("working").size()).isPositive();
    }

    @Test
    void noReadingAtAllIsSaidSo() {
        assertThat(api.post("/api/live/verdict", reading(Map.of())).faults()).containsExactly("reading_empty");
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
