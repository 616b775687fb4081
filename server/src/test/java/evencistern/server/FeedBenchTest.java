package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The dose bench and the pen in the can, as the page asks for them. */
class FeedBenchTest {
    /** Oxides to elements [IUPAC]. */
    private static final double P_IN_P2O5 = 0.4364;

    private static final double K_IN_K2O = 0.8301;
    private static final double CA_IN_CAO = 0.7147;

    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final JsonNode feed = api.put(home + "/feeds", Bodies.feed()).ok();
    private final JsonNode water = garden.path("waters").get(0);

    private Map<String, Object> ask(String aim, Map<String, Object> more) {
        Map<String, Object> ask = new HashMap<>(Map.of(
                "feed",
                feed,
                "water",
                water,
                "aim",
                aim,
                "vessels",
                garden.path("vessels"),
                "hand",
                "spoons",
                "spoons",
                List.of("TEASPOON", "HALF", "QUARTER"),
                "working",
                false));
        ask.putAll(more);
        return ask;
    }

    private JsonNode dose(String aim, Map<String, Object> more) {
        return api.post("/api/feed/dose", ask(aim, more)).ok();
    }

    private static double of(JsonNode nutrients, String nutrient) {
        return nutrients
                .valueStream()
                .filter(n -> n.path("nutrient").asString().equals(nutrient))
                .findFirst()
                .orElseThrow()
                .path("feed")
                .asDouble();
    }

    /** 1 g/L of 10-5-15: half of it is 0.5 g/L, 50 mg/L of nitrogen, and P and K as elements. */
    @Test
    void halfOfTheLabelIsHalfOfEverythingInIt() {
        JsonNode half = dose("share", Map.of("value", Bodies.typed("50", "%")));
        assertThat(half.path("perLitre").asDouble()).isCloseTo(0.5, within(1e-9));
        assertThat(half.path("n").asDouble()).isCloseTo(50, within(1e-9));
        assertThat(of(half.path("nutrients"), "p")).isCloseTo(0.5 * 50 * P_IN_P2O5, within(0.02));
        assertThat(of(half.path("nutrients"), "k")).isCloseTo(0.5 * 150 * K_IN_K2O, within(0.02));
        assertThat(half.path("working").isMissingNode() || half.path("working").isNull())
                .isTrue();
        JsonNode told = dose("share", Map.of("value", Bodies.typed("50", "%"), "working", true));
        assertThat(told.path("working").size()).isGreaterThan(2);
    }

    /** mg/L = g/L × % × 10, so 80 mg/L of a feed of 10 % is 0.8 g/L. */
    @Test
    void aTargetOfNitrogenIsReachedWhereThePlantStandsIt() {
        JsonNode answer = dose("nitrogen", Map.of("value", Bodies.typed("80", "mg/L")));
        assertThat(answer.path("perLitre").asDouble()).isCloseTo(0.8, within(1e-9));
        assertThat(answer.path("heldBack").asBoolean()).isFalse();
        assertThat(answer.path("ecAdded").asDouble()).isPositive();
    }

    private JsonNode labelled(String label) {
        Map<String, Object> other = Bodies.feed();
        other.put("label", label);
        return api.put(home + "/feeds", other).ok();
    }

    /** 4 g/L would be 400 mg/L: what is lost to the plant's limit is said and not made up. */
    @Test
    void whatThePlantDoesNotStandIsHeldBackAndSaid() {
        JsonNode answer = dose(
                "nitrogen",
                Map.of(
                        "feed", labelled("4 g per litre weekly"),
                        "value", Bodies.typed("400", "mg/L"),
                        "species", Bodies.kind("streptocarpus")));
        assertThat(answer.path("heldBack").asBoolean()).isTrue();
        double given = answer.path("n").asDouble();
        assertThat(given).isLessThanOrEqualTo(answer.path("nCap").asDouble() + 1e-9);
        assertThat(answer.path("lostPercent").asDouble()).isCloseTo(100 * (1 - given / 400), within(0.1));
    }

