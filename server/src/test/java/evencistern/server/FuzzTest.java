package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.server.demo.DemoGarden;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.lot.Lots;
import evencistern.server.words.Language;
import evencistern.testkit.Api;
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation of the contract, as the page uses it and then altered in ways that nobody thought of: each is answered, none by
 * a fault of the program, and nothing that stood in another garden is changed. {@code bench/fuzz} sends many more.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.MethodName.class)
class FuzzTest {
    private static final int REQUESTS = Integer.getInteger("fuzz.requests", 2000);
    private static final long SEED = Long.getLong("fuzz.seed", 20260514L);

    /** A stream that does not end by itself, so it is asked for where its end is part of the test. */
    private static final String STREAM = "GET /api/gardens/{garden}/meters/{meter}/live";

    private static final int LONGEST_WORD = 500;
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory NEW = JsonNodeFactory.instance;

    private final Api api = App.api();
    private final JsonNode contract = read("web/openapi.json");
    private final Map<String, JsonNode> examples = new HashMap<>();
    private final List<String> operations = new ArrayList<>();
    private String garden;
    private String other;

    private static JsonNode read(String path) {
        try {
            return JSON.readTree(Files.readString(PostgresSession.root().resolve(path)));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private String demo() {
        GardenWire g = App.bean(Gardens.class)
                .create(
                        new Gardens.NewGarden(
                                "Fuzzed yard",
                                "Europe/London",
                                new evencistern.server.typed.Typed("52.4", "°"),
                                Language.en_GB,
                                GardenWire.UnitHabit.metric,
                                GardenWire.Hand.spoons,
                                null,
                                null,
                                null,
                                null),
                        false);
        App.bean(DemoGarden.class).plant(g, g.today());
        return g.id().toString();
    }

    @BeforeAll
    void twoGardens() {
        garden = demo();
        other = demo();
        read("server/src/test/resources/fuzz/examples.json")
                .forEach(e -> examples.put(e.path("operation").asString(), e));
        contract.path("paths")
                .propertyStream()
                .forEach(p -> p.getValue()
                        .propertyStream()
                        .forEach(m -> operations.add(m.getKey().toUpperCase(Locale.ROOT) + " " + p.getKey())));
        operations.remove(STREAM);
    }

    // --- what is there to be named ---

    private JsonNode get(String path) {
        return api.get("/api/gardens/" + garden + path).ok();
    }

    private JsonNode lots() {
        return get("/lots").path("lots");
    }

    private String first(JsonNode list) {
        return list.path(0).path("id").asString();
    }

    private String lastRow(String kind) {
        return lots().valueStream()
                .flatMap(l ->
                        get("/lots/" + l.path("id").asString() + "/journal").valueStream())
                .filter(e -> e.at("/event/kind").asString().equals(kind))
                .map(e -> e.path("id").asString())
                .findFirst()
                .orElse("0");
    }

    private String waterItem(String lot) {
        return get("/lots/" + named(lot)).at("/state/waterItem").asString();
    }

    private JsonNode done(String operation) {
        return asThePageDoes(operation).body();
    }

    private static final Set<String> LASTING = Set.of(
            "lot", "lot2", "place", "water", "meter", "vessel", "feed", "strewn", "stock", "many", "row", "readingRow");

    private final Map<String, Supplier<String>> names = Map.ofEntries(
            Map.entry("garden", () -> garden),
            Map.entry("new", () -> UUID.randomUUID().toString()),
            Map.entry("key", Bodies::key),
            Map.entry("gardenVersion", () -> get("").path("version").asString()),
            Map.entry("lot", () -> first(lots())),
            Map.entry("lot2", () -> lots().path(1).path("id").asString()),
            Map.entry(
                    "many",
                    () -> first(NEW.arrayNode()
                            .addAll(lots().valueStream()
                                    .filter(l -> l.path("pots").asInt() > 2)
                                    .toList()))),
            Map.entry("waterItem", () -> waterItem("lot")),
            Map.entry("waterItem2", () -> waterItem("lot2")),
            Map.entry("place", () -> first(get("").path("places"))),
            Map.entry("placeVersion", () -> get("").at("/places/0/version").asString()),
            Map.entry("water", () -> first(get("").path("waters"))),
            Map.entry("meter", () -> first(get("").path("meters"))),
            Map.entry("vessel", () -> first(get("").path("vessels"))),
            Map.entry("vesselVersion", () -> get("").at("/vessels/0/version").asString()),
            Map.entry("feed", () -> first(get("/feeds"))),
            Map.entry("strewn", () -> {
                Map<String, Object> granules = Bodies.feed();
                granules.put("label", "3 g per litre of mix every 6 months");
                return api.put("/api/gardens/" + garden + "/feeds", granules)
                        .ok()
                        .path("id")
                        .asString();
            }),
            Map.entry("stock", () -> get("/stock").at("/0/stock/id").asString()),
            Map.entry("row", () -> lastRow("watering")),
            Map.entry("readingRow", () -> lastRow("reading")),
            Map.entry(
                    "made",
                    () -> done("PUT /api/gardens/{garden}/lots").path("id").asString()),
            Map.entry("moved", () -> {
                done("POST /api/gardens/{garden}/deeds/move");
                return first(lots());
            }),
            Map.entry(
                    "undoable",
                    () -> done("POST /api/gardens/{garden}/deeds/note")
                            .path("actId")
                            .asString()),
            Map.entry(
                    "sheet",
                    () -> done("POST /api/gardens/{garden}/readings/files")
                            .path("id")
                            .asString()),
            Map.entry("used", () -> {
                done("POST /api/gardens/{garden}/used-mixes");
                return get("/used-mixes").at("/0/used/id").asString();
            }),
            Map.entry(
                    "subscription",
                    () -> done("POST /api/gardens/{garden}/subscription")
                            .path("path")
                            .asString()),
            Map.entry(
                    "treatment",
                    () -> done("PUT /api/gardens/{garden}/lots/{lot}/treatments")
                            .path("id")
                            .asString()),
            Map.entry(
                    "treated",
                    () -> done("PUT /api/gardens/{garden}/treatments/{treatment}/done")
                            .path("id")
                            .asString()),
            Map.entry(
                    "todo",
                    () -> done("PUT /api/gardens/{garden}/lots/{lot}/todos")
                            .path("id")
                            .asString()));

    private final Map<String, String> known = new HashMap<>();
    private int asked;

    /** What an example leaves open, as it was not long ago; what is made for it is made anew each time. */
    private String named(String name) {
        Supplier<String> now = Objects.requireNonNull(names.get(name), name);
        if (asked++ % 100 == 0) {
            known.clear();
        }
        return LASTING.contains(name) ? known.computeIfAbsent(name, n -> now.get()) : now.get();
    }

    private String filled(String text) {
        return PLACE.matcher(text).replaceAll(m -> named(m.group(1)));
    }

    private JsonNode body(JsonNode example) {
        if (example.path("body").asString("").equals("{file}")) {
            String small = api.freshGarden().path("id").asString();
            return JSON.readTree(file(small).replace(small, UUID.randomUUID().toString()));
        }
        return JSON.readTree(filled(example.path("body").toString()));
    }

    private String path(String operation, JsonNode example) {
        String path = operation.substring(operation.indexOf(' ') + 1);
        return filled(example.path("path").asString(path))
                + filled(example.path("query").asString(""));
    }

    private static String method(String operation) {
        return operation.substring(0, operation.indexOf(' '));
    }

    private Api.Answer send(String operation, String path, String body) {
        return method(operation).equals("GET") ? api.get(path) : api.raw(method(operation), path, body, true);
    }

    /** What the page would send. */
    private Api.Answer asThePageDoes(String operation) {
        JsonNode example = examples.getOrDefault(operation, NEW.objectNode());
        return send(
                operation,
                path(operation, example),
                example.has("body") ? body(example).toString() : "");
    }

    @Test
    void everyOperationIsReachedByWhatThePageSends() {
        Map<String, String> missed = new TreeMap<>();
        for (String operation : operations) {
            Api.Answer answer = asThePageDoes(operation);
            if (answer.status() >= 300) {
                missed.put(operation, answer.status() + " " + answer.raw().body());
            }
        }
        assertThat(missed).isEmpty();
    }

    // --- and altered ---

    private static final List<JsonNode> ODD = List.of(
            NEW.nullNode(),
            NEW.stringNode(""),
            NEW.stringNode(" "),
            NEW.stringNode("x".repeat(5000)),
            NEW.stringNode("½"),
            NEW.stringNode("-1"),
            NEW.stringNode("1e308"),
            NEW.stringNode("9".repeat(309)),
            NEW.stringNode("NaN"),
            NEW.stringNode("0"),
            NEW.stringNode("🪴\u0000\u202e"),
            NEW.stringNode("'; drop table lot; --"),
            NEW.stringNode("2026-02-30"),
            NEW.stringNode("9999-12-31"),
            NEW.stringNode("-999999999-01-01"),
            NEW.stringNode("kPa"),
            NEW.numberNode(0),
            NEW.numberNode(-1),
            NEW.numberNode(Integer.MAX_VALUE),
            NEW.numberNode(Long.MIN_VALUE),
            NEW.numberNode(1e308),
            NEW.numberNode(0.5),
            NEW.booleanNode(true),
            NEW.arrayNode(),
            NEW.objectNode(),
            NEW.arrayNode().add(NEW.nullNode()));

    private final class Altering {
        private final Random random;

        Altering(Random random) {
            this.random = random;
        }

        private <T> T one(List<T> of) {
            return of.get(random.nextInt(of.size()));
        }

        private JsonNode odd() {
            int kind = random.nextInt(10);
            if (kind == 0) {
                return NEW.stringNode(UUID.randomUUID().toString());
            }
            if (kind == 1) {
                return NEW.stringNode(other);
            }
            return kind == 2 ? NEW.numberNode(random.nextGaussian() * 1000) : one(ODD).deepCopy();
        }

        /** Every object and list in a body, the outermost first. */
        private void collect(JsonNode node, List<JsonNode> into) {
            if (node.isContainer() && !node.isEmpty()) {
                into.add(node);
                node.forEach(inner -> collect(inner, into));
            }
        }

        private void alter(JsonNode body) {
            List<JsonNode> inside = new ArrayList<>();
            collect(body, inside);
            if (inside.isEmpty()) {
                return;
            }
            JsonNode at = one(inside);
            if (at instanceof ObjectNode object) {
                String name = one(List.copyOf(object.propertyNames()));
                switch (random.nextInt(4)) {
                    case 0 -> object.remove(name);
                    case 1 -> object.set("unheardOf", odd());
                    default -> object.set(name, odd());
                }
            } else if (at instanceof ArrayNode list) {
                int index = random.nextInt(list.size());
                switch (random.nextInt(3)) {
                    case 0 -> list.remove(index);
                    case 1 -> {
                        for (int n = random.nextInt(60); n > 0; n--) {
                            list.add(list.get(index).deepCopy());
                        }
                    }
                    default -> list.set(index, odd());
                }
            }
        }

        private String path(String operation, JsonNode example) {
            String path = example.path("path").asString(operation.substring(operation.indexOf(' ') + 1));
            if (random.nextInt(4) > 0) {
                return filled(path) + query(operation, example);
            }
            return PLACE.matcher(path).replaceAll(m -> random.nextBoolean() ? named(m.group(1)) : word())
                    + query(operation, example);
        }

        private String word() {
            // a zero byte in an address, or more than it may hold, is refused before any program sees it
            String word = odd().asString("none").replace("\u0000", "") + "w";
            return URLEncoder.encode(word.substring(0, Math.min(word.length(), LONGEST_WORD)), StandardCharsets.UTF_8)
                    .replace("+", "%20");
        }

        private String query(String operation, JsonNode example) {
            if (random.nextBoolean()) {
                return filled(example.path("query").asString(""));
            }
            String path = operation.substring(operation.indexOf(' ') + 1);
            StringBuilder query = new StringBuilder("?");
            contract.path("paths")
                    .path(path)
                    .path(method(operation).toLowerCase(Locale.ROOT))
                    .path("parameters")
                    .valueStream()
                    .filter(p -> p.path("in").asString().equals("query") && random.nextBoolean())
                    .forEach(p -> query.append(p.path("name").asString())
                            .append('=')
                            .append(random.nextInt(3) == 0 ? Integer.toString(random.nextInt(50) - 5) : word())
                            .append('&'));
            return query.toString();
        }

        private String text(JsonNode example) {
            if (!example.has("body")) {
                return "";
            }
            JsonNode body = body(example);
            for (int n = random.nextInt(4); n > 0; n--) {
                alter(body);
            }
            String text = body.toString();
            return switch (random.nextInt(40)) {
                case 0 -> text.substring(0, random.nextInt(text.length()));
                case 1 -> odd().toString();
                case 2 -> "\u0000" + text;
                default -> text;
            };
        }
    }

    private String file(String of) {
        return api.get("/api/gardens/" + of + "/file").raw().body();
    }

    private Map<String, JsonNode> states() {
        Map<String, JsonNode> states = new HashMap<>();
        lots().forEach(l -> states.put(
                l.path("id").asString(), get("/lots/" + l.path("id").asString()).path("state")));
        return states;
    }

    @Test
    void whateverIsSentIsAnsweredAndNothingElsewhereChanges() {
        Random random = new Random(SEED);
        Altering altering = new Altering(random);
        String untouched = file(other);
        Map<String, String> wrong = new TreeMap<>();
        for (int n = 0; n < REQUESTS; n++) {
            String operation = operations.get(random.nextInt(operations.size()));
            JsonNode example = examples.getOrDefault(operation, NEW.objectNode());
            String path = altering.path(operation, example).replaceFirst("^(?!/)", "/");
            String text = altering.text(example);
            Api.Answer answer = send(operation, path, text);
            String told = answer.raw().body();
            boolean clear = answer.status() < 400
                    || (answer.body().path("detail").asString("").length() > 3
                            && !told.contains("Exception")
                            && !told.contains("{field}")
                            && !told.contains("[L"));
            if (answer.status() >= 500 || !clear) {
                wrong.put(
                        operation,
                        "request " + n + " of seed " + SEED + ": " + path + "\n" + text + "\n" + answer.status() + " "
                                + told + "\n");
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(file(other)).isEqualTo(untouched);
        Map<String, JsonNode> kept = states();
        App.bean(Lots.class)
                .rebuildAll(
                        new GardenId(UUID.fromString(garden)),
                        kept.keySet().stream().map(UUID::fromString).toList());
        assertThat(states()).isEqualTo(kept);
    }
}
