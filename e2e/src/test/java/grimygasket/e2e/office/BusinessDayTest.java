package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What a business does around its calls: customers and machines, everybody's day, what to load. */
public class BusinessDayTest extends BrowserTest {
    private static Locator block(Locator in, String customer) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(customer));
    }

    @Test(dataProvider = "sizes")
    public void aCustomerIsEnteredCalledAboutAndTheMachineRemembered(Size size) {
        var page = chromium.signedIn(installation, size, "/customers");
        assertThat(page.getByLabel("Customers", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Ottoline Brask");
        Axe.assertClean(page, "customers");
        var name = "Wenna Lisle " + size;
        button(page, "New customer").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("Name").fill(name);
        sheet.getByLabel("Street").fill("6 Oyster Steps");
        sheet.getByLabel("E-mail").fill("wenna at home");
        sheet.getByLabel("How to get in").fill("Green gate");
        button(page, "Put on file").click();
        assertThat(sheet).containsText("An e-mail address looks like name@example.com.");
        sheet.getByLabel("E-mail").fill("wenna@example.com");
        button(page, "Put on file").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)))
                .isVisible();
        assertThat(page.getByText("Green gate")).isVisible();
        button(page, "Another address").click();
        page.getByLabel("Street").fill("7 Weir Mews");
        button(page, "Add the address").click();
        assertThat(region(page, "Other addresses")).containsText("7 Weir Mews");
        Axe.assertClean(page, "customer");

        button(page, "New call").click();
        assertThat(sheet).containsText(name);
        sheet.getByLabel("At which address").selectOption("7 Weir Mews");
        sheet.getByLabel("Complaint").fill("Does not drain");
        sheet.getByLabel("Maker").fill("Corvanne");
        sheet.getByLabel("Promised until").fill("23:50");
        button(page, "Put on the round").click();
        page.getByLabel("Next step").waitFor();
        assertThat(page.locator("#call-header")).containsText("7 Weir Mews");
        page.navigate(installation.address() + "/customers");
        page.getByPlaceholder("Name, street, phone, model or serial").fill("mews " + size);
        page.getByText(name).click();
        page.getByText("Dishwasher, Corvanne").click();
        var before = region(page, "What it had before");
        assertThat(before).containsText("Does not drain");
        Axe.assertClean(page, "machine");
        page.getByLabel("Stands at").selectOption("6 Oyster Steps");
        assertThat(page.getByText(name + ", 6 Oyster Steps")).isVisible();
    }

    @Test
    public void whatAMachineHadBeforeIsReadOverTheYears() {
        var page = chromium.signedIn(installation, Size.DESK, "/customers");
        page.getByText("Ottoline Brask").click();
        page.getByText("Dishwasher, Corvanne DW-610 S").click();
        var before = region(page, "What it had before");
        assertThat(before).containsText("Drains slowly again");
        assertThat(before).containsText("6.9 L/min");
        assertThat(page.getByRole(AriaRole.FIGURE)).containsText("Flow at the hose end");
        page.navigate(installation.address() + "/customers");
        page.getByText("Due", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("3 months").click();
        assertThat(region(page, "Due")).containsText("Sefa Lindqvar");
        assertThat(link(page, "Call is planned")).isVisible();
        Axe.assertClean(page, "due");
    }

    @Test
    public void aListFromElsewhereComesInAndWhoIsThereTwiceIsJoined() {
        var page = chromium.signedIn(installation, Size.DESK, "/customers");
        var csv =
                "Kunde;Adresse;Tel\nMorwen Tay;1 Fish Street;0455 88 77 66\nM. Tay;1 Fish Street;0455887766\n;Nowhere;\n";
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("kunden.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(button(page, "Bring them in")).isDisabled();
        page.getByLabel(Pattern.compile("^Name")).selectOption("Kunde");
        page.getByLabel(Pattern.compile("^Street")).selectOption("Adresse");
        Axe.assertClean(page, "columns");
        button(page, "Bring them in").click();
        assertThat(page.getByText("2 taken, 1 not.")).isVisible();
        assertThat(page.getByLabel("Lines that were not taken")).containsText("Line 4");
        page.getByText("Twice?").click();
        var twice = region(page, "Entered twice?");
        var pair = twice.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Morwen Tay"));
        Axe.assertClean(page, "twice");
        pair.getByRole(AriaRole.BUTTON).click();
        assertThat(twice.getByText("Morwen Tay")).hasCount(0);
        assertEquals(column("select name from customer where street = '1 Fish Street'"), new String[] {"Morwen Tay"});
    }

    @Test(dataProvider = "sizes")
    public void whatNobodyHasIsGivenOutAndTakenBack(Size size) {
        var page = chromium.signedIn(installation, size, "/board");
        var nobody = region(page, "Nobody has these yet");
        var jory = region(page, "Jory Pellam");
        block(nobody, "Isaura Wick").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("Does not spin");
        Axe.assertClean(page, "give");
        sheet.getByLabel("For whom").selectOption("Jory Pellam");
        button(page, "Plan it so").click();
        assertThat(block(jory, "Isaura Wick")).isVisible();
        Axe.assertClean(page, "board");
        button(page, "Undo").click();
        assertThat(block(nobody, "Isaura Wick")).isVisible();
        if (size == Size.DESK) {
            block(nobody, "Isaura Wick").dragTo(block(jory, "Cuthbert Venn"));
            assertThat(block(jory, "Isaura Wick")).isVisible();
            button(page, "Undo").click();
            assertThat(block(nobody, "Isaura Wick")).isVisible();
        }
    }

    @Test(dataProvider = "sizes")
    public void aVisitIsPlannedForAnotherDayOfTheWeek(Size size) {
        var tuesday =
                LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY)).plusDays(1);
        var page = chromium.signedIn(installation, size, "/week/" + tuesday);
        var nobody = region(page, "Nobody has these yet");
        var ofEbba = region(page, "Ebba Stroud").locator("[data-day='" + tuesday + "']");
        block(nobody, "Tobin Gale").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("For whom").selectOption("Ebba Stroud");
        sheet.getByLabel("Day").fill(tuesday.toString());
        button(page, "Plan it so").click();
        assertThat(block(ofEbba, "Tobin Gale")).isVisible();
        assertThat(ofEbba).containsText("of work");
        Axe.assertClean(page, "week");
        button(page, "Undo").click();
        assertThat(block(nobody, "Tobin Gale")).isVisible();
        if (size == Size.DESK) {
            block(nobody, "Tobin Gale").dragTo(ofEbba);
            assertThat(block(ofEbba, "Tobin Gale")).isVisible();
            button(page, "Undo").click();
            assertThat(block(nobody, "Tobin Gale")).isVisible();
        }
    }

    @Test
    public void whatLiesOnTheVanIsTickedOffAndStaysSo() {
        var page = chromium.signedIn(installation, Size.PHONE);
        var load = page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("What to load"));
        load.getByText("Tools").click();
        var torch = load.getByLabel("torch");
        torch.check();
        page.reload();
        load.getByText("Tools").click();
        assertThat(torch).isChecked();
        assertTrue(load.innerText().contains("1 of"), load.innerText());
        Axe.assertClean(page, "what to load");
    }
}
