package evencistern.server.words;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.Locale;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/** The languages that messages are there in; dates and numbers follow them. */
public enum Language {
    /** British English, in which all messages are written first. */
    @JsonProperty("en-GB")
    en_GB(Locale.UK),
    /** American English: what it says differently is written beside them. */
    @JsonProperty("en-US")
    en_US(Locale.US);

    private final Locale locale;

    Language(Locale locale) {
        this.locale = locale;
    }

    /** The locale that dates and numbers follow. */
    public Locale locale() {
        return locale;
    }

    /** The tag by which it is known outside (BCP 47). */
    public String tag() {
        return locale.toLanguageTag();
    }

    /** The language of a tag that {@link #tag} gave. */
    public static Language ofTag(String tag) {
        return Arrays.stream(values())
                .filter(l -> l.tag().equals(tag))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no language " + tag));
    }

    /** The one that an answer is asked for in just now; British where it is none of these. */
    public static Language asked() {
        LocaleContext asked = LocaleContextHolder.getLocaleContext();
        return asked != null && Locale.US.equals(asked.getLocale()) ? en_US : en_GB;
    }
}
