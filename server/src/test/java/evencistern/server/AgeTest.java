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

/** The age of a mix in a lot, and the acts that renew it. */
class AgeTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private LocalDate today;
    private String lot;

    @BeforeEach
    void freshLot() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        today = LocalDate.parse(garden.path("today").asString());
        lot = add("Hoya", today.minusDays(300));
    }

    private String add(String name, LocalDate repotted) {
        Map<String, Object> form = new HashMap<>(Bodies.lot(garden, null));
        String id = UUID.randomUUID().toString();
        form.putAll(Map.of("id", id, "name", name, "mix", "bark_sphagnum", "repottedOn", repotted.toString()));
        api.put(home + "/lots", form).ok();
        return id;
    }

    private JsonNode age(String of, String... seen) {
        return api.get(home + "/lots/" + of + "/mix-age?seen=" + String.join(",", seen))
                .ok();
    }

    private void water(String which, LocalDate on) {
        api.post(
                        home + "/given",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(which),
                                "feed",
                                false,
                                "on",
                                on.toString(),
                                "litresEach",
                                Bodies.typed("1", "L")))
                .ok();
    }

    private JsonNode pot(String which, String mix, String fresh, String roots) {
        return api.post(
                        home + "/deeds/pot-on",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(which),
                                "mix",
                                mix,
                                "on",
                                today.toString(),
                                "fresh",
                                Bodies.typed(fresh, "%"),
                                "rootsCut",
                                Bodies.typed(roots, "%")))
                .ok();
    }

    private JsonNode stored(String which) {
        return api.get(home + "/lots/" + which).ok();
    }

    @Test
    void theAgeGrowsFromTheDayOfPottingAndSaysWhatWasAssumed() {
        JsonNode age = age(lot);
        assertThat(age.path("since").asString()).isEqualTo(today.minusDays(300).toString());
        assertThat(age.path("sinceKnown").asBoolean()).isTrue();
        assertThat(age.path("assumedUntil").asString()).isEqualTo(today.toString());
        assertThat(age.path("spent").asDouble())
                .isBetween(
                        age.path("spentLow").asDouble(), age.path("spentHigh").asDouble())
                .isGreaterThan(5);
        assertThat(age.path("working")).isNotEmpty();
        water(lot, today.minusDays(20));
        assertThat(age(lot).path("assumedUntil").asString())
                .isEqualTo(today.minusDays(20).toString());
    }

    @Test
    void ofTwoPotsOfOneBatchTheOneKeptWetterIsOlder() {
        String wet = add("Wet", today.minusDays(60));
        String dry = add("Dry", today.minusDays(60));
        for (int d = 60; d >= 0; d -= 4) {
            water(wet, today.minusDays(d));
        }
        water(dry, today.minusDays(60));
        assertThat(age(wet).path("spent").asDouble())
                .isGreaterThan(1.2 * age(dry).path("spent").asDouble());
    }

    @Test
    void freshMixInPartRejuvenatesAndUndoPutsTheAgeBack() {
        double before = age(lot).path("spent").asDouble();
        JsonNode act = pot(lot, "bark_sphagnum", "30", "");
        assertThat(stored(lot).path("repottedOn").asString())
                .as("roots were left alone: no hold")
                .isEqualTo(today.minusDays(300).toString());
        JsonNode line = api.get(home + "/lots/" + lot + "/journal?limit=5").ok().get(0);
        assertThat(line.at("/event/fresh").asDouble()).isEqualTo(30);
        assertThat(age(lot).path("spent").asDouble()).isCloseTo(0.7 * before, within(0.01 * before));
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(age(lot).path("spent").asDouble()).isCloseTo(before, within(1e-6));
        pot(lot, "bark_sphagnum", "100", "20");
        assertThat(age(lot).path("spent").asDouble()).isZero();
        assertThat(stored(lot).path("repottedOn").asString()).isEqualTo(today.toString());
        assertThat(age(lot).path("since").asString()).isEqualTo(today.toString());
    }

    @Test
    void aLotStandsInABatchAndKeepsItsMixWhenTheRecipeChanges() {
        String batch = UUID.randomUUID().toString();
        api.put(home + "/batches", Bodies.batch(batch, "peat_perlite")).ok();
        JsonNode made = api.get(home + "/mixes").ok().path("made").get(0);
        assertThat(made.path("id").asString()).isEqualTo(batch);
        pot(lot, batch, "", "");
        assertThat(stored(lot).path("mix").asString()).isEqualTo(batch);
        double gap = stored(lot).path("state").path("waterGapDays").asDouble();
        JsonNode recipe = Bodies.named(api.get(home + "/mixes").ok().path("recipes"), "peat_perlite");
        Map<String, Object> changed = Bodies.recipe("Peat and lava", "lava", "1");
        changed.put("id", recipe.path("id").asString());
        changed.put("shipped", "peat_perlite");
        api.put(home + "/mixes/recipes", changed).ok();
        assertThat(stored(lot).path("state").path("waterGapDays").asDouble()).isEqualTo(gap);
        assertThat(age(lot).path("wetYears").asDouble())
                .as("of peat and perlite, 3 : 1, not of lava")
                .isCloseTo(1 / (0.75 / 2.5 + 0.25 / 10), within(0.01));
    }

    @Test
    void whatThePersonSeesChangesTheAdvice() {
        assertThat(age(lot, "SOUR_SMELL").path("advice").get(0).path("step").asString())
                .isEqualTo("EMERGENCY");
        assertThat(age(lot, "USED_UP").path("advice"))
                .as("what is reckoned cannot be claimed")
                .isEqualTo(age(lot).path("advice"));
    }

    @Test
    void sharesThatMakeNoSenseAreRefused() {
        Api.Answer refused = api.post(
                home + "/deeds/pot-on",
                Map.of(
                        "clientKey",
                        Bodies.key(),
                        "lotIds",
                        List.of(lot),
                        "mix",
                        "bark_sphagnum",
                        "on",
                        today.toString(),
                        "fresh",
                        Bodies.typed("0", "%"),
                        "rootsCut",
                        Bodies.typed("80", "%")));
        assertThat(refused.faults()).containsExactly("too_small", "too_large");
    }
}