    @Test
    void moreThanTheLabelAllowsIsRefused() {
        Map<String, Object> strong = ask("nitrogen", Map.of("value", Bodies.typed("103", "mg/L")));
        Api.Answer answer = api.post("/api/feed/dose", strong);
        assertThat(answer.faults()).containsExactly("above_label_rate");
        assertThat(answer.body().path("detail").asString()).contains("the product's label comes first");
    }

    /** 10 g in 5 L of a feed of 10 % nitrogen, told up to 1 g/L: twice the label, 200 mg/L. */
    @Test
    void whatHasBeenMixedIsJudgedAndPutRight() {
        Map<String, Object> ten = Map.of("amount", Bodies.typed("10", "g"), "litres", Bodies.typed("5", "L"));
        JsonNode answer = dose("mixed", ten);
        assertThat(answer.path("perLitre").asDouble()).isCloseTo(2, within(1e-9));
        assertThat(answer.path("n").asDouble()).isCloseTo(200, within(1e-9));
        assertThat(answer.path("ofLabelPercent").asDouble()).isCloseTo(200, within(1e-6));
        double most = answer.path("ceilingPerLitre").asDouble();
        assertThat(answer.path("waterToAdd").asDouble()).isCloseTo(10 / most - 5, within(1e-6));
        assertThat(answer.path("cans")).isEmpty();
        // a level teaspoon is 5 mL, and the kitchen's gallon 3.7854 L [NIST811]
        JsonNode spoon =
                dose("mixed", Map.of("amount", Bodies.typed("1", "tsp"), "litres", Bodies.typed("1", "US gal")));
        assertThat(spoon.path("millilitresPerLitre").asDouble()).isCloseTo(5 / 3.7854, within(0.001));
        assertThat(api.post("/api/feed/dose", ask("mixed", Map.of())).faults()).containsExactly("missing");
        assertThat(api.post(
                                "/api/feed/dose",
                                ask(
                                        "mixed",
                                        Map.of("amount", Bodies.typed("3", "°C"), "litres", Bodies.typed("0", "L"))))
                        .faults())
                .contains("too_small");
    }

    /** On a pen of 500 ppm to the mS/cm, 300 ppm are 0.6 mS/cm over the water. */
    @Test
    void aNumberOnThePenIsMixedTo() {
        Map<String, Object> pen = new HashMap<>();
        garden.path("meters").get(0).properties().forEach(e -> pen.put(e.getKey(), e.getValue()));
        pen.put("scale", "ppm500");
        JsonNode answer = dose("pen", Map.of("reading", Bodies.typed("300", "ppm"), "meter", pen));
        assertThat(answer.path("ecAdded").asDouble()).isCloseTo(0.6, within(0.001));
        assertThat(api.post("/api/feed/dose", ask("pen", Map.of("reading", Bodies.typed("300", "ppm"))))
                        .faults())
                .contains("tds_without_scale");
    }

    /** c₂ = c₁ · n₁ / n₂: twice as often is half as strong. */
    @Test
    void theSameFoodTwiceAsOftenIsHalfAsStrong() {
        JsonNode once = dose("same_food", Map.of("days", Bodies.typed("12", "d")));
        JsonNode twice = dose("same_food", Map.of("days", Bodies.typed("6", "d")));
        assertThat(once.path("labelDays").asDouble()).isEqualTo(12);
        assertThat(twice.path("perLitre").asDouble())
                .isCloseTo(once.path("perLitre").asDouble() / 2, within(1e-9));
    }

    @Test
    void everyCanHasItsSpoonsItsReadingAndItsCost() {
        JsonNode answer = dose("share", Map.of("value", Bodies.typed("100", "%"), "pack", 500, "cost", 10));
        assertThat(answer.path("cans").size()).isPositive();
        for (JsonNode can : answer.path("cans")) {
            double litres = can.path("litres").asDouble();
            double n = can.path("n").asDouble();
            assertThat(can.path("meter").asDouble())
                    .isGreaterThan(water.path("ec").asDouble());
            // 10 % nitrogen: so many grams are in the can; a pack of 500 g for 10
            double grams = n * litres / 100;
            assertThat(can.path("cost").asDouble()).isCloseTo(grams / 500 * 10, within(1e-6));
            assertThat(n).isCloseTo(100, within(25.0)); // a quarter of a teaspoon is the finest step
        }
    }

