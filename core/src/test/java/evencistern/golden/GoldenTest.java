package evencistern.golden;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.table.DataFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/**
 * Scenarios that a professional would judge by, run through the core. {@code docs/VALIDATION.md} tells what is said to each;
 * it is compared here, and written again with {@code -Drewrite=true}.
 */
class GoldenTest {
    private static final Path PAGE = Path.of("../docs/VALIDATION.md");
    /** Of the rows that are run, the share that must lie within. */
    private static final double ENOUGH = 0.95;

    /** Why a row lies without, for those that do. */
    private static final Map<String, String> WITHOUT = Map.of(
            "M13w", "the calcined clay that ships is 1–3 mm and wetter than the 2–6 mm of the scenario",
            "F08f", "a usual plant in moss is watered some 16 times a year, and not fed while its winter is too dark");

    private static final List<DataFile.Row> ROWS = DataFile.read(GoldenTest.class, "rows.csv");
    private static final Map<String, GoldenAnswers.Answer> ANSWERS = GoldenAnswers.all();

    private static boolean run(DataFile.Row row) {
        return row.text("waits_for").equals("-");
    }

    private static boolean within(DataFile.Row row) {
        return Objects.requireNonNull(ANSWERS.get(row.text("id"))).within(row.text("low"), row.text("high"));
    }

    @Test
    void everyRowIsRunOrSaysWhatItWaitsFor() {
        assertThat(ROWS.stream().filter(GoldenTest::run).map(r -> r.text("id")))
                .containsExactlyInAnyOrderElementsOf(ANSWERS.keySet());
        assertThat(ROWS).hasSizeGreaterThan(170);
    }

    @Test
    void noMustIsMissed() {
        assertThat(ROWS.stream()
                        .filter(r -> run(r) && r.text("must").equals("yes") && !within(r))
                        .map(r -> r.text("id")))
                .isEmpty();
    }

    @Test
    void nearlyAllOfWhatIsRunLiesWithin() {
        List<DataFile.Row> run = ROWS.stream().filter(GoldenTest::run).toList();
        List<String> out = run.stream()
                .filter(r -> !within(r))
                .map(r -> r.text("id") + " " + ANSWERS.get(r.text("id")).shown() + " of " + r.text("low") + "–"
                        + r.text("high"))
                .toList();
        assertThat(out).hasSizeLessThanOrEqualTo((int) ((1 - ENOUGH) * run.size()));
    }

    @Test
    void whatLiesWithoutIsExplained() {
        assertThat(ROWS.stream().filter(r -> run(r) && !within(r)).map(r -> r.text("id")))
                .containsExactlyInAnyOrderElementsOf(WITHOUT.keySet());
    }

    @Test
    void thePageIsCurrent() throws IOException {
        String page = page();
        if (Boolean.getBoolean("rewrite")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page);
    }

    private static String page() {
        List<DataFile.Row> run = ROWS.stream().filter(GoldenTest::run).toList();
        long in = run.stream().filter(GoldenTest::within).count();
        StringBuilder page = new StringBuilder("""
                # What a professional would accept, and what we say

                %d of %d scenarios are run through the rules by `GoldenTest`; %d of them lie within the range that a
                professional would accept. The ranges are from remembered published knowledge of the kind named, not
                checked against a printed source. Where a scenario names a mix that does not ship, the nearest shipped one
                stands for it, and pots, places and waters are typed as told. Written by the test: run it with `-Drewrite=true` after a change.

                | | scenario | accepted | we say | | kind of source |
                |---|---|---|---|---|---|
                """.formatted(run.size(), ROWS.size(), in));
        for (DataFile.Row r : run) {
            page.append("| %s | %s | %s–%s %s | %s | %s | %s; %s |%n"
                    .formatted(
                            r.text("id"),
                            r.text("scenario"),
                            r.text("low"),
                            r.text("high"),
                            r.text("unit"),
                            ANSWERS.get(r.text("id")).shown(),
                            within(r) ? "in" : "**out**: " + WITHOUT.get(r.text("id")),
                            r.text("source"),
                            r.text("sureness")));
        }
        page.append("%n## Not run yet%n%n| | what is asked | waits for |%n|---|---|---|%n".formatted());
        ROWS.stream()
                .filter(r -> !run(r))
                .forEach(r -> page.append("| %s | %s, %s | %s |%n"
                        .formatted(
                                r.text("id"),
                                r.text("quantity").replace('_', ' '),
                                r.text("scenario").split(";", 2)[0].toLowerCase(Locale.ROOT),
                                r.text("waits_for"))));
        return page.toString();
    }
}
