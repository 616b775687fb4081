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

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void anEmptyInstallationLeadsToADoseAndADate() {
        Path dir = PostgresSession.newFolder();
        try (Cistern cistern = Cistern.startEmpty(PostgresSession.start(dir), "2026-05-14");
                Browsers.Opened opened = Browsers.desk(cistern.address())) {
            Page page = opened.page();
            page.navigate("/");
            button(page, "Next: the bottle").click();
            assertThat(page.getByText("The garden's name is empty")).isVisible();
            field(page, "What do you call it?").fill("Two sills");
            field(page, "Latitude, negative south of the equator").fill("95");
            button(page, "Next: the bottle").click();
            assertThat(page.getByText("the largest value accepted is 75")).isVisible();
            field(page, "Latitude, negative south of the equator").fill("-37,8");
            button(page, "Next: the bottle").click();
            assertThat(page.getByText("Now the bottle or box of feed")).isVisible();
            field(page, "Name on the bottle or box").fill("Reed Gold");
            field(page, "N").fill("4");
            field(page, "P₂O₅").fill("2");
            field(page, "K₂O").fill("6");
            field(page, "The label's own sentence").fill("5 ml/l with every watering");
            button(page, "Add to the shelf").click();
            page.getByText("Next: the first plant").click();
            Locator answer = page.getByLabel("Answer");
            assertThat(answer).containsText("tsp");
            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
            field(page, "Name").fill("Wax flower");
            page.getByLabel("Plant", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("hoya");
            button(page, "Add this lot").click();
            assertThat(answer).containsText("Next feed");
            assertThat(answer).containsText("today");
            assertThat(page.getByText("Next: the first plant")).isHidden();
            assertThat(opened.complaints()).isEmpty();
        } finally {
            PostgresSession.stop(dir, true);
        }
    }
}
