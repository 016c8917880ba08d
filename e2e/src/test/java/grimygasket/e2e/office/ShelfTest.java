package grimygasket.e2e.office;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.MultiFormatWriter;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** The list of parts, what is on which van, and what is to be ordered. */
public class ShelfTest extends BrowserTest {
    private static void find(Page page, String text) {
        page.getByLabel("Find a part").fill(text);
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

        button(page, "Order from Quay Trade Counter").click();
        assertThat(sheet).containsText("no order leaves this house");
        Axe.assertClean(page, "order");
        sheet.getByText("Order", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(wanted).hasCount(0);
        var order = page.getByLabel("On order")
                .getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText(number));
        assertThat(order).containsText("Simulated supplier");
        assertThat(order.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(number)))
                .containsText("2 to come");
        order.getByText("It has come").click();
        sheet.getByLabel("Come of " + number, new Locator.GetByLabelOptions().setExact(true))
                .fill("2");
        Axe.assertClean(page, "arrived");
        button(page, "Save").last().click();
        assertThat(sheet).hasCount(0);
        assertThat(wanted).hasCount(0);
        page.getByText("Parts", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(parts(page)).containsText("2 on your van, 3 elsewhere");
    }

    @Test
    public void aListComesInLineByLineAndGoesOutWhole() throws IOException {
        var page = chromium.signedIn(installation, Size.DESK, "/shelf");
        var csv =
                "number,name,price,kind,part\nZZ-1,Clip,1.90,dishwasher,hose-clip\nZZ-2,Clip,cheap,dishwasher,hose-clip\n";
        page.getByLabel("Import a CSV")
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

    /** As a camera sees it: grey, and with something round it. */
    private static byte[] photoOf(String code, BarcodeFormat format) throws Exception {
        var modules = new MultiFormatWriter().encode(code, format, 420, 160);
        var photo = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < photo.getWidth(); x++) {
            for (int y = 0; y < photo.getHeight(); y++) {
                boolean on = x >= 110 && x < 530 && y >= 160 && y < 320;
                photo.setRGB(x, y, !on ? 0xB0A890 : modules.get(x - 110, y - 160) ? 0x303030 : 0xE0E0E0);
            }
        }
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(photo, "jpeg", bytes);
        return bytes.toByteArray();
    }

    @Test
    public void aPacketIsScannedOnACallAndAnOrderedPartSaysWhenItIsThere() throws Exception {
        var call = CallPage.add(chromium.signedIn(installation, Size.PHONE), "Dishwasher", "Pump is dead");
        var page = call.page();
        call.sees("Water stands in the bottom");
        choose(page, "Replace the drain pump");
        var camera = page.getByLabel("Scan a barcode");
        camera.setInputFiles(new FilePayload("other.jpg", "image/jpeg", photoOf("RV-20", BarcodeFormat.CODE_128)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This is RV-20");
        camera.setInputFiles(new FilePayload("pump.jpg", "image/jpeg", photoOf("CV-DP30", BarcodeFormat.CODE_128)));
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        button(page, "Was ordered").click();
        assertThat(page.getByText("ordered", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        call.segment("Hand over");
        page.getByText("Come back another day").click();
        assertThat(page.getByText("Drain pump 30 W, quarter turn: on your van")).isVisible();
        page.navigate(installation.address() + "/calls/" + call.id());
        choose(page, "Replace the drain pump");
        button(page, "It has come: fitted from your van").click();
        assertThat(button(page, "It has come: fitted from your van")).hasCount(0);
    }

    @Test
    public void aPartIsFoundByPhotoOrByScanner() throws Exception {
        var page = chromium.signedIn(installation, Size.PHONE, "/shelf");
        parts(page).getByText("Return valve").first().click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByText("Change the part").click();
        var code = sheet.getByLabel("Barcode on its packet");
        code.fill("6291041500214");
        button(page, "Save the part").click();
        assertThat(sheet).containsText("The last digit does not go with the others");
        code.fill("6291041500213");
        button(page, "Save the part").click();
        assertThat(sheet).hasCount(0);

        var camera = page.getByLabel("Scan a barcode");
        camera.setInputFiles(
                new FilePayload("photo.jpg", "image/jpeg", photoOf("6291041500213", BarcodeFormat.EAN_13)));
        assertThat(sheet).containsText("Return valve");
        page.keyboard().press("Escape");
        // A label of one's own.
        camera.setInputFiles(new FilePayload("label.jpg", "image/jpeg", photoOf("CV-DP30", BarcodeFormat.CODE_128)));
        assertThat(sheet).containsText("Drain pump");
        page.keyboard().press("Escape");
        // A scanner types, and ends with Enter.
        page.getByLabel("Find a part").fill("6291041500213");
        page.getByLabel("Find a part").press("Enter");
        assertThat(sheet).containsText("Return valve");
        page.keyboard().press("Escape");
        var nothing = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB), "png", nothing);
        camera.setInputFiles(new FilePayload("wall.png", "image/png", nothing.toByteArray()));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No barcode can be read in this photo");
    }
}
