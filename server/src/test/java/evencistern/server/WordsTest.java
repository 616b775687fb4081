package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import evencistern.server.words.Language;
import evencistern.server.words.Words;
import evencistern.testkit.Api;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is said to people is said in the garden's language, by the messages that the page has too. */
class WordsTest {
    private static final Words WORDS = App.bean(Words.class);
    private final Api api = App.api();

    @Test
    void everyMessageCanBeReadByBothSides() throws Exception {
        for (Language language : Language.values()) {
            JsonNode sections =
                    JsonMapper.shared().readTree(Words.class.getResourceAsStream("/text/" + language.tag() + ".json"));
            assertThat(sections.size()).isGreaterThan(10);
            sections.forEachEntry((section, texts) -> texts.forEachEntry((id, text) -> {
                MessagePattern read = new MessagePattern(text.asString());
                assertThat(read.countParts()).as(section + "." + id).isPositive();
            }));
        }
    }

    @Test
    void aMessageIsCountedAndFollowsItsLanguage() {
        Words.Spoken british = WORDS.in(Language.en_GB);
        assertThat(british.of("calendar", "lots", Map.of("what", "Water", "count", 1)))
                .isEqualTo("Water: 1 lot");
        assertThat(british.of("calendar", "lots", Map.of("what", "Water", "count", 12)))
                .isEqualTo("Water: 12 lots");
        assertThat(british.of("components", "leaf_mould")).isEqualTo("Leaf mould");
        assertThat(WORDS.in(Language.en_US).of("components", "leaf_mould")).isEqualTo("Leaf mold");
        assertThat(british.of("components", "my-own")).isEqualTo("my-own");
    }

    @Test
    void aFaultIsWordedInTheLanguageItIsAskedIn() {
        Map<String, Object> empty = Bodies.label("feed sparingly", "liquid", List.of());
        assertThat(api.in("en-US").post("/api/feed/label", empty).body().toString())
                .contains("5 ml per liter");
        assertThat(api.in("en-GB").post("/api/feed/label", empty).body().toString())
                .contains("5 ml per litre");
        assertThat(api.in("cy").post("/api/feed/label", empty).body().toString())
                .contains("5 ml per litre");
    }

    @Test
    void paperAndCalendarAreInTheGardensLanguageWhoeverAsks() throws Exception {
        JsonNode garden = api.freshGarden();
        String home = "/api/gardens/" + garden.path("id").asString();
        Map<String, Object> settings = new HashMap<>();
        List.of("name", "timeZone", "unitHabit", "hand", "version")
                .forEach(same -> settings.put(same, garden.path(same)));
        settings.put("latitude", garden.path("latitudeTyped"));
        settings.put("spoons", garden.path("spoons"));
        settings.put("language", "en-US");
        api.put(home + "/settings", settings).ok();
        HttpResponse<byte[]> paper = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(App.address() + home + "/round.pdf"))
                                .header("Accept-Language", "en-GB")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        try (PDDocument pdf = Loader.loadPDF(paper.body())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Thursday, May 14, 2026");
        }
        assertThat(api.get(home + "/calendar.ics").raw().body()).contains("Work to come//en-US");
    }

    @Test
    void aNewGardenSpeaksAsItWasAskedFor() {
        Map<String, Object> wanted = Map.of(
                "name", "Porch",
                "timeZone", "America/New_York",
                "latitude", Bodies.typed("40", "°"),
                "unitHabit", "us",
                "hand", "spoons");
        assertThat(api.in("en-US")
                        .post("/api/gardens", wanted)
                        .ok()
                        .path("language")
                        .asString())
                .isEqualTo("en-US");
        assertThat(api.in("en-GB")
                        .post("/api/gardens", wanted)
                        .ok()
                        .path("language")
                        .asString())
                .isEqualTo("en-GB");
    }
}
