package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import org.testng.annotations.Test;

/** The plan of a whole day, which moves the visits that others of {@link BusinessDayTest} look at. */
public class PlannedDayTest extends BrowserTest {
    @Test
    public void theDayIsPlannedForEverybody() {
        var page = chromium.signedIn(installation, Size.DESK, "/board");
        button(page, "Plan the day").click();
        var plan = region(page, "A plan for everybody");
        assertThat(plan).containsText("Visits that nobody has");
        Axe.assertClean(page, "plan");
        button(page, "Take this plan").click();
        assertThat(page.getByText("Planned anew")).isVisible();
        assertThat(region(page, "Nobody has these yet")).hasCount(0);
        button(page, "Undo").click();
        assertThat(region(page, "Nobody has these yet")).isVisible();
    }
}
