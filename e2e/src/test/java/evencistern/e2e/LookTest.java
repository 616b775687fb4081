package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every view of the demo garden, by day and by night: axe finds nothing, nothing is wider than the page. */
class LookTest {
    private static final Cistern CISTERN = AtTheDesk.CISTERN;
    private static String home;
    private static String lot;
    private static String feed;
    private static String meter;

    @BeforeAll
    static void start() {
        JsonNode demo = CISTERN.api().get("/api/gardens").ok().get(0);
        String garden = "/api/gardens/" + demo.path("id").asString();
        home = "/g/" + demo.path("id").asString();
        lot = CISTERN.api()
                .get(garden + "/lots")
                .ok()
                .path("lots")
                .valueStream()
                .filter(l -> l.path("species").asString().equals("streptocarpus"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        meter = CISTERN.api().get(garden).ok().path("meters").get(0).path("id").asString();
        feed = CISTERN.api().get(garden + "/feeds").ok().get(0).path("id").asString();
    }

    private static List<String> views() {
        return List.of(
                home + "/today",
                home + "/bench",
                home + "/known",
                home + "/bench/" + lot,
                home + "/bench/" + lot + "?tab=health",
                home + "/ails",
                home + "/ails/" + lot,
                home + "/ails/" + lot + "?seen=part.new_leaves~pattern.between_veins",
                home + "/bench/" + lot + "?tab=journal",
                home + "/bench/" + lot + "?working=feed.meter",
                home + "/feeds/" + feed,
                home + "/feeds/dose",
                home + "/feeds/water",
                home + "/feeds/blend",
                home + "/feeds/tank",
                home + "/feeds/remedies",
                home + "/bench/" + lot + "?tab=feeding",
                home + "/bench/" + lot + "?tab=pot",
                home + "/year/ribbons",
                home + "/year/work",
                home + "/year/weather",
                home + "/plants",
                home + "/plants/maidenhair",
                home + "/mixes/peat_perlite",
                home + "/mixes/components",
                home + "/mixes/peat_perlite/batch",
                home + "/mixes/batches",
                home + "/mixes/wishes",
                home + "/mixes/compare",
                home + "/mixes/files",
                home + "/mixes/used",
                home + "/readings",
                home + "/readings/small",
                home + "/shelf",
                home + "/shelf/meter/" + meter,
                home + "/garden",
                home + "/garden?part=done",
                home + "/garden?part=files",
                home + "/garden?part=about");
    }

    /** Every view at a desk by day, then turned to a phone by night: contrast differs by theme, targets and fit by width. */
    @Test
    void everyViewIsCleanAndFits() {
        try (Browsers.Opened opened = Browsers.desk(CISTERN.address())) {
            Page page = opened.page();
            for (String view : views()) {
                atTheDesk(page);
                shown(page, view);
                assertThat(faultsOf(page)).as(view).isEmpty();
                inTheHand(page);
                fits(page, view);
                assertThat(faultsOf(page)).as(view + " in the hand").isEmpty();
            }
            page.navigate(home + "/bench/" + lot);
            for (String panel : List.of("Move", "Fresh mix", "Record losses")) {
                atTheDesk(page);
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More ▾"))
                        .click();
                page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(panel))
                        .click();
                assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
                assertThat(faultsOf(page)).as(panel).isEmpty();
                inTheHand(page);
                assertThat(faultsOf(page)).as(panel + " in the hand").isEmpty();
                page.keyboard().press("Escape");
            }
            atTheDesk(page);
            page.navigate(home + "/feeds/" + feed);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Paste or photograph the whole label"))
                    .click();
            page.getByLabel("Text of the label").fill("NPK 7-3-6\nTotal nitrogen 8\nDilute 1:200, weekly.");
            assertThat(page.getByText("Found on the label")).isVisible();
            assertThat(faultsOf(page)).as("a whole label").isEmpty();
            inTheHand(page);
            fits(page, "a whole label");
            assertThat(faultsOf(page)).as("a whole label in the hand").isEmpty();
            page.keyboard().press("Escape");
            page.keyboard().press("Control+k");
            assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
            assertThat(faultsOf(page)).as("the finder").isEmpty();
            assertThat(opened.complaints()).isEmpty();
        }
    }

    /** What is opened in the hand is made for it from the start. */
    @Test
    void everyViewOpensInTheHand() {
        try (Browsers.Opened opened = Browsers.phone(CISTERN.address())) {
            for (String view : views()) {
                shown(opened.page(), view);
            }
            assertThat(opened.complaints()).isEmpty();
        }
    }

    private static void atTheDesk(Page page) {
        page.setViewportSize(1280, 800);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
    }

    private static void inTheHand(Page page) {
        page.setViewportSize(390, 844);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    }

    /** In a language that is none every text is accented and 35 % longer: what is not is no message, or does not fit. */
    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void everythingThatIsSaidIsAMessageAndLongerWordsFit(int width, int height) {
        String typed = typed();
        try (Browsers.Opened opened = Browsers.open(CISTERN.address(), width, height, ColorScheme.LIGHT)) {
            opened.context().addInitScript("localStorage.setItem('language', 'en-XA')");
            SoftAssertions all = new SoftAssertions();
            // sitting views are for a desk, the round also for a thumb
            for (String view : width > 1000 ? views() : List.of(home + "/today", home + "/bench")) {
                opened(opened.page(), view);
                all.assertThat(wider(opened.page()))
                        .as(view + " is wider than the page")
                        .isLessThanOrEqualTo(0);
                // a working names the symbols of its formula
                if (width > 1000 && !view.contains("working=")) {
                    all.assertThat(plain(opened.page(), typed)).as(view).isEmpty();
                }
            }
            all.assertThat(opened.complaints()).isEmpty();
            all.assertAll();
        }
    }

    /** What was typed into the garden, or is called by a name everywhere: it is shown as it is. */
    private static String typed() {
        String garden = "/api" + home.replace("/g/", "/gardens/");
        List<String> named = new ArrayList<>();
        for (String of : List.of(
                "",
                "/lots",
                "/feeds",
                "/species",
                "/mixes",
                "/batches",
                "/stock",
                "/lots/" + lot + "/journal",
                "/lots/" + lot + "/food",
                "/acts?limit=100")) {
            collect(CISTERN.api().get(garden + of).ok(), named);
        }
        collect(CISTERN.api().get("/api/catalogue").ok(), named);
        named.sort(Comparator.comparing(String::length).reversed());
        return JsonMapper.shared().writeValueAsString(named);
    }

    private static final Set<String> TYPED = Set.of(
            "name",
            "scientific",
            "symbol",
            "label",
            "note",
            "formula",
            "feedName",
            "recipeName",
            "retiredWhy",
            "text",
            "notes");

    private static void collect(JsonNode node, List<String> named) {
        node.propertyStream()
                .filter(p ->
                        TYPED.contains(p.getKey()) && p.getValue().asString("").length() > 2)
                .forEach(p -> named.add(p.getValue().asString()));
        node.forEach(inner -> collect(inner, named));
    }

    /** The words on the page that are no messages and were not typed: no days, months, zones or units either. */
    @SuppressWarnings("unchecked")
    private static List<String> plain(Page page, String typed) {
        return (List<String>) page.evaluate("""
                (typed) => {
                  const names = JSON.parse(typed).map((n) => n.replace(/\\u00a0/g, ' ').toLowerCase());
                  const known = /\\b(mon|tues?|wed|thur?s?|fri|sat|sun)(\\w*day)?\\b|\\b(jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)\\w*\\b|\\b(US|imp|gal|tsp|meq|ppm|mol|max)\\b|[A-Z]\\w+\\/[\\w/ -]+|Ca ?O? Mg ?O? S|Mg?[SN]O4|\\S*SO4\\S*|\\S*NO3\\S*|\\S*MoO4\\S*|CaCO|KNO3|Ctrl|CSV|PDF|JSON|mS\\/cm/gi;
                  const found = [];
                  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                  const left = (text) => {
                    let t = text.replace(/\\u00a0/g, ' ').toLowerCase();
                    for (const n of names) if (n && t.includes(n)) t = t.replaceAll(n, ' ');
                    return /[a-z]{3}/.test(t.replace(known, ' '));
                  };
                  while (walk.nextNode()) {
                    const e = walk.currentNode.parentElement;
                    if (e.closest('script, style, body [lang], [translate=no]')) continue;
                    if (left(walk.currentNode.data)) found.push(walk.currentNode.data.trim());
                  }
                  document.querySelectorAll('main [aria-label], main [placeholder], main [title]').forEach((e) =>
                    ['aria-label', 'placeholder', 'title'].forEach((a) => {
                      const t = e.getAttribute(a);
                      if (t && left(t)) found.push(a + '=' + t);
                    }));
                  return [...new Set(found)];
                }
                """, typed);
    }

    /** Opens a view, waits until it is there, and sees that it is no wider than the page. */
    private static void shown(Page page, String view) {
        opened(page, view);
        fits(page, view);
    }

    private static void fits(Page page, String view) {
        assertThat(wider(page)).as(view + " is wider than the page").isLessThanOrEqualTo(0);
    }

    private static void opened(Page page, String view) {
        page.navigate(view);
        for (String waiting : List.of("Fetching", "Calculating", "Ƒéţçĥîñĝ", "Çàļçûļàţîñĝ")) {
            assertThat(page.getByText(waiting)).hasCount(0);
        }
        assertThat(page.locator("main")).not().isEmpty();
    }

    private static int wider(Page page) {
        return (Integer) page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
    }

    private static List<String> faultsOf(Page page) {
        // a page without frames needs no second one to join what was found, and only faults are written out
        AxeRunOptions faultsOnly = new AxeRunOptions();
        faultsOnly.setResultTypes(List.of("violations"));
        return new AxeBuilder(page)
                        .options(faultsOnly)
                        .setLegacyMode(true)
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
            AtTheDesk.choose(page, "Plant", "cape primrose");
            page.getByLabel("Pot width", new Page.GetByLabelOptions().setExact(true))
                    .fill("13");
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Winter pot");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add this lot"))
                    .click();
            assertThat(page.getByText("Winter pot: saved.").first()).isVisible();
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Today").setExact(true))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winter pot: done"))
                    .click();
            assertThat(page.getByText("Done today")).isVisible();
            assertThat(page.getByText("Nothing is due.")).isVisible();
            assertThat(opened.complaints()).isEmpty();
        }
    }
}
