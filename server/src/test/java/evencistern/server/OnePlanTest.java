package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.server.demo.DemoGarden;
import evencistern.server.garden.Gardens;
import evencistern.server.upkeep.Upkeep;
import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the page of a lot says is what the round does, what the year shows and what the calendar file and the paper carry. */
class OnePlanTest {
    private static final List<String> KINDS =
            List.of("streptocarpus", "boston_fern", "snake_plant", "moth_orchid", "fuchsia", "lemon", "cyclamen");
    private static final List<String> WAYS =
            List.of("FROM_BELOW", "STANDING", "RESERVOIR", "CLAY_BALLS", "DUNKED", "MISTED", "DRIP", "OVERHEAD");
    private static final List<String> FIELDS = List.of(
            "id",
            "name",
            "species",
            "pot",
            "mix",
            "placeId",
            "waterId",
            "courses",
            "startedOn",
            "repottedOn",
            "wateredBefore",
            "fedBefore",
            "tall",
            "mixWarmth",
            "lasts",
            "traits",
            "conditions",
            "watering",
            "undrained",
            "flushBy",
            "version");

    private final Api api = App.api();

    /** A garden with weather, calendar, readings, accounts, learned thirst and holds in use. */
    private String seeded(long seed) {
        Random r = new Random(seed);
        JsonNode garden = api.freshGarden();
        String home = "/api/gardens/" + garden.path("id").asString();
        Map<String, Object> feed = Bodies.feed();
        feed.put(
                "label",
                List.of("1 g per litre every 10-14 days", "0.5 g per litre every week")
                        .get(r.nextInt(2)));
        String feedId = api.put(home + "/feeds", feed).ok().path("id").asString();
        Map<String, Object> second = Bodies.feed();
        second.put("id", UUID.randomUUID().toString());
        second.put("label", "0.5 g per litre every month");
        String secondId = api.put(home + "/feeds", second).ok().path("id").asString();
        for (int i = 0; i < 4; i++) {
            boolean feeds = r.nextInt(5) > 0;
            Map<String, Object> lot = Bodies.lot(garden, null);
            lot.put("name", "Lot " + i);
            lot.put("species", KINDS.get(r.nextInt(KINDS.size())));
            lot.put(
                    "placeId",
                    garden.path("places")
                            .get(r.nextInt(garden.path("places").size()))
                            .path("id")
                            .asString());
            lot.put("startedOn", "2026-0" + (1 + r.nextInt(4)) + "-11");
            if (r.nextInt(3) == 0) {
                lot.put("flushBy", "account");
            }
            if (r.nextInt(4) == 0) {
                lot.put("conditions", Map.of("SICK", "2026-05-10"));
            }
            List<Map<String, Object>> courses = new ArrayList<>();
            if (feeds) {
                Map<String, Object> first = new HashMap<>(Bodies.course(feedId));
                if (r.nextInt(4) == 0) {
                    first.put("rhythm", "weekly");
                }
                courses.add(first);
                if (r.nextInt(3) == 0) {
                    courses.add(Map.of("feedId", secondId, "share", 50, "fromMonth", 3, "toMonth", 9));
                }
            }
            lot.put("courses", courses);
            if (r.nextInt(3) == 0) {
                lot.put("watering", Map.of("way", WAYS.get(r.nextInt(WAYS.size()))));
            }
            String id = api.put(home + "/lots", lot).ok().path("id").asString();
            lived(home, garden, id, feeds, r);
        }
        api.put(home + "/weather", Map.of("inUse", r.nextBoolean())).ok();
        api.put(home + "/calendar", Map.of("inUse", r.nextBoolean())).ok();
        App.bean(Upkeep.class).goOn();
        return home;
    }

