package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.server.demo.DemoGarden;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.lot.LotWire;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The path a grower walks, over the real interface and the real database. */
class PathTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private JsonNode addFeed() {
        return api.put(home + "/feeds", Bodies.feed()).ok();
    }

    private JsonNode addLot(String feedId) {
        return api.put(home + "/lots", Bodies.lot(garden, feedId)).ok();
    }

    private JsonNode lot(String id) {
        return api.get(home + "/lots/" + id).ok();
    }

    private int journalRows(String lot) {
        return api.get(home + "/lots/" + lot + "/journal").ok().size();
    }

    @Test
    void aNewLotIsDueTickedAndDueAgainLater() {
        JsonNode lot = addLot(addFeed().path("id").asString());
        String id = lot.path("id").asString();
        JsonNode groups = api.get(home + "/today").ok().path("groups");
        assertThat(groups.size()).isEqualTo(1);
        assertThat(groups.get(0).path("feedName").asString()).isEqualTo("Test salts");
        assertThat(groups.get(0).path("carrying").path("cans").asInt()).isEqualTo(1);
        JsonNode due = groups.get(0).path("due");
        assertThat(due.size()).isEqualTo(1);
        api.post(home + "/ticks", Bodies.tick(id, due.get(0).path("item").asString()))
                .ok();
        JsonNode after = api.get(home + "/today").ok();
        assertThat(after.path("groups").size()).isZero();
        assertThat(after.path("done").size()).isEqualTo(1);
        assertThat(lot(id).path("state").path("lastFedOn").asString()).isEqualTo(App.TODAY);
        assertThat(LocalDate.parse(lot(id).path("state").path("nextWaterOn").asString()))
                .isAfter(LocalDate.parse(App.TODAY));
    }

    @Test
    void anUndoAddsOneRowAndPutsEveryDerivedNumberBack() {
        JsonNode lot = addLot(addFeed().path("id").asString());
        String id = lot.path("id").asString();
        JsonNode state = lot.path("state");
        JsonNode act = api.post(
                        home + "/ticks", Bodies.tick(id, state.path("feedItem").asString()))
                .ok();
        int rows = journalRows(id);
        assertThat(lot(id).path("state")).isNotEqualTo(state);
        String undo = home + "/acts/" + act.path("actId").asString() + "/undo";
        Map<String, Object> body = Map.of("clientKey", Bodies.key());
        api.post(undo, body).ok();
        assertThat(journalRows(id)).isEqualTo(rows + 1);
        assertThat(lot(id).path("state")).isEqualTo(state);
        // the same undo sent again records nothing; another one is told that it was done
        api.post(undo, body).ok();
        assertThat(journalRows(id)).isEqualTo(rows + 1);
        assertThat(api.post(undo, Map.of("clientKey", Bodies.key())).faults()).containsExactly("already_undone");
    }

    @Test
    void theSameKeySentAgainRecordsOnceAndAnotherTickOfTheSameWorkIsToldSo() {
        JsonNode lot = addLot(null);
        String id = lot.path("id").asString();
        Map<String, Object> tick =
                Bodies.tick(id, lot.path("state").path("waterItem").asString());
        JsonNode first = api.post(home + "/ticks", tick).ok();
        assertThat(api.post(home + "/ticks", tick).ok()).isEqualTo(first);
        tick.put("clientKey", Bodies.key());
        Api.Answer second = api.post(home + "/ticks", tick);
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.faults()).containsExactly("already_done");
        assertThat(journalRows(id)).isEqualTo(1);
    }

    @Test
    void tenPeopleTickingTheSameWorkAtOnceRecordItOnce() {
        JsonNode lot = addLot(null);
        String id = lot.path("id").asString();
        String item = lot.path("state").path("waterItem").asString();
        List<CompletableFuture<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            answers.add(CompletableFuture.supplyAsync(
                    () -> App.api().post(home + "/ticks", Bodies.tick(id, item)).status()));
        }
        assertThat(answers.stream().map(CompletableFuture::join))
                .containsOnlyOnce(200)
                .contains(409);
        assertThat(journalRows(id)).isEqualTo(1);
    }

    @Test
    void whatIsTypedIsKeptAndATypedUnitWins() {
        Map<String, Object> input = Bodies.lot(garden, null);
        input.put("pot", Bodies.pot("4¾ in", "9,5", "11cm"));
        JsonNode lot = api.put(home + "/lots", input).ok();
        assertThat(lot.path("pot").path("top").path("text").asString()).isEqualTo("4¾ in");
        assertThat(lot.path("pot").path("base").path("text").asString()).isEqualTo("9,5");
        Map<String, Object> feed = Bodies.feed();
        feed.put("n", Bodies.typed("9,5", "%"));
        feed.put("density", Bodies.typed("1½", "kg/L"));
        JsonNode kept = api.put(home + "/feeds", feed).ok();
        assertThat(kept.path("n").asDouble()).isCloseTo(9.5, within(1e-9));
        assertThat(kept.path("typed").path("n").path("text").asString()).isEqualTo("9,5");
        assertThat(kept.path("typed").path("density").path("text").asString()).isEqualTo("1½");
        assertThat(kept.path("typed").has("ecFactor")).isFalse();
        double litres = Bodies.attempt(api, garden, input)
                .ok()
                .path("water")
                .path("mixLitres")
                .asDouble();
        // 4.75 in = 12.065 cm; filled to 88 % of 11 cm: frustum of 9.5 and 11.757 cm, 9.68 cm high
        assertThat(litres)
                .isCloseTo(Math.PI * 9.68 / 12 * (11.757 * 11.757 + 11.757 * 9.5 + 9.5 * 9.5) / 1000, within(1e-3));
    }

    @Test
    void theAnswerCarriesItsWorkingAndItsCautions() {
        JsonNode feed = addFeed();
        Map<String, Object> draft = Bodies.lot(garden, feed.path("id").asString());
        JsonNode care = Bodies.attempt(api, garden, draft).ok();
        assertThat(care.path("layers").size()).isGreaterThanOrEqualTo(20);
        assertThat(care.path("cautions").get(0).asString()).isEqualTo("label_first");
        assertThat(care.path("working").size()).isGreaterThan(8);
        assertThat(care.path("feed").path("ceiling").asString()).isEqualTo("label_top");
        Api.Answer refused = Bodies.attempt(api, garden, draft, "120");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.faults()).containsExactly("above_label_rate");
    }

    @Test
    void anEditFromAnOlderVersionIsRefusedAndNothingIsLost() {
        JsonNode lot = addLot(null);
        Map<String, Object> input = Bodies.lot(garden, null);
        input.put("id", lot.path("id").asString());
        input.put("version", 1);
        input.put("name", "Renamed");
        String path = home + "/lots";
        Api.Answer edited = api.put(path, input);
        assertThat(edited.ok().path("version").asInt()).isEqualTo(2);
        // the same form sent again changes nothing and is no edit of its own
        Api.Answer again = api.put(path, input);
        assertThat(again.ok().path("version").asInt()).isEqualTo(2);
        assertThat(again.raw().headers().firstValue("Act-Id")).isEmpty();
        input.put("name", "Renamed by another");
        Api.Answer stale = api.put(path, input);
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.faults()).containsExactly("stale");
        assertThat(stale.body().path("present").path("name").asString()).isEqualTo("Renamed");
    }

    @Test
    void aFeedsNewLabelMovesTheDatesOfItsLots() {
        JsonNode feed = addFeed();
        JsonNode lot = addLot(feed.path("id").asString());
        String id = lot.path("id").asString();
        api.post(
                        home + "/ticks",
                        Bodies.tick(id, lot.path("state").path("feedItem").asString()))
                .ok();
        String before = lot(id).path("state").path("nextFeedOn").asString();
        Map<String, Object> changed = Bodies.feed();
        changed.put("id", feed.path("id").asString());
        changed.put("version", 1);
        changed.put("label", "1 g per litre every 6 weeks");
        api.put(home + "/feeds", changed).ok();
        assertThat(lot(id).path("state").path("nextFeedOn").asString()).isGreaterThan(before);
    }

    @Test
    void theShelfTakesVesselsWatersAndPlacesOnceAndRefusesAnOlderVersion() {
        Map<String, Object> bucket = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                "Bucket",
                "litres",
                Bodies.typed("2 imp gal", "L"),
                "version",
                0));
        api.put(home + "/vessels", bucket).ok();
        api.put(home + "/vessels", bucket).ok();
        JsonNode vessels = api.get(home).ok().path("vessels");
        assertThat(vessels.size()).isEqualTo(2);
        assertThat(vessels.get(1).path("litres").asDouble()).isCloseTo(9.09218, within(1e-9));
        bucket.put("name", "Blue bucket");
        assertThat(api.put(home + "/vessels", bucket).faults()).containsExactly("stale");
        bucket.put("litres", Bodies.typed("0", "L"));
        assertThat(api.put(home + "/vessels", bucket).faults()).containsExactly("too_small");
        Map<String, Object> rain = Map.of(
                "id", UUID.randomUUID().toString(),
                "name", "Rain",
                "ec", Bodies.typed("50 µS/cm", "mS/cm"),
                "ph", Bodies.typed("6", "pH"),
                "version", 0);
        assertThat(api.put(home + "/waters", rain)
                        .ok()
                        .path("waters")
                        .get(0)
                        .path("ec")
                        .asDouble())
                .isCloseTo(0.05, within(1e-9));
        Map<String, Object> place = Map.of("id", UUID.randomUUID().toString(), "name", "Lamps", "preset", "lamp_shelf");
        api.post(home + "/places", place).ok();
        assertThat(api.post(home + "/places", place).ok().path("places").size()).isEqualTo(3);
    }

    /** A station that is picked by name stays as its table has it; a tunnel there is warmer, with a shorter frost. */
    @Test
    void aPlaceMayTakeItsYearFromAStation() {
        JsonNode open = placeAt("open_bench", "Reykjavik");
        assertThat(open.path("lows").get(6).asDouble()).isEqualTo(9);
        JsonNode tunnel = placeAt("tunnel", "Reykjavik");
        assertThat(tunnel.path("highs").get(6).asDouble())
                .isGreaterThan(open.path("highs").get(6).asDouble());
        assertThat(tunnel.path("lastFrost").asString())
                .isLessThan(open.path("lastFrost").asString());
        Map<String, Object> nowhere = new HashMap<>(Map.of(
                "id", UUID.randomUUID().toString(), "name", "There", "preset", "tunnel", "station", "Nowhere at all"));
        assertThat(api.post(home + "/places", nowhere).faults()).containsExactly("choice_unknown");
    }

    private JsonNode placeAt(String preset, String station) {
        String id = UUID.randomUUID().toString();
        JsonNode places = api.post(
                        home + "/places", Map.of("id", id, "name", preset, "preset", preset, "station", station))
                .ok()
                .path("places");
        return places.valueStream()
                .filter(p -> p.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aReadingIsJudgedChartedAndAsksTheMetersScaleOnce() {
        JsonNode lot = addLot(null);
        String path = home + "/lots/" + lot.path("id").asString() + "/readings";
        JsonNode meter = garden.path("meters").get(0);
        Map<String, Object> reading = new HashMap<>(Map.of(
                "clientKey", Bodies.key(),
                "meterId", meter.path("id").asString(),
                "ph", Bodies.typed("5.9", "pH"),
                "ec", Bodies.typed("1500", "ppm")));
        assertThat(api.post(path, reading).faults()).containsExactly("tds_without_scale");
        Map<String, Object> told = new HashMap<>(Map.of(
                "id",
                meter.path("id").asString(),
                "name",
                "Pen meter",
                "scale",
                "ppm500",
                "phPlusMinus",
                Bodies.typed("0.1", "pH"),
                "ecPlusMinus",
                Bodies.typed("5", "%"),
                "version",
                1));
        api.put(home + "/meters", told).ok();
        api.post(path, reading).ok();
        api.post(path, reading).ok();
        JsonNode series = api.get(path).ok();
        assertThat(series.path("readings").size()).isEqualTo(1);
        JsonNode only = series.path("readings").get(0);
        assertThat(only.path("ec").asDouble()).isCloseTo(3.0, within(1e-9));
        assertThat(only.path("ecFinding").asString()).isEqualTo("above");
        assertThat(api.post(path.replace("/readings", "/verdict"), Map.of("reading", reading, "working", true))
                        .ok()
                        .path("advice")
                        .get(0)
                        .path("action")
                        .asString())
                .isEqualTo("flush");
    }

    @ParameterizedTest
    @ValueSource(strings = {"2025-08-02", "2025-10-26", "2025-12-31", "2026-01-10", "2026-03-29", "2026-05-14"})
    void everyStateRebuiltFromTheJournalIsTheOneThatWasKept(LocalDate today) {
        Gardens gardens = App.bean(Gardens.class);
        Lots lots = App.bean(Lots.class);
        GardenId id = new GardenId(UUID.fromString(garden.path("id").asString()));
        GardenWire g = gardens.require(id);
        App.bean(DemoGarden.class).plant(g, today);
        for (LotWire lot : lots.list(id, Lots.Look.everything(), 0, 100).lots()) {
            lots.rebuildAll(id, List.of(lot.lot().id()));
            assertThat(lots.require(id, lot.lot().id())).isEqualTo(new LotWithState(lot.lot(), lot.state()));
        }
        assertThat(lots.listDue(id, today, 10)).isNotEmpty();
    }

    @Test
    void theDemoHasSomethingDueOnEveryDayOfTheYear() {
        DemoGarden demo = App.bean(DemoGarden.class);
        GardenWire g = App.bean(Gardens.class)
                .require(new GardenId(UUID.fromString(garden.path("id").asString())));
        for (LocalDate day = LocalDate.of(2026, 1, 1); day.getYear() == 2026; day = day.plusDays(1)) {
            assertThat(demo.leavesDue(g, day)).as(day.toString()).isBetween(day.minusDays(3), day);
        }
    }
}
