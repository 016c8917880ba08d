package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.testng.annotations.Test;

/** The rating plate is read off a photo, on the device, and nothing of it is taken unasked. */
public class PlateTest extends BrowserTest {
    /** A new call on which somebody begins to correct the machine; its plate says nothing that stands there. */
    static Page correcting(Chromium chromium, Installation installation) {
        var page = chromium.signedIn(installation, Size.PHONE);
        CallPage.add(page, "Dishwasher", "Leaves grit on the glasses");
        unfold(page, "Machine");
        button(page, "Correct machine").click();
        for (var name : new String[] {"Maker", "Model", "Serial"}) {
            page.getByLabel(name, new Page.GetByLabelOptions().setExact(true)).fill("?");
        }
        return page;
    }

    /** Takes a photo of a plate, and waits for what it seems to say. */
    static Locator read(Page page, Plate plate) {
        page.locator("input[type=file][capture]").first().setInputFiles(plate.photo(page));
        page.getByText("Reading the plate").waitFor();
        page.getByText("Read the plate off a photo").waitFor();
        return page.getByText("The plate seems to say this")
                .locator("xpath=..")
                .or(page.getByText("Nothing can be made out"));
    }

    @Test
    public void whatThePlateSaysIsProposedAndTakenByATap() {
        var page = correcting(chromium, installation);
        var said = read(page, Plate.drawn(0, 20));
        assertThat(said).containsText("Model: " + Plate.drawn(0, 20).model());
        assertThat(page.getByLabel("Model", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("?");
        Axe.assertClean(page, "plate");
        button(page, "Take all").click();
        assertThat(page.getByText("It says what stands here.")).isVisible();
        button(page, "Save machine").click();
        assertThat(page.getByText(Plate.drawn(0, 20).serial()).first()).isVisible();
    }
}
