package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
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
        // What is drawn a frame later folds again what was unfolded before it.
        page.getByLabel("Most likely").waitFor();
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
        summary(page, "Background").click();
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
        button(page, "Fixed, but another fault remains").click();
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
                                + " (select visit_id from service_call where json_value(record, '$.complaints[0].text') = 'Hardly sucks')"),
                new String[] {"2"});
    }

    @Test
    public void theAdviceIsPutTogetherFromWhatKeepsTheFaultAway() {
        var page = newCall(Size.DESK, "Stands in water again");
        var call = new CallPage(page);
        call.sees("Water stands in the bottom");
        call.segment("Hand over");
        var suggestions = page.getByLabel("What might be told");
        var first = suggestions.locator("li span").first().innerText();
        suggestions.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByLabel("Advice to the customer")).hasValue(first);
        assertThat(suggestions.getByText(first)).hasCount(0);
    }

    @Test
    public void whatACustomerLooksAtByPhoneIsEvidence() {
        var call = new CallPage(newCall(Size.PHONE, "Stands in water, says the customer"));
        call.sees("Water stands in the bottom");
        call.segment("Call");
        var ask = call.panel().locator("details").filter(new Locator.FilterOptions().setHasText("do you hear it hum"));
        ask.locator("summary").click();
        ask.getByText("Hums, no flow").click();
        assertThat(call.story()).containsText("Force a drain and listen: Hums, no flow");
        assertThat(ask).hasCount(0);
    }

    @Test
    public void aPieceOfOnesOwnIsLaidDownWithScrewsAndPhotoAndNoScrewIsForgotten() throws IOException {
        var page = newCall(Size.PHONE, "Bracket in the way");
        var call = new CallPage(page);
        call.sees("Rattle or grinding");
        call.segment("Open");
        call.touch("Something else came off");
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("What is it?").fill("Worktop bracket");
        sheet.getByLabel("screws", new Locator.GetByLabelOptions().setExact(true))
                .fill("2");
        sheet.getByLabel("Drive").fill("cross 2");
        page.reload();
        call.touch("Something else came off");
        assertThat(sheet.getByLabel("Drive")).hasValue("cross 2");
        sheet.getByText("Taken off").click();
        assertThat(call.story()).containsText("Worktop bracket: on the tray");
        assertThat(call.panel()).containsText("2 × cross 2 A");

        var photo = Files.createTempFile("gasket-", ".png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", photo.toFile());
        call.panel()
                .locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Worktop bracket"))
                .click();
        page.getByLabel("Photo of Worktop bracket").setInputFiles(photo);
        assertThat(page.getByAltText("Worktop bracket, as it sat")).isVisible();
        assertEquals(column("select type from photo"), new String[] {"image/jpeg"});

        call.segment("Close");
        page.getByLabel("screws back in: less").click();
        call.touch("Worktop bracket: back in");
        assertThat(call.gaps()).hasText("1 screw of “Worktop bracket” over, cup A.");
        assertThat(page.getByLabel("Screws in the cups")).containsText("1 of 2 left");
        assertEquals(
                page.evaluate("Object.keys(localStorage).filter((key) => /:draft:(piece|back):/.test(key))"),
                List.of(),
                "nothing is kept of what was sent");
    }

    @Test
    public void aHeaterTurnedUpKeepsTheCallOpen() {
        var page = newCall(Size.DESK, "Wax in it");
        var call = new CallPage(page);
        call.segment("Cure");
        call.panel().getByText("Valves and settings to put back").click();
        page.getByPlaceholder("Where it is").fill("boiler in the hall");
        call.touch("Water heater turned up");
        assertThat(call.story()).containsText("Water heater turned up: to put back");
        call.segment("Hand over");
        assertThat(call.panel()).containsText("boiler in the hall. Cannot stay open.");
        assertThat(call.panel().getByText("Close the call")).isDisabled();
        call.segment("Close");
        call.tick("Put back: water heater turned up, boiler in the hall");
        assertThat(call.story()).containsText("Water heater turned up: put back");
        call.segment("Hand over");
        assertThat(call.panel()).not().containsText("Cannot stay open.");
        page.getByLabel("Reason").fill("Comes back with more wax remover");
        call.touch("Close the call");
        assertThat(call.panel()).containsText("Closed at");
    }

    @Test
    public void aMachineThatFailsAgainLeadsBackToTheEarlierCall() {
        var page = chromium.signedIn(installation, Size.DESK);
        button(page, "New call").click();
        page.getByLabel("Complaint").fill("Dirty water again");
        page.getByLabel("Find a known customer").fill("venderly");
        button(page, "Corvanne DW-450").click();
        page.getByRole(AriaRole.DIALOG).getByText("Failed again since").click();
        button(page, "Put on the round").click();
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        var call = new CallPage(page);
        assertThat(call.panel()).containsText("Done then: replace the return valve");
        call.panel().getByRole(AriaRole.LINK).first().click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("Empty at night");
    }
}
