package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import evencistern.testkit.PostgresSession;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The pen and the pot: calibrated, read step by step, judged, acted on. */
class ReadingPathTest extends AtTheDesk {
    private String lot;

    @BeforeEach
    void aLot() {
        lot = plant("Primrose by the sink", 1);
    }

    private void readings() {
        page.navigate(home + "/bench/" + lot + "?tab=readings");
    }

    @Test
    void aPenIsCalibratedAndBelievedMoreAndThatIsTakenBack() {
        readings();
        field("pH").fill("6.6");
        assertThat(page.getByText("pH was never calibrated")).isVisible();
        assertThat(page.getByText("probably above the target").first()).isVisible();
        text("Calibrate").first().click();
        field("Shown in pH 7.00").fill("4.1");
        field("Shown in pH 4.01").fill("7.1");
        button("Save").click();
        assertThat(page.getByText("Are the two bottles swapped?")).isVisible();
        field("Shown in pH 7.00").fill("7.1");
        field("Shown in pH 4.01").fill("4.1");
        button("Save").click();
        assertThat(page.getByText("Saved.").first()).isVisible();
        Locator standing = page.getByLabel("Condition");
        assertThat(standing).containsText("± 0.10");
        assertThat(page.getByText("showed 4.10 in 4.01, 7.10 in 7.00")).isVisible();
        readings();
        assertThat(page.getByText("above the target", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        assertThat(page.getByText("never calibrated")).hasCount(0);
        page.navigate(home + "/garden?part=done");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first()
                .click();
        readings();
        assertThat(page.getByText("pH was never calibrated")).isVisible();
    }

    @Test
    void aPourThroughIsLedStepByStepAndItsClockOutlivesAReload() {
        readings();
        field("How it is taken").selectOption("pour_through");
        assertThat(page.getByText("of distilled water slowly over the whole surface"))
                .isVisible();
        button("Start 60 min").click();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText("to go");
        page.reload();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText("to go");
        field("TDS or EC").fill("3.1 mS/cm");
        assertThat(page.getByText("Target range: pour-through, greenhouse peat, feeding needs: medium."))
                .isVisible();
        assertThat(page.getByText("within the target").first()).isVisible();
        field("How it is taken").selectOption("runoff");
        assertThat(page.getByText("above the target").first()).isVisible();
        button("Record").click();
        assertThat(text("Reading recorded.")).isVisible();
        assertThat(page.getByLabel("Every reading")).containsText("EC above the target");
    }

    @Test
    void whatAReadingAsksForIsOneTapFromThePlanAndTheNextReadingEndsIt() {
        readings();
        field("TDS or EC").fill("3.1 mS/cm");
        button("Record").click();
        Locator last = page.getByText("The last reading,");
        assertThat(last).isVisible();
        button("Add to the plan: Measure again").click();
        assertThat(page.getByText("Added to the plan.").first()).isVisible();
        assertThat(field("Added to the plan")).containsText("Measure again · due Sun 24 May");
        button("Remove").click();
        assertThat(page.getByText("Removed from the plan.").first()).isVisible();
        button("Undo").last().click();
        assertThat(page.getByText("Measure again · due")).isVisible();
        field("TDS or EC").fill("1.4 mS/cm");
        assertThat(page.getByText("within the target").first()).isVisible();
        button("Record").click();
        assertThat(page.getByText("what was done worked")).isVisible();
        assertThat(page.getByText("Measure again · done Thu 14 May")).isVisible();
    }

    @Test
    void whatIsToBeDoneIsTickedInTheRound() {
        readings();
        field("pH").fill("8.4");
        button("Record").click();
        button("Add to the plan: Measure the water's alkalinity").click();
        page.navigate(home + "/today");
        Locator todos = page.getByLabel("After readings");
        assertThat(todos).containsText("Measure the water's alkalinity");
        todos.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
                .click();
        assertThat(todos).hasCount(0);
        button("Undo").last().click();
        assertThat(page.getByLabel("After readings")).containsText("Primrose by the sink");
    }

    private void second() {
        plant("Primrose on the sill", 1);
    }

    @Test
    void manyPotsAreReadByKeyboardAndAScannedCodeFindsItsPot() {
        second();
        page.navigate(home + "/bench");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Record readings"))
                .click();
        field("pH of Primrose by the sink").fill("5.9");
        page.keyboard().press("Enter");
        page.keyboard().type("1.4 mS/cm");
        page.keyboard().press("Enter");
        assertThat(page.getByText("✓ pH 5.9 within the target")).isVisible();
        assertThat(field("pH of Primrose on the sill")).isFocused();
        page.keyboard().type("58");
        button("Record Primrose on the sill").click();
        assertThat(page.getByText("Did you mean 5.8?")).isVisible();
        assertThat(field("pH of Primrose on the sill")).hasValue("58");
        field("Find, or scan a label's code").fill(CISTERN.address() + home + "/bench/" + lot);
        assertThat(field("pH of Primrose by the sink")).isFocused();
        button("Undo the reading of Primrose by the sink").click();
        assertThat(page.getByText("Undone.").first()).isVisible();
        assertThat(page.getByText("✓ pH 5.9")).hasCount(0);
        assertThat(CISTERN.api()
                        .get(data + "/lots/" + lot + "/readings")
                        .ok()
                        .path("readings")
                        .size())
                .isZero();
    }

    @Test
    void aConnectedPenIsHeardAndItsFiguresTakenAndWhenItGoesThatIsSaid() throws java.io.IOException {
        Process pen = new ProcessBuilder(
                        "java",
                        "server/src/main/java/evencistern/server/standin/PenStandIn.java",
                        "port=0",
                        "ph=6.9",
                        "ec=1.5")
                .directory(PostgresSession.root().toFile())
                .redirectErrorStream(true)
                .start();
        try (BufferedReader says =
                new BufferedReader(new InputStreamReader(pen.getInputStream(), StandardCharsets.UTF_8))) {
            Matcher port = Pattern.compile("127\\.0\\.0\\.1:(\\d+)").matcher(says.readLine());
            assertThat(port.find()).isTrue();
            page.navigate(home + "/shelf");
            button("Change Pen meter").click();
            field("Connected on port").fill(port.group(1));
            button("Save").click();
            readings();
            button("Listen to Pen meter").click();
            assertThat(page.getByText("… settling").first()).isVisible();
            button("Use it as it is").click();
            assertThat(field("pH")).hasValue(Pattern.compile("(6\\.9|7\\.0).*"));
            button("Listen to Pen meter").click();
            assertThat(page.getByText("… settling").first()).isVisible();
        } finally {
            pen.destroyForcibly();
        }
        assertThat(page.getByText("The connection to the pen broke.")).isVisible();
        assertThat(field("pH")).hasValue(Pattern.compile("(6\\.9|7\\.0).*"));
    }

    /** Five runoffs ten days apart, each a little saltier than the one before. */
    private void readFiveTimes() {
        for (int i = 0; i < 5; i++) {
            CISTERN.api()
                    .post(
                            data + "/lots/" + lot + "/readings",
                            Map.of(
                                    "clientKey", UUID.randomUUID().toString(),
                                    "meterId",
                                            garden.path("meters")
                                                    .get(0)
                                                    .path("id")
                                                    .asString(),
                                    "ec", Map.of("text", (11 + 2 * i) / 10.0 + "", "unit", "mS/cm"),
                                    "occurredAt", LocalDate.of(2026, 3, 26).plusDays(10L * i) + "T08:00:00Z"))
                    .ok();
        }
    }

    @Test
    void readingsPrintWithTheirChartsAndWithoutWhatIsForTyping() {
        readFiveTimes();
        readings();
        Locator charts = page.locator(".recharts-surface");
        assertThat(charts).hasCount(2);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        page.setViewportSize(794, 1123);
        assertThat(page.getByText("New reading")).isHidden();
        assertThat(page.getByText("Flushed by")).isHidden();
        double paper = page.viewportSize().width;
        assertThat(charts.first().boundingBox().width).isBetween(paper * 0.8, paper);
        assertThat(charts.last().boundingBox().width).isBetween(paper * 0.8, paper);
    }

    @Test
    void whereReadingsAreHeadingStandsByTheChartAndManyLotsStandSideBySide() {
        readFiveTimes();
        readings();
        assertThat(page.getByText("EC rises by 0.60 mS/cm a month, from 5 readings. It leaves the target range about"))
                .isVisible();
        page.navigate(home + "/readings/small");
        Locator small = page.getByLabel("Lots, small charts");
        assertThat(small).containsText("Primrose by the sink");
        assertThat(small.getByRole(AriaRole.IMG)).hasCount(1);
        field("Taken as").selectOption("soak");
        assertThat(page.getByText("No readings of this type yet.")).isVisible();
    }

    @Test
    void theSaltOfAPotIsAnAccountAndAFlushCanGoByItWhileTheLotIsWrittenOn() {
        page.navigate(home + "/bench/" + lot);
        part("Pot and plant");
        field("Name").fill("Primrose by the tap");
        part("Health");
        Locator account = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Salt account"));
        assertThat(account).containsText("Present now");
        assertThat(account).containsText("waterings");
        account.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Salt account"))
                .click();
        assertThat(page.getByText(
                        "Primrose by the sink: flushed by its salt account.",
                        new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        account.getByTitle("Show the working").first().click();
        assertThat(page.getByText("Salt in the drained pot by the account")).isVisible();
        page.keyboard().press("Escape");
        part("Pot and plant");
        assertThat(page.getByText("changed in the meantime")).isHidden();
        text("Save changes").click();
        assertThat(page.getByText("Primrose by the tap: saved").first()).isVisible();
        part("Health");
        page.reload();
        assertThat(account.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Salt account")))
                .isChecked();
    }

    @Test
    void aSheetOfReadingsIsLookedAtBroughtInAndTakenBack() {
        page.navigate(home + "/garden?part=files");
        page.getByLabel("Readings from a sheet")
                .setInputFiles(new FilePayload(
                        "spring.csv",
                        "text/csv",
                        "lot;at;ph;ec\nPrimrose by the sink;2026-04-01;5,9;1,3\nPrimrose by the sink;2026-04-02;58;1\n"
                                .getBytes(StandardCharsets.UTF_8)));
        Locator in = field("Readings in");
        assertThat(in).containsText("1 new, 0 already here, 1 that cannot be read");
        assertThat(in).containsText("Line 3: pH 58 is not possible. Did you mean 5.8?");
        button("Import").click();
        assertThat(in).containsText("1 imported");
        readings();
        assertThat(page.getByLabel("Every reading")).containsText("5.9");
    }

    /** From the lot: two looks name what is likely; an answer is changed; the way back undoes it; a step is planned and undone. */
    @Test
    void whatAilsItIsFoundLookByLookAndActedOn() {
        page.navigate(home + "/bench/" + lot + "?tab=health");
        link("Find out what ails it →").click();
        assertThat(page.getByText("Two looks, and it says what is likely.")).isVisible();
        button("new leaves").click();
        button("silver streaks, black specks").click();
        Locator likely = region("What is likely");
        assertThat(likely.getByRole(AriaRole.LISTITEM).first()).containsText("Thrips");
        assertThat(likely).containsText("Something else");
        assertThat(likely).containsText("times as common with it");
        text("What would change this").click();
        assertThat(page.getByText("Look beneath the leaves").first()).isVisible();
        text("On record").click();
        assertThat(page.getByText("air not dry")
                        .or(page.getByText("dry air").first())
                        .first())
                .isVisible();
        button("Change How do the leaves look there?").click();
        button("pale between green veins").click();
        assertThat(likely.getByRole(AriaRole.LISTITEM).first()).containsText("Iron locked up by a high pH");
        page.goBack();
        page.goBack();
        assertThat(likely.getByRole(AriaRole.LISTITEM).first()).containsText("Thrips");
        button("Cannot say").click();
        likely.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Plan it"))
                .first()
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByLabel("Against what")).hasValue("Thrips");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add to the plan"))
                .click();
        assertThat(dialog).hasCount(0);
        link("← Back to the lot").click();
        assertThat(region("Treatments")).containsText("Thrips");
    }

    @Test
    void theFinderLeadsToWhatAilsAPlant() {
        page.navigate(home + "/bench");
        assertThat(link("Primrose by the sink").first()).isVisible();
        page.keyboard().press("Control+k");
        page.getByPlaceholder("A lot, a feed, a page, a command").fill("diagnosis");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("What ails a plant"))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Primrose by the sink"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What is wrong with")))
                .isVisible();
    }
}
