package evencistern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import evencistern.testkit.Api;
import evencistern.testkit.Plants;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a grower does by hand, in the real interface. */
class GrowersPathTest extends AtTheDesk {
    private void addFeed(String label) {
        page.navigate(home + "/feeds");
        button("Add the first feed").click();
        field("Name on the bottle or box").fill("Fen Green");
        field("N").fill("10");
        field("P₂O₅").fill("5");
        field("K₂O").fill("15");
        radio("dry").click();
        field("The label's own sentence").fill(label);
    }

    private void addLot() {
        page.navigate(home + "/bench");
        button("Add the first lot").click();
        choose("Plant", "cape primrose");
        field("Pot width").fill("13");
        field("Name").fill("Cape primrose, kitchen");
        button("Add this lot").click();
        assertThat(page.getByText("Cape primrose, kitchen: saved.").first()).isVisible();
    }

    @Test
    void theStartShowsTheDemoGardenWithItsTwelveLots() {
        page.navigate("/");
        assertThat(page.getByText("Quillwater Yard")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        assertThat(page.getByLabel("Lots").getByRole(AriaRole.LISTITEM)).hasCount(12);
    }

    @Test
    void aLabelIsReadAskedAboutAndPutOnTheShelf() {
        addFeed("2½ tsp per 2 gal every 10 days, never at noon");
        assertThat(page.getByText("not understood").first()).isVisible();
        button("Add to the shelf").click();
        assertThat(page.getByText("it can be read two ways")
                        .or(page.getByText("Answer the question"))
                        .first())
                .isVisible();
        radio("imperial (UK)").click();
        assertThat(page.getByText("1.4 mL")).isVisible();
        button("Add to the shelf").click();
        assertThat(page.getByText("Some words were not understood").first()).isVisible();
        page.getByLabel("I have read the words").check();
        button("Add to the shelf").click();
        assertThat(text("Saved")).isVisible();
        page.reload();
        assertThat(field("The label's own sentence")).hasValue("2½ tsp per 2 gal every 10 days, never at noon");
    }

    @Test
    void ofALabelWithSeveralUsesTheDoseIsForTheOneThatIsChosen() {
        addFeed("Seedlings: 0.5 g/l weekly. Vegetables: 1.5 g/l weekly.");
        assertThat(page.getByText("Which of the label's uses is yours?")).isVisible();
        assertThat(page.getByText("for which use").first()).isVisible();
        radio("Vegetables").click();
        assertThat(page.getByText("In plain words: 1.5 g per litre of water every 7 days."))
                .isVisible();
        button("Add to the shelf").click();
        assertThat(text("Saved")).isVisible();
    }

    @Test
    void aLotGetsADoseThatFollowsEveryInputAndShowsItsWorking() {
        addFeed("1 g per litre every 10-14 days");
        button("Add to the shelf").click();
        assertThat(text("Saved")).isVisible();
        addLot();
        Locator answer = page.getByLabel("Answer");
        assertThat(answer).containsText("The product's label comes first");
        assertThat(answer).containsText("tsp");
        part("Pot and plant");
        Locator poured = answer.getByTitle("Show the working")
                .filter(new Locator.FilterOptions().setHasText("mL"))
                .first();
        String litres = poured.innerText();
        field("Height").fill("9 in");
        assertThat(poured).not().hasText(litres);
        part("Now");
        answer.getByTitle("Show the working").first().click();
        Locator working = page.getByRole(AriaRole.DIALOG);
        assertThat(working).containsText("V = π·h/3·(R² + R·r + r²)");
        assertThat(working).containsText("FAO paper 56");
        assertThat(page).hasURL(Pattern.compile("working=water.next_pour"));
        page.keyboard().press("Escape");
        assertThat(working).isHidden();
        // a draft survives a reload, a rejected value stays in sight
        part("Pot and plant");
        field("Height").fill("-4");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("the smallest value accepted");
        page.reload();
        assertThat(field("Height")).hasValue("-4");
        button("Discard changes").click();
        assertThat(field("Height")).hasValue("");
        part("Feeding");
        field("Share of top rate").fill("150");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("label comes first");
    }

    @Test
    void todaysWorkIsTickedOnceAndTakenBack() {
        addLot();
        page.navigate(home + "/today");
        assertThat(page.getByText("1 lot is due")).isVisible();
        button("Cape primrose, kitchen: done").dblclick();
        assertThat(page.getByText("Done today")).isVisible();
        Api api = CISTERN.api();
        String lot = api.get(data + "/lots").ok().path("lots").get(0).path("id").asString();
        String journal = data + "/lots/" + lot + "/journal";
        assertThat(api.get(journal).ok().size()).isEqualTo(1);
        button("Undo Cape primrose, kitchen").click();
        assertThat(page.getByText("1 lot is due")).isVisible();
        assertThat(api.get(journal).ok().size()).isEqualTo(2);
    }

    @Test
    void aReadingAsksTheScaleOnceIsJudgedAndCharted() {
        addLot();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Health"))
                .click();
        field("pH").fill("58");
        assertThat(page.getByText("Did you mean 5.8?")).isVisible();
        field("pH").fill("5,8");
        field("TDS or EC").fill("1500");
        assertThat(page.getByText("Which scale does this meter print?")).isVisible();
        radio("500").click();
        assertThat(page.getByText("above the target").first()).isVisible();
        assertThat(page.getByText("Flush each pot slowly")).isVisible();
        button("Record").click();
        assertThat(text("Reading recorded.")).isVisible();
        assertThat(page.getByLabel("Every reading")).containsText("3.0");
        assertThat(page.locator(".recharts-wrapper")).hasCount(2);
        field("TDS or EC").fill("700");
        assertThat(page.getByText("within the target").first()).isVisible();
        assertThat(page.getByText("Which scale does this meter print?")).isHidden();
    }

    @Test
    void theWholePageTurnsToTheOtherUnitsAtOnce() {
        addLot();
        assertThat(page.getByLabel("Answer")).containsText("mL");
        page.keyboard().press("Control+k");
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.COMBOBOX).fill("gallons");
        assertThat(page.getByRole(AriaRole.OPTION)).hasText("Show US gallons and inches");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Answer")).containsText("fl oz");
        assertThat(page.getByLabel("Answer")).not().containsText("mL");
    }

