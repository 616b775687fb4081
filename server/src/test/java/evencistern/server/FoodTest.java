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

/** The nitrogen of a lot: from the can, from what was strewn, from what is in the mix. */
class FoodTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private LocalDate today;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        today = LocalDate.parse(garden.path("today").asString());
    }

    private String feed(Map<String, Object> parts) {
        Map<String, Object> form = Bodies.feed();
        form.putAll(parts);
        return api.put(home + "/feeds", form).ok().path("id").asString();
    }

    /** Beads rated six months, of which its label has 3 g for each litre of mix. */
    private String coated(Map<String, Object> more) {
        Map<String, Object> beads = new HashMap<>(Map.of(
                "label",
                "3 g per litre of mix every 6 months",
                "coatedMonths",
                Bodies.typed("6", ""),
                "density",
                Bodies.typed("0.9", "kg/L")));
        beads.putAll(more);
        return feed(beads);
    }

    private String lot(String feed, String mix) {
        Map<String, Object> form = Bodies.lot(garden, feed);
        form.put("mix", mix);
        form.put("startedOn", today.minusDays(60).toString());
        return api.put(home + "/lots", form).ok().path("id").asString();
    }

    private JsonNode food(String lot) {
        return api.get(home + "/lots/" + lot + "/food").ok();
    }

    private JsonNode strew(String lot, int daysAgo) {
        return api.post(
                        home + "/given",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(lot),
                                "feed",
                                true,
                                "on",
                                today.minusDays(daysAgo).toString()))
                .ok();
    }

    @Test
    void theCanIsSetAgainstTheNeed() {
        JsonNode food = food(lot(feed(Map.of()), "peat_perlite"));
        assertThat(food.path("needMg").asDouble()).isPositive();
        assertThat(food.path("sources").size()).isEqualTo(1);
        assertThat(food.path("sources").get(0).path("kind").asString()).isEqualTo("can");
        assertThat(food.path("totalMg").asDouble())
                .isCloseTo(food.path("sources").get(0).path("weekMg").asDouble(), within(1e-9));
    }

    /** 3 g per litre of mix of a 10 % feed is 300 mg N per litre of mix; some of it is gone after three weeks. */
    @Test
    void aCoatedFeedGivesItselfAwayAndUndoTakesItBack() {
        String coated = coated(Map.of());
        String lot = lot(coated, "peat_perlite");
        JsonNode act = strew(lot, 21);
        JsonNode source = food(lot).path("sources").get(0);
        assertThat(source.path("kind").asString()).isEqualTo("coated");
        assertThat(source.path("leftPercent").asDouble()).isBetween(50.0, 99.0);
        assertThat(source.path("weekMg").asDouble()).isPositive();
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(food(lot).path("sources").size()).isZero();
    }

    @Test
    void granulesThatAreNotCoatedAreSpentAfterSevenWeeks() {
        String quick = feed(Map.of("label", "3 g per litre of mix every 2 months"));
        String lot = lot(quick, "peat_perlite");
        strew(lot, 21);
        JsonNode source = food(lot).path("sources").get(0);
        assertThat(source.path("kind").asString()).isEqualTo("quick");
        assertThat(source.path("leftPercent").asDouble()).isCloseTo(100 * (1 - 21 / 49.0), within(0.01));
    }

    private Map<String, Object> potting(String lot, String feed, String put, String amount, String unit, int daysAgo) {
        return Map.of(
                "clientKey",
                Bodies.key(),
                "lotIds",
                List.of(lot),
                "mix",
                "peat_perlite",
                "on",
                today.minusDays(daysAgo).toString(),
                "feed",
                Map.of("feedId", feed, "put", put, "amountEach", Bodies.typed(amount, unit)));
    }

    /**
     * 3 g per litre of mix as its label has it, stirred in with fresh mix; what was strewn on the old mix is gone with that. Two
     * handfuls of 4 mL of a powder of 0.9 kg/L are 7.2 g.
     */
    @Test
    void feedGoesInWithFreshMixAndCounts() {
        String coated = coated(Map.of("own", Bodies.typed("3.6", "g")));
        String lot = lot(coated, "peat_perlite");
        strew(lot, 40);
        Map<String, Object> ask = potting(lot, coated, "mixed_in", "", "g", 10);
        JsonNode planned = api.post(home + "/deeds/pot-on/feed", ask).ok().path("given");
        JsonNode act = api.post(home + "/deeds/pot-on", ask).ok();
        JsonNode sources = food(lot).path("sources");
        assertThat(sources.size()).isEqualTo(1);
        assertThat(sources.get(0).path("leftPercent").asDouble()).isBetween(85.0, 100.0);
        JsonNode written = fed(lot);
        assertThat(written.path("way").asString()).isEqualTo("mixed_in");
        assertThat(written.path("litresEach").asDouble()).isZero();
        assertThat(written.path("productEach").asDouble())
                .isCloseTo(planned.path("each").asDouble(), within(1e-9));
        api.post(home + "/acts/" + act.path("actId").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(fed(lot).path("way").asString()).isEqualTo("strewn");
        assertThat(api.post(home + "/deeds/pot-on", potting(lot, coated, "placed", "2", "handful", 0))
                        .faults())
                .containsExactly("too_large"); // more than the mix of a small pot may hold
        api.post(home + "/deeds/pot-on", potting(lot, coated, "placed", "½", "handful", 0))
                .ok();
        assertThat(fed(lot).path("productEach").asDouble()).isCloseTo(1.8, within(0.01));
        assertThat(fed(lot).path("way").asString()).isEqualTo("placed");
    }

    @Test
    void whatIsPouredDoesNotGoIntoTheMix() {
        String poured = feed(Map.of());
        String lot = lot(poured, "peat_perlite");
        assertThat(api.post(home + "/deeds/pot-on", potting(lot, poured, "mixed_in", "1", "g", 0))
                        .faults())
                .containsExactly("not_into_the_mix");
        String granules = feed(Map.of("label", "3 g per litre of mix every 2 months"));
        assertThat(api.post(home + "/deeds/pot-on", potting(lot, granules, "mixed_in", "1", "cap", 0))
                        .faults())
                .containsExactly("own_measure_unknown");
    }

    /** Granules of urea alone burn roots, stirred in as well as strewn; common practice, no source. */
    @Test
    void whatBurnsRootsIsNotStirredInEither() {
        String urea = feed(Map.of(
                "n",
                Bodies.typed("46", "%"),
                "p2o5",
                Bodies.typed("0", "%"),
                "k2o",
                Bodies.typed("0", "%"),
                "contents",
                Map.of("UREA_N", Bodies.typed("46", "%")),
                "label",
                "1 g per litre of mix every 2 months"));
        String lot = lot(urea, "peat_perlite");
        Map<String, Object> ask = potting(lot, urea, "mixed_in", "", "g", 0);
        assertThat(api.post(home + "/deeds/pot-on/feed", ask).faults()).containsExactly("urea_burns");
        assertThat(api.post(home + "/deeds/pot-on", ask).faults()).containsExactly("urea_burns");
    }

    /** A feed of the programme that is mixed in by its label is offered with fresh mix, and is none of the round's before. */
    @Test
    void whatTheLabelHasMixedInWaitsForFreshMix() {
        String mixed = coated(Map.of("label", "Mix in 3 g per litre of compost when potting"));
        String lot = lot(mixed, "peat_perlite");
        Map<String, Object> bare = new HashMap<>(potting(lot, mixed, "mixed_in", "", "g", 0));
        bare.remove("feed");
        JsonNode goesIn = api.post(home + "/deeds/pot-on/feed", bare).ok();
        assertThat(goesIn.path("usualFeedId").asString()).isEqualTo(mixed);
        assertThat(goesIn.path("given").isMissingNode()).isTrue();
        assertThat(beside()).isEmpty();
        api.post(home + "/deeds/pot-on", bare).ok();
        assertThat(beside()).containsExactly("mixed_in");
        Map<String, Object> with = potting(lot, mixed, "mixed_in", "", "g", 0);
        api.post(home + "/deeds/pot-on", with).ok();
        assertThat(fed(lot).path("way").asString()).isEqualTo("mixed_in");
        assertThat(beside()).isEmpty();
    }

    /** How the feeds are given that stand on the round beside the water. */
    private List<String> beside() {
        return api.get(home + "/today")
                .ok()
                .path("groups")
                .valueStream()
                .flatMap(g -> g.path("due").valueStream())
                .map(d -> d.path("beside").path("way"))
                .filter(JsonNode::isString)
                .map(JsonNode::asString)
                .toList();
    }

    private JsonNode fed(String lot) {
        return api.get(home + "/lots/" + lot + "/journal")
                .ok()
                .valueStream()
                .filter(e -> !e.path("undone").asBoolean())
                .map(e -> e.path("event"))
                .filter(e -> e.path("kind").asString().equals("feeding"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsStirredIntoTheMixCounts() {
        Map<String, Object> recipe = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(),
                "name", "Fed mix",
                "measure", "parts",
                "parts", List.of(Map.of("component", "peat_medium", "amount", "1")),
                "amendments", List.of(Map.of("key", "coated_feed", "grams", "3")),
                "lime", "DOLOMITE",
                "fineness", "GROUND",
                "notes", "",
                "version", 0));
        String key = api.put(home + "/mixes/recipes", recipe).ok().path("id").asString();
        JsonNode food = food(lot(feed(Map.of()), key));
        assertThat(food.path("sources").valueStream().map(s -> s.path("name").asString()))
                .contains("coated_feed");
        assertThat(food.path("against").valueStream()).isEmpty();
        recipe.put("id", UUID.randomUUID().toString());
        recipe.put("name", "Overfed mix");
        recipe.put("amendments", List.of(Map.of("key", "coated_feed", "grams", "6.9")));
        String strong = api.put(home + "/mixes/recipes", recipe).ok().path("id").asString();
        assertThat(food(lot(feed(Map.of()), strong))
                        .path("against")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("amendment.grams");
        JsonNode stirred = food.path("sources").get(1);
        assertThat(stirred.path("amendment").asBoolean()).isTrue();
        assertThat(stirred.path("leftPercent").asDouble()).isBetween(20.0, 99.0);
    }

    @Test
    void aLabelByHeightWaitsForTheHeight() {
        String byHeight = feed(Map.of("label", "10 g per metre of height every 2 months"));
        Map<String, Object> form = Bodies.lot(garden, byHeight);
        Api.Answer refused = api.put(home + "/lots", form);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("faults").get(0).path("field").asString())
                .isEqualTo("lot.tall");
        form.put("tall", Bodies.typed("1.5", "m"));
        JsonNode lot = api.put(home + "/lots", form).ok();
        assertThat(lot.path("tallM").asDouble()).isEqualTo(1.5);
    }
}