    @ParameterizedTest
    @CsvSource({"nitrogen, missing, nitrogen", "share, missing, share", "same_food, missing, days"})
    void anAimWithoutItsFigureIsAskedForIt(String aim, String code, String field) {
        Api.Answer answer = api.post("/api/feed/dose", ask(aim, Map.of()));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.faults()).containsExactly(code);
        assertThat(answer.body().path("faults").get(0).path("field").asString()).isEqualTo(field);
    }

    @Test
    void whatHasNoDoseInWaterIsRefused() {
        Map<String, Object> carnivore = ask("label", Map.of("species", Bodies.kind("pitcher_plant")));
        assertThat(api.post("/api/feed/dose", carnivore).faults()).containsExactly("no_root_feed");
        Map<String, Object> strewn = ask("label", Map.of("feed", labelled("3 g per litre of mix every 3 months")));
        assertThat(api.post("/api/feed/dose", strewn).faults()).containsExactly("not_watered_on");
    }

    /** 1 g of a feed with 10 % CaO has 71.5 mg of calcium. */
    @Test
    void anAnalysisIsToldAsElements() {
        Map<String, Object> input = Bodies.feed();
        input.put("contents", Map.of("CAO", Bodies.typed("10", "%")));
        JsonNode answer = api.post("/api/feed/analysis", input).ok();
        assertThat(of(answer.path("contents"), "ca")).isCloseTo(100 * CA_IN_CAO, within(0.1));
        assertThat(untold(answer)).contains("nitrogen_forms", "boron");
        input.put("contents", Map.of("NITRATE_N", Bodies.typed("6", "%"), "UREA_N", Bodies.typed("4", "%")));
        assertThat(untold(api.post("/api/feed/analysis", input).ok())).containsExactly("boron");
    }

    private static List<String> untold(JsonNode answer) {
        return answer.path("untold").valueStream().map(JsonNode::asString).toList();
    }

    private Map<String, Object> can(String reading, String unit) {
        return new HashMap<>(Map.of(
                "feed", feed,
                "perLitre", 1,
                "water", water,
                "meter", garden.path("meters").get(0),
                "calibrations", List.of(),
                "on", LocalDate.parse(App.TODAY),
                "reading", Bodies.typed(reading, unit),
                "others", List.of()));
    }

    private String likeliest(double ec) {
        JsonNode answer = api.post("/api/feed/can-check", can(Double.toString(ec), "mS/cm"))
                .ok();
        assertThat(answer.path("stories")
                        .valueStream()
                        .mapToDouble(s -> s.path("probability").asDouble())
                        .sum())
                .isCloseTo(1, within(1e-9));
        return answer.path("stories").get(0).path("story").asString();
    }

    @Test
    void theCanIsRightUnfedOrFedTwice() {
        double plain = water.path("ec").asDouble();
        double expected = api.post("/api/feed/can-check", can("1", "mS/cm"))
                .ok()
                .path("expected")
                .asDouble();
        assertThat(expected).isGreaterThan(plain + 0.3);
        assertThat(likeliest(expected)).isEqualTo("right");
        assertThat(likeliest(plain)).isEqualTo("not_fed");
        assertThat(likeliest(plain + 2.1 * (expected - plain))).isEqualTo("double");
    }

    /** 700 ppm of the scale that counts 500 to the mS/cm is 1.4; without a scale it is no reading. */
    @Test
    void ppmIsReadOnThePensOwnScale() {
        Map<String, Object> meter = new HashMap<>();
        garden.path("meters").get(0).properties().forEach(e -> meter.put(e.getKey(), e.getValue()));
        meter.put("scale", "ppm500");
        Map<String, Object> ask = can("700", "ppm");
        ask.put("meter", meter);
        assertThat(api.post("/api/feed/can-check", ask).ok().path("reading").asDouble())
                .isCloseTo(1.4, within(1e-9));
        meter.remove("scale");
        assertThat(api.post("/api/feed/can-check", ask).faults()).containsExactly("tds_without_scale");
        ask.remove("reading");
        assertThat(api.post("/api/feed/can-check", ask).faults()).containsExactly("missing");
    }

    /** A feed whose sentence came to something else when it was saved: both are told, and the smaller counts. */
    @Test
    void aLabelThatIsReadOtherwiseThanItWasSavedCountsAsTheSmallerOfBoth() {
        Map<String, Object> kept = Bodies.feed();
        kept.put("readAs", "0.4 g per litre of water every 30 days");
        JsonNode other = api.put(home + "/feeds", kept).ok();
        assertThat(other.path("readAs").asString()).isEqualTo(kept.get("readAs"));
        JsonNode read = api.post("/api/feed/label", Map.of("feed", kept)).ok();
        assertThat(read.path("before").asString()).isEqualTo(kept.get("readAs"));
        assertThat(read.at("/way/inWords").asString()).startsWith("1 g per litre");
        assertThat(dose("label", Map.of("feed", other)).path("perLitre").asDouble())
                .isCloseTo(0.4, within(1e-9));

        kept.put("readAs", null);
        kept.put("version", other.path("version").asInt());
        JsonNode chosen = api.put(home + "/feeds", kept).ok();
        assertThat(chosen.path("readAs").asString()).startsWith("1 g per litre");
        assertThat(dose("label", Map.of("feed", chosen)).path("perLitre").asDouble())
                .isCloseTo(1, within(1e-9));
    }

    /** The page of a lot that is fed with it says that there is something to choose; once chosen it says nothing more. */
    @Test
    void aLotSaysThatItsFeedWaitsForAChoice() {
        Map<String, Object> kept = Bodies.feed();
        kept.put("readAs", "0.4 g per litre of water every 30 days");
        JsonNode other = api.put(home + "/feeds", kept).ok();
        Map<String, Object> lot = Bodies.lot(garden, other.path("id").asString());
        assertThat(Bodies.attempt(api, garden, lot).ok().path("notes").toString())
                .contains("label_changed");
        kept.put("readAs", null);
        kept.put("version", other.path("version").asInt());
        api.put(home + "/feeds", kept).ok();
        assertThat(Bodies.attempt(api, garden, lot).ok().path("notes").toString())
                .doesNotContain("label_changed");
    }

    /** Whose gallon it is: told by the garden's own measures, and kept with the feed as an answer. */
    @Test
    void aGallonInAGardenOfUsMeasuresIsNotAskedAbout() {
        Map<String, Object> ask = Bodies.label("1 tbsp per gallon weekly", "liquid", List.of());
        ask.put("habit", "us");
        JsonNode told = api.post("/api/feed/label", ask).ok();
        assertThat(told.path("taken").get(0).path("choice").asString()).isEqualTo("US");
        // [NIST811]: 14.7868 mL in 3.785412 L
        assertThat(told.at("/way/rate/min").asDouble()).isCloseTo(14.7868 / 3.785412, within(1e-4));
        ask.put("habit", "metric");
        JsonNode asked = api.post("/api/feed/label", ask).ok();
        assertThat(asked.path("taken")).isEmpty();
        assertThat(asked.at("/questions/0/question").asString()).isEqualTo("WHICH_MEASURES");
    }

    /** Arithmetic: 0.5 to 1 mL/L in 5 L are half a teaspoon to one; both ways to read a sentence are told so. */
    @Test
    void whatTheLabelComesToIsToldInTheirCan() {
        Map<String, Object> ask = Bodies.label("0.5 to 1 ml per litre weekly", "liquid", List.of());
        ask.put("canLitres", 5);
        JsonNode hand = api.post("/api/feed/label", ask).ok().at("/way/hand");
        assertThat(hand.at("/low/pieces/0/count").asDouble()).isEqualTo(0.5);
        assertThat(hand.at("/high/pieces/0/count").asDouble()).isEqualTo(1);
        assertThat(hand.at("/high/pieces/0/tool").asString()).isEqualTo("teaspoon");
        Map<String, Object> twice = Bodies.label("1.500 ml per 1000 l weekly", "liquid", List.of());
        twice.put("canLitres", 5);
        JsonNode two = api.post("/api/feed/label", twice).ok();
        assertThat(two.path("readings").size()).isEqualTo(2);
        assertThat(two.at("/readings/0/hand/high/exact").asDouble()
                        / two.at("/readings/1/hand/high/exact").asDouble())
                .satisfiesAnyOf(
                        r -> assertThat(r).isCloseTo(1000, within(1.0)),
                        r -> assertThat(r).isCloseTo(0.001, within(1e-6)));
        // without a can nothing is told in it
        assertThat(api.post("/api/feed/label", Bodies.label("1 ml per litre weekly", "liquid", List.of()))
                        .ok()
                        .at("/way/hand")
                        .isMissingNode())
                .isTrue();
    }

    /** Arithmetic: 5 g for a pot of 10 cm are 7 g for one of 14 cm. */
    @Test
    void aLabelByThePotIsToldForAPotOfTheirs() {
        Map<String, Object> ask = Bodies.label("5 g per 10 cm pot every 8 weeks", "dry", List.of());
        ask.put("hand", "scale");
        ask.put("pot", Bodies.lot(garden, null).get("pot"));
        JsonNode hand = api.post("/api/feed/label", ask).ok().at("/way/hand");
        assertThat(hand.at("/high/exact").asDouble()).isGreaterThan(0);
    }

    /** Arithmetic: of a 10-5-15 in salts 150 mg/L of nitrogen need 1.5 g/L; without the analysis it is asked for. */
    @Test
    void aLabelOfSoManyPpmIsWorkedOutFromTheAnalysis() {
        Map<String, Object> feed = Bodies.feed();
        feed.put("label", "150 ppm N with every second watering, March to September; half for orchids");
        api.put(home + "/feeds", feed).ok();
        JsonNode read = api.post("/api/feed/label", Map.of("feed", feed)).ok();
        assertThat(read.at("/way/rate/max").asDouble()).isCloseTo(1.5, within(1e-6));
        assertThat(read.at("/way/rhythm/waterings").asInt()).isEqualTo(2);
        assertThat(read.at("/terms/season/months").size()).isEqualTo(7);
        assertThat(read.at("/terms/shares/0/percent").asDouble()).isEqualTo(50);
        assertThat(api.post("/api/feed/label", Bodies.label("150 ppm N weekly", "dry", List.of()))
                        .ok()
                        .at("/refusals/0/code")
                        .asString())
                .isEqualTo("label_aim_unknown");
    }

    @Test
    void aWholeLabelIsSearchedAndALongerOneIsRefused() {
        JsonNode found = api.post(
                        "/api/feed/whole-label",
                        Map.of("text", "Wren crystals\nNPK 7-3-6\nTotal nitrogen 8 %\nDissolve 1 g per litre, weekly."))
                .ok()
                .path("found");
        assertThat(found.valueStream().map(f -> f.path("field").asString()))
                .containsExactlyInAnyOrder("name", "form", "N", "P2O5", "K2O", "label");
        assertThat(found.valueStream()
                        .filter(f -> f.path("field").asString().equals("N"))
                        .map(f -> f.path("doubts").toString()))
                .containsExactly("[\"said_twice\"]");
        assertThat(api.post("/api/feed/whole-label", Map.of("text", "5 ml ".repeat(8001)))
                        .faults())
                .containsExactly("too_long");
        assertThat(api.post("/api/feed/whole-label", Map.of("text", "")).ok().path("found"))
                .isEmpty();
    }

    @Test
    void whatCannotBeComparedIsAskedAboutAndNothingIsKept() {
        Map<String, Object> kept = Bodies.feed();
        for (String before :
                List.of("2 g of product per plant every 7 days", "nothing of the kind", "5 ml ".repeat(300))) {
            kept.put("readAs", before);
            assertThat(api.put(home + "/feeds", kept).faults()).containsExactly("label_read_otherwise");
        }
    }
}
