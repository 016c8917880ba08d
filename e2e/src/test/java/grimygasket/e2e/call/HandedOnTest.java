package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/** A call and its report on their way out of the application, and into another one. */
public class HandedOnTest extends BrowserTest {
    private static final String CLOSED = "/calls/0193a000-0000-7000-8000-000000000401";

    private static Path download(Page page, Runnable touch, String suffix) throws IOException {
        var file = Files.createTempFile("gasket-", suffix);
        page.waitForDownload(touch).saveAs(file);
        return file;
    }

    /** All that the report says below the business that made it. */
    private static List<String> report(Page page, String address) {
        page.navigate(address + CLOSED + "/report");
        var sections = page.getByRole(AriaRole.ARTICLE).locator("section");
        sections.first().waitFor();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Tried out afterwards");
        return sections.allInnerTexts();
    }

    @Test
    public void aCallReadIntoAnEmptyInstallationIsTheSameCallWithTheSameReport()
            throws IOException, InterruptedException {
        var page = chromium.signedIn(installation, Size.DESK, CLOSED);
        var file =
                download(page, () -> page.getByText("The whole call as a file").click(), ".json");
        var said = report(page, installation.address());
        assertTrue(said.size() >= 9, said.toString());

        try (var empty = new Installation(false)) {
            // The report says of a business what its settings say.
            empty.execute("update business set phone = '01632 960 140', tax_percent = 20, warranty_months = 12");
            var other = chromium.profile(Size.DESK).newPage();
            other.navigate(empty.address());
            other.getByLabel("Name").fill(Installation.LOGIN);
            other.getByLabel("Password").fill(Installation.PASSWORD);
            button(other, "Sign in").click();
            assertThat(other.getByText("Nothing planned.")).isVisible();
            other.getByLabel("Import a call").setInputFiles(file);
            assertThat(other.getByLabel("Next step")).containsText("Closed at");
            assertEquals(report(other, empty.address()), said);

            other.navigate(empty.address() + CLOSED);
            var again = download(
                    other, () -> other.getByText("The whole call as a file").click(), ".json");
            assertEquals(Files.readString(again), Files.readString(file));

            other.navigate(empty.address());
            other.getByLabel("Import a call").setInputFiles(file);
            assertThat(other.getByRole(AriaRole.ALERT)).containsText("This call is on file here already.");
            Files.writeString(again, "{\"format\": \"something else\"}");
            other.getByLabel("Import a call").setInputFiles(again);
            assertThat(other.getByLabel("What is wrong").locator("li").first()).isVisible();
        }
    }

    @Test
    public void theReportIsTakenAlongAsPdfAndItsDatesAsACalendar() throws IOException {
        var page = chromium.signedIn(installation, Size.PHONE, CLOSED + "/report");
        var pdf = download(page, () -> link(page, "PDF").click(), ".pdf");
        assertTrue(new String(Files.readAllBytes(pdf), 0, 5).startsWith("%PDF-"));
        var dates = download(page, () -> link(page, "Dates for a calendar").click(), ".ics");
        assertTrue(Files.readString(dates).startsWith("BEGIN:VCALENDAR"));
    }
}
