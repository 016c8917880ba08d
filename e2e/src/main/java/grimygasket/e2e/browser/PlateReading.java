package grimygasket.e2e.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import grimygasket.e2e.installation.Installation;

/** The page's reading of a rating plate, as somebody has it done. */
public final class PlateReading {
    private PlateReading() {}

    /** A new call on which somebody begins to correct the machine; its plate says nothing that stands there. */
    public static Page correcting(Chromium chromium, Installation installation) {
        var page = chromium.signedIn(installation, Size.PHONE);
        CallPage.add(page, "Dishwasher", "Leaves grit on the glasses");
        BrowserTest.unfold(page, "Machine");
        BrowserTest.button(page, "Correct machine").click();
        for (var name : new String[] {"Maker", "Model", "Serial"}) {
            page.getByLabel(name, new Page.GetByLabelOptions().setExact(true)).fill("?");
        }
        return page;
    }

    /** Takes a photo of a plate, and waits for what it seems to say. */
    public static Locator read(Page page, Plate plate) {
        page.locator("input[type=file][capture]").first().setInputFiles(plate.photo(page));
        page.getByText("Reading the plate").waitFor();
        page.getByText("Read the plate off a photo").waitFor();
        return page.getByText("The plate seems to say this")
                .locator("xpath=..")
                .or(page.getByText("Nothing can be made out"));
    }
}
