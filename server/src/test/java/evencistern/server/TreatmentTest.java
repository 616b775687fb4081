package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is done against something: planned, on the round on its day, looked at again. */
class TreatmentTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final JsonNode lot =
            api.put(home + "/lots", Bodies.lot(garden, null)).ok();
    private final String path = home + "/lots/" + lot.path("id").asString() + "/treatments";

    private static Map<String, Object> spray(Object... more) {
        Map<String, Object> treatment = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(),
                "version", 0,
                "cure", "spray",
                "product", "Epsom salt",
                "amount", "4 g/L",
                "reason", "pale between the veins",
                "dueOn", "2026-05-14",
                "expects", "greener new leaves",
                "beside", false));
        for (int i = 0; i < more.length; i += 2) {
            treatment.put((String) more[i], more[i + 1]);
        }
        return treatment;
    }

    private JsonNode planned(Object... more) {
        return api.put(path, spray(more)).ok();
    }

    private JsonNode done(JsonNode treatment, String on) {
        return api.put(
                        home + "/treatments/" + treatment.path("id").asString() + "/done",
                        Map.of("on", on, "version", treatment.path("version").asInt()))
                .ok();
    }

    private JsonNode due() {
        return api.get(home + "/today").ok().path("treatments");
    }

    /** Planned for today, done, looked at four days on, better: it stands on the round until it is done. */
    @Test
    void itStandsOnTheRoundUntilItIsDoneAndIsLookedAtAgain() {
        JsonNode treatment = planned();
        assertThat(treatment.path("lookOn").asString()).isEqualTo("2026-05-18");
        assertThat(due()).hasSize(1);
        assertThat(due().get(0).at("/treatment/product").asString()).isEqualTo("Epsom salt");
        JsonNode done = done(treatment, "2026-05-14");
        assertThat(due()).isEmpty();
        JsonNode better = api.put(
                        home + "/treatments/" + treatment.path("id").asString() + "/outcome",
                        Map.of(
                                "outcome",
                                "better",
                                "note",
                                "new leaf",
                                "version",
                                done.path("version").asInt()))
                .ok();
        assertThat(better.path("outcomeOn").asString()).isEqualTo("2026-05-14");
        JsonNode kept = api.get(path).ok().path("treatments").get(0);
        assertThat(kept.path("outcome").asString()).isEqualTo("better");
        assertThat(kept.path("outcomeNote").asString()).isEqualTo("new leaf");
    }

    /** Done ten days ago, it is to be looked at: that is on the round too, and a mark beside the readings. */
    @Test
    void whatWasDoneComesBackToBeLookedAt() {
        JsonNode treatment = planned("dueOn", "2026-05-04");
        done(treatment, "2026-05-05");
        JsonNode look = due().get(0).path("treatment");
        assertThat(look.path("doneOn").asString()).isEqualTo("2026-05-05");
        // a day late, looked at a day later
        assertThat(look.path("lookOn").asString()).isEqualTo("2026-05-09");
    }

    /** Every fourteen days from the day it was done; not sooner than the kind of treatment bears. */
    @Test
    void whatIsRepeatedIsDueAgain() {
        JsonNode treatment = planned("dueOn", "2026-04-28", "everyDays", Bodies.typed("14", "d"));
        assertThat(done(treatment, "2026-04-30").path("dueOn").asString()).isEqualTo("2026-05-14");
        assertThat(due()).hasSize(1);
        assertThat(api.put(path, spray("cure", "copper", "beside", true, "everyDays", Bodies.typed("7", "d")))
                        .faults())
                .containsExactly("too_small");
    }

    @Test
    void aSecondOneAtATimeAsksFirst() {
        planned();
        assertThat(api.put(path, spray("cure", "drench")).faults()).containsExactly("treatment_under_way");
        api.put(path, spray("cure", "drench", "beside", true)).ok();
        assertThat(api.get(path).ok().path("treatments")).hasSize(2);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThat(api.put(path, spray("cure", "charm", "reason", "x".repeat(300)))
                        .faults())
                .contains("choice_unknown");
        assertThat(api.put(path, spray("lookOn", "2026-05-01")).faults()).containsExactly("dates_reversed");
        String planned = home + "/treatments/" + planned().path("id").asString();
        assertThat(api.put(planned + "/done", Map.of("on", "2026-06-01", "version", 1))
                        .faults())
                .containsExactly("time_in_future");
        assertThat(api.put(planned + "/outcome", Map.of("outcome", "better", "version", 1))
                        .faults())
                .containsExactly("missing");
        assertThat(api.put(
                                home + "/treatments/" + UUID.randomUUID() + "/done",
                                Map.of("on", "2026-05-14", "version", 1))
                        .faults())
                .containsExactly("not_found");
    }

    /** Undone, put away, and off with its garden's file and back. */
    @Test
    void itIsPutAwayAndLeavesWithItsGarden() {
        JsonNode treatment = planned();
        String other = UUID.randomUUID().toString();
        String file =
                api.get(home + "/file").raw().body().replace(garden.path("id").asString(), other);
        api.raw("POST", "/api/garden-files", file, true).ok();
        assertThat(api.get("/api/gardens/" + other + "/lots/" + lot.path("id").asString() + "/treatments")
                        .ok()
                        .path("treatments")
                        .get(0))
                .isEqualTo(treatment);
        api.post(
                        home + "/retired",
                        Map.of("kind", "treatment", "id", treatment.path("id").asString(), "version", 1))
                .ok();
        assertThat(api.get(path).ok().path("treatments")).isEmpty();
        assertThat(due()).isEmpty();
    }

    private JsonNode means(String cure, String remedy) {
        return api.get(path.replace("/treatments", "/cures"))
                .ok()
                .path("cures")
                .valueStream()
                .filter(c -> c.path("cure").asString().equals(cure))
                .flatMap(c -> c.path("means").valueStream())
                .filter(m -> m.path("remedy").asString().equals(remedy))
                .findFirst()
                .orElseThrow();
    }

    /** 1.2–2.4 g of Epsom salt to a litre, in a watering of the lot; what moves a pH is not proposed before that is measured. */
    @Test
    void whatItIsDoneWithIsWorkedOutForTheLot() {
        JsonNode drench = means("drench", "epsom_drench");
        double litres = drench.path("litres").asDouble();
        assertThat(litres).isPositive();
        assertThat(drench.path("high").asDouble()).isCloseTo(2.4 * litres, within(1e-9));
        assertThat(drench.path("inLitres").asDouble())
                .isGreaterThanOrEqualTo(litres * lot.path("pots").asInt());
        assertThat(drench.path("handHigh").path("measure").asString()).isEqualTo("grams");
        JsonNode lime = means("raise_ph", "bicarbonate_drench");
        assertThat(lime.path("high").asDouble()).isZero();
        assertThat(lime.path("refusals").get(0).path("code").asString()).isEqualTo("ph_unmeasured");
    }
}
