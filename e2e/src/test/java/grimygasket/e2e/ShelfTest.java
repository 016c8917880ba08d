package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** The list of parts, what is on which van, and what is to be ordered. */
public class ShelfTest extends BrowserTest {
    private static void find(Page page, String text) {
        page.getByPlaceholder("Number, name, maker, supplier or place").fill(text);
    }

    private static Locator parts(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Parts"));
    }

    @Test(dataProvider = "sizes")
    public void aPartIsAddedReceivedGivenAwayAndFoundOnTheOrderList(Size size) {
        var page = chromium.signedIn(installation, size);
        link(page, "Shelf").click();
        assertThat(parts(page)).containsText("Return valve with ball");
        Axe.assertClean(page, "shelf");
        var number = "HC-30-" + size;
        button(page, "New part").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByLabel("Number", new Locator.GetByLabelOptions().setExact(true))
                .fill(number);
        sheet.getByLabel("What it is").fill("Hose clip, 30 mm");
        sheet.getByLabel("Price").fill("a lot");
        button(page, "Save the part").click();
        assertThat(sheet).containsText("A number, please.");
        sheet.getByLabel("Price").fill("2,50");
        button(page, "Save the part").click();
        assertThat(sheet).containsText("Say which part of the machine it is");
        sheet.getByLabel("Which part of it").selectOption("hose-clip");
        sheet.getByLabel("Minimum on all vans together").fill("5");
        sheet.getByLabel("Supplier").fill("Quay Trade Counter");
        button(page, "Save the part").click();
        assertThat(sheet).hasCount(0);

        find(page, number);
        assertThat(parts(page).getByRole(AriaRole.LISTITEM)).hasCount(1);
        parts(page).getByText("Hose clip, 30 mm").click();
        sheet.getByLabel("How many", new Locator.GetByLabelOptions().setExact(true))
                .fill("3");
        button(page, "Save").first().click();
        assertThat(sheet.getByLabel("On the vans")).containsText("3");
        sheet.getByText("Given to").click();
        button(page, "Save").first().click();
        assertThat(sheet).containsText("Choose whose van it goes to.");
        sheet.getByLabel("To whose van").selectOption("Rollo Fenn");
        button(page, "Save").first().click();
        assertThat(sheet.getByLabel("On the vans")).containsText("Rollo Fenn1");
        assertThat(sheet).containsText("What came and went");
        Axe.assertClean(page, "part");
        button(page, "Close").click();
        assertThat(parts(page)).containsText("2 on your van, 1 elsewhere");

        page.getByText("To order").click();
        var wanted = page.getByLabel("Quay Trade Counter")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(number));
        assertThat(wanted).containsText("3 there, minimum 5");
        Axe.assertClean(page, "order list");
    }

    @Test
    public void aListComesInLineByLineAndGoesOutWhole() throws IOException {
        var page = chromium.signedIn(installation, Size.DESK, "/shelf");
        var csv =
                "number,name,price,kind,part\nZZ-1,Clip,1.90,dishwasher,hose-clip\nZZ-2,Clip,cheap,dishwasher,hose-clip\n";
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("parts.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("1 taken, 1 not.")).isVisible();
        assertThat(page.getByLabel("Lines that were not taken")).containsText("Line 3: “cheap” is no price");
        find(page, "ZZ-1");
        assertThat(parts(page).getByRole(AriaRole.LISTITEM)).hasCount(1);
        var file = page.waitForDownload(() -> link(page, "Export as CSV").click());
        assertTrue(Files.readString(file.path()).contains("ZZ-1,Clip,dishwasher,hose-clip,,1.90,"));
    }

    @Test
    public void aTechnicianSeesTheListAndMovesWhatIsOnTheirVan() {
        var page = chromium.phone(installation.address(), "rollo", Installation.PASSWORD);
        link(page, "Shelf").click();
        assertThat(parts(page)).containsText("Return valve with ball");
        assertThat(button(page, "New part")).hasCount(0);
        find(page, "RV-20");
        assertThat(parts(page).getByRole(AriaRole.LISTITEM)).hasCount(1);
        parts(page).getByText("Return valve").click();
        button(page, "Save").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByLabel("On the vans")).containsText("Rollo Fenn1");
    }
}
