package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import evencistern.testkit.Api;
import evencistern.testkit.Plants;
import evencistern.testkit.PostgresSession;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The round on a phone, also while the server is away. */
class RoundPathTest {
    private static final int LOTS = 20;
    private static final String TODAY = "2026-05-14";

    private Path dir;
    private PostgresSession.Database database;

    @BeforeEach
    void database() {
        dir = PostgresSession.newFolder();
        database = PostgresSession.start(dir.resolve("pg"));
    }

    @AfterEach
    void cleanUp() {
        PostgresSession.stop(dir.resolve("pg"), true);
        PostgresSession.stop(dir, true);
    }

    private static void plant(Api api, JsonNode garden, String name) {
        Map<String, Object> lot = Plants.lot(garden, name, 1);
        lot.put("startedOn", "2026-05-01");
        // looked over for pests more often than its kind
        lot.put("traits", Map.of("look_days", "6"));
        api.put("/api/gardens/" + garden.path("id").asString() + "/lots", lot).ok();
    }

    private static List<JsonNode> waterings(Api api, String home) {
        List<JsonNode> all = new ArrayList<>();
        api.get(home + "/lots?limit=200")
                .ok()
                .path("lots")
                .forEach(l -> api.get(home + "/lots/" + l.path("id").asString() + "/journal")
                        .ok()
                        .forEach(all::add));
        return all;
    }

    /** Waits until the page's keeper has the page, the garden and the work of the day. */
    private static void awaitKept(Page page) {
        for (int i = 0; i < 120; i++) {
            Object kept = page.evaluate("""
                    async () => {
                      if (!navigator.serviceWorker.controller) return false;
                      const kept = (await (await caches.open("cistern-2")).keys()).map((k) => k.url);
                      return ["/today", "/api/catalogue", location.pathname.split("/")[2]]
                        .every((end) => kept.some((url) => url.endsWith(end)));
                    }""");
            if (Boolean.TRUE.equals(kept)) {
                return;
            }
            Cistern.pause(250);
        }
        throw new AssertionError("the page was not kept");
    }

