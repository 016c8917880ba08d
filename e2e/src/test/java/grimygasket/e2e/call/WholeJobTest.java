package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From the complaint to the logged part and the closed call, with wrong entries and reloads on the way. */
public class WholeJobTest extends BrowserTest {
    @Test(dataProvider = "sizes")
    public void fromComplaintToLoggedPart(Size size) {
        int valvesBefore = valvesOnVan();
        var page = chromium.profile(size).newPage();
        page.navigate(installation.address());
        signInWithAWrongPasswordFirst(page);

        var complaint = "Dirty water in it every morning, " + size;
        newCallWithAReloadAndAGap(page, complaint);
        var call = new CallPage(page).id();

        seeAndShow(page);
        var screen = new CallPage(page);
        findAtTheReturnValve(screen);
        replaceTheValve(screen);
        handOver(screen);

        assertEquals(findings(call), new String[] {
            "symptom-settled water-returns YES",
            "code-read E99 ",
            "code-read d4 ",
            "check-made valve-ball open",
            "remedy-tried replace-valve CURED"
        });
        assertEquals(
                column("select used, unit_price, remedy from part_use where call_id = '" + call + "'"),
                new String[] {"1 7.40 replace-valve"});
        assertEquals(valvesOnVan(), valvesBefore - 1);
        assertEquals(
                column(
                        "select json_value(record, '$.complaints[0].text'), advice, sign_off is null, closed_at is not null"
                                + " from service_call where id = '" + call + "'"),
                new String[] {complaint + " Clean the filter every two weeks. 1 1"});

        readTheReport(page, complaint);
        page.getByText("Back to the round").click();
        assertThat(page.getByText(complaint)).isVisible();
        assertThat(page.locator("li", new Page.LocatorOptions().setHasText(complaint))
                        .first())
                .containsText("✓");
    }

    @Test
    public void whatStaysAfterARepairThatHelpedInPartIsAskedAndUsed() {
        var page = chromium.signedIn(installation, Size.PHONE);
        var call = CallPage.add(page, "Vacuum cleaner", "No suction, and it stinks of dog");
        call.sees("Weak suction");
        call.sees("It smells");
        call.checks("Look at bin and mesh", "Full or mesh packed");
        choose(page, "Empty the bin and brush the mesh");
        call.touch("Done, now prove it");
        call.touch("Fixed, but another fault remains");
        var asked = page.getByLabel("What is still there");
        answer(asked, "Weak suction", "Gone");
        answer(asked, "It smells", "Still there");
        assertThat(asked).hasCount(0);
        assertThat(call.panel()).containsText("Smell mesh, foam and pleats one by one");
        assertEquals(findings(call.id()), new String[] {
            "symptom-settled weak YES",
            "symptom-settled smell YES",
            "check-made bin-look packed",
            "remedy-tried empty-bin PARTLY",
            "symptom-settled weak NO",
            "symptom-settled smell YES"
        });
    }

