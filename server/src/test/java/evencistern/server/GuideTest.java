package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import evencistern.testkit.PostgresSession;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The numbers that the guide prints are those the program gives. */
class GuideTest {
    private static final Pattern ASKED = Pattern.compile("<!-- (care|label|verdict) (\\{.*\\}) -->");
    private static final Pattern SHOWN = Pattern.compile("^\\|.*\\*\\*([0-9.]+)\\*\\*.*<!-- ([a-zA-Z0-9.]+) -->$");
    private static final TypeReference<Map<String, Object>> MAP = new TypeReference<>() {};

    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();

    @Test
    void everyNumberOfTheWorkedExamplesIsWhatTheProgramAnswers() throws IOException {
        JsonNode answer = null;
        int numbers = 0;
        for (String line : Files.readAllLines(PostgresSession.root().resolve("docs/guide/examples.md"))) {
            Matcher asked = ASKED.matcher(line);
            Matcher shown = SHOWN.matcher(line);
            if (asked.matches()) {
                answer = ask(asked.group(1), JsonMapper.builder().build().readValue(asked.group(2), MAP));
            } else if (shown.matches()) {
                assertThat(answer).as("asked before " + line).isNotNull();
                BigDecimal printed = new BigDecimal(shown.group(1));
                JsonNode value = answer.at("/" + shown.group(2).replace('.', '/'));
                // to the last place that is printed
                assertThat(value.asDouble())
                        .as(line)
                        .isCloseTo(printed.doubleValue(), within(printed.ulp().doubleValue() / 2));
                numbers++;
            }
        }
        assertThat(numbers).isGreaterThanOrEqualTo(10);
    }

    private JsonNode ask(String what, Map<String, Object> with) {
        if (what.equals("label")) {
            return api.post(
                            "/api/feed/label",
                            Bodies.label(
                                    String.valueOf(with.get("sentence")),
                                    String.valueOf(with.get("form")),
                                    with.get("answers") instanceof List<?> told ? told : List.of()))
                    .ok();
        }
        if (what.equals("verdict")) {
            return judged(String.valueOf(with.get("meter")), with.get("ec"));
        }
        Map<String, Object> draft = Bodies.lot(garden, null);
        draft.putAll(with);
        if (draft.remove("feed") instanceof Map<?, ?> feed) {
            api.put("/api/gardens/" + garden.path("id").asString() + "/feeds", feed)
                    .ok();
            draft.put("courses", List.of(Bodies.course(String.valueOf(feed.get("id")))));
        }
        return Bodies.attempt(api, garden, draft).ok();
    }

    /** A reading of a fresh garden's first lot, by a pen of this scale. */
    private JsonNode judged(String scale, Object ec) {
        String home = "/api/gardens/" + garden.path("id").asString();
        JsonNode pen = api.get(home).ok().path("meters").get(0);
        api.put(
                        home + "/meters",
                        Map.of(
                                "id", pen.path("id").asString(),
                                "name", "Pen",
                                "scale", scale,
                                "phPlusMinus", Bodies.typed("0.1", "pH"),
                                "ecPlusMinus", Bodies.typed("5", "%"),
                                "version", pen.path("version").asInt()))
                .ok();
        String lot = api.put(home + "/lots", Bodies.lot(garden, null))
                .ok()
                .path("id")
                .asString();
        Map<String, Object> reading =
                Map.of("clientKey", Bodies.key(), "meterId", pen.path("id").asString(), "ec", ec);
        return api.post(home + "/lots/" + lot + "/verdict", Map.of("reading", reading, "working", false))
                .ok();
    }
}