    @Test
    void twentyTicksWhileTheServerIsAwayAreRecordedOnceEachAtTheirTime() {
        int port = Cistern.freePort();
        try (Browsers.Opened opened = Browsers.phone("http://127.0.0.1:" + port)) {
            Page page = opened.page();
            String home;
            try (Cistern cistern = Cistern.startEmpty(database, TODAY, port)) {
                JsonNode garden = cistern.api().freshGarden();
                home = "/api/gardens/" + garden.path("id").asString();
                for (int i = 1; i <= LOTS; i++) {
                    plant(cistern.api(), garden, String.format("Lot %02d", i));
                }
                page.navigate("/g/" + garden.path("id").asString() + "/today");
                assertThat(page.getByText(LOTS + " lots are due")).isVisible();
                // the page's keeper takes over and keeps what it fetches
                awaitKept(page);
                // but not what is looked for, of which there is no end
                Object kept = page.evaluate("""
                        async (lots) => {
                          await fetch(lots + "?find=lot&offset=0");
                          await fetch(lots + "?limit=7&offset=0");
                          const keys = (await (await caches.open("cistern-2")).keys()).map((k) => k.url);
                          return [keys.some((k) => k.includes("find=")), keys.some((k) => k.includes("limit=7"))];
                        }""", home + "/lots");
                assertThat(kept).isEqualTo(List.of(false, true));
            }
            Instant away = Instant.now();
            Locator done = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("done").setExact(false));
            for (int i = LOTS; i > 0; i--) {
                done.first().click();
            }
            assertThat(page.getByText(LOTS + " waiting to be sent")).isVisible();
            page.reload();
            assertThat(page.getByText("The server is not responding")).isVisible();
            assertThat(page.getByText(LOTS + " waiting to be sent")).isVisible();
            Instant ticked = Instant.now();
            Cistern.pause(3000);
            try (Cistern cistern = Cistern.startEmpty(database, TODAY, port)) {
                assertThat(page.getByText("waiting to be sent").first()).isHidden();
                List<JsonNode> waterings = waterings(cistern.api(), home);
                assertThat(waterings).hasSize(LOTS);
                assertThat(waterings)
                        .extracting(w -> w.path("lotId").asString())
                        .doesNotHaveDuplicates();
                assertThat(waterings).allSatisfy(w -> {
                    Instant at = Instant.parse(w.path("occurredAt").asString());
                    Instant recorded = Instant.parse(w.path("recordedAt").asString());
                    // the server's day is set, so what is compared is how long before the record the tick was
                    Duration ahead = Duration.between(at, recorded);
                    assertThat(ahead).isGreaterThanOrEqualTo(Duration.ofSeconds(3));
                    assertThat(ahead)
                            .isLessThan(Duration.between(away, Instant.now()).plusSeconds(5));
                });
                assertThat(Duration.between(away, ticked)).isLessThan(Duration.ofMinutes(2));
                assertThat(page.getByText("Nothing is due")).isVisible();
            }
        }
    }

    @Test
    void aPotIsWeighedAnotherLeftAndBothTakenBack() {
        try (Cistern cistern = Cistern.startEmpty(database, TODAY);
                Browsers.Opened opened = Browsers.phone(cistern.address())) {
            JsonNode garden = cistern.api().freshGarden();
            String home = "/api/gardens/" + garden.path("id").asString();
            plant(cistern.api(), garden, "Weighed one");
            plant(cistern.api(), garden, "Wet one");
            Page page = opened.page();
            page.navigate("/g/" + garden.path("id").asString() + "/today");
            page.getByLabel("Wet one: details or skip").click();
            page.getByLabel("Wet one: why it is skipped").selectOption("still_wet");
            page.getByLabel("Wet one: days it is postponed").fill("2");
            page.getByLabel("Wet one: skip").click();
            assertThat(page.getByText("skipped: still wet, until Sat 16 May")).isVisible();
            page.getByLabel("Weighed one: details or skip").click();
            page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("bone dry"))
                    .click();
            page.getByLabel("Weight of one pot before").fill("0.62 kg");
            page.getByLabel("Weighed one: done").click();
            assertThat(page.getByText("Nothing is due")).isVisible();
            assertThat(page.getByText("watered ·")).isVisible();
            List<JsonNode> rows = waterings(cistern.api(), home);
            assertThat(rows).hasSize(2);
            assertThat(rows)
                    .filteredOn(r -> r.at("/event/kind").asString().equals("watering"))
                    .singleElement()
                    .satisfies(r -> {
                        assertThat(r.at("/event/seen/beforeKg").asDouble()).isEqualTo(0.62);
                        assertThat(r.at("/event/seen/dryness").asString()).isEqualTo("bone_dry");
                    });
            page.getByLabel("Undo Weighed one").click();
            page.getByLabel("Undo Wet one").click();
            assertThat(page.getByText("2 lots are due")).isVisible();
        }
    }

    @Test
    void whatAnotherPersonDidMeanwhileIsSaidAndNotRecordedTwice() {
        try (Cistern cistern = Cistern.startEmpty(database, TODAY);
                Browsers.Opened opened = Browsers.phone(cistern.address())) {
            JsonNode garden = cistern.api().freshGarden();
            String home = "/api/gardens/" + garden.path("id").asString();
            plant(cistern.api(), garden, "Shared one");
            Page page = opened.page();
            page.navigate("/g/" + garden.path("id").asString() + "/today");
            assertThat(page.getByLabel("Shared one: done")).isVisible();
            JsonNode due = cistern.api()
                    .get(home + "/today")
                    .ok()
                    .path("groups")
                    .get(0)
                    .path("due")
                    .get(0);
            cistern.api()
                    .post(
                            home + "/ticks",
                            Map.of(
                                    "clientKey",
                                    "the-other-person",
                                    "items",
                                    List.of(Map.of(
                                            "lotId",
                                            due.path("lot").path("id").asString(),
                                            "item",
                                            due.path("item").asString()))))
                    .ok();
            page.getByLabel("Shared one: done").click();
            assertThat(page.getByText("Not recorded")).isVisible();
            page.getByLabel("Seen Shared one").click();
            assertThat(page.getByText("Not recorded")).isHidden();
            assertThat(waterings(cistern.api(), home)).hasSize(1);
        }
    }

    /** What a thumb says of pests and of what was used stands in the list, and is taken back by one press. */
    @Test
    void careIsTickedWithWhatWasFoundAndTakenBack() {
        try (Cistern cistern = Cistern.startEmpty(database, TODAY, Cistern.freePort());
                Browsers.Opened opened = Browsers.phone(cistern.address())) {
            Page page = opened.page();
            JsonNode garden = cistern.api().freshGarden();
            plant(cistern.api(), garden, "Fern");
            page.navigate("/g/" + garden.path("id").asString() + "/today");
            page.getByLabel("Fern: Turn by a quarter: done").click();
            assertThat(page.getByText("Turn by a quarter ·")).isVisible();
            page.getByLabel("Fern: Check for pests: details").click();
            page.getByText("a few", new Page.GetByTextOptions().setExact(true)).click();
            page.getByLabel("A product was used").fill("Gorse Soap");
            assertThat(page.getByRole(AriaRole.NOTE)).containsText("label is the law");
            page.getByLabel("Fern: Check for pests: done").click();
            Locator done = page.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("found: a few; used: Gorse Soap"));
            assertThat(done).isVisible();
            done.getByText("Undo").click();
            assertThat(page.getByLabel("Fern: Check for pests: done")).isVisible();
            assertThat(page.getByLabel("Fern: Turn by a quarter: done")).isHidden();
        }
    }
}
