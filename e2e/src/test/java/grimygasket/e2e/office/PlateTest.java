package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Plate;
import grimygasket.e2e.browser.PlateReading;
import org.testng.annotations.Test;

/** The rating plate is read off a photo, on the device, and nothing of it is taken unasked. */
public class PlateTest extends BrowserTest {
    @Test
    public void whatThePlateSaysIsProposedAndTakenByATap() {
        var page = PlateReading.correcting(chromium, installation);
        var said = PlateReading.read(page, Plate.drawn(0, 20));
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
