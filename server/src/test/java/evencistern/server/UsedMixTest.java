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

/** Mix that comes out of a pot, is treated, and goes into another. */
class UsedMixTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private LocalDate today;
    private String lot;

    @BeforeEach
    void potFilledALongTimeAgo() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        today = LocalDate.parse(garden.path("today").asString());
        Map<String, Object> form = new HashMap<>(Bodies.lot(garden, null));
        lot = UUID.randomUUID().toString();
        form.putAll(Map.of(
                "id",
                lot,
                "name",
                "Hoya",
                "mix",
                "bark_sphagnum",
                "repottedOn",
                today.minusDays(150).toString()));
        api.put(home + "/lots", form).ok();
    }

    private Map<String, Object> taking(String id, String lastPlant) {
        return new HashMap<>(Map.of(
                "clientKey", Bodies.key(), "id", id, "lotId", lot, "lastPlant", lastPlant, "on", today.toString()));
    }

    private String take(String lastPlant) {
        String id = UUID.randomUUID().toString();
        Map<String, Object> taking = taking(id, lastPlant);
        taking.put("litres", Bodies.typed("10", "L"));
        taking.put("ph", Bodies.typed("4.9", "pH"));
        taking.put("extract", Bodies.typed("1.6", "mS/cm"));
        api.post(home + "/used-mixes", taking).ok();
        return id;
    }

    private JsonNode shown(String id, String query) {
        return api.get(home + "/used-mixes/" + id + query).ok();
    }

    private Map<String, Object> step(String step, String amount, String unit, int version) {
        Map<String, Object> body = new HashMap<>(
                Map.of("clientKey", Bodies.key(), "step", step, "on", today.toString(), "version", version));
        if (!amount.isEmpty()) {
            body.put("amount", Bodies.typed(amount, unit));
        }
        return body;
    }

    private String fault(Api.Answer answer) {
        assertThat(answer.status()).isEqualTo(422);
        return answer.body().at("/faults/0/code").asString();
    }

    private Api.Answer pot(String mix) {
        return api.post(
                home + "/deeds/pot-on",
                Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "mix", mix, "on", today.toString()));
    }

    @Test
    void carriesAgeSaltAndWhereItIsFromOntoTheShelf() {
        String id = take("WELL");
        JsonNode one = api.get(home + "/used-mixes").ok().path(0);
        assertThat(one.at("/used/lotName").asString()).isEqualTo("Hoya");
        assertThat(one.at("/litresLeft").asDouble()).isEqualTo(10);
        double age =
                api.get(home + "/lots/" + lot + "/mix-age").ok().path("spent").asDouble();
        assertThat(age).isGreaterThan(10);
        assertThat(one.at("/component/spent").asDouble()).isCloseTo(age, within(0.5));
        assertThat(one.at("/component/ph").asDouble()).isEqualTo(4.9);
        // CAVINS2000, from memory: an extract of 1.25 to 1.75 mS/cm is a saturated paste of 3.5 to 5.0
        assertThat(one.at("/component/ec").asDouble()).isBetween(4.0, 5.0);
        JsonNode advice = shown(id, "");
        assertThat(advice.path("lastsYears").asDouble()).isPositive();
        assertThat(advice.path("use").asString()).isEqualTo("FREELY");
    }

    @Test
    void isFlushedSievedAndLimedAndSaysWhatIsLeftToDo() {
        String id = take("WELL");
        JsonNode before = shown(id, "?next=bean");
        assertThat(before.at("/flush/leastLitres").asDouble()).isPositive();
        assertThat(before.at("/flush/mostLitres").asDouble())
                .isGreaterThan(before.at("/flush/leastLitres").asDouble());
        assertThat(before.at("/lime/kind").asString()).isEqualTo("lime");
        double salt = before.at("/one/component/ec").asDouble();
        double bean = crop(before, "bean").path("yields").asDouble();
        assertThat(bean).isCloseTo(100 - 19 * (salt - 1), within(0.1));

        api.post(home + "/used-mixes/" + id + "/steps", step("sieved", "20", "%", 1))
                .ok();
        assertThat(shown(id, "").at("/one/litresLeft").asDouble()).isCloseTo(8, within(0.01));
        api.post(home + "/used-mixes/" + id + "/steps", step("flushed", "30", "L", 2))
                .ok();
        api.post(home + "/used-mixes/" + id + "/steps", step("limed", "6", "pH", 3))
                .ok();
        JsonNode after = shown(id, "?next=bean");
        assertThat(after.at("/one/component/ec").asDouble()).isLessThan(salt / 2);
        assertThat(after.at("/lime/kind").asString()).isEqualTo("nothing");
        assertThat(crop(after, "bean").path("yields").asDouble()).isGreaterThan(bean);
        assertThat(after.at("/one/used/steps")).hasSize(3);
    }

    private static JsonNode crop(JsonNode advice, String key) {
        return advice.path("crops")
                .valueStream()
                .filter(c -> c.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aThirdOfItGoesIntoANewMixWhoseLifeBeginsWhereItIs() {
        String id = take("WELL");
        double spent = shown(id, "").at("/one/component/spent").asDouble();
        String recipe = UUID.randomUUID().toString();
        JsonNode made = api.post(
                        home + "/used-mixes/" + id + "/blend",
                        Map.of("id", recipe, "with", "peat_perlite", "share", Bodies.typed("30", "%")))
                .ok();
        assertThat(made.path("parts")).hasSize(3);
        assertThat(made.path("target").asDouble()).isEqualTo(5.7);
        pot(recipe).ok();
        JsonNode age = api.get(home + "/lots/" + lot + "/mix-age").ok();
        assertThat(age.path("spent").asDouble()).isCloseTo(0.3 * spent, within(0.5));
    }

    @Test
    void isPottedIntoAsItIsAndDrawnFromTheShelf() {
        String id = take("WELL");
        double spent = shown(id, "").at("/one/component/spent").asDouble();
        pot(id).ok();
        assertThat(api.get(home + "/lots/" + lot + "/mix-age")
                        .ok()
                        .path("spent")
                        .asDouble())
                .isCloseTo(spent, within(0.5));
        assertThat(shown(id, "").at("/one/litresLeft").asDouble()).isLessThan(10);
        // CAVINS2000, from memory: an extract of 1.25 to 1.75 mS/cm is a pour-through of 4.6 to 6.5
        assertThat(api.get(home + "/lots/" + lot + "/salt").ok().path("msCm").asDouble())
                .isBetween(4.6, 6.5);
    }

    @Test
    void theMixOfASickPlantIsHeatedFirstAndThatOfAVirusNeverUsed() {
        String rotten = take("ROOT_DISEASE");
        assertThat(fault(pot(rotten))).isEqualTo("used_mix_heat_first");
        api.post(home + "/used-mixes/" + rotten + "/steps", step("heated", "", "", 1))
                .ok();
        pot(rotten).ok();

        String virus = take("VIRUS");
        assertThat(fault(pot(virus))).isEqualTo("used_mix_never");
        assertThat(fault(api.post(home + "/used-mixes/" + virus + "/steps", step("composted", "", "", 1))))
                .isEqualTo("used_mix_never");
        api.post(home + "/used-mixes/" + virus + "/steps", step("thrown", "", "", 1))
                .ok();
        assertThat(shown(virus, "").at("/one/gone").asString()).isEqualTo("thrown");
        assertThat(fault(api.post(home + "/used-mixes/" + virus + "/steps", step("sieved", "10", "%", 2))))
                .isIn("used_mix_gone", "used_mix_never");
    }

    @Test
    void aLotIsNotPutDownInMixThatIsHeldBackEither() {
        String rotten = take("ROOT_DISEASE");
        Map<String, Object> form = new HashMap<>(Bodies.lot(garden, null));
        form.put("mix", rotten);
        assertThat(fault(api.put(home + "/lots", form))).isEqualTo("used_mix_heat_first");
        api.post(home + "/used-mixes/" + rotten + "/steps", step("heated", "", "", 1))
                .ok();
        api.put(home + "/lots", form).ok();
    }

    @Test
    void aShareThatCannotBeReadIsToldAndNothingIsPotted() {
        String id = take("WELL");
        Map<String, Object> some = Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(lot),
                "mix",
                id,
                "on",
                today.toString(),
                "fresh",
                Bodies.typed("half of it", "%"));
        assertThat(fault(api.post(home + "/deeds/pot-on", some))).isEqualTo("not_a_number");
        assertThat(api.get(home + "/lots/" + lot).ok().path("mix").asString()).isEqualTo("bark_sphagnum");
    }

    @Test
    void theMixOfALotThatLeftAgedUntilTheDayItLeft() {
        double now = shown(take("WELL"), "").at("/one/component/spent").asDouble();
        api.post(
                        home + "/deeds/retire",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(lot),
                                "why",
                                "died",
                                "on",
                                today.minusDays(75).toString()))
                .ok();
        // half of its 150 days in the pot
        assertThat(shown(take("WELL"), "").at("/one/component/spent").asDouble())
                .isPositive()
                .isLessThan(0.8 * now);
    }

    @Test
    void mixWithCoatedFeedInItIsNotHeated() {
        String recipe = UUID.randomUUID().toString();
        Map<String, Object> form = Bodies.recipe("Fed peat", "peat_medium", "1");
        form.put("id", recipe);
        form.put("amendments", List.of(Map.of("key", "coated_feed", "grams", "4")));
        api.put(home + "/mixes/recipes", form).ok();
        pot(recipe).ok();
        JsonNode blended = api.post(
                        home + "/used-mixes/" + take("WELL") + "/blend",
                        Map.of(
                                "id", UUID.randomUUID().toString(),
                                "with", recipe,
                                "share", Bodies.typed("25", "%")))
                .ok();
        // three quarters of the new mix bring three quarters of its 4 g
        assertThat(blended.at("/amendments/0/grams").asString()).isEqualTo("3");
        feedsOnFromOldMix();
        pot(recipe).ok();
        String id = take("ROOT_MEALYBUG");
        assertThat(shown(id, "").at("/one/used/coatedLeft").asDouble()).isCloseTo(4, within(0.1));
        assertThat(shown(id, "").path("feedAgain").asDouble()).isCloseTo(0, within(0.1));
        assertThat(fault(api.post(home + "/used-mixes/" + id + "/steps", step("heated", "", "", 1))))
                .isEqualTo("used_mix_heat_coated");
    }

    /** In old mix taken up on the day it was filled all of its coated feed is still to come, and in half of it half. */
    private void feedsOnFromOldMix() {
        double fresh = coatedInAWeek();
        String old = take("WELL");
        pot(old).ok();
        assertThat(coatedInAWeek()).isCloseTo(fresh, within(0.03 * fresh));
        String half = api.put(home + "/mixes/recipes", Bodies.recipe("Half old", old, "1", "perlite_coarse", "1"))
                .ok()
                .path("id")
                .asString();
        pot(half).ok();
        assertThat(coatedInAWeek()).isCloseTo(fresh / 2, within(0.03 * fresh));
    }

    private double coatedInAWeek() {
        JsonNode sources = api.get(home + "/lots/" + lot + "/food").ok().path("sources");
        return sources.valueStream()
                .filter(s -> s.path("kind").asString().equals("coated"))
                .mapToDouble(s -> s.path("weekMg").asDouble())
                .sum();
    }

    @Test
    void whatCannotBeIsRefusedAndNothingIsLost() {
        Map<String, Object> none = taking(UUID.randomUUID().toString(), "WELL");
        none.put("litres", Bodies.typed("0", "L"));
        assertThat(fault(api.post(home + "/used-mixes", none))).isEqualTo("too_small");
        assertThat(api.get(home + "/used-mixes").ok()).isEmpty();
        String id = take("WELL");
        assertThat(fault(api.post(home + "/used-mixes/" + id + "/steps", step("sieved", "100", "%", 1))))
                .isEqualTo("too_large");
        assertThat(fault(api.post(home + "/used-mixes/" + id + "/steps", step("flushed", "", "", 1))))
                .isEqualTo("missing");
        assertThat(shown(id, "").at("/one/litresLeft").asDouble()).isEqualTo(10);
        api.post(home + "/used-mixes/" + id + "/steps", step("sieved", "10", "%", 1))
                .ok();
        assertThat(api.post(home + "/used-mixes/" + id + "/steps", step("sieved", "10", "%", 1))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void takingItUpIsOneActThatCanBeUndone() {
        String id = UUID.randomUUID().toString();
        String act = api.post(home + "/used-mixes", taking(id, "WELL"))
                .ok()
                .path("actId")
                .asString();
        assertThat(api.get(home + "/stock").ok()).hasSize(1);
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/used-mixes").ok()).isEmpty();
        assertThat(api.get(home + "/stock").ok()).isEmpty();
    }
}
