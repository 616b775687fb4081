package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is done, in whatever order: taken back step by step the garden is as it was at each step. */
class WalkTest {
    private static final LocalDate TODAY = LocalDate.parse(App.TODAY);
    private static final int STEPS = 24;

    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private String feed;
    private final List<String> lots = new ArrayList<>();

    @BeforeEach
    void fiveLots() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        for (int i = 0; i < 5; i++) {
            Map<String, Object> lot = Bodies.lot(garden, i % 2 == 0 ? feed : null);
            lot.put("name", "Lot " + i);
            lot.put("pots", Bodies.typed(Integer.toString(2 + i * 3), ""));
            lots.add(api.put(home + "/lots", lot).ok().path("id").asString());
        }
    }

    /** One act that a person did, with the garden as it was before it. */
    private record Step(String act, String what, JsonNode before) {}

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void everyActTakenBackInTurnLeavesTheGardenAsItWasBeforeIt(long seed) {
        Random random = new Random(seed);
        Deque<Step> done = new ArrayDeque<>();
        while (done.size() < STEPS) {
            JsonNode before = snapshot();
            String lot = lots.get(random.nextInt(lots.size()));
            String what = List.of("tick", "give", "note", "move", "plan", "pot-on", "lose", "retire", "edit", "reading")
                    .get(random.nextInt(10));
            Api.Answer answer = act(what, lot, random);
            if (answer.status() == 409
                    || answer.faults().contains("not_due")
                    || answer.faults().contains("missing")) {
                // a retired lot takes no more work, one without a feed is not fed, one that is just watered is not due
                assertThat(snapshot()).as(seed + " " + what + " refused").isEqualTo(before);
                continue;
            }
            assertThat(answer.status())
                    .as(seed + " " + what + ": " + answer.raw().body())
                    .isLessThan(300);
            done.push(new Step(actOf(answer), what, before));
        }
        while (!done.isEmpty()) {
            Step last = done.pop();
            api.post(home + "/acts/" + last.act() + "/undo", Map.of("clientKey", Bodies.key()))
                    .ok();
            assertThat(snapshot()).as(seed + " undone: " + last.what()).isEqualTo(last.before());
        }
    }

    private static String actOf(Api.Answer answer) {
        return answer.raw()
                .headers()
                .firstValue("Act-Id")
                .orElseGet(() -> answer.body().path("actId").asString());
    }

    private Api.Answer act(String what, String lot, Random random) {
        JsonNode now = lot(lot);
        return switch (what) {
            case "tick" ->
                api.post(
                        home + "/ticks",
                        Bodies.tick(
                                lot,
                                now.path("state")
                                        .path(random.nextBoolean() ? "waterItem" : "feedItem")
                                        .asString()));
            case "give" ->
                api.post(
                        home + "/given",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(lot),
                                "feed",
                                random.nextBoolean(),
                                "on",
                                TODAY.minusDays(random.nextInt(10)).toString()));
            case "note" -> deed("note", Map.of("lotIds", List.of(lot), "text", "seen " + random.nextInt(100)));
            case "move" -> deed("move", Map.of("lotIds", List.of(lot), "placeId", place(random), "on", App.TODAY));
            case "plan" ->
                deed(
                        "move",
                        Map.of(
                                "lotIds",
                                List.of(lot),
                                "placeId",
                                place(random),
                                "on",
                                TODAY.plusDays(1 + random.nextInt(9)).toString(),
                                "backTo",
                                place(random),
                                "backOn",
                                TODAY.plusDays(20 + random.nextInt(9)).toString()));
            case "pot-on" ->
                deed(
                        "pot-on",
                        Map.of(
                                "lotIds",
                                List.of(lot),
                                "pot",
                                Bodies.pot(Integer.toString(13 + random.nextInt(9)), "10", "12"),
                                "mix",
                                random.nextBoolean() ? "peat_perlite" : "bark_charcoal",
                                "on",
                                TODAY.minusDays(random.nextInt(4)).toString()));
            case "lose" ->
                deed("lose", Map.of("lotId", lot, "pots", Bodies.typed("1", ""), "why", "wind", "on", App.TODAY));
            case "retire" -> deed("retire", Map.of("lotIds", List.of(lot), "why", "sold", "on", App.TODAY));
            case "edit" -> edit(now, random);
            default ->
                api.post(
                        home + "/lots/" + lot + "/readings",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "meterId",
                                garden.path("meters").get(0).path("id").asString(),
                                "ec",
                                Bodies.typed("2." + random.nextInt(9), "mS/cm")));
        };
    }

    private Api.Answer edit(JsonNode now, Random random) {
        Map<String, Object> form = Bodies.lot(garden, null);
        form.put("id", now.path("id").asString());
        form.put("version", now.path("version").asInt());
        form.put("name", "Renamed " + random.nextInt(1000));
        form.put("placeId", place(random));
        return api.put(home + "/lots", form);
    }

    private Api.Answer deed(String what, Map<String, Object> with) {
        Map<String, Object> body = new HashMap<>(with);
        body.put("clientKey", Bodies.key());
        return api.post(home + "/deeds/" + what, body);
    }

    private String place(Random random) {
        return garden.path("places").get(random.nextInt(2)).path("id").asString();
    }

    private JsonNode lot(String id) {
        return api.get(home + "/lots/" + id).ok();
    }

    /** All lots with where they stand and what their journal still says, but for the count of edits and the rows' numbers. */
    private JsonNode snapshot() {
        ObjectNode all =
                tools.jackson.databind.json.JsonMapper.builder().build().createObjectNode();
        for (String id : lots) {
            ObjectNode lot = (ObjectNode) lot(id);
            lot.remove("version");
            // an amended or taken back row may have a new number, which names the work that is due next
            ((ObjectNode) lot.path("state")).remove(List.of("waterItem", "feedItem"));
            all.set(id, lot);
            all.set(
                    "journal of " + id,
                    tools.jackson.databind.node.JsonNodeFactory.instance.stringNode(String.join(
                            "\n",
                            api.get(home + "/lots/" + id + "/journal?limit=200")
                                    .ok()
                                    .valueStream()
                                    .filter(e -> !e.path("undone").asBoolean()
                                            && !e.at("/event/kind").asString().equals("correction"))
                                    .map(e -> e.at("/event/kind").asString() + " "
                                            + e.path("occurredAt").asString() + " "
                                            + e.at("/event/litresEach").asString("")
                                            + e.at("/event").toString())
                                    .sorted()
                                    .toList())));
        }
        return all;
    }

    /** However the bench is narrowed and however large the page: every lot once, place by place, by name. */
    @Test
    void thePagesTogetherAreTheWholeBenchInOrder() {
        Random random = new Random(7);
        for (int i = 0; i < 40; i++) {
            Map<String, Object> lot = Bodies.lot(garden, null);
            lot.put("name", (i % 3 == 0 ? "fern " : "moss ") + random.nextInt(1000) + " " + UUID.randomUUID());
            lot.put("placeId", place(random));
            api.put(home + "/lots", lot).ok();
        }
        for (String look : List.of("", "&find=FERN", "&state=due", "&state=thirsty&find=moss", "&find=open bench")) {
            String query = look.replace(" ", "%20");
            List<String> whole = names("?limit=200" + query);
            int counted = api.get(home + "/lots?limit=1" + query)
                    .ok()
                    .path("counts")
                    .path("looked")
                    .asInt();
            assertThat(counted).as(look).isEqualTo(whole.size()).isPositive();
            for (int size : new int[] {1, 7, 45}) {
                List<String> paged = new ArrayList<>();
                for (int offset = 0; offset < counted + size; offset += size) {
                    paged.addAll(names("?limit=" + size + "&offset=" + offset + query));
                }
                assertThat(paged).as(look + " by " + size).isEqualTo(whole);
            }
            assertThat(whole).as(look).isSorted();
        }
    }

    /** Place and name of each lot, so that their order can be seen. */
    private List<String> names(String query) {
        return api.get(home + "/lots" + query)
                .ok()
                .path("lots")
                .valueStream()
                .map(l -> garden.path("places")
                                .valueStream()
                                .filter(p -> p.path("id")
                                        .asString()
                                        .equals(l.path("placeId").asString()))
                                .findFirst()
                                .orElseThrow()
                                .path("name")
                                .asString()
                        + " / " + l.path("name").asString())
                .toList();
    }
}
