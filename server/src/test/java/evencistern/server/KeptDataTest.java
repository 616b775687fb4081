package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What earlier versions wrote is opened by this one: their databases and their garden files. */
class KeptDataTest {
    private static final List<String> JOURNAL = List.of(
            "journal",
            "journal_watering",
            "journal_feeding",
            "journal_seen",
            "journal_skipping",
            "journal_tending",
            "journal_reading",
            "journal_note",
            "journal_moving",
            "journal_potting");

    static List<Path> versions() throws IOException {
        Path kept = PostgresSession.root().resolve("server/src/test/resources/kept");
        try (Stream<Path> inside = Files.list(kept)) {
            return inside.filter(Files::isDirectory).sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("versions")
    void aKeptDatabaseIsUpgradedWithItsJournalAsItWas(Path version) {
        String name = "kept_" + version.getFileName().toString().replace('.', '_');
        new JdbcTemplate(source("postgres")).execute("create database " + name);
        DriverManagerDataSource database = source(name);
        PostgresSession.load(version.resolve("database.sql"), name);
        JdbcTemplate db = new JdbcTemplate(database);
        // the dump leaves no search path behind for the session that loads it; a new one has its own
        List<String> before = JOURNAL.stream().map(t -> rows(db, t)).toList();
        List<String> typed = typed(db, "ph_typed", "ec_typed", "top_typed", "traits");
        assertThat(typed).noneMatch(String::isEmpty);
        try (ConfigurableApplicationContext context = start(String.valueOf(database.getUrl()))) {
            assertThat(JOURNAL.stream().map(t -> rows(db, t)).toList()).isEqualTo(before);
            assertThat(typed(
                            db,
                            "typed -> 'ph' ->> 'text'",
                            "typed -> 'ec' ->> 'text'",
                            "(typed -> 'top' ->> 'text') || '|' || (typed -> 'top' ->> 'unit')",
                            """
                            coalesce((select array_agg(t.trait || '=' || t.value order by t.trait) from lot_trait t
                                      where t.lot_id = id), '{}')"""))
                    .isEqualTo(typed);
            assertThat(db.queryForObject(
                            "select count(*) from lot l left join lot_state s on s.lot_id = l.id where s.lot_id is null",
                            Integer.class))
                    .isZero();
            Api api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            JsonNode garden = api.get("/api/gardens").ok().get(0);
            JsonNode today = api.get("/api/gardens/" + garden.path("id").asString() + "/today")
                    .ok();
            assertThat(today.path("date").asString()).isEqualTo(App.TODAY);
            placesHaveMovedOver(db, api, garden, today);
        }
    }

    /** Its open bench, lean-to and tunnel still had the one mild year of version 0.1.0; rooms have their own. */
    private static void placesHaveMovedOver(JdbcTemplate db, Api api, JsonNode garden, JsonNode today) {
        assertThat(today.path("movedPlaces").valueStream().map(JsonNode::asString))
                .containsExactly("Lean-to", "Open bench", "Small tunnel");
        String home = "/api/gardens/" + garden.path("id").asString();
        assertThat(coldestOnTheBench(garden)).isNotEqualTo(1.5);
        UUID moved = db.queryForObject(
                "select act_id from change where kind = 'place' order by id desc limit 1", UUID.class);
        api.post(home + "/acts/" + moved + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(coldestOnTheBench(api.get(home).ok())).isEqualTo(1.5);
        api.post(home + "/today/rules-seen", Map.of());
        assertThat(api.get(home + "/today").ok().path("movedPlaces")).isEmpty();
    }

    private static double coldestOnTheBench(JsonNode garden) {
        return garden.path("places")
                .valueStream()
                .filter(p -> p.path("name").asString().equals("Open bench"))
                .findFirst()
                .orElseThrow()
                .path("lows")
                .get(0)
                .asDouble();
    }

    @ParameterizedTest
    @MethodSource("versions")
    void aKeptGardenFileIsReadWithItsJournalAsItWas(Path version) throws IOException {
        String text = Files.readString(version.resolve("garden.json"));
        Api api = App.api();
        api.raw("POST", "/api/garden-files", text, true).ok();
        JsonNode file = JsonMapper.builder().build().readTree(text);
        String garden = file.at("/garden/id").asString();
        JsonNode again = api.get("/api/gardens/" + garden + "/file").ok();
        for (String table : JOURNAL) {
            assertThat(again.path(table).size())
                    .as(table)
                    .isEqualTo(file.path(table).size());
        }
        assertThat(again.path("journal_feeding").findValues("product_each"))
                .isEqualTo(file.path("journal_feeding").findValues("product_each"));
        assertThat(api.get("/api/gardens/" + garden + "/today")
                        .ok()
                        .path("date")
                        .asString())
                .isEqualTo(App.TODAY);
    }

    /** Version 0.1.0 kept 13 hours, once typed, as 13/24 of a day. */
    @Test
    void lampsOfTheFirstVersionBurnAsLongAsWasTyped() throws IOException {
        Path first = versions().get(0).resolve("garden.json");
        JsonNode kept = JsonMapper.builder().build().readTree(Files.readString(first));
        String id = UUID.randomUUID().toString();
        String text = Files.readString(first)
                .replace(kept.at("/garden/id").asString(), id)
                .replace("\"lamp_hours\": 13", "\"lamp_hours\": 0.5416666666666666");
        Api api = App.api();
        api.raw("POST", "/api/garden-files", text, true).ok();
        assertThat(api.get("/api/gardens/" + id).ok().path("places").valueStream())
                .anySatisfy(p -> assertThat(p.path("lampHours").asDouble()).isCloseTo(13, within(1e-9)));
    }

    /** What was typed of readings, and typed and told of lots, wherever it is kept. */
    private static List<String> typed(JdbcTemplate db, String ph, String ec, String top, String traits) {
        return Stream.of(
                        "string_agg(" + ph + ", ',' order by journal_id) from journal_reading",
                        "string_agg(" + ec + ", ',' order by journal_id) from journal_reading",
                        "string_agg(" + top + ", ',' order by id) from lot",
                        "string_agg((" + traits + ")::text, ',' order by id) from lot")
                .map(what -> String.valueOf(db.queryForObject("select " + what, String.class)))
                .toList();
    }

    /** All rows of a table, but for what was typed. */
    private static String rows(JdbcTemplate db, String table) {
        return String.valueOf(db.queryForObject("""
                select count(*) || ' ' || coalesce(md5(string_agg(r::text, ',' order by r::text)), '')
                from (select (select jsonb_object_agg(key, value) from jsonb_each(to_jsonb(t))
                              where right(key, 5) <> 'typed' and key not in ('ec_unit', 'way', 'part')) as r
                      from %s t) rows
                """.formatted(table), String.class));
    }

    private static DriverManagerDataSource source(String database) {
        PostgresSession.Database given = PostgresSession.Database.given();
        return new DriverManagerDataSource(
                given.url().replaceFirst("/[^/]*$", "/" + database), given.owner(), given.ownerPassword());
    }

    private static ConfigurableApplicationContext start(String url) {
        SpringApplication application = new SpringApplication(EvenCisternApplication.class);
        return application.run(
                Map.of("spring.datasource.url", url, "EVEN_CISTERN_PORT", "0", "EVEN_CISTERN_TODAY", App.TODAY)
                        .entrySet()
                        .stream()
                        .map(e -> "--" + e.getKey() + "=" + e.getValue())
                        .toArray(String[]::new));
    }
}