    @Test
    void aSecondCanIsPutOnTheShelfAndChosenForTheRound() {
        addLot();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Shelf").setExact(true))
                .click();
        button("Add a vessel").click();
        field("Name").fill("Blue bucket");
        field("Capacity, to where you fill it").fill("none");
        button("Save").click();
        assertThat(page.getByText("is not a number")).isVisible();
        field("Capacity, to where you fill it").fill("2 imp gal");
        button("Save").click();
        assertThat(page.getByText("9.09 L")).isVisible();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Today").setExact(true))
                .click();
        radio("Blue bucket, 9.09 L").click();
        assertThat(page).hasURL(Pattern.compile("can="));
    }

    @Test
    void aWarningThatTheGrowerKnowsIsSetAsideWithAReason() {
        var lot = Plants.lot(garden, "Olive by the north window", 1);
        lot.put("species", "olive");
        String id = CISTERN.api().put(data + "/lots", lot).ok().path("id").asString();
        page.navigate(home + "/bench/" + id);
        assertThat(page.getByText("Darker here than it needs.")).isVisible();
        page.getByText("Dismiss …").click();
        button("Dismiss").click();
        assertThat(page.getByText("Fill it in").first()).isVisible();
        field("Because").fill("it summers outside next week");
        button("Dismiss").click();
        assertThat(page.getByText("Darker here than it needs.")).hasCount(0);
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Journal"))
                .click();
        assertThat(page.getByText(Pattern.compile("too dark here, up to .*: it summers outside next week")))
                .isVisible();
    }

    /** The list that is asked for anew takes its time: meanwhile nothing stands there to be pressed twice. */
    @Test
    void whatWasTickedDoesNotComeBackWhileTheListIsFetched() {
        var lot = Plants.lot(garden, "Fern on the stairs", 1);
        lot.put("startedOn", "2026-05-01");
        CISTERN.api().put(data + "/lots", lot).ok();
        // the page's keeper would fetch the list past the test
        page.addInitScript("delete Navigator.prototype.serviceWorker");
        page.navigate(home + "/today");
        Locator done = page.getByLabel("Fern on the stairs: done");
        assertThat(done).isVisible();
        List<Route> held = new ArrayList<>();
        page.route("**/today", held::add);
        done.click();
        assertThat(page.getByText("Fern on the stairs: recorded.").first()).isVisible();
        assertThat(done).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(1));
        page.unroute("**/today");
        held.forEach(Route::resume);
        assertThat(page.getByText("1 done.")).isVisible();
        button("Undo Fern on the stairs").click();
        assertThat(done).isVisible();
    }
}
