package evencistern.plant;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.table.DataFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every trait is read by a rule, or says which question of a grower it will answer. */
class TraitTest {
    @Test
    void everyTraitIsReadByARuleOrSaysWhatItWillAnswer() throws IOException {
        String rules;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            rules = files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> !f.endsWith("Trait.java") && !f.endsWith("Traits.java"))
                    .map(TraitTest::text)
                    .collect(Collectors.joining());
        }
        List<String> unread = Stream.of(Trait.values())
                .filter(t -> !rules.matches("(?s).*\\bTrait\\." + t.name() + "\\b.*"))
                .map(Trait::id)
                .toList();
        List<DataFile.Row> waiting = DataFile.read(TraitTest.class, "unread-traits.csv");
        assertThat(waiting.stream().map(r -> r.text("trait"))).containsExactlyInAnyOrderElementsOf(unread);
        assertThat(waiting).allSatisfy(r -> assertThat(r.text("question")).endsWith("?"));
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
