package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** An empty installation on its first day: a business, its parts and customers from lists with bad lines, and a call that is closed. */
public class FirstDayTest {
    /** Every twentieth line is wrong. */
    private static final int BAD = 20;

    private Installation installation;
    private Chromium chromium;
    /** What was tapped or typed into. */
    private int taps;

    @BeforeClass
    void empty() throws IOException, InterruptedException {
        installation = new Installation(false);
        chromium = Chromium.ofThisThread();
    }

    @AfterClass(alwaysRun = true)
    void end() {
        chromium.closeProfiles();
        installation.close();
    }

    private static String lines(int count, String head, String good, String bad) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(i -> (i % BAD == 0 ? bad : good).replace("#", "" + i))
                .collect(Collectors.joining("\n", head + "\n", "\n"));
    }

    private void tap(Locator place) {
        taps++;
        place.click();
    }

    private void type(Page page, String label, String text) {
        taps++;
        page.getByLabel(label).first().fill(text);
    }

    private void bringIn(Page page, String place, String name, String csv) {
        taps++;
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(place))
                .locator("input[type=file]")
                .setInputFiles(new FilePayload(name, "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
    }

    private Locator step(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The first day"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(name));
    }

    private static Locator view(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Views"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name));
    }

    private void go(Page page, String name) {
        tap(view(page, "Round"));
        tap(step(page, name).getByRole(AriaRole.LINK));
    }

    @Test
    public void aBusinessIsAtWorkByItsFirstCall() {
        var page = chromium.signedIn(installation, Size.DESK, "/settings");
        tap(view(page, "Round"));
        assertThat(step(page, "Your business")).isVisible();
        Axe.assertClean(page, "first day");
        tap(step(page, "Your people").getByRole(AriaRole.BUTTON));

        go(page, "Your business");
        type(page, "Name in reports", "Eelgrass Appliance Care");
        tap(BrowserTest.button(page, "Save"));
        assertThat(page.getByText("Kept.")).isVisible();

        go(page, "Your parts");
        bringIn(
                page,
                "The list as a file",
                "parts.csv",
                lines(
                        800,
                        "number,name,price,kind,part",
                        "HC-#,Hose clip #,2.50,dishwasher,hose-clip",
                        "HC-#,Hose clip #,cheap,dishwasher,hose-clip"));
        assertThat(page.getByText("760 taken, 40 not.")).isVisible();
        assertThat(page.getByLabel("Lines that were not taken")).containsText("Line 21: “cheap” is no price");

        go(page, "Your customers");
        bringIn(
                page,
                "Customers as a file",
                "customers.csv",
                lines(
                        500,
                        "Client;Address;Tel;Brand;Appliance",
                        "Customer #;# Long Row;0455 1 # 00;Corvanne;dishwasher",
                        "Customer #;# Long Row;0455 1 # 00;Corvanne;toaster"));
        tap(BrowserTest.button(page, "Bring them in"));
        assertThat(page.getByText("475 taken, 25 not.")).isVisible();
        type(page, "Find a customer", "customer 137");
        tap(page.getByText("Customer 137", new Page.GetByTextOptions().setExact(true)));
        tap(BrowserTest.button(page, "New call"));
        type(page, "Complaint", "Water is left in the bottom");
        tap(BrowserTest.button(page, "Put on the round"));
        page.getByLabel("Next step").waitFor();
        var call = new CallPage(page);
        call.segment("Hand over");
        taps++;
        type(page, "Reason", "Filter cleaned by the customer on the phone");
        tap(BrowserTest.button(page, "Close the call"));
        assertThat(page.getByLabel("Next step")).containsText("Left open on purpose");
        tap(view(page, "Round"));
        assertThat(page.getByText("The first day")).hasCount(0);
        tap(view(page, "Settings"));
        assertThat(step(page, "Your people")).isVisible();
        assertTrue(taps <= 30, "from nothing to a closed call in " + taps + " taps and fields");
    }
}
