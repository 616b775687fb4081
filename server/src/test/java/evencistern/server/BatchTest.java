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
import tools.jackson.databind.JsonNode;

/** Batches planned, made, drawn from the shelf and taken back. */
class BatchTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private static Map<String, Object> fill(String count) {
        return Map.of("name", "13 cm pot", "pot", Bodies.pot("13", "9", "12"), "count", Bodies.typed(count, ""));
    }

    private Map<String, Object> batch(Object... fills) {
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "recipe",
                "peat_perlite",
                "fills",
                List.of(fills),
                "waste",
                Bodies.typed("10", "%"),
                "notes",
                "",
                "version",
                0));
    }

    private Map<String, Object> ask(Object... fills) {
        Map<String, Object> mix = Bodies.mix(garden, "peat_perlite");
        mix.put("yield", Bodies.typed("80", "%"));
        return new HashMap<>(Map.of(
                "mix",
                mix,
                "working",
                true,
                "fills",
                List.of(fills),
                "waste",
                Bodies.typed("10", "%"),
                "shovel",
                2.5,
                "handful",
                0.15,
                "tub",
                5,
                "stirredPerLitre",
                2.6,
                "onHand",
                Map.of("peat_medium", 2)));
    }

    /** Arithmetic: a cone cut off, 13 cm at the rim and 9 at the base, filled to 88 % of 12 cm; 12 of them and a tenth. */
    @Test
    void potsAreAddedUpAndSharedOutInLoads() {
        double top = 9 + 4 * 0.88;
        double litres = Math.PI * 12 * 0.88 / 12 * (top * top + top * 9 + 81) / 1000;
        JsonNode live = api.post("/api/batch", ask(fill("12"))).ok();
        assertThat(live.path("mixLitres").asDouble()).isCloseTo(12 * litres * 1.1, within(1e-6));
        double put = 12 * litres * 1.1 / 0.8;
        assertThat(live.path("putLitres").asDouble()).isCloseTo(put, within(1e-6));
        int loads = (int) Math.ceil(put / 5);
        assertThat(live.path("loads").asInt()).isEqualTo(loads);
        JsonNode peat = live.path("amounts").get(0);
        assertThat(peat.path("shovelsEachLoad").path("count").asDouble())
                .isCloseTo(put * 0.75 / loads / 2.5, within(0.25));
        assertThat(peat.path("packsToOpen").asInt()).isEqualTo(1);
        assertThat(peat.path("packsToBuy").asInt()).isEqualTo(1);
        assertThat(live.path("amounts").get(1).has("packsToBuy")).isFalse();
        assertThat(live.path("stirredGramsEachLoad").asDouble())
                .isCloseTo(2.6 * 12 * litres * 1.1 / loads, within(1e-6));
        assertThat(live.path("cautions").valueStream().map(JsonNode::asString)).contains("potting_mix", "lime");
    }

    @Test
    void everyFaultOfABatchIsToldAtOnce() {
        Map<String, Object> ask = ask(fill("2.5"));
        ask.put("tub", 0);
        ask.put("waste", Bodies.typed("lots", "%"));
        assertThat(api.post("/api/batch", ask).faults())
                .containsExactlyInAnyOrder("too_small", "not_a_number", "not_a_number");
        assertThat(api.post("/api/batch", ask()).faults()).containsExactly("missing");
        assertThat(api.put(home + "/batches", batch()).faults()).containsExactly("missing");
    }

    private JsonNode stock(String of, String key) {
        return api.get(home + "/stock")
                .ok()
                .valueStream()
                .filter(s -> s.path("stock").path(of).asString("").equals(key))
                .findFirst()
                .orElseThrow();
    }

    private void count(String of, String key, String litres) {
        count(of, key, litres, "L");
    }

    private void count(String of, String key, String amount, String unit) {
        api.put(home + "/stock", counted(of, key, amount, unit)).ok();
    }

    private static Map<String, Object> counted(String of, String key, String amount, String unit) {
        return new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(), of, key, "amount", Bodies.typed(amount, unit), "version", 0));
    }

    /** Arithmetic: 2.6 g of dolomite and 3 g of gypsum to a litre of mix, off what was counted. */
    @Test
    void whatIsStirredInIsDrawnFromTheShelf() {
        count("additive", "DOLOMITE", "500", "g");
        count("additive", "gypsum", "1", "kg");
        Map<String, Object> form = Bodies.recipe("With gypsum", "peat_medium", "3", "perlite_coarse", "1");
        form.put("amendments", List.of(Map.of("key", "gypsum", "grams", "3")));
        api.put(home + "/mixes/recipes", form).ok();
        Map<String, Object> input = batch(fill("12"));
        input.put("recipe", form.get("id"));
        input.put("stirredIn", "Dolomite");
        input.put("stirredKey", "DOLOMITE");
        input.put("stirredPerLitre", 2.6);
        double litres = api.put(home + "/batches", input).ok().path("litres").asDouble();
        assertThat(stock("additive", "DOLOMITE").path("left").asDouble()).isCloseTo(500 - 2.6 * litres, within(1e-6));
        assertThat(stock("additive", "gypsum").path("left").asDouble()).isCloseTo(1000 - 3 * litres, within(1e-6));
        input.put("id", UUID.randomUUID().toString());
        input.put("stirredKey", "chalk dust");
        assertThat(api.put(home + "/batches", input).faults()).containsExactly("choice_unknown");
        assertThat(api.put(home + "/stock", counted("additive", "chalk dust", "1", "g"))
                        .faults())
                .containsExactly("choice_unknown");
    }

    /** Arithmetic: 12.00 for a bale that gives 140 L loose; sieving away half doubles what is paid. */
    @Test
    void aComponentWithoutAPriceOfItsOwnCostsWhatTheStockDid() {
        Map<String, Object> bale = counted("component", "peat_medium", "140", "L");
        bale.put("pack", Bodies.typed("140", "L"));
        bale.put("cost", Bodies.typed("12", ""));
        bale.put("currency", "£");
        api.put(home + "/stock", bale).ok();
        JsonNode peat = api.get(home + "/mixes")
                .ok()
                .path("components")
                .valueStream()
                .filter(c -> c.path("shipped").asString("").equals("peat_medium"))
                .findFirst()
                .orElseThrow();
        assertThat(peat.path("packCost").asDouble())
                .isCloseTo(12 / 140.0 * peat.path("packLoose").asDouble(), within(1e-9));
        assertThat(peat.path("currency").asString()).isEqualTo("£");
        assertThat(peat.path("costFromShelf").asBoolean()).isTrue();
        JsonNode live = api.post("/api/batch", ask(fill("12"))).ok();
        double put = live.path("amounts").get(0).path("litres").asDouble();
        assertThat(live.path("cost").asDouble()).isCloseTo(put * 12 / 140, within(1e-6));
        assertThat(live.path("unpriced")).hasSize(1);
        Map<String, Object> sieved = ask(fill("12"));
        sieved.put("rejects", Map.of("peat_medium", Bodies.typed("50", "%")));
        assertThat(api.post("/api/batch", sieved).ok().path("cost").asDouble())
                .isCloseTo(2 * put * 12 / 140, within(1e-6));
    }

    /** Arithmetic: what a fifth is sieved out of is drawn as 1/0.8 of what goes in; the other part as it is. */
    @Test
    void whatIsSievedOutIsDrawnFromTheShelfToo() {
        count("component", "peat_medium", "50");
        count("component", "perlite_coarse", "50");
        Map<String, Object> input = batch(fill("12"));
        input.put("rejects", Map.of("perlite_coarse", Bodies.typed("20", "%")));
        JsonNode put = api.put(home + "/batches", input).ok().path("put");
        double peat = put.path(0).path("litres").asDouble();
        double perlite = put.path(1).path("litres").asDouble();
        assertThat(perlite).isCloseTo(peat / 3, within(1e-9));
        assertThat(stock("component", "peat_medium").path("left").asDouble()).isCloseTo(50 - peat, within(1e-9));
        assertThat(stock("component", "perlite_coarse").path("left").asDouble())
                .isCloseTo(50 - perlite / 0.8, within(1e-9));
        Map<String, Object> whole = batch(fill("12"));
        whole.put("rejects", Map.of("perlite_coarse", Bodies.typed("0", "%")));
        assertThat(api.put(home + "/batches", whole).ok().path("put").path(1).has("taken"))
                .as("a sieve that takes nothing away")
                .isFalse();
        Map<String, Object> all = batch(fill("12"));
        all.put("rejects", Map.of("perlite_coarse", Bodies.typed("100", "%")));
        assertThat(api.put(home + "/batches", all).faults()).containsExactly("too_large");
    }

    @Test
    void aBatchDrawsDownItsComponentsAndFillsUpItsMixUntilItIsTakenBack() {
        count("component", "peat_medium", "50");
        count("mix", "peat_perlite", "1");
        Api.Answer made = api.put(home + "/batches", batch(fill("12")));
        JsonNode b = made.ok();
        assertThat(b.path("number").asInt()).isEqualTo(1);
        assertThat(b.path("recipeName").asString()).isEqualTo("Peat and perlite, 3\u00a0:\u00a01");
        double peat = b.path("put").get(0).path("litres").asDouble();
        assertThat(peat).isBetween(5.0, 20.0);
        assertThat(stock("component", "peat_medium").path("left").asDouble()).isCloseTo(50 - peat, within(1e-9));
        assertThat(stock("mix", "peat_perlite").path("left").asDouble())
                .isCloseTo(1 + b.path("litres").asDouble(), within(1e-9));
        String act = made.raw().headers().firstValue("Act-Id").orElseThrow();
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/batches").ok().size()).isZero();
        assertThat(stock("component", "peat_medium").path("left").asDouble()).isEqualTo(50);
        assertThat(api.put(home + "/batches", batch(fill("1")))
                        .ok()
                        .path("number")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void aBatchKeepsWhatWentInWhenItsRecipeChanges() {
        Map<String, Object> input = batch(fill("4"));
        JsonNode before = api.put(home + "/batches", input).ok();
        JsonNode recipe = Bodies.named(api.get(home + "/mixes").ok().path("recipes"), "peat_perlite");
        Map<String, Object> changed = Bodies.recipe("Peat alone", "peat_medium", "1");
        changed.put("id", recipe.path("id").asString());
        changed.put("shipped", "peat_perlite");
        api.put(home + "/mixes/recipes", changed).ok();
        input.put("version", 1);
        input.put("firstPh", Bodies.typed("5,6", "pH"));
        input.put("notes", "slack in the bag");
        JsonNode after = api.put(home + "/batches", input).ok();
        assertThat(after.path("put")).isEqualTo(before.path("put"));
        assertThat(after.path("recipeVersion").asInt()).isZero();
        assertThat(after.path("firstPh").asDouble()).isEqualTo(5.6);
        assertThat(after.path("firstPhTyped").path("text").asString()).isEqualTo("5,6");
        input.put("version", 1);
        assertThat(api.put(home + "/batches", input).status()).isEqualTo(200);
        input.put("notes", "from an older page");
        assertThat(api.put(home + "/batches", input).faults()).containsExactly("stale");
    }
}
