package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import org.testng.annotations.Test;

/** What was written down wrong, or for the wrong person, is put right on the call. */
public class PutRightTest extends BrowserTest {
    @Test(dataProvider = "sizes")
    public void aMachineIsPutRightACallGivenAwayAndAnotherCancelled(Size size) {
        var page = chromium.signedIn(installation, size);
        var call = CallPage.add(page, "Dishwasher", "Leaves grit on the glasses, " + size);
        unfold(page, "Machine");
        button(page, "Correct machine").click();
        page.getByLabel("Serial").fill("DW-" + size);
        page.getByLabel("Maker").fill("");
        button(page, "Save machine").click();
        assertThat(page.getByText("Enter the maker; it is on the plate inside the door.")
                        .first())
                .isVisible();
        page.getByLabel("Maker").fill("Ostrelle");
        button(page, "Save machine").click();
        assertThat(button(page, "Save machine")).isHidden();
        page.reload();
        page.getByLabel("Next step").waitFor();
        assertThat(page.locator("header")).containsText("DW-" + size);

        unfold(page, "This call");
        page.getByLabel("Give the call to").selectOption("Rollo Fenn");
        button(page, "Give call").click();
        assertThat(page.getByText("On Rollo Fenn’s round")).isVisible();
        hasSentAll(page);
        assertEquals(
                column("select a.login from service_call c join account a on a.id = c.account_id where c.id = '"
                        + call.id() + "'"),
                new String[] {"rollo"});

        page.navigate(installation.address() + "/round");
        var mistaken = CallPage.add(page, "Dishwasher", "Entered by mistake, " + size);
        unfold(page, "This call");
        button(page, "Cancel call").click();
        assertThat(page.getByText("Say why it is cancelled.").first()).isVisible();
        page.getByLabel("Cancel the call, because").fill("Entered twice");
        button(page, "Cancel call").click();
        assertThat(page.getByText("Cancelled at").first()).isVisible();
        hasSentAll(page);
        assertEquals(
                column("select concat(cancelled, ' ', sign_off) from service_call where id = '" + mistaken.id() + "'"),
                new String[] {"1 Entered twice"});
    }

    @Test
    public void aCallAboutAnotherKindTakesItsPlaceAndIsMadeAgainForAnotherDay() {
        var page = chromium.signedIn(installation, Size.PHONE);
        var mistaken = CallPage.add(page, "Dishwasher", "It does not turn").id();
        unfold(page, "This call");
        button(page, "It is another kind of machine").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet.getByLabel("Complaint")).hasValue("It does not turn");
        assertThat(sheet).containsText("Odile Marsh");
        sheet.getByLabel("Washing machine").check();
        sheet.getByLabel("Maker").fill("Corvanne");
        button(page, "Put on the round").click();
        page.waitForURL(url -> url.contains("/calls/") && !url.contains(mistaken));
        page.getByLabel("Next step").waitFor();
        hasSentAll(page);
        assertEquals(column("select cancelled from service_call where id = '" + mistaken + "'"), new String[] {"1"});
        var first = new CallPage(page).id();
        unfold(page, "This call");
        button(page, "The same on another day").click();
        button(page, "Put on the round").click();
        page.waitForURL(url -> url.contains("/calls/") && !url.contains(first));
        hasSentAll(page);
        assertEquals(
                column("select count(*) from service_call c join service_call o on o.machine_id = c.machine_id"
                        + " and o.day = c.day + interval 1 day where c.id = '" + first + "'"),
                new String[] {"1"});
    }
}
