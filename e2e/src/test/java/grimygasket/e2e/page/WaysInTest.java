package grimygasket.e2e.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import org.testng.annotations.Test;

/** A machine that opens otherwise than the know-how thought: put right once, known to the next, and kept by the lead. */
public class WaysInTest extends BrowserTest {
    private static final String LOOK = "Open the pump filter and look";
    private static final String AT_THE_BACK = "Behind the back panel";

    /** A call about a washing machine of some model that stands full, at the look into the pump filter. */
    private static CallPage standsFull(Page page, String model) {
        var call = CallPage.add(page, "Washing machine", model, "Water stays in the drum");
        call.hasHeardAll();
        choose(page, LOOK);
        return call;
    }

    private static Locator opensFirst(CallPage call) {
        return call.panel().locator("p", new Locator.LocatorOptions().setHasText("Open first:"));
    }

    @Test
    public void itIsPutRightWithTwoTapsAndTheNextOnTheModelFindsItSoWithoutSignal() {
        var maren = chromium.signedIn(installation, Size.PHONE);
        var first = standsFull(maren, "Zephyr 5");
        assertThat(opensFirst(first)).containsText("Pump filter's flap open");
        maren.getByText("It opens otherwise").click();
        first.pick(AT_THE_BACK);
        assertThat(opensFirst(first)).containsText("Machine pulled out, then Back panel off, then Pump filter behind");
        assertThat(first.panel()).containsText("Where is the pump filter? " + AT_THE_BACK + " – found here");
        assertThat(first.panel().getByText("T20 driver")).isVisible();

        // Its screws are others, too.
        first.touch("The tray");
        first.lays("Machine pulled out", "The machine from its place");
        first.lays("Back panel off", "Back panel");
        var panel = maren.getByLabel("On the tray, in the order it came off")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Back panel"));
        panel.locator("summary").click();
        button(maren, "Change: Back panel").click();
        var sheet = maren.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("How its clips are released").fill("eased off with a plastic lever");
        sheet.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Save").setExact(true))
                .click();
        assertThat(panel).containsText("eased off with a plastic lever");

        var rollo = chromium.readyForTheCellar(installation, "rollo", Size.PHONE);
        rollo.context().setOffline(true);
        rollo.reload();
        var second = standsFull(rollo, "ZEPHYR-5");
        assertThat(opensFirst(second)).containsText("Back panel off");
        assertThat(second.panel()).containsText(AT_THE_BACK + " – found by Maren Tolliver on a call about this model");
        second.touch("The tray");
        assertThat(second.panel())
                .containsText(
                        "clip eased off with a plastic lever · found by Maren Tolliver on a call about this model");
        var id = second.id();
        rollo.context().setOffline(false);
        hasSentAll(rollo);
        assertEquals(column("select count(*) from service_call where id = '" + id + "'"), new String[] {"1"});
    }

    @Test
    public void theLeadTakesItIntoThePack() {
        var maren = chromium.signedIn(installation, Size.DESK);
        var call = standsFull(maren, "Breeze 2");
        maren.getByText("It opens otherwise").click();
        call.pick(AT_THE_BACK);
        assertThat(call.panel()).containsText("found here");

        maren.navigate(installation.address() + "/know-how/washing-machine/models");
        var found =
                maren.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Corvanne Breeze 2"));
        assertThat(found).containsText("Where is the pump filter? " + AT_THE_BACK);
        found.getByText("Take it into the draft").click();
        maren.getByText("the draft", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(maren.getByLabel("Changes")).containsText("Corvanne Breeze 2");
        maren.getByLabel("What is new").fill("Breeze 2 opens at the back");
        maren.getByText("I wrote all of this, and have checked it myself").click();
        button(maren, "Publish").click();
        assertThat(maren.getByLabel("Changes")).hasCount(0);
        maren.navigate(installation.address() + "/know-how/washing-machine/models");
        assertThat(maren.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Corvanne Breeze 2")))
                .hasCount(1);
        assertThat(found).hasCount(0);
    }
}
