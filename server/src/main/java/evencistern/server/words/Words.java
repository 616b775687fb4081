package evencistern.server.words;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Every message there is: the files that the page uses too, in the message format of ICU. */
@Component
public class Words {
    private static final TypeReference<Map<String, Map<String, String>>> SECTIONS = new TypeReference<>() {};

    private final Map<Language, Spoken> languages = new EnumMap<>(Language.class);

    Words(JsonMapper mapper) {
        Map<String, Map<String, String>> british = read(mapper, Language.en_GB);
        for (Language language : Language.values()) {
            Map<String, Map<String, String>> sections = new LinkedHashMap<>();
            Map<String, Map<String, String>> own = read(mapper, language);
            british.forEach((section, texts) -> {
                Map<String, String> said = new LinkedHashMap<>(texts);
                said.putAll(own.getOrDefault(section, Map.of()));
                sections.put(section, said);
            });
            languages.put(language, new Spoken(language, sections));
        }
    }

    private static Map<String, Map<String, String>> read(JsonMapper mapper, Language language) {
        String file = "/text/" + language.tag() + ".json";
        try (InputStream in = Words.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException(file + " is not on the class path");
            }
            return mapper.readValue(in, SECTIONS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Messages in one language. */
    public static final class Spoken {
        private final Language language;
        private final Map<String, Map<String, String>> sections;
        private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

        private Spoken(Language language, Map<String, Map<String, String>> sections) {
            this.language = language;
            this.sections = sections;
        }

        /** The language it is. */
        public Language language() {
            return language;
        }

        /** A message with its values; the id itself where there is no message. */
        public String of(String section, String id, Map<String, ?> values) {
            String text = text(section, id);
            if (text == null) {
                return id;
            }
            MessageFormat format =
                    formats.computeIfAbsent(section + "." + id, key -> new MessageFormat(text, language.locale()));
            // a format keeps a state while it writes
            return format.clone().format(values);
        }

        /** A message that takes no values. */
        public String of(String section, String id) {
            return of(section, id, Map.of());
        }

        private @Nullable String text(String section, String id) {
            return sections.getOrDefault(section, Map.of()).get(id);
        }
    }

    /** The messages in a language. */
    public Spoken in(Language language) {
        return Optional.ofNullable(languages.get(language)).orElseThrow();
    }

    /** A message in the language that is asked for just now; the id itself where there is none. */
    public String of(String section, String id, Map<String, ?> values) {
        return in(Language.asked()).of(section, id, values);
    }

    /** Whether a section has a message for an id. */
    public boolean has(String section, String id) {
        return in(Language.en_GB).text(section, id) != null;
    }
}
