package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.server.demo.DemoGarden;
import evencistern.server.exchange.GardenFile;
import evencistern.server.garden.Gardens;
import evencistern.testkit.Api;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A garden goes out as one file and comes back the same to the byte. */
class ExchangeTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void gardenWithAPast() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        GardenId id = new GardenId(UUID.fromString(garden.path("id").asString()));
        App.bean(DemoGarden.class).plant(App.bean(Gardens.class).require(id), LocalDate.parse(App.TODAY));
    }

    private String file() {
        return api.get(home + "/file").raw().body();
    }

    private JsonNode lots() {
        return api.get(home + "/lots").ok();
    }

    /** Removes the garden, as if this were another installation. */
    private void forget() {
        JdbcClient db = App.bean(JdbcClient.class);
        String[] tables = {
            "lot_state",
            "walk",
            "lot_chore",
            "journal_count",
            "journal_potting",
            "journal_moving",
            "journal_note",
            "journal_seen",
            "journal_skipping",
            "journal_tending",
            "journal_reading",
            "journal_feeding",
            "journal_watering",
            "journal",
            "change",
            "act",
            "calendar_day",
            "calendar_state",
            "lot_move",
            "lot_course",
            "lot_trait",
            "lot_condition",
            "todo",
            "treatment",
            "lot",
            "stock",
            "batch",
            "recipe",
            "component",
            "species_trait",
            "species",
            "weather_state",
            "weather_day",
            "feed",
            "vessel",
            "calibration",
            "meter",
            "water",
            "place"
        };
        for (String table : tables) {
            db.sql("delete from " + table + " where garden_id = ?")
                    .param(UUID.fromString(garden.path("id").asString()))
                    .update();
        }
        db.sql("delete from garden where id = ?")
                .param(UUID.fromString(garden.path("id").asString()))
                .update();
    }

    @Test
    void outInAndOutAgainIsTheSameToTheByteAndEveryDateIsAsItWas() {
        String out = file();
        JsonNode lots = lots();
        JsonNode today = api.get(home + "/today").ok();
        forget();
        assertThat(api.get(home).status()).isEqualTo(404);
        Api.Answer back = api.raw("POST", "/api/garden-files", out, true);
        assertThat(back.ok().path("garden").asString())
                .isEqualTo(garden.path("id").asString());
        assertThat(file()).isEqualTo(out);
        assertThat(lots()).isEqualTo(lots);
        for (String part : List.of("groups", "done", "moving")) {
            assertThat(api.get(home + "/today").ok().path(part)).isEqualTo(today.path(part));
        }
        // life goes on: new rows get numbers of their own, and what was done before can still be taken back
        String lot = lots.path("lots").get(0).path("id").asString();
        api.post(
                        home + "/deeds/note",
                        Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "text", "after the move"))
                .ok();
        String act = api.get(home + "/lots/" + lot + "/journal")
                .ok()
                .get(1)
                .path("actId")
                .asString();
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
    }

    /** A canopy of four times the pot's top, as files told it before, is a plant twice as wide as its pot. */
    @Test
    void aCanopyOfAnEarlierFileIsASpread() {
        JsonNode lot = lots().path("lots").get(0);
        Map<String, Object> wide = Bodies.lot(garden, null);
        wide.put("id", UUID.randomUUID().toString());
        wide.put("traits", Map.of("spread", "2"));
        String id = api.put(home + "/lots", wide).ok().path("id").asString();
        String out = file();
        forget();
        String earlier = out.replaceAll("(\"trait\": \")spread(\",\\s*\"value\": \")2\"", "$1canopy$24\"")
                .replaceAll("\"spread\": ?\"2\"", "\"canopy\": \"4\"");
        assertThat(earlier).isNotEqualTo(out).contains("canopy");
        api.raw("POST", "/api/garden-files", earlier, true).ok();
        assertThat(api.get(home + "/lots/" + id)
                        .ok()
                        .findPath("traits")
                        .path("spread")
                        .asString())
                .isEqualTo("2");
        assertThat(file()).isEqualTo(out);
        assertThat(lots().path("lots").get(0).path("name")).isEqualTo(lot.path("name"));
    }

    /** A lot of an earlier file has one feed; now that is a programme of one, in its changes too. */
    @Test
    void theOneFeedOfAnEarlierFileIsAProgrammeOfOne() {
        garden = api.freshGarden(); // a lot of the demo has two feeds, for which an earlier file has no place
        home = "/api/gardens/" + garden.path("id").asString();
        Map<String, Object> form = Bodies.feed();
        form.put("id", UUID.randomUUID().toString());
        String feed = api.put(home + "/feeds", form).ok().path("id").asString();
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("courses", List.of(Map.of("feedId", feed, "share", 100, "rhythm", "weekly")));
        String id = api.put(home + "/lots", lot).ok().path("id").asString();
        String out = file();
        forget();
        JsonMapper json = JsonMapper.builder().build();
        ObjectNode file = (ObjectNode) json.readTree(out);
        Map<String, JsonNode> courses = new HashMap<>();
        file.remove("lot_course").forEach(c -> courses.put(c.path("lot_id").asString(), c));
        file.path("lot").forEach(l -> {
            JsonNode course = courses.get(l.path("id").asString());
            ObjectNode told = (ObjectNode) l;
            told.set("feed_id", course == null ? null : course.get("feed_id"));
            told.set("rhythm", course == null ? null : course.get("rhythm"));
        });
        file.path("change")
                .forEach(c -> List.of(c.path("before"), c.path("after")).forEach(thing -> {
                    if (thing.has("courses")) {
                        JsonNode told = ((ObjectNode) thing).remove("courses").get(0);
                        if (told != null) {
                            ((ObjectNode) thing).set("feedId", told.get("feedId"));
                            ((ObjectNode) thing).set("rhythm", told.get("rhythm"));
                        }
                    }
                }));
        String earlier = json.writeValueAsString(file);
        assertThat(earlier).contains("\"feed_id\"", "\"feedId\"").doesNotContain("courses");
        api.raw("POST", "/api/garden-files", earlier, true).ok();
        JsonNode now = api.get(home + "/lots/" + id).ok();
        assertThat(now.at("/courses/0/feedId").asString()).isEqualTo(feed);
        assertThat(now.at("/courses/0/rhythm").asString()).isEqualTo("weekly");
        assertThat(now.at("/courses/0/share").asInt()).isEqualTo(100);
        assertThat(file()).isEqualTo(out);
    }

    /** A self-watering pot, as files told it before, is a plastic pot with a reservoir, in its changes too. */
    @Test
    void aSelfWateringPotOfAnEarlierFileHasAReservoir() {
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("id", UUID.randomUUID().toString());
        lot.put("watering", Map.of("way", "RESERVOIR"));
        String id = api.put(home + "/lots", lot).ok().path("id").asString();
        String out = file();
        forget();
        // what a file leaves out is as the database has it, from above
        String earlier = out.lines()
                .map(line -> line.contains(id) && line.contains("\"way\": \"reservoir\"")
                        ? line.replace("\"plastic\"", "\"self_watering\"")
                                .replace("\"way\": \"reservoir\"", "\"way\": \"top\"")
                        : line)
                .map(line -> line.contains(id) && line.contains("\"RESERVOIR\"")
                        ? line.replaceAll("\"watering\": \\{\"way\": \"RESERVOIR\"\\},? ?", "")
                                .replace("\"PLASTIC\"", "\"SELF_WATERING\"")
                        : line)
                .collect(Collectors.joining("\n", "", "\n"));
        assertThat(earlier).contains("self_watering", "SELF_WATERING");
        api.raw("POST", "/api/garden-files", earlier, true).ok();
        JsonNode now = api.get(home + "/lots/" + id).ok();
        assertThat(now.at("/watering/way").asString()).isEqualTo("RESERVOIR");
        assertThat(now.at("/pot/material").asString()).isEqualTo("PLASTIC");
        assertThat(file()).isEqualTo(out);
    }

    @Test
    void aGardenThatIsHereIsNotOverwrittenAndABrokenFileChangesNothing() {
        String out = file();
        Api.Answer here = api.raw("POST", "/api/garden-files", out, true);
        assertThat(here.status()).isEqualTo(409);
        assertThat(here.faults()).containsExactly("already_here");
        forget();
        assertThat(refused("{\"format\": ")).isEqualTo("file_invalid");
        assertThat(refused("{}")).isEqualTo("file_invalid");
        assertThat(refused(out.replace("\"version\": 2,\n\"garden\"", "\"version\": 99,\n\"garden\"")))
                .isEqualTo("file_of_other_version");
        assertThat(refused(out.replaceFirst("\"kind\": \"watering\"", "\"kind\": \"showering\"")))
                .isEqualTo("file_invalid");
        assertThat(refused(out.replaceFirst("\"pots\": \\d+", "\"pots\": \"many\"")))
                .isEqualTo("file_invalid");
        assertThat(refused(out.replaceFirst("\"place_id\": \"[0-9a-f]{8}", "\"place_id\": \"00000000")))
                .isEqualTo("file_invalid");
        for (String table : List.of("place", "journal", "journal_count")) {
            String cut = out.replaceFirst("(?s),\n\"" + table + "\": \\[.*?\\](?=,\n\"|\n\\})", "");
            assertThat(cut).isNotEqualTo(out);
            assertThat(refused(cut)).as(table).isEqualTo("file_invalid");
        }
        assertThat(refused(out.replace("\"walk\": [", "\"place\": ["))).isEqualTo("file_invalid");
        assertThat(refused(out + "{}")).isEqualTo("file_invalid");
        assertThat(refused(out.substring(0, out.length() - 3))).isEqualTo("file_invalid");
        // what could not be read again would stop every garden, not only this one
        for (String[] part : new String[][] {
            {"\"time_zone\": \"[^\"]*\"", "\"time_zone\": \"Nowhere/Else\""},
            {"\"typed\": \\{\"[^\"]*\"", "\"typed\": {\"odd\": 1, \"top\""},
            {"\"species\": \"[^\"]*\"", "\"species\": \"no_such_plant\""},
            {"(?s)(\"lot\": \\[.*?)\"mix\": \"[^\"]*\"", "$1\"mix\": \"no_such_mix\""},
            {"\"answers\": \\[", "\"answers\": [\"NOBODY_ASKED=YES\", "}
        }) {
            String odd = out.replaceFirst(part[0], part[1]);
            assertThat(odd).as(part[0]).isNotEqualTo(out);
            assertThat(api.raw("POST", "/api/garden-files", odd, true).status())
                    .as(part[1])
                    .isEqualTo(422);
            api.get("/api/gardens").ok();
        }
        assertThat(api.get(home).status()).isEqualTo(404);
        api.raw("POST", "/api/garden-files", out, true).ok();
    }

    /** A line of the journal that tells nothing could be shown to nobody. */
    @Test
    void aJournalWithLinesThatTellNothingIsRefused() {
        String out = file();
        forget();
        for (String details : List.of("journal_note", "journal_watering", "journal_tending", "journal_reading")) {
            String empty = out.replaceFirst("(?s)(\"" + details + "\": \\[).*?\\](?=,\n\"|\n\\})", "$1]");
            assertThat(empty).as(details).isNotEqualTo(out);
            assertThat(refused(empty)).as(details).isEqualTo("file_invalid");
        }
        api.raw("POST", "/api/garden-files", out, true).ok();
    }

    /** A garden for which nobody could plan is not brought in, also where no lot stands in it yet. */
    @Test
    void aPlaceThatCannotBeIsRefusedInAGardenWithoutLots() {
        String empty = "/api/gardens/" + api.freshGarden().path("id").asString();
        String out = api.get(empty + "/file").raw().body();
        String odd = out.replaceAll(
                        "[0-9a-f]{8}(-[0-9a-f]{4}){3}-",
                        UUID.randomUUID().toString().substring(0, 24))
                .replaceFirst("\"highs\": \\[[^\\]]*", "\"highs\": [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0");
        Api.Answer refused = api.raw("POST", "/api/garden-files", odd, true);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.faults()).containsOnly("too_small");
    }

    /** The rows that are written next, in any garden, are numbered after those that were brought in. */
    @Test
    void aRowNumberThatLeavesNoneForOthersIsRefused() {
        String out = file();
        forget();
        String row = out.replaceFirst("(?s).*\"journal_watering\": \\[.*?\"journal_id\": (\\d+).*", "$1");
        for (String most : List.of("9223372036854775807", "1000000000001")) {
            assertThat(refused(out.replaceAll("\"(id|journal_id|corrects)\": " + row + "\\b", "\"$1\": " + most)))
                    .isEqualTo("file_invalid");
        }
        api.raw("POST", "/api/garden-files", out, true).ok();
        JsonNode other = api.freshGarden();
        String elsewhere = "/api/gardens/" + other.path("id").asString();
        JsonNode lot = api.put(elsewhere + "/lots", Bodies.lot(other, null)).ok();
        api.post(
                        elsewhere + "/deeds/note",
                        Map.of(
                                "clientKey",
                                Bodies.key(),
                                "lotIds",
                                List.of(lot.path("id").asString()),
                                "text",
                                "Still written"))
                .ok();
    }

    private String refused(String text) {
        Api.Answer answer = api.raw("POST", "/api/garden-files", text, true);
        assertThat(answer.status()).isEqualTo(422);
        return answer.faults().get(0);
    }

    /** The schema that ships names every table and column there is, but for the garden's own key and what is derived. */
    @Test
    void theSchemaNamesEveryColumn() {
        JsonNode defs =
                JsonMapper.builder().build().readTree(GardenFile.schema()).path("$defs");
        List<String> columns =
                App.bean(JdbcClient.class).sql("""
                        select table_name || '.' || column_name from information_schema.columns
                        where table_schema = 'public' and column_name <> 'garden_id' and table_name not like '%_standing'
                          and table_name not in ('flyway_schema_history', 'lot_state', 'lot_chore', 'lot_read', 'garden_version', 'recalculation', 'rules_change', 'old_places', 'import_job')
                        """).query(String.class).list();
        List<String> named = defs.propertyStream()
                .flatMap(d -> d.getValue().path("properties").propertyStream().map(p -> d.getKey() + "." + p.getKey()))
                .toList();
        // files of before lots had programmes tell of the one feed with the lot
        assertThat(named)
                .containsAll(columns)
                .filteredOn(n -> !columns.contains(n))
                .containsExactlyInAnyOrder("lot.feed_id", "lot.rhythm");
        assertThat(api.get("/api/garden-file-schema").ok())
                .isEqualTo(JsonMapper.builder().build().readTree(GardenFile.schema()));
    }

    @Test
    void lotsAndJournalLeaveAsSheetsThatAnyReaderTakes() throws IOException {
        Map<String, Object> lot = Bodies.lot(api.get(home).ok(), null);
        lot.put("name", "=cmd, \"quoted\"\nand broken");
        api.put(home + "/lots", lot).ok();
        List<CSVRecord> lots = sheet("/lots.csv");
        assertThat(lots).hasSize(lots().path("counts").path("all").asInt());
        assertThat(lots.stream().map(r -> r.get("lot"))).contains("'=cmd, \"quoted\"\nand broken");
        List<CSVRecord> journal = sheet("/journal.csv");
        assertThat(journal.stream().map(r -> r.get("what"))).contains("watering", "feeding", "reading");
        CSVRecord reading = journal.stream()
                .filter(r -> r.get("what").equals("reading") && r.get("lot").contains("Wren"))
                .findFirst()
                .orElseThrow();
        // 610 ppm on the 500 scale
        assertThat(reading.get("ec_ms_cm")).isEqualTo("1.22");
        assertThat(reading.get("ph")).isEqualTo("6.2");
    }

    private List<CSVRecord> sheet(String path) throws IOException {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(api.get(home + path).raw().body()))
                .getRecords();
    }
}
