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

/** Water judged, blended and brought to a pH, and single nutrients, as the page asks for them. */
class WaterBenchTest {
    private final Api api = App.api();

    private static Map<String, Object> water(String ec, String ph, String alkalinity) {
        Map<String, Object> water = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(),
                "name", "Tap",
                "ec", Bodies.typed(ec, "mS/cm"),
                "ph", Bodies.typed(ph, "pH"),
                "contents", Map.of(),
                "version", 0));
        if (!alkalinity.isEmpty()) {
            water.put("alkalinity", Bodies.typed(alkalinity, "mg/L CaCO₃"));
        }
        return water;
    }

    private static Map<String, Object> ask(Map<String, Object> water) {
        return new HashMap<>(Map.of("water", water, "potLitres", Bodies.typed("0.6", "L"), "trade", false));
    }

    /** The same, to be brought to a pH with something. */
    private static Map<String, Object> ask(Map<String, Object> water, String targetPh, String product) {
        Map<String, Object> ask = ask(water);
        ask.put("targetPh", Bodies.typed(targetPh, "pH"));
        ask.put("product", product);
        return ask;
    }

    private JsonNode answer(Map<String, Object> ask) {
        return api.post("/api/water", ask).ok();
    }

    private static String standing(JsonNode answer) {
        return answer.path("findings")
                .valueStream()
                .filter(f -> f.path("what").asString().equals("alkalinity"))
                .findFirst()
                .orElseThrow()
                .path("standing")
                .asString();
    }

    /** Pulling water of pH 8 to 5.8 takes about 78 % of its alkalinity: extension acidification guides, from memory. */
    @ParameterizedTest
    @CsvSource({"6.5, 41", "6.0, 69", "5.8, 78", "5.5, 88"})
    void ofWaterAtPhEightSoMuchOfTheAlkalinityIsTaken(String target, double percent) {
        Map<String, Object> ask = ask(water("0.6", "8", "150"), target, "citric");
        ask.put("litres", Bodies.typed("10", "L"));
        JsonNode correction = answer(ask).path("correction");
        assertThat(correction.path("neutralisedPercent").asDouble()).isCloseTo(percent, within(1.0));
        assertThat(correction.path("alkalinityLeft").asDouble()).isCloseTo(150 * (1 - percent / 100), within(1.5));
        assertThat(correction.path("amount").asDouble())
                .isCloseTo(10 * correction.path("perLitre").asDouble(), within(1e-9));
        assertThat(correction.path("working").size()).isPositive();
    }

    /**
     * 100.08 mg/L as CaCO3 are 2 meq/L (arithmetic); 8.1 fl oz of phosphoric acid of 75 % per 1000 US gal and meq/L to a pH of about 5.8: extension acidification guides,
     * from memory, for "about 80 %" of the alkalinity.
     */
    @Test
    void aTradeGrowersAcidIsAsTheGuidesHaveItAndShownToNobodyElse() {
        Map<String, Object> ask = ask(water("0.6", "8", "50.04"), "5.8", "phosphoric_75");
        JsonNode home = answer(ask);
        assertThat(home.path("correction").isObject()).isFalse();
        assertThat(home.path("refusals").get(0).path("code").asString()).isEqualTo("trade_only");
        assertThat(home.path("cautions").size()).isPositive();
        ask.put("trade", true);
        JsonNode correction = answer(ask).path("correction");
        double millilitres = 8.1 * 29.5735 / 3785.41;
        assertThat(correction.path("perLitre").asDouble()).isCloseTo(millilitres, within(0.05 * millilitres));
        assertThat(correction.path("brings").get(0).path("element").asString()).isEqualTo("p");
    }

    @Test
    void withoutAMeasuredAlkalinityNoAcidIsTold() {
        Map<String, Object> ask = ask(water("0.6", "8", ""), "5.8", "citric");
        JsonNode answer = answer(ask);
        assertThat(answer.path("correction").isObject()).isFalse();
        assertThat(answer.path("refusals").get(0).path("code").asString()).isEqualTo("alkalinity_unknown");
    }

    /** What ions there are add up by volume; pH does not. */
    @Test
    void twoWatersBlendByVolumeAndTheShareForTheLimitIsEnough() {
        Map<String, Object> ask = ask(water("0.8", "8", "300"));
        ask.put("other", water("0.04", "6", "10"));
        ask.put("share", Bodies.typed("40", "%"));
        JsonNode blended = answer(ask);
        assertThat(blended.path("ec").asDouble()).isCloseTo(0.6 * 0.8 + 0.4 * 0.04, within(1e-9));
        assertThat(blended.path("alkalinity").asDouble()).isCloseTo(0.6 * 300 + 0.4 * 10, within(1e-6));
        double share = blended.path("shareForLimit").asDouble();
        assertThat(share).isBetween(40.0, 90.0);
        ask.put("share", Bodies.typed(Double.toString(share + 0.5), "%"));
        assertThat(standing(answer(ask))).isNotEqualTo("too_much");
        ask.put("share", Bodies.typed(Double.toString(share - 5), "%"));
        assertThat(standing(answer(ask))).isEqualTo("too_much");
    }

    /** 41 % of the alkalinity is gone at 6.5 and 69 % at 6.0, so after 41 and 69 drops 19 more are 88 %, which is 5.5. */
    @Test
    void twoReadingsTellHowManyMoreDrops() {
        Map<String, Object> ask = new HashMap<>(Map.of(
                "startPh", Bodies.typed("8", "pH"),
                "targetPh", Bodies.typed("5.5", "pH"),
                "points",
                        List.of(
                                Map.of("added", Bodies.typed("41", ""), "ph", Bodies.typed("6.5", "pH")),
                                Map.of("added", Bodies.typed("69", ""), "ph", Bodies.typed("6.0", "pH")))));
        JsonNode drops = api.post("/api/water/drops", ask).ok();
        assertThat(drops.path("more").asDouble()).isCloseTo(19, within(1.5));
        assertThat(drops.path("inAll").asDouble())
                .isCloseTo(69 + drops.path("more").asDouble(), within(1e-9));
        assertThat(drops.path("low").asDouble()).isLessThan(drops.path("more").asDouble());
        assertThat(drops.path("high").asDouble())
                .isGreaterThan(drops.path("more").asDouble());
        ask.put("points", List.of(Map.of("added", Bodies.typed("41", ""), "ph", Bodies.typed("6.5", "pH"))));
        assertThat(api.post("/api/water/drops", ask).faults()).containsExactly("missing");
    }

    // --- one nutrient for one plant ---

    private static Map<String, Object> withSpoons(Map<String, Object> ask) {
        Map<String, Object> all = new HashMap<>(ask);
        all.put("spoons", List.of("TEASPOON", "QUARTER"));
        return all;
    }

    private Map<String, Object> remedy(String key, String species) {
        return withSpoons(Map.of(
                "remedy",
                key,
                "species",
                Bodies.kind(species),
                "waterPh",
                Bodies.typed("7", "pH"),
                "litres",
                Bodies.typed("2", "L"),
                "leaf",
                "thin",
                "wetting",
                false,
                "celsius",
                Bodies.typed("18", "°C"),
                "sun",
                false,
                "hand",
                "spoons"));
    }

    private JsonNode treatment(Map<String, Object> ask) {
        return api.post("/api/remedy", ask).ok();
    }

    /** 1.2–2.4 g/L of crystals, 118–236 mg/L of magnesium: extension practice, from memory; 9.86 % Mg by its formula. */
    @Test
    void aDrenchOfBitterSaltIsInGramsAndInMagnesium() {
        JsonNode t = treatment(remedy("epsom_drench", "streptocarpus"));
        assertThat(t.path("refusals").size()).isZero();
        assertThat(t.path("low").asDouble()).isCloseTo(2 * 1.2, within(1e-6));
        assertThat(t.path("high").asDouble()).isCloseTo(2 * 2.4, within(1e-6));
        assertThat(t.path("mgPerLLow").asDouble()).isCloseTo(1.2 * 98.6, within(0.5));
        assertThat(t.path("mgPerLHigh").asDouble()).isCloseTo(2.4 * 98.6, within(0.5));
        assertThat(t.path("cautions").size()).isPositive();
    }

    /** A level tablespoon of it to the US gallon is near 380 mg/L of magnesium, more than is usual; from memory, and by arithmetic. */
    @Test
    void aStrengthOfOnesOwnIsHeldAgainstTheUsual() {
        Map<String, Object> ask = remedy("epsom_drench", "streptocarpus");
        ask.put("own", Bodies.typed("1", "tbsp/US gal"));
        JsonNode own = treatment(ask).path("own");
        assertThat(own.path("mgPerL").asDouble()).isCloseTo(380, within(15.0));
        assertThat(own.path("beside").asString()).isEqualTo("stronger");
        ask.put("own", Bodies.typed("150", "ppm"));
        assertThat(treatment(ask).path("own").path("beside").asString()).isEqualTo("within");
        assertThat(treatment(ask).path("hand")).hasSize(2);
    }

    /** EDTA holds its iron to pH 6.3, DTPA to 7, EDDHA above: extension, from memory. */
    @Test
    void aChelateThatWouldLoseItsIronIsRefusedWithOneThatHolds() {
        Map<String, Object> ask = remedy("iron_edta", "streptocarpus");
        ask.put("mixPh", Bodies.typed("7.4", "pH"));
        JsonNode t = treatment(ask);
        assertThat(t.path("refusals").size()).isPositive();
        assertThat(t.path("better").valueStream().map(JsonNode::asString)).containsExactly("iron_eddha");
        ask.put("remedy", "iron_eddha");
        assertThat(treatment(ask).path("refusals").size()).isZero();
    }

    /** Common practice, no source: nothing is sprayed in sun or heat. Copper harms bromeliads. */
    @Test
    void sprayInTheSunAndCopperOnABromeliadAreRefused() {
        Map<String, Object> spray = remedy("epsom_spray", "streptocarpus");
        assertThat(treatment(spray).path("refusals").size()).isZero();
        spray.put("sun", true);
        assertThat(treatment(spray).path("refusals").size()).isPositive();
        Map<String, Object> copper = remedy("copper_spray", "streptocarpus");
        copper.put("species", Bodies.kind("guzmania", "bromeliad"));
        assertThat(treatment(copper).path("refusals").get(0).path("code").asString())
                .isEqualTo("copper_kills");
    }

    @Test
    void whatIsBrewedIsListedWithoutAFigure() {
        JsonNode all = api.get("/api/remedy").ok();
        assertThat(all.path("remedies").size()).isGreaterThan(8);
        for (JsonNode brew : all.path("brews")) {
            assertThat(brew.path("fold").asDouble()).isGreaterThanOrEqualTo(5);
            assertThat(brew.has("n")).isFalse();
        }
        assertThat(api.post("/api/remedy", remedy("moon_dust", "streptocarpus")).faults())
                .containsExactly("choice_unknown");
    }
}
