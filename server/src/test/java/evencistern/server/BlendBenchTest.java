package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A feed blended from salts, and its stock, as the page asks for them. */
class BlendBenchTest {
    /** Molar masses, g/mol [IUPAC]. */
    private static final double KNO3 = 101.10;

    private static final double KH2PO4 = 136.09;
    private static final double N = 14.007;
    private static final double P = 30.974;
    private static final double K = 39.098;

    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final JsonNode rain = garden.path("waters")
            .valueStream()
            .filter(w -> w.path("ec").asDouble() < 0.2)
            .findFirst()
            .orElse(garden.path("waters").get(0));

    private Map<String, Object> ask(List<String> salts, Map<String, String> targets) {
        Map<String, Object> typed = new HashMap<>();
        targets.forEach((goal, mg) -> typed.put(goal, Bodies.typed(mg, "mg/L")));
        return new HashMap<>(Map.of("feeds", List.of(), "salts", salts, "targets", typed, "water", rain));
    }

    private JsonNode blend(Map<String, Object> ask) {
        return api.post("/api/blend", ask).ok();
    }

    private static double part(JsonNode blend, String salt) {
        return blend.path("parts")
                .valueStream()
                .filter(p -> p.path("salt").asString("").equals(salt))
                .findFirst()
                .orElseThrow()
                .path("perLitre")
                .asDouble();
    }

    private static JsonNode aimed(JsonNode blend, String goal) {
        return blend.path("aimed")
                .valueStream()
                .filter(a -> a.path("goal").asString().equals(goal))
                .findFirst()
                .orElseThrow();
    }

    /** By their formulas; the salts are taken as 99 % pure. */
    @Test
    void twoSaltsGiveWhatTheirFormulasSay() {
        double nitrate = 50 * KNO3 / N;
        double phosphate = 30 * KH2PO4 / P;
        double potassium = nitrate * K / KNO3 + phosphate * K / KH2PO4;
        JsonNode b = blend(ask(
                List.of("potassium_nitrate", "monopotassium_phosphate"),
                Map.of("N", "50", "P", "30", "K", String.format("%.1f", potassium))));
        assertThat(part(b, "potassium_nitrate") * 1000).isCloseTo(nitrate / 0.99, within(0.01 * nitrate));
        assertThat(part(b, "monopotassium_phosphate") * 1000).isCloseTo(phosphate / 0.99, within(0.01 * phosphate));
        assertThat(b.path("nitratePercent").asDouble()).isCloseTo(100, within(1e-6));
        assertThat(b.path("meter").asDouble()).isGreaterThan(rain.path("ec").asDouble());
    }

    private Map<String, Object> salt(String formula) {
        Map<String, Object> feed = Bodies.feed();
        List.of("n", "p2o5", "k2o").forEach(feed::remove);
        feed.put("name", formula);
        feed.put("formula", formula);
        feed.put("label", "2 g per litre weekly");
        return Map.of("feed", api.put(home + "/feeds", feed).ok());
    }

    /** Hoagland's first solution, g/L; N 210, P 31, K 235, Ca 200, Mg 48.6, S 64 mg/L (Hoagland and Arnon 1950). */
    @Test
    void hoaglandsSolutionIsBlendedFromTheShelf() {
        Map<String, Double> grams =
                Map.of("KNO3", 0.5055, "Ca(NO3)2·4H2O", 1.181, "KH2PO4", 0.136, "MgSO4·7H2O", 0.493);
        Map<String, Object> ask =
                ask(List.of(), Map.of("N", "210", "P", "31", "K", "235", "CA", "200", "MG", "48.6", "S", "64"));
        ask.put("feeds", grams.keySet().stream().map(this::salt).toList());
        JsonNode b = blend(ask);
        assertThat(b.path("parts").size()).isEqualTo(4);
        for (JsonNode part : b.path("parts")) {
            double wanted = grams.get(part.path("name").asString());
            assertThat(part.path("perLitre").asDouble())
                    .as(part.path("name").asString())
                    .isCloseTo(wanted, within(0.02 * wanted));
        }
        for (JsonNode goal : b.path("aimed")) {
            double target = goal.path("target").asDouble();
            assertThat(goal.path("got").asDouble())
                    .as(goal.path("goal").asString())
                    .isCloseTo(target, within(0.02 * target));
        }
    }

    /** 3-1-2 is of oxides: with 90 mg/L of nitrogen there are 30 of P2O5 and 60 of K2O. */
    @Test
    void aProportionIsOfOxidesAsLabelsHaveIt() {
        Map<String, Object> ask =
                ask(List.of("ammonium_nitrate", "potassium_nitrate", "monoammonium_phosphate"), Map.of());
        ask.put(
                "proportion",
                Map.of(
                        "n", Bodies.typed("3", ""),
                        "p2o5", Bodies.typed("1", ""),
                        "k2o", Bodies.typed("2", ""),
                        "strength", Bodies.typed("90", "mg/L")));
        JsonNode b = blend(ask);
        assertThat(aimed(b, "n").path("target").asDouble()).isCloseTo(90, within(1e-6));
        assertThat(aimed(b, "p").path("target").asDouble()).isCloseTo(30 * 0.4364, within(0.02));
        assertThat(aimed(b, "k").path("target").asDouble()).isCloseTo(60 * 0.8301, within(0.02));
        b.path("aimed")
                .forEach(a -> assertThat(a.path("got").asDouble())
                        .isCloseTo(a.path("target").asDouble(), within(0.5)));
    }

