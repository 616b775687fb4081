package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.media.PotWater;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Components and recipes of a garden, and what comes of a mix as it is typed. */
class MixTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private JsonNode mixes() {
        return api.get(home + "/mixes").ok();
    }

    private JsonNode component(String key) {
        return Bodies.named(mixes().path("components"), key);
    }

    /** The form of a component as the page fills it in. */
    private static Map<String, Object> form(JsonNode c, String name) {
        Map<String, Object> fields = new HashMap<>();
        Map.ofEntries(
                        Map.entry("grainFrom", "mm"),
                        Map.entry("grainTo", "mm"),
                        Map.entry("porosity", "%"),
                        Map.entry("capacity", "%"),
                        Map.entry("capacityColumn", "cm"),
                        Map.entry("unavailable", "%"),
                        Map.entry("residual", "%"),
                        Map.entry("n", ""),
                        Map.entry("density", "kg/L"),
                        Map.entry("ph", "pH"),
                        Map.entry("buffer", "g/L"),
                        Map.entry("cec", "meq/100 cm³"),
                        Map.entry("ec", "mS/cm"),
                        Map.entry("wetYears", "yr"),
                        Map.entry("cycledYears", "yr"),
                        Map.entry("packPrinted", c.path("packKind").asString().equals("BRICK") ? "g" : "L"),
                        Map.entry("packLoose", "L"))
                .forEach((f, unit) ->
                        fields.put(f, Bodies.typed(c.path(f).decimalValue().toPlainString(), unit)));
        Map<String, Object> form = new HashMap<>(Map.of(
                "id",
                c.path("id").asString(),
                "name",
                name,
                "family",
                c.path("family").asString(),
                "packKind",
                c.path("packKind").asString(),
                "fields",
                fields,
                "version",
                c.path("version").asInt()));
        if (c.has("shipped")) {
            form.put("shipped", c.path("shipped").asString());
        }
        return form;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> with(Map<String, Object> form, String field, String text, String unit) {
        ((Map<String, Object>) form.get("fields")).put(field, Bodies.typed(text, unit));
        return form;
    }

    private Map<String, Object> ask(String recipe) {
        return new HashMap<>(Map.of(
                "mix",
                Bodies.mix(garden, recipe),
                "pots",
                List.of(Bodies.pot("13", "9", "12"), Bodies.pot("20", "14", "19"), Bodies.pot("7", "5", "6.5")),
                "lime",
                "DOLOMITE",
                "fineness",
                "POWDER",
                "working",
                true));
    }

    private Api.Answer live(Map<String, Object> ask) {
        return api.post("/api/mix", ask);
    }

    @Test
    void aGardenStartsWithTheShippedComponentsAndRecipes() {
        assertThat(mixes().path("components").size()).isBetween(40, 60);
        assertThat(mixes().path("recipes").size()).isGreaterThanOrEqualTo(10);
        mixes().path("recipes")
                .forEach(r -> live(ask(r.path("shipped").asString())).ok());
    }

    /** The same mix is wetter, and has less air, the lower it stands: the effect every table of containers shows. */
    @Test
    void theSameMixHasLessAirInALowerPot() {
        JsonNode pots = live(ask("peat_perlite")).ok().path("pots");
        assertThat(pots.size()).isEqualTo(3);
        assertThat(pots.get(1).path("air").asDouble())
                .isGreaterThan(pots.get(0).path("air").asDouble());
        assertThat(pots.get(0).path("air").asDouble())
                .isGreaterThan(pots.get(2).path("air").asDouble());
        assertThat(pots.get(0).path("layers").size()).isEqualTo(24);
    }

    @Test
    void whatComesOfAMixIsWhatTheLotsPotHolds() {
        JsonNode pot = live(ask("peat_perlite")).ok().path("pots").get(0);
        Map<String, Object> draft = Bodies.lot(garden, null);
        draft.put("pot", Bodies.pot("13", "9", "12"));
        JsonNode water = Bodies.attempt(api, garden, draft).ok().path("water");
        assertThat(water.path("airPercent").asDouble())
                .isCloseTo(pot.path("air").asDouble(), within(1e-9));
        assertThat(water.path("wetKg").asDouble()).isCloseTo(pot.path("wetKg").asDouble(), within(1e-9));
    }

    @Test
    void aMeasuredComponentChangesTheLotsThatStandInItAndIsTakenBack() {
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        JsonNode before = api.get(home + "/lots/" + lot).ok().path("state");
        JsonNode peat = component("peat_medium");
        Map<String, Object> form = with(form(peat, "Local peat"), "capacity", "40", "%");
        Api.Answer saved = api.put(home + "/mixes/components", form);
        assertThat(saved.ok().path("capacity").asDouble()).isEqualTo(40);
        assertThat(component("peat_medium").path("name").asString()).isEqualTo("Local peat");
        assertThat(api.get(home + "/lots/" + lot)
                        .ok()
                        .path("state")
                        .path("waterGapDays")
                        .asInt())
                .isLessThan(before.path("waterGapDays").asInt());
        String act = saved.raw().headers().firstValue("Act-Id").orElseThrow();
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(component("peat_medium").path("capacity").asDouble()).isEqualTo(74);
        assertThat(api.get(home + "/lots/" + lot).ok().path("state")).isEqualTo(before);
        // and it can be changed again
        Map<String, Object> again = form(component("peat_medium"), "Local peat");
        api.put(home + "/mixes/components", with(again, "capacity", "60", "%")).ok();
        assertThat(component("peat_medium").path("capacity").asDouble()).isEqualTo(60);
    }

    @Test
    void anOwnComponentAndAnOwnRecipeGoIntoAPot() {
        String id = UUID.randomUUID().toString();
        Map<String, Object> form = form(component("pumice"), "Crushed brick");
        form.put("id", id);
        form.remove("shipped");
        api.put(home + "/mixes/components", with(form, "density", "0.65 kg/L", "kg/L"))
                .ok();
        Map<String, Object> recipe = Bodies.recipe("Brick and peat", id, "1", "peat_medium", "2½");
        String key = api.put(home + "/mixes/recipes", recipe).ok().path("id").asString();
        assertThat(Bodies.named(mixes().path("recipes"), key)
                        .path("parts")
                        .get(1)
                        .path("amount")
                        .asString())
                .isEqualTo("2½");
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("mix", key);
        assertThat(api.put(home + "/lots", lot).ok().path("mix").asString()).isEqualTo(key);
        assertThat(live(ask(key)).ok().path("shares").get(1).asDouble()).isCloseTo(250 / 3.5, within(1e-9));
    }

    /** 4 handfuls of 0.25 L into a bag of 20 L are 1 L of 21. */
    @Test
    void handfulsGoIntoABoughtBagByWhatTheHandTakes() {
        Map<String, Object> recipe = Bodies.recipe("Bag", "peat_medium", "20", "perlite_coarse", "4");
        Bodies.countedIn(recipe, 1, "handfuls", 0.25);
        String key = api.put(home + "/mixes/recipes", recipe).ok().path("id").asString();
        assertThat(live(ask(key)).ok().path("shares").get(1).asDouble()).isCloseTo(100 / 21.0, within(1e-9));
        assertThat(api.post(
                                "/api/batch",
                                Map.of(
                                        "mix", Bodies.mix(garden, key),
                                        "fills", List.of(),
                                        "litres", Bodies.typed("21", "L"),
                                        "waste", Bodies.typed("0", "%"),
                                        "tub", 40,
                                        "shovel", 2.5,
                                        "handful", 0.25,
                                        "onHand", Map.of(),
                                        "working", false))
                        .ok()
                        .path("amounts")
                        .get(1)
                        .path("handfulsEachLoad")
                        .path("count")
                        .asDouble())
                .as("as much more of each as the mix shrinks by when it is stirred")
                .isBetween(4.0, 5.0);
        recipe.put("id", UUID.randomUUID().toString());
        Bodies.countedIn(recipe, 1, "handfuls", 3);
        assertThat(api.put(home + "/mixes/recipes", recipe).faults()).containsExactly("too_large");
        Bodies.countedIn(recipe, 1, "percent", 0.25);
        assertThat(api.put(home + "/mixes/recipes", recipe).faults()).containsExactly("choice_unknown");
        Bodies.countedIn(recipe, 1, "handfuls", 0.25);
        recipe.put("measure", "parts");
        assertThat(api.put(home + "/mixes/recipes", recipe).faults()).containsExactly("part_counted_alone");
    }

    @Test
    void partsThatSumToNothingAndUnknownComponentsAreRefusedWithEveryFault() {
        assertThat(api.put(home + "/mixes/recipes", Bodies.recipe("", "peat_medium", "0"))
                        .faults())
                .containsExactly("missing", "parts_nothing");
        assertThat(api.put(home + "/mixes/recipes", Bodies.recipe("Odd", "moon_dust", "1", "peat_medium", "some"))
                        .faults())
                .containsExactly("component_unknown", "not_a_number");
        Map<String, Object> ask = ask("peat_perlite");
        ask.put("target", Bodies.typed("12", "pH"));
        JsonNode refused = live(ask).ok().path("limingRefused");
        assertThat(refused.get(0).path("code").asString()).isEqualTo("too_large");
    }

    @Test
    void airAndWaterMustAddUpToThePores() {
        Map<String, Object> form = with(form(component("pumice"), "Pumice"), "air", "60", "%");
        Api.Answer refused = api.put(home + "/mixes/components", form);
        assertThat(refused.faults()).containsExactly("air_and_water");
        assertThat(refused.body().path("faults").get(0).path("detail").asString())
                .contains("72", "92");
        api.put(home + "/mixes/components", with(form, "air", "40", "%")).ok();
        Map<String, Object> broken = with(form(component("grit"), "Grit"), "capacity", "45", "%");
        assertThat(api.put(home + "/mixes/components", broken).faults()).containsExactly("too_large");
    }

    /** Stoichiometry: pure dolomite is 21.7 % Ca and 13.2 % Mg. */
    @Test
    void limeIsReckonedForThePlantAndRefusedForOneThatHatesIt() {
        Map<String, Object> ask = ask("peat_perlite");
        ask.put("species", Bodies.kind("streptocarpus"));
        JsonNode lime = live(ask).ok().path("liming");
        assertThat(lime.path("kind").asString()).isEqualTo("lime");
        assertThat(lime.path("target").asDouble()).isCloseTo((5.4 + 6.4) / 2, within(1e-9));
        double grams = lime.path("gramsPerLitre").asDouble();
        assertThat(lime.path("calcium").asDouble()).isCloseTo(grams * 217, within(grams));
        assertThat(lime.path("magnesium").asDouble()).isCloseTo(grams * 132, within(grams));
        ask.put("species", Bodies.kind("pitcher_plant"));
        ask.put("target", Bodies.typed("5.5", "pH"));
        JsonNode hated = live(ask).ok();
        assertThat(hated.path("liming").isMissingNode()).isTrue();
        assertThat(hated.path("limingRefused").get(0).path("code").asString()).isEqualTo("lime_never");
        ask.put("species", Bodies.kind("heather"));
        assertThat(live(ask).ok().path("limingRefused").get(0).path("code").asString())
                .isEqualTo("lime_hated");
    }

    /** Arithmetic: 2 g/L that moved 4.2 to 5.8 are 1.25 g per pH; from 4.2 to 5.7 that is 1.875 g CaCO3, /1.086 dolomite. */
    @Test
    void aJarRefinesTheLime() {
        Map<String, Object> ask = ask("peat_perlite");
        ask.put("target", Bodies.typed("5.7", "pH"));
        ask.put(
                "jar",
                Map.of(
                        "before",
                        Bodies.typed("4.2", "pH"),
                        "after",
                        Bodies.typed("5.8", "pH"),
                        "grams",
                        Bodies.typed("2", "g/L"),
                        "plusMinus",
                        Bodies.typed("0.1", "pH")));
        JsonNode lime = live(ask).ok().path("liming");
        assertThat(lime.path("gramsPerLitre").asDouble()).isCloseTo(1.875 / 1.086, within(0.005));
        assertThat(lime.path("bufferMeasured").asBoolean()).isTrue();
    }

    @Test
    void aComponentMeasuredInAPotTellsItsFiguresWithTheirPlusMinus() {
        Map<String, Object> ask = new HashMap<>(Map.of(
                "component",
                component("peat_medium"),
                "litres",
                Bodies.typed("2", "L"),
                "column",
                Bodies.typed("14", "cm"),
                "drained",
                Bodies.typed("400 mL", "L"),
                "wet",
                Bodies.typed("1.42", "kg"),
                "dry",
                Bodies.typed("200", "g")));
        JsonNode soak = api.post("/api/mix/soak", ask).ok();
        // 0.4 L of 2 L; 1220 g of 2 L
        assertThat(soak.path("air").asDouble()).isCloseTo(20, within(1e-9));
        assertThat(soak.path("capacity").asDouble()).isCloseTo(61, within(1e-9));
        assertThat(soak.path("capacityPlusMinus").asDouble()).isBetween(1.0, 3.0);
        assertThat(soak.path("alpha").path("low").asDouble())
                .isLessThan(soak.path("alpha").path("high").asDouble());
        ask.remove("dry");
        assertThat(api.post("/api/mix/soak", ask).faults()).containsExactly("missing");
    }

    @Test
    void aPlantTellsWhatSpeaksForAndAgainstTheMixInEachPot() {
        Map<String, Object> ask = ask("peat_perlite");
        assertThat(live(ask).ok().path("pots").get(0).has("suits")).isFalse();
        ask.put("species", Bodies.kind("rock_dendrobium"));
        JsonNode suits = live(ask).ok().path("pots").get(0).path("suits");
        assertThat(suits.path("suits").asBoolean()).isFalse();
        assertThat(suits.path("school").asString()).isEqualTo("holding");
        JsonNode air = suits.path("reasons").get(0);
        assertThat(air.path("aspect").asString()).isEqualTo("air");
        assertThat(air.path("voice").asString()).isEqualTo("against");
        assertThat(air.path("wanted").asDouble()).isEqualTo(40);
        ask.put("mix", Bodies.mix(garden, "bark_charcoal"));
        assertThat(live(ask)
                        .ok()
                        .path("pots")
                        .get(0)
                        .path("suits")
                        .path("school")
                        .asString())
                .isEqualTo("open");
    }

    /** Arithmetic: 4 g/L of 16 % N are 640 mg N per litre of mix; a pot of V litres takes 4·V g. */
    @Test
    void whatIsStirredInTellsWhatItAddsAndIsRefusedWhereItHarms() {
        Map<String, Object> ask = ask("peat_perlite");
        ask.put(
                "amendments",
                List.of(Map.of("key", "coated_feed", "grams", "4"), Map.of("key", "gypsum", "grams", "50")));
        JsonNode live = live(ask).ok();
        JsonNode coated = live.path("amendments").get(0);
        assertThat(coated.path("adds").path("n").asDouble()).isCloseTo(640, within(1e-9));
        double litres = live.path("pots").get(0).path("litres").asDouble();
        assertThat(coated.path("gramsEachPot").get(0).asDouble()).isCloseTo(4 * litres, within(1e-9));
        assertThat(live.path("amendments")
                        .get(1)
                        .path("refused")
                        .get(0)
                        .path("code")
                        .asString())
                .isEqualTo("too_large");
        ask.put("species", Bodies.kind("pitcher_plant"));
        assertThat(live(ask)
                        .ok()
                        .path("amendments")
                        .get(0)
                        .path("refused")
                        .get(0)
                        .path("code")
                        .asString())
                .isEqualTo("no_root_feed");
        Map<String, Object> recipe = Bodies.recipe("Fed mix", "peat_medium", "3", "perlite_coarse", "1");
        recipe.put("amendments", List.of(Map.of("key", "coated_feed", "grams", "3½")));
        String key = api.put(home + "/mixes/recipes", recipe).ok().path("id").asString();
        assertThat(Bodies.named(mixes().path("recipes"), key)
                        .path("amendments")
                        .get(0)
                        .path("grams")
                        .asString())
                .isEqualTo("3½");
        JsonNode batch = api.put(
                        home + "/batches", Bodies.batch(UUID.randomUUID().toString(), key))
                .ok();
        assertThat(batch.path("added").get(0).path("grams").asDouble()).isCloseTo(70, within(1e-9));
        recipe.put("amendments", List.of(Map.of("key", "coated_feed", "grams", "much")));
        recipe.put("version", 1);
        assertThat(api.put(home + "/mixes/recipes", recipe).faults()).containsExactly("not_a_number");
    }

    @Test
    void whatSomebodyMeasuredOfTheYieldWins() {
        Map<String, Object> ask = ask("peat_perlite");
        double reckoned = live(ask).ok().path("litresPut").asDouble();
        Map<String, Object> mix = Bodies.mix(garden, "peat_perlite");
        mix.put("yield", Bodies.typed("80", "%"));
        ask.put("mix", mix);
        assertThat(live(ask).ok().path("litresPut").asDouble())
                .isCloseTo(1.25, within(1e-9))
                .isNotEqualTo(reckoned);
        mix.put("yield", Bodies.typed("30", "%"));
        assertThat(live(ask).faults()).containsExactly("too_small");
    }

    /** Against the same mix without it, in the first pot; a mix of one part has nothing to be without. */
    @Test
    void eachPartTellsWhatItDoesHere() {
        JsonNode live = live(ask("peat_perlite")).ok();
        assertThat(live.path("does").get(1).path("air").asDouble()).isPositive();
        assertThat(live.path("does").get(1).path("water").asDouble()).isNegative();
        Map<String, Object> ask = ask("peat_perlite");
        Map<String, Object> mix = Bodies.mix(garden, "peat_perlite");
        mix.put("parts", List.of(Map.of("component", component("peat_medium"), "amount", "1")));
        ask.put("mix", mix);
        assertThat(live(ask).ok().path("does").get(0).isNull()).isTrue();
    }

    /** A corrected pH stands beside the pH as it is, with how it goes on; coarse lime goes on beyond it. */
    @Test
    void aLimedMixTellsHowItsPhGoesOn() {
        Map<String, Object> ask = ask("peat_perlite");
        ask.put("target", Bodies.typed("5", "pH"));
        ask.put("fineness", "COARSE");
        JsonNode refused = live(ask).ok();
        assertThat(refused.path("limingRefused").isEmpty()
                        && !refused.path("liming").has("later"))
                .isFalse();
        ask.put("fineness", "POWDER");
        JsonNode liming = live(ask).ok().path("liming");
        assertThat(liming.path("course").get(0).path("ph").asDouble()).isLessThan(5);
        assertThat(liming.path("course").get(4).path("ph").asDouble()).isCloseTo(5, within(0.05));
        assertThat(liming.has("later")).isFalse();
        assertThat(liming.path("measureAgainDays").toString()).isEqualTo("[7,14,28]");
    }

    /** A pot of 2 L drains 0.4 L and keeps 1 220 g of water; what it held stands over what its parts let expect. */
    @Test
    void aMixThatWasSoakedAndDrainedHoldsWhatWasMeasured() {
        Map<String, Object> ask = ask("peat_perlite");
        double reckoned = live(ask).ok().path("plusMinus").asDouble();
        JsonNode soak = api.post(
                        "/api/mix/soak",
                        Map.of(
                                "mix",
                                Bodies.mix(garden, "peat_perlite"),
                                "litres",
                                Bodies.typed("2", "L"),
                                "column",
                                Bodies.typed("15", "cm"),
                                "drained",
                                Bodies.typed("400 mL", "L"),
                                "wet",
                                Bodies.typed("1.42", "kg"),
                                "dry",
                                Bodies.typed("200", "g")))
                .ok();
        assertThat(soak.has("alpha")).isFalse();
        assertThat(soak.path("of").get(0).path("share").asDouble()).isCloseTo(75, within(1e-9));
        Map<String, Object> soaked = new HashMap<>(Map.of(
                "on",
                "2026-05-14",
                "of",
                soak.path("of"),
                "columns",
                List.of(Map.of("columnCm", 15, "air", 20, "capacity", 61, "plusMinus", 2))));
        Map<String, Object> mix = Bodies.mix(garden, "peat_perlite");
        mix.put("soaked", soaked);
        ask.put("mix", mix);
        JsonNode answer = live(ask).ok();
        assertThat(answer.path("air").asDouble()).isCloseTo(20, within(1e-6));
        assertThat(answer.path("capacity").asDouble()).isCloseTo(61, within(1e-6));
        assertThat(answer.path("plusMinus").asDouble()).isLessThan(reckoned);
        assertThat(answer.path("soaked").get(0).path("expectedAir").asDouble()).isPositive();
        soaked.put("columns", List.of(column(15, 20, 61), column(30, 10, 71)));
        assertThat(live(ask).faults()).containsExactly("taller_held_more");
        soaked.put("columns", List.of(column(15, 20, 61), column(16, 21, 60)));
        assertThat(live(ask).faults()).containsExactly("heights_alike");
        soaked.put("columns", List.of(column(15, 60, 61)));
        assertThat(live(ask).faults()).containsExactly("too_large");
    }

    private static Map<String, Object> column(double cm, double air, double capacity) {
        return Map.of("columnCm", cm, "air", air, "capacity", capacity, "plusMinus", 2);
    }

    /** Kept with the recipe; batches of its parts hold it too; other parts are another mix. */
    @Test
    void whatWasMeasuredIsKeptWithTheRecipeAndHoldsForItsBatchesOnly() {
        Map<String, Object> recipe = Bodies.recipe("Soaked", "peat_medium", "3", "perlite_coarse", "1");
        recipe.put(
                "soaked",
                Map.of(
                        "on",
                        "2026-05-14",
                        "of",
                        List.of(
                                Map.of("component", "peat_medium", "share", 75),
                                Map.of("component", "perlite_coarse", "share", 25)),
                        "columns",
                        List.of(column(15, 20, 61), column(25, 28, 53))));
        JsonNode kept = api.put(home + "/mixes/recipes", recipe).ok();
        assertThat(kept.path("soaked").path("columns").get(1).path("air").asDouble())
                .isEqualTo(28);
        String key = kept.path("id").asString();
        JsonNode batch = api.put(
                        home + "/batches", Bodies.batch(UUID.randomUUID().toString(), key))
                .ok();
        MixShelf shelf = App.bean(Mixes.class)
                .shelf(new GardenId(UUID.fromString(garden.path("id").asString())));
        assertThat(PotWater.TABLE_COLUMN)
                .satisfies(pot -> assertThat(
                                new PotWater(shelf.require(batch.path("id").asString()), pot).air())
                        .isCloseTo(0.20, within(1e-3)));
        Map<String, Object> ask = ask("peat_perlite");
        Map<String, Object> mix = Bodies.mix(garden, "peat_perlite");
        mix.put(
                "parts",
                List.of(
                        Map.of("component", component("peat_medium"), "amount", "1"),
                        Map.of("component", component("perlite_coarse"), "amount", "1")));
        mix.put("soaked", kept.path("soaked"));
        ask.put("mix", mix);
        assertThat(live(ask).ok().has("soaked")).isFalse();
    }
}
