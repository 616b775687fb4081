package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import evencistern.testkit.Plants;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Feeds and water at the bench: a whole analysis, the dose in every can, the pen in the can, acid for the water. */
class FeedPathTest extends AtTheDesk {
    /** A feed of 20-5-10 with its nitrogen as nitrate and urea, 1 g per litre a fortnight. */
    private void aFeed() {
        page.navigate(home + "/feeds");
        button("Add a feed").click();
        field("Name on the bottle or box").fill("Bench salts");
        field("N").fill("20");
        field("P₂O₅").fill("5");
        field("K₂O").fill("10");
        radio("dry").click();
        page.getByText("The rest of its table").click();
        field("nitrate N").fill("12");
        field("urea N").fill("5");
        assertThat(page.getByText("add up to 17 %").first()).isVisible();
        field("urea N").fill("8");
        assertThat(page.getByText("add up to 17 %")).hasCount(0);
        field("Mg").fill("12060 mg/kg");
        assertThat(page.getByText("Mg 12")).isVisible();
        field("The label's own sentence").fill("1 g per litre every 14 days");
        button("Add to the shelf").click();
        assertThat(button("Save changes")).isVisible();
    }

    @Test
    void aWholeAnalysisIsKeptAsTyped() {
        aFeed();
        page.reload();
        assertThat(field("urea N")).hasValue("8");
        assertThat(field("Mg")).hasValue("12060 mg/kg");
    }

