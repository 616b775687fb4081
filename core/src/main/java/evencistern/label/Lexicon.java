package evencistern.label;

import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The words that labels are read with, from {@code lexicon.txt}: what each is, and its value where it has one. */
final class Lexicon {
    /** One way to write a word of a category. */
    record Entry(String category, String value, List<String> parts) {}

    /** Words that may be passed over; published, so that nobody has to guess. */
    static final Set<String> PLAIN = words("ignored-words.txt");

    private static final Map<String, List<Entry>> BY_FIRST = load();

    private Lexicon() {}

    private static Map<String, List<Entry>> load() {
        Map<String, List<Entry>> all = new HashMap<>();
        for (String line : DataFile.lines(Lexicon.class, "lexicon.txt")) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            int colon = line.indexOf(':');
            String[] head = line.substring(0, colon).strip().split(" ", 2);
            for (String form : line.substring(colon + 1).split(", ", -1)) {
                List<String> parts = List.of(form.strip().split(" ", -1));
                all.computeIfAbsent(parts.get(0), k -> new ArrayList<>())
                        .add(new Entry(head[0], head.length > 1 ? head[1] : "", parts));
            }
        }
        words("use-words.txt")
                .forEach(w -> all.computeIfAbsent(w, k -> new ArrayList<>()).add(new Entry("use", "", List.of(w))));
        all.values()
                .forEach(l -> l.sort(
                        Comparator.comparingInt((Entry e) -> e.parts().size()).reversed()));
        return all;
    }

    private static Set<String> words(String file) {
        return DataFile.lines(Lexicon.class, file).stream()
                .map(String::strip)
                .filter(w -> !w.isEmpty() && !w.startsWith("#"))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** What may begin with this token, the longest first. */
    static List<Entry> at(List<Token> tokens, int p) {
        return p < tokens.size() ? BY_FIRST.getOrDefault(tokens.get(p).text(), List.of()) : List.of();
    }

    /** The token after such an entry, dots of abbreviations passed over; below 0 where it does not stand there. */
    static int end(List<Token> tokens, int p, Entry entry) {
        int at = p;
        for (String part : entry.parts()) {
            if (at > p
                    && !part.equals(".")
                    && at < tokens.size()
                    && tokens.get(at).is(".")) {
                at++;
            }
            if (at >= tokens.size() || !tokens.get(at).is(part)) {
                return -1;
            }
            at++;
        }
        return at;
    }

    /** Whether a word stands here that is one of a category. */
    static boolean is(List<Token> tokens, int p, String category) {
        return value(tokens, p, category).isPresent();
    }

    /** The value of the longest word of a category that stands here; empty where none does. */
    static Optional<String> value(List<Token> tokens, int p, String category) {
        return at(tokens, p).stream()
                .filter(e -> e.category().equals(category) && end(tokens, p, e) >= 0)
                .map(Entry::value)
                .findFirst();
    }
}
