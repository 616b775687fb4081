package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Every view of the demo garden, by day and by night: axe finds nothing, nothing is wider than the page. */
class LookTest {
    private static Cistern cistern;
    private static String home;
    private static String lot;
    private static String feed;
    private static String meter;

    @BeforeAll
    static void start() {
        cistern = Cistern.start(Cistern.shared(), "2026-05-14");
        JsonNode demo = cistern.api().get("/api/gardens").ok().get(0);
        String garden = "/api/gardens/" + demo.path("id").asString();
        home = "/g/" + demo.path("id").asString();
        lot = cistern.api()
                .get(garden + "/lots")
                .ok()
                .path("lots")
                .valueStream()
                .filter(l -> l.path("species").asString().equals("streptocarpus"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        meter = cistern.api().get(garden).ok().path("meters").get(0).path("id").asString();
        feed = cistern.api().get(garden + "/feeds").ok().get(0).path("id").asString();
    }

    @AfterAll
    static void stop() {
        cistern.close();
    }

    private static List<String> views() {
        return List.of(
                home + "/today",
                home + "/bench",
                home + "/bench/" + lot,
                home + "/bench/" + lot + "?tab=readings",
                home + "/bench/" + lot + "?tab=journal",
                home + "/bench/" + lot + "?tab=mix",
                home + "/bench/" + lot + "?working=feed.meter",
                home + "/feeds/" + feed,
                home + "/feeds/dose",
                home + "/feeds/water",
                home + "/feeds/blend",
                home + "/feeds/tank",
                home + "/feeds/remedies",
                home + "/bench/" + lot + "?tab=food",
                home + "/bench/" + lot + "?tab=plant",
                home + "/year/ribbons",
                home + "/year/work",
                home + "/year/weather",
                home + "/year/plants",
                home + "/year/plants/maidenhair",
                home + "/mixes/peat_perlite",
                home + "/mixes/components",
                home + "/mixes/peat_perlite/batch",
                home + "/mixes/batches",
                home + "/mixes/wishes",
                home + "/mixes/compare",
                home + "/mixes/files",
                home + "/readings",
                home + "/readings/small",
                home + "/shelf",
                home + "/shelf/meter/" + meter,
                home + "/garden",
                home + "/garden?part=done",
                home + "/garden?part=files",
                home + "/garden?part=about");
    }

    /** Contrast differs by theme and target size by width: each is looked at in one of the two, the fit in all four. */
    @ParameterizedTest
    @CsvSource({"1280, 800, LIGHT", "390, 844, DARK"})
    void everyViewIsCleanAndFits(int width, int height, ColorScheme scheme) {
        try (Browsers.Opened opened = Browsers.open(cistern.address(), width, height, scheme)) {
            Page page = opened.page();
            for (String view : views()) {
                shown(page, view);
                assertThat(faultsOf(page)).as(view).isEmpty();
            }
            page.navigate(home + "/bench/" + lot);
            for (String panel : List.of("Move", "Fresh mix", "Lose some")) {
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(panel))
                        .click();
                assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
                assertThat(faultsOf(page)).as(panel).isEmpty();
                page.keyboard().press("Escape");
            }
            page.keyboard().press("Control+k");
            assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
            assertThat(faultsOf(page)).as("the finder").isEmpty();
            assertThat(opened.complaints()).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({"1280, 800, DARK", "390, 844, LIGHT"})
    void everyViewFits(int width, int height, ColorScheme scheme) {
        try (Browsers.Opened opened = Browsers.open(cistern.address(), width, height, scheme)) {
            for (String view : views()) {
                shown(opened.page(), view);
            }
            assertThat(opened.complaints()).isEmpty();
        }
    }

    /** Opens a view, waits until it is there, and sees that it is no wider than the page. */
    private static void shown(Page page, String view) {
        page.navigate(view);
        assertThat(page.getByText("Fetching")).hasCount(0);
        assertThat(page.getByText("Working it out")).hasCount(0);
        assertThat(page.locator("main")).not().isEmpty();
        Object wider = page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
        assertThat((Integer) wider).as(view + " is wider than the page").isLessThanOrEqualTo(0);
    }

    private static List<String> faultsOf(Page page) {
        return new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                        .analyze()
                        .getViolations()
                        .stream()
                        .map(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                        .toList();
    }

    @ParameterizedTest
    @CsvSource({"2026-01-10", "2026-03-29", "2026-10-25"})
    void theDayIsWalkedInWinterAndWhenTheClocksChange(String today) {
        try (Cistern other = Cistern.start(Cistern.shared(), today);
                Browsers.Opened opened = Browsers.open(other.address(), 390, 844, ColorScheme.LIGHT)) {
            JsonNode garden = other.api().freshGarden();
            Page page = opened.page();
            page.navigate("/g/" + garden.path("id").asString() + "/bench");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add the first lot"))
                    .click();
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Winter pot");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add this lot"))
                    .click();
            assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today"))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winter pot: done"))
                    .click();
            assertThat(page.getByText("Done today")).isVisible();
            assertThat(page.getByText("Nothing is due.")).isVisible();
            assertThat(opened.complaints()).isEmpty();
        }
    }
}
