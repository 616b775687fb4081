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

/** Answers to what is being typed. */
class AsTypedTest {
    private final Api api = App.api();
    private JsonNode garden;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
    }

    private JsonNode label(String sentence, List<Map<String, String>> answers) {
        return api.post("/api/feed/label", Bodies.label(sentence, "dry", answers))
                .ok();
    }

    @Test
    void aLabelAsksThenAnswers() {
        JsonNode asked = label("1 tsp per gal weekly", List.of());
        assertThat(asked.path("questions").size()).isEqualTo(1);
        assertThat(asked.path("way").isMissingNode()).isTrue();
        JsonNode told =
                label("1 heaped tsp per gal weekly", List.of(Map.of("question", "WHICH_MEASURES", "choice", "US")));
        // 4.92892 mL · 1.5 / 3.785412 L
        assertThat(told.at("/way/rate/max").asDouble()).isCloseTo(1.95312, within(1e-4));
        assertThat(told.at("/way/rhythm/minDays").asInt()).isEqualTo(7);
        assertThat(told.path("assumptions").get(0).asString()).isEqualTo("heaped_is_half_more");
    }

    @Test
    void aLabelThatReadsInTwoWaysShowsWhatEachComesTo() {
        JsonNode asked = label("1.000 g per 200 litres weekly", List.of());
        assertThat(asked.path("way").isMissingNode()).isTrue();
        assertThat(asked.path("readings")
                        .valueStream()
                        .map(w -> w.path("inWords").asString()))
                .containsExactlyInAnyOrder(
                        "0.005 g per litre of water every 7 days", "5 g per litre of water every 7 days");
    }

    @Test
    void whatIsPouredOfADilutionIsNoDoseOfItsOwn() {
        JsonNode told = label("Mix 5 g per litre and give 200 ml per plant weekly", List.of());
        assertThat(told.at("/way/rate/per").asString()).isEqualTo("water");
        assertThat(told.at("/way/rate/max").asDouble()).isEqualTo(5);
        assertThat(told.path("poured").path("per").asString()).isEqualTo("plant");
        assertThat(told.path("poured").path("max").asDouble()).isCloseTo(200, within(1e-9));
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
        Map<String, Object> draft = Bodies.lot(garden, null);
        JsonNode care = Bodies.attempt(api, garden, draft).ok();
        assertThat(care.path("feed").isMissingNode()).isTrue();
        assertThat(care.path("nextFeed").isMissingNode()).isTrue();
        assertThat(care.path("water").path("leftShare").asDouble()).isCloseTo(0, within(1e-9));
        draft.put("species", "triffid");
        draft.put("mix", "mud");
        assertThat(Bodies.attempt(api, garden, draft, "half").faults())
                .containsExactly("not_a_number", "choice_unknown", "choice_unknown");
    }

    /** The first thing a newcomer types is not the name; the form must not open with a fault. */
    @Test
    void aDoseNeedsNoNameYetButALotDoes() {
        Map<String, Object> draft = Bodies.lot(garden, null);
        draft.put("name", "");
        assertThat(Bodies.attempt(api, garden, draft)
                        .ok()
                        .path("water")
                        .path("leftShare")
                        .isNumber())
                .isTrue();
        assertThat(api.put("/api/gardens/" + garden.path("id").asString() + "/lots", draft)
                        .faults())
                .containsExactly("missing");
    }

    @Test
    void aScaleInsteadOfSpoonsWeighsAndAStrongerShareIsStronger() {
        String home = "/api/gardens/" + garden.path("id").asString();
        Map<String, Object> draft = Bodies.lot(
                garden, api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString());
        Map<String, Object> settings = new HashMap<>(Map.of(
                "name",
                garden.path("name").asString(),
                "timeZone",
                garden.path("timeZone").asString(),
                "latitude",
                Bodies.typed("52.4", "°"),
                "language",
                "en-GB",
                "unitHabit",
                "metric",
                "hand",
                "scale",
                "spoons",
                List.of(),
                "version",
                1));
        api.put(home + "/settings", settings).ok();
        JsonNode half = Bodies.attempt(api, garden, draft, "50").ok().path("feed");
        // half of 1 g/L in 5 L
        assertThat(half.path("hand").path("pieces").get(0).path("tool").asString())
                .isEqualTo("scale");
        assertThat(half.path("hand").path("practical").asDouble()).isCloseTo(2.5, within(1e-9));
        assertThat(Bodies.attempt(api, garden, draft, "100")
                        .ok()
                        .path("feed")
                        .path("meter")
                        .asDouble())
                .isGreaterThan(half.path("meter").asDouble());
    }
}
