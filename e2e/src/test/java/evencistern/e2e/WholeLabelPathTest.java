package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import evencistern.e2e.LabelPictures.Seen;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A whole label, pasted or photographed: its fields, each on its line, and nothing taken without a word. */
class WholeLabelPathTest extends AtTheDesk {
    private static final String PASTED = """
            Heron liquid feed
            Contains 40 g/l nitrogen (N), 20 g/l phosphorus pentoxide (P2O5), 60 g/l potassium oxide (K2O)
            Density 1.18 kg/l. Shake well.
            Total nitrogen in nitrate form 1

            Houseplants: 5 ml per litre of water every week.

            Net 500 ml. Made by Heron Yard.""";

    private void open() {
        page.navigate(home + "/feeds");
        button("Add a feed").click();
        button("Paste or photograph the whole label").click();
    }

    @Test
    void aPastedLabelFillsTheForm() {
        open();
        field("Text of the label").fill(PASTED);
        assertThat(page.getByText("Found on the label")).isVisible();
        assertThat(page.locator("mark").getByText("Density 1.18 kg/l")).isVisible();
        button("Fill in 8 fields").click();
        assertThat(field("Name on the bottle or box")).hasValue("Heron liquid feed");
        assertThat(field("N")).hasValue("4");
        assertThat(field("K₂O")).hasValue("6");
        assertThat(field("Density")).hasValue("1.18");
        assertThat(field("The label's own sentence")).hasValue("Houseplants: 5 ml per litre of water every week.");
        button("Add to the shelf").click();
        assertThat(button("Save changes")).isVisible();
    }

    @Test
    void whatIsNoLabelIsSaidToBeNone() {
        open();
        field("Text of the label").fill("Three carrots, an onion and salt; simmer for forty minutes.");
        assertThat(page.getByText("Nothing of a label was found")).isVisible();
    }

    /** At least four fields in five are right, and none is taken that is wrong without a mark on it. */
    @Test
    void twelvePicturesOfLabels() {
        open();
        int right = 0;
        int all = 0;
        List<String> wrong = new ArrayList<>();
        List<String> missed = new ArrayList<>();
        for (Seen seen : LabelPictures.twelve()) {
            page.locator("input[type=file]")
                    .setInputFiles(new FilePayload("label.png", "image/png", LabelPictures.png(seen)));
            assertThat(page.getByText("Straightening the picture")).isVisible();
            assertThat(page.getByText("It is read on this machine")).isVisible();
            page.waitForTimeout(600);
            List<String> found = new ArrayList<>();
            for (Locator row : page.locator("[data-found]").all()) {
                String field = String.valueOf(row.getAttribute("data-found"));
                String value = String.valueOf(row.getAttribute("data-value"));
                boolean taken = "true".equals(row.getByRole(AriaRole.CHECKBOX).getAttribute("aria-checked"));
                found.add(field);
                String said = seen.fields().get(field);
                if (said == null ? taken && !List.of("name", "form").contains(field) : taken && !said.equals(value)) {
                    wrong.add(seen.name() + ": " + field + " " + value);
                }
                if (said != null && said.equals(value)) {
                    right++;
                }
            }
            all += seen.fields().size();
            seen.fields().keySet().stream()
                    .filter(f -> !found.contains(f))
                    .forEach(f -> missed.add(seen.name() + ": " + f));
        }
        assertThat(wrong)
                .as("taken and wrong, of " + all + " fields, " + right + " right; missed " + missed)
                .isEmpty();
        assertThat(right / (double) all)
                .as("right of " + all + "; missed " + missed)
                .isGreaterThanOrEqualTo(0.8);
        assertThat(opened.complaints()).isEmpty();
    }
}
