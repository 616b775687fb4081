package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.plant.SpeciesGuide;
import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The species guide as a garden changes it, and lots that differ from their kind. */
class KindsTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String base;

    @BeforeEach
    void aGarden() {
        garden = api.freshGarden();
        base = "/api/gardens/" + garden.path("id").asString();
    }

    private JsonNode kind(String key) {
        return api.get(base + "/species")
                .ok()
                .path("kinds")
                .valueStream()
                .filter(k -> k.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static Map<String, Object> input(JsonNode kind, Map<String, String> traits) {
        return new HashMap<>(Map.of(
                "id",
                kind.path("id").asString(),
                "shipped",
                kind.path("shipped").asString(),
                "name",
                kind.path("name").asString(),
                "scientific",
                kind.path("scientific").asString(),
                "group",
                kind.path("group").asString(),
                "traits",
                traits,
                "version",
                kind.path("version").asInt()));
    }

    private int days(String lot) {
        return api.get(base + "/lots/" + lot)
                .ok()
                .path("state")
                .path("waterGapDays")
                .asInt();
    }

    private String lot(Map<String, Object> lot) {
        return api.put(base + "/lots", lot).ok().path("id").asString();
    }

    @Test
    void theGuideTellsGroupsKindsAndHowManyStandOnTheBench() {
        lot(Bodies.lot(garden, null));
        JsonNode guide = api.get(base + "/species").ok();
        assertThat(guide.path("kinds").size()).isEqualTo(SpeciesGuide.all().size());
        assertThat(guide.path("groups").get(0).path("traits").size())
                .isEqualTo(guide.path("traits").size());
        assertThat(kind("streptocarpus").path("lots").asInt()).isEqualTo(1);
        assertThat(kind("olive").path("lots").asInt()).isZero();
    }

    @Test
    void aChangeOfAKindReachesItsLotsAndIsTakenBackWithThem() {
        String lot = lot(Bodies.lot(garden, null));
        int before = days(lot);
        Api.Answer saved =
                api.put(base + "/species", input(kind("streptocarpus"), Map.of("depletion", "0,2", "leaf", "thin")));
        assertThat(saved.ok().path("traits").size())
                .as("what its group says already is not told again")
                .isEqualTo(1);
        assertThat(days(lot)).isLessThan(before);
        String act = saved.raw().headers().firstValue("Act-Id").orElseThrow();
        api.post(base + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(days(lot)).isEqualTo(before);
        assertThat(kind("streptocarpus").path("traits").size()).isZero();
    }

    @Test
    void aLotMayDifferFromItsKindAlone() {
        Map<String, Object> odd = Bodies.lot(garden, null);
        odd.put("traits", Map.of("depletion", "0.2", "crop", ""));
        int oddDays = days(lot(odd));
        assertThat(oddDays).isLessThan(days(lot(Bodies.lot(garden, null))));
    }

    @Test
    void aKindOfItsOwnIsAddedAndPlanted() {
        Map<String, Object> own = input(kind("streptocarpus"), Map.of("depletion", "0.5"));
        String id = UUID.randomUUID().toString();
        own.put("id", id);
        own.remove("shipped");
        own.put("name", "Aunt Orla's mystery");
        own.put("scientific", "Ignota orlae");
        own.put("version", 0);
        JsonNode added = api.put(base + "/species", own).ok();
        assertThat(added.path("key").asString()).isEqualTo(id);
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("species", id);
        String planted = lot(lot);
        assertThat(api.get(base + "/lots?find=mystery")
                        .ok()
                        .path("lots")
                        .get(0)
                        .path("id")
                        .asString())
                .isEqualTo(planted);
        JsonNode water = Bodies.attempt(api, garden, lot).ok().path("water");
        assertThat(water.path("usableLitres").asDouble()
                        / water.path("availableLitres").asDouble())
                .isCloseTo(0.5, within(1e-9));
    }

    @Test
    void whatDoesNotFitIsRefusedFieldByField() {
        Map<String, Object> input = input(
                kind("olive"), Map.of("depletion", "2", "appetite", "ravenous", "coldest", "warm", "colour", "green"));
        assertThat(api.put(base + "/species", input).faults())
                .containsExactlyInAnyOrder("too_large", "choice_unknown", "not_a_number", "choice_unknown");
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("conditions", Map.of("FLOWERING", "2031-01-01"));
        lot.put("courses", List.of(Map.of("feedId", UUID.randomUUID().toString(), "share", 100, "rhythm", "hourly")));
        assertThat(api.put(base + "/lots", lot).faults()).containsExactlyInAnyOrder("choice_unknown", "time_in_future");
    }
}
