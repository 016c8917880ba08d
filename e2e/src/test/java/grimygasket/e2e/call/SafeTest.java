package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.util.List;
import org.testng.annotations.Test;

/** What can hurt, on a phone: an alarm that was told, a cover that is off, a machine that is tipped. */
public class SafeTest extends BrowserTest {
    private CallPage add(String kind, String complaint) {
        return CallPage.add(chromium.signedIn(installation, Size.PHONE), kind, complaint);
    }

    @Test
    public void aBreakerThatTrippedKeepsPowerAwayUntilBothLooksHaveFoundNothing() {
        var call = add("Dishwasher", "It trips the breaker, and water stands in it");
        call.touch("Yes: Smell of burning, smoke, or it trips the breaker");
        assertThat(call.panel()).containsText("read this out and ask for nothing");
        assertThat(call.panel()).not().containsText("Ask to look, by phone");
        call.goesOn();
        assertThat(call.panel()).containsText("Stop and make it safe");
        call.confirms("Stop and make it safe");
        for (var look :
                List.of("Look and smell for a scorched plug, contact or wire", "Measure the insulation to earth")) {
            assertThat(call.panel()).containsText(look);
            assertThat(call.panel()).containsText("No power, after the alarm");
            call.panel()
                    .getByText(look.startsWith("Look") ? "Nothing scorched" : "All sound")
                    .click();
        }
        assertThat(call.panel()).not().containsText("No power, after the alarm");
        call.segment("Prove");
        assertThat(call.panel()).containsText("It is electrically safe");
    }

    @Test
    public void whoIsNotQualifiedHandsOnWhatTheyMayNotMeasure() {
        var rollo = chromium.phone(installation.address(), "rollo", Installation.PASSWORD);
        var call = CallPage.add(rollo, "Dishwasher", "It trips the breaker");
        call.touch("Yes: Smell of burning, smoke, or it trips the breaker");
        call.goesOn();
        call.confirms("Stop and make it safe");
        call.panel().getByText("Nothing scorched").click();
        assertThat(call.panel()).containsText("what is left to clear it is for somebody qualified");
        assertThat(call.panel()).not().containsText("All sound");

        var maren = chromium.signedIn(installation, Size.DESK, "/settings/people");
        button(maren, "Change Rollo Fenn").click();
        var sheet = maren.getByRole(AriaRole.DIALOG);
        sheet.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Electrical measuring"))
                .click();
        button(maren, "Save qualifications").click();
        assertThat(sheet).containsText("Enter what shows it, such as the certificate's number.");
        sheet.getByLabel("Since").fill("2025-04-01");
        sheet.getByLabel("What shows it").fill("Course in Saltmere, certificate 88");
        button(maren, "Save qualifications").click();
        assertThat(maren.getByLabel("People", new Page.GetByLabelOptions().setExact(true)))
                .containsText("qualified for electrical measuring");

        rollo.reload();
        assertThat(call.panel()).containsText("Measure the insulation to earth");
        assertThat(call.panel()).containsText("You are qualified for it: electrical measuring");
        call.panel().getByText("All sound").click();
        assertThat(call.story()).containsText("Measure the insulation to earth: All sound");
    }

    @Test
    public void aSmellOfGasIsOnlyHandedOn() {
        var call = add("Tumble dryer", "I smell gas");
        call.touch("Yes: Smell of gas, or a carbon-monoxide alarm");
        call.goesOn();
        assertThat(call.panel()).containsText("Get everybody out, now");
        call.confirms("Gas");
        assertThat(call.panel()).containsText("only licensed people may put it back in use");
        assertThat(call.panel()).containsText("it stays without power, and is handed on");
    }

    @Test
    public void theCoverGoesBackBeforeItIsProved() {
        var page = chromium.signedIn(installation, Size.PHONE, LEFT_OPEN);
        var call = new CallPage(page);
        assertThat(call.panel()).containsText("Refit in this order");
        call.segment("Prove");
        assertThat(call.panel()).containsText("Put back before it has power: Kick plate");
        assertThat(button(page, "It worked")).hasCount(0);
        call.rebuilds();
        call.segment("Prove");
        call.works(1);
    }

    @Test
    public void whatItsPowerIsLikeIsSaidAndPutRightWithATap() {
        var call = add("Dishwasher", "Stands full");
        call.sees("Water stands in the bottom");
        call.hasHeardAll();
        assertThat(call.panel()).containsText("It may have power");
        call.page().getByText("not so?").click();
        call.touch("Its power is off");
        assertThat(call.panel()).containsText("Power cut off");
        call.page().reload();
        assertThat(call.panel()).containsText("Power cut off");
    }

    @Test
    public void whoTipsTheMachineReadsItsWeightOnAVisitForUpkeep() {
        var page = chromium.signedIn(installation, Size.PHONE, "/settings/practice");
        unfold(page, " to choose");
        page.waitForResponse(
                "**/api/schools/*",
                () -> page.getByLabel("Tip the machine back").check());
        link(page, "Round").first().click();
        var call = CallPage.addUpkeep(page, "Washing machine");
        call.segment("Safe");
        assertThat(call.panel()).containsText("60 to 80 kg");
    }
}
