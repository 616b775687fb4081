package evencistern.server.problem;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The wording of the interface, read from the one file that the pages use too. */
@Component
public class Words {
    private final JsonNode words;

    Words(JsonMapper mapper) {
        try (InputStream in = Words.class.getResourceAsStream("/text/words.json")) {
            if (in == null) {
                throw new IllegalStateException("text/words.json is not on the class path");
            }
            words = mapper.readTree(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The words for an id in a section, with {name} replaced by values; the id itself where there are none. */
    public String of(String section, String id, java.util.Map<String, String> values) {
        String text = words.path(section).path(id).asString(id);
        for (var value : values.entrySet()) {
            text = text.replace("{" + value.getKey() + "}", value.getValue());
        }
        return text;
    }

    /** Whether a section words an id. */
    public boolean has(String section, String id) {
        return words.path(section).has(id);
    }
}
