package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Whatever is sent, the answer is a clear problem detail, and nothing recorded is lost. */
class BadInputTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private static void clear(Api.Answer answer, int status) {
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(answer.body().path("detail").asString()).isNotBlank();
        assertThat(answer.raw().body())
                .doesNotContain("Exception")
                .doesNotContain("\tat ")
                .doesNotContain("{field}");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 9, 11, too_small pot.top",
        "-12, 9, 11, too_small pot.top",
        "wide, 9, 11, not_a_number pot.top",
        "12, 14, 11, base_wider_than_top pot.base",
        "12, 9, 900, too_large pot.height",
        "190, 190, 190, too_large pot.volume",
        "12 L, 9, 11, unit_of_other_kind pot.top",
        "🪴, 9, 11, not_a_number pot.top"
    })
    void aPotThatCannotBeIsRefusedByField(String top, String base, String height, String expected) {
        Map<String, Object> input = Bodies.lot(garden, null);
        input.put("pot", Bodies.pot(top, base, height));
        Api.Answer answer = api.put(home + "/lots", input);
        clear(answer, 422);
        assertThat(answer.body()
                        .path("faults")
                        .valueStream()
                        .map(f -> f.path("code").asString() + " "
                                + f.path("field").asString()))
                .contains(expected);
        assertThat(api.get(home + "/lots").ok().path("counts").path("all").asInt())
                .isZero();
    }

    /** A refusal is a sentence that names a field by its name, and does not repeat all that was typed. */
    @Test
    void aRefusalIsASentence() {
        Api.Answer nothing = api.raw("PUT", home + "/lots", "null", true);
        clear(nothing, 400);
        assertThat(nothing.body().path("detail").asString()).doesNotContain("lacks");
        Map<String, Object> lot = Bodies.lot(garden, null);
        lot.put("pots", Bodies.typed("9".repeat(309), ""));
        Api.Answer large = api.put(home + "/lots", lot);
        clear(large, 422);
        assertThat(large.body().path("detail").asString()).hasSizeLessThan(200).contains("…");
        Api.Answer meter = api.put(
                home + "/meters",
                Map.of(
                        "id", UUID.randomUUID().toString(),
                        "name", "Pen",
                        "phPlusMinus", Bodies.typed("-0.1", "pH"),
                        "ecPlusMinus", Bodies.typed("-5", "%"),
                        "version", 0));
        clear(meter, 422);
        assertThat(meter.body()
                        .path("faults")
                        .valueStream()
                        .map(f -> f.path("field").asString()))
                .containsExactlyInAnyOrder("meter.ph_plus_minus", "meter.ec_plus_minus");
    }

    /** The answer comes also where all that was sent is refused, its length told before or not. */
    @Test
    void whatIsLargerThanAnyFormIsRefusedWithAnAnswer() {
        String large = "{\"text\": \"" + "x".repeat(5_000_000) + "\"}";
        Api.Answer told = api.raw("PUT", home + "/feeds", large, true);
        clear(told, 413);
        assertThat(told.faults()).containsExactly("file_too_large");
        assertThat(told.body().path("detail").asString()).contains("4 MB");
        Api.Answer streamed = api.streamed(
                "PUT", home + "/feeds", () -> new ByteArrayInputStream(large.getBytes(StandardCharsets.UTF_8)));
        clear(streamed, 413);
        assertThat(streamed.faults()).containsExactly("file_too_large");
    }

    /** More than any pot holds, and more than this one does. */
    @ParameterizedTest
    @CsvSource({"30, 20, 30, 10000", "15, 10, 14, 1000"})
    void aMeasuredVolumeThatThePotCannotHoldIsRefused(String top, String base, String height, String litres) {
        Map<String, Object> input = Bodies.lot(garden, null);
        Map<String, Object> pot = Bodies.pot(top, base, height);
        pot.put("measured", Bodies.typed(litres, "L"));
        input.put("pot", pot);
        Api.Answer answer = api.put(home + "/lots", input);
        clear(answer, 422);
        assertThat(answer.faults()).containsExactly("too_large");
        assertThat(answer.body().path("faults").get(0).path("field").asString()).isEqualTo("pot.measured");
    }

    @Test
    void everyFaultOfAFormIsToldAtOnce() {
        Map<String, Object> input = Bodies.lot(garden, null);
        input.put("name", " ");
        input.put("pots", Bodies.typed("1½", ""));
        input.put("species", "triffid");
        input.put("pot", Bodies.pot("0", "x", "11"));
        Api.Answer answer = api.put(home + "/lots", input);
        clear(answer, 422);
        assertThat(answer.faults())
                .containsExactlyInAnyOrder("missing", "not_a_number", "choice_unknown", "not_a_number");
    }

    @ParameterizedTest
    @CsvSource({"200, too_large", "-1, too_small", "ten, not_a_number", "'', missing", "60, analysis_above_100"})
    void anAnalysisThatCannotBeIsRefused(String n, String code) {
        Map<String, Object> feed = Bodies.feed();
        feed.put("n", Bodies.typed(n, "%"));
        feed.put("p2o5", Bodies.typed("30", "%"));
        feed.put("k2o", Bodies.typed("20", "%"));
        Api.Answer answer = api.put(home + "/feeds", feed);
        clear(answer, 422);
        assertThat(answer.faults()).contains(code);
    }

    @Test
    void aLabelOfTenThousandCharactersOrWithOpenWordsIsNotAccepted() {
        Map<String, Object> feed = Bodies.feed();
        feed.put("label", "5 g per litre weekly ".repeat(500));
        clear(api.put(home + "/feeds", feed), 422);
        feed.put("label", "1 g per litre weekly, never at noon");
        Api.Answer words = api.put(home + "/feeds", feed);
        assertThat(words.faults()).containsExactly("label_words_open");
        assertThat(words.body().path("detail").asString()).contains("never noon");
        feed.put("wordsSeen", true);
        api.put(home + "/feeds", feed).ok();
        feed.put("id", UUID.randomUUID().toString());
        feed.put("label", "2 tsp per gal weekly");
        assertThat(api.put(home + "/feeds", feed).faults()).containsExactly("label_question_open");
    }

    @Test
    void aNameMayHoldAnythingAndIsOnlyAName() {
        Map<String, Object> input = Bodies.lot(garden, null);
        input.put("name", "'); drop table lot; -- 🌿<script>alert(1)</script>");
        JsonNode lot = api.put(home + "/lots", input).ok();
        assertThat(lot.path("name").asString()).isEqualTo("'); drop table lot; -- 🌿<script>alert(1)</script>");
        assertThat(api.get(home + "/lots").ok().path("counts").path("all").asInt())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"15, too_large", "58, ph_dot_misplaced", "0.6, ph_dot_misplaced", "six, not_a_number"})
    void aPhThatCannotBeIsRefused(String ph, String code) {
        Api.Answer answer = api.post(readings(), reading(ph, null));
        clear(answer, 422);
        assertThat(answer.faults()).containsExactly(code);
    }

    @Test
    void aReadingDatedNextYearIsRefusedAndOneFromAFastClockIsStamped() {
        String path = readings();
        Map<String, Object> reading = reading("6.0", "2027-05-14T08:00:00Z");
        Api.Answer answer = api.post(path, reading);
        clear(answer, 422);
        assertThat(answer.faults()).containsExactly("time_in_future");
        assertThat(api.get(path).ok().path("readings").size()).isZero();
        String soon =
                App.bean(java.time.Clock.class).instant().plusSeconds(3600).toString();
        api.post(path, reading("6.0", soon)).ok();
        JsonNode entry = api.get(path.replace("/readings", "/journal")).ok().get(0);
        assertThat(entry.path("clockAhead").asBoolean()).isTrue();
        assertThat(entry.path("occurredAt").asString()).isLessThan(soon);
    }

    /** A year typed wrong, by a digit or by far, is told as such, wherever it stands. */
    @ParameterizedTest
    @ValueSource(strings = {"-999999999-01-01", "0026-05-10", "+20266-05-10"})
    void aDateThatCannotBeIsRefused(String date) {
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        Api.Answer given = api.post(
                home + "/given", Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "feed", false, "on", date));
        clear(given, 422);
        assertThat(given.faults()).containsExactly("date_out_of_range");
        Api.Answer read = api.post(home + "/lots/" + lot + "/readings", reading("6.0", date + "T08:00:00Z"));
        clear(read, 422);
        assertThat(read.faults()).containsExactly("date_out_of_range");
    }

    private String readings() {
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        return home + "/lots/" + lot + "/readings";
    }

    private Map<String, Object> reading(String ph, String at) {
        Map<String, Object> reading = new HashMap<>(Map.of(
                "clientKey", Bodies.key(),
                "meterId", garden.path("meters").get(0).path("id").asString(),
                "ph", Bodies.typed(ph, "pH")));
        if (at != null) {
            reading.put("occurredAt", at);
        }
        return reading;
    }

    @Test
    void aCarnivoreIsNotGivenAFeed() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        Map<String, Object> input = Bodies.lot(garden, feed);
        input.put("species", "pitcher_plant");
        assertThat(api.put(home + "/lots", input).faults()).containsExactly("no_root_feed");
    }

    @Test
    void aThingOfAnotherGardenIsNotThere() {
        JsonNode other = api.freshGarden();
        String feed = api.put("/api/gardens/" + other.path("id").asString() + "/feeds", Bodies.feed())
                .ok()
                .path("id")
                .asString();
        assertThat(api.put(home + "/lots", Bodies.lot(garden, feed)).faults()).containsExactly("not_found");
        assertThat(api.put(home + "/lots", Bodies.lot(other, null)).faults())
                .containsExactly("choice_unknown", "choice_unknown");
    }

    @Test
    void whatCannotBeReadOrFoundIsSaidPlainly() {
        clear(api.raw("POST", home + "/ticks", "{\"name\": ", true), 400);
        clear(api.get(home + "/lots/not-an-id"), 400);
        clear(api.get(home + "/lots/" + UUID.randomUUID()), 404);
        clear(api.get("/api/nothing/here"), 404);
        clear(api.post(home + "/ticks", Map.of("clientKey", "k", "items", List.of())), 422);
    }

    @Test
    void whatARequestLacksIsNamed() {
        Map<String, Object> input = Bodies.lot(garden, null);
        Map<String, Object> pot = Bodies.pot("12", "9", "11");
        pot.remove("shape");
        input.put("pot", pot);
        input.remove("name");
        Api.Answer answer = api.put(home + "/lots", input);
        clear(answer, 400);
        assertThat(answer.body().path("detail").asString()).startsWith("The request lacks name, pot.shape.");
    }

    /** Every address of the contract that takes a body: what is sent lacks everything. */
    @Test
    void noAddressFailsOnAnEmptyOrAbsentBody() {
        JsonNode contract = api.get("/v3/api-docs").ok();
        int asked = 0;
        for (var path : contract.path("paths").properties()) {
            String address = path.getKey()
                    .replace("{garden}", garden.path("id").asString())
                    .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
            for (String method : List.of("post", "put", "delete")) {
                if (!path.getValue().path(method).has("requestBody")) {
                    continue;
                }
                for (String body : List.of("{}", "[]", "null", "[null]", "{\"items\":[null]}")) {
                    Api.Answer answer = api.raw(method.toUpperCase(java.util.Locale.ROOT), address, body, true);
                    assertThat(answer.status())
                            .as(
                                    "%s %s %s: %s",
                                    method, address, body, answer.raw().body())
                            .isBetween(200, 499);
                    asked++;
                }
            }
        }
        assertThat(asked).isGreaterThan(200);
    }

    /** Every address of the contract that shows something of a garden. */
    @Test
    void aGardenThatIsNotThereIsNotFound() {
        JsonNode contract = api.get("/v3/api-docs").ok();
        int asked = 0;
        for (var path : contract.path("paths").properties()) {
            if (!path.getKey().contains("{garden}") || !path.getValue().has("get")) {
                continue;
            }
            String address = path.getKey()
                    .replaceAll("\\{row}", "1")
                    .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
            Api.Answer answer = api.get(address + "?method=runoff&lot=" + UUID.randomUUID());
            assertThat(answer.status()).as(address + ": " + answer.raw().body()).isEqualTo(404);
            asked++;
        }
        assertThat(asked).isGreaterThan(25);
    }

    @Test
    void whatIsAskedAmissIsRefusedAndNeverFails() throws Exception {
        String nowhere = "/api/gardens/" + UUID.randomUUID();
        clear(api.post(nowhere + "/subscription", Map.of()), 404);
        clear(
                api.post(
                        nowhere + "/deeds/move-as-planned",
                        Map.of("clientKey", Bodies.key(), "lotIds", List.of(UUID.randomUUID()))),
                404);
        clear(api.get(home + "/labels.pdf?lot=&lot=" + UUID.randomUUID()), 422);
        clear(api.get(home + "/lots?find=%ff%fe"), 400);
        clear(api.get("/error"), 404);
        for (String type : List.of("application/x-www-form-urlencoded", "multipart/form-data")) {
            assertThat(unsafe("POST", "/api/gardens", type, "a=%")).as(type).startsWith("HTTP/1.1 4");
            assertThat(unsafe("PUT", home + "/lots", type, "a=%zz")).as(type).startsWith("HTTP/1.1 4");
        }
    }

    /** A request as no page of ours sends it. */
    private static String unsafe(String method, String path, String type, String body) throws IOException {
        URI address = URI.create(App.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            String request = method + " " + path + " HTTP/1.1\r\nHost: " + address.getHost()
                    + "\r\nContent-Type: " + type + "\r\nContent-Length: " + body.length()
                    + "\r\nConnection: close\r\n\r\n" + body;
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void theOnlyPotOfALotCannotBeSplitOff() {
        JsonNode lot = api.put(home + "/lots", Bodies.lot(garden, null)).ok();
        Api.Answer answer = api.post(
                home + "/deeds/split",
                Map.of(
                        "clientKey",
                        Bodies.key(),
                        "lotId",
                        lot.path("id").asString(),
                        "newId",
                        UUID.randomUUID(),
                        "name",
                        "Apart",
                        "pots",
                        Bodies.typed("1", "")));
        clear(answer, 422);
        assertThat(answer.faults()).containsExactly("only_pot");
    }

    @Test
    void withoutTheTokenOrUnderAStrangeNameNothingIsDone() throws Exception {
        clear(api.raw("POST", "/api/gardens", "{}", false), 403);
        URI address = URI.create(App.address());
        for (String head : List.of("HTTP/1.1\r\nHost: evil.example\r\nConnection: close", "HTTP/1.0")) {
            try (Socket socket = new Socket(address.getHost(), address.getPort())) {
                socket.getOutputStream()
                        .write(("GET /api/gardens " + head + "\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                assertThat(answer).as(head).startsWith("HTTP/1.1 421");
            }
        }
    }

    @Test
    void everyPageCarriesItsProtectionAndEveryViewAnAddress() {
        Api.Answer page = api.get("/g/anything/today");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.raw().headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'");
        assertThat(page.raw().body()).contains("<div id=\"root\">");
        assertThat(page.raw().headers().allValues("Set-Cookie"))
                .allSatisfy(c -> assertThat(c).contains("SameSite=Strict"));
        Api.Answer answer = api.get("/api/gardens");
        assertThat(answer.raw().headers().firstValue("Cache-Control").orElse(""))
                .contains("no-store");
    }
}
