package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Lots with several feeds. */
class ProgrammeTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final String can = feed("Hob salts", "1 g per litre every 14 days", null);
    private final String tonic = feed("Hob tonic", "0.5 g per litre every month", null);
    private final String beads = feed("Hob beads", "4 g per litre of mix at potting", "6");

    private String feed(String name, String label, String coatedMonths) {
        Map<String, Object> feed = Bodies.feed();
        feed.put("id", UUID.randomUUID().toString());
        feed.put("name", name);
        feed.put("label", label);
        if (coatedMonths != null) {
            feed.put("coatedMonths", Bodies.typed(coatedMonths, ""));
        }
        return api.put(home + "/feeds", feed).ok().path("id").asString();
    }

    private static Map<String, Object> course(String feed, Object... more) {
        Map<String, Object> course = new HashMap<>(Bodies.course(feed));
        for (int i = 0; i < more.length; i += 2) {
            course.put((String) more[i], more[i + 1]);
        }
        return course;
    }

    private Map<String, Object> lot(Object... courses) {
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("courses", List.of(courses));
        return lot;
    }

    private JsonNode saved(Map<String, Object> lot) {
        return api.put(home + "/lots", lot).ok();
    }

    private JsonNode shown(JsonNode lot) {
        return api.get(home + "/lots/" + lot.path("id").asString()).ok();
    }

    private JsonNode given(JsonNode lot, String feed, String on) {
        Map<String, Object> gift = new HashMap<>(Map.of(
                "clientKey", Bodies.key(), "lotIds", List.of(lot.path("id").asString()), "feed", true, "on", on));
        if (feed != null) {
            gift.put("feedId", feed);
        }
        return api.post(home + "/given", gift).ok();
    }

    private JsonNode programme(Map<String, Object> draft) {
        return api.post(home + "/lots/" + draft.get("id") + "/programme", Map.of("draft", draft))
                .ok();
    }

    private List<String> keptOf(JsonNode lot, String field) {
        List<String> values = new ArrayList<>();
        lot.path("courses").forEach(c -> values.add(c.path(field).asString("-")));
        return values;
    }

    @Test
    void aProgrammeIsKeptAsItWasTold() {
        JsonNode lot = saved(lot(
                course(can, "share", 50, "rhythm", "every_watering"),
                course(tonic, "fromMonth", 4, "toMonth", 9, "only", "FLOWERING"),
                course(beads, "begins", "2026-03-01", "ends", "2026-10-01")));
        assertThat(keptOf(lot, "feedId")).containsExactly(can, tonic, beads);
        assertThat(keptOf(shown(lot), "only")).containsExactly("-", "FLOWERING", "-");
    }

    @Test
    void whatCannotBeIsRefusedFieldByField() {
        assertThat(api.put(
                                home + "/lots",
                                lot(
                                        course(can, "share", 2),
                                        course(can, "rhythm", "hourly"),
                                        course(tonic, "fromMonth", 4),
                                        course(beads, "begins", "2026-10-01", "ends", "2026-03-01")))
                        .faults())
                .contains("twice_in_programme", "too_small", "choice_unknown", "missing", "dates_reversed");
        Map<String, Object> pitcher = lot(course(can));
        pitcher.put("species", "pitcher_plant");
        assertThat(api.put(home + "/lots", pitcher).faults()).containsExactly("no_root_feed");
    }

    /** Each feed has its own last day: giving the one leaves the other as due as it was. */
    @Test
    void eachFeedIsDueByItsOwnLastDay() {
        JsonNode lot = saved(lot(course(can), course(tonic)));
        given(lot, can, "2026-05-10");
        JsonNode state = shown(lot).path("state");
        assertThat(state.path("lastFedOn").asString()).isEqualTo("2026-05-10");
        assertThat(state.path("courses").get(0).path("lastFedOn").asString()).isEqualTo("2026-05-10");
        assertThat(state.path("courses").get(1).has("lastFedOn")).isFalse();
        // the tonic was never given: it goes with the next watering, the can not within its 14 days
        Map<String, Object> draft = lot(course(can), course(tonic));
        draft.put("id", lot.path("id").asString());
        draft.put("version", lot.path("version").asInt());
        JsonNode care = Bodies.attempt(api, garden, draft).ok();
        assertThat(care.path("feedId").asString()).isEqualTo(tonic);
        JsonNode act = given(lot, tonic, "2026-05-12");
        assertThat(Bodies.attempt(api, garden, draft)
                        .ok()
                        .path("nextFeed")
                        .path("date")
                        .asString())
                .isGreaterThanOrEqualTo("2026-05-24");
        // and taken back it is as before
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(Bodies.attempt(api, garden, draft).ok().path("feedId").asString())
                .isEqualTo(tonic);
    }

    /** Another product than planned: it is in the journal with its own amount, and both wait for it. */
    @Test
    void anotherFeedThanPlannedIsWrittenDownAsWhatItWas() {
        JsonNode lot = saved(lot(course(can)));
        given(lot, tonic, "2026-05-13");
        JsonNode entry = api.get(home + "/lots/" + lot.path("id").asString() + "/journal")
                .ok()
                .get(0)
                .path("event");
        assertThat(entry.path("feedName").asString()).isEqualTo("Hob tonic");
        assertThat(shown(lot).path("state").path("nextFeedOn").asString()).isGreaterThanOrEqualTo("2026-05-27");
    }

    private JsonNode kind(String kind) {
        return api.get(home + "/today")
                .ok()
                .path("groups")
                .valueStream()
                .filter(g -> g.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind));
    }

    private JsonNode tick(JsonNode lot, JsonNode... rows) {
        List<Map<String, Object>> items = new ArrayList<>();
        for (JsonNode row : rows) {
            items.add(Map.of(
                    "lotId",
                    lot.path("id").asString(),
                    "item",
                    row.path("due").get(0).path("item").asString()));
        }
        return api.post(home + "/ticks", Map.of("clientKey", Bodies.key(), "items", items))
                .ok();
    }

    private JsonNode journal(JsonNode lot) {
        return api.get(home + "/lots/" + lot.path("id").asString() + "/journal").ok();
    }

    /** What is strewn is a piece of work of its own: it writes no watering, and the water is still due. */
    @Test
    void whatIsStrewnIsARoundLineOfItsOwnAndWritesNoWatering() {
        JsonNode lot = saved(lot(course(beads)));
        JsonNode strewn = kind("strewn");
        JsonNode row = strewn.path("due").get(0);
        // 4 g for each litre of mix of a pot of 0.8 to 0.9 L
        assertThat(row.at("/beside/each").asDouble()).isBetween(2.5, 4.0);
        assertThat(row.path("litresEach").asDouble()).isZero();
        assertThat(kind("water").path("due").get(0).path("litresEach").asDouble())
                .isPositive();
        tick(lot, strewn);
        JsonNode entry = journal(lot).get(0).path("event");
        assertThat(entry.path("way").asString()).isEqualTo("strewn");
        assertThat(entry.path("litresEach").asDouble()).isZero();
        assertThat(shown(lot).path("state").has("lastWateredOn")).isFalse();
        tick(lot, kind("water"));
        assertThat(shown(lot).path("state").path("lastWateredOn").asString()).isEqualTo("2026-05-14");
        assertThat(api.get(home + "/today").ok().path("groups")).isEmpty();
        // and it leaves and comes back with its garden
        String other = UUID.randomUUID().toString();
        String file =
                api.get(home + "/file").raw().body().replace(garden.path("id").asString(), other);
        api.raw("POST", "/api/garden-files", file, true).ok();
        assertThat(api.get("/api/gardens/" + other + "/lots/" + lot.path("id").asString())
                        .ok()
                        .path("state"))
                .isEqualTo(shown(lot).path("state"));
    }

    /** The water first, the beads after it: both are still there, and both may go in one tick. */
    @Test
    void whatIsStrewnStaysDueAfterTheWaterOfItsDay() {
        JsonNode lot = saved(lot(course(beads), course(can)));
        JsonNode act = tick(lot, kind("water"));
        assertThat(kind("strewn").path("due")).hasSize(1);
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        tick(lot, kind("water"), kind("strewn"));
        assertThat(journal(lot)).hasSizeGreaterThanOrEqualTo(2);
        assertThat(api.get(home + "/today").ok().path("groups")).isEmpty();
    }

    /** A spray is a line of its own too, mixed for all its plants at once; nothing of it comes to the roots. */
    @Test
    void aSprayIsMixedForAllItsPlantsAndWritesNoWatering() {
        String leaf = feed("Hob leaf", "Foliar feed: 1 g per litre every 14 days", null);
        Map<String, Object> six = lot(course(leaf));
        six.put("pots", Bodies.typed("6", ""));
        six.put("spread", Bodies.typed("30", "cm"));
        JsonNode lot = saved(six);
        JsonNode sprayed = kind("sprayed");
        JsonNode row = sprayed.path("due").get(0);
        double each = row.at("/beside/sprayLitres").asDouble();
        assertThat(each).isBetween(0.01, 0.1);
        assertThat(row.path("litresEach").asDouble()).isZero();
        assertThat(sprayed.path("litres").asDouble()).isCloseTo(6 * each, within(1e-9));
        // half litres are mixed, at 1 g/L or less by what the plant is
        double mixed = sprayed.at("/dose/canLitres").asDouble();
        assertThat(mixed).isEqualTo(Math.max(0.5, Math.ceil(6 * each / 0.5) * 0.5));
        assertThat(sprayed.at("/dose/perLitre").asDouble()).isCloseTo(1, within(1e-6));
        assertThat(sprayed.path("notes").toString()).contains("spray_how", "spray_test_leaf");
        assertThat(kind("water").path("due")).hasSize(1);
        tick(lot, sprayed);
        JsonNode entry = journal(lot).get(0).path("event");
        assertThat(entry.path("way").asString()).isEqualTo("sprayed");
        assertThat(entry.path("litresEach").asDouble()).isZero();
        assertThat(entry.path("productEach").asDouble()).isCloseTo(each, within(0.3 * each));
        assertThat(shown(lot).path("state").has("lastWateredOn")).isFalse();
        assertThat(kind("water").path("due")).hasSize(1);
    }

    /** Left for ten days: that line alone, the water stays. */
    @Test
    void theOneLineIsLeftWithoutTheOther() {
        JsonNode lot = saved(lot(course(beads)));
        api.post(
                        home + "/skips",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "items",
                                List.of(Map.of(
                                        "lotId",
                                        lot.path("id").asString(),
                                        "item",
                                        kind("strewn")
                                                .path("due")
                                                .get(0)
                                                .path("item")
                                                .asString())),
                                "reason",
                                "no_time",
                                "days",
                                10))
                .ok();
        JsonNode groups = api.get(home + "/today").ok().path("groups");
        assertThat(groups).hasSize(1);
        assertThat(groups.get(0).path("kind").asString()).isEqualTo("water");
        assertThat(shown(lot).path("state").path("besideDueOn").asString()).isEqualTo("2026-05-24");
    }

    /** Arithmetic: 2 tsp of 5 mL at 0.9 kg/L are 9 g; amended to 6 g it is that. */
    @Test
    void spoonsAreWrittenDownAsTheyWereGivenAndCanBeAmended() {
        JsonNode lot = saved(lot(course(beads)));
        Map<String, Object> gift = new HashMap<>(Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(lot.path("id").asString()),
                "feed",
                true,
                "amountEach",
                Bodies.typed("2", "tsp")));
        api.post(home + "/given", gift).ok();
        JsonNode entry = journal(lot).get(0);
        double density = api.get(home + "/feeds")
                .ok()
                .valueStream()
                .filter(f -> f.path("id").asString().equals(beads))
                .findFirst()
                .orElseThrow()
                .path("density")
                .asDouble(0.95);
        assertThat(entry.at("/event/productEach").asDouble()).isCloseTo(10 * density, within(1e-6));
        assertThat(entry.at("/event/litresEach").asDouble()).isZero();
        api.put(
                        home + "/journal/" + entry.path("id").asLong(),
                        Map.of("clientKey", Bodies.key(), "amountEach", Bodies.typed("6", "g")))
                .ok();
        JsonNode now = journal(lot)
                .valueStream()
                .filter(e -> !e.path("undone").asBoolean()
                        && e.at("/event/kind").asString().equals("feeding"))
                .findFirst()
                .orElseThrow();
        assertThat(now.at("/event/productEach").asDouble()).isCloseTo(6, within(1e-9));
        gift.put("clientKey", Bodies.key());
        gift.put("amountEach", Bodies.typed("2", "cm"));
        assertThat(api.post(home + "/given", gift).faults()).isNotEmpty();
    }

    /** Two pots of five: their product is drawn from stock, and the lot is as due as before. */
    @Test
    void someOfThePotsDrawTheirShareAndTheLotStaysDue() {
        Map<String, Object> five = lot(course(can));
        five.put("pots", Bodies.typed("5", ""));
        JsonNode lot = saved(five);
        JsonNode before = shown(lot).path("state");
        Map<String, Object> gift = new HashMap<>(Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(lot.path("id").asString()),
                "feed",
                true,
                "amountEach",
                Bodies.typed("3", "g"),
                "pots",
                Bodies.typed("2", "")));
        Map<String, Object> stock = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(), "feedId", can, "amount", Bodies.typed("100", "g"), "version", 0));
        stock.put("countedOn", "2026-05-14");
        api.put(home + "/stock", stock).ok();
        api.post(home + "/given", gift).ok();
        assertThat(shown(lot).path("state")).isEqualTo(before);
        assertThat(journal(lot).get(0).at("/event/ofPots").asInt()).isEqualTo(2);
        // arithmetic: 2 pots, 3 g each
        assertThat(api.get(home + "/stock").ok().get(0).path("left").asDouble()).isCloseTo(94, within(1e-6));
        for (String wrong : List.of("6", "0", "1.5")) {
            gift.put("clientKey", Bodies.key());
            gift.put("pots", Bodies.typed(wrong, ""));
            assertThat(api.post(home + "/given", gift).faults()).hasSize(1);
        }
        gift.put("clientKey", Bodies.key());
        gift.remove("pots");
        api.post(home + "/given", gift).ok();
        assertThat(shown(lot).path("state").path("lastFedOn").asString()).isEqualTo("2026-05-14");
    }

    /** By hand: half the share of the same feed is half the product of a year, at as many feedings. */
    @Test
    void theYearSumsUpAllFeeds() {
        Map<String, Object> draft = lot(course(can), course(beads));
        JsonNode whole = programme(draft);
        assertThat(whole.path("months")).hasSize(12);
        assertThat(whole.path("courses")).hasSize(2);
        JsonNode half = programme(lot(course(can, "share", 50), course(beads)));
        JsonNode before = whole.path("courses").get(0);
        JsonNode after = half.path("courses").get(0);
        assertThat(after.path("times").asInt()).isEqualTo(before.path("times").asInt());
        assertThat(after.path("product").asDouble())
                .isCloseTo(
                        before.path("product").asDouble() / 2,
                        within(0.05 * before.path("product").asDouble()));
        assertThat(half.path("totalMg").asDouble())
                .isLessThan(whole.path("totalMg").asDouble());
        double months = 0;
        for (JsonNode m : whole.path("months")) {
            months += m.path("totalMg").asDouble();
        }
        assertThat(months).isCloseTo(whole.path("totalMg").asDouble(), within(1e-6));
    }

    @Test
    void everyKindOfPlantIsOfferedItsProgrammeFromTheShelf() {
        JsonNode patterns = programme(lot()).path("patterns");
        assertThat(patterns.get(0).path("usual").asBoolean()).isTrue();
        JsonNode organic = patterns.valueStream()
                .filter(p -> p.path("id").asString().equals("organic"))
                .findFirst()
                .orElseThrow();
        assertThat(organic.path("lacking").get(0).asString()).isEqualTo("organic");
        assertThat(organic.path("courses")).isEmpty();
        JsonNode both = patterns.valueStream()
                .filter(p -> p.path("id").asString().equals("beads_and_can"))
                .findFirst()
                .orElseThrow();
        assertThat(keptOf(both, "feedId")).startsWith(beads);
    }

    @Test
    void manyLotsArePutOnAProgrammeInOneActAndTakenBack() {
        List<String> lots = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            lots.add(saved(lot(course(can))).path("id").asString());
        }
        JsonNode act = api.post(
                        home + "/programmes",
                        Map.of("clientKey", Bodies.key(), "lotIds", lots, "pattern", "weak_and_often"))
                .ok();
        for (String id : lots) {
            assertThat(api.get(home + "/lots/" + id)
                            .ok()
                            .at("/courses/0/rhythm")
                            .asString())
                    .isEqualTo("every_watering");
        }
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/lots/" + lots.get(2)).ok().at("/courses/0").has("rhythm"))
                .isFalse();
        api.post(
                        home + "/programmes",
                        Map.of("clientKey", Bodies.key(), "lotIds", lots, "courses", List.of(course(tonic))))
                .ok();
        assertThat(keptOf(api.get(home + "/lots/" + lots.get(1)).ok(), "feedId"))
                .containsExactly(tonic);
        assertThat(api.post(
                                home + "/programmes",
                                Map.of("clientKey", Bodies.key(), "lotIds", lots, "pattern", "organic"))
                        .faults())
                .containsExactly("feed_lacking");
    }

    /** Ten pots need ten times what one needs, in packs of what is missing; a feed for flowers alone is not needed without them. */
    @Test
    void theSeasonAddsUpWhatAllLotsWillTake() {
        Map<String, Object> one = lot(course(can), course(tonic, "only", "FLOWERING"));
        saved(one);
        JsonNode single = api.get(home + "/season").ok().path("feeds");
        assertThat(single).hasSize(1);
        double needed = single.get(0).path("needed").asDouble();
        assertThat(needed).isPositive();
        assertThat(single.get(0).path("toBuy").asDouble()).isCloseTo(needed, within(1e-9));
        Map<String, Object> many = lot(course(can));
        many.put("pots", Bodies.typed("9", ""));
        saved(many);
        Map<String, Object> stock = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(), "feedId", can, "amount", Bodies.typed("1", "g"), "version", 0));
        stock.put("countedOn", "2026-05-14");
        stock.put("pack", Bodies.typed("5", "g"));
        api.put(home + "/stock", stock).ok();
        JsonNode all = api.get(home + "/season").ok().path("feeds").get(0);
        assertThat(all.path("needed").asDouble()).isCloseTo(10 * needed, within(0.02 * needed));
        assertThat(all.path("lots").asInt()).isEqualTo(2);
        assertThat(all.path("packs").asInt()).isEqualTo((int) Math.ceil((10 * needed - 1) / 5));
        assertThat(all.path("runsOutOn").asString()).startsWith("2026-");
        String sheet = api.get(home + "/season.csv").raw().body();
        assertThat(sheet.lines()).hasSize(2).first().asString().startsWith("feed,unit,needed");
    }
}
