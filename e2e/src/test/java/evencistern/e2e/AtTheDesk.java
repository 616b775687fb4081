package evencistern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import evencistern.testkit.Plants;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;

/** A page on a garden of its own, of one application that all who sit at the desk share. */
abstract class AtTheDesk {
    static final String TODAY = "2026-05-14";
    static final Cistern CISTERN = Cistern.start(Cistern.shared(), TODAY);

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(CISTERN::close));
    }

    Browsers.Opened opened;
    Page page;
    JsonNode garden;
    /** The garden's address in the interface. */
    String home;
    /** The address of its data. */
    String data;

    @BeforeEach
    void openAFreshGarden() {
        garden = CISTERN.api().freshGarden();
        home = "/g/" + garden.path("id").asString();
        data = "/api/gardens/" + garden.path("id").asString();
        opened = Browsers.desk(CISTERN.address());
        page = opened.page();
    }

    @AfterEach
    void nothingWasComplainedOf() {
        opened.close();
        assertThat(opened.complaints()).isEmpty();
    }

    /** A lot of so many pots in the garden; its id. */
    String plant(String name, int pots) {
        return CISTERN.api()
                .put(data + "/lots", Plants.lot(garden, name, pots))
                .ok()
                .path("id")
                .asString();
    }

    Locator button(String name) {
        return role(AriaRole.BUTTON, name);
    }

    Locator radio(String name) {
        return role(AriaRole.RADIO, name);
    }

    Locator region(String name) {
        return role(AriaRole.REGION, name);
    }

    Locator link(String name) {
        return role(AriaRole.LINK, name);
    }

    private Locator role(AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** One of many in a box with a search: opened, looked for, taken. */
    void choose(String label, String typed) {
        choose(page, label, typed);
    }

    static void choose(Page page, String label, String typed) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).click();
        page.keyboard().type(typed);
        page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION).first().click();
    }

    /** A part of a lot's page. */
    void part(String name) {
        role(AriaRole.TAB, name).click();
    }

    /** What can be done to a lot beside the four that are shown. */
    void more(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More ▾"))
                .click();
        role(AriaRole.MENUITEM, name).click();
    }

    /** A text that stands by itself. */
    Locator text(String whole) {
        return page.getByText(whole, new Page.GetByTextOptions().setExact(true));
    }
}
