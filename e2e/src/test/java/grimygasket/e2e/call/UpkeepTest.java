package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import org.testng.annotations.Test;

/** Visits without a fault, from the round to the report, and one on which a fault is seen. */
public class UpkeepTest extends BrowserTest {
    @Test(dataProvider = "sizes")
    public void aDishwasherIsKeptUp(Size size) {
        var page = chromium.signedIn(installation, size);
        var call = CallPage.addUpkeep(page, "Dishwasher");
        assertThat(call.panel()).containsText("Clean · 0 of 4 done");
        does(call, "Clean and seat the door seal");
        // Left in mid-entry, and gone on with.
        page.reload();
        assertThat(call.panel()).containsText("Clean · 1 of 4 done");
        does(call, "Clean the spray arms");
        does(call, "Clean the filter");
        does(call, "Wipe the edges and run it hot and empty with a cleaner");
        assertThat(call.panel()).containsText("Make it safe");
        call.makesSafe();
        call.segment("Clean");
        assertThat(call.panel()).containsText("All that was due is done");
        call.notesHere("Filter", "Food", "Only dirty");
        call.segment("Open");
        call.lays("Lower rack and filter out", "Lower rack", "Filter");
        call.rebuilds();
        seesAllWork(call);
        call.closes();
        var closed = "select closed_at is not null, sign_off is null from service_call where id = '" + call.id() + "'";
        assertEquals(column(closed), new String[] {"1 1"});

        page.getByText("Report for the customer").click();
        var report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report.getByLabel("Done")).containsText("Clean the filter");
        assertThat(report.getByLabel("Next dates")).containsText("Clean the filter");
        assertThat(report.getByLabel("Complaint")).hasCount(0);
    }

    /** Before the motor and behind it; and the last look round, which goes into the report. */
    @Test
    public void bothFiltersOfACordlessVacuumAreKeptUp() {
        var page = chromium.signedIn(installation, Size.PHONE);
        var call = CallPage.addUpkeep(page, "Vacuum cleaner");
        var tasks = page.getByLabel("To do on this visit, from outside in").locator("span.font-head");
        tasks.first().waitFor();
        var names = tasks.allInnerTexts();
        assertTrue(names.stream().anyMatch(name -> name.contains("pre-motor filter")), "" + names);
        assertTrue(names.stream().anyMatch(name -> name.contains("exhaust filter")), "" + names);
        names.forEach(name -> does(call, name));
        call.segment("Prove");
        assertThat(call.panel()).not().containsText("Draw the cord out");
        call.touch("Looked at all of it");
        assertThat(call.story()).containsText("Last look");
        page.navigate(page.url().replaceAll("#.*", "") + "/report");
        var report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report.getByLabel("Looked at before we left")).containsText("each is latched");
        assertThat(report.getByLabel("Next dates")).containsText("pre-motor filter");
        assertThat(report.getByLabel("Next dates")).containsText("exhaust filter");
    }

    @Test(dataProvider = "sizes")
    public void aDryerShowsAFaultOnTheWay(Size size) {
        var page = chromium.signedIn(installation, size);
        var call = CallPage.addUpkeep(page, "Tumble dryer");
        does(call, "Wash the lint filter");
        call.touch("Something is wrong with it");
        assertThat(call.panel()).containsText("What does the customer see?");
        call.sees("Drying takes long");
        assertThat(call.story()).containsText("Wash the lint filter: done");
        assertThat(page.getByLabel("Most likely").locator("li").first()).isVisible();
    }

    @Test(dataProvider = "sizes")
    public void whatTheKnowHowDoesNotHaveReachesTheLead(Size size) {
        var page = chromium.signedIn(installation, size);
        var call = CallPage.addUpkeep(page, "Dishwasher");
        var text = "Mouse nest behind the kick plate, " + size;
        page.getByText("In your own words").first().click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Seen"))
                .click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("In your own words"))
                .fill(text);
        page.getByText("Write it down").click();
        assertThat(call.story()).containsText(text + ": seen");
        page.navigate(installation.address() + "/know-how/dishwasher/noted");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(text))
                .getByText("Take it into the draft")
                .click();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(text);
    }

    @Test
    public void theRoundSaysWhatItIsFor() {
        var page = chromium.signedIn(installation, Size.PHONE);
        CallPage.addUpkeep(page, "Vacuum cleaner");
        page.navigate(installation.address());
        var line = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Vacuum cleaner · Corvanne"));
        assertThat(line.first()).containsText("Upkeep");
        assertThat(line.first()).containsText("What is due");
    }

    private static void does(CallPage call, String task) {
        call.page()
                .getByLabel("To do on this visit, from outside in")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(task))
                .click();
        assertThat(call.panel().getByRole(AriaRole.HEADING).first()).hasText(task);
        call.touch("Done");
        assertThat(call.story()).containsText(task + ": done");
    }

    /** Sees every function that was worked on work, and every joint stay dry. */
    private static void seesAllWork(CallPage call) {
        call.segment("Prove");
        var worked = call.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("It worked").setExact(true));
        for (int left = worked.count(); left > 0; left--) {
            worked.first().click();
            assertThat(worked).hasCount(left - 1);
        }
        assertThat(call.gaps()).hasCount(0);
    }
}
