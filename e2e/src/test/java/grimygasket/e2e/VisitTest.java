package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** A visit with more than one complaint and more than one machine, and what is known about a machine beforehand. */
public class VisitTest extends BrowserTest {
    private Page newCall(Size size, String complaint) {
        return CallPage.add(chromium.signedIn(installation, size), "Dishwasher", complaint)
                .page();
    }

    private static Locator summary(Page page, String name) {
        return page.locator("summary", new Page.LocatorOptions().setHasText(name));
    }

    @Test(dataProvider = "sizes")
    public void aFurtherComplaintSurvivesAReloadAndIsWithdrawn(Size size) {
        var page = newCall(size, "Does not drain " + size);
        summary(page, "Complaints").click();
        page.getByPlaceholder("Another complaint").fill("And glasses come out milky");
        page.reload();
        summary(page, "Complaints").click();
        assertThat(page.getByPlaceholder("Another complaint")).hasValue("And glasses come out milky");
        button(page, "Add").click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("And glasses come out milky");
        button(page, "Remove: And glasses come out milky").click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).not().containsText("milky");
    }

    @Test
    public void whatIsKnownBeforehandShiftsTheSuspects() {
        var page = newCall(Size.DESK, "Stops half-way");
        summary(page, "Known about it").click();
        var oddLoad = page.getByLabel("Odd load just before", new Page.GetByLabelOptions().setExact(true));
        oddLoad.selectOption("Wax or frying fat");
        assertThat(page.getByLabel("So far")).containsText("Odd load just before: Wax or frying fat");
        assertThat(page.getByLabel("Most likely").locator("li").first()).containsText("Set wax or grease");
        oddLoad.selectOption("None");
        assertThat(page.getByLabel("So far")).containsText("Odd load just before: None");
        oddLoad.selectOption("not known");
        assertThat(page.getByLabel("So far")).containsText("Nothing yet.");
    }

    @Test
    public void oneComplaintCuredTheOtherStays() {
        var page = newCall(Size.PHONE, "Stands in water, and white film");
        button(page, "Water stands in the bottom").click();
        assertThat(page.getByLabel("So far")).containsText("Water stands");
        page.getByPlaceholder("What else?").fill("white film");
        page.locator("li[role=option]").first().click();
        button(page, "Yes").last().click();
        assertThat(page.getByLabel("So far")).containsText("White film");
        choose(page, "Clear the drain impeller");
        button(page, "Done, now prove it").click();
        button(page, "This works now, another complaint stays").click();
        assertThat(page.getByLabel("So far")).containsText("works now, another complaint stays");
        assertThat(page.getByLabel("Most likely").locator("li").first()).containsText("Detergent");
    }

    @Test
    public void anotherMachineIsLookedAtOnTheSameVisit() {
        var page = newCall(Size.DESK, "Leaves grit");
        button(page, "Another machine here").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("Odile Marsh");
        sheet.getByLabel("Vacuum cleaner").check();
        sheet.getByLabel("Complaint").fill("Hardly sucks");
        sheet.getByLabel("Maker").fill("Pellmoor");
        button(page, "Put on the round").click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("Hardly sucks");
        var beside = page.getByLabel("Other machines here");
        assertThat(beside).containsText("Dishwasher, Corvanne");
        beside.getByRole(AriaRole.LINK).click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("Leaves grit");
        assertEquals(
                column(
                        "select count(*) from service_call where visit_id ="
                                + " (select c.visit_id from service_call c join complaint k on k.call_id = c.id where k.text = 'Hardly sucks')"),
                new String[] {"2"});
    }

    @Test
    public void theAdviceIsPutTogetherFromWhatKeepsTheFaultAway() {
        var page = newCall(Size.DESK, "Stands in water again");
        button(page, "Water stands in the bottom").click();
        new CallPage(page).segment("Hand over");
        var suggestions = page.getByLabel("What might be told");
        var first = suggestions.locator("li span").first().innerText();
        suggestions.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByLabel("Advice to the customer")).hasValue(first);
        assertThat(suggestions.getByText(first)).hasCount(0);
    }
}