    @Test
    void nitrateIsKeptUpWhereTheSchoolAsksForIt() {
        Map<String, Object> ask = ask(List.of("urea", "potassium_nitrate"), Map.of("N", "100"));
        ask.put("school", "mostly_nitrate");
        JsonNode b = blend(ask);
        assertThat(b.path("nitrateAsked").asDouble()).isEqualTo(90);
        assertThat(b.path("nitratePercent").asDouble()).isGreaterThanOrEqualTo(90 - 1e-6);
        ask.put("school", "the_old_way");
        assertThat(api.post("/api/blend", ask).faults()).containsExactly("choice_unknown");
    }

    @Test
    void whatCannotBeReachedSaysWhatStandsInTheWay() {
        JsonNode b = blend(ask(List.of("potassium_nitrate"), Map.of("N", "100", "P", "30")));
        JsonNode p = aimed(b, "p");
        assertThat(p.path("got").asDouble()).isZero();
        assertThat(p.path("why").asString()).isNotBlank().isNotEqualTo("met");
        assertThat(aimed(b, "n").path("got").asDouble()).isCloseTo(100, within(0.1));
    }

    /** Never calcium with sulfate or phosphate in one concentrate. */
    @Test
    void stockOfCalciumAndSulfateStandsInTwoTanks() {
        Map<String, Object> ask = ask(List.of("calcium_nitrate", "epsom"), Map.of("N", "100", "MG", "30"));
        ask.putAll(Map.of("setting", "one_in", "ratio", Bodies.typed("100", ""), "litres", Bodies.typed("10", "L")));
        JsonNode b = blend(ask);
        assertThat(b.path("tanks").size()).isEqualTo(2);
        b.path("tanks").forEach(tank -> assertThat(tank.path("puts").size()).isEqualTo(1));
        // dose × dilution factor × litres of the tank
        double inTanks = b.path("tanks")
                .valueStream()
                .flatMap(t -> t.path("puts").valueStream())
                .mapToDouble(put -> put.path("amount").asDouble())
                .sum();
        double perLitre = b.path("parts")
                .valueStream()
                .mapToDouble(x -> x.path("perLitre").asDouble())
                .sum();
        assertThat(inTanks).isCloseTo(perLitre * 100 * 10, within(1e-6));
        ask.put("ratio", Bodies.typed("none", ""));
        assertThat(blend(ask).path("refusals").get(0).path("code").asString()).isEqualTo("not_a_number");
    }

    // --- stock for an injector ---

    private Map<String, Object> tank(String setting, String ratio) {
        JsonNode feed = api.put(home + "/feeds", Bodies.feed()).ok();
        return new HashMap<>(Map.of(
                "products", List.of(Map.of("feed", feed, "perLitre", Bodies.typed("1", "g/L"))),
                "setting", setting,
                "ratio", Bodies.typed(ratio, setting.equals("percent") ? "%" : ""),
                "oneTank", true,
                "litres", Bodies.typed("10", "L"),
                "coldest", Bodies.typed("10", "°C"),
                "perDay", Bodies.typed("50", "L"),
                "water", rain));
    }

    /** 1:100 read as 1 in 100, as 1 and 100, and as per cent; days = tank × factor / litres a day. */
    @ParameterizedTest
    @CsvSource({"one_in, 100, 100", "one_and, 100, 101", "percent, 1, 100"})
    void theDilutionFactorIsAsItIsMeant(String setting, String ratio, double factor) {
        JsonNode t = api.post("/api/tank", tank(setting, ratio)).ok();
        assertThat(t.path("dilutionFactor").asDouble()).isCloseTo(factor, within(1e-9));
        assertThat(t.path("n").asDouble()).isCloseTo(100, within(1e-6));
        assertThat(t.path("tanks").get(0).path("puts").get(0).path("amount").asDouble())
                .isCloseTo(10 * factor, within(1e-6));
        assertThat(t.path("days").asDouble()).isCloseTo(10 * factor / 50, within(1e-9));
        assertThat(t.path("cautions").size()).isPositive();
    }

    /** A bucket of 5 US gal that takes more than 60 s fails: common practice, no source. */
    @Test
    void theTapIsTimedWithABucket() {
        Map<String, Object> ask = new HashMap<>(Map.of(
                "bucket", Bodies.typed("5", "US gal"),
                "seconds", Bodies.typed("50", ""),
                "least", Bodies.typed("18.9", "")));
        JsonNode flow = api.post("/api/tank/flow", ask).ok();
        assertThat(flow.path("litresPerMinute").asDouble()).isCloseTo(5 * 3.78541 * 60 / 50, within(0.01));
        assertThat(flow.path("enough").asBoolean()).isTrue();
        ask.put("seconds", Bodies.typed("70", ""));
        assertThat(api.post("/api/tank/flow", ask).ok().path("enough").asBoolean())
                .isFalse();
    }

    /** 2 L of stock in 210 L of feed is 1 in 105; a feed that adds 0.95 where 1 was forecast is 1 in 105.3. */
    @Test
    void aRunOfTheInjectorTellsWhatItReallyIs() {
        Map<String, Object> ask = new HashMap<>(Map.of(
                "setting", "one_in",
                "ratio", Bodies.typed("100", ""),
                "feedMade", Bodies.typed("210", "L"),
                "stockDrawn", Bodies.typed("2", "L"),
                "ecOver", Bodies.typed("0.95", "mS/cm"),
                "forecast", 1.0));
        JsonNode run = api.post("/api/tank/run", ask).ok();
        assertThat(run.path("set").asDouble()).isEqualTo(100);
        assertThat(run.path("byVolume").asDouble()).isCloseTo(105, within(1e-9));
        assertThat(run.path("byConductivity").asDouble()).isCloseTo(100 / 0.95, within(0.01));
        ask.put("stockDrawn", Bodies.typed("300", "L"));
        assertThat(api.post("/api/tank/run", ask).status()).isEqualTo(422);
    }
}
