package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import evencistern.testkit.Plants;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A mix as a grower makes it: parts, pots, lime, a component measured, a batch for a list of pots. */
class MixPathTest extends AtTheDesk {
    private static final int MORE_THAN_A_PAGE = 64;

    private Locator answer() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Result"));
    }

    /** A garden has more lots than one answer holds: each is found by what is typed. */
    @Test
    void thePotOfAnyLotIsFoundByItsName() {
        for (int i = 1; i <= MORE_THAN_A_PAGE; i++) {
            plant(String.format("Batch %02d", i), i);
        }
        page.navigate(home + "/mixes/peat_perlite/batch");
        page.getByText("like those of a lot").click();
        assertThat(page.getByText("And 4 more: type part of the name.")).isVisible();
        page.getByPlaceholder("Find a lot").fill("h 64");
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(field("Batch 64: how many")).hasValue("64");
    }

    @Test
    void aMixIsTypedDraggedLimedAndKept() {
        page.navigate(home + "/mixes");
        button("Add a mix").click();
        field("Name").fill("For the tall pots");
        field("Sphagnum peat, medium: parts").fill("2½");
        assertThat(page.getByText("71 %").first()).isVisible();
        page.getByRole(AriaRole.SLIDER).first().focus();
        page.keyboard().press("ArrowLeft");
        assertThat(field("Measured in")).hasValue("percent");
        assertThat(field("Sphagnum peat, medium: %")).hasValue("70");
        choose("Add", "pumice 3");
        assertThat(field("Pumice 3–8 mm: %")).hasValue("1");
        choose("For the plant", "cape primrose");
        assertThat(answer()).containsText("of dolomite per litre of mix");
        answer().getByTitle("Show the working").last().click();
        assertThat(page.getByText("Lime for a litre of mix")).isVisible();
        page.keyboard().press("Escape");
        choose("For the plant", "pitcher");
        field("pH wanted").fill("5.5");
        assertThat(answer().getByText("Never lime the mix of a carnivorous plant"))
                .isVisible();
        choose("For the plant", "cape primrose");
        field("Mix in").selectOption("coated_feed");
        button("low 2").click();
        assertThat(answer()).containsText("Adds N 320");
        button("Save this mix").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("For the tall pots")))
                .isVisible();
        page.reload();
        assertThat(field("Name")).hasValue("For the tall pots");
        page.keyboard().press("u");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("For the tall pots")))
                .hasCount(1); // it stands open still, put away
    }

    @Test
    void partsOfNothingAreToldAndNothingIsLost() {
        page.navigate(home + "/mixes/peat_perlite");
        field("Sphagnum peat, medium: parts").fill("0");
        field("Perlite, coarse: parts").fill("none");
        assertThat(page.getByText("Write it as 2.5").first()).isVisible();
        field("Perlite, coarse: parts").fill("0");
        assertThat(page.getByText("add up to zero").first()).isVisible();
        page.reload();
        assertThat(field("Perlite, coarse: parts")).hasValue("0");
        button("Discard changes").click();
        assertThat(field("Perlite, coarse: parts")).hasValue("1");
    }

    /** A pot of 2 L, so many centimetres deep: what ran out in mL, and its 200 g of mix weighed drained. */
    private void soak(String depth, String ranOut, String drained) {
        field("Volume, settled").fill("2");
        field("Depth of mix").fill(depth);
        field("What ran out").fill(ranOut);
        field("Drained").fill(drained);
        field("Oven-dry").fill("200");
    }

    /** What 2 L held is arithmetic: 400 mL of air are 20 %, 1 220 g of water 61 %; 560 mL 28 %, 1 060 g 53 %. */
    @Test
    void aMixIsMeasuredInTwoPotsAndPlannedByThem() {
        page.navigate(home + "/mixes/peat_perlite");
        button("Measure this mix in a pot").click();
        soak("14", "400", "1420");
        button("Use these figures").click();
        assertThat(answer()).containsText("In 14 cm: 20 % air, 61 % water");
        button("Measure it in a taller or lower pot too").click();
        soak("25", "560", "1260");
        button("Use these figures").click();
        assertThat(answer()).containsText("In 25 cm: 28 % air, 53 % water");
        button("Save changes").click();
        assertThat(page.getByText("Saved").first()).isVisible();
        page.reload();
        assertThat(answer()).containsText("In 14 cm: 20 % air, 61 % water");
        field("Perlite, coarse: parts").fill("3");
        assertThat(answer()).containsText("For other parts it does not count");
        button("Discard changes").click();
        button("Remove this measurement").click();
        assertThat(answer()).containsText("Worked out from its components");
    }

    @Test
    void aComponentIsMeasuredInAPotAndTheMixesFollow() {
        page.navigate(home + "/mixes/components?open=peat_medium");
        button("Measure its water and air in a pot").click();
        soak("14", "400", "1420");
        assertThat(page.getByText("20 ± 0.8 %")).isVisible();
        button("Use these figures").click();
        assertThat(field("Water, drained")).hasValue("61.0");
        button("Save").click();
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Sphagnum peat, medium"))))
                .containsText("measured");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first()
                .click();
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Sphagnum peat, medium"))))
                .containsText("typical");
    }

    @Test
    void aBatchIsMadeForPotsRecordedAndItsCardPrinted() {
        page.navigate(home + "/mixes/peat_perlite");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Make a batch →"))
                .click();
        field("13 cm pot: how many").fill("12");
        Locator tip = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What goes in"));
        assertThat(tip).containsText("in 1 load");
        assertThat(tip).containsText("Legionella");
        assertThat(tip).containsText("Dolomite");
        button("Add a pot by its size").click();
        field("Name").fill("Terracotta");
        button("Done").click();
        field("Terracotta: how many").fill("2");
        button("Record this batch").click();
        Locator card = page.getByRole(AriaRole.ARTICLE);
        assertThat(card).containsText("№ 1");
        assertThat(card).containsText("12 × 13 cm pot, 2 × Terracotta");
        button("Add its pH, its bags or a note").click();
        field("Its first pH, measured a week after mixing").fill("5,7");
        field("Perlite, coarse").fill("Lot 44");
        button("Save").click();
        assertThat(card).containsText("First pH: 5.7");
        assertThat(card).containsText("bag Lot 44");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Beside the other batches")))
                .containsText("once three batches of its mix have two lots each that were read");
        button("Pot labels").click();
        Download labels =
                page.waitForDownload(() -> page.getByText("Make 14 labels").click());
        assertThat(labels.suggestedFilename()).endsWith("labels.pdf");
        page.navigate(home + "/mixes/batches");
        assertThat(page.getByText("№ 1")).isVisible();
    }

    /** A bag of 20 L with handfuls of something else: the others in litres, the one by the hand. */
    @Test
    void handfulsGoIntoABoughtBag() {
        page.navigate(home + "/mixes");
        button("Add a mix").click();
        field("Name").fill("Bag and handfuls");
        field("Measured in").selectOption("litres");
        field("Sphagnum peat, medium: litres").fill("20");
        field("Perlite, coarse: measured in").selectOption("handfuls");
        field("Perlite, coarse: handfuls").fill("7");
        assertThat(page.getByText("A handful takes 150 mL.")).isVisible();
        // 7 · 0.15 L in 21.05 L
        assertThat(page.getByText("5.0 %", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button("Save this mix").click();
        assertThat(link("Bag and handfuls")).isVisible();
        page.reload();
        assertThat(field("Perlite, coarse: handfuls")).hasValue("7");
        field("Measured in").selectOption("parts");
        // 7 of 0.15 L: the mix stays what it was
        assertThat(field("Perlite, coarse: parts")).hasValue("1.05");
        assertThat(page.getByText("5.0 %", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void whatIsStirredInIsCountedOnTheShelfAndDrawnByABatch() {
        page.navigate(home + "/shelf");
        field("Also count").selectOption(new SelectOption().setLabel("Dolomite"));
        field("Amount now").fill("500 g");
        button("Save").click();
        assertThat(region("Stock")).containsText("500 g");
        page.navigate(home + "/mixes/peat_perlite/batch");
        field("13 cm pot: how many").fill("12");
        assertThat(region("What goes in")).containsText("on the shelf: 500 g");
        button("Record this batch").click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("№ 1");
        page.navigate(home + "/shelf");
        assertThat(region("Stock").getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Dolomite")))
                .containsText(Pattern.compile("Dolomite4\\d\\d"));
    }

    /** Four batches of two lots each, of which the last falls by 1.4 from the eighth week on. */
    @Test
    void aBatchThatGoesOffIsToldOnTheListOnItsCardAndAtItsLot() {
        String lot = "";
        for (int b = 0; b < 4; b++) {
            String batch = UUID.randomUUID().toString();
            CISTERN.api()
                    .put(
                            data + "/batches",
                            Map.of(
                                    "id",
                                    batch,
                                    "recipe",
                                    "peat_perlite",
                                    "madeOn",
                                    "2026-01-15",
                                    "fills",
                                    List.of(),
                                    "litres",
                                    Plants.typed("20", "L"),
                                    "notes",
                                    "",
                                    "version",
                                    0))
                    .ok();
            for (int l = 0; l < 2; l++) {
                lot = readEveryFourWeeks(batch, b, l);
            }
        }
        page.navigate(home + "/mixes/batches");
        Locator off = region("Batches that read unlike the others");
        assertThat(off).containsText("lower");
        assertThat(off).containsText("week 8");
        off.getByRole(AriaRole.LINK).click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("№ 4");
        assertThat(region("Beside the other batches")).containsText("lower");
        page.navigate(home + "/bench/" + lot + "?tab=health");
        assertThat(region("Batches that read unlike the others")).containsText("lower");
    }

    private String readEveryFourWeeks(String batch, int b, int l) {
        Map<String, Object> form = Plants.lot(garden, "Lot " + b + " " + l, 1);
        form.put("mix", batch);
        form.put("startedOn", "2026-01-15");
        form.put("repottedOn", "2026-01-15");
        String lot = CISTERN.api().put(data + "/lots", form).ok().path("id").asString();
        for (int week = 0; week <= 16; week += 4) {
            double ph = 6.1 + 0.1 * ((l + week / 4 + b) % 3 - 1) - (b == 3 && week >= 8 ? 1.4 : 0);
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
                                    "method", "pour_through",
                                    "ph", Plants.typed(String.format(Locale.ROOT, "%.2f", ph), "pH"),
                                    "occurredAt", LocalDate.of(2026, 1, 16).plusWeeks(week) + "T10:00:00Z"))
                    .ok();
        }
        return lot;
    }

    @Test
    void aMixIsFoundByWishesAndWhatStandsInTheWayIsEased() {
        page.navigate(home + "/mixes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Mix finder →"))
                .click();
        assertThat(page.getByText("Tick what you have on the left")).isVisible();
        for (String c : new String[] {"Sphagnum peat, medium", "Perlite, coarse", "Pumice 3–8 mm"}) {
            field(c).check();
        }
        assertThat(page.getByText("No requirements yet")).isVisible();
        field("Air, drained, at least").fill("60");
        field("Water, drained, at least").fill("40");
        Locator way = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What prevents it"));
        assertThat(way).containsText("air, drained at least 60 %");
        way.getByRole(AriaRole.BUTTON).first().click();
        assertThat(way).hasCount(0);
        Locator found = page.getByRole(AriaRole.ARTICLE).first();
        assertThat(found).containsText("≥ 40");
        field("Air, drained, at least").fill("30");
        field("Air, drained, at most").fill("20");
        assertThat(page.getByText("is not possible").first()).isVisible();
        field("Air, drained, at least").fill("15");
        choose("For the plant", "cape primrose");
        assertThat(field("pH, at least")).hasValue("5.4");
        page.reload();
        assertThat(field("Water, drained, at least")).hasValue("40");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("as a mix")))
                .last()
                .click();
        assertThat(field("Name")).hasValue("For cape primrose");
        assertThat(field("For the plant")).hasText(Pattern.compile("Cape primrose"));
        assertThat(answer()).containsText("of dolomite per litre of mix");
        button("Save this mix").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("For cape primrose")))
                .isVisible();
    }

    @Test
    void recipesComeInFromASheetAndAreHeldBesideOthers() {
        page.navigate(home + "/mixes/files");
        field("Import recipes from a file, JSON or CSV")
                .setInputFiles(new FilePayload(
                        "shed.csv",
                        "text/csv",
                        "recipe,component,amount\nShed,Pumis,2\nShed,coir_pith,1\n".getBytes(StandardCharsets.UTF_8)));
        Locator read = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What is in the file"));
        assertThat(read).containsText("not clear yet");
        read.getByLabel("“Pumis” is not known here. Which is meant?").selectOption("pumice");
        assertThat(read).containsText("new: will be added");
        button("Import").click();
        assertThat(read).containsText("Shed added");
        page.navigate(home + "/mixes/compare?one=peat_perlite");
        field("Compared with").selectOption(new SelectOption().setLabel("Shed"));
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Pores"))))
                .containsText("%");
        assertThat(page.getByText("67 % pumice 3–8 mm, 33 % coir pith, washed")).isVisible();
    }

    /** What came out of one pot is sieved, washed and limed, and a third of it goes into another. */
    @Test
    void theMixOfAPotIsUsedAgain() {
        String lot = plant("Old fuchsia", 4);
        page.navigate(home + "/mixes/used?lot=" + lot);
        button("Keep it").click();
        assertThat(page.getByText("Say how the plant was.")).isVisible();
        field("How was the plant?").selectOption(new SelectOption().setLabel("it was well"));
        button("Keep it").click();
        assertThat(page.getByText("May be used again")).isVisible();
        field("EC").fill("1.6");
        page.locator("form")
                .filter(new Locator.FilterOptions().setHas(field("EC")))
                .getByRole(AriaRole.BUTTON)
                .click();
        assertThat(page.getByText("salt measured: 4.6 mS/cm").first()).isVisible();
        field("What is to grow in it?").selectOption(new SelectOption().setLabel("Tomatoes"));
        assertThat(page.getByText("bring it below 2.5 mS/cm, for tomatoes")).isVisible();
        field("What is thrown away").fill("100");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT).getByText("90 %")).isVisible();
        field("What is thrown away").fill("10");
        page.keyboard().press("Enter");
        assertThat(page.getByText("10 % sieved out").first()).isVisible();
        field("Old mix, share").fill("40");
        assertThat(page.getByText("about 4 years left").first()).isVisible();
        button("Make this a recipe").click();
        assertThat(field("Old mix of Old fuchsia: %")).hasValue("40");
    }
}
