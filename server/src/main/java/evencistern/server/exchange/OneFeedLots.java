package evencistern.server.exchange;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Lots of garden files from before lots had programmes: the one feed of each, and its rhythm, stood with the lot. */
final class OneFeedLots {
    private static final int ALL = 100;

    private OneFeedLots() {}

    /** Turns a row into one of now, and answers the rows that other tables have of it since, by table. */
    static Map<String, List<ObjectNode>> upgrade(String table, ObjectNode row) {
        if (!table.equals("lot") || !row.has("feed_id")) {
            return Map.of();
        }
        JsonNode feed = row.remove("feed_id");
        JsonNode rhythm = row.remove("rhythm");
        if (feed.isNull()) {
            return Map.of();
        }
        ObjectNode course = JsonNodeFactory.instance.objectNode();
        course.put("lot_id", row.path("id").asString())
                .put("place", 0)
                .put("share", ALL)
                .set("feed_id", feed);
        course.set("rhythm", rhythm == null ? JsonNodeFactory.instance.nullNode() : rhythm);
        return Map.of("lot_course", List.of(course));
    }
}
