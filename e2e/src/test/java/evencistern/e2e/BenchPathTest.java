package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import evencistern.testkit.Plants;
import evencistern.testkit.PostgresSession;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A garden lived in: many lots at once, the shelf, edits by two, and the garden carried away in a file. */
class BenchPathTest extends AtTheDesk {
    private Locator lots() {
        return page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName("Lots").setExact(true));
    }

    private Locator in(Locator part, String name) {
        return part.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void manyLotsAreMovedAtOnceAndTheMoveIsTakenBack() {
        plant("Left one", 3);
        plant("Right one", 3);
        plant("Stays behind", 3);
        page.navigate(home + "/bench");
        page.getByLabel("Select Left one").check();
        page.getByLabel("Select Right one").check();
        in(page.getByLabel("Actions for the selected lots"), "Move").click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        assertThat(panel).containsText("Move 2 lots");
        panel.getByLabel("To", new Locator.GetByLabelOptions().setExact(true))
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Open bench"));
        in(panel, "Move").click();
        assertThat(page.getByText("2 lots: moved.").first()).isVisible();
        Locator listed = lots().getByRole(AriaRole.LISTITEM);
        assertThat(listed.nth(1)).containsText("Open bench");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first()
                .click();
        assertThat(page.getByText("Undone.").first()).isVisible();
        assertThat(lots()).not().containsText("Open bench");
    }

    @Test
    void aLotIsWateredFromAReservoirOrDunkedWithoutMix() {
        String lot = plant("By the door", 1);
        page.navigate(home + "/bench/" + lot);
        part("Pot and plant");
        field("Watered").selectOption("RESERVOIR");
        field("It holds").fill("0.8");
        assertThat(page.getByText("The reservoir holds 800 mL")).isVisible();
        button("Save changes").click();
        assertThat(page.getByText("Saved").first()).isVisible();
        page.navigate(home + "/today");
        assertThat(page.getByText("into the reservoir")).isVisible();
        button("By the door: done").click();
        page.navigate(home + "/bench/" + lot + "?tab=journal");
        assertThat(page.getByText("800 mL each pot; reservoir or wick")).isVisible();
        part("Pot and plant");
        field("Watered").selectOption("DUNKED");
        field("Mix").selectOption("bare");
        assertThat(page.getByText("20 min in a tub that covers its roots")).isVisible();
        field("Watered").selectOption("TOP");
        assertThat(page.getByText("Without a mix nothing holds water").first()).isVisible();
    }

    @Test
    void theLeastKnownPotsAreListedFirstAndToldHowLongTheyLast() {
        plant("Known by nobody", 1);
        page.navigate(home + "/bench");
        link("How well does it know my pots?").click();
        assertThat(page.getByText("not learned yet")).isVisible();
        link("Known by nobody").click();
        part("Pot and plant");
        field("Lasts, watered to dry").fill("9 d");
        button("Save changes").click();
        assertThat(page.getByText("Saved").first()).isVisible();
        page.navigate(home + "/known?find=nobody");
        assertThat(page.getByText("times the plan, from one figure")).isVisible();
    }

    /** A pot that cannot wait for the next day has a mark for each part of it, kept until the last is made. */
    @Test
    void aPotThatIsWateredMoreThanOnceADayHasAMarkForEachPart() {
        Map<String, Object> lot = Plants.lot(garden, "Thirsty", 1);
        lot.put("watering", Map.of("way", "RESERVOIR", "holds", Map.of("text", "15", "unit", "mL")));
        CISTERN.api().put(data + "/lots", lot).ok();
        page.navigate(home + "/today");
        Locator parts =
                page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Thirsty: parts of the day"));
        Locator marks = parts.getByRole(AriaRole.BUTTON);
        assertThat(marks.first()).isVisible();
        int times = marks.count();
        assertThat(times).isBetween(2, 4);
        button("Thirsty: Morning done").click();
        page.reload();
        assertThat(button("Thirsty: Morning done")).hasAttribute("aria-pressed", "true");
        for (int i = 1; i < times; i++) {
            marks.nth(i).click();
        }
        assertThat(parts).isHidden();
        assertThat(page.getByText("Thirsty").first()).isVisible();
    }

    @Test
    void theBenchIsSearchedAndFiltered() {
        plant("Kitchen fern", 3);
        plant("Porch fern", 3);
        plant("Stairs", 3);
        page.navigate(home + "/bench");
        Locator listed = lots().getByRole(AriaRole.LISTITEM);
        assertThat(listed).hasCount(3);
        page.getByLabel("Find a lot").fill("fern");
        assertThat(listed).hasCount(2);
        assertThat(page).hasURL(java.util.regex.Pattern.compile("find=fern"));
        page.getByText("off target 0").click();
        assertThat(page.getByText("No lot matches.")).isVisible();
    }

    @Test
    void aLotIsDuplicatedSplitNotedAndRetiredByHand() {
        String lot = plant("Heather", 3);
        page.navigate(home + "/bench/" + lot);
        more("Split");
        field("Pots to split off").fill("3");
        in(page.getByRole(AriaRole.DIALOG), "Split").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("the largest value accepted is 2");
        field("Pots to split off").fill("1");
        in(page.getByRole(AriaRole.DIALOG), "Split").click();
        assertThat(page.getByText("Heather: split in two.").first()).isVisible();
        button("Note").click();
        field("What did you see?").fill("first flower");
        button("Save note").click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Journal"))
                .click();
        Locator journal = page.getByRole(AriaRole.TABLE);
        assertThat(journal).containsText("first flower");
        assertThat(journal).containsText("3 → 2 pots");
        button("Log a watering").click();
        field("On").fill("2026-05-10");
        field("Each pot got").fill("250 mL");
        button("Record it").click();
        assertThat(journal).containsText("250 mL each pot");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Edit row"))
                .last()
                .click();
        field("Each pot got").fill("0.3");
        in(page.getByRole(AriaRole.DIALOG), "Edit").click();
        assertThat(journal).containsText("300 mL each pot");
        more("Duplicate");
        assertThat(field("Name")).hasValue("Heather, another");
        button("Add this lot").click();
        assertThat(page.getByText("Heather, another: saved.").first()).isVisible();
        more("Retire");
        field("Why").fill("given away");
        in(page.getByRole(AriaRole.DIALOG), "Retire").click();
        assertThat(page.getByText("Retired since")).isVisible();
    }

    @Test
    void whatAnotherWindowSavedMeanwhileIsShownBesideMineAndAPersonChooses() {
        String lot = plant("Fern", 3);
        page.navigate(home + "/bench/" + lot + "?tab=pot");
        field("Name").fill("Fern, mine");
        Page other = opened.context().newPage();
        other.navigate(home + "/bench/" + lot + "?tab=pot");
        other.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Fern, theirs");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save changes"))
                .click();
        assertThat(other.getByText("Fern, theirs: saved.").first()).isVisible();
        button("Save changes").click();
        assertThat(page.getByText("This was changed in the meantime")).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Fern, theirs");
        assertThat(field("Name")).hasValue("Fern, mine");
        button("Save mine instead").click();
        assertThat(page.getByText("Fern, mine: saved.").first()).isVisible();
        assertThat(page.getByText("This was changed in the meantime")).isHidden();
    }

    @Test
    void aTrayAndABasketAreDrawnAsTheyAre() {
        String lot = plant("Shapes", 3);
        page.navigate(home + "/bench/" + lot + "?tab=pot");
        field("Pot, inside").selectOption("box");
        field("Length").fill("40");
        field("Width").fill("20");
        field("Height").fill("5");
        page.getByText("Gap below the rim").click();
        field("Gap at rim").fill("0 %");
        // 40 × 20 × 5 cm, filled to the rim
        assertThat(page.getByLabel("Answer")).containsText("4.0 L");
        field("Pot, inside").selectOption("basket");
        field("Rim, across").fill("30");
        field("Depth").fill("15");
        // half a ball of 30 cm: 2/3 · π · 15³ = 7.07 L
        assertThat(page.getByLabel("Answer")).containsText("7.1 L");
        field("Depth").fill("16");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("the largest value accepted");
    }

    @Test
    void stockIsCountedAThingIsPutAwayAndTheLastOneIsNot() {
        page.navigate(home + "/shelf");
        field("Also count").selectOption("peat_perlite");
        field("Amount now").fill("1 ft³");
        button("Save").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Stock")))
                .containsText("28 L");
        button("Change Can").click();
        button("Archive").click();
        assertThat(page.getByText("This is the last one of its type").first()).isVisible();
        button("Cancel").click();
        button("Change Open bench").click();
        button("Archive").click();
        assertThat(page.getByText("Archived.").first()).isVisible();
        assertThat(page.getByLabel("Places")).not().containsText("Open bench");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .last()
                .click();
        assertThat(page.getByLabel("Places")).containsText("Open bench");
    }

    @Test
    void spoonsThatAreNotOwnedAreNotAskedFor() {
        page.navigate(home + "/garden");
        page.getByLabel("⅛ teaspoon").uncheck();
        page.getByLabel("¼ teaspoon").uncheck();
        button("Save").click();
        assertThat(page.getByText("Saved.").first()).isVisible();
        assertThat(CISTERN.api().get(data).ok().path("spoons").size()).isEqualTo(3);
    }

    @Test
    void everythingIsFoundAndDoneByTheKeys() {
        plant("Larch", 3);
        page.navigate(home + "/today");
        assertThat(page.getByText("1 lot is due")).isVisible();
        page.keyboard().press("b");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/bench"));
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("undo the last change");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+k");
        Locator find = page.getByPlaceholder("A lot, a feed, a page, a command");
        find.fill("yellow leaves");
        assertThat(page.getByRole(AriaRole.OPTION)).hasText("Single nutrients");
        find.fill("larch");
        // the lot, and beneath it the plant of the guide
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(2);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Larch").setLevel(1)))
                .isVisible();
        // a letter typed into a field is a letter
        part("Pot and plant");
        field("Name").fill("");
        page.keyboard().type("bough");
        assertThat(field("Name")).hasValue("bough");
        page.locator("h1").click();
        page.keyboard().press("g");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/garden"));
        page.keyboard().press("u");
        assertThat(page.getByText("Undone.").first()).isVisible();
    }

    @Test
    void onPaperThereIsEveryRowAndNoButtonToPress() {
        plant("Larch", 3);
        for (int i = 0; i < 35; i++) {
            plant("Seedling " + i, 3);
        }
        page.navigate(home + "/bench");
        assertThat(page.getByText("Larch")).isVisible();
        int inSight = lots().getByRole(AriaRole.LISTITEM).count();
        assertThat(inSight).isLessThan(36);
        page.evaluate("() => window.dispatchEvent(new Event('beforeprint'))");
        assertThat(lots().getByRole(AriaRole.LISTITEM)).hasCount(36);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.getByText("Larch")).isVisible();
        assertThat(page.getByRole(AriaRole.NAVIGATION)).isHidden();
        assertThat(button("Add a lot")).isHidden();
    }

    @Test
    void theGardenIsCarriedAwayInAFileAndLivesOnElsewhere() {
        plant("Traveller", 3);
        page.navigate(home + "/garden?part=files");
        Download download = page.waitForDownload(
                () -> page.getByText("The whole garden, as one file").click());
        Path file = PostgresSession.newFolder().resolve("garden.json");
        download.saveAs(file);
        Path dir = PostgresSession.newFolder();
        try (Cistern empty = Cistern.startEmpty(PostgresSession.start(dir), "2026-05-14");
                Browsers.Opened elsewhere = Browsers.desk(empty.address())) {
            Page there = elsewhere.page();
            there.navigate("/");
            there.getByText("Do you have a garden file from before?").click();
            there.getByLabel("Restore a garden from its file").setInputFiles(file);
            assertThat(there.getByText("1 lot is due")).isVisible();
            assertThat(there.getByText("Traveller")).isVisible();
            assertThat(elsewhere.complaints()).isEmpty();
        } finally {
            PostgresSession.stop(dir, true);
        }
    }

    @Test
    void theMixOfALotGrowsOldAndIsRenewedInPart() {
        String lot = plant("Cape primrose", 3);
        page.navigate(home + "/bench/" + lot + "?tab=mix");
        assertThat(page.getByText("almost nothing of its life is used up").first())
                .isVisible();
        field("it smells sour or rotten").check();
        assertThat(page.getByText("Repot at once")).isVisible();
        button("Record fresh mix …").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("in part"))
                .click();
        field("Fresh, of the whole").fill("0");
        button("Record it").click();
        assertThat(page.getByText("The share of fresh mix is 0 %")).isVisible();
        field("Fresh, of the whole").fill("40");
        button("Record it").click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Journal"))
                .click();
        assertThat(page.getByText("40 % of it fresh")).isVisible();
    }

    @Test
    void labelsForThoseChosenAreInTheDownloadsAndAWrongNumberIsToldInItsPlace() {
        plant("Fern by the door", 3);
        plant("Fern on the sill", 3);
        page.navigate(CISTERN.address() + home + "/bench");
        page.getByLabel("Select all 2").check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Labels"))
                .click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        assertThat(panel).containsText("works on this machine only");
        panel.getByText("one per pot: 6").click();
        panel.getByLabel("Labels already used").fill("30");
        panel.getByText("Make 6 labels").click();
        assertThat(panel.getByRole(AriaRole.ALERT)).containsText("Labels already used");
        panel.getByLabel("Labels already used").fill("20");
        Download labels =
                page.waitForDownload(() -> panel.getByText("Make 6 labels").click());
        assertThat(labels.suggestedFilename()).endsWith("labels.pdf");
        assertThat(panel.getByRole(AriaRole.STATUS)).containsText("In your downloads");
    }
}
