package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import evencistern.testkit.PostgresSession;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** One plant, one bottle and one can, from an empty installation to a dose and a date. */
class FirstStartTest {
    /** As many as it took before plant, pot and place were all that is asked of a lot; it may become fewer. */
    private static final int MOST_FIELDS = 9;

    private static final int MOST_TAPS = 4;

    private Page page;
    private int fields;
    private int taps;

    private void fill(String label, String text) {
        field(label).fill(text);
        fields++;
    }

    private void tap(String name) {
        button(name).click();
        taps++;
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void anEmptyInstallationLeadsToADoseAndADate() {
        Path dir = PostgresSession.newFolder();
        try (Cistern cistern = Cistern.startEmpty(PostgresSession.start(dir), "2026-05-14");
                Browsers.Opened opened = Browsers.desk(cistern.address())) {
            page = opened.page();
            page.navigate("/");
            // what is wrong or lacking is told where it stands
            button("Next: the bottle").click();
            assertThat(page.getByText("The garden's name is empty")).isVisible();
            field("Latitude, negative south of the equator").fill("95");
            button("Next: the bottle").click();
            assertThat(page.getByText("the largest value accepted is 75")).isVisible();

            fill("What do you call it?", "Two sills");
            fill("Latitude, negative south of the equator", "-37,8");
            tap("Next: the bottle");
            assertThat(page.getByText("Now the bottle or box of feed")).isVisible();
            fill("Name on the bottle or box", "Reed Gold");
            fill("N", "4");
            fill("P₂O₅", "2");
            fill("K₂O", "6");
            fill("The label's own sentence", "5 ml/l with every watering");
            tap("Add to the shelf");
            page.getByText("Next: the first plant").click();
            taps++;
            Locator answer = page.getByLabel("Answer");
            assertThat(answer).containsText("Choose the plant and enter the width of its pot");
            AtTheDesk.choose(page, "Plant", "hoya");
            fields++;
            fill("Pot width", "13");
            assertThat(answer).containsText("tsp");
            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
            // what nobody told is told of
            assertThat(page.getByText("Assumed for now")).containsText("12 cm high");
            assertThat(field("Name")).hasAttribute("placeholder", "Wax flower");
            answer.getByTitle("Show the working").first().click();
            assertThat(page.getByRole(AriaRole.DIALOG)).containsText("(assumed)");
            page.keyboard().press("Escape");
            tap("Add this lot");
            assertThat(answer).containsText("Next feed");
            assertThat(answer).containsText("today");
            assertThat(page.locator("h1")).hasText("Wax flower");
            assertThat(page.getByText("values are assumed")).isVisible();
            assertThat(page.getByText("Next: the first plant")).isHidden();
            assertThat(fields).as("fields to fill in").isLessThanOrEqualTo(MOST_FIELDS);
            assertThat(taps).as("buttons to press").isLessThanOrEqualTo(MOST_TAPS);
            assertThat(opened.complaints()).isEmpty();
        } finally {
            PostgresSession.stop(dir, true);
        }
    }
}
