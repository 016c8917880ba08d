package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What goes wrong around the technician: each time a sentence that helps, and nothing entered is lost. */
public class MishapsTest extends BrowserTest {
    private static final String GREASY = "/calls/0193a000-0000-7000-8000-000000000404";
    private static final String GRITTY = "/calls/0193a000-0000-7000-8000-000000000403";
    private static final String HUMS = "/calls/0193a000-0000-7000-8000-000000000405";

    @Test
    public void anEndedSessionAsksToSignInAndTheEntryGoesThrough() {
        var page = showing(GREASY);
        choose(page, "Work the dispenser's lid");
        installation.execute("delete from SPRING_SESSION");
        button(page, "Stuck or held shut").click();
        assertThat(page.getByText("Your session has ended")).isVisible();
        page.getByLabel("Name").fill(Installation.LOGIN);
        page.getByLabel("Password").fill(Installation.PASSWORD);
        button(page, "Sign in").click();
        assertThat(page.getByLabel("So far")).containsText("Stuck or held shut");
    }

    @Test
    public void theDatabaseMayGoAndComeBack() throws IOException, InterruptedException {
        var page = showing(GRITTY);
        choose(page, "Spin the arms and look at the nozzles");
        installation.stopDatabase();
        button(page, "Nozzles blocked").first().click();
        assertThat(page.getByLabel("So far")).containsText("Nozzles blocked");
        assertThat(page.getByText("One entry waits on this device")).isVisible();
        installation.startDatabase();
        assertThat(page.getByText("One entry waits on this device")).isHidden();
        assertEquals(findings(GRITTY).length, 2, "entered once");
    }

    @Test
    public void aSecondTabThatIsBehindShowsBothAnswers() {
        var first = showing(HUMS);
        var second = first.context().newPage();
        // It is not told what the first one does, nor does it ask.
        second.route("**/api/{feed,device/next-days}", Route::abort);
        second.navigate(installation.address() + HUMS);
        choose(second, "Lift the air gap's cap and look");
        choose(first, "Lift the air gap's cap and look");
        button(first, "Clear").click();
        assertThat(first.getByLabel("So far")).containsText("Clear");
        kept(first);

        button(second, "Blocked then").click();
        var notice = second.getByText("This already has a different answer.");
        assertThat(notice).isVisible();
        assertThat(second.getByText("there “Clear”")).isVisible();
        button(second, "Use mine").click();
        assertThat(second.getByLabel("So far")).containsText("Blocked");
        assertTrue(List.of(findings(HUMS)).contains("check-made air-gap-cap blocked"));
    }

    @Test
    public void whatAColleagueEntersIsSeenWithoutAReload() {
        var maren = showing(GREASY);
        var rollo = showing(GREASY);
        choose(maren, "Spin the arms and look at the nozzles");
        button(maren, "Nozzles blocked").first().click();
        assertThat(rollo.getByLabel("So far"))
                .containsText("Nozzles blocked", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
        rollo.context().close();
    }

    @Test
    public void whoACustomerIsIsPutRightOverAReload() {
        var page = showing(GREASY);
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^Customer")))
                .click();
        button(page, "Correct it").click();
        page.getByLabel("Name").fill("");
        button(page, "Put it right").click();
        assertThat(page.getByText("Enter the customer's name.").first()).isVisible();
        page.getByLabel("Name").fill("The Plover Inn (cellar)");
        page.reload();
        assertThat(page.getByLabel("Name")).hasValue("The Plover Inn (cellar)");
        button(page, "Put it right").click();
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("The Plover Inn (cellar)");
        page.navigate(installation.address() + "/round");
        assertThat(page.getByText("The Plover Inn (cellar)").first()).isVisible();
    }

    @Test
    public void aTimerOutlivesAReload() {
        var page = showing(HALF_DONE);
        choose(page, "Drain into a bucket from the hose end");
        assertThat(page.getByRole(AriaRole.TIMER)).hasText("0:30");
        button(page, "Start the time").click();
        page.waitForTimeout(1500);
        page.reload();
        choose(page, "Drain into a bucket from the hose end");
        assertThat(page.getByRole(AriaRole.TIMER)).not().hasText("0:30");
        assertThat(page.getByText("Stop", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    public void aWrongTapIsMendedWhereOneLooks() {
        var page = showing(HALF_DONE);
        choose(page, "Lift the air gap's cap and look");
        page.getByLabel("Next step")
                .getByText("Clear", new Locator.GetByTextOptions().setExact(true))
                .click();
        var mend = button(page, "Mend: Lift the air gap's cap and look");
        assertThat(mend).isInViewport();
        mend.click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByText("Blocked", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByLabel("So far")).containsText("Blocked");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Clear the air gap")))
                .isVisible();
    }
}
