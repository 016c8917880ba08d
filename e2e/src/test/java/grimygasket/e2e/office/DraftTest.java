package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The know-how changed in the page: in a draft, which is looked at, tried out and put to use. */
public class DraftTest extends BrowserTest {
    private static final String KIND = "/know-how/vacuum-cleaner";

    private static void fill(Page page, String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
    }

    private static void add(Page page, String list, String what) {
        page.getByLabel(list + ": add one").selectOption(new SelectOption().setLabel(what));
    }

    private static void keep(Page page) {
        button(page, "Save to draft").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Change or add"))
                .waitFor();
    }

    @Test(dataProvider = "sizes")
    public void aFaultIsAddedACaseFailsIsMendedAndTheDraftPutToUse(Size size) {
        var page = chromium.signedIn(installation, size, KIND + "/draft");
        var fault = "Hose swollen, seen on a " + size.name().toLowerCase();
        link(page, "Add a fault").click();
        fill(page, "Name", fault);
        page.reload();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(fault);
        add(page, "Where on its paths", "Wand or hose");
        keep(page);
        assertThat(page.getByText("is cured by no remedy")).isVisible();

        link(page, "Add a remedy").click();
        fill(page, "Name", "Fit a hose, seen on a " + size.name().toLowerCase());
        add(page, "Cures", fault);
        button(page, "One more step").click();
        fill(page, "Step 1", "Unplugged: turn the old hose out of its collar, the new one in until it clicks.");
        page.getByText("Why, what with, when to stop").click();
        fill(page, "Stop if", "wires run in the hose.");
        page.getByLabel("The machine has").selectOption("DEAD");
        page.getByLabel("Proved by").selectOption("sucks");
        keep(page);
        assertThat(page.getByText("is cured by no remedy")).hasCount(0);

        fill(page, "What is to be changed", "brush wound");
        link(page, "Brush wound with hair").click();
        fill(page, "How often", "0.5");
        keep(page);
        assertThat(page.getByText("Test calls that now fail")).isVisible();
        assertThat(page.getByText("“The roller does not spin.”")).isVisible();
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Brush wound with hair")))
                .containsText("<1%");

        button(page, "Take back: Brush wound with hair, how often").click();
        assertThat(page.getByText("On every typical call that was met before")).isVisible();
        var use = button(page, "Publish");
        fill(page, "What is new", "Swollen hoses");
        assertThat(use).isDisabled();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("I wrote all of this"))
                .click();
        use.click();
        var newest = page.getByLabel("Versions").getByRole(AriaRole.LISTITEM).first();
        assertThat(newest).containsText("Swollen hoses");
        assertThat(newest).containsText("in use");
        page.navigate(installation.address() + KIND + "/faults");
        link(page, fault).click();
        assertThat(page.getByText("Stop if wires run in the hose.")).isVisible();
    }

    @Test
    public void whatContradictsItselfIsSaidAndTakenBack() {
        var page = chromium.signedIn(installation, Size.DESK, KIND + "/faults/bin-packed");
        link(page, "Change: " + page.locator("h2").first().innerText()).click();
        button(page, "Take the fault out").click();
        assertThat(page.getByText(Pattern.compile("It contradicts itself: \\d+ things? (is|are) wrong")))
                .isVisible();
        assertThat(button(page, "Publish")).hasCount(0);
        button(page, "Take back: bin-packed, taken out").click();
        assertThat(page.getByText("Nothing is changed.")).isVisible();
    }
}