    private String onTheShelf(String name, String label, String coatedMonths) {
        Map<String, Object> feed = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "name",
                name,
                "n",
                Plants.typed("15", "%"),
                "p2o5",
                Plants.typed("5", "%"),
                "k2o",
                Plants.typed("10", "%"),
                "form",
                "dry",
                "label",
                label,
                "answers",
                List.of(),
                "wordsSeen",
                false,
                "version",
                0));
        if (!coatedMonths.isEmpty()) {
            feed.put("coatedMonths", Plants.typed(coatedMonths, ""));
        }
        return CISTERN.api().put(data + "/feeds", feed).ok().path("id").asString();
    }

    /** Coated feed and the can, from nothing to the year of both; kept, put on other lots, and taken back. */
    @Test
    void aLotGetsSeveralFeedsAndOthersGetThemToo() {
        onTheShelf("Bench salts", "1 g per litre every 14 days", "");
        onTheShelf("Slow beads", "4 g per litre of mix at potting", "6");
        String lot = plant("Cape primrose", 1);
        plant("Cape fern", 1);
        page.navigate(home + "/bench/" + lot + "?tab=feeding");
        page.getByLabel("Feed", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Bench salts 15-5-10"));
        Locator year = region("What its feeds give in the year ahead");
        assertThat(year.getByRole(AriaRole.IMG)).isVisible();
        assertThat(year.getByRole(AriaRole.TABLE)).hasCount(0);
        button("+ Another feed beside it").click();
        assertThat(year.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Slow beads")))
                .isVisible();
        assertThat(year.getByText("More than suits it")).isVisible();
        page.getByLabel("Its share").nth(0).fill("50");
        page.getByText("When it is given: always").first().click();
        page.getByLabel("First month").first().selectOption(new SelectOption().setLabel("April"));
        page.getByLabel("Last month").first().selectOption(new SelectOption().setLabel("September"));
        assertThat(page.getByText("April to September")).isVisible();
        button("Save changes").click();
        assertThat(page.getByText("Cape primrose: saved").first()).isVisible();
        page.reload();
        assertThat(page.getByLabel("Its share").nth(0)).hasValue("50");
        // an end before the beginning is told at its field
        page.getByText("When it is given: always").click();
        page.getByLabel("First day").nth(1).fill("2026-10-01");
        page.getByLabel("Last day").nth(1).fill("2026-03-01");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        button("Discard changes").click();
        // the fern gets it as the primrose has it, and it is taken back
        page.navigate(home + "/bench");
        page.getByLabel("Select Cape fern").check();
        Locator actions = page.getByLabel("Actions for the selected lots");
        actions.getByText("Programme of feeds").click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        panel.getByLabel("Programme of feeds").selectOption("plain");
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put on it"))
                .click();
        assertThat(page.getByText("the programme of feeds is changed").first()).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first()
                .click();
        assertThat(page.getByText("Undone.").first()).isVisible();
    }

    /** Beads are a line of their own beside the water, told in spoons; the shelf foresees them. */
    @Test
    void whatIsStrewnIsTickedBesideTheWater() {
        String beads = onTheShelf("Slow beads", "4 g per litre of mix at potting", "6");
        Map<String, Object> lot = Plants.lot(garden, "Cape primrose", 1);
        lot.put("courses", List.of(Map.of("feedId", beads, "share", 100)));
        String id = CISTERN.api().put(data + "/lots", lot).ok().path("id").asString();
        page.navigate(home + "/today");
        Locator strewn = region("Slow beads");
        assertThat(strewn).containsText("strewn on moist mix");
        assertThat(strewn).containsText("strewn on this pot");
        strewn.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName("Cape primrose: done")
                                .setExact(true))
                .click();
        assertThat(page.getByText("of Slow beads strewn on each").first()).isVisible();
        assertThat(button("Cape primrose: done")).isVisible();
        page.navigate(home + "/bench/" + id + "?tab=journal");
        assertThat(page.getByText("of Slow beads strewn on each pot")).isVisible();
        // told as it was given: spoons of it, and no watering
        button("Feed").click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        panel.getByLabel("With which feed").selectOption(new SelectOption().setLabel("Slow beads"));
        panel.getByLabel("Product in each pot", new Locator.GetByLabelOptions().setExact(true))
                .fill("2");
        panel.getByLabel("Product in each pot: unit").selectOption("tsp");
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Record it"))
                .click();
        assertThat(page.getByText("of Slow beads strewn on each pot")).hasCount(2);
        page.navigate(home + "/shelf");
        assertThat(region("What the year ahead needs")).containsText("Slow beads");
    }

    /** A label that came to something else when it was saved: both are shown, and either can be chosen. */
    @Test
    void aLabelThatIsReadOtherwiseIsChosenOnce() {
        String id = UUID.randomUUID().toString();
        Map<String, Object> kept = new HashMap<>(Map.of(
                "id",
                id,
                "name",
                "Old box",
                "n",
                Plants.typed("10", "%"),
                "p2o5",
                Plants.typed("5", "%"),
                "k2o",
                Plants.typed("15", "%"),
                "form",
                "dry",
                "label",
                "1 g per litre every 14 days",
                "answers",
                List.of(),
                "wordsSeen",
                false,
                "readAs",
                "0.4 g per litre of water every 30 days"));
        kept.put("version", 0);
        CISTERN.api()
                .put("/api" + home.replace("/g/", "/gardens/") + "/feeds", kept)
                .ok();
        page.navigate(home + "/feeds/" + id);
        assertThat(page.getByText("The smaller dose counts until you choose")).isVisible();
        button("Keep what was saved").click();
        assertThat(field("The label's own sentence")).hasValue("0.4 g per litre of water every 30 days");
        assertThat(page.getByText("The smaller dose counts until you choose")).hasCount(0);
        button("Discard changes").click();
        button("Take what is read now").click();
        button("Save changes").click();
        assertThat(page.getByText("Old box: added to the shelf").first()).isVisible();
        page.reload();
        assertThat(page.getByText("In plain words: 1 g per litre")).isVisible();
        assertThat(page.getByText("The smaller dose counts until you choose")).hasCount(0);
    }

    /**
     * What stands beside the dose is listed as the plan keeps it, the dose is told in the usual can, two readings too; a sentence
     * that is not understood is offered, never taken.
     */
    @Test
    void aLabelIsToldInTheirCanAndOnItsTerms() {
        aFeed();
        field("The label's own sentence")
                .fill("0.5 g per litre with every second watering, March to September; half strength for seedlings");
        assertThat(page.getByText("with every 2nd watering")).isVisible();
        assertThat(page.getByText(Pattern.compile("In your .* can: .*tsp"))).isVisible();
        assertThat(page.getByText("fed only in Mar–Sept")
                        .or(page.getByText("fed only in Mar–Sep"))
                        .first())
                .isVisible();
        assertThat(page.getByText("50 % of the dose for seedlings and cuttings"))
                .isVisible();
        field("The label's own sentence").fill("1.500 g per 1000 l weekly");
        assertThat(page.getByText(Pattern.compile("1\\.5.g in each litre of water · In your .* can: .*")))
                .isVisible();
        field("The label's own sentence").fill("Take 4 g, quorb it with a big 2 litre jug, weekly");
        assertThat(page.getByText("2 g in each litre")).hasCount(0);
        radio("yes, they belong together").click();
        assertThat(page.getByText("In plain words: 2 g per litre of water every 7 days"))
                .isVisible();
    }

    @Test
    void aSaltIsAFeedByItsFormula() {
        page.navigate(home + "/feeds");
        button("Add a feed").click();
        field("Name on the bottle or box").fill("Bitter salt");
        page.getByText("A single salt, by its formula").click();
        field("Formula").fill("MgS04");
        assertThat(page.getByText("cannot be read at").first()).isVisible();
        field("Formula").fill("MgSO4·7H2O");
        assertThat(page.getByText("Mg 99 · S 130")).isVisible();
        field("The label's own sentence").fill("1 capful per 10 litres monthly");
        assertThat(page.getByText("Fill yours with water").first()).isVisible();
        field("Its own cap, scoop or handful holds").fill("5");
        assertThat(page.getByText("in each litre of water")).isVisible();
        button("Add to the shelf").click();
        assertThat(button("Save changes")).isVisible();
        page.reload();
        assertThat(field("Formula")).hasValue("MgSO4·7H2O");
    }

    /** 1 g/L of 20 % N is 200 mg/L; any plant stands 150; weekly instead of fortnightly is half of that, 75. */
    @Test
    void oneFeedInEveryCanToEveryTarget() {
        aFeed();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Dose calculator, can check"))
                .click();
        assertThat(region("Answer")).containsText("limited by");
        radio("nitrogen").click();
        field("Nitrogen in the can").fill("60");
        assertThat(region("What is in it")).containsText("60 mg/L");
        field("Nitrogen in the can").fill("400");
        assertThat(page.getByText("top rate").first()).isVisible();
        radio("another interval").click();
        field("You feed every").fill("7");
        assertThat(region("What is in it")).containsText("75 mg/L");
        field("You feed every").fill("28");
        assertThat(region("Answer")).containsText("less than the label, and that is not made up");
        page.getByTitle("Show the working").first().click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("days(label)");
    }

    @Test
    void thePenSaysWhatIsInTheCan() {
        aFeed();
        page.navigate(home + "/feeds/dose");
        radio("nitrogen").click();
        field("Nitrogen in the can").fill("100");
        field("The pen reads").fill("0.45");
        assertThat(region("Can check")).containsText("No feed in it. Add the dose");
        field("The pen reads").fill("0.2");
        assertThat(region("Can check")).containsText("less than the water alone");
        field("The pen reads").fill("900 ppm");
        assertThat(region("Can check")).containsText("scale");
    }

    @Test
    void waterIsBlendedAndBroughtToAPh() {
        page.navigate(home + "/shelf");
        page.getByLabel("Change Tap").click();
        field("Comes from").selectOption("softened");
        button("Save").click();
        assertThat(page.getByText("Softened water is refused").first()).isVisible();
        field("Comes from").selectOption("tap");
        field("Alkalinity (KH)").fill("11.2 dKH");
        button("Save").click();
        assertThat(page.getByText("mg/L CaCO₃").first()).isVisible();
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Waters"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add a water"))
                .click();
        field("Name").fill("Butt");
        field("Comes from").selectOption("rain");
        field("EC").fill("0.03");
        field("pH").fill("5.8");
        field("Alkalinity (KH)").fill("0.1 meq/L");
        button("Save").click();
        page.navigate(home + "/feeds/water");
        // 11.2 dKH is 4 meq/L is 200 mg/L CaCO3
        assertThat(region("Answer")).containsText("200 mg/L CaCO₃");
        assertThat(region("Answer")).containsText("too much");
        field("Blended with").selectOption(new SelectOption().setLabel("Butt"));
        assertThat(region("Answer")).containsText("brings the alkalinity under the limit");
        assertThat(region("Answer")).containsText("Always acid into water");
        assertThat(field("With").locator("option[value=nitric_67]")).hasCount(0);
        field("pH wanted").fill("9");
        assertThat(page.getByText("pH wanted").first()).isVisible();
        assertThat(region("Answer").getByRole(AriaRole.ALERT)).isVisible();
        field("pH wanted").fill("6");
        field("Drops added").fill("5");
        field("The pen then reads").first().fill("6.8");
        field("Drops added in all").fill("9");
        field("The pen then reads").nth(1).fill("6.4");
        assertThat(region("Drops")).containsText("more");
        page.navigate(home + "/garden");
        page.getByText("This is a trade grower’s garden").click();
        button("Save").click();
        assertThat(page.getByText("Saved.").first()).isVisible();
        page.navigate(home + "/feeds/water");
        assertThat(field("With").locator("option[value=nitric_67]")).hasCount(1);
    }

    @Test
    void aStockIsMadePrintedAndPutOnTheShelf() {
        aFeed();
        page.navigate(home + "/feeds/dose");
        radio("nitrogen").click();
        field("Nitrogen in the can").fill("100");
        assertThat(region("What is in it")).containsText("100 mg/L");
        page.getByText("Make a stock of it").click();
        assertThat(field("In the feed")).hasValue("0.5");
        field("Feed used in a day").fill("50");
        assertThat(region("Answer")).containsText("20 days");
        assertThat(region("The tank").last()).containsText("500 g");
        assertThat(region("Answer"))
                .containsText("Every injector and every line at a house tap needs a backflow preventer");
        field("Most in stock").fill("20");
        assertThat(region("Answer")).containsText("would not stay dissolved");
        field("Most in stock").fill("");
        page.getByText("Is the injector accurate?").click();
        field("Full in").fill("60");
        field("Needs").fill("12");
        assertThat(region("Flow test")).containsText("too little");
        button("Record as made").click();
        assertThat(page.getByText("The name on the tank is empty")).isVisible();
        field("Name on the tank").fill("Bench stock");
        button("Record as made").click();
        assertThat(page.getByText("on the shelf as a feed").first()).isVisible();
        page.navigate(home + "/feeds");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench stock"))
                .click();
        assertThat(field("The label's own sentence")).hasValue("1:100 with every watering");
        page.navigate(home + "/shelf");
        assertThat(region("Stock")).containsText("Bench stock");
    }

    @Test
    void aBlendIsNearestToWhatIsWantedAndSaysWhatItMisses() {
        aFeed();
        page.navigate(home + "/feeds/blend");
        assertThat(region("Answer")).containsText("no selected product contains it");
        page.getByText("And salts you could buy").click();
        for (String salt :
                new String[] {"Calcium nitrate", "Potassium nitrate", "Monopotassium phosphate", "Epsom salt"}) {
            page.locator("label", new Page.LocatorOptions().setHasText(salt))
                    .locator("input")
                    .check();
        }
        assertThat(region("Answer").getByText("✓ met")).hasCount(5);
        page.getByText("As stock for an injector").click();
        field("Show the tanks").check();
        assertThat(region("Tank A")).containsText("calcium: separate");
        assertThat(region("Tank B")).containsText("Epsom salt");
        radio("a ratio").click();
        assertThat(region("Answer").getByText("✓ met")).hasCount(3);
        field("N").fill("0");
        assertThat(region("What is wanted").getByRole(AriaRole.ALERT).first()).isVisible();
    }

    @Test
    void aSingleNutrientComesWithItsReasonsNotTo() {
        page.navigate(home + "/feeds/remedies");
        assertThat(region("Answer")).containsText("mg/L Mg");
        field("Give").selectOption("iron_edta");
        field("pH of the mix, from its runoff").fill("6.9");
        assertThat(region("Answer")).containsText("releases its iron");
        assertThat(region("Answer")).containsText("Stable at this pH: Iron DTPA");
        field("Give").selectOption("epsom_spray");
        choose("To", "fuchsia");
        field("Temperature now").fill("31");
        assertThat(region("Answer")).containsText("No spraying at 31");
        field("Temperature now").fill("17");
        assertThat(region("Answer")).containsText("wait 48 hours");
        field("Give").selectOption("copper_spray");
        choose("To", "maidenhair");
        assertThat(region("Answer")).containsText("Copper harms this plant");
        page.getByText("Brewed at home").click();
        assertThat(page.getByText("120 days before harvest")).isVisible();
    }

    /** A label for leaves makes a spray: a line of its own, mixed in the sprayer, and no watering. */
    @Test
    void whatIsSprayedIsMixedInTheSprayerAndTickedBesideTheWater() {
        String leaf = onTheShelf("Leaf salts", "Foliar feed: 2 g per litre every 14 days", "");
        Map<String, Object> lot = Plants.lot(garden, "Cape primrose", 3);
        lot.put("courses", List.of(Map.of("feedId", leaf, "share", 100)));
        CISTERN.api().put(data + "/lots", lot).ok();
        page.navigate(home + "/today");
        Locator spray = region("Leaf salts");
        assertThat(spray).containsText("sprayed on the leaves");
        assertThat(spray).containsText("of water in the sprayer");
        assertThat(spray).containsText("Never pour it at the roots");
        spray.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Cape primrose: done"))
                .click();
        assertThat(page.getByText("of Leaf salts sprayed on each").first()).isVisible();
        assertThat(region("Plain water")).containsText("Cape primrose");
        page.navigate(home + "/bench/" + lot.get("id") + "?tab=feeding");
        assertThat(page.getByText("of spray, until its leaves just begin to drip"))
                .isVisible();
    }

    /** Planned, on the round on its day, done, looked at: better; a second one at a time asks first. */
    @Test
    void aTreatmentIsPlannedDoneAndLookedAt() {
        String lot = plant("Cape fern", 1);
        page.navigate(home + "/bench/" + lot + "?tab=health");
        button("Plan a treatment").click();
        Locator form = page.getByRole(AriaRole.DIALOG);
        form.getByLabel("What is done").selectOption("drench");
        form.getByLabel("Against what").fill("pale tips");
        assertThat(form).containsText("Worked out for this pot");
        form.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Epsom salt"))
                .click();
        assertThat(form.getByLabel("With what")).hasValue("Epsom salt, drench");
        assertThat(form.getByLabel("Strength and amount")).hasValue(Pattern.compile(".* to .* of water"));
        form.getByLabel("With what").fill("Gypsum");
        form.getByLabel("Strength and amount").fill("1 g/L");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add to the plan"))
                .click();
        Locator done = region("Treatments");
        assertThat(done).containsText("Drench, Gypsum, 1 g/L");
        button("Plan a treatment").click();
        form.getByLabel("What is done").selectOption("spray");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add to the plan"))
                .click();
        assertThat(form).containsText("Another treatment is under way");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Cancel"))
                .click();
        page.navigate(home + "/today");
        region("Treatments")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
                .click();
        assertThat(page.getByText("Drench, Gypsum, 1 g/L: done.").first()).isVisible();
        page.navigate(home + "/bench/" + lot + "?tab=health");
        done.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("better"))
                .click();
        assertThat(done).containsText("better by");
    }

    /** Granules that go under the roots with fresh mix are in the journal as that, and no watering is written with them. */
    @Test
    void granulesGoInWithFreshMix() {
        onTheShelf("Ember beads", "3 g per litre of mix every 6 months", "6");
        String lot = plant("Tub fern", 1);
        page.navigate(home + "/bench/" + lot);
        button("More ▾").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Fresh mix"))
                .click();
        Locator form = page.getByRole(AriaRole.DIALOG);
        form.getByLabel("Feed that goes in with it").selectOption("Ember beads");
        assertThat(form).containsText("at most");
        form.getByText("Under the roots").click();
        assertThat(form).containsText("so that no root touches it");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Record it"))
                .click();
        assertThat(form).isHidden();
        page.navigate(home + "/bench/" + lot + "?tab=journal");
        assertThat(page.getByText("of Ember beads placed under the roots of each plant")
                        .first())
                .isVisible();
    }

    /** What a label has mixed in waits, with its reason, for fresh mix, and is chosen there already. */
    @Test
    void whatIsMixedInWaitsForFreshMix() {
        onTheShelf("Ember beads", "Mix in 3 g per litre of compost when potting", "6");
        String lot = plant("Tub fern", 1);
        page.navigate(home + "/bench/" + lot + "?tab=feeding");
        page.getByLabel("Feed", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Ember beads 15-5-10"));
        button("Save changes").click();
        assertThat(page.getByText("This feed waits for fresh mix").first()).isVisible();
        button("More ▾").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Fresh mix"))
                .click();
        Locator form = page.getByRole(AriaRole.DIALOG);
        assertThat(form).containsText("its label has it mixed in with fresh mix");
        form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Record it"))
                .click();
        assertThat(form).isHidden();
        assertThat(page.getByText("This feed waits for fresh mix")).hasCount(0);
    }

    /** 12 g in 5 L of a feed told up to 1 g/L: too strong, and so much water puts it right. */
    @Test
    void whatHasBeenMixedIsJudged() {
        onTheShelf("Bench salts", "1 g per litre every 14 days", "");
        page.navigate(home + "/feeds/dose");
        radio("what have I mixed?").click();
        assertThat(page.getByText("Fill in what is asked on the left.")).isVisible();
        field("So much of it").fill("12");
        field("in so much water").fill("5");
        assertThat(page.getByText("240 % of its label's top rate")).isVisible();
        assertThat(page.getByText("Too strong. Add 7.0 L of water")).isVisible();
        field("So much of it").fill("3");
        assertThat(page.getByText("Within the label and within what this plant tolerates."))
                .isVisible();
    }
}
