package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is done to lots beside the day's round; each deed is one act with one undo. */
class DeedsTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private JsonNode addLot(String name, String pots) {
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("name", name);
        lot.put("pots", Bodies.typed(pots, ""));
        return api.put(home + "/lots", lot).ok();
    }

    private JsonNode lot(String id) {
        return api.get(home + "/lots/" + id).ok();
    }

    private JsonNode journal(String lot) {
        return api.get(home + "/lots/" + lot + "/journal").ok();
    }

    private Api.Answer deed(String what, Map<String, Object> with) {
        Map<String, Object> body = new HashMap<>(with);
        body.put("clientKey", Bodies.key());
        return api.post(home + "/deeds/" + what, body);
    }

    private Api.Answer undo(Api.Answer act) {
        return api.post(
                home + "/acts/" + act.ok().path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()));
    }

    /** As it was, but for the count of its edits. */
    private static JsonNode bare(JsonNode lot) {
        ((tools.jackson.databind.node.ObjectNode) lot).remove("version");
        return lot;
    }

    private static String id(JsonNode thing) {
        return thing.path("id").asString();
    }

    private String place(String kind) {
        return id(Bodies.place(garden, kind));
    }

    @Test
    void aNoteOnManyLotsIsOneActAndOneUndoTakesAllBack() {
        List<String> lots = List.of(id(addLot("First", "1")), id(addLot("Second", "1")));
        Api.Answer act = deed("note", Map.of("lotIds", lots, "text", "  scale insects on the leaf stalks "));
        for (String lot : lots) {
            assertThat(journal(lot).get(0).at("/event/text").asString()).isEqualTo("scale insects on the leaf stalks");
        }
        undo(act).ok();
        for (String lot : lots) {
            assertThat(journal(lot).get(1).path("undone").asBoolean()).isTrue();
        }
        assertThat(deed("note", Map.of("lotIds", lots, "text", " ")).faults()).containsExactly("missing");
        assertThat(deed("note", Map.of("lotIds", List.of(), "text", "x")).faults())
                .containsExactly("too_small");
    }

    @Test
    void aMoveChangesThePlaceAndItsUndoPutsItBack() {
        JsonNode before = addLot("Clivia", "1");
        Api.Answer act =
                deed("move", Map.of("lotIds", List.of(id(before)), "placeId", place("outdoors"), "on", App.TODAY));
        assertThat(lot(id(before)).path("placeId").asString()).isEqualTo(place("outdoors"));
        JsonNode row = journal(id(before)).get(0);
        assertThat(row.at("/event/kind").asString()).isEqualTo("moving");
        assertThat(row.at("/event/fromPlace").asString()).isEqualTo("North window");
        assertThat(row.at("/event/toPlace").asString()).isEqualTo("Open bench");
        undo(act).ok();
        assertThat(bare(lot(id(before)))).isEqualTo(bare(before));
    }

    @Test
    void howWarmItsMixWasMeasuredStaysWithThePlaceItLeaves() {
        Map<String, Object> form = Bodies.lot(garden, null);
        form.put("mixWarmth", Bodies.typed("50", "°C"));
        assertThat(api.put(home + "/lots", form).faults()).containsExactly("too_large");
        form.put("mixWarmth", Bodies.typed("24", "°C"));
        JsonNode before = api.put(home + "/lots", form).ok();
        assertThat(before.path("mixC").asDouble()).isEqualTo(24);
        Api.Answer act =
                deed("move", Map.of("lotIds", List.of(id(before)), "placeId", place("outdoors"), "on", App.TODAY));
        assertThat(lot(id(before)).has("mixC")).isFalse();
        undo(act).ok();
        assertThat(bare(lot(id(before)))).isEqualTo(bare(before));
    }

    @Test
    void outForTheSummerIsPlannedStandsOnTheListOfItsDayAndIsTickedThere() {
        String lot = id(addLot("Clivia", "1"));
        LocalDate today = LocalDate.parse(App.TODAY);
        deed(
                        "move",
                        Map.of(
                                "lotIds", List.of(lot),
                                "placeId", place("outdoors"),
                                "on", today.plusDays(3).toString(),
                                "backTo", place("indoors"),
                                "backOn", today.plusDays(120).toString()))
                .ok();
        assertThat(lot(lot).path("placeId").asString()).isEqualTo(place("indoors"));
        assertThat(lot(lot).path("moves").size()).isEqualTo(2);
        assertThat(api.get(home + "/today").ok().path("moving").size()).isZero();
        // moved out today instead, back as planned
        deed(
                        "move",
                        Map.of(
                                "lotIds", List.of(lot),
                                "placeId", place("outdoors"),
                                "on", App.TODAY,
                                "backTo", place("indoors"),
                                "backOn", today.plusDays(120).toString()))
                .ok();
        assertThat(lot(lot).path("moves").size()).isEqualTo(1);
        Api.Answer done = deed("move-as-planned", Map.of("lotIds", List.of(lot)));
        assertThat(lot(lot).path("placeId").asString()).isEqualTo(place("indoors"));
        assertThat(lot(lot).path("moves").size()).isZero();
        undo(done).ok();
        assertThat(lot(lot).path("moves").size()).isEqualTo(1);
        assertThat(deed("move-as-planned", Map.of("lotIds", List.of(lot))).status())
                .isEqualTo(200);
        assertThat(deed("move-as-planned", Map.of("lotIds", List.of(lot))).faults())
                .containsExactly("not_due");
    }

    @Test
    void aMoveThatComesBackBeforeItGoesIsRefused() {
        String lot = id(addLot("Clivia", "1"));
        Map<String, Object> back = new HashMap<>(Map.of(
                "lotIds", List.of(lot),
                "placeId", place("outdoors"),
                "on", "2026-06-01",
                "backTo", place("indoors"),
                "backOn", "2026-05-20"));
        assertThat(deed("move", back).faults()).containsExactly("dates_reversed");
        back.remove("backOn");
        assertThat(deed("move", back).faults()).containsExactly("missing");
        back.put("placeId", UUID.randomUUID().toString());
        assertThat(deed("move", back).faults()).containsExactlyInAnyOrder("choice_unknown", "missing");
    }

    @Test
    void pottingOnChangesPotMixAndDatesAndItsUndoPutsThemBack() {
        JsonNode before = addLot("Hoya", "3");
        Api.Answer act = deed(
                "pot-on",
                Map.of(
                        "lotIds",
                        List.of(id(before)),
                        "pot",
                        Bodies.pot("15", "11", "14"),
                        "mix",
                        "bark_charcoal",
                        "on",
                        App.TODAY));
        JsonNode after = lot(id(before));
        assertThat(after.path("mix").asString()).isEqualTo("bark_charcoal");
        assertThat(after.path("repottedOn").asString()).isEqualTo(App.TODAY);
        JsonNode row = journal(id(before)).get(0);
        // frustum of 11 cm and 14.52 cm, 12.32 cm high, 88 % of the height of the new pot
        double top = 11 + 4 * 0.88;
        assertThat(row.at("/event/litresAfter").asDouble())
                .isCloseTo(Math.PI * 14 * 0.88 / 12 * (top * top + top * 11 + 121) / 1000, within(1e-9));
        assertThat(row.at("/event/mixBefore").asString()).isEqualTo("peat_perlite");
        undo(act).ok();
        assertThat(bare(lot(id(before)))).isEqualTo(bare(before));
    }

    @Test
    void lossesCountDownAndTheLastOneRetiresTheLot() {
        String lot = id(addLot("Heather plugs", "10"));
        Map<String, Object> some =
                new HashMap<>(Map.of("lotId", lot, "pots", Bodies.typed("4", ""), "why", "dried out", "on", App.TODAY));
        deed("lose", some).ok();
        assertThat(lot(lot).path("pots").asInt()).isEqualTo(6);
        assertThat(journal(lot).get(0).at("/event/potsBefore").asInt()).isEqualTo(10);
        some.put("pots", Bodies.typed("7", ""));
        assertThat(deed("lose", some).faults()).containsExactly("too_large");
        some.put("pots", Bodies.typed("6", ""));
        Api.Answer last = deed("lose", some);
        assertThat(lot(lot).path("retired").asBoolean()).isTrue();
        undo(last).ok();
        assertThat(lot(lot).path("retired").asBoolean()).isFalse();
        assertThat(lot(lot).path("pots").asInt()).isEqualTo(6);
    }

    @Test
    void aSplitKeepsWhenBothWereLastWateredAndItsUndoLeavesOne() {
        JsonNode lot = addLot("Heather plugs", "10");
        api.post(
                        home + "/ticks",
                        Bodies.tick(id(lot), lot.path("state").path("waterItem").asString()))
                .ok();
        String fresh = UUID.randomUUID().toString();
        Api.Answer act = deed(
                "split",
                Map.of(
                        "lotId",
                        id(lot),
                        "newId",
                        fresh,
                        "name",
                        "Heather, sold",
                        "pots",
                        Bodies.typed("4", ""),
                        "placeId",
                        place("outdoors")));
        act.ok();
        assertThat(lot(id(lot)).path("pots").asInt()).isEqualTo(6);
        JsonNode other = lot(fresh);
        assertThat(other.path("pots").asInt()).isEqualTo(4);
        assertThat(other.path("splitFrom").asString()).isEqualTo(id(lot));
        assertThat(other.path("state").path("lastWateredOn").asString()).isEqualTo(App.TODAY);
        undo(act).ok();
        assertThat(lot(id(lot)).path("pots").asInt()).isEqualTo(10);
        assertThat(lot(fresh).path("retired").asBoolean()).isTrue();
        assertThat(deed(
                                "split",
                                Map.of("lotId", id(lot), "newId", fresh, "name", "All", "pots", Bodies.typed("10", "")))
                        .faults())
                .containsExactly("too_large");
    }

    @Test
    void aRetiredLotKeepsItsHistoryIsOffEveryListAndTakesNoMoreWork() {
        String lot = id(addLot("Sold", "1"));
        String stays = id(addLot("Stays", "1"));
        Api.Answer act = deed("retire", Map.of("lotIds", List.of(lot), "why", "sold", "on", App.TODAY));
        act.ok();
        assertThat(names("")).containsExactly("Stays");
        assertThat(names("?state=retired")).containsExactly("Sold");
        assertThat(journal(lot).get(0).at("/event/why").asString()).isEqualTo("sold");
        assertThat(api.get(home + "/today")
                        .ok()
                        .path("groups")
                        .valueStream()
                        .flatMap(g -> g.path("due").valueStream())
                        .map(d -> d.path("lot").path("name").asString()))
                .containsExactly("Stays");
        Api.Answer refused = deed("note", Map.of("lotIds", List.of(stays, lot), "text", "both or none"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.faults()).containsExactly("retired");
        assertThat(journal(stays).size()).isZero();
        undo(act).ok();
        assertThat(names("")).containsExactly("Sold", "Stays");
    }

    private Stream<String> names(String query) {
        return api.get(home + "/lots" + query)
                .ok()
                .path("lots")
                .valueStream()
                .map(l -> l.path("name").asString());
    }

    @Test
    void theBenchIsSearchedFilteredAndPaged() {
        addLot("Window one", "1");
        JsonNode watered = addLot("Window two", "1");
        api.post(
                        home + "/ticks",
                        Bodies.tick(
                                id(watered),
                                watered.path("state").path("waterItem").asString()))
                .ok();
        Map<String, Object> outside = Bodies.lot(garden, null);
        outside.put("name", "100% olive_tree");
        outside.put("species", "olive");
        outside.put("placeId", place("outdoors"));
        api.put(home + "/lots", outside).ok();
        JsonNode counts = api.get(home + "/lots").ok().path("counts");
        assertThat(counts.path("all").asInt()).isEqualTo(3);
        assertThat(counts.path("due").asInt()).isEqualTo(2);
        assertThat(names("?state=due")).containsExactly("Window one", "100% olive_tree");
        assertThat(names("?find=olive")).containsExactly("100% olive_tree");
        assertThat(names("?find=open%20bench")).containsExactly("100% olive_tree");
        assertThat(names("?find=streptocarpus")).containsExactly("Window one", "Window two");
        // signs of a pattern are letters like any other
        assertThat(names("?find=100%25%20ol")).containsExactly("100% olive_tree");
        assertThat(names("?find=x_t")).isEmpty();
        assertThat(names("?place=" + place("outdoors"))).containsExactly("100% olive_tree");
        assertThat(names("?offset=1&limit=1")).containsExactly("Window two");
        assertThat(counts.path("looked").asInt()).isEqualTo(3);
        assertThat(api.get(home + "/lots?offset=1&limit=1").ok().path("counts").isMissingNode())
                .isTrue();
    }

    @Test
    void aReadingOffItsBandPutsTheLotAmongThoseOverBandUntilItIsTakenBack() {
        String lot = id(addLot("Salty", "1"));
        Api.Answer act = api.post(
                home + "/lots/" + lot + "/readings",
                Map.of(
                        "clientKey",
                        Bodies.key(),
                        "meterId",
                        garden.path("meters").get(0).path("id").asString(),
                        "ec",
                        Bodies.typed("4.5", "mS/cm")));
        act.ok();
        assertThat(names("?state=over")).containsExactly("Salty");
        assertThat(api.get(home + "/lots").ok().path("counts").path("overBand").asInt())
                .isEqualTo(1);
        undo(act).ok();
        assertThat(names("?state=over")).isEmpty();
    }
}
