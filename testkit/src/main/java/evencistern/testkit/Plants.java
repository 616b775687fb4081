package evencistern.testkit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Lots as a page sends them, for tests. */
public final class Plants {
    private Plants() {}

    /** An amount as it is typed. */
    public static Map<String, Object> typed(String text, String unit) {
        return Map.of("text", text, "unit", unit);
    }

    /** Cape primroses in peat and perlite, in round pots of 12 cm, at the first place and from the first water of a garden. */
    public static Map<String, Object> lot(JsonNode garden, String name, int pots) {
        Map<String, Object> lot = new HashMap<>();
        lot.put("id", UUID.randomUUID().toString());
        lot.put("name", name);
        lot.put("pots", typed(Integer.toString(pots), ""));
        lot.put("species", "streptocarpus");
        lot.put(
                "pot",
                Map.of(
                        "shape",
                        "round",
                        "top",
                        typed("12", "cm"),
                        "base",
                        typed("9", "cm"),
                        "height",
                        typed("11", "cm")));
        lot.put("mix", "peat_perlite");
        lot.put("placeId", garden.path("places").get(0).path("id").asString());
        lot.put("waterId", garden.path("waters").get(0).path("id").asString());
        lot.put("courses", List.of());
        lot.put("version", 0);
        return lot;
    }
}
