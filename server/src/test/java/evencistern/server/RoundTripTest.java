package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every number a person types, in a unit that is not the one it is kept in: saved, read and shown, it is the number that was
 * meant, and the text as it was typed. Expectations by the factors of NIST SP 811, worked by hand.
 */
class RoundTripTest {
    private final Api api = App.api();
    private String home;

    @BeforeEach
    void aGarden() {
        home = "/api/gardens/" + api.freshGarden().path("id").asString();
    }

    private JsonNode of(String things, String id) {
        JsonNode all = things.equals("feeds")
                ? api.get(home + "/feeds").ok()
                : api.get(home).ok().path(things);
        return all.valueStream()
                .filter(t -> t.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static void holds(JsonNode kept, String field, double meant, double plusMinus) {
        assertThat(kept.path(field).asDouble()).as(field).isCloseTo(meant, within(plusMinus));
    }

    private static void shows(JsonNode kept, String field, String text, String unit) {
        assertThat(kept.path("typed").path(field).path("text").asString())
                .as(field)
                .isEqualTo(text);
        assertThat(kept.path("typed").path(field).path("unit").asString())
                .as(field)
                .isEqualTo(unit);
    }

    /** Saved as it is, after each of its typed fields in turn was refused in a unit of something else. */
    private JsonNode saved(String things, Map<String, Object> thing) {
        JsonNode body = new ObjectMapper().valueToTree(thing);
        List<ObjectNode> typed = new ArrayList<>();
        collect(body, typed);
        assertThat(typed).isNotEmpty();
        for (ObjectNode field : typed) {
            String unit = field.path("unit").asString();
            field.put("unit", "kPa");
            assertThat(api.put(home + "/" + things, body).faults())
                    .as(field + " for " + unit)
                    .contains(unit.isEmpty() ? "number_alone" : "unit_of_other_kind");
            field.put("unit", unit);
        }
        return api.put(home + "/" + things, body).ok();
    }

    private static void collect(JsonNode node, List<ObjectNode> typed) {
        if (node instanceof ObjectNode o && o.size() == 2 && o.has("text") && o.has("unit")) {
            typed.add(o);
        } else {
            node.forEach(n -> collect(n, typed));
        }
    }

    private static Map<String, Object> named(String name) {
        return new HashMap<>(Map.of("id", UUID.randomUUID().toString(), "name", name, "version", 0));
    }

    @Test
    void aPlace() {
        JsonNode room = Bodies.place(api.get(home).ok(), "indoors");
        Map<String, Object> place = named("Lamps in the loft");
        place.put("id", room.path("id").asString());
        place.put("version", room.path("version").asInt());
        List<Object> lows = new ArrayList<>();
        List<Object> highs = new ArrayList<>();
        for (int month = 0; month < 12; month++) {
            lows.add(Bodies.typed("50", "°F"));
            highs.add(Bodies.typed("77", "°F"));
        }
        place.put("kind", "indoors");
        place.put("lows", lows);
        place.put("highs", highs);
        place.put("humidity", Bodies.typed("48", "%"));
        place.put("lightShare", Bodies.typed("12.5", "%"));
        place.put("sunshine", Bodies.typed("55", "%"));
        place.put("lampHours", Bodies.typed("12", "h"));
        place.put("lampPpfd", Bodies.typed("150", ""));
        place.put("altitude", Bodies.typed("1000", "ft"));
        saved("places", place);
        JsonNode kept = of("places", place.get("id").toString());
        holds(kept.path("lows").get(6), kept.path("highs").get(6));
        holds(kept, "humidity", 48, 1e-9);
        holds(kept, "lightShare", 0.125, 1e-9);
        holds(kept, "sunshine", 0.55, 1e-9);
        holds(kept, "lampHours", 12, 1e-9);
        holds(kept, "lampPpfd", 150, 1e-9);
        holds(kept, "altitudeM", 304.8, 1e-6);
        shows(kept, "lampHours", "12", "h");
        shows(kept, "altitude", "1000", "ft");
        shows(kept, "low.7", "50", "°F");
    }

    private static void holds(JsonNode low, JsonNode high) {
        assertThat(low.asDouble()).isCloseTo(10, within(1e-9));
        assertThat(high.asDouble()).isCloseTo(25, within(1e-9));
    }

    @Test
    void aWater() {
        Map<String, Object> water = named("Well");
        water.put("ec", Bodies.typed("650", "µS/cm"));
        water.put("ph", Bodies.typed("7.6", "pH"));
        water.put("alkalinity", Bodies.typed("3", "meq/L"));
        water.put("contents", Map.of("CA", Bodies.typed("40", "mg/L"), "F", Bodies.typed("0.3", "mg/L")));
        saved("waters", water);
        JsonNode kept = of("waters", water.get("id").toString());
        holds(kept, "ec", 0.65, 1e-9);
        holds(kept, "ph", 7.6, 1e-9);
        holds(kept, "alkalinity", 150.13, 0.01);
        holds(kept.path("contents"), "CA", 40, 1e-9);
        holds(kept.path("contents"), "F", 0.3, 1e-9);
        shows(kept, "alkalinity", "3", "meq/L");
        shows(kept, "ec", "650", "µS/cm");
    }

    @Test
    void aCanAndAMeter() {
        Map<String, Object> can = named("Jug");
        can.put("litres", Bodies.typed("2", "US gal"));
        saved("vessels", can);
        JsonNode kept = of("vessels", can.get("id").toString());
        holds(kept, "litres", 7.5708, 0.0001);
        assertThat(kept.path("litresTyped").path("unit").asString()).isEqualTo("US gal");
        Map<String, Object> meter = named("Second pen");
        meter.put("scale", "ppm500");
        meter.put("phPlusMinus", Bodies.typed("0.2", "pH"));
        meter.put("ecPlusMinus", Bodies.typed("4", "%"));
        meter.put("everyDays", Bodies.typed("4", "wk"));
        meter.put("port", Bodies.typed("4711", ""));
        saved("meters", meter);
        JsonNode pen = of("meters", meter.get("id").toString());
        holds(pen, "phPlusMinus", 0.2, 1e-9);
        holds(pen, "ecPlusMinus", 4, 1e-9);
        holds(pen, "everyDays", 28, 1e-9);
        holds(pen, "port", 4711, 1e-9);
    }

    @Test
    void aFeed() {
        Map<String, Object> feed = Bodies.feed();
        feed.put("n", Bodies.typed("120000", "mg/kg"));
        feed.put("density", Bodies.typed("4.7", "g/tsp"));
        feed.put("ecFactor", Bodies.typed("1200", "µS/cm"));
        feed.put("own", Bodies.typed("1", "US tbsp"));
        feed.put("coatedMonths", Bodies.typed("6", ""));
        feed.put("coatedCelsius", Bodies.typed("77", "°F"));
        feed.put("contents", Map.of("MGO", Bodies.typed("2", "%"), "FE", Bodies.typed("500", "mg/kg")));
        saved("feeds", feed);
        JsonNode kept = of("feeds", feed.get("id").toString());
        holds(kept, "n", 12, 1e-9);
        holds(kept, "density", 0.94, 1e-9);
        holds(kept, "ecFactor", 1.2, 1e-9);
        holds(kept, "ownMl", 14.787, 0.001);
        holds(kept, "coatedMonths", 6, 1e-9);
        holds(kept, "coatedCelsius", 25, 1e-9);
        holds(kept.path("contents"), "MGO", 2, 1e-9);
        holds(kept.path("contents"), "FE", 0.05, 1e-9);
        shows(kept, "density", "4.7", "g/tsp");
        shows(kept, "coatedCelsius", "77", "°F");
    }

    /** A pot in inches holds what its litres say, and a plant in feet is as tall in metres. */
    @Test
    void aLot() {
        Map<String, Object> lot = Bodies.lot(api.get(home).ok(), null);
        lot.put(
                "pot",
                Map.of(
                        "shape",
                        "round",
                        "top",
                        Bodies.typed("6", "in"),
                        "base",
                        Bodies.typed("6", "in"),
                        "height",
                        Bodies.typed("6", "in"),
                        "gap",
                        Bodies.typed("10", "%"),
                        "walls",
                        "DARK"));
        lot.put("spread", Bodies.typed("10", "in"));
        lot.put("tall", Bodies.typed("2", "ft"));
        lot.put("mixWarmth", Bodies.typed("68", "°F"));
        JsonNode kept = saved("lots", lot);
        holds(kept, "spreadM", 0.254, 1e-9);
        holds(kept, "tallM", 0.6096, 1e-9);
        assertThat(kept.path("sizedOn").asString())
                .isEqualTo(api.get(home).ok().path("today").asString());
        holds(kept, "mixC", 20, 1e-9);
        assertThat(kept.path("pot").path("top").path("text").asString()).isEqualTo("6");
        JsonNode tried = api.post(home + "/lots/" + lot.get("id") + "/try", Map.of("draft", lot, "working", false))
                .ok();
        holds(tried.path("water").path("size"), "spreadCm", 25.4, 1e-6);
        assertThat(tried.path("water").path("size").path("told").asBoolean()).isTrue();
        assertThat(kept.path("pot").path("walls").asString()).isEqualTo("DARK");
        assertThat(tried.path("water").path("sunlit").path("mixC").asDouble())
                .as("as it was measured, whatever the sun does")
                .isCloseTo(20, within(1e-9));
        assertThat(tried.path("water").path("sunlit").path("wallC").asDouble()).isPositive();
        double litres = Math.PI * 7.62 * 7.62 * 15.24 * 0.9 / 1000;
        assertThat(tried.path("water").path("mixLitres").asDouble()).isCloseTo(litres, within(0.005 * litres));
    }

    /** Five metres of leaves on a pot of nine centimetres are a slip of the pen. */
    @Test
    void aLotWiderThanAnyPlantIsAsked() {
        Map<String, Object> lot = Bodies.lot(api.get(home).ok(), null);
        lot.put("pot", Map.of("shape", "round", "top", Bodies.typed("9", "cm")));
        lot.put("spread", Bodies.typed("5", "m"));
        Api.Answer refused = api.put(home + "/lots", lot);
        assertThat(refused.faults()).containsExactly("too_large");
        assertThat(refused.body().path("faults").get(0).path("field").asString())
                .isEqualTo("lot.spread");
    }

    /** Plant, width and place are enough: the pot is as such pots are, and what nobody told is kept as such. */
    @Test
    void aLotOfWhichOnlyTheWidthIsTold() {
        Map<String, Object> lot = Bodies.lot(api.get(home).ok(), null);
        lot.put("pot", Map.of("shape", "round", "top", Bodies.typed("12", "cm")));
        lot.put("assumed", List.of("mix", "water", "feed", "material"));
        JsonNode kept = saved("lots", lot);
        assertThat(kept.path("pot").has("height")).isFalse();
        assertThat(kept.path("assumed").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder("mix", "water", "feed", "material");
        JsonNode water = api.post(home + "/lots/" + lot.get("id") + "/try", Map.of("draft", lot, "working", false))
                .ok()
                .path("water");
        assertThat(water.path("baseWidthCm").asDouble()).isCloseTo(9, within(1e-9));
        assertThat(water.path("potHeightCm").asDouble()).isCloseTo(11.4, within(1e-9));
        lot.put("assumed", List.of("the weather"));
        lot.put("version", 1);
        assertThat(api.put(home + "/lots", lot).status()).isEqualTo(400);
    }

    @Test
    void aStock() {
        Map<String, Object> feed = Bodies.feed();
        saved("feeds", feed);
        Map<String, Object> stock = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "feedId",
                feed.get("id"),
                "amount",
                Bodies.typed("2", "lb"),
                "pack",
                Bodies.typed("8", "oz"),
                "cost",
                Bodies.typed("9,50", ""),
                "currency",
                "crowns",
                "version",
                0));
        saved("stock", stock);
        JsonNode kept = stockOf("feedId", feed.get("id").toString());
        holds(kept, "amount", 907.18, 0.01);
        holds(kept, "pack", 226.80, 0.01);
        holds(kept, "cost", 9.5, 1e-9);
        assertThat(kept.path("amountTyped").path("unit").asString()).isEqualTo("lb");
        Map<String, Object> bag = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "component",
                "perlite_coarse",
                "amount",
                Bodies.typed("2", "ft³"),
                "version",
                0));
        saved("stock", bag);
        holds(stockOf("component", "perlite_coarse"), "amount", 56.634, 0.001);
    }

    private JsonNode stockOf(String of, String key) {
        return api.get(home + "/stock")
                .ok()
                .valueStream()
                .map(s -> s.path("stock"))
                .filter(s -> s.path(of).asString("").equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aComponent() {
        Map<String, Object> fields = new HashMap<>();
        fields.put("grainFrom", Bodies.typed("0.2", "in"));
        fields.put("grainTo", Bodies.typed("1", "cm"));
        fields.put("porosity", Bodies.typed("70", "%"));
        fields.put("capacity", Bodies.typed("40", "%"));
        fields.put("capacityColumn", Bodies.typed("4", "in"));
        fields.put("unavailable", Bodies.typed("15", "%"));
        fields.put("residual", Bodies.typed("10", "%"));
        fields.put("n", Bodies.typed("1.6", ""));
        fields.put("density", Bodies.typed("0.55 kg/L", "kg/L"));
        fields.put("ph", Bodies.typed("7", "pH"));
        fields.put("buffer", Bodies.typed("0.05", "g/L"));
        fields.put("cec", Bodies.typed("5", "meq/100 cm³"));
        fields.put("ec", Bodies.typed("100", "µS/cm"));
        fields.put("wetYears", Bodies.typed("10", "yr"));
        fields.put("cycledYears", Bodies.typed("10", "yr"));
        fields.put("packPrinted", Bodies.typed("10", "US gal"));
        fields.put("packLoose", Bodies.typed("1", "ft³"));
        Map<String, Object> component = named("Crushed slag");
        component.put("family", "MINERAL");
        component.put("packKind", "BAG");
        component.put("fields", fields);
        api.put(home + "/mixes/components", component).ok();
        JsonNode kept = api.get(home + "/mixes")
                .ok()
                .path("components")
                .valueStream()
                .filter(c -> c.path("name").asString().equals("Crushed slag"))
                .findFirst()
                .orElseThrow();
        holds(kept, "grainFrom", 5.08, 1e-6);
        holds(kept, "grainTo", 10, 1e-9);
        holds(kept, "capacity", 40, 1e-9);
        holds(kept, "capacityColumn", 10.16, 1e-6);
        holds(kept, "density", 0.55, 1e-9);
        holds(kept, "ec", 0.1, 1e-9);
        holds(kept, "packPrinted", 37.854, 0.001);
        holds(kept, "packLoose", 28.317, 0.001);
        shows(kept, "grainFrom", "0.2", "in");
        shows(kept, "ec", "100", "µS/cm");
    }

    /** A batch of so many gallons is so many litres, and its waste a share of them. */
    @Test
    void aBatch() {
        Map<String, Object> batch = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "recipe",
                "peat_perlite",
                "fills",
                List.of(),
                "litres",
                Bodies.typed("10", "US gal"),
                "waste",
                Bodies.typed("0", "%"),
                "firstPh",
                Bodies.typed("5,9", "pH"),
                "notes",
                "",
                "version",
                0));
        JsonNode kept = saved("batches", batch);
        holds(kept, "litres", 37.854, 0.001);
        holds(kept, "firstPh", 5.9, 1e-9);
        assertThat(kept.path("firstPhTyped").path("text").asString()).isEqualTo("5,9");
    }

    @Test
    void aCalibration() {
        String meter = api.get(home).ok().path("meters").get(0).path("id").asString();
        Map<String, Object> calibration = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "meterId",
                meter,
                "celsius",
                Bodies.typed("77", "°F"),
                "ph4",
                Bodies.typed("4.1", "pH"),
                "ph7",
                Bodies.typed("7.0", "pH"),
                "adjusted",
                true,
                "version",
                0));
        saved("calibrations", calibration);
        JsonNode kept =
                find(api.get(home + "/meters").ok(), calibration.get("id").toString());
        holds(kept, "celsius", 25, 1e-9);
        holds(kept, "ph4", 4.1, 1e-9);
        shows(kept, "celsius", "77", "°F");
    }

    /** The object with this id, however deep it lies. */
    private static JsonNode find(JsonNode in, String id) {
        return in.findParents("id").stream()
                .filter(n -> n.path("id").asString("").equals(id))
                .findFirst()
                .orElseThrow();
    }
}
