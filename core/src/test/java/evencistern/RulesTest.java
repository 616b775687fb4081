package evencistern;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Each rule of the job names its question, formula, source and test; docs/RULES.md and docs/SOURCES.md follow. */
class RulesTest {
    private static final Path MAIN = Path.of("src/main/java");
    private static final Path DOCS = Path.of("../docs");
    private static final List<String> HEADINGS =
            List.of("Answers", "Formula", "Units", "Valid for", "Source", "Checked by");

    private static final String KEY_IN_BRACKETS = "\\[([A-Z]{2}[A-Z0-9]{3,})]";

    private record Rule(Path file, String text) {
        String heading(String name) {
            Matcher m = Pattern.compile(
                            "<p><b>" + name + "</b>(.*?)(?=\n \\* *(?:<p>|@|\n| \\*/|\\*/)|\n \\*\n|\n \\*/)",
                            Pattern.DOTALL)
                    .matcher(text);
            return m.find() ? m.group(1).replaceAll("\n \\* ?", " ").strip() : "";
        }

        /** The package it is in: climate, plan. */
        String room() {
            return String.valueOf(file.getParent().getFileName());
        }

        String className() {
            return file.getFileName().toString().replace(".java", "");
        }
    }

    private static List<Rule> files() throws IOException {
        try (Stream<Path> walk = Files.walk(MAIN)) {
            List<Rule> files = new ArrayList<>();
            for (Path p :
                    walk.filter(f -> f.toString().endsWith(".java")).sorted().toList()) {
                files.add(new Rule(p, Files.readString(p)));
            }
            return files;
        }
    }

    private static List<Rule> rules() throws IOException {
        return files().stream()
                .filter(r -> r.text().contains("<p><b>Answers</b>"))
                .toList();
    }

    @Test
    void everyClassThatTakesAStepOfAWorkingIsARuleWithAllItsHeadings() throws IOException {
        for (Rule file : files()) {
            boolean steps =
                    file.text().contains(".step(") && !file.file().toString().contains("/working/");
            if (steps || file.text().contains("<p><b>Answers</b>")) {
                assertThat(HEADINGS)
                        .as(file.file().toString())
                        .allSatisfy(h -> assertThat(file.heading(h)).as(h).isNotEmpty());
                assertThat(tests()).as(file.file().toString()).contains(file.heading("Checked by") + ".java");
            }
        }
    }

    /** What a room is about, as its package says. */
    private static String question(String room) throws IOException {
        String text = Files.readString(MAIN.resolve("evencistern").resolve(room).resolve("package-info.java"));
        return text.substring(text.indexOf("/**") + 3, text.indexOf("*/"))
                .replaceAll("\\s+\\*?\\s*", " ")
                .strip();
    }

    @Test
    void theListOfRulesIsCurrent() throws IOException {
        Map<String, List<Rule>> rooms = new TreeMap<>();
        for (Rule r : rules()) {
            rooms.computeIfAbsent(r.room(), room -> new ArrayList<>()).add(r);
        }
        StringBuilder page = new StringBuilder("""
                # The rules of the job

                A grower's question, the class that answers it, the test that checks it and where the formula comes from
                (keys as in [SOURCES.md](SOURCES.md)), room by room. Kept by `RulesTest`: run it with `-Drewrite=true` after a
                change.

                """);
        for (String room : rooms.keySet()) {
            page.append("- [%s](#%s): %s\n".formatted(room, room, question(room)));
        }
        for (Map.Entry<String, List<Rule>> room : rooms.entrySet()) {
            page.append("\n## %s\n\n| question | class | checked by | source |\n|---|---|---|---|\n"
                    .formatted(room.getKey()));
            for (Rule r : room.getValue()) {
                page.append("| %s | [%s](../core/%s) | %s | %s |\n"
                        .formatted(
                                r.heading("Answers").replace("|", "\\|"),
                                r.className(),
                                r.file(),
                                r.heading("Checked by"),
                                r.heading("Source").replace("|", "\\|")));
            }
        }
        Path file = DOCS.resolve("RULES.md");
        if (Boolean.getBoolean("rewrite")) {
            Files.writeString(file, page);
        }
        assertThat(Files.readString(file)).isEqualTo(page.toString());
    }

    @Test
    void everySourceNamedIsInTheBibliographyAndEveryEntryIsUsed() throws IOException {
        Set<String> used = new TreeSet<>();
        for (Rule file : files()) {
            collect(KEY_IN_BRACKETS, file.text(), used);
            // the key with which a step of a working names its source
            collect("\"([A-Z]{2}[A-Z0-9]{3,})(?: eq\\. \\d+)?\"", file.text(), used);
        }
        try (Stream<Path> tables = Files.walk(Path.of("src/main/resources"))) {
            for (Path table : tables.filter(f -> f.toString().endsWith(".csv")).toList()) {
                collect(KEY_IN_BRACKETS, Files.readString(table), used);
            }
        }
        Set<String> listed = new TreeSet<>();
        collect("(?m)^- \\*\\*([A-Z0-9]+)\\*\\*", Files.readString(DOCS.resolve("SOURCES.md")), listed);
        assertThat(listed).isEqualTo(used);
    }

    private static Set<String> tests() throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("src/test/java"))) {
            return all.map(f -> f.getFileName().toString()).collect(Collectors.toSet());
        }
    }

    private static void collect(String regex, String text, Set<String> into) {
        Matcher m = Pattern.compile(regex).matcher(text);
        while (m.find()) {
            into.add(m.group(1));
        }
    }
}