    private void lived(String home, JsonNode garden, String lot, boolean fed, Random r) {
        for (int day = 1; day < 14; day += 2 + r.nextInt(4)) {
            api.post(
                            home + "/given",
                            Map.of(
                                    "clientKey",
                                    Bodies.key(),
                                    "lotIds",
                                    List.of(lot),
                                    "feed",
                                    fed && r.nextInt(3) == 0,
                                    "on",
                                    LocalDate.parse(App.TODAY)
                                            .minusDays(14L - day)
                                            .toString()))
                    .ok();
        }
        if (r.nextBoolean()) {
            api.post(
                            home + "/lots/" + lot + "/readings",
                            Map.of(
                                    "clientKey",
                                    Bodies.key(),
                                    "meterId",
                                    garden.path("meters").get(0).path("id").asString(),
                                    "ec",
                                    Map.of("text", Double.toString(0.5 + 4 * r.nextDouble()), "unit", "mS/cm")))
                    .ok();
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void inSeededGardensTheNextWateringAndFeedAreTheSameEverywhere(long seed) {
        same(seeded(seed));
    }

    @Test
    void inTheDemoTheNextWateringAndFeedAreTheSameEverywhere() {
        JsonNode garden = api.freshGarden();
        App.bean(DemoGarden.class)
                .plant(
                        App.bean(Gardens.class)
                                .require(new GardenId(
                                        UUID.fromString(garden.path("id").asString()))),
                        LocalDate.parse(App.TODAY));
        same("/api/gardens/" + garden.path("id").asString());
    }

    private void same(String home) {
        JsonNode today = api.get(home + "/today").ok();
        JsonNode year = api.get(home + "/year").ok();
        String file = api.get(home + "/calendar.ics").raw().body().replace("\r\n ", "");
        String paper = api.get(home + "/round.csv").raw().body();
        JsonNode weather = api.get(home + "/weather").ok();
        int compared = 0;
        for (JsonNode lot : api.get(home + "/lots?limit=200").ok().path("lots")) {
            JsonNode page = tried(home, lot);
            String name = lot.path("name").asString();
            JsonNode state = lot.path("state");
            assertThat(page.at("/water/nextWater").asString())
                    .as(name)
                    .isEqualTo(state.path("nextWaterOn").asString());
            assertThat(page.at("/nextFeed/date").asString(""))
                    .as(name)
                    .isEqualTo(state.path("nextFeedOn").asString(""));
            assertThat(page.has("averageFrom"))
                    .as("says from when the average year is used")
                    .isEqualTo(weather.path("inUse").asBoolean()
                            && !weather.path("days").isEmpty());
            asInTheYear(name, page, row(year, lot.path("id").asString()));
            round(today, lot.path("id").asString(), page, paper, name);
            inTheFile(file, name, row(year, lot.path("id").asString()));
            compared++;
        }
        assertThat(compared).isGreaterThan(3);
    }

    private JsonNode tried(String home, JsonNode lot) {
        Map<String, Object> draft = new HashMap<>();
        FIELDS.stream().filter(lot::has).forEach(f -> draft.put(f, lot.path(f)));
        draft.put("pots", Bodies.typed(lot.path("pots").asString(), ""));
        return api.post(home + "/lots/" + lot.path("id").asString() + "/try", Map.of("draft", draft, "working", false))
                .ok();
    }

    private static JsonNode row(JsonNode year, String lot) {
        return year.path("lots")
                .valueStream()
                .filter(l -> l.path("lotId").asString().equals(lot))
                .findFirst()
                .orElseThrow();
    }

    private static void asInTheYear(String name, JsonNode page, JsonNode year) {
        String feed = page.at("/nextFeed/date").asString("");
        boolean held = page.at("/nextFeed/binding").asString("").startsWith("hold_");
        if (!year.path("feeds").isEmpty()) {
            assertThat(year.path("feeds").get(0).asString()).as(name).isEqualTo(feed);
        } else if (!feed.isEmpty() && !held) {
            // fed with every watering: no days of its own
            assertThat(page.at("/nextFeed/binding").asString())
                    .as(name)
                    .isIn("every_watering", "after_flush", "after_drying_out");
        }
    }

    private static void round(JsonNode today, String lot, JsonNode page, String paper, String name) {
        for (JsonNode group : today.path("groups")) {
            for (JsonNode due : group.path("due")) {
                if (!due.at("/lot/id").asString().equals(lot)) {
                    continue;
                }
                boolean fed =
                        List.of("feed", "strewn").contains(group.path("kind").asString());
                boolean feedDue = page.at("/nextFeed/date").asString("9999").compareTo(App.TODAY) <= 0;
                assertThat(fed).as(name).isEqualTo(feedDue);
                double litres = page.at("/water/nextPourLitres").asDouble();
                assertThat(due.path("litresEach").asDouble()).as(name).isCloseTo(litres, within(1e-9));
                if (fed && group.path("due").size() == 1) {
                    assertThat(group.at("/dose/perLitre").asDouble())
                            .as(name)
                            .isCloseTo(page.at("/feed/perLitre").asDouble(), within(1e-9));
                    assertThat(group.at("/dose/hand")).as(name).isEqualTo(page.at("/feed/hand"));
                    assertThat(group.at("/dose/canLitres")).as(name).isEqualTo(page.at("/feed/canLitres"));
                }
                assertThat(paper).contains(name);
            }
        }
    }

    private static void inTheFile(String file, String name, JsonNode year) {
        List<String> days = new ArrayList<>();
        for (String event : file.split("BEGIN:VEVENT", -1)) {
            boolean feeds = event.contains("SUMMARY:Feed with");
            boolean its = event.contains(": " + name.replace(",", "\\,") + "\r")
                    || lines(event).anyMatch(name::equals);
            if (feeds && its) {
                days.add(event.replaceAll("(?s).*DTSTART;VALUE=DATE:(\\d{4})(\\d\\d)(\\d\\d).*", "$1-$2-$3"));
            }
        }
        if (!year.path("feeds").isEmpty()) {
            assertThat(days)
                    .as(name)
                    .containsExactlyInAnyOrderElementsOf(year.path("feeds")
                            .valueStream()
                            .map(JsonNode::asString)
                            .toList());
        }
    }

    private static Stream<String> lines(String event) {
        int at = event.indexOf("DESCRIPTION:");
        return at < 0
                ? Stream.empty()
                : Stream.of(event.substring(at + 12)
                        .split("\r", -1)[0]
                        .replace("\\,", ",")
                        .split("\\\\n", -1));
    }

    /** Every address that only shows something leaves every row of the database as it was. */
    @Test
    void lookingWritesNothing() throws java.io.IOException {
        String home = seeded(77);
        JsonNode contract = JsonMapper.builder()
                .build()
                .readTree(java.nio.file.Files.readString(
                        evencistern.testkit.PostgresSession.root().resolve("web/openapi.json")));
        String lot = api.get(home + "/lots").ok().at("/lots/0/id").asString();
        String used = UUID.randomUUID().toString();
        String today = api.get(home).ok().path("today").asString();
        api.post(
                        home + "/used-mixes",
                        Map.of(
                                "clientKey", Bodies.key(),
                                "id", used,
                                "lotId", lot,
                                "lastPlant", "WELL",
                                "on", today))
                .ok();
        List<String> looks = contract.path("paths")
                .propertyStream()
                .filter(p -> p.getValue().has("get"))
                .map(Map.Entry::getKey)
                .filter(p -> !p.endsWith("/live") && !p.contains("{id}") && !p.contains("{address}"))
                .map(p -> p.replace("{garden}", home.substring(home.lastIndexOf('/') + 1))
                        .replace("{lot}", lot)
                        .replace("{used}", used))
                .toList();
        String before = versions(home);
        for (String path : looks) {
            assertThat(api.get(path).status()).as(path).isLessThan(500);
            assertThat(versions(home)).as(path).isEqualTo(before);
        }
        assertThat(looks).hasSizeGreaterThan(30);
    }

    /** The rows of a garden with the transactions that wrote them last. */
    private static String versions(String home) {
        UUID garden = UUID.fromString(home.substring(home.lastIndexOf('/') + 1));
        JdbcClient db = App.bean(JdbcClient.class);
        StringBuilder all = new StringBuilder();
        for (String table : List.of(
                "lot",
                "lot_state",
                "lot_chore",
                "calendar_state",
                "calendar_day",
                "weather_day",
                "weather_state",
                "todo",
                "act",
                "journal",
                "change",
                "garden_version",
                "recalculation",
                "place",
                "feed")) {
            all.append(db.sql("select '" + table + "' || count(*) || coalesce(max(xmin::text::bigint), 0) from " + table
                            + " where garden_id = ?")
                    .param(garden)
                    .query(String.class)
                    .single());
        }
        return all.toString();
    }
}
