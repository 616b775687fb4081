package evencistern.server;

import evencistern.testkit.Api;
import evencistern.testkit.Plants;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** What the page sends, ready to be altered by a test. */
final class Bodies {
    private Bodies() {}

    static Map<String, Object> typed(String text, String unit) {
        return Plants.typed(text, unit);
    }

    static Map<String, Object> pot(String top, String base, String height) {
        return new HashMap<>(Map.of(
                "shape", "round", "top", typed(top, "cm"), "base", typed(base, "cm"), "height", typed(height, "cm")));
    }

    static Map<String, Object> feed() {
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                "Test salts",
                "n",
                typed("10", "%"),
                "p2o5",
                typed("5", "%"),
                "k2o",
                typed("15", "%"),
                "form",
                "dry",
                "label",
                "1 g per litre every 10-14 days",
                "answers",
                List.of(),
                "wordsSeen",
                false,
                "version",
                0));
    }

    /** A label as it is typed on a form that tells nothing else. */
    static Map<String, Object> label(String sentence, String form, List<?> answers) {
        Map<String, Object> feed = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                "",
                "form",
                form,
                "label",
                sentence,
                "answers",
                answers,
                "wordsSeen",
                false,
                "version",
                0));
        return new HashMap<>(Map.of("feed", feed));
    }

    static Map<String, Object> lot(JsonNode garden, String feedId) {
        Map<String, Object> lot = Plants.lot(garden, "Cape primrose", 1);
        lot.put("placeId", place(garden, "indoors").path("id").asString());
        lot.put("startedOn", "2026-05-01");
        if (feedId != null) {
            lot.put("courses", List.of(course(feedId)));
        }
        return lot;
    }

    /** A feed that is all a lot gets. */
    static Map<String, Object> course(String feedId) {
        return Map.of("feedId", feedId, "share", 100);
    }

    static JsonNode place(JsonNode garden, String kind) {
        return garden.path("places")
                .valueStream()
                .filter(p -> p.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    static String key() {
        return "key-" + UUID.randomUUID();
    }

    static Map<String, Object> tick(String lot, String item) {
        return new HashMap<>(Map.of("clientKey", key(), "items", List.of(Map.of("lotId", lot, "item", item))));
    }

    /** A whole recipe of the garden, as the page sends it to the rules. */
    static Map<String, Object> mix(JsonNode garden, String recipe) {
        JsonNode mixes = App.api()
                .get("/api/gardens/" + garden.path("id").asString() + "/mixes")
                .ok();
        List<Object> parts = new ArrayList<>();
        named(mixes.path("recipes"), recipe).path("parts").forEach(p -> {
            Map<String, Object> part = new HashMap<>(Map.of(
                    "component",
                    named(mixes.path("components"), p.path("component").asString()),
                    "amount",
                    p.path("amount").asString()));
            if (p.has("counted")) {
                part.put("counted", p.path("counted"));
            }
            parts.add(part);
        });
        return new HashMap<>(Map.of("key", recipe, "parts", parts));
    }

    /** Counts a recipe in litres, and one part of it in a measure of its own. */
    @SuppressWarnings("unchecked")
    static void countedIn(Map<String, Object> recipe, int at, String by, double litres) {
        recipe.put("measure", "litres");
        List<Object> parts = (List<Object>) recipe.get("parts");
        Map<String, Object> part = new HashMap<>((Map<String, Object>) parts.get(at));
        part.put("counted", Map.of("by", by, "litres", litres));
        parts.set(at, part);
    }

    /** A recipe of the garden's own, by parts. */
    static Map<String, Object> recipe(String name, Object... componentsAndAmounts) {
        List<Object> parts = new ArrayList<>();
        for (int i = 0; i < componentsAndAmounts.length; i += 2) {
            parts.add(Map.of("component", componentsAndAmounts[i], "amount", componentsAndAmounts[i + 1]));
        }
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                name,
                "measure",
                "parts",
                "parts",
                parts,
                "lime",
                "DOLOMITE",
                "fineness",
                "POWDER",
                "notes",
                "",
                "version",
                0));
    }

    /** The component or recipe that others call by a key. */
    static JsonNode named(JsonNode things, String key) {
        return things.valueStream()
                .filter(t -> t.path("shipped").asString(t.path("id").asString()).equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Twenty litres of a recipe, made as a batch of this id for no pots. */
    static Map<String, Object> batch(String id, String recipe) {
        return Map.of(
                "id", id, "recipe", recipe, "fills", List.of(), "litres", typed("20", "L"), "notes", "", "version", 0);
    }

    /** A kind of the guide as it ships, as the page sends it to the rules. */
    static Map<String, Object> kind(String key) {
        return kind(key, "flowering");
    }

    /** The same of a kind that belongs to another group. */
    static Map<String, Object> kind(String key, String group) {
        return Map.of(
                "kind",
                Map.of(
                        "id",
                        UUID.randomUUID().toString(),
                        "shipped",
                        key,
                        "name",
                        key,
                        "scientific",
                        key,
                        "group",
                        group,
                        "traits",
                        Map.of(),
                        "version",
                        0,
                        "retired",
                        false));
    }

    /** What one pot of a lot would get if the lot were so, at a share of the label if one is given. */
    static Api.Answer attempt(Api api, JsonNode garden, Map<String, Object> draft, String share) {
        Map<String, Object> ask = new HashMap<>(Map.of("draft", draft, "working", true));
        if (share != null) {
            ask.put("share", typed(share, "%"));
        }
        return api.post("/api/gardens/" + garden.path("id").asString() + "/lots/" + draft.get("id") + "/try", ask);
    }

    static Api.Answer attempt(Api api, JsonNode garden, Map<String, Object> draft) {
        return attempt(api, garden, draft, null);
    }
}
