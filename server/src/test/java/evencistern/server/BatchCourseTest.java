package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A batch that goes off, found by what was read of its lots. */
class BatchCourseTest {
    private static final int DAYS = 140;
    private static final int EVERY = 28;
    private static final int LOTS = 3;

    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final LocalDate today = LocalDate.parse(garden.path("today").asString());
    private final String pen = garden.path("meters").get(0).path("id").asString();
    private final List<String> batches = new ArrayList<>();

    /** Five batches of three lots each, read every four weeks; the last falls by 1.3 from the twelfth week on. */
    @BeforeEach
    void fiveBatchesOfAMix() {
        for (int b = 0; b < 5; b++) {
            Map<String, Object> batch =
                    new HashMap<>(Bodies.batch(UUID.randomUUID().toString(), "peat_perlite"));
            batch.put("madeOn", today.minusDays(DAYS).toString());
            batch.put("bags", Map.of("peat_medium", b < 4 ? "A 17" : "B 02"));
            api.put(home + "/batches", batch).ok();
            batches.add(batch.get("id").toString());
            for (int l = 0; l < LOTS; l++) {
                plant(b, l);
            }
        }
    }

    private void plant(int b, int l) {
        Map<String, Object> lot = new HashMap<>(Bodies.lot(garden, null));
        lot.put("name", "Lot " + b + " " + l);
        lot.put("mix", batches.get(b));
        lot.put("startedOn", today.minusDays(DAYS).toString());
        lot.put("repottedOn", today.minusDays(DAYS).toString());
        lot.put(
                "placeId",
                Bodies.place(garden, b == 4 ? "outdoors" : "indoors").path("id").asString());
        api.put(home + "/lots", lot).ok();
        for (int day = 1; day < DAYS; day += EVERY) {
            double ph = 6.1 + 0.1 * ((l + day / EVERY + b) % 3 - 1) - (b == 4 && day >= 84 ? 1.3 : 0);
            double ec = 1.5 + 0.1 * ((l + 2 * b + day / EVERY) % 3 - 1);
            api.post(
                            home + "/lots/" + lot.get("id") + "/readings",
                            Map.of(
                                    "clientKey",
                                    Bodies.key(),
                                    "meterId",
                                    pen,
                                    "method",
                                    "pour_through",
                                    "ph",
                                    Bodies.typed(String.format(Locale.ROOT, "%.2f", ph), "pH"),
                                    "ec",
                                    Bodies.typed(String.format(Locale.ROOT, "%.2f", ec), "mS/cm"),
                                    "occurredAt",
                                    today.minusDays(DAYS - day) + "T10:00:00Z"))
                    .ok();
        }
    }

    @Test
    void aBatchThatFallsIsToldWithItsTimeAndWhatItsLotsShare() {
        JsonNode told = api.get(home + "/batches/courses").ok();
        assertThat(told.path("falseAlarms").asDouble()).isEqualTo(5);
        assertThat(told.path("courses")).hasSize(10);
        JsonNode off = told.path("courses").get(0);
        assertThat(off.path("batch").asString()).isEqualTo(batches.get(4));
        assertThat(off.path("measure").asString()).isEqualTo("PH");
        assertThat(off.path("difference").asDouble()).isBetween(-1.4, -0.8);
        assertThat(off.path("high").asDouble()).isNegative();
        assertThat(off.path("sinceWeek").asInt()).isEqualTo(12);
        assertThat(off.path("sinceOn").asString())
                .isEqualTo(today.minusDays(DAYS).plusWeeks(12).toString());
        assertThat(off.path("others").asInt()).isEqualTo(4);
        assertThat(told.path("courses").valueStream().filter(c -> c.path("off").asBoolean()))
                .hasSize(1);
        assertThat(off.path("shared")
                        .valueStream()
                        .map(s -> s.path("thing").asString() + " "
                                + s.path("blame").asString()))
                .containsExactly("place CANNOT_TELL", "bag CANNOT_TELL");
        assertThat(off.at("/shared/1/name").asString()).endsWith("B 02");
    }

    @Test
    void aBagThatAlsoWentIntoABatchThatIsWellIsNotIt() {
        JsonNode first = api.get(home + "/batches")
                .ok()
                .valueStream()
                .filter(b -> b.path("id").asString().equals(batches.get(0)))
                .findFirst()
                .orElseThrow();
        Map<String, Object> after = new HashMap<>(Bodies.batch(batches.get(0), "peat_perlite"));
        after.put("madeOn", first.path("madeOn").asString());
        after.put("bags", Map.of("peat_medium", "B 02"));
        after.put("version", first.path("version").asInt());
        api.put(home + "/batches", after).ok();
        JsonNode shared = api.get(home + "/batches/courses").ok().at("/courses/0/shared");
        assertThat(shared.get(1).path("blame").asString()).isEqualTo("NOT_IT");
        assertThat(shared.get(1).path("alsoIn").get(0).asInt())
                .isEqualTo(first.path("number").asInt());
    }

    @Test
    void whatIsNotToldOfTheBagsLeavesThemAsTheyWere() {
        Map<String, Object> after = new HashMap<>(Bodies.batch(batches.get(4), "peat_perlite"));
        after.put("notes", "smells sour");
        after.put("version", 1);
        assertThat(api.put(home + "/batches", after).ok().at("/put/0/bag").asString())
                .isEqualTo("B 02");
        after.put("version", 2);
        after.put("bags", Map.of("peat_medium", "x".repeat(81)));
        assertThat(api.put(home + "/batches", after).faults()).containsExactly("too_long");
    }
}