    private static void answer(Locator asked, String complaint, String answer) {
        asked.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName(complaint))
                .getByText(answer)
                .click();
    }

    private int valvesOnVan() {
        var rows = column(
                "select on_van from van_stock s join part p on p.id = s.part_id where p.number = 'RV-20' and s.account_id = '0193a000-0000-7000-8000-000000000001'");
        return Integer.parseInt(rows[0]);
    }

    private void signInWithAWrongPasswordFirst(Page page) {
        page.getByLabel("Name").fill(Installation.LOGIN);
        page.getByLabel("Password").fill("wrong");
        button(page, "Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT))
                .hasText("Name and password do not go together. Check capitals, and try again.");
        assertThat(page.getByLabel("Name")).hasValue(Installation.LOGIN);
        Chromium.signIn(page);
    }

    private void newCallWithAReloadAndAGap(Page page, String complaint) {
        button(page, "New call").click();
        page.getByLabel("Complaint").fill(complaint);
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Tess Orrin");
        page.reload();
        button(page, "New call").click();
        assertThat(page.getByLabel("Complaint")).hasValue(complaint);
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Tess Orrin");
        page.getByLabel("Maker").fill("Corvanne");
        button(page, "Put on the round").click();
        assertThat(page.getByText("Enter the street, so that you find the house.")
                        .first())
                .isVisible();
        assertThat(page.getByLabel("Street, floor")).isFocused();
        page.getByLabel("Street, floor").fill("2 Weir Lane");
        button(page, "Put on the round").click();
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        assertThat(page.getByText("No symptom and no code is entered.")).isVisible();
    }

    private void seeAndShow(Page page) {
        button(page, "Dirty water comes back later").click();
        assertThat(page.getByLabel("Most likely")).containsText("Return valve stuck open");

        var evidence = page.getByPlaceholder("What else?");
        evidence.fill("E99");
        page.getByText("Code “E99”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code E99");
        assertThat(page.getByLabel("So far")).containsText("not in the tables");
        evidence.fill("d4");
        page.getByText("Draining takes too long").click();
        assertThat(page.getByLabel("So far")).containsText("Code d4");
    }

    private void findAtTheReturnValve(CallPage call) {
        var page = call.page();
        button(page, "Return valve:").click();
        page.getByRole(AriaRole.DIALOG)
                .getByText("Look at the return valve's ball and seat")
                .click();
        assertThat(call.panel()).containsText("Open first: Lower rack and filter out, then Sump cover off");
        assertThat(call.panel()).containsText("Glass may hide");
        call.confirms("Cuts");
        assertThat(call.panel()).containsText("✓ Gloves on");
        call.confirms("Tipping");
        call.confirms("Electric shock");
        assertThat(call.panel()).containsText("✓ Plug out, or breaker locked");

        call.touch("The tray");
        call.lays("Lower rack and filter out", "Lower rack", "Filter");
        call.lays("Sump cover off", "Sump cover");
        assertThat(call.panel()).containsText("2 × T20, coarse for plastic, 16 mm A");
        call.goesOn();

        button(page, "Held open, or seat dirty").click();
        assertThat(call.story()).containsText("Held open, or seat dirty");
        // A wrong tap, taken back and put right.
        page.getByLabel("Undo: Look at the return valve's ball and seat").click();
        assertThat(call.story()).not().containsText("Held open, or seat dirty");
        call.checks("Look at the return valve's ball and seat", "Held open, or seat dirty");
        assertThat(page.getByLabel("Most likely").locator("li").first()).containsText("Return valve stuck open");
    }

    private void replaceTheValve(CallPage call) {
        var page = call.page();
        choose(page, "Replace the return valve");
        var part = page.getByRole(
                AriaRole.REGION,
                new Page.GetByRoleOptions().setName("Return valve").setExact(true));
        assertThat(part).containsText("RV-20");
        assertThat(part).containsText("€7.40");
        var howMany = page.getByLabel("How many", new Page.GetByLabelOptions().setExact(true));
        howMany.fill("88");
        call.touch("Take it from the van");
        assertThat(page.getByText(Pattern.compile("Only \\d of RV-20 on the van, not 88")))
                .isVisible();
        assertThat(howMany).hasValue("88");
        howMany.fill("1");
        call.touch("Take it from the van");
        assertThat(call.story()).containsText("1 × RV-20");
        call.pick("Binned");

        call.touch("Done, now prove it");
        assertThat(call.panel()).containsText("Refit in this order");
        page.reload();
        call.closesUpAndProves(2, "it drains");
        assertThat(call.story()).containsText("Replace the return valve: proved");
        call.notes("Return valve", "Grit", "Worn");
    }

    private void handOver(CallPage call) {
        var page = call.page();
        call.segment("Hand over");
        assertThat(call.panel()).containsText("Cured and proved");
        assertThat(call.panel()).containsText("Clear Code d4:");
        page.getByLabel("Advice to the customer").fill("Clean the filter every two weeks.");
        page.reload();
        assertThat(page.getByLabel("Advice to the customer")).hasValue("Clean the filter every two weeks.");
        page.getByLabel("Labour, minutes", new Page.GetByLabelOptions().setExact(true))
                .fill("45");
        call.touch("Charge");
        assertThat(call.story()).containsText("Labour charged: 45 min");
        signs(page);
        assertThat(call.story()).containsText("Signed by: Tess Orrin");
        call.closes();
        assertThat(page.getByPlaceholder("What else?")).hasCount(0);
    }

    private static void signs(Page page) {
        button(page, "Customer signs").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet.getByLabel("Name")).hasValue("Tess Orrin");
        var field = sheet.getByLabel("Field to sign in").boundingBox();
        page.mouse().move(field.x + 20, field.y + 20);
        page.mouse().down();
        page.mouse().move(field.x + 120, field.y + 60);
        page.mouse().up();
        button(page, "Save").click();
        sheet.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    private void readTheReport(Page page, String complaint) {
        page.getByText("Report for the customer").click();
        var report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report).containsText(complaint);
        assertThat(report).containsText(Pattern.compile("Return valve stuck open, .+ sure, because of:"));
        assertThat(report.getByLabel("Done")).containsText("Replace the return valve");
        assertThat(report.getByLabel("Protected against")).containsText("cuts, tipping, electric shock");
        assertThat(report.getByLabel("Found inside")).containsText("grit, worn");
        var cost = report.getByLabel("Labour and parts");
        assertThat(cost).containsText("Labour, 45 min");
        assertThat(cost).containsText("the old one is disposed of");
        // 45 minutes at 66 an hour, and the valve for 7.40.
        assertThat(cost).containsText("€56.90");
        assertThat(report.getByLabel("Signature")).isVisible();
        assertThat(report.getByLabel("Our advice")).containsText("Clean the filter every two weeks.");
        page.getByText("Back to the call").click();
    }

    @Test
    public void aKnownMachineComesWithItsPlateAndWhatIsFitted() {
        var page = chromium.signedIn(installation, Size.DESK);
        button(page, "New call").click();
        page.getByLabel("Complaint").fill("Smells again");
        page.getByLabel("Find a known customer").fill("plover");
        button(page, "Haldbeck H60 Inn").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("1 Harbour Wall");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("60-118834");
        button(page, "Put on the round").click();
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        page.locator("summary", new Page.LocatorOptions().setHasText("Fitted")).click();
        assertThat(page.getByLabel("Drains into a food disposer").first()).isChecked();
        assertEquals(column("select count(*) from customer where name like 'The Plover%'"), new String[] {"1"});

        // Looked at more closely, it has no disposer: its fault is no suspect any more.
        button(page, "Yes: It smells").click();
        page.getByLabel("Drains into a food disposer").first().click();
        page.getByText(Pattern.compile("^All \\d+ faults")).click();
        assertThat(page.getByLabel("Most likely")).not().containsText("Disposer");

        new CallPage(page).segment("Hand over");
        page.getByLabel("Reason").fill("Kitchen in use, back on Friday");
        button(page, "Close the call").click();
        assertThat(page.getByLabel("Next step")).containsText("Left open on purpose: Kitchen in use, back on Friday");
        button(page, "Open it again").click();
        assertThat(page.getByLabel("Next step")).not().containsText("Closed at");
    }

    @Test
    public void aDryerComesWithWhatDryersUsuallyHave() {
        var page = chromium.signedIn(installation, Size.PHONE);
        button(page, "New call").click();
        page.getByLabel("Tumble dryer").check();
        assertThat(page.getByLabel("Condenser that slides out")).isChecked();
        assertThat(page.getByLabel("Vented through a duct")).not().isChecked();
        page.getByLabel("Complaint").fill("Takes three runs");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Wim Garrow");
        page.getByLabel("Street, floor").fill("9 Rope Walk");
        page.getByLabel("Maker").fill("Ostrelle");
        button(page, "Put on the round").click();
        page.waitForURL(Pattern.compile(".*/calls/.*"));
        button(page, "Drying takes long").click();
        assertThat(page.getByLabel("So far")).containsText("Drying takes long");
        assertThat(page.getByLabel("Most likely")).containsText("Condenser clogged");
    }

    @Test(dataProvider = "sizes")
    public void nothingIsCutOffAtTheSide(Size size) {
        var page = chromium.signedIn(installation, size);
        for (var path : new String[] {"/round", HALF_DONE}) {
            page.navigate(installation.address() + path);
            page.getByRole(AriaRole.MAIN).waitFor();
            assertTrue(
                    (int) page.evaluate("document.documentElement.scrollWidth") <= size.width(), path + " at " + size);
        }
        page.setViewportSize(360, 740);
        assertTrue((int) page.evaluate("document.documentElement.scrollWidth") <= 360, "the smallest phone");
    }
}
